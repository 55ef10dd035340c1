"""The picture of the evening: a line a glass, hands shaded, cream in its own colour, now moving through it."""

from datetime import datetime

from PySide6.QtCore import QLineF, QPointF, QRectF, QSize, Qt
from PySide6.QtGui import QColor, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from vitrograph.core.etch import GlassWork, UnderClock
from vitrograph.core.language import capital, told_day, tr
from vitrograph.core.units import format_minutes
from vitrograph.core.work.evening import Begun, Slot
from vitrograph.desk.etch.keeper import EveningKeeper
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.painting import painting

_LEFT, _RIGHT, _FOOT = 12.0, 14.0, 30.0
_LINE_MIN, _LINE_MAX = 15.0, 58.0
_STEPS_S = (300, 600, 900, 1800, 3600, 7200, 14400, 43200)     # between the hours that are written
_CLOCK_HIGH = 84.0
_SHOWN_CLOCKS = 4
_LIST_HIGH, _LISTED = 24.0, 8
_CREAM = "#7FA9BC"


class EveningView(QWidget):
    """Paints what the keeper knows; takes no clicks, so that a gloved hand can spoil nothing."""

    def __init__(self, keeper: EveningKeeper) -> None:
        super().__init__()
        named(self, "eveningView")
        self.keeper = keeper
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setAccessibleName(tr("The evening: a line for each glass"))
        keeper.changed.connect(self.update)
        keeper.ticked.connect(self.update)

    def sizeHint(self) -> QSize:
        return QSize(480, 480)

    def paintEvent(self, event: QPaintEvent) -> None:
        with painting(self) as painter:
            painter.fillRect(self.rect(), QColor(theme.PAPER))
            painter.setPen(QColor(theme.PAPER_INK))
            painter.setFont(theme.font(0.95))
            evening = self.keeper.evening
            if evening is None:
                words = self.keeper.trouble or tr("the evening is being planned")
                painter.drawText(self.rect().adjusted(24, 24, -24, -24), Qt.AlignmentFlag.AlignCenter
                                 | Qt.TextFlag.TextWordWrap, capital(words))
                return
            top = self._paint_clocks(painter, self.keeper.clocks)
            self._paint_lines(painter, top, evening.glasses)

    # -- clocks --------------------------------------------------------------------------------------------------

    def _paint_clocks(self, painter: QPainter, clocks: tuple[UnderClock, ...]) -> float:
        """The clocks, largest of all; how far down they reach."""
        if not clocks:
            return 8.0
        shown = clocks[:_SHOWN_CLOCKS]
        columns = min(2, len(shown))
        wide = (self.width() - _LEFT - _RIGHT - 8.0 * (columns - 1)) / columns
        for number, clock in enumerate(shown):
            box = QRectF(_LEFT + (wide + 8.0) * (number % columns), 10 + (_CLOCK_HIGH + 8.0) * (number // columns),
                         wide, _CLOCK_HIGH)
            _paint_clock(painter, box, clock)
        foot = 10 + (_CLOCK_HIGH + 8.0) * ((len(shown) + columns - 1) // columns)
        if len(clocks) > len(shown):
            painter.setPen(QColor(theme.PAPER_INK))
            painter.drawText(QPointF(_LEFT, foot + 12), tr("and {clocks} more under cream",
                                                           clocks=len(clocks) - len(shown)))
            foot += 18
        return foot

    # -- lines ---------------------------------------------------------------------------------------------------

    def _paint_lines(self, painter: QPainter, top: float, glasses: tuple[GlassWork, ...]) -> None:
        live, evening = self.keeper.live, self.keeper.evening
        assert evening is not None
        slots = live.plan.evening.slots if live is not None else evening.plan.evening.slots
        begun = live.begun if live is not None else tuple(Begun() for _ in glasses)
        now, start = (live.now - live.origin, live.resumed - live.origin) if live is not None else (0.0, 0.0)
        end = max([slot.end for slot in slots] + [stand.end for stand in begun] + [now, start + 600.0])
        painter.setFont(theme.font(0.9, bold=True))
        names = max(painter.fontMetrics().horizontalAdvance(_short(glass.called)) for glass in glasses) + 14.0
        painter.setFont(theme.font(0.9))
        left = min(_LEFT + names, self.width() * 0.42)
        scale = (self.width() - left - _RIGHT) / (end - start)
        high = min(max((self.height() - top - _FOOT - 60) / len(glasses), _LINE_MIN), _LINE_MAX)
        shown = max(1, int((self.height() - top - _FOOT - 60) // high))
        first = self._first_shown(slots, len(glasses), shown)
        lines = QRectF(left, top + 22, self.width() - left - _RIGHT, high * min(shown, len(glasses)))
        self._paint_hours(painter, lines, start, end)
        for row, number in enumerate(range(first, min(first + shown, len(glasses)))):
            box = QRectF(left, top + 22 + high * row, lines.width(), high)
            mine = [slot for slot in slots if slot.glass == number]
            _paint_glass(painter, box, (start, end), glasses[number], mine, begun[number])
        if live is not None:
            x = left + (now - start) * scale
            painter.setPen(QPen(QColor(theme.PAPER_LEVELS["stop"]), 2.0))
            painter.drawLine(QLineF(x, top + 18, x, top + 22 + high * min(shown, len(glasses)) + 4))
        self._paint_words(painter, top, len(glasses), shown)
        foot = self._paint_legend(painter, lines.bottom() + 34)
        self._paint_coming(painter, foot + 10, slots)

    def _first_shown(self, slots: tuple[Slot, ...], many: int, shown: int) -> int:
        """Of more glasses than fit those about the one at hand are shown."""
        at = slots[0].glass if slots else 0
        return max(0, min(at - shown // 3, many - shown))

    def _when(self, at: float) -> str:
        """A time of the evening: by the wall's clock once it was begun, and before that by the hours since."""
        live = self.keeper.live
        if live is not None:
            return f"{datetime.fromtimestamp(live.origin + at):%H:%M}"
        return f"{at // 3600:.0f}:{at % 3600 // 60:02.0f}"

    def _day(self, at: float) -> str:
        """The day of a time of the evening, where it is another."""
        live = self.keeper.live
        day = None if live is None else _another_day(live.origin + at, live.now)
        return "" if day is None else f", {day}"

    def _paint_hours(self, painter: QPainter, box: QRectF, start: float, end: float) -> None:
        scale = box.width() / (end - start)
        step = next((step for step in _STEPS_S if step * scale > 62), _STEPS_S[-1])
        at = start
        while at <= end:
            x = box.left() + (at - start) * scale
            painter.setPen(QPen(QColor(theme.PAPER_GRID), 1))
            painter.drawLine(QLineF(x, box.top(), x, box.bottom()))
            painter.setPen(QColor(theme.PAPER_QUIET))
            words = self._when(at)
            if x + 3 + painter.fontMetrics().horizontalAdvance(words) < self.width():
                painter.drawText(QPointF(x + 3, box.bottom() + 16), words)
            at += step

    def _paint_legend(self, painter: QPainter, top: float) -> float:
        """What the shades mean; how far down it reaches."""
        x = _LEFT
        painter.setFont(theme.font(0.9))
        for words, tone in ((tr("hands at work"), theme.PAPER_INK), (tr("under cream"), _CREAM),
                            (tr("done"), theme.FILM)):
            painter.fillRect(QRectF(x, top + 2, 18, 10), QColor(tone))
            painter.setPen(QColor(theme.PAPER_QUIET))
            painter.drawText(QPointF(x + 24, top + 12), words)
            x += 40 + painter.fontMetrics().horizontalAdvance(words)
        return top + 16

    def _paint_coming(self, painter: QPainter, top: float, slots: tuple[Slot, ...]) -> None:
        """What the hands do next, as far as there is room for it."""
        live, evening = self.keeper.live, self.keeper.evening
        assert evening is not None
        room = int((self.height() - top - 30) // _LIST_HIGH)
        if room < 2:
            return
        painter.setFont(theme.font(1.05, bold=True))
        painter.setPen(QColor(theme.PAPER_INK))
        painter.drawText(QPointF(_LEFT, top + 16), tr("What comes next") if live is not None else tr("It begins with"))
        for number, slot in enumerate(slots[:min(room, _LISTED)]):
            glass = evening.glasses[slot.glass]
            y = top + 18 + _LIST_HIGH * (number + 1)
            painter.setFont(theme.font(1.0))
            painter.setPen(QColor(theme.PAPER_QUIET))
            painter.drawText(QPointF(_LEFT, y), self._when(slot.start))
            painter.setPen(QColor(theme.PAPER_INK))
            words = f"{glass.called}: {glass.chain.tasks[slot.task].name}{self._day(slot.start)}"
            shown = painter.fontMetrics().elidedText(words, Qt.TextElideMode.ElideMiddle, int(self.width() - 86))
            painter.drawText(QPointF(_LEFT + 56, y), shown)

    def _paint_words(self, painter: QPainter, top: float, many: int, shown: int) -> None:
        live, evening = self.keeper.live, self.keeper.evening
        assert evening is not None
        if live is None:
            words = tr("{n} glasses, {time} in all", "{n} glass, {time} in all", n=many,
                       time=in_hours(evening.plan.evening.makespan))
        else:
            words = tr("done {when}", when=when_told(live.done_at, live.now)) + (tr(", paused") if live.paused else "")
        if many > shown:
            words += tr("; {shown} of {many} shown", shown=shown, many=many)
        painter.setPen(QColor(theme.PAPER_INK))
        painter.setFont(theme.font(1.05, bold=True))
        painter.drawText(QPointF(_LEFT, top + 14), capital(words))


def when_told(at: float, now: float) -> str:
    """When something will be, by the wall's clock, seconds since 1970, and on what day where that is another."""
    day, clock = _another_day(at, now), datetime.fromtimestamp(at)
    return tr("at {at:%H:%M}", at=clock) if day is None else tr("{day} at {at:%H:%M}", day=day, at=clock)


def _another_day(at: float, now: float) -> str | None:
    """The day of a time where that is not today's."""
    day = datetime.fromtimestamp(at).date()
    apart = (day - datetime.fromtimestamp(now).date()).days
    return None if not apart else tr("tomorrow") if apart == 1 else tr("on {day}", day=told_day(day))


def in_hours(seconds: float) -> str:
    """A long time in words.

    >>> in_hours(8700.0), in_hours(600.0)
    ('2 h 25 min', '10 min')
    """
    hours, minutes = divmod(round(seconds / 60), 60)
    if hours:
        return tr("{hours} h {minutes} min", hours=hours, minutes=minutes)
    return tr("{minutes} min", minutes=minutes)


def _paint_clock(painter: QPainter, box: QRectF, clock: UnderClock) -> None:
    """One clock: whose, the time left or how late, and what is done then."""
    ground = theme.STOP if clock.late else theme.WATCH if clock.left <= 0 else theme.BLACK_CARD
    ink = theme.ON_ACCENT if ground != theme.BLACK_CARD else theme.FROST
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(QColor(ground))
    painter.drawRoundedRect(box, 6, 6)
    painter.setPen(QColor(ink))
    painter.setFont(theme.font(1.05, bold=True))
    inside = box.adjusted(12, 6, -12, -6)
    name = painter.fontMetrics().elidedText(clock.name, Qt.TextElideMode.ElideMiddle, int(inside.width()))
    painter.drawText(inside, Qt.AlignmentFlag.AlignTop | Qt.AlignmentFlag.AlignLeft, name)
    painter.setFont(theme.font(1.0))
    says = painter.fontMetrics().elidedText(clock.says, Qt.TextElideMode.ElideRight, int(inside.width() * 0.6))
    painter.drawText(inside, Qt.AlignmentFlag.AlignBottom | Qt.AlignmentFlag.AlignLeft, says)
    painter.setFont(theme.font(3.0, bold=True))
    time = f"+{format_minutes(-clock.left)}" if clock.left <= -1 else format_minutes(max(0.0, clock.left))
    painter.drawText(inside.adjusted(0, 0, 0, 8), Qt.AlignmentFlag.AlignBottom | Qt.AlignmentFlag.AlignRight, time)
    painter.setFont(theme.font(0.95))


def _paint_glass(
    painter: QPainter, box: QRectF, shown: tuple[float, float], glass: GlassWork, slots: list[Slot], begun: Begun
) -> None:
    """One glass: what the hands do of it, what it waits for, and its time under cream, from one time to another."""
    scale = box.width() / (shown[1] - shown[0])

    def bar(start: float, end: float, thick: float, least: float, tone: QColor) -> None:
        left = box.left() + max(0.0, start - shown[0]) * scale
        wide = max(least, box.left() + (end - shown[0]) * scale - left)
        painter.fillRect(QRectF(left, middle - thick / 2, wide, thick), tone)

    middle = box.center().y()
    thick = min(box.height() * 0.62, 26.0)
    painter.setFont(theme.font(0.9, bold=bool(slots) and begun.done > 0))
    painter.setPen(QColor(theme.PAPER_QUIET if begun.out or not slots else theme.PAPER_INK))
    name = _short(glass.called) + (tr(" (broken)") if begun.out else "")
    beside = QRectF(_LEFT, box.top(), box.left() - _LEFT - 8, box.height())
    painter.drawText(beside, Qt.AlignmentFlag.AlignVCenter, name)
    painter.setPen(QPen(QColor(theme.PAPER_GRID), 1.4))
    painter.drawLine(QLineF(box.left(), middle, box.right(), middle))
    ended = begun.end if begun.done else None
    for slot in slots:
        task = glass.chain.tasks[slot.task]
        if task.timed and ended is not None:
            bar(ended, slot.start, thick, 1.0, QColor(_CREAM))
        bar(slot.start, slot.end, thick, 1.5, QColor(theme.PAPER_LEVELS["stop"] if slot.late > 0 else theme.PAPER_INK))
        ended = slot.end
    if begun.done:
        bar(0.0, begun.end, 4.0, 0.0, QColor(theme.FILM))


def _short(name: str) -> str:
    return name if len(name) <= 26 else f"{name[:12]}…{name[-12:]}"
