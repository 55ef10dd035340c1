"""Driving a cutter: over TCP, a pseudo-terminal and a file, to the end, to a stop, and on after a line that broke."""

import os
import signal
import threading
from contextlib import closing
from itertools import pairwise
from pathlib import Path

import numpy as np
import pytest
import shapely

from specimens import job, run, star_job
from vitrograph.cli import main
from vitrograph.core.cut import Wanted, cut_work, to_hpgl
from vitrograph.core.cut.ladder import ladder, ladder_mm
from vitrograph.core.errors import CutterError
from vitrograph.core.job import CutChoices, Order, Stock
from vitrograph.core.storing.orderfile import load_order, save_order
from vitrograph.core.workshop import (
    Film,
    Workshop,
    begun,
    default_file,
    load_workshop,
    with_cut,
    with_force,
    with_left_over,
)
from vitrograph.cutting import _stopping
from vitrograph.devices import ports
from vitrograph.devices.cutter import run_hpgl
from vitrograph.devices.driver import Control, Place, places_of, send
from vitrograph.devices.ports import FilePort, open_port
from vitrograph.devices.simulated import Habits, SimulatedCutter, serve_pty, serve_tcp

FAST = {"faster": 1000.0}


@pytest.fixture(scope="module")
def sheet():
    stencils = [Wanted(1, "Kestrel", 2, run(job("Kestrel")).sheet), Wanted(2, "Star", 1, run(star_job()).sheet)]
    return cut_work(stencils, job().cut).runs[0]


class Machine:
    """A simulated cutter in a thread, and where it is."""

    def __init__(self, serve, **habits):
        self.there, self.cut = threading.Event(), None
        self.thread = threading.Thread(target=self._be, args=(serve, Habits(**{**FAST, **habits})), daemon=True)
        self.thread.start()
        assert self.there.wait(10)

    def _be(self, serve, habits):
        self.cut = serve(habits, self._told)

    def _told(self, where):
        self.where = where
        self.there.set()

    def done(self):
        self.thread.join(30)
        assert not self.thread.is_alive()
        return self.cut


def over_tcp(habits, told):
    return serve_tcp(0, habits, told)


def strays(lines, drawn):
    """How far the farthest of what was cut is from what was to be, and the other way round."""
    cut, wanted = shapely.MultiLineString(lines), shapely.MultiLineString(list(drawn))
    return max(max(wanted.distance(shapely.Point(p)) for line in lines for p in line[::5]),
               max(cut.distance(shapely.Point(p)) for line in drawn for p in line[::5]))


@pytest.mark.parametrize("serve", [over_tcp, serve_pty])
@pytest.mark.parametrize("heading", [0.0, 2.5])
def test_all_of_a_film_is_cut_within_a_twentieth_of_a_millimetre_by_a_blade_that_trails(sheet, serve, heading):
    machine = Machine(serve, heading=heading, buffer=64)
    told = []
    sent = send(sheet, open_port(machine.where), told=told.append)
    assert sent.done == sent.of == len(sheet.cuts) and sent.cut_mm == pytest.approx(sheet.cut_mm)
    assert [one.done for one in told] == list(range(1, len(sheet.cuts) + 1))
    lines = machine.done().cut()
    assert len(lines) == len(sheet.cuts) + 1                   # and the cut that sets the blade
    assert strays(lines[1:], sheet.tips) < 0.05


def test_a_worn_blade_skips_acute_corners_and_an_unled_one_strays(sheet):
    worn, unled = SimulatedCutter(Habits(worn=True, **FAST)), SimulatedCutter(Habits(offset=0.25, **FAST))
    needle = np.array([(5.0, 5.0), (40.0, 5.0), (5.0, 6.0), (5.0, 5.0)])
    worn.take(to_hpgl([needle]).encode())
    assert len(worn.cut()) > 1 or shapely.MultiLineString(worn.cut()).distance(shapely.Point(40.0, 5.0)) > 0.3
    unled.take(to_hpgl(sheet.tips).encode())
    assert strays(unled.cut(), sheet.tips) > 0.1


def test_a_line_that_breaks_is_told_and_gone_on_from_and_nothing_is_left_out(sheet):
    machine = Machine(over_tcp, power_mm=900.0)
    with pytest.raises(CutterError) as broke:
        send(sheet, open_port(machine.where))
    words = broke.value.words("mm")
    assert "is the last that was cut: if the film has not moved, go on from " in words
    before = machine.done().cut()[1:]
    assert words.endswith(f"go on from {broke.value.go_on}")
    stencil, path = (int(number) for number in broke.value.go_on.split(":"))
    again = Machine(over_tcp)
    rest = send(sheet, open_port(again.where), Place(stencil, path))
    assert rest.done == rest.of
    after = again.done().cut()[1:]
    assert strays([*before, *after], sheet.tips) < 0.05
    assert len(after) == len(sheet.cuts) - places_of(sheet).index(Place(stencil, path))


def test_a_pause_waits_between_paths_and_a_stop_lifts_the_blade(sheet):
    machine, control = Machine(over_tcp), Control()
    seen = []

    def told(sending):
        seen.append(sending.done)
        if sending.done == 3:
            control.pause()
            threading.Timer(0.3, control.go_on).start()
        if sending.done == 6:
            control.stop()

    sent = send(sheet, open_port(machine.where), told=told, control=control)
    assert sent.done == 6 and seen == [1, 2, 3, 4, 5, 6] and control.stopped
    made = machine.done()
    assert len(made.trace.cuts) == 7
    assert made.trace.moves[-1][-1] == pytest.approx((0.0, 0.0))


def test_a_cutter_that_answers_nothing_is_driven_by_its_line_alone(sheet, tmp_path):
    sent = send(sheet, FilePort(tmp_path / "cut.plt"))
    assert sent.done == sent.of
    cuts = run_hpgl((tmp_path / "cut.plt").read_text()).cuts
    assert strays(list(cuts[1:]), list(sheet.paths[1:])) < 0.02


@pytest.mark.parametrize(("where", "sentence"), [
    ("tcp:localhost:1", "no cutter answers at tcp:localhost:1"), ("tcp:localhost:0", "a number up to 65535"),
    ("tcp:9100", "a number up to 65535"), ("serial:/dev/none", "serial:/dev/none could not be opened"),
    ("serial:/dev/null@fast", "a speed like 9600"), ("file:/no/where", "/no/where cannot be written"),
    ("usb:1", "'usb:1' is no way to a cutter"), ("file:", "is no way to a cutter")])
def test_a_port_that_cannot_be_had_is_told_in_one_sentence(where, sentence):
    with pytest.raises(CutterError) as told:
        open_port(where)
    assert sentence in told.value.words("mm") and "\n" not in told.value.words("mm")


def test_a_place_that_is_not_there_and_a_full_device_are_told(sheet):
    with pytest.raises(CutterError, match="there is no stencil 9, path 1: the film has 3 stencils"):
        send(sheet, FilePort(Path(os.devnull)), Place(9, 1))
    if Path("/dev/full").exists():
        with pytest.raises(CutterError, match="takes no more"):
            send(sheet, FilePort(Path("/dev/full")))


def test_from_the_command_line_an_order_is_nested_and_cut_and_what_is_wrong_is_one_line(tmp_path, capsys):
    path = tmp_path / "a.vitro"
    save_order(Order.of(job("Kestrel", count=3), star_job()), path)
    assert main(["nest", str(path), "--seconds", "1"]) == 0
    assert len(load_order(path).cut.laid) == 4 and "of film" in capsys.readouterr().out
    for _again in range(2):                                    # a file of cuts is written over
        assert main(["cut", str(path), "--to", f"file:{tmp_path / 'x.plt'}"]) == 0
    assert "cut" in capsys.readouterr().out and run_hpgl((tmp_path / "x.plt").read_text()).cut_mm > 500
    for words, sentence in (
            (["cut", str(path), "--to", "file:x", "--film", "7"], "--film: a number from 1 to 1"),
            (["cut", str(path), "--to", f"file:{tmp_path / 'y'}", "--from", "3-1"], "two numbers like 3:12"),
            (["cut", str(path), "--to", f"file:{path}"], "is there already and holds no cuts"),      # nothing is lost
            (["nest", str(path), "--seconds", "soon"], "--seconds: a whole number"),
            (["cutter", "--tcp", "99999"], "--tcp: a number up to 65535"),
            (["cutter", "--pty", "--faster", "0"], "--faster: a whole number from 1"),
            (["cut", str(tmp_path / "none.vitro"), "--to", "file:x"], "could not be opened")):
        assert main(words) == 2
        told = capsys.readouterr().err
        assert sentence in told and told.count("\n") == 1


def test_a_test_ladder_is_cut_force_by_force_and_its_triangles_lie_in_their_squares(tmp_path, capsys):
    out = tmp_path / "ladder.plt"
    assert main(["ladder", "--to", f"file:{out}", "--forces", "60, 80,100"]) == 0
    assert "3 ticks  force 100" in capsys.readouterr().out
    text = out.read_text()
    assert [line for line in text.split("\n") if line.startswith("FS")] == ["FS60;", "FS60;", "FS80;", "FS100;"]
    machine = SimulatedCutter(Habits(**FAST))
    machine.take(text.encode())
    rungs = ladder((60.0, 80.0, 100.0))
    assert strays(machine.cut()[1:], [line for rung in rungs for line in rung.lines]) < 0.05
    for rung in rungs:
        *ticks, triangle, square = rung.lines
        assert len(ticks) == rung.number
        assert all(tick[:, 1].max() < square[:, 1].min() for tick in ticks), "counted below the square"
        assert shapely.Polygon(square).buffer(-0.5).contains(shapely.Polygon(triangle))
    apart = [shapely.Polygon(rung.lines[-1]) for rung in rungs]
    assert min(a.distance(b) for a, b in pairwise(apart)) == pytest.approx(5.0)
    assert load_workshop(default_file()).cutters[0].blade_m == pytest.approx(ladder_mm(rungs) / 1000)
    for forces, sentence in (("60,many", "whole numbers like 60, 80, 100"), (",".join(["9"] * 30), "1 to 20 forces")):
        assert main(["ladder", "--to", f"file:{out}", "--forces", forces]) == 2
        assert sentence in capsys.readouterr().err


def test_a_film_that_was_cut_is_shorter_by_that_and_its_leftover_is_used_first():
    held = Workshop(films=(Film("Roll", "permanent", left=900.0, price=4.0), Film("Old", left=200.0)))
    made = with_left_over(held, Stock("Roll"), "permanent", 250.0, (42.0, 292.0))
    assert [(film.name, film.left, film.width) for film in made.films] == [
        ("Roll, left over", 42.0, 292.0), ("Roll", 608.0, 305.0), ("Old", 200.0, 305.0)]
    assert made.films[0].price == 4.0 and made.films[0].kind == "permanent"
    assert [stock.name for stock in begun(made, Order()).cut.stock] == ["Roll, left over", "Roll"]
    unknown = with_left_over(Workshop(), Stock("Mat"), "shelf", 100.0, (50.0, 60.0))
    assert (unknown.films[0].name, unknown.films[0].kind) == ("Mat, left over", "shelf")


def test_the_blade_grows_older_by_what_is_cut_and_a_film_keeps_its_force():
    held = with_force(with_cut(with_cut(Workshop(), 1500.0), 500.0), CutChoices(), 80.0)
    assert held.cutters[0].blade_m == pytest.approx(2.0) and held.films[0].force == 80.0


@pytest.mark.parametrize("end", [signal.SIGINT, signal.SIGTERM, signal.SIGHUP])
def test_whatever_ends_the_command_lifts_the_blade_first(end):
    control, before = Control(), signal.getsignal(end)
    with _stopping(control):
        signal.raise_signal(end)
        assert control.stopped
    assert signal.getsignal(end) is before


def test_a_file_that_another_cuts_by_and_a_pipe_that_nobody_reads_are_refused_at_once(tmp_path, monkeypatch):
    with closing(open_port(f"file:{tmp_path / 'x.plt'}")) as port:
        port.write(b"IN;")
        with pytest.raises(CutterError, match="is in use: another window or program is cutting by it"):
            open_port(f"file:{tmp_path / 'x.plt'}")
    assert (tmp_path / "x.plt").read_bytes() == b"IN;"
    os.mkfifo(tmp_path / "pipe")
    with pytest.raises(CutterError, match="cannot be written"):
        open_port(f"file:{tmp_path / 'pipe'}")
    reader = os.open(tmp_path / "pipe", os.O_RDONLY | os.O_NONBLOCK)
    monkeypatch.setattr(ports, "_TAKES_S", 0.2)
    with closing(open_port(f"file:{tmp_path / 'pipe'}")) as port, pytest.raises(CutterError, match="has taken nothing"):
        port.write(b"PD1,1;" * 40_000)                         # more than a pipe holds, and nobody reads
    os.close(reader)
