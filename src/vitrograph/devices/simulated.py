"""The simulated cutter as a machine of its own: it is spoken to over TCP or a pseudo-terminal, as real ones are.

It has a small buffer, takes its time (a speed, and an acceleration that makes short lines slow), trails its blade,
may have a worn one that skips acute corners, and may lose its power at a chosen moment. What its blade cut is kept.
"""

import os
import socket
import tty
from collections.abc import Callable
from math import radians, sqrt
from time import sleep

import numpy as np
from msgspec import Struct, field

from vitrograph.core.cut import trail
from vitrograph.core.cut.files.hpgl import ABORT
from vitrograph.core.errors import CutterError
from vitrograph.core.geometry import Points
from vitrograph.core.language import tr
from vitrograph.devices.cutter import CutTrace, Reader

_STEP_MM = 0.1                     # the tip is told so closely
_SKIPS_RAD = radians(140)          # a worn blade does not follow a corner that turns more
_SKIP_MM = 0.4                     # and leaves so much uncut about it


class Habits(Struct, frozen=True):
    """How the machine is: mm/s, mm/s², how many times faster than real it runs, bytes it holds, and its blade.

    `power_mm` is how far it moves before its power goes; boundless for never. `heading` is how the blade points first.
    """

    speed: float = 60.0
    acceleration: float = 2000.0
    faster: float = 1.0
    buffer: int = 1024
    offset: float = 0.25
    worn: bool = False
    power_mm: float = float("inf")
    heading: float = 0.0


class PowerCut(CutterError):
    """The machine's power is gone."""


class SimulatedCutter(Struct):
    """The machine: bytes go in, answers come out, and its blade cuts."""

    habits: Habits = Habits()
    _reader: Reader = field(default_factory=Reader)
    _worked_mm: float = 0.0

    def take(self, data: bytes) -> bytes:
        """Obey what came, in the time it takes, and return what it answers. Raises CutterError, PowerCut."""
        if ABORT in data:
            data = data.rpartition(ABORT)[2]
            self._reader.forget()
        answers = b""
        for command in self._reader.commands(data.decode("latin-1")):
            if command == "OA":
                x, y = np.rint(self._reader.at).astype(int)
                answers += f"{x},{y},{int(self._reader.down)}\r".encode()
            elif command == "OI":
                answers += b"SIMULATED\r"
            self._work()
        return answers

    def _work(self) -> None:
        """Take the time of what was moved since, and stop where the power goes."""
        new = self._reader.moved_mm - self._worked_mm
        if new <= 0:
            return
        self._worked_mm += new
        habits = self.habits
        ramp = habits.speed**2 / habits.acceleration
        seconds = new / habits.speed + habits.speed / habits.acceleration if new > ramp else 2 * sqrt(
            new / habits.acceleration)
        sleep(seconds / habits.faster)
        if self._worked_mm > habits.power_mm:
            raise PowerCut("the power went")

    @property
    def trace(self) -> CutTrace:
        """Where the pivot went, blade down and blade up, mm."""
        return self._reader.trace

    def cut(self) -> list[Points]:
        """What the blade's tip cut, (n, 2) lines in mm: trailing its pivot, and without what a worn one skips."""
        heading, made = self.habits.heading, []
        for path in self.trace.cuts:
            fine = _finely(path)
            tip, heading = trail(fine, self.habits.offset, heading)
            made += _skipping(tip) if self.habits.worn else [tip]
        return made


def _finely(path: Points) -> Points:
    """A path with points close enough to tell the tip's way by."""
    steps = np.diff(path, axis=0)
    many = np.maximum(1, np.ceil(np.hypot(steps[:, 0], steps[:, 1]) / _STEP_MM)).astype(int)
    of = np.repeat(np.arange(len(steps)), many)
    share = (np.arange(len(of)) - np.repeat(np.cumsum(many) - many, many)) / many[of]
    return np.concatenate([path[:-1][of] + share[:, None] * steps[of], path[-1:]])


def _skipping(tip: Points) -> list[Points]:
    """A line without what lies about corners that turn sharply back."""
    kept = tip[np.concatenate([[True], np.hypot(*np.diff(tip, axis=0).T) > 1e-3])]
    way = np.diff(kept, axis=0)
    angle = np.arctan2(way[:, 1], way[:, 0])
    ahead = max(1, round(2 * _SKIP_MM / _STEP_MM))
    turns = np.abs((angle[ahead:] - angle[:-ahead] + np.pi) % (2 * np.pi) - np.pi)
    corners = kept[np.flatnonzero(turns > _SKIPS_RAD) + ahead // 2]
    skipped = np.zeros(len(kept), dtype=bool)
    for corner in corners:
        skipped |= np.hypot(*(kept - corner).T) < _SKIP_MM
    runs = np.split(np.arange(len(kept)), np.flatnonzero(np.diff(skipped)) + 1)
    return [kept[run] for run in runs if len(run) > 1 and not skipped[run[0]]]


def serve_tcp(number: int, habits: Habits, told: Callable[[str], None]) -> SimulatedCutter:
    """Be a cutter on a TCP port of this computer until who speaks to it is done; what it cut is in the machine.

    Port 0 takes a free one; `told` hears where it is. Raises CutterError where the port cannot be had.
    """
    machine = SimulatedCutter(habits)
    try:
        server = socket.create_server(("127.0.0.1", number))
    except OSError as error:
        raise CutterError(tr("port {number} cannot be had ({strerror}): choose another", number=number,
                             strerror=os.strerror(error.errno or 0).lower())
                          ) from None
    with server:
        told(f"tcp:127.0.0.1:{server.getsockname()[1]}")
        line, _ = server.accept()
        with line:
            line.setsockopt(socket.SOL_SOCKET, socket.SO_RCVBUF, habits.buffer)
            _serve(machine, lambda: line.recv(habits.buffer), line.sendall)
    return machine


def serve_pty(habits: Habits, told: Callable[[str], None]) -> SimulatedCutter:
    """The same on a pseudo-terminal: to be driven as a serial port is."""
    machine = SimulatedCutter(habits)
    ours, theirs = os.openpty()
    tty.setraw(theirs)
    told(f"serial:{os.ttyname(theirs)}")
    try:
        _serve(machine, lambda: os.read(ours, habits.buffer), lambda data: [os.write(ours, data)])
    finally:
        os.close(ours)
        os.close(theirs)
    return machine


def _serve(machine: SimulatedCutter, read: Callable[[], bytes], write: Callable[[bytes], object]) -> None:
    """Obey what is read until its end, or until the pen is put away (SP0) over a line that has none."""
    while True:
        try:
            data = read()
            if not data:
                return
            answer = machine.take(data)
            if answer:
                write(answer)
        except (PowerCut, OSError):
            return
        if b"SP0" in data:
            return


def as_svg(machine: SimulatedCutter) -> str:
    """What was cut, as lines in an SVG at true size."""
    lines = machine.cut()
    high = max((float(line[:, 1].max()) for line in lines), default=1.0)
    wide = max((float(line[:, 0].max()) for line in lines), default=1.0)
    data = "".join("M" + "L".join(f"{x:.3f} {high - y:.3f}" for x, y in line.tolist()) for line in lines)
    return (f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide:.3f}mm" height="{high:.3f}mm" '
            f'viewBox="0 0 {wide:.3f} {high:.3f}"><path d="{data}" fill="none" stroke="#000000" '
            'stroke-width="0.1"/></svg>\n')
