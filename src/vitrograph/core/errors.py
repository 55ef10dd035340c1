"""Errors: raised when a question cannot be answered; a flaw in the maker's work is a Finding instead.

Every error's text is one sentence a maker can act on: what, where, what to do.
"""


from typing import TYPE_CHECKING

from vitrograph.core.language import tr

if TYPE_CHECKING:
    from vitrograph.core.says import Says
    from vitrograph.core.units import Unit


class VitrographError(Exception):
    """Base of all our errors; `words` is the sentence to show, in the maker's unit. `str()` is the same in mm."""

    def __init__(self, says: "Says | str" = "") -> None:
        super().__init__(says if isinstance(says, str) else says.words("mm"))
        self.says = says

    def words(self, unit: "Unit") -> str:
        """The sentence, in a unit."""
        return self.says if isinstance(self.says, str) else self.says.words(unit)


class StageFault(VitrographError):
    """A fault of ours at a station, told by its title: what could not be worked out, with the error as its cause."""

    def __init__(self, station: str, error: Exception) -> None:
        super().__init__(tr("the {station} could not be worked out with these sizes ({name}): take back the last "
                            "change, or try other sizes", station=station, name=type(error).__name__))
        self.__cause__ = error


class LengthError(VitrographError, ValueError):
    """A typed length that cannot be read."""


class JobError(VitrographError, ValueError):
    """A job, or a change to one, with a value that cannot be."""

    def about(self, place: str) -> "JobError":
        """The same about a field of another name."""
        return self if isinstance(self.says, str) else JobError(self.says.placed(place))


class OrderFileError(VitrographError, OSError):
    """A file that cannot be read or written."""


class GlassError(VitrographError, ValueError):
    """Measurements that describe no glass."""


class PictureError(VitrographError, ValueError):
    """A picture that cannot be read, or that does not show what is looked for."""


class OffGlassError(VitrographError, ValueError):
    """Artwork that cannot be laid on this glass at all."""


class FitError(VitrographError, ValueError):
    """The way of laying asked for cannot be done with this art on this glass."""


class WorkshopError(VitrographError, OSError):
    """The workshop's file cannot be read or written, or holds what cannot be."""


class ShelfError(VitrographError, OSError):
    """A kept glass that cannot be read or written."""


class ArtworkError(VitrographError, ValueError):
    """A drawing or lettering that cannot be read."""


class NothingYet(VitrographError):
    """There is no artwork to work on yet: an empty state, not a fault."""


class CutterError(VitrographError, ValueError):
    """Cutter commands that cannot be understood, or a cutter that broke off: `go_on` is the path to go on from."""

    go_on = ""


class LogbookError(VitrographError, OSError):
    """A logbook that cannot be opened or written."""


class UnfinishedError(VitrographError):
    """Results that are not a complete run of the job they are to be written for."""


class Cancelled(VitrographError):
    """The work was outdated by a newer edit."""
