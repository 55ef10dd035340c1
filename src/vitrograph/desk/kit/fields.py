"""The few kinds of field a bench card asks with. Each emits `edited` with a value the core takes."""

from collections.abc import Callable, Sequence
from math import degrees, radians

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QHBoxLayout,
    QLabel,
    QPlainTextEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from vitrograph.core.errors import LengthError
from vitrograph.core.glass import parse_readings
from vitrograph.core.language import decimals, tr
from vitrograph.core.units import MM_PER_IN, Unit, format_number, parse_length, parse_minutes, parse_number
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import DropDown, Line, take_typed
from vitrograph.desk.kit.terms import explained
from vitrograph.desk.kit.wrapping import Sentence, WordyButton, Wrapping


def label(text: str, role: str = "", *, scale: float = 1.0, bold: bool = False) -> QLabel:
    """A wrapped label in one of the theme's roles."""
    made = Sentence(text)
    made.setFont(theme.font(scale, bold=bold))
    if role:
        made.setProperty("role", role)
    return made


def restyle(widget: QWidget, name: str, value: object) -> None:
    """Change a property that the theme chooses a widget's look by."""
    if widget.property(name) != value:
        widget.setProperty(name, value)
        widget.style().polish(widget)


def in_a_row(*widgets: QWidget) -> QWidget:
    """Widgets side by side, all as wide as each other where there is room."""
    return Wrapping(widgets, len(widgets), 2 * theme.STEP)


def drop_down(name: str, title: str) -> QComboBox:
    """A drop-down list that asks for no more room than there is, however long its words are."""
    made = named(DropDown(), name)
    made.setAccessibleName(title)
    made.setFont(theme.font())
    made.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    made.setMinimumContentsLength(8)
    return made


def chooser(name: str, title: str, choices: dict[str, str]) -> QComboBox:
    """A drop-down list of choices, their values kept beside the words."""
    made = drop_down(name, title)
    for value, words in choices.items():
        made.addItem(words, value)
    return made


class Column(QWidget):
    """Widgets one above the other, `gap` px apart, with so much room below."""

    def __init__(self, gap: int, below: int = 0) -> None:
        super().__init__()
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(0, 0, 0, below)
        self._column.setSpacing(gap)

    def stack(self, *widgets: QWidget) -> None:
        """Add widgets below what there is."""
        for widget in widgets:
            self._column.addWidget(widget)


def show_quietly(box: QPlainTextEdit, text: str) -> None:
    """Show a text as if nobody had typed it."""
    box.blockSignals(True)
    box.setPlainText(text)
    box.blockSignals(False)


def as_button(made: QPushButton) -> QPushButton:
    """A push button as all of them are written here."""
    made.setFont(theme.font())
    made.setAutoDefault(False)                                # in a dialog, Return in a field must not press a button
    return made


def button(text: str, role: str = "", tip: str = "", *, wordy: bool = False) -> QPushButton:
    """A push button in one of the theme's roles; the words of a `wordy` one go on in a second line."""
    made = as_button(WordyButton(text) if wordy else QPushButton(text))
    if role:
        made.setProperty("role", role)
    if role == "choice":                                      # a click must not take the keyboard from the steps
        made.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        made.pressed.connect(take_typed)                      # nor may it lose what is being typed
    if tip:
        made.setToolTip(tip)
    return made


def explain(title: str, *fields: QWidget) -> None:
    """Let fields tell what the word of the trade in their title means, to the pointer and to a screen reader."""
    told = explained(title)
    for field in fields:
        field.setToolTip(told)
        field.setAccessibleDescription(told)


class Field(QWidget):
    """A named line of input with room below for one sentence when what was typed cannot be read.

    One that may be `empty` says so in these words while it is, and emits None.
    """

    edited = Signal(object)

    def __init__(self, title: str, name: str, read: Callable[[str], object], *, suffix: str = "",
                 empty: str = "") -> None:
        super().__init__()
        self.setObjectName(f"{name}Field")
        self._read, self._may_be_empty = read, bool(empty)
        self._shown = ""
        self.line = named(Line(), name)
        self.line.setPlaceholderText(empty)
        self.line.setAccessibleName(title)
        self.line.setFont(theme.font())
        self._title = label(title)
        self._title.setBuddy(self.line)
        explain(title, self, self.line)
        self._suffix = label(suffix, "quiet")
        self._suffix.setWordWrap(False)
        self._wrong = label("", "error", scale=0.9)
        self._wrong.hide()
        row = QHBoxLayout()
        row.setSpacing(2 * theme.STEP)
        row.addWidget(self._title, 1)
        row.addWidget(self.line)
        row.addWidget(self._suffix)
        self.line.setFixedWidth(self.line.fontMetrics().horizontalAdvance("0000 00/00 in") + 12)
        self._suffix.setFixedWidth(self._suffix.fontMetrics().horizontalAdvance("mm/s"))
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(theme.STEP)
        column.addLayout(row)
        column.addWidget(self._wrong)
        self.line.editingFinished.connect(self._finish)

    def show_text(self, text: str) -> None:
        """Show a value, unless the maker is in the middle of typing another."""
        if text != self._shown or not self.line.hasFocus():
            self.line.setText(text)
        self._shown = text
        self.complain("")

    def complain(self, sentence: str) -> None:
        """Show what is wrong with what was typed, or clear it."""
        if sentence == self._wrong.text():
            return
        self._wrong.setText(sentence)
        self._wrong.setVisible(bool(sentence))
        restyle(self.line, "wrong", bool(sentence))

    def set_title(self, title: str) -> None:
        """Rename the field."""
        self._title.setText(title)
        self.line.setAccessibleName(title)

    def set_suffix(self, text: str) -> None:
        """The unit shown after the field."""
        self._suffix.setText(text)

    def _finish(self) -> None:
        text = self.line.text()
        if text == self._shown:
            self.complain("")
            return
        try:
            value = None if self._may_be_empty and not text.strip() else self._read(text)
        except (LengthError, ValueError) as error:
            only = "" if ";" in text else tr("reading {number}: {error}", number=1, error="")
            self.complain(str(error).removeprefix(only))
            return
        self.complain("")
        self._shown = text
        self.edited.emit(value)


class LengthField(Field):
    """A length in the maker's unit; any unit or fraction may be typed."""

    def __init__(self, title: str, name: str, *, least: float | None = None, empty: str = "") -> None:
        super().__init__(title, name, self._parse, suffix="mm", empty=empty)
        self._unit: Unit = "mm"
        self._least = least

    def show_mm(self, mm: float | None, unit: Unit) -> None:
        """Show a length, or nothing."""
        self._unit = unit
        self.set_suffix(unit)
        digits = 2 if unit == "mm" else 3
        self.show_text("" if mm is None else format_number(mm, unit, digits=digits).replace("\u2212", "-"))

    def _parse(self, text: str) -> float:
        mm = parse_length(text, self._unit)
        if self._least is not None and mm < self._least:
            raise LengthError(tr("it must be more than 0") if self._least > 0 else tr("it cannot be less than 0"))
        return mm


class ReadingsField(LengthField):
    """One length, or several readings of it parted by semicolons; emits a tuple."""

    def _parse(self, text: str) -> tuple[float, ...]:      # type: ignore[override]
        return parse_readings(text, self._unit)


class NumberField(Field):
    """A plain number with a unit of its own, times a factor to the core's unit."""

    def __init__(self, title: str, name: str, *, suffix: str, factor: float = 1.0, whole: bool = False,
                 empty: str = "") -> None:
        super().__init__(title, name, self._parse, suffix=suffix, empty=empty)
        self._factor, self._whole = factor, whole

    def show_number(self, value: float | None) -> None:
        """Show a value given in the core's unit, or nothing."""
        shown = (value or 0.0) / self._factor
        self.show_text("" if value is None else f"{shown:.0f}" if self._whole else
                       decimals(f"{shown:.2f}".rstrip("0").rstrip(".")))

    def _parse(self, text: str) -> float:
        number = parse_number(text.strip().rstrip("°%"))
        return round(number) if self._whole else number * self._factor


class MinutesField(NumberField):
    """A time in minutes, which may be typed as a clock shows it."""

    def __init__(self, title: str, name: str) -> None:
        super().__init__(title, name, suffix="min")

    def _parse(self, text: str) -> float:
        return parse_minutes(text)


class AreaField(NumberField):
    """An area in the maker's unit, in mm² for the core."""

    def __init__(self, title: str, name: str) -> None:
        super().__init__(title, name, suffix="mm²")

    def show_area(self, mm2: float, unit: Unit) -> None:
        """Show an area, and take what is typed in that unit from now on."""
        self._factor = MM_PER_IN**2 if unit == "in" else 1.0
        self._suffix.setText(f"{unit}²")
        self.show_text(format_number(mm2, digits=2) if unit == "mm"
                       else decimals(f"{mm2 / self._factor:.4f}".rstrip("0")))


class SpeedField(NumberField):
    """A speed in the maker's unit a second, in mm a second for the core."""

    def __init__(self, title: str, name: str) -> None:
        super().__init__(title, name, suffix="mm/s")

    def show_speed(self, mm: float, unit: Unit) -> None:
        """Show a speed, and take what is typed in that unit from now on."""
        self._factor = MM_PER_IN if unit == "in" else 1.0
        self._suffix.setText(f"{unit}/s")
        self.show_number(mm)


class AngleField(NumberField):
    """Degrees for the maker, radians for the core."""

    def __init__(self, title: str, name: str) -> None:
        super().__init__(title, name, suffix="°", factor=radians(1))

    def show_radians(self, angle: float) -> None:
        """Show an angle."""
        self.show_text(f"{degrees(angle):.1f}".rstrip("0").rstrip(".").replace("-0", "0") if abs(angle) < 1e-9
                       else decimals(f"{degrees(angle):.1f}".rstrip("0").rstrip(".")))


class ChoiceRow(QWidget):
    """A few choices side by side, in more rows where they are too wide; one of them taken. Arrow keys move in them."""

    edited = Signal(object)

    def __init__(self, title: str, name: str, choices: Sequence[tuple[object, str]], columns: int = 4) -> None:
        super().__init__()
        self.setObjectName(name)
        self.setAccessibleName(title)
        explain(title, self)
        self._values = [value for value, _ in choices]
        self._group = QButtonGroup(self)
        for index, (value, text) in enumerate(choices):
            made = button(text, "choice")
            made.setObjectName(f"{name}_{value}")
            made.setAccessibleName(f"{title}: {text}" if title else text)
            made.setCheckable(True)
            self._group.addButton(made, index)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(theme.STEP)
        if title:
            column.addWidget(label(title))
        self._row = Wrapping(self._group.buttons(), columns, 0)
        column.addWidget(self._row)
        self._group.idClicked.connect(lambda index: self.edited.emit(self._values[index]))

    def chosen(self) -> object:
        """The choice taken, None if none is yet."""
        at = self._group.checkedId()
        return self._values[at] if at >= 0 else None

    def offer(self, value: object, offered: bool) -> None:
        """Show a choice or leave it out."""
        self._group.button(self._values.index(value)).setVisible(offered)
        self._row.refresh()

    def show_choice(self, value: object) -> None:
        """Mark the choice taken."""
        self._group.button(self._values.index(value)).setChecked(True)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        step = {int(Qt.Key.Key_Left): -1, int(Qt.Key.Key_Right): 1}.get(event.key())
        if step is None:
            return super().keyPressEvent(event)
        index = (self._group.checkedId() + step) % len(self._values)
        self._group.button(index).click()
        self._group.button(index).setFocus()
        return None
