"""Take all pictures in docs/screenshots anew from the demo job: ./run shots. Made-up sample data only."""

import os
import tempfile
from pathlib import Path

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
HERE = Path(__file__).parent / "screenshots"
STEPS = {"weed": 11, "transfer": 4}                            # how far each station is walked for its picture


def main() -> None:
    home = tempfile.mkdtemp()
    os.environ |= {"XDG_DATA_HOME": home, "XDG_STATE_HOME": home}
    from PySide6.QtWidgets import QApplication

    from vitrograph.core.demo import fill_demo_logbook, fill_demo_shelf, open_night
    from vitrograph.core.glass import Shelf
    from vitrograph.core.logbook import Logbook
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.kit import theme
    from vitrograph.desk.shell import Shell

    app = QApplication([])
    theme.apply(app)
    book, shelf = Logbook(Path(home) / "logbook.sqlite"), Shelf(Path(home) / "shelf")
    fill_demo_logbook(book)
    fill_demo_shelf(shelf)
    shell = Shell(Bench(open_night(), book, None, shelf))
    shell.resize(1280, 800)
    shell.show()
    settle(shell)
    while not shell.bench.order_results.complete:
        wait(20)
    wait(2500)                                            # the strip's small pictures are made one at a time
    take_stations(shell)
    take_evening(shell)
    take_names(shell)
    take_curved(shell)
    take_stencil(shell)
    take_composing(shell)
    take_tidying(shell, Path(home))
    take_shelf(shell)
    shell.files.give_up()                     # what was changed for the pictures is given up
    shell.close()
    take_beginning(Path(home))
    take_light(app, Path(home))


def wait(ms: int) -> None:
    """Let the window and its threads work."""
    from PySide6.QtCore import QEventLoop, QTimer

    loop = QEventLoop()
    QTimer.singleShot(ms, loop.quit)
    loop.exec()


def settle(shell) -> None:
    """Wait for the results of the job in hand."""
    wait(50)
    while not (shell.bench.results.complete and shell.bench.results.job == shell.bench.job):
        wait(20)


def take(widget, name: str) -> None:
    wait(150)
    widget.grab().save(str(HERE / f"{name}.png"))


def take_beginning(home: Path) -> None:
    """The page an order begins on, with orders that were in hand before."""
    from vitrograph.core.demo import demo_order
    from vitrograph.core.job import Order
    from vitrograph.core.logbook import Logbook
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.seen import Seen
    from vitrograph.desk.shell import Shell

    seen, book = Seen(home / "seen"), Logbook(home / "logbook.sqlite")
    for name in ("carafe", "plaque", "lantern"):
        path = home / f"{name}.vitro"
        bench = Bench(demo_order(name), book)
        bench.save(path)
        shell = Shell(bench)
        shell.remember(seen, listed=True)
        shell.resize(1280, 800)
        shell.show()
        settle(shell)
        wait(300)
        shell.close()
    shell = Shell(Bench(Order(id="new"), book))
    shell.remember(seen, listed=True)
    shell.resize(1280, 800)
    shell.show()
    wait(500)
    shell.windows.begin()
    take(shell, "begin")
    guide = shell.windows.guide()
    shell.bench.go("weed")
    guide.open_at("weed")
    take(guide, "guide")
    guide.close()
    shell.files.give_up()
    shell.close()


def take_light(app, home: Path) -> None:
    """The light look, at the stencil station."""
    from vitrograph.core.demo import open_night
    from vitrograph.core.logbook import Logbook
    from vitrograph.desk.bench import Bench
    from vitrograph.desk.kit import theme
    from vitrograph.desk.kit.look import Look
    from vitrograph.desk.shell import Shell

    theme.use(Look("light"))
    theme.apply(app)
    shell = Shell(Bench(open_night(), Logbook(home / "logbook.sqlite")))
    shell.resize(1280, 800)
    shell.show()
    settle(shell)
    while not shell.bench.order_results.complete:
        wait(20)
    wait(2500)
    shell.bench.go("stencil")
    take(shell, "light")
    shell.close()


def take_stations(shell) -> None:
    """The nine stations, with the work walked some way."""
    from vitrograph.core.stations import STATIONS

    for number, station in enumerate(STATIONS, start=1):
        shell.bench.go(station)
        for _ in range(STEPS.get(station, 0)):
            shell.card(station).walker.done()
        if station == "cut":
            while shell.card(station).keeper.work is None:
                wait(20)
            shell.card(station).trial.begin()
            wait(3600)
        if station == "logbook":
            take_photograph(shell)
            while shell.card(station).advising.busy:
                wait(20)
        if station != "etch":
            take(shell, f"{number}-{station}")


def take_photograph(shell) -> None:
    """A simulated photograph of the piece in hand, with a leak and a void, measured."""
    import shapely
    from PIL import Image

    from vitrograph.devices.piece_camera import Laid, PieceCamera

    piece, card = shell.bench.results.finished(), shell.card("logbook")
    leak = shapely.difference(shapely.Point(0.0, 60.0).buffer(1.2), piece.sheet.frosted)
    camera = PieceCamera(size=(1500, 2000), distance=430.0, focal=1.05, height=100.0, yaw=0.1, pitch=0.05, blur=0.7,
                         noise=0.01, uneven=0.15, laid=Laid(1.0, -1.0, 0.012, 1.0))
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "photo.png"
        Image.fromarray(camera.photograph(piece, [leak], [shapely.Point(30.0, 52.0).buffer(1.0)])).save(path)
        card.look_at(path)
        while card.looking.busy:
            wait(20)
    take(shell, "9-logbook-photo")
    card.looking.forget()
    card.went.clear()


def take_evening(shell) -> None:
    """The evening of the six tumblers under way: as many under cream as are planned at once, one of them late."""
    from datetime import datetime

    from vitrograph.core.demo import demo_order
    from vitrograph.core.work import Reading, Wall

    night, making, keeper = shell.bench.order, shell.bench.making, shell.evening
    hour = [datetime(2026, 11, 28, 18, 0).timestamp()]
    begun = hour[0]
    making.wall = Wall(1.0, lambda: Reading(hour[0], hour[0] - begun, hour[0] - begun, "an evening"))
    shell.bench.replace_order(demo_order("tumbler"), None)
    settle(shell)
    shell.bench.go("etch")
    wait(1500)
    keeper.begin()
    wait(400)
    while len(keeper.clocks) < min(3, keeper.evening.plan.evening.at_once):
        glass, task = keeper.at_hand()
        slot = keeper.live.plan.evening.slots[0]
        hour[0] += keeper.live.waits + slot.end - slot.start
        if slot.end - slot.start >= glass.chain.tasks[task].seconds - 1 or hour[0] > begun + 9000:
            for ref in (*glass.waits[task], *glass.refs[task]):
                making.tick(ref)
        keeper.follow()
        wait(250)
    hour[0] += max(0.0, keeper.clocks[0].last + 8.0)
    keeper.follow()
    wait(600)
    making.ticked.emit()
    wait(300)
    shell.clock_bar.bell.volume = 0.0
    take(shell, "8-etch")
    making.wall = Wall()
    shell.bench.replace_order(night, None)
    settle(shell)


def take_names(shell) -> None:
    """The list of names of the guides' flutes."""
    shell.bench.take_piece(4, 9)
    window = shell.windows.names()
    window.resize(1120, 680)                                   # as it opens on a screen that has room for it
    wait(2500)
    take(window, "names")
    window.close()
    shell.bench.take_piece(0)
    settle(shell)


def take_curved(shell) -> None:
    """The fit station with the demo's carafe in two bands."""
    from vitrograph.core.demo import demo_order

    tumblers = shell.bench.order
    shell.bench.go("fit")
    shell.bench.replace_order(demo_order("carafe"), None)
    settle(shell)
    take(shell, "3-fit-carafe")
    shell.bench.replace_order(tumblers, None)
    settle(shell)


def take_stencil(shell) -> None:
    """The stencil station with all mends worked out and shown; then mended, tied and marked, two versions compared."""
    shell.bench.go("stencil")
    card = shell.card("stencil")
    card.mending.mend.click()
    while card.mending.later.busy:
        wait(20)
    wait(1500)
    card.ensureWidgetVisible(card.mending)
    shell.sheet_view.go_to((-17.0, 66.0))
    shell.sheet_view.zoom_by(2.2)
    take(shell, "4-stencil")
    card.mending.do_it.click()
    settle(shell)
    while shell.bench.undo_stack.canUndo():
        shell.bench.undo_stack.undo()
    settle(shell)


def take_composing(shell) -> None:
    """The chooser of faces on the demo's own words."""
    shell.bench.go("artwork")
    shell.bench.choose(2)
    window = shell.card("artwork").words.open_faces()
    while window.busy:
        wait(50)
    take(window, "2-artwork-faces")
    window.close()


def take_tidying(shell, folder: Path) -> None:
    """The window that tidies: the demo's comet being mended, then a made-up photograph of a sketch."""
    shell.bench.go("artwork")
    shell.bench.choose(1)
    card = shell.card("artwork")
    window = card.open_tidying()
    window.resize(1080, 740)                                   # as it opens on a screen that has room for it
    window.mending.kind.setCurrentText("round ends")
    window.mending.mend()
    settle(shell)
    take(window, "2-artwork-mend")
    window.close()
    card.take_drawing(sketched_owl(folder))
    while card.reading.busy:
        wait(50)
    settle(shell)
    window = card.open_tidying()
    shell.bench.edit_item("Light", shell.bench.chosen[0], what__trace__even_light=True)
    settle(shell)
    while window.view.image is None:
        wait(50)
    take(window, "2-artwork-picture")
    window.close()
    for _ in range(3):
        shell.bench.undo_stack.undo()
    settle(shell)


def sketched_owl(folder: Path) -> Path:
    """A made-up photograph of a pencil sketch for the observatory's night walk: an owl on shaded, grainy paper."""
    import numpy as np
    from PIL import Image, ImageDraw, ImageFilter

    finer, wide, high = 3, 1500, 1150
    image = Image.new("L", (wide * finer, high * finer), 255)
    draw = ImageDraw.Draw(image)
    for box, width in (((450, 200, 1050, 1000), 26), ((560, 330, 740, 510), 22), ((760, 330, 940, 510), 22)):
        draw.ellipse([finer * value for value in box], outline=40, width=width * finer)
    for box in ((620, 390, 690, 460), (820, 390, 890, 460)):
        draw.ellipse([finer * value for value in box], fill=30)
    draw.polygon([finer * value for value in (750, 480, 715, 560, 785, 560)], fill=40)
    draw.line([finer * value for value in (300, 1010, 1250, 1040)], fill=35, width=30 * finer)
    for x in range(620, 880, 60):
        for y in (640, 740):
            draw.arc([finer * value for value in (x - 40, y, x + 40, y + 100)], 20, 160, fill=50, width=16 * finer)
    for ear in ((480, 260, 430, 120, 560, 215), (1020, 260, 1070, 120, 940, 215)):
        draw.line([finer * value for value in ear], fill=40, width=24 * finer, joint="curve")
    ink = np.asarray(image.reduce(finer), dtype=float) / 255
    y, x = np.mgrid[0:high, 0:wide]
    page = (235 - 90 * x / wide - 40 * y / high) * (0.25 + 0.75 * ink)
    page += np.random.default_rng(4).normal(0, 6, page.shape)
    path = folder / "owl sketch.jpg"
    Image.fromarray(np.clip(page, 0, 255).astype(np.uint8)).filter(ImageFilter.GaussianBlur(1.2)).save(
        path, quality=88, dpi=(200, 200))
    return path


def take_shelf(shell) -> None:
    """The shelf, with the glasses of the demo."""
    from vitrograph.desk.glass.shelf_window import ShelfWindow

    shelf = ShelfWindow(shell.bench, shell.card("glass"))
    shelf.show()
    shelf.list.setCurrentRow(3)
    take(shelf, "1-glass-shelf")
    shelf.close()


if __name__ == "__main__":
    main()
