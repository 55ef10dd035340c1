"""A bell for clocks: a tone of its own through the system's player where there is one, else the screen's own beep."""

import io
import math
import shutil
import struct
import tempfile
from pathlib import Path

from PySide6.QtCore import QProcess
from PySide6.QtWidgets import QApplication

_PLAYERS = (("paplay",), ("pw-play",), ("aplay", "-q"))
_RATE, _TONES, _LONG_S = 22050, (880.0, 1174.7), 0.18


class Bell:
    """Rings at a volume from 0 (silent) to 1."""

    def __init__(self) -> None:
        self.volume = 0.7
        self.rung = 0
        self._player = next((player for player in _PLAYERS if shutil.which(player[0])), None)
        self._files: dict[float, Path] = {}

    def ring(self) -> None:
        """Once."""
        self.rung += 1
        if self.volume <= 0:
            return
        if self._player is None or not self._play():
            QApplication.beep()

    def _play(self) -> bool:
        try:
            if self.volume not in self._files:
                with tempfile.NamedTemporaryFile(suffix=".wav", prefix="vitrograph-bell-", delete=False) as file:
                    file.write(tone(self.volume))
                self._files[self.volume] = Path(file.name)
        except OSError:
            return False
        assert self._player is not None
        started = QProcess.startDetached(self._player[0], [*self._player[1:], str(self._files[self.volume])])
        return bool(started[0] if isinstance(started, tuple) else started)

    def close(self) -> None:
        """Take the tones away."""
        for path in self._files.values():
            path.unlink(missing_ok=True)
        self._files.clear()


def tone(volume: float) -> bytes:
    """Two notes as a WAV file; they fade in and out, so that nothing clicks."""
    import wave  # seldom wanted: the window opens sooner without it

    many = round(_RATE * _LONG_S)
    samples = [round(32767 * volume * math.sin(2 * math.pi * pitch * at / _RATE) * math.sin(math.pi * at / many))
               for pitch in _TONES for at in range(many)]
    out = io.BytesIO()
    with wave.open(out, "wb") as file:
        file.setnchannels(1)
        file.setsampwidth(2)
        file.setframerate(_RATE)
        file.writeframes(struct.pack(f"<{len(samples)}h", *samples))
    return out.getvalue()
