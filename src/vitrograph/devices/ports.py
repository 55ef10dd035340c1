"""Ways to a cutter: TCP, a serial port, a file or device file. Each is opened, written to, read from and closed."""

import fcntl
import os
import select
import socket
from abc import ABC, abstractmethod
from contextlib import suppress
from pathlib import Path

from vitrograph.core.cut.files.hpgl import BEGIN
from vitrograph.core.errors import CutterError
from vitrograph.core.language import tr
from vitrograph.core.storing.whole import reason
from vitrograph.core.units import parse_whole

_PATIENCE_S = 5.0                  # for a port to open
_TAKES_S = 30.0                    # for a full buffer to take more: a long cut goes on meanwhile
_BAUD = 9600
_CUTS = BEGIN[0].encode("ascii")   # what a file of cuts begins with: no other is written over
_PIECE = 512                       # bytes written at a time


class Port(ABC):
    """One way to a cutter. `answers` is whether anything can come back by it.

    All raise CutterError with a sentence that says what is wrong with the port, and what to do.
    """

    answers = True

    @abstractmethod
    def write(self, data: bytes) -> None:
        """Send bytes, waiting while the cutter's buffer is full."""

    @abstractmethod
    def read(self, seconds: float) -> bytes:
        """What has come back, waiting so long at most for a first byte; none where nothing came."""

    @abstractmethod
    def close(self) -> None:
        """Let the port go; it may be closed twice."""


class TcpPort(Port):
    """A cutter, or the simulated one, on the network."""

    def __init__(self, host: str, number: int) -> None:
        self._where = f"tcp:{host}:{number}"
        try:
            self._socket = socket.create_connection((host, number), timeout=_PATIENCE_S)
        except OSError as error:
            raise CutterError(tr("no cutter answers at {where} ({reason}): is it on, and the number right?",
                                 where=self._where, reason=reason(error))
                              ) from None
        self._socket.settimeout(_TAKES_S)

    def write(self, data: bytes) -> None:
        try:
            self._socket.sendall(data)
        except OSError as error:
            raise CutterError(tr("the line to {where} broke ({reason})", where=self._where,
                                 reason=reason(error))) from None

    def read(self, seconds: float) -> bytes:
        try:
            ready, _, _ = select.select([self._socket], [], [], seconds)
            data = self._socket.recv(4096) if ready else None
        except OSError as error:
            raise CutterError(tr("the line to {where} broke ({reason})", where=self._where,
                                 reason=reason(error))) from None
        if data == b"":
            raise CutterError(tr("the line to {where} was closed from the other end", where=self._where))
        return data or b""

    def close(self) -> None:
        self._socket.close()


class SerialPort(Port):
    """A cutter on a serial port, with the flow control its cable has (XON/XOFF and RTS/CTS are both taken)."""

    def __init__(self, path: str, baud: int = _BAUD) -> None:
        import serial  # type: ignore[import-untyped]

        self._where = f"serial:{path}"
        try:
            self._port = serial.Serial(path, baud, timeout=0, write_timeout=_TAKES_S, xonxoff=True, exclusive=True)
        except (OSError, ValueError) as error:
            raise CutterError(tr("{where} could not be opened ({reason}): is the cable in, and may you use the port?",
                                 where=self._where, reason=_why(error))) from None

    def write(self, data: bytes) -> None:
        try:
            for at in range(0, len(data), _PIECE):
                self._port.write(data[at: at + _PIECE])
        except OSError as error:
            raise CutterError(tr("{where} takes no more ({reason})", where=self._where, reason=_why(error))) from None

    def read(self, seconds: float) -> bytes:
        try:
            self._port.timeout = seconds
            return bytes(self._port.read(1) + self._port.read(self._port.in_waiting))
        except OSError as error:
            raise CutterError(tr("the line to {where} broke ({reason})", where=self._where,
                                 reason=_why(error))) from None

    def close(self) -> None:
        self._port.close()


class FilePort(Port):
    """A file that is written, or a device file such as a printer's; nothing comes back."""

    answers = False

    def __init__(self, path: Path) -> None:
        try:
            if _holds_other(path):
                raise CutterError(tr("{path} is there already and holds no cuts: choose another name", path=path))
            # a pipe without a reader, or a line without a carrier, would hold up the one that opens it
            self._file = os.open(path, os.O_WRONLY | os.O_CREAT | os.O_NOCTTY | os.O_NONBLOCK, 0o644)
        except OSError as error:
            raise CutterError(tr("{path} cannot be written ({reason}): choose another", path=path,
                                 reason=reason(error))) from None
        self._path, self._open = path, True
        self._have_alone()

    def _have_alone(self) -> None:
        """Begin the file anew, unless another program cuts by it: two films' words in each other spoil both."""
        try:
            fcntl.flock(self._file, fcntl.LOCK_EX | fcntl.LOCK_NB)
        except BlockingIOError:
            self.close()
            raise CutterError(tr("{path} is in use: another window or program is cutting by it", path=self._path)
                              ) from None
        except OSError:                                        # what cannot be locked is cut by all the same
            pass
        with suppress(OSError):
            os.ftruncate(self._file, 0)                        # a device has no length

    def write(self, data: bytes) -> None:
        try:
            while data:
                _, ready, _ = select.select([], [self._file], [], _TAKES_S)
                if not ready:
                    raise CutterError(tr("{path} has taken nothing for {seconds:.0f} s: is the cutter on, and ready?",
                                         path=self._path, seconds=_TAKES_S))
                with suppress(BlockingIOError):
                    data = data[os.write(self._file, data[:_PIECE]):]
        except OSError as error:
            raise CutterError(tr("{path} takes no more ({reason}): make room", path=self._path,
                                 reason=reason(error))) from None

    def read(self, seconds: float) -> bytes:
        return b""

    def close(self) -> None:
        if self._open:
            os.close(self._file)
            self._open = False


def _holds_other(path: Path) -> bool:
    """Whether a file is there that was not written for a cutter. Raises OSError."""
    if not path.is_file():
        return False
    with path.open("rb") as there:
        return there.read(len(_CUTS)) not in (_CUTS, b"")


def open_port(where: str) -> Port:
    """The port named `tcp:HOST:PORT`, `serial:PATH[@BAUD]` or `file:PATH`. Raises CutterError."""
    kind, _, rest = where.partition(":")
    if kind == "tcp":
        host, _, number = rest.rpartition(":")
        port = parse_whole(number, 65535, 1)
        if not host or port is None:
            raise CutterError(tr("'{where}': a host and a number up to 65535 were wanted, as in tcp:localhost:9100",
                                 where=where[:60]))
        return TcpPort(host, port)
    if kind == "serial" and rest:
        path, _, speed = rest.partition("@")
        baud = parse_whole(speed, 4_000_000, 50) if speed else _BAUD
        if baud is None:
            raise CutterError(tr("'{where}': a speed like 9600 was wanted after the @", where=where[:60]))
        return SerialPort(path, baud)
    if kind == "file" and rest:
        return FilePort(Path(rest))
    raise CutterError(tr("'{where}' is no way to a cutter: tcp:HOST:PORT, serial:PATH or file:PATH was wanted",
                         where=where[:60]))


def _why(error: BaseException) -> str:
    """Why a serial port failed: the system's own words, which pyserial wraps in its own."""
    if isinstance(error, OSError) and error.errno:
        return reason(OSError(error.errno, os.strerror(error.errno)))
    return str(error).split("\n")[0][:80]
