"""A citizen of the desktop: entry, kind of file, icons and description put in their places, valid, and taken away."""

import configparser
import importlib.util
import os
import re
import shutil
import subprocess
import sys
import tomllib
import xml.etree.ElementTree as ET
from pathlib import Path

import pytest
from PIL import Image

from vitrograph.cli import command_line
from vitrograph.core.language import ENGLISH, Language, speak
from vitrograph.installing import SIZES, _started_by, install, main, uninstall

ROOT = Path(__file__).parents[1]
_spec = importlib.util.spec_from_file_location("write_manual", ROOT / "docs" / "write_manual.py")
write_manual = importlib.util.module_from_spec(_spec)
_spec.loader.exec_module(write_manual)
VALIDATORS = {"desktop-file-validate": ("applications/vitrograph.desktop",),
              "appstreamcli": ("validate", "--no-net", "metainfo/org.vitrograph.Vitrograph.metainfo.xml")}


@pytest.fixture
def places(tmp_path):
    """A home with a blank in its name, installed into."""
    data, programs = tmp_path / "my home" / "share", tmp_path / "my home" / "bin"
    says = install(data, programs)
    assert says[0].startswith(f"installed: {programs / 'vitrograph'}")
    return data, programs


def test_what_a_desktop_reads_is_there_and_says_what_it_should(places):
    """Keys: Desktop Entry specification 1.5; sizes and folders: Icon Theme specification; globs: shared MIME-info."""
    data, programs = places
    entry = configparser.ConfigParser(interpolation=None)
    entry.optionxform = str
    entry.read(data / "applications" / "vitrograph.desktop", "utf-8")
    main_group = entry["Desktop Entry"]
    assert main_group["Type"] == "Application" and main_group["Exec"].endswith('vitrograph" open %f')
    actions = [name for name in main_group["Actions"].split(";") if name]
    assert [entry[f"Desktop Action {name}"]["Exec"].split()[-1] for name in actions] == ["new", "demo"]
    told = ET.parse(data / "mime" / "packages" / "vitrograph.xml").getroot()
    (kind,) = told
    assert kind.attrib["type"] in main_group["MimeType"] and any(one.attrib.get("pattern") == "*.vitro" for one in kind)
    for size in SIZES:
        icon = Image.open(data / "icons" / "hicolor" / f"{size}x{size}" / "apps" / "vitrograph.png")
        assert icon.size == (size, size) and icon.getextrema()[3] == (0, 255)
    described = ET.parse(data / "metainfo" / "org.vitrograph.Vitrograph.metainfo.xml").getroot()
    project = tomllib.loads((ROOT / "pyproject.toml").read_text("utf-8"))["project"]
    assert described.find("releases")[0].attrib["version"] == project["version"]
    assert described.find("launchable").text == "vitrograph.desktop"
    assert (programs / "vitrograph").is_symlink()


@pytest.mark.parametrize("tool", VALIDATORS)
def test_the_freedesktop_validators_find_nothing(places, tool):
    if (found := shutil.which(tool)) is None:
        pytest.skip(f"{tool} is not installed")
    *words, place = VALIDATORS[tool]
    done = subprocess.run([found, *words, str(places[0] / place)], capture_output=True, text=True, check=False)
    assert done.returncode == 0, done.stdout + done.stderr


def test_manuals_and_completions_hold_every_command_and_flag_as_it_is(tmp_path):
    """In every language: a program speaks one in a run, so they are written by runs of their own."""
    subprocess.run([sys.executable, str(ROOT / "docs" / "write_manual.py"), str(tmp_path)], check=True,
                   env={**os.environ, "PYTHONPATH": str(ROOT / "src")})
    written = {path.name: path.read_text("utf-8") for path in tmp_path.iterdir()}
    assert {"vitrograph.1", "vitrograph.de.1", "_vitrograph", "_vitrograph.de", "vitrograph.bash"} == set(written)
    for name, content in written.items():
        assert (write_manual.FOLDER / name).read_text("utf-8") == content, f"{name}: run docs/write_manual.py"


def test_what_is_installed_speaks_the_makers_language(tmp_path):
    """Names and places of pages in other languages: man(1), and the File system Hierarchy Standard 3.0, 4.11.6."""
    speak(Language("de"))
    try:
        install(tmp_path / "share", tmp_path / "bin")
    finally:
        speak(ENGLISH)
    assert "Befehl" in (tmp_path / "share" / "man" / "de" / "man1" / "vitrograph.1").read_text("utf-8")
    assert "Auftrag" in (tmp_path / "share" / "zsh" / "site-functions" / "_vitrograph").read_text("utf-8")
    assert "order" in (tmp_path / "share" / "man" / "man1" / "vitrograph.1").read_text("utf-8")


def test_every_command_and_flag_says_what_it_is():
    for called, says, command in write_manual._commands(command_line()):
        assert says, called
        for action in command._actions:
            assert action.help, (called, action.option_strings or action.dest)


@pytest.mark.parametrize("page", ["vitrograph.1", "vitrograph.de.1"])
def test_the_manual_is_set_without_a_warning(page):
    """groff_man(7): read by the macros themselves."""
    if (found := shutil.which("groff")) is None:
        pytest.skip("groff is not installed")
    done = subprocess.run([found, "-man", "-Tutf8", "-Kutf8", "-ww", str(write_manual.FOLDER / page)],
                          capture_output=True, text=True, check=False)
    assert done.returncode == 0 and done.stderr == "" and "--size-rule" in re.sub(r"\x1b\[\d*m|.\x08", "", done.stdout)


@pytest.mark.skipif(shutil.which("bash") is None, reason="bash is not installed")
@pytest.mark.parametrize(("typed", "offered"), [("vitrograph pl", {"plan"}), ("vitrograph demo car", {"carafe"}),
                                                ("vitrograph export --kn", {"--knife"}),
                                                ("vitrograph plan --units i", {"in"})])
def test_the_shell_completes_what_was_begun(typed, offered):
    words = typed.split()
    script = (f"source '{write_manual.FOLDER / 'vitrograph.bash'}'; COMP_WORDS=({typed}); COMP_CWORD={len(words) - 1}; "
              f"_shtab_vitrograph vitrograph '{words[-1]}' '{words[-2]}'; printf '%s\\n' \"${{COMPREPLY[@]}}\"")
    told = subprocess.run(["bash", "-c", script], capture_output=True, text=True, check=True).stdout.split()
    assert set(told) == offered


def test_a_path_with_signs_of_its_own_is_quoted():
    """Desktop Entry specification, The Exec key: a backslash before each of four signs, doubled in a string."""
    told = _started_by(Path('/a "b"/100%/$c/vitrograph'), "Exec=vitrograph open %f\nTryExec=vitrograph\n")
    assert told == ('Exec="/a \\\\"b\\\\"/100%%/\\\\$c/vitrograph" open %f\n'
                    'TryExec=/a "b"/100%/$c/vitrograph\n')


def test_all_is_taken_away_but_what_the_maker_made(places):
    data, programs = places
    book = data / "vitrograph" / "logbook.sqlite"
    book.parent.mkdir()
    book.write_bytes(b"kept")
    (programs / "other").write_text("somebody else's")
    uninstall(data, programs)
    left = {path.name for path in data.parent.rglob("*")
            if path.is_file() and "vitrograph" in str(path.relative_to(data.parent))}
    assert not (programs / "vitrograph").is_symlink()
    assert left == {"logbook.sqlite"} and (programs / "other").exists()
    uninstall(data, programs)                                  # twice is no fault


def test_what_cannot_be_done_is_one_sentence(capsys, monkeypatch, tmp_path):
    assert main(["remove"]) == 2 and "install or uninstall" in capsys.readouterr().err
    (tmp_path / "file").write_text("")
    monkeypatch.setattr("vitrograph.installing.data_home", lambda: tmp_path / "file")
    monkeypatch.setattr("pathlib.Path.home", lambda: tmp_path)
    assert main(["install"]) == 2
    assert "cannot be written" in (error := capsys.readouterr().err) and error.count("\n") == 1
