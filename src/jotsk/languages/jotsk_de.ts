<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name></name>
    <message>
        <source>A gap of {width:.0f} px: {size} would run out here.</source>
        <translation>Eine Lücke von {width:.0f} px: {size} würden hier auslaufen.</translation>
    </message>
    <message>
        <source>{mm2:.1f} cm²</source>
        <translation>{mm2:.1f} cm²</translation>
    </message>
    <message>
        <source>{mm2:.0f} mm²</source>
        <translation>{mm2:.0f} mm²</translation>
    </message>
    <message>
        <source>Two lines lie over each other; splice them, or take one away.</source>
        <translation>Zwei Linien liegen übereinander; spleißen Sie sie, oder nehmen Sie eine weg.</translation>
    </message>
    <message>
        <source>Two lines run along each other for {length:.0f} px, {gap:.1f} px apart.</source>
        <translation>Zwei Linien laufen {length:.0f} px nebeneinander her, {gap:.1f} px voneinander.</translation>
    </message>
    <message>
        <source>This line wobbles by {off:.1f} px; it can be steadied.</source>
        <translation>Diese Linie wackelt um {off:.1f} px; sie lässt sich beruhigen.</translation>
    </message>
    <message>
        <source>“{name}” is empty.</source>
        <translation>„{name}“ ist leer.</translation>
    </message>
    <message>
        <source>“{name}” is hidden, so it will not be printed.</source>
        <translation>„{name}“ ist ausgeblendet und wird deshalb nicht gedruckt.</translation>
    </message>
    <message>
        <source>This line lies wholly off the page.</source>
        <translation>Diese Linie liegt ganz außerhalb der Seite.</translation>
    </message>
    <message>
        <source>A speck of {size:.0f} px.</source>
        <translation>Ein Fleck von {size:.0f} px.</translation>
    </message>
    <message>
        <source>This line is {width:.2f} mm thick; below {least} mm it may not print.</source>
        <translation>Diese Linie ist {width:.2f} mm dick; unter {least} mm wird sie vielleicht nicht gedruckt.</translation>
    </message>
    <message>
        <source>Try Technical 0.5 or Flick pen: an even line, and one weighed by speed, show a wobble least.</source>
        <translation>Versuchen Sie Technical 0.5 oder den Schwungstift: eine gleichmäßige Linie und eine nach Tempo zeigen ein Wackeln am wenigsten.</translation>
    </message>
    <message>
        <source>Fit the feel of this device (in the Hand menu): the weight follows the hand better.</source>
        <translation>Passen Sie das Gefühl dieses Geräts an (im Menü Hand): die Strichstärke folgt der Hand dann besser.</translation>
    </message>
    <message>
        <source>Draw on past the end and snip: a line that stops itself fades.</source>
        <translation>Zeichnen Sie über das Ende hinaus und stutzen Sie: eine Linie, die selbst anhält, wird blass.</translation>
    </message>
    <message>
        <source>Draw faster past the ring and snip, or turn the page so that the end is in sight.</source>
        <translation>Zeichnen Sie schneller über den Ring hinaus und stutzen Sie, oder drehen Sie die Seite, bis das Ende zu sehen ist.</translation>
    </message>
    <message>
        <source>off the line</source>
        <translation>neben der Linie</translation>
    </message>
    <message>
        <source>wobble</source>
        <translation>Wackeln</translation>
    </message>
    <message>
        <source>past the end</source>
        <translation>über das Ende</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>verblasst</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>weight off</source>
        <translation>Stärke daneben</translation>
    </message>
    <message>
        <source>spacing uneven by</source>
        <translation>Abstand ungleich um</translation>
    </message>
    <message>
        <source>weight uneven by</source>
        <translation>Stärke ungleich um</translation>
    </message>
    <message>
        <source>small</source>
        <translation>klein</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>large</source>
        <translation>groß</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Parallel lines</source>
        <translation>Parallele Linien</translation>
    </message>
    <message>
        <source>Lines through points</source>
        <translation>Linien durch Punkte</translation>
    </message>
    <message>
        <source>Curves</source>
        <translation>Kurven</translation>
    </message>
    <message>
        <source>Circles and ellipses</source>
        <translation>Kreise und Ellipsen</translation>
    </message>
    <message>
        <source>Even hatching</source>
        <translation>Gleichmäßige Schraffur</translation>
    </message>
    <message>
        <source>Pressure ramps</source>
        <translation>Druckrampen</translation>
    </message>
    <message>
        <source>Tapers</source>
        <translation>Ausläufe</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>A signature, repeated</source>
        <translation>Eine Unterschrift, wiederholt</translation>
    </message>
    <message>
        <source>“{name}” could not be opened: {reason}.</source>
        <translation>„{name}“ ließ sich nicht öffnen: {reason}.</translation>
    </message>
    <message>
        <source>“{name}” was made by a later version of Jotsk, which can open it; it stays as it is.</source>
        <translation>„{name}“ stammt von einer späteren Version von Jotsk, die es öffnen kann; es bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>“{name}” was not written: {reason}. What was there before is unchanged.</source>
        <translation>„{name}“ wurde nicht geschrieben: {reason}. Was vorher da war, ist unverändert.</translation>
    </message>
    <message>
        <source>“{name}” could not be read: {reason}. It stays where it is.</source>
        <translation>„{name}“ ließ sich nicht lesen: {reason}. Es bleibt, wo es ist.</translation>
    </message>
    <message>
        <source>another program wrote it meanwhile</source>
        <translation>ein anderes Programm hat es inzwischen geschrieben</translation>
    </message>
    <message>
        <source>the clipboard</source>
        <translation>Zwischenablage</translation>
    </message>
    <message>
        <source>what was copied is not whole</source>
        <translation>was kopiert wurde, ist nicht vollständig</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>Lines go on an ink layer; choose one first.</source>
        <translation>Linien gehören auf eine Tuscheebene; wählen Sie zuerst eine.</translation>
    </message>
    <message>
        <source>These lines lie beside this page.</source>
        <translation>Diese Linien liegen neben dieser Seite.</translation>
    </message>
    <message>
        <source>“{name}” ends in none of {names}; without ending it is a folder of pictures.</source>
        <translation>„{name}“ endet auf nichts von {names}; ohne Endung wird es ein Ordner mit Bildern.</translation>
    </message>
    <message>
        <source>it is there already</source>
        <translation>es ist schon da</translation>
    </message>
    <message>
        <source>That is {count} frames, too many for one animation; make it faster, smaller, or a folder.</source>
        <translation>Das sind {count} Bilder, zu viele für eine Animation; machen Sie sie schneller, kleiner, oder nehmen Sie einen Ordner.</translation>
    </message>
    <message>
        <source>There is no line on this page to draw again.</source>
        <translation>Auf dieser Seite ist keine Linie, die noch einmal gezeichnet werden könnte.</translation>
    </message>
    <message>
        <source>“{name}” ends in none of {names}.</source>
        <translation>„{name}“ endet auf nichts von {names}.</translation>
    </message>
    <message>
        <source>A tone may shimmer (moire) at {percent} %; at {better} % it does not.</source>
        <translation>Ein Raster kann bei {percent} % flimmern (Moiré); bei {better} % nicht.</translation>
    </message>
    <message>
        <source>A tone may shimmer (moire) at {percent} %.</source>
        <translation>Ein Raster kann bei {percent} % flimmern (Moiré).</translation>
    </message>
    <message>
        <source>InkML, motions of the hand</source>
        <translation>InkML, Bewegungen der Hand</translation>
    </message>
    <message>
        <source>A {words} file cannot be written as {color}.</source>
        <translation>Eine {words}-Datei lässt sich nicht als {color} schreiben.</translation>
    </message>
    <message>
        <source>Choose the ICC profile of the press first: who prints the page has it.</source>
        <translation>Wählen Sie zuerst das ICC-Profil der Druckmaschine: wer die Seite druckt, hat es.</translation>
    </message>
    <message>
        <source>A {words} file holds no shapes.</source>
        <translation>Eine {words}-Datei enthält keine Formen.</translation>
    </message>
    <message>
        <source>Lines as shapes have soft edges of their own; choose colour or grey.</source>
        <translation>Linien als Formen haben eigene weiche Ränder; wählen Sie Farbe oder Grau.</translation>
    </message>
    <message>
        <source>Without paper only a picture with transparency (RGBA) can be written.</source>
        <translation>Ohne Papier lässt sich nur ein Bild mit Transparenz (RGBA) schreiben.</translation>
    </message>
    <message>
        <source>There is no frame “{frame}”.</source>
        <translation>Es gibt keinen Rahmen „{frame}“.</translation>
    </message>
    <message>
        <source>{width} x {height} px is more than {words} can hold: {most} px a side.</source>
        <translation>{width} x {height} px sind mehr, als {words} fassen kann: {most} px je Seite.</translation>
    </message>
    <message>
        <source>“{name}” is too large for a profile.</source>
        <translation>„{name}“ ist zu groß für ein Profil.</translation>
    </message>
    <message>
        <source>it cannot be read</source>
        <translation>es lässt sich nicht lesen</translation>
    </message>
    <message>
        <source>it is no ICC profile</source>
        <translation>es ist kein ICC-Profil</translation>
    </message>
    <message>
        <source>“{name}” is a profile for {space}; choose one of a press, for CMYK.</source>
        <translation>„{name}“ ist ein Profil für {space}; wählen Sie das einer Druckmaschine, für CMYK.</translation>
    </message>
    <message>
        <source>something else</source>
        <translation>etwas anderes</translation>
    </message>
    <message>
        <source>The profile “{name}” cannot turn colours into ink.</source>
        <translation>Das Profil „{name}“ kann Farben nicht in Druckfarbe umrechnen.</translation>
    </message>
    <message>
        <source>The disk does not take the work in progress: {reason}. Save the page.</source>
        <translation>Der Datenträger nimmt die laufende Arbeit nicht an: {reason}. Speichern Sie die Seite.</translation>
    </message>
    <message>
        <source>it is larger than a file of traces can be</source>
        <translation>es ist größer, als eine Datei mit Spuren sein kann</translation>
    </message>
    <message>
        <source>it is not well-formed XML</source>
        <translation>es ist kein wohlgeformtes XML</translation>
    </message>
    <message>
        <source>it is XML, but not InkML</source>
        <translation>es ist XML, aber kein InkML</translation>
    </message>
    <message>
        <source>its groups of traces are nested deeper than anybody needs</source>
        <translation>seine Gruppen von Spuren sind tiefer verschachtelt, als irgendwer braucht</translation>
    </message>
    <message>
        <source>a channel&apos;s {name} is “{text}”, which is no number</source>
        <translation>{name} eines Kanals ist „{text}“, und das ist keine Zahl</translation>
    </message>
    <message>
        <source>a trace has no X or no Y channel</source>
        <translation>eine Spur hat keinen X- oder keinen Y-Kanal</translation>
    </message>
    <message>
        <source>a trace holds “{place}”, which is no point</source>
        <translation>eine Spur enthält „{place}“, und das ist kein Punkt</translation>
    </message>
    <message>
        <source>a point has {count} values where its format has {wanted}</source>
        <translation>ein Punkt hat {count} Werte, wo sein Format {wanted} hat</translation>
    </message>
    <message>
        <source>it is damaged, or not an OpenRaster file</source>
        <translation>es ist beschädigt oder keine OpenRaster-Datei</translation>
    </message>
    <message>
        <source>part of it is damaged or packed in an unknown way</source>
        <translation>ein Teil davon ist beschädigt oder auf unbekannte Weise gepackt</translation>
    </message>
    <message>
        <source>it has no list of layers, so it is not an OpenRaster file</source>
        <translation>es hat keine Liste der Ebenen und ist deshalb keine OpenRaster-Datei</translation>
    </message>
    <message>
        <source>its list of layers is damaged</source>
        <translation>seine Liste der Ebenen ist beschädigt</translation>
    </message>
    <message>
        <source>it has more than {most_layers} layers</source>
        <translation>es hat mehr als {most_layers} Ebenen</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Tusche</translation>
    </message>
    <message>
        <source>the pens of its strokes are damaged</source>
        <translation>die Stifte seiner Striche sind beschädigt</translation>
    </message>
    <message>
        <source>its layers are nested deeper than a page can need</source>
        <translation>seine Ebenen sind tiefer verschachtelt, als eine Seite braucht</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>the pixels of its layer “{name}” are missing</source>
        <translation>die Pixel seiner Ebene „{name}“ fehlen</translation>
    </message>
    <message>
        <source>the strokes of its layer “{name}” are damaged</source>
        <translation>die Striche seiner Ebene „{name}“ sind beschädigt</translation>
    </message>
    <message>
        <source>it holds far more parts than a page has</source>
        <translation>es enthält weit mehr Teile, als eine Seite hat</translation>
    </message>
    <message>
        <source>a part of it names a place outside the file</source>
        <translation>ein Teil davon nennt einen Ort außerhalb der Datei</translation>
    </message>
    <message>
        <source>a part of it unpacks to more than a page can need</source>
        <translation>ein Teil davon wird ausgepackt größer, als eine Seite braucht</translation>
    </message>
    <message>
        <source>its part {name} is larger than it can be</source>
        <translation>sein Teil {name} ist größer, als er sein kann</translation>
    </message>
    <message>
        <source>its part {name} is damaged</source>
        <translation>sein Teil {name} ist beschädigt</translation>
    </message>
    <message>
        <source>the list of its strokes is damaged</source>
        <translation>die Liste seiner Striche ist beschädigt</translation>
    </message>
    <message>
        <source>its list of layers gives no size</source>
        <translation>seine Liste der Ebenen nennt keine Größe</translation>
    </message>
    <message>
        <source>This is no order: {error}.</source>
        <translation>Das ist kein Auftrag: {error}.</translation>
    </message>
    <message>
        <source>For print</source>
        <translation>Für den Druck</translation>
    </message>
    <message>
        <source>For the web</source>
        <translation>Für das Web</translation>
    </message>
    <message>
        <source>At true size</source>
        <translation>In wahrer Größe</translation>
    </message>
    <message>
        <source>As shapes</source>
        <translation>Als Formen</translation>
    </message>
    <message>
        <source>With its layers</source>
        <translation>Mit seinen Ebenen</translation>
    </message>
    <message>
        <source>Orders are a list of objects, each with a name.</source>
        <translation>Aufträge sind eine Liste von Objekten, jedes mit einem Namen.</translation>
    </message>
    <message>
        <source>Two orders are named “{twice}”.</source>
        <translation>Zwei Aufträge heißen „{twice}“.</translation>
    </message>
    <message>
        <source>Two orders would both be “{name}”; give them endings of their own.</source>
        <translation>Zwei Aufträge würden beide „{name}“ heißen; geben Sie ihnen eigene Endungen.</translation>
    </message>
    <message>
        <source>The sketch goes out with it.</source>
        <translation>Die Skizze geht mit hinaus.</translation>
    </message>
    <message>
        <source>The page has no trim, so there is no bleed around it.</source>
        <translation>Die Seite hat kein Endformat, deshalb gibt es keinen Beschnitt.</translation>
    </message>
    <message>
        <source>The page has a trim but no bleed.</source>
        <translation>Die Seite hat ein Endformat, aber keinen Beschnitt.</translation>
    </message>
    <message>
        <source>{dpi:.0f} dpi is coarse for 1-bit print; {usual} and more is usual.</source>
        <translation>{dpi:.0f} dpi sind grob für 1-Bit-Druck; üblich sind {usual} und mehr.</translation>
    </message>
    <message>
        <source>{dpi:.0f} dpi is coarse for print; {usual} and more is usual.</source>
        <translation>{dpi:.0f} dpi sind grob für den Druck; üblich sind {usual} und mehr.</translation>
    </message>
    <message>
        <source>Hidden and so left out: {listed}.</source>
        <translation>Ausgeblendet und deshalb weggelassen: {listed}.</translation>
    </message>
    <message>
        <source>Nothing is to be seen on it.</source>
        <translation>Es ist nichts darauf zu sehen.</translation>
    </message>
    <message>
        <source> and {count} more</source>
        <translation> und {count} weitere</translation>
    </message>
    <message>
        <source>it is larger than a file of pens can be</source>
        <translation>es ist größer, als eine Datei mit Stiften sein kann</translation>
    </message>
    <message>
        <source>it is not JSON</source>
        <translation>es ist kein JSON</translation>
    </message>
    <message>
        <source>it holds no pens</source>
        <translation>es enthält keine Stifte</translation>
    </message>
    <message>
        <source>it holds more than {most_pens} pens</source>
        <translation>es enthält mehr als {most_pens} Stifte</translation>
    </message>
    <message>
        <source>its pen {number} makes no sense ({error})</source>
        <translation>sein Stift {number} ergibt keinen Sinn ({error})</translation>
    </message>
    <message>
        <source>it is not a picture this program knows</source>
        <translation>es ist kein Bild, das dieses Programm kennt</translation>
    </message>
    <message>
        <source>its header promises more pixels than a page may have</source>
        <translation>sein Kopf verspricht mehr Pixel, als eine Seite haben darf</translation>
    </message>
    <message>
        <source>the picture data is damaged or cut short</source>
        <translation>die Bilddaten sind beschädigt oder abgeschnitten</translation>
    </message>
    <message>
        <source>“{name}” is larger than {most_bytes} MB; it is no drawing of lines.</source>
        <translation>„{name}“ ist größer als {most_bytes} MB; das ist keine Zeichnung aus Linien.</translation>
    </message>
    <message>
        <source>it is no SVG</source>
        <translation>es ist kein SVG</translation>
    </message>
    <message>
        <source>“{name}” has more lines than fit on a page: more than {most_lines:,}.</source>
        <translation>„{name}“ hat mehr Linien, als auf eine Seite passen: mehr als {most_lines:,}.</translation>
    </message>
    <message>
        <source>its shapes cannot be read</source>
        <translation>seine Formen lassen sich nicht lesen</translation>
    </message>
    <message>
        <source>“{name}” has no lines in it.</source>
        <translation>In „{name}“ sind keine Linien.</translation>
    </message>
    <message>
        <source>it is damaged</source>
        <translation>es ist beschädigt</translation>
    </message>
    <message>
        <source>that state is no longer in it</source>
        <translation>dieser Stand ist nicht mehr darin</translation>
    </message>
    <message>
        <source>a part of it is damaged</source>
        <translation>ein Teil davon ist beschädigt</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>der Datenträger ist voll</translation>
    </message>
    <message>
        <source>the disk does not take or give it</source>
        <translation>der Datenträger nimmt oder gibt es nicht</translation>
    </message>
    <message>
        <source>another program is using it</source>
        <translation>ein anderes Programm benutzt es</translation>
    </message>
    <message>
        <source>your quota on this disk is used up</source>
        <translation>Ihr Anteil an diesem Datenträger ist aufgebraucht</translation>
    </message>
    <message>
        <source>the folder does not allow it</source>
        <translation>der Ordner erlaubt es nicht</translation>
    </message>
    <message>
        <source>the disk can only be read</source>
        <translation>der Datenträger lässt sich nur lesen</translation>
    </message>
    <message>
        <source>the folder does not exist</source>
        <translation>den Ordner gibt es nicht</translation>
    </message>
    <message>
        <source>a folder has that name</source>
        <translation>ein Ordner heißt so</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>der Name ist zu lang</translation>
    </message>
    <message>
        <source>it does not exist</source>
        <translation>es gibt sie nicht</translation>
    </message>
    <message>
        <source>it is a folder</source>
        <translation>es ist ein Ordner</translation>
    </message>
    <message>
        <source>you are not allowed to read it</source>
        <translation>Sie dürfen sie nicht lesen</translation>
    </message>
    <message>
        <source>That lies beside the page.</source>
        <translation>Das liegt neben der Seite.</translation>
    </message>
    <message>
        <source>Choose lines first; then the area beneath them can be held.</source>
        <translation>Wählen Sie zuerst Linien; dann lässt sich die Fläche darunter halten.</translation>
    </message>
    <message>
        <source>There is nothing inside.</source>
        <translation>Darin ist nichts.</translation>
    </message>
    <message>
        <source>Choose a layer to copy from; a group has no px of its own.</source>
        <translation>Wählen Sie eine Ebene, aus der kopiert wird; eine Gruppe hat keine eigenen Pixel.</translation>
    </message>
    <message>
        <source>“{name}” shows nothing in there.</source>
        <translation>„{name}“ zeigt dort nichts.</translation>
    </message>
    <message>
        <source>{name} copy</source>
        <translation>{name} Kopie</translation>
    </message>
    <message>
        <source>There is no pattern yet: hold an area by hand, and make it one.</source>
        <translation>Es gibt noch kein Muster: halten Sie von Hand eine Fläche und machen Sie eins daraus.</translation>
    </message>
    <message>
        <source>No area of this page is closed; close its lines, or let larger gaps be closed.</source>
        <translation>Keine Fläche dieser Seite ist geschlossen; schließen Sie ihre Linien, oder lassen Sie größere Lücken schließen.</translation>
    </message>
    <message>
        <source>There is no area there.</source>
        <translation>Dort ist keine Fläche.</translation>
    </message>
    <message>
        <source>That would be more strokes than a page can hold; space them wider.</source>
        <translation>Das wären mehr Striche, als eine Seite fasst; machen Sie den Abstand größer.</translation>
    </message>
    <message>
        <source>Draw the line that the hatching is to follow from one place to another.</source>
        <translation>Ziehen Sie die Linie, der die Schraffur folgen soll, von einem Ort zu einem anderen.</translation>
    </message>
    <message>
        <source>That would be more dots than a page can hold; space them wider.</source>
        <translation>Das wären mehr Punkte, als eine Seite fasst; machen Sie den Abstand größer.</translation>
    </message>
    <message>
        <source>An outline has three corners or more.</source>
        <translation>Ein Umriss hat drei Ecken oder mehr.</translation>
    </message>
    <message>
        <source>Areas lie on ink layers; choose one.</source>
        <translation>Flächen liegen auf Tuscheebenen; wählen Sie eine.</translation>
    </message>
    <message>
        <source>A pattern is made of {least_piece_px} to {most_piece_px} px a side; hold another area.</source>
        <translation>Ein Muster hat {least_piece_px} bis {most_piece_px} px je Seite; halten Sie eine andere Fläche.</translation>
    </message>
    <message>
        <source>The page shows nothing in there to repeat.</source>
        <translation>Die Seite zeigt dort nichts, das sich wiederholen ließe.</translation>
    </message>
    <message>
        <source>Fills</source>
        <translation>Füllungen</translation>
    </message>
    <message>
        <source>This area is open to the edge of the page; nothing was filled.</source>
        <translation>Diese Fläche ist bis zum Rand der Seite offen; es wurde nichts gefüllt.</translation>
    </message>
    <message>
        <source>It would run out at ({x}, {y}), through a gap of {width_px:.0f} px.</source>
        <translation>Es würde bei ({x}, {y}) auslaufen, durch eine Lücke von {width_px:.0f} px.</translation>
    </message>
    <message>
        <source>That lies on a line; press beside it.</source>
        <translation>Das liegt auf einer Linie; drücken Sie daneben.</translation>
    </message>
    <message>
        <source>A draft has at most {most_points} points; ink it, and go on from its end.</source>
        <translation>Ein Entwurf hat höchstens {most_points} Punkte; tuschen Sie ihn, und machen Sie an seinem Ende weiter.</translation>
    </message>
    <message>
        <source>A draft is at most {longest_px:,} px long; ink it, and go on from its end.</source>
        <translation>Ein Entwurf ist höchstens {longest_px:,} px lang; tuschen Sie ihn, und machen Sie an seinem Ende weiter.</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Quer</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Point {}</source>
        <translation>Punkt {}</translation>
    </message>
    <message>
        <source>First radius</source>
        <translation>Erster Radius</translation>
    </message>
    <message>
        <source>Second radius</source>
        <translation>Zweiter Radius</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Opacity</source>
        <translation>Deckkraft</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>it is far too long for a list of guides</source>
        <translation>es ist viel zu lang für eine Liste von Hilfslinien</translation>
    </message>
    <message>
        <source>it is not a list of at most {most_guides} guides</source>
        <translation>es ist keine Liste von höchstens {most_guides} Hilfslinien</translation>
    </message>
    <message>
        <source>Circle in perspective</source>
        <translation>Kreis in Perspektive</translation>
    </message>
    <message>
        <source>Cross</source>
        <translation>Kreuz</translation>
    </message>
    <message>
        <source>Between the two</source>
        <translation>Zwischen den beiden</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Ellipse template</source>
        <translation>Ellipsenschablone</translation>
    </message>
    <message>
        <source>Height to width</source>
        <translation>Höhe zu Breite</translation>
    </message>
    <message>
        <source>French curve</source>
        <translation>Kurvenlineal</translation>
    </message>
    <message>
        <source>Closed</source>
        <translation>Geschlossen</translation>
    </message>
    <message>
        <source>Smooth, without corners</source>
        <translation>Glatt, ohne Ecken</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>Parallel rule</source>
        <translation>Parallellineal</translation>
    </message>
    <message>
        <source>Perspective, one point</source>
        <translation>Perspektive, ein Punkt</translation>
    </message>
    <message>
        <source>Perspective, two points</source>
        <translation>Perspektive, zwei Punkte</translation>
    </message>
    <message>
        <source>Perspective, three points</source>
        <translation>Perspektive, drei Punkte</translation>
    </message>
    <message>
        <source>Upright lines stay upright</source>
        <translation>Senkrechte bleiben senkrecht</translation>
    </message>
    <message>
        <source>The horizon stays level</source>
        <translation>Der Horizont bleibt waagrecht</translation>
    </message>
    <message>
        <source>Show the cone of vision</source>
        <translation>Sehkegel zeigen</translation>
    </message>
    <message>
        <source>Row of posts</source>
        <translation>Reihe von Pfosten</translation>
    </message>
    <message>
        <source>How many more</source>
        <translation>Wie viele noch</translation>
    </message>
    <message>
        <source>Parts between</source>
        <translation>Teile dazwischen</translation>
    </message>
    <message>
        <source>Quarter symmetry</source>
        <translation>Viertelsymmetrie</translation>
    </message>
    <message>
        <source>Rings</source>
        <translation>Ringe</translation>
    </message>
    <message>
        <source>Rosette</source>
        <translation>Rosette</translation>
    </message>
    <message>
        <source>Mirrored rosette</source>
        <translation>Gespiegelte Rosette</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Wie viele</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>Gespiegelt</translation>
    </message>
    <message>
        <source>Spokes</source>
        <translation>Speichen</translation>
    </message>
    <message>
        <source>Straightedge</source>
        <translation>Lineal</translation>
    </message>
    <message>
        <source>These four corners do not span a plane; move one off the line of the others.</source>
        <translation>Diese vier Ecken spannen keine Ebene auf; rücken Sie eine von der Linie der anderen ab.</translation>
    </message>
    <message>
        <source>This circle reaches behind the eye, where it is no ellipse; make the square smaller.</source>
        <translation>Dieser Kreis reicht hinter das Auge, wo er keine Ellipse ist; machen Sie das Quadrat kleiner.</translation>
    </message>
    <message>
        <source>These lines are parallel on the page, so they have no vanishing point; use the parallel rule.</source>
        <translation>Diese Linien sind auf der Seite parallel und haben deshalb keinen Fluchtpunkt; nehmen Sie das Parallellineal.</translation>
    </message>
    <message>
        <source>A line needs two points that are apart; both lie at {x:.0f}, {y:.0f}.</source>
        <translation>Eine Linie braucht zwei Punkte, die auseinander liegen; beide liegen bei {x:.0f}, {y:.0f}.</translation>
    </message>
    <message>
        <source>These two lines are parallel on the page, so they have no vanishing point; use the parallel rule.</source>
        <translation>Diese beiden Linien sind auf der Seite parallel und haben deshalb keinen Fluchtpunkt; nehmen Sie das Parallellineal.</translation>
    </message>
    <message>
        <source>A row has 1 to {most_posts} more posts, not {count}.</source>
        <translation>Eine Reihe hat 1 bis {most_posts} weitere Pfosten, nicht {count}.</translation>
    </message>
    <message>
        <source>The first post stands on the vanishing point; a row needs one that is nearer.</source>
        <translation>Der erste Pfosten steht auf dem Fluchtpunkt; eine Reihe braucht einen, der näher ist.</translation>
    </message>
    <message>
        <source>The second post must stand between the first and the vanishing point, or on the near side.</source>
        <translation>Der zweite Pfosten muss zwischen dem ersten und dem Fluchtpunkt stehen, oder auf der nahen Seite.</translation>
    </message>
    <message>
        <source>A length is divided into 2 to {most_posts} parts, not {parts}.</source>
        <translation>Eine Länge wird in 2 bis {most_posts} Teile geteilt, nicht {parts}.</translation>
    </message>
    <message>
        <source>What is to be divided begins at its vanishing point.</source>
        <translation>Was geteilt werden soll, beginnt an seinem Fluchtpunkt.</translation>
    </message>
    <message>
        <source>What is to be divided must end before its vanishing point.</source>
        <translation>Was geteilt werden soll, muss vor seinem Fluchtpunkt enden.</translation>
    </message>
    <message>
        <source>open curve</source>
        <translation>offene Kurve</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>arc</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>polyline</source>
        <translation>Streckenzug</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>Kreis</translation>
    </message>
    <message>
        <source>ellipse</source>
        <translation>Ellipse</translation>
    </message>
    <message>
        <source>triangle</source>
        <translation>Dreieck</translation>
    </message>
    <message>
        <source>quadrilateral</source>
        <translation>Viereck</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>closed curve</source>
        <translation>geschlossene Kurve</translation>
    </message>
    <message>
        <source>ease</source>
        <translation>sanft</translation>
    </message>
    <message>
        <source>average</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>tow</source>
        <translation>Schlepp</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>scales</source>
        <translation>Schuppen</translation>
    </message>
    <message>
        <source>saw</source>
        <translation>Säge</translation>
    </message>
    <message>
        <source>wave</source>
        <translation>Welle</translation>
    </message>
    <message>
        <source>loops</source>
        <translation>Schlingen</translation>
    </message>
    <message>
        <source>loops in loops</source>
        <translation>Schlingen 2-fach</translation>
    </message>
    <message>
        <source>stitches</source>
        <translation>Stiche</translation>
    </message>
    <message>
        <source>chain</source>
        <translation>Kette</translation>
    </message>
    <message>
        <source>rope</source>
        <translation>Seil</translation>
    </message>
    <message>
        <source>leaves</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>own</source>
        <translation>eigenes</translation>
    </message>
    <message>
        <source>Dashes (ISO 128)</source>
        <translation>Strichelung (ISO 128)</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>Marke</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Stichworte</translation>
    </message>
    <message>
        <source>pressure</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>tilt</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>usage: </source>
        <translation>Aufruf: </translation>
    </message>
    <message>
        <source>options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>positional arguments</source>
        <translation>Argumente</translation>
    </message>
    <message>
        <source>show this help message and exit</source>
        <translation>diese Hilfe zeigen und enden</translation>
    </message>
    <message>
        <source>%(prog)s: error: %(message)s
</source>
        <translation>%(prog)s: Fehler: %(message)s
</translation>
    </message>
    <message>
        <source>argument %(argument_name)s: %(message)s</source>
        <translation>Argument %(argument_name)s: %(message)s</translation>
    </message>
    <message>
        <source>the following arguments are required: %s</source>
        <translation>diese Argumente fehlen: %s</translation>
    </message>
    <message>
        <source>unrecognized arguments: %s</source>
        <translation>unbekannte Argumente: %s</translation>
    </message>
    <message>
        <source>expected one argument</source>
        <translation>braucht ein Argument</translation>
    </message>
    <message>
        <source>expected at least one argument</source>
        <translation>braucht mindestens ein Argument</translation>
    </message>
    <message>
        <source>not allowed with argument %s</source>
        <translation>geht nicht zusammen mit %s</translation>
    </message>
    <message>
        <source>invalid choice: %(value)r (choose from %(choices)s)</source>
        <translation>%(value)r steht nicht zur Wahl; es gibt %(choices)s</translation>
    </message>
    <message>
        <source>invalid %(type)s value: %(value)r</source>
        <translation>%(value)r ist kein Wert der Art %(type)s</translation>
    </message>
    <message>
        <source>ambiguous option: %(option)s could match %(matches)s</source>
        <translation>%(option)s ist mehrdeutig: %(matches)s</translation>
    </message>
    <message>
        <source>ignored explicit argument %r</source>
        <translation>das Argument %r wird hier nicht gebraucht</translation>
    </message>
    <message>
        <source>Ink over a sketch. Without a command, opens the window, with FILE if it is given.</source>
        <translation>Tuschezeichnen über einer Skizze. Ohne Befehl öffnet sich das Fenster, mit FILE, wenn es angegeben ist.</translation>
    </message>
    <message>
        <source>print the version</source>
        <translation>die Version ausgeben</translation>
    </message>
    <message>
        <source>open the demo page</source>
        <translation>die Demoseite öffnen</translation>
    </message>
    <message>
        <source>let the simulated pen ink over the sketch</source>
        <translation>den simulierten Stift über die Skizze tuschen lassen</translation>
    </message>
    <message>
        <source>write a picture of the window and end</source>
        <translation>ein Bild des Fensters schreiben und enden</translation>
    </message>
    <message>
        <source>open the finished panel instead</source>
        <translation>statt dessen das fertige Panel öffnen</translation>
    </message>
    <message>
        <source>run traces through the pens, without a window</source>
        <translation>Bewegungen durch die Stifte führen, ohne Fenster</translation>
    </message>
    <message>
        <source>.png, .ora or .inkml</source>
        <translation>.png, .ora oder .inkml</translation>
    </message>
    <message>
        <source>page in px (2480x3508)</source>
        <translation>Seite in px (2480x3508)</translation>
    </message>
    <message>
        <source>resolution (300)</source>
        <translation>Auflösung (300)</translation>
    </message>
    <message>
        <source>a shipped pen (plain-round)</source>
        <translation>ein gelieferter Stift (plain-round)</translation>
    </message>
    <message>
        <source>full width (the pen&apos;s own)</source>
        <translation>volle Breite (die des Stifts)</translation>
    </message>
    <message>
        <source>0..100 (the pen&apos;s own)</source>
        <translation>0..100 (die des Stifts)</translation>
    </message>
    <message>
        <source>of the hand (learnt from slow traces)</source>
        <translation>der Hand (aus langsamen Bewegungen gelernt)</translation>
    </message>
    <message>
        <source>ink (#000000)</source>
        <translation>Tusche (#000000)</translation>
    </message>
    <message>
        <source>draw on the active layer of a page</source>
        <translation>auf der aktiven Ebene einer Seite zeichnen</translation>
    </message>
    <message>
        <source>guides that hold and repeat the lines</source>
        <translation>Hilfslinien, die die Linien halten und wiederholen</translation>
    </message>
    <message>
        <source>a trace that ends at rest becomes the shape it resembles</source>
        <translation>eine Bewegung, die in Ruhe endet, wird die Form, der sie gleicht</translation>
    </message>
    <message>
        <source>print the figures of every stroke</source>
        <translation>die Zahlen jedes Strichs ausgeben</translation>
    </message>
    <message>
        <source>write a page as a picture, shapes or motions</source>
        <translation>eine Seite als Bild, Formen oder Bewegungen schreiben</translation>
    </message>
    <message>
        <source>.png, .tif, .jpg, .webp, .pdf, .svg or .inkml</source>
        <translation>.png, .tif, .jpg, .webp, .pdf, .svg oder .inkml</translation>
    </message>
    <message>
        <source>colours (rgb)</source>
        <translation>Farben (rgb)</translation>
    </message>
    <message>
        <source>of the press, for cmyk</source>
        <translation>der Druckmaschine, für cmyk</translation>
    </message>
    <message>
        <source>lines as shapes, in a PDF</source>
        <translation>Linien als Formen, in einem PDF</translation>
    </message>
    <message>
        <source>leave the paper out; needs rgba</source>
        <translation>das Papier weglassen; braucht rgba</translation>
    </message>
    <message>
        <source>what to cut (page)</source>
        <translation>worauf zugeschnitten wird (page)</translation>
    </message>
    <message>
        <source>share of the pixels (1)</source>
        <translation>Anteil der Pixel (1)</translation>
    </message>
    <message>
        <source>of bits: darker is ink (128)</source>
        <translation>von bits: Dunkleres ist Tusche (128)</translation>
    </message>
    <message>
        <source>for .jpg and .webp (92)</source>
        <translation>für .jpg und .webp (92)</translation>
    </message>
    <message>
        <source>only this layer; may be given again</source>
        <translation>nur diese Ebene; darf mehrmals stehen</translation>
    </message>
    <message>
        <source>write a page as several orders at once</source>
        <translation>eine Seite als mehrere Aufträge auf einmal schreiben</translation>
    </message>
    <message>
        <source>where the files go</source>
        <translation>wohin die Dateien kommen</translation>
    </message>
    <message>
        <source>your own orders, docs/handing-over.md</source>
        <translation>eigene Aufträge, docs/handing-over.md</translation>
    </message>
    <message>
        <source>only this order; may be given again</source>
        <translation>nur dieser Auftrag; darf mehrmals stehen</translation>
    </message>
    <message>
        <source>write a page being drawn again</source>
        <translation>eine Seite schreiben, wie sie noch einmal gezeichnet wird</translation>
    </message>
    <message>
        <source>.webp, .png, or a new folder of frames</source>
        <translation>.webp, .png, oder ein neuer Ordner mit Bildern</translation>
    </message>
    <message>
        <source>times the hand&apos;s own pace</source>
        <translation>so viele Male so schnell wie die Hand</translation>
    </message>
    <message>
        <source>if no --speed is given (20)</source>
        <translation>wenn --speed fehlt (20)</translation>
    </message>
    <message>
        <source>the longest side (800)</source>
        <translation>die längste Seite (800)</translation>
    </message>
    <message>
        <source>frames a second (25)</source>
        <translation>Bilder je Sekunde (25)</translation>
    </message>
    <message>
        <source>run a list of steps on a page: mending and filling</source>
        <translation>eine Liste von Schritten auf einer Seite ausführen: Ausbessern und Füllen</translation>
    </message>
    <message>
        <source>docs/steps.md</source>
        <translation>docs/steps.md</translation>
    </message>
    <message>
        <source>print how many strokes or areas each step changed</source>
        <translation>ausgeben, wie viele Striche oder Flächen jeder Schritt geändert hat</translation>
    </message>
    <message>
        <source>say what is wrong with a page before it is sent</source>
        <translation>sagen, was an einer Seite falsch ist, bevor sie hinausgeht</translation>
    </message>
    <message>
        <source>print a list of findings</source>
        <translation>eine Liste der Befunde ausgeben</translation>
    </message>
    <message>
        <source>gaps of up to so many px are leaks (8)</source>
        <translation>Lücken bis zu so vielen px sind Lecks (8)</translation>
    </message>
    <message>
        <source>lines so near are tangents (3)</source>
        <translation>so nahe Linien sind Tangenten (3)</translation>
    </message>
    <message>
        <source>open a practice sheet, or measure one the simulated pen draws</source>
        <translation>ein Übungsblatt öffnen, oder eines messen, das der simulierte Stift zeichnet</translation>
    </message>
    <message>
        <source>lines, points, curves, circles, ... (lines)</source>
        <translation>lines, points, curves, circles, … (lines)</translation>
    </message>
    <message>
        <source>small, medium or large (medium)</source>
        <translation>small, medium oder large (medium)</translation>
    </message>
    <message>
        <source>beginner, practised or expert</source>
        <translation>beginner, practised oder expert</translation>
    </message>
    <message>
        <source>of the simulated hand (1)</source>
        <translation>der simulierten Hand (1)</translation>
    </message>
    <message>
        <source>print the figures as JSON</source>
        <translation>die Zahlen als JSON ausgeben</translation>
    </message>
    <message>
        <source>put Jotsk into the menu of the desktop, for this user</source>
        <translation>Jotsk in das Menü der Arbeitsfläche bringen, für diesen Benutzer</translation>
    </message>
    <message>
        <source>take it out again</source>
        <translation>es wieder herausnehmen</translation>
    </message>
    <message>
        <source>print a script that completes commands in a shell</source>
        <translation>ein Skript ausgeben, das Befehle in einer Shell ergänzt</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>a picture of the window is written as .png, not {suffix}</source>
        <translation>ein Bild des Fensters wird als .png geschrieben, nicht als {suffix}</translation>
    </message>
    <message>
        <source>there is no folder {folder}</source>
        <translation>es gibt keinen Ordner {folder}</translation>
    </message>
    <message>
        <source>a page is written as .ora, not {suffix}</source>
        <translation>eine Seite wird als .ora geschrieben, nicht als {suffix}</translation>
    </message>
    <message>
        <source>“{text}” ends in none of .png, .ora, .inkml</source>
        <translation>„{text}“ endet auf keines von .png, .ora, .inkml</translation>
    </message>
    <message>
        <source>“{text}” is no size such as 2480x3508</source>
        <translation>„{text}“ ist keine Größe wie 2480x3508</translation>
    </message>
    <message>
        <source>“{text}” is no number</source>
        <translation>„{text}“ ist keine Zahl</translation>
    </message>
    <message>
        <source>{text} is not between {low:g} and {high:g}</source>
        <translation>{text} liegt nicht zwischen {low:g} und {high:g}</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>bristle</source>
        <translation>Borsten</translation>
    </message>
    <message>
        <source>chalk</source>
        <translation>Kreide</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>Schwamm</translation>
    </message>
    <message>
        <source>spatter</source>
        <translation>Spritzer</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Width by</source>
        <translation>Breite durch</translation>
    </message>
    <message>
        <source>Flat pencil, wider</source>
        <translation>Flacher Bleistift, breiter</translation>
    </message>
    <message>
        <source>Width along the line</source>
        <translation>Breite entlang der Linie</translation>
    </message>
    <message>
        <source>Ink by</source>
        <translation>Tusche durch</translation>
    </message>
    <message>
        <source>Flow (0: never darkens itself)</source>
        <translation>Fluss (0: dunkelt nie nach)</translation>
    </message>
    <message>
        <source>Tip</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>Paper grain</source>
        <translation>Papierkorn</translation>
    </message>
    <message>
        <source>Flat pencil, fainter</source>
        <translation>Flacher Bleistift, blasser</translation>
    </message>
    <message>
        <source>Hard edge, for one-bit print</source>
        <translation>Harter Rand, für 1-Bit-Druck</translation>
    </message>
    <message>
        <source>Rubs out</source>
        <translation>Radiert</translation>
    </message>
    <message>
        <source>Taper in</source>
        <translation>Anlauf</translation>
    </message>
    <message>
        <source>Taper out</source>
        <translation>Auslauf</translation>
    </message>
    <message>
        <source>Cord, edge of its width</source>
        <translation>Kordel, Rand in ihrer Breite</translation>
    </message>
    <message>
        <source>Motif</source>
        <translation>Motiv</translation>
    </message>
    <message>
        <source>Line, of the width</source>
        <translation>Linie, in seiner Breite</translation>
    </message>
    <message>
        <source>Spacing by</source>
        <translation>Abstand durch</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Drehung durch</translation>
    </message>
    <message>
        <source>Closes within</source>
        <translation>Schließt innerhalb</translation>
    </message>
    <message>
        <source>Strokes along the last one join it</source>
        <translation>Striche entlang des letzten gehen in ihn ein</translation>
    </message>
    <message>
        <source>Way</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Steady now</source>
        <translation>Ruhe jetzt</translation>
    </message>
    <message>
        <source>Steady after</source>
        <translation>Ruhe danach</translation>
    </message>
    <message>
        <source>Less when fast</source>
        <translation>Weniger bei Tempo</translation>
    </message>
    <message>
        <source>Less when zoomed in</source>
        <translation>Weniger bei großem Zoom</translation>
    </message>
    <message>
        <source>Keep sharp corners</source>
        <translation>Scharfe Ecken behalten</translation>
    </message>
    <message>
        <source>whole</source>
        <translation>durchgehend</translation>
    </message>
    <message>
        <source>dashed</source>
        <translation>gestrichelt</translation>
    </message>
    <message>
        <source>dash-dot</source>
        <translation>Strich-Punkt</translation>
    </message>
    <message>
        <source>dash-double-dot</source>
        <translation>Strich-2-Punkt</translation>
    </message>
    <message>
        <source>dotted</source>
        <translation>gepunktet</translation>
    </message>
    <message>
        <source>Quill nib</source>
        <translation>Zeichenfeder</translation>
    </message>
    <message>
        <source>Mapping nib</source>
        <translation>Kartenfeder</translation>
    </message>
    <message>
        <source>Plain round</source>
        <translation>Einfach rund</translation>
    </message>
    <message>
        <source>Brush pen</source>
        <translation>Pinselstift</translation>
    </message>
    <message>
        <source>Supple brush</source>
        <translation>Weicher Pinsel</translation>
    </message>
    <message>
        <source>Flick pen</source>
        <translation>Schwungstift</translation>
    </message>
    <message>
        <source>Swell pen</source>
        <translation>Schwellstift</translation>
    </message>
    <message>
        <source>Slant nib</source>
        <translation>Schräge Feder</translation>
    </message>
    <message>
        <source>Hard-edged nib</source>
        <translation>Harte Feder</translation>
    </message>
    <message>
        <source>Hard-edged round</source>
        <translation>Hart und rund</translation>
    </message>
    <message>
        <source>Pencil</source>
        <translation>Bleistift</translation>
    </message>
    <message>
        <source>Soft pencil</source>
        <translation>Weichstift</translation>
    </message>
    <message>
        <source>Charcoal</source>
        <translation>Kohle</translation>
    </message>
    <message>
        <source>Dry brush</source>
        <translation>Trockenpinsel</translation>
    </message>
    <message>
        <source>Sponge</source>
        <translation>Schwamm</translation>
    </message>
    <message>
        <source>Spatter</source>
        <translation>Spritzer</translation>
    </message>
    <message>
        <source>Marker</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>Soft wash</source>
        <translation>Lavierung</translation>
    </message>
    <message>
        <source>White nib</source>
        <translation>Weiße Feder</translation>
    </message>
    <message>
        <source>Cord</source>
        <translation>Kordel</translation>
    </message>
    <message>
        <source>Lock of hair</source>
        <translation>Haarsträhne</translation>
    </message>
    <message>
        <source>Eraser</source>
        <translation>Radierer</translation>
    </message>
    <message>
        <source>Soft eraser</source>
        <translation>Weichradierer</translation>
    </message>
    <message>
        <source>there is no pen “{pen_id}”; the pens are {known}</source>
        <translation>es gibt keinen Stift „{pen_id}“; die Stifte sind {known}</translation>
    </message>
    <message>
        <source>A line becomes {lightest:g} to {heaviest:g} times as thick, not {by:g}.</source>
        <translation>Eine Linie wird {lightest:g}- bis {heaviest:g}-mal so dick, nicht {by:g}-mal.</translation>
    </message>
    <message>
        <source>A hand that pushes has a size.</source>
        <translation>Eine Hand, die schiebt, hat eine Größe.</translation>
    </message>
    <message>
        <source>No cord crosses anything there.</source>
        <translation>Dort kreuzt keine Kordel etwas.</translation>
    </message>
    <message>
        <source>There are no strokes to mend here; choose an ink layer.</source>
        <translation>Hier sind keine Striche zum Ausbessern; wählen Sie eine Tuscheebene.</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it to mend its lines.</source>
        <translation>„{name}“ ist gesperrt; entsperren Sie die Ebene, um ihre Linien auszubessern.</translation>
    </message>
    <message>
        <source>There is no line to cut there.</source>
        <translation>Dort ist keine Linie zum Schneiden.</translation>
    </message>
    <message>
        <source>The line ends there; there is nothing to part.</source>
        <translation>Dort endet die Linie; es gibt nichts zu teilen.</translation>
    </message>
    <message>
        <source>A splice takes two to {most_strokes} lines that overlap.</source>
        <translation>Ein Spleiß nimmt zwei bis {most_strokes} Linien, die sich überlappen.</translation>
    </message>
    <message>
        <source>These lines do not all overlap; a splice follows tries of one line.</source>
        <translation>Diese Linien überlappen sich nicht alle; ein Spleiß folgt Versuchen einer Linie.</translation>
    </message>
    <message>
        <source>A tolerance is more than 0 px.</source>
        <translation>Eine Toleranz ist mehr als 0 px.</translation>
    </message>
    <message>
        <source>That would move a line out of all sight; the page is as it was.</source>
        <translation>Das würde eine Linie außer Sicht bringen; die Seite ist, wie sie war.</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>multiply</source>
        <translation>multiplizieren</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>Negativ</translation>
    </message>
    <message>
        <source>overlay</source>
        <translation>überlagern</translation>
    </message>
    <message>
        <source>darken</source>
        <translation>abdunkeln</translation>
    </message>
    <message>
        <source>lighten</source>
        <translation>aufhellen</translation>
    </message>
    <message>
        <source>color-dodge</source>
        <translation>abwedeln</translation>
    </message>
    <message>
        <source>color-burn</source>
        <translation>nachbelichten</translation>
    </message>
    <message>
        <source>hard-light</source>
        <translation>hartes Licht</translation>
    </message>
    <message>
        <source>soft-light</source>
        <translation>weiches Licht</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>Differenz</translation>
    </message>
    <message>
        <source>exclusion</source>
        <translation>Ausschluss</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>color</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>luminosity</source>
        <translation>Leuchtdichte</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>Malerei</translation>
    </message>
    <message>
        <source>Sketch</source>
        <translation>Skizze</translation>
    </message>
    <message>
        <source>“{name}” is no picture; only placed pictures and paint have handles.</source>
        <translation>„{name}“ ist kein Bild; nur platzierte Bilder und Malerei haben Griffe.</translation>
    </message>
    <message>
        <source>The position of “{name}” is locked; unlock it to move it.</source>
        <translation>Die Lage von „{name}“ ist gesperrt; entsperren Sie sie, um die Ebene zu bewegen.</translation>
    </message>
    <message>
        <source>There is nothing on “{name}” yet.</source>
        <translation>Auf „{name}“ ist noch nichts.</translation>
    </message>
    <message>
        <source>“{name}” holds lines; choose parts of them, and move those.</source>
        <translation>„{name}“ enthält Linien; wählen Sie Teile davon, und bewegen Sie die.</translation>
    </message>
    <message>
        <source>There is nothing of “{name}” in there.</source>
        <translation>Von „{name}“ ist dort nichts.</translation>
    </message>
    <message>
        <source>A page keeps at least one layer; add another before deleting this one.</source>
        <translation>Eine Seite behält mindestens eine Ebene; fügen Sie eine hinzu, bevor Sie diese löschen.</translation>
    </message>
    <message>
        <source>A group cannot go into itself.</source>
        <translation>Eine Gruppe kann nicht in sich selbst.</translation>
    </message>
    <message>
        <source>There is no layer to group.</source>
        <translation>Es gibt keine Ebene zum Gruppieren.</translation>
    </message>
    <message>
        <source>“{name}” is no group.</source>
        <translation>„{name}“ ist keine Gruppe.</translation>
    </message>
    <message>
        <source>There is no layer to trace; open a sketch first.</source>
        <translation>Es gibt keine Ebene zum Durchpausen; öffnen Sie zuerst eine Skizze.</translation>
    </message>
    <message>
        <source>There is nothing below “{name}” to merge it onto.</source>
        <translation>Unter „{name}“ ist nichts, womit sich die Ebene vereinen ließe.</translation>
    </message>
    <message>
        <source>“{name}” below is a group; move the layer into it, or take the group apart.</source>
        <translation>„{name}“ darunter ist eine Gruppe; ziehen Sie die Ebene hinein, oder lösen Sie die Gruppe auf.</translation>
    </message>
    <message>
        <source>“{name}” is locked; it cannot be merged.</source>
        <translation>„{name}“ ist gesperrt und lässt sich nicht vereinen.</translation>
    </message>
    <message>
        <source>“{name}” is hidden; it cannot be merged.</source>
        <translation>„{name}“ ist ausgeblendet und lässt sich nicht vereinen.</translation>
    </message>
    <message>
        <source>There is only one visible layer; nothing to merge.</source>
        <translation>Es ist nur eine Ebene sichtbar; nichts zu vereinen.</translation>
    </message>
    <message>
        <source>Flat copy</source>
        <translation>Flache Kopie</translation>
    </message>
    <message>
        <source>“{name}” is a group; choose a layer in it to draw on.</source>
        <translation>„{name}“ ist eine Gruppe; wählen Sie eine Ebene darin zum Zeichnen.</translation>
    </message>
    <message>
        <source>“{name}” is hidden; show it to draw on it.</source>
        <translation>„{name}“ ist ausgeblendet; blenden Sie die Ebene ein, um darauf zu zeichnen.</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it, or choose another layer.</source>
        <translation>„{name}“ ist gesperrt; entsperren Sie die Ebene, oder wählen Sie eine andere.</translation>
    </message>
    <message>
        <source>That layer is no longer on the page.</source>
        <translation>Diese Ebene ist nicht mehr auf der Seite.</translation>
    </message>
    <message>
        <source>There is no layer to draw on; add one with the plus above the layers.</source>
        <translation>Es gibt keine Ebene zum Zeichnen; das Plus über den Ebenen fügt eine hinzu.</translation>
    </message>
    <message>
        <source>The transparency of “{name}” is locked; unlock it to rub out.</source>
        <translation>Die Transparenz von „{name}“ ist gesperrt; entsperren Sie sie, um zu radieren.</translation>
    </message>
    <message>
        <source>That line is no longer on the page.</source>
        <translation>Diese Linie ist nicht mehr auf der Seite.</translation>
    </message>
    <message>
        <source>There is nothing inside that frame.</source>
        <translation>In diesem Rahmen ist nichts.</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it to flip it.</source>
        <translation>„{name}“ ist gesperrt; entsperren Sie die Ebene, um sie zu spiegeln.</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>Weichzeichnen</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>Radius</translation>
    </message>
    <message>
        <source>Brightness and contrast</source>
        <translation>Helligkeit und Kontrast</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>Kontrast</translation>
    </message>
    <message>
        <source>Hue and saturation</source>
        <translation>Farbton und Sättigung</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>White to clear</source>
        <translation>Weiß wird durchsichtig</translation>
    </message>
    <message>
        <source>White from</source>
        <translation>Weiß ab</translation>
    </message>
    <message>
        <source>Black up to</source>
        <translation>Schwarz bis</translation>
    </message>
    <message>
        <source>Specks up to</source>
        <translation>Flecken bis</translation>
    </message>
    <message>
        <source>Keep the colour</source>
        <translation>Farbe behalten</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Lightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>Ripple</source>
        <translation>Wellen</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Only inside</source>
        <translation>Nur innen</translation>
    </message>
    <message>
        <source>Soft edge</source>
        <translation>Weicher Rand</translation>
    </message>
    <message>
        <source>Tone of its grey</source>
        <translation>Raster aus seinem Grau</translation>
    </message>
    <message>
        <source>Cell</source>
        <translation>Zelle</translation>
    </message>
    <message>
        <source>Dots 0, lines 1, crosses 2</source>
        <translation>Punkte 0, Linien 1, Kreuze 2</translation>
    </message>
    <message>
        <source>Reflection</source>
        <translation>Spiegelung</translation>
    </message>
    <message>
        <source>Axis from the top</source>
        <translation>Achse von oben</translation>
    </message>
    <message>
        <source>Fades within</source>
        <translation>Verblasst innerhalb</translation>
    </message>
    <message>
        <source>A page of {width} x {height} px has no room to draw; both sides need 1 px or more.</source>
        <translation>Eine Seite von {width} x {height} px hat keinen Platz zum Zeichnen; beide Seiten brauchen 1 px oder mehr.</translation>
    </message>
    <message>
        <source>{width} x {height} px is more than fits: at most {largest_side:,} px a side and {most_pixels} million pixels in all.</source>
        <translation>{width} x {height} px sind zu viel: höchstens {largest_side:,} px je Seite und insgesamt {most_pixels} Millionen Pixel.</translation>
    </message>
    <message>
        <source>JIS B{number}</source>
        <translation>JIS B{number}</translation>
    </message>
    <message>
        <source>US letter</source>
        <translation>US Letter</translation>
    </message>
    <message>
        <source>US legal</source>
        <translation>US Legal</translation>
    </message>
    <message>
        <source>Comic book</source>
        <translation>Comicheft</translation>
    </message>
    <message>
        <source>Digest comic</source>
        <translation>Comic, klein</translation>
    </message>
    <message>
        <source>Album</source>
        <translation>Album</translation>
    </message>
    <message>
        <source>Manga magazine</source>
        <translation>Manga-Magazin</translation>
    </message>
    <message>
        <source>Manga volume</source>
        <translation>Manga-Band</translation>
    </message>
    <message>
        <source>Page</source>
        <comment>menu</comment>
        <translation>Seite</translation>
    </message>
    <message>
        <source>Edit</source>
        <comment>menu</comment>
        <translation>Bearbeiten</translation>
    </message>
    <message>
        <source>Hand</source>
        <comment>menu</comment>
        <translation>Hand</translation>
    </message>
    <message>
        <source>View</source>
        <comment>menu</comment>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Layer</source>
        <comment>menu</comment>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>Mend</source>
        <comment>menu</comment>
        <translation>Ausbessern</translation>
    </message>
    <message>
        <source>Fill</source>
        <comment>menu</comment>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Check</source>
        <comment>menu</comment>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Guides</source>
        <comment>menu</comment>
        <translation>Hilfslinien</translation>
    </message>
    <message>
        <source>Help</source>
        <comment>menu</comment>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Check the page</source>
        <translation>Die Seite prüfen</translation>
    </message>
    <message>
        <source>Look for leaks, tangents, weak outlines, wobble and stray marks</source>
        <translation>Nach Lecks, Tangenten, schwachen Umrissen, Wackeln und verirrten Strichen suchen</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Fund</translation>
    </message>
    <message>
        <source>Go to the next finding</source>
        <translation>Zum nächsten Fund gehen</translation>
    </message>
    <message>
        <source>Finding before</source>
        <translation>Fund davor</translation>
    </message>
    <message>
        <source>Go to the finding before</source>
        <translation>Zum Fund davor gehen</translation>
    </message>
    <message>
        <source>Mend the finding</source>
        <translation>Den Fund ausbessern</translation>
    </message>
    <message>
        <source>Mend what one came to</source>
        <translation>Ausbessern, wohin man gekommen ist</translation>
    </message>
    <message>
        <source>Mend all of its kind…</source>
        <translation>Alle dieser Art ausbessern…</translation>
    </message>
    <message>
        <source>Show how every finding of the kind one came to would be mended, and mend those one wants</source>
        <translation>Zeigt, wie jeder Fund dieser Art ausgebessert würde, und bessert die gewünschten aus</translation>
    </message>
    <message>
        <source>Let the finding be</source>
        <translation>Den Fund lassen</translation>
    </message>
    <message>
        <source>It is meant so, and is not found again</source>
        <translation>So ist es gemeint; er wird nicht wieder gefunden</translation>
    </message>
    <message>
        <source>Put the findings away</source>
        <translation>Die Funde weglegen</translation>
    </message>
    <message>
        <source>Show no findings any more, until the page is checked again</source>
        <translation>Keine Funde mehr zeigen, bis die Seite wieder geprüft wird</translation>
    </message>
    <message>
        <source>Heat picture</source>
        <translation>Wärmebild</translation>
    </message>
    <message>
        <source>The page as a picture of line weight, thin to thick</source>
        <translation>Die Seite als Bild der Strichstärke, dünn bis dick</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Take the last change back</source>
        <translation>Die letzte Änderung zurücknehmen</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Do again what was taken back</source>
        <translation>Noch einmal tun, was zurückgenommen wurde</translation>
    </message>
    <message>
        <source>Back to drawing</source>
        <translation>Zurück zum Zeichnen</translation>
    </message>
    <message>
        <source>Give up the stroke under the pen, what is chosen, and any tool</source>
        <translation>Den Strich unter dem Stift, die Auswahl und jedes Werkzeug aufgeben</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Einstellungen…</translation>
    </message>
    <message>
        <source>Pen, fingers, keys, view, files and memory, on one sheet</source>
        <translation>Stift, Finger, Tasten, Ansicht, Dateien und Speicher, auf einem Blatt</translation>
    </message>
    <message>
        <source>Choose all lines</source>
        <translation>Alle Linien wählen</translation>
    </message>
    <message>
        <source>Choose every line of this layer</source>
        <translation>Jede Linie dieser Ebene wählen</translation>
    </message>
    <message>
        <source>Choose the same pen</source>
        <translation>Gleicher Stift</translation>
    </message>
    <message>
        <source>Choose every line of this layer with the pen of those chosen</source>
        <translation>Jede Linie dieser Ebene mit dem Stift der gewählten wählen</translation>
    </message>
    <message>
        <source>Choose the same colour</source>
        <translation>Gleiche Farbe</translation>
    </message>
    <message>
        <source>Choose every line of this layer in the colour of those chosen</source>
        <translation>Jede Linie dieser Ebene in der Farbe der gewählten wählen</translation>
    </message>
    <message>
        <source>Choose the same size</source>
        <translation>Gleiche Größe</translation>
    </message>
    <message>
        <source>Choose every line of this layer of the size of those chosen</source>
        <translation>Jede Linie dieser Ebene von der Größe der gewählten wählen</translation>
    </message>
    <message>
        <source>Choose what is connected</source>
        <translation>Verbundenes wählen</translation>
    </message>
    <message>
        <source>Choose all that hangs together with those chosen</source>
        <translation>Alles wählen, was mit den gewählten zusammenhängt</translation>
    </message>
    <message>
        <source>Choose the other lines</source>
        <translation>Die anderen Linien wählen</translation>
    </message>
    <message>
        <source>Choose the lines that are not chosen</source>
        <translation>Die Linien wählen, die nicht gewählt sind</translation>
    </message>
    <message>
        <source>Choose on all ink layers</source>
        <translation>Auf allen Tuscheebenen wählen</translation>
    </message>
    <message>
        <source>Choose lines of every ink layer that shows and is not locked, or of this one alone</source>
        <translation>Linien jeder Tuscheebene wählen, die sichtbar und nicht gesperrt ist, oder nur dieser</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Ausschneiden</translation>
    </message>
    <message>
        <source>Copy the chosen lines and take them away</source>
        <translation>Die gewählten Linien kopieren und wegnehmen</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy the chosen lines, or the last one, here and for other programs</source>
        <translation>Die gewählten Linien oder die letzte kopieren, hier und für andere Programme</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Bring in the lines or the picture that was copied</source>
        <translation>Die Linien oder das Bild holen, das kopiert wurde</translation>
    </message>
    <message>
        <source>Flip the lines left to right</source>
        <translation>Linien seitlich spiegeln</translation>
    </message>
    <message>
        <source>Flip the chosen lines, or the last one</source>
        <translation>Die gewählten Linien oder die letzte spiegeln</translation>
    </message>
    <message>
        <source>Flip the lines upside down</source>
        <translation>Linien auf den Kopf stellen</translation>
    </message>
    <message>
        <source>Delete the chosen lines</source>
        <translation>Gewählte Linien löschen</translation>
    </message>
    <message>
        <source>Take the chosen lines away</source>
        <translation>Die gewählten Linien wegnehmen</translation>
    </message>
    <message>
        <source>Pour</source>
        <translation>Ausgießen</translation>
    </message>
    <message>
        <source>Press in an area to fill it; drag through many</source>
        <translation>In eine Fläche drücken, um sie zu füllen; durch viele ziehen</translation>
    </message>
    <message>
        <source>Fill inside</source>
        <translation>Innen füllen</translation>
    </message>
    <message>
        <source>Draw around what is to be filled, on this layer</source>
        <translation>Umfahren, was auf dieser Ebene gefüllt werden soll</translation>
    </message>
    <message>
        <source>Area by hand</source>
        <translation>Fläche von Hand</translation>
    </message>
    <message>
        <source>Draw an area from loops, corners, boxes and colours, and fill, rub out or copy it</source>
        <translation>Eine Fläche aus Schlingen, Ecken, Kästen und Farben zeichnen und sie füllen, ausradieren oder kopieren</translation>
    </message>
    <message>
        <source>Flats at once</source>
        <translation>Grundfarben auf einmal</translation>
    </message>
    <message>
        <source>Give every closed area of the page a flat of its own</source>
        <translation>Jeder geschlossenen Fläche der Seite eine eigene Grundfarbe geben</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Flächen verbinden</translation>
    </message>
    <message>
        <source>Swipe over areas: they become one</source>
        <translation>Über Flächen streichen: sie werden eine</translation>
    </message>
    <message>
        <source>Place the light</source>
        <translation>Das Licht setzen</translation>
    </message>
    <message>
        <source>Press where the light of the page stands; blacks and hatching run out towards it</source>
        <translation>Drücken, wo das Licht der Seite steht; Schwarz und Schraffur laufen zu ihm hin aus</translation>
    </message>
    <message>
        <source>Freeze the areas</source>
        <translation>Flächen festhalten</translation>
    </message>
    <message>
        <source>Areas stay as they are now, whatever becomes of their lines</source>
        <translation>Flächen bleiben, wie sie jetzt sind, was auch aus ihren Linien wird</translation>
    </message>
    <message>
        <source>Show open areas</source>
        <translation>Offene Flächen zeigen</translation>
    </message>
    <message>
        <source>Go to the areas whose lines are not closed any more, one by one</source>
        <translation>Eine nach der anderen zu den Flächen gehen, deren Linien nicht mehr geschlossen sind</translation>
    </message>
    <message>
        <source>Place the guides</source>
        <translation>Hilfslinien setzen</translation>
    </message>
    <message>
        <source>Drag the handles of the guides</source>
        <translation>An den Griffen der Hilfslinien ziehen</translation>
    </message>
    <message>
        <source>All guides off</source>
        <translation>Alle Hilfslinien aus</translation>
    </message>
    <message>
        <source>Draw as if there were no guides</source>
        <translation>Zeichnen, als gäbe es keine Hilfslinien</translation>
    </message>
    <message>
        <source>Hold alone</source>
        <translation>Allein halten</translation>
    </message>
    <message>
        <source>Let the guide in hand hold every stroke, or as usual again</source>
        <translation>Die Hilfslinie in der Hand jeden Strich halten lassen, oder wieder wie sonst</translation>
    </message>
    <message>
        <source>Guide in numbers…</source>
        <translation>Hilfslinie in Zahlen…</translation>
    </message>
    <message>
        <source>Type where the chosen guide lies, and how it looks</source>
        <translation>Eintippen, wo die gewählte Hilfslinie liegt und wie sie aussieht</translation>
    </message>
    <message>
        <source>Keep the guides as a set…</source>
        <translation>Hilfslinien als Satz behalten…</translation>
    </message>
    <message>
        <source>Keep these guides at hand for other pages</source>
        <translation>Diese Hilfslinien für andere Seiten bereithalten</translation>
    </message>
    <message>
        <source>Add a set from a file…</source>
        <translation>Satz aus einer Datei holen…</translation>
    </message>
    <message>
        <source>Use guides that were saved from another page</source>
        <translation>Hilfslinien verwenden, die von einer anderen Seite gespeichert wurden</translation>
    </message>
    <message>
        <source>Save the guides to a file…</source>
        <translation>Hilfslinien in eine Datei speichern…</translation>
    </message>
    <message>
        <source>A file of these guides, for another machine</source>
        <translation>Eine Datei mit diesen Hilfslinien, für einen anderen Rechner</translation>
    </message>
    <message>
        <source>Perspective of the sketch</source>
        <translation>Perspektive der Skizze</translation>
    </message>
    <message>
        <source>Drag lines over two edges that are parallel in reality: their vanishing point falls out of them</source>
        <translation>Linien über zwei Kanten ziehen, die in Wirklichkeit parallel sind: daraus ergibt sich ihr Fluchtpunkt</translation>
    </message>
    <message>
        <source>Offset of the curve…</source>
        <translation>Parallele zur Kurve…</translation>
    </message>
    <message>
        <source>A curve beside the chosen French curve</source>
        <translation>Eine Kurve neben dem gewählten Kurvenlineal</translation>
    </message>
    <message>
        <source>French curve of the line</source>
        <translation>Kurvenlineal aus der Linie</translation>
    </message>
    <message>
        <source>Make a French curve of the last line</source>
        <translation>Aus der letzten Linie ein Kurvenlineal machen</translation>
    </message>
    <message>
        <source>Part the copies</source>
        <translation>Kopien trennen</translation>
    </message>
    <message>
        <source>Make the copies of a symmetric line strokes of their own</source>
        <translation>Die Kopien einer symmetrischen Linie zu eigenen Strichen machen</translation>
    </message>
    <message>
        <source>Settle when held still</source>
        <translation>Beim Stillhalten zur Form</translation>
    </message>
    <message>
        <source>A stroke that ends at rest becomes the shape it resembles</source>
        <translation>Ein Strich, der in Ruhe endet, wird zu der Form, der er gleicht</translation>
    </message>
    <message>
        <source>Steps of the page</source>
        <translation>Stufen der Seite</translation>
    </message>
    <message>
        <source>Steps of 15 degrees are counted on the page, or else on the turned view</source>
        <translation>Stufen von 15 Grad zählen auf der Seite, sonst in der gedrehten Ansicht</translation>
    </message>
    <message>
        <source>Time to settle…</source>
        <translation>Zeit bis zur Form…</translation>
    </message>
    <message>
        <source>How long the pen rests before that</source>
        <translation>Wie lange der Stift davor ruht</translation>
    </message>
    <message>
        <source>Smaller pen</source>
        <translation>Kleinerer Stift</translation>
    </message>
    <message>
        <source>Make the pen smaller</source>
        <translation>Den Stift kleiner machen</translation>
    </message>
    <message>
        <source>Larger pen</source>
        <translation>Größerer Stift</translation>
    </message>
    <message>
        <source>Make the pen larger</source>
        <translation>Den Stift größer machen</translation>
    </message>
    <message>
        <source>Resize the pen</source>
        <translation>Stiftgröße ziehen</translation>
    </message>
    <message>
        <source>Drag sideways to resize the pen</source>
        <translation>Seitlich ziehen, um die Größe des Stifts zu ändern</translation>
    </message>
    <message>
        <source>Rub out</source>
        <translation>Radieren</translation>
    </message>
    <message>
        <source>Rub out with the pen in the hand</source>
        <translation>Mit dem Stift in der Hand radieren</translation>
    </message>
    <message>
        <source>Rub out what is inside</source>
        <translation>Innen ausradieren</translation>
    </message>
    <message>
        <source>Draw around what is to go; strokes are cut where the loop crosses them</source>
        <translation>Umfahren, was weg soll; Striche werden geschnitten, wo die Schlinge sie kreuzt</translation>
    </message>
    <message>
        <source>Choose lines</source>
        <translation>Linien wählen</translation>
    </message>
    <message>
        <source>Draw around lines, or press one, to change them together</source>
        <translation>Linien umfahren oder eine drücken, um sie zusammen zu ändern</translation>
    </message>
    <message>
        <source>Choose across</source>
        <translation>Quer wählen</translation>
    </message>
    <message>
        <source>Draw a line: every line it crosses is chosen</source>
        <translation>Eine Linie ziehen: jede Linie, die sie kreuzt, wird gewählt</translation>
    </message>
    <message>
        <source>Choose parts of lines</source>
        <translation>Teile von Linien wählen</translation>
    </message>
    <message>
        <source>Draw around parts of lines: they are parted there, and what is inside is chosen</source>
        <translation>Teile von Linien umfahren: sie werden dort getrennt, und was innen liegt, wird gewählt</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Farbe aufnehmen</translation>
    </message>
    <message>
        <source>Take the colour under the pen from the page</source>
        <translation>Die Farbe unter dem Stift von der Seite nehmen</translation>
    </message>
    <message>
        <source>Full steadiness</source>
        <translation>Volle Ruhe</translation>
    </message>
    <message>
        <source>Hold the line as firmly as it goes</source>
        <translation>Die Linie so fest halten, wie es geht</translation>
    </message>
    <message>
        <source>No steadiness</source>
        <translation>Keine Ruhe</translation>
    </message>
    <message>
        <source>Draw just as the hand goes</source>
        <translation>Zeichnen, genau wie die Hand geht</translation>
    </message>
    <message>
        <source>Fingers draw</source>
        <translation>Finger zeichnen</translation>
    </message>
    <message>
        <source>Without a pen, fingers draw; with one they only move, zoom and turn the page</source>
        <translation>Ohne Stift zeichnen die Finger; mit einem bewegen, zoomen und drehen sie nur die Seite</translation>
    </message>
    <message>
        <source>Pen maker…</source>
        <translation>Stiftmacher…</translation>
    </message>
    <message>
        <source>Change pens, make new ones, and try them</source>
        <translation>Stifte ändern, neue machen und sie ausprobieren</translation>
    </message>
    <message>
        <source>Motif of the lines…</source>
        <translation>Motiv aus den Linien…</translation>
    </message>
    <message>
        <source>Make a pen of the chosen lines, that runs along the hand</source>
        <translation>Aus den gewählten Linien einen Stift machen, der der Hand entlangläuft</translation>
    </message>
    <message>
        <source>Ink colour…</source>
        <translation>Tuschfarbe…</translation>
    </message>
    <message>
        <source>Choose any colour, and keep a palette</source>
        <translation>Eine beliebige Farbe wählen und eine Palette führen</translation>
    </message>
    <message>
        <source>Feel of the device…</source>
        <translation>Gefühl des Geräts…</translation>
    </message>
    <message>
        <source>Fit pressure to your own hand</source>
        <translation>Den Druck der eigenen Hand anpassen</translation>
    </message>
    <message>
        <source>Move the page</source>
        <translation>Seite bewegen</translation>
    </message>
    <message>
        <source>Drag the page</source>
        <translation>Die Seite ziehen</translation>
    </message>
    <message>
        <source>Zoom</source>
        <translation>Zoom</translation>
    </message>
    <message>
        <source>Drag right or up to come nearer, left or down to stand back, about where the pen came down</source>
        <translation>Nach rechts oder oben ziehen, um näher zu kommen, nach links oder unten, um zurückzutreten; um den Ort, wo der Stift aufsetzte</translation>
    </message>
    <message>
        <source>Turn the page</source>
        <translation>Seite drehen</translation>
    </message>
    <message>
        <source>Drag to turn the page</source>
        <translation>Ziehen, um die Seite zu drehen</translation>
    </message>
    <message>
        <source>Draft a line</source>
        <translation>Linie entwerfen</translation>
    </message>
    <message>
        <source>Place a line point by point, then ink it</source>
        <translation>Eine Linie Punkt für Punkt setzen und dann tuschen</translation>
    </message>
    <message>
        <source>Straight line</source>
        <translation>Gerade Linie</translation>
    </message>
    <message>
        <source>Run straight from where the stroke began; a settled shape becomes regular</source>
        <translation>Gerade verlaufen, von wo der Strich begann; eine geformte Form wird regelmäßig</translation>
    </message>
    <message>
        <source>Straight in steps</source>
        <translation>Gerade in Stufen</translation>
    </message>
    <message>
        <source>Straight, at steps of 15 degrees of the view</source>
        <translation>Gerade, in Stufen von 15 Grad der Ansicht</translation>
    </message>
    <message>
        <source>Open the menu</source>
        <translation>Menü öffnen</translation>
    </message>
    <message>
        <source>Everything Jotsk can do</source>
        <translation>Alles, was Jotsk kann</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>All keys on one sheet</source>
        <translation>Alle Tasten auf einem Blatt</translation>
    </message>
    <message>
        <source>Manual</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>How everything is done, with pictures; about the stage one is in</source>
        <translation>Wie alles geht, mit Bildern; zu der Stufe, in der man ist</translation>
    </message>
    <message>
        <source>Trace under</source>
        <translation>Durchpausen</translation>
    </message>
    <message>
        <source>Dim this layer, turn it blue, lock it, and ink above it</source>
        <translation>Diese Ebene dämpfen, blau färben, sperren, und darüber tuschen</translation>
    </message>
    <message>
        <source>Fresh layer</source>
        <translation>Frische Ebene</translation>
    </message>
    <message>
        <source>Add an ink layer above this one, for the next line</source>
        <translation>Eine Tuscheebene über dieser hinzufügen, für die nächste Linie</translation>
    </message>
    <message>
        <source>Layer above</source>
        <translation>Ebene darüber</translation>
    </message>
    <message>
        <source>Draw on the next layer up</source>
        <translation>Auf der nächsten Ebene darüber zeichnen</translation>
    </message>
    <message>
        <source>Layer below</source>
        <translation>Ebene darunter</translation>
    </message>
    <message>
        <source>Draw on the next layer down</source>
        <translation>Auf der nächsten Ebene darunter zeichnen</translation>
    </message>
    <message>
        <source>Add sketch layer</source>
        <translation>Skizzenebene</translation>
    </message>
    <message>
        <source>Add a layer for pencil below the ink</source>
        <translation>Unter der Tusche eine Ebene für Bleistift hinzufügen</translation>
    </message>
    <message>
        <source>Add paint layer</source>
        <translation>Malebene hinzufügen</translation>
    </message>
    <message>
        <source>Add a layer of pixels without strokes above this one</source>
        <translation>Über dieser eine Ebene aus Pixeln ohne Striche hinzufügen</translation>
    </message>
    <message>
        <source>Merge down</source>
        <translation>Nach unten vereinen</translation>
    </message>
    <message>
        <source>Merge this layer onto the one below; ink keeps its strokes</source>
        <translation>Diese Ebene mit der darunter vereinen; Tusche behält ihre Striche</translation>
    </message>
    <message>
        <source>Merge what is visible</source>
        <translation>Sichtbares vereinen</translation>
    </message>
    <message>
        <source>Merge all visible layers into one</source>
        <translation>Alle sichtbaren Ebenen zu einer vereinen</translation>
    </message>
    <message>
        <source>Add all that is visible as one layer on top</source>
        <translation>Alles Sichtbare als eine Ebene obenauf hinzufügen</translation>
    </message>
    <message>
        <source>Duplicate layer</source>
        <translation>Ebene verdoppeln</translation>
    </message>
    <message>
        <source>Add a copy of the chosen layers</source>
        <translation>Eine Kopie der gewählten Ebenen hinzufügen</translation>
    </message>
    <message>
        <source>Rename layer…</source>
        <translation>Ebene umbenennen…</translation>
    </message>
    <message>
        <source>Give this layer another name</source>
        <translation>Dieser Ebene einen anderen Namen geben</translation>
    </message>
    <message>
        <source>Group layers</source>
        <translation>Ebenen gruppieren</translation>
    </message>
    <message>
        <source>Put the chosen layers into a group</source>
        <translation>Die gewählten Ebenen in eine Gruppe legen</translation>
    </message>
    <message>
        <source>Take the group apart</source>
        <translation>Gruppe auflösen</translation>
    </message>
    <message>
        <source>Dissolve this group; its layers stay</source>
        <translation>Diese Gruppe auflösen; ihre Ebenen bleiben</translation>
    </message>
    <message>
        <source>Show this layer alone</source>
        <translation>Nur diese Ebene zeigen</translation>
    </message>
    <message>
        <source>Hide everything else while you look</source>
        <translation>Alles andere ausblenden, solange man schaut</translation>
    </message>
    <message>
        <source>Delete layer</source>
        <translation>Ebene löschen</translation>
    </message>
    <message>
        <source>Delete the chosen layers</source>
        <translation>Die gewählten Ebenen löschen</translation>
    </message>
    <message>
        <source>Move what is on the layer</source>
        <translation>Inhalt der Ebene bewegen</translation>
    </message>
    <message>
        <source>Drag to move the chosen layers</source>
        <translation>Ziehen, um die gewählten Ebenen zu bewegen</translation>
    </message>
    <message>
        <source>Flip the layer left to right</source>
        <translation>Ebene seitlich spiegeln</translation>
    </message>
    <message>
        <source>Flip what is on the chosen layers</source>
        <translation>Spiegeln, was auf den gewählten Ebenen ist</translation>
    </message>
    <message>
        <source>Flip the layer upside down</source>
        <translation>Ebene auf den Kopf stellen</translation>
    </message>
    <message>
        <source>Place the picture…</source>
        <translation>Bild platzieren…</translation>
    </message>
    <message>
        <source>Move, scale and turn the picture on this layer by its handles</source>
        <translation>Das Bild auf dieser Ebene an seinen Griffen bewegen, skalieren und drehen</translation>
    </message>
    <message>
        <source>Move pixels inside</source>
        <translation>Pixel innen bewegen</translation>
    </message>
    <message>
        <source>Draw around pixels of a paint layer, then move, scale and turn them by their handles</source>
        <translation>Pixel einer Malebene umfahren und an ihren Griffen bewegen, skalieren und drehen</translation>
    </message>
    <message>
        <source>Effects</source>
        <translation>Effekte</translation>
    </message>
    <message>
        <source>Live effects of this layer, below the layers</source>
        <translation>Lebendige Effekte dieser Ebene, unter den Ebenen</translation>
    </message>
    <message>
        <source>Show only inside</source>
        <translation>Nur innen zeigen</translation>
    </message>
    <message>
        <source>Draw around what of this layer is to be seen; the rest stays, unseen</source>
        <translation>Umfahren, was von dieser Ebene zu sehen sein soll; der Rest bleibt, ungesehen</translation>
    </message>
    <message>
        <source>Move layer up</source>
        <translation>Ebene nach oben</translation>
    </message>
    <message>
        <source>Move this layer up</source>
        <translation>Diese Ebene nach oben schieben</translation>
    </message>
    <message>
        <source>Move layer down</source>
        <translation>Ebene nach unten</translation>
    </message>
    <message>
        <source>Move this layer down</source>
        <translation>Diese Ebene nach unten schieben</translation>
    </message>
    <message>
        <source>Snip</source>
        <translation>Stutzen</translation>
    </message>
    <message>
        <source>Swipe across a piece of a line: it goes up to its next crossings</source>
        <translation>Über ein Stück einer Linie streichen: es verschwindet bis zu seinen nächsten Kreuzungen</translation>
    </message>
    <message>
        <source>Grow back</source>
        <translation>Nachwachsen</translation>
    </message>
    <message>
        <source>Pull a snipped end outwards: what was drawn there returns</source>
        <translation>Ein gestutztes Ende nach außen ziehen: was dort gezeichnet war, kommt zurück</translation>
    </message>
    <message>
        <source>Cut in two</source>
        <translation>Durchschneiden</translation>
    </message>
    <message>
        <source>Press a line to part it there</source>
        <translation>Eine Linie drücken, um sie dort zu teilen</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Swipe over gaps: ends are bridged in direction and weight</source>
        <translation>Über Lücken streichen: Enden werden in Richtung und Stärke überbrückt</translation>
    </message>
    <message>
        <source>Splice</source>
        <translation>Spleißen</translation>
    </message>
    <message>
        <source>Swipe along several tries: they become one line along their middle</source>
        <translation>An mehreren Versuchen entlangstreichen: sie werden eine Linie in ihrer Mitte</translation>
    </message>
    <message>
        <source>Give the tries back</source>
        <translation>Versuche zurückgeben</translation>
    </message>
    <message>
        <source>Put the lines that were spliced in the place of the one</source>
        <translation>Die gespleißten Linien an die Stelle der einen setzen</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>Pass over lines to make them thicker or thinner, even, or sharp at their ends</source>
        <translation>Über Linien streichen, um sie dicker oder dünner, gleichmäßig oder an den Enden spitz zu machen</translation>
    </message>
    <message>
        <source>Push</source>
        <translation>Schieben</translation>
    </message>
    <message>
        <source>Push the shape of lines with a round hand, or from beside them their edge; smooth or gather them</source>
        <translation>Die Form von Linien mit einer runden Hand schieben, oder von der Seite ihren Rand; sie glätten oder raffen</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Lead a line by as few points as it needs</source>
        <translation>Eine Linie an so wenigen Punkten führen, wie sie braucht</translation>
    </message>
    <message>
        <source>Move lines</source>
        <translation>Linien bewegen</translation>
    </message>
    <message>
        <source>Move, scale, turn or bend the chosen lines, or the last one; they are rendered anew</source>
        <translation>Die gewählten Linien oder die letzte bewegen, skalieren, drehen oder biegen; sie werden neu gerechnet</translation>
    </message>
    <message>
        <source>Over or under</source>
        <translation>Drüber oder drunter</translation>
    </message>
    <message>
        <source>Press a crossing of cords: what lay over goes under</source>
        <translation>Eine Kreuzung von Kordeln drücken: was oben lag, geht nach unten</translation>
    </message>
    <message>
        <source>Move once more</source>
        <translation>Noch einmal bewegen</translation>
    </message>
    <message>
        <source>The last move of lines again, with those chosen now</source>
        <translation>Die letzte Bewegung von Linien noch einmal, mit den jetzt gewählten</translation>
    </message>
    <message>
        <source>Recast the lines…</source>
        <translation>Linien umformen…</translation>
    </message>
    <message>
        <source>Another pen, size, colour, response or steadiness, with a picture</source>
        <translation>Anderer Stift, andere Größe, Farbe, Ansprache oder Ruhe, mit einem Bild</translation>
    </message>
    <message>
        <source>Line weights of the page…</source>
        <translation>Strichstärken der Seite…</translation>
    </message>
    <message>
        <source>Make every line of the page so many times as thick, for another print size</source>
        <translation>Jede Linie der Seite so viel mal so dick machen, für eine andere Druckgröße</translation>
    </message>
    <message>
        <source>New page…</source>
        <translation>Neue Seite…</translation>
    </message>
    <message>
        <source>Make a page of any size</source>
        <translation>Eine Seite beliebiger Größe anlegen</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Öffnen…</translation>
    </message>
    <message>
        <source>Open a page, or a picture as a sketch</source>
        <translation>Eine Seite öffnen, oder ein Bild als Skizze</translation>
    </message>
    <message>
        <source>Open the demo page</source>
        <translation>Beispielseite öffnen</translation>
    </message>
    <message>
        <source>Open Gull &amp; Lantern</source>
        <translation>Gull &amp; Lantern öffnen</translation>
    </message>
    <message>
        <source>Open the finished panel</source>
        <translation>Fertiges Panel öffnen</translation>
    </message>
    <message>
        <source>Open Harbour street: a panel with everything done</source>
        <translation>Harbour street öffnen: ein Panel, an dem alles getan ist</translation>
    </message>
    <message>
        <source>Practice…</source>
        <translation>Übung…</translation>
    </message>
    <message>
        <source>Sheets that measure the hand, and how it does over days</source>
        <translation>Blätter, die die Hand messen, und wie sie über Tage vorankommt</translation>
    </message>
    <message>
        <source>Recent pages…</source>
        <translation>Letzte Seiten…</translation>
    </message>
    <message>
        <source>Pages opened lately, or left with unsaved work</source>
        <translation>Seiten, die zuletzt offen waren oder ungesicherte Arbeit haben</translation>
    </message>
    <message>
        <source>Next open page</source>
        <translation>Nächste offene Seite</translation>
    </message>
    <message>
        <source>The next of the pages that are open</source>
        <translation>Die nächste der Seiten, die offen sind</translation>
    </message>
    <message>
        <source>Close this page</source>
        <translation>Seite schließen</translation>
    </message>
    <message>
        <source>Leave it; unsaved work stays among the recent pages</source>
        <translation>Sie verlassen; ungesicherte Arbeit bleibt unter den letzten Seiten</translation>
    </message>
    <message>
        <source>Add pictures…</source>
        <translation>Bilder hinzufügen…</translation>
    </message>
    <message>
        <source>Place pictures on this page, each on a layer</source>
        <translation>Bilder auf dieser Seite platzieren, jedes auf einer Ebene</translation>
    </message>
    <message>
        <source>Bring in lines…</source>
        <translation>Linien holen…</translation>
    </message>
    <message>
        <source>The lines of an SVG file, as strokes on a layer of their own</source>
        <translation>Die Linien einer SVG-Datei, als Striche auf einer eigenen Ebene</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save the page with all its strokes</source>
        <translation>Die Seite mit allen ihren Strichen speichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern unter…</translation>
    </message>
    <message>
        <source>Save the page under another name</source>
        <translation>Die Seite unter einem anderen Namen speichern</translation>
    </message>
    <message>
        <source>Keep a milestone</source>
        <translation>Meilenstein behalten</translation>
    </message>
    <message>
        <source>Keep the page as it is now, to go back to</source>
        <translation>Die Seite behalten, wie sie jetzt ist, um dorthin zurückzugehen</translation>
    </message>
    <message>
        <source>Milestones…</source>
        <translation>Meilensteine…</translation>
    </message>
    <message>
        <source>Look at, compare and go back to what was kept</source>
        <translation>Ansehen, vergleichen und zurückgehen zu dem, was behalten wurde</translation>
    </message>
    <message>
        <source>Hand over…</source>
        <translation>Abgeben…</translation>
    </message>
    <message>
        <source>Write the page as all who get it need it, at once</source>
        <translation>Die Seite auf einmal so schreiben, wie alle sie brauchen, die sie bekommen</translation>
    </message>
    <message>
        <source>Drawn again</source>
        <translation>Nachgezeichnet</translation>
    </message>
    <message>
        <source>See the page being drawn, stroke by stroke</source>
        <translation>Zusehen, wie die Seite gezeichnet wurde, Strich für Strich</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exportieren…</translation>
    </message>
    <message>
        <source>Write the page as a picture or a PDF</source>
        <translation>Die Seite als Bild oder PDF schreiben</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>Print the page at its true size</source>
        <translation>Die Seite in wahrer Größe drucken</translation>
    </message>
    <message>
        <source>Page size…</source>
        <translation>Seitengröße…</translation>
    </message>
    <message>
        <source>Another size, resolution, trim or bleed</source>
        <translation>Andere Größe, Auflösung, anderes Endformat oder anderer Beschnitt</translation>
    </message>
    <message>
        <source>Crop the page</source>
        <translation>Seite zuschneiden</translation>
    </message>
    <message>
        <source>Draw around what is to be the page</source>
        <translation>Umfahren, was die Seite sein soll</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Close; unsaved work is kept for the next start</source>
        <translation>Schließen; ungesicherte Arbeit wird für den nächsten Start behalten</translation>
    </message>
    <message>
        <source>Zoom in</source>
        <translation>Hineinzoomen</translation>
    </message>
    <message>
        <source>Show the page larger, about the pen</source>
        <translation>Die Seite größer zeigen, um den Stift</translation>
    </message>
    <message>
        <source>Zoom out</source>
        <translation>Herauszoomen</translation>
    </message>
    <message>
        <source>Show the page smaller, about the pen</source>
        <translation>Die Seite kleiner zeigen, um den Stift</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
    <message>
        <source>One page px for each px of the screen</source>
        <translation>Ein px der Seite für jeden px des Bildschirms</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>Ganze Seite</translation>
    </message>
    <message>
        <source>Show the whole page</source>
        <translation>Die ganze Seite zeigen</translation>
    </message>
    <message>
        <source>Page width</source>
        <translation>Seitenbreite</translation>
    </message>
    <message>
        <source>Show the page as wide as the board</source>
        <translation>Die Seite so breit zeigen wie die Zeichenfläche</translation>
    </message>
    <message>
        <source>Turn for the next line</source>
        <translation>Für die nächste Linie drehen</translation>
    </message>
    <message>
        <source>Turn the page so that the next line lies in your hand&apos;s best direction; again turns it back</source>
        <translation>Die Seite so drehen, dass die nächste Linie in der besten Richtung Ihrer Hand liegt; noch einmal dreht zurück</translation>
    </message>
    <message>
        <source>Buttons on the board</source>
        <translation>Knöpfe auf der Zeichenfläche</translation>
    </message>
    <message>
        <source>Undo, rub out, turn, zoom and steady with the pen: no keyboard needed</source>
        <translation>Zurücknehmen, radieren, drehen, zoomen und beruhigen mit dem Stift: ohne Tastatur</translation>
    </message>
    <message>
        <source>In grey</source>
        <translation>In Grau</translation>
    </message>
    <message>
        <source>Look at the page without its colours: are the values right?</source>
        <translation>Die Seite ohne ihre Farben ansehen: stimmen die Tonwerte?</translation>
    </message>
    <message>
        <source>Squinted</source>
        <translation>Zugekniffen</translation>
    </message>
    <message>
        <source>Look at the page with half-closed eyes: do the forms stand?</source>
        <translation>Die Seite mit halb geschlossenen Augen ansehen: stehen die Formen?</translation>
    </message>
    <message>
        <source>Print size</source>
        <translation>Druckgröße</translation>
    </message>
    <message>
        <source>As large as on paper, by the mm of this screen</source>
        <translation>So groß wie auf Papier, nach den mm dieses Bildschirms</translation>
    </message>
    <message>
        <source>Measure the screen…</source>
        <translation>Bildschirm messen…</translation>
    </message>
    <message>
        <source>How large a mm is on this screen, by a bank card or a ruler</source>
        <translation>Wie groß ein mm auf diesem Bildschirm ist, mit Bankkarte oder Lineal</translation>
    </message>
    <message>
        <source>Turn left</source>
        <translation>Nach links drehen</translation>
    </message>
    <message>
        <source>Turn the page 15 degrees to the left</source>
        <translation>Die Seite um 15 Grad nach links drehen</translation>
    </message>
    <message>
        <source>Turn right</source>
        <translation>Nach rechts drehen</translation>
    </message>
    <message>
        <source>Turn the page 15 degrees to the right</source>
        <translation>Die Seite um 15 Grad nach rechts drehen</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Aufrecht</translation>
    </message>
    <message>
        <source>Turn the page upright</source>
        <translation>Die Seite aufrecht drehen</translation>
    </message>
    <message>
        <source>Flip</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Flip left to right about the pen, to see with fresh eyes</source>
        <translation>Um den Stift von links nach rechts spiegeln, um mit frischen Augen zu sehen</translation>
    </message>
    <message>
        <source>Flip the whole page</source>
        <translation>Ganze Seite spiegeln</translation>
    </message>
    <message>
        <source>Flip about the middle of the page</source>
        <translation>Um die Mitte der Seite spiegeln</translation>
    </message>
    <message>
        <source>Line alone</source>
        <translation>Nur die Linie</translation>
    </message>
    <message>
        <source>Hide sketches to judge the line alone</source>
        <translation>Skizzen ausblenden, um die Linie allein zu beurteilen</translation>
    </message>
    <message>
        <source>Overview</source>
        <translation>Übersicht</translation>
    </message>
    <message>
        <source>The whole page in little, to go about in</source>
        <translation>Die ganze Seite im Kleinen, um sich darin zu bewegen</translation>
    </message>
    <message>
        <source>History</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>What was done, to go back to any point</source>
        <translation>Was getan wurde, um zu jedem Punkt zurückzugehen</translation>
    </message>
    <message>
        <source>Trim, bleed and safe</source>
        <translation>Endformat, Beschnitt und Sicherheit</translation>
    </message>
    <message>
        <source>Show the frames of the page</source>
        <translation>Die Rahmen der Seite zeigen</translation>
    </message>
    <message>
        <source>Bare board</source>
        <translation>Leerer Tisch</translation>
    </message>
    <message>
        <source>Hide everything but the page</source>
        <translation>Alles außer der Seite ausblenden</translation>
    </message>
    <message>
        <source>Show the hand</source>
        <translation>Die Hand zeigen</translation>
    </message>
    <message>
        <source>Fold the left side away or back</source>
        <translation>Die linke Seite wegklappen oder zurück</translation>
    </message>
    <message>
        <source>Show the page list</source>
        <translation>Die Seitenliste zeigen</translation>
    </message>
    <message>
        <source>Fold the right side away or back</source>
        <translation>Die rechte Seite wegklappen oder zurück</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Vollbild</translation>
    </message>
    <message>
        <source>Use the whole screen</source>
        <translation>Den ganzen Bildschirm nutzen</translation>
    </message>
    <message>
        <source>Left-handed</source>
        <translation>Linkshändig</translation>
    </message>
    <message>
        <source>Mirror the desk and its keys</source>
        <translation>Den Tisch und seine Tasten spiegeln</translation>
    </message>
    <message>
        <source>Lamp light</source>
        <translation>Lampenlicht</translation>
    </message>
    <message>
        <source>Change between Day and Lamp</source>
        <translation>Zwischen Tag und Lampe wechseln</translation>
    </message>
    <message>
        <source>Drop a sketch on the page</source>
        <translation>Skizze auf die Seite ziehen</translation>
    </message>
    <message>
        <source>draw with pen or mouse</source>
        <translation>mit Stift oder Maus zeichnen</translation>
    </message>
    <message>
        <source>hold D to rub out</source>
        <translation>D halten: radieren</translation>
    </message>
    <message>
        <source>hold F to see the line alone</source>
        <translation>F halten: nur die Linie</translation>
    </message>
    <message>
        <source>E traces a sketch</source>
        <translation>E: Skizze durchpausen</translation>
    </message>
    <message>
        <source>F1 lists the keys</source>
        <translation>F1: alle Tasten</translation>
    </message>
    <message>
        <source>Do not show these hints again</source>
        <translation>Diese Hinweise nicht mehr zeigen</translation>
    </message>
    <message>
        <source>Dismiss the hints</source>
        <translation>Hinweise schließen</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>Lower button of the pen</source>
        <translation>Untere Taste des Stifts</translation>
    </message>
    <message>
        <source>Upper button of the pen</source>
        <translation>Obere Taste des Stifts</translation>
    </message>
    <message>
        <source>While it is down, or as it is pressed; the tip draws with what it holds</source>
        <translation>Solange sie gedrückt ist, oder beim Drücken; die Spitze zeichnet mit dem, was sie hält</translation>
    </message>
    <message>
        <source>Time to settle</source>
        <translation>Zeit bis zur Form</translation>
    </message>
    <message>
        <source>How long the pen rests before a stroke becomes the shape it resembles</source>
        <translation>Wie lange der Stift ruht, bevor ein Strich zu der Form wird, der er gleicht</translation>
    </message>
    <message>
        <source>Fingers</source>
        <translation>Finger</translation>
    </message>
    <message>
        <source>Two fingers always move, zoom and turn the page</source>
        <translation>Zwei Finger bewegen, zoomen und drehen immer die Seite</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>From the next start on</source>
        <translation>Ab dem nächsten Start</translation>
    </message>
    <message>
        <source>That of the desktop</source>
        <translation>Die des Desktops</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>Milestone by the clock</source>
        <translation>Meilenstein nach der Uhr</translation>
    </message>
    <message>
        <source>Minutes of work between two</source>
        <translation>Minuten Arbeit zwischen zweien</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nie</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Ungesicherte Arbeit</translation>
    </message>
    <message>
        <source>Settings, pens and palette</source>
        <translation>Einstellungen, Stifte und Palette</translation>
    </message>
    <message>
        <source>Measure pages at work</source>
        <translation>Seiten bei der Arbeit messen</translation>
    </message>
    <message>
        <source>Wobble and speed of straight lines, for Practice; quietly</source>
        <translation>Wackeln und Tempo gerader Linien, für die Übung; still</translation>
    </message>
    <message>
        <source>Memory</source>
        <translation>Speicher</translation>
    </message>
    <message>
        <source>Steps back</source>
        <translation>Schritte zurück</translation>
    </message>
    <message>
        <source>How much they may take; by the machine it is {most_bytes} MB here</source>
        <translation>Wie viel sie belegen dürfen; nach dem Rechner sind es hier {most_bytes} MB</translation>
    </message>
    <message>
        <source>by the machine</source>
        <translation>nach dem Rechner</translation>
    </message>
    <message>
        <source>All settings are those of “{name}” now.</source>
        <translation>Alle Einstellungen sind jetzt die von „{name}“.</translation>
    </message>
    <message>
        <source>Something did not work because of a fault in Jotsk; what is finished is kept, and the log has the rest.</source>
        <translation>Etwas ging wegen eines Fehlers in Jotsk nicht; was fertig ist, ist behalten, und das Protokoll weiß den Rest.</translation>
    </message>
    <message>
        <source>“{name}” could not be opened: it does not exist.</source>
        <translation>„{name}“ ließ sich nicht öffnen: es existiert nicht.</translation>
    </message>
    <message>
        <source>the folder does not exist or does not allow it</source>
        <translation>den Ordner gibt es nicht, oder er erlaubt es nicht</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Preparing the pens; this happens once and takes a minute or two.</source>
        <translation>Die Stifte werden vorbereitet; das geschieht einmal und dauert eine Minute oder zwei.</translation>
    </message>
    <message>
        <source>Placing pictures</source>
        <translation>Bilder platzieren</translation>
    </message>
    <message>
        <source>By what the screen says of itself; Measure the screen in the menu is exact.</source>
        <translation>Nach dem, was der Bildschirm von sich sagt; genau ist „Bildschirm messen“ im Menü.</translation>
    </message>
    <message>
        <source>Seconds the pen rests at the end of a stroke</source>
        <translation>Sekunden, die der Stift am Ende eines Strichs ruht</translation>
    </message>
    <message>
        <source>Undo the last point</source>
        <translation>Letzten Punkt zurücknehmen</translation>
    </message>
    <message>
        <source>Undo the move</source>
        <translation>Bewegung zurücknehmen</translation>
    </message>
    <message>
        <source>{title}, then the window closes…</source>
        <translation>{title}, dann schließt sich das Fenster…</translation>
    </message>
    <message>
        <source>Add a guide</source>
        <translation>Hilfslinie hinzufügen</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>An eraser leaves no line; take up a pen that inks.</source>
        <translation>Ein Radierer hinterlässt keine Linie; nehmen Sie einen Stift, der tuscht.</translation>
    </message>
    <message>
        <source>Remove a point</source>
        <translation>Punkt entfernen</translation>
    </message>
    <message>
        <source>Place guide</source>
        <translation>Hilfslinie setzen</translation>
    </message>
    <message>
        <source>Drop your sketch here</source>
        <translation>Ziehen Sie Ihre Skizze hierher,</translation>
    </message>
    <message>
        <source>paste it (Ctrl+V), or open it (Ctrl+O);</source>
        <translation>fügen Sie sie ein (Strg+V), oder öffnen Sie sie (Strg+O);</translation>
    </message>
    <message>
        <source>E dims it and puts ink above it. Or just draw.</source>
        <translation>E dämpft sie und legt Tusche darüber. Oder zeichnen Sie einfach.</translation>
    </message>
    <message>
        <source>“Practice” in the menu warms the hand up.</source>
        <translation>„Übung“ im Menü wärmt die Hand auf.</translation>
    </message>
    <message>
        <source>How far it is drawn</source>
        <translation>Wie weit es gezeichnet ist</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Times as fast as the hand</source>
        <translation>Wie viel mal so schnell wie die Hand</translation>
    </message>
    <message>
        <source>{speed} times</source>
        <translation>{speed}-mal</translation>
    </message>
    <message>
        <source>As drawn</source>
        <translation>Wie gezeichnet</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>Back to the page (Escape, or a press)</source>
        <translation>Zurück zur Seite (Esc, oder ein Druck)</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>The finding before (Shift+F8)</source>
        <translation>Der Fund davor (Umschalt+F8)</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>The next finding (F8)</source>
        <translation>Der nächste Fund (F8)</translation>
    </message>
    <message>
        <source>Mend</source>
        <translation>Ausbessern</translation>
    </message>
    <message>
        <source>Mend this one (F7)</source>
        <translation>Diesen ausbessern (F7)</translation>
    </message>
    <message>
        <source>All of these…</source>
        <translation>Alle diese…</translation>
    </message>
    <message>
        <source>Show how every one of this kind would be mended, before it is done</source>
        <translation>Zeigt vorher, wie jeder dieser Art ausgebessert würde</translation>
    </message>
    <message>
        <source>Let be</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>It is meant so</source>
        <translation>So ist es gemeint</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>{at} of {count}: {sentence}</source>
        <translation>{at} von {count}: {sentence}</translation>
    </message>
    <message>
        <source>Point by point</source>
        <translation>Punkt für Punkt</translation>
    </message>
    <message>
        <source>Press to place, drag to move, press the line to bend.</source>
        <translation>Drücken zum Setzen, ziehen zum Bewegen, die Linie drücken zum Biegen.</translation>
    </message>
    <message>
        <source>Drag to draw it, its ends to change it; then ink it.</source>
        <translation>Ziehen zum Zeichnen, an den Enden zum Ändern; dann tuschen.</translation>
    </message>
    <message>
        <source>Place points, or drag a ready shape</source>
        <translation>Punkte setzen, oder eine fertige Form ziehen</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Glatt</translation>
    </message>
    <message>
        <source>Smooth through the points, or straight from one to the next</source>
        <translation>Glatt durch die Punkte, oder gerade von einem zum nächsten</translation>
    </message>
    <message>
        <source>Join the last point to the first</source>
        <translation>Den letzten Punkt mit dem ersten verbinden</translation>
    </message>
    <message>
        <source>Fan</source>
        <translation>Fächer</translation>
    </message>
    <message>
        <source>Straight lines from the first point to every other</source>
        <translation>Gerade Linien vom ersten Punkt zu jedem anderen</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>A corner at the point that was pressed last</source>
        <translation>Eine Ecke am zuletzt gedrückten Punkt</translation>
    </message>
    <message>
        <source>Square</source>
        <translation>Quadrat</translation>
    </message>
    <message>
        <source>All sides alike</source>
        <translation>Alle Seiten gleich</translation>
    </message>
    <message>
        <source>Upright as the page is seen, however it is turned</source>
        <translation>Aufrecht, wie man die Seite sieht, wie sie auch gedreht ist</translation>
    </message>
    <message>
        <source> sides</source>
        <comment>of a polygon</comment>
        <translation> Seiten</translation>
    </message>
    <message>
        <source>How high the arc is, to half its width</source>
        <translation>Wie hoch der Bogen ist, zu seiner halben Breite</translation>
    </message>
    <message>
        <source>Draw it with the pen in the hand (Enter)</source>
        <translation>Mit dem Stift in der Hand zeichnen (Eingabe)</translation>
    </message>
    <message>
        <source>Keep as curve</source>
        <translation>Als Kurve behalten</translation>
    </message>
    <message>
        <source>Keep it as a French curve among the guides</source>
        <translation>Als Kurvenlineal unter den Hilfslinien behalten</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Aufgeben</translation>
    </message>
    <message>
        <source>Drop the draft (Esc)</source>
        <translation>Den Entwurf fallen lassen (Esc)</translation>
    </message>
    <message>
        <source>Under lines</source>
        <translation>Unter Linien</translation>
    </message>
    <message>
        <source>Hold what lies beneath the chosen lines</source>
        <translation>Halten, was unter den gewählten Linien liegt</translation>
    </message>
    <message>
        <source>Around the drawing</source>
        <translation>Um die Zeichnung</translation>
    </message>
    <message>
        <source>Hold all that lies outside the ink</source>
        <translation>Alles halten, was außerhalb der Tusche liegt</translation>
    </message>
    <message>
        <source>All but this</source>
        <translation>Alles außer dem</translation>
    </message>
    <message>
        <source>Hold the rest of the page instead</source>
        <translation>Stattdessen den Rest der Seite halten</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Größer</translation>
    </message>
    <message>
        <source>Larger by the step that is set</source>
        <translation>Größer um den eingestellten Schritt</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Kleiner</translation>
    </message>
    <message>
        <source>Smaller by the step that is set</source>
        <translation>Kleiner um den eingestellten Schritt</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Fill it on the active layer (Enter)</source>
        <translation>Auf der aktiven Ebene füllen (Eingabe)</translation>
    </message>
    <message>
        <source>Take away what the active layer has in it</source>
        <translation>Wegnehmen, was die aktive Ebene darin hat</translation>
    </message>
    <message>
        <source>What the active layer shows in it, on a layer of its own</source>
        <translation>Was die aktive Ebene darin zeigt, auf eine eigene Ebene</translation>
    </message>
    <message>
        <source>Only here</source>
        <translation>Nur hier</translation>
    </message>
    <message>
        <source>Show the active layer only in it: a live effect</source>
        <translation>Die aktive Ebene nur darin zeigen: ein lebendiger Effekt</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>What the page shows in it becomes the pattern</source>
        <translation>Was die Seite darin zeigt, wird das Muster</translation>
    </message>
    <message>
        <source>Join the lines</source>
        <translation>Linien verbinden</translation>
    </message>
    <message>
        <source>Bridge the gap in direction and weight, and fill</source>
        <translation>Die Lücke in Richtung und Stärke überbrücken, und füllen</translation>
    </message>
    <message>
        <source>Close for now</source>
        <translation>Vorerst schließen</translation>
    </message>
    <message>
        <source>Fill as if the gap were closed; the lines stay as they are</source>
        <translation>Füllen, als wäre die Lücke zu; die Linien bleiben, wie sie sind</translation>
    </message>
    <message>
        <source>Fill all</source>
        <translation>Alles füllen</translation>
    </message>
    <message>
        <source>Fill everything it runs into</source>
        <translation>Alles füllen, wohin es läuft</translation>
    </message>
    <message>
        <source>It would run out here, through {width_px:.0f} px.</source>
        <translation>Es würde hier auslaufen, durch {width_px:.0f} px.</translation>
    </message>
    <message>
        <source>Drag the rings; beside them everything moves. Then put it down.</source>
        <translation>Ziehen Sie die Ringe; daneben bewegt sich alles. Dann setzen Sie es ab.</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>{name}, for Move and Copy</source>
        <translation>{name}, für Bewegen und Kopieren</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Bewegen</translation>
    </message>
    <message>
        <source>Move the lines by these numbers</source>
        <translation>Die Linien um diese Zahlen bewegen</translation>
    </message>
    <message>
        <source>Leave the lines, and move a copy by these numbers</source>
        <translation>Die Linien lassen, und eine Kopie um diese Zahlen bewegen</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>The same step again, with the lines that are chosen now (Ctrl+R)</source>
        <translation>Derselbe Schritt noch einmal, mit den jetzt gewählten Linien (Strg+R)</translation>
    </message>
    <message>
        <source>Put down</source>
        <translation>Absetzen</translation>
    </message>
    <message>
        <source>Move the lines as they are shown (Enter)</source>
        <translation>Die Linien bewegen, wie sie gezeigt sind (Eingabe)</translation>
    </message>
    <message>
        <source>Leave the lines where they are (Esc)</source>
        <translation>Die Linien lassen, wo sie sind (Esc)</translation>
    </message>
    <message>
        <source>Drag to move, a corner to scale, the ring to turn; arrows nudge.</source>
        <translation>Ziehen bewegt, eine Ecke skaliert, der Ring dreht; Pfeile rücken.</translation>
    </message>
    <message>
        <source>Put the pictures onto the page, each on a layer (Enter)</source>
        <translation>Die Bilder auf die Seite setzen, jedes auf eine Ebene (Eingabe)</translation>
    </message>
    <message>
        <source>Leave the page as it is (Esc)</source>
        <translation>Die Seite lassen, wie sie ist (Esc)</translation>
    </message>
    <message>
        <source>Middle, from the left</source>
        <translation>Mitte, von links</translation>
    </message>
    <message>
        <source>Middle, from the top</source>
        <translation>Mitte, von oben</translation>
    </message>
    <message>
        <source>{name} of the picture in the hand</source>
        <translation>{name} des Bildes in der Hand</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Nächstes Blatt</translation>
    </message>
    <message>
        <source>The next sheet of the warm-up</source>
        <translation>Das nächste Blatt des Aufwärmens</translation>
    </message>
    <message>
        <source>Once more without steadiness</source>
        <translation>Noch einmal ohne Ruhe</translation>
    </message>
    <message>
        <source>The same sheet, to compare what the steadiness does for you</source>
        <translation>Dasselbe Blatt, um zu vergleichen, was die Ruhe für Sie tut</translation>
    </message>
    <message>
        <source>How I do…</source>
        <translation>Wie ich vorankomme…</translation>
    </message>
    <message>
        <source>The hand over days, its steadiest direction, and other sheets</source>
        <translation>Die Hand über Tage, ihre ruhigste Richtung, und andere Blätter</translation>
    </message>
    <message>
        <source>draw from the dot to the ring</source>
        <translation>zeichnen Sie vom Punkt zum Ring</translation>
    </message>
    <message>
        <source>{title}, without steadiness</source>
        <translation>{title}, ohne Ruhe</translation>
    </message>
    <message>
        <source>{title}: {drawn} of {wanted}. Median: {told}.</source>
        <translation>{title}: {drawn} von {wanted}. Median: {told}.</translation>
    </message>
    <message>
        <source>The hand&apos;s own line</source>
        <translation>Die eigene Linie der Hand</translation>
    </message>
    <message>
        <source>Settled into: {kind}</source>
        <translation>Geformt zu: {kind}</translation>
    </message>
    <message>
        <source>Make it: {kind}</source>
        <translation>Zur Form machen: {kind}</translation>
    </message>
    <message>
        <source>Handles</source>
        <translation>Griffe</translation>
    </message>
    <message>
        <source>Drag the shape by its handles</source>
        <translation>Die Form an ihren Griffen ziehen</translation>
    </message>
    <message>
        <source>Undo the settling (Ctrl+Z)</source>
        <translation>Das Formen zurücknehmen (Strg+Z)</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Keep the shape; so does drawing on (Enter)</source>
        <translation>Die Form behalten; weiterzeichnen tut das auch (Eingabe)</translation>
    </message>
    <message>
        <source>Flats</source>
        <translation>Grundfarben</translation>
    </message>
    <message>
        <source>No area follows its lines; pour one first.</source>
        <translation>Keine Fläche folgt ihren Linien; gießen Sie zuerst eine aus.</translation>
    </message>
    <message>
        <source>Freeze areas</source>
        <translation>Flächen festhalten</translation>
    </message>
    <message>
        <source>Every area of this page is closed.</source>
        <translation>Jede Fläche dieser Seite ist geschlossen.</translation>
    </message>
    <message numerus="yes">
        <source>%n area(s) open: the lines of this one do not close.</source>
        <translation>
            <numerusform>%n Fläche offen: die Linien dieser hier schließen nicht.</numerusform>
            <numerusform>%n Flächen offen: die Linien dieser hier schließen nicht.</numerusform>
        </translation>
    </message>
    <message>
        <source>The line was copied.</source>
        <translation>Die Linie wurde kopiert.</translation>
    </message>
    <message numerus="yes">
        <source>%n lines were copied.</source>
        <translation>
            <numerusform>%n Linie wurde kopiert.</numerusform>
            <numerusform>%n Linien wurden kopiert.</numerusform>
        </translation>
    </message>
    <message>
        <source>Copying</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Choose the lines to cut first.</source>
        <translation>Wählen Sie zuerst die Linien zum Ausschneiden.</translation>
    </message>
    <message>
        <source>Paste lines</source>
        <translation>Linien einfügen</translation>
    </message>
    <message>
        <source>Pasted</source>
        <translation>Eingefügt</translation>
    </message>
    <message>
        <source>Sets of guides (*.json)</source>
        <translation>Sätze von Hilfslinien (*.json)</translation>
    </message>
    <message>
        <source>There is no line yet to make a curve of; draw one first.</source>
        <translation>Es gibt noch keine Linie für eine Kurve; zeichnen Sie zuerst eine.</translation>
    </message>
    <message>
        <source>Making a curve of the line</source>
        <translation>Aus der Linie wird eine Kurve</translation>
    </message>
    <message>
        <source>Take a French curve in hand first: press it in the list of guides.</source>
        <translation>Nehmen Sie zuerst ein Kurvenlineal in die Hand: drücken Sie es in der Liste der Hilfslinien.</translation>
    </message>
    <message>
        <source>Offset of the curve</source>
        <translation>Parallele zur Kurve</translation>
    </message>
    <message>
        <source>How far beside it, px; less than 0 is the other side</source>
        <translation>Wie weit daneben, px; weniger als 0 ist die andere Seite</translation>
    </message>
    <message>
        <source>The curve bends more tightly than that everywhere; choose a smaller offset.</source>
        <translation>Die Kurve ist überall enger gebogen; wählen Sie einen kleineren Abstand.</translation>
    </message>
    <message>
        <source>Add a set of guides</source>
        <translation>Satz von Hilfslinien holen</translation>
    </message>
    <message>
        <source>Keep the guides</source>
        <translation>Hilfslinien behalten</translation>
    </message>
    <message>
        <source>Name of the set</source>
        <translation>Name des Satzes</translation>
    </message>
    <message>
        <source>Save the guides as a set</source>
        <translation>Hilfslinien als Satz speichern</translation>
    </message>
    <message>
        <source>The guides are in “{name}”.</source>
        <translation>Die Hilfslinien sind in „{name}“.</translation>
    </message>
    <message>
        <source>None of these lines was spliced; choose one that was.</source>
        <translation>Keine dieser Linien wurde gespleißt; wählen Sie eine, die es wurde.</translation>
    </message>
    <message>
        <source>A motif is made of at most {most_lines} lines; choose fewer.</source>
        <translation>Ein Motiv besteht aus höchstens {most_lines} Linien; wählen Sie weniger.</translation>
    </message>
    <message>
        <source>Motif of the lines</source>
        <translation>Motiv aus den Linien</translation>
    </message>
    <message>
        <source>Name of the pen</source>
        <translation>Name des Stifts</translation>
    </message>
    <message>
        <source>My motif</source>
        <translation>Mein Motiv</translation>
    </message>
    <message>
        <source>Recast the line</source>
        <translation>Linie umformen</translation>
    </message>
    <message>
        <source>Line weights of the page</source>
        <translation>Strichstärken der Seite</translation>
    </message>
    <message>
        <source>All lines become, in % of their weight</source>
        <translation>Alle Linien werden, in % ihrer Stärke</translation>
    </message>
    <message>
        <source>Pages, pictures and lines (*.ora *.svg {pictures});;All files (*)</source>
        <translation>Seiten, Bilder und Linien (*.ora *.svg {pictures});;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>“{title}” is not open beside this page any more; it is among the recent pages.</source>
        <translation>„{title}“ ist nicht mehr neben dieser Seite offen; sie ist unter den letzten Seiten.</translation>
    </message>
    <message>
        <source>No other page is open; what is opened next comes beside this one.</source>
        <translation>Keine andere Seite ist offen; was als Nächstes geöffnet wird, kommt neben diese.</translation>
    </message>
    <message>
        <source>New page</source>
        <translation>Neue Seite</translation>
    </message>
    <message>
        <source>“{title}” is closed; its changes are not in a file, and it is among the recent pages.</source>
        <translation>„{title}“ ist geschlossen; ihre Änderungen sind in keiner Datei, und sie ist unter den letzten Seiten.</translation>
    </message>
    <message>
        <source>Practice: {title}</source>
        <translation>Übung: {title}</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>The page before this one is still being kept; the recent pages come after it.</source>
        <translation>Die Seite vor dieser wird noch behalten; danach kommen die letzten Seiten.</translation>
    </message>
    <message>
        <source>Looking for recent pages</source>
        <translation>Letzte Seiten werden gesucht</translation>
    </message>
    <message>
        <source>That page is no longer there, or another window has it.</source>
        <translation>Diese Seite ist nicht mehr da, oder ein anderes Fenster hat sie.</translation>
    </message>
    <message>
        <source>“{title}” has changes that are not in a file yet; it is among the recent pages.</source>
        <translation>„{title}“ hat Änderungen, die noch in keiner Datei sind; sie ist unter den letzten Seiten.</translation>
    </message>
    <message>
        <source>“{title}” is as you left it; it has changes that are not in a file yet.</source>
        <translation>„{title}“ ist, wie Sie sie verlassen haben; sie hat Änderungen, die noch in keiner Datei sind.</translation>
    </message>
    <message>
        <source>Putting the page back</source>
        <translation>Die Seite wird zurückgelegt</translation>
    </message>
    <message>
        <source>Add pictures</source>
        <translation>Bilder hinzufügen</translation>
    </message>
    <message>
        <source>Pictures ({pictures});;All files (*)</source>
        <translation>Bilder ({pictures});;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Bring in lines</source>
        <translation>Linien holen</translation>
    </message>
    <message>
        <source>Lines (*.svg)</source>
        <translation>Linien (*.svg)</translation>
    </message>
    <message>
        <source>Pasting</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>There is nothing to paste; copy lines or a picture first.</source>
        <translation>Es gibt nichts einzufügen; kopieren Sie zuerst Linien oder ein Bild.</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Speichern unter</translation>
    </message>
    <message>
        <source>OpenRaster pages (*.ora)</source>
        <translation>OpenRaster-Seiten (*.ora)</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>Pictures (*{suffix})</source>
        <translation>Bilder (*{suffix})</translation>
    </message>
    <message>
        <source>The last check found {checked}.</source>
        <translation>Die letzte Prüfung fand {checked}.</translation>
    </message>
    <message>
        <source>Check the page (F9) looks for leaks and weak lines.</source>
        <translation>„Die Seite prüfen“ (F9) sucht nach Lecks und schwachen Linien.</translation>
    </message>
    <message>
        <source>Hand over to a folder</source>
        <translation>In einen Ordner abgeben</translation>
    </message>
    <message>
        <source>Hand over</source>
        <translation>Abgeben</translation>
    </message>
    <message>
        <source>{names}: there already. Replace?</source>
        <translation>{names}: schon da. Ersetzen?</translation>
    </message>
    <message>
        <source>Printing {title}</source>
        <translation>{title} wird gedruckt</translation>
    </message>
    <message>
        <source>“{title}” went to the printer.</source>
        <translation>„{title}“ ging an den Drucker.</translation>
    </message>
    <message>
        <source>A milestone is kept; Ctrl+Shift+M shows all of them.</source>
        <translation>Ein Meilenstein ist behalten; Strg+Umschalt+M zeigt alle.</translation>
    </message>
    <message>
        <source>{reason}

The work on this page could not be kept aside.</source>
        <translation>{reason}

Die Arbeit an dieser Seite ließ sich nicht beiseitelegen.</translation>
    </message>
    <message>
        <source>Stay, and save it elsewhere</source>
        <translation>Bleiben, und anderswo speichern</translation>
    </message>
    <message>
        <source>Leave without it</source>
        <translation>Ohne sie gehen</translation>
    </message>
    <message>
        <source>The stroke could not be inked; what the hand did is kept in “{path}”.</source>
        <translation>Der Strich ließ sich nicht tuschen; was die Hand tat, ist in „{path}“ behalten.</translation>
    </message>
    <message>
        <source>The file has changed</source>
        <translation>Die Datei hat sich geändert</translation>
    </message>
    <message>
        <source>“{name}” was changed by another program or window since it was opened here. Your work is in the journal, whatever you choose.</source>
        <translation>„{name}“ wurde von einem anderen Programm oder Fenster geändert, seit die Datei hier geöffnet wurde. Ihre Arbeit ist im Journal, was Sie auch wählen.</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>Write over it</source>
        <translation>Überschreiben</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Jetzt nicht</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nichts</translation>
    </message>
    <message>
        <source>The pen in the hand now steadies its lines by {steadiness} after the lift.</source>
        <translation>Der Stift in der Hand beruhigt seine Linien nach dem Abheben jetzt um {steadiness}.</translation>
    </message>
    <message>
        <source>Until this sheet is left, lines come as the hand draws them, whatever the pen is set to.</source>
        <translation>Bis dieses Blatt verlassen wird, kommen Linien, wie die Hand sie zieht, was auch am Stift eingestellt ist.</translation>
    </message>
    <message>
        <source>Draw a practice sheet of parallel lines first: then it is known which direction suits the hand.</source>
        <translation>Zeichnen Sie zuerst ein Übungsblatt mit parallelen Linien: dann ist bekannt, welche Richtung der Hand liegt.</translation>
    </message>
    <message>
        <source>Show a direction first: by a guide, over an edge of the sketch, or with a short stroke.</source>
        <translation>Zeigen Sie zuerst eine Richtung: mit einer Hilfslinie, über einer Kante der Skizze, oder mit einem kurzen Strich.</translation>
    </message>
    <message>
        <source>Turned for {what}; the same key turns it back.</source>
        <translation>Gedreht für {what}; dieselbe Taste dreht zurück.</translation>
    </message>
    <message>
        <source>the guide</source>
        <translation>die Hilfslinie</translation>
    </message>
    <message>
        <source>the edge of the sketch under the pen</source>
        <translation>die Kante der Skizze unter dem Stift</translation>
    </message>
    <message>
        <source>the direction of the last stroke</source>
        <translation>die Richtung des letzten Strichs</translation>
    </message>
    <message>
        <source>The feel of “{device}” is kept.</source>
        <translation>Das Gefühl von „{device}“ ist behalten.</translation>
    </message>
    <message>
        <source>Working out what mending would do</source>
        <translation>Ausrechnen, was das Ausbessern täte</translation>
    </message>
    <message>
        <source>RGB and transparency</source>
        <translation>RGB und Transparenz</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Grau</translation>
    </message>
    <message>
        <source>Black and white, 1 bit</source>
        <translation>Schwarz und Weiß, 1 Bit</translation>
    </message>
    <message>
        <source>CMYK, for a press</source>
        <translation>CMYK, für den Druck</translation>
    </message>
    <message>
        <source>The whole page</source>
        <translation>Die ganze Seite</translation>
    </message>
    <message>
        <source>To the bleed</source>
        <translation>Bis zum Beschnitt</translation>
    </message>
    <message>
        <source>To the trim</source>
        <translation>Bis zum Endformat</translation>
    </message>
    <message>
        <source>To the safe frame</source>
        <translation>Bis zum Sicherheitsrahmen</translation>
    </message>
    <message>
        <source>The page has a bleed but no trim, so this is the whole page; Page size in the menu sets the trim.</source>
        <translation>Die Seite hat einen Beschnitt, aber kein Endformat, also ist das die ganze Seite; „Seitengröße“ im Menü setzt das Endformat.</translation>
    </message>
    <message>
        <source>The result at its true size; drag to see another part</source>
        <translation>Das Ergebnis in wahrer Größe; ziehen zeigt einen anderen Teil</translation>
    </message>
    <message>
        <source>Leave the paper out</source>
        <translation>Papier weglassen</translation>
    </message>
    <message>
        <source>Lines as shapes</source>
        <translation>Linien als Formen</translation>
    </message>
    <message>
        <source>Sharp at any size; what has grain stays a picture</source>
        <translation>Scharf in jeder Größe; was Korn hat, bleibt ein Bild</translation>
    </message>
    <message>
        <source>The ICC profile of the press: who prints the page has it</source>
        <translation>Das ICC-Profil der Druckmaschine: wer die Seite druckt, hat es</translation>
    </message>
    <message>
        <source>What is darker than this becomes ink</source>
        <translation>Was dunkler ist, wird Tusche</translation>
    </message>
    <message>
        <source>With sketch layers</source>
        <translation>Mit Skizzenebenen</translation>
    </message>
    <message>
        <source>What is written; all that is visible at first, but for sketches</source>
        <translation>Was geschrieben wird; zuerst alles Sichtbare außer Skizzen</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>Black below</source>
        <translation>Schwarz unter</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>Güte</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Rahmen</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Maßstab</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Write…</source>
        <translation>Schreiben…</translation>
    </message>
    <message>
        <source>The profile of the press</source>
        <translation>Das Profil der Druckmaschine</translation>
    </message>
    <message>
        <source>ICC profiles (*.icc *.icm)</source>
        <translation>ICC-Profile (*.icc *.icm)</translation>
    </message>
    <message>
        <source>Choose a profile…</source>
        <translation>Profil wählen…</translation>
    </message>
    <message>
        <source>{width} x {height} px at {dpi:.0f} dpi, {mm_wide:.0f} x {mm_high:.0f} mm on paper</source>
        <translation>{width} x {height} px bei {dpi:.0f} dpi, {mm_wide:.0f} x {mm_high:.0f} mm auf Papier</translation>
    </message>
    <message>
        <source>1. Lightly</source>
        <translation>1. Leicht</translation>
    </message>
    <message>
        <source>Scribble as lightly as you would ever draw</source>
        <translation>Kritzeln Sie so leicht, wie Sie je zeichnen würden</translation>
    </message>
    <message>
        <source>2. As always</source>
        <translation>2. Wie immer</translation>
    </message>
    <message>
        <source>Scribble as you draw most of the time</source>
        <translation>Kritzeln Sie, wie Sie meistens zeichnen</translation>
    </message>
    <message>
        <source>3. Hard</source>
        <translation>3. Fest</translation>
    </message>
    <message>
        <source>Scribble as hard as you like to press</source>
        <translation>Kritzeln Sie so fest, wie Sie drücken mögen</translation>
    </message>
    <message>
        <source>Feel of the device</source>
        <translation>Gefühl des Geräts</translation>
    </message>
    <message>
        <source>Devices that were used here; draw with another, and it is listed too</source>
        <translation>Geräte, die hier benutzt wurden; zeichnen Sie mit einem anderen, und es steht auch da</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>From the pressure of the device to the pressure of the pen</source>
        <translation>Vom Druck des Geräts zum Druck des Stifts</translation>
    </message>
    <message>
        <source>Pressure of the hand</source>
        <translation>Druck der Hand</translation>
    </message>
    <message>
        <source>Pressure of the pen</source>
        <translation>Druck des Stifts</translation>
    </message>
    <message>
        <source>{words} at the point that was pressed last</source>
        <translation>{words} am zuletzt gedrückten Punkt</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>becomes</source>
        <translation>wird</translation>
    </message>
    <message>
        <source>Pressure of your hand, and what becomes of it</source>
        <translation>Der Druck Ihrer Hand, und was daraus wird</translation>
    </message>
    <message>
        <source>Fit to the scribbles</source>
        <translation>Den Kritzeleien anpassen</translation>
    </message>
    <message>
        <source>Bring your light, normal and hard pressure to 12, 50 and 95 %</source>
        <translation>Ihren leichten, normalen und festen Druck auf 12, 50 und 95 % bringen</translation>
    </message>
    <message>
        <source>Keep this feel</source>
        <translation>Dieses Gefühl behalten</translation>
    </message>
    <message>
        <source>Use it from now on for this device</source>
        <translation>Ab jetzt für dieses Gerät verwenden</translation>
    </message>
    <message>
        <source>Begin anew</source>
        <translation>Neu beginnen</translation>
    </message>
    <message>
        <source>Forget these scribbles; the curve stays</source>
        <translation>Diese Kritzeleien vergessen; die Kurve bleibt</translation>
    </message>
    <message>
        <source>Even again</source>
        <translation>Wieder gerade</translation>
    </message>
    <message>
        <source>Back to the device&apos;s own pressure</source>
        <translation>Zurück zum eigenen Druck des Geräts</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Leave the feel as it was</source>
        <translation>Das Gefühl lassen, wie es war</translation>
    </message>
    <message>
        <source>Draw, and your device is listed here</source>
        <translation>Zeichnen Sie, und Ihr Gerät steht hier</translation>
    </message>
    <message>
        <source>Fitted to what came so far; drag or type the points if you like it otherwise.</source>
        <translation>An das angepasst, was bisher kam; ziehen oder tippen Sie die Punkte, wenn Sie es anders mögen.</translation>
    </message>
    <message>
        <source>The tremor of your hand is learnt from slow lines while you draw.</source>
        <translation>Das Zittern Ihrer Hand wird aus langsamen Linien gelernt, während Sie zeichnen.</translation>
    </message>
    <message>
        <source>a slow line</source>
        <translation>einer langsamen Linie</translation>
    </message>
    <message numerus="yes">
        <source>%n slow lines</source>
        <translation>
            <numerusform>%n langsamen Linie</numerusform>
            <numerusform>%n langsamen Linien</numerusform>
        </translation>
    </message>
    <message>
        <source>The tremor of your hand with this device: {tremor_px:.1f} px, learnt from {strokes}.</source>
        <translation>Das Zittern Ihrer Hand mit diesem Gerät: {tremor_px:.1f} px, gelernt aus {strokes}.</translation>
    </message>
    <message>
        <source>Guide in numbers</source>
        <translation>Hilfslinie in Zahlen</translation>
    </message>
    <message>
        <source>Colour of this guide</source>
        <translation>Farbe dieser Hilfslinie</translation>
    </message>
    <message>
        <source>Take a guide in hand: press it in the list.</source>
        <translation>Nehmen Sie eine Hilfslinie in die Hand: drücken Sie sie in der Liste.</translation>
    </message>
    <message>
        <source>As all guides</source>
        <translation>Wie alle Hilfslinien</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Change guide</source>
        <translation>Hilfslinie ändern</translation>
    </message>
    <message>
        <source>Colour of the guide</source>
        <translation>Farbe der Hilfslinie</translation>
    </message>
    <message>
        <source>Heat picture of line weight</source>
        <translation>Wärmebild der Strichstärke</translation>
    </message>
    <message>
        <source>Blue lines are thin, red ones thick. A figure stands out where its outside is warmer than its inside.</source>
        <translation>Blaue Linien sind dünn, rote dick. Eine Figur hebt sich ab, wo ihr Äußeres wärmer ist als ihr Inneres.</translation>
    </message>
    <message>
        <source>Length of line by weight</source>
        <translation>Länge der Linien je Stärke</translation>
    </message>
    <message>
        <source>0 px</source>
        <translation>0 px</translation>
    </message>
    <message>
        <source>{last:.0f} px</source>
        <translation>{last:.0f} px</translation>
    </message>
    <message>
        <source>What this is and does, in the manual (F1)</source>
        <translation>Was das ist und tut, im Handbuch (F1)</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Palettes (*.txt)</source>
        <translation>Paletten (*.txt)</translation>
    </message>
    <message>
        <source>Colour by lightness, chroma and hue</source>
        <translation>Farbe nach Helligkeit, Buntheit und Farbton</translation>
    </message>
    <message>
        <source>Ink colour</source>
        <translation>Tuschfarbe</translation>
    </message>
    <message>
        <source>sRGB, #rrggbb</source>
        <translation>sRGB, #rrggbb</translation>
    </message>
    <message>
        <source>The colour as sRGB, #rrggbb</source>
        <translation>Die Farbe als sRGB, #rrggbb</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Davor</translation>
    </message>
    <message>
        <source>The colour before this one</source>
        <translation>Die Farbe vor dieser</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Dazu</translation>
    </message>
    <message>
        <source>Add this colour to the palette</source>
        <translation>Diese Farbe in die Palette aufnehmen</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Heraus</translation>
    </message>
    <message>
        <source>Take this colour out of the palette</source>
        <translation>Diese Farbe aus der Palette nehmen</translation>
    </message>
    <message>
        <source>Open a palette</source>
        <translation>Palette öffnen</translation>
    </message>
    <message>
        <source>Save…</source>
        <translation>Speichern…</translation>
    </message>
    <message>
        <source>Save the palette as a text file</source>
        <translation>Die Palette als Textdatei speichern</translation>
    </message>
    <message>
        <source>Palette</source>
        <translation>Palette</translation>
    </message>
    <message>
        <source>Used last</source>
        <translation>Zuletzt benutzt</translation>
    </message>
    <message>
        <source>Save the palette</source>
        <translation>Palette speichern</translation>
    </message>
    <message>
        <source>A colour is typed as #rrggbb, such as #1D2A32.</source>
        <translation>Eine Farbe tippt man als #rrggbb, etwa #1D2A32.</translation>
    </message>
    <message>
        <source>Press twice on a line, or Enter, to give it another key; Del takes its key away.</source>
        <translation>Zweimal auf eine Zeile drücken, oder Eingabe, gibt ihr eine andere Taste; Entf nimmt ihre Taste weg.</translation>
    </message>
    <message>
        <source>press the new key…</source>
        <translation>neue Taste drücken…</translation>
    </message>
    <message>
        <source>Nothing has that in its name or key.</source>
        <translation>Nichts hat das im Namen oder in der Taste.</translation>
    </message>
    <message>
        <source>Find an action or a key</source>
        <translation>Aktion oder Taste suchen</translation>
    </message>
    <message>
        <source>Actions and their keys</source>
        <translation>Aktionen und ihre Tasten</translation>
    </message>
    <message>
        <source>Change the key</source>
        <translation>Taste ändern</translation>
    </message>
    <message>
        <source>As shipped</source>
        <translation>Wie geliefert</translation>
    </message>
    <message>
        <source>The key this action came with</source>
        <translation>Die Taste, mit der diese Aktion kam</translation>
    </message>
    <message>
        <source>All as shipped</source>
        <translation>Alles wie geliefert</translation>
    </message>
    <message>
        <source>Press the new key of “{action}”; Esc leaves it as it is.</source>
        <translation>Drücken Sie die neue Taste von „{action}“; Esc lässt sie, wie sie ist.</translation>
    </message>
    <message>
        <source> or </source>
        <comment>between keys</comment>
        <translation> oder </translation>
    </message>
    <message>
        <source>{shown}, tap or hold</source>
        <translation>{shown}, tippen oder halten</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>Enden</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>Figur</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Dashes</source>
        <translation>Strichelung</translation>
    </message>
    <message>
        <source>Steadiness</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>Library</source>
        <translation>Stiftfach</translation>
    </message>
    <message>
        <source>Points are pairs in per cent, from left to right, such as 0 20; 50 100; 100 20.</source>
        <translation>Punkte sind Paare in Prozent, von links nach rechts, etwa 0 20; 50 100; 100 20.</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>The points of the graph: place and width in per cent; a semicolon between points</source>
        <translation>Die Punkte der Kurve: Ort und Breite in Prozent; ein Strichpunkt zwischen Punkten</translation>
    </message>
    <message>
        <source>{words}, points</source>
        <translation>{words}, Punkte</translation>
    </message>
    <message>
        <source>{words}, of the line</source>
        <translation>{words}, der Linie</translation>
    </message>
    <message>
        <source>{words} longer when fast</source>
        <translation>{words} länger bei Tempo</translation>
    </message>
    <message>
        <source>A pattern of your own: dash, gap, dash, gap ... in widths of the line</source>
        <translation>Ein eigenes Muster: Strich, Lücke, Strich, Lücke ... in Breiten der Linie</translation>
    </message>
    <message>
        <source>Dashes in widths</source>
        <translation>Strichelung in Breiten</translation>
    </message>
    <message>
        <source>In widths</source>
        <translation>In Breiten</translation>
    </message>
    <message>
        <source>Dashes are numbers with commas between them, such as 12, 3.</source>
        <translation>Strichelungen sind Zahlen mit Kommas dazwischen, etwa 12, 3.</translation>
    </message>
    <message>
        <source>nib, thin, for hair</source>
        <translation>Feder, dünn, für Haare</translation>
    </message>
    <message>
        <source>Favourite: among the first of the library</source>
        <translation>Favorit: unter den ersten des Stiftfachs</translation>
    </message>
    <message>
        <source>#0E6B62, or nothing</source>
        <translation>#0E6B62, oder nichts</translation>
    </message>
    <message>
        <source>A mark beside the pen in the library</source>
        <translation>Eine Marke neben dem Stift im Stiftfach</translation>
    </message>
    <message>
        <source>A mark is a colour such as #0E6B62.</source>
        <translation>Eine Marke ist eine Farbe wie #0E6B62.</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>Tusche</translation>
    </message>
    <message>
        <source>softness</source>
        <translation>Weichheit</translation>
    </message>
    <message>
        <source>spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>turning</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Nothing moves it; press a cell of its column.</source>
        <translation>Nichts bewegt es; drücken Sie eine Zelle seiner Spalte.</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>bewegt</translation>
    </message>
    <message>
        <source>does not move</source>
        <translation>bewegt nicht</translation>
    </message>
    <message>
        <source>{what}; press to change it</source>
        <translation>{what}; drücken, um es zu ändern</translation>
    </message>
    <message>
        <source>Moved by</source>
        <translation>Bewegt durch</translation>
    </message>
    <message>
        <source>Response</source>
        <translation>Ansprache</translation>
    </message>
    <message>
        <source>Least</source>
        <translation>Mindestens</translation>
    </message>
    <message>
        <source>What is left of it when the mover is at its least</source>
        <translation>Was davon bleibt, wenn der Antrieb am schwächsten ist</translation>
    </message>
    <message>
        <source>Response, points</source>
        <translation>Ansprache, Punkte</translation>
    </message>
    <message>
        <source>The points of the graph: input and output in per cent; a semicolon between points</source>
        <translation>Die Punkte der Kurve: Eingang und Ausgang in Prozent; ein Strichpunkt zwischen Punkten</translation>
    </message>
    <message>
        <source>Lying flat</source>
        <translation>Flach gelegt</translation>
    </message>
    <message>
        <source>x {value:g}</source>
        <translation>x {value:g}</translation>
    </message>
    <message>
        <source>{mover} moves {what}</source>
        <translation>{mover} bewegt {what}</translation>
    </message>
    <message>
        <source>Let {mover} move it</source>
        <translation>{mover} soll es bewegen</translation>
    </message>
    <message>
        <source>It is always the same</source>
        <translation>Es ist immer gleich</translation>
    </message>
    <message>
        <source>{what} by {mover} alone</source>
        <translation>{what} allein durch {mover}</translation>
    </message>
    <message>
        <source>Points are pairs in per cent, rising from left to right, such as 0 0; 50 40; 100 100.</source>
        <translation>Punkte sind Paare in Prozent, von links nach rechts steigend, etwa 0 0; 50 40; 100 100.</translation>
    </message>
    <message>
        <source>Pens (*.json)</source>
        <translation>Stifte (*.json)</translation>
    </message>
    <message>
        <source>Draw anywhere on this sheet; nothing here is on the page. Ctrl+Z takes back, Del clears.</source>
        <translation>Zeichnen Sie irgendwo auf diesem Blatt; nichts davon ist auf der Seite. Strg+Z nimmt zurück, Entf leert.</translation>
    </message>
    <message>
        <source>Alone</source>
        <translation>Allein</translation>
    </message>
    <message>
        <source>Pen maker</source>
        <translation>Stiftmacher</translation>
    </message>
    <message>
        <source>Shipped pens keep their names; one of your own is renamed here</source>
        <translation>Gelieferte Stifte behalten ihre Namen; ein eigener wird hier umbenannt</translation>
    </message>
    <message>
        <source>Set this pen back to as shipped</source>
        <translation>Diesen Stift zurücksetzen, wie er geliefert wurde</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Take this pen out of the library</source>
        <translation>Diesen Stift aus dem Stiftfach nehmen</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Back to how this pen is in the library</source>
        <translation>Zurück dazu, wie dieser Stift im Stiftfach ist</translation>
    </message>
    <message>
        <source>Change this pen in the library</source>
        <translation>Diesen Stift im Stiftfach ändern</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Importieren…</translation>
    </message>
    <message>
        <source>Add the pens of a file to the library</source>
        <translation>Die Stifte einer Datei ins Stiftfach aufnehmen</translation>
    </message>
    <message>
        <source>Write this pen to a file</source>
        <translation>Diesen Stift in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Save as new…</source>
        <translation>Als neuen speichern…</translation>
    </message>
    <message>
        <source>Add a copy to the library under another name</source>
        <translation>Eine Kopie unter anderem Namen ins Stiftfach legen</translation>
    </message>
    <message>
        <source>What is changed and not kept is here again the next time</source>
        <translation>Was geändert und nicht behalten ist, ist beim nächsten Mal wieder da</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>The same motion with another pen, or with this one as shipped, below the line</source>
        <translation>Dieselbe Bewegung mit einem anderen Stift, oder mit diesem wie geliefert, unter der Linie</translation>
    </message>
    <message>
        <source>My last line</source>
        <translation>Meine letzte Linie</translation>
    </message>
    <message>
        <source>Draw the line by the motion of the last stroke on this sheet</source>
        <translation>Die Linie mit der Bewegung des letzten Strichs auf diesem Blatt zeichnen</translation>
    </message>
    <message>
        <source>As it is kept</source>
        <translation>Wie behalten</translation>
    </message>
    <message>
        <source>changed, not kept</source>
        <translation>geändert, nicht behalten</translation>
    </message>
    <message>
        <source>not as shipped</source>
        <translation>nicht wie geliefert</translation>
    </message>
    <message>
        <source>There is a pen “{name}” already; give this one another name.</source>
        <translation>Es gibt schon einen Stift „{name}“; geben Sie diesem einen anderen Namen.</translation>
    </message>
    <message>
        <source>“{name}” is changed in the library.</source>
        <translation>„{name}“ ist im Stiftfach geändert.</translation>
    </message>
    <message>
        <source>Save as new</source>
        <translation>Als neuen speichern</translation>
    </message>
    <message>
        <source>{name}, mine</source>
        <translation>{name}, meiner</translation>
    </message>
    <message>
        <source>“{name}” is in the library, and in your hand.</source>
        <translation>„{name}“ ist im Stiftfach und in Ihrer Hand.</translation>
    </message>
    <message>
        <source>Import pens</source>
        <translation>Stifte importieren</translation>
    </message>
    <message numerus="yes">
        <source>%n pen(s) added.</source>
        <translation>
            <numerusform>%n Stift hinzugefügt.</numerusform>
            <numerusform>%n Stifte hinzugefügt.</numerusform>
        </translation>
    </message>
    <message>
        <source>Export this pen</source>
        <translation>Diesen Stift exportieren</translation>
    </message>
    <message>
        <source>“{name}” is in “{file}”.</source>
        <translation>„{name}“ ist in „{file}“.</translation>
    </message>
    <message>
        <source>smooth paper</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>fine paper</source>
        <translation>fein</translation>
    </message>
    <message>
        <source>rough paper</source>
        <translation>rau</translation>
    </message>
    <message>
        <source>round ends</source>
        <translation>runde Enden</translation>
    </message>
    <message>
        <source>starts thin</source>
        <translation>dünn am Anfang</translation>
    </message>
    <message>
        <source>ends thin</source>
        <translation>dünn am Ende</translation>
    </message>
    <message>
        <source>both taper</source>
        <translation>beide dünn</translation>
    </message>
    <message>
        <source>a line</source>
        <translation>eine Linie</translation>
    </message>
    <message>
        <source>cord</source>
        <translation>Kordel</translation>
    </message>
    <message>
        <source>my own</source>
        <translation>mein eigenes</translation>
    </message>
    <message>
        <source>Pull along the line: where it has grown to its full width</source>
        <translation>Entlang der Linie ziehen: wo sie ihre volle Breite erreicht hat</translation>
    </message>
    <message>
        <source>Pull along the line: where it begins to fade</source>
        <translation>Entlang der Linie ziehen: wo sie zu schwinden beginnt</translation>
    </message>
    <message>
        <source>Pull across the line: how thick it gets</source>
        <translation>Quer zur Linie ziehen: wie dick sie wird</translation>
    </message>
    <message>
        <source>Pull across the line: how thick the lightest touch is</source>
        <translation>Quer zur Linie ziehen: wie dick die leichteste Berührung ist</translation>
    </message>
    <message>
        <source>Pull across the line: how soon it swells</source>
        <translation>Quer zur Linie ziehen: wie bald sie anschwillt</translation>
    </message>
    <message>
        <source>Pull up or down: how much it covers</source>
        <translation>Auf oder ab ziehen: wie viel sie deckt</translation>
    </message>
    <message>
        <source>Pull up or down: how much the line is steadied after the lift; the thin line is how the hand moved</source>
        <translation>Auf oder ab ziehen: wie stark die Linie nach dem Abheben beruhigt wird; die dünne Linie zeigt, wie die Hand ging</translation>
    </message>
    <message>
        <source>Specimen line</source>
        <translation>Musterlinie</translation>
    </message>
    <message>
        <source>below: {name}, {size_px:g} px</source>
        <translation>darunter: {name}, {size_px:g} px</translation>
    </message>
    <message>
        <source>shown at {zoom:.0f} %</source>
        <translation>gezeigt bei {zoom:.0f} %</translation>
    </message>
    <message>
        <source>The manual is not here. It comes with the source, in the folder docs.</source>
        <translation>Das Handbuch ist nicht da. Es kommt mit dem Quelltext, im Ordner docs.</translation>
    </message>
    <message>
        <source>Find in the manual</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>Page of the manual</source>
        <translation>Seite des Handbuchs</translation>
    </message>
    <message>
        <source>“{wanted}” does not stand in the manual.</source>
        <translation>„{wanted}“ steht nicht im Handbuch.</translation>
    </message>
    <message>
        <source>Nothing is kept yet. Keep the page as it is now, and it can be looked at and gone back to at any time.</source>
        <translation>Noch nichts behalten. Behalten Sie die Seite, wie sie jetzt ist, und Sie können sie jederzeit ansehen und zu ihr zurückgehen.</translation>
    </message>
    <message>
        <source>Milestones</source>
        <translation>Meilensteine</translation>
    </message>
    <message>
        <source>Name, if it needs one</source>
        <translation>Name, wenn er einen braucht</translation>
    </message>
    <message>
        <source>Name of a new milestone, or of the chosen one</source>
        <translation>Name eines neuen Meilensteins, oder des gewählten</translation>
    </message>
    <message>
        <source>Keep the page as it is now</source>
        <translation>Seite behalten, wie sie jetzt ist</translation>
    </message>
    <message>
        <source>Name it</source>
        <translation>Benennen</translation>
    </message>
    <message>
        <source>Give the chosen milestone this name</source>
        <translation>Dem gewählten Meilenstein diesen Namen geben</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Give the chosen milestone up</source>
        <translation>Den gewählten Meilenstein aufgeben</translation>
    </message>
    <message>
        <source>Thin out</source>
        <translation>Ausdünnen</translation>
    </message>
    <message>
        <source>Of those kept by the clock, leave one an hour for a day, one a day for a month, then one a week</source>
        <translation>Von denen nach der Uhr einen je Stunde für einen Tag lassen, einen je Tag für einen Monat, dann einen je Woche</translation>
    </message>
    <message>
        <source>By the clock</source>
        <translation>Nach der Uhr</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Damals</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>Both move together: drag, or turn the wheel.</source>
        <translation>Beide bewegen sich zusammen: ziehen, oder am Rad drehen.</translation>
    </message>
    <message>
        <source>Go back to this</source>
        <translation>Dahin zurückgehen</translation>
    </message>
    <message>
        <source>As a step that can be undone</source>
        <translation>Als Schritt, der sich zurücknehmen lässt</translation>
    </message>
    <message numerus="yes">
        <source>%n kept</source>
        <comment>milestones</comment>
        <translation>
            <numerusform>%n behalten</numerusform>
            <numerusform>%n behalten</numerusform>
        </translation>
    </message>
    <message>
        <source>by the clock</source>
        <translation>nach der Uhr</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>{name}, being read</source>
        <translation>{name}, wird gelesen</translation>
    </message>
    <message>
        <source>OpenRaster, layered</source>
        <translation>OpenRaster, mit Ebenen</translation>
    </message>
    <message>
        <source>As large as the page</source>
        <translation>So groß wie die Seite</translation>
    </message>
    <message>
        <source>The longest side has at most so many px; 0: as large as the page</source>
        <translation>Die längste Seite hat höchstens so viele px; 0: so groß wie die Seite</translation>
    </message>
    <message>
        <source>What follows the page&apos;s name in the name of the file</source>
        <translation>Was im Dateinamen auf den Namen der Seite folgt</translation>
    </message>
    <message>
        <source>Longest side</source>
        <translation>Längste Seite</translation>
    </message>
    <message>
        <source>Ending</source>
        <translation>Endung</translation>
    </message>
    <message>
        <source>New order</source>
        <translation>Neuer Auftrag</translation>
    </message>
    <message>
        <source>Bring back the orders that came with Jotsk</source>
        <translation>Die Aufträge zurückholen, die mit Jotsk kamen</translation>
    </message>
    <message>
        <source>{name}
OpenRaster with its layers</source>
        <translation>{name}
OpenRaster mit seinen Ebenen</translation>
    </message>
    <message>
        <source>{mm_wide:.0f} x {mm_high:.0f} mm</source>
        <translation>{mm_wide:.0f} x {mm_high:.0f} mm</translation>
    </message>
    <message>
        <source>{width} x {height} px</source>
        <translation>{width} x {height} px</translation>
    </message>
    <message>
        <source>no pixels</source>
        <translation>keine Pixel</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to look at</source>
        <translation>
            <numerusform>%n Sache ansehen</numerusform>
            <numerusform>%n Sachen ansehen</numerusform>
        </translation>
    </message>
    <message>
        <source>No orders. New order begins one, As shipped brings back those that came with Jotsk.</source>
        <translation>Keine Aufträge. „Neuer Auftrag“ beginnt einen, „Wie geliefert“ holt die zurück, die mit Jotsk kamen.</translation>
    </message>
    <message numerus="yes">
        <source>Write %n file(s)…</source>
        <translation>
            <numerusform>%n Datei schreiben…</numerusform>
            <numerusform>%n Dateien schreiben…</numerusform>
        </translation>
    </message>
    <message>
        <source>Two of the ticked orders would be the same file; give them endings of their own.</source>
        <translation>Zwei der angehakten Aufträge wären dieselbe Datei; geben Sie ihnen eigene Endungen.</translation>
    </message>
    <message>
        <source>A size of your own</source>
        <translation>Eine eigene Größe</translation>
    </message>
    <message>
        <source>A bleed needs a trim: without one nothing is cut, and there is nothing for the ink to go beyond.</source>
        <translation>Ein Beschnitt braucht ein Endformat: ohne wird nichts abgeschnitten, und es gibt nichts, worüber die Tusche hinausgehen könnte.</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>Above</source>
        <translation>Oben</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>In der Mitte</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>Below</source>
        <translation>Unten</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Lying</source>
        <translation>Quer</translation>
    </message>
    <message>
        <source>From the edge of the page to where it will be cut</source>
        <translation>Vom Rand der Seite bis dahin, wo sie geschnitten wird</translation>
    </message>
    <message>
        <source>How far ink goes on beyond the cut</source>
        <translation>Wie weit die Tusche über den Schnitt hinausgeht</translation>
    </message>
    <message>
        <source>From the cut to where nothing will be cut</source>
        <translation>Vom Schnitt bis dahin, wo nichts geschnitten wird</translation>
    </message>
    <message>
        <source>White</source>
        <translation>Weiß</translation>
    </message>
    <message>
        <source>Colour of the paper</source>
        <translation>Farbe des Papiers</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>Width x height</source>
        <translation>Breite x Höhe</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Auflösung</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>Endformat</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Beschnitt</translation>
    </message>
    <message>
        <source>Safe</source>
        <translation>Sicherheit</translation>
    </message>
    <message>
        <source>Make the page</source>
        <translation>Seite anlegen</translation>
    </message>
    <message>
        <source>{megapixels:.1f} million px; a layer with ink on a third of it takes about {megabytes:.0f} MB.</source>
        <translation>{megapixels:.1f} Millionen px; eine Ebene mit Tusche auf einem Drittel davon braucht etwa {megabytes:.0f} MB.</translation>
    </message>
    <message>
        <source>Page size</source>
        <translation>Seitengröße</translation>
    </message>
    <message>
        <source>Where the drawing stays</source>
        <translation>Wo die Zeichnung bleibt</translation>
    </message>
    <message>
        <source>The drawing stays</source>
        <translation>Die Zeichnung bleibt</translation>
    </message>
    <message>
        <source>Another width or height adds or cuts paper around the drawing. Another resolution keeps the size on paper; ink is rendered anew from its strokes, and only paint is resampled.</source>
        <translation>Andere Breite oder Höhe fügt Papier um die Zeichnung hinzu oder schneidet es ab. Eine andere Auflösung behält die Größe auf Papier; Tusche wird aus ihren Strichen neu gerechnet, nur Malerei wird umgerechnet.</translation>
    </message>
    <message>
        <source>Change the page</source>
        <translation>Seite ändern</translation>
    </message>
    <message>
        <source>Draw a sheet of parallel lines: then the rose shows the directions your hand is steadiest in.</source>
        <translation>Zeichnen Sie ein Blatt paralleler Linien: dann zeigt die Rose, in welchen Richtungen Ihre Hand am ruhigsten ist.</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>Draw this sheet</source>
        <translation>Dieses Blatt zeichnen</translation>
    </message>
    <message>
        <source>Warm up, five minutes</source>
        <translation>Fünf Minuten aufwärmen</translation>
    </message>
    <message>
        <source>Five sheets, made of what went worst</source>
        <translation>Fünf Blätter aus dem, was am schlechtesten ging</translation>
    </message>
    <message>
        <source>Measure pages at work too</source>
        <translation>Auch Seiten bei der Arbeit messen</translation>
    </message>
    <message>
        <source>Quietly: wobble and speed of straight lines</source>
        <translation>Still: Wackeln und Tempo gerader Linien</translation>
    </message>
    <message>
        <source>Show the diary</source>
        <translation>Tagebuch zeigen</translation>
    </message>
    <message>
        <source>A table (CSV) that is yours: {path}</source>
        <translation>Eine Tabelle (CSV), die Ihnen gehört: {path}</translation>
    </message>
    <message>
        <source>Number over days</source>
        <translation>Zahl über Tage</translation>
    </message>
    <message>
        <source>Take this steadiness</source>
        <translation>Diese Ruhe nehmen</translation>
    </message>
    <message>
        <source>Your hand</source>
        <translation>Ihre Hand</translation>
    </message>
    <message>
        <source>Your hand is steadiest at {best:.0f}°, counted from the right against the clock. “Turn for the next line” in the View menu turns the page for it.</source>
        <translation>Ihre Hand ist bei {best:.0f}° am ruhigsten, von rechts gegen die Uhr gezählt. „Für die nächste Linie drehen“ im Menü Ansicht dreht die Seite dafür.</translation>
    </message>
    <message>
        <source>What went worst: {what}. The warm-up begins with it.</source>
        <translation>Am schlechtesten ging: {what}. Das Aufwärmen beginnt damit.</translation>
    </message>
    <message>
        <source>By your wobble, a steadiness after the lift of about {steadiness} suits you.</source>
        <translation>Nach Ihrem Wackeln passt Ihnen eine Ruhe danach von etwa {steadiness}.</translation>
    </message>
    <message>
        <source>{where}: the hand is {with_it:.2f} mm off with steadiness, {without:.2f} mm without.</source>
        <translation>{where}: die Hand liegt mit Ruhe {with_it:.2f} mm daneben, ohne {without:.2f} mm.</translation>
    </message>
    <message>
        <source>At work</source>
        <translation>Bei der Arbeit</translation>
    </message>
    <message>
        <source>with steadiness</source>
        <translation>mit Ruhe</translation>
    </message>
    <message>
        <source>As they are</source>
        <translation>Wie sie sind</translation>
    </message>
    <message>
        <source>Recast the lines</source>
        <translation>Linien umformen</translation>
    </message>
    <message>
        <source>The ink in the hand</source>
        <translation>Die Tusche in der Hand</translation>
    </message>
    <message>
        <source>Width by {driver}</source>
        <translation>Breite durch {driver}</translation>
    </message>
    <message>
        <source>Even width</source>
        <translation>Gleiche Breite</translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <translation>
            <numerusform>%n Linie</numerusform>
            <numerusform>%n Linien</numerusform>
        </translation>
    </message>
    <message>
        <source>One line</source>
        <translation>Eine Linie</translation>
    </message>
    <message>
        <source>Recast</source>
        <translation>Umformen</translation>
    </message>
    <message>
        <source>Nothing yet: pages that are saved or opened appear here, and those that are left with unsaved work.</source>
        <translation>Noch nichts: hier erscheinen Seiten, die gespeichert oder geöffnet werden, und solche mit ungesicherter Arbeit.</translation>
    </message>
    <message>
        <source>Recent pages</source>
        <translation>Letzte Seiten</translation>
    </message>
    <message>
        <source>{title}
not saved, {when}</source>
        <translation>{title}
nicht gespeichert, {when}</translation>
    </message>
    <message>
        <source>Left with unsaved work; open it to go on</source>
        <translation>Mit ungesicherter Arbeit verlassen; öffnen, um weiterzumachen</translation>
    </message>
    <message>
        <source>Scratch</source>
        <translation>Schmierblatt</translation>
    </message>
    <message>
        <source>Measure the screen</source>
        <translation>Bildschirm messen</translation>
    </message>
    <message>
        <source>Hold a bank card to the screen and move the handle until the frame is as large as the card. Or measure the frame&apos;s width with a ruler and type it.</source>
        <translation>Halten Sie eine Bankkarte an den Bildschirm, und bewegen Sie den Griff, bis der Rahmen so groß ist wie die Karte. Oder messen Sie die Breite des Rahmens mit einem Lineal, und tippen Sie sie ein.</translation>
    </message>
    <message>
        <source>Size of the frame</source>
        <translation>Größe des Rahmens</translation>
    </message>
    <message>
        <source>The frame&apos;s width by a ruler</source>
        <translation>Breite des Rahmens nach Lineal</translation>
    </message>
    <message>
        <source>How wide the frame is by a ruler</source>
        <translation>Wie breit der Rahmen nach einem Lineal ist</translation>
    </message>
    <message>
        <source>85.60 x 53.98 mm</source>
        <translation>85,60 x 53,98 mm</translation>
    </message>
    <message>
        <source>Settings of Jotsk (*.json)</source>
        <translation>Einstellungen von Jotsk (*.json)</translation>
    </message>
    <message>
        <source>No setting has that in its words.</source>
        <translation>Keine Einstellung hat das in ihren Worten.</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>Einstellung suchen</translation>
    </message>
    <message>
        <source>Write all settings, your pens and your palette to a file</source>
        <translation>Alle Einstellungen, Ihre Stifte und Ihre Palette in eine Datei schreiben</translation>
    </message>
    <message>
        <source>Take all settings, pens and colours of such a file</source>
        <translation>Alle Einstellungen, Stifte und Farben einer solchen Datei nehmen</translation>
    </message>
    <message>
        <source>Set everything on this sheet back; your pens and pages stay</source>
        <translation>Alles auf diesem Blatt zurücksetzen; Ihre Stifte und Seiten bleiben</translation>
    </message>
    <message>
        <source>Show the folder</source>
        <translation>Ordner zeigen</translation>
    </message>
    <message>
        <source>Export all settings</source>
        <translation>Alle Einstellungen exportieren</translation>
    </message>
    <message>
        <source>All settings are in “{name}”.</source>
        <translation>Alle Einstellungen sind in „{name}“.</translation>
    </message>
    <message>
        <source>Import settings</source>
        <translation>Einstellungen importieren</translation>
    </message>
    <message>
        <source>Set everything on this sheet back to as shipped, keys too? Your pens and pages stay.</source>
        <translation>Alles auf diesem Blatt zurücksetzen wie geliefert, auch Tasten? Ihre Stifte und Seiten bleiben.</translation>
    </message>
    <message>
        <source>leak</source>
        <translation>Leck</translation>
    </message>
    <message>
        <source>tangent</source>
        <translation>Tangente</translation>
    </message>
    <message>
        <source>weak outline</source>
        <translation>Schwacher Umriss</translation>
    </message>
    <message>
        <source>stray mark</source>
        <translation>Verirrter Strich</translation>
    </message>
    <message numerus="yes">
        <source>%n leak(s)</source>
        <translation>
            <numerusform>%n Leck</numerusform>
            <numerusform>%n Lecks</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tangent(s)</source>
        <translation>
            <numerusform>%n Tangente</numerusform>
            <numerusform>%n Tangenten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n weak outline(s)</source>
        <translation>
            <numerusform>%n schwacher Umriss</numerusform>
            <numerusform>%n schwache Umrisse</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wobble(s)</source>
        <translation>
            <numerusform>%n Wackler</numerusform>
            <numerusform>%n Wackler</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stray mark(s)</source>
        <translation>
            <numerusform>%n verirrter Strich</numerusform>
            <numerusform>%n verirrte Striche</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is wrong with this page, as far as can be measured.</source>
        <translation>Mit dieser Seite ist nichts verkehrt, soweit es sich messen lässt.</translation>
    </message>
    <message>
        <source>Checking the page</source>
        <translation>Seite wird geprüft</translation>
    </message>
    <message>
        <source>Nothing was found yet; check the page first.</source>
        <translation>Noch wurde nichts gefunden; prüfen Sie zuerst die Seite.</translation>
    </message>
    <message>
        <source>This is mended by hand; or let it be.</source>
        <translation>Das bessert man von Hand aus; oder lassen Sie es.</translation>
    </message>
    <message>
        <source>Nothing of this kind was found.</source>
        <translation>Von dieser Art wurde nichts gefunden.</translation>
    </message>
    <message>
        <source>Check the page first (F9).</source>
        <translation>Prüfen Sie zuerst die Seite (F9).</translation>
    </message>
    <message>
        <source>Mend the {finding}</source>
        <translation>Ausbessern: {finding}</translation>
    </message>
    <message>
        <source>Mend every {finding}</source>
        <translation>Alle ausbessern: {finding}</translation>
    </message>
    <message>
        <source>There is not enough memory for this; the page is as it was.</source>
        <translation>Dafür reicht der Speicher nicht; die Seite ist, wie sie war.</translation>
    </message>
    <message>
        <source>“{label}” did not work because of a fault in Jotsk; the page is as it was.</source>
        <translation>„{label}“ ging wegen eines Fehlers in Jotsk nicht; die Seite ist, wie sie war.</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>The page was changed meanwhile, so it stays as it is.</source>
        <translation>Die Seite hat sich inzwischen geändert und bleibt deshalb, wie sie ist.</translation>
    </message>
    <message>
        <source>Going through the history</source>
        <translation>Verlauf wird durchgegangen</translation>
    </message>
    <message>
        <source>The page was changed meanwhile, so “{label}” was not done.</source>
        <translation>Die Seite hat sich inzwischen geändert; „{label}“ wurde deshalb nicht getan.</translation>
    </message>
    <message>
        <source>An area is open now and stays as it was; close its lines, or freeze it.</source>
        <translation>Eine Fläche ist jetzt offen und bleibt, wie sie war; schließen Sie ihre Linien, oder halten Sie sie fest.</translation>
    </message>
    <message numerus="yes">
        <source>%n areas are open now and stay as they were; close their lines, or freeze them.</source>
        <translation>
            <numerusform>%n Fläche ist jetzt offen und bleibt, wie sie war; schließen Sie ihre Linien, oder halten Sie sie fest.</numerusform>
            <numerusform>%n Flächen sind jetzt offen und bleiben, wie sie waren; schließen Sie ihre Linien, oder halten Sie sie fest.</numerusform>
        </translation>
    </message>
    <message>
        <source>Finding the area</source>
        <translation>Fläche wird gesucht</translation>
    </message>
    <message>
        <source>Steady the line</source>
        <translation>Linie beruhigen</translation>
    </message>
    <message>
        <source>Settle the line</source>
        <translation>Linie formen</translation>
    </message>
    <message>
        <source>A group has no effects of its own; give them to its layers.</source>
        <translation>Eine Gruppe hat keine eigenen Effekte; geben Sie sie ihren Ebenen.</translation>
    </message>
    <message>
        <source>Add effect</source>
        <translation>Effekt hinzufügen</translation>
    </message>
    <message>
        <source>Show inside</source>
        <translation>Innen zeigen</translation>
    </message>
    <message>
        <source>Add layer</source>
        <translation>Ebene hinzufügen</translation>
    </message>
    <message>
        <source>Move layer</source>
        <translation>Ebene verschieben</translation>
    </message>
    <message>
        <source>Flip the layer</source>
        <translation>Ebene spiegeln</translation>
    </message>
    <message>
        <source>Light of the page</source>
        <translation>Licht der Seite</translation>
    </message>
    <message>
        <source>There are no copies to part; choose lines that were drawn with symmetry.</source>
        <translation>Es gibt keine Kopien zu trennen; wählen Sie Linien, die mit Symmetrie gezeichnet wurden.</translation>
    </message>
    <message numerus="yes">
        <source>Add %n pictures</source>
        <translation>
            <numerusform>%n Bild hinzufügen</numerusform>
            <numerusform>%n Bilder hinzufügen</numerusform>
        </translation>
    </message>
    <message>
        <source>Add picture</source>
        <translation>Bild hinzufügen</translation>
    </message>
    <message>
        <source>Place the picture</source>
        <translation>Bild platzieren</translation>
    </message>
    <message>
        <source>Move what is inside</source>
        <translation>Inhalt bewegen</translation>
    </message>
    <message>
        <source> (its ink {inked:.2f})</source>
        <translation> (ihre Tusche {inked:.2f})</translation>
    </message>
    <message>
        <source>{figure} {now} {unit}, with steadiness {then}{ink}</source>
        <translation>{figure} {now} {unit}, mit Ruhe {then}{ink}</translation>
    </message>
    <message>
        <source>before the end</source>
        <translation>vor dem Ende</translation>
    </message>
    <message>
        <source>There is no line to change; draw one, or choose some.</source>
        <translation>Es gibt keine Linie zum Ändern; zeichnen Sie eine, oder wählen Sie welche.</translation>
    </message>
    <message>
        <source>There is no line to find others at; draw one, or choose one.</source>
        <translation>Es gibt keine Linie, an der andere zu finden wären; zeichnen oder wählen Sie eine.</translation>
    </message>
    <message>
        <source>No line lies in there.</source>
        <translation>Darin liegt keine Linie.</translation>
    </message>
    <message>
        <source>Choose parts</source>
        <translation>Teile wählen</translation>
    </message>
    <message>
        <source>There is no line to find others like it; draw one, or choose one.</source>
        <translation>Es gibt keine Linie, der andere gleichen könnten; zeichnen oder wählen Sie eine.</translation>
    </message>
    <message>
        <source>the line</source>
        <comment>part of a label</comment>
        <translation>Linie</translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <comment>part of a label</comment>
        <translation>
            <numerusform>%n Linie</numerusform>
            <numerusform>%n Linien</numerusform>
        </translation>
    </message>
    <message>
        <source>There is no line to flip; draw one, or choose some.</source>
        <translation>Es gibt keine Linie zum Spiegeln; zeichnen Sie eine, oder wählen Sie welche.</translation>
    </message>
    <message>
        <source>Flip the line upside down</source>
        <translation>Linie auf den Kopf stellen</translation>
    </message>
    <message>
        <source>Flip the line</source>
        <translation>Linie spiegeln</translation>
    </message>
    <message>
        <source>Colour of the line</source>
        <translation>Farbe: Linie</translation>
    </message>
    <message>
        <source>Delete lines</source>
        <translation>Linien löschen</translation>
    </message>
    <message>
        <source>A set needs a name.</source>
        <translation>Ein Satz braucht einen Namen.</translation>
    </message>
    <message>
        <source>The guides are kept as “{name}”; the plus above the guides has them for other pages.</source>
        <translation>Die Hilfslinien sind als „{name}“ behalten; das Plus über den Hilfslinien hat sie für andere Seiten.</translation>
    </message>
    <message>
        <source>This lies outside a 60 degree cone of vision, where things look stretched; vanishing points farther apart make it wider.</source>
        <translation>Das liegt außerhalb eines Sehkegels von 60 Grad, wo Dinge gedehnt aussehen; weiter auseinander liegende Fluchtpunkte machen ihn weiter.</translation>
    </message>
    <message>
        <source>“{name}” cannot be drawn where it lies, so it is switched off and hidden.</source>
        <translation>„{name}“ lässt sich dort, wo es liegt, nicht zeichnen, und ist deshalb aus und ausgeblendet.</translation>
    </message>
    <message>
        <source>A page has room for {most_guides} guides; delete one you no longer need.</source>
        <translation>Eine Seite hat Platz für {most_guides} Hilfslinien; löschen Sie eine, die Sie nicht mehr brauchen.</translation>
    </message>
    <message>
        <source>Add {guide}</source>
        <translation>{guide} hinzufügen</translation>
    </message>
    <message>
        <source>Add french curve</source>
        <translation>Kurvenlineal hinzufügen</translation>
    </message>
    <message>
        <source>The guide stays as it is: {error}.</source>
        <translation>Die Hilfslinie bleibt, wie sie ist: {error}.</translation>
    </message>
    <message>
        <source>There is no guide to hold alone; add one, or press it in the list.</source>
        <translation>Es gibt keine Hilfslinie, die allein halten könnte; fügen Sie eine hinzu, oder drücken Sie sie in der Liste.</translation>
    </message>
    <message>
        <source>Flip guide</source>
        <translation>Hilfslinie spiegeln</translation>
    </message>
    <message>
        <source>Delete guide</source>
        <translation>Hilfslinie löschen</translation>
    </message>
    <message>
        <source>Duplicate guide</source>
        <translation>Hilfslinie verdoppeln</translation>
    </message>
    <message>
        <source>Add perspective</source>
        <translation>Perspektive hinzufügen</translation>
    </message>
    <message>
        <source>Add vanishing point</source>
        <translation>Fluchtpunkt hinzufügen</translation>
    </message>
    <message>
        <source>A guide of another program</source>
        <translation>Eine Hilfslinie eines anderen Programms</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>“{name}” is from another version of Jotsk: it opened as pixels; save it as a new file.</source>
        <translation>„{name}“ ist von einer anderen Version von Jotsk: es wurde als Pixel geöffnet; speichern Sie es als neue Datei.</translation>
    </message>
    <message>
        <source>Opening {name}</source>
        <translation>{name} wird geöffnet</translation>
    </message>
    <message numerus="yes">
        <source>%n pictures</source>
        <translation>
            <numerusform>%n Bild</numerusform>
            <numerusform>%n Bilder</numerusform>
        </translation>
    </message>
    <message>
        <source>Opening {what}</source>
        <translation>{what} öffnen</translation>
    </message>
    <message>
        <source>“{name}” was not written: it holds strokes of another version of Jotsk, which would be lost. Save under another name.</source>
        <translation>„{name}“ wurde nicht geschrieben: es enthält Striche einer anderen Version von Jotsk, die verloren gingen. Speichern Sie unter einem anderen Namen.</translation>
    </message>
    <message>
        <source>Saved “{name}”.</source>
        <translation>„{name}“ gespeichert.</translation>
    </message>
    <message>
        <source>Saving {name}</source>
        <translation>{name} wird gespeichert</translation>
    </message>
    <message>
        <source>Exporting {name}</source>
        <translation>{name} wird exportiert</translation>
    </message>
    <message>
        <source>Wrote “{name}”.</source>
        <translation>„{name}“ geschrieben.</translation>
    </message>
    <message>
        <source>Handing over {stem}</source>
        <translation>{stem} wird abgegeben</translation>
    </message>
    <message>
        <source>Wrote {names}.</source>
        <translation>{names} geschrieben.</translation>
    </message>
    <message>
        <source>{title} is still going on; try again when it is done.</source>
        <translation>{title}: noch im Gange; versuchen Sie es noch einmal, wenn es fertig ist.</translation>
    </message>
    <message>
        <source>Too much waits already; try again when some of it is done.</source>
        <translation>Es wartet schon zu viel; versuchen Sie es wieder, wenn ein Teil davon fertig ist.</translation>
    </message>
    <message>
        <source>{title} was stopped; nothing was changed.</source>
        <translation>{title}: angehalten; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>{title} did not work because of a fault in Jotsk; the page is as it was.</source>
        <translation>{title}: das ging wegen eines Fehlers in Jotsk nicht; die Seite ist, wie sie war.</translation>
    </message>
    <message>
        <source>it is larger than a file of settings can be</source>
        <translation>es ist größer, als eine Datei mit Einstellungen sein kann</translation>
    </message>
    <message>
        <source>it holds no settings</source>
        <translation>es enthält keine Einstellungen</translation>
    </message>
    <message>
        <source>a pen or a colour in it makes no sense ({error})</source>
        <translation>ein Stift oder eine Farbe darin ergibt keinen Sinn ({error})</translation>
    </message>
    <message>
        <source>{key} is the key of “{action}” already.</source>
        <translation>{key} ist schon die Taste von „{action}“.</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>Sepia</source>
        <translation>Sepia</translation>
    </message>
    <message>
        <source>Oxblood</source>
        <translation>Ochsenblut</translation>
    </message>
    <message>
        <source>Prussian</source>
        <translation>Preußischblau</translation>
    </message>
    <message>
        <source>Pine</source>
        <translation>Kiefer</translation>
    </message>
    <message>
        <source>{error} The shipped pens are here; the file is kept beside as pens.damaged.json.</source>
        <translation>{error} Die gelieferten Stifte sind hier; die Datei liegt daneben als pens.damaged.json.</translation>
    </message>
    <message>
        <source>A pen needs a name.</source>
        <translation>Ein Stift braucht einen Namen.</translation>
    </message>
    <message>
        <source>Shipped pens stay in the library; they can be changed, and set back to as shipped.</source>
        <translation>Gelieferte Stifte bleiben im Stiftfach; man kann sie ändern und zurücksetzen, wie sie geliefert wurden.</translation>
    </message>
    <message>
        <source>The disk is slow; the work is not kept yet.</source>
        <translation>Der Datenträger ist langsam; die Arbeit ist noch nicht behalten.</translation>
    </message>
    <message>
        <source>The journal failed because of a fault in Jotsk; save the page to be safe.</source>
        <translation>Das Journal ging wegen eines Fehlers in Jotsk nicht; speichern Sie die Seite, um sicher zu sein.</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: {reason}. It is tried again; save often.</source>
        <translation>Die laufende Arbeit lässt sich nicht behalten: {reason}. Es wird weiter versucht; speichern Sie oft.</translation>
    </message>
    <message>
        <source>Keeping a milestone</source>
        <translation>Meilenstein wird behalten</translation>
    </message>
    <message>
        <source>Reading a milestone</source>
        <translation>Meilenstein wird gelesen</translation>
    </message>
    <message>
        <source>Back to a milestone</source>
        <translation>Zurück zu einem Meilenstein</translation>
    </message>
    <message>
        <source>The milestones could not be put beside the page: {reason}.</source>
        <translation>Die Meilensteine ließen sich nicht neben die Seite legen: {reason}.</translation>
    </message>
    <message>
        <source>Work that was kept cannot be read just now: {}. It stays where it is, and is tried again.</source>
        <translation>Behaltene Arbeit lässt sich gerade nicht lesen: {}. Sie bleibt, wo sie ist, und es wird weiter versucht.</translation>
    </message>
    <message>
        <source>Kept page</source>
        <translation>Behaltene Seite</translation>
    </message>
    <message>
        <source>it is damaged; what is left of the page is kept beside it as {aside}</source>
        <translation>sie ist beschädigt; was von der Seite übrig ist, liegt daneben als {aside}</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: {reason}. Save often.</source>
        <translation>Die laufende Arbeit lässt sich nicht behalten: {reason}. Speichern Sie oft.</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: another window has this page. Save often.</source>
        <translation>Die laufende Arbeit lässt sich nicht behalten: ein anderes Fenster hat diese Seite. Speichern Sie oft.</translation>
    </message>
    <message>
        <source>the file it leans on is gone</source>
        <translation>die Datei, auf die sie sich stützt, ist weg</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Find leaks and weak lines before the printer does</source>
        <translation>Lecks und schwache Linien finden, bevor der Drucker es tut</translation>
    </message>
    <message>
        <source>Spot blacks and lay flats</source>
        <translation>Schwarz setzen und Grundfarben legen</translation>
    </message>
    <message>
        <source>Write the page as whoever gets it needs it</source>
        <translation>Die Seite so schreiben, wie der sie braucht, der sie bekommt</translation>
    </message>
    <message>
        <source>Draw the lines that stay</source>
        <translation>Die Linien zeichnen, die bleiben</translation>
    </message>
    <message>
        <source>Change lines that are there</source>
        <translation>Linien ändern, die da sind</translation>
    </message>
    <message>
        <source>Rough the page out in pencil</source>
        <translation>Die Seite mit Bleistift anlegen</translation>
    </message>
    <message>
        <source>Drag a line over an edge of the sketch, then over another that is parallel to it in reality.</source>
        <translation>Ziehen Sie eine Linie über eine Kante der Skizze, dann über eine andere, die in Wirklichkeit parallel dazu ist.</translation>
    </message>
    <message>
        <source>One vanishing point. Two more edges give the second; Esc ends.</source>
        <translation>Ein Fluchtpunkt. Zwei weitere Kanten geben den zweiten; Esc beendet.</translation>
    </message>
    <message>
        <source>Fill the area</source>
        <translation>Fläche füllen</translation>
    </message>
    <message>
        <source>Rub out the area</source>
        <translation>Fläche ausradieren</translation>
    </message>
    <message>
        <source>Copy the area</source>
        <translation>Fläche kopieren</translation>
    </message>
    <message>
        <source>Areas are filled with this pattern now.</source>
        <translation>Flächen werden jetzt mit diesem Muster gefüllt.</translation>
    </message>
    <message>
        <source>Press where the light stands; blacks, hatching and gradients run out towards it.</source>
        <translation>Drücken Sie, wo das Licht steht; Schwarz, Schraffur und Verläufe laufen zu ihm hin aus.</translation>
    </message>
    <message>
        <source>No closed area lies in there.</source>
        <translation>Darin liegt keine geschlossene Fläche.</translation>
    </message>
    <message>
        <source>Fill areas</source>
        <translation>Flächen füllen</translation>
    </message>
    <message>
        <source>Join and fill</source>
        <translation>Verbinden und füllen</translation>
    </message>
    <message>
        <source>There is no line to join there; close the gap by hand.</source>
        <translation>Dort ist keine Linie zu verbinden; schließen Sie die Lücke von Hand.</translation>
    </message>
    <message>
        <source>Swipe over two areas or more.</source>
        <translation>Streichen Sie über zwei Flächen oder mehr.</translation>
    </message>
    <message>
        <source>No line lies there.</source>
        <translation>Dort liegt keine Linie.</translation>
    </message>
    <message>
        <source>There are no two ends near enough; swipe over the gap, or let the hand reach farther.</source>
        <translation>Es gibt keine zwei Enden, die nah genug sind; streichen Sie über die Lücke, oder lassen Sie die Hand weiter reichen.</translation>
    </message>
    <message>
        <source>A splice takes two lines or more; swipe along the tries that are to become one.</source>
        <translation>Ein Spleiß nimmt zwei Linien oder mehr; streichen Sie an den Versuchen entlang, die eine werden sollen.</translation>
    </message>
    <message>
        <source>There is no line to move; draw one, or choose some.</source>
        <translation>Es gibt keine Linie zum Bewegen; zeichnen Sie eine, oder wählen Sie welche.</translation>
    </message>
    <message>
        <source>Drag inside to move, a corner to scale, a side to stretch or skew, the ring to turn. Ctrl leaves a copy.</source>
        <translation>Innen ziehen bewegt, eine Ecke skaliert, eine Seite dehnt oder schert, der Ring dreht. Strg lässt eine Kopie.</translation>
    </message>
    <message>
        <source>Copy the lines</source>
        <translation>Linien kopieren</translation>
    </message>
    <message>
        <source>Move the lines</source>
        <translation>Linien bewegen</translation>
    </message>
    <message>
        <source>Nothing was moved yet that could be done once more.</source>
        <translation>Noch wurde nichts bewegt, das sich wiederholen ließe.</translation>
    </message>
    <message>
        <source>Corners must not be folded over; drag them apart.</source>
        <translation>Ecken dürfen nicht übereinander klappen; ziehen Sie sie auseinander.</translation>
    </message>
    <message>
        <source>Drag points; press the line for another, with Alt to take one away, with Shift for a corner; bars are weight.</source>
        <translation>Punkte ziehen; die Linie drücken gibt einen neuen, mit Alt nimmt man einen weg, mit Umschalt wird er Ecke; Balken sind Stärke.</translation>
    </message>
    <message>
        <source>Press a line to see its points.</source>
        <translation>Drücken Sie eine Linie, um ihre Punkte zu sehen.</translation>
    </message>
    <message>
        <source>no line</source>
        <translation>keine Linie</translation>
    </message>
    <message>
        <source>{count} points, moves {moves:.1f} px</source>
        <translation>{count} Punkte, bewegt {moves:.1f} px</translation>
    </message>
    <message>
        <source>The ends of a line stay; snip it to make it shorter.</source>
        <translation>Die Enden einer Linie bleiben; stutzen macht sie kürzer.</translation>
    </message>
    <message>
        <source>Take a point away</source>
        <translation>Punkt wegnehmen</translation>
    </message>
    <message>
        <source>Smooth the point</source>
        <translation>Punkt glätten</translation>
    </message>
    <message>
        <source>Corner at the point</source>
        <translation>Ecke am Punkt</translation>
    </message>
    <message>
        <source>Weight of the point</source>
        <translation>Stärke am Punkt</translation>
    </message>
    <message>
        <source>Move the point</source>
        <translation>Punkt bewegen</translation>
    </message>
    <message>
        <source>Simplify the line</source>
        <translation>Linie vereinfachen</translation>
    </message>
    <message>
        <source>The line has too few points for that.</source>
        <translation>Dafür hat die Linie zu wenige Punkte.</translation>
    </message>
    <message>
        <source>That changes nothing.</source>
        <translation>Das ändert nichts.</translation>
    </message>
    <message>
        <source>Nothing was crossed; swipe across the piece that is to go.</source>
        <translation>Nichts wurde gekreuzt; streichen Sie über das Stück, das weg soll.</translation>
    </message>
    <message>
        <source>No snipped end lies there; pull one outwards where its line went on.</source>
        <translation>Dort liegt kein gestutztes Ende; ziehen Sie eins nach außen, wo seine Linie weiterging.</translation>
    </message>
    <message>
        <source>There are no guides to place yet; the plus beside “Guides” adds them.</source>
        <translation>Noch gibt es keine Hilfslinien zu setzen; das Plus neben „Hilfslinien“ fügt sie hinzu.</translation>
    </message>
    <message>
        <source>Did you mean {name}?</source>
        <translation>Meinten Sie {name}?</translation>
    </message>
    <message>
        <source>Commands: {names}</source>
        <translation>Befehle: {names}</translation>
    </message>
    <message>
        <source>there is no command or file “{word}”.</source>
        <translation>es gibt weder einen Befehl noch eine Datei „{word}“.</translation>
    </message>
    <message>
        <source>there is not enough memory for this; nothing was written.</source>
        <translation>der Speicher reicht dafür nicht; nichts wurde geschrieben.</translation>
    </message>
    <message>
        <source>--page and --onto exclude each other: the page given has its own size</source>
        <translation>--page und --onto schließen sich aus: die angegebene Seite hat ihre eigene Größe</translation>
    </message>
    <message>
        <source>“{name}” holds no trace of a pen.</source>
        <translation>„{name}“ enthält keine Spur eines Stifts.</translation>
    </message>
    <message>
        <source>An eraser leaves no line to replay; choose a pen that inks.</source>
        <translation>Ein Radierer hinterlässt keine Linie; wählen Sie einen Stift, der tuscht.</translation>
    </message>
    <message>
        <source>“{name}” has no layer named “{layer}”.</source>
        <translation>„{name}“ hat keine Ebene namens „{layer}“.</translation>
    </message>
    <message>
        <source>Writing</source>
        <translation>Schreiben</translation>
    </message>
    <message>
        <source>There is no order “{name}”; there are {known}.</source>
        <translation>Es gibt keinen Auftrag „{name}“; es gibt {known}.</translation>
    </message>
    <message>
        <source>Drawing</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Lesen</translation>
    </message>
    <message>
        <source>it is no JSON</source>
        <translation>es ist kein JSON</translation>
    </message>
    <message>
        <source>Checking</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>“{value}” is none of {known}.</source>
        <translation>„{value}“ ist keines von {known}.</translation>
    </message>
    <message>
        <source>{words:18} simulated {simulated:8.3f} {unit:5} measured {measured:8.3f} {unit}</source>
        <translation>{words:18} simuliert {simulated:8.3f} {unit:5} gemessen {measured:8.3f} {unit}</translation>
    </message>
    <message>
        <source>Press to go back to drawing (Esc)</source>
        <translation>Drücken, um zum Zeichnen zurückzugehen (Esc)</translation>
    </message>
    <message>
        <source>The hand: {text}</source>
        <translation>Die Hand: {text}</translation>
    </message>
    <message>
        <source>The pen draws</source>
        <translation>Der Stift zeichnet</translation>
    </message>
    <message>
        <source>Change effect</source>
        <translation>Effekt ändern</translation>
    </message>
    <message>
        <source>Add an effect to this layer</source>
        <translation>Dieser Ebene einen Effekt geben</translation>
    </message>
    <message>
        <source>Add an effect</source>
        <translation>Effekt hinzufügen</translation>
    </message>
    <message>
        <source>None yet. The plus adds one; it can be changed, switched and taken off at any time.</source>
        <translation>Noch keine. Das Plus fügt einen hinzu; er lässt sich jederzeit ändern, schalten und wegnehmen.</translation>
    </message>
    <message>
        <source>Switch it off or on</source>
        <translation>Aus- oder einschalten</translation>
    </message>
    <message>
        <source>Its numbers</source>
        <translation>Seine Zahlen</translation>
    </message>
    <message>
        <source>Before the one above</source>
        <translation>Vor den darüber</translation>
    </message>
    <message>
        <source>Take it off</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Waves, or the grey of a layer, softened over the length: black moves to the right and down, white to the left and up</source>
        <translation>Wellen oder das Grau einer Ebene, über die Länge weichgezeichnet: Schwarz verschiebt nach rechts unten, Weiß nach links oben</translation>
    </message>
    <message>
        <source>Waves</source>
        <translation>Wellen</translation>
    </message>
    <message>
        <source>Switch effect</source>
        <translation>Effekt schalten</translation>
    </message>
    <message>
        <source>Move effect</source>
        <translation>Effekt verschieben</translation>
    </message>
    <message>
        <source>Take effect off</source>
        <translation>Effekt wegnehmen</translation>
    </message>
    <message>
        <source>The ink</source>
        <translation>Die Tusche</translation>
    </message>
    <message>
        <source>This layer</source>
        <translation>Diese Ebene</translation>
    </message>
    <message>
        <source>Everything</source>
        <translation>Alles</translation>
    </message>
    <message>
        <source>To its middle</source>
        <translation>Bis zu ihrer Mitte</translation>
    </message>
    <message>
        <source>Not at all</source>
        <translation>Gar nicht</translation>
    </message>
    <message>
        <source>2 px</source>
        <translation>2 px</translation>
    </message>
    <message>
        <source>4 px</source>
        <translation>4 px</translation>
    </message>
    <message>
        <source>8 px</source>
        <translation>8 px</translation>
    </message>
    <message>
        <source>Flat colour</source>
        <translation>Flache Farbe</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>Gradient</source>
        <translation>Farbverlauf</translation>
    </message>
    <message>
        <source>Black that runs out</source>
        <translation>Auslaufendes Schwarz</translation>
    </message>
    <message>
        <source>Hatching</source>
        <translation>Schraffur</translation>
    </message>
    <message>
        <source>Lines along the edge</source>
        <translation>Linien am Rand entlang</translation>
    </message>
    <message>
        <source>Stipple</source>
        <translation>Punktieren</translation>
    </message>
    <message>
        <source>Crosses</source>
        <translation>Kreuze</translation>
    </message>
    <message>
        <source>Noise</source>
        <translation>Rauschen</translation>
    </message>
    <message>
        <source>One way</source>
        <translation>In eine Richtung</translation>
    </message>
    <message>
        <source>Crosswise</source>
        <translation>Kreuzweise</translation>
    </message>
    <message>
        <source>Three ways</source>
        <translation>In drei Richtungen</translation>
    </message>
    <message>
        <source>A loop</source>
        <translation>Eine Schlinge</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>A curve</source>
        <translation>Eine Kurve</translation>
    </message>
    <message>
        <source>A box</source>
        <translation>Ein Kasten</translation>
    </message>
    <message>
        <source>An ellipse</source>
        <translation>Eine Ellipse</translation>
    </message>
    <message>
        <source>A colour</source>
        <translation>Eine Farbe</translation>
    </message>
    <message>
        <source>Is a new area</source>
        <translation>Ist eine neue Fläche</translation>
    </message>
    <message>
        <source>Is added</source>
        <translation>Kommt dazu</translation>
    </message>
    <message>
        <source>Is taken away</source>
        <translation>Wird weggenommen</translation>
    </message>
    <message>
        <source>Keeps the overlap</source>
        <translation>Behält die Schnittmenge</translation>
    </message>
    <message>
        <source>Filled with</source>
        <translation>Gefüllt mit</translation>
    </message>
    <message>
        <source>What an area is filled with</source>
        <translation>Womit eine Fläche gefüllt wird</translation>
    </message>
    <message>
        <source>Looks at</source>
        <translation>Sieht auf</translation>
    </message>
    <message>
        <source>What bounds an area; sketches are left out of the ink</source>
        <translation>Was eine Fläche begrenzt; Skizzen zählen nicht zur Tusche</translation>
    </message>
    <message>
        <source>Under the line</source>
        <translation>Unter die Linie</translation>
    </message>
    <message>
        <source>How far a fill goes under its lines, so that no pale rim is left</source>
        <translation>Wie weit eine Füllung unter ihre Linien geht, damit kein heller Saum bleibt</translation>
    </message>
    <message>
        <source>Tone of</source>
        <translation>Raster aus</translation>
    </message>
    <message>
        <source>What a tone is made of</source>
        <translation>Woraus ein Raster besteht</translation>
    </message>
    <message>
        <source>Hatched</source>
        <translation>Schraffiert</translation>
    </message>
    <message>
        <source>In how many directions</source>
        <translation>In wie vielen Richtungen</translation>
    </message>
    <message>
        <source>Closes gaps</source>
        <translation>Schließt Lücken</translation>
    </message>
    <message>
        <source>Slits of up to this width are not passed</source>
        <translation>Durch Schlitze bis zu dieser Breite geht nichts</translation>
    </message>
    <message>
        <source>Fineness</source>
        <translation>Feinheit</translation>
    </message>
    <message>
        <source>Lines of the tone per inch</source>
        <translation>Linien des Rasters je Zoll</translation>
    </message>
    <message>
        <source>Density</source>
        <translation>Dichte</translation>
    </message>
    <message>
        <source>How much of the tone is inked</source>
        <translation>Wie viel des Rasters getuscht ist</translation>
    </message>
    <message>
        <source>Of the tone or of the hatching</source>
        <translation>Des Rasters oder der Schraffur</translation>
    </message>
    <message>
        <source>Full width of the strokes or dots</source>
        <translation>Volle Breite der Striche oder Punkte</translation>
    </message>
    <message>
        <source>From one stroke or dot to the next</source>
        <translation>Von einem Strich oder Punkt zum nächsten</translation>
    </message>
    <message>
        <source>Of the strokes that a black runs out in</source>
        <translation>Der Striche, in denen ein Schwarz ausläuft</translation>
    </message>
    <message>
        <source>Light from</source>
        <translation>Licht aus</translation>
    </message>
    <message>
        <source>Counted from the right, against the clock</source>
        <translation>Von rechts gegen die Uhr gezählt</translation>
    </message>
    <message>
        <source>Drawn as</source>
        <translation>Gezeichnet als</translation>
    </message>
    <message>
        <source>What one draws: a loop, corners one by one, a box, or px of a colour</source>
        <translation>Was man zeichnet: eine Schlinge, einzelne Ecken, einen Kasten, oder Pixel einer Farbe</translation>
    </message>
    <message>
        <source>What one draws</source>
        <translation>Was man zeichnet</translation>
    </message>
    <message>
        <source>What becomes of the area that is held (Shift adds, Alt takes, both overlap)</source>
        <translation>Was aus der gehaltenen Fläche wird (Umschalt fügt hinzu, Alt nimmt weg, beide: Schnittmenge)</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>By which Larger and Smaller change the area</source>
        <translation>Um den Größer und Kleiner die Fläche ändern</translation>
    </message>
    <message>
        <source>How soft its edge is</source>
        <translation>Wie weich ihr Rand ist</translation>
    </message>
    <message>
        <source>By the light</source>
        <translation>Nach dem Licht</translation>
    </message>
    <message>
        <source>Strokes and dots run out towards the light</source>
        <translation>Striche und Punkte laufen zum Licht hin aus</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>Rund</translation>
    </message>
    <message>
        <source>From the middle outwards</source>
        <translation>Von der Mitte nach außen</translation>
    </message>
    <message>
        <source>To nothing</source>
        <translation>Ins Nichts</translation>
    </message>
    <message>
        <source>Fades out instead of ending in the colour before</source>
        <translation>Wird durchsichtig, statt in der Farbe davor zu enden</translation>
    </message>
    <message>
        <source>Along a line</source>
        <translation>Entlang einer Linie</translation>
    </message>
    <message>
        <source>Pull the line that it is to follow through the area</source>
        <translation>Ziehen Sie die Linie, der es folgen soll, durch die Fläche</translation>
    </message>
    <message>
        <source>corners are reached</source>
        <translation>Ecken werden erreicht</translation>
    </message>
    <message>
        <source>Press to take this guide in hand, twice to rename it</source>
        <translation>Drücken nimmt diese Hilfslinie in die Hand, zweimal benennt sie um</translation>
    </message>
    <message>
        <source>Switch this guide on or off</source>
        <translation>Diese Hilfslinie ein- oder ausschalten</translation>
    </message>
    <message>
        <source>Show or hide it; a hidden guide can hold the hand</source>
        <translation>Ein- oder ausblenden; auch ausgeblendet kann sie die Hand halten</translation>
    </message>
    <message>
        <source>More of this guide</source>
        <translation>Mehr zu dieser Hilfslinie</translation>
    </message>
    <message>
        <source>No guides yet. The plus adds rulers, perspective and symmetry; they are kept with the page.</source>
        <translation>Noch keine Hilfslinien. Das Plus fügt Lineale, Perspektive und Symmetrie hinzu; sie bleiben bei der Seite.</translation>
    </message>
    <message>
        <source>Guides</source>
        <translation>Hilfslinien</translation>
    </message>
    <message>
        <source>Add a ruler, perspective or symmetry</source>
        <translation>Lineal, Perspektive oder Symmetrie hinzufügen</translation>
    </message>
    <message>
        <source>Kept sets</source>
        <translation>Behaltene Sätze</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Nothing is kept yet</source>
        <translation>Noch nichts behalten</translation>
    </message>
    <message>
        <source>Rename guide</source>
        <translation>Hilfslinie umbenennen</translation>
    </message>
    <message>
        <source>Name of the guide</source>
        <translation>Name der Hilfslinie</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Umbenennen…</translation>
    </message>
    <message>
        <source>Hold with the others</source>
        <translation>Mit den anderen halten</translation>
    </message>
    <message>
        <source>Unlock guide</source>
        <translation>Hilfslinie entsperren</translation>
    </message>
    <message>
        <source>Lock guide</source>
        <translation>Hilfslinie sperren</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Entsperren</translation>
    </message>
    <message>
        <source>Lock in place</source>
        <translation>An Ort und Stelle sperren</translation>
    </message>
    <message>
        <source>Flip left to right</source>
        <translation>Seitlich spiegeln</translation>
    </message>
    <message>
        <source>Flip upside down</source>
        <translation>Auf den Kopf stellen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Verdoppeln</translation>
    </message>
    <message>
        <source>As it was opened</source>
        <translation>Wie es geöffnet wurde</translation>
    </message>
    <message>
        <source>What was done; press a step to go there</source>
        <translation>Was getan wurde; drücken Sie einen Schritt, um dorthin zu gehen</translation>
    </message>
    <message>
        <source>Press a step to go there; what comes after it can be done again</source>
        <translation>Drücken Sie einen Schritt, um dorthin zu gehen; was danach kommt, lässt sich wiederholen</translation>
    </message>
    <message>
        <source>Inkwell</source>
        <translation>Tintenfass</translation>
    </message>
    <message>
        <source>The colour before: {color}</source>
        <translation>Die Farbe davor: {color}</translation>
    </message>
    <message>
        <source>Ink in the hand: {color}; press for any colour (hold C to pick from the page)</source>
        <translation>Tusche in der Hand: {color}; drücken für jede Farbe (C halten nimmt eine von der Seite)</translation>
    </message>
    <message>
        <source>The last line from start to end: its width, and in rust the way the hand went</source>
        <translation>Die letzte Linie von Anfang bis Ende: ihre Breite, und in Rostrot der Weg der Hand</translation>
    </message>
    <message>
        <source>Draw a line, and it is laid out here.</source>
        <translation>Zeichnen Sie eine Linie, und sie wird hier ausgebreitet.</translation>
    </message>
    <message>
        <source>Draw the same motion with another pen</source>
        <translation>Dieselbe Bewegung mit einem anderen Stift zeichnen</translation>
    </message>
    <message>
        <source>Pen of the line</source>
        <translation>Stift: Linie</translation>
    </message>
    <message>
        <source>Colour of the hand</source>
        <translation>Farbe der Hand</translation>
    </message>
    <message>
        <source>Give it the ink in the hand</source>
        <translation>Ihr die Tusche in der Hand geben</translation>
    </message>
    <message>
        <source>Of this line</source>
        <translation>Dieser Linie</translation>
    </message>
    <message>
        <source>Opacity of the line</source>
        <translation>Deckkraft: Linie</translation>
    </message>
    <message>
        <source>Response of this line to pressure</source>
        <translation>Ansprache dieser Linie auf Druck</translation>
    </message>
    <message>
        <source>Response of the line</source>
        <translation>Ansprache: Linie</translation>
    </message>
    <message>
        <source>Taper of the line</source>
        <translation>Auslauf: Linie</translation>
    </message>
    <message>
        <source>Last line</source>
        <translation>Letzte Linie</translation>
    </message>
    <message>
        <source>Steady</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>Steady this line anew, from the hand as it was (0) to as calm as it gets (100)</source>
        <translation>Diese Linie neu beruhigen, von der Hand, wie sie war (0), bis so ruhig es geht (100)</translation>
    </message>
    <message>
        <source>Full width of this line</source>
        <translation>Volle Breite dieser Linie</translation>
    </message>
    <message>
        <source>Pen, colour, opacity, response and tapers</source>
        <translation>Stift, Farbe, Deckkraft, Ansprache und Ausläufe</translation>
    </message>
    <message>
        <source>More of this line</source>
        <translation>Mehr zu dieser Linie</translation>
    </message>
    <message>
        <source>Size of the line</source>
        <translation>Größe: Linie</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) chosen</source>
        <translation>
            <numerusform>%n Linie gewählt</numerusform>
            <numerusform>%n Linien gewählt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n pens</source>
        <translation>
            <numerusform>%n Stift</numerusform>
            <numerusform>%n Stifte</numerusform>
        </translation>
    </message>
    <message>
        <source>{pen}, {length_px:.0f} px, {duration_s:.2f} s</source>
        <translation>{pen}, {length_px:.0f} px, {duration_s:.2f} s</translation>
    </message>
    <message>
        <source>shape kept</source>
        <translation>Form gewahrt</translation>
    </message>
    <message>
        <source>Wobble: how far the line strays from what was meant, before and after steadying; along {withheld:.0%} of it less is steadied, to keep its shape</source>
        <translation>Wackeln: wie weit die Linie von dem abkommt, was gemeint war, vor und nach dem Beruhigen; auf {withheld:.0%} wird weniger beruhigt, um ihre Form zu behalten</translation>
    </message>
    <message>
        <source>Press to draw on this layer, with Ctrl or Shift to choose several, twice to rename it, drag to move it</source>
        <translation>Drücken, um auf dieser Ebene zu zeichnen, mit Strg oder Umschalt mehrere wählen, zweimal zum Umbenennen, ziehen zum Verschieben</translation>
    </message>
    <message>
        <source>Lock, so that nothing changes it</source>
        <translation>Sperren, damit sich nichts daran ändert</translation>
    </message>
    <message>
        <source>Show or hide; with Alt, show nothing else</source>
        <translation>Ein- oder ausblenden; mit Alt nichts anderes zeigen</translation>
    </message>
    <message numerus="yes">
        <source>group of %n</source>
        <translation>
            <numerusform>Gruppe mit %n</numerusform>
            <numerusform>Gruppe mit %n</numerusform>
        </translation>
    </message>
    <message>
        <source>empty group</source>
        <translation>leere Gruppe</translation>
    </message>
    <message>
        <source>sketch</source>
        <translation>Skizze</translation>
    </message>
    <message numerus="yes">
        <source>%n area(s)</source>
        <translation>
            <numerusform>%n Fläche</numerusform>
            <numerusform>%n Flächen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stroke(s)</source>
        <translation>
            <numerusform>%n Strich</numerusform>
            <numerusform>%n Striche</numerusform>
        </translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Malerei</translation>
    </message>
    <message numerus="yes">
        <source>%n effect(s)</source>
        <translation>
            <numerusform>%n Effekt</numerusform>
            <numerusform>%n Effekte</numerusform>
        </translation>
    </message>
    <message>
        <source>Clip: show this layer only where the one below has ink</source>
        <translation>Beschneiden: diese Ebene nur zeigen, wo die darunter Tusche hat</translation>
    </message>
    <message>
        <source>Clip layer</source>
        <translation>Ebene beschneiden</translation>
    </message>
    <message>
        <source>Unclip layer</source>
        <translation>Ebene nicht beschneiden</translation>
    </message>
    <message>
        <source>Lock transparency: drawing only colours what is there</source>
        <translation>Transparenz sperren: Zeichnen färbt nur, was da ist</translation>
    </message>
    <message>
        <source>Lock transparency</source>
        <translation>Transparenz sperren</translation>
    </message>
    <message>
        <source>Unlock transparency</source>
        <translation>Transparenz entsperren</translation>
    </message>
    <message>
        <source>Lock position: the layer cannot be moved</source>
        <translation>Lage sperren: die Ebene lässt sich nicht bewegen</translation>
    </message>
    <message>
        <source>Lock position</source>
        <translation>Lage sperren</translation>
    </message>
    <message>
        <source>Unlock position</source>
        <translation>Lage entsperren</translation>
    </message>
    <message>
        <source>Show this layer in non-photo blue</source>
        <translation>Diese Ebene in Hellblau zeigen, das nicht mitkopiert</translation>
    </message>
    <message>
        <source>Tint layer</source>
        <translation>Ebene färben</translation>
    </message>
    <message>
        <source>Untint layer</source>
        <translation>Ebene nicht färben</translation>
    </message>
    <message>
        <source>Follow guides</source>
        <translation>Hilfslinien folgen</translation>
    </message>
    <message>
        <source>Follow symmetry</source>
        <translation>Symmetrie folgen</translation>
    </message>
    <message>
        <source>How this layer blends with those below (W3C Compositing and Blending)</source>
        <translation>Wie diese Ebene sich mit denen darunter mischt (W3C Compositing and Blending)</translation>
    </message>
    <message>
        <source>Blend</source>
        <translation>Mischung</translation>
    </message>
    <message>
        <source>Blend layer</source>
        <translation>Ebene mischen</translation>
    </message>
    <message>
        <source>Opacity of the chosen layers</source>
        <translation>Deckkraft der gewählten Ebenen</translation>
    </message>
    <message>
        <source>Show layer</source>
        <translation>Ebene einblenden</translation>
    </message>
    <message>
        <source>Hide layer</source>
        <translation>Ebene ausblenden</translation>
    </message>
    <message>
        <source>Lock layer</source>
        <translation>Ebene sperren</translation>
    </message>
    <message>
        <source>Unlock layer</source>
        <translation>Ebene entsperren</translation>
    </message>
    <message>
        <source>Rename layer</source>
        <translation>Ebene umbenennen</translation>
    </message>
    <message>
        <source>Name of the layer</source>
        <translation>Name der Ebene</translation>
    </message>
    <message>
        <source>Layer opacity</source>
        <translation>Deckkraft der Ebene</translation>
    </message>
    <message>
        <source>Lines of this layer</source>
        <translation>Linien dieser Ebene</translation>
    </message>
    <message>
        <source>All visible ink</source>
        <translation>Alle sichtbare Tusche</translation>
    </message>
    <message>
        <source>The line itself</source>
        <translation>Die Linie selbst</translation>
    </message>
    <message>
        <source>Thicker or thinner</source>
        <translation>Dicker oder dünner</translation>
    </message>
    <message>
        <source>Even out</source>
        <translation>Angleichen</translation>
    </message>
    <message>
        <source>Sharp ends</source>
        <translation>Spitze Enden</translation>
    </message>
    <message>
        <source>Gather</source>
        <translation>Raffen</translation>
    </message>
    <message>
        <source>The frame</source>
        <translation>Der Rahmen</translation>
    </message>
    <message>
        <source>Free corners</source>
        <translation>Freie Ecken</translation>
    </message>
    <message>
        <source>A mesh</source>
        <translation>Ein Netz</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>How far the hand reaches, page px</source>
        <translation>Wie weit die Hand reicht, px der Seite</translation>
    </message>
    <message>
        <source>Softness</source>
        <translation>Weichheit</translation>
    </message>
    <message>
        <source>How softly the hand works at its edge</source>
        <translation>Wie weich die Hand an ihrem Rand arbeitet</translation>
    </message>
    <message>
        <source>How thick a line becomes in one pass: below 100 thinner</source>
        <translation>Wie dick eine Linie in einem Zug wird: unter 100 dünner</translation>
    </message>
    <message>
        <source>Overshoot</source>
        <translation>Überstand</translation>
    </message>
    <message>
        <source>What stays beyond a crossing while Shift is held</source>
        <translation>Was über eine Kreuzung hinaus stehen bleibt, solange Umschalt gehalten wird</translation>
    </message>
    <message>
        <source>Connected within</source>
        <translation>Verbunden bis</translation>
    </message>
    <message>
        <source>So near lines hang together, for “Choose what is connected”</source>
        <translation>So nahe Linien hängen zusammen, für „Verbundenes wählen“</translation>
    </message>
    <message>
        <source>Points within</source>
        <translation>Punkte innerhalb</translation>
    </message>
    <message>
        <source>How far a line may move, in px of the screen, when it runs smoothly through its points</source>
        <translation>Wie weit eine Linie sich bewegen darf, in px des Bildschirms, wenn sie glatt durch ihre Punkte läuft</translation>
    </message>
    <message>
        <source>Snip up to</source>
        <translation>Stutzen bis zu</translation>
    </message>
    <message>
        <source>What ends a piece that is snipped</source>
        <translation>Was ein gestutztes Stück beendet</translation>
    </message>
    <message>
        <source>Does</source>
        <translation>Wirkung</translation>
    </message>
    <message>
        <source>What a pass does to the weight of lines</source>
        <translation>Was ein Zug mit der Stärke von Linien tut</translation>
    </message>
    <message>
        <source>What the hand does to the shape of lines</source>
        <translation>Was die Hand mit der Form von Linien tut</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Mit</translation>
    </message>
    <message>
        <source>What lines are moved by</source>
        <translation>Womit Linien bewegt werden</translation>
    </message>
    <message>
        <source>Simplify</source>
        <translation>Vereinfachen</translation>
    </message>
    <message>
        <source>Have the line run smoothly through its points (Enter)</source>
        <translation>Die Linie glatt durch ihre Punkte laufen lassen (Eingabe)</translation>
    </message>
    <message>
        <source>Scale weights</source>
        <translation>Stärke mitskalieren</translation>
    </message>
    <message>
        <source>Scaled lines become thicker too; Shift does the other</source>
        <translation>Skalierte Linien werden auch dicker; Umschalt tut das andere</translation>
    </message>
    <message>
        <source>Along guides</source>
        <translation>An Hilfslinien</translation>
    </message>
    <message>
        <source>Lines move along the guide that runs the way of the hand</source>
        <translation>Linien bewegen sich an der Hilfslinie, die in Richtung der Hand läuft</translation>
    </message>
    <message>
        <source>Fields down</source>
        <translation>Felder nach unten</translation>
    </message>
    <message>
        <source>Fields across</source>
        <translation>Felder nach rechts</translation>
    </message>
    <message>
        <source>{name}, of the mesh</source>
        <translation>{name}, des Netzes</translation>
    </message>
    <message>
        <source>Fields</source>
        <translation>Felder</translation>
    </message>
    <message>
        <source>thicker</source>
        <translation>dicker</translation>
    </message>
    <message>
        <source>thinner</source>
        <translation>dünner</translation>
    </message>
    <message>
        <source>no change</source>
        <translation>keine Änderung</translation>
    </message>
    <message>
        <source>Drag the buttons elsewhere</source>
        <translation>Die Knöpfe anderswohin ziehen</translation>
    </message>
    <message>
        <source>{name}: hold it, or tap it to keep it on</source>
        <translation>{name}: halten, oder antippen, damit es anbleibt</translation>
    </message>
    <message>
        <source>The whole page; drag to show another part, turn the wheel to zoom</source>
        <translation>Die ganze Seite; ziehen zeigt einen anderen Teil, das Rad zoomt</translation>
    </message>
    <message>
        <source>the hand as it is</source>
        <translation>die Hand, wie sie ist</translation>
    </message>
    <message>
        <source>while the key is held</source>
        <translation>solange die Taste gehalten wird</translation>
    </message>
    <message>
        <source>Full width of the line, in page px</source>
        <translation>Volle Breite der Linie, in px der Seite</translation>
    </message>
    <message>
        <source>How strongly the line is held while the pen is down; more trails further behind a slow hand</source>
        <translation>Wie stark die Linie gehalten wird, solange der Stift unten ist; mehr bleibt weiter hinter einer langsamen Hand zurück</translation>
    </message>
    <message>
        <source>How strongly the line is smoothed when the pen lifts; it costs no lag, and can be changed later</source>
        <translation>Wie stark die Linie beim Abheben geglättet wird; das kostet keine Verzögerung und lässt sich später ändern</translation>
    </message>
    <message>
        <source>The most ink a stroke of this pen leaves</source>
        <translation>Die meiste Tusche, die ein Strich dieses Stifts hinterlässt</translation>
    </message>
    <message>
        <source>How the line is steadied while drawing</source>
        <translation>Wie die Linie beim Zeichnen beruhigt wird</translation>
    </message>
    <message>
        <source>Way of steadying</source>
        <translation>Art der Ruhe</translation>
    </message>
    <message>
        <source>Ease: follows softly, less as you speed up</source>
        <translation>Sanft: folgt weich, weniger mit mehr Tempo</translation>
    </message>
    <message>
        <source>Average: the mean of the last moments</source>
        <translation>Mittel: der Durchschnitt der letzten Augenblicke</translation>
    </message>
    <message>
        <source>Tow: the ink follows on a rope</source>
        <translation>Schlepp: die Tusche folgt an einem Seil</translation>
    </message>
    <message>
        <source>Less when the hand is fast</source>
        <translation>Weniger, wenn die Hand schnell ist</translation>
    </message>
    <message>
        <source>builds up</source>
        <translation>baut sich auf</translation>
    </message>
    <message>
        <source>ends and corners kept</source>
        <translation>Enden, Ecken bleiben</translation>
    </message>
    <message>
        <source>lightest touch</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>fastest</source>
        <translation>schnell</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>along the nib</source>
        <translation>längs</translation>
    </message>
    <message>
        <source>{where} {least:.1f} px</source>
        <translation>{where} {least:.1f} px</translation>
    </message>
    <message>
        <source>one width throughout</source>
        <translation>überall eine Breite</translation>
    </message>
    <message>
        <source>{way}, less when fast</source>
        <translation>{way}, weniger bei Tempo</translation>
    </message>
    <message>
        <source>Favourites</source>
        <translation>Favoriten</translation>
    </message>
    <message>
        <source>Nibs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>Brushes</source>
        <translation>Pinsel</translation>
    </message>
    <message>
        <source>favourite</source>
        <translation>Favorit</translation>
    </message>
    <message>
        <source>nib</source>
        <translation>Feder</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>Pinsel</translation>
    </message>
    <message>
        <source>Even lines</source>
        <translation>Gleich dick</translation>
    </message>
    <message>
        <source>For the mouse</source>
        <translation>Für die Maus</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>rund</translation>
    </message>
    <message>
        <source>mouse</source>
        <translation>Maus</translation>
    </message>
    <message>
        <source>Cords and motifs</source>
        <translation>Kordel, Motiv</translation>
    </message>
    <message>
        <source>Pencils</source>
        <translation>Bleistifte</translation>
    </message>
    <message>
        <source>Textures</source>
        <translation>Strukturen</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>Figur</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>Struktur</translation>
    </message>
    <message>
        <source>Tones</source>
        <translation>Töne</translation>
    </message>
    <message>
        <source>One bit</source>
        <translation>Ein Bit</translation>
    </message>
    <message>
        <source>tone</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>one bit</source>
        <translation>ein Bit</translation>
    </message>
    <message>
        <source>white</source>
        <translation>weiß</translation>
    </message>
    <message>
        <source>Others</source>
        <translation>Andere</translation>
    </message>
    <message>
        <source>Erasers</source>
        <translation>Radierer</translation>
    </message>
    <message>
        <source>{name}, {size_px:g} px as shipped; press twice for the pen maker</source>
        <translation>{name}, {size_px:g} px wie geliefert; zweimal drücken für den Stiftmacher</translation>
    </message>
    <message>
        <source>Find a pen</source>
        <translation>Stift suchen</translation>
    </message>
    <message>
        <source>Type part of a name or a tag: nib, brush, sketch, texture, tone, mouse, one bit</source>
        <translation>Einen Teil eines Namens oder Stichworts tippen: Feder, Pinsel, Skizze, Struktur, Ton, Maus, ein Bit</translation>
    </message>
    <message>
        <source>Pens</source>
        <translation>Stifte</translation>
    </message>
    <message>
        <source>No pen has that in its name or tags.</source>
        <translation>Kein Stift hat das in Namen oder Stichworten.</translation>
    </message>
    <message>
        <source>Turn the page: drag sideways, press twice for upright</source>
        <translation>Seite drehen: seitlich ziehen, zweimal drücken für aufrecht</translation>
    </message>
    <message>
        <source>Everything Jotsk can do (F10)</source>
        <translation>Alles, was Jotsk kann (F10)</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>The pages that are open (Ctrl+Tab goes to the next)</source>
        <translation>Die offenen Seiten (Strg+Tab geht zur nächsten)</translation>
    </message>
    <message>
        <source>Open pages</source>
        <translation>Offene Seiten</translation>
    </message>
    <message>
        <source>Angle of the page, degrees</source>
        <translation>Winkel der Seite, Grad</translation>
    </message>
    <message>
        <source>Zoom, per cent</source>
        <translation>Zoom, Prozent</translation>
    </message>
    <message>
        <source>{width} x {height} px, {dpi:g} dpi</source>
        <translation>{width} x {height} px, {dpi:g} dpi</translation>
    </message>
    <message>
        <source>Not in a file yet</source>
        <translation>Noch in keiner Datei</translation>
    </message>
    <message>
        <source>unsaved</source>
        <translation>ungespeichert</translation>
    </message>
    <message>
        <source>There are changes that are not in the file; closing keeps them for the next start</source>
        <translation>Es gibt Änderungen, die nicht in der Datei sind; beim Schließen werden sie für den nächsten Start behalten</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gespeichert</translation>
    </message>
    <message>
        <source>{title}, unsaved</source>
        <translation>{title}, ungesichert</translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <comment>pages</comment>
        <translation>
            <numerusform>%n offen</numerusform>
            <numerusform>%n offen</numerusform>
        </translation>
    </message>
    <message>
        <source>flipped</source>
        <translation>gespiegelt</translation>
    </message>
    <message>
        <source>{tooltip}
Drag points; press beside the line for another; drag one out to take it away</source>
        <translation>{tooltip}
Punkte ziehen; neben die Linie drücken gibt einen neuen; herausziehen nimmt einen weg</translation>
    </message>
    <message>
        <source>dd MMMM, HH:mm</source>
        <comment>day and time</comment>
        <translation>dd. MMMM, HH:mm</translation>
    </message>
    <message>
        <source>dd MMM</source>
        <comment>a day, short</comment>
        <translation>dd. MMM</translation>
    </message>
    <message>
        <source>dd MMMM</source>
        <comment>a day</comment>
        <translation>dd. MMMM</translation>
    </message>
    <message>
        <source>Nothing was measured yet.</source>
        <translation>Noch wurde nichts gemessen.</translation>
    </message>
    <message>
        <source>From {low:g} to {high:g} {unit}</source>
        <translation>Von {low:g} bis {high:g} {unit}</translation>
    </message>
    <message>
        <source>Rose of directions</source>
        <translation>Richtungsrose</translation>
    </message>
    <message>
        <source>{direction:.0f}° {off:.2f} mm</source>
        <translation>{direction:.0f}° {off:.2f} mm</translation>
    </message>
    <message>
        <source>Nothing was drawn yet</source>
        <translation>Noch wurde nichts gezeichnet</translation>
    </message>
    <message>
        <source>mm off the line</source>
        <translation>mm neben der Linie</translation>
    </message>
    <message>
        <source>Finding the lines</source>
        <translation>Linien werden gesucht</translation>
    </message>
    <message>
        <source>taper in</source>
        <translation>Anlauf</translation>
    </message>
    <message>
        <source>thickest</source>
        <translation>am dicksten</translation>
    </message>
    <message>
        <source>opacity</source>
        <translation>Deckkraft</translation>
    </message>
    <message>
        <source>steady after</source>
        <translation>Ruhe danach</translation>
    </message>
    <message>
        <source>taper out</source>
        <translation>Auslauf</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>am leichtesten</translation>
    </message>
    <message>
        <source>swell</source>
        <translation>schwillt</translation>
    </message>
    <message>
        <source>its first line names no columns</source>
        <translation>seine erste Zeile nennt keine Spalten</translation>
    </message>
    <message>
        <source>it cannot be read as a table</source>
        <translation>es lässt sich nicht als Tabelle lesen</translation>
    </message>
    <message>
        <source>it is larger than a palette can be</source>
        <translation>es ist größer, als eine Palette sein kann</translation>
    </message>
    <message>
        <source>it is not plain text</source>
        <translation>es ist kein einfacher Text</translation>
    </message>
    <message>
        <source>its line {number} is no colour such as “#14181B Black”</source>
        <translation>seine Zeile {number} ist keine Farbe wie „#14181B Schwarz“</translation>
    </message>
    <message>
        <source>it holds more than {most_colors} colours</source>
        <translation>es enthält mehr als {most_colors} Farben</translation>
    </message>
    <message>
        <source>A corner just meets a frame; keep it off, or draw it well over.</source>
        <translation>Eine Ecke berührt gerade einen Rahmen; halten Sie sie weg oder zeichnen Sie sie deutlich darüber.</translation>
    </message>
    <message>
        <source>This line stops exactly on another: draw it in, or end it before.</source>
        <translation>Diese Linie endet genau auf einer anderen: ziehen Sie sie hinein oder beenden Sie sie vorher.</translation>
    </message>
    <message>
        <source>The outside is {times:.1f} times as thick as the inside; {ratio:g} times stands out.</source>
        <translation>Außen ist es {times:.1f}-mal so dick wie innen; {ratio:g}-mal hebt sich ab.</translation>
    </message>
    <message>
        <source>What mending would do</source>
        <translation>Was das Ausbessern täte</translation>
    </message>
    <message>
        <source>The coloured lines are what mending would do. Press those that are to stay as they are.</source>
        <translation>Die farbigen Linien sind, was das Ausbessern täte. Drücken Sie auf die, die bleiben sollen, wie sie sind.</translation>
    </message>
    <message numerus="yes">
        <source>Mend %n</source>
        <translation>
            <numerusform>%n ausbessern</numerusform>
            <numerusform>%n ausbessern</numerusform>
        </translation>
    </message>
    <message>
        <source>{size:.1f} px</source>
        <translation>{size:.1f} px</translation>
    </message>
    <message>
        <source>Weight of the outside</source>
        <translation>Stärke des Äußeren</translation>
    </message>
    <message>
        <source>Weights</source>
        <translation>Stärken</translation>
    </message>
    <message>
        <source>Outside to inside</source>
        <translation>Außen zu innen</translation>
    </message>
    <message>
        <source>How thick the outside lines of this layer are beside inside ones; pull and they grow heavier</source>
        <translation>Wie dick die Außenlinien dieser Ebene gegenüber den inneren sind; ziehen Sie, und sie werden kräftiger</translation>
    </message>
    <message>
        <source>length of line by thickness, “{name}”</source>
        <translation>Länge der Linien je Stärke, „{name}“</translation>
    </message>
    <message>
        <source>“{name}” has no lines yet</source>
        <translation>„{name}“ hat noch keine Linien</translation>
    </message>
    <message>
        <source>choose a layer of ink</source>
        <translation>wählen Sie eine Tuscheebene</translation>
    </message>
    <message>
        <source>stands out</source>
        <translation>hebt sich ab</translation>
    </message>
    <message>
        <source>{wanted:.0f} % stands out</source>
        <translation>{wanted:.0f} % hebt sich ab</translation>
    </message>
    <message>
        <source>no outside and inside here</source>
        <translation>hier kein Außen und Innen</translation>
    </message>
    <message>
        <source>Leaks</source>
        <translation>Lecks</translation>
    </message>
    <message>
        <source>Tangents</source>
        <translation>Tangenten</translation>
    </message>
    <message>
        <source>Outlines</source>
        <translation>Umrisse</translation>
    </message>
    <message>
        <source>Wobble</source>
        <translation>Wackeln</translation>
    </message>
    <message>
        <source>Stray marks</source>
        <translation>Verirrtes</translation>
    </message>
    <message>
        <source>Gaps through which a fill would run out</source>
        <translation>Lücken, durch die eine Füllung ausliefe</translation>
    </message>
    <message>
        <source>Lines, ends and corners that touch without meaning to</source>
        <translation>Linien, Enden und Ecken, die sich ungewollt berühren</translation>
    </message>
    <message>
        <source>Outlines that are no heavier than what is inside</source>
        <translation>Umrisse, die nicht kräftiger sind als das Innere</translation>
    </message>
    <message>
        <source>Lines that stray from what was meant</source>
        <translation>Linien, die vom Gemeinten abweichen</translation>
    </message>
    <message>
        <source>Specks, double lines, lines off the page or too thin to print, empty layers</source>
        <translation>Punkte, doppelte Linien, Linien neben der Seite oder zu dünn für den Druck, leere Ebenen</translation>
    </message>
    <message>
        <source>not looked for yet</source>
        <translation>noch nicht gesucht</translation>
    </message>
    <message numerus="yes">
        <source>%n found</source>
        <translation>
            <numerusform>%n gefunden</numerusform>
            <numerusform>%n gefunden</numerusform>
        </translation>
    </message>
    <message>
        <source>Gaps up to</source>
        <translation>Lücken bis</translation>
    </message>
    <message>
        <source>Wider gaps are no leaks: they are meant</source>
        <translation>Breitere Lücken sind keine Lecks: sie sind gemeint</translation>
    </message>
    <message>
        <source>Touching within</source>
        <translation>Berühren bis</translation>
    </message>
    <message>
        <source>Lines, ends and corners that are no farther apart are tangents</source>
        <translation>Linien, Enden und Ecken, die nicht weiter auseinander liegen, sind Tangenten</translation>
    </message>
    <message>
        <source>Wobble above</source>
        <translation>Wackeln über</translation>
    </message>
    <message>
        <source>Lines that stray less from what was meant are left alone; RMS, px of this page</source>
        <translation>Linien, die weniger vom Gemeinten abweichen, bleiben unbehelligt; RMS, px dieser Seite</translation>
    </message>
    <message>
        <source>Outside at least</source>
        <translation>Außen mindestens</translation>
    </message>
    <message>
        <source>An outside that is thinner than so much of the inside is a weak outline</source>
        <translation>Ein Äußeres, das dünner ist als so viel vom Inneren, ist ein schwacher Umriss</translation>
    </message>
    <message>
        <source>as shipped</source>
        <translation>wie geliefert</translation>
    </message>
    <message>
        <source>as shipped: {usual:.3g}</source>
        <translation>wie geliefert: {usual:.3g}</translation>
    </message>
    <message>
        <source>“{text}” is no colour such as #1d2a32</source>
        <translation>„{text}“ ist keine Farbe wie #1d2a32</translation>
    </message>
    <message>
        <source>The standard input is larger than a page can be.</source>
        <translation>Die Standardeingabe ist größer, als eine Seite sein kann.</translation>
    </message>
    <message>
        <source>a fill has a kind: {known}</source>
        <translation>eine Füllung hat eine Art: {known}</translation>
    </message>
    <message>
        <source>an effect has a kind, {known}, and numbers in their ranges</source>
        <translation>ein Effekt hat eine Art, {known}, und Zahlen in ihren Bereichen</translation>
    </message>
    <message>
        <source>Steps are a list of at most {count:,}.</source>
        <translation>Schritte sind eine Liste von höchstens {count:,}.</translation>
    </message>
    <message>
        <source>Step {number} is none there is; there are {known}.</source>
        <translation>Schritt {number} gibt es nicht; es gibt {known}.</translation>
    </message>
    <message>
        <source>Step {number}, {name}, needs {what}.</source>
        <translation>Schritt {number}, {name}, braucht {what}.</translation>
    </message>
    <message>
        <source>Step {number}, {name}: {reason}</source>
        <translation>Schritt {number}, {name}: {reason}</translation>
    </message>
    <message>
        <source>Step {number}, {name}, makes no sense: {reason}.</source>
        <translation>Schritt {number}, {name}, ergibt keinen Sinn: {reason}.</translation>
    </message>
    <message>
        <source>there is no layer named “{name}”.</source>
        <translation>es gibt keine Ebene namens „{name}“.</translation>
    </message>
    <message>
        <source>a way is a list of places</source>
        <translation>ein Weg ist eine Liste von Orten</translation>
    </message>
    <message>
        <source>a place here has {count} numbers</source>
        <translation>ein Ort hat hier {count} Zahlen</translation>
    </message>
    <message>
        <source>strokes are {all}, {inside} or {touching}</source>
        <translation>strokes ist {all}, {inside} oder {touching}</translation>
    </message>
    <message>
        <source>{name} is one of {known}</source>
        <translation>{name} ist eines von {known}</translation>
    </message>
    <message>
        <source>it changes pen, size, color or steady_after</source>
        <translation>er ändert pen, size, color oder steady_after</translation>
    </message>
    <message>
        <source>Open the window, with a page (.ora), a picture as a sketch, or the lines of an SVG.</source>
        <translation>Das Fenster öffnen, mit einer Seite (.ora), einem Bild als Skizze oder den Linien eines SVG.</translation>
    </message>
    <message>
        <source>Open the demo page, or the finished panel.</source>
        <translation>Die Demoseite öffnen, oder das fertige Panel.</translation>
    </message>
    <message>
        <source>Open a practice sheet that measures the hand.</source>
        <translation>Ein Übungsblatt öffnen, das die Hand misst.</translation>
    </message>
    <message>
        <source>Write a page as a picture, shapes or motions; the ending of OUT says which.</source>
        <translation>Eine Seite als Bild, Formen oder Bewegungen schreiben; die Endung von OUT sagt, als was.</translation>
    </message>
    <message>
        <source>Write a page as several orders at once.</source>
        <translation>Eine Seite als mehrere Aufträge auf einmal schreiben.</translation>
    </message>
    <message>
        <source>Write a page being drawn again.</source>
        <translation>Eine Seite schreiben, wie sie noch einmal gezeichnet wird.</translation>
    </message>
    <message>
        <source>Run a list of steps on a page: mending and filling.</source>
        <translation>Eine Liste von Schritten auf einer Seite ausführen: Ausbessern und Füllen.</translation>
    </message>
    <message>
        <source>Say what is wrong with a page; exit 3 if there is anything.</source>
        <translation>Sagen, was an einer Seite falsch ist; Exit 3, wenn es etwas gibt.</translation>
    </message>
    <message>
        <source>Run traces through the pens, without a window.</source>
        <translation>Bewegungen durch die Stifte führen, ohne Fenster.</translation>
    </message>
    <message>
        <source>Put the application into the menu of the desktop, for this user.</source>
        <translation>Die Anwendung in das Menü der Arbeitsfläche bringen, für diesen Benutzer.</translation>
    </message>
    <message>
        <source>Print a script that completes commands in a shell.</source>
        <translation>Ein Skript ausgeben, das Befehle in einer Shell ergänzt.</translation>
    </message>
    <message>
        <source>NAME</source>
        <translation>BEZEICHNUNG</translation>
    </message>
    <message>
        <source>SYNOPSIS</source>
        <translation>ÜBERSICHT</translation>
    </message>
    <message>
        <source>DESCRIPTION</source>
        <translation>BESCHREIBUNG</translation>
    </message>
    <message>
        <source>Without a command, Jotsk opens its window. Instead of a file, - reads the standard input.</source>
        <translation>Ohne Befehl öffnet Jotsk sein Fenster. Statt einer Datei liest - die Standardeingabe.</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>BEFEHLE</translation>
    </message>
    <message>
        <source>EXIT STATUS</source>
        <translation>EXIT-STATUS</translation>
    </message>
    <message>
        <source>0 done; 1 the input could not be used; 2 wrong usage; 3 something was found by check.</source>
        <translation>0 getan; 1 die Eingabe ließ sich nicht verwenden; 2 falsch aufgerufen; 3 check hat etwas gefunden.</translation>
    </message>
    <message>
        <source>FILES</source>
        <translation>DATEIEN</translation>
    </message>
    <message>
        <source>settings, pens, palettes and the diary of practice</source>
        <translation>Einstellungen, Stifte, Paletten und das Tagebuch der Übung</translation>
    </message>
    <message>
        <source>unsaved work and the log</source>
        <translation>ungespeicherte Arbeit und das Protokoll</translation>
    </message>
    <message>
        <source>what can be made again</source>
        <translation>was wieder gemacht werden kann</translation>
    </message>
    <message>
        <source>The layer of the picture was changed meanwhile, so the picture stays where it was.</source>
        <translation>Die Ebene des Bildes wurde inzwischen geändert, deshalb bleibt das Bild, wo es war.</translation>
    </message>
</context>
</TS>
