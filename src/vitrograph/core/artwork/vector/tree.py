"""SVG text read safely into a tree, and the style each element ends with.

Nothing is fetched and no other file is read. Entities that a drawing program declares for its own names are put in by
hand; every other one is refused. The cascade is CSS's own (W3C, CSS Cascading and Inheritance; SVG 2, chapter 6):
presentation attributes first, style sheets by specificity over them, the style attribute last.
"""

import re
from collections.abc import Iterator
from typing import Any

from msgspec import Struct, field

from vitrograph.core.errors import ArtworkError
from vitrograph.core.language import tr

_SVG = "{http://www.w3.org/2000/svg}"
_HREF = "{http://www.w3.org/1999/xlink}href"
_MOST_BYTES = 20_000_000
_MOST_DEEP = 400
MOST_PARTS = 50_000
_MOST_SELECTORS = 3_000
_MOST_ENTITIES = 200
_ENTITY = re.compile(r"<!ENTITY\s+([\w.-]+)\s+(?:\"([^\"<&%]{0,2000})\"|'([^'<&%]{0,2000})')\s*>")
_DOCTYPE = re.compile(r"<!DOCTYPE[^\[>]*(\[.*?\]\s*)?>", re.DOTALL)

INHERITED = frozenset({
    "fill", "fill-rule", "fill-opacity", "stroke", "stroke-width", "stroke-opacity", "stroke-linecap",
    "stroke-linejoin", "stroke-miterlimit", "stroke-dasharray", "stroke-dashoffset", "clip-rule", "color", "visibility",
    "font-size", "font-family", "font-weight", "font-style", "text-anchor", "letter-spacing", "marker", "marker-start",
    "marker-mid", "marker-end", "paint-order"})
_OWN = frozenset({"opacity", "display", "clip-path", "mask", "filter", "stop-color", "stop-opacity", "vector-effect",
                  "overflow", "mask-type", "transform"})
_STYLED = INHERITED | _OWN


class Node(Struct):
    """An SVG element: its local name, attributes, own style, text before its first child and after itself."""

    tag: str
    attrib: dict[str, str]
    style: dict[str, str] = field(default_factory=dict)
    children: list["Node"] = field(default_factory=list)
    text: str = ""
    tail: str = ""

    @property
    def href(self) -> str:
        """What it refers to; a name within the drawing begins with #."""
        return self.attrib.get("href", "").strip()

    def walk(self) -> Iterator["Node"]:
        """Itself and all below."""
        waiting = [self]
        while waiting:
            node = waiting.pop()
            yield node
            waiting.extend(reversed(node.children))


def parse_tree(content: bytes) -> Node:
    """Read SVG text. Raises ArtworkError for what is no SVG, is cut short, too deep, or declares entities."""
    import defusedxml.ElementTree as SafeTree
    from defusedxml.common import DefusedXmlException

    try:
        root = SafeTree.fromstring(_without_entities(content))
    except DefusedXmlException:
        raise ArtworkError(tr("the drawing defines XML entities, which are not read: save it as plain SVG")) from None
    except (SyntaxError, ValueError, LookupError, RecursionError):
        raise ArtworkError(tr("the file is not an SVG drawing, or it was cut short")) from None
    if not str(root.tag).rpartition("}")[2] == "svg":
        raise ArtworkError(tr("the file is XML but not an SVG drawing: it begins with <{str}>", str=str(root.tag)[:40]))
    node, by_element = _copied(root)
    _refuse_endless_reuse(node)
    _apply_sheets(root, node, by_element)
    return node


def _refuse_endless_reuse(root: Node) -> None:
    """Count what clones unfold to before any is followed: a doubling chain or a loop would go on for ever."""
    named = {node.attrib["id"]: node for node in root.walk() if "id" in node.attrib}
    known: dict[int, int] = {}
    # each part after all that it holds or refers to; one met again on the way to itself closes a loop
    waiting: list[tuple[Node, bool]] = [(root, False)]
    above: set[int] = set()
    while waiting:
        node, done = waiting.pop()
        target = named.get(node.href[1:]) if node.tag == "use" and node.href.startswith("#") else None
        inner = [*node.children, target] if target is not None else node.children
        if done:
            above.discard(id(node))
            known[id(node)] = 1 + sum(known.get(id(part), 1) for part in inner)
        elif id(node) in above:
            raise ArtworkError(tr("the drawing reuses a part inside itself: expand its clones and save it again"))
        elif id(node) not in known:
            above.add(id(node))
            waiting.append((node, True))
            waiting.extend((part, False) for part in inner)
    if known[id(root)] > MOST_PARTS:
        raise ArtworkError(tr("the drawing unfolds to more than {most} parts: simplify it first",
                              most=MOST_PARTS))


def _without_entities(content: bytes) -> bytes:
    """Text with the plain names a drawing program declared put in by hand; other content as it came."""
    if b"<!ENTITY" not in content[:100_000]:
        return content
    text = content.decode("utf-8-sig", "replace")
    found = _DOCTYPE.search(text)
    if found is None:
        return content
    declared = {name: double or single for name, double, single in _ENTITY.findall(found[0])}
    if len(declared) > _MOST_ENTITIES or len(declared) != found[0].count("<!ENTITY"):
        return content                                        # something else is declared: the parser refuses it
    text = text.replace(found[0], "", 1)
    for name, value in declared.items():
        if len(text) + text.count(f"&{name};") * len(value) > _MOST_BYTES:
            raise ArtworkError(tr("the drawing's entities unfold beyond 20 MB: save it as plain SVG"))
        text = text.replace(f"&{name};", value)
    return re.sub(r"^<\?xml[^>]*\?>", "", text).encode("utf-8")


def _copied(root: Any) -> tuple[Node, dict[Any, Node]]:
    """The tree with local names; elements of other vocabularies, such as an editor's notes, are left out."""
    made = _node_of(root)
    by_element = {root: made}
    waiting = [(root, made, 1)]
    while waiting:
        element, node, deep = waiting.pop()
        if deep > _MOST_DEEP:
            raise ArtworkError(tr("the drawing's groups lie more than {most} deep: ungroup it and save it again",
                                  most=_MOST_DEEP))
        last: Node | None = None
        for child in element:
            tag = child.tag
            if not isinstance(tag, str) or (tag.startswith("{") and not tag.startswith(_SVG)):
                tail = child.tail or ""
                if last is None:
                    node.text += tail
                else:
                    last.tail += tail
                continue
            last = by_element[child] = _node_of(child)
            node.children.append(last)
            waiting.append((child, last, deep + 1))
    return made, by_element


def _node_of(element: Any) -> Node:
    attrib = {("href" if name == _HREF else name): value for name, value in element.attrib.items()}
    if "href" in element.attrib:
        attrib["href"] = element.attrib["href"]
    node = Node(str(element.tag).rpartition("}")[2], attrib, text=element.text or "", tail=element.tail or "")
    node.style = {name: value.strip() for name, value in attrib.items() if name in _STYLED}
    return node


def _apply_sheets(root: Any, node: Node, by_element: dict[Any, Node]) -> None:
    """Style sheets, then style attributes, over presentation attributes."""
    sheets = "\n".join(part.text for part in node.walk() if part.tag == "style")
    important: list[tuple[Node, dict[str, str]]] = []
    if sheets.strip():
        for element, declarations in _matched(root, sheets):
            target = by_element.get(element)
            if target is not None:
                target.style.update({name: value for name, value, strong in declarations if not strong})
                important.append((target, {name: value for name, value, strong in declarations if strong}))
    for part in node.walk():
        inline = part.attrib.get("style")
        if inline:
            declared = list(_declarations(inline))
            part.style.update({name: value for name, value, _ in declared})
    for target, strong in important:
        target.style.update(strong)


def _declarations(text: Any) -> Iterator[tuple[str, str, bool]]:
    """(property, value, important) of the declarations we know in CSS text or tokens."""
    import tinycss2

    for item in tinycss2.parse_blocks_contents(text, skip_comments=True, skip_whitespace=True):
        if item.type == "declaration" and item.lower_name in _STYLED:
            yield item.lower_name, tinycss2.serialize(item.value).strip(), item.important


def _matched(root: Any, sheets: str) -> Iterator[tuple[Any, list[tuple[str, str, bool]]]]:
    """(element, declarations) in rising order of importance."""
    import cssselect2

    matcher, count = cssselect2.Matcher(), 0
    for selectors, declarations in _rules(sheets):
        count += len(selectors)
        if count > _MOST_SELECTORS:
            raise ArtworkError(tr("the drawing's style sheet has more than {most} rules: save it with plain "
                                  "styles", most=_MOST_SELECTORS))
        for selector in selectors:
            if selector.pseudo_element is None:
                matcher.add_selector(selector, declarations)
    for wrapper in cssselect2.ElementWrapper.from_xml_root(root).iter_subtree():
        for match in matcher.match(wrapper):
            yield wrapper.etree_element, match[3]


def _rules(sheets: str) -> Iterator[tuple[Any, list[tuple[str, str, bool]]]]:
    import cssselect2
    import tinycss2

    waiting = list(tinycss2.parse_stylesheet(sheets, skip_comments=True, skip_whitespace=True))
    while waiting:
        rule = waiting.pop(0)
        if rule.type == "at-rule" and rule.lower_at_keyword == "media" and rule.content is not None:
            if any(kind in tinycss2.serialize(rule.prelude).lower() for kind in ("all", "screen")):
                waiting = [*tinycss2.parse_rule_list(rule.content, True, True), *waiting]
        elif rule.type == "qualified-rule":
            try:
                selectors = cssselect2.compile_selector_list(rule.prelude)
            except cssselect2.SelectorError:
                continue
            yield selectors, list(_declarations(rule.content))


def referred(text: str, named: dict[str, Node]) -> Node | None:
    """The part of the same drawing that `url(#name)` names."""
    name = text[4:].partition(")")[0].strip().strip("'\"") if text.startswith("url(") else ""
    return named.get(name[1:]) if name.startswith("#") else None
