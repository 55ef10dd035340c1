"""Driving a cutter: a sheet's cuts are sent one after the other; what is cut already is always known.

After each path the cutter is asked where it is (HP-GL: OA), and answers once it is there. One that answers nothing is
driven by the flow of its line alone.
"""

import signal
from collections.abc import Callable, Sequence
from threading import Event
from time import monotonic

from msgspec import Struct

from vitrograph.core.cut import SheetRun
from vitrograph.core.cut.files.hpgl import ABORT, BEGIN, END, commands_of, program
from vitrograph.core.errors import CutterError
from vitrograph.core.geometry import Points, length_of
from vitrograph.core.language import tr
from vitrograph.core.says import Says
from vitrograph.core.units import parse_whole
from vitrograph.devices.ports import Port

ENDS = signal.SIGTERM, signal.SIGHUP, signal.SIGINT            # of a program: each waits for the blade
_FIRST_ANSWER_S = 3.0
_ANSWER_S = 20.0                   # beside the time the path takes
_LOOK_S = 0.05


class Place(Struct, frozen=True):
    """A path of a sheet by the numbers of its stencil and of its path in that, both from 1."""

    stencil: int
    path: int

    @classmethod
    def read(cls, text: str) -> "Place":
        """The place typed as STENCIL:PATH. Raises CutterError."""
        numbers = [parse_whole(word, 1_000_000, 1) for word in text.split(":")]
        if len(numbers) != 2 or numbers[0] is None or numbers[1] is None:
            raise CutterError(tr("two numbers like 3:12 were wanted, a stencil and its path, got '{text}'",
                                 text=text[:20]))
        return cls(numbers[0], numbers[1])

    @property
    def typed(self) -> str:
        """It as `read` reads it."""
        return f"{self.stencil}:{self.path}"

    def __str__(self) -> str:
        return tr("stencil {stencil}, path {path}", stencil=self.stencil, path=self.path)


class Sending(Struct, frozen=True):
    """How far it is: paths done of all, mm cut of all, and the places of the path that was cut last and of the next."""

    done: int
    of: int
    cut_mm: float
    of_mm: float
    last: Place | None
    next: Place | None

    @property
    def where(self) -> str:
        """Where it is, in words."""
        return tr("after {last}", last=self.last) if self.last else tr("before the first path")


class Control:
    """What the hand at the button says: pause, go on, stop."""

    def __init__(self) -> None:
        self._go, self._stop = Event(), Event()
        self._go.set()

    def pause(self) -> None:
        """Lift the blade after the path that is being cut, and wait."""
        self._go.clear()

    def go_on(self) -> None:
        """Cut on after a pause."""
        self._go.set()

    def stop(self) -> None:
        """Lift the blade at once and end."""
        self._stop.set()
        self._go.set()

    @property
    def stopped(self) -> bool:
        """Whether it was stopped."""
        return self._stop.is_set()

    @property
    def paused(self) -> bool:
        """Whether it waits."""
        return not self._go.is_set()

    def wait(self) -> None:
        """Wait while it is paused."""
        self._go.wait()


def places_of(run: SheetRun) -> list[Place]:
    """The place of each of a sheet's cuts, in order: stencils are numbered as they are begun."""
    numbers: dict[tuple[int, int, int], int] = {}
    counts: dict[int, int] = {}
    made = []
    for cut in run.cuts:
        stencil = numbers.setdefault(cut.whose, len(numbers) + 1)
        counts[stencil] = counts.get(stencil, 0) + 1
        made.append(Place(stencil, counts[stencil]))
    return made


def send(
    run: SheetRun, port: Port, start: Place | None = None, told: Callable[[Sending], None] = lambda sending: None,
    control: Control | None = None,
) -> Sending:
    """Send a sheet's cuts, from a place on, and return how far it came; the blade is up in the end.

    Raises CutterError, which says what is cut already and how to go on.
    """
    control = control or Control()
    places = places_of(run)
    first = 0 if start is None else _at(start, places)
    sending = Sending(first, len(places), 0.0, sum(length_of(tip) for tip in run.tips[first:]),
                      places[first - 1] if first else None, places[first] if places else None)
    line = _Line(port, run.choices.cut_speed)
    paths = run.led_from(first)
    try:
        line.say(*BEGIN)
        for path in run.setting:
            line.cut(path, control)
        for number in range(first, len(places)):
            control.wait()
            if control.stopped or not line.cut(paths[number - first], control):
                return sending
            sending = Sending(number + 1, len(places), sending.cut_mm + length_of(run.tips[number]), sending.of_mm,
                              places[number], places[number + 1] if number + 1 < len(places) else None)
            told(sending)
        return sending
    except CutterError as error:
        raise _broke(error, sending) from None
    finally:
        line.end(control)
        port.close()


def say_all(port: Port, text: str) -> None:
    """Send a short program whole, and let the port go. Raises CutterError."""
    try:
        port.write(text.encode("ascii"))
    finally:
        port.close()


def _at(start: Place, places: Sequence[Place]) -> int:
    if start not in places:
        most = places[-1].stencil if places else 0
        raise CutterError(tr("there is no {start}: the film has {n} stencils, and the last path is {path} of its last "
                             "one", "there is no {start}: the film has {n} stencil, and the last path is {path} of "
                             "its last one", start=start, n=most, path=places[-1].path))
    return places.index(start)


def _broke(error: CutterError, sending: Sending) -> CutterError:
    """What is wrong, what is cut already, and how to go on once it is mended."""
    if sending.next is None:
        return CutterError(Says("{wrong}; all was cut before", wrong=error.says))
    so_far = tr("{last} is the last that was cut", last=sending.last) if sending.last else tr("nothing was cut")
    place = sending.next.typed
    made = CutterError(Says("{wrong}; {so_far}: if the film has not moved, go on from {place}", wrong=error.says,
                            so_far=so_far, place=place))
    made.go_on = place
    return made


class _Line:
    """What is said to the cutter, and whether it answers."""

    def __init__(self, port: Port, speed: float) -> None:
        self._port, self._speed = port, speed
        self._answers: bool | None = None if port.answers else False

    def say(self, *commands: str) -> None:
        self._port.write(program(commands).encode("ascii"))

    def cut(self, points: Points, control: Control) -> bool:
        """Cut one path and wait until it is cut; whether it was, and not stopped meanwhile."""
        self.say(*commands_of(points), "PU")
        if self._answers is False:
            return not control.stopped
        self.say("OA")
        patience = _FIRST_ANSWER_S if self._answers is None else _ANSWER_S
        until = monotonic() + patience + 3 * length_of(points) / self._speed
        while monotonic() < until:
            if control.stopped:
                return False
            if self._port.read(_LOOK_S):
                self._answers = True
                return True
        if self._answers:
            raise CutterError(tr("the cutter answers no more"))
        self._answers = False
        return True

    def end(self, control: Control) -> None:
        """The blade up and at home; at once where it was stopped."""
        try:
            if control.stopped:
                self._port.write(ABORT)
                self.say("PU")
            self.say(*END)
        except CutterError:
            return                                             # what broke was told already
