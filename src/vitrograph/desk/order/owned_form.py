"""The fields of one thing that is owned: a film, a cutter, a tape, a cream; and what is measured and worked with."""

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import Signal
from PySide6.QtGui import QColor, QIcon, QPixmap
from PySide6.QtWidgets import QColorDialog, QComboBox, QPushButton, QWidget

from vitrograph.core.errors import LengthError
from vitrograph.core.language import day_words, read_day, tr
from vitrograph.core.units import Unit
from vitrograph.core.value_words import TURNINGS
from vitrograph.core.workshop.owning import Kind
from vitrograph.desk.kit.fields import (
    ChoiceRow,
    Column,
    Field,
    LengthField,
    MinutesField,
    NumberField,
    SpeedField,
    as_button,
    drop_down,
    label,
)
from vitrograph.desk.kit.named import named
from vitrograph.desk.kit.steady import Line
from vitrograph.desk.kit.wrapping import Tick

FILM_KINDS = [("stencil", tr("stencil film")), ("removable", tr("removable")), ("permanent", tr("permanent")),
              ("shelf", tr("shelf liner"))]
_TOOLS = [("ruler", tr("ruler")), ("tape", tr("tape")), ("calipers", tr("calipers"))]
_SWATCH_PX = 16


def swatch(colour: str) -> QIcon:
    """A colour as a small square."""
    pixmap, made = QPixmap(_SWATCH_PX, _SWATCH_PX), QIcon()
    pixmap.fill(QColor(colour))
    for mode in (QIcon.Mode.Normal, QIcon.Mode.Selected):      # the style would tint it in the row chosen
        made.addPixmap(pixmap, mode)
    return made


class _DayField(Field):
    """A day, or none."""

    def __init__(self, title: str, name: str) -> None:
        super().__init__(title, name, self._parse)
        self.line.setPlaceholderText(tr("not known", "a day"))

    def show_day(self, day: str) -> None:
        """Show a day written as in ISO 8601, "" for none."""
        self.show_text(day_words(day) if day else "")

    def _parse(self, text: str) -> str:
        day = read_day(text) if text.strip() else ""
        if day is None:
            raise LengthError(tr("a day like {day} was wanted, got '{text}'", day=day_words("2026-11-28"),
                                 text=text.strip()[:20]))
        return day


class OwnedForm(Column):
    """Fields by the names of what they hold; `edited` carries a field's name and what it is to be."""

    edited = Signal(str, object)

    def __init__(self, called: str) -> None:
        super().__init__(gap=10)
        self._called = called
        self.fields: dict[str, QWidget] = {}
        self._show: dict[str, Callable[[Any, Unit], object]] = {}

    def show_values(self, value: Callable[[str], Any], unit: Unit) -> None:
        """Show what is held, asked for by the fields' names."""
        for name, show in self._show.items():
            show(value(name), unit)

    def _add(self, name: str, made: QWidget, show: Callable[[Any, Unit], object]) -> None:
        self.fields[name], self._show[name] = made, show
        self.stack(made)

    def _id(self, name: str) -> str:
        return f"{self._called}_{name}"

    def name(self) -> None:
        """The maker's own name for it."""
        made = named(Line(), self._id("name"))
        made.setAccessibleName(tr("Your name for it"))
        made.editingFinished.connect(lambda: self.edited.emit("name", made.text().strip()) if made.text().strip()
                                     else made.setText(made.property("held")))
        self.stack(label(tr("Your name for it")))

        def show(text: str, _unit: Unit) -> None:
            made.setProperty("held", text)
            made.setText(text)

        self._add("name", made, show)

    def length(self, name: str, title: str) -> None:
        """A length."""
        made = LengthField(title, self._id(name), least=0.0)
        made.edited.connect(lambda mm: self.edited.emit(name, mm))
        self._add(name, made, made.show_mm)

    def number(self, name: str, title: str, suffix: str = "", **how: Any) -> None:
        """A number; `how` it is shown and typed."""
        made = NumberField(title, self._id(name), suffix=suffix, **how)
        made.edited.connect(lambda value: self.edited.emit(name, value))
        self._add(name, made, lambda value, _unit: made.show_number(value))

    def minutes(self, name: str, title: str) -> None:
        """Minutes, also typed as a clock shows them."""
        made = MinutesField(title, self._id(name))
        made.edited.connect(lambda value: self.edited.emit(name, value))
        self._add(name, made, lambda value, _unit: made.show_number(value))

    def speed(self, name: str, title: str) -> None:
        """A speed."""
        made = SpeedField(title, self._id(name))
        made.edited.connect(lambda value: self.edited.emit(name, value))
        self._add(name, made, made.show_speed)

    def day(self, name: str, title: str) -> None:
        """A day."""
        made = _DayField(title, self._id(name))
        made.edited.connect(lambda value: self.edited.emit(name, value))
        self._add(name, made, lambda value, _unit: made.show_day(value))

    def choice(self, name: str, title: str, choices: list[tuple[Any, str]], columns: int = 2) -> None:
        """One of a few."""
        made = ChoiceRow(title, self._id(name), choices, columns=columns)
        made.edited.connect(lambda value: self.edited.emit(name, value))
        self._add(name, made, lambda value, _unit: made.show_choice(value))

    def tick(self, name: str, title: str) -> None:
        """Yes or no."""
        made = named(Tick(title), self._id(name))
        made.clicked.connect(lambda on: self.edited.emit(name, bool(on)))
        self._add(name, made, lambda value, _unit: made.setChecked(value))

    def colour(self, name: str, title: str) -> None:
        """A colour, chosen in the system's dialog."""
        made = named(as_button(QPushButton(title)), self._id(name))

        def choose() -> None:
            chosen = QColorDialog.getColor(QColor(str(made.property("held"))), self, title)
            if chosen.isValid():
                self.edited.emit(name, chosen.name())

        def show(value: str, _unit: Unit) -> None:
            made.setProperty("held", value)
            made.setIcon(swatch(value))

        made.clicked.connect(choose)
        self._add(name, made, show)

    def named_one(self, name: str, title: str, offered: Callable[[], list[str]], take: Callable[[str], Any]) -> None:
        """One of several by its name: which are `offered`, and what it is that a name is of."""
        made: QComboBox = drop_down(self._id(name), title)
        made.activated.connect(lambda _at: self.edited.emit(name, take(made.currentData())))

        def show(_value: Any, _unit: Unit) -> None:
            made.clear()
            for one in offered():
                made.addItem(tr(one), one)

        self.stack(label(title))
        self._add(name, made, show)


def form_of(kind: Kind) -> OwnedForm:
    """The fields of a film, a cutter or a tape; of a cream without its recipe, whose choices the window knows."""
    made = OwnedForm(kind)
    made.name()
    _FILL[kind](made)
    return made


def _film(form: OwnedForm) -> None:
    form.choice("kind", tr("Kind"), FILM_KINDS)
    form.colour("colour", tr("Its colour…"))
    form.length("width", tr("How wide it is"))
    form.length("left", tr("How much of its length is left"))
    form.number("price", tr("What a metre costs, in your money"))
    form.choice("turning", tr("Stencils may be turned on it"), [*TURNINGS.items()], columns=3)
    form.length("least_web", tr("Thinnest web it keeps"))
    form.length("least_opening", tr("Narrowest opening it keeps"))
    form.number("give", tr("How much it gives, where you found out"), "%", factor=0.01, empty=tr("usual", "a film"))
    form.number("force", tr("Force it is cut with"), empty=tr("not tried"))


def _cutter(form: OwnedForm) -> None:
    form.choice("takes", tr("It takes"), [("mat", tr("a mat")), ("roll", tr("a roll"))])
    form.length("width", tr("Width of its mat or roll"))
    form.length("length", tr("Length of its mat"))
    form.length("offset", tr("The blade's tip trails by"))
    form.tick("leads_itself", tr("The cutter leads its blade itself"))
    form.length("over_run", tr("Over-run where a path closes"))
    form.speed("cut_speed", tr("Speed of cutting"))
    form.speed("travel_speed", tr("Speed with the blade up"))
    form.number("blade_m", tr("What its blade has cut; 0 for a new one"), "m")


def _tape(form: OwnedForm) -> None:
    form.length("roll_width", tr("Width of your tape"))
    form.tick("clear", tr("It is clear: you see the place through it"))
    form.number("price", tr("What a metre costs, in your money"))


def _cream(form: OwnedForm) -> None:
    form.minutes("label_minutes", tr("Minutes its label says"))
    form.day("opened_on", tr("Opened on"))
    form.number("grams", tr("Left in the pot"), "g")
    form.number("full", tr("A full pot holds"), "g")
    form.number("price", tr("What a full pot costs, in your money"))
    form.number("uses", tr("Times it was scraped back and used again"), whole=True)
    form.tick("gritty", tr("It has gone gritty"))


_FILL: dict[Kind, Callable[[OwnedForm], None]] = {"films": _film, "cutters": _cutter, "tapes": _tape, "creams": _cream}


def hands_form() -> OwnedForm:
    """What the maker measures with, and what an hour of hands is worth; the fields go by their paths."""
    made = OwnedForm("hands")
    made.choice("tools__girth", tr("Girths are measured with"), _TOOLS)
    made.choice("tools__height", tr("Heights are measured with"), _TOOLS)
    made.length("tools__ruler_error", tr("A ruler may be off by"))
    made.length("tools__tape_error", tr("A tape may be off by"))
    made.length("tools__calipers_error", tr("Calipers may be off by"))
    made.length("house__least_border", tr("Least border of film"))
    made.number("house__hour", tr("What an hour of your hands is worth, in your money"))
    return made
