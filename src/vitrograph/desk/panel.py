"""A panel: fields about one piece of the art, on the artwork card or in the window that tidies its drawing."""

from typing import Any

from vitrograph.core.artwork import Placed
from vitrograph.core.pieces import Piece
from vitrograph.desk import theme
from vitrograph.desk.bench import Bench
from vitrograph.desk.fields import Column, label


class Panel(Column):
    """Base of the panels: it shows the piece in hand and asks the bench for changes of it."""

    title = ""

    def __init__(self, bench: Bench) -> None:
        super().__init__(2 * theme.STEP, 3 * theme.STEP if self.title else 0)
        self.bench = bench
        self.piece: Piece | None = None
        if self.title:
            self.stack(label(self.title, scale=1.1, bold=True))
        self.build()

    @property
    def placed(self) -> Placed | None:
        """The piece in hand as it was last worked out, if it was."""
        art = self.bench.results.art
        return art.of(self.piece.key) if art is not None and self.piece is not None else None

    def build(self) -> None:
        """Make the fields."""

    def suits(self, piece: Piece) -> bool:
        """Whether this panel has a meaning for a piece."""
        return True

    def show_piece(self, piece: Piece, placed: Placed | None) -> None:
        """Show what was decided; `placed` is the piece as it was last worked out, if it was."""

    def take(self, piece: Piece, placed: Placed | None) -> None:
        """Show a piece, if it is one for this panel; otherwise hide."""
        suits = self.suits(piece)
        self.setVisible(suits)
        self.piece = piece if suits else None
        if suits:
            self.show_piece(piece, placed)

    def change(self, label: str, *, merge: int = 0, **changes: Any) -> None:
        """Change the piece in hand as one undo step; `what__text` reaches into what it is."""
        if self.piece is not None:
            self.bench.edit_piece(label, self.piece.key, merge=merge, **changes)
