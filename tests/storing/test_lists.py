"""Lists as their owners keep them: spreadsheets' own files, titles above the headings, columns of no use here."""

import csv
import io
import zipfile
from datetime import date, datetime
from pathlib import Path

import openpyxl
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from vitrograph.core.errors import JobError, LogbookError
from vitrograph.core.job import Artwork, Item, Monogram, Words
from vitrograph.core.logbook.lists import read_list
from vitrograph.core.storing.headings import Columns, choices, headings_of, is_unsure
from vitrograph.core.storing.names_file import names_in, names_of, open_table, read_names, typed_table
from vitrograph.core.storing.workbooks import is_workbook, read_sheet

FILES = Path(__file__).parent / "files"
ART = Artwork((Item(Words("Name"), key=1, size=6.0),))
SPLIT = Artwork((Item(Words("Guide"), key=1, size=6.0), Item(Monogram("split", "K", "Kestrel"), key=2, size=30.0)))
MOST = 3_000_000
OLD = b"\xd0\xcf\x11\xe0" + bytes(600)
ODF = " ".join(f'xmlns:{name}="urn:oasis:names:tc:opendocument:xmlns:{name}:1.0"'
               for name in ("office", "style", "table", "text"))


def packed(**parts):
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, part in parts.items():
            archive.writestr(name.replace("__", "."), part)
    return out.getvalue()


def ods(tables, styles=""):
    """OpenDocument 1.3, part 3, sections 9.1 and 6.1."""
    return packed(mimetype="application/vnd.oasis.opendocument.spreadsheet",
                  content__xml=f"<office:document-content {ODF}>{styles}{tables}</office:document-content>")


def xlsx(**sheets):
    book = openpyxl.Workbook()
    book.remove(book.active)
    for name, rows in sheets.items():
        sheet = book.create_sheet(name)
        for row in rows:
            sheet.append(row)
    out = io.BytesIO()
    book.save(out)
    return out.getvalue()


@pytest.mark.parametrize("name", ["guests-1.xlsx", "guests-1.ods", "guests-2.xlsx", "guests-2.ods", "guests.csv"])
def test_a_list_is_the_same_in_the_files_of_two_spreadsheets_and_as_csv(name):
    # written by two general spreadsheet programs from guests.csv, which Python's csv module reads
    with (FILES / "guests.csv").open(newline="", encoding="utf-8") as stream:
        rows = [row for row in csv.reader(stream) if any(row)][2:]
    made = read_names(FILES / name, ART)
    assert made.names.columns == ("name",)
    assert [(row.cells[0], row.count) for row in made.names.rows] == [(row[0], int(row[2] or 1)) for row in rows]
    assert made.notes[:2] == (
        "what stands above the headings in line 3 is left out",
        "columns that belong to no part of the art are left out: 'Room', 'Phone'; a column is known by words, name, "
        "count, or by the name of a part")
    assert any(note == "line 7 is empty and left out" for note in made.notes)


CELL = st.one_of(st.none(), st.integers(-99, 10**9), st.booleans(), st.dates(), st.text(st.characters(
    codec="utf-8", exclude_categories=["Cs", "Cc", "Co", "Cn"]), max_size=8).filter(lambda text: text[:1] != "="))


@given(st.lists(st.lists(CELL, max_size=5), max_size=6))
@settings(max_examples=40, deadline=None)
def test_cells_are_words_as_they_would_be_typed(rows):
    def typed(cell):
        if isinstance(cell, bool):
            return str(cell).upper()
        return "" if cell is None else cell.isoformat() if isinstance(cell, date) else str(cell).strip()

    wanted = [[typed(cell) for cell in row] for row in rows]
    wanted = [row[:max((at for at, cell in enumerate(row, start=1) if cell), default=0)] for row in wanted]
    while wanted and not wanted[-1]:
        wanted.pop()
    sheet = read_sheet(xlsx(Guests=rows), "guests.xlsx", 100, MOST)
    assert sheet.rows == wanted
    assert bool(sheet.notes) == any(isinstance(cell, date) for row in rows for cell in row)


def test_the_first_sheet_that_shows_and_holds_anything_is_read():
    guides = [["Ada", datetime(2026, 6, 21, 18, 30), 2.5]]
    sheet = read_sheet(xlsx(Cover=[], Guides=guides, Other=[["x"]]), "guides.xlsx", 9, MOST)
    assert sheet.rows == [["Ada", "2026-06-21 18:30", "2.5"]]
    assert sheet.notes[0] == "the sheet 'Guides' is read; 1 sheet more holds something"

    hidden = ('<style:style style:name="t" style:family="table"><style:table-properties table:display="false"/>'
              '</style:style>')
    tables = (
        '<table:table table:name="A" table:style-name="t"><table:table-row><table:table-cell><text:p>no</text:p>'
        '</table:table-cell></table:table-row></table:table><table:table table:name="B">'
        '<table:table-row table:number-rows-repeated="2"><table:table-cell table:number-columns-repeated="16384"/>'
        '</table:table-row><table:table-row table:number-rows-repeated="2"><table:covered-table-cell/>'
        '<table:table-cell>'
        '<text:p>A<text:s text:c="2"/><text:span>d</text:span>a</text:p><text:p>late<text:tab/>too</text:p>'
        '<office:annotation><text:p>note</text:p></office:annotation></table:table-cell>'
        '<table:table-cell table:number-columns-repeated="2"><text:p>7</text:p></table:table-cell></table:table-row>'
        '<table:table-row table:number-rows-repeated="1048000"><table:table-cell/></table:table-row></table:table>')
    row = ["", "A  da\nlate too", "7", "7"]
    assert read_sheet(ods(tables, hidden), "g.ods", 100, MOST).rows == [[], [], row, row]
    assert read_sheet(ods(tables, hidden), "g.ods", 3, MOST).rows == [[], [], row]


def test_a_cell_far_out_costs_nothing(bounded, tmp_path):
    book = openpyxl.Workbook()
    book.active["A1"], book.active["XFD1048576"] = "Ada", "far"
    book.save(tmp_path / "far.xlsx")
    many = '<table:table-row table:number-rows-repeated="999999999"><table:table-cell><text:p>x</text:p>' \
           '</table:table-cell></table:table-row>'
    (tmp_path / "many.ods").write_bytes(ods(f'<table:table>{many * 99}</table:table>'))
    quick = ["-m", "vitrograph", "quick", "--glass", "straight", "--top", "72", "--height", "90", "--width", "30",
             "--mend", "--out", tmp_path / "out", "--names"]
    made = bounded(*quick, tmp_path / "far.xlsx")
    assert made.code == 0, made.stderr
    made = bounded(*quick, tmp_path / "many.ods")
    assert made.code == 2 and "has 20000 rows, and 1000 are the most" in made.sentence


@pytest.mark.parametrize(("content", "sentence"), [
    (OLD, "is an old kind of spreadsheet, or locked with a password: save it without one as XLSX, ODS or CSV"),
    (packed(letter="x"), "holds no list of names: a spreadsheet (XLSX, ODS), CSV or plain text is wanted"),
    (ods("<table:table></table:row>"), "is damaged or no spreadsheet that can be read: save it anew, or as CSV"),
    (ods('<!DOCTYPE a [<!ENTITY b "c">]>'), "is damaged or no spreadsheet that can be read"),
    (ods("<table:table/>"), "is empty: put one name on each line"),
    (ods("<a/>" * 800_000), "holds too much to be a list: leave in it what is wanted, or save it as CSV"),
])
def test_a_spreadsheet_that_cannot_be_read_is_one_sentence(tmp_path, content, sentence):
    (tmp_path / "list.ods").write_bytes(content)
    with pytest.raises(JobError) as told:
        read_names(tmp_path / "list.ods", ART)
    assert sentence in str(told.value) and "\n" not in str(told.value)


def test_whatever_is_turned_in_a_spreadsheets_file_it_is_a_list_or_one_sentence(rng):
    for name in ("guests-1.ods", "guests-2.xlsx"):
        with zipfile.ZipFile(FILES / name) as archive:
            parts = {part: bytearray(archive.read(part)) for part in archive.namelist()}
        for _ in range(60):
            part = parts[rng.choice([one for one in parts if one.endswith(("content.xml", "sheet1.xml", "Strings.xml",
                                                                           "workbook.xml", ".rels")) and parts[one]])]
            at = rng.randrange(len(part))
            was = bytes(part)
            part[at:at + rng.randrange(9)] = rng.choice([b"9" * 12, b"-1", b"<", b"&#0;", b"\xff", b""])
            content = packed(**{one.replace(".", "__"): bytes(held) for one, held in parts.items()})
            try:
                assert isinstance(read_sheet(content, name, 1000, MOST).rows, list) or not is_workbook(content)
            except JobError as error:
                assert "\n" not in str(error)
            part[:] = was


def test_headings_say_it_in_the_words_of_lists():
    listed = names_of("Monogramm\tVorname\tAnzahl\nB\tBea\t2\nC\tCleo\t\n", SPLIT)
    assert listed.names.columns == ("initials", "name") and not listed.notes
    assert [(row.cells, row.count) for row in listed.names.rows] == [(("B", "Bea"), 2), (("C", "Cleo"), 1)]
    listed = names_of("Guest\tFull name\nAda\tAda K.\n", ART)
    assert [row.cells for row in listed.names.rows] == [("Ada",)]
    assert listed.notes == ("the column 'Full name' is left out: an earlier one fills the same part of the art",)
    named = Artwork((Item(Words("x"), key=1, name="Guest", size=6.0), *SPLIT.items[1:]))
    assert names_of("guest\tname\nAda\tBea", named).names.columns == ("guest", "name"), "a part's own name goes before"
    assert [*choices(named).values()] == ["Guest", "initials", "name", "count"], "each part once"
    headings, _ = headings_of(typed_table("Words\tVorname\tSeat\nAda\tBea\t4", named), named)
    assert [one.fills for one in headings] == ["Guest", "name", ""]


def test_a_title_parts_nothing_and_a_name_is_no_heading(tmp_path):
    path = tmp_path / "list.csv"
    path.write_text("Open night, all guides\n\nRoom;Name;Qty\nDome;Smith, John;2\n;Ada;\nEast;;1\n")
    made = read_names(path, ART)
    assert [(row.cells, row.count) for row in made.names.rows] == [(("Smith, John",), 2), (("Ada",), 1)]
    assert made.notes[-1] == "line 6 has a count and nothing to make; it is left out"
    path.write_text("Ada\nCount, Basie\nName\n")
    assert [row.cells[0] for row in read_names(path, ART).names.rows] == ["Ada", "Count, Basie", "Name"]
    path.write_text("Room;;Name\nDome;x;Ada\n")
    assert "column 2 has no heading and is left out" in read_names(path, ART).notes


def test_columns_are_chosen_where_headings_do_not_say(tmp_path):
    path = tmp_path / "list.csv"
    path.write_text("First;Last;Seat;Of each\nAda;Lovelace;4;2\nBea;;5;\n")
    table = open_table(path, ART)
    assert is_unsure(table, ART)
    with pytest.raises(JobError, match="column 'First' belongs to no part of the art"):
        names_in(table, ART)
    headings, below = headings_of(table, ART)
    assert [(one.says, one.examples, one.fills) for one in headings][:2] == [
        ("First", ("Ada", "Bea"), ""), ("Last", ("Lovelace",), "")] and below == 1
    made = names_in(table, ART, Columns(("words", "words", "", "count"), 1)).names
    assert made.columns == ("words",)
    assert [(row.cells, row.count) for row in made.rows] == [(("Ada Lovelace",), 2), (("Bea",), 1)]
    assert len(names_in(table, ART, Columns(("words", "", "", ""), 0)).names.rows) == 3
    for text, unsure in (("Ada\nBea", False), ("words\tcount\nAda\t2", False), ("Ada\t2", True), ("", False),
                         ("name\t\nAda\t", False)):
        assert is_unsure(typed_table(text, ART), ART) is unsure, text


def test_a_logbook_kept_in_a_spreadsheet_is_taken_over(tmp_path):
    path = tmp_path / "book.xlsx"
    path.write_bytes(xlsx(Book=[["Made on", "job", "minutes", "how_many"], [date(2026, 6, 21), "Plaque", 7.5, 2],
                                [], ["2026-06-22", "Lantern", None, 1]]))
    first, second = read_list(path)
    assert (first.made_on, first.job, first.minutes, first.how_many) == ("2026-06-21", "Plaque", 7.5, 2)
    assert second.minutes is None and second.how_many == 1
    path.write_bytes(OLD)
    with pytest.raises(LogbookError, match="is an old kind of spreadsheet"):
        read_list(path)
