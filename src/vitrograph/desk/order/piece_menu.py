"""What is done with pieces: put another in, and rename, count, copy, share, move or take out the one in hand."""

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PySide6.QtCore import QMimeData
from PySide6.QtGui import QGuiApplication
from PySide6.QtWidgets import QFileDialog, QInputDialog, QMenu, QWidget

from vitrograph.core.errors import VitrographError
from vitrograph.core.glass import ShelvedGlass, generic_glasses
from vitrograph.core.job import Piece
from vitrograph.core.language import tr
from vitrograph.core.workshop import Workshop, piece_begun
from vitrograph.desk.bench import Bench
from vitrograph.desk.bench.pieces_in_hand import CLIPBOARD
from vitrograph.desk.kit import theme
from vitrograph.desk.kit.saving import used, usual_folder
from vitrograph.desk.order.taking_over import TakingOver

_MOST_LISTED = 24                  # glasses in a menu


class PieceMenus:
    """The two menus beside the strip, filled anew each time they open."""

    def __init__(self, bench: Bench, parent: QWidget, open_names: Callable[[], object],
                 owned: Callable[[], Workshop]) -> None:
        self.bench, self._parent, self._open_names, self._owned = bench, parent, open_names, owned
        self.taking_over = TakingOver(bench, parent)
        self.add, self.piece = QMenu(parent), QMenu(parent)
        for menu, fill in ((self.add, self._fill_add), (self.piece, self._fill_piece)):
            menu.setFont(theme.font())
            menu.setToolTipsVisible(True)
            menu.aboutToShow.connect(fill)

    def _fill_add(self) -> None:
        menu, pieces, same = self.add, self.bench.pieces, self.taking_over.same_art_on
        menu.clear()
        menu.addAction(tr("A copy of this piece"), pieces.copy)
        self._glasses(menu, tr("A glass from the shelf"), self.add_glass)
        self._glasses(menu, tr("This art as large on another glass"),
                      partial(same, share=False, together=False))
        self._glasses(menu, tr("This art as large for its front on another glass"),
                      partial(same, share=True, together=False))
        self._glasses(menu, tr("This art on another glass, shared from now on"),
                      partial(same, share=True, together=True))
        menu.addAction(tr("The pieces of another order…"), self._choose_file)
        pasted = menu.addAction(tr("Paste a piece"), self.paste)
        pasted.setEnabled(bool(_on_clipboard()))

    def add_glass(self, kept: ShelvedGlass) -> None:
        """A glass of the shelf as a new piece, with the house's own rules, its art still to come."""
        self.bench.pieces.add_glass(kept, piece_begun(self._owned(), Piece()))

    def _glasses(self, menu: QMenu, title: str, take: Callable[[ShelvedGlass], object]) -> None:
        below = menu.addMenu(title)
        below.setFont(theme.font())
        try:
            own = self.bench.shelf.glasses()
        except VitrographError:
            own = ()
        for kept in own[:_MOST_LISTED]:
            below.addAction(kept.name, partial(take, kept))
        below.addSeparator()
        for kept in generic_glasses():
            below.addAction(kept.name, partial(take, kept))

    def _fill_piece(self) -> None:
        menu, pieces, order = self.piece, self.bench.pieces, self.bench.order
        menu.clear()
        menu.addAction(tr("Rename…"), self.ask_name)
        if not pieces.piece.names.rows:
            menu.addAction(tr("How many…"), self._ask_count)
        menu.addAction(tr("A list of names…"), self._open_names)
        menu.addSeparator()
        menu.addAction(tr("Copy"), self.copy)
        self._sharing(menu)
        menu.addSeparator()
        for text, by, can in ((tr("Nearer to the first"), -1, pieces.at > 0),
                              (tr("Nearer to the last"), 1, pieces.at < len(order.pieces) - 1)):
            menu.addAction(text, partial(pieces.move, by)).setEnabled(can)
        menu.addAction(tr("Take it out"), pieces.take_out).setEnabled(len(order.pieces) > 1)

    def _sharing(self, menu: QMenu) -> None:
        pieces, order = self.bench.pieces, self.bench.order
        like = pieces.piece.like
        if like:
            others = [piece.name for at, piece in enumerate(order.pieces) if piece.like == like and at != pieces.at]
            menu.addAction(tr("Its art apart from {all}", all=', '.join(others)[:60]), pieces.part)
        elif len(order.pieces) > 1:
            below = menu.addMenu(tr("Share the art of"))
            below.setFont(theme.font())
            for at, piece in enumerate(order.pieces):
                if at != pieces.at:
                    below.addAction(piece.name, partial(pieces.share_with, at))

    def copy(self) -> None:
        """Put the piece in hand on the clipboard."""
        data = QMimeData()
        data.setData(CLIPBOARD, self.bench.pieces.as_bytes())
        data.setText(self.bench.pieces.piece.name)
        QGuiApplication.clipboard().setMimeData(data)
        self.bench.told.emit(tr("copied: {name}", name=self.bench.pieces.piece.name))

    def paste(self) -> None:
        """Put the piece on the clipboard into the order."""
        self.bench.pieces.paste(_on_clipboard())

    def ask_name(self) -> None:
        """Ask what the piece in hand is called."""
        place = self.bench.place
        name, agreed = QInputDialog.getText(self._parent, tr("Rename the piece"), tr("What it is called:"),
                                            text=self.bench.pieces.piece.name)
        if agreed and name.strip():
            self.bench.take_piece(*place)                      # an evening may have taken up another meanwhile
            self.bench.pieces.rename(name.strip())

    def _ask_count(self) -> None:
        place = self.bench.place
        many, agreed = QInputDialog.getInt(self._parent, tr("How many"), tr("How many glasses of this piece:"),
                                           self.bench.pieces.piece.count, 1, 1000)
        if agreed:
            self.bench.take_piece(*place)                      # likewise
            self.bench.pieces.count(many)

    def _choose_file(self) -> None:
        path, _ = QFileDialog.getOpenFileName(self._parent, tr("Add the pieces of an order"), usual_folder(),
                                              tr("Orders (*.vitro)"))
        if path:
            self.bench.pieces.add_file(used(Path(path)))


def _on_clipboard() -> bytes:
    """The piece on the clipboard; empty where there is none."""
    held = QGuiApplication.clipboard().mimeData()
    return bytes(held.data(CLIPBOARD).data()) if held is not None and held.hasFormat(CLIPBOARD) else b""
