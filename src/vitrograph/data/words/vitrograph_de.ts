<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name></name>
    <message>
        <source>the film as it is cut, as SVG</source>
        <translation>die Folie, wie sie geschnitten wird, als SVG</translation>
    </message>
    <message>
        <source>as DXF, for a cutting program</source>
        <translation>als DXF, für ein Schneideprogramm</translation>
    </message>
    <message>
        <source>as HP-GL, for a cutter</source>
        <translation>als HP-GL, für einen Schneideplotter</translation>
    </message>
    <message>
        <source>a picture of the film</source>
        <translation>ein Bild der Folie</translation>
    </message>
    <message>
        <source>a piece&apos;s stencil as SVG</source>
        <translation>die Schablone eines Stücks als SVG</translation>
    </message>
    <message>
        <source>a piece&apos;s stencil at true size</source>
        <translation>die Schablone eines Stücks in wahrer Größe</translation>
    </message>
    <message>
        <source>a paper band to try on the glass</source>
        <translation>ein Papierband zum Anlegen an das Glas</translation>
    </message>
    <message>
        <source>the art as it is seen, tiled over pages at true size</source>
        <translation>das Motiv, wie man es sieht, in wahrer Größe auf Seiten verteilt</translation>
    </message>
    <message>
        <source>lines to follow with a knife, tiled at true size</source>
        <translation>Linien zum Nachschneiden mit dem Messer, in wahrer Größe auf Seiten verteilt</translation>
    </message>
    <message>
        <source>the work packet, for the bench</source>
        <translation>die Arbeitsmappe, für die Werkbank</translation>
    </message>
    <message>
        <source>laying it on film and writing it down</source>
        <translation>es wird auf Folie gelegt und aufgeschrieben</translation>
    </message>
    <message>
        <source>the following arguments are required: {all}</source>
        <translation>es fehlen: {all}</translation>
    </message>
    <message>
        <source>unrecognized arguments: {all}</source>
        <translation>unbekannte Angaben: {all}</translation>
    </message>
    <message>
        <source>argument {which}: invalid choice: {got} (choose from {all})</source>
        <translation>{which}: {got} gibt es nicht (wählen aus {all})</translation>
    </message>
    <message>
        <source>argument {which}: expected one argument</source>
        <translation>{which}: eine Angabe fehlt</translation>
    </message>
    <message>
        <source>argument {which}: expected {many} arguments</source>
        <translation>{which}: erwartet wurden {many} Angaben</translation>
    </message>
    <message>
        <source>argument {which}: expected at least one argument</source>
        <translation>{which}: mindestens eine Angabe fehlt</translation>
    </message>
    <message>
        <source>argument {which}: not allowed with argument {other}</source>
        <translation>{which}: nicht zusammen mit {other}</translation>
    </message>
    <message>
        <source>one of the arguments {all} is required</source>
        <translation>eine der Angaben {all} wird gebraucht</translation>
    </message>
    <message>
        <source>ambiguous option: {got} could match {all}</source>
        <translation>mehrdeutig: {got} kann {all} sein</translation>
    </message>
    <message>
        <source>usage: </source>
        <translation>Aufruf: </translation>
    </message>
    <message>
        <source>positional arguments</source>
        <translation>Angaben</translation>
    </message>
    <message>
        <source>options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>show this help message and exit</source>
        <translation>diese Hilfe zeigen und enden</translation>
    </message>
    <message>
        <source>{told}; see &apos;{prog} --help&apos;</source>
        <translation>{told}; siehe „{prog} --help“</translation>
    </message>
    <message>
        <source>stopped: files that were written before are whole</source>
        <translation>abgebrochen: Dateien, die vorher geschrieben wurden, sind vollständig</translation>
    </message>
    <message>
        <source>the answer could not be written ({reason}): make room, or send it elsewhere</source>
        <translation>die Antwort ließ sich nicht schreiben ({reason}): Platz schaffen oder an einen anderen Ort ausgeben</translation>
    </message>
    <message>
        <source>at work for {seconds:.0f} s, {says} (Ctrl+C stops it)</source>
        <translation>seit {seconds:.0f} s bei der Arbeit, {says} (Strg+C bricht ab)</translation>
    </message>
    <message>
        <source>{done} % done</source>
        <translation>{done} % getan</translation>
    </message>
    <message>
        <source>vitrograph: {plain}</source>
        <translation>vitrograph: {plain}</translation>
    </message>
    <message>
        <source>Vinyl resist stencils that fit the glass.</source>
        <translation>Schablonen aus Vinylfolie, die auf das Glas passen.</translation>
    </message>
    <message>
        <source>show program&apos;s version number and exit</source>
        <translation>die Version des Programms zeigen und enden</translation>
    </message>
    <message>
        <source>open the window with the demo order, or with one piece of it</source>
        <translation>das Fenster mit dem Beispielauftrag öffnen, oder mit einem Stück daraus</translation>
    </message>
    <message>
        <source>one piece of it</source>
        <translation>ein Stück daraus</translation>
    </message>
    <message>
        <source>open the window with a new order; without a command it opens the last one</source>
        <translation>das Fenster mit einem neuen Auftrag öffnen; ohne Befehl öffnet es den letzten</translation>
    </message>
    <message>
        <source>open the window with an order</source>
        <translation>das Fenster mit einem Auftrag öffnen</translation>
    </message>
    <message>
        <source>print an order&apos;s plan</source>
        <translation>den Plan eines Auftrags ausgeben</translation>
    </message>
    <message>
        <source>as JSON (docs/formats.md)</source>
        <translation>als JSON (docs/formats.md)</translation>
    </message>
    <message>
        <source>print what was found; exit code 1 if anything is a stop</source>
        <translation>ausgeben, was gefunden wurde; Rückgabewert 1, wenn ein Halt dabei ist</translation>
    </message>
    <message>
        <source>write an order&apos;s files</source>
        <translation>die Dateien eines Auftrags schreiben</translation>
    </message>
    <message>
        <source>one piece of an order of several, by its name or number</source>
        <translation>ein Stück aus einem Auftrag mit mehreren, mit Namen oder Nummer</translation>
    </message>
    <message>
        <source>the printer&apos;s paper for --tiles, --knife and --packet; the workshop&apos;s where it is not said</source>
        <translation>das Papier des Druckers für --tiles, --knife und --packet; ohne Angabe das der Werkstatt</translation>
    </message>
    <message>
        <source>--knife mirrored, for under the glass</source>
        <translation>--knife gespiegelt, zum Unterlegen unter das Glas</translation>
    </message>
    <message>
        <source>put jobs and orders together into one order</source>
        <translation>Stücke und Aufträge zu einem Auftrag zusammenstellen</translation>
    </message>
    <message>
        <source>its pieces, in their order; may be given several times</source>
        <translation>seine Stücke in ihrer Reihenfolge; darf mehrmals stehen</translation>
    </message>
    <message>
        <source>the order&apos;s name</source>
        <translation>der Name des Auftrags</translation>
    </message>
    <message>
        <source>the file it is written into</source>
        <translation>die Datei, in die geschrieben wird</translation>
    </message>
    <message>
        <source>change an order&apos;s file by settings</source>
        <translation>die Datei eines Auftrags durch Einstellungen ändern</translation>
    </message>
    <message>
        <source>whose design is changed, by its name or number</source>
        <translation>wessen Entwurf geändert wird, mit Namen oder Nummer</translation>
    </message>
    <message>
        <source>write it there, and leave the first file as it is</source>
        <translation>dorthin schreiben und die erste Datei lassen, wie sie ist</translation>
    </message>
    <message>
        <source>what you own and are used to: new orders begin from it</source>
        <translation>was Ihnen gehört und wie Sie es gewohnt sind: neue Aufträge beginnen damit</translation>
    </message>
    <message>
        <source>from measurements and words to files, in one line</source>
        <translation>von Maßen und Wörtern zu Dateien, in einer Zeile</translation>
    </message>
    <message>
        <source>clocks go so much faster, to try an evening out</source>
        <translation>Uhren laufen so viel schneller, um einen Abend durchzuspielen</translation>
    </message>
    <message>
        <source>--clock: from 1x to 3600x was wanted, got &apos;{text}&apos;</source>
        <translation>--clock: erwartet wurde 1x bis 3600x, nicht „{text}“</translation>
    </message>
    <message>
        <source>nothing to watch</source>
        <translation>nichts zu beachten</translation>
    </message>
    <message>
        <source>say what to write: {all}</source>
        <translation>angeben, was geschrieben werden soll: {all}</translation>
    </message>
    <message>
        <source>--{kind}: a file&apos;s name was wanted</source>
        <translation>--{kind}: der Name einer Datei fehlt</translation>
    </message>
    <message>
        <source>--out: a folder was wanted, and {out} is called as a file is: all files go into it, the order as {order}</source>
        <translation>--out: Hier fehlt ein Ordner, und {out} heißt wie eine Datei: Alle Dateien kommen hinein, der Auftrag als {order}</translation>
    </message>
    <message>
        <source>mending</source>
        <translation>beim Ausbessern</translation>
    </message>
    <message>
        <source>mending, {done} of {many} done</source>
        <translation>beim Ausbessern, {done} von {many} getan</translation>
    </message>
    <message>
        <source>{paths} is named twice: one file would take the other&apos;s place</source>
        <translation>{paths} ist zweimal genannt: eine Datei würde die andere ersetzen</translation>
    </message>
    <message>
        <source>  {whose}mended: {says}</source>
        <translation>  {whose}ausgebessert: {says}</translation>
    </message>
    <message>
        <source>even spacing needs three items or more: choose them together</source>
        <translation>gleiche Abstände brauchen drei oder mehr Elemente: zusammen auswählen</translation>
    </message>
    <message>
        <source>to match sizes takes two items or more: choose them together, the model first</source>
        <translation>Größen angleichen braucht zwei oder mehr Elemente: zusammen auswählen, das Vorbild zuerst</translation>
    </message>
    <message>
        <source>an item</source>
        <translation>ein Element</translation>
    </message>
    <message>
        <source>{name} is left out: {error}</source>
        <translation>{name} bleibt weg: {error}</translation>
    </message>
    <message>
        <source>the others are shown without it</source>
        <translation>die übrigen werden ohne es gezeigt</translation>
    </message>
    <message>
        <source>{says}: choose another face</source>
        <translation>{says}: eine andere Schrift wählen</translation>
    </message>
    <message>
        <source>nothing is left frosted: an item that clears covers all that lies below it</source>
        <translation>es bleibt nichts mattiert: ein Element, das klar macht, deckt alles ab, was darunter liegt</translation>
    </message>
    <message>
        <source>nothing is frosted: every item clears, so let one of them frost</source>
        <translation>nichts ist mattiert: alle Elemente machen klar, also eines davon mattieren lassen</translation>
    </message>
    <message>
        <source>every item is hidden: show one of them</source>
        <translation>alle Elemente sind ausgeblendet: eines davon einblenden</translation>
    </message>
    <message>
        <source>type some words, open a drawing, or add a shape or a monogram</source>
        <translation>Wörter eingeben, eine Zeichnung öffnen oder eine Form oder ein Monogramm hinzufügen</translation>
    </message>
    <message>
        <source>put in words for it, or take the list out</source>
        <translation>Wörter dafür einfügen oder die Liste herausnehmen</translation>
    </message>
    <message>
        <source>put in a monogram for it, or take the list out</source>
        <translation>ein Monogramm dafür einfügen oder die Liste herausnehmen</translation>
    </message>
    <message>
        <source>put in words or a monogram for it, or take the list out</source>
        <translation>Wörter oder ein Monogramm dafür einfügen oder die Liste herausnehmen</translation>
    </message>
    <message>
        <source>put in a drawing for it, or take the list out</source>
        <translation>eine Zeichnung dafür einfügen oder die Liste herausnehmen</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>monogram {initials}</source>
        <translation>Monogramm {initials}</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>Balken</translation>
    </message>
    <message>
        <source>what the list says under &apos;{column}&apos; is nowhere in the art</source>
        <translation>was in der Liste unter „{column}“ steht, ist nirgends im Motiv</translation>
    </message>
    <message>
        <source>put in words for it, or call an item of the art &apos;{column}&apos;</source>
        <translation>Wörter dafür einfügen oder ein Element des Motivs „{column}“ nennen</translation>
    </message>
    <message>
        <source>Narrow long ones by {share} %</source>
        <translation>Lange um {share} % schmäler setzen</translation>
    </message>
    <message>
        <source>{wide} wide, even narrowed by {share} %; {most} is the most it may be</source>
        <translation>{wide} breit, auch um {share} % schmäler gesetzt; höchstens {most} sind erlaubt</translation>
    </message>
    <message>
        <source>allow more, narrow it more, or set it in a narrower face</source>
        <translation>mehr erlauben, schmäler setzen oder eine schmalere Schrift nehmen</translation>
    </message>
    <message>
        <source>Allow {wide}</source>
        <translation>{wide} erlauben</translation>
    </message>
    <message>
        <source>{face} has no letter for {letters}</source>
        <translation>{face} hat kein Zeichen für {letters}</translation>
    </message>
    <message>
        <source>what a face lacks would be cut as an empty box, so it is left out: choose another face</source>
        <translation>was der Schrift fehlt, würde als leeres Kästchen geschnitten und bleibt deshalb weg: eine andere Schrift wählen</translation>
    </message>
    <message>
        <source>{face} has no outline for {letters}</source>
        <translation>{face} hat keine Kontur für {letters}</translation>
    </message>
    <message>
        <source>it knows these letters, but draws them in colour or not at all, which no blade can follow: choose another face</source>
        <translation>sie kennt diese Zeichen, zeichnet sie aber in Farbe oder gar nicht, und dem kann keine Klinge folgen: eine andere Schrift wählen</translation>
    </message>
    <message numerus="yes">
        <source>{n} control characters</source>
        <comment>a control character</comment>
        <translation>
            <numerusform>ein Steuerzeichen</numerusform>
            <numerusform>{n} Steuerzeichen</numerusform>
        </translation>
    </message>
    <message>
        <source>{item} holds {count}, left out</source>
        <translation>{item} enthält {count}, weggelassen</translation>
    </message>
    <message>
        <source>they came along with pasted text and print nothing</source>
        <translation>sie kamen mit eingefügtem Text und drucken nichts</translation>
    </message>
    <message>
        <source>{item} goes {turns:.1f} times round its arc and runs over itself</source>
        <translation>{item} läuft {turns:.1f} Mal um seinen Bogen und über sich selbst hinweg</translation>
    </message>
    <message>
        <source>give the arc a larger radius, or smaller letters</source>
        <translation>dem Bogen einen größeren Radius geben oder kleinere Buchstaben nehmen</translation>
    </message>
    <message>
        <source> and {more} more</source>
        <translation> und {more} weitere</translation>
    </message>
    <message>
        <source>the licence of {name} may not cover glass that is sold</source>
        <translation>die Lizenz von {name} deckt vielleicht kein Glas, das verkauft wird</translation>
    </message>
    <message>
        <source>it says: {licence}</source>
        <translation>sie lautet: {licence}</translation>
    </message>
    <message>
        <source>{name} does not say whether glass with it may be sold</source>
        <translation>{name} sagt nicht, ob Glas damit verkauft werden darf</translation>
    </message>
    <message>
        <source>look for its licence where you got it, before you sell what you made</source>
        <translation>die Lizenz dort nachlesen, wo die Schrift herkommt, bevor Sie das Gemachte verkaufen</translation>
    </message>
    <message>
        <source>{name} may not be passed on inside other files</source>
        <translation>{name} darf nicht in anderen Dateien weitergegeben werden</translation>
    </message>
    <message>
        <source>its file says so, and the job file holds it: keep the job to yourself</source>
        <translation>so steht es in ihrer Datei, und die Auftragsdatei enthält sie: den Auftrag für sich behalten</translation>
    </message>
    <message>
        <source>not taken as drawn: {all}</source>
        <translation>nicht wie gezeichnet übernommen: {all}</translation>
    </message>
    <message>
        <source>compare the sheet with your drawing; turn these into plain filled shapes if they matter</source>
        <translation>den Bogen mit Ihrer Zeichnung vergleichen; diese Teile in einfache gefüllte Formen umwandeln, wenn es auf sie ankommt</translation>
    </message>
    <message>
        <source>what is painted {all} clears what lies below it</source>
        <translation>{all} gemalt, macht klar, was darunter liegt</translation>
    </message>
    <message>
        <source>a light colour is taken for bare glass: say otherwise in the list of colours</source>
        <translation>eine helle Farbe gilt als blankes Glas: in der Liste der Farben anders angeben</translation>
    </message>
    <message>
        <source>Frost its holes</source>
        <translation>Ihre Löcher mattieren</translation>
    </message>
    <message>
        <source>Frost it as it is</source>
        <translation>Mattieren, wie es ist</translation>
    </message>
    <message>
        <source>the drawing looks like a stencil already: a frame with holes</source>
        <translation>die Zeichnung sieht schon nach einer Schablone aus: ein Rahmen mit Löchern</translation>
    </message>
    <message>
        <source>its frame would be frosted, and what is cut out of it would stay clear: say which is meant</source>
        <translation>ihr Rahmen würde mattiert, und was aus ihm ausgeschnitten ist, bliebe klar: angeben, was gemeint ist</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>{shown} will not be seen: what lies about it frosts as well</source>
        <translation>{shown} wird man nicht sehen: was darum liegt, wird auch matt</translation>
    </message>
    <message>
        <source>frost has one tone: keep a line of film where the colours meet, or let one of them clear</source>
        <translation>Mattierung hat nur einen Ton: einen Streifen Folie lassen, wo die Farben sich treffen, oder eine davon klar lassen</translation>
    </message>
    <message>
        <source>Keep a line between the colours</source>
        <translation>Zwischen den Farben eine Linie lassen</translation>
    </message>
    <message>
        <source>Trace the picture inside it</source>
        <translation>Das Bild darin nachzeichnen</translation>
    </message>
    <message>
        <source>a monogram needs its initials</source>
        <translation>einem Monogramm fehlen seine Anfangsbuchstaben</translation>
    </message>
    <message>
        <source>a block of lines needs its lines</source>
        <translation>einem Zeilenblock fehlen seine Zeilen</translation>
    </message>
    <message>
        <source>there is nothing to be seen of these items: choose others</source>
        <translation>von diesen Elementen ist nichts zu sehen: andere auswählen</translation>
    </message>
    <message>
        <source>the outlines cross each other far too often to be filled: simplify the drawing first</source>
        <translation>die Konturen kreuzen einander viel zu oft, um gefüllt zu werden: die Zeichnung erst vereinfachen</translation>
    </message>
    <message>
        <source>the drawing is said to be film with holes, and it has no holes</source>
        <translation>die Zeichnung gilt als Folie mit Löchern, und sie hat keine Löcher</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>{path} could not be opened: {reason}</source>
        <translation>{path} ließ sich nicht öffnen: {reason}</translation>
    </message>
    <message>
        <source>{name} is empty: save the art again</source>
        <translation>{name} ist leer: das Motiv noch einmal sichern</translation>
    </message>
    <message>
        <source>{name} is no drawing this program reads: save it as SVG, PDF or DXF where it was made, or as a picture (PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC, AVIF)</source>
        <translation>{name} ist keine Zeichnung, die dieses Programm liest: Sichern Sie sie dort, wo sie entstand, als SVG, PDF oder DXF, oder als Bild (PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC, AVIF)</translation>
    </message>
    <message>
        <source>{name} is damaged or was cut short: save it again, not compressed</source>
        <translation>{name} ist beschädigt oder abgeschnitten: Sichern Sie es noch einmal, nicht komprimiert</translation>
    </message>
    <message>
        <source>{name}: {error}</source>
        <translation>{name}: {error}</translation>
    </message>
    <message>
        <source>{name}, page {page} of {pages}</source>
        <translation>{name}, Seite {page} von {pages}</translation>
    </message>
    <message>
        <source>{name}, as a picture</source>
        <translation>{name}, als Bild</translation>
    </message>
    <message>
        <source>{name} is larger than {most} MB: simplify the drawing first</source>
        <translation>{name} ist größer als {most} MB: die Zeichnung erst vereinfachen</translation>
    </message>
    <message>
        <source>lettering in {name} (licence {licence})</source>
        <translation>Schrift {name} (Lizenz {licence})</translation>
    </message>
    <message>
        <source> at weight {weight:.0f}</source>
        <translation> in Stärke {weight:.0f}</translation>
    </message>
    <message>
        <source>lettering in {name}{weight}, a font of the maker&apos;s (it says: {licence})</source>
        <translation>Schrift {name}{weight}, eine eigene (sie sagt: {licence})</translation>
    </message>
    <message>
        <source>DXF drawing</source>
        <translation>DXF-Zeichnung</translation>
    </message>
    <message>
        <source>traced picture</source>
        <translation>nachgezeichnetes Bild</translation>
    </message>
    <message>
        <source>vector drawing</source>
        <translation>Vektorzeichnung</translation>
    </message>
    <message>
        <source>; no licence noted</source>
        <translation>; keine Lizenz vermerkt</translation>
    </message>
    <message>
        <source>{name}, {kind}, own size {width} x {height}{licence}; {changes}</source>
        <translation>{name}, {kind}, eigene Größe {width} x {height}{licence}; {changes}</translation>
    </message>
    <message>
        <source>colours chosen</source>
        <translation>Farben gewählt</translation>
    </message>
    <message>
        <source>halftone lines</source>
        <translation>Rasterlinien</translation>
    </message>
    <message>
        <source>changed: {all}</source>
        <translation>geändert: {all}</translation>
    </message>
    <message>
        <source>not changed</source>
        <translation>nicht geändert</translation>
    </message>
    <message>
        <source>the drawing holds nothing but a picture of a kind that is not read</source>
        <translation>die Zeichnung enthält nur ein Bild von einer Art, die nicht gelesen wird</translation>
    </message>
    <message>
        <source>nothing but a picture, which is traced</source>
        <translation>nur ein Bild, das nachgezeichnet wird</translation>
    </message>
    <message>
        <source>no colour of the drawing frosts: let at least one of them frost</source>
        <translation>keine Farbe der Zeichnung wird matt: wenigstens eine davon mattieren lassen</translation>
    </message>
    <message>
        <source>nothing is left of the picture: choose another threshold</source>
        <translation>vom Bild bleibt nichts übrig: eine andere Schwelle wählen</translation>
    </message>
    <message>
        <source>nothing is left of the drawing after mending: take the last mend back</source>
        <translation>von der Zeichnung bleibt nach dem Ausbessern nichts übrig: die letzte Ausbesserung zurücknehmen</translation>
    </message>
    <message>
        <source>the picture is all grain: smooth it, or take it sharper and in better light</source>
        <translation>das Bild besteht nur aus Korn: glätten, oder schärfer und bei besserem Licht aufnehmen</translation>
    </message>
    <message>
        <source>the picture is all one tone: nothing in it can be traced</source>
        <translation>das Bild hat nur einen Ton: es gibt nichts nachzuzeichnen</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a colour: write it as #ffffff or white</source>
        <translation>„{text}“ ist keine Farbe: als #ffffff oder white schreiben</translation>
    </message>
    <message>
        <source>the picture</source>
        <translation>das Bild</translation>
    </message>
    <message>
        <source>no line of the halftone is thick enough to cut: make the lines coarser</source>
        <translation>keine Linie des Rasters ist dick genug zum Schneiden: die Linien gröber machen</translation>
    </message>
    <message>
        <source>nothing is left to trace: choose another threshold, or smaller specks</source>
        <translation>es bleibt nichts nachzuzeichnen: eine andere Schwelle oder kleinere Sprenkel wählen</translation>
    </message>
    <message>
        <source>the picture falls into over {most} spots: smooth it, or leave out larger specks</source>
        <translation>das Bild zerfällt in über {most} Flecken: glätten, oder größere Sprenkel weglassen</translation>
    </message>
    <message>
        <source>the DXF drawing holds no outline: save its curves as polylines, splines or arcs</source>
        <translation>die DXF-Zeichnung enthält keine Kontur: ihre Kurven als Polylinien, Splines oder Bögen sichern</translation>
    </message>
    <message>
        <source>1 open line, which encloses nothing</source>
        <translation>1 offene Linie, die nichts umschließt</translation>
    </message>
    <message>
        <source>{open_ends} open lines, which enclose nothing</source>
        <translation>{open_ends} offene Linien, die nichts umschließen</translation>
    </message>
    <message>
        <source>no outline in the DXF drawing is closed: close its curves and save it again</source>
        <translation>in der DXF-Zeichnung ist keine Kontur geschlossen: die Kurven schließen und noch einmal sichern</translation>
    </message>
    <message>
        <source>the file is not a DXF drawing, or it was cut short: save it again as DXF R2000 or later</source>
        <translation>die Datei ist keine DXF-Zeichnung oder wurde abgeschnitten: noch einmal als DXF R2000 oder neuer sichern</translation>
    </message>
    <message>
        <source>sizes without a unit, read as mm</source>
        <translation>Maße ohne Einheit, als mm gelesen</translation>
    </message>
    <message>
        <source>sizes in a unit that is not known (number {named}), read as mm</source>
        <translation>Größen in einer unbekannten Einheit (Nummer {named}), als mm gelesen</translation>
    </message>
    <message>
        <source>the drawing repeats its blocks more than {most} times: simplify it first</source>
        <translation>die Zeichnung wiederholt ihre Blöcke mehr als {most} Mal: erst vereinfachen</translation>
    </message>
    <message>
        <source>the drawing unfolds to more than {most} parts: simplify it first</source>
        <translation>die Zeichnung entfaltet sich zu mehr als {most} Teilen: erst vereinfachen</translation>
    </message>
    <message>
        <source>lettering</source>
        <translation>Schrift</translation>
    </message>
    <message>
        <source>a hatching of lines, taken as solid</source>
        <translation>eine Schraffur aus Linien, als gefüllt genommen</translation>
    </message>
    <message>
        <source>a block of the DXF drawing holds itself: take it out, or explode the blocks</source>
        <translation>ein Block der DXF-Zeichnung enthält sich selbst: herausnehmen, oder die Blöcke auflösen</translation>
    </message>
    <message>
        <source>a part of the kind {dxftype}</source>
        <translation>ein Teil von der Art {dxftype}</translation>
    </message>
    <message>
        <source>lines whose width changes, taken as thin</source>
        <translation>Linien von wechselnder Breite, als dünn genommen</translation>
    </message>
    <message numerus="yes">
        <source>{n} slivers too thin to cut, left out</source>
        <comment>{n} sliver too thin to cut, left out</comment>
        <translation>
            <numerusform>{n} Splitter zu dünn zum Schneiden, weggelassen</numerusform>
            <numerusform>{n} Splitter zu dünn zum Schneiden, weggelassen</numerusform>
        </translation>
    </message>
    <message>
        <source>the drawing&apos;s text has more than {most} letters: turn it into outlines, or leave it out</source>
        <translation>der Text der Zeichnung hat mehr als {most} Buchstaben: in Konturen umwandeln oder weglassen</translation>
    </message>
    <message>
        <source>an outline of the drawing</source>
        <translation>eine Kontur der Zeichnung</translation>
    </message>
    <message>
        <source>the drawing</source>
        <translation>die Zeichnung</translation>
    </message>
    <message>
        <source>{where} has more than {most} points: simplify it first</source>
        <translation>{where} hat mehr als {most} Punkte: erst vereinfachen</translation>
    </message>
    <message>
        <source>an outline of the drawing crosses itself more than {most} times: simplify it, or trace a picture of it</source>
        <translation>eine Kontur der Zeichnung kreuzt sich mehr als {most} Mal: vereinfachen, oder ein Bild davon nachzeichnen</translation>
    </message>
    <message>
        <source>the drawing holds numbers beyond any page: save it again at its real size</source>
        <translation>die Zeichnung enthält Zahlen jenseits jeder Seite: in ihrer wahren Größe noch einmal sichern</translation>
    </message>
    <message>
        <source>the drawing has more than {most} outlines: leave out the smallest, or trace a picture of it</source>
        <translation>die Zeichnung hat mehr als {most} Konturen: die kleinsten weglassen, oder ein Bild davon nachzeichnen</translation>
    </message>
    <message>
        <source>the drawing&apos;s page has no size: give it a width and a height</source>
        <translation>die Seite der Zeichnung hat keine Größe: ihr eine Breite und eine Höhe geben</translation>
    </message>
    <message>
        <source>nothing in the drawing is painted: fill its shapes with black and save it again</source>
        <translation>in der Zeichnung ist nichts gemalt: ihre Formen schwarz füllen und noch einmal sichern</translation>
    </message>
    <message>
        <source>parts that lie off the page, left out</source>
        <translation>Teile außerhalb der Seite, weggelassen</translation>
    </message>
    <message>
        <source>the drawing holds nothing but a picture: it is traced instead</source>
        <translation>die Zeichnung enthält nur ein Bild: es wird stattdessen nachgezeichnet</translation>
    </message>
    <message>
        <source>the drawing defines XML entities, which are not read: save it as plain SVG</source>
        <translation>die Zeichnung definiert XML-Entitäten, die nicht gelesen werden: als einfaches SVG sichern</translation>
    </message>
    <message>
        <source>the file is not an SVG drawing, or it was cut short</source>
        <translation>die Datei ist keine SVG-Zeichnung oder wurde abgeschnitten</translation>
    </message>
    <message>
        <source>the file is XML but not an SVG drawing: it begins with &lt;{str}&gt;</source>
        <translation>die Datei ist XML, aber keine SVG-Zeichnung: sie beginnt mit &lt;{str}&gt;</translation>
    </message>
    <message>
        <source>the drawing reuses a part inside itself: expand its clones and save it again</source>
        <translation>die Zeichnung verwendet einen Teil in sich selbst: ihre Klone auflösen und noch einmal sichern</translation>
    </message>
    <message>
        <source>the drawing&apos;s entities unfold beyond 20 MB: save it as plain SVG</source>
        <translation>die Entitäten der Zeichnung entfalten sich über 20 MB hinaus: als einfaches SVG sichern</translation>
    </message>
    <message>
        <source>the drawing&apos;s groups lie more than {most} deep: ungroup it and save it again</source>
        <translation>die Gruppen der Zeichnung liegen mehr als {most} tief: Gruppierung aufheben und noch einmal sichern</translation>
    </message>
    <message>
        <source>the drawing&apos;s style sheet has more than {most} rules: save it with plain styles</source>
        <translation>das Stylesheet der Zeichnung hat mehr als {most} Regeln: mit einfachen Stilen sichern</translation>
    </message>
    <message>
        <source>a piece of a web page</source>
        <translation>ein Stück einer Webseite</translation>
    </message>
    <message>
        <source>a film</source>
        <translation>ein Film</translation>
    </message>
    <message>
        <source>faint parts</source>
        <translation>blasse Teile</translation>
    </message>
    <message>
        <source>a part of another file</source>
        <translation>ein Teil einer anderen Datei</translation>
    </message>
    <message>
        <source>a missing part</source>
        <translation>ein fehlender Teil</translation>
    </message>
    <message>
        <source>a filter</source>
        <translation>ein Filter</translation>
    </message>
    <message>
        <source>a pattern too fine to lay</source>
        <translation>ein Muster, zu fein zum Auslegen</translation>
    </message>
    <message>
        <source>lettering, set in {face}</source>
        <translation>Beschriftung, gesetzt in {face}</translation>
    </message>
    <message>
        <source>a picture</source>
        <translation>ein Bild</translation>
    </message>
    <message>
        <source>a picture in another file</source>
        <translation>ein Bild in einer anderen Datei</translation>
    </message>
    <message>
        <source>there is no face &apos;{name}&apos;: choose from {all}</source>
        <translation>es gibt keine Schrift „{name}“: wählen aus {all}</translation>
    </message>
    <message>
        <source>{name} could not be read: {reason}</source>
        <translation>{name} ließ sich nicht lesen: {reason}</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>{name} is damaged, or is no font of a kind that is read: TTF, OTF, TTC, WOFF or WOFF2 is wanted</source>
        <translation>{name} ist beschädigt oder keine Schrift von einer Art, die gelesen wird: TTF, OTF, TTC, WOFF oder WOFF2 wird gebraucht</translation>
    </message>
    <message>
        <source>{name} was cut short: get the font file again</source>
        <translation>{name} wurde abgeschnitten: die Schriftdatei noch einmal besorgen</translation>
    </message>
    <message>
        <source>{name} holds coloured pictures of its letters and no outlines to cut by: choose an outline font</source>
        <translation>{name} enthält farbige Bilder ihrer Buchstaben und keine Konturen zum Schneiden: eine Konturschrift wählen</translation>
    </message>
    <message>
        <source>these words have {text} letters and {most} are the most that are set in one piece: part them into several pieces</source>
        <translation>diese Wörter haben {text} Buchstaben, und mehr als {most} werden nicht in einem Stück gesetzt: in mehrere Stücke teilen</translation>
    </message>
    <message>
        <source>the arc is too tight for these lines: give it a larger radius</source>
        <translation>der Bogen ist für diese Zeilen zu eng: einen größeren Radius geben</translation>
    </message>
    <message>
        <source>whole numbers like 60, 80, 100 were wanted, got &apos;{word}&apos;</source>
        <translation>erwartet wurden ganze Zahlen wie 60, 80, 100, nicht „{word}“</translation>
    </message>
    <message>
        <source>a test cut takes 1 to {most} forces, got {forces}</source>
        <translation>ein Probeschnitt nimmt 1 bis {most} Andrücke, nicht {forces}</translation>
    </message>
    <message>
        <source>no film or mat is large enough for this: {long} by {wide} is needed</source>
        <translation>keine Folie oder Matte ist groß genug dafür: {long} mal {wide} werden gebraucht</translation>
    </message>
    <message>
        <source>Film that is wanting</source>
        <translation>Folie, die fehlt</translation>
    </message>
    <message numerus="yes">
        <source>{n} stencils are without film that holds them: {some}{more}; the largest is {long} by {short}</source>
        <comment>a stencil is without film that holds it: {some}{more}; the largest is {long} by {short}</comment>
        <translation>
            <numerusform>für eine Schablone gibt es keine Folie, auf die sie passt: {some}{more}; die größte misst {long} mal {short}</numerusform>
            <numerusform>für {n} Schablonen gibt es keine Folie, auf die sie passen: {some}{more}; die größte misst {long} mal {short}</numerusform>
        </translation>
    </message>
    <message>
        <source> and {names} more</source>
        <translation> und {names} weitere</translation>
    </message>
    <message>
        <source>wider film and a wider mat or cutter would do, or two stencils with a lap: part it at the fit station</source>
        <translation>breitere Folie und eine breitere Matte oder ein breiterer Plotter würden reichen, oder zwei Schablonen mit Überlappung: bei der Anpassung teilen</translation>
    </message>
    <message>
        <source>the film in stock does not suffice: add film to it</source>
        <translation>die Folie im Vorrat reicht nicht: Folie aufnehmen</translation>
    </message>
    <message>
        <source>it would go on the film if it were turned, which the film&apos;s grain does not allow</source>
        <translation>gedreht würde sie auf die Folie passen, was deren Laufrichtung nicht zulässt</translation>
    </message>
    <message>
        <source>longer film and a longer mat, or a roll, would do, or two stencils with a lap: part it at the fit station</source>
        <translation>längere Folie und eine längere Matte oder eine Rolle würden reichen, oder zwei Schablonen mit Überlappung: bei der Anpassung teilen</translation>
    </message>
    <message numerus="yes">
        <source>{n} openings are smaller than the blade can turn in: {least} across, its tip trails by {offset}</source>
        <comment>an opening is smaller than the blade can turn in: {least} across, its tip trails by {offset}</comment>
        <translation>
            <numerusform>eine Öffnung ist kleiner, als die Klinge wenden kann: {least} breit, ihre Spitze läuft um {offset} nach</numerusform>
            <numerusform>{n} Öffnungen sind kleiner, als die Klinge wenden kann: {least} breit, ihre Spitze läuft um {offset} nach</numerusform>
        </translation>
    </message>
    <message>
        <source>leave them out, make them larger, or cut slower with a blade of less offset</source>
        <translation>weglassen, größer machen oder langsamer mit einer Klinge von kleinerem Versatz schneiden</translation>
    </message>
    <message>
        <source>a piece of film is used over {far}; HP-GL tells places up to {most}</source>
        <translation>von einem Stück Folie wird mehr als {far} gebraucht; HP-GL kennt Orte bis {most}</translation>
    </message>
    <message>
        <source>many cutters take no larger numbers and would cut it wrong: cut shorter pieces of film</source>
        <translation>viele Plotter nehmen keine größeren Zahlen und würden falsch schneiden: kürzere Stücke Folie schneiden</translation>
    </message>
    <message>
        <source>Cut shorter pieces</source>
        <translation>Kürzere Stücke schneiden</translation>
    </message>
    <message>
        <source>the stencil is {wide} wide; the mat takes {most}</source>
        <translation>die Schablone ist {wide} breit; die Matte fasst {most}</translation>
    </message>
    <message>
        <source>the stencil is {long} long; the mat takes {most}</source>
        <translation>die Schablone ist {long} lang; die Matte fasst {most}</translation>
    </message>
    <message>
        <source>Use the long mat</source>
        <translation>Die lange Matte nehmen</translation>
    </message>
    <message>
        <source>use a longer mat or a roll, make the border smaller, or part it into stencils that lap</source>
        <translation>eine längere Matte oder eine Rolle nehmen, den Folienrand schmäler machen oder sie in überlappende Schablonen teilen</translation>
    </message>
    <message>
        <source>the {station} could not be worked out with these sizes ({name}): take back the last change, or try other sizes</source>
        <translation>{station}: mit diesen Maßen war nichts zu berechnen ({name}); die letzte Änderung zurücknehmen oder andere Maße versuchen</translation>
    </message>
    <message>
        <source>Follow the cream&apos;s label and safety data sheet first, and your local rules; they outrank this plan.</source>
        <translation>Zuerst das Etikett und das Sicherheitsdatenblatt der Creme befolgen, und die Vorschriften am Ort; sie gehen diesem Plan vor.</translation>
    </message>
    <message>
        <source>Gloves and goggles on, fresh air, children and pets away. The cream burns skin and eyes.</source>
        <translation>Handschuhe und Schutzbrille an, frische Luft, Kinder und Tiere fernhalten. Die Creme verätzt Haut und Augen.</translation>
    </message>
    <message>
        <source>Never on cracked glass, nor where food, drink or lips will touch.</source>
        <translation>Nie auf gesprungenem Glas, und nie dort, wo Speisen, Getränke oder Lippen hinkommen.</translation>
    </message>
    <message>
        <source>On skin or in an eye: rinse at once with running water, go on for long, and get medical help as the safety data sheet says.</source>
        <translation>Auf der Haut oder im Auge: sofort unter fließendem Wasser spülen, lange weiterspülen und ärztliche Hilfe holen, wie es das Sicherheitsdatenblatt sagt.</translation>
    </message>
    <message>
        <source>Cup the tape&apos;s edge to catch drips; keep the cream off skin and off steel sinks: a glazed one bears it.</source>
        <translation>Die Kante des Bandes hochstellen, damit sie Tropfen fängt; die Creme von der Haut und von Spülen aus Stahl fernhalten: eine emaillierte verträgt sie.</translation>
    </message>
    <message>
        <source>Keep gloves and goggles on until the last of the cream is gone.</source>
        <translation>Handschuhe und Schutzbrille anbehalten, bis der letzte Rest Creme weg ist.</translation>
    </message>
    <message>
        <source>Nothing metal on the glass.</source>
        <translation>Nichts aus Metall auf das Glas.</translation>
    </message>
    <message>
        <source>For display only: keep colour 20 mm below the rim, off every surface that food, drink or lips touch, and off the inside of anything that is drunk from.</source>
        <translation>Nur zur Zierde: Farbe 20 mm unter dem Glasrand enden lassen, von jeder Fläche fernhalten, die Speisen, Getränke oder Lippen berühren, und von der Innenseite von allem, woraus getrunken wird.</translation>
    </message>
    <message>
        <source>Read the label of the wax or the coating: fresh air, no flame, gloves.</source>
        <translation>Das Etikett des Wachses oder der Beschichtung lesen: frische Luft, keine Flamme, Handschuhe.</translation>
    </message>
    <message>
        <source>stir</source>
        <translation>rühren</translation>
    </message>
    <message>
        <source>scrape and rinse</source>
        <translation>abstreifen und spülen</translation>
    </message>
    <message>
        <source>look at a spot</source>
        <translation>eine Stelle ansehen</translation>
    </message>
    <message>
        <source>lay the next coat on</source>
        <translation>die nächste Schicht auftragen</translation>
    </message>
    <message>
        <source>work the cream</source>
        <translation>die Creme bewegen</translation>
    </message>
    <message>
        <source>leave it alone</source>
        <translation>ruhen lassen</translation>
    </message>
    <message>
        <source>late: {does} at once</source>
        <translation>zu spät: sofort {does}</translation>
    </message>
    <message>
        <source>{does} now</source>
        <translation>jetzt {does}</translation>
    </message>
    <message>
        <source>{does}, from now on</source>
        <translation>{does}, von jetzt an</translation>
    </message>
    <message>
        <source>then {does}</source>
        <translation>dann {does}</translation>
    </message>
    <message>
        <source>a glass, {copy}</source>
        <translation>ein Glas, {copy}</translation>
    </message>
    <message>
        <source>go on with it</source>
        <translation>damit weitermachen</translation>
    </message>
    <message>
        <source>see to it</source>
        <translation>danach sehen</translation>
    </message>
    <message>
        <source>{name}: settles for {time}</source>
        <translation>{name}: setzt sich noch {time}</translation>
    </message>
    <message>
        <source>{name}: has settled, {does}</source>
        <translation>{name}: hat sich gesetzt, {does}</translation>
    </message>
    <message>
        <source>{does} at once</source>
        <translation>sofort {does}</translation>
    </message>
    <message>
        <source>No colour</source>
        <translation>Keine Farbe</translation>
    </message>
    <message>
        <source>Metallic wax, stencil on</source>
        <translation>Metallwachs, mit Schablone</translation>
    </message>
    <message>
        <source>The film keeps it off the clear glass, with crisp edges; it costs hours of drying with the film on, and film that sat long pulls harder.</source>
        <translation>Die Folie hält es vom klaren Glas fern, mit scharfen Kanten; es kostet Stunden zum Trocknen mit der Folie darauf, und Folie, die lange saß, löst sich schwerer.</translation>
    </message>
    <message>
        <source>Metallic wax, stencil off</source>
        <translation>Metallwachs, ohne Schablone</translation>
    </message>
    <message>
        <source>Quick, and the film is out of the way; it costs careful wiping: what gets on clear glass must come off before it sets.</source>
        <translation>Schnell, und die Folie ist aus dem Weg; es kostet sorgfältiges Wischen: was auf klares Glas kommt, muss ab, bevor es fest wird.</translation>
    </message>
    <message>
        <source>Tinted coating inside</source>
        <translation>Getönte Beschichtung innen</translation>
    </message>
    <message>
        <source>Inside bottles and vases, poured, turned round and drained upside down; it dries over night, and is done first.</source>
        <translation>In Flaschen und Vasen, eingegossen, herumgeschwenkt und kopfüber abgetropft; sie trocknet über Nacht und kommt zuerst.</translation>
    </message>
    <message>
        <source>Pour the tinted coating in, turn the glass until its inside is covered, pour the rest back, and stand it upside down on sticks to drain.</source>
        <translation>Die getönte Beschichtung eingießen, das Glas drehen, bis es innen bedeckt ist, den Rest zurückgießen und es zum Abtropfen kopfüber auf Stäbchen stellen.</translation>
    </message>
    <message>
        <source>Wipe the rim clean.</source>
        <translation>Den Glasrand sauber wischen.</translation>
    </message>
    <message>
        <source>Let it dry over night.</source>
        <translation>Über Nacht trocknen lassen.</translation>
    </message>
    <message>
        <source>Nothing else is done to this glass meanwhile.</source>
        <translation>Inzwischen wird mit diesem Glas nichts anderes gemacht.</translation>
    </message>
    <message>
        <source>into the openings</source>
        <translation>in die Öffnungen</translation>
    </message>
    <message>
        <source>over the frost</source>
        <translation>über die Mattierung</translation>
    </message>
    <message>
        <source> Wipe the clear glass at once with a soft cloth.</source>
        <translation> Das klare Glas sofort mit einem weichen Tuch abwischen.</translation>
    </message>
    <message>
        <source>Rub metallic wax {where} in thin layers, the last one all in one direction.{rest}</source>
        <translation>Metallwachs in dünnen Schichten {where} reiben, die letzte ganz in einer Richtung.{rest}</translation>
    </message>
    <message>
        <source>Let the wax dry.</source>
        <translation>Das Wachs trocknen lassen.</translation>
    </message>
    <message>
        <source>Other work can go on meanwhile.</source>
        <translation>Andere Arbeit kann inzwischen weitergehen.</translation>
    </message>
    <message>
        <source>Rub it softly with a dry cloth until it shines.</source>
        <translation>Mit einem trockenen Tuch sanft reiben, bis es glänzt.</translation>
    </message>
    <message>
        <source>colour would reach to {below} below the rim</source>
        <translation>Farbe würde bis {below} unter den Glasrand reichen</translation>
    </message>
    <message>
        <source>nothing coloured belongs where lips touch: the upper {lip} stay bare</source>
        <translation>nichts Farbiges gehört dorthin, wo Lippen hinkommen: die oberen {lip} bleiben blank</translation>
    </message>
    <message>
        <source>a coloured piece is for display only</source>
        <translation>ein farbiges Stück ist nur zur Zierde</translation>
    </message>
    <message>
        <source>Use &apos;{name}&apos;</source>
        <translation>„{name}“ nehmen</translation>
    </message>
    <message>
        <source>Etch it in halves, one after the other</source>
        <translation>In zwei Hälften ätzen, eine nach der anderen</translation>
    </message>
    <message>
        <source>covering it takes about {covering}: the first place stands {first}, the last {last}</source>
        <translation>das Bedecken dauert etwa {covering}: die erste Stelle steht {first}, die letzte {last}</translation>
    </message>
    <message>
        <source>the place covered first stands longest, and comes out deeper: a longer time evens it out</source>
        <translation>die zuerst bedeckte Stelle steht am längsten und wird tiefer: eine längere Zeit gleicht das aus</translation>
    </message>
    <message>
        <source>{many} glasses are more than one evening: plan at most {most} at a time, and part the order</source>
        <translation>{many} Gläser sind mehr als ein Abend: höchstens {most} auf einmal planen und den Auftrag teilen</translation>
    </message>
    <message>
        <source>{late:.0f} of 100 glasses would be late at a clock</source>
        <translation>{late:.0f} von 100 Gläsern kämen an einer Uhr zu spät</translation>
    </message>
    <message>
        <source>hands are slower some days, and somebody calls: take a calmer plan, or a recipe with more tolerance</source>
        <translation>an manchen Tagen sind die Hände langsamer, und jemand ruft an: einen ruhigeren Plan nehmen oder ein Rezept mit mehr Spielraum</translation>
    </message>
    <message>
        <source>{pots} pots, and one pair of hands</source>
        <translation>{pots} Töpfe und ein Paar Hände</translation>
    </message>
    <message>
        <source>one pot at a time is dipped into: leave the others closed, or their cream dries</source>
        <translation>es wird nur aus einem Topf geschöpft: die anderen geschlossen lassen, sonst trocknet ihre Creme</translation>
    </message>
    <message>
        <source>by {weighed} weighings</source>
        <translation>nach {weighed} Wägungen</translation>
    </message>
    <message>
        <source>a guess</source>
        <translation>geschätzt</translation>
    </message>
    <message>
        <source>, {share:.1f} % of a full pot</source>
        <translation>, {share:.1f} % eines vollen Topfs</translation>
    </message>
    <message>
        <source>, costs {cost:.2f}</source>
        <translation>, kostet {cost:.2f}</translation>
    </message>
    <message>
        <source>evening: {makespan}</source>
        <translation>Abend: {makespan}</translation>
    </message>
    <message>
        <source>  hands: {hands}</source>
        <translation>  Hände: {hands}</translation>
    </message>
    <message>
        <source>evening: {makespan}, at most {at_once} under cream at once, {late:.1f} of 100 glasses late at a clock when hands are slow</source>
        <translation>Abend: {makespan}, höchstens {at_once} zugleich unter Creme, {late:.1f} von 100 Gläsern an einer Uhr zu spät, wenn die Hände langsam sind</translation>
    </message>
    <message>
        <source>  done: the first glass after {first}, half of them after {half}</source>
        <translation>  fertig: das erste Glas nach {first}, die Hälfte nach {half}</translation>
    </message>
    <message>
        <source>  cream: {grams} laid on in all, {grams2} at once, {grams3} used up ({how}){cost}</source>
        <translation>  Creme: {grams} im Ganzen aufgetragen, {grams2} zugleich, {grams3} verbraucht ({how}){cost}</translation>
    </message>
    <message>
        <source>Cream on</source>
        <translation>Creme auftragen</translation>
    </message>
    <message>
        <source>Work the cream</source>
        <translation>Creme bewegen</translation>
    </message>
    <message>
        <source>Stir</source>
        <translation>Rühren</translation>
    </message>
    <message>
        <source>Look at a spot</source>
        <translation>Eine Stelle ansehen</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>Peel</source>
        <translation>Abziehen</translation>
    </message>
    <message>
        <source>Wash</source>
        <translation>Waschen</translation>
    </message>
    <message>
        <source>Wax</source>
        <translation>Wachsen</translation>
    </message>
    <message>
        <source>Buff</source>
        <translation>Polieren</translation>
    </message>
    <message>
        <source>tape</source>
        <translation>Maßband</translation>
    </message>
    <message>
        <source>coat</source>
        <translation>Schicht</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Bewegen</translation>
    </message>
    <message>
        <source>check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>tape</source>
        <comment>a step</comment>
        <translation>Band auflegen</translation>
    </message>
    <message>
        <source>backing</source>
        <comment>a step</comment>
        <translation>Träger abziehen</translation>
    </message>
    <message>
        <source>clean</source>
        <comment>a step</comment>
        <translation>reinigen</translation>
    </message>
    <message>
        <source>bed</source>
        <comment>a step</comment>
        <translation>betten</translation>
    </message>
    <message>
        <source>set</source>
        <comment>a step</comment>
        <translation>anzeichnen</translation>
    </message>
    <message>
        <source>lay</source>
        <comment>a step</comment>
        <translation>auflegen</translation>
    </message>
    <message>
        <source>tape off</source>
        <comment>a step</comment>
        <translation>Band abziehen</translation>
    </message>
    <message>
        <source>seal</source>
        <comment>a step</comment>
        <translation>Dichtkante</translation>
    </message>
    <message>
        <source>press edges</source>
        <comment>a step</comment>
        <translation>Kanten andrücken</translation>
    </message>
    <message>
        <source>mask upper</source>
        <comment>a step</comment>
        <translation>oben abkleben</translation>
    </message>
    <message>
        <source>mask lower</source>
        <comment>a step</comment>
        <translation>unten abkleben</translation>
    </message>
    <message>
        <source>mask left</source>
        <comment>a step</comment>
        <translation>links abkleben</translation>
    </message>
    <message>
        <source>mask right</source>
        <comment>a step</comment>
        <translation>rechts abkleben</translation>
    </message>
    <message>
        <source>patch</source>
        <comment>a step</comment>
        <translation>flicken</translation>
    </message>
    <message>
        <source>gloves</source>
        <comment>a step</comment>
        <translation>Handschuhe</translation>
    </message>
    <message>
        <source>look over</source>
        <comment>a step</comment>
        <translation>durchsehen</translation>
    </message>
    <message>
        <source>half</source>
        <comment>a step</comment>
        <translation>Hälfte</translation>
    </message>
    <message>
        <source>other half</source>
        <comment>a step</comment>
        <translation>andere Hälfte</translation>
    </message>
    <message>
        <source>coat</source>
        <comment>a step</comment>
        <translation>Schicht</translation>
    </message>
    <message>
        <source>work</source>
        <comment>a step</comment>
        <translation>bewegen</translation>
    </message>
    <message>
        <source>stir</source>
        <comment>a step</comment>
        <translation>rühren</translation>
    </message>
    <message>
        <source>check</source>
        <comment>a step</comment>
        <translation>prüfen</translation>
    </message>
    <message>
        <source>scrape</source>
        <comment>a step</comment>
        <translation>abstreifen</translation>
    </message>
    <message>
        <source>rinse</source>
        <comment>a step</comment>
        <translation>spülen</translation>
    </message>
    <message>
        <source>look</source>
        <comment>a step</comment>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>peel</source>
        <comment>a step</comment>
        <translation>abziehen</translation>
    </message>
    <message>
        <source>wash</source>
        <comment>a step</comment>
        <translation>waschen</translation>
    </message>
    <message>
        <source>wax</source>
        <comment>a step</comment>
        <translation>wachsen</translation>
    </message>
    <message>
        <source>buff</source>
        <comment>a step</comment>
        <translation>polieren</translation>
    </message>
    <message>
        <source>tint</source>
        <comment>a step</comment>
        <translation>tönen</translation>
    </message>
    <message>
        <source>weeding</source>
        <translation>entgittern</translation>
    </message>
    <message>
        <source>how long hands take is a guess, until {least} steps of a kind are ticked off</source>
        <translation>wie lange die Hände brauchen, ist geschätzt, bis {least} Schritte einer Art abgehakt sind</translation>
    </message>
    <message>
        <source>by your own times, from {ticks} ticks: {all}; the rest is a guess</source>
        <translation>nach Ihren eigenen Zeiten, aus {ticks} Haken: {all}; der Rest ist geschätzt</translation>
    </message>
    <message>
        <source>Tint the inside</source>
        <translation>Innen tönen</translation>
    </message>
    <message>
        <source>Weed</source>
        <translation>Entgittern</translation>
    </message>
    <message>
        <source>Tape and set</source>
        <translation>Band auflegen und setzen</translation>
    </message>
    <message>
        <source>Look over</source>
        <translation>Durchsehen</translation>
    </message>
    <message>
        <source>Rub down</source>
        <translation>Anreiben</translation>
    </message>
    <message>
        <source>dries</source>
        <translation>trocknet</translation>
    </message>
    <message>
        <source>Cover the other half</source>
        <translation>Die andere Hälfte abdecken</translation>
    </message>
    <message>
        <source>Scrape and rinse</source>
        <translation>Abstreifen und spülen</translation>
    </message>
    <message>
        <source>under cream</source>
        <translation>unter Creme</translation>
    </message>
    <message>
        <source>Another coat</source>
        <translation>Noch eine Schicht</translation>
    </message>
    <message>
        <source>settles</source>
        <translation>setzt sich</translation>
    </message>
    <message>
        <source>Dab the cream on thin, until every opening is wet.</source>
        <translation>Die Creme dünn auftupfen, bis jede Öffnung nass ist.</translation>
    </message>
    <message>
        <source>Dab it on thick, until no glass shows through. Hold it to the light.</source>
        <translation>Dick auftupfen, bis kein Glas durchscheint. Gegen das Licht halten.</translation>
    </message>
    <message>
        <source>Dab it all the while, without a stop</source>
        <translation>Die ganze Zeit tupfen, ohne Pause</translation>
    </message>
    <message>
        <source>Work the cream all the while, in several directions</source>
        <translation>Die Creme die ganze Zeit bewegen, in mehreren Richtungen</translation>
    </message>
    <message>
        <source>First dab</source>
        <translation>Erster Tupfer</translation>
    </message>
    <message>
        <source>Leave the cream alone.</source>
        <translation>Die Creme ruhen lassen.</translation>
    </message>
    <message>
        <source>Stir it gently where it lies, dabbing; thicken thin places, the upper part of an upright wall first.</source>
        <translation>Sanft rühren, wo sie liegt, tupfend; dünne Stellen verstärken, zuerst den oberen Teil einer aufrechten Wand.</translation>
    </message>
    <message>
        <source>Clean one small spot near the edge, dry it and look. Put cream back on it if it is too faint.</source>
        <translation>Eine kleine Stelle nahe der Kante reinigen, trocknen und ansehen. Wieder Creme darauf, wenn sie zu schwach ist.</translation>
    </message>
    <message>
        <source>Coat {number} of {coats}. </source>
        <translation>Schicht {number} von {coats}. </translation>
    </message>
    <message>
        <source>Stir the cream in its pot. </source>
        <translation>Die Creme im Topf umrühren. </translation>
    </message>
    <message>
        <source>It takes about {seconds}. </source>
        <translation>Das dauert etwa {seconds}. </translation>
    </message>
    <message>
        <source>when the last of it is covered</source>
        <translation>wenn die letzte Stelle bedeckt ist</translation>
    </message>
    <message>
        <source>at the first dab</source>
        <translation>mit dem ersten Tupfer</translation>
    </message>
    <message>
        <source>{took}Its clock starts {clock}.</source>
        <translation>{took}Die Uhr beginnt {clock}.</translation>
    </message>
    <message>
        <source>{low} to {high} will do.</source>
        <translation>{low} bis {high} genügen.</translation>
    </message>
    <message>
        <source>Nothing is etched: the film is the decoration, and stays. Rub every edge down once more.</source>
        <translation>Geätzt wird nichts: die Folie ist der Schmuck und bleibt. Jede Kante noch einmal anreiben.</translation>
    </message>
    <message>
        <source>Put on gloves and goggles, open a window. Read the label.</source>
        <translation>Handschuhe und Schutzbrille anziehen, ein Fenster öffnen. Das Etikett lesen.</translation>
    </message>
    <message>
        <source>Look the piece over: clean, dry, no crack, no scratch.</source>
        <translation>Das Stück durchsehen: sauber, trocken, kein Sprung, kein Kratzer.</translation>
    </message>
    <message>
        <source> {title} glass: {spot}</source>
        <translation> {title}: {spot}</translation>
    </message>
    <message>
        <source>Cover the second half with tape and paper, along a line that no opening crosses.</source>
        <translation>Die zweite Hälfte mit Band und Papier abdecken, entlang einer Linie, die keine Öffnung kreuzt.</translation>
    </message>
    <message>
        <source>Scrape the cream back into the pot, never dragging it past the film.</source>
        <translation>Die Creme in den Topf zurückstreifen, nie über die Folie hinausziehen.</translation>
    </message>
    <message>
        <source>Rinse in low, gentle water with the stencil still on.</source>
        <translation>Mit sanftem, niedrigem Wasser spülen, die Schablone noch darauf.</translation>
    </message>
    <message>
        <source>Dry it. Take the cover off the second half, and cover the first one.</source>
        <translation>Trocknen. Die Abdeckung der zweiten Hälfte abnehmen und die erste abdecken.</translation>
    </message>
    <message>
        <source>Frost that gets cream again comes out deeper: cover it well.</source>
        <translation>Mattes, das noch einmal Creme bekommt, wird tiefer: gut abdecken.</translation>
    </message>
    <message>
        <source>Dry it with a soft towel, and let the air do the rest.</source>
        <translation>Mit einem weichen Handtuch trocknen, und die Luft den Rest tun lassen.</translation>
    </message>
    <message>
        <source>Wet frost cannot be seen.</source>
        <translation>Nasse Mattierung sieht man nicht.</translation>
    </message>
    <message>
        <source>Hold it against the light and look. Missed spots: cream again while the stencil is on.</source>
        <translation>Gegen das Licht halten und ansehen. Ausgelassene Stellen: noch einmal Creme, solange die Schablone sitzt.</translation>
    </message>
    <message>
        <source>Wet frost is invisible; what looks gone is not.</source>
        <translation>Nasse Mattierung ist unsichtbar; was weg scheint, ist es nicht.</translation>
    </message>
    <message>
        <source>Peel the stencil, slowly and flat. Warm air loosens what holds.</source>
        <translation>Die Schablone abziehen, langsam und flach. Warme Luft löst, was festhält.</translation>
    </message>
    <message>
        <source>Wash the glass, wipe it with alcohol, and look at it on black card.</source>
        <translation>Das Glas waschen, mit Alkohol abwischen und auf schwarzem Karton ansehen.</translation>
    </message>
    <message>
        <source>there are {grams:.0f} g in the pot, and about {at_once:.0f} g lie on glass at once</source>
        <translation>im Topf sind {grams:.0f} g, und etwa {at_once:.0f} g liegen zugleich auf Glas</translation>
    </message>
    <message>
        <source>let fewer glasses stand under cream at the same time, lay it on thinner, or open another pot</source>
        <translation>weniger Gläser zugleich unter Creme stehen lassen, dünner auftragen oder noch einen Topf öffnen</translation>
    </message>
    <message>
        <source>there are {grams:.0f} g in the pot, and the order uses up about {used:.0f} g</source>
        <translation>im Topf sind {grams:.0f} g, und der Auftrag verbraucht etwa {used:.0f} g</translation>
    </message>
    <message>
        <source>have another pot ready before the first coat</source>
        <translation>vor der ersten Schicht einen weiteren Topf bereitstellen</translation>
    </message>
    <message>
        <source>this cream has gone gritty</source>
        <translation>diese Creme ist körnig geworden</translation>
    </message>
    <message>
        <source>grit scratches and leaves clear specks: take fresh cream, and get rid of this as its safety data sheet says</source>
        <translation>Körner kratzen und lassen klare Sprenkel: frische Creme nehmen und diese entsorgen, wie ihr Sicherheitsdatenblatt es sagt</translation>
    </message>
    <message>
        <source>this cream was scraped back {uses} times</source>
        <translation>diese Creme wurde {uses} Mal zurückgestreift</translation>
    </message>
    <message>
        <source>it thickens and goes gritty with use: try it on a spot first</source>
        <translation>mit dem Gebrauch wird sie dicker und körnig: erst an einer Stelle versuchen</translation>
    </message>
    <message>
        <source>this cream was opened {age:.1f} years ago</source>
        <translation>diese Creme wurde vor {age:.1f} Jahren geöffnet</translation>
    </message>
    <message>
        <source>old cream may frost faintly: try it on a spot first, or leave it longer</source>
        <translation>alte Creme mattiert vielleicht schwach: erst an einer Stelle versuchen, oder länger lassen</translation>
    </message>
    <message>
        <source>The label&apos;s own time</source>
        <translation>Die Zeit auf dem Etikett</translation>
    </message>
    <message>
        <source>what the maker of the cream has tried</source>
        <translation>was der Hersteller der Creme erprobt hat</translation>
    </message>
    <message>
        <source>labels are careful, others say, and leave it longer</source>
        <translation>Etiketten sind vorsichtig, sagen andere, und lassen sie länger</translation>
    </message>
    <message>
        <source>no recipe is called &apos;{name}&apos;: name one of {all}, or give a file</source>
        <translation>kein Rezept heißt „{name}“: eines nennen von {all}, oder eine Datei angeben</translation>
    </message>
    <message>
        <source>the job</source>
        <translation>der Auftrag</translation>
    </message>
    <message>
        <source>the recipe</source>
        <translation>das Rezept</translation>
    </message>
    <message>
        <source>{path} is no recipe: {told} (docs/formats.md)</source>
        <translation>{path} ist kein Rezept: {told} (docs/formats.md)</translation>
    </message>
    <message>
        <source>A corner of film lifted</source>
        <translation>Eine Folienecke hat sich gehoben</translation>
    </message>
    <message>
        <source>Do not press it down: that squeezes cream under it.</source>
        <translation>Nicht andrücken: das quetscht Creme darunter.</translation>
    </message>
    <message>
        <source>Dab cream gently along its edge, so that the edge is covered.</source>
        <translation>Vorsichtig Creme an ihrer Kante entlang tupfen, damit die Kante bedeckt ist.</translation>
    </message>
    <message>
        <source>Leave it so until the rinse, and rinse that place first.</source>
        <translation>So lassen bis zum Spülen, und diese Stelle zuerst spülen.</translation>
    </message>
    <message>
        <source>Cream ran under the film</source>
        <translation>Creme ist unter die Folie gelaufen</translation>
    </message>
    <message>
        <source>Scrape the cream from that place now, towards the opening, never across the film.</source>
        <translation>Die Creme jetzt von dieser Stelle abstreifen, zur Öffnung hin, nie über die Folie.</translation>
    </message>
    <message>
        <source>Rinse that side in low water at once, if the rest can bear it; if not, rinse all and note how long it stood.</source>
        <translation>Diese Seite sofort in niedrigem Wasser spülen, wenn der Rest es verträgt; wenn nicht, alles spülen und notieren, wie lange es stand.</translation>
    </message>
    <message>
        <source>Dry it and look: a leak is permanent; it can be made part of the art, or the border etched up to it.</source>
        <translation>Trocknen und ansehen: eine Undichtigkeit bleibt; sie kann Teil des Motivs werden, oder der Rand wird bis zu ihr geätzt.</translation>
    </message>
    <message>
        <source>A hole or a slit in the film</source>
        <translation>Ein Loch oder ein Schlitz in der Folie</translation>
    </message>
    <message>
        <source>If the cream is not over it yet: dry the place, and put tape on it.</source>
        <translation>Wenn die Creme noch nicht darüber ist: die Stelle trocknen und Band darauf kleben.</translation>
    </message>
    <message>
        <source>If it is: wipe the cream off there with a damp cotton bud, dry it, and tape it.</source>
        <translation>Wenn doch: die Creme dort mit einem feuchten Wattestäbchen abwischen, trocknen und überkleben.</translation>
    </message>
    <message>
        <source>A drip on bare glass</source>
        <translation>Ein Tropfen auf blankem Glas</translation>
    </message>
    <message>
        <source>Wipe it off at once with a damp cloth, away from the art.</source>
        <translation>Sofort mit einem feuchten Tuch abwischen, weg vom Motiv.</translation>
    </message>
    <message>
        <source>Rinse the place with a wet cloth, and dry it.</source>
        <translation>Die Stelle mit einem nassen Tuch spülen und trocknen.</translation>
    </message>
    <message>
        <source>Say how long it was there: less than a few seconds mostly leaves nothing.</source>
        <translation>Angeben, wie lange er da war: weniger als ein paar Sekunden hinterlässt meist nichts.</translation>
    </message>
    <message>
        <source>No frost at the test spot</source>
        <translation>Keine Mattierung an der Prüfstelle</translation>
    </message>
    <message>
        <source>Dry the spot well and look again on black: wet frost cannot be seen.</source>
        <translation>Die Stelle gut trocknen und auf Schwarz noch einmal ansehen: nasse Mattierung sieht man nicht.</translation>
    </message>
    <message>
        <source>Put cream back on the spot, and give the glass as long again.</source>
        <translation>Wieder Creme auf die Stelle, und dem Glas noch einmal so lange geben.</translation>
    </message>
    <message>
        <source>Still nothing: the glass may be coated, or one that does not take. Rinse, and try a hidden spot.</source>
        <translation>Noch immer nichts: das Glas ist vielleicht beschichtet oder eines, das nicht annimmt. Spülen und eine verborgene Stelle versuchen.</translation>
    </message>
    <message>
        <source>The cream has dried</source>
        <translation>Die Creme ist angetrocknet</translation>
    </message>
    <message>
        <source>Do not scrape it dry: it scratches.</source>
        <translation>Nicht trocken abstreifen: das kratzt.</translation>
    </message>
    <message>
        <source>Lay fresh cream over it, wait a minute until it softens, and scrape both off together.</source>
        <translation>Frische Creme darüber legen, eine Minute warten, bis sie weich wird, und beides zusammen abstreifen.</translation>
    </message>
    <message>
        <source>Rinse long in low water.</source>
        <translation>Lange in niedrigem Wasser spülen.</translation>
    </message>
    <message>
        <source>Stencil as SVG</source>
        <translation>Schablone als SVG</translation>
    </message>
    <message>
        <source>Paper band</source>
        <translation>Papierband</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>making the files, {number} of {many} done</source>
        <translation>die Dateien entstehen, {number} von {many} getan</translation>
    </message>
    <message>
        <source>writing the files</source>
        <translation>die Dateien werden geschrieben</translation>
    </message>
    <message>
        <source>the folder {folder} cannot be made ({reason}): choose another</source>
        <translation>der Ordner {folder} ließ sich nicht anlegen ({reason}): einen anderen wählen</translation>
    </message>
    <message numerus="yes">
        <source>{n} files there were written earlier and do not belong to this order as it is now: {names}</source>
        <comment>a file there was written earlier and does not belong to this order as it is now: {names}</comment>
        <translation>
            <numerusform>eine Datei dort wurde früher geschrieben und gehört nicht zu diesem Auftrag, wie er jetzt ist: {names}</numerusform>
            <numerusform>{n} Dateien dort wurden früher geschrieben und gehören nicht zu diesem Auftrag, wie er jetzt ist: {names}</numerusform>
        </translation>
    </message>
    <message>
        <source>drawing the packet, {drawn} of {many} done</source>
        <translation>die Arbeitsmappe wird gezeichnet, {drawn} von {many} getan</translation>
    </message>
    <message>
        <source> and {n} more</source>
        <translation> und {n} weitere</translation>
    </message>
    <message>
        <source>the film&apos;s flat shape could not be found on this wall: make the art smaller</source>
        <translation>die flache Form der Folie war auf dieser Wand nicht zu finden: das Motiv kleiner machen</translation>
    </message>
    <message>
        <source>this film would fold over itself or shrink to nothing: make the art smaller, or move it towards the middle of the wall</source>
        <translation>diese Folie würde sich übereinander falten oder auf nichts schrumpfen: das Motiv kleiner machen oder zur Mitte der Wand rücken</translation>
    </message>
    <message>
        <source>{number} min</source>
        <translation>{number} min</translation>
    </message>
    <message>
        <source>laid this way the art bends too sharply to be cut: make it smaller, move it towards the middle of the wall, or lay it another way</source>
        <translation>so gelegt biegt sich das Motiv zu scharf zum Schneiden: kleiner machen, zur Mitte der Wand rücken oder anders legen</translation>
    </message>
    <message>
        <source>art {width} x {height} reaches past the point where this wall&apos;s cone closes: make it smaller, or move it towards the wider end</source>
        <translation>das Motiv, {width} x {height}, reicht über den Punkt hinaus, an dem sich der Kegel dieser Wand schließt: kleiner machen oder zum weiteren Ende rücken</translation>
    </message>
    <message>
        <source>squeezed</source>
        <translation>gestaucht</translation>
    </message>
    <message>
        <source>stretched</source>
        <translation>gedehnt</translation>
    </message>
    <message>
        <source>even snipped, </source>
        <translation>selbst eingeschnitten: </translation>
    </message>
    <message>
        <source>{even}the film is {does} by {percent} at the openings; it takes {percent2}</source>
        <translation>{even}die Folie wird an den Öffnungen um {percent} {does}; sie verträgt {percent2}</translation>
    </message>
    <message>
        <source>its edges will wrinkle there and leak</source>
        <translation>ihre Kanten werden dort Falten werfen und undicht sein</translation>
    </message>
    <message>
        <source>its edges will creep back and leak</source>
        <translation>ihre Kanten werden zurückkriechen und undicht sein</translation>
    </message>
    <message>
        <source>the border alone is {does} by up to {percent}</source>
        <translation>nur der Folienrand wird um bis zu {percent} {does}</translation>
    </message>
    <message>
        <source>wrinkles well off the openings do no harm: press outward, and tape over what lifts</source>
        <translation>Falten weit weg von den Öffnungen schaden nicht: nach außen drücken, und überkleben, was sich hebt</translation>
    </message>
    <message>
        <source>rise: it smiles</source>
        <translation>steigen: es lächelt</translation>
    </message>
    <message>
        <source>drop: it droops</source>
        <translation>sinken: es hängt</translation>
    </message>
    <message>
        <source>laid straight, the ends {looks}, by {off}</source>
        <translation>gerade gelegt, die Enden {looks}, um {off}</translation>
    </message>
    <message>
        <source>on a tapered wall a straight line is not level</source>
        <translation>auf einer konischen Wand ist eine gerade Linie nicht waagerecht</translation>
    </message>
    <message>
        <source>Follow the rim</source>
        <translation>Dem Glasrand folgen</translation>
    </message>
    <message>
        <source>beyond {turn}° to each side the art is seen up to {off} off</source>
        <translation>ab {turn}° zu jeder Seite sieht man das Motiv um bis zu {off} versetzt</translation>
    </message>
    <message>
        <source>there the glass turns away faster than art can follow</source>
        <translation>dort wendet sich das Glas schneller ab, als das Motiv folgen kann</translation>
    </message>
    <message>
        <source>{wanted} stencils are asked for, and the art parts into {have}</source>
        <translation>{wanted} Schablonen sind verlangt, und das Motiv teilt sich in {have}</translation>
    </message>
    <message>
        <source>a stencil ends in a gap of {gap} at least, and never in an opening: set lines or letters farther apart</source>
        <translation>eine Schablone endet in einer Lücke von mindestens {gap} und nie in einer Öffnung: Zeilen oder Buchstaben weiter auseinander setzen</translation>
    </message>
    <message>
        <source>As it parts</source>
        <translation>So, wie es sich teilt</translation>
    </message>
    <message>
        <source>{count} copies run into each other by {over} each</source>
        <translation>{count} Exemplare laufen je {over} ineinander</translation>
    </message>
    <message>
        <source>scaled so, a whole number of them just fits</source>
        <translation>so verkleinert passt gerade eine ganze Zahl davon</translation>
    </message>
    <message>
        <source>Close the ring: each {size} wide</source>
        <translation>Den Ring schließen: jedes {size} breit</translation>
    </message>
    <message>
        <source>where the ends meet they may miss by {misclosure}</source>
        <translation>wo die Enden sich treffen, können sie um {misclosure} verfehlen</translation>
    </message>
    <message>
        <source>that is what the readings may be off by: go round the glass with a tape, or wrap a paper proof</source>
        <translation>um so viel können die Messungen daneben liegen: mit einem Maßband um das Glas gehen oder einen Papierprüfling anlegen</translation>
    </message>
    <message>
        <source>the seam comes {degrees:.0f}° from the handle</source>
        <translation>die Naht liegt {degrees:.0f}° neben dem Henkel</translation>
    </message>
    <message>
        <source>under the handle nobody looks for it</source>
        <translation>unter dem Henkel sucht sie niemand</translation>
    </message>
    <message>
        <source>Seam to the handle</source>
        <translation>Naht zum Henkel</translation>
    </message>
    <message>
        <source>this film&apos;s edge would cross itself: make the art smaller, or lay it another way</source>
        <translation>die Kante dieser Folie würde sich kreuzen: das Motiv kleiner machen oder anders legen</translation>
    </message>
    <message>
        <source>no art is {wide} wide there, seen so: choose another way of laying, or less width</source>
        <translation>so gesehen ist dort kein Motiv {wide} breit: eine andere Art zu legen wählen, oder weniger Breite</translation>
    </message>
    <message>
        <source>art goes all round a round glass only: take the wrap away on a pane</source>
        <translation>rundum geht ein Motiv nur bei einem runden Glas: auf einer Scheibe das Umlaufen zurücknehmen</translation>
    </message>
    <message>
        <source>art that goes all round must come back to where it began: lay it following the rim or keeping letter shapes, and not turned</source>
        <translation>ein Motiv, das rundum geht, muss dorthin zurückkommen, wo es begann: dem Glasrand folgend oder formtreu legen, und nicht gedreht</translation>
    </message>
    <message>
        <source>Cut it for the least strain</source>
        <translation>Mit der geringsten Dehnung schneiden</translation>
    </message>
    <message>
        <source>Lay it warm</source>
        <translation>Warm auflegen</translation>
    </message>
    <message>
        <source>Snip the border</source>
        <translation>Den Folienrand einschneiden</translation>
    </message>
    <message>
        <source>Cut it as {many} bands, laid one after the other</source>
        <translation>In {many} Bändern schneiden, eines nach dem anderen gelegt</translation>
    </message>
    <message>
        <source>Lay it as {many} pieces</source>
        <translation>In {many} Teilen auflegen</translation>
    </message>
    <message>
        <source>Make it smaller: art {width} wide</source>
        <translation>Kleiner machen: Motiv {width} breit</translation>
    </message>
    <message>
        <source>Border {least}, art {width} wide</source>
        <translation>Folienrand {least}, Motiv {width} breit</translation>
    </message>
    <message>
        <source>Move it into the room</source>
        <translation>In den Platz rücken</translation>
    </message>
    <message>
        <source>Make it fit: {size} wide</source>
        <translation>Passend machen: {size} breit</translation>
    </message>
    <message>
        <source>&apos;{words}&apos; was not understood: write how it sits, as in &apos;too low by 3 mm, too far left by 2 mm, tilts right by 1 mm&apos;</source>
        <translation>„{words}“ war nicht zu verstehen: schreiben, wie es sitzt, etwa „3 mm zu tief, 2 mm zu weit links, kippt um 1 mm nach rechts“</translation>
    </message>
    <message>
        <source>nothing was seen to be off: write how it sits, as in &apos;too low by 3 mm, tilts right by 1 mm&apos;</source>
        <translation>es war nichts verschoben: schreiben, wie es sitzt, etwa „3 mm zu tief, kippt um 1 mm nach rechts“</translation>
    </message>
    <message>
        <source>so far off is no slip of placing: give the place anew</source>
        <translation>so weit daneben ist kein Versehen beim Setzen: den Ort neu angeben</translation>
    </message>
    <message>
        <source>this glass has no handle, so nothing can stand {where}: give it one at the glass station, or place the art by an angle</source>
        <translation>dieses Glas hat keinen Henkel, also kann nichts {where} stehen: ihm beim Glas einen geben, oder das Motiv mit einem Winkel setzen</translation>
    </message>
    <message>
        <source>opposite it</source>
        <translation>ihm gegenüber</translation>
    </message>
    <message>
        <source>between two</source>
        <translation>zwischen zweien</translation>
    </message>
    <message>
        <source>a quarter turn from it</source>
        <translation>eine Vierteldrehung davon</translation>
    </message>
    <message>
        <source>a set is judged by readings of the same places</source>
        <translation>ein Satz wird nach Messungen an denselben Stellen beurteilt</translation>
    </message>
    <message>
        <source>film cut for another girth wrinkles or sits askew</source>
        <translation>Folie, die für einen anderen Umfang geschnitten ist, wirft Falten oder sitzt schief</translation>
    </message>
    <message>
        <source>the stencil is not made for the mean of the measured glasses</source>
        <translation>die Schablone ist nicht für das Mittel der gemessenen Gläser gemacht</translation>
    </message>
    <message>
        <source>made for the mean, it is off by the least on all of them</source>
        <translation>für das Mittel gemacht, liegt sie bei allen am wenigsten daneben</translation>
    </message>
    <message>
        <source>Use the mean</source>
        <translation>Das Mittel nehmen</translation>
    </message>
    <message>
        <source>{place}: {says}</source>
        <translation>{place}: {says}</translation>
    </message>
    <message>
        <source>one wrong reading pulls the mean along</source>
        <translation>eine falsche Messung zieht das Mittel mit</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>senkrecht</translation>
    </message>
    <message>
        <source>upright</source>
        <comment>a height</comment>
        <translation>senkrechte Höhe</translation>
    </message>
    <message>
        <source>slant</source>
        <comment>a height</comment>
        <translation>Schräghöhe</translation>
    </message>
    <message>
        <source>the two heights agree: the {asked} should be {expected}</source>
        <translation>die beiden Höhen stimmen überein: {asked} sollte {expected} sein</translation>
    </message>
    <message>
        <source>both readings are the same length, so both were taken {known}, or both {asked}</source>
        <translation>beide Messungen sind gleich lang, also wurden beide gemessen als {known}, oder beide als {asked}</translation>
    </message>
    <message>
        <source>the slant is the likelier to be wrong, since a tape slips on a wall</source>
        <translation>die Schräghöhe ist eher falsch, weil ein Maßband auf der Wand rutscht</translation>
    </message>
    <message>
        <source>the {asked} should be {expected}, got {other}: {suspect}; believing it would move the ends of the rim by {shift}</source>
        <translation>{asked} sollte {expected} sein, nicht {other}: {suspect}; ihr zu glauben würde die Enden am Glasrand um {shift} verschieben</translation>
    </message>
    <message>
        <source>the weight of the water must be more than 0, got {grams:g} g</source>
        <translation>das Gewicht des Wassers muss mehr als 0 sein, nicht {grams:g} g</translation>
    </message>
    <message>
        <source>larger</source>
        <translation>größer</translation>
    </message>
    <message>
        <source>smaller</source>
        <translation>kleiner</translation>
    </message>
    <message>
        <source>agrees with the readings</source>
        <translation>stimmt mit den Messungen überein</translation>
    </message>
    <message>
        <source>speaks for diameters {error} {way}</source>
        <translation>spricht für Durchmesser, die um {error} {way} sind</translation>
    </message>
    <message>
        <source>it should hold {expected} g; {grams} g {off}</source>
        <translation>es sollte {expected} g fassen; {grams} g {off}</translation>
    </message>
    <message>
        <source>a pane holds no water: this check is for round glasses</source>
        <translation>eine Scheibe fasst kein Wasser: diese Prüfung ist für runde Gläser</translation>
    </message>
    <message>
        <source>how thick the wall and the bottom are is not typed yet: without that the water says nothing</source>
        <translation>wie dick Wand und Boden sind, ist noch nicht eingegeben: ohne das sagt das Wasser nichts</translation>
    </message>
    <message>
        <source>the bottom is as thick as the glass is high: measure it again</source>
        <translation>der Boden ist so dick, wie das Glas hoch ist: noch einmal messen</translation>
    </message>
    <message>
        <source>the wall is thicker than the glass is wide: measure it again</source>
        <translation>die Wand ist dicker, als das Glas weit ist: noch einmal messen</translation>
    </message>
    <message>
        <source>rim bead</source>
        <translation>Randwulst</translation>
    </message>
    <message>
        <source>Never etch cracked glass, and never a surface that food, drink or lips touch.</source>
        <translation>Nie gesprungenes Glas ätzen, und nie eine Fläche, die Speisen, Getränke oder Lippen berühren.</translation>
    </message>
    <message>
        <source>Try a hidden spot first, such as under the foot, and look at it dry.</source>
        <translation>Erst eine verborgene Stelle versuchen, etwa unter dem Fuß, und sie trocken ansehen.</translation>
    </message>
    <message>
        <source>Ordinary (soda-lime)</source>
        <translation>Gewöhnlich (Kalk-Natron)</translation>
    </message>
    <message>
        <source>It usually frosts evenly.</source>
        <translation>Es wird meist gleichmäßig matt.</translation>
    </message>
    <message>
        <source>Heat-strengthened</source>
        <translation>Thermisch vorgespannt</translation>
    </message>
    <message>
        <source>Some makers leave it alone since it may stay clear; others find that most pieces take.</source>
        <translation>Manche lassen es sein, weil es klar bleiben kann; andere finden, dass die meisten Stücke annehmen.</translation>
    </message>
    <message>
        <source>Strengthened glass under stress can burst: do not etch a scratched or chipped piece.</source>
        <translation>Vorgespanntes Glas kann unter Spannung zerspringen: kein zerkratztes oder abgestoßenes Stück ätzen.</translation>
    </message>
    <message>
        <source>Heat-resistant bakeware</source>
        <translation>Hitzefestes Backgeschirr</translation>
    </message>
    <message>
        <source>Some makers leave it alone since it may stay clear; others find that most pieces take. Work the underside only.</source>
        <translation>Manche lassen es sein, weil es klar bleiben kann; andere finden, dass die meisten Stücke annehmen. Nur die Unterseite bearbeiten.</translation>
    </message>
    <message>
        <source>Lead crystal</source>
        <translation>Bleikristall</translation>
    </message>
    <message>
        <source>It frosts quickly, some say too quickly: watch the time.</source>
        <translation>Es wird schnell matt, manche sagen zu schnell: auf die Zeit achten.</translation>
    </message>
    <message>
        <source>Leaded glass: for display. Keep food and drink off it, and treat the rinse water as the cream&apos;s label says.</source>
        <translation>Bleiglas: zur Zierde. Speisen und Getränke davon fernhalten, und das Spülwasser behandeln, wie das Etikett der Creme es sagt.</translation>
    </message>
    <message>
        <source>Coated, sprayed or painted</source>
        <translation>Beschichtet, besprüht oder bemalt</translation>
    </message>
    <message>
        <source>The coat keeps the cream from the glass: it will not frost there. An uncoated side may.</source>
        <translation>Die Schicht hält die Creme vom Glas fern: dort wird es nicht matt. Eine unbeschichtete Seite vielleicht.</translation>
    </message>
    <message>
        <source>Coated on the inside only</source>
        <translation>Nur innen beschichtet</translation>
    </message>
    <message>
        <source>Its bare outside frosts as other glass does.</source>
        <translation>Seine blanke Außenseite wird matt wie anderes Glas.</translation>
    </message>
    <message>
        <source>Keep cream and alcohol off the coat within: stop the mouth, and rinse the outside only.</source>
        <translation>Creme und Alkohol von der Schicht innen fernhalten: die Öffnung verschließen und nur außen spülen.</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>Its front frosts as other glass does. Nothing is seen through it: place the film from the front, by its edges.</source>
        <translation>Seine Vorderseite wird matt wie anderes Glas. Man sieht nicht hindurch: die Folie von vorn setzen, nach seinen Kanten.</translation>
    </message>
    <message>
        <source>Cream and water that creep under the back coat turn it black: tape the edges, never lay it in water, and keep alcohol off the back.</source>
        <translation>Creme und Wasser, die unter die Rückschicht kriechen, machen sie schwarz: die Kanten abkleben, nie ins Wasser legen, und Alkohol von der Rückseite fernhalten.</translation>
    </message>
    <message>
        <source>Unknown</source>
        <translation>Unbekannt</translation>
    </message>
    <message>
        <source>Nobody can say before it is tried.</source>
        <translation>Das kann niemand sagen, bevor es versucht ist.</translation>
    </message>
    <message>
        <source>{title} glass may not take: try a hidden spot first</source>
        <translation>{title}: nimmt vielleicht nicht an; erst an einer verborgenen Stelle versuchen</translation>
    </message>
    <message>
        <source>a slant of {height} cannot join these girths: it must be more than half the difference of the diameters, {gain}; measure the slant along the wall again</source>
        <translation>eine Schräghöhe von {height} kann diese Weiten nicht verbinden: sie muss mehr als die halbe Differenz der Durchmesser sein, {gain}; die Schräge an der Wand noch einmal messen</translation>
    </message>
    <message>
        <source>a frame that hides {frame} all round leaves nothing of this pane: measure the hidden edge again</source>
        <translation>ein Rahmen, der ringsum {frame} verdeckt, lässt nichts von dieser Scheibe: die verdeckte Kante noch einmal messen</translation>
    </message>
    <message>
        <source>a curved wall needs at least two stations, got {stations}</source>
        <translation>eine geschwungene Wand braucht mindestens zwei Messstellen, nicht {stations}</translation>
    </message>
    <message>
        <source>two stations stand at {above}: keep one of them</source>
        <translation>zwei Messstellen liegen bei {above}: eine davon behalten</translation>
    </message>
    <message>
        <source>the station at {above} comes after the one at {below}: list them from the base up</source>
        <translation>die Messstelle bei {above} kommt nach der bei {below}: vom Boden aufwärts angeben</translation>
    </message>
    <message>
        <source>{number} along the wall cannot join stations {number2} and {number3}: it must be more than half the difference of their diameters, {number4}</source>
        <translation>{number} an der Wand entlang kann die Messstellen {number2} und {number3} nicht verbinden: es muss mehr als die halbe Differenz ihrer Durchmesser sein, {number4}</translation>
    </message>
    <message>
        <source>no smooth wall goes through stations so far along it: take more of them, or measure upright</source>
        <translation>durch Messstellen so weit an ihr entlang geht keine glatte Wand: mehr davon nehmen oder senkrecht messen</translation>
    </message>
    <message>
        <source>the glass closes to a point above or below, like a ball: choose Ball, and measure across its widest with calipers</source>
        <translation>das Glas schließt sich oben oder unten zu einem Punkt, wie eine Kugel: Kugel wählen und an der weitesten Stelle mit der Schieblehre messen</translation>
    </message>
    <message>
        <source>the two marks of the known length lie on each other: drag them to its ends</source>
        <translation>die beiden Marken der bekannten Länge liegen aufeinander: an ihre Enden ziehen</translation>
    </message>
    <message>
        <source>one size must be known: type the rim&apos;s diameter, or mark a known length</source>
        <translation>ein Maß muss bekannt sein: den Durchmesser am Glasrand eingeben oder eine bekannte Länge markieren</translation>
    </message>
    <message>
        <source>no scale was found at which the rim comes out {rim} across: mark a known length in the picture instead, or measure the rim and the distance again</source>
        <translation>es fand sich kein Maßstab, bei dem der Glasrand {rim} weit wird: stattdessen eine bekannte Länge im Bild markieren, oder Rand und Abstand noch einmal messen</translation>
    </message>
    <message>
        <source>the two marks of the axis must stand above each other</source>
        <translation>die beiden Marken der Achse müssen übereinander stehen</translation>
    </message>
    <message>
        <source>the camera would stand inside the glass: {distance} is too near</source>
        <translation>die Kamera stünde im Glas: {distance} ist zu nah</translation>
    </message>
    <message>
        <source>the wall of the glass could not be told from its rim and base: take the picture level</source>
        <translation>die Wand des Glases war von Rand und Boden nicht zu unterscheiden: das Bild waagerecht aufnehmen</translation>
    </message>
    <message>
        <source>what the paper did fits no glass: lay it on again, rim on rim at the front</source>
        <translation>was das Papier zeigte, passt zu keinem Glas: noch einmal anlegen, vorn Rand auf Rand</translation>
    </message>
    <message>
        <source>the overlap is longer than the way round: measure it again</source>
        <translation>die Überlappung ist länger als der Umfang: noch einmal messen</translation>
    </message>
    <message>
        <source>no reading yet: type one a line, such as 86.2 or 3 3/8 in</source>
        <translation>noch keine Messung: eine je Zeile eingeben, etwa 86,2 oder 3 3/8 in</translation>
    </message>
    <message>
        <source>reading {number}: {error}</source>
        <translation>Messung {number}: {error}</translation>
    </message>
    <message>
        <source>reading {number}: a length must be more than 0, got {line}</source>
        <translation>Messung {number}: eine Länge muss mehr als 0 sein, nicht {line}</translation>
    </message>
    <message>
        <source>{mean} is narrower than this tool can tell: use calipers</source>
        <translation>{mean} ist schmäler, als dieses Werkzeug unterscheiden kann: eine Schieblehre nehmen</translation>
    </message>
    <message>
        <source>station {number}</source>
        <translation>Messstelle {number}</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>rim</source>
        <translation>Glasrand</translation>
    </message>
    <message>
        <source>base</source>
        <translation>Boden</translation>
    </message>
    <message>
        <source>diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>one reading: take two or three more, each from a fresh start</source>
        <translation>eine Messung: zwei oder drei weitere nehmen, jede von Neuem angesetzt</translation>
    </message>
    <message>
        <source>{odd} stands apart from the others: read it again</source>
        <translation>{odd} steht abseits der anderen: noch einmal ablesen</translation>
    </message>
    <message>
        <source>the readings agree within what the tool can tell</source>
        <translation>die Messungen stimmen überein, so weit das Werkzeug es zeigt</translation>
    </message>
    <message>
        <source>out of round by {spread}: the film follows the girth, so the mean is right</source>
        <translation>unrund um {spread}: die Folie folgt dem Umfang, also ist das Mittel richtig</translation>
    </message>
    <message>
        <source>they spread by {spread}, more than the tool explains: take a few more</source>
        <translation>sie streuen um {spread}, mehr als das Werkzeug erklärt: noch einige nehmen</translation>
    </message>
    <message>
        <source>the measured glasses are not alike: measure each the same way, at the same stations</source>
        <translation>die gemessenen Gläser sind nicht gleich: jedes auf dieselbe Weise messen, an denselben Stellen</translation>
    </message>
    <message>
        <source>one stencil does not fit all {count}: glass {worst} moves its corner by {corner}; sort them, or cut one for it alone</source>
        <translation>eine Schablone passt nicht auf alle {count}: Glas {worst} verschiebt ihre Ecke um {corner}; aussortieren, oder für dieses allein eine schneiden</translation>
    </message>
    <message>
        <source>one stencil fits all {count} as a motif (corner within {corner}); a full wrap would miss by {closing} on glass {worst}</source>
        <translation>eine Schablone passt als Motiv auf alle {count} (Ecke innerhalb {corner}); rundum würde sie bei Glas {worst} um {closing} verfehlen</translation>
    </message>
    <message>
        <source>one stencil fits all {count}: its corner moves by no more than {corner}</source>
        <translation>eine Schablone passt auf alle {count}: ihre Ecke verschiebt sich um höchstens {corner}</translation>
    </message>
    <message>
        <source>{name} takes {size:.1f} MB with its notes and picture: a glass on the shelf may take {most:.0f}</source>
        <translation>{name} braucht mit Notizen und Bild {size:.1f} MB: ein Glas im Regal darf {most:.0f} brauchen</translation>
    </message>
    <message>
        <source>{name} cannot be written ({error}): the glass was not kept</source>
        <translation>{name} lässt sich nicht schreiben ({error}): das Glas wurde nicht aufgehoben</translation>
    </message>
    <message>
        <source>{name} stays on the shelf: its file cannot be moved ({error})</source>
        <translation>{name} bleibt im Regal: die Datei lässt sich nicht verschieben ({error})</translation>
    </message>
    <message>
        <source>{name} on the shelf is not a glass ({wrong}): mend or remove it</source>
        <translation>{name} im Regal ist kein Glas ({wrong}): in Ordnung bringen oder entfernen</translation>
    </message>
    <message>
        <source>the girth at station {number}</source>
        <translation>die Weite an Messstelle {number}</translation>
    </message>
    <message>
        <source>the height of station {number}</source>
        <translation>die Höhe von Messstelle {number}</translation>
    </message>
    <message>
        <source>the rim</source>
        <translation>der Glasrand</translation>
    </message>
    <message>
        <source>the base</source>
        <translation>der Boden</translation>
    </message>
    <message>
        <source>the height</source>
        <translation>die Höhe</translation>
    </message>
    <message>
        <source>the diameter</source>
        <translation>der Durchmesser</translation>
    </message>
    <message>
        <source>the art reaches a pole of the glass, where no sheet can lie: move or shrink it</source>
        <translation>das Motiv reicht an einen Pol des Glases, wo kein Bogen liegen kann: verschieben oder verkleinern</translation>
    </message>
    <message>
        <source>the eye must stand outside the glass, got {distance} from its axis</source>
        <translation>das Auge muss außerhalb des Glases stehen, nicht {distance} von seiner Achse</translation>
    </message>
    <message>
        <source>two items have the same key, and each needs one of its own</source>
        <translation>zwei Elemente haben denselben Schlüssel, und jedes braucht einen eigenen</translation>
    </message>
    <message>
        <source>two columns of the list have the same name, and each needs one of its own</source>
        <translation>zwei Spalten der Liste haben denselben Namen, und jede braucht einen eigenen</translation>
    </message>
    <message>
        <source>two rows of the list have the same key, and each needs one of its own</source>
        <translation>zwei Zeilen der Liste haben denselben Schlüssel, und jede braucht einen eigenen</translation>
    </message>
    <message>
        <source>every row of the list needs one cell for each column</source>
        <translation>jede Zeile der Liste braucht eine Zelle für jede Spalte</translation>
    </message>
    <message>
        <source>{name}, {copy} of {count}</source>
        <translation>{name}, {copy} von {count}</translation>
    </message>
    <message>
        <source>two pieces have the same key, and each needs one of its own</source>
        <translation>zwei Stücke haben denselben Schlüssel, und jedes braucht einen eigenen</translation>
    </message>
    <message>
        <source>{n} pieces are called &apos;{name}&apos;: name one of {names}, or give its number from 1</source>
        <translation>{n} Stücke heißen „{name}“: eines nennen von {names}, oder seine Nummer ab 1 angeben</translation>
    </message>
    <message>
        <source>no piece is called &apos;{name}&apos;: name one of {names}, or give its number from 1</source>
        <translation>kein Stück heißt „{name}“: eines nennen von {names}, oder seine Nummer ab 1 angeben</translation>
    </message>
    <message>
        <source>an order holds {most} pieces at most: make a second order of the rest</source>
        <translation>ein Auftrag fasst höchstens {most} Stücke: aus dem Rest einen zweiten Auftrag machen</translation>
    </message>
    <message>
        <source>an order holds at least one piece: put another in before this one is taken out</source>
        <translation>ein Auftrag enthält mindestens ein Stück: ein anderes aufnehmen, bevor dieses herauskommt</translation>
    </message>
    <message>
        <source>the recipe &apos;{name}&apos;: {trouble}</source>
        <translation>das Rezept „{name}“: {trouble}</translation>
    </message>
    <message>
        <source>it must begin with a coat of cream</source>
        <translation>es muss mit einer Schicht Creme beginnen</translation>
    </message>
    <message>
        <source>the cream needs time: give it a rest or a worked stretch</source>
        <translation>die Creme braucht Zeit: ihr eine Ruhe oder eine Zeit mit Bewegung geben</translation>
    </message>
    <message>
        <source>{seconds:.0f} hours under cream is more than a day: shorten it</source>
        <translation>{seconds:.0f} Stunden unter Creme sind mehr als ein Tag: kürzer machen</translation>
    </message>
    <message>
        <source>cream that was just laid on needs time: end with a rest or a worked stretch</source>
        <translation>Creme, die gerade aufgetragen wurde, braucht Zeit: mit einer Ruhe oder einer Zeit mit Bewegung enden</translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source>phase {number}: a {does} is {can}</source>
        <translation>Phase {number}: „{does}“ geht {can}</translation>
    </message>
    <message>
        <source>phase {number}: a {does} has no &apos;how&apos;</source>
        <translation>Phase {number}: „{does}“ hat kein Wie</translation>
    </message>
    <message>
        <source>phase {number}: a {does} of no length: give its time, or take it out</source>
        <translation>Phase {number}: „{does}“ ohne Dauer: eine Zeit angeben oder herausnehmen</translation>
    </message>
    <message>
        <source>phase {number}: a tolerance of {tolerance:g} s: no hand is that exact, give at least {least:g} s</source>
        <translation>Phase {number}: ein Spielraum von {tolerance:g} s: so genau ist keine Hand, mindestens {least:g} s geben</translation>
    </message>
    <message>
        <source>opened on {day}: there is no such day</source>
        <translation>geöffnet am {day}: Diesen Tag gibt es nicht</translation>
    </message>
    <message>
        <source>a setting like fit.across=60mm was wanted, got &apos;{setting}&apos;</source>
        <translation>erwartet wurde eine Einstellung wie fit.across=60mm, nicht „{setting}“</translation>
    </message>
    <message>
        <source>{path}: a number from 0 to {owner} was wanted, got &apos;{step}&apos;</source>
        <translation>{path}: erwartet wurde eine Zahl von 0 bis {owner}, nicht „{step}“</translation>
    </message>
    <message>
        <source>{path}: there are no rows here yet</source>
        <translation>{path}: hier gibt es noch keine Zeilen</translation>
    </message>
    <message>
        <source>{path}: there is nothing below &apos;{steps}&apos;</source>
        <translation>{path}: unter „{steps}“ gibt es nichts</translation>
    </message>
    <message>
        <source>, perhaps &apos;{near}&apos;</source>
        <translation>, vielleicht „{near}“</translation>
    </message>
    <message>
        <source>: there are {all}</source>
        <translation>: es gibt {all}</translation>
    </message>
    <message>
        <source>{path}: there is no &apos;{name}&apos; here{hint}</source>
        <translation>{path}: „{name}“ gibt es hier nicht{hint}</translation>
    </message>
    <message>
        <source>{path}: this is a whole part; give one of its fields, or all of it as JSON</source>
        <translation>{path}: das ist ein ganzer Teil; eines seiner Felder angeben, oder alles als JSON</translation>
    </message>
    <message>
        <source>{path}: this is not JSON ({error})</source>
        <translation>{path}: das ist kein JSON ({error})</translation>
    </message>
    <message>
        <source>{path}: yes or no was wanted, got &apos;{text}&apos;</source>
        <translation>{path}: erwartet wurde yes oder no, nicht „{text}“</translation>
    </message>
    <message>
        <source>{path}: a number was wanted, got &apos;{text}&apos;</source>
        <translation>{path}: erwartet wurde eine Zahl, nicht „{text}“</translation>
    </message>
    <message>
        <source>{place}: expected a finite number, got {number}</source>
        <translation>{place}: erwartet wurde eine endliche Zahl, nicht {number}</translation>
    </message>
    <message>
        <source>{path}: there is no &apos;{step}&apos;</source>
        <translation>{path}: „{step}“ gibt es nicht</translation>
    </message>
    <message>
        <source>{path}: a number from 0 to {branch} was wanted, got &apos;{step}&apos;</source>
        <translation>{path}: erwartet wurde eine Zahl von 0 bis {branch}, nicht „{step}“</translation>
    </message>
    <message>
        <source>{called} holds the unknown field &apos;{name}&apos;</source>
        <translation>{called} enthält das unbekannte Feld „{name}“</translation>
    </message>
    <message>
        <source>, got {tree!r}</source>
        <translation>, nicht {tree!r}</translation>
    </message>
    <message>
        <source>{tree!r} is not one of the choices</source>
        <translation>{tree!r} ist keine der Möglichkeiten</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>eine ganze Zahl</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>named values</source>
        <translation>benannte Werte</translation>
    </message>
    <message>
        <source>expected {what}</source>
        <translation>erwartet war {what}</translation>
    </message>
    <message>
        <source>too few to tell</source>
        <translation>zu wenige, um es zu sagen</translation>
    </message>
    <message>
        <source>fewer fail since</source>
        <translation>seither misslingen weniger</translation>
    </message>
    <message>
        <source>more fail since</source>
        <translation>seither misslingen mehr</translation>
    </message>
    <message>
        <source>{what}: {since} since {day}, {before} before: {failed} of {made} pieces not good since ({rates:.0%}), {failed2} of {made2} before ({rates2:.0%}); {known}</source>
        <translation>{what}: {since} seit {day}, vorher {before}: {failed} von {made} Stücken seither nicht gut ({rates:.0%}), {failed2} von {made2} vorher ({rates2:.0%}); {known}</translation>
    </message>
    <message>
        <source>film</source>
        <translation>Folie</translation>
    </message>
    <message>
        <source>cream</source>
        <translation>Creme</translation>
    </message>
    <message>
        <source>recipe</source>
        <translation>Rezept</translation>
    </message>
    <message>
        <source>{what}: {number:.3g} {unit}, from {n} entries</source>
        <translation>{what}: {number:.3g} {unit}, aus {n} Einträgen</translation>
    </message>
    <message>
        <source>{stage}, a piece</source>
        <translation>{stage}, je Stück</translation>
    </message>
    <message>
        <source>a bit weeded</source>
        <translation>ein entgittertes Teil</translation>
    </message>
    <message>
        <source>cream used up on 10 cm²</source>
        <translation>Creme, verbraucht auf 10 cm²</translation>
    </message>
    <message>
        <source>oftener</source>
        <translation>öfter</translation>
    </message>
    <message>
        <source>more seldom</source>
        <translation>seltener</translation>
    </message>
    <message>
        <source>{fault} comes {word} with {name}: {had} of {made} pieces ({with_it:.0%}), and {had2} of {made2} without ({without:.0%}); {low:.0f} to {high:.0f} points apart</source>
        <translation>„{fault}“ kommt {word} bei „{name}“: {had} von {made} Stücken ({with_it:.0%}), ohne das {had2} von {made2} ({without:.0%}); {low:.0f} bis {high:.0f} Punkte auseinander</translation>
    </message>
    <message>
        <source>Let the film settle {longer:g} minutes</source>
        <translation>Die Folie {longer:g} Minuten setzen lassen</translation>
    </message>
    <message>
        <source>Snip the border, so that it gives</source>
        <translation>Den Folienrand einschneiden, damit er nachgibt</translation>
    </message>
    <message>
        <source>Use {other} film</source>
        <translation>{other} nehmen</translation>
    </message>
    <message>
        <source>ask for wider webs at the stencil</source>
        <translation>bei der Schablone breitere Stege verlangen</translation>
    </message>
    <message>
        <source>Ask for webs of {web} at least</source>
        <translation>Stege von mindestens {web} verlangen</translation>
    </message>
    <message>
        <source>Ask for islands of {island} at least</source>
        <translation>Inseln von mindestens {island} verlangen</translation>
    </message>
    <message>
        <source>webs of film under {web}</source>
        <translation>Stege unter {web}</translation>
    </message>
    <message>
        <source>islands under {island}</source>
        <translation>Inseln unter {island}</translation>
    </message>
    <message>
        <source>ask for larger islands at the stencil</source>
        <translation>bei der Schablone größere Inseln verlangen</translation>
    </message>
    <message>
        <source>less than {minutes:g} minutes of settling</source>
        <translation>weniger als {minutes:g} Minuten zum Setzen</translation>
    </message>
    <message>
        <source>let the film settle longer</source>
        <translation>die Folie länger setzen lassen</translation>
    </message>
    <message>
        <source>cream opened more than a year ago</source>
        <translation>Creme, die vor mehr als einem Jahr geöffnet wurde</translation>
    </message>
    <message>
        <source>take a fresh pot</source>
        <translation>einen frischen Topf nehmen</translation>
    </message>
    <message>
        <source>film that gives more than {strain:g} % at the openings</source>
        <translation>Folie, die an den Öffnungen mehr als {strain:g} % nachgibt</translation>
    </message>
    <message>
        <source>snip the border, or make it smaller</source>
        <translation>den Folienrand einschneiden oder schmäler machen</translation>
    </message>
    <message>
        <source>{kind} film</source>
        <translation>{kind}</translation>
    </message>
    <message>
        <source>try another film</source>
        <translation>eine andere Folie versuchen</translation>
    </message>
    <message>
        <source>what your own pieces show, after all looks that were taken</source>
        <translation>was Ihre eigenen Stücke zeigen, nach allem, was angesehen wurde</translation>
    </message>
    <message>
        <source> on {material} glass</source>
        <translation> auf Glas: {material}</translation>
    </message>
    <message>
        <source>go by its label</source>
        <translation>nach dem Etikett gehen</translation>
    </message>
    <message>
        <source>its label says {min}</source>
        <translation>das Etikett sagt {min}</translation>
    </message>
    <message>
        <source>too few: {pieces} with &apos;{cream}&apos;{where}, and {least} are the least that say something; {label}</source>
        <translation>zu wenige: {pieces} mit „{cream}“{where}, und unter {least} sagen sie nichts; {label}</translation>
    </message>
    <message>
        <source>{min}: there 9 of 10 pieces frost well ({min2} to {min3} with a belief of 8 in 10, from {pieces})</source>
        <translation>{min}: damit werden 9 von 10 Stücken gut matt ({min2} bis {min3} mit einer Sicherheit von 8 in 10; {pieces})</translation>
    </message>
    <message>
        <source>none came out faint, and none stood less than {min}: a shorter time may do</source>
        <translation>keines kam schwach heraus, und keines stand kürzer als {min}: eine kürzere Zeit genügt vielleicht</translation>
    </message>
    <message>
        <source>none came out well yet, and none stood longer than {min}: go longer, in small steps</source>
        <translation>noch keines kam gut heraus, und keines stand länger als {min}: länger gehen, in kleinen Schritten</translation>
    </message>
    <message>
        <source>by then more than 1 in 10 leaks (from {min} on): press the edges better, or let the film settle longer, before you leave it so long</source>
        <translation>bis dahin ist mehr als 1 von 10 undicht (ab {min}): die Kanten besser andrücken oder die Folie länger setzen lassen, bevor Sie sie so lange stehen lassen</translation>
    </message>
    <message>
        <source>after {min} more than 1 in 10 leaks</source>
        <translation>nach {min} ist mehr als 1 von 10 undicht</translation>
    </message>
    <message>
        <source>{minutes} min</source>
        <translation>{minutes} min</translation>
    </message>
    <message numerus="yes">
        <source>{n} pieces</source>
        <comment>{n} piece</comment>
        <translation>
            <numerusform>{n} Stück</numerusform>
            <numerusform>{n} Stücke</numerusform>
        </translation>
    </message>
    <message>
        <source>no entry was taken out that could be put back</source>
        <translation>es wurde kein Eintrag herausgenommen, der wieder eingetragen werden könnte</translation>
    </message>
    <message>
        <source>the logbook {path} cannot be used ({error}): {advice}</source>
        <translation>das Logbuch {path} lässt sich nicht benutzen ({error}): {advice}</translation>
    </message>
    <message>
        <source>the logbook has no entry number {number}: it was taken out, or its row is spoiled</source>
        <translation>das Logbuch hat keinen Eintrag Nummer {number}: er wurde herausgenommen, oder seine Zeile ist verdorben</translation>
    </message>
    <message>
        <source>another program holds it: close that, and try again</source>
        <translation>ein anderes Programm hält sie: dieses schließen und noch einmal versuchen</translation>
    </message>
    <message>
        <source>make room on the disk, and try again</source>
        <translation>Platz auf der Platte schaffen und noch einmal versuchen</translation>
    </message>
    <message>
        <source>it cannot be written there: give yourself the right to, and try again</source>
        <translation>dort kann nicht geschrieben werden: sich das Recht dazu geben und noch einmal versuchen</translation>
    </message>
    <message>
        <source>move it to begin anew</source>
        <translation>es wegschieben, um neu zu beginnen</translation>
    </message>
    <message>
        <source>Use permanent vinyl, which grips best</source>
        <translation>Permanentfolie nehmen, die am besten haftet</translation>
    </message>
    <message>
        <source>the last time, on {made_on}, it came out: {outcome}</source>
        <translation>beim letzten Mal, am {made_on}, kam es so heraus: {outcome}</translation>
    </message>
    <message>
        <source>look at what was noted before it is made again</source>
        <translation>die Notizen ansehen, bevor es noch einmal gemacht wird</translation>
    </message>
    <message>
        <source>how_many: from 1 to {most} was wanted, got {how_many}</source>
        <translation>how_many: erwartet wurde 1 bis {most}, nicht {how_many}</translation>
    </message>
    <message>
        <source>{name}: a number of at least 0 was wanted, got {value:g}</source>
        <translation>{name}: erwartet wurde eine Zahl von mindestens 0, nicht {value:g}</translation>
    </message>
    <message>
        <source>minutes: at most a day ({most:g}) was wanted, got {minutes:g}</source>
        <translation>minutes: erwartet wurde höchstens ein Tag ({most:g}), nicht {minutes:g}</translation>
    </message>
    <message>
        <source>stars: from 0 to {most} was wanted, got {stars}</source>
        <translation>stars: erwartet wurde 0 bis {most}, nicht {stars}</translation>
    </message>
    <message>
        <source>{name}: at most {most} letters were wanted</source>
        <translation>{name}: erwartet wurden höchstens {most} Buchstaben</translation>
    </message>
    <message>
        <source>{minutes:g} min</source>
        <translation>{minutes:g} min</translation>
    </message>
    <message>
        <source>outcome: one of {all} was wanted, got &apos;{part}&apos;</source>
        <translation>Ergebnis: erwartet wurde eines von {all}, nicht „{part}“</translation>
    </message>
    <message>
        <source>outcome: {total} copies are told of, and {how_many} were made</source>
        <translation>Ergebnis: von {total} Exemplaren ist die Rede, und {how_many} wurden gemacht</translation>
    </message>
    <message>
        <source>made_on: a day like 2026-11-28 was wanted, got &apos;{text}&apos;</source>
        <translation>made_on: erwartet wurde ein Tag wie 2026-11-28, nicht „{text}“</translation>
    </message>
    <message>
        <source>{entries}, {pieces}</source>
        <translation>{entries}, {pieces}</translation>
    </message>
    <message numerus="yes">
        <source>{n} entries</source>
        <comment>{n} entry</comment>
        <translation>
            <numerusform>{n} Eintrag</numerusform>
            <numerusform>{n} Einträge</numerusform>
        </translation>
    </message>
    <message>
        <source>the card in the picture is bent, or its markers lie elsewhere than printed: lay it flat, and print it at 100 %</source>
        <translation>die Karte im Bild ist gebogen, oder ihre Marken liegen anders als gedruckt: flach legen und mit 100 % drucken</translation>
    </message>
    <message>
        <source>Inspection card</source>
        <translation>Prüfkarte</translation>
    </message>
    <message>
        <source>Print at 100 %, not fitted: the line below must be 100 mm long. Fold the page at the arrow&apos;s tip, stand it up.</source>
        <translation>Mit 100 % drucken, nicht eingepasst: die Linie unten muss 100 mm lang sein. Das Blatt an der Pfeilspitze falten und aufstellen.</translation>
    </message>
    <message>
        <source>The piece stands on this foot, against the upright part, the middle of its art at the arrow.</source>
        <translation>Das Stück steht auf diesem Fuß, am aufrechten Teil, die Mitte seines Motivs am Pfeil.</translation>
    </message>
    <message>
        <source>Light from the side, the camera level with the art, all corners of the page in the picture.</source>
        <translation>Licht von der Seite, die Kamera auf Höhe des Motivs, alle Ecken des Blatts im Bild.</translation>
    </message>
    <message>
        <source>no inspection card was found in the picture: put the printed card behind the piece, all of it in the picture, or point at four corners</source>
        <translation>im Bild war keine Prüfkarte zu finden: die gedruckte Karte hinter das Stück stellen, ganz im Bild, oder auf vier Ecken zeigen</translation>
    </message>
    <message>
        <source>only {pairs} of the card&apos;s {known} markers can be seen: take the picture with all of the card in it, and nothing over its edges</source>
        <translation>nur {pairs} der {known} Marken der Karte sind zu sehen: das Bild mit der ganzen Karte aufnehmen, und nichts über ihren Kanten</translation>
    </message>
    <message>
        <source>the four corners were pointed at out of order: upper left first, then round to the right</source>
        <translation>auf die vier Ecken wurde in falscher Reihenfolge gezeigt: oben links zuerst, dann rechts herum</translation>
    </message>
    <message>
        <source>{what}: {area} at {x} across, {y} up on the sheet{hand}</source>
        <translation>{what}: {area} bei {x} quer, {y} hoch auf dem Bogen{hand}</translation>
    </message>
    <message>
        <source>, marked by hand</source>
        <translation>, von Hand markiert</translation>
    </message>
    <message>
        <source>nothing that was to be film is bright, and nothing of the film came off</source>
        <translation>nichts, was Folie sein sollte, ist hell, und von der Folie ging nichts ab</translation>
    </message>
    <message>
        <source>no leak and no void: the frost lies where it was drawn</source>
        <translation>nichts undicht und nichts leer: die Mattierung liegt, wo sie gezeichnet war</translation>
    </message>
    <message>
        <source>it is straight, within half a degree</source>
        <translation>es ist gerade, auf ein halbes Grad genau</translation>
    </message>
    <message>
        <source>it is turned {turned:.1f}° to the left</source>
        <translation>es ist um {turned:.1f}° nach links gedreht</translation>
    </message>
    <message>
        <source>it is turned {turned:.1f}° to the right</source>
        <translation>es ist um {turned:.1f}° nach rechts gedreht</translation>
    </message>
    <message>
        <source>the glass&apos;s upper edge</source>
        <translation>der Oberkante des Glases</translation>
    </message>
    <message>
        <source>its upper edge is {rim} from {edge}, {by} {way} than planned</source>
        <translation>seine Oberkante ist {rim} entfernt ({edge}), {by} {way} als geplant</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>lower</source>
        <comment>than planned</comment>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>its edges are ragged: they stray by {edge}</source>
        <translation>seine Kanten sind zackig: sie schwanken um {edge}</translation>
    </message>
    <message>
        <source>is out of sight</source>
        <translation>ist nicht zu sehen</translation>
    </message>
    <message>
        <source>lies under a lamp&apos;s glare</source>
        <translation>liegt unter dem Glanz einer Lampe</translation>
    </message>
    <message>
        <source>{share:.0%} of the art {what} in this picture, and was not judged</source>
        <translation>{share:.0%} des Motivs: {what} auf diesem Bild, und wurde nicht beurteilt</translation>
    </message>
    <message>
        <source>nothing is etched on this piece, so there is no frost to look for</source>
        <translation>auf diesem Stück ist nichts geätzt, also gibt es keine Mattierung zu suchen</translation>
    </message>
    <message>
        <source>the picture has {shape} x {shape2} pixels: take one of at least {least} each way</source>
        <translation>das Bild hat {shape} x {shape2} Pixel: eines mit mindestens {least} in jeder Richtung aufnehmen</translation>
    </message>
    <message>
        <source>looking for the card</source>
        <translation>sucht die Karte</translation>
    </message>
    <message>
        <source>laying the design on it</source>
        <translation>legt den Entwurf darauf</translation>
    </message>
    <message>
        <source>what is seen there is not this piece, or a lamp&apos;s glare lies over it: choose the piece it is of, or move the lamp and take the picture again</source>
        <translation>was dort zu sehen ist, ist nicht dieses Stück, oder der Glanz einer Lampe liegt darüber: das Stück wählen, von dem es ist, oder die Lampe verstellen und das Bild noch einmal aufnehmen</translation>
    </message>
    <message>
        <source>what is seen there is not this piece, or its art is turned away: choose the piece it is of, and turn the art to the camera</source>
        <translation>was dort zu sehen ist, ist nicht dieses Stück, oder sein Motiv ist abgewandt: das Stück wählen, von dem es ist, und das Motiv zur Kamera drehen</translation>
    </message>
    <message>
        <source>judging it</source>
        <translation>beurteilt es</translation>
    </message>
    <message>
        <source>lies under a lamp&apos;s glare: move the lamp</source>
        <translation>liegt unter dem Glanz einer Lampe: die Lampe verstellen</translation>
    </message>
    <message>
        <source>is out of sight: turn the art to the camera</source>
        <translation>ist nicht zu sehen: das Motiv zur Kamera drehen</translation>
    </message>
    <message>
        <source>{share:.0%} of the art {what}, and take the picture again</source>
        <translation>{share:.0%} des Motivs {what}, und das Bild noch einmal aufnehmen</translation>
    </message>
    <message>
        <source>frost</source>
        <translation>Mattierung</translation>
    </message>
    <message>
        <source>no {what} is seen before the black: light it from the side, dry, and take it again</source>
        <translation>vor dem Schwarz ist nichts zu sehen von: {what}; trocken von der Seite beleuchten und noch einmal aufnehmen</translation>
    </message>
    <message>
        <source>{name} holds no entries: a heading row and a row for each piece were wanted</source>
        <translation>{name} enthält keine Einträge: erwartet wurden eine Kopfzeile und eine Zeile je Stück</translation>
    </message>
    <message numerus="yes">
        <source>; {n} were in the book already</source>
        <comment>; {n} was in the book already</comment>
        <translation>
            <numerusform>; {n} war schon im Buch</numerusform>
            <numerusform>; {n} waren schon im Buch</numerusform>
        </translation>
    </message>
    <message>
        <source>{name} is no list: a spreadsheet (XLSX, ODS), CSV or JSON is wanted</source>
        <translation>{name} ist keine Liste: Gebraucht wird eine Tabelle (XLSX, ODS), CSV oder JSON</translation>
    </message>
    <message>
        <source>{called} is no CSV that can be read ({error}): save it anew as CSV</source>
        <translation>{called} ist kein lesbares CSV ({error}): neu als CSV sichern</translation>
    </message>
    <message>
        <source>{called}: the first row must name the columns, made_on and job among them; &apos;log --csv&apos; shows them all</source>
        <translation>{called}: die erste Zeile muss die Spalten nennen, darunter made_on und job; „log --csv“ zeigt alle</translation>
    </message>
    <message>
        <source>{called}, row {number}: {cells} cells, and {heads} columns are named</source>
        <translation>{called}, Zeile {number}: {cells} Zellen, und {heads} Spalten sind genannt</translation>
    </message>
    <message>
        <source>{called}, row {number}</source>
        <translation>{called}, Zeile {number}</translation>
    </message>
    <message>
        <source>{called} has more than {most} entries: part it into several</source>
        <translation>{called} hat mehr als {most} Einträge: in mehrere teilen</translation>
    </message>
    <message>
        <source>{called} is no JSON that can be read ({str})</source>
        <translation>{called} ist kein lesbares JSON ({str})</translation>
    </message>
    <message>
        <source>{called}, entry {number}: an object with fields was wanted</source>
        <translation>{called}, Eintrag {number}: erwartet wurde ein Objekt mit Feldern</translation>
    </message>
    <message>
        <source>{called}, entry {number}</source>
        <translation>{called}, Eintrag {number}</translation>
    </message>
    <message>
        <source>{called}: {name} is missing</source>
        <translation>{called}: {name} fehlt</translation>
    </message>
    <message>
        <source>{called}, {name}: {wanted} was wanted, got &apos;{text}&apos;</source>
        <translation>{called}, {name}: erwartet wurde {wanted}, nicht „{text}“</translation>
    </message>
    <message>
        <source>The piece</source>
        <translation>Das Stück</translation>
    </message>
    <message>
        <source>Made on</source>
        <translation>Gemacht am</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>Glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>Kind of glass</source>
        <translation>Art des Glases</translation>
    </message>
    <message>
        <source>On the shelf as</source>
        <translation>Im Regal als</translation>
    </message>
    <message>
        <source>Art</source>
        <translation>Motiv</translation>
    </message>
    <message>
        <source>Typefaces</source>
        <translation>Schriften</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>Licences</source>
        <translation>Lizenzen</translation>
    </message>
    <message>
        <source>Width of the art</source>
        <translation>Breite des Motivs</translation>
    </message>
    <message>
        <source>Height of the art</source>
        <translation>Höhe des Motivs</translation>
    </message>
    <message>
        <source>Area of the frost</source>
        <translation>Matte Fläche</translation>
    </message>
    <message>
        <source>Film and cut</source>
        <translation>Folie und Schnitt</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>Folie</translation>
    </message>
    <message>
        <source>Cutter</source>
        <translation>Schneideplotter</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Durchgänge</translation>
    </message>
    <message>
        <source>Mends</source>
        <translation>Ausbesserungen</translation>
    </message>
    <message>
        <source>Ties</source>
        <translation>Haltestege</translation>
    </message>
    <message>
        <source>Bits to weed</source>
        <translation>Teile zum Entgittern</translation>
    </message>
    <message>
        <source>Thinnest web</source>
        <translation>Dünnster Steg</translation>
    </message>
    <message>
        <source>Smallest island</source>
        <translation>Kleinste Insel</translation>
    </message>
    <message>
        <source>Most strain</source>
        <translation>Größte Dehnung</translation>
    </message>
    <message>
        <source>Etch</source>
        <translation>Ätzen</translation>
    </message>
    <message>
        <source>Recipe</source>
        <translation>Rezept</translation>
    </message>
    <message>
        <source>Cream</source>
        <translation>Creme</translation>
    </message>
    <message>
        <source>Age of the cream</source>
        <translation>Alter der Creme</translation>
    </message>
    <message>
        <source>Cream used up</source>
        <translation>Creme verbraucht</translation>
    </message>
    <message>
        <source>Time under cream</source>
        <translation>Zeit unter Creme</translation>
    </message>
    <message>
        <source>Film settled for</source>
        <translation>Folie gesetzt</translation>
    </message>
    <message>
        <source>Minutes of hands</source>
        <translation>Minuten der Hände</translation>
    </message>
    <message>
        <source>Cutting</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>Weeding</source>
        <translation>Entgittern</translation>
    </message>
    <message>
        <source>Transfer</source>
        <translation>Übertragen</translation>
    </message>
    <message>
        <source>Etching</source>
        <translation>Ätzen</translation>
    </message>
    <message>
        <source>Cost</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>Tape</source>
        <translation>Band</translation>
    </message>
    <message>
        <source>Hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>How it went</source>
        <translation>Wie es ging</translation>
    </message>
    <message>
        <source>Pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>Outcome</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Stars</source>
        <translation>Sterne</translation>
    </message>
    <message>
        <source>For whom</source>
        <translation>Für wen</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source> days</source>
        <translation> Tage</translation>
    </message>
    <message>
        <source>{stars} of 5</source>
        <translation>{stars} von 5</translation>
    </message>
    <message>
        <source>the logbook {path} was written by a newer Vitrograph: update to use it</source>
        <translation>das Logbuch {path} wurde von einem neueren Vitrograph geschrieben: zum Benutzen aktualisieren</translation>
    </message>
    <message>
        <source>the paper band</source>
        <translation>das Papierband</translation>
    </message>
    <message>
        <source>the art</source>
        <translation>das Motiv</translation>
    </message>
    <message>
        <source>the stencil</source>
        <translation>die Schablone</translation>
    </message>
    <message>
        <source>the cutting</source>
        <translation>das Schneiden</translation>
    </message>
    <message>
        <source>the weeding</source>
        <translation>das Entgittern</translation>
    </message>
    <message>
        <source>the placing</source>
        <translation>das Setzen</translation>
    </message>
    <message>
        <source>the etch</source>
        <translation>das Ätzen</translation>
    </message>
    <message>
        <source>the log</source>
        <translation>das Protokoll</translation>
    </message>
    <message>
        <source>Caution: {caution}</source>
        <translation>Vorsicht: {caution}</translation>
    </message>
    <message>
        <source>{heading}, continued</source>
        <translation>{heading}, Fortsetzung</translation>
    </message>
    <message>
        <source>{title}, page {pages}</source>
        <translation>{title}, Seite {pages}</translation>
    </message>
    <message>
        <source>{name}: packet</source>
        <translation>{name}: Mappe</translation>
    </message>
    <message>
        <source>{name}: work packet</source>
        <translation>{name}: Arbeitsmappe</translation>
    </message>
    <message>
        <source>{glasses}, {stencils} to cut.</source>
        <translation>{glasses}, {stencils} zu schneiden.</translation>
    </message>
    <message numerus="yes">
        <source>{n} glasses</source>
        <comment>{n} glass</comment>
        <translation>
            <numerusform>{n} Glas</numerusform>
            <numerusform>{n} Gläser</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{n} stencils</source>
        <comment>{n} stencil</comment>
        <translation>
            <numerusform>{n} Schablone</numerusform>
            <numerusform>{n} Schablonen</numerusform>
        </translation>
    </message>
    <message>
        <source>Glass: {glass}, {title}</source>
        <translation>Glas: {glass}, {title}</translation>
    </message>
    <message>
        <source>Before you begin</source>
        <translation>Bevor Sie beginnen</translation>
    </message>
    <message>
        <source>{wide} by {high}</source>
        <translation>{wide} mal {high}</translation>
    </message>
    <message>
        <source>Watch: {says}</source>
        <translation>Achtung: {says}</translation>
    </message>
    <message>
        <source>and {found} more</source>
        <translation>und {found} weitere</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>once</source>
        <translation>einmal</translation>
    </message>
    <message>
        <source>{passes} times</source>
        <translation>{passes} Mal</translation>
    </message>
    <message>
        <source>Blade offset {offset}, over-run {over}, each line cut {passes}. {minutes} to cut in all.</source>
        <translation>Klingenversatz {offset}, Überschnitt {over}, jede Linie {passes} geschnitten. {minutes} zum Schneiden im Ganzen.</translation>
    </message>
    <message>
        <source>Colour side up, straight along the sheet&apos;s edge, bubbles smoothed out. Lift a corner before you unload: not through, cut again in place.</source>
        <translation>Farbige Seite nach oben, gerade an der Kante der Folie, Blasen ausgestrichen. Vor dem Entladen eine Ecke anheben: nicht durch, dann an Ort und Stelle noch einmal schneiden.</translation>
    </message>
    <message>
        <source>Film {number}, {name}: cut a piece {long} by {wide}.</source>
        <translation>Folie {number}, {name}: ein Stück {long} mal {wide} zuschneiden.</translation>
    </message>
    <message>
        <source>There is no film so large: {long} by {wide} is wanted.</source>
        <translation>So große Folie gibt es nicht: {long} mal {wide} wird gebraucht.</translation>
    </message>
    <message>
        <source>{left} is left over.</source>
        <translation>{left} bleibt übrig.</translation>
    </message>
    <message>
        <source>stencil</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>copy</source>
        <translation>Exemplar</translation>
    </message>
    <message>
        <source>from the left</source>
        <translation>von links</translation>
    </message>
    <message>
        <source>from below</source>
        <translation>von unten</translation>
    </message>
    <message>
        <source>{name}, film {film}</source>
        <translation>{name}, Folie {film}</translation>
    </message>
    <message>
        <source>Transfer tape</source>
        <translation>Transferband</translation>
    </message>
    <message>
        <source>, each piece used {uses} times</source>
        <translation>, jedes Stück {uses} Mal benutzt</translation>
    </message>
    <message>
        <source>Clear tape: you see the place through it.</source>
        <translation>Klares Band: man sieht die Stelle hindurch.</translation>
    </message>
    <message>
        <source>Opaque tape hides the place: draw the film&apos;s middle lines on it.</source>
        <translation>Undurchsichtiges Band verdeckt die Stelle: die Mittellinien der Folie darauf zeichnen.</translation>
    </message>
    <message>
        <source>From a roll {wide} wide{again}. {see}</source>
        <translation>Von einer Rolle, {wide} breit{again}. {see}</translation>
    </message>
    <message>
        <source>{many} x {long}</source>
        <translation>{many} x {long}</translation>
    </message>
    <message>
        <source>{name}, film {film} of {films}</source>
        <translation>{name}, Folie {film} von {films}</translation>
    </message>
    <message>
        <source>{which}: weed</source>
        <translation>{which}: entgittern</translation>
    </message>
    <message>
        <source>{name}: weed {sheets} of them</source>
        <translation>{name}: {sheets} davon entgittern</translation>
    </message>
    <message>
        <source>{name}: weed</source>
        <translation>{name}: entgittern</translation>
    </message>
    <message>
        <source>Peel the mat from the film, not the film from the mat. Slow, low, in good light.</source>
        <translation>Die Matte von der Folie abziehen, nicht die Folie von der Matte. Langsam, flach, bei gutem Licht.</translation>
    </message>
    <message>
        <source>pull</source>
        <translation>ziehen</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>how</source>
        <translation>wie</translation>
    </message>
    <message>
        <source>all round</source>
        <translation>ringsum</translation>
    </message>
    <message numerus="yes">
        <source>{n} islands must stay: {all}.</source>
        <comment>{n} island must stay: {all}.</comment>
        <translation>
            <numerusform>{n} Insel muss bleiben: {all}.</numerusform>
            <numerusform>{n} Inseln müssen bleiben: {all}.</numerusform>
        </translation>
    </message>
    <message>
        <source>No islands: what stays is in one piece.</source>
        <translation>Keine Inseln: was bleibt, ist in einem Stück.</translation>
    </message>
    <message>
        <source>{name}, stencil {copy} of {copies} round it</source>
        <translation>{name}, Schablone {copy} von {copies} ringsum</translation>
    </message>
    <message>
        <source>{whose}: on the glass</source>
        <translation>{whose}: auf dem Glas</translation>
    </message>
    <message>
        <source>clock {number}</source>
        <translation>Uhr {number}</translation>
    </message>
    <message>
        <source>{seconds} min: clock {number}, below.</source>
        <translation>{seconds} min: Uhr {number}, unten.</translation>
    </message>
    <message>
        <source>note</source>
        <comment>a column</comment>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>By water: {no_water}.</source>
        <translation>Mit Wasser: {no_water}.</translation>
    </message>
    <message>
        <source>Film: {sizes}</source>
        <translation>Folie: {sizes}</translation>
    </message>
    <message>
        <source>Others like {name}: what differs</source>
        <translation>Andere wie {name}: was abweicht</translation>
    </message>
    <message>
        <source>All else as for {name}, page {page}.</source>
        <translation>Alles Übrige wie bei {name}, Seite {page}.</translation>
    </message>
    <message>
        <source>{mm} from the {side}</source>
        <translation>{mm} von: {side}</translation>
    </message>
    <message>
        <source> along the rim</source>
        <translation> am Glasrand entlang</translation>
    </message>
    <message>
        <source>{place}{along}</source>
        <translation>{place}{along}</translation>
    </message>
    <message>
        <source>{name}: {across}, {down} below the {edge}.</source>
        <translation>{name}: {across}, {down} unter: {edge}.</translation>
    </message>
    <message>
        <source>No collar: {error}.</source>
        <translation>Keine Manschette: {error}.</translation>
    </message>
    <message>
        <source>No collar: this glass is too large for one. Measure with a tape.</source>
        <translation>Keine Manschette: dieses Glas ist zu groß dafür. Mit einem Maßband messen.</translation>
    </message>
    <message>
        <source>No paper strip: this pane is too large for one. Measure with a tape.</source>
        <translation>Kein Papierstreifen: diese Scheibe ist zu groß dafür. Mit einem Maßband messen.</translation>
    </message>
    <message>
        <source>The collar of {hung} serves {title} too.</source>
        <translation>Die Manschette von {hung} dient auch für {title}.</translation>
    </message>
    <message>
        <source>{name}: etch {count}</source>
        <translation>{name}: {count} ätzen</translation>
    </message>
    <message>
        <source>{name}: etch</source>
        <translation>{name}: ätzen</translation>
    </message>
    <message>
        <source>{seconds} min.   Begun ____ : ____   Off at ____ : ____</source>
        <translation>{seconds} min.   Begonnen ____ : ____   Ab um ____ : ____</translation>
    </message>
    <message>
        <source>The evening, one pair of hands</source>
        <translation>Der Abend, ein Paar Hände</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>done</source>
        <translation>getan</translation>
    </message>
    <message>
        <source>glass</source>
        <translation>Glas</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>until it is late</source>
        <translation>bis es zu spät ist</translation>
    </message>
    <message>
        <source>{most} min</source>
        <translation>{most} min</translation>
    </message>
    <message>
        <source>Log</source>
        <translation>Protokoll</translation>
    </message>
    <message>
        <source>Look at each piece dry, on black. Write down what came out, and type it in at the logbook.</source>
        <translation>Jedes Stück trocken auf Schwarz ansehen. Aufschreiben, was herauskam, und es im Logbuch eingeben.</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>no.</source>
        <translation>Nr.</translation>
    </message>
    <message>
        <source>cream, minutes</source>
        <translation>Creme, Minuten</translation>
    </message>
    <message>
        <source>good / faint / uneven / leak / missed</source>
        <translation>gut / schwach / ungleich / undicht / ausgelassen</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>{title}: finished, dark and light</source>
        <translation>{title}: fertig, dunkel und hell</translation>
    </message>
    <message>
        <source>Mirrored: as it lies on the back of the glass. What is white on black, and black on white, is frosted.</source>
        <translation>Gespiegelt: wie es auf der Rückseite des Glases liegt. Was weiß auf Schwarz ist, und schwarz auf Weiß, wird matt.</translation>
    </message>
    <message>
        <source>What is white on black, and black on white, is film that stays.</source>
        <translation>Was weiß auf Schwarz ist, und schwarz auf Weiß, ist Folie, die bleibt.</translation>
    </message>
    <message>
        <source>What is white on black, and black on white, is frosted; the rest stays clear.</source>
        <translation>Was weiß auf Schwarz ist, und schwarz auf Weiß, wird matt; der Rest bleibt klar.</translation>
    </message>
    <message>
        <source> Mirrored, as the film itself is.</source>
        <translation> Gespiegelt, wie die Folie selbst.</translation>
    </message>
    <message>
        <source>White is pulled, in the order of the numbers; dark stays. A dot: hook here; its line: pull that way.{mirrored}</source>
        <translation>Weißes wird gezogen, in der Reihenfolge der Nummern; Dunkles bleibt. Ein Punkt: hier einhaken; seine Linie: dorthin ziehen.{mirrored}</translation>
    </message>
    <message>
        <source>{title}: collar</source>
        <translation>{title}: Manschette</translation>
    </message>
    <message>
        <source>own size</source>
        <translation>eigene Größe</translation>
    </message>
    <message>
        <source>Measure this line: it must be {line}. If not, print again at 100 %, not fitted.</source>
        <translation>Diese Linie messen: sie muss {line} lang sein. Wenn nicht, noch einmal mit 100 % drucken, nicht eingepasst.</translation>
    </message>
    <message>
        <source>Right way round: lay it under the film and trace or cut it.</source>
        <translation>Seitenrichtig: unter die Folie legen und nachzeichnen oder schneiden.</translation>
    </message>
    <message>
        <source>Mirrored: for the far side of the glass, or for tracing from behind.</source>
        <translation>Gespiegelt: für die ferne Seite des Glases, oder zum Nachzeichnen von hinten.</translation>
    </message>
    <message>
        <source>Mirrored, as the film lies on the back: lay it under the film and trace or cut it.</source>
        <translation>Gespiegelt, wie die Folie auf der Rückseite liegt: unter die Folie legen und nachzeichnen oder schneiden.</translation>
    </message>
    <message>
        <source>As the front shows it: for the front of the glass, seen from the back, or for tracing from behind.</source>
        <translation>So, wie die Vorderseite es zeigt: für die Vorderseite des Glases, von hinten gesehen, oder zum Nachzeichnen von hinten.</translation>
    </message>
    <message>
        <source>{way} Insides first, in the order of the numbers.</source>
        <translation>{way} Inneres zuerst, in der Reihenfolge der Nummern.</translation>
    </message>
    <message>
        <source>{title}, film {film} of {outlines}</source>
        <translation>{title}, Folie {film} von {outlines}</translation>
    </message>
    <message>
        <source>art {wide} x {high} {told}</source>
        <translation>Motiv {wide} x {high} {told}</translation>
    </message>
    <message>
        <source>{words}, {wide} x {high} on the glass</source>
        <translation>{words}, {wide} x {high} auf dem Glas</translation>
    </message>
    <message>
        <source>{words}; mirrored, for the back of the glass</source>
        <translation>{words}; gespiegelt, für die Rückseite des Glases</translation>
    </message>
    <message>
        <source>Cut it out, wrap it round, rim to rim. Type by how much the ends overlap (or gape) at rim and base.</source>
        <translation>Ausschneiden und herumwickeln, Rand an Rand. Eingeben, um wie viel die Enden am Glasrand und am Boden überlappen (oder klaffen).</translation>
    </message>
    <message>
        <source>Cut it out and tape it on, </source>
        <translation>Ausschneiden und ankleben, </translation>
    </message>
    <message>
        <source>{says}its upper edge {gaps} from the rim. Then type what you see at the fit station.</source>
        <translation>{says}seine Oberkante {gaps} vom Glasrand. Dann bei der Anpassung eingeben, was Sie sehen.</translation>
    </message>
    <message>
        <source>rim to rim</source>
        <translation>Rand an Rand</translation>
    </message>
    <message>
        <source>edge to edge</source>
        <translation>Kante an Kante</translation>
    </message>
    <message>
        <source>{says}. Then type what you see at the fit station.</source>
        <translation>{says}. Dann bei der Anpassung eingeben, was Sie sehen.</translation>
    </message>
    <message>
        <source>Cut a scrap of film by this outline, lay it on its place, and press it down.</source>
        <translation>Aus einem Rest Folie nach diesem Umriss einen Flicken schneiden, auf seine Stelle legen und andrücken.</translation>
    </message>
    <message>
        <source>{title} and {n} more</source>
        <translation>{title} und {n} weitere</translation>
    </message>
    <message>
        <source> · {name} of {name2}</source>
        <translation> · {name} von {name2}</translation>
    </message>
    <message>
        <source>{title}: {tiles} pages, {name} to {name2}. Lay cross on cross, tape, then measure the whole.</source>
        <translation>{title}: {tiles} Seiten, {name} bis {name2}. Kreuz auf Kreuz legen, kleben, dann das Ganze messen.</translation>
    </message>
    <message>
        <source>Logbook {year}</source>
        <translation>Logbuch {year}</translation>
    </message>
    <message>
        <source>month</source>
        <translation>Monat</translation>
    </message>
    <message>
        <source>pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>not good</source>
        <translation>nicht gut</translation>
    </message>
    <message>
        <source>hours of hands</source>
        <translation>Stunden der Hände</translation>
    </message>
    <message>
        <source>cream, g</source>
        <translation>Creme, g</translation>
    </message>
    <message>
        <source>cost</source>
        <translation>Kosten</translation>
    </message>
    <message>
        <source>{what}: {many} of {of}</source>
        <translation>{what}: {many} von {of}</translation>
    </message>
    <message>
        <source>Every piece</source>
        <translation>Jedes Stück</translation>
    </message>
    <message>
        <source>made</source>
        <translation>gemacht</translation>
    </message>
    <message>
        <source>how it went</source>
        <translation>wie es ging</translation>
    </message>
    <message>
        <source>, {stars} of 5</source>
        <translation>, {stars} von 5</translation>
    </message>
    <message>
        <source>no glass was found in the picture: stand it before a plain ground, lit from behind, fill most of the picture&apos;s height, and turn a handle to the back</source>
        <translation>im Bild war kein Glas zu finden: vor einen schlichten, von hinten beleuchteten Grund stellen, den größten Teil der Bildhöhe füllen und einen Henkel nach hinten drehen</translation>
    </message>
    <message>
        <source>the picture is too small to measure a glass in: take it larger</source>
        <translation>das Bild ist zu klein, um darin ein Glas zu messen: größer aufnehmen</translation>
    </message>
    <message>
        <source>{name} has {size} pixels: save it with at most {most} million</source>
        <translation>{name} hat {size} Pixel: mit höchstens {most} Millionen sichern</translation>
    </message>
    <message>
        <source>{name} is not a picture this program reads: PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC or AVIF is wanted</source>
        <translation>{name} ist kein Bild, das dieses Programm liest: gebraucht wird PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC oder AVIF</translation>
    </message>
    <message>
        <source>far too many</source>
        <translation>viel zu viele</translation>
    </message>
    <message>
        <source>{name} is damaged or was cut short: save the picture again</source>
        <translation>{name} ist beschädigt oder wurde abgeschnitten: das Bild noch einmal sichern</translation>
    </message>
    <message>
        <source>this is still being worked out: wait until every station has its answer</source>
        <translation>hier wird noch gerechnet: warten, bis jede Station ihre Antwort hat</translation>
    </message>
    <message>
        <source>{name}: {says}</source>
        <translation>{name}: {says}</translation>
    </message>
    <message>
        <source>{what} has {many} designs: name the one that is meant, as {names}</source>
        <translation>{what} hat {many} Entwürfe: den gemeinten nennen, etwa {names}</translation>
    </message>
    <message>
        <source>{name} is left out, for want of a stencil: &apos;check&apos; says why</source>
        <translation>{name} ist ausgelassen, weil keine Schablone dafür da ist: „check“ sagt, warum</translation>
    </message>
    <message>
        <source>&apos;{name}&apos;</source>
        <translation>„{name}“</translation>
    </message>
    <message>
        <source>this order</source>
        <translation>dieser Auftrag</translation>
    </message>
    <message>
        <source>there is no art yet: put words or a drawing on the piece first</source>
        <translation>noch kein Motiv da: erst Wörter oder eine Zeichnung auf das Stück setzen</translation>
    </message>
    <message>
        <source>no size does for all rows: mend what is found first, or choose another face</source>
        <translation>keine Größe passt für alle Zeilen: erst ausbessern, was gefunden wurde, oder eine andere Schrift wählen</translation>
    </message>
    <message>
        <source>capitals {size} high</source>
        <translation>Großbuchstaben {size} hoch</translation>
    </message>
    <message>
        <source>{size} high</source>
        <translation>{size} hoch</translation>
    </message>
    <message>
        <source>{size} wide</source>
        <translation>{size} breit</translation>
    </message>
    <message>
        <source>artwork</source>
        <translation>Motiv</translation>
    </message>
    <message>
        <source>fit</source>
        <translation>Anpassung</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>Schneiden</translation>
    </message>
    <message>
        <source>weed</source>
        <translation>Entgittern</translation>
    </message>
    <message>
        <source>transfer</source>
        <translation>Übertragen</translation>
    </message>
    <message>
        <source>etch</source>
        <translation>Ätzen</translation>
    </message>
    <message>
        <source>logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>thin webs tear when weeded and lift in the cream</source>
        <translation>dünne Stege reißen beim Entgittern und heben sich in der Creme</translation>
    </message>
    <message>
        <source>where openings nearly touch, the film between tears and cream runs across</source>
        <translation>wo Öffnungen sich fast berühren, reißt die Folie dazwischen, und Creme läuft hinüber</translation>
    </message>
    <message>
        <source>narrow openings fill badly and read as scratches</source>
        <translation>schmale Öffnungen füllen sich schlecht und sehen aus wie Kratzer</translation>
    </message>
    <message>
        <source>a needle of film lifts in the cream, and its edge comes out ragged</source>
        <translation>eine Nadel aus Folie hebt sich in der Creme, und ihre Kante wird zackig</translation>
    </message>
    <message>
        <source>cream hardly gets into so small an opening, and nobody sees it</source>
        <translation>in eine so kleine Öffnung kommt kaum Creme, und niemand sieht sie</translation>
    </message>
    <message>
        <source>so small an island is lost in weeding, or floats off in the cream</source>
        <translation>eine so kleine Insel geht beim Entgittern verloren oder schwimmt in der Creme davon</translation>
    </message>
    <message>
        <source>thin strips of film tear when weeded, and wear off</source>
        <translation>dünne Streifen Folie reißen beim Entgittern und nutzen sich ab</translation>
    </message>
    <message>
        <source>a narrow gap closes when the film is laid, and is hard to weed</source>
        <translation>eine schmale Lücke schließt sich, wenn die Folie aufgelegt wird, und ist schwer zu entgittern</translation>
    </message>
    <message>
        <source>so small a gap is hardly weeded and hardly seen</source>
        <translation>eine so kleine Lücke lässt sich kaum entgittern und sieht man kaum</translation>
    </message>
    <message>
        <source>so thin a strip between two gaps tears when weeded</source>
        <translation>ein so dünner Streifen zwischen zwei Lücken reißt beim Entgittern</translation>
    </message>
    <message>
        <source>a needle of film lifts and wears off</source>
        <translation>eine Nadel aus Folie hebt sich und nutzt sich ab</translation>
    </message>
    <message>
        <source>Thicken it to {to}</source>
        <translation>Auf {to} verdicken</translation>
    </message>
    <message>
        <source>Remove this web</source>
        <translation>Diesen Steg entfernen</translation>
    </message>
    <message>
        <source>Part them by {to}</source>
        <translation>Auf {to} auseinander setzen</translation>
    </message>
    <message>
        <source>Join them</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Widen it to {to}</source>
        <translation>Auf {to} verbreitern</translation>
    </message>
    <message>
        <source>Leave it out</source>
        <translation>Weglassen</translation>
    </message>
    <message>
        <source>Blunt it at {to}</source>
        <translation>Bei {to} stumpf machen</translation>
    </message>
    <message>
        <source>Remove this island</source>
        <translation>Diese Insel entfernen</translation>
    </message>
    <message>
        <source>an island of {area}</source>
        <translation>eine Insel von {area}</translation>
    </message>
    <message>
        <source>that is less than a finger holds: keep the hook by when you press it down</source>
        <translation>das ist weniger, als ein Finger hält: beim Andrücken den Haken bereithalten</translation>
    </message>
    <message>
        <source>so fine a point comes out soft at its end; nothing tears</source>
        <translation>eine so feine Spitze kommt am Ende weich heraus; es reißt nichts</translation>
    </message>
    <message>
        <source>a needle of {what}, thin for {long}</source>
        <translation>eine Nadel ({what}), dünn auf {long}</translation>
    </message>
    <message>
        <source>an island</source>
        <translation>eine Insel</translation>
    </message>
    <message>
        <source>an opening</source>
        <translation>eine Öffnung</translation>
    </message>
    <message>
        <source>{what} only {wide} across</source>
        <translation>{what}, nur {wide} breit</translation>
    </message>
    <message>
        <source>two openings {wide} apart</source>
        <translation>zwei Öffnungen, {wide} auseinander</translation>
    </message>
    <message>
        <source>a web of film</source>
        <translation>ein Steg aus Folie</translation>
    </message>
    <message>
        <source>a sliver of film</source>
        <translation>ein Splitter Folie</translation>
    </message>
    <message>
        <source>an opening all thin,</source>
        <translation>eine ganz dünne Öffnung,</translation>
    </message>
    <message>
        <source>{what} {wide} wide, {long} long</source>
        <translation>{what} {wide} breit, {long} lang</translation>
    </message>
    <message>
        <source>Set the words in {face}</source>
        <translation>Die Wörter in {face} setzen</translation>
    </message>
    <message>
        <source>a tie placed by hand crosses no opening</source>
        <translation>ein von Hand gesetzter Haltesteg kreuzt keine Öffnung</translation>
    </message>
    <message>
        <source>the art has changed since: move it, or take it away</source>
        <translation>das Motiv hat sich seither geändert: verschieben oder wegnehmen</translation>
    </message>
    <message>
        <source>Place all ties again</source>
        <translation>Alle Haltestege neu setzen</translation>
    </message>
    <message numerus="yes">
        <source>{n} islands have no tie</source>
        <comment>{n} island has no tie</comment>
        <translation>
            <numerusform>{n} Insel hat keinen Haltesteg</numerusform>
            <numerusform>{n} Inseln haben keinen Haltesteg</numerusform>
        </translation>
    </message>
    <message>
        <source>tape must keep what no tie holds</source>
        <translation>was kein Haltesteg hält, muss das Band halten</translation>
    </message>
    <message>
        <source>an island hangs {degrees:.0f}° down when the film is lifted</source>
        <translation>eine Insel hängt {degrees:.0f}° herab, wenn die Folie angehoben wird</translation>
    </message>
    <message>
        <source>up to {degrees:.0f}° it still lies down where it should</source>
        <translation>bis {degrees:.0f}° legt sie sich noch hin, wo sie soll</translation>
    </message>
    <message>
        <source>Ties {width} wide</source>
        <translation>Haltestege {width} breit</translation>
    </message>
    <message>
        <source>with its tie {letter} may read as another letter</source>
        <translation>mit seinem Haltesteg kann man {letter} als anderen Buchstaben lesen</translation>
    </message>
    <message>
        <source>its bar or its side is cut: place that tie by hand, or choose a face made for stencils</source>
        <translation>sein Balken oder seine Seite ist durchtrennt: diesen Haltesteg von Hand setzen, oder eine Schrift für Schablonen wählen</translation>
    </message>
    <message>
        <source>a bar or a side of it is changed: place that tie by hand, or make the art larger</source>
        <translation>ein Balken oder eine Seite ist verändert: den Haltesteg von Hand setzen oder das Motiv größer machen</translation>
    </message>
    <message numerus="yes">
        <source>{n} letters are changed by over a third: {letters}</source>
        <comment>a letter is changed by over a third: {letters}</comment>
        <translation>
            <numerusform>ein Buchstabe ist um über ein Drittel geändert: {letters}</numerusform>
            <numerusform>{n} Buchstaben sind um über ein Drittel geändert: {letters}</numerusform>
        </translation>
    </message>
    <message>
        <source>as they are cut they may read as others: make the art larger, or choose a sturdier face</source>
        <translation>so geschnitten liest man sie vielleicht als andere: das Motiv größer machen oder eine kräftigere Schrift wählen</translation>
    </message>
    <message>
        <source>lower edge</source>
        <translation>Unterkante</translation>
    </message>
    <message>
        <source>upper edge</source>
        <translation>Oberkante</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>left edge</source>
        <translation>linke Kante</translation>
    </message>
    <message>
        <source>right edge</source>
        <translation>rechte Kante</translation>
    </message>
    <message>
        <source>the art runs {excess} past the {edge}</source>
        <translation>das Motiv ragt {excess} hinaus: {edge}</translation>
    </message>
    <message>
        <source>what is off the glass cannot be etched</source>
        <translation>was nicht auf dem Glas ist, lässt sich nicht ätzen</translation>
    </message>
    <message>
        <source>film does not lie down there, and cream gets under it</source>
        <translation>dort legt sich die Folie nicht an, und Creme kommt darunter</translation>
    </message>
    <message>
        <source>cut the film away there before you press it down, and seal that edge with tape</source>
        <translation>die Folie dort wegschneiden, bevor Sie sie andrücken, und diese Kante mit Band abdichten</translation>
    </message>
    <message>
        <source>film that stays</source>
        <translation>Folie, die bleibt,</translation>
    </message>
    <message>
        <source>{what} reaches to {below} below the rim</source>
        <translation>{what} reicht bis {below} unter den Glasrand</translation>
    </message>
    <message>
        <source>lips touch the upper {lip} of a glass that is drunk from: keep that bare, or say at the Glass station that this one is for display only</source>
        <translation>Lippen berühren die oberen {lip} eines Glases, aus dem getrunken wird: das blank lassen, oder beim Glas angeben, dass dieses nur zur Zierde ist</translation>
    </message>
    <message>
        <source>the art is longer than the way round the glass and overlaps itself</source>
        <translation>das Motiv ist länger als der Umfang des Glases und überlappt sich</translation>
    </message>
    <message>
        <source>the ends would lie on each other</source>
        <translation>die Enden würden aufeinander liegen</translation>
    </message>
    <message>
        <source>Just once round</source>
        <translation>Genau einmal herum</translation>
    </message>
    <message>
        <source>{width} of film at the {names} side</source>
        <translation>{width} Folie {names}</translation>
    </message>
    <message>
        <source>only {each}</source>
        <translation>nur {each}</translation>
    </message>
    <message>
        <source>stray cream runs over a narrow border: let tape make up the rest, or give it more film</source>
        <translation>Creme läuft leicht über einen schmalen Rand: das Band den Rest abdecken lassen, oder mehr Folie geben</translation>
    </message>
    <message>
        <source>Square corners</source>
        <translation>Eckige Ecken</translation>
    </message>
    <message>
        <source>only {width} of film from an opening to the nearest edge</source>
        <translation>nur {width} Folie von einer Öffnung bis zum nächsten Rand</translation>
    </message>
    <message>
        <source>Cut it {typed} wide</source>
        <translation>{typed} breit schneiden</translation>
    </message>
    <message>
        <source>mends and ties move its outer edges</source>
        <translation>Ausbesserungen und Haltestege verschieben seine Außenkanten</translation>
    </message>
    <message>
        <source>the art goes {degrees:.0f}° round; the front shows {degrees2:.0f}°</source>
        <translation>das Motiv geht {degrees:.0f}° herum; von vorn sieht man {degrees2:.0f}°</translation>
    </message>
    <message>
        <source>its ends turn out of sight: good for a wrap, not for a motif</source>
        <translation>seine Enden drehen sich aus dem Blick: gut für ein umlaufendes Band, nicht für ein Motiv</translation>
    </message>
    <message>
        <source>Fit the front</source>
        <translation>In die Vorderseite einpassen</translation>
    </message>
    <message>
        <source>the back of a mirror is coated</source>
        <translation>die Rückseite eines Spiegels ist beschichtet</translation>
    </message>
    <message>
        <source>cream does not reach the glass there, and nothing on it is seen from the front</source>
        <translation>die Creme erreicht dort das Glas nicht, und von vorn ist nichts davon zu sehen</translation>
    </message>
    <message>
        <source>cut mirrored, for the back of the pane</source>
        <translation>gespiegelt geschnitten, für die Rückseite der Scheibe</translation>
    </message>
    <message>
        <source>seen from the front, through the glass, it reads the right way round</source>
        <translation>von vorn durch das Glas gesehen ist es seitenrichtig</translation>
    </message>
    <message>
        <source>the back of a drinking glass is its inside</source>
        <translation>die Rückseite eines Trinkglases ist seine Innenseite</translation>
    </message>
    <message>
        <source>nothing is etched where drink or lips touch: work the outside</source>
        <translation>nichts wird dort geätzt, wo Getränk oder Lippen hinkommen: die Außenseite bearbeiten</translation>
    </message>
    <message>
        <source>Work the outside</source>
        <translation>Die Außenseite bearbeiten</translation>
    </message>
    <message>
        <source>the art runs over the {what}{which}</source>
        <translation>das Motiv läuft über: {what}{which}</translation>
    </message>
    <message>
        <source>the border lies over the {what}{which}</source>
        <translation>der Folienrand liegt über: {what}{which}</translation>
    </message>
    <message>
        <source>, in stencil {which} of {many}</source>
        <translation>, bei Schablone {which} von {many}</translation>
    </message>
    <message>
        <source>with its mends the art is cut {cut} wide; without them it is {typed}</source>
        <translation>mit seinen Ausbesserungen wird das Motiv {cut} breit geschnitten; ohne sie ist es {typed}</translation>
    </message>
    <message>
        <source>with its mends the art is cut {cut} high; without them it is {typed}</source>
        <translation>mit seinen Ausbesserungen wird das Motiv {cut} hoch geschnitten; ohne sie ist es {typed}</translation>
    </message>
    <message>
        <source>Cut it {typed} high</source>
        <translation>{typed} hoch schneiden</translation>
    </message>
    <message>
        <source>Cut a film for each of {many} designs</source>
        <translation>Jedes der {many} Motive auf eigener Folie schneiden</translation>
    </message>
    <message>
        <source>{says}: art {width} wide</source>
        <translation>{says}: Motiv {width} breit</translation>
    </message>
    <message>
        <source>Centre it on the glass</source>
        <translation>Auf dem Glas mitten</translation>
    </message>
    <message>
        <source>Art {width} wide, centred</source>
        <translation>Motiv {width} breit, mittig</translation>
    </message>
    <message>
        <source>Move it clear</source>
        <translation>Frei rücken</translation>
    </message>
    <message>
        <source>Move it clear, {width} wide</source>
        <translation>Frei rücken, {width} breit</translation>
    </message>
    <message numerus="yes">
        <source>Move it clear, only {n} round the glass</source>
        <comment>Move it clear, only one on the glass</comment>
        <translation>
            <numerusform>Frei rücken, nur eins auf dem Glas</numerusform>
            <numerusform>Frei rücken, nur {n} rund um das Glas</numerusform>
        </translation>
    </message>
    <message>
        <source>Border {least}</source>
        <translation>Folienrand {least}</translation>
    </message>
    <message>
        <source>{step} down</source>
        <translation>{step} nach unten</translation>
    </message>
    <message>
        <source>{step} up</source>
        <translation>{step} nach oben</translation>
    </message>
    <message>
        <source>{step} to the right</source>
        <translation>{step} nach rechts</translation>
    </message>
    <message>
        <source>{step} to the left</source>
        <translation>{step} nach links</translation>
    </message>
    <message>
        <source>Move it {steps}</source>
        <translation>Um {steps} rücken</translation>
    </message>
    <message>
        <source>the film is the decoration: tape carries its parts to the glass</source>
        <translation>die Folie ist der Schmuck: das Band trägt ihre Teile auf das Glas</translation>
    </message>
    <message>
        <source>thicken webs to {to}</source>
        <translation>Stege auf {to} verdicken</translation>
    </message>
    <message>
        <source>widen openings to {to}</source>
        <translation>Öffnungen auf {to} verbreitern</translation>
    </message>
    <message>
        <source>remove webs under {to}</source>
        <translation>Stege unter {to} entfernen</translation>
    </message>
    <message>
        <source>leave out openings under {to}</source>
        <translation>Öffnungen unter {to} weglassen</translation>
    </message>
    <message>
        <source>leave out specks</source>
        <translation>Sprenkel weglassen</translation>
    </message>
    <message>
        <source>remove islands that are too small</source>
        <translation>zu kleine Inseln entfernen</translation>
    </message>
    <message>
        <source>blunt tips at {to}</source>
        <translation>Spitzen bei {to} stumpf machen</translation>
    </message>
    <message>
        <source>{after} failing, which no mend helps</source>
        <translation>{after} Mängel, denen keine Ausbesserung hilft</translation>
    </message>
    <message>
        <source>nothing needs mending</source>
        <translation>nichts ist auszubessern</translation>
    </message>
    <message>
        <source>less than 0.1 %</source>
        <translation>weniger als 0,1 %</translation>
    </message>
    <message>
        <source>{steps}: {before} failing before, {after} after; {film} becomes film, {open} opens ({share} of the openings)</source>
        <translation>{steps}: vorher {before} Mängel, danach {after}; {film} wird Folie, {open} öffnet sich ({share} der Öffnungen)</translation>
    </message>
    <message>
        <source>a film corner of {degrees:.0f}°</source>
        <translation>eine Folienecke von {degrees:.0f}°</translation>
    </message>
    <message>
        <source>film {value} wide</source>
        <translation>Folie {value} breit</translation>
    </message>
    <message>
        <source>film gives {share:.1f} %</source>
        <translation>Folie gibt {share:.1f} % nach</translation>
    </message>
    <message>
        <source>none of this film lies on the glass: move the art on to it</source>
        <translation>nichts von dieser Folie liegt auf dem Glas: das Motiv darauf rücken</translation>
    </message>
    <message numerus="yes">
        <source>{n} islands not tied to the film round them: tape must carry them</source>
        <comment>{n} island not tied to the film round it: tape must carry it</comment>
        <translation>
            <numerusform>{n} Insel ist nicht mit der Folie um sie verbunden: das Band muss sie tragen</numerusform>
            <numerusform>{n} Inseln sind nicht mit der Folie um sie verbunden: das Band muss sie tragen</numerusform>
        </translation>
    </message>
    <message>
        <source>all film is joined: every part of it can be reached from the edge without crossing an opening</source>
        <translation>alle Folie hängt zusammen: jeder Teil ist von der Kante her zu erreichen, ohne eine Öffnung zu kreuzen</translation>
    </message>
    <message>
        <source>lifted flat, no island hangs more than {degrees}; up to {degrees2} lies down well</source>
        <translation>flach angehoben hängt keine Insel mehr als {degrees} herab; bis {degrees2} legt sie sich gut hin</translation>
    </message>
    <message>
        <source>an island hangs by {degrees}, more than {degrees2}: it needs another tie, or wider ones</source>
        <translation>eine Insel hängt um {degrees} herab, mehr als {degrees2}: sie braucht noch einen Haltesteg, oder breitere</translation>
    </message>
    <message numerus="yes">
        <source>{n} webs of film too thin to be lifted by</source>
        <comment>{n} web of film too thin to be lifted by</comment>
        <translation>
            <numerusform>{n} Steg aus Folie ist zu dünn, um daran anzuheben</numerusform>
            <numerusform>{n} Stege aus Folie sind zu dünn, um daran anzuheben</numerusform>
        </translation>
    </message>
    <message>
        <source>{parts} openings to pull</source>
        <translation>{parts} Öffnungen zu ziehen</translation>
    </message>
    <message>
        <source>{islands} islands to keep in place</source>
        <translation>{islands} Inseln an ihrem Ort zu halten</translation>
    </message>
    <message>
        <source>{edge} of edge to press down</source>
        <translation>{edge} Kante anzudrücken</translation>
    </message>
    <message numerus="yes">
        <source>{n} places too thin or too small</source>
        <comment>{n} place too thin or too small</comment>
        <translation>
            <numerusform>{n} Stelle zu dünn oder zu klein</numerusform>
            <numerusform>{n} Stellen zu dünn oder zu klein</numerusform>
        </translation>
    </message>
    <message>
        <source>the smallest has {area}</source>
        <translation>die kleinste hat {area}</translation>
    </message>
    <message>
        <source>film gives {strain:.1f} % at the openings</source>
        <translation>Folie gibt an den Öffnungen {strain:.1f} % nach</translation>
    </message>
    <message>
        <source>the list</source>
        <translation>die Liste</translation>
    </message>
    <message>
        <source>{called} holds no names: put one on each line</source>
        <translation>{called} enthält keine Namen: in jede Zeile einen schreiben</translation>
    </message>
    <message>
        <source>{called} has {rows} rows, and {most} are the most in one list: part it into several</source>
        <translation>{called} hat {rows} Zeilen, und mehr als {most} fasst eine Liste nicht: in mehrere teilen</translation>
    </message>
    <message>
        <source>row {at} says the same as row {first}: {says}</source>
        <translation>Zeile {at} sagt dasselbe wie Zeile {first}: {says}</translation>
    </message>
    <message>
        <source>row {at} has a name of {map} letters: {says}…</source>
        <translation>Zeile {at} hat einen Namen von {map} Buchstaben: {says}…</translation>
    </message>
    <message numerus="yes">
        <source>and {n} rows more are odd</source>
        <comment>and {n} row more is odd</comment>
        <translation>
            <numerusform>und {n} weitere Zeile ist auffällig</numerusform>
            <numerusform>und {n} weitere Zeilen sind auffällig</numerusform>
        </translation>
    </message>
    <message>
        <source>{called} cannot be read as a list ({error}): save it from the spreadsheet as CSV</source>
        <translation>{called} lässt sich nicht als Liste lesen ({error}): aus der Tabelle als CSV sichern</translation>
    </message>
    <message>
        <source>{called} is empty: put one name on each line</source>
        <translation>{called} ist leer: in jede Zeile einen Namen schreiben</translation>
    </message>
    <message>
        <source>{called}: two columns are called &apos;{column}&apos;, and each needs a name of its own</source>
        <translation>{called}: zwei Spalten heißen „{column}“, und jede braucht einen eigenen Namen</translation>
    </message>
    <message>
        <source>{called}: the column &apos;{column}&apos; belongs to no part of the art: call it one of {all}, or give that name to a part</source>
        <translation>{called}: die Spalte „{column}“ gehört zu keinem Teil des Motivs: sie nennen wie eines von {all}, oder einem Teil diesen Namen geben</translation>
    </message>
    <message>
        <source>what stands above the headings in line {line} is left out</source>
        <translation>was über den Überschriften in Zeile {line} steht, bleibt weg</translation>
    </message>
    <message>
        <source>column {number} has no heading and is left out</source>
        <translation>Spalte {number} hat keine Überschrift und bleibt weg</translation>
    </message>
    <message>
        <source>the column &apos;{column}&apos; is left out: an earlier one fills the same part of the art</source>
        <translation>die Spalte &apos;{column}&apos; bleibt weg: Eine frühere füllt denselben Teil des Motivs</translation>
    </message>
    <message>
        <source>columns that belong to no part of the art are left out: {columns}; a column is known by {all}, or by the name of a part</source>
        <translation>Spalten, die zu keinem Teil des Motivs gehören, bleiben weg: {columns}; eine Spalte wird erkannt an {all} oder am Namen eines Teils</translation>
    </message>
    <message>
        <source>line {line} is empty and left out</source>
        <translation>Zeile {line} ist leer und bleibt weg</translation>
    </message>
    <message>
        <source>line {line} has more cells than there are columns; &apos;{record}&apos; is left out</source>
        <translation>Zeile {line} hat mehr Zellen, als es Spalten gibt; „{record}“ bleibt weg</translation>
    </message>
    <message>
        <source>line {line}: a count from 1 to 1000 was wanted, got &apos;{typed}&apos;; 1 is taken</source>
        <translation>Zeile {line}: erwartet wurde eine Anzahl von 1 bis 1000, nicht „{typed}“; 1 wird genommen</translation>
    </message>
    <message>
        <source>line {line} has a count and nothing to make; it is left out</source>
        <translation>Zeile {line} hat eine Anzahl und nichts zu machen; sie bleibt weg</translation>
    </message>
    <message>
        <source>{name} holds no list of names: a spreadsheet (XLSX, ODS), CSV or plain text is wanted</source>
        <translation>{name} enthält keine Liste von Namen: Gebraucht wird eine Tabelle (XLSX, ODS), CSV oder einfacher Text</translation>
    </message>
    <message>
        <source>line {line} has nothing to make; it is left out</source>
        <translation>Zeile {line} nennt nichts, was zu machen wäre; sie bleibt weg</translation>
    </message>
    <message>
        <source>line {line} holds a name of more than {most} letters: shorten it</source>
        <translation>Zeile {line} enthält einen Namen von mehr als {most} Buchstaben: kürzen</translation>
    </message>
    <message>
        <source>row {at}: &apos;{cell}…&apos; is too long for initials: {most} letters at most</source>
        <translation>Zeile {at}: „{cell}…“ ist zu lang für Anfangsbuchstaben: höchstens {most} Buchstaben</translation>
    </message>
    <message>
        <source>row {at}: &apos;{cell}…&apos; is too long for the name of a monogram: {most} letters at most</source>
        <translation>Zeile {at}: „{cell}…“ ist zu lang für den Namen eines Monogramms: höchstens {most} Buchstaben</translation>
    </message>
    <message>
        <source>it was typed: open the list from a file beside its drawings</source>
        <translation>sie wurde eingegeben: die Liste aus einer Datei neben ihren Zeichnungen öffnen</translation>
    </message>
    <message>
        <source>row {at}: the drawing &apos;{cell}&apos; is not there, the piece&apos;s own is kept ({error})</source>
        <translation>Zeile {at}: die Zeichnung „{cell}“ ist nicht da, die des Stücks bleibt ({error})</translation>
    </message>
    <message>
        <source>{path} is far too large for an order: choose another file</source>
        <translation>{path} ist viel zu groß für einen Auftrag: eine andere Datei wählen</translation>
    </message>
    <message>
        <source>{called} holds a value that cannot be: {error}</source>
        <translation>{called} enthält einen Wert, der nicht sein kann: {error}</translation>
    </message>
    <message>
        <source>{called} could not be opened: {reason}</source>
        <translation>{called} ließ sich nicht öffnen: {reason}</translation>
    </message>
    <message>
        <source>{called} is not an order file, or it is damaged{way_out}</source>
        <translation>{called} ist keine Auftragsdatei oder beschädigt{way_out}</translation>
    </message>
    <message>
        <source>: try {name} beside it</source>
        <translation>: {name} daneben versuchen</translation>
    </message>
    <message>
        <source>{called} was saved by a newer Vitrograph (order version {version}): update to open it</source>
        <translation>{called} wurde von einem neueren Vitrograph gesichert (Auftragsversion {version}): zum Öffnen aktualisieren</translation>
    </message>
    <message>
        <source>{path} cannot be written ({reason}): choose another place</source>
        <translation>{path} lässt sich nicht schreiben ({reason}): einen anderen Ort wählen</translation>
    </message>
    <message>
        <source>no file, but a device or a pipe</source>
        <translation>keine Datei, sondern ein Gerät oder eine Pipe</translation>
    </message>
    <message>
        <source>no such file or directory</source>
        <translation>Datei oder Ordner nicht da</translation>
    </message>
    <message>
        <source>permission denied</source>
        <translation>keine Erlaubnis</translation>
    </message>
    <message>
        <source>is a directory</source>
        <translation>das ist ein Ordner</translation>
    </message>
    <message>
        <source>not a directory</source>
        <translation>das ist kein Ordner</translation>
    </message>
    <message>
        <source>no space left on device</source>
        <translation>kein Platz mehr auf dem Gerät</translation>
    </message>
    <message>
        <source>read-only file system</source>
        <translation>nur lesbar</translation>
    </message>
    <message>
        <source>file name too long</source>
        <translation>Dateiname zu lang</translation>
    </message>
    <message>
        <source>file exists</source>
        <translation>Datei ist schon da</translation>
    </message>
    <message>
        <source>connection refused</source>
        <translation>Verbindung abgelehnt</translation>
    </message>
    <message>
        <source>input/output error</source>
        <translation>Ein-/Ausgabefehler</translation>
    </message>
    <message>
        <source>device or resource busy</source>
        <translation>Gerät ist beschäftigt</translation>
    </message>
    <message>
        <source>it is larger than {most:.3g} MB; choose a smaller one</source>
        <translation>sie ist größer als {most:.3g} MB; eine kleinere wählen</translation>
    </message>
    <message>
        <source>it is a device or a pipe, which may never end; choose a plain file</source>
        <translation>das ist ein Gerät oder eine Leitung, die vielleicht nie endet; eine einfache Datei wählen</translation>
    </message>
    <message>
        <source>{girths} round × {height} {unit}</source>
        <translation>{girths} Umfang × {height} {unit}</translation>
    </message>
    <message>
        <source>{many} to pull</source>
        <translation>{many} zu ziehen</translation>
    </message>
    <message>
        <source>{seconds} min</source>
        <translation>{seconds} min</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>fan {degrees:.1f}°</source>
        <translation>Fächer {degrees:.1f}°</translation>
    </message>
    <message>
        <source>strain {strain:.1f} %</source>
        <translation>Dehnung {strain:.1f} %</translation>
    </message>
    <message>
        <source>straight wall</source>
        <translation>gerade Wand</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>checking</source>
        <translation>prüft</translation>
    </message>
    <message>
        <source>{stops} to mend</source>
        <translation>{stops} auszubessern</translation>
    </message>
    <message>
        <source>{count} to watch</source>
        <translation>{count} zu beachten</translation>
    </message>
    <message>
        <source>all sound</source>
        <translation>alles in Ordnung</translation>
    </message>
    <message numerus="yes">
        <source>{n} stencils, {minutes} min</source>
        <comment>{n} stencil, {minutes} min</comment>
        <translation>
            <numerusform>{n} Schablone, {minutes} min</numerusform>
            <numerusform>{n} Schablonen, {minutes} min</numerusform>
        </translation>
    </message>
    <message>
        <source>tape {length}</source>
        <translation>Band {length}</translation>
    </message>
    <message>
        <source>no tape</source>
        <translation>kein Band</translation>
    </message>
    <message>
        <source>{name}: {pieces} pieces</source>
        <translation>{name}: {pieces} Stücke</translation>
    </message>
    <message>
        <source>evening: {error}</source>
        <translation>Abend: {error}</translation>
    </message>
    <message>
        <source>weed ({seconds} min, a guess): {many} to pull, {stay} to stay</source>
        <translation>entgittern ({seconds} min, geschätzt): {many} zu ziehen, {stay} zu bleiben</translation>
    </message>
    <message>
        <source>transfer, stencil {copy} of {many} round the glass</source>
        <translation>übertragen, Schablone {copy} von {many} ringsum</translation>
    </message>
    <message numerus="yes">
        <source>film: {n} stencils, {seconds} to cut</source>
        <comment>film: {n} stencil, {seconds} to cut</comment>
        <translation>
            <numerusform>Folie: {n} Schablone, {seconds} zu schneiden</numerusform>
            <numerusform>Folie: {n} Schablonen, {seconds} zu schneiden</numerusform>
        </translation>
    </message>
    <message>
        <source>{used} used of {long} by {wide}, {left} left over</source>
        <translation>{used} gebraucht von {long} mal {wide}, {left} übrig</translation>
    </message>
    <message>
        <source>Soak the label off in warm soapy water, then rub what glue is left with oil or a glue remover, and wash that off.</source>
        <translation>Das Etikett in warmem Seifenwasser einweichen, Klebereste mit Öl oder Klebstoffentferner abreiben und das abwaschen.</translation>
    </message>
    <message>
        <source>Mind the remover&apos;s own label, and keep it off skin.</source>
        <translation>Das Etikett des Entferners beachten und ihn von der Haut fernhalten.</translation>
    </message>
    <message>
        <source>Wet the paint and scrape it off with a fresh blade held flat. Do this before anything is measured for placing.</source>
        <translation>Die Farbe nass machen und mit einer frischen, flach gehaltenen Klinge abschaben. Das tun, bevor zum Setzen etwas gemessen wird.</translation>
    </message>
    <message>
        <source>A blade held steep scratches and slips: push it away from you, wear goggles, and treat old paint as if it held lead.</source>
        <translation>Eine steil gehaltene Klinge kratzt und rutscht: von sich weg schieben, Schutzbrille tragen, und alte Farbe behandeln, als enthielte sie Blei.</translation>
    </message>
    <message>
        <source>Wash wax or hand cream off with hot soapy water, twice, and rinse.</source>
        <translation>Wachs oder Handcreme mit heißem Seifenwasser abwaschen, zweimal, und spülen.</translation>
    </message>
    <message>
        <source>Glass taken from cold to hot cracks: warm it slowly.</source>
        <translation>Glas, das vom Kalten ins Heiße kommt, springt: langsam anwärmen.</translation>
    </message>
    <message>
        <source>Clean the place with a drop of soap on a damp cloth, then a damp cloth alone, and let it dry. Touch it no more.</source>
        <translation>Die Stelle mit einem Tropfen Seife auf einem feuchten Tuch reinigen, dann mit einem feuchten Tuch allein, und trocknen lassen. Nicht mehr berühren.</translation>
    </message>
    <message>
        <source>Alcohol spoils paint, gilding and the back of a mirror: keep it off them.</source>
        <translation>Alkohol verdirbt Farbe, Vergoldung und die Rückseite eines Spiegels: von ihnen fernhalten.</translation>
    </message>
    <message>
        <source>Keep it off the mirror&apos;s back and edges.</source>
        <translation>Von Rückseite und Kanten des Spiegels fernhalten.</translation>
    </message>
    <message>
        <source>Wipe the place with alcohol of 70 to 90 % and let it dry for about 10 seconds. Touch it no more.</source>
        <translation>Die Stelle mit Alkohol von 70 bis 90 % abwischen und etwa 10 Sekunden trocknen lassen. Nicht mehr berühren.</translation>
    </message>
    <message>
        <source>Alcohol burns: no flame near it, and fresh air.</source>
        <translation>Alkohol brennt: keine Flamme in der Nähe, und frische Luft.</translation>
    </message>
    <message>
        <source>this glass has no rim to hang a collar on: find the film&apos;s height from the table</source>
        <translation>dieses Glas hat keinen Rand, an dem eine Manschette hängen könnte: die Höhe der Folie vom Tisch aus suchen</translation>
    </message>
    <message>
        <source>It lies on the glass all over.</source>
        <translation>Sie liegt überall auf dem Glas.</translation>
    </message>
    <message>
        <source>Cut the tongues apart: each bends down to its own place.</source>
        <translation>Die Zungen auseinanderschneiden: jede biegt sich an ihre Stelle hinab.</translation>
    </message>
    <message>
        <source>Hang it by its upper edge, level with the rim, the tick on the front mark. {kind}</source>
        <translation>Mit der Oberkante bündig am Glasrand aufhängen, den Strich an der vorderen Marke. {kind}</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>Lay its upper edge along the {edge}, its left end on the {side}.</source>
        <translation>Ihre Oberkante anlegen an: {edge}; ihr linkes Ende an: {side}.</translation>
    </message>
    <message>
        <source>Lay its round edge along the {edge}, the tick where that is highest.</source>
        <translation>Ihre runde Kante anlegen an: {edge}; der Strich kommt dorthin, wo diese am höchsten ist.</translation>
    </message>
    <message>
        <source>below</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>above</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>at the left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>at the right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>one course</source>
        <translation>eine Bahn</translation>
    </message>
    <message>
        <source>{courses} courses side by side</source>
        <translation>{courses} Bahnen nebeneinander</translation>
    </message>
    <message>
        <source> Begin below, and leave its lower edge standing off, cupped, to catch drips.</source>
        <translation> Unten beginnen und die Unterkante abstehen lassen, hochgestellt, damit sie Tropfen fängt.</translation>
    </message>
    <message>
        <source> where no other film laps it</source>
        <translation> dort, wo keine andere Folie darüber liegt</translation>
    </message>
    <message>
        <source>Mask along the film&apos;s edge{joint}: tape in short pieces, {length} in all, {width} wide, {many}, each lapping {lap} on the film and on the piece before.{cup}</source>
        <translation>Entlang der Folienkante abkleben{joint}: Klebeband in kurzen Stücken, {length} insgesamt, {width} breit, {many}, jedes {lap} weit auf der Folie und auf dem Stück davor.{cup}</translation>
    </message>
    <message>
        <source>Mask {where}: tape {length} long, {width} wide, {many}, lapping {lap} on the film.{cup}</source>
        <translation>Abkleben, {where}: Band {length} lang, {width} breit, {many}, {lap} über die Folie.{cup}</translation>
    </message>
    <message>
        <source> Leave its lower edge standing off, cupped, to catch drips.</source>
        <translation> Die Unterkante abstehen lassen, hochgestellt, damit sie Tropfen fängt.</translation>
    </message>
    <message>
        <source>top of the glass</source>
        <translation>Oberkante des Glases</translation>
    </message>
    <message>
        <source>ring&apos;s upper inner edge</source>
        <translation>obere Innenkante des Rings</translation>
    </message>
    <message>
        <source>frame&apos;s upper inner edge</source>
        <translation>obere Innenkante des Rahmens</translation>
    </message>
    <message>
        <source>pane&apos;s upper edge</source>
        <translation>Oberkante der Scheibe</translation>
    </message>
    <message>
        <source>ring&apos;s left inner edge</source>
        <translation>linke Innenkante des Rings</translation>
    </message>
    <message>
        <source>frame&apos;s left inner edge</source>
        <translation>linke Innenkante des Rahmens</translation>
    </message>
    <message>
        <source>pane&apos;s left edge</source>
        <translation>linke Kante der Scheibe</translation>
    </message>
    <message>
        <source>ring&apos;s lower inner edge</source>
        <translation>untere Innenkante des Rings</translation>
    </message>
    <message>
        <source>frame&apos;s lower inner edge</source>
        <translation>untere Innenkante des Rahmens</translation>
    </message>
    <message>
        <source>pane&apos;s lower edge</source>
        <translation>Unterkante der Scheibe</translation>
    </message>
    <message>
        <source>upper middle</source>
        <translation>obere Mitte</translation>
    </message>
    <message>
        <source>lower middle</source>
        <translation>untere Mitte</translation>
    </message>
    <message>
        <source>upper left corner</source>
        <translation>obere linke Ecke</translation>
    </message>
    <message>
        <source>upper right corner</source>
        <translation>obere rechte Ecke</translation>
    </message>
    <message>
        <source>leftmost point</source>
        <translation>äußerster Punkt links</translation>
    </message>
    <message>
        <source>rightmost point</source>
        <translation>äußerster Punkt rechts</translation>
    </message>
    <message>
        <source>the film&apos;s lower edge lies below the inside of the glass: no water reaches it</source>
        <translation>die Unterkante der Folie liegt unter dem Inneren des Glases: kein Wasser reicht dorthin</translation>
    </message>
    <message>
        <source>films {one} and {other} lap by {lap}</source>
        <translation>die Folien {one} und {other} überlappen um {lap}</translation>
    </message>
    <message>
        <source>cream runs into a joint that is too narrow: set their lines farther apart, or make it one film</source>
        <translation>Creme läuft in eine Fuge, die zu schmal ist: ihre Zeilen weiter auseinander setzen, oder eine Folie daraus machen</translation>
    </message>
    <message>
        <source>Make it one film</source>
        <translation>Eine Folie daraus machen</translation>
    </message>
    <message>
        <source>the film reaches {over} over the {edge}</source>
        <translation>die Folie ragt {over} hinaus: {edge}</translation>
    </message>
    <message>
        <source>trim it there before it is laid, or make the border smaller</source>
        <translation>dort beschneiden, bevor sie aufgelegt wird, oder den Folienrand schmäler machen</translation>
    </message>
    <message>
        <source>{way} cannot be done here: {why}</source>
        <translation>{way} geht hier nicht: {why}</translation>
    </message>
    <message>
        <source>it is planned as: {instead}</source>
        <translation>geplant ist: {instead}</translation>
    </message>
    <message>
        <source>Take the way that suits</source>
        <translation>Die passende Art nehmen</translation>
    </message>
    <message>
        <source>its back upward</source>
        <translation>die Rückseite nach oben</translation>
    </message>
    <message>
        <source>its front upward</source>
        <translation>die Vorderseite nach oben</translation>
    </message>
    <message>
        <source>Lay the pane in its frame flat on a towel, {side}.</source>
        <translation>Die Scheibe in ihrem Rahmen flach auf ein Handtuch legen, {side}.</translation>
    </message>
    <message>
        <source>Lay the pane flat on a towel, {side}.</source>
        <translation>Die Scheibe flach auf ein Handtuch legen, {side}.</translation>
    </message>
    <message>
        <source>The pane stays where it is: work on its back, with a towel below it, from above downward.</source>
        <translation>Die Scheibe bleibt, wo sie ist: an ihrer Rückseite arbeiten, ein Handtuch darunter, von oben nach unten.</translation>
    </message>
    <message>
        <source>The pane stays where it is: work on its front, with a towel below it, from above downward.</source>
        <translation>Die Scheibe bleibt, wo sie ist: an ihrer Vorderseite arbeiten, ein Handtuch darunter, von oben nach unten.</translation>
    </message>
    <message>
        <source>Turn the dish upside down on a folded towel, so that its underside is level and still.</source>
        <translation>Die Schale kopfüber auf ein gefaltetes Handtuch stellen, sodass ihre Unterseite waagerecht und ruhig liegt.</translation>
    </message>
    <message>
        <source> Leave stem and foot free of it.</source>
        <translation> Stiel und Fuß frei davon lassen.</translation>
    </message>
    <message>
        <source>Lay the glass in a rolled towel, the place for the film on top.{stem}</source>
        <translation>Das Glas in ein gerolltes Handtuch legen, die Stelle für die Folie oben.{stem}</translation>
    </message>
    <message>
        <source>{says} Raise the {low} by {by}, until the wall on top is level.</source>
        <translation>{says} Dieses Ende um {by} anheben: {low}, bis die Wand oben waagerecht liegt.</translation>
    </message>
    <message>
        <source>the tape is {roll} wide, and strips are to lap by {lap}</source>
        <translation>das Band ist {roll} breit, und Streifen sollen {lap} überlappen</translation>
    </message>
    <message>
        <source>strips that lie wholly on each other cover nothing</source>
        <translation>Streifen, die ganz aufeinander liegen, decken nichts</translation>
    </message>
    <message>
        <source>Lap by {half}</source>
        <translation>{half} überlappen</translation>
    </message>
    <message>
        <source>its lower middle {up} above the table, upright</source>
        <translation>seine untere Mitte {up} über dem Tisch, senkrecht</translation>
    </message>
    <message>
        <source>Mark where {which} goes: {places}.{behind}</source>
        <translation>Anzeichnen, wohin {which} kommt: {places}.{behind}</translation>
    </message>
    <message>
        <source> Left and right are as you see them from behind.</source>
        <translation> Links und rechts sind, wie Sie es von hinten sehen.</translation>
    </message>
    <message>
        <source>its upper middle {across} from the {side}</source>
        <translation>die obere Mitte {across} von: {side}</translation>
    </message>
    <message>
        <source>its upper middle {place}{angle}</source>
        <translation>die obere Mitte {place}{angle}</translation>
    </message>
    <message>
        <source> round the glass, at its own height</source>
        <translation> um das Glas herum, auf eigener Höhe</translation>
    </message>
    <message>
        <source>{where}, measured{along}</source>
        <translation>{where}, gemessen{along}</translation>
    </message>
    <message>
        <source>{where}, measured{along}: {there}</source>
        <translation>{where}, gemessen{along}: {there}</translation>
    </message>
    <message>
        <source>{where}, measured{along}: {mm} {there}</source>
        <translation>{where}, gemessen{along}: {mm} {there}</translation>
    </message>
    <message>
        <source>at the handle&apos;s middle</source>
        <translation>an der Mitte des Henkels</translation>
    </message>
    <message>
        <source>at the seam&apos;s middle</source>
        <translation>an der Mitte der Naht</translation>
    </message>
    <message>
        <source>to the right of the handle&apos;s middle</source>
        <translation>rechts von der Mitte des Henkels</translation>
    </message>
    <message>
        <source>to the left of the handle&apos;s middle</source>
        <translation>links von der Mitte des Henkels</translation>
    </message>
    <message>
        <source>to the right of the seam&apos;s middle</source>
        <translation>rechts von der Mitte der Naht</translation>
    </message>
    <message>
        <source>to the left of the seam&apos;s middle</source>
        <translation>links von der Mitte der Naht</translation>
    </message>
    <message>
        <source>at the front mark</source>
        <translation>an der vorderen Marke</translation>
    </message>
    <message>
        <source>{mm} to the right of the front mark</source>
        <translation>{mm} rechts von der vorderen Marke</translation>
    </message>
    <message>
        <source>{mm} to the left of the front mark</source>
        <translation>{mm} links von der vorderen Marke</translation>
    </message>
    <message>
        <source>the film reaches {over} over the {edge}: trim it there</source>
        <translation>die Folie ragt {over} hinaus ({edge}): dort beschneiden</translation>
    </message>
    <message>
        <source>its upper edge {down} below the {edge}, at both corners and in the middle</source>
        <translation>die Oberkante {down} unter: {edge}, an beiden Ecken und in der Mitte</translation>
    </message>
    <message>
        <source>from the {edge} down to its {left}, {middle} and {right}</source>
        <translation>abwärts von: {edge}, bis {left}, {middle} und {right}</translation>
    </message>
    <message>
        <source>{name} {down}</source>
        <translation>{name} {down}</translation>
    </message>
    <message>
        <source>{slip} too low at one side lifts or drops the art&apos;s ends by {end}</source>
        <translation>{slip} zu tief an einer Seite hebt oder senkt die Enden des Motivs um {end}</translation>
    </message>
    <message>
        <source>{turned}; {slip} across moves it as much.</source>
        <translation>{turned}; {slip} quer verschiebt es ebenso viel.</translation>
    </message>
    <message>
        <source>{turned}; {slip} round the glass moves it as much.</source>
        <translation>{turned}; {slip} um das Glas herum verschiebt es ebenso viel.</translation>
    </message>
    <message>
        <source>{turned}; {slip} along the rim moves it {moved}.</source>
        <translation>{turned}; {slip} am Glasrand entlang verschiebt es um {moved}.</translation>
    </message>
    <message>
        <source>Or upright from the table to its lower middle: {up}.</source>
        <translation>Oder senkrecht vom Tisch bis zur unteren Mitte: {up}.</translation>
    </message>
    <message>
        <source>Or from the {foot} up to its lower middle: {up}.</source>
        <translation>Oder aufwärts bis zur unteren Mitte, {up} von: {foot}.</translation>
    </message>
    <message>
        <source>Or stand the glass level and fill in {ml} ml ({g} g) of water: its level is at the lower middle.</source>
        <translation>Oder das Glas waagerecht stellen und {ml} ml ({g} g) Wasser einfüllen: sein Spiegel steht an der unteren Mitte.</translation>
    </message>
    <message>
        <source>the film</source>
        <translation>die Folie</translation>
    </message>
    <message>
        <source>film {number} of {many}</source>
        <translation>Folie {number} von {many}</translation>
    </message>
    <message>
        <source>Let this film settle {minutes} minutes before the next one goes over its edge.</source>
        <translation>Diese Folie {minutes} Minuten setzen lassen, bevor die nächste über ihre Kante kommt.</translation>
    </message>
    <message>
        <source>No tape: this film is in one piece. Leave its backing on until it is aimed.</source>
        <translation>Kein Band: diese Folie ist in einem Stück. Den Träger daran lassen, bis sie ausgerichtet ist.</translation>
    </message>
    <message>
        <source>Mark the middle of each side of the art on it. Tape that grips too hard is dabbed on cloth first.</source>
        <translation>Darauf die Mitte jeder Seite des Motivs anzeichnen. Band, das zu fest haftet, erst auf Stoff tupfen.</translation>
    </message>
    <message>
        <source>Mark the middle of each side on it. Tape that grips too hard is dabbed on cloth first.</source>
        <translation>Darauf die Mitte jeder Seite anzeichnen. Band, das zu fest haftet, erst auf Stoff tupfen.</translation>
    </message>
    <message>
        <source>Rub the tape down on each film, turn over, and rub the back. The backing stays on.</source>
        <translation>Das Band auf jeder Folie anreiben, umdrehen und die Rückseite reiben. Der Träger bleibt daran.</translation>
    </message>
    <message>
        <source>Rub the tape down, turn over, and rub the back. The backing stays on.</source>
        <translation>Das Band anreiben, umdrehen und die Rückseite reiben. Der Träger bleibt daran.</translation>
    </message>
    <message>
        <source>Rub the tape down on each film, turn over, and rub the back.</source>
        <translation>Das Band auf jeder Folie anreiben, umdrehen und die Rückseite reiben.</translation>
    </message>
    <message>
        <source>Rub the tape down, turn over, and rub the back.</source>
        <translation>Das Band anreiben, umdrehen und die Rückseite reiben.</translation>
    </message>
    <message>
        <source>When the film is to be laid, peel the backing slowly, flat back at a diagonal. Press back whatever stays behind, and rub again.</source>
        <translation>Wenn die Folie aufgelegt werden soll, den Träger langsam abziehen, flach zurück und schräg. Was zurückbleibt, wieder andrücken und noch einmal reiben.</translation>
    </message>
    <message>
        <source>Cut tape: {cut} {width} by {height}. Lay it over {which}{overlapped}, the extra at the top.</source>
        <translation>Band zuschneiden: {cut} {width} mal {height}. Über {which} legen{overlapped}, der Überstand nach oben.</translation>
    </message>
    <message>
        <source>one piece,</source>
        <translation>ein Stück,</translation>
    </message>
    <message>
        <source>{count} strips, each</source>
        <translation>{count} Streifen, je</translation>
    </message>
    <message>
        <source>, overlapped</source>
        <translation>, überlappend</translation>
    </message>
    <message>
        <source>Turn the glass in its bed until the place for {which} is on top.</source>
        <translation>Das Glas in seinem Bett drehen, bis die Stelle für {which} oben liegt.</translation>
    </message>
    <message>
        <source>{notes}</source>
        <translation>{notes}</translation>
    </message>
    <message>
        <source> Its edge goes over the last one&apos;s, so that their notches line up.</source>
        <translation> Ihre Kante geht über die der letzten, sodass die Kerben aufeinander liegen.</translation>
    </message>
    <message>
        <source>Peel the tape off {which}, flat back on itself. What lifts is pressed back and rubbed again.</source>
        <translation>Das Band abziehen von: {which}, flach auf sich selbst zurück. Was sich hebt, wird wieder angedrückt und gerieben.</translation>
    </message>
    <message>
        <source>Keep the tape: it serves {uses} times.</source>
        <translation>Das Band aufheben: es dient {uses} Mal.</translation>
    </message>
    <message>
        <source> Let the border close, or lap, at each snip.</source>
        <translation> Den Folienrand an jedem Einschnitt sich schließen oder überlappen lassen.</translation>
    </message>
    <message>
        <source> If the border lifts, snip it at the sides.</source>
        <translation> Wenn der Folienrand sich hebt, an den Seiten einschneiden.</translation>
    </message>
    <message>
        <source> Look at it from the front, through the glass.</source>
        <translation> Von vorne durch das Glas ansehen.</translation>
    </message>
    <message>
        <source> Look at it from behind, through the glass.</source>
        <translation> Von hinten durch das Glas ansehen.</translation>
    </message>
    <message>
        <source> Look along the surface, against the light.</source>
        <translation> An der Fläche entlang gegen das Licht sehen.</translation>
    </message>
    <message>
        <source>Place {number} of {risks} that lift the soonest.</source>
        <translation>Stelle {number} von {risks}, die sich am ehesten heben.</translation>
    </message>
    <message>
        <source>Press down the edge here first, {where}: {why}.</source>
        <translation>Hier die Kante zuerst andrücken, {where}: {why}.</translation>
    </message>
    <message>
        <source>Place {number} of {risks} that leak the soonest.</source>
        <translation>Stelle {number} von {risks}, die am ehesten undicht werden.</translation>
    </message>
    <message>
        <source>part {number} of {many} of the art</source>
        <translation>Teil {number} von {many} des Motivs</translation>
    </message>
    <message>
        <source>Press down every edge of the film: {edge} in all.{look}</source>
        <translation>Jede Kante der Folie andrücken: im Ganzen {edge}.{look}</translation>
    </message>
    <message>
        <source>Press down every other edge of the film: {edge} in all.{look}</source>
        <translation>Alle anderen Kanten der Folie andrücken: insgesamt {edge}.{look}</translation>
    </message>
    <message>
        <source>Press down every other edge of every opening: {edge} in all.{look}</source>
        <translation>Jede übrige Kante jeder Öffnung andrücken: im Ganzen {edge}.{look}</translation>
    </message>
    <message>
        <source>Press down every edge of every opening: {edge} in all.{look}</source>
        <translation>Jede Kante jeder Öffnung andrücken: im Ganzen {edge}.{look}</translation>
    </message>
    <message>
        <source>Bubbles away from an edge are harmless; one that reaches an opening leaks.</source>
        <translation>Blasen abseits einer Kante sind harmlos; eine, die eine Öffnung erreicht, ist undicht.</translation>
    </message>
    <message>
        <source>Patch slits and holes in the film with tape.{covered}</source>
        <translation>Schlitze und Löcher in der Folie mit Band flicken.{covered}</translation>
    </message>
    <message>
        <source>Let the film settle {minutes} minutes.</source>
        <translation>Die Folie {minutes} Minuten setzen lassen.</translation>
    </message>
    <message>
        <source>the handle</source>
        <translation>den Henkel</translation>
    </message>
    <message>
        <source>the mouth</source>
        <translation>die Mündung</translation>
    </message>
    <message>
        <source> Cover {all} with tape or paper.</source>
        <translation> Mit Band oder Papier abdecken: {all}.</translation>
    </message>
    <message>
        <source> Warm it: on a warm radiator, or in low warm air for about 10 seconds.</source>
        <translation> Wärmen: auf einem warmen Heizkörper oder etwa 10 Sekunden in schwacher Warmluft.</translation>
    </message>
    <message>
        <source>Warm, not hot: heat cracks glass and curls film.</source>
        <translation>Warm, nicht heiß: Hitze sprengt Glas und rollt Folie ein.</translation>
    </message>
    <message>
        <source>Middle first</source>
        <translation>Mitte zuerst</translation>
    </message>
    <message>
        <source>no air is shut in</source>
        <translation>es wird keine Luft eingeschlossen</translation>
    </message>
    <message>
        <source>a long film is easily laid askew: half by half is surer</source>
        <translation>eine lange Folie liegt leicht schief: Hälfte für Hälfte ist sicherer</translation>
    </message>
    <message>
        <source>Hinge, half by half</source>
        <translation>Scharnier, Hälfte für Hälfte</translation>
    </message>
    <message>
        <source>a long film stays where it was aimed</source>
        <translation>eine lange Folie bleibt, wie sie ausgerichtet war</translation>
    </message>
    <message>
        <source>a strip of tape holds the place while each half is laid</source>
        <translation>ein Streifen Band hält den Ort, während jede Hälfte aufgelegt wird</translation>
    </message>
    <message>
        <source>Glass lowered on the film</source>
        <translation>Glas auf die Folie gesenkt</translation>
    </message>
    <message>
        <source>the design is seen through the pane as it comes down</source>
        <translation>den Entwurf sieht man durch die Scheibe, während sie herabkommt</translation>
    </message>
    <message>
        <source>only for a pane that can be lifted</source>
        <translation>nur für eine Scheibe, die sich heben lässt</translation>
    </message>
    <message>
        <source>Trimmed edge set to the rim</source>
        <translation>Beschnittene Kante am Glasrand</translation>
    </message>
    <message>
        <source>the eye sees an edge that is not parallel at once</source>
        <translation>das Auge sieht eine Kante, die nicht parallel ist, sofort</translation>
    </message>
    <message>
        <source>this film has no straight upper edge</source>
        <translation>diese Folie hat keine gerade Oberkante</translation>
    </message>
    <message>
        <source>By hand, without tape</source>
        <translation>Von Hand, ohne Band</translation>
    </message>
    <message>
        <source>it is in one piece and small enough</source>
        <translation>sie ist in einem Stück und klein genug</translation>
    </message>
    <message>
        <source>islands or loose parts would lose their places</source>
        <translation>Inseln oder lose Teile verlören ihren Ort</translation>
    </message>
    <message>
        <source>Film cut on the glass</source>
        <translation>Folie auf dem Glas geschnitten</translation>
    </message>
    <message>
        <source>for a knife: the film lies on the glass before it is cut, so nothing is carried over</source>
        <translation>für ein Messer: die Folie liegt auf dem Glas, bevor sie geschnitten wird, also wird nichts übertragen</translation>
    </message>
    <message>
        <source>Hold the tape by its extra at the top and let {which} touch at its middle. Press from the middle outward to each side.</source>
        <translation>Das Band am Überstand oben halten und {which} in der Mitte berühren lassen. Von der Mitte nach beiden Seiten drücken.</translation>
    </message>
    <message>
        <source>Fix {which} where it goes by a strip of masking tape down its middle.</source>
        <translation>Mit einem Streifen Kreppband die Mitte hinab an ihrem Ort festmachen: {which}.</translation>
    </message>
    <message>
        <source>Fold one half back, peel its backing to the strip, cut that off, and lay the half from the strip outward.</source>
        <translation>Eine Hälfte zurückschlagen, ihren Träger bis zum Streifen abziehen, abschneiden, und die Hälfte vom Streifen nach außen auflegen.</translation>
    </message>
    <message>
        <source>Take the strip away, fold the other half back, peel the rest of the backing, and lay it the same way.</source>
        <translation>Den Streifen wegnehmen, die andere Hälfte zurückschlagen, den Rest des Trägers abziehen und sie ebenso auflegen.</translation>
    </message>
    <message>
        <source>Tape {which} to the bench by its edges, sticky side up, with lines drawn for the pane&apos;s edges.</source>
        <translation>An den Kanten auf die Werkbank kleben, die klebende Seite nach oben, mit Linien für die Kanten der Scheibe: {which}.</translation>
    </message>
    <message>
        <source>Hold the pane over it, line up its edges with the lines, lower one end first, and press.</source>
        <translation>Die Scheibe darüber halten, ihre Kanten an den Linien ausrichten, ein Ende zuerst absenken und drücken.</translation>
    </message>
    <message>
        <source>Trim tape and film straight along the upper edge of {which}. Lay that edge first, parallel to the edge above it, and look along it before you press.</source>
        <translation>Band und Folie an der Oberkante gerade abschneiden ({which}). Diese Kante zuerst auflegen, parallel zur Kante darüber, und vor dem Andrücken an ihr entlangsehen.</translation>
    </message>
    <message>
        <source>Press from the upper edge down, from the middle to each side.</source>
        <translation>Von der Oberkante nach unten drücken, von der Mitte zu beiden Seiten.</translation>
    </message>
    <message>
        <source>{carrier} goes on by hand: peel the upper third of its backing, lay that, then draw the rest of the backing away as you press down.</source>
        <translation>{carrier} kommt von Hand darauf: das obere Drittel des Trägers abziehen, das auflegen, dann beim Andrücken den Rest des Trägers wegziehen.</translation>
    </message>
    <message>
        <source>Lay bare film over the place for {which}, from the middle outward, and tape the printed pattern over it.</source>
        <translation>Blanke Folie über die Stelle für {which} legen, von der Mitte nach außen, und das gedruckte Muster darüber kleben.</translation>
    </message>
    <message>
        <source>Follow its lines with a fresh knife, insides first, lightly: the blade needs to go through film only. Then weed on the glass.</source>
        <translation>Seinen Linien mit einem frischen Messer folgen, Inneres zuerst, leicht: die Klinge muss nur durch die Folie. Dann auf dem Glas entgittern.</translation>
    </message>
    <message>
        <source>A slipping blade cuts: keep the other hand behind it, and the glass still.</source>
        <translation>Eine rutschende Klinge schneidet: die andere Hand dahinter halten, und das Glas ruhig.</translation>
    </message>
    <message>
        <source>a length like 85 mm, 8.5 cm or 3 3/8 in was wanted, got &apos;{told}&apos;</source>
        <translation>erwartet wurde eine Länge wie 85 mm, 8,5 cm oder 3 3/8 in, nicht „{told}“</translation>
    </message>
    <message>
        <source>the unit &apos;{match}&apos; is not known: use mm, cm, m, in or ft</source>
        <translation>die Einheit „{match}“ ist nicht bekannt: mm, cm, m, in oder ft verwenden</translation>
    </message>
    <message>
        <source>a length like 85 mm was wanted, got {text} characters</source>
        <translation>erwartet wurde eine Länge wie 85 mm, nicht {text} Zeichen</translation>
    </message>
    <message>
        <source>a length like 85 mm was wanted: &apos;{odd}&apos; cannot be read in &apos;{text}&apos;</source>
        <translation>erwartet wurde eine Länge wie 85 mm: „{odd}“ lässt sich in „{text}“ nicht lesen</translation>
    </message>
    <message>
        <source>&apos;{told}&apos; is longer than any glass: at most 100 m</source>
        <translation>„{told}“ ist länger als jedes Glas: höchstens 100 m</translation>
    </message>
    <message>
        <source>&apos;{told}&apos; can be read in two ways: write {match} or {match2}</source>
        <translation>„{told}“ lässt sich auf zwei Arten lesen: {match} oder {match2} schreiben</translation>
    </message>
    <message>
        <source>&apos;{told}&apos; divides by zero</source>
        <translation>„{told}“ teilt durch null</translation>
    </message>
    <message>
        <source>&apos;{told}&apos;: after the {whole} a fraction less than 1 was wanted, got {top}/{bottom}</source>
        <translation>„{told}“: nach der {whole} wurde ein Bruch unter 1 erwartet, nicht {top}/{bottom}</translation>
    </message>
    <message>
        <source>a time like 2:30, 2.5 min or 150 s was wanted, got &apos;{told}&apos;</source>
        <translation>gewünscht war eine Zeit wie 2:30, 2,5 min oder 150 s, gekommen ist &apos;{told}&apos;</translation>
    </message>
    <message>
        <source>a size like 200x150mm was wanted, got &apos;{text}&apos;</source>
        <translation>erwartet wurde eine Größe wie 200x150mm, nicht „{text}“</translation>
    </message>
    <message>
        <source>good</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>faint</source>
        <translation>schwach</translation>
    </message>
    <message>
        <source>uneven</source>
        <translation>ungleich</translation>
    </message>
    <message>
        <source>leak at an edge</source>
        <translation>undicht an einer Kante</translation>
    </message>
    <message>
        <source>bled under</source>
        <translation>unterlaufen</translation>
    </message>
    <message>
        <source>missed bit</source>
        <translation>Teil ausgelassen</translation>
    </message>
    <message>
        <source>crooked</source>
        <translation>schief</translation>
    </message>
    <message>
        <source>drip</source>
        <translation>Tropfen</translation>
    </message>
    <message>
        <source>spoiled</source>
        <translation>verdorben</translation>
    </message>
    <message>
        <source>leak</source>
        <translation>undicht</translation>
    </message>
    <message>
        <source>void</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>not pulled</source>
        <translation>nicht gezogen</translation>
    </message>
    <message>
        <source>came off</source>
        <translation>abgegangen</translation>
    </message>
    <message>
        <source>handle</source>
        <translation>Henkel</translation>
    </message>
    <message>
        <source>seam</source>
        <translation>Naht</translation>
    </message>
    <message>
        <source>raised mark</source>
        <translation>erhabene Marke</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>stem and foot</source>
        <translation>Stiel und Fuß</translation>
    </message>
    <message>
        <source>ruler</source>
        <translation>Lineal</translation>
    </message>
    <message>
        <source>calipers</source>
        <translation>Schieblehre</translation>
    </message>
    <message>
        <source>watch</source>
        <translation>Achtung</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>thin</source>
        <translation>dünn</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>dabbed</source>
        <translation>getupft</translation>
    </message>
    <message>
        <source>crossed</source>
        <translation>gekreuzt</translation>
    </message>
    <message>
        <source>on the glass</source>
        <translation>auf dem Glas</translation>
    </message>
    <message>
        <source>as seen</source>
        <translation>wie gesehen</translation>
    </message>
    <message>
        <source>on the film</source>
        <translation>auf der Folie</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>rounded</source>
        <translation>gerundet</translation>
    </message>
    <message>
        <source>oval</source>
        <translation>Oval</translation>
    </message>
    <message>
        <source>diamond</source>
        <translation>Raute</translation>
    </message>
    <message>
        <source>shield</source>
        <translation>Schild</translation>
    </message>
    <message>
        <source>plaque</source>
        <translation>Plakette</translation>
    </message>
    <message>
        <source>hexagon</source>
        <translation>Sechseck</translation>
    </message>
    <message>
        <source>arch</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>star</source>
        <translation>Stern</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>upper</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>ordinary</source>
        <translation>gewöhnlich</translation>
    </message>
    <message>
        <source>strengthened</source>
        <translation>vorgespannt</translation>
    </message>
    <message>
        <source>bakeware</source>
        <translation>Backgeschirr</translation>
    </message>
    <message>
        <source>crystal</source>
        <translation>Kristall</translation>
    </message>
    <message>
        <source>coated</source>
        <translation>beschichtet</translation>
    </message>
    <message>
        <source>coated inside</source>
        <translation>innen beschichtet</translation>
    </message>
    <message>
        <source>mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>unknown</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>mat</source>
        <translation>Matte</translation>
    </message>
    <message>
        <source>roll</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>stencil</source>
        <comment>a kind of film</comment>
        <translation>Schablonenfolie</translation>
    </message>
    <message>
        <source>removable</source>
        <comment>a kind of film</comment>
        <translation>ablösbare Folie</translation>
    </message>
    <message>
        <source>permanent</source>
        <comment>a kind of film</comment>
        <translation>Permanentfolie</translation>
    </message>
    <message>
        <source>shelf</source>
        <comment>a kind of film</comment>
        <translation>Regalfolie</translation>
    </message>
    <message>
        <source>detail</source>
        <translation>Einzelheit</translation>
    </message>
    <message>
        <source>ground</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Lücke</translation>
    </message>
    <message>
        <source>film round the art</source>
        <translation>Folie um das Motiv</translation>
    </message>
    <message>
        <source>island</source>
        <translation>Insel</translation>
    </message>
    <message>
        <source>inside of {it}</source>
        <translation>Inneres von {it}</translation>
    </message>
    <message>
        <source>drawing</source>
        <translation>Zeichnung</translation>
    </message>
    <message>
        <source>letters {letters}</source>
        <translation>Buchstaben {letters}</translation>
    </message>
    <message>
        <source>digit {digit}</source>
        <translation>Ziffer {digit}</translation>
    </message>
    <message>
        <source>letter {letter}</source>
        <translation>Buchstabe {letter}</translation>
    </message>
    <message>
        <source>sign {sign}</source>
        <translation>Zeichen {sign}</translation>
    </message>
    <message>
        <source>lower left</source>
        <translation>unten links</translation>
    </message>
    <message>
        <source>lower right</source>
        <translation>unten rechts</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>film {film}, {where}</source>
        <translation>Folie {film}, {where}</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>upper left</source>
        <translation>oben links</translation>
    </message>
    <message>
        <source>upper right</source>
        <translation>oben rechts</translation>
    </message>
    <message>
        <source>stays: press it down</source>
        <translation>bleibt: andrücken</translation>
    </message>
    <message>
        <source> and {stay} more</source>
        <translation> und {stay} weitere</translation>
    </message>
    <message>
        <source>{stay} islands must</source>
        <translation>{stay} Inseln müssen</translation>
    </message>
    <message>
        <source>1 island must</source>
        <translation>1 Insel muss</translation>
    </message>
    <message>
        <source>Look: {must} still be there</source>
        <translation>Nachsehen: {must} noch da sein</translation>
    </message>
    <message>
        <source>Pull {number}: {name}</source>
        <translation>Ziehen, {number}: {name}</translation>
    </message>
    <message>
        <source>{where}{how}.</source>
        <translation>{where}{how}.</translation>
    </message>
    <message>
        <source>lift a corner and pull low, at a diagonal</source>
        <translation>eine Ecke anheben und flach ziehen, schräg</translation>
    </message>
    <message>
        <source>the surplus</source>
        <translation>der Überschuss</translation>
    </message>
    <message>
        <source>the surplus of film {film}</source>
        <translation>der Überschuss von Folie {film}</translation>
    </message>
    <message>
        <source>surplus {number} of {parts}</source>
        <translation>Überschuss {number} von {parts}</translation>
    </message>
    <message>
        <source>{inside} islands stand in opening {number} ({name})</source>
        <translation>{inside} Inseln stehen in Öffnung {number} ({name})</translation>
    </message>
    <message>
        <source>what is pulled takes small islands along: hold them down with a finger, or tie them</source>
        <translation>was gezogen wird, nimmt kleine Inseln mit: mit einem Finger festhalten, oder Haltestege geben</translation>
    </message>
    <message>
        <source>what is pulled takes small islands along: hold them down with a finger</source>
        <translation>was gezogen wird, nimmt kleine Inseln mit: mit einem Finger festhalten</translation>
    </message>
    <message>
        <source>Tie the islands</source>
        <translation>Den Inseln Haltestege geben</translation>
    </message>
    <message>
        <source>the surplus is one sticky strip, {long} long</source>
        <translation>der Überschuss ist ein einziger klebriger Streifen, {long} lang</translation>
    </message>
    <message>
        <source>it falls back on the film as it is pulled: short cuts across it make parts of it</source>
        <translation>er fällt beim Ziehen auf die Folie zurück: kurze Schnitte quer machen Teile daraus</translation>
    </message>
    <message>
        <source>Cut it into parts</source>
        <translation>In Teile schneiden</translation>
    </message>
    <message>
        <source>hook it from a corner</source>
        <translation>von einer Ecke einhaken</translation>
    </message>
    <message>
        <source>pull slowly</source>
        <translation>langsam ziehen</translation>
    </message>
    <message>
        <source>, straight up</source>
        <translation>, gerade nach oben</translation>
    </message>
    <message>
        <source>; watch that what it surrounds stays</source>
        <translation>; darauf achten, dass bleibt, was es umgibt</translation>
    </message>
    <message>
        <source>; hold down what stands in it</source>
        <translation>; festhalten, was darin steht</translation>
    </message>
    <message>
        <source>; hold down the thin film beside it</source>
        <translation>; die dünne Folie daneben festhalten</translation>
    </message>
    <message>
        <source>; risk: {why}</source>
        <translation>; Risiko: {why}</translation>
    </message>
    <message>
        <source>{hook}, low{way}{watch}{hold}{risk}</source>
        <translation>{hook}, flach{way}{watch}{hold}{risk}</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>to the upper right</source>
        <translation>nach oben rechts</translation>
    </message>
    <message>
        <source>upward</source>
        <translation>nach oben</translation>
    </message>
    <message>
        <source>to the upper left</source>
        <translation>nach oben links</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>to the lower left</source>
        <translation>nach unten links</translation>
    </message>
    <message>
        <source>downward</source>
        <translation>nach unten</translation>
    </message>
    <message>
        <source>to the lower right</source>
        <translation>nach unten rechts</translation>
    </message>
    <message>
        <source>; no way off it is free, so lift straight up</source>
        <translation>; kein Weg davon ist frei, also gerade anheben</translation>
    </message>
    <message>
        <source>film {width} wide is beside it{up}</source>
        <translation>daneben ist {width} breite Folie{up}</translation>
    </message>
    <message>
        <source>{small} small islands stand in it</source>
        <translation>{small} kleine Inseln stehen darin</translation>
    </message>
    <message>
        <source>a small island stands in it</source>
        <translation>eine kleine Insel steht darin</translation>
    </message>
    <message>
        <source>it is small: lift it with the hook</source>
        <translation>es ist klein: mit dem Haken anheben</translation>
    </message>
    <message>
        <source>nothing thin is near</source>
        <translation>nichts Dünnes ist nahe</translation>
    </message>
    <message>
        <source>late {left}</source>
        <translation>{left} zu spät</translation>
    </message>
    <message>
        <source>the computer slept for {words}: the clocks ran on, the cream does not wait</source>
        <translation>der Rechner schlief {words} lang: die Uhren liefen weiter, die Creme wartet nicht</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>back</source>
        <comment>a clock</comment>
        <translation>zurück</translation>
    </message>
    <message>
        <source>back</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>the computer&apos;s clock was set {way} by {words}: the clocks here were put right</source>
        <translation>die Uhr des Rechners wurde um {words} {way}gestellt: die Uhren hier wurden berichtigt</translation>
    </message>
    <message>
        <source>the mat&apos;s width</source>
        <translation>die Breite der Matte</translation>
    </message>
    <message>
        <source>the mat&apos;s length</source>
        <translation>die Länge der Matte</translation>
    </message>
    <message>
        <source>over-run</source>
        <translation>Überschnitt</translation>
    </message>
    <message>
        <source>the blade&apos;s offset</source>
        <translation>der Versatz der Klinge</translation>
    </message>
    <message>
        <source>the tape&apos;s width</source>
        <translation>die Breite des Bandes</translation>
    </message>
    <message>
        <source>border</source>
        <translation>Folienrand</translation>
    </message>
    <message>
        <source>the least web</source>
        <translation>der kleinste Steg</translation>
    </message>
    <message>
        <source>the least opening</source>
        <translation>die kleinste Öffnung</translation>
    </message>
    <message>
        <source>the eye&apos;s distance</source>
        <translation>der Abstand des Auges</translation>
    </message>
    <message>
        <source>{what}: {mine} here, {theirs} in the workshop</source>
        <translation>{what}: hier {mine}, in der Werkstatt {theirs}</translation>
    </message>
    <message>
        <source>{path} is not JSON ({str}): mend it, or move it away to begin anew</source>
        <translation>{path} ist kein JSON ({str}): in Ordnung bringen, oder verschieben, um neu zu beginnen</translation>
    </message>
    <message>
        <source>the workshop</source>
        <translation>die Werkstatt</translation>
    </message>
    <message>
        <source>{called} was written by a newer Vitrograph: install that, or move the file away</source>
        <translation>{called} wurde von einem neueren Vitrograph geschrieben: das einrichten, oder die Datei verschieben</translation>
    </message>
    <message>
        <source>{called}: {says}; the usual is taken there</source>
        <translation>{called}: {says}; dort gilt das Übliche</translation>
    </message>
    <message>
        <source>{path} could not be written: {reason}</source>
        <translation>{path} ließ sich nicht schreiben: {reason}</translation>
    </message>
    <message>
        <source>{wrong}: mend it first</source>
        <translation>{wrong}: erst ausbessern</translation>
    </message>
    <message>
        <source>your workshop has no film of this kind: write it down there, and keep the force again</source>
        <translation>Ihre Werkstatt hat keine Folie dieser Art: dort aufschreiben und die Kraft noch einmal behalten</translation>
    </message>
    <message>
        <source>your workshop has no cream called “{name}”: this weighing is kept with the order only</source>
        <translation>Ihre Werkstatt hat keine Creme namens „{name}“: diese Wägung wird nur beim Auftrag behalten</translation>
    </message>
    <message>
        <source>{of}, left over</source>
        <translation>{of}, Rest</translation>
    </message>
    <message>
        <source>lay an order&apos;s stencils on less film, and keep their places in its file</source>
        <translation>die Schablonen eines Auftrags auf weniger Folie legen und ihre Plätze in seiner Datei behalten</translation>
    </message>
    <message>
        <source>how long to look, for each piece of film</source>
        <translation>wie lange gesucht wird, für jedes Stück Folie</translation>
    </message>
    <message>
        <source>send an order&apos;s cuts to a cutter</source>
        <translation>die Schnitte eines Auftrags an einen Schneideplotter senden</translation>
    </message>
    <message>
        <source>which piece of film is in the cutter, from 1</source>
        <translation>welches Stück Folie im Plotter liegt, ab 1</translation>
    </message>
    <message>
        <source>go on after a cut that was broken off</source>
        <translation>nach einem abgebrochenen Schnitt weitermachen</translation>
    </message>
    <message>
        <source>one stencil alone, once more, by its piece&apos;s name or number, and the number of its film where it has several</source>
        <translation>eine Schablone allein, noch einmal, mit Namen oder Nummer ihres Stücks, und der Nummer ihrer Folie, wo es mehrere hat</translation>
    </message>
    <message>
        <source>cut a test: a square with a triangle for each force</source>
        <translation>eine Probe schneiden: ein Quadrat mit einem Dreieck für jeden Andruck</translation>
    </message>
    <message>
        <source>in the cutter&apos;s own units, as 60,80,100</source>
        <translation>in den Einheiten des Plotters, als 60,80,100</translation>
    </message>
    <message>
        <source>be a simulated cutter, to try things on</source>
        <translation>ein nachgestellter Schneideplotter sein, um daran etwas zu versuchen</translation>
    </message>
    <message>
        <source>on a TCP port of this computer; 0 takes a free one</source>
        <translation>an einem TCP-Anschluss dieses Rechners; 0 nimmt einen freien</translation>
    </message>
    <message>
        <source>on a pseudo-terminal, as on a serial port</source>
        <translation>an einem Pseudoterminal, wie an einer seriellen Schnittstelle</translation>
    </message>
    <message>
        <source>than a real one</source>
        <translation>als ein echter</translation>
    </message>
    <message>
        <source>how much it takes in before it works</source>
        <translation>wie viel er aufnimmt, bevor er arbeitet</translation>
    </message>
    <message>
        <source>how far its blade&apos;s tip trails</source>
        <translation>wie weit die Spitze seiner Klinge nachläuft</translation>
    </message>
    <message>
        <source>its blade skips acute corners</source>
        <translation>seine Klinge überspringt spitze Ecken</translation>
    </message>
    <message>
        <source>its power goes after it has moved so far</source>
        <translation>sein Strom fällt aus, nachdem er so weit gefahren ist</translation>
    </message>
    <message>
        <source>write what its blade cut</source>
        <translation>schreiben, was seine Klinge schnitt</translation>
    </message>
    <message>
        <source>where the cutter is, or a file in its language</source>
        <translation>wo der Plotter ist, oder eine Datei in seiner Sprache</translation>
    </message>
    <message>
        <source>--seconds: a whole number from 1 to 3600 was wanted, got &apos;{seconds}&apos;</source>
        <translation>--seconds: erwartet wurde eine ganze Zahl von 1 bis 3600, nicht „{seconds}“</translation>
    </message>
    <message>
        <source>laying it on film</source>
        <translation>es wird auf Folie gelegt</translation>
    </message>
    <message>
        <source>vitrograph: {length} of this film by now (Ctrl+C stops it)</source>
        <translation>vitrograph: {length} von dieser Folie bis jetzt (Strg+C bricht ab)</translation>
    </message>
    <message numerus="yes">
        <source>{n} pieces of film, {now} used; {was} before</source>
        <comment>{n} piece of film, {now} used; {was} before</comment>
        <translation>
            <numerusform>{n} Stück Folie, {now} gebraucht; {was} vorher</numerusform>
            <numerusform>{n} Stücke Folie, {now} gebraucht; {was} vorher</numerusform>
        </translation>
    </message>
    <message>
        <source>--film: a number from 1 to {runs} was wanted, got &apos;{film}&apos;</source>
        <translation>--film: erwartet wurde eine Zahl von 1 bis {runs}, nicht „{film}“</translation>
    </message>
    <message>
        <source>something found is a stop, see &apos;check&apos;: mend that before film is cut</source>
        <translation>unter den Befunden ist ein Halt, siehe „check“: das ausbessern, bevor Folie geschnitten wird</translation>
    </message>
    <message>
        <source>film {number}: {lacking}</source>
        <translation>Folie {number}: {lacking}</translation>
    </message>
    <message>
        <source>vitrograph: {last}, {done} of {of} paths, {left} to go (Ctrl+C lifts the blade and stops)</source>
        <translation>vitrograph: {last}, {done} von {of} Wegen, noch {left} (Strg+C hebt die Klinge und bricht ab)</translation>
    </message>
    <message numerus="yes">
        <source>film {number} of {runs}: {n} paths, {length} cut</source>
        <comment>film {number} of {runs}: {n} path, {length} cut</comment>
        <translation>
            <numerusform>Folie {number} von {runs}: {n} Weg, {length} geschnitten</numerusform>
            <numerusform>Folie {number} von {runs}: {n} Wege, {length} geschnitten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{n} paths, {cut_mm:.0f} mm cut</source>
        <comment>{n} path, {cut_mm:.0f} mm cut</comment>
        <translation>
            <numerusform>{n} Weg, {cut_mm:.0f} mm geschnitten</numerusform>
            <numerusform>{n} Wege, {cut_mm:.0f} mm geschnitten</numerusform>
        </translation>
    </message>
    <message>
        <source>after {last}</source>
        <translation>nach {last}</translation>
    </message>
    <message>
        <source>before the first path</source>
        <translation>vor dem ersten Weg</translation>
    </message>
    <message>
        <source>stopped {where}, the blade is up: {done} of {of} paths are cut; if the film has not moved, go on with --from {place}</source>
        <translation>angehalten {where}, die Klinge ist oben: {done} von {of} Wegen sind geschnitten; wenn die Folie sich nicht bewegt hat, weiter mit --from {place}</translation>
    </message>
    <message>
        <source>--again: a film from 1 to {many} was wanted, got &apos;{film}&apos;</source>
        <translation>--again: erwartet wurde eine Folie von 1 bis {many}, nicht „{film}“</translation>
    </message>
    <message numerus="yes">
        <source>{n} ticks  force {force:g}</source>
        <comment>{n} tick   force {force:g}</comment>
        <translation>
            <numerusform>{n} Strich    Andruck {force:g}</numerusform>
            <numerusform>{n} Striche   Andruck {force:g}</numerusform>
        </translation>
    </message>
    <message>
        <source>lift each triangle: the least force that came out clean is kept by &apos;workshop --set films.0.force=...&apos;</source>
        <translation>jedes Dreieck anheben: den geringsten Andruck, der sauber herauskam, behält „workshop --set films.0.force=...“</translation>
    </message>
    <message>
        <source>--from: {error}</source>
        <translation>--from: {error}</translation>
    </message>
    <message>
        <source>--{name}: a whole number from {least} to {most} was wanted, got &apos;{text}&apos;</source>
        <translation>--{name}: erwartet wurde eine ganze Zahl von {least} bis {most}, nicht „{text}“</translation>
    </message>
    <message>
        <source>the simulated cutter is at {where}</source>
        <translation>der nachgestellte Plotter ist an {where}</translation>
    </message>
    <message>
        <source>--tcp: a number up to 65535 was wanted, got &apos;{tcp}&apos;</source>
        <translation>--tcp: erwartet wurde eine Zahl bis 65535, nicht „{tcp}“</translation>
    </message>
    <message>
        <source>Artwork</source>
        <translation>Motiv</translation>
    </message>
    <message>
        <source>Each item frosts the glass, or clears what lies below it. Drag items on the sheet.</source>
        <translation>Jedes Element mattiert das Glas oder macht klar, was darunter liegt. Elemente lassen sich auf dem Bogen ziehen.</translation>
    </message>
    <message>
        <source>Overall width</source>
        <translation>Gesamtbreite</translation>
    </message>
    <message>
        <source>Overall height</source>
        <translation>Gesamthöhe</translation>
    </message>
    <message>
        <source>Proportions kept</source>
        <translation>Verhältnis bleibt</translation>
    </message>
    <message>
        <source>Add an item, or open a drawing, to begin.</source>
        <translation>Ein Element hinzufügen oder eine Zeichnung öffnen, um zu beginnen.</translation>
    </message>
    <message>
        <source>Items, uppermost first</source>
        <translation>Elemente, oberstes zuerst</translation>
    </message>
    <message>
        <source>Line up</source>
        <translation>Ausrichten</translation>
    </message>
    <message>
        <source>Place, turn, repeat</source>
        <translation>Setzen, drehen, wiederholen</translation>
    </message>
    <message>
        <source>Reading {name} …</source>
        <translation>Liest {name} …</translation>
    </message>
    <message>
        <source>These words</source>
        <translation>Diese Wörter</translation>
    </message>
    <message>
        <source>This drawing</source>
        <translation>Diese Zeichnung</translation>
    </message>
    <message>
        <source>This shape</source>
        <translation>Diese Form</translation>
    </message>
    <message>
        <source>This monogram</source>
        <translation>Dieses Monogramm</translation>
    </message>
    <message>
        <source>It fits the room that the glass has, with the least border.</source>
        <translation>Es passt in den Platz, den das Glas mit dem kleinsten Folienrand hat.</translation>
    </message>
    <message>
        <source>It stands outside the room.</source>
        <translation>Es steht außerhalb des Platzes.</translation>
    </message>
    <message>
        <source>It is too large for the room.</source>
        <translation>Es ist zu groß für den Platz.</translation>
    </message>
    <message>
        <source>This glass has no room for a motif with the least border.</source>
        <translation>Dieses Glas hat für ein Motiv mit dem kleinsten Folienrand keinen Platz.</translation>
    </message>
    <message>
        <source>Proportions may change</source>
        <translation>Verhältnis darf sich ändern</translation>
    </message>
    <message>
        <source>frosts</source>
        <translation>mattiert</translation>
    </message>
    <message>
        <source>clears</source>
        <translation>macht klar</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>bleibt weg</translation>
    </message>
    <message>
        <source>What is drawn</source>
        <translation>Was gezeichnet ist</translation>
    </message>
    <message>
        <source>film with holes</source>
        <translation>Folie mit Löchern</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Only two tones exist on glass. A light colour is first taken for bare glass.</source>
        <translation>Auf Glas gibt es nur zwei Töne. Eine helle Farbe gilt zunächst als blankes Glas.</translation>
    </message>
    <message>
        <source>Film left between colours</source>
        <translation>Folie zwischen Farben</translation>
    </message>
    <message>
        <source>What {hex} does</source>
        <translation>Was {hex} tut</translation>
    </message>
    <message>
        <source>Between colours</source>
        <translation>Zwischen Farben</translation>
    </message>
    <message>
        <source>Colour {colour}</source>
        <translation>Farbe {colour}</translation>
    </message>
    <message>
        <source>Your words</source>
        <translation>Ihre Wörter</translation>
    </message>
    <message>
        <source>Face</source>
        <translation>Schrift</translation>
    </message>
    <message>
        <source>Thinnest stroke</source>
        <translation>Dünnster Strich</translation>
    </message>
    <message>
        <source>Good for</source>
        <translation>Gut für</translation>
    </message>
    <message>
        <source>Licence</source>
        <translation>Lizenz</translation>
    </message>
    <message>
        <source>wide</source>
        <translation>breit</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>may not cover sale</source>
        <translation>vielleicht nicht verkäuflich</translation>
    </message>
    <message>
        <source>does not say</source>
        <translation>sagt es nicht</translation>
    </message>
    <message>
        <source>Faces for your words</source>
        <translation>Schriften für Ihre Wörter</translation>
    </message>
    <message>
        <source>Faces</source>
        <translation>Schriften</translation>
    </message>
    <message>
        <source>Licence of the face</source>
        <translation>Lizenz der Schrift</translation>
    </message>
    <message>
        <source>Fonts on this machine</source>
        <translation>Schriften auf diesem Rechner</translation>
    </message>
    <message>
        <source>Open a font file</source>
        <translation>Eine Schriftdatei öffnen</translation>
    </message>
    <message>
        <source>Set the words in it</source>
        <translation>Die Wörter darin setzen</translation>
    </message>
    <message>
        <source>In each face so large as to be as {side} as now</source>
        <translation>In jeder Schrift so groß, dass sie so {side} sind wie jetzt</translation>
    </message>
    <message>
        <source>Capitals {length} high on the glass</source>
        <translation>Großbuchstaben {length} hoch auf dem Glas</translation>
    </message>
    <message>
        <source>{large}. Strokes thinner than your limit of {limit} fill badly and lift in the cream.</source>
        <translation>{large}. Striche, die dünner sind als Ihre Grenze von {limit}, füllen sich schlecht und heben sich in der Creme.</translation>
    </message>
    <message>
        <source>lacks {all}</source>
        <translation>ohne {all}</translation>
    </message>
    <message>
        <source>nothing to measure</source>
        <translation>nichts zu messen</translation>
    </message>
    <message>
        <source>sturdy</source>
        <translation>kräftig</translation>
    </message>
    <message>
        <source>will do</source>
        <translation>es geht</translation>
    </message>
    <message>
        <source>too thin</source>
        <translation>zu dünn</translation>
    </message>
    <message>
        <source>Its licence is an open one.</source>
        <translation>Ihre Lizenz ist offen.</translation>
    </message>
    <message>
        <source>Its licence may not cover items that are sold.</source>
        <translation>Ihre Lizenz deckt vielleicht keine Stücke, die verkauft werden.</translation>
    </message>
    <message>
        <source>It does not say whether items may be sold: ask where you got it.</source>
        <translation>Sie sagt nicht, ob Stücke verkauft werden dürfen: dort fragen, wo die Schrift herkommt.</translation>
    </message>
    <message>
        <source>{sale}
It says: {licence}</source>
        <translation>{sale}
Sie sagt: {licence}</translation>
    </message>
    <message>
        <source>Fonts ({endings})</source>
        <translation>Schriften ({endings})</translation>
    </message>
    <message>
        <source>Open a font</source>
        <translation>Eine Schrift öffnen</translation>
    </message>
    <message>
        <source>Turn an item</source>
        <translation>Ein Element drehen</translation>
    </message>
    <message>
        <source>Size an item</source>
        <translation>Größe eines Elements</translation>
    </message>
    <message>
        <source>Stretch an item</source>
        <translation>Ein Element strecken</translation>
    </message>
    <message>
        <source>Move items</source>
        <translation>Elemente verschieben</translation>
    </message>
    <message>
        <source>Move an item</source>
        <translation>Ein Element verschieben</translation>
    </message>
    <message>
        <source>Take an item out</source>
        <translation>Ein Element herausnehmen</translation>
    </message>
    <message>
        <source>Nudge</source>
        <translation>Anstupsen</translation>
    </message>
    <message>
        <source>Add an item</source>
        <translation>Ein Element hinzufügen</translation>
    </message>
    <message>
        <source>words, a drawing or picture, a shape or frame, a monogram</source>
        <translation>Wörter, eine Zeichnung oder ein Bild, eine Form oder ein Rahmen, ein Monogramm</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Höher</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Tiefer</translation>
    </message>
    <message>
        <source>Double</source>
        <translation>Verdoppeln</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>A drawing or a picture …</source>
        <translation>Eine Zeichnung oder ein Bild …</translation>
    </message>
    <message>
        <source>A frame</source>
        <translation>Ein Rahmen</translation>
    </message>
    <message>
        <source>A filled shape</source>
        <translation>Eine gefüllte Form</translation>
    </message>
    <message>
        <source>A bar</source>
        <translation>Ein Balken</translation>
    </message>
    <message>
        <source>A monogram</source>
        <translation>Ein Monogramm</translation>
    </message>
    <message>
        <source>ticked: shown and cut</source>
        <translation>angehakt: gezeigt und geschnitten</translation>
    </message>
    <message>
        <source>Show an item</source>
        <translation>Ein Element einblenden</translation>
    </message>
    <message>
        <source>Hide an item</source>
        <translation>Ein Element ausblenden</translation>
    </message>
    <message>
        <source>Restack</source>
        <translation>Umschichten</translation>
    </message>
    <message>
        <source>Open a drawing or a picture</source>
        <translation>Eine Zeichnung oder ein Bild öffnen</translation>
    </message>
    <message>
        <source>Which page</source>
        <translation>Welche Seite</translation>
    </message>
    <message>
        <source>{name} has {pages} pages. Which one holds the art?</source>
        <translation>{name} hat {pages} Seiten. Auf welcher ist das Motiv?</translation>
    </message>
    <message>
        <source>{name} was opened for a piece that is not there any more: open it again</source>
        <translation>{name} wurde für ein Stück geöffnet, das es nicht mehr gibt: noch einmal öffnen</translation>
    </message>
    <message>
        <source>circle, oval</source>
        <translation>Kreis, Oval</translation>
    </message>
    <message>
        <source>filled</source>
        <translation>gefüllt</translation>
    </message>
    <message>
        <source>one line</source>
        <translation>eine Linie</translation>
    </message>
    <message>
        <source>two lines</source>
        <translation>zwei Linien</translation>
    </message>
    <message>
        <source>beads</source>
        <translation>Perlen</translation>
    </message>
    <message>
        <source>scallops</source>
        <translation>Bögen</translation>
    </message>
    <message>
        <source>side by side, the middle larger</source>
        <translation>nebeneinander, der mittlere größer</translation>
    </message>
    <message>
        <source>in one line</source>
        <translation>in einer Zeile</translation>
    </message>
    <message>
        <source>one, split by the name</source>
        <translation>einer, vom Namen geteilt</translation>
    </message>
    <message>
        <source>one, the name upright beside it</source>
        <translation>einer, der Name senkrecht daneben</translation>
    </message>
    <message>
        <source>lines as wide as each other</source>
        <translation>Zeilen, alle gleich breit</translation>
    </message>
    <message>
        <source>Tidy it: tones, outlines, mends</source>
        <translation>Aufräumen: Töne, Konturen, Ausbesserungen</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>Initials, left to right</source>
        <translation>Anfangsbuchstaben, von links nach rechts</translation>
    </message>
    <message>
        <source>initials, left to right</source>
        <translation>Anfangsbuchstaben, von links nach rechts</translation>
    </message>
    <message>
        <source>A name or a date</source>
        <translation>Ein Name oder ein Datum</translation>
    </message>
    <message>
        <source>a name or a date, if one goes with them</source>
        <translation>ein Name oder ein Datum, wenn eines dazugehört</translation>
    </message>
    <message>
        <source>How they are set</source>
        <translation>Wie sie gesetzt sind</translation>
    </message>
    <message>
        <source>Face of the initials</source>
        <translation>Schrift der Anfangsbuchstaben</translation>
    </message>
    <message>
        <source>Face of the name</source>
        <translation>Schrift des Namens</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>no frame</source>
        <translation>kein Rahmen</translation>
    </message>
    <message>
        <source>Edge of the frame</source>
        <translation>Kante des Rahmens</translation>
    </message>
    <message>
        <source>Initials reach into each other by</source>
        <translation>Buchstaben greifen ineinander um</translation>
    </message>
    <message>
        <source>Take it apart into items</source>
        <translation>In Elemente zerlegen</translation>
    </message>
    <message>
        <source>Faces of the initials and of the name</source>
        <translation>Schriften der Anfangsbuchstaben und des Namens</translation>
    </message>
    <message>
        <source>Initials</source>
        <translation>Anfangsbuchstaben</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Setting</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>Overlap</source>
        <translation>Überlappung</translation>
    </message>
    <message>
        <source>Take apart</source>
        <translation>Zerlegen</translation>
    </message>
    <message>
        <source>room that reads from the front</source>
        <translation>Platz, der von vorn zu lesen ist</translation>
    </message>
    <message>
        <source>room within the border</source>
        <translation>Platz innerhalb des Folienrands</translation>
    </message>
    <message>
        <source>this glass has no room for art with its border</source>
        <translation>dieses Glas hat für ein Motiv mit seinem Folienrand keinen Platz</translation>
    </message>
    <message>
        <source>the art stands outside the room</source>
        <translation>das Motiv steht außerhalb des Platzes</translation>
    </message>
    <message>
        <source>the art is too large: {length} wide would fit</source>
        <translation>das Motiv ist zu groß: {length} breit würde passen</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>row</source>
        <translation>Reihe</translation>
    </message>
    <message>
        <source>column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>clears what is below</source>
        <translation>macht klar, was darunter ist</translation>
    </message>
    <message>
        <source>Its size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>capitals</source>
        <translation>Großbuchstaben</translation>
    </message>
    <message>
        <source>Widened to</source>
        <translation>Verbreitert auf</translation>
    </message>
    <message>
        <source>Its height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>What it does</source>
        <translation>Was es tut</translation>
    </message>
    <message>
        <source>Size of an item</source>
        <translation>Größe eines Elements</translation>
    </message>
    <message>
        <source>Widen</source>
        <translation>Verbreitern</translation>
    </message>
    <message>
        <source>Its width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>, capitals {length}</source>
        <translation>, Großbuchstaben {length}</translation>
    </message>
    <message>
        <source>Size by</source>
        <translation>Größe nach</translation>
    </message>
    <message>
        <source>Height of a shape</source>
        <translation>Höhe einer Form</translation>
    </message>
    <message>
        <source>Name of the item</source>
        <translation>Name des Elements</translation>
    </message>
    <message>
        <source>a name of your own for it</source>
        <translation>ein eigener Name dafür</translation>
    </message>
    <message>
        <source>Right of the middle line</source>
        <translation>Rechts der Mittellinie</translation>
    </message>
    <message>
        <source>Up from the art&apos;s level line</source>
        <translation>Über der Waagerechten des Motivs</translation>
    </message>
    <message>
        <source>To the other side of the glass</source>
        <translation>Auf die andere Seite des Glases</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Leaning</source>
        <translation>Geneigt</translation>
    </message>
    <message>
        <source>Flip it over, left to right</source>
        <translation>Spiegeln, links und rechts</translation>
    </message>
    <message>
        <source>Upside down</source>
        <translation>Kopfüber</translation>
    </message>
    <message>
        <source>It comes</source>
        <translation>Es kommt</translation>
    </message>
    <message>
        <source>Times</source>
        <translation>Mal</translation>
    </message>
    <message>
        <source>From middle to middle</source>
        <translation>Von Mitte zu Mitte</translation>
    </message>
    <message>
        <source>Name of an item</source>
        <translation>Name eines Elements</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Lean</source>
        <translation>Neigen</translation>
    </message>
    <message>
        <source>Flip</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Spacing of a repeat</source>
        <translation>Abstand einer Wiederholung</translation>
    </message>
    <message>
        <source>Radius of the ring</source>
        <translation>Radius des Rings</translation>
    </message>
    <message>
        <source>To the other side</source>
        <translation>Auf die andere Seite</translation>
    </message>
    <message>
        <source>Repeat</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Space evenly</source>
        <translation>Gleich verteilen</translation>
    </message>
    <message>
        <source>Even gaps across</source>
        <translation>Gleiche Lücken quer</translation>
    </message>
    <message>
        <source>Even gaps upright</source>
        <translation>Gleiche Lücken senkrecht</translation>
    </message>
    <message>
        <source>Match</source>
        <translation>Angleichen</translation>
    </message>
    <message>
        <source>As wide as the first</source>
        <translation>So breit wie das erste</translation>
    </message>
    <message>
        <source>As high as the first</source>
        <translation>So hoch wie das erste</translation>
    </message>
    <message>
        <source>{chosen} items chosen; the first is the model</source>
        <translation>{chosen} Elemente gewählt; das erste ist das Vorbild</translation>
    </message>
    <message>
        <source>Line it up with the others; centre is the middle line</source>
        <translation>An den anderen ausrichten; die Mitte ist die Mittellinie</translation>
    </message>
    <message>
        <source>nodes</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>{nodes} of {pixel_nodes} pixel edges</source>
        <translation>{nodes} von {pixel_nodes} Pixelkanten</translation>
    </message>
    <message>
        <source>traced is</source>
        <translation>nachgezeichnet</translation>
    </message>
    <message>
        <source>what is opaque</source>
        <translation>was undurchsichtig ist</translation>
    </message>
    <message>
        <source>what is light</source>
        <translation>was hell ist</translation>
    </message>
    <message>
        <source>what is dark</source>
        <translation>was dunkel ist</translation>
    </message>
    <message>
        <source>dark ends at</source>
        <translation>dunkel endet bei</translation>
    </message>
    <message>
        <source>{threshold:.0f} of 255</source>
        <translation>{threshold:.0f} von 255</translation>
    </message>
    <message>
        <source>turned by</source>
        <translation>gedreht um</translation>
    </message>
    <message>
        <source>smallest part, on the glass</source>
        <translation>kleinster Teil, auf dem Glas</translation>
    </message>
    <message>
        <source>The drawing, frosted parts in white; hold O to see it as it came</source>
        <translation>Die Zeichnung, matte Teile in Weiß; O halten, um sie zu sehen, wie sie kam</translation>
    </message>
    <message>
        <source>as it came</source>
        <translation>wie sie kam</translation>
    </message>
    <message>
        <source>hold O to see it as it came</source>
        <translation>O halten, um sie zu sehen, wie sie kam</translation>
    </message>
    <message>
        <source>From picture to outline</source>
        <translation>Vom Bild zum Umriss</translation>
    </message>
    <message>
        <source>Tones</source>
        <translation>Töne</translation>
    </message>
    <message>
        <source>two tones</source>
        <translation>zwei Töne</translation>
    </message>
    <message>
        <source>What frosts</source>
        <translation>Was matt wird</translation>
    </message>
    <message>
        <source>the dark parts</source>
        <translation>die dunklen Teile</translation>
    </message>
    <message>
        <source>the light parts</source>
        <translation>die hellen Teile</translation>
    </message>
    <message>
        <source>Where dark ends</source>
        <translation>Wo Dunkel endet</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>set by hand</source>
        <translation>von Hand gesetzt</translation>
    </message>
    <message>
        <source>threshold</source>
        <translation>Schwelle</translation>
    </message>
    <message>
        <source>Light over the paper</source>
        <translation>Licht über dem Papier</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>evened out</source>
        <translation>ausgeglichen</translation>
    </message>
    <message>
        <source>Pick a background colour</source>
        <translation>Eine Hintergrundfarbe aufnehmen</translation>
    </message>
    <message>
        <source>Forget them</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>simplify</source>
        <translation>vereinfachen</translation>
    </message>
    <message>
        <source>Smooth the picture by</source>
        <translation>Das Bild glätten um</translation>
    </message>
    <message>
        <source>Leave out specks under</source>
        <translation>Sprenkel weglassen unter</translation>
    </message>
    <message>
        <source>Fill pinholes under</source>
        <translation>Nadelstiche füllen unter</translation>
    </message>
    <message>
        <source>A line each</source>
        <translation>Eine Linie je</translation>
    </message>
    <message>
        <source>No line thinner than</source>
        <translation>Keine Linie dünner als</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Gedreht um</translation>
    </message>
    <message>
        <source>Dots to an inch of the picture</source>
        <translation>Punkte je Zoll des Bildes</translation>
    </message>
    <message>
        <source>as it says</source>
        <comment>a picture</comment>
        <translation>wie es selbst sagt</translation>
    </message>
    <message>
        <source>Straighten by an edge</source>
        <translation>An einer Kante begradigen</translation>
    </message>
    <message>
        <source>darker</source>
        <translation>dunkler</translation>
    </message>
    <message>
        <source>lighter</source>
        <translation>heller</translation>
    </message>
    <message>
        <source>this colour only</source>
        <translation>nur diese Farbe</translation>
    </message>
    <message>
        <source>much like it</source>
        <translation>auch ähnliche</translation>
    </message>
    <message>
        <source>faithful</source>
        <translation>getreu</translation>
    </message>
    <message>
        <source>simple</source>
        <translation>einfach</translation>
    </message>
    <message>
        <source>Outlines</source>
        <translation>Konturen</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Threshold</source>
        <translation>Schwelle</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>Simplify</source>
        <translation>Vereinfachen</translation>
    </message>
    <message>
        <source>Forget the background</source>
        <translation>Den Hintergrund vergessen</translation>
    </message>
    <message>
        <source>Background: </source>
        <translation>Hintergrund: </translation>
    </message>
    <message>
        <source>told by its tone</source>
        <translation>nach seinem Ton</translation>
    </message>
    <message>
        <source>Background colour</source>
        <translation>Hintergrundfarbe</translation>
    </message>
    <message>
        <source>Straighten</source>
        <translation>Begradigen</translation>
    </message>
    <message>
        <source>By how much (thinner is negative)</source>
        <translation>Um wie viel (negativ: dünner)</translation>
    </message>
    <message>
        <source>Rounding radius</source>
        <translation>Radius der Rundung</translation>
    </message>
    <message>
        <source>Half the stroke&apos;s width</source>
        <translation>Die halbe Strichbreite</translation>
    </message>
    <message>
        <source>Gaps under</source>
        <translation>Lücken unter</translation>
    </message>
    <message>
        <source>Specks under</source>
        <translation>Sprenkel unter</translation>
    </message>
    <message>
        <source>Pinholes under</source>
        <translation>Nadelstiche unter</translation>
    </message>
    <message>
        <source>Strokes under</source>
        <translation>Striche unter</translation>
    </message>
    <message>
        <source>May stray by</source>
        <translation>Darf abweichen um</translation>
    </message>
    <message>
        <source>Mend</source>
        <translation>Ausbessern</translation>
    </message>
    <message>
        <source>What to mend</source>
        <translation>Was auszubessern ist</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>everywhere</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>where I click</source>
        <translation>wo ich klicke</translation>
    </message>
    <message>
        <source>As far about it as</source>
        <translation>So weit darum</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Ausführen</translation>
    </message>
    <message>
        <source>Mends, in their order</source>
        <translation>Ausbesserungen, in ihrer Reihenfolge</translation>
    </message>
    <message>
        <source>Take one back</source>
        <translation>Eine zurücknehmen</translation>
    </message>
    <message>
        <source>Sizes are as they will be on the glass.</source>
        <translation>Größen sind, wie sie auf dem Glas sein werden.</translation>
    </message>
    <message>
        <source>, at a place</source>
        <translation>, an einer Stelle</translation>
    </message>
    <message>
        <source>click on the drawing first, where it is to be mended</source>
        <translation>erst auf die Zeichnung klicken, wo sie ausgebessert werden soll</translation>
    </message>
    <message>
        <source>Mend: {kind}</source>
        <translation>Ausbessern: {kind}</translation>
    </message>
    <message>
        <source>Take a mend back</source>
        <translation>Eine Ausbesserung zurücknehmen</translation>
    </message>
    <message>
        <source>Tidy the drawing</source>
        <translation>Die Zeichnung aufräumen</translation>
    </message>
    <message>
        <source>Licence note</source>
        <translation>Lizenzvermerk</translation>
    </message>
    <message>
        <source>whose it is, and what its licence allows</source>
        <translation>von wem es ist, und was die Lizenz erlaubt</translation>
    </message>
    <message>
        <source>Licence note, for the papers</source>
        <translation>Lizenzvermerk, für die Unterlagen</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>bowl</source>
        <translation>Schale</translation>
    </message>
    <message>
        <source>Type the words to etch</source>
        <translation>Die Wörter zum Ätzen eingeben</translation>
    </message>
    <message>
        <source>Sizes of the lines</source>
        <translation>Größen der Zeilen</translation>
    </message>
    <message>
        <source>a number for each line was wanted, as in 1; 0.6, got &apos;{part}&apos;</source>
        <translation>erwartet wurde eine Zahl je Zeile, wie in 1; 0,6, nicht „{part}“</translation>
    </message>
    <message>
        <source>a line&apos;s size goes from 0.05 to 20, got {size:g}</source>
        <translation>die Größe einer Zeile geht von 0,05 bis 20, nicht {size:g}</translation>
    </message>
    <message>
        <source>see your own words in every face, with the thinnest stroke of each</source>
        <translation>die eigenen Wörter in jeder Schrift sehen, mit dem dünnsten Strich jeder</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>even</source>
        <translation>bündig</translation>
    </message>
    <message>
        <source>Between letters</source>
        <translation>Zwischen Buchstaben</translation>
    </message>
    <message>
        <source>Line to line</source>
        <translation>Zeile zu Zeile</translation>
    </message>
    <message>
        <source>On a line that is</source>
        <translation>Auf einer Linie, die ist</translation>
    </message>
    <message>
        <source>Radius of the arc</source>
        <translation>Radius des Bogens</translation>
    </message>
    <message>
        <source>Align</source>
        <translation>Ausrichten</translation>
    </message>
    <message>
        <source>Letter spacing</source>
        <translation>Buchstabenabstand</translation>
    </message>
    <message>
        <source>Line spacing</source>
        <translation>Zeilenabstand</translation>
    </message>
    <message>
        <source>Line sizes</source>
        <translation>Zeilengrößen</translation>
    </message>
    <message>
        <source>thinner than your limit of {length}</source>
        <translation>dünner als Ihre Grenze von {length}</translation>
    </message>
    <message>
        <source>thinnest stroke here {length}: {state}</source>
        <translation>dünnster Strich hier {length}: {state}</translation>
    </message>
    <message>
        <source>Arc</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Flach</translation>
    </message>
    <message>
        <source>Straight</source>
        <translation>Gerade</translation>
    </message>
    <message>
        <source>Tapered</source>
        <translation>Konisch</translation>
    </message>
    <message>
        <source>Curved</source>
        <translation>Geschwungen</translation>
    </message>
    <message>
        <source>Ball</source>
        <translation>Kugel</translation>
    </message>
    <message>
        <source>Monogram</source>
        <translation>Monogramm</translation>
    </message>
    <message>
        <source>Drawing</source>
        <translation>Zeichnung</translation>
    </message>
    <message>
        <source>Photograph</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Begin a piece</source>
        <translation>Ein Stück beginnen</translation>
    </message>
    <message>
        <source>1   Which glass is it?</source>
        <translation>1   Welches Glas ist es?</translation>
    </message>
    <message>
        <source>You measure it at the first station; nothing here is final.</source>
        <translation>Gemessen wird es an der ersten Station; nichts hier ist endgültig.</translation>
    </message>
    <message>
        <source>2   What goes on it?</source>
        <translation>2   Was kommt darauf?</translation>
    </message>
    <message>
        <source>Then the line above leads on, from the glass to the logbook: each station says what it needs, what it found, and what comes next.</source>
        <translation>Dann führt die Leiste oben weiter, vom Glas bis zum Logbuch: jede Station sagt, was sie braucht, was sie gefunden hat und was als Nächstes kommt.</translation>
    </message>
    <message>
        <source>Go on with an order</source>
        <translation>Mit einem Auftrag weitermachen</translation>
    </message>
    <message>
        <source>Orders that you saved stand here, with their pictures.</source>
        <translation>Hier stehen die Aufträge, die Sie gesichert haben, mit ihren Bildern.</translation>
    </message>
    <message>
        <source>Open another order …</source>
        <translation>Einen anderen Auftrag öffnen …</translation>
    </message>
    <message>
        <source>Back to the order in hand</source>
        <translation>Zurück zum Auftrag in der Hand</translation>
    </message>
    <message>
        <source>Try it on the demo</source>
        <translation>Am Beispiel versuchen</translation>
    </message>
    <message>
        <source>An invented order of five pieces, in a window of its own; nothing of yours is touched</source>
        <translation>Ein erfundener Auftrag mit fünf Stücken, in einem eigenen Fenster; von Ihrem wird nichts berührt</translation>
    </message>
    <message>
        <source>its file is gone</source>
        <translation>seine Datei ist fort</translation>
    </message>
    <message>
        <source>Open {name}</source>
        <translation>{name} öffnen</translation>
    </message>
    <message>
        <source>saved {astimezone:%Y-%m-%d %H:%M}</source>
        <translation>gesichert {astimezone:%d.%m.%Y %H:%M}</translation>
    </message>
    <message>
        <source>The most a row may take</source>
        <translation>Das Meiste, was eine Zeile einnehmen darf</translation>
    </message>
    <message>
        <source>Overall size</source>
        <translation>Gesamtgröße</translation>
    </message>
    <message>
        <source>a file is still being read or written: wait a moment</source>
        <translation>eine Datei wird noch gelesen oder geschrieben: einen Augenblick bitte</translation>
    </message>
    <message>
        <source>this could not be worked out ({name}: {error})</source>
        <translation>das ließ sich nicht berechnen ({name}: {error})</translation>
    </message>
    <message>
        <source>Units</source>
        <translation>Einheiten</translation>
    </message>
    <message>
        <source>{reason}; steps and clocks go on in this window, and are written down once that can be</source>
        <translation>{reason}; Schritte und Uhren gehen in diesem Fenster weiter und werden aufgeschrieben, sobald das geht</translation>
    </message>
    <message>
        <source>another window is at work on this too: what is done there is shown here</source>
        <translation>auch ein anderes Fenster ist damit beschäftigt: was dort getan wird, sieht man hier</translation>
    </message>
    <message>
        <source>Copy the piece</source>
        <translation>Das Stück kopieren</translation>
    </message>
    <message>
        <source>Add a piece</source>
        <translation>Ein Stück hinzufügen</translation>
    </message>
    <message>
        <source>The same art on another glass</source>
        <translation>Dasselbe Motiv auf einem anderen Glas</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>Move the piece</source>
        <translation>Das Stück verschieben</translation>
    </message>
    <message>
        <source>Take the piece out</source>
        <translation>Das Stück herausnehmen</translation>
    </message>
    <message>
        <source>Share the art</source>
        <translation>Das Motiv teilen</translation>
    </message>
    <message>
        <source>Art of its own</source>
        <translation>Eigenes Motiv</translation>
    </message>
    <message>
        <source>the piece on the clipboard is too large: add it from its file</source>
        <translation>das Stück in der Zwischenablage ist zu groß: aus seiner Datei hinzufügen</translation>
    </message>
    <message>
        <source>the clipboard holds no piece: copy one first</source>
        <translation>in der Zwischenablage ist kein Stück: erst eines kopieren</translation>
    </message>
    <message>
        <source>Paste the piece</source>
        <translation>Das Stück einfügen</translation>
    </message>
    <message>
        <source>no safety copy could be kept ({why}): save the order yourself</source>
        <translation>es ließ sich keine Sicherheitskopie behalten ({why}): den Auftrag selbst sichern</translation>
    </message>
    <message>
        <source>this could not be worked out ({name}: {error}): undo the last change</source>
        <translation>das ließ sich nicht berechnen ({name}: {error}): die letzte Änderung rückgängig machen</translation>
    </message>
    <message>
        <source>go to what the hands do next</source>
        <translation>zu dem gehen, was die Hände als Nächstes tun</translation>
    </message>
    <message>
        <source>I am coming</source>
        <translation>Ich komme</translation>
    </message>
    <message>
        <source>stops the sound</source>
        <translation>stellt den Ton ab</translation>
    </message>
    <message>
        <source>{name}: go to this glass</source>
        <translation>{name}: zu diesem Glas gehen</translation>
    </message>
    <message>
        <source>and {clocks} more</source>
        <translation>und {clocks} weitere</translation>
    </message>
    <message>
        <source>Soon: {glass}: {task}</source>
        <translation>Bald: {glass}: {task}</translation>
    </message>
    <message>
        <source>Now: {glass}: {task}</source>
        <translation>Jetzt: {glass}: {task}</translation>
    </message>
    <message>
        <source>Go to {station}</source>
        <translation>Zu {station} gehen</translation>
    </message>
    <message>
        <source>Find a command or a field</source>
        <translation>Einen Befehl oder ein Feld suchen</translation>
    </message>
    <message>
        <source>search</source>
        <translation>finden</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Befund</translation>
    </message>
    <message>
        <source>check warning stop mend</source>
        <translation>prüfen warnung halt ausbessern</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>take back</source>
        <translation>zurücknehmen</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>New order</source>
        <translation>Neuer Auftrag</translation>
    </message>
    <message>
        <source>job begin</source>
        <translation>beginnen</translation>
    </message>
    <message>
        <source>Open an order</source>
        <translation>Einen Auftrag öffnen</translation>
    </message>
    <message>
        <source>job file</source>
        <translation>Auftragsdatei</translation>
    </message>
    <message>
        <source>Another window</source>
        <translation>Noch ein Fenster</translation>
    </message>
    <message>
        <source>second order side by side</source>
        <translation>zweiter Auftrag nebeneinander</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Unter anderem Namen sichern</translation>
    </message>
    <message>
        <source>Work packet</source>
        <translation>Arbeitsmappe</translation>
    </message>
    <message>
        <source>pdf paper</source>
        <translation>pdf papier</translation>
    </message>
    <message>
        <source>Print what this station needs</source>
        <translation>Drucken, was diese Station braucht</translation>
    </message>
    <message>
        <source>paper printer band tiles</source>
        <translation>papier drucker band kacheln</translation>
    </message>
    <message>
        <source>Print the packet</source>
        <translation>Die Mappe drucken</translation>
    </message>
    <message>
        <source>paper printer</source>
        <translation>papier drucker</translation>
    </message>
    <message>
        <source>Write all files into a folder</source>
        <translation>Alle Dateien in einen Ordner schreiben</translation>
    </message>
    <message>
        <source>export svg dxf pdf</source>
        <translation>export svg dxf pdf</translation>
    </message>
    <message>
        <source>Copy a picture of the glass</source>
        <translation>Ein Bild des Glases kopieren</translation>
    </message>
    <message>
        <source>clipboard</source>
        <translation>zwischenablage</translation>
    </message>
    <message>
        <source>To the cutter</source>
        <translation>Zum Plotter</translation>
    </message>
    <message>
        <source>cut plotter blade trial</source>
        <translation>schneiden plotter klinge probe</translation>
    </message>
    <message>
        <source>Begin a piece, or go on with an order</source>
        <translation>Ein Stück beginnen oder mit einem Auftrag weitermachen</translation>
    </message>
    <message>
        <source>recent start</source>
        <translation>zuletzt anfang</translation>
    </message>
    <message>
        <source>The workshop</source>
        <translation>Die Werkstatt</translation>
    </message>
    <message>
        <source>settings cutter film tape cream paper units</source>
        <translation>einstellungen plotter folie band creme papier einheiten sprache</translation>
    </message>
    <message>
        <source>All that you own</source>
        <translation>Alles, was Ihnen gehört</translation>
    </message>
    <message>
        <source>films cutters tapes creams stock leftovers price opened</source>
        <translation>Folien Plotter Bänder Cremes Vorrat Reste Preis geöffnet</translation>
    </message>
    <message>
        <source>Keys of the commands</source>
        <translation>Tasten der Befehle</translation>
    </message>
    <message>
        <source>shortcut hotkey keyboard settings</source>
        <translation>kürzel tastatur einstellungen</translation>
    </message>
    <message>
        <source>Practise at the nine stations</source>
        <translation>An den neun Stationen üben</translation>
    </message>
    <message>
        <source>learn tutorial lesson first</source>
        <translation>lernen anleitung lektion zuerst</translation>
    </message>
    <message>
        <source>The guide, at this station</source>
        <translation>Die Anleitung, bei dieser Station</translation>
    </message>
    <message>
        <source>help manual how</source>
        <translation>hilfe handbuch wie</translation>
    </message>
    <message>
        <source>Report a problem</source>
        <translation>Eine Störung melden</translation>
    </message>
    <message>
        <source>bug fault log help</source>
        <translation>fehler protokoll hilfe</translation>
    </message>
    <message>
        <source>List of names</source>
        <translation>Liste von Namen</translation>
    </message>
    <message>
        <source>guests csv personalise</source>
        <translation>gäste csv persönlich</translation>
    </message>
    <message>
        <source>Lengths in mm</source>
        <translation>Längen in mm</translation>
    </message>
    <message>
        <source>units metric</source>
        <translation>einheiten metrisch</translation>
    </message>
    <message>
        <source>Lengths in inches</source>
        <translation>Längen in Zoll</translation>
    </message>
    <message>
        <source>units imperial</source>
        <translation>einheiten inch</translation>
    </message>
    <message>
        <source>Previous piece</source>
        <translation>Voriges Stück</translation>
    </message>
    <message>
        <source>Next piece</source>
        <translation>Nächstes Stück</translation>
    </message>
    <message>
        <source>See the glass from behind</source>
        <translation>Das Glas von hinten sehen</translation>
    </message>
    <message>
        <source>See the glass at eye level</source>
        <translation>Das Glas auf Augenhöhe sehen</translation>
    </message>
    <message>
        <source>Turn the glass left</source>
        <translation>Das Glas nach links drehen</translation>
    </message>
    <message>
        <source>Turn the glass right</source>
        <translation>Das Glas nach rechts drehen</translation>
    </message>
    <message>
        <source>Sheet larger</source>
        <translation>Bogen größer</translation>
    </message>
    <message>
        <source>zoom in</source>
        <translation>vergrößern</translation>
    </message>
    <message>
        <source>Sheet smaller</source>
        <translation>Bogen kleiner</translation>
    </message>
    <message>
        <source>zoom out</source>
        <translation>verkleinern</translation>
    </message>
    <message>
        <source>Whole sheet</source>
        <translation>Ganzer Bogen</translation>
    </message>
    <message>
        <source>zoom fit</source>
        <translation>einpassen</translation>
    </message>
    <message>
        <source>The film with all stencils that are cut of it</source>
        <translation>Die Folie mit allen Schablonen, die daraus geschnitten werden</translation>
    </message>
    <message>
        <source>the stencils are being laid out</source>
        <translation>die Schablonen werden ausgelegt</translation>
    </message>
    <message>
        <source> · pinned</source>
        <translation> · festgesteckt</translation>
    </message>
    <message>
        <source>Film {number} of {runs}: {name}, </source>
        <translation>Folie {number} von {runs}: {name}, </translation>
    </message>
    <message>
        <source>{name}{length} wide, {length2} long</source>
        <translation>{name}{length} breit, {length2} lang</translation>
    </message>
    <message>
        <source>, {length} left over</source>
        <translation>, {length} übrig</translation>
    </message>
    <message>
        <source>{length} used{left}</source>
        <translation>{length} gebraucht{left}</translation>
    </message>
    <message>
        <source>it cannot lie there: {gap} from other stencils and {edge} from the film&apos;s edge are kept free</source>
        <translation>dort kann sie nicht liegen: {gap} von anderen Schablonen und {edge} von der Folienkante bleiben frei</translation>
    </message>
    <message>
        <source>Place of a stencil</source>
        <translation>Ort einer Schablone</translation>
    </message>
    <message>
        <source>Stencil film: low tack, releases easily</source>
        <translation>Schablonenfolie: wenig Haftung, löst sich leicht</translation>
    </message>
    <message>
        <source>Removable vinyl: may lift with the tape</source>
        <translation>Ablösbare Vinylfolie: hebt sich vielleicht mit dem Band</translation>
    </message>
    <message>
        <source>Permanent vinyl: grips best</source>
        <translation>Permanente Vinylfolie: haftet am besten</translation>
    </message>
    <message>
        <source>Shelf-lining film: cheap</source>
        <translation>Regalfolie: billig</translation>
    </message>
    <message>
        <source>Stencil after stencil</source>
        <translation>Schablone nach Schablone</translation>
    </message>
    <message>
        <source>All of the film by the shortest way</source>
        <translation>Die ganze Folie auf dem kürzesten Weg</translation>
    </message>
    <message>
        <source>Coloured side up, straight along the edge, no bubbles. Cut through the film, not the backing.</source>
        <translation>Farbige Seite nach oben, gerade an der Kante, keine Blasen. Durch die Folie schneiden, nicht durch den Träger.</translation>
    </message>
    <message>
        <source>Nest closer</source>
        <translation>Enger schachteln</translation>
    </message>
    <message>
        <source>looks {seconds:.0f} s for a way to lay them on less film</source>
        <translation>sucht {seconds:.0f} s nach einem Weg, sie auf weniger Folie zu legen</translation>
    </message>
    <message>
        <source>Lay out anew</source>
        <translation>Neu auslegen</translation>
    </message>
    <message>
        <source>forget the places chosen by hand and by nesting</source>
        <translation>die von Hand und durch Schachteln gewählten Plätze vergessen</translation>
    </message>
    <message>
        <source>Try the simulated cutter</source>
        <translation>Den nachgestellten Plotter versuchen</translation>
    </message>
    <message numerus="yes">
        <source>{n} paths, {length} cut by the simulated blade</source>
        <comment>{n} path, {length} cut by the simulated blade</comment>
        <translation>
            <numerusform>{n} Weg, {length} von der nachgestellten Klinge geschnitten</numerusform>
            <numerusform>{n} Wege, {length} von der nachgestellten Klinge geschnitten</numerusform>
        </translation>
    </message>
    <message>
        <source>Film before</source>
        <translation>Vorige Folie</translation>
    </message>
    <message>
        <source>Next film</source>
        <translation>Nächste Folie</translation>
    </message>
    <message>
        <source>Film and blade</source>
        <translation>Folie und Klinge</translation>
    </message>
    <message>
        <source>Film and mat</source>
        <translation>Folie und Matte</translation>
    </message>
    <message>
        <source>Write files</source>
        <translation>Dateien schreiben</translation>
    </message>
    <message>
        <source>Lift a corner before unloading. If the film is not cut through, cut again in place. Mind the blade: fingers off the head while it moves.</source>
        <translation>Vor dem Entladen eine Ecke anheben. Ist die Folie nicht durchgeschnitten, an Ort und Stelle noch einmal schneiden. Vorsicht mit der Klinge: Finger weg vom Kopf, solange er fährt.</translation>
    </message>
    <message>
        <source>Drive the cutter</source>
        <translation>Den Plotter fahren</translation>
    </message>
    <message>
        <source>Film between two stencils</source>
        <translation>Folie zwischen zwei Schablonen</translation>
    </message>
    <message>
        <source>Order of cutting</source>
        <translation>Reihenfolge des Schneidens</translation>
    </message>
    <message>
        <source>Over-run where a path closes</source>
        <translation>Überschnitt, wo ein Weg sich schließt</translation>
    </message>
    <message>
        <source>The blade&apos;s tip trails by</source>
        <translation>Die Klingenspitze läuft nach um</translation>
    </message>
    <message>
        <source>The cutter leads its blade itself</source>
        <translation>Der Plotter führt seine Klinge selbst</translation>
    </message>
    <message>
        <source>Times over each line</source>
        <translation>Mal über jede Linie</translation>
    </message>
    <message>
        <source>Cut a line round each, to part them by</source>
        <translation>Um jede eine Linie schneiden, zum Trennen</translation>
    </message>
    <message>
        <source>Cut the surplus round each into parts</source>
        <translation>Den Überschuss um jede in Teile schneiden</translation>
    </message>
    <message>
        <source>Cutting speed</source>
        <translation>Schneidegeschwindigkeit</translation>
    </message>
    <message>
        <source>Film between stencils</source>
        <translation>Folie zwischen Schablonen</translation>
    </message>
    <message>
        <source>Over-run</source>
        <translation>Überschnitt</translation>
    </message>
    <message>
        <source>The blade&apos;s offset</source>
        <translation>Der Versatz der Klinge</translation>
    </message>
    <message>
        <source>Who leads the blade</source>
        <translation>Wer die Klinge führt</translation>
    </message>
    <message>
        <source>Lines to part by</source>
        <translation>Linien zum Trennen</translation>
    </message>
    <message>
        <source>Parts of the surplus</source>
        <translation>Teile des Überschusses</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Geschwindigkeit</translation>
    </message>
    <message>
        <source>looking for less: {length} of this film by now</source>
        <translation>sucht nach weniger: {length} von dieser Folie bis jetzt</translation>
    </message>
    <message>
        <source>this piece on paper</source>
        <translation>dieses Stück auf Papier</translation>
    </message>
    <message>
        <source>each film a file</source>
        <translation>jede Folie eine Datei</translation>
    </message>
    <message>
        <source>Write {title}</source>
        <translation>{title} schreiben</translation>
    </message>
    <message>
        <source>written: {name}</source>
        <translation>geschrieben: {name}</translation>
    </message>
    <message>
        <source>stencils</source>
        <translation>Schablonen</translation>
    </message>
    <message>
        <source>films</source>
        <translation>Folien</translation>
    </message>
    <message>
        <source>film used</source>
        <translation>Folie gebraucht</translation>
    </message>
    <message>
        <source>left over</source>
        <translation>übrig</translation>
    </message>
    <message>
        <source>film costs</source>
        <translation>Folie kostet</translation>
    </message>
    <message>
        <source>paths</source>
        <translation>Wege</translation>
    </message>
    <message>
        <source>cut</source>
        <comment>a length</comment>
        <translation>geschnitten</translation>
    </message>
    <message>
        <source>blade up</source>
        <translation>Klinge oben</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>looking for less film, {seconds:.0f} s for each</source>
        <translation>sucht nach weniger Folie, {seconds:.0f} s für jede</translation>
    </message>
    <message>
        <source>stopped: the stencils lie as before</source>
        <translation>angehalten: die Schablonen liegen wie zuvor</translation>
    </message>
    <message>
        <source>before: {length} of film</source>
        <translation>vorher: {length} Folie</translation>
    </message>
    <message>
        <source>the stencils are still being laid out: wait until they lie on the film</source>
        <translation>die Schablonen werden noch ausgelegt: warten, bis sie auf der Folie liegen</translation>
    </message>
    <message>
        <source>{found}: that is to be mended before film is cut.</source>
        <translation>{found}: Das ist auszubessern, bevor Folie geschnitten wird.</translation>
    </message>
    <message>
        <source>{lacking}. Cut it only if your cutter takes film so large.</source>
        <translation>{lacking}. Nur schneiden, wenn der Plotter so große Folie nimmt.</translation>
    </message>
    <message>
        <source>Leave it uncut</source>
        <translation>Nicht schneiden</translation>
    </message>
    <message>
        <source>Cut it all the same</source>
        <translation>Trotzdem schneiden</translation>
    </message>
    <message>
        <source>tcp:HOST:PORT, serial:PATH or file:PATH</source>
        <translation>tcp:HOST:PORT, serial:PATH oder file:PATH</translation>
    </message>
    <message>
        <source>Where the cutter is</source>
        <translation>Wo der Plotter ist</translation>
    </message>
    <message>
        <source>from the beginning, or STENCIL:PATH</source>
        <translation>von Anfang an, oder SCHABLONE:WEG</translation>
    </message>
    <message>
        <source>Where to begin</source>
        <translation>Wo begonnen wird</translation>
    </message>
    <message>
        <source>Cut this film</source>
        <translation>Diese Folie schneiden</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Stop, blade up</source>
        <translation>Halt, Klinge hoch</translation>
    </message>
    <message>
        <source>forces to try, as 60, 80, 100</source>
        <translation>Andrücke zum Versuchen, als 60, 80, 100</translation>
    </message>
    <message>
        <source>Forces of the test cut</source>
        <translation>Andrücke des Probeschnitts</translation>
    </message>
    <message>
        <source>Cut a test ladder</source>
        <translation>Eine Probeleiter schneiden</translation>
    </message>
    <message>
        <source>Keep the leftover</source>
        <translation>Den Rest behalten</translation>
    </message>
    <message>
        <source>as a film in the workshop, used first from now on</source>
        <translation>als Folie in der Werkstatt, von jetzt an zuerst gebraucht</translation>
    </message>
    <message>
        <source>Which came out clean</source>
        <translation>Was sauber herauskam</translation>
    </message>
    <message>
        <source>the film that was cut last was not cut to its end: if it has not moved, go on from {place}</source>
        <translation>die zuletzt geschnittene Folie ist nicht zu Ende geschnitten: hat sie sich nicht bewegt, weiter bei {place}</translation>
    </message>
    <message>
        <source>blade: {blade_m:.1f} m cut</source>
        <translation>Klinge: {blade_m:.1f} m geschnitten</translation>
    </message>
    <message>
        <source>{name}: clean at {force:g}</source>
        <translation>{name}: sauber bei {force:g}</translation>
    </message>
    <message>
        <source>type where the cutter is: tcp:HOST:PORT, serial:PATH or file:PATH</source>
        <translation>eingeben, wo der Plotter ist: tcp:HOST:PORT, serial:PATH oder file:PATH</translation>
    </message>
    <message>
        <source>this film was not cut to its end: if it has not moved, press again, and it goes on from {place}; for fresh film clear that place first</source>
        <translation>diese Folie wurde nicht zu Ende geschnitten: liegt sie noch, wie sie lag, noch einmal drücken, und es geht ab {place} weiter; für frische Folie diese Stelle zuerst löschen</translation>
    </message>
    <message>
        <source>{place} is where another film was stopped; this one begins at its beginning: press again, or type where it is to begin</source>
        <translation>bei {place} wurde eine andere Folie angehalten; diese beginnt am Anfang: noch einmal drücken, oder eintippen, wo sie beginnen soll</translation>
    </message>
    <message>
        <source>What this film leaves is kept already, and its length taken off what you own.</source>
        <translation>Was diese Folie übrig lässt, ist schon behalten und ihre Länge von Ihrem Bestand abgezogen.</translation>
    </message>
    <message>
        <source>It was cut once more: keep that too</source>
        <translation>Sie wurde noch einmal geschnitten: auch das behalten</translation>
    </message>
    <message>
        <source>only {long} is left over, too little to keep: the film is taken off what you own of {name}</source>
        <translation>nur {long} bleiben übrig, zu wenig zum Aufheben: die Folie wird vom Bestand von {name} abgezogen</translation>
    </message>
    <message>
        <source>opening the line to the cutter</source>
        <translation>öffnet die Leitung zum Plotter</translation>
    </message>
    <message>
        <source>stopped {where}, the blade is up: if the film has not moved, go on from {place}</source>
        <translation>angehalten {where}, die Klinge ist oben: wenn die Folie sich nicht bewegt hat, weiter ab {place}</translation>
    </message>
    <message numerus="yes">
        <source>all {n} paths are cut</source>
        <comment>the one path is cut</comment>
        <translation>
            <numerusform>der eine Weg ist geschnitten</numerusform>
            <numerusform>alle {n} Wege sind geschnitten</numerusform>
        </translation>
    </message>
    <message>
        <source>kept: {name}, left over, {long} by {wide}</source>
        <translation>behalten: {name}, Rest, {long} mal {wide}</translation>
    </message>
    <message>
        <source>Which came out clean?</source>
        <translation>Was kam sauber heraus?</translation>
    </message>
    <message numerus="yes">
        <source>{n} ticks: force {force:g}</source>
        <comment>{n} tick: force {force:g}</comment>
        <translation>
            <numerusform>{n} Strich: Andruck {force:g}</numerusform>
            <numerusform>{n} Striche: Andruck {force:g}</numerusform>
        </translation>
    </message>
    <message>
        <source>lift each triangle out of its square: the least force that came out clean is the one to keep</source>
        <translation>jedes Dreieck aus seinem Quadrat heben: der geringste Andruck, der sauber herauskam, ist der richtige</translation>
    </message>
    <message>
        <source>kept with your film: force {force:g}</source>
        <translation>bei Ihrer Folie behalten: Andruck {force:g}</translation>
    </message>
    <message>
        <source>this could not be sent ({name}: {error})</source>
        <translation>das ließ sich nicht senden ({name}: {error})</translation>
    </message>
    <message>
        <source>{last}: {done} of {of} paths, {left} to go</source>
        <translation>{last}: {done} von {of} Wegen, noch {left}</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>it waits after this path, the blade is up</source>
        <translation>er wartet nach diesem Weg, die Klinge ist oben</translation>
    </message>
    <message>
        <source>that</source>
        <translation>das</translation>
    </message>
    <message>
        <source>{named} belongs nowhere here: drop an order (.vitro), a drawing or picture, a font, or a list of names (.csv)</source>
        <translation>{named} gehört hier nirgends hin: einen Auftrag (.vitro), eine Zeichnung oder ein Bild, eine Schrift oder eine Liste von Namen (.csv) ablegen</translation>
    </message>
    <message>
        <source>{name} was taken; of {paths} files one at a time can be</source>
        <translation>{name} wurde übernommen; von {paths} Dateien geht nur eine auf einmal</translation>
    </message>
    <message>
        <source>“{name}” holds entries of a logbook. They are added to yours.</source>
        <translation>„{name}“ enthält Einträge eines Logbuchs. Sie kommen zu Ihren hinzu.</translation>
    </message>
    <message>
        <source>Add them</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Frosted. Write it down while you remember it.</source>
        <translation>Mattiert. Aufschreiben, solange Sie es noch wissen.</translation>
    </message>
    <message>
        <source>Trouble?</source>
        <translation>Schwierigkeiten?</translation>
    </message>
    <message>
        <source>Recipe and cream</source>
        <translation>Rezept und Creme</translation>
    </message>
    <message>
        <source>weighed: kept in the workshop</source>
        <translation>gewogen: in der Werkstatt behalten</translation>
    </message>
    <message>
        <source>Begin the evening</source>
        <translation>Den Abend beginnen</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Dorthin gehen</translation>
    </message>
    <message>
        <source>Pause: the phone</source>
        <translation>Pause: das Telefon</translation>
    </message>
    <message>
        <source>Late: plan again</source>
        <translation>Spät: neu planen</translation>
    </message>
    <message>
        <source>the rest, from now on</source>
        <translation>den Rest, von jetzt an</translation>
    </message>
    <message>
        <source>Skip this</source>
        <translation>Das auslassen</translation>
    </message>
    <message>
        <source>This one again</source>
        <translation>Dieses noch einmal</translation>
    </message>
    <message>
        <source>It broke</source>
        <translation>Es ist zerbrochen</translation>
    </message>
    <message>
        <source>Calm: time to spare before clocks</source>
        <translation>Ruhe: freie Zeit vor Uhren</translation>
    </message>
    <message>
        <source>{glass}: {task} is left out?</source>
        <translation>{glass}: {task} auslassen?</translation>
    </message>
    <message>
        <source>Yes, skip</source>
        <translation>Ja, auslassen</translation>
    </message>
    <message>
        <source>{glass} is etched again from its first coat?</source>
        <translation>{glass} von der ersten Schicht an noch einmal ätzen?</translation>
    </message>
    <message>
        <source>Yes, etch again</source>
        <translation>Ja, noch einmal ätzen</translation>
    </message>
    <message>
        <source>{glass} is given up?</source>
        <translation>{glass} aufgeben?</translation>
    </message>
    <message>
        <source>Yes, it broke</source>
        <translation>Ja, es ist zerbrochen</translation>
    </message>
    <message>
        <source>Calm of the evening</source>
        <translation>Ruhe des Abends</translation>
    </message>
    <message>
        <source>{glass} is made again, from a new film on?</source>
        <translation>{glass} wird neu gemacht, von einer neuen Folie an?</translation>
    </message>
    <message>
        <source>Yes, make it again</source>
        <translation>Ja, neu machen</translation>
    </message>
    <message>
        <source>{glass} is given up already</source>
        <translation>{glass} ist schon aufgegeben</translation>
    </message>
    <message>
        <source>No, go on</source>
        <translation>Nein, weiter</translation>
    </message>
    <message>
        <source>The evening is being planned.</source>
        <translation>Der Abend wird geplant.</translation>
    </message>
    <message>
        <source>as calm as it takes</source>
        <translation>so ruhig wie nötig</translation>
    </message>
    <message>
        <source>as calm as you chose</source>
        <translation>so ruhig wie gewählt</translation>
    </message>
    <message>
        <source>Shorter to the left, calmer to the right: {how}. When hands are a fifth slower or somebody calls, {late:.1f} of 100 glasses come too late.</source>
        <translation>Kürzer nach links, ruhiger nach rechts: {how}. Wenn die Hände ein Fünftel langsamer sind oder jemand anruft, kommen {late:.1f} von 100 Gläsern zu spät.</translation>
    </message>
    <message>
        <source>Begins in {wait}. Until then your hands are free.</source>
        <translation>Beginnt in {wait}. Bis dahin sind die Hände frei.</translation>
    </message>
    <message>
        <source>It takes about {seconds}.</source>
        <translation>Das dauert etwa {seconds}.</translation>
    </message>
    <message>
        <source>Take it in hand</source>
        <translation>In die Hand nehmen</translation>
    </message>
    <message>
        <source>by your weighings</source>
        <translation>nach Ihren Wägungen</translation>
    </message>
    <message>
        <source> for {cost:.2f}</source>
        <translation> für {cost:.2f}</translation>
    </message>
    <message>
        <source>The first is done after {first}, half of them after {half}.</source>
        <translation>Das erste ist nach {first} fertig, die Hälfte nach {half}.</translation>
    </message>
    <message numerus="yes">
        <source>{n} glasses, one pair of hands: {time}, mostly {low} to {high}. At most {at_once} under cream at once.</source>
        <comment>{n} glass, one pair of hands: {time}, mostly {low} to {high}. At most {at_once} under cream at once.</comment>
        <translation>
            <numerusform>{n} Glas, ein Paar Hände: {time}, meist {low} bis {high}. Höchstens {at_once} zugleich unter Creme.</numerusform>
            <numerusform>{n} Gläser, ein Paar Hände: {time}, meist {low} bis {high}. Höchstens {at_once} zugleich unter Creme.</numerusform>
        </translation>
    </message>
    <message>
        <source>Cream: {at_once} on glass at once, {used} used up{cost} ({how}).</source>
        <translation>Creme: {at_once} zugleich auf Glas, {used} verbraucht{cost} ({how}).</translation>
    </message>
    <message>
        <source>All done. Write down how it went while you remember it.</source>
        <translation>Alles getan. Aufschreiben, wie es ging, solange Sie es noch wissen.</translation>
    </message>
    <message>
        <source> {late} late.</source>
        <translation> {late} zu spät.</translation>
    </message>
    <message>
        <source>Done {when}.{late}</source>
        <translation>Fertig {when}.{late}</translation>
    </message>
    <message>
        <source> Paused.</source>
        <translation> Pause.</translation>
    </message>
    <message>
        <source>The evening: a line for each glass</source>
        <translation>Der Abend: eine Zeile je Glas</translation>
    </message>
    <message>
        <source>the evening is being planned</source>
        <translation>der Abend wird geplant</translation>
    </message>
    <message>
        <source>and {clocks} more under cream</source>
        <translation>und {clocks} weitere unter Creme</translation>
    </message>
    <message>
        <source>hands at work</source>
        <translation>Hände bei der Arbeit</translation>
    </message>
    <message>
        <source>What comes next</source>
        <translation>Was als Nächstes kommt</translation>
    </message>
    <message>
        <source>It begins with</source>
        <translation>Es beginnt mit</translation>
    </message>
    <message numerus="yes">
        <source>{n} glasses, {time} in all</source>
        <comment>{n} glass, {time} in all</comment>
        <translation>
            <numerusform>{n} Glas, {time} im Ganzen</numerusform>
            <numerusform>{n} Gläser, {time} im Ganzen</numerusform>
        </translation>
    </message>
    <message>
        <source>, paused</source>
        <translation>, Pause</translation>
    </message>
    <message>
        <source>done {when}</source>
        <translation>fertig {when}</translation>
    </message>
    <message>
        <source>; {shown} of {many} shown</source>
        <translation>; {shown} von {many} gezeigt</translation>
    </message>
    <message>
        <source>at {at:%H:%M}</source>
        <translation>um {at:%H:%M}</translation>
    </message>
    <message>
        <source>{day} at {at:%H:%M}</source>
        <translation>{day} um {at:%H:%M}</translation>
    </message>
    <message>
        <source>tomorrow</source>
        <translation>morgen</translation>
    </message>
    <message>
        <source>on {day}</source>
        <translation>am {day}</translation>
    </message>
    <message>
        <source>{hours} h {minutes} min</source>
        <translation>{hours} h {minutes} min</translation>
    </message>
    <message>
        <source> (broken)</source>
        <translation> (zerbrochen)</translation>
    </message>
    <message>
        <source>Laid on with a bristle brush</source>
        <translation>Aufgetragen mit einem Borstenpinsel</translation>
    </message>
    <message>
        <source>Laid on with a craft stick</source>
        <translation>Aufgetragen mit einem Bastelstäbchen</translation>
    </message>
    <message>
        <source>Laid on with a squeegee</source>
        <translation>Aufgetragen mit einem Rakel</translation>
    </message>
    <message>
        <source>Clock from: all is covered</source>
        <translation>Uhr ab: alles ist bedeckt</translation>
    </message>
    <message>
        <source>Clock from: the first dab</source>
        <translation>Uhr ab: der erste Tupfer</translation>
    </message>
    <message>
        <source>Change this recipe</source>
        <translation>Dieses Rezept ändern</translation>
    </message>
    <message>
        <source>The clock starts</source>
        <translation>Die Uhr beginnt</translation>
    </message>
    <message>
        <source>Laid on with</source>
        <translation>Aufgetragen mit</translation>
    </message>
    <message>
        <source>Cream lies so thick</source>
        <translation>Creme liegt so dick</translation>
    </message>
    <message>
        <source>Glasses under cream at once, at most</source>
        <translation>Gläser zugleich unter Creme, höchstens</translation>
    </message>
    <message>
        <source>the evening is planned by it</source>
        <translation>danach wird der Abend geplant</translation>
    </message>
    <message>
        <source>In the pot</source>
        <translation>Im Topf</translation>
    </message>
    <message>
        <source>Weighed after the etch</source>
        <translation>Nach dem Ätzen gewogen</translation>
    </message>
    <message>
        <source>Scraped back and used again, times</source>
        <translation>Zurückgestreift und wieder benutzt, Mal</translation>
    </message>
    <message>
        <source>It has gone gritty</source>
        <translation>Sie ist körnig geworden</translation>
    </message>
    <message>
        <source>Pots open</source>
        <translation>Offene Töpfe</translation>
    </message>
    <message>
        <source>In halves, one after the other</source>
        <translation>In Hälften, eine nach der anderen</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Start of the clock</source>
        <translation>Beginn der Uhr</translation>
    </message>
    <message>
        <source>Tool of the cream</source>
        <translation>Werkzeug für die Creme</translation>
    </message>
    <message>
        <source>Thickness of the cream</source>
        <translation>Dicke der Creme</translation>
    </message>
    <message>
        <source>Glasses at once</source>
        <translation>Gläser zugleich</translation>
    </message>
    <message>
        <source>Cream in the pot</source>
        <translation>Creme im Topf</translation>
    </message>
    <message>
        <source>Uses of the cream</source>
        <translation>Gebrauch der Creme</translation>
    </message>
    <message>
        <source>Grit in the cream</source>
        <translation>Körner in der Creme</translation>
    </message>
    <message>
        <source>Pace of covering</source>
        <translation>Tempo des Bedeckens</translation>
    </message>
    <message>
        <source>In halves</source>
        <translation>In Hälften</translation>
    </message>
    <message>
        <source>Plan by your own {coats} coats</source>
        <translation>Nach Ihren eigenen {coats} Schichten planen</translation>
    </message>
    <message>
        <source>say first what was in the pot before, and then the lesser weight after it</source>
        <translation>zuerst angeben, was vorher im Topf war, und dann das geringere Gewicht danach</translation>
    </message>
    <message>
        <source>no coat was ticked off since the pot was weighed last</source>
        <translation>seit der Topf zuletzt gewogen wurde, wurde keine Schicht abgehakt</translation>
    </message>
    <message>
        <source>The pot weighed</source>
        <translation>Der Topf gewogen</translation>
    </message>
    <message>
        <source>{seconds} under cream: {says}.</source>
        <translation>{seconds} unter Creme: {says}.</translation>
    </message>
    <message>
        <source> Against it: {others}.</source>
        <translation> Einwand: {others}.</translation>
    </message>
    <message>
        <source>{says}{others} Your cream&apos;s label outranks it.</source>
        <translation>{says}{others} Das Etikett Ihrer Creme geht vor.</translation>
    </message>
    <message>
        <source>coat, thin</source>
        <translation>Schicht, dünn</translation>
    </message>
    <message>
        <source>coat, thick</source>
        <translation>Schicht, dick</translation>
    </message>
    <message>
        <source>leave alone</source>
        <translation>ruhen lassen</translation>
    </message>
    <message>
        <source>work, several directions</source>
        <translation>bewegen, mehrere Richtungen</translation>
    </message>
    <message>
        <source>work, dabbed</source>
        <translation>bewegen, getupft</translation>
    </message>
    <message>
        <source>What is done</source>
        <translation>Was getan wird</translation>
    </message>
    <message>
        <source>One more below</source>
        <translation>Darunter noch eine</translation>
    </message>
    <message>
        <source>as it needs</source>
        <translation>nach Bedarf</translation>
    </message>
    <message>
        <source>Minutes: {does}</source>
        <translation>Minuten: {does}</translation>
    </message>
    <message>
        <source>phase {number}: {error}</source>
        <translation>Phase {number}: {error}</translation>
    </message>
    <message>
        <source>More or less, s</source>
        <translation>Mehr oder weniger, s</translation>
    </message>
    <message>
        <source>Your name for it</source>
        <translation>Ihr Name dafür</translation>
    </message>
    <message>
        <source>The recipe of this order</source>
        <translation>Das Rezept dieses Auftrags</translation>
    </message>
    <message>
        <source>any cream</source>
        <translation>jede Creme</translation>
    </message>
    <message>
        <source>What is said for it</source>
        <translation>Was dafür spricht</translation>
    </message>
    <message>
        <source>What is said against it</source>
        <translation>Was dagegen spricht</translation>
    </message>
    <message>
        <source>Keep it no longer</source>
        <translation>Nicht länger behalten</translation>
    </message>
    <message>
        <source>this order goes by it all the same</source>
        <translation>dieser Auftrag geht trotzdem danach</translation>
    </message>
    <message>
        <source>The cream&apos;s label and its safety data sheet come before any recipe.</source>
        <translation>Das Etikett der Creme und ihr Sicherheitsdatenblatt gehen jedem Rezept vor.</translation>
    </message>
    <message>
        <source>From top to bottom: what is done, how long, and by how many seconds that may be missed. A time is typed as 2:30, 2.5 or 150 s.</source>
        <translation>Von oben nach unten: was getan wird, wie lange, und um wie viele Sekunden das verfehlt werden darf. Eine Zeit wird als 2:30, 2,5 oder 150 s getippt.</translation>
    </message>
    <message>
        <source>Keep it in place of the one of this name</source>
        <translation>An der Stelle des gleichnamigen behalten</translation>
    </message>
    <message>
        <source>Keep it for other orders</source>
        <translation>Für andere Aufträge behalten</translation>
    </message>
    <message>
        <source>a usual way</source>
        <translation>ein üblicher Weg</translation>
    </message>
    <message>
        <source>kept in your workshop</source>
        <translation>in Ihrer Werkstatt behalten</translation>
    </message>
    <message>
        <source>of this order only, so far</source>
        <translation>bisher nur von diesem Auftrag</translation>
    </message>
    <message>
        <source>{seconds} under cream; {stands}.</source>
        <translation>{seconds} unter Creme; {stands}.</translation>
    </message>
    <message>
        <source>{name} is kept no longer; this order goes by it all the same</source>
        <translation>{name} wird nicht länger behalten; dieser Auftrag geht trotzdem danach</translation>
    </message>
    <message>
        <source>{name}, changed</source>
        <translation>{name}, geändert</translation>
    </message>
    <message>
        <source>The cream it is for</source>
        <translation>Die Creme, für die es ist</translation>
    </message>
    <message>
        <source>kept: {name}, {seconds} under cream</source>
        <translation>behalten: {name}, {seconds} unter Creme</translation>
    </message>
    <message>
        <source>It was there for</source>
        <translation>Er war da für</translation>
    </message>
    <message>
        <source>Dealt with: note it</source>
        <translation>Erledigt: notieren</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>noted: {trouble}</source>
        <translation>notiert: {trouble}</translation>
    </message>
    <message>
        <source>Orders (*.vitro)</source>
        <translation>Aufträge (*.vitro)</translation>
    </message>
    <message>
        <source>“{name}” has changes that are not saved.</source>
        <translation>„{name}“ hat Änderungen, die nicht gesichert sind.</translation>
    </message>
    <message>
        <source>Save them</source>
        <translation>Sichern</translation>
    </message>
    <message>
        <source>Go on without them</source>
        <translation>Ohne sie weitermachen</translation>
    </message>
    <message>
        <source>Stay here</source>
        <translation>Hier bleiben</translation>
    </message>
    <message>
        <source>A film is being cut. If this window closes it stops with the blade up, and can be gone on with as long as the film has not moved.</source>
        <translation>Eine Folie wird gerade geschnitten. Schließt dieses Fenster, so hält das Schneiden mit gehobener Klinge an; es kann weitergehen, solange sich die Folie nicht bewegt hat.</translation>
    </message>
    <message>
        <source>Stop it and close</source>
        <translation>Anhalten und schließen</translation>
    </message>
    <message>
        <source>Steps and clocks could be written down nowhere: neither in the logbook nor beside it. They are lost if this window closes now.</source>
        <translation>Schritte und Uhren ließen sich nirgends aufschreiben: weder im Logbuch noch daneben. Sie gehen verloren, wenn dieses Fenster jetzt schließt.</translation>
    </message>
    <message>
        <source>Close it all the same</source>
        <translation>Trotzdem schließen</translation>
    </message>
    <message>
        <source>A clock of “{name}” is running. It goes on, but nobody is called once this order is left.</source>
        <translation>Eine Uhr von „{name}“ läuft. Sie läuft weiter, aber niemand wird gerufen, wenn dieser Auftrag verlassen ist.</translation>
    </message>
    <message>
        <source>Leave it all the same</source>
        <translation>Trotzdem verlassen</translation>
    </message>
    <message>
        <source>What do you work with? Five short questions; new orders then begin from the answers.</source>
        <translation>Womit arbeiten Sie? Fünf kurze Fragen; neue Aufträge beginnen dann mit den Antworten.</translation>
    </message>
    <message>
        <source>Answer them</source>
        <translation>Beantworten</translation>
    </message>
    <message>
        <source>Skip</source>
        <translation>Überspringen</translation>
    </message>
    <message>
        <source>New here? Practise at the nine stations: ten minutes, one thing to do at each, by your own hand.</source>
        <translation>Neu hier? An den neun Stationen üben: zehn Minuten, an jeder eine Sache, mit eigener Hand.</translation>
    </message>
    <message>
        <source>Practise</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>Just look round</source>
        <translation>Nur umsehen</translation>
    </message>
    <message>
        <source>Stop writing</source>
        <translation>Schreiben abbrechen</translation>
    </message>
    <message>
        <source>{name} cannot be read. The copy kept before its last save can.</source>
        <translation>{name} ist nicht lesbar. Die Kopie vor dem letzten Sichern schon.</translation>
    </message>
    <message>
        <source>Open that copy</source>
        <translation>Diese Kopie öffnen</translation>
    </message>
    <message>
        <source>“{name}” was changed by another window or program since it was opened here.</source>
        <translation>„{name}“ wurde von einem anderen Fenster oder Programm geändert, seit es hier geöffnet wurde.</translation>
    </message>
    <message>
        <source>Save over it</source>
        <translation>Darüber speichern</translation>
    </message>
    <message>
        <source>“{name}” is a second file of this order, of which steps are ticked off already.</source>
        <translation>„{name}“ ist eine zweite Datei dieses Auftrags, von dem schon Schritte abgehakt sind.</translation>
    </message>
    <message>
        <source>Make it another order, from the first step</source>
        <translation>Einen anderen Auftrag daraus machen, vom ersten Schritt an</translation>
    </message>
    <message>
        <source>The same order, as far as it is done</source>
        <translation>Derselbe Auftrag, so weit er getan ist</translation>
    </message>
    <message>
        <source>“{name}” is a copy of “{first}”, of which steps are ticked off already.</source>
        <translation>„{name}“ ist eine Kopie von „{first}“, wovon schon Schritte abgehakt sind.</translation>
    </message>
    <message>
        <source>saved: {name}</source>
        <translation>gesichert: {name}</translation>
    </message>
    <message>
        <source>The files of another order, “{name}”, are in {folder} already. Some would be written over.</source>
        <translation>In {folder} liegen schon die Dateien eines anderen Auftrags, „{name}“. Manche würden überschrieben.</translation>
    </message>
    <message>
        <source>Choose another folder</source>
        <translation>Anderen Ordner wählen</translation>
    </message>
    <message>
        <source>Write over them</source>
        <translation>Überschreiben</translation>
    </message>
    <message>
        <source>writing into {name}</source>
        <translation>schreibt in {name}</translation>
    </message>
    <message>
        <source>writing {name}</source>
        <translation>schreibt {name}</translation>
    </message>
    <message>
        <source>writing is stopped: nothing was written</source>
        <translation>das Schreiben ist abgebrochen: Nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>a picture of the glass is on the clipboard</source>
        <translation>ein Bild des Glases ist in der Zwischenablage</translation>
    </message>
    <message>
        <source>written: {name}; read it before you send it on</source>
        <translation>geschrieben: {name}; vor dem Weitersenden lesen</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Text (*.txt)</translation>
    </message>
    <message>
        <source>the packet</source>
        <translation>die Mappe</translation>
    </message>
    <message>
        <source>Stop printing</source>
        <translation>Drucken abbrechen</translation>
    </message>
    <message>
        <source>what is being printed is printed first</source>
        <translation>erst wird zu Ende gedruckt</translation>
    </message>
    <message>
        <source>written into {name}: {all}</source>
        <translation>geschrieben in {name}: {all}</translation>
    </message>
    <message>
        <source>Unsaved work was left behind, but its copy is damaged and cannot be read. It is kept as {kept}.</source>
        <translation>Ungesicherte Arbeit blieb zurück, aber ihre Kopie ist beschädigt und nicht lesbar. Sie bleibt als {kept} erhalten.</translation>
    </message>
    <message>
        <source>Unsaved work on “{name}” was left behind when the program last ended.</source>
        <translation>Ungesicherte Arbeit an „{name}“ blieb zurück, als das Programm zuletzt endete.</translation>
    </message>
    <message>
        <source>Bring it back</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>Let it go</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Save the order</source>
        <translation>Den Auftrag sichern</translation>
    </message>
    <message>
        <source>Write the work packet</source>
        <translation>Die Arbeitsmappe schreiben</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>A folder for all files of the order</source>
        <translation>Ein Ordner für alle Dateien des Auftrags</translation>
    </message>
    <message>
        <source>Type a few letters: border, packet, inches, minutes …</source>
        <translation>Ein paar Buchstaben eingeben: Rand, Mappe, Zoll, Minuten …</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Was gesucht wird</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>What is it?  {term}: {says}</source>
        <translation>Was ist das?  {term}: {says}</translation>
    </message>
    <message>
        <source>{term} what is {says}</source>
        <translation>{term} was ist {says}</translation>
    </message>
    <message>
        <source>nothing found that has a place on the sheet</source>
        <translation>kein Befund, der einen Ort auf dem Bogen hat</translation>
    </message>
    <message>
        <source>Rows keep their height and run level with the rim; letters fan out a little with the glass.</source>
        <translation>Zeilen behalten ihre Höhe und laufen parallel zum Glasrand; Buchstaben fächern sich mit dem Glas ein wenig auf.</translation>
    </message>
    <message>
        <source>Every letter keeps its shape, and grows or shrinks a little with the glass as the rows go up.</source>
        <translation>Jeder Buchstabe behält seine Form und wächst oder schrumpft mit dem Glas ein wenig, von Zeile zu Zeile.</translation>
    </message>
    <message>
        <source>Laid flat with no bend: letters keep their shape, but on a taper level lines smile or droop.</source>
        <translation>Flach und ohne Biegung gelegt: Buchstaben behalten ihre Form, aber auf einem Kegel lächeln oder hängen waagerechte Zeilen.</translation>
    </message>
    <message>
        <source>From the front, {far} from the glass&apos;s axis, it looks exactly as drawn, {angle}° to each side. From elsewhere it does not, and at its ends it reaches farther round.</source>
        <translation>Von vorn, {far} von der Achse des Glases, sieht es genau so aus wie gezeichnet, {angle}° zu jeder Seite. Von anderswo nicht, und an den Enden reicht es weiter herum.</translation>
    </message>
    <message>
        <source>The wall is straight: rows run level with the rim, and letters keep their shape.</source>
        <translation>Die Wand ist gerade: Zeilen laufen parallel zum Glasrand, und Buchstaben behalten ihre Form.</translation>
    </message>
    <message>
        <source>Cut the right way round.</source>
        <translation>Seitenrichtig geschnitten.</translation>
    </message>
    <message>
        <source>Cut mirrored, so that it reads from the front through the glass.</source>
        <translation>Gespiegelt geschnitten, sodass es von vorn durch das Glas zu lesen ist.</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Anpassung</translation>
    </message>
    <message>
        <source>The art can also be dragged, in either picture.</source>
        <translation>Das Motiv lässt sich auch ziehen, in beiden Bildern.</translation>
    </message>
    <message>
        <source>Overall width, on the glass</source>
        <translation>Gesamtbreite, auf dem Glas</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>formtreu</translation>
    </message>
    <message>
        <source>eye</source>
        <translation>Auge</translation>
    </message>
    <message>
        <source>Seen from</source>
        <translation>Gesehen aus</translation>
    </message>
    <message>
        <source>True up to, each side</source>
        <translation>Getreu bis, je Seite</translation>
    </message>
    <message>
        <source>Face worked</source>
        <translation>Bearbeitete Seite</translation>
    </message>
    <message>
        <source>outside</source>
        <translation>außen</translation>
    </message>
    <message>
        <source>What follows</source>
        <translation>Was folgt</translation>
    </message>
    <message>
        <source>Try it first</source>
        <translation>Erst versuchen</translation>
    </message>
    <message>
        <source>Way of laying</source>
        <translation>Art zu legen</translation>
    </message>
    <message>
        <source>Viewing distance</source>
        <translation>Betrachtungsabstand</translation>
    </message>
    <message>
        <source>Reading angle</source>
        <translation>Lesewinkel</translation>
    </message>
    <message>
        <source>Face</source>
        <comment>of the glass</comment>
        <translation>Bearbeitete Seite</translation>
    </message>
    <message>
        <source>Width on the glass</source>
        <translation>Breite auf dem Glas</translation>
    </message>
    <message>
        <source>Overall width, {told}</source>
        <translation>Gesamtbreite, {told}</translation>
    </message>
    <message>
        <source>art</source>
        <translation>Motiv</translation>
    </message>
    <message>
        <source>art, {size_is}</source>
        <translation>Motiv, {size_is}</translation>
    </message>
    <message>
        <source>art, on the glass</source>
        <translation>Motiv, auf dem Glas</translation>
    </message>
    <message>
        <source>goes round</source>
        <translation>geht herum</translation>
    </message>
    <message>
        <source>stands at</source>
        <translation>steht bei</translation>
    </message>
    <message>
        <source>{degrees:.0f}° from the front</source>
        <translation>{degrees:.0f}° von vorn</translation>
    </message>
    <message>
        <source>front reads up to</source>
        <translation>von vorn lesbar bis</translation>
    </message>
    <message>
        <source>pane takes up to</source>
        <translation>die Scheibe fasst bis</translation>
    </message>
    <message>
        <source>{length} wide</source>
        <translation>{length} breit</translation>
    </message>
    <message>
        <source>room here, with border</source>
        <translation>Platz hier, mit Folienrand</translation>
    </message>
    <message>
        <source>{length} high</source>
        <translation>{length} hoch</translation>
    </message>
    <message>
        <source>whole wall&apos;s fan</source>
        <translation>Fächer der ganzen Wand</translation>
    </message>
    <message>
        <source>ends off the level</source>
        <translation>Enden neben der Waagerechten</translation>
    </message>
    <message>
        <source>seen off its place</source>
        <translation>neben seinem Ort gesehen</translation>
    </message>
    <message>
        <source>up to {length}</source>
        <translation>bis {length}</translation>
    </message>
    <message>
        <source>clear between copies</source>
        <translation>frei zwischen Exemplaren</translation>
    </message>
    <message>
        <source>the closing may miss by</source>
        <translation>der Schluss kann verfehlen um</translation>
    </message>
    <message>
        <source>Its flat shape is solved for, so that pressing it on costs the film least.</source>
        <translation>Ihre flache Form wird so berechnet, dass das Andrücken die Folie am wenigsten kostet.</translation>
    </message>
    <message>
        <source>Its edges are true arcs, easy to draw by hand, and it must give more.</source>
        <translation>Ihre Kanten sind echte Bögen, von Hand leicht zu zeichnen, und sie muss mehr nachgeben.</translation>
    </message>
    <message>
        <source>Bands, one above the other</source>
        <translation>Bänder, übereinander</translation>
    </message>
    <message>
        <source>Pieces, side by side</source>
        <translation>Teile, nebeneinander</translation>
    </message>
    <message>
        <source>Laid from below upward, each over the edge of the last; notches line up.</source>
        <translation>Von unten nach oben gelegt, jedes über die Kante des letzten; Kerben liegen aufeinander.</translation>
    </message>
    <message>
        <source>Film cut</source>
        <translation>Folie geschnitten</translation>
    </message>
    <message>
        <source>for the least strain</source>
        <translation>mit geringster Dehnung</translation>
    </message>
    <message>
        <source>by the best cone</source>
        <translation>nach dem besten Kegel</translation>
    </message>
    <message>
        <source>Border</source>
        <translation>Folienrand</translation>
    </message>
    <message>
        <source>left whole</source>
        <translation>ganz gelassen</translation>
    </message>
    <message>
        <source>snipped to relieve</source>
        <translation>zur Entlastung eingeschnitten</translation>
    </message>
    <message>
        <source>Laid</source>
        <translation>Gelegt</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>warm</translation>
    </message>
    <message>
        <source>This film gives up to</source>
        <translation>Diese Folie gibt nach bis</translation>
    </message>
    <message>
        <source>Bands</source>
        <translation>Bänder</translation>
    </message>
    <message>
        <source>Pieces side by side</source>
        <translation>Teile nebeneinander</translation>
    </message>
    <message>
        <source>How the film is cut</source>
        <translation>Wie die Folie geschnitten wird</translation>
    </message>
    <message>
        <source>Relief cuts</source>
        <translation>Entlastungsschnitte</translation>
    </message>
    <message>
        <source>Laid warm</source>
        <translation>Warm gelegt</translation>
    </message>
    <message>
        <source>What the film gives</source>
        <translation>Was die Folie nachgibt</translation>
    </message>
    <message>
        <source>{kind} film gives up to</source>
        <translation>{kind} gibt nach bis</translation>
    </message>
    <message>
        <source>This sheet</source>
        <translation>Dieser Bogen</translation>
    </message>
    <message>
        <source>This cone</source>
        <translation>Dieser Kegel</translation>
    </message>
    <message>
        <source>{now}: squeezed to {squeeze:.1f} %, stretched to {stretch:.1f} %. The best cone: {least:.1f} % and {most:.1f} %.</source>
        <translation>{now}: gestaucht bis {squeeze:.1f} %, gedehnt bis {stretch:.1f} %. Der beste Kegel: {least:.1f} % und {most:.1f} %.</translation>
    </message>
    <message>
        <source>squeezed beyond {limit:.1f}&#x202f;%: it will wrinkle</source>
        <translation>über {limit:.1f}&#x202f;% gestaucht: sie wird Falten werfen</translation>
    </message>
    <message>
        <source>stretched beyond {limit:.1f}&#x202f;%: it will creep back</source>
        <translation>über {limit:.1f}&#x202f;% gedehnt: sie wird zurückkriechen</translation>
    </message>
    <message>
        <source>paler from {half}, deepest from {limit:.0f}&#x202f;%; bare film lies flat</source>
        <translation>blasser ab {half}, am tiefsten ab {limit:.0f}&#x202f;%; bloße Folie liegt flach</translation>
    </message>
    <message>
        <source>at an angle from the front</source>
        <translation>in einem Winkel von vorn</translation>
    </message>
    <message>
        <source>opposite the handle</source>
        <translation>dem Henkel gegenüber</translation>
    </message>
    <message>
        <source>between two handles</source>
        <translation>zwischen zwei Henkeln</translation>
    </message>
    <message>
        <source>facing others, handle in hand</source>
        <translation>anderen zugewandt, Henkel in der Hand</translation>
    </message>
    <message>
        <source>facing the drinker, handle in hand</source>
        <translation>dem Trinkenden zugewandt, Henkel in der Hand</translation>
    </message>
    <message>
        <source>its top, from the rim</source>
        <translation>seine Oberkante, vom Glasrand</translation>
    </message>
    <message>
        <source>its baseline, above the table</source>
        <translation>seine Grundlinie, über dem Tisch</translation>
    </message>
    <message>
        <source>its middle, above the table</source>
        <translation>seine Mitte, über dem Tisch</translation>
    </message>
    <message>
        <source>Where it stands</source>
        <translation>Wo es steht</translation>
    </message>
    <message>
        <source>Drinks with the</source>
        <translation>Trinkt mit der</translation>
    </message>
    <message>
        <source>right hand</source>
        <translation>rechten Hand</translation>
    </message>
    <message>
        <source>left hand</source>
        <translation>linken Hand</translation>
    </message>
    <message>
        <source>Round from the front</source>
        <translation>Herum von vorn</translation>
    </message>
    <message>
        <source>Across from the middle</source>
        <translation>Quer von der Mitte</translation>
    </message>
    <message>
        <source>What keeps its height</source>
        <translation>Was seine Höhe behält</translation>
    </message>
    <message>
        <source>Rim to the art&apos;s top</source>
        <translation>Glasrand bis Oberkante</translation>
    </message>
    <message>
        <source>centred</source>
        <translation>mittig</translation>
    </message>
    <message>
        <source>Above the table</source>
        <translation>Über dem Tisch</translation>
    </message>
    <message>
        <source>Turned to the left by</source>
        <translation>Nach links gedreht um</translation>
    </message>
    <message>
        <source>Level with</source>
        <translation>Waagerecht mit</translation>
    </message>
    <message>
        <source>water in it</source>
        <translation>Wasser darin</translation>
    </message>
    <message>
        <source>its rim</source>
        <translation>seinem Rand</translation>
    </message>
    <message>
        <source>Copies round the glass</source>
        <translation>Exemplare um das Glas</translation>
    </message>
    <message>
        <source>each on its own</source>
        <translation>jedes für sich</translation>
    </message>
    <message>
        <source>one band that closes</source>
        <translation>ein Band, das sich schließt</translation>
    </message>
    <message>
        <source>Where it stands round the glass</source>
        <translation>Wo es um das Glas steht</translation>
    </message>
    <message>
        <source>What of it keeps its height</source>
        <translation>Was davon seine Höhe behält</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>Round the glass</source>
        <translation>Um das Glas herum</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Quer</translation>
    </message>
    <message>
        <source>From the rim</source>
        <translation>Vom Glasrand</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehen</translation>
    </message>
    <message>
        <source>Copies</source>
        <translation>Exemplare</translation>
    </message>
    <message>
        <source>All round</source>
        <translation>Rundum</translation>
    </message>
    <message>
        <source>Upper edge to the art&apos;s top</source>
        <translation>Oberkante bis Motiv</translation>
    </message>
    <message>
        <source>Spaced so that the last meets the first; the seam comes behind.</source>
        <translation>So verteilt, dass das letzte das erste trifft; die Naht kommt nach hinten.</translation>
    </message>
    <message>
        <source>Cut it {times} times; the glass shows where each stands.</source>
        <translation>{times} Mal schneiden; das Glas zeigt, wo jedes steht.</translation>
    </message>
    <message>
        <source>Write the paper band…</source>
        <translation>Das Papierband schreiben…</translation>
    </message>
    <message>
        <source>The art on bare paper at true size, to tape on the glass</source>
        <translation>Das Motiv auf blankem Papier in wahrer Größe, zum Ankleben an das Glas</translation>
    </message>
    <message>
        <source>What you saw on the glass</source>
        <translation>Was Sie auf dem Glas sahen</translation>
    </message>
    <message>
        <source>too low by 3 mm, tilts right by 1 mm</source>
        <translation>3 mm zu tief, kippt um 1 mm nach rechts</translation>
    </message>
    <message>
        <source>Tape the paper band on, look, and write what you saw; the job takes it over.</source>
        <translation>Das Papierband ankleben, ansehen und schreiben, was Sie sahen; der Auftrag übernimmt es.</translation>
    </message>
    <message>
        <source>Write the paper band</source>
        <translation>Das Papierband schreiben</translation>
    </message>
    <message>
        <source>written: {name}; print it at 100 %</source>
        <translation>geschrieben: {name}; mit 100 % drucken</translation>
    </message>
    <message>
        <source>What was seen on paper</source>
        <translation>Was auf Papier zu sehen war</translation>
    </message>
    <message>
        <source>taken over: tape the band where it stands now, and look again</source>
        <translation>übernommen: das Band dort ankleben, wo es jetzt steht, und noch einmal ansehen</translation>
    </message>
    <message>
        <source>by the rim</source>
        <translation>nach dem Glasrand</translation>
    </message>
    <message>
        <source>letters keep shape</source>
        <translation>formtreu</translation>
    </message>
    <message>
        <source>as the eye sees it</source>
        <translation>wie das Auge es sieht</translation>
    </message>
    <message>
        <source>The art on this glass by each way of laying</source>
        <translation>Das Motiv auf diesem Glas, nach jeder Art zu legen</translation>
    </message>
    <message>
        <source>Opening {name} …</source>
        <translation>Öffnet {name} …</translation>
    </message>
    <message>
        <source>Opening …</source>
        <translation>Öffnet …</translation>
    </message>
    <message>
        <source>there is no screen to open a window on: set DISPLAY, or use quick, plan or export</source>
        <translation>es gibt keinen Bildschirm für ein Fenster: DISPLAY setzen, oder quick, plan oder export benutzen</translation>
    </message>
    <message>
        <source>vitrograph: {reason}</source>
        <translation>vitrograph: {reason}</translation>
    </message>
    <message>
        <source>A  across, anywhere</source>
        <translation>A  quer, irgendwo</translation>
    </message>
    <message>
        <source>A  round, anywhere</source>
        <translation>A  rundum, irgendwo</translation>
    </message>
    <message>
        <source>A  across the rim</source>
        <translation>A  quer am Rand</translation>
    </message>
    <message>
        <source>A  round the rim</source>
        <translation>A  rundum am Rand</translation>
    </message>
    <message>
        <source>Measure the outside. Each reading may be typed in mm, cm or inches, with fractions.</source>
        <translation>Außen messen. Jede Messung darf in mm, cm oder Zoll eingegeben werden, auch mit Brüchen.</translation>
    </message>
    <message>
        <source>Girths are measured</source>
        <translation>Weiten sind gemessen</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rundum</translation>
    </message>
    <message>
        <source>B  across the base</source>
        <translation>B  quer am Boden</translation>
    </message>
    <message>
        <source>C  height</source>
        <translation>C  Höhe</translation>
    </message>
    <message>
        <source>Heights are</source>
        <translation>Höhen sind</translation>
    </message>
    <message>
        <source>along the wall</source>
        <translation>entlang der Wand</translation>
    </message>
    <message>
        <source>Stem under the wall</source>
        <translation>Stiel unter der Wand</translation>
    </message>
    <message>
        <source>round or oval</source>
        <translation>rund oder oval</translation>
    </message>
    <message>
        <source>Hidden by a frame, all round</source>
        <translation>Vom Rahmen verdeckt, ringsum</translation>
    </message>
    <message>
        <source>How it lies</source>
        <translation>Wie es liegt</translation>
    </message>
    <message>
        <source>lies loose on the bench</source>
        <translation>liegt lose auf der Werkbank</translation>
    </message>
    <message>
        <source>stands upright in its place</source>
        <translation>steht aufrecht an seinem Platz</translation>
    </message>
    <message>
        <source>the hollow underside of a dish</source>
        <translation>die hohle Unterseite einer Schale</translation>
    </message>
    <message>
        <source>Side worked</source>
        <translation>Bearbeitete Seite</translation>
    </message>
    <message>
        <source>the front</source>
        <translation>die Vorderseite</translation>
    </message>
    <message>
        <source>the back</source>
        <translation>die Rückseite</translation>
    </message>
    <message>
        <source>How many alike</source>
        <translation>Wie viele gleiche</translation>
    </message>
    <message>
        <source>Between stations</source>
        <translation>Zwischen Messstellen</translation>
    </message>
    <message>
        <source>straight parts</source>
        <translation>gerade Teile</translation>
    </message>
    <message>
        <source>Handle, seams, foot, rim</source>
        <translation>Henkel, Nähte, Fuß, Rand</translation>
    </message>
    <message>
        <source>Girths measured with</source>
        <translation>Weiten gemessen mit</translation>
    </message>
    <message>
        <source>Height measured with</source>
        <translation>Höhe gemessen mit</translation>
    </message>
    <message>
        <source>Measuring helpers</source>
        <translation>Messhilfen</translation>
    </message>
    <message>
        <source>Room for a motif</source>
        <translation>Platz für ein Motiv</translation>
    </message>
    <message>
        <source>How far to trust it</source>
        <translation>Wie weit zu trauen ist</translation>
    </message>
    <message>
        <source>What it is for</source>
        <translation>Wofür es ist</translation>
    </message>
    <message>
        <source>drinking from</source>
        <translation>zum Trinken</translation>
    </message>
    <message>
        <source>display only</source>
        <translation>nur zur Zierde</translation>
    </message>
    <message>
        <source>What is on it</source>
        <translation>Was darauf ist</translation>
    </message>
    <message>
        <source>nothing on it: new, or clean</source>
        <translation>nichts darauf: neu oder sauber</translation>
    </message>
    <message>
        <source>a label or its glue on it</source>
        <translation>ein Etikett oder sein Kleber darauf</translation>
    </message>
    <message>
        <source>old paint or varnish on it</source>
        <translation>alte Farbe oder Lack darauf</translation>
    </message>
    <message>
        <source>wax or hand cream on it</source>
        <translation>Wachs oder Handcreme darauf</translation>
    </message>
    <message>
        <source>It bears no alcohol: painted or gilded</source>
        <translation>Es verträgt keinen Alkohol: bemalt oder vergoldet</translation>
    </message>
    <message>
        <source>What it is made of</source>
        <translation>Woraus es ist</translation>
    </message>
    <message>
        <source>Tool</source>
        <translation>Werkzeug</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>Girth</source>
        <translation>Weite</translation>
    </message>
    <message>
        <source>Upright or slant</source>
        <translation>Senkrecht oder schräg</translation>
    </message>
    <message>
        <source>Stem</source>
        <translation>Stiel</translation>
    </message>
    <message>
        <source>No alcohol</source>
        <translation>Kein Alkohol</translation>
    </message>
    <message>
        <source>{place}: mean of {readings}</source>
        <translation>{place}: Mittel aus {readings}</translation>
    </message>
    <message>
        <source>Several readings of one place may be typed at once: {some}</source>
        <translation>Mehrere Messungen einer Stelle dürfen auf einmal eingegeben werden: {some}</translation>
    </message>
    <message>
        <source>art&apos;s worst corner</source>
        <translation>schlimmste Ecke des Motivs</translation>
    </message>
    <message>
        <source>closing a full wrap</source>
        <translation>Schluss rundum</translation>
    </message>
    <message>
        <source>worth measuring again</source>
        <translation>lohnt nachzumessen</translation>
    </message>
    <message>
        <source>by room alone</source>
        <translation>nur nach dem Platz</translation>
    </message>
    <message>
        <source>largest that fits</source>
        <translation>größtes, das passt</translation>
    </message>
    <message>
        <source>reads from {seen_from}</source>
        <translation>lesbar aus {seen_from}</translation>
    </message>
    <message>
        <source>kept clear</source>
        <translation>frei gehalten</translation>
    </message>
    <message>
        <source>B  height</source>
        <translation>B  Höhe</translation>
    </message>
    <message>
        <source>B  round the base</source>
        <translation>B  rundum am Boden</translation>
    </message>
    <message>
        <source>widest</source>
        <translation>weiteste Stelle</translation>
    </message>
    <message>
        <source>upright height</source>
        <translation>senkrechte Höhe</translation>
    </message>
    <message>
        <source>seen and worked</source>
        <translation>sichtbar und bearbeitet</translation>
    </message>
    <message>
        <source>along the slant</source>
        <translation>entlang der Schräge</translation>
    </message>
    <message>
        <source>fan, outer radius</source>
        <translation>Fächer, äußerer Radius</translation>
    </message>
    <message>
        <source>fan, inner radius</source>
        <translation>Fächer, innerer Radius</translation>
    </message>
    <message>
        <source>fan, sweep</source>
        <translation>Fächer, Winkel</translation>
    </message>
    <message>
        <source>once round</source>
        <translation>einmal herum</translation>
    </message>
    <message>
        <source>Stations</source>
        <translation>Messstellen</translation>
    </message>
    <message>
        <source>A  width</source>
        <translation>A  Breite</translation>
    </message>
    <message>
        <source>A  across, at its widest</source>
        <translation>A  quer, an der weitesten Stelle</translation>
    </message>
    <message>
        <source>along the wall: the slant      beside the glass: the upright</source>
        <translation>an der Wand entlang: die Schräge      neben dem Glas: die Senkrechte</translation>
    </message>
    <message>
        <source>Slant or upright?</source>
        <translation>Schräg oder senkrecht?</translation>
    </message>
    <message>
        <source>A ruler standing beside the glass reads the upright height, a tape laid on the wall the slant. Measure the other one too: on a wide cone the wrong one ruins the fit.</source>
        <translation>Ein Lineal neben dem Glas liest die senkrechte Höhe, ein Maßband auf der Wand die schräge. Auch die andere messen: auf einem weiten Kegel verdirbt die falsche die Passform.</translation>
    </message>
    <message>
        <source>The other height</source>
        <translation>Die andere Höhe</translation>
    </message>
    <message>
        <source>Along the slant</source>
        <translation>Entlang der Schräge</translation>
    </message>
    <message>
        <source>Upright, beside the glass</source>
        <translation>Senkrecht, neben dem Glas</translation>
    </message>
    <message>
        <source>Stations from the base up: height, girth</source>
        <translation>Messstellen vom Boden aufwärts: Höhe, Weite</translation>
    </message>
    <message>
        <source>Add a station</source>
        <translation>Eine Messstelle hinzufügen</translation>
    </message>
    <message>
        <source>Take one out</source>
        <translation>Eine herausnehmen</translation>
    </message>
    <message>
        <source>height, {unit}</source>
        <translation>Höhe, {unit}</translation>
    </message>
    <message>
        <source>round, {unit}</source>
        <translation>rundum, {unit}</translation>
    </message>
    <message>
        <source>across, {unit}</source>
        <translation>quer, {unit}</translation>
    </message>
    <message>
        <source>a curved wall needs at least two stations</source>
        <translation>eine geschwungene Wand braucht mindestens zwei Messstellen</translation>
    </message>
    <message>
        <source>a height cannot be less than 0, nor a girth 0</source>
        <translation>eine Höhe kann nicht unter 0 sein, und eine Weite nicht 0</translation>
    </message>
    <message>
        <source>these readings describe no glass</source>
        <translation>diese Messungen beschreiben kein Glas</translation>
    </message>
    <message>
        <source>unrolled, the front in the middle: white fits, amber reads from the front</source>
        <translation>abgerollt, die Vorderseite in der Mitte: weiß passt, bernstein ist von vorn zu lesen</translation>
    </message>
    <message>
        <source>seen from the front: white fits</source>
        <translation>von vorn gesehen: weiß passt</translation>
    </message>
    <message>
        <source>Places to keep clear</source>
        <translation>Stellen, die frei bleiben</translation>
    </message>
    <message>
        <source>from the middle, {unit}</source>
        <translation>von der Mitte, {unit}</translation>
    </message>
    <message>
        <source>turn, °</source>
        <translation>Drehung, °</translation>
    </message>
    <message>
        <source>wide, {unit}</source>
        <translation>breit, {unit}</translation>
    </message>
    <message>
        <source>from, {unit}</source>
        <translation>von, {unit}</translation>
    </message>
    <message>
        <source>to, {unit}</source>
        <translation>bis, {unit}</translation>
    </message>
    <message>
        <source>No film lies down on a handle, a mould seam or a raised mark, and none should reach the foot or the rim bead. Turns are counted from the front, to your right; heights from the table.</source>
        <translation>Auf einen Henkel, eine Formnaht oder eine erhabene Marke legt sich keine Folie, und keine sollte Fuß oder Randwulst erreichen. Drehungen zählen von vorn, nach Ihrer Rechten; Höhen vom Tisch.</translation>
    </message>
    <message>
        <source>The foot reaches up the wall by</source>
        <translation>Der Fuß reicht die Wand hinauf um</translation>
    </message>
    <message>
        <source>The rim bead reaches down by</source>
        <translation>Die Randwulst reicht herab um</translation>
    </message>
    <message>
        <source>What to add</source>
        <translation>Was hinzukommt</translation>
    </message>
    <message>
        <source>Add it</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>The rim is not level: higher by</source>
        <translation>Der Rand ist schief: höher um</translation>
    </message>
    <message>
        <source>Its highest side, round from the front</source>
        <translation>Seine höchste Seite, herum von vorn</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Rim bead</source>
        <translation>Randwulst</translation>
    </message>
    <message>
        <source>Rim not level</source>
        <translation>Rand schief</translation>
    </message>
    <message>
        <source>Rim highest</source>
        <translation>Rand am höchsten</translation>
    </message>
    <message>
        <source>Add a place to keep clear</source>
        <translation>Eine freie Stelle hinzufügen</translation>
    </message>
    <message>
        <source>largest that fits, in this art&apos;s shape</source>
        <translation>größtes, das passt, in der Form dieses Motivs</translation>
    </message>
    <message>
        <source>largest that reads from the front</source>
        <translation>größtes, das von vorn zu lesen ist</translation>
    </message>
    <message>
        <source>Place to keep clear</source>
        <translation>Stelle, die frei bleibt</translation>
    </message>
    <message>
        <source>a turn in degrees was wanted, got &apos;{text}&apos;</source>
        <translation>erwartet wurde eine Drehung in Grad, nicht „{text}“</translation>
    </message>
    <message>
        <source>Take out a place to keep clear</source>
        <translation>Eine freie Stelle herausnehmen</translation>
    </message>
    <message>
        <source>From a picture</source>
        <translation>Aus einem Bild</translation>
    </message>
    <message>
        <source>Stand the glass before a plain bright ground, the camera level with its middle and as far off as it goes. The camera sees a round wall wider than it is; its distance from the axis corrects that.</source>
        <translation>Das Glas vor einen schlichten hellen Grund stellen, die Kamera auf Höhe seiner Mitte und so weit weg wie möglich. Die Kamera sieht eine runde Wand weiter, als sie ist; ihr Abstand von der Achse berichtigt das.</translation>
    </message>
    <message>
        <source>Open a picture</source>
        <translation>Ein Bild öffnen</translation>
    </message>
    <message>
        <source>Camera to the glass&apos;s axis</source>
        <translation>Kamera bis zur Achse des Glases</translation>
    </message>
    <message>
        <source>One size must be known</source>
        <translation>Ein Maß muss bekannt sein</translation>
    </message>
    <message>
        <source>the rim, across</source>
        <translation>der Glasrand, quer</translation>
    </message>
    <message>
        <source>a marked length</source>
        <translation>eine markierte Länge</translation>
    </message>
    <message>
        <source>The axis</source>
        <translation>Die Achse</translation>
    </message>
    <message>
        <source>is found</source>
        <translation>wird gefunden</translation>
    </message>
    <message>
        <source>I mark it</source>
        <translation>markiere ich</translation>
    </message>
    <message>
        <source>The picture is</source>
        <translation>Das Bild ist</translation>
    </message>
    <message>
        <source>as it was taken</source>
        <translation>wie aufgenommen</translation>
    </message>
    <message>
        <source>straightened</source>
        <translation>entzerrt</translation>
    </message>
    <message>
        <source>Use this glass</source>
        <translation>Dieses Glas nehmen</translation>
    </message>
    <message>
        <source>Open a picture of the glass from the side</source>
        <translation>Ein Bild des Glases von der Seite öffnen</translation>
    </message>
    <message>
        <source>Reading the picture …</source>
        <translation>Liest das Bild …</translation>
    </message>
    <message>
        <source>Measuring …</source>
        <translation>Misst …</translation>
    </message>
    <message>
        <source>beside the wall: {what}</source>
        <translation>neben der Wand: {what}</translation>
    </message>
    <message>
        <source>{length} to {length2} up</source>
        <translation>{length} bis {length2} hoch</translation>
    </message>
    <message>
        <source>radii may be off by</source>
        <translation>Radien weichen vielleicht ab um</translation>
    </message>
    <message>
        <source>a pixel is</source>
        <translation>ein Pixel ist</translation>
    </message>
    <message>
        <source>the glass leans by</source>
        <translation>das Glas lehnt um</translation>
    </message>
    <message>
        <source>Drag a white dot where the wall was not followed, then use the glass.</source>
        <translation>Einen weißen Punkt ziehen, wo der Wand nicht gefolgt wurde, dann das Glas nehmen.</translation>
    </message>
    <message>
        <source>Glass from a picture</source>
        <translation>Glas aus einem Bild</translation>
    </message>
    <message>
        <source>the glass is the one in the picture</source>
        <translation>das Glas ist das im Bild</translation>
    </message>
    <message>
        <source>the picture shows no height: mark it again</source>
        <translation>das Bild zeigt keine Höhe: noch einmal markieren</translation>
    </message>
    <message>
        <source>the back, where the paper&apos;s ends meet</source>
        <translation>die Rückseite, wo die Enden des Papiers sich treffen</translation>
    </message>
    <message>
        <source>Paper proof</source>
        <translation>Papierprüfling</translation>
    </message>
    <message>
        <source>Print the whole wall at true size, cut it out and wrap it, its rim on the glass&apos;s rim at the front. Type what its ends do at the back; a gap is a negative overlap.</source>
        <translation>Die ganze Wand in wahrer Größe drucken, ausschneiden und herumwickeln, ihren Rand vorn auf dem Glasrand. Eingeben, was ihre Enden hinten tun; ein Spalt ist eine negative Überlappung.</translation>
    </message>
    <message>
        <source>Write the paper proof</source>
        <translation>Den Papierprüfling schreiben</translation>
    </message>
    <message>
        <source>R  overlap at the rim</source>
        <translation>R  Überlappung am Rand</translation>
    </message>
    <message>
        <source>B  overlap at the base</source>
        <translation>B  Überlappung am Boden</translation>
    </message>
    <message>
        <source>Paper above the rim, at the back</source>
        <translation>Papier über dem Rand, hinten</translation>
    </message>
    <message>
        <source>held to it</source>
        <translation>daran gehalten</translation>
    </message>
    <message>
        <source>Correct the girths</source>
        <translation>Die Weiten berichtigen</translation>
    </message>
    <message>
        <source>Correct by the paper proof</source>
        <translation>Nach dem Papierprüfling berichtigen</translation>
    </message>
    <message>
        <source>the girths are corrected: print the proof again if they moved by much</source>
        <translation>die Weiten sind berichtigt: den Prüfling noch einmal drucken, wenn sie sich stark geändert haben</translation>
    </message>
    <message>
        <source>Paper proof: {name}</source>
        <translation>Papierprüfling: {name}</translation>
    </message>
    <message>
        <source>turn the glass a little for each reading</source>
        <translation>das Glas für jede Messung ein wenig drehen</translation>
    </message>
    <message>
        <source>each from a fresh start</source>
        <translation>jede von Neuem angesetzt</translation>
    </message>
    <message>
        <source>Several readings</source>
        <translation>Mehrere Messungen</translation>
    </message>
    <message>
        <source>One reading may be a slip. Take three or more at a place, a line each, in any unit; the glass takes their mean.</source>
        <translation>Eine Messung kann ein Versehen sein. An einer Stelle drei oder mehr nehmen, je eine Zeile, in jeder Einheit; das Glas nimmt ihr Mittel.</translation>
    </message>
    <message>
        <source>Where they were taken</source>
        <translation>Wo sie genommen wurden</translation>
    </message>
    <message>
        <source>Readings, a line each</source>
        <translation>Messungen, je eine Zeile</translation>
    </message>
    <message>
        <source>The tape&apos;s thickness</source>
        <translation>Die Dicke des Maßbands</translation>
    </message>
    <message>
        <source>readings</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>spread</source>
        <translation>Streuung</translation>
    </message>
    <message>
        <source>the mean may be off by</source>
        <translation>das Mittel weicht vielleicht ab um</translation>
    </message>
    <message>
        <source>Mean of the {place}</source>
        <translation>Mittel: {place}</translation>
    </message>
    <message>
        <source>the {place} is now the mean of its readings</source>
        <translation>{place} ist jetzt das Mittel seiner Messungen</translation>
    </message>
    <message>
        <source>measure one glass on the card, then add it here</source>
        <translation>auf der Karte ein Glas messen, dann hier hinzufügen</translation>
    </message>
    <message>
        <source>glasses of different kinds cannot be compared</source>
        <translation>Gläser verschiedener Art lassen sich nicht vergleichen</translation>
    </message>
    <message>
        <source>differences drawn {times} times as large</source>
        <translation>Unterschiede {times} Mal so groß gezeichnet</translation>
    </message>
    <message>
        <source>Glasses meant to be alike</source>
        <translation>Gläser, die gleich sein sollen</translation>
    </message>
    <message>
        <source>Glasses of one set differ. Measure a few, each the same way: type its readings on the card and add it here. The spread decides whether one stencil fits them all.</source>
        <translation>Gläser eines Satzes unterscheiden sich. Einige messen, jedes auf dieselbe Weise: seine Messungen auf der Karte eingeben und hier hinzufügen. Die Streuung entscheidet, ob eine Schablone auf alle passt.</translation>
    </message>
    <message>
        <source>Measured glasses</source>
        <translation>Gemessene Gläser</translation>
    </message>
    <message>
        <source>Add the glass in hand</source>
        <translation>Das Glas in der Hand hinzufügen</translation>
    </message>
    <message>
        <source>Add a measured glass</source>
        <translation>Ein gemessenes Glas hinzufügen</translation>
    </message>
    <message>
        <source>Take a measured glass out</source>
        <translation>Ein gemessenes Glas herausnehmen</translation>
    </message>
    <message>
        <source>The mean of the set</source>
        <translation>Das Mittel des Satzes</translation>
    </message>
    <message>
        <source>the stencil is made for the mean of the measured glasses</source>
        <translation>die Schablone ist für das Mittel der gemessenen Gläser gemacht</translation>
    </message>
    <message>
        <source>From the shelf</source>
        <translation>Aus dem Regal</translation>
    </message>
    <message>
        <source>Keep on the shelf</source>
        <translation>Im Regal aufheben</translation>
    </message>
    <message>
        <source>a glass on the shelf needs a name</source>
        <translation>ein Glas im Regal braucht einen Namen</translation>
    </message>
    <message>
        <source>kept on the shelf: {name}</source>
        <translation>im Regal aufgehoben: {name}</translation>
    </message>
    <message>
        <source>“{name}” is on the shelf already: {there}. The one to be kept now: {new}.</source>
        <translation>„{name}“ steht schon im Regal: {there}. Das jetzt zu behaltende: {new}.</translation>
    </message>
    <message>
        <source>Keep both</source>
        <translation>Beide behalten</translation>
    </message>
    <message>
        <source>Keep it in the other&apos;s place</source>
        <translation>An die Stelle des anderen setzen</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Alles lassen, wie es ist</translation>
    </message>
    <message>
        <source>Keep it on the shelf</source>
        <translation>Im Regal aufheben</translation>
    </message>
    <message>
        <source>A name for this glass:</source>
        <translation>Ein Name für dieses Glas:</translation>
    </message>
    <message>
        <source>The shelf</source>
        <translation>Das Regal</translation>
    </message>
    <message>
        <source>Find by name, kind or note</source>
        <translation>Nach Name, Art oder Notiz suchen</translation>
    </message>
    <message>
        <source>Find a glass</source>
        <translation>Ein Glas suchen</translation>
    </message>
    <message>
        <source>Glasses on the shelf</source>
        <translation>Gläser im Regal</translation>
    </message>
    <message>
        <source>Read a glass file</source>
        <translation>Eine Glasdatei lesen</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>What one costs, in your money</source>
        <translation>Was eines kostet, in Ihrem Geld</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Add a picture</source>
        <translation>Ein Bild hinzufügen</translation>
    </message>
    <message>
        <source>Copy it</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Write a glass file</source>
        <translation>Eine Glasdatei schreiben</translation>
    </message>
    <message>
        <source>Take it off the shelf</source>
        <translation>Aus dem Regal nehmen</translation>
    </message>
    <message>
        <source>Put back what was taken off</source>
        <translation>Herausgenommenes zurückstellen</translation>
    </message>
    <message>
        <source>generic</source>
        <translation>allgemein</translation>
    </message>
    <message>
        <source>Nothing on the shelf answers to that</source>
        <translation>Darauf antwortet nichts im Regal</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>made of</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>{day}, {girth} and {height}</source>
        <translation>{day}, {girth} und {height}</translation>
    </message>
    <message>
        <source>readings of the {place}</source>
        <translation>Messungen: {place}</translation>
    </message>
    <message>
        <source>glasses measured</source>
        <translation>Gläser gemessen</translation>
    </message>
    <message>
        <source>Glass {name}</source>
        <translation>Glas {name}</translation>
    </message>
    <message>
        <source>copied: {name}</source>
        <translation>kopiert: {name}</translation>
    </message>
    <message>
        <source>off the shelf: {name}; it can be put back while this window is open</source>
        <translation>aus dem Regal: {name}; es lässt sich zurückstellen, solange dieses Fenster offen ist</translation>
    </message>
    <message>
        <source>from 0 to {most:.0f}</source>
        <translation>von 0 bis {most:.0f}</translation>
    </message>
    <message>
        <source>price kept: {name}</source>
        <translation>Preis behalten: {name}</translation>
    </message>
    <message>
        <source>picture kept: {name}</source>
        <translation>Bild behalten: {name}</translation>
    </message>
    <message>
        <source>A picture of this glass</source>
        <translation>Ein Bild von diesem Glas</translation>
    </message>
    <message>
        <source>Glasses (*.json)</source>
        <translation>Gläser (*.json)</translation>
    </message>
    <message>
        <source>lay some art on the glass first</source>
        <translation>erst ein Motiv auf das Glas legen</translation>
    </message>
    <message>
        <source>at the corner</source>
        <translation>an der Ecke</translation>
    </message>
    <message>
        <source>at the closing</source>
        <translation>am Schluss</translation>
    </message>
    <message>
        <source>What one reading of each tool may be off by is common practice: type your own. The bars show what each reading does to the stencil; the longest, in amber, is the one worth repeating with a better tool.</source>
        <translation>Um wie viel eine Messung mit jedem Werkzeug daneben liegen kann, ist übliche Erfahrung: Ihr Eigenes eingeben. Die Balken zeigen, was jede Messung mit der Schablone macht; die längste, in Bernstein, lohnt es, mit einem besseren Werkzeug zu wiederholen.</translation>
    </message>
    <message>
        <source>A ruler may be off by</source>
        <translation>Ein Lineal weicht ab um</translation>
    </message>
    <message>
        <source>A tape may be off by</source>
        <translation>Ein Maßband weicht ab um</translation>
    </message>
    <message>
        <source>Calipers may be off by</source>
        <translation>Eine Schieblehre weicht ab um</translation>
    </message>
    <message>
        <source>Tool&apos;s error</source>
        <translation>Abweichung des Werkzeugs</translation>
    </message>
    <message>
        <source>weigh it empty and full to the brim</source>
        <translation>leer und bis zum Rand voll wiegen</translation>
    </message>
    <message>
        <source>Water check</source>
        <translation>Wasserprobe</translation>
    </message>
    <message>
        <source>Weigh the water it holds to the brim, at room temperature. Type how thick the wall and the bottom are; the program says whether the weight agrees with your readings.</source>
        <translation>Das Wasser wiegen, das es bis zum Rand fasst, bei Zimmertemperatur. Eingeben, wie dick Wand und Boden sind; das Programm sagt, ob das Gewicht zu Ihren Messungen passt.</translation>
    </message>
    <message>
        <source>The wall&apos;s thickness</source>
        <translation>Die Dicke der Wand</translation>
    </message>
    <message>
        <source>The bottom&apos;s thickness</source>
        <translation>Die Dicke des Bodens</translation>
    </message>
    <message>
        <source>Water to the brim</source>
        <translation>Wasser bis zum Rand</translation>
    </message>
    <message>
        <source>Wall&apos;s thickness</source>
        <translation>Dicke der Wand</translation>
    </message>
    <message>
        <source>Bottom&apos;s thickness</source>
        <translation>Dicke des Bodens</translation>
    </message>
    <message>
        <source>The guide</source>
        <translation>Die Anleitung</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Kapitel</translation>
    </message>
    <message>
        <source>Search the guide; Return finds the next</source>
        <translation>Die Anleitung durchsuchen; Eingabe findet das Nächste</translation>
    </message>
    <message>
        <source>Search the guide</source>
        <translation>Die Anleitung durchsuchen</translation>
    </message>
    <message numerus="yes">
        <source>{n} places</source>
        <comment>{n} place</comment>
        <translation>
            <numerusform>{n} Stelle</numerusform>
            <numerusform>{n} Stellen</numerusform>
        </translation>
    </message>
    <message>
        <source>Not in the guide; try another word.</source>
        <translation>Nicht in der Anleitung; ein anderes Wort versuchen.</translation>
    </message>
    <message>
        <source>ticks a step</source>
        <translation>hakt einen Schritt ab</translation>
    </message>
    <message>
        <source>goes back a step</source>
        <translation>geht einen Schritt zurück</translation>
    </message>
    <message>
        <source>starts a step&apos;s timer</source>
        <translation>startet die Uhr eines Schritts</translation>
    </message>
    <message>
        <source>shows a picture as it was</source>
        <translation>zeigt ein Bild, wie es war</translation>
    </message>
    <message>
        <source>turns a stencil on the bed</source>
        <translation>dreht eine Schablone auf der Folie</translation>
    </message>
    <message>
        <source>keeps a stencil where it lies</source>
        <translation>hält eine Schablone, wo sie liegt</translation>
    </message>
    <message>
        <source>moves what is in hand</source>
        <translation>bewegt, was in der Hand ist</translation>
    </message>
    <message>
        <source>goes to another sheet</source>
        <translation>geht zu einem anderen Bogen</translation>
    </message>
    <message>
        <source>takes out what is in hand</source>
        <translation>nimmt heraus, was in der Hand ist</translation>
    </message>
    <message>
        <source>goes to the next field</source>
        <translation>geht zum nächsten Feld</translation>
    </message>
    <message>
        <source>takes what was typed</source>
        <translation>übernimmt, was eingegeben wurde</translation>
    </message>
    <message>
        <source>leaves</source>
        <translation>verlässt</translation>
    </message>
    <message>
        <source>“{words}” keeps its keys: they are the numbers on the screen.</source>
        <translation>„{words}“ behält seine Tasten: es sind die Nummern auf dem Bildschirm.</translation>
    </message>
    <message>
        <source>{name} {does}: choose others.</source>
        <translation>{name} {does}: andere wählen.</translation>
    </message>
    <message>
        <source>{name} belongs to “{words}”: choose others, or take them from there first.</source>
        <translation>{name} gehört zu „{words}“: andere wählen, oder sie dort zuerst wegnehmen.</translation>
    </message>
    <message>
        <source>Choose a command, then click into the line below and press its new keys.</source>
        <translation>Einen Befehl wählen, dann in die Zeile darunter klicken und seine neuen Tasten drücken.</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>As usual</source>
        <translation>Wie üblich</translation>
    </message>
    <message>
        <source>All as usual</source>
        <translation>Alle wie üblich</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Befehle und ihre Tasten</translation>
    </message>
    <message>
        <source>Command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>New keys</source>
        <translation>Neue Tasten</translation>
    </message>
    <message>
        <source>“{words}” is {shown} from now on.</source>
        <translation>„{words}“ ist von jetzt an {shown}.</translation>
    </message>
    <message>
        <source>“{words}” has no keys from now on.</source>
        <translation>„{words}“ hat von jetzt an keine Tasten.</translation>
    </message>
    <message>
        <source>All keys are the usual ones again.</source>
        <translation>Alle Tasten sind wieder die üblichen.</translation>
    </message>
    <message>
        <source>Next: {station}</source>
        <translation>Weiter: {station}</translation>
    </message>
    <message>
        <source>First: {error}.</source>
        <translation>Zuerst: {error}.</translation>
    </message>
    <message>
        <source>First mend what is marked to be mended here ({stops}).</source>
        <translation>Zuerst ausbessern, was hier zum Ausbessern markiert ist ({stops}).</translation>
    </message>
    <message>
        <source>{term_of}, drawn</source>
        <translation>{term_of}, gezeichnet</translation>
    </message>
    <message>
        <source>it must be more than 0</source>
        <translation>es muss mehr als 0 sein</translation>
    </message>
    <message>
        <source>it cannot be less than 0</source>
        <translation>es kann nicht weniger als 0 sein</translation>
    </message>
    <message>
        <source>a number was wanted, got &apos;{text}&apos;</source>
        <translation>erwartet wurde eine Zahl, nicht „{text}“</translation>
    </message>
    <message>
        <source>that number is out of all bounds</source>
        <translation>diese Zahl liegt außerhalb aller Grenzen</translation>
    </message>
    <message>
        <source>limit {limit}</source>
        <translation>Grenze {limit}</translation>
    </message>
    <message>
        <source>and {more} more like it, marked on the sheet</source>
        <translation>und {more} weitere dieser Art, auf dem Bogen markiert</translation>
    </message>
    <message>
        <source>What is it?  {term_of}</source>
        <translation>Was ist das?  {term_of}</translation>
    </message>
    <message>
        <source>What is it: {term_of}</source>
        <translation>Was ist das: {term_of}</translation>
    </message>
    <message>
        <source>{place} cannot be written ({reason}): it stays as it was</source>
        <translation>{place} lässt sich nicht schreiben ({reason}): es bleibt, wie es war</translation>
    </message>
    <message>
        <source>The picture</source>
        <translation>Das Bild</translation>
    </message>
    <message>
        <source>open a picture of the glass from the side</source>
        <translation>ein Bild des Glases von der Seite öffnen</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Done  (space)</source>
        <translation>Fertig  (Leertaste)</translation>
    </message>
    <message>
        <source>all done</source>
        <translation>alles getan</translation>
    </message>
    <message>
        <source>{left} left of {steps}</source>
        <translation>noch {left} von {steps}</translation>
    </message>
    <message>
        <source>1 step</source>
        <translation>1 Schritt</translation>
    </message>
    <message>
        <source>Start the timer  (T)</source>
        <translation>Die Uhr starten  (T)</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>Hold  (T)</source>
        <translation>Anhalten  (T)</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Davor</translation>
    </message>
    <message>
        <source>the one before</source>
        <translation>das vorige</translation>
    </message>
    <message>
        <source>Next one</source>
        <translation>Nächstes</translation>
    </message>
    <message>
        <source>the next of them</source>
        <translation>das nächste davon</translation>
    </message>
    <message>
        <source>{what} {copy} of {many}</source>
        <translation>{what} {copy} von {many}</translation>
    </message>
    <message>
        <source>Done.</source>
        <translation>Fertig.</translation>
    </message>
    <message>
        <source>The words of the trade</source>
        <translation>Die Wörter des Handwerks</translation>
    </message>
    <message>
        <source>Web</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>Nearly touching</source>
        <translation>Fast berührend</translation>
    </message>
    <message>
        <source>Opening</source>
        <translation>Öffnung</translation>
    </message>
    <message>
        <source>Speck</source>
        <translation>Sprenkel</translation>
    </message>
    <message>
        <source>Needle</source>
        <translation>Nadel</translation>
    </message>
    <message>
        <source>Island</source>
        <translation>Insel</translation>
    </message>
    <message>
        <source>Tie</source>
        <translation>Haltesteg</translation>
    </message>
    <message>
        <source>Lip area</source>
        <translation>Trinkrand</translation>
    </message>
    <message>
        <source>Strain</source>
        <translation>Dehnung</translation>
    </message>
    <message>
        <source>Lap</source>
        <translation>Überlappung der Folie</translation>
    </message>
    <message>
        <source>Fan</source>
        <translation>Fächer</translation>
    </message>
    <message>
        <source>Reading width</source>
        <translation>Lesebreite</translation>
    </message>
    <message>
        <source>Kept clear</source>
        <translation>Frei gehalten</translation>
    </message>
    <message>
        <source>Off the glass</source>
        <translation>Neben dem Glas</translation>
    </message>
    <message>
        <source>Offset</source>
        <translation>Versatz</translation>
    </message>
    <message>
        <source>Surplus</source>
        <translation>Überschuss</translation>
    </message>
    <message>
        <source>Working out: {station}, {done} of {whole} steps done</source>
        <translation>Rechnet: {station}, {done} von {whole} Schritten getan</translation>
    </message>
    <message>
        <source>Stopped: the views show what was worked out before</source>
        <translation>Angehalten: die Bilder zeigen, was vorher berechnet war</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
    <message>
        <source>to watch</source>
        <translation>zu beachten</translation>
    </message>
    <message>
        <source>to mend</source>
        <translation>auszubessern</translation>
    </message>
    <message>
        <source>under way</source>
        <translation>in Arbeit</translation>
    </message>
    <message>
        <source>{logged} kept</source>
        <translation>{logged} behalten</translation>
    </message>
    <message>
        <source>{n} of {every} written down</source>
        <translation>{n} von {every} eingetragen</translation>
    </message>
    <message>
        <source>under way {time}</source>
        <translation>in Arbeit {time}</translation>
    </message>
    <message>
        <source>under way, {done} done</source>
        <translation>in Arbeit, {done} getan</translation>
    </message>
    <message>
        <source>Advice: {says}</source>
        <translation>Rat: {says}</translation>
    </message>
    <message>
        <source>nothing is written down yet</source>
        <translation>es ist noch nichts aufgeschrieben</translation>
    </message>
    <message>
        <source>How long for &apos;{cream}&apos;{where}?</source>
        <translation>Wie lange für „{cream}“{where}?</translation>
    </message>
    <message>
        <source>minutes under cream</source>
        <translation>Minuten unter Creme</translation>
    </message>
    <message>
        <source>pieces that frosted well; a larger disc is more pieces, brown: some came out faint, a red ring: some leaked</source>
        <translation>Stücke, die gut matt wurden; eine größere Scheibe sind mehr Stücke, braun: einige kamen schwach heraus, ein roter Ring: einige waren undicht</translation>
    </message>
    <message>
        <source>1 in 10 leaks</source>
        <translation>1 von 10 undicht</translation>
    </message>
    <message>
        <source>Month by month</source>
        <translation>Monat für Monat</translation>
    </message>
    <message>
        <source>By piece</source>
        <translation>Nach Stück</translation>
    </message>
    <message>
        <source>By kind of glass</source>
        <translation>Nach Art des Glases</translation>
    </message>
    <message>
        <source>By cream</source>
        <translation>Nach Creme</translation>
    </message>
    <message>
        <source>By film</source>
        <translation>Nach Folie</translation>
    </message>
    <message>
        <source>By recipe</source>
        <translation>Nach Rezept</translation>
    </message>
    <message>
        <source>By customer</source>
        <translation>Nach Kunde</translation>
    </message>
    <message>
        <source>Month</source>
        <translation>Monat</translation>
    </message>
    <message>
        <source>Not good</source>
        <translation>Nicht gut</translation>
    </message>
    <message>
        <source>Hours</source>
        <translation>Stunden</translation>
    </message>
    <message>
        <source>Cream, g</source>
        <translation>Creme, g</translation>
    </message>
    <message>
        <source>Entries</source>
        <translation>Einträge</translation>
    </message>
    <message>
        <source>nothing failed</source>
        <translation>nichts misslang</translation>
    </message>
    <message>
        <source>{many} of {of} ({many2:.1%})</source>
        <translation>{many} von {of} ({many2:.1%})</translation>
    </message>
    <message>
        <source>What it came to</source>
        <translation>Was es ergab</translation>
    </message>
    <message>
        <source>Pieces that did not come out good</source>
        <translation>Stücke, die nicht gut herauskamen</translation>
    </message>
    <message>
        <source>What changed, and your own pace</source>
        <translation>Was sich änderte, und Ihr eigenes Tempo</translation>
    </message>
    <message>
        <source>Too few entries to tell yet.</source>
        <translation>Noch zu wenige Einträge, um es zu sagen.</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Look at the piece dry, on black card. What went well, what would you change?</source>
        <translation>Das Stück trocken auf schwarzem Karton ansehen. Was ging gut, was würden Sie ändern?</translation>
    </message>
    <message>
        <source>Write it down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>Make this order again, from the first step</source>
        <translation>Diesen Auftrag noch einmal machen, vom ersten Schritt an</translation>
    </message>
    <message>
        <source>Go on with the steps as they were</source>
        <translation>Mit den Schritten weitermachen, wie sie waren</translation>
    </message>
    <message>
        <source>What your own pieces say</source>
        <translation>Was Ihre eigenen Stücke sagen</translation>
    </message>
    <message>
        <source>Made before</source>
        <translation>Früher gemacht</translation>
    </message>
    <message>
        <source>Save as CSV</source>
        <translation>Als CSV sichern</translation>
    </message>
    <message>
        <source>Read a list</source>
        <translation>Eine Liste lesen</translation>
    </message>
    <message>
        <source>Take over the entries of a CSV or JSON file</source>
        <translation>Die Einträge einer CSV- oder JSON-Datei übernehmen</translation>
    </message>
    <message>
        <source>Kept in one file in your own data folder; nothing is sent anywhere.</source>
        <translation>In einer Datei in Ihrem eigenen Datenordner; nichts wird irgendwohin gesendet.</translation>
    </message>
    <message>
        <source>Measure a photograph</source>
        <translation>Ein Foto messen</translation>
    </message>
    <message>
        <source>Of the finished piece before the inspection card</source>
        <translation>Vom fertigen Stück vor der Prüfkarte</translation>
    </message>
    <message>
        <source>… of the film</source>
        <translation>… von der Folie</translation>
    </message>
    <message>
        <source>Of the weeded film on the glass, before the cream: bits that were not pulled, islands that came off</source>
        <translation>Von der entgitterten Folie auf dem Glas, vor der Creme: Teile, die nicht gezogen wurden, Inseln, die abgingen</translation>
    </message>
    <message>
        <source>… without a card</source>
        <translation>… ohne Karte</translation>
    </message>
    <message>
        <source>Point at the piece&apos;s own four corners instead</source>
        <translation>Stattdessen auf die vier Ecken des Stücks selbst zeigen</translation>
    </message>
    <message>
        <source>Save the inspection card</source>
        <translation>Die Prüfkarte sichern</translation>
    </message>
    <message>
        <source>A page to print at true size, and put behind the piece</source>
        <translation>Eine Seite zum Drucken in wahrer Größe, hinter das Stück zu stellen</translation>
    </message>
    <message>
        <source>Put the photograph away</source>
        <translation>Das Foto weglegen</translation>
    </message>
    <message>
        <source>a clock of this order is running: see to that glass first</source>
        <translation>eine Uhr dieses Auftrags läuft: erst nach jenem Glas sehen</translation>
    </message>
    <message>
        <source>every step is open again; what was written in the logbook stays</source>
        <translation>jeder Schritt ist wieder offen; was im Logbuch steht, bleibt</translation>
    </message>
    <message>
        <source>“{name}” is written down already.</source>
        <translation>„{name}“ ist schon aufgeschrieben.</translation>
    </message>
    <message>
        <source>reading {name}</source>
        <translation>{name} wird gelesen</translation>
    </message>
    <message>
        <source>Leave it so</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>Write it down once more</source>
        <translation>Noch einmal aufschreiben</translation>
    </message>
    <message>
        <source>written in the logbook</source>
        <translation>ins Logbuch geschrieben</translation>
    </message>
    <message>
        <source>A photograph before the inspection card</source>
        <translation>Ein Foto vor der Prüfkarte</translation>
    </message>
    <message>
        <source>A photograph of the piece on black</source>
        <translation>Ein Foto des Stücks auf Schwarz</translation>
    </message>
    <message>
        <source>no order is kept with this entry: it was typed, or read from a list</source>
        <translation>zu diesem Eintrag ist kein Auftrag aufgehoben: er wurde eingegeben oder aus einer Liste gelesen</translation>
    </message>
    <message>
        <source>the order kept with this entry</source>
        <translation>der Auftrag, der zu diesem Eintrag aufgehoben ist</translation>
    </message>
    <message>
        <source>the order as it was made: save it under a name of its own</source>
        <translation>der Auftrag, wie er gemacht wurde: unter einem eigenen Namen sichern</translation>
    </message>
    <message>
        <source>Save the logbook</source>
        <translation>Das Logbuch sichern</translation>
    </message>
    <message>
        <source>CSV (*.csv)</source>
        <translation>CSV (*.csv)</translation>
    </message>
    <message>
        <source>Take over entries</source>
        <translation>Einträge übernehmen</translation>
    </message>
    <message>
        <source>The photograph kept with it</source>
        <translation>Das Foto, das dabei aufgehoben ist</translation>
    </message>
    <message>
        <source>Keep the changes</source>
        <translation>Die Änderungen behalten</translation>
    </message>
    <message>
        <source>Outcome, as 4 good, 2 faint</source>
        <translation>Ergebnis, als 4 gut, 2 schwach</translation>
    </message>
    <message>
        <source>Choose an entry in the list to read it here, or two of them (with Ctrl) to see where they differ.</source>
        <translation>In der Liste einen Eintrag wählen, um ihn hier zu lesen, oder zwei davon (mit Strg), um zu sehen, worin sie sich unterscheiden.</translation>
    </message>
    <message>
        <source>Where the two differ</source>
        <translation>Worin die beiden sich unterscheiden</translation>
    </message>
    <message>
        <source>The two entries say the same</source>
        <translation>Die beiden Einträge sagen dasselbe</translation>
    </message>
    <message>
        <source>changed in the logbook</source>
        <translation>im Logbuch geändert</translation>
    </message>
    <message>
        <source>opening the picture</source>
        <translation>öffnet das Bild</translation>
    </message>
    <message>
        <source>that place is not on the side of the glass that is seen here</source>
        <translation>dieser Ort ist nicht auf der Seite des Glases, die hier zu sehen ist</translation>
    </message>
    <message>
        <source>Made</source>
        <translation>Gemacht</translation>
    </message>
    <message>
        <source>Newest first</source>
        <translation>Neueste zuerst</translation>
    </message>
    <message>
        <source>Oldest first</source>
        <translation>Älteste zuerst</translation>
    </message>
    <message>
        <source>By name</source>
        <translation>Nach Namen</translation>
    </message>
    <message>
        <source>Most stars first</source>
        <translation>Meiste Sterne zuerst</translation>
    </message>
    <message>
        <source>By minutes</source>
        <translation>Nach Minuten</translation>
    </message>
    <message>
        <source>Search: a piece, a cream, a note, a day …</source>
        <translation>Suchen: ein Stück, eine Creme, eine Notiz, ein Tag …</translation>
    </message>
    <message>
        <source>Search the logbook</source>
        <translation>Das Logbuch durchsuchen</translation>
    </message>
    <message>
        <source>Sorted</source>
        <translation>Geordnet</translation>
    </message>
    <message>
        <source>However it went</source>
        <translation>Wie auch immer es ausging</translation>
    </message>
    <message>
        <source>Came out: {what}</source>
        <translation>Ergebnis: {what}</translation>
    </message>
    <message>
        <source>Make it again</source>
        <translation>Noch einmal machen</translation>
    </message>
    <message>
        <source>Open its order as it was made</source>
        <translation>Seinen Auftrag öffnen, wie er gemacht wurde</translation>
    </message>
    <message>
        <source>Remove it</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove the entry from the logbook</source>
        <translation>Den Eintrag aus dem Logbuch entfernen</translation>
    </message>
    <message>
        <source>Put back what was taken out</source>
        <translation>Herausgenommenes zurücklegen</translation>
    </message>
    <message>
        <source>Entries of the logbook</source>
        <translation>Einträge des Logbuchs</translation>
    </message>
    <message>
        <source>Nothing was found.</source>
        <translation>Es wurde nichts gefunden.</translation>
    </message>
    <message>
        <source>Nothing is written down yet.</source>
        <translation>Es ist noch nichts aufgeschrieben.</translation>
    </message>
    <message>
        <source>; the first {listed} are listed</source>
        <translation>; die ersten {listed} sind gelistet</translation>
    </message>
    <message>
        <source>taken out: {job}; it can be put back while this window is open</source>
        <translation>herausgenommen: {job}; es lässt sich zurücklegen, solange dieses Fenster offen ist</translation>
    </message>
    <message>
        <source>put back: {job}</source>
        <translation>zurückgelegt: {job}</translation>
    </message>
    <message>
        <source>{film} film</source>
        <translation>{film}</translation>
    </message>
    <message>
        <source>for {for_whom}</source>
        <translation>für {for_whom}</translation>
    </message>
    <message>
        <source>Photograph: {all}</source>
        <translation>Foto: {all}</translation>
    </message>
    <message>
        <source>Click the {corner} corner of the piece</source>
        <translation>Auf die Ecke des Stücks klicken: {corner}</translation>
    </message>
    <message>
        <source> (Backspace: the last one again)</source>
        <translation> (Rücktaste: die letzte noch einmal)</translation>
    </message>
    <message>
        <source>, is none</source>
        <translation>, ist keiner</translation>
    </message>
    <message>
        <source>Click a ring that is no fault.  </source>
        <translation>Auf einen Ring klicken, der kein Fehler ist.  </translation>
    </message>
    <message>
        <source>{fix}Draw a ring where one was missed.</source>
        <translation>{fix}Einen Ring ziehen, wo einer fehlt.</translation>
    </message>
    <message>
        <source>Mark it: {kind}</source>
        <translation>Markieren: {kind}</translation>
    </message>
    <message>
        <source>Take the last mark back</source>
        <translation>Die letzte Marke zurücknehmen</translation>
    </message>
    <message>
        <source>Marked on this glass: {told}.</source>
        <translation>Auf diesem Glas markiert: {told}.</translation>
    </message>
    <message>
        <source>Click on the glass where something went wrong.</source>
        <translation>Auf das Glas klicken, wo etwas schiefging.</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>Here: {what}</source>
        <translation>Hier: {what}</translation>
    </message>
    <message>
        <source>How long?</source>
        <translation>Wie lange?</translation>
    </message>
    <message>
        <source>The entry</source>
        <translation>Der Eintrag</translation>
    </message>
    <message>
        <source>What the logbook shows</source>
        <translation>Was das Logbuch zeigt</translation>
    </message>
    <message>
        <source>The photograph: {says} …</source>
        <translation>Das Foto: {says} …</translation>
    </message>
    <message>
        <source>No stars</source>
        <translation>Keine Sterne</translation>
    </message>
    <message>
        <source>How many came out: {what}</source>
        <translation>Wie viele kamen so heraus: {what}</translation>
    </message>
    <message>
        <source>Minutes under cream</source>
        <translation>Minuten unter Creme</translation>
    </message>
    <message>
        <source>What would you change next time?</source>
        <translation>Was würden Sie beim nächsten Mal ändern?</translation>
    </message>
    <message>
        <source>what you say here is kept only once it is written down ({error})</source>
        <translation>was Sie hier sagen, bleibt erst erhalten, wenn es aufgeschrieben ist ({error})</translation>
    </message>
    <message>
        <source>Goes with the note:
{noted}</source>
        <translation>Kommt zur Notiz:
{noted}</translation>
    </message>
    <message>
        <source>{copies} of {copies2} came out good</source>
        <translation>{copies} von {copies2} kamen gut heraus</translation>
    </message>
    <message>
        <source>from 0 to 1440 minutes</source>
        <translation>von 0 bis 1440 Minuten</translation>
    </message>
    <message>
        <source>waiting</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>in Ordnung</translation>
    </message>
    <message>
        <source>Names</source>
        <translation>Namen</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>thinnest stroke</source>
        <translation>dünnster Strich</translation>
    </message>
    <message>
        <source>state</source>
        <translation>Zustand</translation>
    </message>
    <message>
        <source>what was being typed was not taken: another list is shown now</source>
        <translation>was gerade getippt wurde, wurde nicht übernommen: jetzt ist eine andere Liste zu sehen</translation>
    </message>
    <message>
        <source> and {graves} more</source>
        <translation> und {graves} weitere</translation>
    </message>
    <message>
        <source>{done} of {states} worked out</source>
        <translation>{done} von {states} berechnet</translation>
    </message>
    <message>
        <source>{states} worked out</source>
        <translation>{states} berechnet</translation>
    </message>
    <message>
        <source>{count} to mend</source>
        <translation>{count} auszubessern</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>names or cells that were copied elsewhere</source>
        <translation>Namen oder Zellen, die anderswo kopiert wurden</translation>
    </message>
    <message>
        <source>Write the list</source>
        <translation>Die Liste schreiben</translation>
    </message>
    <message>
        <source>as CSV</source>
        <translation>als CSV</translation>
    </message>
    <message>
        <source>Add a name</source>
        <translation>Einen Namen hinzufügen</translation>
    </message>
    <message>
        <source>the rows that are chosen</source>
        <translation>die gewählten Zeilen</translation>
    </message>
    <message>
        <source>Trouble first</source>
        <translation>Schwieriges zuerst</translation>
    </message>
    <message>
        <source>rows with the worst found about them on top</source>
        <translation>Zeilen mit den schlimmsten Befunden oben</translation>
    </message>
    <message>
        <source>Mend all rows</source>
        <translation>Alle Zeilen ausbessern</translation>
    </message>
    <message>
        <source>all that is too thin, too small or too sharp, row by row</source>
        <translation>alles, was zu dünn, zu klein oder zu spitz ist, Zeile für Zeile</translation>
    </message>
    <message>
        <source>Smallest sound size</source>
        <translation>Kleinste Größe in Ordnung</translation>
    </message>
    <message>
        <source>the smallest letters at which no row is too fine</source>
        <translation>die kleinsten Buchstaben, bei denen keine Zeile zu fein ist</translation>
    </message>
    <message>
        <source>Largest that fits</source>
        <translation>Größte, die passt</translation>
    </message>
    <message>
        <source>the largest letters at which no row is too wide or too high</source>
        <translation>die größten Buchstaben, bei denen keine Zeile zu breit oder zu hoch ist</translation>
    </message>
    <message>
        <source>Lists ({endings})</source>
        <translation>Listen ({endings})</translation>
    </message>
    <message numerus="yes">
        <source>Looking for the size: {n} rows do</source>
        <comment>Looking for the size: {n} row does</comment>
        <translation>
            <numerusform>Die Größe wird gesucht: {n} Zeile passt</numerusform>
            <numerusform>Die Größe wird gesucht: {n} Zeilen passen</numerusform>
        </translation>
    </message>
    <message>
        <source>; what has no stencil is left out</source>
        <translation>; was keine Schablone hat, bleibt weg</translation>
    </message>
    <message>
        <source>no row has anything too thin, too small or too sharp: nothing is changed</source>
        <translation>keine Zeile hat etwas zu Dünnes, zu Kleines oder zu Spitzes: nichts ist geändert</translation>
    </message>
    <message>
        <source>all rows are mended</source>
        <translation>alle Zeilen sind ausgebessert</translation>
    </message>
    <message>
        <source>The smallest size</source>
        <translation>Die kleinste Größe</translation>
    </message>
    <message>
        <source>The largest size</source>
        <translation>Die größte Größe</translation>
    </message>
    <message>
        <source>the smallest size at which no row fails: {line}</source>
        <translation>die kleinste Größe, bei der keine Zeile Mängel hat: {line}</translation>
    </message>
    <message>
        <source>the largest size at which no row fails: {line}</source>
        <translation>die größte, bei der keine Zeile Mängel hat: {line}</translation>
    </message>
    <message>
        <source>no names yet: read, paste or type a list</source>
        <translation>noch keine Namen: eine Liste lesen, einfügen oder eingeben</translation>
    </message>
    <message>
        <source>a spreadsheet (XLSX, ODS), CSV, or a text file with a name on each line</source>
        <translation>eine Tabelle (XLSX, ODS), CSV oder eine Textdatei mit einem Namen in jeder Zeile</translation>
    </message>
    <message>
        <source>Paste names</source>
        <translation>Namen einfügen</translation>
    </message>
    <message>
        <source>Take out names</source>
        <translation>Namen herausnehmen</translation>
    </message>
    <message>
        <source>the list is written: {name}</source>
        <translation>die Liste ist geschrieben: {name}</translation>
    </message>
    <message>
        <source>Read a list of names</source>
        <translation>Eine Liste von Namen lesen</translation>
    </message>
    <message>
        <source>Write the list of names</source>
        <translation>Die Liste von Namen schreiben</translation>
    </message>
    <message>
        <source>row {row}: a count from 1 to 1000 was wanted, got &apos;{text}&apos;</source>
        <translation>Zeile {row}: erwartet wurde eine Anzahl von 1 bis 1000, nicht „{text}“</translation>
    </message>
    <message>
        <source>Change a name</source>
        <translation>Einen Namen ändern</translation>
    </message>
    <message>
        <source>there are no names yet: read, paste or type a list</source>
        <translation>es gibt noch keine Namen: eine Liste lesen, einfügen oder eingeben</translation>
    </message>
    <message>
        <source>Looking for the size</source>
        <translation>Sucht die Größe</translation>
    </message>
    <message>
        <source>Mending</source>
        <translation>Bessert aus</translation>
    </message>
    <message>
        <source>the rows are still being worked out: wait a moment</source>
        <translation>die Zeilen werden noch berechnet: einen Augenblick warten</translation>
    </message>
    <message>
        <source>Mending: {row} of {known} rows</source>
        <translation>Bessert aus: {row} von {known} Zeilen</translation>
    </message>
    <message>
        <source>the list was changed meanwhile: look again</source>
        <translation>die Liste wurde inzwischen geändert: noch einmal ansehen</translation>
    </message>
    <message>
        <source>A copy of this piece</source>
        <translation>Eine Kopie dieses Stücks</translation>
    </message>
    <message>
        <source>A glass from the shelf</source>
        <translation>Ein Glas aus dem Regal</translation>
    </message>
    <message>
        <source>This art as large on another glass</source>
        <translation>Dieses Motiv ebenso groß auf einem anderen Glas</translation>
    </message>
    <message>
        <source>This art as large for its front on another glass</source>
        <translation>Dieses Motiv ebenso groß für seine Vorderseite auf einem anderen Glas</translation>
    </message>
    <message>
        <source>This art on another glass, shared from now on</source>
        <translation>Dieses Motiv auf einem anderen Glas, von jetzt an geteilt</translation>
    </message>
    <message>
        <source>The pieces of another order…</source>
        <translation>Die Stücke eines anderen Auftrags…</translation>
    </message>
    <message>
        <source>Paste a piece</source>
        <translation>Ein Stück einfügen</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Umbenennen…</translation>
    </message>
    <message>
        <source>How many…</source>
        <translation>Wie viele…</translation>
    </message>
    <message>
        <source>A list of names…</source>
        <translation>Eine Liste von Namen…</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Nearer to the first</source>
        <translation>Näher zum ersten</translation>
    </message>
    <message>
        <source>Nearer to the last</source>
        <translation>Näher zum letzten</translation>
    </message>
    <message>
        <source>New orders are cut from the first film, then from the others of its kind: put leftovers and what you like least first.</source>
        <translation>Neue Aufträge werden aus der ersten Folie geschnitten, dann aus den anderen ihrer Art: Reste, und was Sie am wenigsten mögen, zuerst.</translation>
    </message>
    <message>
        <source>New orders are cut on the first cutter.</source>
        <translation>Neue Aufträge werden auf dem ersten Plotter geschnitten.</translation>
    </message>
    <message>
        <source>New orders are laid with the first tape.</source>
        <translation>Neue Aufträge werden mit dem ersten Band übertragen.</translation>
    </message>
    <message>
        <source>New orders are etched with the first cream. Its label and its safety data sheet come first.</source>
        <translation>Neue Aufträge werden mit der ersten Creme geätzt. Ihr Etikett und ihr Sicherheitsdatenblatt gehen vor.</translation>
    </message>
    <message>
        <source>How well glasses are measured, and what your time is worth.</source>
        <translation>Wie genau Gläser gemessen werden, und was Ihre Zeit wert ist.</translation>
    </message>
    <message>
        <source>Films</source>
        <translation>Folien</translation>
    </message>
    <message>
        <source>Cutters</source>
        <translation>Plotter</translation>
    </message>
    <message>
        <source>Tapes</source>
        <translation>Bänder</translation>
    </message>
    <message>
        <source>Creams</source>
        <translation>Cremes</translation>
    </message>
    <message>
        <source>Tools and time</source>
        <translation>Werkzeug und Zeit</translation>
    </message>
    <message>
        <source>What you own of this kind</source>
        <translation>Was Ihnen von dieser Art gehört</translation>
    </message>
    <message>
        <source>Add another like it</source>
        <translation>Noch so eines dazu</translation>
    </message>
    <message>
        <source>Use it first</source>
        <translation>Zuerst benutzen</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>{line} (in use)</source>
        <translation>{line} (in Gebrauch)</translation>
    </message>
    <message>
        <source>Its art apart from {all}</source>
        <translation>Sein Motiv getrennt von {all}</translation>
    </message>
    <message>
        <source>Share the art of</source>
        <translation>Das Motiv teilen mit</translation>
    </message>
    <message>
        <source>Rename the piece</source>
        <translation>Das Stück umbenennen</translation>
    </message>
    <message>
        <source>What it is called:</source>
        <translation>Wie es heißt:</translation>
    </message>
    <message>
        <source>How many glasses of this piece:</source>
        <translation>Wie viele Gläser von diesem Stück:</translation>
    </message>
    <message>
        <source>Add the pieces of an order</source>
        <translation>Die Stücke eines Auftrags hinzufügen</translation>
    </message>
    <message>
        <source>Row {at}: {says}</source>
        <translation>Zeile {at}: {says}</translation>
    </message>
    <message>
        <source>Nothing to watch.</source>
        <translation>Nichts zu beachten.</translation>
    </message>
    <message>
        <source>{words}, this row</source>
        <translation>{words}, diese Zeile</translation>
    </message>
    <message>
        <source>{words}, all rows</source>
        <translation>{words}, alle Zeilen</translation>
    </message>
    <message>
        <source>How large each name is</source>
        <translation>Wie groß jeder Name ist</translation>
    </message>
    <message>
        <source>Capitals alike</source>
        <translation>Großbuchstaben gleich</translation>
    </message>
    <message>
        <source>All as wide</source>
        <translation>Alle gleich breit</translation>
    </message>
    <message>
        <source>Long ones narrowed</source>
        <translation>Lange schmäler</translation>
    </message>
    <message>
        <source>Height of the capitals</source>
        <translation>Höhe der Großbuchstaben</translation>
    </message>
    <message>
        <source>Narrowed by at most</source>
        <translation>Schmäler um höchstens</translation>
    </message>
    <message>
        <source>Short names come out narrow, long ones wide.</source>
        <translation>Kurze Namen werden schmal, lange breit.</translation>
    </message>
    <message>
        <source>Short names come out large, long ones small.</source>
        <translation>Kurze Namen werden groß, lange klein.</translation>
    </message>
    <message>
        <source>Capitals alike; what is too long is pressed together, never more than so much.</source>
        <translation>Großbuchstaben gleich; was zu lang ist, wird zusammengedrückt, nie mehr als so viel.</translation>
    </message>
    <message>
        <source>not worked out yet</source>
        <translation>noch nicht berechnet</translation>
    </message>
    <message>
        <source>something to watch</source>
        <translation>etwas zu beachten</translation>
    </message>
    <message>
        <source>something to mend</source>
        <translation>etwas auszubessern</translation>
    </message>
    <message numerus="yes">
        <source>{n} names</source>
        <comment>{n} name</comment>
        <translation>
            <numerusform>{n} Name</numerusform>
            <numerusform>{n} Namen</numerusform>
        </translation>
    </message>
    <message>
        <source>{names}, {glasses} glasses</source>
        <translation>{names}, {glasses} Gläser</translation>
    </message>
    <message>
        <source>{count} glasses</source>
        <translation>{count} Gläser</translation>
    </message>
    <message>
        <source>1 glass</source>
        <translation>1 Glas</translation>
    </message>
    <message>
        <source>Piece {number}: {name}, {many}, {state}</source>
        <translation>Stück {number}: {name}, {many}, {state}</translation>
    </message>
    <message>
        <source>Pieces of the order</source>
        <translation>Stücke des Auftrags</translation>
    </message>
    <message>
        <source>stencil film</source>
        <translation>Schablonenfolie</translation>
    </message>
    <message>
        <source>removable</source>
        <translation>ablösbar</translation>
    </message>
    <message>
        <source>permanent</source>
        <translation>permanent</translation>
    </message>
    <message>
        <source>shelf liner</source>
        <translation>Regalfolie</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>laut</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>quiet</source>
        <translation>leise</translation>
    </message>
    <message>
        <source>flash only</source>
        <translation>nur Blinken</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>as the desktop</source>
        <translation>wie der Desktop</translation>
    </message>
    <message>
        <source>Width of its mat or roll</source>
        <translation>Breite seiner Matte oder Rolle</translation>
    </message>
    <message>
        <source>Length of its mat</source>
        <translation>Länge seiner Matte</translation>
    </message>
    <message>
        <source>Thinnest web it keeps</source>
        <translation>Dünnster Steg, den sie hält</translation>
    </message>
    <message>
        <source>not known</source>
        <comment>a day</comment>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>a day like {day} was wanted, got &apos;{text}&apos;</source>
        <translation>ein Tag wie {day} wurde erwartet, nicht &apos;{text}&apos;</translation>
    </message>
    <message>
        <source>Its colour…</source>
        <translation>Ihre Farbe…</translation>
    </message>
    <message>
        <source>How wide it is</source>
        <translation>Wie breit sie ist</translation>
    </message>
    <message>
        <source>How much of its length is left</source>
        <translation>Wie viel von ihrer Länge noch da ist</translation>
    </message>
    <message>
        <source>What a metre costs, in your money</source>
        <translation>Was ein Meter kostet, in Ihrem Geld</translation>
    </message>
    <message>
        <source>Narrowest opening it keeps</source>
        <translation>Schmalste Öffnung, die sie hält</translation>
    </message>
    <message>
        <source>How much it gives, where you found out</source>
        <translation>Wie viel sie nachgibt, falls herausgefunden</translation>
    </message>
    <message>
        <source>usual</source>
        <comment>a film</comment>
        <translation>üblich</translation>
    </message>
    <message>
        <source>Force it is cut with</source>
        <translation>Kraft, mit der sie geschnitten wird</translation>
    </message>
    <message>
        <source>not tried</source>
        <translation>nicht erprobt</translation>
    </message>
    <message>
        <source>Speed of cutting</source>
        <translation>Geschwindigkeit beim Schneiden</translation>
    </message>
    <message>
        <source>Stencils may be turned on it</source>
        <translation>Schablonen dürfen darauf gedreht werden</translation>
    </message>
    <message>
        <source>as it suits</source>
        <translation>wie es passt</translation>
    </message>
    <message>
        <source>by quarters</source>
        <translation>um Vierteldrehungen</translation>
    </message>
    <message>
        <source>not: it has a grain</source>
        <translation>gar nicht: Sie hat eine Laufrichtung</translation>
    </message>
    <message>
        <source>Width of the mat or roll</source>
        <translation>Breite der Matte oder Rolle</translation>
    </message>
    <message>
        <source>Length of the mat</source>
        <translation>Länge der Matte</translation>
    </message>
    <message>
        <source>Left free along its edges</source>
        <translation>An ihren Rändern frei gelassen</translation>
    </message>
    <message>
        <source>Speed with the blade up</source>
        <translation>Geschwindigkeit mit gehobener Klinge</translation>
    </message>
    <message>
        <source>Take those of your workshop</source>
        <translation>Die Ihrer Werkstatt nehmen</translation>
    </message>
    <message>
        <source>Width of the mat</source>
        <translation>Breite der Matte</translation>
    </message>
    <message>
        <source>Edge left free</source>
        <translation>Freier Rand</translation>
    </message>
    <message>
        <source>Cut from: {all}{more}.</source>
        <translation>Geschnitten aus: {all}{more}.</translation>
    </message>
    <message>
        <source>No film is named: pieces as large as the mat are taken, as many as are wanted.</source>
        <translation>Keine Folie ist genannt: Es werden Stücke so groß wie die Matte genommen, so viele wie nötig.</translation>
    </message>
    <message>
        <source>Turning on the film</source>
        <translation>Drehen auf der Folie</translation>
    </message>
    <message>
        <source>it is cut from that film and on that cutter already</source>
        <translation>er wird schon aus dieser Folie und auf diesem Plotter geschnitten</translation>
    </message>
    <message>
        <source>Film and cutter</source>
        <translation>Folie und Plotter</translation>
    </message>
    <message>
        <source>{name}, {wide} wide, {long} long</source>
        <translation>{name}, {wide} breit, {long} lang</translation>
    </message>
    <message>
        <source>What its blade has cut; 0 for a new one</source>
        <translation>Was seine Klinge geschnitten hat; 0 für eine neue</translation>
    </message>
    <message>
        <source>Width of your tape</source>
        <translation>Breite Ihres Bandes</translation>
    </message>
    <message>
        <source>It is clear: you see the place through it</source>
        <translation>Es ist klar: Sie sehen den Platz hindurch</translation>
    </message>
    <message>
        <source>Opened on</source>
        <translation>Geöffnet am</translation>
    </message>
    <message>
        <source>Left in the pot</source>
        <translation>Noch im Topf</translation>
    </message>
    <message>
        <source>What a full pot costs, in your money</source>
        <translation>Was ein voller Topf kostet, in Ihrem Geld</translation>
    </message>
    <message>
        <source>Times it was scraped back and used again</source>
        <translation>Wie oft sie abgeschabt und wieder benutzt wurde</translation>
    </message>
    <message>
        <source>Girths are measured with</source>
        <translation>Umfänge werden gemessen mit</translation>
    </message>
    <message>
        <source>Heights are measured with</source>
        <translation>Höhen werden gemessen mit</translation>
    </message>
    <message>
        <source>Least border of film</source>
        <translation>Kleinster Folienrand</translation>
    </message>
    <message>
        <source>What an hour of your hands is worth, in your money</source>
        <translation>Was eine Stunde Ihrer Hände wert ist, in Ihrem Geld</translation>
    </message>
    <message>
        <source>Border of film</source>
        <translation>Folienrand</translation>
    </message>
    <message>
        <source>1  How do you measure?</source>
        <translation>1  Wie messen Sie?</translation>
    </message>
    <message>
        <source>Lengths</source>
        <translation>Längen</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>2  What cuts for you?</source>
        <translation>2  Was schneidet für Sie?</translation>
    </message>
    <message>
        <source>It takes</source>
        <translation>Er nimmt</translation>
    </message>
    <message>
        <source>a mat</source>
        <translation>eine Matte</translation>
    </message>
    <message>
        <source>a roll</source>
        <translation>eine Rolle</translation>
    </message>
    <message>
        <source>3  Which film?</source>
        <translation>3  Welche Folie?</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>4  Tape, border, distance</source>
        <translation>4  Band, Rand, Abstand</translation>
    </message>
    <message>
        <source>5  Which cream?</source>
        <translation>5  Welche Creme?</translation>
    </message>
    <message>
        <source>A full pot holds</source>
        <translation>Ein voller Topf fasst</translation>
    </message>
    <message>
        <source>It costs</source>
        <translation>Er kostet</translation>
    </message>
    <message>
        <source>The bell of clocks</source>
        <translation>Der Ton der Uhren</translation>
    </message>
    <message>
        <source>Its label and its safety data sheet come first.</source>
        <translation>Ihr Etikett und ihr Sicherheitsdatenblatt gehen vor.</translation>
    </message>
    <message>
        <source>How it looks, from the next start</source>
        <translation>Wie es aussieht, ab dem nächsten Start</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Size of writing</source>
        <translation>Schriftgröße</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>New orders begin from this. Leave alone what you do not know.</source>
        <translation>Neue Aufträge beginnen hiermit. Was Sie nicht wissen, einfach lassen.</translation>
    </message>
    <message>
        <source>All that you own…</source>
        <translation>Alles, was Ihnen gehört…</translation>
    </message>
    <message>
        <source>several films, cutters, tapes and creams; what is left of them, and what they cost</source>
        <translation>mehrere Folien, Plotter, Bänder und Cremes; was von ihnen noch da ist, und was sie kosten</translation>
    </message>
    <message>
        <source>Make the order in hand so</source>
        <translation>Den Auftrag in der Hand so machen</translation>
    </message>
    <message>
        <source>its cutter and film, tape, cream, borders and limits become those of the workshop; it can be undone</source>
        <translation>sein Plotter und seine Folie, Band, Creme, Ränder und Grenzen werden die der Werkstatt; es lässt sich rückgängig machen</translation>
    </message>
    <message>
        <source>As the workshop is</source>
        <translation>Wie die Werkstatt ist</translation>
    </message>
    <message>
        <source>It is so from the next start.</source>
        <translation>So ist es ab dem nächsten Start.</translation>
    </message>
    <message>
        <source>The recipe it is used by</source>
        <translation>Das Rezept, nach dem sie benutzt wird</translation>
    </message>
    <message>
        <source>Minutes its label says</source>
        <translation>Minuten laut Etikett</translation>
    </message>
    <message>
        <source>The workshop: {error}</source>
        <translation>Die Werkstatt: {error}</translation>
    </message>
    <message>
        <source>; and {said} more</source>
        <translation>; und {said} weitere</translation>
    </message>
    <message>
        <source>The order in hand differs: {all}{more}.</source>
        <translation>Der Auftrag in der Hand weicht ab: {all}{more}.</translation>
    </message>
    <message>
        <source>The order in hand is made as the workshop is now.</source>
        <translation>Der Auftrag in der Hand ist, wie die Werkstatt jetzt ist.</translation>
    </message>
    <message>
        <source>Measure again: type 85 for the rim, and see the fan below follow. A millimetre at the rim is a crooked stencil.</source>
        <translation>Noch einmal messen: für den Glasrand 85 eingeben und sehen, wie der Fächer unten folgt. Ein Millimeter am Rand ist eine schiefe Schablone.</translation>
    </message>
    <message>
        <source>Choose the words in the list, and type your own in their place.</source>
        <translation>In der Liste die Wörter wählen und die eigenen an ihre Stelle schreiben.</translation>
    </message>
    <message>
        <source>Drag the art on the glass, or type how far below the rim it hangs.</source>
        <translation>Das Motiv auf dem Glas ziehen, oder eingeben, wie weit unter dem Rand es hängt.</translation>
    </message>
    <message>
        <source>Something here would tear. Take one of the remedies it offers: point at it first, and see what it would do.</source>
        <translation>Hier würde etwas reißen. Eine der angebotenen Abhilfen nehmen: erst darauf zeigen und sehen, was sie täte.</translation>
    </message>
    <message>
        <source>See the blade&apos;s way before it cuts: press the trial.</source>
        <translation>Den Weg der Klinge sehen, bevor sie schneidet: die Probe drücken.</translation>
    </message>
    <message>
        <source>Weed {bits} bits: the amber one, from its dot the way the arrow shows. Press space at each.</source>
        <translation>{bits} Teile entgittern: das bernsteinfarbene, von seinem Punkt in Richtung des Pfeils. Bei jedem die Leertaste drücken.</translation>
    </message>
    <message>
        <source>Read where the film goes on this glass, and do the first step.</source>
        <translation>Lesen, wohin die Folie auf diesem Glas kommt, und den ersten Schritt tun.</translation>
    </message>
    <message>
        <source>Choose another recipe, and see what it does to the evening. The label on your own pot comes before either.</source>
        <translation>Ein anderes Rezept wählen und sehen, was es mit dem Abend macht. Das Etikett auf Ihrem eigenen Topf geht beiden vor.</translation>
    </message>
    <message>
        <source>Say how it came out, and write it down. From six pieces on, the book advises.</source>
        <translation>Angeben, wie es herauskam, und es aufschreiben. Ab sechs Stücken gibt das Buch Rat.</translation>
    </message>
    <message>
        <source>that was all nine: begin a piece of your own with Order, or go on here as you like</source>
        <translation>das waren alle neun: mit Auftrag ein eigenes Stück beginnen, oder hier weitermachen, wie Sie mögen</translation>
    </message>
    <message>
        <source>the practice run waits here: the Order menu brings it back</source>
        <translation>der Übungslauf wartet hier: das Menü Auftrag holt ihn zurück</translation>
    </message>
    <message>
        <source>Show me where</source>
        <translation>Zeigen, wo</translation>
    </message>
    <message>
        <source>Skip it</source>
        <translation>Auslassen</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>{at} of {all}</source>
        <translation>{at} von {all}</translation>
    </message>
    <message>
        <source>{what} is being printed: wait a moment</source>
        <translation>{what} wird gerade gedruckt: einen Augenblick bitte</translation>
    </message>
    <message>
        <source>Print {what} at 100 %</source>
        <translation>{what} mit 100 % drucken</translation>
    </message>
    <message>
        <source>{what} is worked out for the printer</source>
        <translation>{what} wird für den Drucker ausgearbeitet</translation>
    </message>
    <message>
        <source>{what}: printing is stopped</source>
        <translation>{what}: das Drucken ist abgebrochen</translation>
    </message>
    <message numerus="yes">
        <source>{what} has {n} pages: none of those you chose is among them</source>
        <comment>{what} has {n} page: none of those you chose is among them</comment>
        <translation>
            <numerusform>{what} hat {n} Seite: Keine der gewählten ist darunter</numerusform>
            <numerusform>{what} hat {n} Seiten: Keine der gewählten ist darunter</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{what}: {n} pages are printed</source>
        <comment>{what}: {n} page is printed</comment>
        <translation>
            <numerusform>{what}: {n} Seite ist gedruckt</numerusform>
            <numerusform>{what}: {n} Seiten sind gedruckt</numerusform>
        </translation>
    </message>
    <message>
        <source>{what} could not be printed by the printer you chose: {why}</source>
        <translation>{what} konnte auf dem gewählten Drucker nicht gedruckt werden: {why}</translation>
    </message>
    <message>
        <source>{what} could not be printed to its end</source>
        <translation>{what} konnte nicht zu Ende gedruckt werden</translation>
    </message>
    <message>
        <source>{what}: page {page} of {pages} is printed</source>
        <translation>{what}: Seite {page} von {pages} ist gedruckt</translation>
    </message>
    <message>
        <source>it takes nothing: is it there, switched on, or its file in a place that can be written?</source>
        <translation>er nimmt nichts an: Ist er da und eingeschaltet, oder kann seine Datei dort geschrieben werden?</translation>
    </message>
    <message>
        <source> (unsaved)</source>
        <translation> (nicht gesichert)</translation>
    </message>
    <message>
        <source>{called}{name}{unsaved} - Vitrograph</source>
        <translation>{called}{name}{unsaved} - Vitrograph</translation>
    </message>
    <message>
        <source>Stencil</source>
        <translation>Schablone</translation>
    </message>
    <message>
        <source>Film stays where it is coloured. Click a finding to see its place. Point at a remedy to see what it would do.</source>
        <translation>Folie bleibt, wo es farbig ist. Auf einen Befund klicken, um seinen Ort zu sehen. Auf eine Abhilfe zeigen, um zu sehen, was sie täte.</translation>
    </message>
    <message>
        <source>Border, at least</source>
        <translation>Folienrand, mindestens</translation>
    </message>
    <message>
        <source>Film between openings, at least</source>
        <translation>Folie zwischen Öffnungen, mindestens</translation>
    </message>
    <message>
        <source>Openings, at least</source>
        <translation>Öffnungen, mindestens</translation>
    </message>
    <message>
        <source>An island a finger holds</source>
        <translation>Eine Insel, die ein Finger hält</translation>
    </message>
    <message>
        <source>Islands and ties</source>
        <translation>Inseln und Haltestege</translation>
    </message>
    <message>
        <source>The work</source>
        <translation>Die Arbeit</translation>
    </message>
    <message>
        <source>The seal</source>
        <translation>Die Dichtkante</translation>
    </message>
    <message>
        <source>Edge, marks and tape</source>
        <translation>Kante, Marken und Band</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>Film that seals beside an opening</source>
        <translation>Folie, die neben einer Öffnung dichtet</translation>
    </message>
    <message>
        <source>Common practice; change them to suit your film and hand.</source>
        <translation>Übliche Erfahrung; nach Ihrer Folie und Hand ändern.</translation>
    </message>
    <message>
        <source>Least border</source>
        <translation>Kleinster Folienrand</translation>
    </message>
    <message>
        <source>Least web</source>
        <translation>Kleinster Steg</translation>
    </message>
    <message>
        <source>Least opening</source>
        <translation>Kleinste Öffnung</translation>
    </message>
    <message>
        <source>Width of the seal</source>
        <translation>Breite der Abdichtung</translation>
    </message>
    <message>
        <source>Least island</source>
        <translation>Kleinste Insel</translation>
    </message>
    <message>
        <source>Nothing to watch: it can be cut.</source>
        <translation>Nichts zu beachten: es kann geschnitten werden.</translation>
    </message>
    <message>
        <source>Mend all…</source>
        <translation>Alles ausbessern…</translation>
    </message>
    <message>
        <source>Work out the fewest mends, and show them</source>
        <translation>Die wenigsten Ausbesserungen berechnen und zeigen</translation>
    </message>
    <message>
        <source>Take back all mends</source>
        <translation>Alle Ausbesserungen zurücknehmen</translation>
    </message>
    <message>
        <source>It could not be worked out: {why}.</source>
        <translation>Es ließ sich nicht berechnen: {why}.</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>Rechnet…</translation>
    </message>
    <message>
        <source> What is left is too fine for this size: make the art larger, or take the detail out.</source>
        <translation> Was übrig ist, ist für diese Größe zu fein: das Motiv größer machen oder die Einzelheit herausnehmen.</translation>
    </message>
    <message>
        <source>Or {length} wide: nothing fails</source>
        <translation>Oder {length} breit: ohne Mängel</translation>
    </message>
    <message>
        <source>Mend all</source>
        <translation>Alles ausbessern</translation>
    </message>
    <message>
        <source>Larger, so that nothing fails</source>
        <translation>Größer, sodass nichts Mängel hat</translation>
    </message>
    <message>
        <source>Take back all mends ({mends})</source>
        <translation>Alle Ausbesserungen zurücknehmen ({mends})</translation>
    </message>
    <message>
        <source>Mend all {failing}…</source>
        <translation>Alle {failing} ausbessern…</translation>
    </message>
    <message>
        <source>Mend it…</source>
        <translation>Ausbessern…</translation>
    </message>
    <message>
        <source>Mended {times}: openings {drawn} as drawn, {cut} as cut ({sign}{more}).</source>
        <translation>{times} ausgebessert: Öffnungen {drawn} wie gezeichnet, {cut} wie geschnitten ({sign}{more}).</translation>
    </message>
    <message numerus="yes">
        <source>{n} times</source>
        <comment>once</comment>
        <translation>
            <numerusform>Einmal</numerusform>
            <numerusform>{n} Mal</numerusform>
        </translation>
    </message>
    <message>
        <source>The openings are weeded and frosted; the film round them guards the glass.</source>
        <translation>Die Öffnungen werden entgittert und matt; die Folie darum schützt das Glas.</translation>
    </message>
    <message>
        <source>A ground round the art is frosted; the art stays clear.</source>
        <translation>Ein Grund um das Motiv wird matt; das Motiv bleibt klar.</translation>
    </message>
    <message>
        <source>The film of the art stays on the glass for good; all the rest is weeded. Nothing is etched.</source>
        <translation>Die Folie des Motivs bleibt für immer auf dem Glas; alles Übrige wird entgittert. Geätzt wird nichts.</translation>
    </message>
    <message>
        <source>frosted art</source>
        <translation>mattes Motiv</translation>
    </message>
    <message>
        <source>clear on frost</source>
        <translation>klar auf matt</translation>
    </message>
    <message>
        <source>film stays</source>
        <translation>Folie bleibt</translation>
    </message>
    <message>
        <source>The frosted ground</source>
        <translation>Der matte Grund</translation>
    </message>
    <message>
        <source>round the art</source>
        <translation>um das Motiv</translation>
    </message>
    <message>
        <source>Ground beyond the art</source>
        <translation>Grund über das Motiv hinaus</translation>
    </message>
    <message>
        <source>Kind of stencil</source>
        <translation>Art der Schablone</translation>
    </message>
    <message>
        <source>Frosted ground</source>
        <translation>Matter Grund</translation>
    </message>
    <message>
        <source>all sides alike</source>
        <translation>alle Seiten gleich</translation>
    </message>
    <message>
        <source>each side its own</source>
        <translation>jede Seite eigens</translation>
    </message>
    <message>
        <source>Film at the {side} side</source>
        <translation>Folie {side}</translation>
    </message>
    <message>
        <source>Border at each side</source>
        <translation>Folienrand an jeder Seite</translation>
    </message>
    <message>
        <source>Border, {side} side</source>
        <translation>Folienrand, {side}</translation>
    </message>
    <message>
        <source>Surplus round the art</source>
        <translation>Überschuss um das Motiv</translation>
    </message>
    <message>
        <source>The glass has room for: {rooms}.</source>
        <translation>Das Glas hat Platz für: {rooms}.</translation>
    </message>
    <message>
        <source>The film&apos;s edge follows</source>
        <translation>Die Folienkante folgt</translation>
    </message>
    <message>
        <source>the glass</source>
        <translation>dem Glas</translation>
    </message>
    <message>
        <source>a rectangle</source>
        <translation>einem Rechteck</translation>
    </message>
    <message>
        <source>a circle or oval</source>
        <translation>einem Kreis oder Oval</translation>
    </message>
    <message>
        <source>Corners rounded by</source>
        <translation>Ecken gerundet um</translation>
    </message>
    <message>
        <source>A tab to lift it by</source>
        <translation>Eine Lasche zum Anheben</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>at the left side</source>
        <translation>an der linken Seite</translation>
    </message>
    <message>
        <source>at the lower side</source>
        <translation>an der unteren Seite</translation>
    </message>
    <message>
        <source>at the right side</source>
        <translation>an der rechten Seite</translation>
    </message>
    <message>
        <source>at the upper side</source>
        <translation>an der oberen Seite</translation>
    </message>
    <message>
        <source>Ticks, level line, arrow and name</source>
        <translation>Striche, Waagerechte, Pfeil und Name</translation>
    </message>
    <message>
        <source>on paper</source>
        <translation>auf Papier</translation>
    </message>
    <message>
        <source>cut too</source>
        <translation>auch geschnitten</translation>
    </message>
    <message>
        <source>Glass guarded round the openings</source>
        <translation>Glas um die Öffnungen geschützt</translation>
    </message>
    <message>
        <source>Masking tape, wide</source>
        <translation>Kreppband, breit</translation>
    </message>
    <message>
        <source>Film&apos;s edge</source>
        <translation>Folienkante</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>Guard</source>
        <translation>Schutz</translation>
    </message>
    <message>
        <source>Masking tape</source>
        <translation>Kreppband</translation>
    </message>
    <message>
        <source>Tape makes up the rest: {all}; about {length} of it, hatched on the sheet.</source>
        <translation>Den Rest deckt Band: {all}; etwa {length} davon, auf dem Bogen schraffiert.</translation>
    </message>
    <message>
        <source>The film alone guards that much.</source>
        <translation>Die Folie allein schützt so weit.</translation>
    </message>
    <message>
        <source>Ties to the film round them</source>
        <translation>Haltestege zur Folie ringsum</translation>
    </message>
    <message>
        <source>placed for me</source>
        <translation>für mich gesetzt</translation>
    </message>
    <message>
        <source>Ties, wide</source>
        <translation>Haltestege, breit</translation>
    </message>
    <message>
        <source>Ties to each island (0: as needed)</source>
        <translation>Haltestege je Insel (0: nach Bedarf)</translation>
    </message>
    <message>
        <source>Place a tie: click an opening on the sheet</source>
        <translation>Einen Haltesteg setzen: auf dem Bogen in eine Öffnung klicken</translation>
    </message>
    <message>
        <source>Drag a tie along its opening to move it; click it and press Delete to take it away.</source>
        <translation>Einen Haltesteg an seiner Öffnung entlang ziehen, um ihn zu verschieben; anklicken und Entf drücken, um ihn wegzunehmen.</translation>
    </message>
    <message>
        <source>Tie width</source>
        <translation>Breite der Haltestege</translation>
    </message>
    <message>
        <source>Ties to each island</source>
        <translation>Haltestege je Insel</translation>
    </message>
    <message>
        <source>Ties by hand</source>
        <translation>Haltestege von Hand</translation>
    </message>
    <message>
        <source>One piece: no tape needed.</source>
        <translation>Ein Stück: kein Band nötig.</translation>
    </message>
    <message>
        <source>Tape is needed.</source>
        <translation>Band ist nötig.</translation>
    </message>
    <message>
        <source>No island is left loose.</source>
        <translation>Keine Insel bleibt lose.</translation>
    </message>
    <message>
        <source>{stay} loose: {all}.</source>
        <translation>{stay} lose: {all}.</translation>
    </message>
    <message>
        <source>Place a tie</source>
        <translation>Einen Haltesteg setzen</translation>
    </message>
    <message>
        <source>Move a tie</source>
        <translation>Einen Haltesteg verschieben</translation>
    </message>
    <message>
        <source>Take a tie away</source>
        <translation>Einen Haltesteg wegnehmen</translation>
    </message>
    <message>
        <source>easy</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>fair</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>fiddly</source>
        <translation>fummelig</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>schwer</translation>
    </message>
    <message>
        <source>Easy work</source>
        <translation>Leichte Arbeit</translation>
    </message>
    <message>
        <source>Fair work</source>
        <translation>Mittlere Arbeit</translation>
    </message>
    <message>
        <source>Fiddly work</source>
        <translation>Fummelige Arbeit</translation>
    </message>
    <message>
        <source>Hard work</source>
        <translation>Schwere Arbeit</translation>
    </message>
    <message>
        <source>Hold this version to compare</source>
        <translation>Diese Fassung zum Vergleichen festhalten</translation>
    </message>
    <message>
        <source>Let the held version go</source>
        <translation>Die festgehaltene Fassung loslassen</translation>
    </message>
    <message>
        <source>Few openings, none of them small or thin.</source>
        <translation>Wenige Öffnungen, keine davon klein oder dünn.</translation>
    </message>
    <message>
        <source>held</source>
        <translation>festgehalten</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>grade</source>
        <translation>Grad</translation>
    </message>
    <message>
        <source>openings to pull</source>
        <translation>Öffnungen zu ziehen</translation>
    </message>
    <message>
        <source>islands</source>
        <translation>Inseln</translation>
    </message>
    <message>
        <source>ties</source>
        <translation>Haltestege</translation>
    </message>
    <message>
        <source>edge to press</source>
        <translation>Kante anzudrücken</translation>
    </message>
    <message>
        <source>frosted</source>
        <translation>matt</translation>
    </message>
    <message>
        <source>smallest opening</source>
        <translation>kleinste Öffnung</translation>
    </message>
    <message>
        <source>failing</source>
        <translation>Mängel</translation>
    </message>
    <message>
        <source>Press and look here first:</source>
        <translation>Hier zuerst drücken und nachsehen:</translation>
    </message>
    <message>
        <source>No place is riskier than the rest.</source>
        <translation>Keine Stelle ist gefährdeter als die übrigen.</translation>
    </message>
    <message>
        <source>{length} of edge, {bench} of film along it. {ends}</source>
        <translation>{length} Kante, {bench} Folie daran entlang. {ends}</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>New, open, save</source>
        <translation>Neu, öffnen, sichern</translation>
    </message>
    <message>
        <source>Name of the order</source>
        <translation>Name des Auftrags</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>another piece for this order</source>
        <translation>ein weiteres Stück für diesen Auftrag</translation>
    </message>
    <message>
        <source>rename, count, copy, share, move or take out the piece in hand; a list of names</source>
        <translation>das Stück in der Hand umbenennen, zählen, kopieren, teilen, verschieben oder herausnehmen; eine Liste von Namen</translation>
    </message>
    <message>
        <source>lengths in mm</source>
        <translation>Längen in mm</translation>
    </message>
    <message>
        <source>lengths in inches</source>
        <translation>Längen in Zoll</translation>
    </message>
    <message>
        <source>Undo {what}</source>
        <translation>Rückgängig: {what}</translation>
    </message>
    <message>
        <source>Redo {what}</source>
        <translation>Wiederherstellen: {what}</translation>
    </message>
    <message>
        <source>all of this order on paper, to work from at the bench</source>
        <translation>dieser ganze Auftrag auf Papier, für die Arbeit an der Werkbank</translation>
    </message>
    <message>
        <source>the film laid out, and a trial</source>
        <translation>die Folie ausgelegt, und eine Probe</translation>
    </message>
    <message>
        <source>{many} pieces   ·   {glasses}</source>
        <translation>{many} Stücke   ·   {glasses}</translation>
    </message>
    <message>
        <source>right of the handle</source>
        <translation>rechts vom Henkel</translation>
    </message>
    <message>
        <source>left of the handle</source>
        <translation>links vom Henkel</translation>
    </message>
    <message>
        <source>right of the seam</source>
        <translation>rechts von der Naht</translation>
    </message>
    <message>
        <source>left of the seam</source>
        <translation>links von der Naht</translation>
    </message>
    <message>
        <source>On the glass. Every edge of every opening is down.</source>
        <translation>Auf dem Glas. Jede Kante jeder Öffnung liegt an.</translation>
    </message>
    <message>
        <source>Collar on paper</source>
        <translation>Manschette auf Papier</translation>
    </message>
    <message>
        <source>a paper ring that hangs on the rim, or a strip for a pane, with windows for the film&apos;s corners</source>
        <translation>ein Papierring, der am Glasrand hängt, oder ein Streifen für eine Scheibe, mit Fenstern für die Ecken der Folie</translation>
    </message>
    <message>
        <source>Way to set it</source>
        <translation>Art zu setzen</translation>
    </message>
    <message>
        <source>Tape on the roll, wide</source>
        <translation>Band auf der Rolle, breit</translation>
    </message>
    <message>
        <source>The tape is clear</source>
        <translation>Das Band ist klar</translation>
    </message>
    <message>
        <source>A piece of tape serves</source>
        <translation>Ein Stück Band dient</translation>
    </message>
    <message>
        <source>Tape beyond the film</source>
        <translation>Band über die Folie hinaus</translation>
    </message>
    <message>
        <source>Tape to hold it by, above</source>
        <translation>Band zum Anfassen, oben</translation>
    </message>
    <message>
        <source>Strips of tape lap by</source>
        <translation>Bandstreifen überlappen um</translation>
    </message>
    <message>
        <source>Films lap by at least</source>
        <translation>Folien überlappen um mindestens</translation>
    </message>
    <message>
        <source>Settles for</source>
        <translation>Setzt sich für</translation>
    </message>
    <message>
        <source>Warmed while it settles</source>
        <translation>Gewärmt, während es sich setzt</translation>
    </message>
    <message>
        <source>Where it goes</source>
        <translation>Wohin es kommt</translation>
    </message>
    <message>
        <source>How it is set</source>
        <translation>Wie es gesetzt wird</translation>
    </message>
    <message>
        <source>Tape width</source>
        <translation>Breite des Bandes</translation>
    </message>
    <message>
        <source>Clear tape</source>
        <translation>Klares Band</translation>
    </message>
    <message>
        <source>Uses of a piece of tape</source>
        <translation>Gebrauch eines Stücks Band</translation>
    </message>
    <message>
        <source>Tape to hold it by</source>
        <translation>Band zum Anfassen</translation>
    </message>
    <message>
        <source>Lap of the strips</source>
        <translation>Überlappung der Streifen</translation>
    </message>
    <message>
        <source>Least lap</source>
        <translation>Kleinste Überlappung</translation>
    </message>
    <message>
        <source>Settling</source>
        <translation>Setzen</translation>
    </message>
    <message>
        <source>Warmed</source>
        <translation>Gewärmt</translation>
    </message>
    <message>
        <source>The way that suits</source>
        <translation>Die passende Art</translation>
    </message>
    <message>
        <source>film {number}, </source>
        <translation>Folie {number}, </translation>
    </message>
    <message>
        <source>from the {side}</source>
        <translation>von: {side}</translation>
    </message>
    <message>
        <source>right of the front mark</source>
        <translation>rechts von der vorderen Marke</translation>
    </message>
    <message>
        <source>left of the front mark</source>
        <translation>links von der vorderen Marke</translation>
    </message>
    <message>
        <source>down to {name}</source>
        <translation>hinab bis: {name}</translation>
    </message>
    <message>
        <source>up from the table</source>
        <translation>vom Tisch hinauf</translation>
    </message>
    <message>
        <source>up from the lower edge</source>
        <translation>von der Unterkante hinauf</translation>
    </message>
    <message>
        <source>water to its lower edge</source>
        <translation>Wasser bis zu ihrer Unterkante</translation>
    </message>
    <message>
        <source>{water:.0f} ml</source>
        <translation>{water:.0f} ml</translation>
    </message>
    <message>
        <source>tape</source>
        <comment>transfer tape</comment>
        <translation>Band</translation>
    </message>
    <message>
        <source>Write the collar</source>
        <translation>Die Manschette schreiben</translation>
    </message>
    <message>
        <source>{length} to the {name}</source>
        <translation>{length} bis: {name}</translation>
    </message>
    <message>
        <source>the front reads {degrees:.0f}°</source>
        <translation>von vorn lesbar: {degrees:.0f}°</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>hinten</translation>
    </message>
    <message>
        <source>eye level</source>
        <translation>Augenhöhe</translation>
    </message>
    <message>
        <source>The glass, seen from the front</source>
        <translation>Das Glas, von vorn gesehen</translation>
    </message>
    <message>
        <source>These readings describe no glass</source>
        <translation>Diese Messungen beschreiben kein Glas</translation>
    </message>
    <message>
        <source>Working it out</source>
        <translation>Rechnet</translation>
    </message>
    <message>
        <source>seen from the front</source>
        <translation>von vorn gesehen</translation>
    </message>
    <message>
        <source>seen from behind</source>
        <translation>von hinten gesehen</translation>
    </message>
    <message>
        <source>turned {turn:.0f}° right</source>
        <translation>{turn:.0f}° nach rechts gedreht</translation>
    </message>
    <message>
        <source>turned {turn:.0f}° left</source>
        <translation>{turn:.0f}° nach links gedreht</translation>
    </message>
    <message>
        <source>, eye level</source>
        <translation>, Augenhöhe</translation>
    </message>
    <message>
        <source>the far side as without refraction</source>
        <translation>die ferne Seite wie ohne Lichtbrechung</translation>
    </message>
    <message>
        <source>drag or {keys} to turn</source>
        <translation>ziehen oder {keys} dreht</translation>
    </message>
    <message>
        <source>drag to turn</source>
        <translation>ziehen dreht</translation>
    </message>
    <message>
        <source>turned {degrees:.0f} degrees</source>
        <translation>um {degrees:.0f} Grad gedreht</translation>
    </message>
    <message>
        <source>The sheet, seen from the film&apos;s coloured face</source>
        <translation>Der Bogen, von der farbigen Seite der Folie gesehen</translation>
    </message>
    <message>
        <source>working it out</source>
        <translation>rechnet</translation>
    </message>
    <message>
        <source>tried, not done: hatched dark would be film, amber would be open</source>
        <translation>versucht, nicht getan: dunkel schraffiert würde Folie, bernstein würde offen</translation>
    </message>
    <message>
        <source>{length} across, {length2} from the {edge}</source>
        <translation>{length} quer, {length2} von: {edge}</translation>
    </message>
    <message>
        <source>Move the art</source>
        <translation>Das Motiv verschieben</translation>
    </message>
    <message>
        <source>Peel the mat from the film, not the film from the mat. Slow, low, in good light. A click ticks a bit.</source>
        <translation>Die Matte von der Folie abziehen, nicht die Folie von der Matte. Langsam, flach, bei gutem Licht. Ein Klick hakt ein Teil ab.</translation>
    </message>
    <message>
        <source>Weeded. Hold it to the light and look for bits missed.</source>
        <translation>Entgittert. Gegen das Licht halten und nach vergessenen Teilen suchen.</translation>
    </message>
    <message>
        <source>Tick off all of it</source>
        <translation>Alles davon abhaken</translation>
    </message>
    <message>
        <source>all bits of the same letter or drawing</source>
        <translation>alle Teile desselben Buchstabens oder derselben Zeichnung</translation>
    </message>
    <message>
        <source>Cut the surplus into parts</source>
        <translation>Den Überschuss in Teile schneiden</translation>
    </message>
    <message>
        <source>What stays</source>
        <translation>Was bleibt</translation>
    </message>
    <message>
        <source>Torn, or lost on the way?</source>
        <translation>Unterwegs gerissen oder verloren?</translation>
    </message>
    <message>
        <source>{islands} islands, in the darker tone: count them.</source>
        <translation>{islands} Inseln, im dunkleren Ton: zählen.</translation>
    </message>
    <message>
        <source>1 island, in the darker tone.</source>
        <translation>1 Insel, im dunkleren Ton.</translation>
    </message>
    <message>
        <source>No islands: the stencil can be lifted as one piece.</source>
        <translation>Keine Inseln: die Schablone lässt sich in einem Stück anheben.</translation>
    </message>
    <message>
        <source>Tick off all of {name}: {alike} bits</source>
        <translation>Alles abhaken von {name}: {alike} Teile</translation>
    </message>
    <message>
        <source>from {ticks} of your own ticks</source>
        <translation>aus {ticks} eigenen Haken</translation>
    </message>
    <message>
        <source>a guess until you have ticked off a dozen</source>
        <translation>geschätzt, bis Sie ein Dutzend abgehakt haben</translation>
    </message>
    <message>
        <source>About {time} min for this one, {known}.</source>
        <translation>Etwa {time} min für diese, {known}.</translation>
    </message>
    <message>
        <source>1 bit you had ticked off has</source>
        <translation>1 Teil, das Sie abgehakt hatten, hat sich</translation>
    </message>
    <message>
        <source>{gone} bits you had ticked off have</source>
        <translation>{gone} Teile, die Sie abgehakt hatten, haben sich</translation>
    </message>
    <message>
        <source>{bits} changed since: what took their place is to be pulled anew.</source>
        <translation>{bits} seither geändert: was an ihre Stelle kam, ist neu zu ziehen.</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>Which bit tore or got lost</source>
        <translation>Welches Teil riss oder verloren ging</translation>
    </message>
    <message>
        <source>Patch</source>
        <translation>Flicken</translation>
    </message>
    <message>
        <source>its outline at true size, to cut a scrap of film by</source>
        <translation>sein Umriss in wahrer Größe, um einen Rest Folie danach zu schneiden</translation>
    </message>
    <message>
        <source>strips of film hold the islands; then cut it again</source>
        <translation>Streifen aus Folie halten die Inseln; dann noch einmal schneiden</translation>
    </message>
    <message>
        <source>Cut again</source>
        <translation>Noch einmal schneiden</translation>
    </message>
    <message>
        <source>this stencil alone, on the cutter named at the cut station</source>
        <translation>nur diese Schablone, auf dem Plotter, der beim Schneiden genannt ist</translation>
    </message>
    <message>
        <source>Write the outline of a patch</source>
        <translation>Den Umriss eines Flickens schreiben</translation>
    </message>
    <message>
        <source>the demo could not be started: run vitrograph demo</source>
        <translation>das Beispiel ließ sich nicht starten: vitrograph demo aufrufen</translation>
    </message>
    <message>
        <source>another window could not be opened: run vitrograph new</source>
        <translation>noch ein Fenster ließ sich nicht öffnen: vitrograph new aufrufen</translation>
    </message>
    <message>
        <source>the cutter cannot follow &apos;{text}&apos;: send HP-GL</source>
        <translation>der Plotter kann „{text}“ nicht folgen: HP-GL senden</translation>
    </message>
    <message>
        <source>{text:.0f} million characters are more than a cutter takes: send one stencil</source>
        <translation>{text:.0f} Millionen Zeichen sind mehr, als ein Plotter nimmt: eine Schablone senden</translation>
    </message>
    <message>
        <source>the cutter cannot follow &apos;{text}&apos; (at character {end}): send HP-GL</source>
        <translation>der Plotter kann „{text}“ nicht folgen (bei Zeichen {end}): HP-GL senden</translation>
    </message>
    <message>
        <source>the cutter does not know the command {command}: use PU, PD, PA and PR</source>
        <translation>der Plotter kennt den Befehl {command} nicht: PU, PD, PA und PR verwenden</translation>
    </message>
    <message>
        <source>{command} goes beyond where any cutter reaches, to &apos;{text}&apos;</source>
        <translation>{command} geht weiter, als irgendein Plotter reicht, bis „{text}“</translation>
    </message>
    <message>
        <source>{command} wants numbers, got &apos;{text}&apos;</source>
        <translation>{command} braucht Zahlen, nicht „{text}“</translation>
    </message>
    <message>
        <source>{command} wants pairs of numbers, got {numbers}</source>
        <translation>{command} braucht Zahlenpaare, nicht {numbers}</translation>
    </message>
    <message>
        <source>{command} goes beyond where any cutter reaches: &apos;{text}&apos;</source>
        <translation>{command} geht weiter, als irgendein Plotter reicht: „{text}“</translation>
    </message>
    <message>
        <source>two numbers like 3:12 were wanted, a stencil and its path, got &apos;{text}&apos;</source>
        <translation>erwartet wurden zwei Zahlen wie 3:12, eine Schablone und ihr Weg, nicht „{text}“</translation>
    </message>
    <message>
        <source>stencil {stencil}, path {path}</source>
        <translation>Schablone {stencil}, Weg {path}</translation>
    </message>
    <message numerus="yes">
        <source>there is no {start}: the film has {n} stencils, and the last path is {path} of its last one</source>
        <comment>there is no {start}: the film has {n} stencil, and the last path is {path} of its last one</comment>
        <translation>
            <numerusform>es gibt nicht: {start}; die Folie hat {n} Schablone, und der letzte Weg ihrer letzten ist {path}</numerusform>
            <numerusform>es gibt nicht: {start}; die Folie hat {n} Schablonen, und der letzte Weg ihrer letzten ist {path}</numerusform>
        </translation>
    </message>
    <message>
        <source>{wrong}; all was cut before</source>
        <translation>{wrong}; vorher war alles geschnitten</translation>
    </message>
    <message>
        <source>{last} is the last that was cut</source>
        <translation>zuletzt geschnitten wurde {last}</translation>
    </message>
    <message>
        <source>nothing was cut</source>
        <translation>geschnitten wurde nichts</translation>
    </message>
    <message>
        <source>{wrong}; {so_far}: if the film has not moved, go on from {place}</source>
        <translation>{wrong}; {so_far}: wenn die Folie sich nicht bewegt hat, weitermachen ab {place}</translation>
    </message>
    <message>
        <source>the cutter answers no more</source>
        <translation>der Plotter antwortet nicht mehr</translation>
    </message>
    <message>
        <source>no cutter answers at {where} ({reason}): is it on, and the number right?</source>
        <translation>an {where} antwortet kein Plotter ({reason}): ist er an, und stimmt die Nummer?</translation>
    </message>
    <message>
        <source>the line to {where} broke ({reason})</source>
        <translation>die Leitung zu {where} brach ab ({reason})</translation>
    </message>
    <message>
        <source>the line to {where} was closed from the other end</source>
        <translation>die Leitung zu {where} wurde vom anderen Ende geschlossen</translation>
    </message>
    <message>
        <source>{where} could not be opened ({reason}): is the cable in, and may you use the port?</source>
        <translation>{where} ließ sich nicht öffnen ({reason}): steckt das Kabel, und dürfen Sie den Anschluss benutzen?</translation>
    </message>
    <message>
        <source>{where} takes no more ({reason})</source>
        <translation>{where} nimmt nichts mehr ({reason})</translation>
    </message>
    <message>
        <source>{path} is there already and holds no cuts: choose another name</source>
        <translation>{path} gibt es schon und enthält keine Schnitte: wählen Sie einen anderen Namen</translation>
    </message>
    <message>
        <source>{path} cannot be written ({reason}): choose another</source>
        <translation>{path} lässt sich nicht schreiben ({reason}): einen anderen wählen</translation>
    </message>
    <message>
        <source>{path} is in use: another window or program is cutting by it</source>
        <translation>{path} ist in Gebrauch: ein anderes Fenster oder Programm schneidet darüber</translation>
    </message>
    <message>
        <source>{path} has taken nothing for {seconds:.0f} s: is the cutter on, and ready?</source>
        <translation>{path} hat {seconds:.0f} s lang nichts genommen: ist der Plotter an und bereit?</translation>
    </message>
    <message>
        <source>{path} takes no more ({reason}): make room</source>
        <translation>{path} nimmt nichts mehr ({reason}): Platz schaffen</translation>
    </message>
    <message>
        <source>&apos;{where}&apos;: a host and a number up to 65535 were wanted, as in tcp:localhost:9100</source>
        <translation>„{where}“: erwartet wurden ein Rechner und eine Zahl bis 65535, wie in tcp:localhost:9100</translation>
    </message>
    <message>
        <source>&apos;{where}&apos;: a speed like 9600 was wanted after the @</source>
        <translation>„{where}“: nach dem @ wurde eine Geschwindigkeit wie 9600 erwartet</translation>
    </message>
    <message>
        <source>&apos;{where}&apos; is no way to a cutter: tcp:HOST:PORT, serial:PATH or file:PATH was wanted</source>
        <translation>„{where}“ ist kein Weg zu einem Plotter: erwartet wurde tcp:HOST:PORT, serial:PATH oder file:PATH</translation>
    </message>
    <message>
        <source>port {number} cannot be had ({strerror}): choose another</source>
        <translation>Anschluss {number} ist nicht zu haben ({strerror}): einen anderen wählen</translation>
    </message>
    <message>
        <source>plan an order&apos;s evening for one pair of hands: nobody late at the rinse</source>
        <translation>den Abend eines Auftrags für ein Paar Hände planen: niemand kommt zu spät zum Spülen</translation>
    </message>
    <message>
        <source>time to spare before clocks; as much as it takes if left out</source>
        <translation>freie Zeit vor Uhren; ohne Angabe so viel wie nötig</translation>
    </message>
    <message>
        <source>planning the evening</source>
        <translation>der Abend wird geplant</translation>
    </message>
    <message>
        <source>what lengths are told in, and typed in where no unit stands by them</source>
        <translation>worin Längen angegeben werden, und eingegeben, wo keine Einheit dabei steht</translation>
    </message>
    <message>
        <source>the order&apos;s file</source>
        <translation>die Datei des Auftrags</translation>
    </message>
    <message>
        <source>any field of the order or of a piece&apos;s design by its path, as fit.across=60mm (docs/formats.md); may be repeated</source>
        <translation>jedes Feld des Auftrags oder des Entwurfs eines Stücks mit seinem Pfad, wie fit.across=60mm (docs/formats.md); darf sich wiederholen</translation>
    </message>
    <message>
        <source>{flag}: an entry&apos;s number was wanted, as &apos;log&apos; shows them, got &apos;{text}&apos;</source>
        <translation>{flag}: erwartet wurde die Nummer eines Eintrags, wie „log“ sie zeigt, nicht „{text}“</translation>
    </message>
    <message>
        <source>measure a photograph of a piece, or of its weeded film, against what was drawn</source>
        <translation>ein Foto eines Stücks oder seiner entgitterten Folie an dem messen, was gezeichnet war</translation>
    </message>
    <message>
        <source>a photograph of the piece on its card</source>
        <translation>ein Foto des Stücks auf seiner Karte</translation>
    </message>
    <message>
        <source>the order the piece is of</source>
        <translation>der Auftrag, von dem das Stück ist</translation>
    </message>
    <message>
        <source>the piece, by its name or number; of a list of names the one, by its own</source>
        <translation>das Stück, mit seinem Namen oder seiner Nummer; aus einer Namensliste das eine, mit dessen eigenem</translation>
    </message>
    <message>
        <source>the weeded film on the glass, before the cream</source>
        <translation>die entgitterte Folie auf dem Glas, vor der Creme</translation>
    </message>
    <message>
        <source>no card: the piece&apos;s own four corners in the picture, in pixels, upper left first and round to the right</source>
        <translation>keine Karte: die vier Ecken des Stücks selbst im Bild, in Pixeln, oben links zuerst und dann rechts herum</translation>
    </message>
    <message>
        <source>write the photograph with what was found drawn on it</source>
        <translation>das Foto schreiben, mit dem Gefundenen darauf gezeichnet</translation>
    </message>
    <message>
        <source>keep it with this entry of the logbook</source>
        <translation>bei diesem Eintrag des Logbuchs aufheben</translation>
    </message>
    <message>
        <source>write the inspection card, to print at true size</source>
        <translation>die Prüfkarte schreiben, zum Drucken in wahrer Größe</translation>
    </message>
    <message>
        <source>the printer&apos;s paper for --card, if not the workshop&apos;s</source>
        <translation>das Papier des Druckers für --card, wenn nicht das der Werkstatt</translation>
    </message>
    <message>
        <source>the inspection card: {card}; print it at 100 %, and measure its line</source>
        <translation>die Prüfkarte: {card}; mit 100 % drucken und ihre Linie messen</translation>
    </message>
    <message>
        <source>inspect: a photograph and --order FILE were wanted, or --card FILE.pdf</source>
        <translation>inspect: erwartet wurden ein Foto und --order FILE, oder --card FILE.pdf</translation>
    </message>
    <message>
        <source>--corners: four places like 120,80;910,95;905,1280;130,1270 were wanted, got &apos;{text}&apos;</source>
        <translation>--corners: erwartet wurden vier Orte wie 120,80;910,95;905,1280;130,1270, nicht „{text}“</translation>
    </message>
    <message>
        <source>install or uninstall was wanted</source>
        <translation>install oder uninstall wird gebraucht</translation>
    </message>
    <message>
        <source>{path} cannot be written ({reason}): make room or give yourself the right to write there</source>
        <translation>{path} kann nicht geschrieben werden ({reason}): Platz schaffen oder sich dort das Recht zu schreiben geben</translation>
    </message>
    <message>
        <source>it</source>
        <translation>es</translation>
    </message>
    <message>
        <source>installed: {launcher}, and an entry in the desktop&apos;s menu; .vitro files open with it</source>
        <translation>eingerichtet: {launcher} und ein Eintrag im Menü des Desktops; .vitro-Dateien öffnen sich damit</translation>
    </message>
    <message>
        <source>{programs} is not on your PATH: add it, or start the program from the menu</source>
        <translation>{programs} steht nicht im PATH: dort eintragen oder das Programm aus dem Menü starten</translation>
    </message>
    <message>
        <source>uninstalled: the launcher, the menu&apos;s entry, the kind of file, the icons, the manual and the completions</source>
        <translation>entfernt: der Starter, der Menüeintrag, die Dateiart, die Symbole, das Handbuch und die Vervollständigungen</translation>
    </message>
    <message>
        <source>what you made stays: {place}</source>
        <translation>was gemacht wurde, bleibt: {place}</translation>
    </message>
    <message>
        <source>no room</source>
        <translation>kein Platz</translation>
    </message>
    <message>
        <source>the logbook: list, search, add, read and write it</source>
        <translation>das Logbuch: zeigen, suchen, hinzufügen, lesen und schreiben</translation>
    </message>
    <message>
        <source>write an entry, as job=&apos;Kestrel mug&apos; minutes=12 outcome=&apos;5 good, 1 faint&apos;; with --order the rest writes itself</source>
        <translation>einen Eintrag schreiben, als job=&apos;Kestrel-Becher&apos; minutes=12 outcome=&apos;5 good, 1 faint&apos;; mit --order schreibt sich der Rest von selbst</translation>
    </message>
    <message>
        <source>take over the entries of a CSV or JSON file, or a spreadsheet (XLSX, ODS)</source>
        <translation>die Einträge einer CSV- oder JSON-Datei oder einer Tabelle (XLSX, ODS) übernehmen</translation>
    </message>
    <message>
        <source>take an entry out</source>
        <translation>einen Eintrag herausnehmen</translation>
    </message>
    <message>
        <source>write the entry again that was taken out last</source>
        <translation>den zuletzt herausgenommenen Eintrag wieder eintragen</translation>
    </message>
    <message>
        <source>write the order of an entry as it was made, to --out</source>
        <translation>den Auftrag eines Eintrags, wie er gemacht wurde, nach --out schreiben</translation>
    </message>
    <message>
        <source>where two entries differ</source>
        <translation>worin zwei Einträge sich unterscheiden</translation>
    </message>
    <message>
        <source>what it came to: pieces, hours, cream and cost a month, and how pieces failed</source>
        <translation>was es ergab: Stücke, Stunden, Creme und Kosten im Monat, und wie Stücke misslangen</translation>
    </message>
    <message>
        <source>pieces by what they have in common</source>
        <translation>Stücke nach dem, was sie gemeinsam haben</translation>
    </message>
    <message>
        <source>which faults go with what</source>
        <translation>welche Fehler womit zusammengehen</translation>
    </message>
    <message>
        <source>a year on paper, to --out (PDF)</source>
        <translation>ein Jahr auf Papier, nach --out (PDF)</translation>
    </message>
    <message>
        <source>the order an entry is of</source>
        <translation>der Auftrag, von dem ein Eintrag ist</translation>
    </message>
    <message>
        <source>which piece of it, by its name or number; all of them where it is left out</source>
        <translation>welches Stück davon, mit Namen oder Nummer; ohne Angabe alle</translation>
    </message>
    <message>
        <source>the file that --again or --year is written into</source>
        <translation>die Datei, in die --again oder --year geschrieben wird</translation>
    </message>
    <message>
        <source>entries that hold all these words</source>
        <translation>Einträge, die alle diese Wörter enthalten</translation>
    </message>
    <message>
        <source>entries made with this cream</source>
        <translation>Einträge, die mit dieser Creme gemacht sind</translation>
    </message>
    <message>
        <source>entries on this kind of glass</source>
        <translation>Einträge auf dieser Art Glas</translation>
    </message>
    <message>
        <source>entries of which any piece came out so</source>
        <translation>Einträge, von denen ein Stück so herauskam</translation>
    </message>
    <message>
        <source>entries of that day and later, as 2026-03-01</source>
        <translation>Einträge von diesem Tag an, als 2026-03-01</translation>
    </message>
    <message>
        <source>entries of that day and before</source>
        <translation>Einträge bis zu diesem Tag</translation>
    </message>
    <message>
        <source>which entries come first</source>
        <translation>welche Einträge zuerst kommen</translation>
    </message>
    <message>
        <source>another logbook than your own</source>
        <translation>ein anderes Logbuch als Ihr eigenes</translation>
    </message>
    <message>
        <source>how long a cream should stand, from your own pieces</source>
        <translation>wie lange eine Creme stehen soll, nach Ihren eigenen Stücken</translation>
    </message>
    <message>
        <source>the cream, as you call it</source>
        <translation>die Creme, wie Sie sie nennen</translation>
    </message>
    <message>
        <source>on this glass; on whatever glass where it is left out</source>
        <translation>auf diesem Glas; ohne Angabe auf jedem Glas</translation>
    </message>
    <message>
        <source>{flag}: a day like 2026-11-28 was wanted, got &apos;{text}&apos;</source>
        <translation>{flag}: erwartet wurde ein Tag wie 2026-11-28, nicht „{text}“</translation>
    </message>
    <message>
        <source>nothing was found</source>
        <translation>es wurde nichts gefunden</translation>
    </message>
    <message>
        <source>; the first {found} are listed</source>
        <translation>; die ersten {found} sind gelistet</translation>
    </message>
    <message>
        <source>taken over: {all}</source>
        <translation>übernommen: {all}</translation>
    </message>
    <message>
        <source>put back: {line}</source>
        <translation>wieder eingetragen: {line}</translation>
    </message>
    <message numerus="yes">
        <source>{month}: {n} pieces, {failed} not good; {hours:.1f} h of hands, {grams:.0f} g of cream, cost {cost:.2f}</source>
        <comment>{month}: {n} piece, {failed} not good; {hours:.1f} h of hands, {grams:.0f} g of cream, cost {cost:.2f}</comment>
        <translation>
            <numerusform>{month}: {n} Stück, {failed} nicht gut; {hours:.1f} h der Hände, {grams:.0f} g Creme, Kosten {cost:.2f}</numerusform>
            <numerusform>{month}: {n} Stücke, {failed} nicht gut; {hours:.1f} h der Hände, {grams:.0f} g Creme, Kosten {cost:.2f}</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>{n} entries of {year}: {out}</source>
        <comment>{n} entry of {year}: {out}</comment>
        <translation>
            <numerusform>{n} Eintrag aus {year}: {out}</numerusform>
            <numerusform>{n} Einträge aus {year}: {out}</numerusform>
        </translation>
    </message>
    <message>
        <source>--add: one of {all} … = a value was wanted, got &apos;{word}&apos;; &apos;log --csv&apos; shows all names</source>
        <translation>--add: erwartet wurde eines von {all} … = ein Wert, nicht „{word}“; „log --csv“ zeigt alle Namen</translation>
    </message>
    <message>
        <source>taken out: {line}</source>
        <translation>herausgenommen: {line}</translation>
    </message>
    <message>
        <source>no order is kept with entry {number} ({job}): it was typed, or read from a list</source>
        <translation>zu Eintrag {number} ({job}) ist kein Auftrag aufgehoben: er wurde eingegeben oder aus einer Liste gelesen</translation>
    </message>
    <message>
        <source>--again: say where to write the order, with --out FILE</source>
        <translation>--again: angeben, wohin der Auftrag geschrieben wird, mit --out FILE</translation>
    </message>
    <message>
        <source>the order of &apos;{job}&apos; as it was made on {made_on}: {out}</source>
        <translation>der Auftrag von „{job}“, wie er am {made_on} gemacht wurde: {out}</translation>
    </message>
    <message>
        <source>the two entries say the same</source>
        <translation>die beiden Einträge sagen dasselbe</translation>
    </message>
    <message>
        <source>nothing goes with a fault surely enough to be told</source>
        <translation>nichts geht mit einem Fehler sicher genug zusammen, um es zu sagen</translation>
    </message>
    <message>
        <source>--year: a year like 2026 and --out FILE.pdf were wanted</source>
        <translation>--year: erwartet wurden ein Jahr wie 2026 und --out FILE.pdf</translation>
    </message>
    <message>
        <source>nothing was made in {year}, as far as the logbook knows</source>
        <translation>{year} wurde nichts gemacht, soweit das Logbuch weiß</translation>
    </message>
    <message numerus="yes">
        <source>{name}: {n} pieces</source>
        <comment>{name}: {n} piece</comment>
        <translation>
            <numerusform>{name}: {n} Stück</numerusform>
            <numerusform>{name}: {n} Stücke</numerusform>
        </translation>
    </message>
    <message>
        <source>{all} of {word}: set otherwise there; the first file&apos;s are used</source>
        <translation>{all} von {word}: dort anders eingestellt; die der ersten Datei gelten</translation>
    </message>
    <message>
        <source>--add {word}: a count from 1 to 1000 was wanted after the colon, got &apos;{count}&apos;</source>
        <translation>--add {word}: nach dem Doppelpunkt wurde eine Anzahl von 1 bis 1000 erwartet, nicht „{count}“</translation>
    </message>
    <message>
        <source>--add {word}: {name} holds {pieces} pieces, each with a count of its own: add it without one</source>
        <translation>--add {word}: {name} enthält {pieces} Stücke, jedes mit eigener Anzahl: ohne Anzahl hinzufügen</translation>
    </message>
    <message>
        <source>say what to change: --set PATH=VALUE, as in --set fit.across=60mm</source>
        <translation>angeben, was zu ändern ist: --set PATH=VALUE, wie in --set fit.across=60mm</translation>
    </message>
    <message>
        <source>{order} holds {pieces} pieces: say whose with --piece ({names})</source>
        <translation>{order} enthält {pieces} Stücke: mit --piece angeben, wessen ({names})</translation>
    </message>
    <message>
        <source>words; \n begins a new line</source>
        <translation>Wörter; \n beginnt eine neue Zeile</translation>
    </message>
    <message>
        <source>a drawing or a picture: SVG, DXF, PDF, PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC or AVIF; FILE.pdf#page=2 is a PDF&apos;s second page</source>
        <translation>eine Zeichnung oder ein Bild: SVG, DXF, PDF, PNG, JPEG, WebP, TIFF, GIF, BMP, HEIC oder AVIF; DATEI.pdf#page=2 ist die zweite Seite einer PDF-Datei</translation>
    </message>
    <message>
        <source>initials from left to right, the middle one larger</source>
        <translation>Anfangsbuchstaben von links nach rechts, der mittlere größer</translation>
    </message>
    <message>
        <source>{says}; may be given several times</source>
        <translation>{says}; darf mehrmals stehen</translation>
    </message>
    <message>
        <source>a shipped face, or a font file; Barlow Bold if left out</source>
        <translation>eine mitgelieferte Schrift oder eine Schriftdatei; ohne Angabe Barlow Bold</translation>
    </message>
    <message>
        <source>how the initials stand</source>
        <translation>wie die Anfangsbuchstaben stehen</translation>
    </message>
    <message>
        <source>a name that goes with the initials</source>
        <translation>ein Name, der zu den Anfangsbuchstaben gehört</translation>
    </message>
    <message>
        <source>the grey, 0 to 255, below which a picture is ink</source>
        <translation>das Grau, 0 bis 255, unter dem ein Bild Tinte ist</translation>
    </message>
    <message>
        <source>a picture&apos;s background colour and how far from it counts, 0 to 255</source>
        <translation>die Hintergrundfarbe eines Bildes, und wie weit davon zählt, 0 bis 255</translation>
    </message>
    <message>
        <source>how far a traced outline may stray, at the picture&apos;s own size</source>
        <translation>wie weit eine nachgezeichnete Kontur abweichen darf, in der eigenen Größe des Bildes</translation>
    </message>
    <message>
        <source>a note of the art&apos;s licence, kept with the job</source>
        <translation>ein Vermerk zur Lizenz des Motivs, beim Auftrag aufgehoben</translation>
    </message>
    <message>
        <source>the art&apos;s width on the glass; of names, the most that one may take</source>
        <translation>die Breite des Motivs auf dem Glas; bei Namen das Meiste, was einer einnehmen darf</translation>
    </message>
    <message>
        <source>the art&apos;s height on the glass</source>
        <translation>die Höhe des Motivs auf dem Glas</translation>
    </message>
    <message>
        <source>the height of the capitals, instead of the art&apos;s own</source>
        <translation>die Höhe der Großbuchstaben, statt der des Motivs</translation>
    </message>
    <message>
        <source>the words</source>
        <translation>die Wörter</translation>
    </message>
    <message>
        <source>the initials</source>
        <translation>die Initialen</translation>
    </message>
    <message>
        <source>the name</source>
        <translation>der Name</translation>
    </message>
    <message>
        <source>how many are made</source>
        <translation>wie viele gemacht werden</translation>
    </message>
    <message>
        <source>the drawing: a file</source>
        <translation>die Zeichnung: eine Datei</translation>
    </message>
    <message>
        <source>What of the list goes on the glass</source>
        <translation>Was von der Liste auf das Glas kommt</translation>
    </message>
    <message>
        <source>Column {number}</source>
        <translation>Spalte {number}</translation>
    </message>
    <message>
        <source>The first line is a name, too: there are no headings</source>
        <translation>Auch die erste Zeile ist ein Name: Überschriften gibt es nicht</translation>
    </message>
    <message>
        <source>Read the list</source>
        <translation>Die Liste lesen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Choose what each column of “{name}” fills. Columns that fill the same are joined, as first and last names are.</source>
        <translation>Wählen Sie, was jede Spalte von „{name}“ füllt. Spalten, die dasselbe füllen, werden zusammengefügt, wie Vor- und Nachnamen.</translation>
    </message>
    <message>
        <source>No column is chosen yet for what goes on the glass.</source>
        <translation>Noch ist keine Spalte für das gewählt, was auf das Glas kommt.</translation>
    </message>
    <message>
        <source>The first is: {says}</source>
        <translation>Der erste ist: {says}</translation>
    </message>
    <message>
        <source>how it is etched: a usual way or one of your own by its name, or a file (docs/formats.md); the workshop&apos;s cream&apos;s if left out</source>
        <translation>wie geätzt wird: eine übliche oder eine eigene Art mit ihrem Namen, oder eine Datei (docs/formats.md); ohne Angabe die der Creme der Werkstatt</translation>
    </message>
    <message>
        <source>a list of names, a spreadsheet (XLSX, ODS), CSV or text: each row is a stencil of its own</source>
        <translation>eine Liste von Namen, Tabelle (XLSX, ODS), CSV oder Text: Jede Zeile ist eine eigene Schablone</translation>
    </message>
    <message>
        <source>how large the rows of names are: capitals alike, each as wide as --width, or capitals alike and long ones narrowed by at most so many percent</source>
        <translation>wie groß die Zeilen von Namen sind: Großbuchstaben gleich, jede so breit wie --width, oder Großbuchstaben gleich und lange um höchstens so viel Prozent schmäler</translation>
    </message>
    <message>
        <source>rim (or upper edge) to the art&apos;s top; centred if left out</source>
        <translation>Glasrand (oder Oberkante) bis zur Oberkante des Motivs; ohne Angabe mittig</translation>
    </message>
    <message>
        <source>table to the baseline of the lowest words, upright</source>
        <translation>Tisch bis zur Grundlinie der untersten Wörter, senkrecht</translation>
    </message>
    <message>
        <source>table to the art&apos;s middle, upright</source>
        <translation>Tisch bis zur Mitte des Motivs, senkrecht</translation>
    </message>
    <message>
        <source>follow the rim, keep letter shapes, lay it straight, or as the eye sees it from the front</source>
        <translation>dem Glasrand folgen, formtreu legen, gerade legen, oder wie das Auge es von vorn sieht</translation>
    </message>
    <message>
        <source>the eye&apos;s distance from the glass&apos;s axis: else the workshop&apos;s</source>
        <translation>Abstand des Auges von der Achse des Glases: sonst der der Werkstatt</translation>
    </message>
    <message>
        <source>how far to each side the front reads</source>
        <translation>wie weit zu jeder Seite die Vorderseite zu lesen ist</translation>
    </message>
    <message>
        <source>on a wall curved both ways, cut the film for the least strain or by the best cone</source>
        <translation>auf einer doppelt gekrümmten Wand die Folie mit der geringsten Dehnung oder nach dem besten Kegel schneiden</translation>
    </message>
    <message>
        <source>part the art into so many bands, laid one after the other</source>
        <translation>das Motiv in so viele Bänder teilen, eines nach dem anderen gelegt</translation>
    </message>
    <message>
        <source>part the art into so many items side by side</source>
        <translation>das Motiv in so viele Teile nebeneinander teilen</translation>
    </message>
    <message>
        <source>snip the border where film on a curved wall gives too much</source>
        <translation>den Folienrand einschneiden, wo Folie auf einer gekrümmten Wand zu viel nachgibt</translation>
    </message>
    <message>
        <source>the film is laid warm, and gives more</source>
        <translation>die Folie wird warm gelegt und gibt mehr nach</translation>
    </message>
    <message>
        <source>where it stands: degrees round from the front, or as the handle has it</source>
        <translation>wo es steht: Grad von vorn herum, oder wie der Henkel es will</translation>
    </message>
    <message>
        <source>which hand holds the handle</source>
        <translation>welche Hand den Henkel hält</translation>
    </message>
    <message>
        <source>so many copies, equally spaced round the glass</source>
        <translation>so viele Exemplare, gleich verteilt um das Glas</translation>
    </message>
    <message>
        <source>all copies on one sheet that closes round the glass</source>
        <translation>alle Exemplare auf einem Bogen, der sich um das Glas schließt</translation>
    </message>
    <message>
        <source>which side of the glass is etched</source>
        <translation>welche Seite des Glases geätzt wird</translation>
    </message>
    <message>
        <source>the piece&apos;s name</source>
        <translation>der Name des Stücks</translation>
    </message>
    <message>
        <source>the folder all files are written into</source>
        <translation>der Ordner, in den alle Dateien geschrieben werden</translation>
    </message>
    <message>
        <source>the kind of wall</source>
        <translation>die Art der Wand</translation>
    </message>
    <message>
        <source>across the rim (for a straight wall, its diameter)</source>
        <translation>quer am Glasrand (bei einer geraden Wand ihr Durchmesser)</translation>
    </message>
    <message>
        <source>across the base</source>
        <translation>quer am Boden</translation>
    </message>
    <message>
        <source>what --top and --bottom are</source>
        <translation>was --top und --bottom sind</translation>
    </message>
    <message>
        <source>upright, beside the glass</source>
        <translation>senkrecht, neben dem Glas</translation>
    </message>
    <message>
        <source>the stem that the wall stands on, upright</source>
        <translation>der Stiel, auf dem die Wand steht, senkrecht</translation>
    </message>
    <message>
        <source>a curved wall&apos;s upright heights and diameters, from the base up</source>
        <translation>senkrechte Höhen und Durchmesser einer geschwungenen Wand, vom Boden aufwärts</translation>
    </message>
    <message>
        <source>a ball&apos;s diameter</source>
        <translation>der Durchmesser einer Kugel</translation>
    </message>
    <message>
        <source>a pane&apos;s width and height</source>
        <translation>Breite und Höhe einer Scheibe</translation>
    </message>
    <message>
        <source>a pane&apos;s; a round one is oval</source>
        <translation>der einer Scheibe; eine runde ist oval</translation>
    </message>
    <message>
        <source>how much of a pane&apos;s edge a frame hides; or the shape that frames monograms: {all}</source>
        <translation>wie viel von der Kante einer Scheibe ein Rahmen verdeckt; oder die Form, die Monogramme rahmt: {all}</translation>
    </message>
    <message>
        <source>a handle so wide, opposite the front</source>
        <translation>ein so breiter Henkel, der Vorderseite gegenüber</translation>
    </message>
    <message>
        <source>how far up the wall a foot reaches</source>
        <translation>wie weit ein Fuß die Wand hinaufreicht</translation>
    </message>
    <message>
        <source>nobody drinks from it: its rim is no lip</source>
        <translation>niemand trinkt daraus: sein Rand ist kein Trinkrand</translation>
    </message>
    <message>
        <source>how far down the wall a rim bead reaches</source>
        <translation>wie weit eine Randwulst herabreicht</translation>
    </message>
    <message>
        <source>film round the art: else the workshop&apos;s</source>
        <translation>Folie um das Motiv: sonst die der Werkstatt</translation>
    </message>
    <message>
        <source>a resist, clear art on a frosted ground, or a decal that stays</source>
        <translation>ein Ätzschutz, ein klares Motiv auf mattem Grund, oder ein Aufkleber, der bleibt</translation>
    </message>
    <message>
        <source>what the film&apos;s edge follows</source>
        <translation>wem die Folienkante folgt</translation>
    </message>
    <message>
        <source>the radius of the film&apos;s corners</source>
        <translation>der Radius der Folienecken</translation>
    </message>
    <message>
        <source>a tab to lift the film by</source>
        <translation>eine Lasche, um die Folie daran anzuheben</translation>
    </message>
    <message>
        <source>centre ticks, level line, arrow and name</source>
        <translation>Mittenstriche, Waagerechte, Pfeil und Name</translation>
    </message>
    <message>
        <source>film between openings, at least: else the workshop&apos;s</source>
        <translation>Folie zwischen Öffnungen, mindestens: sonst die der Werkstatt</translation>
    </message>
    <message>
        <source>openings, at least: else the workshop&apos;s</source>
        <translation>Öffnungen, mindestens: sonst die der Werkstatt</translation>
    </message>
    <message>
        <source>strips of film that hold islands</source>
        <translation>Streifen aus Folie, die Inseln halten</translation>
    </message>
    <message>
        <source>how wide ties are</source>
        <translation>wie breit Haltestege sind</translation>
    </message>
    <message>
        <source>mend all that is too thin, too small or too sharp</source>
        <translation>alles ausbessern, was zu dünn, zu klein oder zu spitz ist</translation>
    </message>
    <message>
        <source>--stem belongs to straight, taper and ball: a pane has none, and the stations of a curved glass are measured from the table</source>
        <translation>--stem gehört zu straight, taper und ball: eine Scheibe hat keinen, und die Messstellen eines geschwungenen Glases sind vom Tisch gemessen</translation>
    </message>
    <message>
        <source>a straight wall is as wide below as above: use --glass taper for two diameters</source>
        <translation>eine gerade Wand ist unten so weit wie oben: für zwei Durchmesser --glass taper benutzen</translation>
    </message>
    <message>
        <source>--frame: a length like 8 mm or a shape ({all}) was wanted, got &apos;{word}&apos;</source>
        <translation>--frame: erwartet wurde eine Länge wie 8 mm oder eine Form ({all}), nicht „{word}“</translation>
    </message>
    <message>
        <source>--stations: each is HEIGHT:DIAMETER, as in 0:62,40:88, got &apos;{part}&apos;</source>
        <translation>--stations: jede ist HÖHE:DURCHMESSER, wie in 0:62,40:88, nicht „{part}“</translation>
    </message>
    <message>
        <source>{flag} must be more than 0, got {value}</source>
        <translation>{flag} muss mehr als 0 sein, nicht {value}</translation>
    </message>
    <message>
        <source>{flag}: at most {most}, got {side}</source>
        <translation>{flag}: höchstens {most}, nicht {side}</translation>
    </message>
    <message>
        <source>--height or --slant</source>
        <translation>--height oder --slant</translation>
    </message>
    <message>
        <source>a {glass} glass needs {flag}</source>
        <translation>ein Glas der Art {glass} braucht {flag}</translation>
    </message>
    <message>
        <source>{flag}: a whole number from 1 to {most} was wanted, got &apos;{text}&apos;</source>
        <translation>{flag}: erwartet wurde eine ganze Zahl von 1 bis {most}, nicht „{text}“</translation>
    </message>
    <message>
        <source>{flag}: degrees or one of {all} were wanted, got &apos;{text}&apos;</source>
        <translation>{flag}: erwartet wurden Grad oder eines von {all}, nicht „{text}“</translation>
    </message>
    <message>
        <source>{flag}: a number from 0 to {most:g} was wanted, got &apos;{text}&apos;</source>
        <translation>{flag}: erwartet wurde eine Zahl von 0 bis {most:g}, nicht „{text}“</translation>
    </message>
    <message>
        <source>there is nothing to etch: give --text, --art, --monogram or --names</source>
        <translation>es gibt nichts zu ätzen: --text, --art, --monogram oder --names angeben</translation>
    </message>
    <message>
        <source>--cap-height is for words: give --text, or --width or --art-height</source>
        <translation>--cap-height ist für Wörter: --text angeben, oder --width oder --art-height</translation>
    </message>
    <message>
        <source>--cap-height says how large the art is already: leave out --width and --art-height</source>
        <translation>--cap-height sagt schon, wie groß das Motiv ist: --width und --art-height weglassen</translation>
    </message>
    <message>
        <source>--size-rule is for a list of names: give --names FILE</source>
        <translation>--size-rule ist für eine Liste von Namen: --names FILE angeben</translation>
    </message>
    <message>
        <source>say how large the art is: one of --width, --art-height or --cap-height is required</source>
        <translation>angeben, wie groß das Motiv ist: eines von --width, --art-height oder --cap-height wird gebraucht</translation>
    </message>
    <message>
        <source>names with both --width and --cap-height want --size-rule narrow:PCT, PCT being 1 to 70; or leave one of the two out</source>
        <translation>Namen mit --width und --cap-height zugleich brauchen --size-rule narrow:PCT, PCT von 1 bis 70; oder lass eins der beiden weg</translation>
    </message>
    <message>
        <source>--size-rule: caps with --cap-height L, width with --width L, or narrow:PCT (1 to 70) with both were wanted, got &apos;{value}&apos;</source>
        <translation>--size-rule: erwartet wurde caps mit --cap-height L, width mit --width L, oder narrow:PCT (1 bis 70) mit beiden, nicht „{value}“</translation>
    </message>
    <message>
        <source>vitrograph: {error}</source>
        <translation>vitrograph: {error}</translation>
    </message>
    <message>
        <source>a field by its path, as house.border=18mm or films.0.left=3m; a list of several as JSON; may be repeated</source>
        <translation>ein Feld mit seinem Pfad, wie house.border=18mm oder films.0.left=3m; eine Liste mit mehreren als JSON; darf sich wiederholen</translation>
    </message>
    <message>
        <source>print it as its file holds it</source>
        <translation>ausgeben, wie ihre Datei sie enthält</translation>
    </message>
    <message>
        <source>take over a workshop that was given away</source>
        <translation>eine Werkstatt übernehmen, die weitergegeben wurde</translation>
    </message>
    <message>
        <source>give it away, as JSON</source>
        <translation>weitergeben, als JSON</translation>
    </message>
    <message>
        <source>where an order differs from the workshop of today</source>
        <translation>worin ein Auftrag von der Werkstatt von heute abweicht</translation>
    </message>
    <message>
        <source>made as the workshop is today</source>
        <translation>gemacht, wie die Werkstatt heute ist</translation>
    </message>
    <message>
        <source>cutter  {name}: {takes} {width} wide</source>
        <translation>Plotter {name}: {takes} {width} breit</translation>
    </message>
    <message>
        <source>film    {name}: {kind}, {left} left</source>
        <translation>Folie   {name}: {kind}, noch {left}</translation>
    </message>
    <message>
        <source>{left:g} m</source>
        <translation>{left:g} m</translation>
    </message>
    <message>
        <source>tape    {name}: {wide} wide</source>
        <translation>Band    {name}: {wide} breit</translation>
    </message>
    <message>
        <source>house   border {border}, {unit}, {paper}</source>
        <translation>Haus    Folienrand {border}, {unit}, {paper}</translation>
    </message>
    <message>
        <source>cream   {name}: {label_minutes:g} min by its label</source>
        <translation>Creme   {name}: {label_minutes:g} min laut Etikett</translation>
    </message>
    <message>
        <source>{path} could not be opened: no such file or directory</source>
        <translation>{path} ließ sich nicht öffnen: Datei oder Ordner nicht da</translation>
    </message>
    <message>
        <source>a setting like house.border=18mm was wanted, got &apos;{setting}&apos;</source>
        <translation>erwartet wurde eine Einstellung wie house.border=18mm, nicht „{setting}“</translation>
    </message>
    <message>
        <source>Plain pane</source>
        <translation>Schlichte Scheibe</translation>
    </message>
    <message>
        <source>a small window or picture-frame glass</source>
        <translation>ein kleines Fenster oder Bilderrahmenglas</translation>
    </message>
    <message>
        <source>Square coaster</source>
        <translation>Quadratischer Untersetzer</translation>
    </message>
    <message>
        <source>work the underside</source>
        <translation>die Unterseite bearbeiten</translation>
    </message>
    <message>
        <source>Shallow dish, underside</source>
        <translation>Flache Schale, Unterseite</translation>
    </message>
    <message>
        <source>mirrored: it is read from above</source>
        <translation>gespiegelt: sie wird von oben gelesen</translation>
    </message>
    <message>
        <source>Straight tumbler</source>
        <translation>Gerader Becher</translation>
    </message>
    <message>
        <source>Lantern cylinder</source>
        <translation>Laternenzylinder</translation>
    </message>
    <message>
        <source>for a candle</source>
        <translation>für eine Kerze</translation>
    </message>
    <message>
        <source>Preserving jar</source>
        <translation>Einmachglas</translation>
    </message>
    <message>
        <source>measure between the raised marks</source>
        <translation>zwischen den erhabenen Marken messen</translation>
    </message>
    <message>
        <source>Tapered tumbler</source>
        <translation>Konischer Becher</translation>
    </message>
    <message>
        <source>wider at the rim</source>
        <translation>am Rand weiter</translation>
    </message>
    <message>
        <source>Tall beer glass</source>
        <translation>Hohes Bierglas</translation>
    </message>
    <message>
        <source>Tall flute</source>
        <translation>Hohe Flöte</translation>
    </message>
    <message>
        <source>narrower at the rim; heights from where the bowl begins</source>
        <translation>am Rand enger; Höhen ab dem Beginn des Kelchs</translation>
    </message>
    <message>
        <source>Wide cone</source>
        <translation>Weiter Kegel</translation>
    </message>
    <message>
        <source>a steep cone: mind upright and slant</source>
        <translation>ein steiler Kegel: auf senkrecht und schräg achten</translation>
    </message>
    <message>
        <source>Wine bowl</source>
        <translation>Weinkelch</translation>
    </message>
    <message>
        <source>heights above the table</source>
        <translation>Höhen über dem Tisch</translation>
    </message>
    <message>
        <source>Round-bellied carafe</source>
        <translation>Bauchige Karaffe</translation>
    </message>
    <message>
        <source>Bottle with a shoulder</source>
        <translation>Flasche mit Schulter</translation>
    </message>
    <message>
        <source>straight wall, shoulder and neck</source>
        <translation>gerade Wand, Schulter und Hals</translation>
    </message>
    <message>
        <source>Round ornament</source>
        <translation>Runde Kugel</translation>
    </message>
    <message>
        <source>Label&apos;s time, worked</source>
        <translation>Etikettenzeit, bewegt</translation>
    </message>
    <message>
        <source>one to three minutes as many labels say, worked all the while: the directions cross and the frost comes brighter</source>
        <translation>eine bis drei Minuten, wie viele Etiketten sagen, die ganze Zeit bewegt: die Richtungen kreuzen sich, und die Mattierung wird heller</translation>
    </message>
    <message>
        <source>too short to come out even on anything large, others say: the place covered first stands longest</source>
        <translation>zu kurz, um auf etwas Größerem gleichmäßig zu werden, sagen andere: die zuerst bedeckte Stelle steht am längsten</translation>
    </message>
    <message>
        <source>Three minutes, worked</source>
        <translation>Drei Minuten, bewegt</translation>
    </message>
    <message>
        <source>worked without a stop, so that fresh cream is always on the glass</source>
        <translation>ohne Pause bewegt, sodass immer frische Creme auf dem Glas ist</translation>
    </message>
    <message>
        <source>the hands are tied for every minute of it, and strokes leave marks</source>
        <translation>die Hände sind jede Minute davon gebunden, und Striche hinterlassen Spuren</translation>
    </message>
    <message>
        <source>Three to five minutes</source>
        <translation>Drei bis fünf Minuten</translation>
    </message>
    <message>
        <source>long enough to even out the time that covering takes; after four minutes nothing more is gained</source>
        <translation>lang genug, um die Zeit des Bedeckens auszugleichen; nach vier Minuten ist nichts mehr zu gewinnen</translation>
    </message>
    <message>
        <source>faint, say those who leave it longer</source>
        <translation>schwach, sagen die, die sie länger lassen</translation>
    </message>
    <message>
        <source>Two coats</source>
        <translation>Zwei Schichten</translation>
    </message>
    <message>
        <source>the thin coat wets every corner, the thick one does the work</source>
        <translation>die dünne Schicht netzt jede Ecke, die dicke tut die Arbeit</translation>
    </message>
    <message>
        <source>one thick coat, looked at against the light, does the same with less handling</source>
        <translation>eine dicke Schicht, gegen das Licht angesehen, tut dasselbe mit weniger Handgriffen</translation>
    </message>
    <message>
        <source>Five, stir, five</source>
        <translation>Fünf, rühren, fünf</translation>
    </message>
    <message>
        <source>two rests with a stir between: what lay thin gets fresh cream</source>
        <translation>zweimal Ruhe mit einem Rühren dazwischen: was dünn lag, bekommt frische Creme</translation>
    </message>
    <message>
        <source>stirring lets air in, others say, and leave it alone</source>
        <translation>Rühren lässt Luft hinein, sagen andere, und lassen sie in Ruhe</translation>
    </message>
    <message>
        <source>Five, and two more</source>
        <translation>Fünf, und zwei dazu</translation>
    </message>
    <message>
        <source>a look after five minutes, and fresh cream where it looks weak</source>
        <translation>ein Blick nach fünf Minuten, und frische Creme, wo es schwach aussieht</translation>
    </message>
    <message>
        <source>what is looked at is disturbed: a spot beside the art is looked at instead</source>
        <translation>was angesehen wird, ist gestört: stattdessen wird eine Stelle neben dem Motiv angesehen</translation>
    </message>
    <message>
        <source>Worked, then still</source>
        <translation>Bewegt, dann still</translation>
    </message>
    <message>
        <source>worked five to ten minutes, then five left still: even first, then deep</source>
        <translation>fünf bis zehn Minuten bewegt, dann fünf in Ruhe: erst gleichmäßig, dann tief</translation>
    </message>
    <message>
        <source>a long time at one glass: nothing else gets done meanwhile</source>
        <translation>eine lange Zeit bei einem Glas: inzwischen wird nichts anderes getan</translation>
    </message>
    <message>
        <source>Ten, not moved</source>
        <translation>Zehn, nicht bewegt</translation>
    </message>
    <message>
        <source>never moved: moving lets air in, and air leaves clear specks</source>
        <translation>nie bewegt: Bewegen lässt Luft hinein, und Luft lässt klare Sprenkel</translation>
    </message>
    <message>
        <source>the first place covered stands longest, and cream that is never moved works less, others say</source>
        <translation>die zuerst bedeckte Stelle steht am längsten, und Creme, die nie bewegt wird, arbeitet weniger, sagen andere</translation>
    </message>
    <message>
        <source>Fifteen, thick</source>
        <translation>Fünfzehn, dick</translation>
    </message>
    <message>
        <source>a thick coat and a long rest for a deep frost</source>
        <translation>eine dicke Schicht und eine lange Ruhe für eine tiefe Mattierung</translation>
    </message>
    <message>
        <source>after a few minutes nothing more is gained, and film has longer to let cream in</source>
        <translation>nach einigen Minuten ist nichts mehr zu gewinnen, und die Folie hat länger Zeit, Creme hineinzulassen</translation>
    </message>
    <message>
        <source>Worked five, left twenty</source>
        <translation>Fünf bewegt, zwanzig gelassen</translation>
    </message>
    <message>
        <source>even from being worked, deep from being left</source>
        <translation>gleichmäßig vom Bewegen, tief vom Ruhen</translation>
    </message>
    <message>
        <source>edges that are not pressed down well leak in so long a time</source>
        <translation>Kanten, die nicht gut angedrückt sind, werden in so langer Zeit undicht</translation>
    </message>
    <message>
        <source>An hour</source>
        <translation>Eine Stunde</translation>
    </message>
    <message>
        <source>some leave an hour, and claim a deeper frost than any shorter time gives</source>
        <translation>manche lassen sie eine Stunde und sagen, die Mattierung werde tiefer als in jeder kürzeren Zeit</translation>
    </message>
    <message>
        <source>cream dries, and what has dried is hard to scrape; most see no gain after the first minutes</source>
        <translation>Creme trocknet, und was getrocknet ist, lässt sich schwer abstreifen; die meisten sehen nach den ersten Minuten keinen Gewinn</translation>
    </message>
    <message>
        <source>thicken</source>
        <comment>a mend</comment>
        <translation>dicker machen</translation>
    </message>
    <message>
        <source>round ends</source>
        <comment>a mend</comment>
        <translation>Enden runden</translation>
    </message>
    <message>
        <source>square ends</source>
        <comment>a mend</comment>
        <translation>Enden kanten</translation>
    </message>
    <message>
        <source>close gaps</source>
        <comment>a mend</comment>
        <translation>Lücken schließen</translation>
    </message>
    <message>
        <source>drop specks</source>
        <comment>a mend</comment>
        <translation>Sprenkel weglassen</translation>
    </message>
    <message>
        <source>fill pinholes</source>
        <comment>a mend</comment>
        <translation>Nadelstiche füllen</translation>
    </message>
    <message>
        <source>remove</source>
        <comment>a mend</comment>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>remove thin</source>
        <comment>a mend</comment>
        <translation>Dünnes entfernen</translation>
    </message>
    <message>
        <source>keep</source>
        <comment>a mend</comment>
        <translation>behalten</translation>
    </message>
    <message>
        <source>smooth</source>
        <comment>a mend</comment>
        <translation>glätten</translation>
    </message>
    <message>
        <source>straighten</source>
        <comment>a mend</comment>
        <translation>begradigen</translation>
    </message>
    <message>
        <source>something went wrong inside the program ({fault}); what you had stands as it was, details are in {log}</source>
        <translation>im Programm ging etwas schief ({fault}); was da war, steht, wie es war; Näheres steht in {log}</translation>
    </message>
    <message>
        <source>left out, for want of a stencil: {all}</source>
        <translation>weggelassen, weil eine Schablone fehlt: {all}</translation>
    </message>
    <message>
        <source>{place}: at most {bound}, not {value}</source>
        <translation>{place}: höchstens {bound}, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: at least {bound}, not {value}</source>
        <translation>{place}: mindestens {bound}, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: less than {bound}, not {value}</source>
        <translation>{place}: weniger als {bound}, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: more than {bound}, not {value}</source>
        <translation>{place}: mehr als {bound}, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: at most {bound} letters, not {value}</source>
        <translation>{place}: höchstens {bound} Zeichen, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: at least {bound} letters, not {value}</source>
        <translation>{place}: mindestens {bound} Zeichen, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: at most {bound} of them, not {value}</source>
        <translation>{place}: höchstens {bound} Stück, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: at least {bound} of them, not {value}</source>
        <translation>{place}: mindestens {bound} Stück, nicht {value}</translation>
    </message>
    <message>
        <source>{place}: one like {example} was wanted, got &apos;{value}&apos;</source>
        <translation>{place}: etwas wie {example} wurde erwartet, nicht &apos;{value}&apos;</translation>
    </message>
    <message>
        <source>that would be {letters} letters: at most {most} go in here</source>
        <translation>das wären {letters} Buchstaben: hier gehen höchstens {most} hinein</translation>
    </message>
    <message>
        <source>a clock is running, or a film is being cut</source>
        <translation>eine Uhr läuft, oder eine Folie wird geschnitten</translation>
    </message>
    <message>
        <source>broke</source>
        <translation>ist zerbrochen</translation>
    </message>
    <message>
        <source>begun again</source>
        <translation>noch einmal begonnen</translation>
    </message>
    <message>
        <source>Which glass</source>
        <translation>Welches Glas</translation>
    </message>
    <message>
        <source>{glass}, broken</source>
        <translation>{glass}, zerbrochen</translation>
    </message>
    <message>
        <source>Your own pieces: {says}.</source>
        <translation>Ihre eigenen Stücke: {says}.</translation>
    </message>
    <message>
        <source>Let this recipe last {time}</source>
        <translation>Dieses Rezept {time} dauern lassen</translation>
    </message>
    <message>
        <source>Looking for the place and the size at which this art is sound on {glass}: {ways} tried</source>
        <translation>Platz und Größe werden gesucht, bei denen dieses Motiv auf {glass} in Ordnung ist: {ways} versucht</translation>
    </message>
    <message>
        <source>the order was changed meanwhile: the art is left as it was put there</source>
        <translation>der Auftrag wurde inzwischen geändert: das Motiv bleibt, wie es dorthin gesetzt wurde</translation>
    </message>
    <message>
        <source>Make it sound on its glass</source>
        <translation>Auf seinem Glas in Ordnung bringen</translation>
    </message>
    <message>
        <source>{glass}, still to mend: {wrong}</source>
        <translation>{glass}, noch auszubessern: {wrong}</translation>
    </message>
    <message>
        <source>{glass}: the art is {wide} wide there; places mended: {mended}</source>
        <translation>{glass}: das Motiv ist dort {wide} breit; ausgebesserte Stellen: {mended}</translation>
    </message>
    <message>
        <source>the plan stays as it was begun: {says}</source>
        <translation>der Plan bleibt, wie er begonnen wurde: {says}</translation>
    </message>
    <message numerus="yes">
        <source>{n} files are there already: {names}. Write over them?</source>
        <comment>A file is there already: {names}. Write over it?</comment>
        <translation>
            <numerusform>Eine Datei ist schon da: {names}. Überschreiben?</numerusform>
            <numerusform>{n} Dateien sind schon da: {names}. Überschreiben?</numerusform>
        </translation>
    </message>
    <message>
        <source>Write over</source>
        <comment>a file</comment>
        <translation>Überschreiben</translation>
    </message>
    <message>
        <source>it is the only one, and new orders begin from it: type over it what you have instead</source>
        <translation>es ist das einzige, und neue Aufträge beginnen damit: Überschreiben Sie es mit dem, was Sie stattdessen haben</translation>
    </message>
    <message>
        <source>what you own was changed meanwhile, by a cut or in another window: look again</source>
        <translation>was Ihnen gehört, wurde inzwischen geändert, durch einen Schnitt oder in einem anderen Fenster: Sehen Sie noch einmal nach</translation>
    </message>
    <message>
        <source>{wide} wide, {left} left</source>
        <translation>{wide} breit, noch {left}</translation>
    </message>
    <message>
        <source>a mat, {wide} by {long}</source>
        <translation>eine Matte, {wide} mal {long}</translation>
    </message>
    <message>
        <source>a roll, {wide} wide</source>
        <translation>eine Rolle, {wide} breit</translation>
    </message>
    <message>
        <source>{wide} wide</source>
        <translation>{wide} breit</translation>
    </message>
    <message>
        <source>{minutes} min by its label</source>
        <translation>{minutes} min laut Etikett</translation>
    </message>
    <message>
        <source>Pictures ({endings})</source>
        <translation>Bilder ({endings})</translation>
    </message>
    <message>
        <source>Drawings and pictures ({endings})</source>
        <translation>Zeichnungen und Bilder ({endings})</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message numerus="yes">
        <source>the file has {n} pages, and no page {number}</source>
        <comment>the file has one page, and no page {number}</comment>
        <translation>
            <numerusform>die Datei hat eine Seite, und keine Seite {number}</numerusform>
            <numerusform>die Datei hat {n} Seiten, und keine Seite {number}</numerusform>
        </translation>
    </message>
    <message>
        <source>page {number} is empty</source>
        <translation>Seite {number} ist leer</translation>
    </message>
    <message>
        <source>the PDF is locked with a password: save it without one</source>
        <translation>die PDF-Datei ist mit einem Kennwort verschlossen: ohne Kennwort speichern</translation>
    </message>
    <message>
        <source>the PDF is damaged or was cut short: save it again</source>
        <translation>die PDF-Datei ist beschädigt oder unvollständig: noch einmal speichern</translation>
    </message>
    <message>
        <source>the page holds far too many lines: simplify it first</source>
        <translation>die Seite enthält viel zu viele Linien: zuerst vereinfachen</translation>
    </message>
    <message>
        <source>words (--text)</source>
        <translation>Wörter (--text)</translation>
    </message>
    <message>
        <source>a monogram (--monogram)</source>
        <translation>ein Monogramm (--monogram)</translation>
    </message>
    <message>
        <source>a drawing (--art)</source>
        <translation>eine Zeichnung (--art)</translation>
    </message>
    <message>
        <source>--count is not used with a list of names: its column count says how many are made of a row</source>
        <translation>--count wird bei einer Liste von Namen nicht gebraucht: ihre Spalte count sagt, wie viele von einer Zeile gemacht werden</translation>
    </message>
    <message>
        <source>{flag} is for --glass {kinds}, and is not used for {kind}</source>
        <translation>{flag} gehört zu --glass {kinds} und wird für {kind} nicht gebraucht</translation>
    </message>
    <message>
        <source>{flag} is not used without {what}</source>
        <translation>{flag} wird nicht gebraucht ohne {what}</translation>
    </message>
    <message>
        <source>{called} is an old kind of spreadsheet, or locked with a password: save it without one as XLSX, ODS or CSV</source>
        <translation>{called} ist eine Tabelle alter Art oder mit einem Passwort gesperrt: Sichern Sie sie ohne Passwort als XLSX, ODS oder CSV</translation>
    </message>
    <message>
        <source>{called} is damaged or no spreadsheet that can be read: save it anew, or as CSV</source>
        <translation>{called} ist beschädigt oder keine Tabelle, die gelesen werden kann: Sichern Sie sie neu oder als CSV</translation>
    </message>
    <message>
        <source>{called} holds too much to be a list: leave in it what is wanted, or save it as CSV</source>
        <translation>{called} enthält zu viel für eine Liste: Lassen Sie darin, was gebraucht wird, oder sichern Sie sie als CSV</translation>
    </message>
    <message>
        <source>dates are taken as 2026-12-31: make them text in the spreadsheet to have them otherwise</source>
        <translation>Daten werden als 2026-12-31 geschrieben: Machen Sie in der Tabelle Text daraus, um sie anders zu haben</translation>
    </message>
    <message numerus="yes">
        <source>the sheet &apos;{name}&apos; is read; {n} sheets more hold something</source>
        <comment>the sheet &apos;{name}&apos; is read; {n} sheet more holds something</comment>
        <translation>
            <numerusform>das Blatt &apos;{name}&apos; wird gelesen; {n} weiteres Blatt enthält etwas</numerusform>
            <numerusform>das Blatt &apos;{name}&apos; wird gelesen; {n} weitere Blätter enthalten etwas</numerusform>
        </translation>
    </message>
</context>
</TS>
