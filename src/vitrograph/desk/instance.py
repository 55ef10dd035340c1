"""One program for all windows: a second start hands its file to the one that runs, which opens a window for it.

They speak over a socket in the user's own runtime folder, which no other user may read (XDG Base Directory
specification). A program that does not answer at once is left alone, and the second start goes on by itself.
"""

import os
import stat
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject

_WAIT_MS = 700
_MOST_BYTES = 8192
_DONE = b"taken\n"


def socket_place() -> Path | None:
    """Where the socket stands; None where the user has no runtime folder of their own, as the specification asks."""
    told = os.environ.get("XDG_RUNTIME_DIR", "")
    if not told or not Path(told).is_absolute():
        return None
    try:
        mine = Path(told).stat()
    except OSError:
        return None
    own = mine.st_uid == os.getuid() and not mine.st_mode & (stat.S_IRWXG | stat.S_IRWXO)
    return Path(told) / "vitrograph.socket" if own else None


def hand_over(word: str) -> bool:
    """Hand a file's path, or what else is to be opened, to a running program; whether it took it."""
    place = socket_place()
    if place is None or not place.exists():
        return False
    from PySide6.QtNetwork import QLocalSocket

    socket = QLocalSocket()
    socket.connectToServer(str(place))
    if not socket.waitForConnected(_WAIT_MS):
        return False
    socket.write(word.encode("utf-8", "surrogateescape") + b"\n")
    took = socket.waitForBytesWritten(_WAIT_MS) and socket.waitForReadyRead(_WAIT_MS)
    return took and bytes(socket.readAll().data()) == _DONE


def listen(parent: QObject, take: Callable[[str], object]) -> None:
    """Take what later starts hand over, for as long as the parent lives."""
    place = socket_place()
    if place is None:
        return
    from PySide6.QtNetwork import QLocalServer

    server = QLocalServer(parent)
    server.setSocketOptions(QLocalServer.SocketOption.UserAccessOption)
    if hand_over(""):                                          # another runs already
        return
    QLocalServer.removeServer(str(place))                      # one that was killed left its socket behind
    server.newConnection.connect(lambda: _serve(server, take))
    server.listen(str(place))


def _serve(server: QObject, take: Callable[[str], object]) -> None:
    from PySide6.QtNetwork import QLocalServer

    assert isinstance(server, QLocalServer)
    socket = server.nextPendingConnection()
    if socket is None:
        return

    def read() -> None:
        if not socket.canReadLine() and socket.bytesAvailable() < _MOST_BYTES:
            return
        word = bytes(socket.readLine(_MOST_BYTES).data()).rstrip(b"\n").decode("utf-8", "surrogateescape")
        socket.write(_DONE)
        socket.flush()
        socket.disconnectFromServer()
        take(word)

    socket.readyRead.connect(read)
    socket.disconnected.connect(socket.deleteLater)
