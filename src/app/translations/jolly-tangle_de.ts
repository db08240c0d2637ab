<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Language</name>
    <message>
        <source>There are no texts in the language &quot;%1&quot;, so they are in English. Choose another one in the settings.</source>
        <translation>Es gibt keine Texte in der Sprache „%1“, also sind sie englisch. In den Einstellungen eine andere wählen.</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>next free one: %1</source>
        <translation>nächstes freie: %1</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>%1: change places with %2</source>
        <translation>%1: Platz tauschen mit %2</translation>
    </message>
    <message>
        <source>taken</source>
        <translation>belegt</translation>
    </message>
    <message>
        <source>%1 (not on your keyboard&apos;s layout)</source>
        <translation>%1 (nicht auf deiner Tastatur)</translation>
    </message>
    <message>
        <source>layer %1, held</source>
        <translation>Ebene %1, gehalten</translation>
    </message>
    <message>
        <source>layer %1, flipped</source>
        <translation>Ebene %1, umgeschaltet</translation>
    </message>
    <message>
        <source>next layer of the group of %1</source>
        <translation>nächste Ebene der Gruppe von %1</translation>
    </message>
    <message>
        <source>layer before, of the group of %1</source>
        <translation>Ebene davor, aus der Gruppe von %1</translation>
    </message>
    <message>
        <source>the next craft</source>
        <translation>das nächste Gefährt</translation>
    </message>
    <message>
        <source>the craft before</source>
        <translation>das Gefährt davor</translation>
    </message>
    <message>
        <source>craft %1</source>
        <translation>Gefährt %1</translation>
    </message>
    <message>
        <source>stands down</source>
        <translation>beendet live</translation>
    </message>
    <message>
        <source>recentres %1</source>
        <translation>mittelt %1 neu</translation>
    </message>
    <message>
        <source>reverses %1</source>
        <translation>kehrt %1 um</translation>
    </message>
    <message>
        <source>keeps the recording</source>
        <translation>hebt die Aufnahme auf</translation>
    </message>
    <message>
        <source>nothing: it is silent</source>
        <translation>nichts: es schweigt</translation>
    </message>
    <message>
        <source>no key is used yet</source>
        <translation>noch ist keine Taste belegt</translation>
    </message>
    <message numerus="yes">
        <source>%n key(s) used</source>
        <translation>
            <numerusform>%n Taste belegt</numerusform>
            <numerusform>%n Tasten belegt</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of %2 used</source>
        <translation>%1 von %2 belegt</translation>
    </message>
    <message>
        <source>Jolly Tangle: merges flight and racing controllers into virtual joysticks that games see.</source>
        <translation>Jolly Tangle: vereint Controller für Flug und Rennen zu virtuellen Joysticks, die Spiele sehen.</translation>
    </message>
    <message>
        <source>Tangle to open; the last one when none is named</source>
        <translation>Geflecht, das geöffnet wird; das letzte, wenn keines genannt ist</translation>
    </message>
    <message>
        <source>Where controllers come from: kernel or a world file; as it was left when it is not named</source>
        <translation>Woher Controller kommen: kernel oder eine Weltdatei; wie es zuletzt war, wenn nichts genannt ist</translation>
    </message>
    <message>
        <source>Begin with an empty tangle, not the last one</source>
        <translation>Mit einem leeren Geflecht beginnen, nicht mit dem letzten</translation>
    </message>
    <message>
        <source>Begin in the tray, or as a small window where there is none</source>
        <translation>In der Ablage beginnen, oder als kleines Fenster, wo es keine gibt</translation>
    </message>
    <message>
        <source>The language of this start, such as en; &quot;long-words&quot; shows which texts are translated</source>
        <translation>Die Sprache dieses Starts, etwa de; „long-words“ zeigt, welche Texte übersetzt sind</translation>
    </message>
    <message>
        <source>Light colours</source>
        <translation>Helle Farben</translation>
    </message>
    <message>
        <source>Go live at once</source>
        <translation>Sofort live gehen</translation>
    </message>
    <message>
        <source>Touching a control does not select it</source>
        <translation>Berühren wählt ein Bedienelement nicht</translation>
    </message>
    <message>
        <source>The page to begin with: rig, weave, shape, layers or bench</source>
        <translation>Die Seite, mit der begonnen wird: rig, weave, shape, layers oder bench</translation>
    </message>
    <message>
        <source>Save one picture of the window and end</source>
        <translation>Ein Bild des Fensters speichern und enden</translation>
    </message>
    <message>
        <source>Say on standard error how long the first live frame took</source>
        <translation>Auf der Fehlerausgabe sagen, wie lange das erste lebende Bild brauchte</translation>
    </message>
    <message>
        <source>Keyboards and pointers count as controllers, too</source>
        <translation>Auch Tastaturen und Zeiger zählen als Controller</translation>
    </message>
    <message>
        <source>The pretend rig is missing: its files (demo) are not among the program&apos;s data. Install the program again.</source>
        <translation>Das Pult zum Ausprobieren fehlt: seine Dateien (demo) sind nicht unter den Daten des Programms. Das Programm neu installieren.</translation>
    </message>
    <message>
        <source>The engine stopped; it is being started again.</source>
        <translation>Die Engine ist stehen geblieben; sie wird neu gestartet.</translation>
    </message>
    <message>
        <source>The engine was ended by another program.</source>
        <translation>Die Engine wurde von einem anderen Programm beendet.</translation>
    </message>
    <message>
        <source>Start it again</source>
        <translation>Wieder starten</translation>
    </message>
    <message>
        <source>There is no engine, so nothing moves. %1</source>
        <translation>Es gibt keine Engine, also bewegt sich nichts. %1</translation>
    </message>
    <message>
        <source>Try again</source>
        <translation>Noch einmal versuchen</translation>
    </message>
    <message>
        <source>The engine does not answer. What games see stays as it is.</source>
        <translation>Die Engine antwortet nicht. Was Spiele sehen, bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>Wait</source>
        <translation>Warten</translation>
    </message>
    <message>
        <source>Start another</source>
        <translation>Eine andere starten</translation>
    </message>
    <message>
        <source>The text for %1 is missing among the program&apos;s data (%2). Install the program again.</source>
        <translation>Der Text für %1 fehlt unter den Daten des Programms (%2). Das Programm neu installieren.</translation>
    </message>
    <message numerus="yes">
        <source>%n count(s)</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message>
        <source>let go to see it</source>
        <translation>loslassen, um es zu sehen</translation>
    </message>
    <message>
        <source>%1, within %2</source>
        <translation>%1, innerhalb %2</translation>
    </message>
    <message>
        <source>none in %1 s</source>
        <translation>keine in %1 s</translation>
    </message>
    <message>
        <source>%1 in %2 s</source>
        <translation>%1 in %2 s</translation>
    </message>
    <message>
        <source>move it to see it</source>
        <translation>bewegen, um es zu sehen</translation>
    </message>
    <message>
        <source>only its ends: a switch</source>
        <translation>nur seine Enden: ein Schalter</translation>
    </message>
    <message numerus="yes">
        <source>steps of %1, %n count(s) seen</source>
        <translation>
            <numerusform>Schritte von %1, %n Wert gesehen</numerusform>
            <numerusform>Schritte von %1, %n Werte gesehen</numerusform>
        </translation>
    </message>
    <message>
        <source>Rests at its low end, as a lever or pedal does.</source>
        <translation>Ruht am unteren Ende, wie ein Hebel oder Pedal.</translation>
    </message>
    <message>
        <source>Rests in the middle, as a stick does.</source>
        <translation>Ruht in der Mitte, wie ein Stick.</translation>
    </message>
    <message>
        <source>swallows changes of less than %1</source>
        <translation>verschluckt Änderungen unter %1</translation>
    </message>
    <message>
        <source>tells games to ignore %1 around the middle</source>
        <translation>sagt Spielen, %1 um die Mitte zu übergehen</translation>
    </message>
    <message>
        <source>The kernel %1.</source>
        <translation>Der Kernel %1.</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>rests in the middle</source>
        <translation>ruht in der Mitte</translation>
    </message>
    <message>
        <source>rests at its low end</source>
        <translation>ruht am unteren Ende</translation>
    </message>
    <message>
        <source>springs back</source>
        <translation>federt zurück</translation>
    </message>
    <message>
        <source>stays: a switch</source>
        <translation>bleibt: ein Schalter</translation>
    </message>
    <message>
        <source>one position of a selector</source>
        <translation>eine Stellung eines Wahlschalters</translation>
    </message>
    <message>
        <source>a pulse of an endless dial</source>
        <translation>ein Impuls eines endlosen Drehknopfs</translation>
    </message>
    <message>
        <source>eight ways</source>
        <translation>acht Richtungen</translation>
    </message>
    <message>
        <source>turns endlessly</source>
        <translation>dreht endlos</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>slope at rest %1</source>
        <translation>Steigung in Ruhe %1</translation>
    </message>
    <message>
        <source>, at the end %1</source>
        <translation>, am Ende %1</translation>
    </message>
    <message>
        <source>, at the low end %1, at the high end %2</source>
        <translation>, am unteren Ende %1, am oberen %2</translation>
    </message>
    <message>
        <source>smallest step: %L1 % beside rest, %L2 % at the end</source>
        <translation>kleinster Schritt: %L1 % neben der Ruhe, %L2 % am Ende</translation>
    </message>
    <message>
        <source>rest drift measured %1 %, no dead zone covers it</source>
        <translation>Drift in Ruhe %1 %, keine Totzone deckt sie</translation>
    </message>
    <message>
        <source>rest drift measured %1 %, covered with %2 % to spare</source>
        <translation>Drift in Ruhe %1 %, gedeckt mit %2 % Reserve</translation>
    </message>
    <message>
        <source>rest drift measured %1 %: %2 % more would cover it</source>
        <translation>Drift in Ruhe %1 %: %2 % mehr würden sie decken</translation>
    </message>
    <message>
        <source>cover the drift</source>
        <translation>die Drift decken</translation>
    </message>
    <message>
        <source>adds %1 at rest, %2 in motion</source>
        <translation>fügt in Ruhe %1 hinzu, in Bewegung %2</translation>
    </message>
    <message>
        <source>%1 has the same</source>
        <translation>%1 hat das Gleiche</translation>
    </message>
    <message>
        <source>%1 has not the same yet</source>
        <translation>%1 hat noch nicht das Gleiche</translation>
    </message>
    <message>
        <source>The same there</source>
        <translation>Dort das Gleiche</translation>
    </message>
    <message>
        <source>pair of axes</source>
        <translation>Achsenpaar</translation>
    </message>
    <message>
        <source>Cover it</source>
        <translation>Decken</translation>
    </message>
    <message>
        <source>Cover it with %1 %</source>
        <translation>Mit %1 % decken</translation>
    </message>
    <message>
        <source>as it was</source>
        <translation>wie es war</translation>
    </message>
    <message>
        <source>what the sim makes of it</source>
        <translation>was der Sim daraus macht</translation>
    </message>
    <message>
        <source>Lead it to the next free place</source>
        <translation>Zum nächsten freien Platz führen</translation>
    </message>
    <message>
        <source>Copy its strand</source>
        <translation>Seinen Strang kopieren</translation>
    </message>
    <message>
        <source>Paste the copied strand here</source>
        <translation>Den kopierten Strang hier einfügen</translation>
    </message>
    <message>
        <source>Silence it here</source>
        <translation>Hier schweigen lassen</translation>
    </message>
    <message>
        <source>Show its strands</source>
        <translation>Seine Stränge zeigen</translation>
    </message>
    <message>
        <source>Shape its axis</source>
        <translation>Seine Achse formen</translation>
    </message>
    <message>
        <source>Show it across the layers</source>
        <translation>Quer durch die Ebenen zeigen</translation>
    </message>
    <message>
        <source>Name it, calibrate it</source>
        <translation>Benennen, kalibrieren</translation>
    </message>
    <message>
        <source>held: pressed for as long as it is</source>
        <translation>gehalten: gedrückt, solange es das ist</translation>
    </message>
    <message>
        <source>a pulse when it is pressed</source>
        <translation>ein Impuls beim Drücken</translation>
    </message>
    <message>
        <source>a pulse when it is let go</source>
        <translation>ein Impuls beim Loslassen</translation>
    </message>
    <message>
        <source>a pulse when it is pressed and when it is let go</source>
        <translation>ein Impuls beim Drücken und beim Loslassen</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>pulse %1 ms</source>
        <translation>Impuls %1 ms</translation>
    </message>
    <message>
        <source>let go: pulse %1 ms</source>
        <translation>loslassen: Impuls %1 ms</translation>
    </message>
    <message>
        <source>both: pulse %1 ms</source>
        <translation>beides: Impuls %1 ms</translation>
    </message>
    <message>
        <source>switched off</source>
        <translation>ausgeschaltet</translation>
    </message>
    <message>
        <source>everywhere</source>
        <translation>überall</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>released</source>
        <translation>losgelassen</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>F&amp;ly</source>
        <translation>F&amp;lug</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>Open a tangle</source>
        <translation>Geflecht öffnen</translation>
    </message>
    <message>
        <source>Save the tangle</source>
        <translation>Geflecht speichern</translation>
    </message>
    <message>
        <source>Tangles (*.tangle);;All files (*)</source>
        <translation>Geflechte (*.tangle);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Import a faceplate</source>
        <translation>Frontplatte importieren</translation>
    </message>
    <message>
        <source>Export the faceplate</source>
        <translation>Frontplatte exportieren</translation>
    </message>
    <message>
        <source>Faceplates (*.faceplate);;All files (*)</source>
        <translation>Frontplatten (*.faceplate);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Choose a sim sheet</source>
        <translation>Sim-Blatt wählen</translation>
    </message>
    <message>
        <source>Save the sim sheet</source>
        <translation>Sim-Blatt speichern</translation>
    </message>
    <message>
        <source>Sim sheets (*.simsheet);;All files (*)</source>
        <translation>Sim-Blätter (*.simsheet);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Choose a picture of the craft</source>
        <translation>Bild des Gefährts wählen</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.svg);;All files (*)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.svg);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Open a recording</source>
        <translation>Aufnahme öffnen</translation>
    </message>
    <message>
        <source>Recordings (*.flight);;All files (*)</source>
        <translation>Aufnahmen (*.flight);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Save the report of the walk</source>
        <translation>Bericht des Rundgangs speichern</translation>
    </message>
    <message>
        <source>Pages (*.html);;Texts (*.txt)</source>
        <translation>Seiten (*.html);;Texte (*.txt)</translation>
    </message>
    <message>
        <source>%1 has changes that are not saved</source>
        <translation>%1 hat Änderungen, die nicht gespeichert sind</translation>
    </message>
    <message>
        <source>Another tangle is about to take its place in this window.</source>
        <translation>Ein anderes Geflecht soll in diesem Fenster seinen Platz nehmen.</translation>
    </message>
    <message>
        <source>Save it first</source>
        <translation>Erst speichern</translation>
    </message>
    <message>
        <source>Give the changes up</source>
        <translation>Änderungen aufgeben</translation>
    </message>
    <message>
        <source>Stay with it</source>
        <translation>Dabei bleiben</translation>
    </message>
    <message>
        <source>%1 was changed elsewhere</source>
        <translation>%1 wurde anderswo geändert</translation>
    </message>
    <message>
        <source>Another window or program saved it since it was opened here. The earlier text is kept either way. What this window has otherwise:</source>
        <translation>Ein anderes Fenster oder Programm hat es gespeichert, seit es hier geöffnet wurde. Der frühere Text wird in jedem Fall aufgehoben. Was dieses Fenster anders hat:</translation>
    </message>
    <message>
        <source>Put theirs aside, save mine</source>
        <translation>Ihres beiseite, meines speichern</translation>
    </message>
    <message>
        <source>Save mine</source>
        <translation>Meines speichern</translation>
    </message>
    <message>
        <source>Save nothing yet</source>
        <translation>Noch nichts speichern</translation>
    </message>
    <message>
        <source>The flight is live</source>
        <translation>Der Flug ist live</translation>
    </message>
    <message>
        <source>Saving puts it into %1.</source>
        <translation>Speichern legt es in %1.</translation>
    </message>
    <message>
        <source>The flight can go on without this window; open the window again to come back to it.</source>
        <translation>Der Flug kann ohne dieses Fenster weitergehen; das Fenster wieder öffnen, um zurückzukehren.</translation>
    </message>
    <message>
        <source>Keep flying without the window</source>
        <translation>Ohne das Fenster weiterfliegen</translation>
    </message>
    <message>
        <source>Save and close</source>
        <translation>Speichern und schließen</translation>
    </message>
    <message>
        <source>Close without saving</source>
        <translation>Schließen ohne zu speichern</translation>
    </message>
    <message>
        <source>Keep flying</source>
        <translation>Weiterfliegen</translation>
    </message>
    <message>
        <source>Stand down and close</source>
        <translation>Live beenden und schließen</translation>
    </message>
    <message>
        <source>Stay</source>
        <translation>Bleiben</translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s) end at %1</source>
        <translation>
            <numerusform>%n Strang endet an %1</numerusform>
            <numerusform>%n Stränge enden an %1</numerusform>
        </translation>
    </message>
    <message>
        <source>They can end at free places of other devices, or go with it. Undo takes it back.</source>
        <translation>Sie können an freien Plätzen anderer Geräte enden oder mitgehen. Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>Move to free places elsewhere</source>
        <translation>Auf freie Plätze anderswo verlegen</translation>
    </message>
    <message>
        <source>Remove, too</source>
        <translation>Mit entfernen</translation>
    </message>
    <message>
        <source>Keep the device</source>
        <translation>Das Gerät behalten</translation>
    </message>
    <message>
        <source>%1 cannot be read</source>
        <translation>%1 ist nicht zu lesen</translation>
    </message>
    <message>
        <source>It was left as it is, and no earlier copy of it is kept.</source>
        <translation>Es blieb, wie es ist, und keine frühere Kopie davon ist aufgehoben.</translation>
    </message>
    <message>
        <source>It was left as it is. Earlier copies are kept: one can be opened in its place.</source>
        <translation>Es blieb, wie es ist. Frühere Kopien sind aufgehoben: eine lässt sich an seiner Stelle öffnen.</translation>
    </message>
    <message>
        <source>Open the copy of %1</source>
        <translation>Die Kopie von %1 öffnen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>The administrator cannot be asked from here; use the command instead.</source>
        <translation>Die Verwaltung ist von hier nicht zu fragen; stattdessen den Befehl benutzen.</translation>
    </message>
    <message>
        <source>Done.</source>
        <translation>Fertig.</translation>
    </message>
    <message>
        <source>Nothing was permitted; try again, or use the command.</source>
        <translation>Es wurde nichts erlaubt; noch einmal versuchen, oder den Befehl benutzen.</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Not exported</source>
        <translation>Nicht exportiert</translation>
    </message>
    <message>
        <source>The faceplate is in %1.</source>
        <translation>Die Frontplatte ist in %1.</translation>
    </message>
    <message>
        <source>Not imported</source>
        <translation>Nicht importiert</translation>
    </message>
    <message>
        <source>import faceplate</source>
        <translation>Frontplatte importieren</translation>
    </message>
    <message>
        <source>control</source>
        <translation>Bedienelement</translation>
    </message>
    <message>
        <source>strand</source>
        <translation>Strang</translation>
    </message>
    <message>
        <source>command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>virtual device</source>
        <translation>virtuelles Gerät</translation>
    </message>
    <message>
        <source>craft</source>
        <translation>Gefährt</translation>
    </message>
    <message>
        <source>layer</source>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>Tab, Shift+Tab</source>
        <translation>Tab, Umschalt+Tab</translation>
    </message>
    <message>
        <source>the next faceplate, card or field</source>
        <translation>die nächste Frontplatte, Karte oder das nächste Feld</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>from control to control on a faceplate</source>
        <translation>von Bedienelement zu Bedienelement auf einer Frontplatte</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>choose the control: on the left it is selected, on the right the strand leads there</source>
        <translation>das Bedienelement wählen: links wird es gewählt, rechts führt der Strang dorthin</translation>
    </message>
    <message>
        <source>Letters</source>
        <translation>Buchstaben</translation>
    </message>
    <message>
        <source>the control that begins with them</source>
        <translation>das Bedienelement, das damit beginnt</translation>
    </message>
    <message>
        <source>Menu, Shift+F10</source>
        <translation>Menü, Umschalt+F10</translation>
    </message>
    <message>
        <source>what can be done with it</source>
        <translation>was damit getan werden kann</translation>
    </message>
    <message>
        <source>Alt</source>
        <translation>Alt</translation>
    </message>
    <message>
        <source>the menus</source>
        <translation>die Menüs</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>give up, let go, close</source>
        <translation>aufgeben, loslassen, schließen</translation>
    </message>
    <message>
        <source>The rig is every controller on your desk, each drawn as its faceplate.</source>
        <translation>Das Pult ist jeder Controller auf deinem Tisch, gezeichnet als seine Frontplatte.</translation>
    </message>
    <message>
        <source>Move a lever or press a button: it lights up and is selected.</source>
        <translation>Einen Hebel bewegen oder eine Taste drücken: sie leuchtet auf und ist gewählt.</translation>
    </message>
    <message>
        <source>On the right you see what it really does: its range, rest, noise and spikes.</source>
        <translation>Rechts ist zu sehen, was sie wirklich tut: Bereich, Ruhe, Rauschen und Ausreißer.</translation>
    </message>
    <message>
        <source>Give it a name and a role there, or calibrate the whole controller in one walk.</source>
        <translation>Dort bekommt sie Namen und Rolle, oder der ganze Controller wird in einem Gang kalibriert.</translation>
    </message>
    <message>
        <source>A controller that is away stays here, dashed, until it is back.</source>
        <translation>Ein Controller, der weg ist, bleibt hier, gestrichelt, bis er zurück ist.</translation>
    </message>
    <message>
        <source>Here controls are led to the virtual devices that games see.</source>
        <translation>Hier werden Bedienelemente zu den virtuellen Geräten geführt, die Spiele sehen.</translation>
    </message>
    <message>
        <source>Touch a control, then click a virtual control on the right: a strand leads there.</source>
        <translation>Ein Bedienelement berühren, dann rechts ein virtuelles anklicken: ein Strang führt dorthin.</translation>
    </message>
    <message>
        <source>The selected control&apos;s strands stand in the middle, with their stages.</source>
        <translation>Die Stränge des gewählten Bedienelements stehen in der Mitte, mit ihren Stufen.</translation>
    </message>
    <message>
        <source>Edits go to the craft and layer that the middle names.</source>
        <translation>Änderungen gehen an das Gefährt und die Ebene, die die Mitte nennt.</translation>
    </message>
    <message>
        <source>A click on a taken virtual control shows what feeds it.</source>
        <translation>Ein Klick auf ein belegtes virtuelles Bedienelement zeigt, was es speist.</translation>
    </message>
    <message>
        <source>Here one axis is large, so that its feel can be set.</source>
        <translation>Hier ist eine Achse groß, damit ihr Gefühl gesetzt werden kann.</translation>
    </message>
    <message>
        <source>Drag the points of the curve and the edges of the dead zone; the dot is your hand.</source>
        <translation>Die Punkte der Kurve und die Ränder der Totzone ziehen; der Punkt ist deine Hand.</translation>
    </message>
    <message>
        <source>Exact numbers stand beside, a stage each.</source>
        <translation>Genaue Zahlen stehen daneben, jede Stufe für sich.</translation>
    </message>
    <message>
        <source>Hold &quot;try the old one&quot; to compare with what was saved.</source>
        <translation>„Die alte probieren“ halten, um mit dem Gespeicherten zu vergleichen.</translation>
    </message>
    <message>
        <source>A feel that you like can be copied to other axes.</source>
        <translation>Ein Gefühl, das gefällt, lässt sich auf andere Achsen kopieren.</translation>
    </message>
    <message>
        <source>A layer gives controls other meanings while it is engaged.</source>
        <translation>Eine Ebene gibt Bedienelementen andere Bedeutungen, solange sie eingeschaltet ist.</translation>
    </message>
    <message>
        <source>The stack on the left shows which are; the highest one that has a strand counts.</source>
        <translation>Der Stapel links zeigt, welche es sind; die höchste, die einen Strang hat, zählt.</translation>
    </message>
    <message>
        <source>The faceplate shows what each control does right now, and which layer says so.</source>
        <translation>Die Frontplatte zeigt, was jedes Bedienelement gerade tut, und welche Ebene es sagt.</translation>
    </message>
    <message>
        <source>A rule engages a layer: while a control is held, or flipped by a press.</source>
        <translation>Eine Regel schaltet eine Ebene ein: solange etwas gehalten wird, oder um mit jedem Druck.</translation>
    </message>
    <message>
        <source>Below the rules you see what each craft has of its own.</source>
        <translation>Unter den Regeln ist zu sehen, was jedes Gefährt Eigenes hat.</translation>
    </message>
    <message>
        <source>The Bench shows the truth from the hand to the game.</source>
        <translation>Der Prüfstand zeigt die Wahrheit von der Hand bis zum Spiel.</translation>
    </message>
    <message>
        <source>The virtual device is read back as a game reads it; any difference is a fault.</source>
        <translation>Das virtuelle Gerät wird zurückgelesen, wie ein Spiel es liest; jeder Unterschied ist ein Fehler.</translation>
    </message>
    <message>
        <source>Move a virtual control by hand, or sweep it alone while a sim listens.</source>
        <translation>Ein virtuelles Bedienelement von Hand bewegen, oder es allein durchfahren, während ein Sim lauscht.</translation>
    </message>
    <message>
        <source>The flight recorder keeps the last minutes; drag on its line to look at a moment.</source>
        <translation>Der Flugschreiber hebt die letzten Minuten auf; auf seiner Linie ziehen, um einen Moment anzusehen.</translation>
    </message>
    <message>
        <source>Delay and events a second are measured all the time.</source>
        <translation>Verzögerung und Ereignisse je Sekunde werden immer gemessen.</translation>
    </message>
    <message>
        <source>What is this page?</source>
        <translation>Was ist diese Seite?</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>On what has the keyboard</source>
        <translation>Auf dem, was die Tastatur hat</translation>
    </message>
    <message>
        <source>Close the sheet</source>
        <translation>Das Blatt schließen</translation>
    </message>
    <message>
        <source>Jolly Tangle %1</source>
        <translation>Jolly Tangle %1</translation>
    </message>
    <message>
        <source>Merges the sticks, throttles, pedals, wheels and button boxes on a desk into virtual joysticks that games see.</source>
        <translation>Vereint Sticks, Schubhebel, Pedale, Lenkräder und Knopfkästen auf einem Tisch zu virtuellen Joysticks, die Spiele sehen.</translation>
    </message>
    <message>
        <source>Free software under the GNU General Public License, version 3 or later. It comes without any warranty.</source>
        <translation>Freie Software unter der GNU General Public License, Version 3 oder später. Sie kommt ohne jede Gewährleistung.</translation>
    </message>
    <message>
        <source>Your tangles are plain text files and belong to you.</source>
        <translation>Deine Geflechte sind einfache Textdateien und gehören dir.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>What was said</source>
        <translation>Was gesagt wurde</translation>
    </message>
    <message>
        <source>Nothing yet. What is done, undone or refused is kept here.</source>
        <translation>Noch nichts. Was getan, rückgängig gemacht oder abgelehnt wird, steht hier.</translation>
    </message>
    <message>
        <source>Close the list</source>
        <translation>Die Liste schließen</translation>
    </message>
    <message>
        <source>The faceplate is taken; undo takes it back.</source>
        <translation>Die Frontplatte ist übernommen; Rückgängig nimmt sie zurück.</translation>
    </message>
    <message>
        <source>A craft</source>
        <translation>Ein Gefährt</translation>
    </message>
    <message>
        <source>The next craft</source>
        <translation>Das nächste Gefährt</translation>
    </message>
    <message>
        <source>The craft before</source>
        <translation>Das Gefährt davor</translation>
    </message>
    <message>
        <source>Keys: press them together…</source>
        <translation>Tasten: zusammen drücken…</translation>
    </message>
    <message>
        <source>A layer</source>
        <translation>Eine Ebene</translation>
    </message>
    <message>
        <source>%1 while it is held</source>
        <translation>%1, solange es gehalten wird</translation>
    </message>
    <message>
        <source>%1 until the next press</source>
        <translation>%1 bis zum nächsten Druck</translation>
    </message>
    <message>
        <source>The next of the group of %1</source>
        <translation>Die nächste aus der Gruppe von %1</translation>
    </message>
    <message>
        <source>The one before of the group of %1</source>
        <translation>Die vorige aus der Gruppe von %1</translation>
    </message>
    <message>
        <source>Nothing: it is silent</source>
        <translation>Nichts: es schweigt</translation>
    </message>
    <message>
        <source>An order</source>
        <translation>Ein Befehl</translation>
    </message>
    <message>
        <source>Stand down</source>
        <translation>Live beenden</translation>
    </message>
    <message>
        <source>Keep the flight recorder&apos;s last minutes</source>
        <translation>Die letzten Minuten des Flugschreibers aufheben</translation>
    </message>
    <message>
        <source>Recentre</source>
        <translation>Neu mitteln</translation>
    </message>
    <message>
        <source>Let all that is kept for %1 begin anew</source>
        <translation>Alles, was für %1 gemerkt ist, neu beginnen lassen</translation>
    </message>
    <message>
        <source>Reverse</source>
        <translation>Umkehren</translation>
    </message>
    <message>
        <source>Turn %1 round, and back</source>
        <translation>%1 umdrehen, und zurück</translation>
    </message>
    <message>
        <source>The next free control</source>
        <translation>Das nächste freie Bedienelement</translation>
    </message>
    <message>
        <source>Another control from the list…</source>
        <translation>Ein anderes Bedienelement aus der Liste…</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Prüfstand</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Rig</source>
        <translation>Pult</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>Weave</source>
        <translation>Flechten</translation>
    </message>
    <message>
        <source>Find a place: its device, its number, what is there …</source>
        <translation>Platz suchen: Gerät, Nummer, was dort ist …</translation>
    </message>
    <message>
        <source>often</source>
        <translation>oft</translation>
    </message>
    <message>
        <source>Find a stage: dead zone, reverse, notch …</source>
        <translation>Stufe suchen: Totzone, umkehren, Raste …</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
</context>
<context>
    <name>core</name>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1
%2</source>
        <translation>%1
%2</translation>
    </message>
    <message>
        <source>The file was left as it is.</source>
        <translation>Die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>The copy cannot be read either.</source>
        <translation>Auch die Kopie ist nicht lesbar.</translation>
    </message>
    <message>
        <source>Try an earlier one.</source>
        <translation>Eine frühere versuchen.</translation>
    </message>
    <message>
        <source>The entry %1 cannot be removed.</source>
        <translation>Der Eintrag %1 kann nicht entfernt werden.</translation>
    </message>
    <message>
        <source>Remove it by hand.</source>
        <translation>Von Hand entfernen.</translation>
    </message>
    <message>
        <source>Check that the program &quot;tangle&quot; is installed.</source>
        <translation>Nachsehen, ob das Programm „tangle“ installiert ist.</translation>
    </message>
    <message>
        <source>There is no engine.</source>
        <translation>Es gibt keine Engine.</translation>
    </message>
    <message>
        <source>Wait a moment and try again.</source>
        <translation>Einen Moment warten und noch einmal versuchen.</translation>
    </message>
    <message>
        <source>No engine is running.</source>
        <translation>Es läuft keine Engine.</translation>
    </message>
    <message>
        <source>Start one with &quot;tangle run FILE&quot; or open the window.</source>
        <translation>Eine mit „tangle run FILE“ starten oder das Fenster öffnen.</translation>
    </message>
    <message>
        <source>There is no session bus, so no engine can be reached.</source>
        <translation>Es gibt keinen Sitzungsbus, also ist keine Engine erreichbar.</translation>
    </message>
    <message>
        <source>Start the program as &quot;dbus-run-session -- COMMAND&quot; to have one.</source>
        <translation>Das Programm mit „dbus-run-session -- BEFEHL“ starten, um einen zu haben.</translation>
    </message>
    <message>
        <source>The engine does not answer.</source>
        <translation>Die Engine antwortet nicht.</translation>
    </message>
    <message>
        <source>Wait for it, or end it with &quot;pkill -KILL -x tangle&quot; and start another.</source>
        <translation>Auf sie warten, oder sie mit „pkill -KILL -x tangle“ beenden und eine andere starten.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no virtual control.</source>
        <translation>„%1“ ist kein virtuelles Bedienelement.</translation>
    </message>
    <message>
        <source>Name one such as &quot;axis 1&quot; or &quot;button 1&quot;.</source>
        <translation>Eins wie „axis 1“ oder „button 1“ nennen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no way of a hat.</source>
        <translation>„%1“ ist keine Richtung eines Hats.</translation>
    </message>
    <message>
        <source>Name one of: up, right, down, left.</source>
        <translation>Eine nennen von: up, right, down, left.</translation>
    </message>
    <message>
        <source>There is no session bus, so no window and no other command can reach this engine.</source>
        <translation>Es gibt keinen Sitzungsbus, also erreicht kein Fenster und kein anderer Befehl diese Engine.</translation>
    </message>
    <message>
        <source>Start it as &quot;dbus-run-session -- tangle run FILE&quot; to have one.</source>
        <translation>Sie mit „dbus-run-session -- tangle run FILE“ starten, um einen zu haben.</translation>
    </message>
    <message>
        <source>An engine is running already.</source>
        <translation>Es läuft schon eine Engine.</translation>
    </message>
    <message>
        <source>Use that one (&quot;tangle status&quot;), or end it with &quot;tangle down --quit&quot;.</source>
        <translation>Jene nehmen („tangle status“), oder sie mit „tangle down --quit“ beenden.</translation>
    </message>
    <message>
        <source>Games see it: bind to this one.</source>
        <translation>Spiele sehen es: dieses belegen.</translation>
    </message>
    <message>
        <source>It is there while live.</source>
        <translation>Es ist da, solange live.</translation>
    </message>
    <message>
        <source>Games hear it; it is not in the tangle.</source>
        <translation>Spiele hören ihn; er ist nicht im Geflecht.</translation>
    </message>
    <message>
        <source>Games hear it; no strand begins there.</source>
        <translation>Spiele hören ihn; kein Strang beginnt da.</translation>
    </message>
    <message>
        <source>Games hear it until you go live.</source>
        <translation>Spiele hören ihn, bis du live gehst.</translation>
    </message>
    <message>
        <source>Games that start now do not find it.</source>
        <translation>Spiele, die jetzt starten, finden ihn nicht.</translation>
    </message>
    <message>
        <source>Games list it, but do not hear it: bind nothing to it.</source>
        <translation>Spiele führen ihn auf, hören ihn aber nicht: nichts darauf legen.</translation>
    </message>
    <message>
        <source>Launched games do not find it; all others hear it.</source>
        <translation>Gestartete Spiele finden ihn nicht; alle anderen hören ihn.</translation>
    </message>
    <message>
        <source>Games hear it twice until its buttons are let go.</source>
        <translation>Spiele hören ihn doppelt, bis seine Tasten losgelassen sind.</translation>
    </message>
    <message>
        <source>Games hear it twice: itself and what it is woven to.</source>
        <translation>Spiele hören ihn doppelt: ihn selbst und das, wohin er geflochten ist.</translation>
    </message>
    <message>
        <source>No controller can be kept alone: %1.</source>
        <translation>Kein Controller lässt sich allein halten: %1.</translation>
    </message>
    <message>
        <source>Install Jolly Tangle with its helper, or hide the controllers from one game by &quot;tangle launch&quot;.</source>
        <translation>Jolly Tangle mit seinem Helfer installieren, oder die Controller vor einem Spiel durch „tangle launch“ verbergen.</translation>
    </message>
    <message>
        <source>its helper is not installed</source>
        <translation>sein Helfer ist nicht installiert</translation>
    </message>
    <message>
        <source>its helper does not answer</source>
        <translation>sein Helfer antwortet nicht</translation>
    </message>
    <message>
        <source>the bus is gone</source>
        <translation>der Bus ist weg</translation>
    </message>
    <message>
        <source>The helper ended; everybody may open the controllers again.</source>
        <translation>Der Helfer endete; alle dürfen die Controller wieder öffnen.</translation>
    </message>
    <message>
        <source>Stand down and go live to keep them alone again.</source>
        <translation>Live beenden und wieder live gehen, um sie wieder allein zu haben.</translation>
    </message>
    <message>
        <source>there is no system bus</source>
        <translation>es gibt keinen Systembus</translation>
    </message>
    <message>
        <source>No more than 16 controllers can be kept alone; none is.</source>
        <translation>Mehr als 16 Controller lassen sich nicht allein halten; keiner wird es.</translation>
    </message>
    <message>
        <source>Only hold some of them.</source>
        <translation>Nur einige davon halten.</translation>
    </message>
    <message>
        <source>The live values cannot be read: %1.</source>
        <translation>Die lebenden Werte können nicht gelesen werden: %1.</translation>
    </message>
    <message>
        <source>Start the engine again.</source>
        <translation>Die Engine neu starten.</translation>
    </message>
    <message>
        <source>The engine that runs is of another version than this window.</source>
        <translation>Die laufende Engine ist von anderer Version als dieses Fenster.</translation>
    </message>
    <message>
        <source>Stop it with &quot;tangle down&quot; and start it again.</source>
        <translation>Sie mit „tangle down“ anhalten und neu starten.</translation>
    </message>
    <message>
        <source>%1 is asleep or away.</source>
        <translation>%1 schläft oder ist weg.</translation>
    </message>
    <message>
        <source>%1 is away.</source>
        <translation>%1 ist weg.</translation>
    </message>
    <message>
        <source>What it moves rests, or keeps its value, as its strands say.</source>
        <translation>Was er bewegt, ruht oder behält seinen Wert, wie seine Stränge es sagen.</translation>
    </message>
    <message>
        <source>It is not clear which controller is %1: alike ones are at %2.</source>
        <translation>Es ist nicht klar, welcher Controller %1 ist: gleiche sind an %2.</translation>
    </message>
    <message>
        <source>Say on its card on the Rig page which one it is; the answer is kept.</source>
        <translation>Auf seiner Karte auf der Seite Rig sagen, welcher es ist; die Antwort bleibt.</translation>
    </message>
    <message>
        <source>Its strands do nothing until then.</source>
        <translation>Seine Stränge tun bis dahin nichts.</translation>
    </message>
    <message>
        <source>%1 is not held yet.</source>
        <translation>%1 ist noch nicht gehalten.</translation>
    </message>
    <message>
        <source>Let go of its buttons; it is held as soon as none is pressed.</source>
        <translation>Seine Tasten loslassen; er wird gehalten, sobald keine gedrückt ist.</translation>
    </message>
    <message>
        <source>Games hear it beside the virtual devices.</source>
        <translation>Spiele hören ihn neben den virtuellen Geräten.</translation>
    </message>
    <message>
        <source>%1 has changed: it no longer has %2.</source>
        <translation>%1 hat sich verändert: nicht mehr da ist %2.</translation>
    </message>
    <message>
        <source>Switch it back to the mode it had, or begin those strands elsewhere.</source>
        <translation>Ihn in die frühere Betriebsart zurückschalten, oder diese Stränge anderswo beginnen.</translation>
    </message>
    <message>
        <source>Strands that begin there do nothing.</source>
        <translation>Stränge, die da beginnen, tun nichts.</translation>
    </message>
    <message>
        <source>%1 tells an impossible range for %2 (%3 to %4).</source>
        <translation>%1 nennt einen unmöglichen Bereich für %2 (%3 bis %4).</translation>
    </message>
    <message>
        <source>Calibrate it on the Rig page: the counts seen become its ends.</source>
        <translation>Auf der Seite Rig kalibrieren: die gesehenen Zählwerte werden seine Enden.</translation>
    </message>
    <message>
        <source>It hardly moves anything.</source>
        <translation>Sie bewegt kaum etwas.</translation>
    </message>
    <message>
        <source>The engine that runs speaks another language than this program.</source>
        <translation>Die laufende Engine spricht eine andere Sprache als dieses Programm.</translation>
    </message>
    <message>
        <source>%1 pulses of at most %2 ms: an endless dial</source>
        <translation>%1 Impulse von höchstens %2 ms: ein endloser Drehknopf</translation>
    </message>
    <message>
        <source>Stayed pressed for %1 s: a switch</source>
        <translation>Blieb %1 s gedrückt: ein Schalter</translation>
    </message>
    <message>
        <source>%1 short presses: it springs back</source>
        <translation>%1 kurze Drücke: sie federt zurück</translation>
    </message>
    <message>
        <source>One of %1 buttons of which one is always pressed: a selector</source>
        <translation>Eine von %1 Tasten, von denen immer eine gedrückt ist: ein Wahlschalter</translation>
    </message>
    <message>
        <source>No lever was moved in this step.</source>
        <translation>In diesem Schritt wurde kein Hebel bewegt.</translation>
    </message>
    <message>
        <source>Put one into a notch first.</source>
        <translation>Erst einen in eine Raste legen.</translation>
    </message>
    <message>
        <source>The lever still moves.</source>
        <translation>Der Hebel bewegt sich noch.</translation>
    </message>
    <message>
        <source>Leave it in its notch for a moment, then capture it.</source>
        <translation>Ihn einen Moment in seiner Raste lassen, dann erfassen.</translation>
    </message>
    <message>
        <source>It stays where it is left: no rest was found.</source>
        <translation>Sie bleibt, wo man sie lässt: keine Ruhelage gefunden.</translation>
    </message>
    <message>
        <source>Rests always at the same count.</source>
        <translation>Ruht immer am selben Zählwert.</translation>
    </message>
    <message>
        <source>Rests within %1: a dead zone of %2 covers it.</source>
        <translation>Ruht innerhalb von %1: eine Totzone von %2 deckt es.</translation>
    </message>
    <message>
        <source>Let go once only, so its drift may be larger.</source>
        <translation>Nur einmal losgelassen, ihre Drift ist also vielleicht größer.</translation>
    </message>
    <message>
        <source>Jitters by %1, too much to be held back.</source>
        <translation>Zittert um %1, zu viel, um es zurückzuhalten.</translation>
    </message>
    <message numerus="yes">
        <source>Jitters by %n count, which will be no move.</source>
        <translation>
            <numerusform>Zittert um %n Zählwert, das gilt nicht als Bewegung.</numerusform>
            <numerusform>Zittert um %n Zählwerte, das gilt nicht als Bewegung.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n spike meanwhile: look at its cable or sensor.</source>
        <translation>
            <numerusform>%n Ausreißer unterdessen: Kabel oder Sensor ansehen.</numerusform>
            <numerusform>%n Ausreißer unterdessen: Kabel oder Sensor ansehen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Reaches %1 of its travel, which becomes the whole; its high end is %2 short.</source>
        <translation>Erreicht %1 ihres Wegs, das wird der ganze; am oberen Ende fehlen %2.</translation>
    </message>
    <message>
        <source>Reaches %1 of its travel, which becomes the whole; its low end is %2 short.</source>
        <translation>Erreicht %1 ihres Wegs, das wird der ganze; am unteren Ende fehlen %2.</translation>
    </message>
    <message>
        <source>Reaches %1 of its travel, which becomes the whole; its low end is %2 short, its high end %3.</source>
        <translation>Erreicht %1 ihres Wegs, das wird der ganze; am unteren Ende fehlen %2, am oberen %3.</translation>
    </message>
    <message>
        <source>Its device tells an impossible range (%1 to %2): the counts that were seen become its ends.</source>
        <translation>Ihr Gerät nennt einen unmöglichen Bereich (%1 bis %2): die gesehenen Zählwerte werden ihre Enden.</translation>
    </message>
    <message>
        <source>Reports its ends and hardly anything between: a switch that looks like an axis.</source>
        <translation>Meldet ihre Enden und kaum etwas dazwischen: ein Schalter, der wie eine Achse aussieht.</translation>
    </message>
    <message>
        <source>Goes beyond the ends that its device tells: the counts that were seen become its ends.</source>
        <translation>Geht über die Enden hinaus, die ihr Gerät nennt: die gesehenen Zählwerte werden ihre Enden.</translation>
    </message>
    <message>
        <source>Reaches its whole travel.</source>
        <translation>Erreicht ihren ganzen Weg.</translation>
    </message>
    <message>
        <source>Reaches %1 of its travel only, less than four fifths: tick it if it was moved to both ends; else move it again.</source>
        <translation>Erreicht nur %1 ihres Wegs, weniger als vier Fünftel: ankreuzen, wenn sie an beide Enden bewegt wurde; sonst noch einmal bewegen.</translation>
    </message>
    <message>
        <source>Moved through %1 of its travel only, so its ends stay as they are.</source>
        <translation>Nur durch %1 ihres Wegs bewegt, also bleiben ihre Enden, wie sie sind.</translation>
    </message>
    <message>
        <source>Not moved to its ends: they stay as they are.</source>
        <translation>Nicht bis an ihre Enden bewegt: sie bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>Not moved: it stays as it is.</source>
        <translation>Nicht bewegt: sie bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Stands at its low end and never moved: if you did move it, its sensor or cable is dead; else it stays as it is.</source>
        <translation>Steht an ihrem unteren Ende und bewegte sich nie: wenn du sie bewegt hast, ist ihr Sensor oder Kabel tot; sonst bleibt sie, wie sie ist.</translation>
    </message>
    <message>
        <source>Stands at its high end and never moved: if you did move it, its sensor or cable is dead; else it stays as it is.</source>
        <translation>Steht an ihrem oberen Ende und bewegte sich nie: wenn du sie bewegt hast, ist ihr Sensor oder Kabel tot; sonst bleibt sie, wie sie ist.</translation>
    </message>
    <message>
        <source>Rests at its low end, as a lever or pedal does.</source>
        <translation>Ruht an ihrem unteren Ende, wie ein Hebel oder Pedal.</translation>
    </message>
    <message>
        <source>Rests in the middle, as a stick does.</source>
        <translation>Ruht in der Mitte, wie ein Stick.</translation>
    </message>
    <message>
        <source>Clean: reaches its whole travel and rests always at the same count.</source>
        <translation>Sauber: erreicht ihren ganzen Weg und ruht immer am selben Zählwert.</translation>
    </message>
    <message>
        <source>%1 (%2 to %3)</source>
        <translation>%1 (%2 bis %3)</translation>
    </message>
    <message>
        <source>The notch %1 has no width.</source>
        <translation>Die Raste %1 hat keine Breite.</translation>
    </message>
    <message>
        <source>Give it a half width of 1 count or more.</source>
        <translation>Ihr eine halbe Breite von mindestens 1 Zählwert geben.</translation>
    </message>
    <message>
        <source>The notches %1 and %2 overlap.</source>
        <translation>Die Rasten %1 und %2 überlappen.</translation>
    </message>
    <message>
        <source>Make one of them narrower, or move it.</source>
        <translation>Eine davon schmaler machen oder verschieben.</translation>
    </message>
    <message>
        <source>The notch %1 lies above %2 but gives no higher value.</source>
        <translation>Die Raste %1 liegt über %2, gibt aber keinen höheren Wert.</translation>
    </message>
    <message>
        <source>Give it a higher one, or let it follow the travel.</source>
        <translation>Ihr einen höheren geben, oder sie dem Weg folgen lassen.</translation>
    </message>
    <message>
        <source>The two levers have no notch of the same name.</source>
        <translation>Die zwei Hebel haben keine Raste gleichen Namens.</translation>
    </message>
    <message>
        <source>Give the notches that belong together one name.</source>
        <translation>Den Rasten, die zusammengehören, einen Namen geben.</translation>
    </message>
    <message>
        <source>both ends</source>
        <translation>beide Enden</translation>
    </message>
    <message>
        <source>One outlet while it is on, the other while it is off.</source>
        <translation>Ein Ausgang, solange er an ist, der andere, solange er aus ist.</translation>
    </message>
    <message>
        <source>on and off</source>
        <translation>an und aus</translation>
    </message>
    <message>
        <source>deaf for %1 ms</source>
        <translation>taub für %1 ms</translation>
    </message>
    <message>
        <source>debounce</source>
        <translation>Entprellen</translation>
    </message>
    <message>
        <source>A change counts at once; a chattering contact right behind it does not.</source>
        <translation>Eine Änderung zählt sofort; ein prellender Kontakt gleich dahinter nicht.</translation>
    </message>
    <message>
        <source>deaf behind a change for</source>
        <translation>taub nach einer Änderung für</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>%1 ms later</source>
        <translation>%1 ms später</translation>
    </message>
    <message>
        <source>delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>Presses and releases come out later.</source>
        <translation>Drücken und Loslassen kommen später heraus.</translation>
    </message>
    <message>
        <source>later by</source>
        <translation>später um</translation>
    </message>
    <message>
        <source>there is no such number of zones; it must be whole</source>
        <translation>so viele Zonen gibt es nicht; es muss eine ganze Zahl sein</translation>
    </message>
    <message>
        <source>the zones are narrower than what is held beyond their edges, %1</source>
        <translation>die Zonen sind schmaler als das, was über ihre Kanten hinaus gehalten wird, %1</translation>
    </message>
    <message>
        <source>%1 zones</source>
        <translation>%1 Zonen</translation>
    </message>
    <message>
        <source>equal slices</source>
        <translation>gleiche Abschnitte</translation>
    </message>
    <message>
        <source>The travel is divided into equal zones, a button each.</source>
        <translation>Der Weg wird in gleiche Zonen geteilt, jede eine Taste.</translation>
    </message>
    <message>
        <source>how many</source>
        <translation>wie viele</translation>
    </message>
    <message>
        <source>zones</source>
        <translation>Zonen</translation>
    </message>
    <message>
        <source>held beyond an edge</source>
        <translation>gehalten über eine Kante hinaus</translation>
    </message>
    <message>
        <source>latch</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>A press flips it, the next one flips it back.</source>
        <translation>Ein Druck schaltet es um, der nächste wieder zurück.</translation>
    </message>
    <message>
        <source>let go by</source>
        <translation>losgelassen durch</translation>
    </message>
    <message>
        <source>a press flips it</source>
        <translation>ein Druck schaltet um</translation>
    </message>
    <message>
        <source>the axis rests</source>
        <translation>die Achse ruht</translation>
    </message>
    <message>
        <source>rests in the middle</source>
        <translation>ruht in der Mitte</translation>
    </message>
    <message>
        <source>rests at its low end</source>
        <translation>ruht am unteren Ende</translation>
    </message>
    <message>
        <source>an axis that rests at its low end has no values below 0</source>
        <translation>eine Achse, die am unteren Ende ruht, hat keine Werte unter 0</translation>
    </message>
    <message>
        <source>a step of 0 goes nowhere</source>
        <translation>ein Schritt von 0 führt nirgendwohin</translation>
    </message>
    <message>
        <source>&quot;lowest&quot; %1 is not below &quot;highest&quot; %2; nothing is left between them</source>
        <translation>„lowest“ %1 ist nicht unter „highest“ %2; dazwischen bleibt nichts übrig</translation>
    </message>
    <message>
        <source>it begins at %1, beyond its limits</source>
        <translation>er beginnt bei %1, jenseits seiner Grenzen</translation>
    </message>
    <message>
        <source>%1 a press</source>
        <translation>%1 je Druck</translation>
    </message>
    <message>
        <source>nudge</source>
        <translation>Stups</translation>
    </message>
    <message>
        <source>Each press moves the axis a step; another button moves it back.</source>
        <translation>Jeder Druck bewegt die Achse um einen Schritt; eine andere Taste bewegt sie zurück.</translation>
    </message>
    <message>
        <source>back by</source>
        <translation>zurück durch</translation>
    </message>
    <message>
        <source>reset by</source>
        <translation>zurückgesetzt durch</translation>
    </message>
    <message>
        <source>a step</source>
        <translation>ein Schritt</translation>
    </message>
    <message>
        <source>begins at</source>
        <translation>beginnt bei</translation>
    </message>
    <message>
        <source>no lower than</source>
        <translation>nicht tiefer als</translation>
    </message>
    <message>
        <source>no higher than</source>
        <translation>nicht höher als</translation>
    </message>
    <message>
        <source>goes on while held</source>
        <translation>geht weiter, solange gehalten</translation>
    </message>
    <message>
        <source>goes on after</source>
        <translation>geht weiter nach</translation>
    </message>
    <message>
        <source>then every</source>
        <translation>dann alle</translation>
    </message>
    <message>
        <source>the position &quot;%1&quot; is beyond the travel</source>
        <translation>die Position „%1“ liegt jenseits des Wegs</translation>
    </message>
    <message>
        <source>the position &quot;%1&quot;: %2</source>
        <translation>die Position „%1“: %2</translation>
    </message>
    <message>
        <source>%1 positions</source>
        <translation>%1 Positionen</translation>
    </message>
    <message>
        <source>positions</source>
        <translation>Positionen</translation>
    </message>
    <message>
        <source>Each of several buttons or positions puts the axis somewhere, where it stays.</source>
        <translation>Jede von mehreren Tasten oder Positionen stellt die Achse irgendwohin, wo sie bleibt.</translation>
    </message>
    <message>
        <source>the positions</source>
        <translation>die Positionen</translation>
    </message>
    <message>
        <source>long after %1 ms</source>
        <translation>lang nach %1 ms</translation>
    </message>
    <message>
        <source>press kinds</source>
        <translation>Druckarten</translation>
    </message>
    <message>
        <source>A short press, a long one and two in a row do different things.</source>
        <translation>Ein kurzer Druck, ein langer und zwei hintereinander tun Verschiedenes.</translation>
    </message>
    <message>
        <source>long after</source>
        <translation>lang nach</translation>
    </message>
    <message>
        <source>twice within</source>
        <translation>doppelt innerhalb von</translation>
    </message>
    <message>
        <source>short is pressed for</source>
        <translation>kurz wird gedrückt für</translation>
    </message>
    <message>
        <source>it rises to 0, which is no way at all</source>
        <translation>sie steigt auf 0, das ist gar kein Weg</translation>
    </message>
    <message>
        <source>%1 in %2 ms</source>
        <translation>%1 in %2 ms</translation>
    </message>
    <message>
        <source>ramp</source>
        <translation>Rampe</translation>
    </message>
    <message>
        <source>The axis rises while it is pressed, and goes back or stays behind it.</source>
        <translation>Die Achse steigt, solange gedrückt ist, und geht danach zurück oder bleibt.</translation>
    </message>
    <message>
        <source>rises to</source>
        <translation>steigt auf</translation>
    </message>
    <message>
        <source>rises in</source>
        <translation>steigt in</translation>
    </message>
    <message>
        <source>falls in</source>
        <translation>fällt in</translation>
    </message>
    <message>
        <source>stays when let go</source>
        <translation>bleibt beim Loslassen</translation>
    </message>
    <message>
        <source>a pulse every %1</source>
        <translation>ein Impuls alle %1</translation>
    </message>
    <message>
        <source>ratchet</source>
        <translation>Ratsche</translation>
    </message>
    <message>
        <source>Each step of travel gives a pulse, up or down.</source>
        <translation>Jeder Schritt des Wegs gibt einen Impuls, auf oder ab.</translation>
    </message>
    <message>
        <source>a pulse every</source>
        <translation>ein Impuls alle</translation>
    </message>
    <message>
        <source>pressed for</source>
        <translation>gedrückt für</translation>
    </message>
    <message>
        <source>every %1 ms</source>
        <translation>alle %1 ms</translation>
    </message>
    <message>
        <source>repeat</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>While it is held it is pressed again and again.</source>
        <translation>Solange gehalten, wird es immer wieder gedrückt.</translation>
    </message>
    <message>
        <source>again after</source>
        <translation>wieder nach</translation>
    </message>
    <message>
        <source>%1 while pressed</source>
        <translation>%1, solange gedrückt</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Setzen</translation>
    </message>
    <message>
        <source>The axis is at a value while it is pressed.</source>
        <translation>Die Achse steht auf einem Wert, solange gedrückt ist.</translation>
    </message>
    <message>
        <source>while pressed</source>
        <translation>solange gedrückt</translation>
    </message>
    <message>
        <source>else</source>
        <translation>sonst</translation>
    </message>
    <message>
        <source>set and clear</source>
        <translation>Setzen und löschen</translation>
    </message>
    <message>
        <source>A press keeps it pressed until another button lets go of it.</source>
        <translation>Ein Druck hält es gedrückt, bis eine andere Taste es loslässt.</translation>
    </message>
    <message>
        <source>kept until let go</source>
        <translation>gehalten, bis losgelassen</translation>
    </message>
    <message>
        <source>the slice &quot;%1&quot; has an edge beyond the travel</source>
        <translation>der Abschnitt „%1“ hat eine Kante jenseits des Wegs</translation>
    </message>
    <message>
        <source>the slice &quot;%1&quot; ends at %2, before it begins at %3</source>
        <translation>der Abschnitt „%1“ endet bei %2, bevor er bei %3 beginnt</translation>
    </message>
    <message>
        <source>the slice &quot;%1&quot; is let go below %2 although it begins at %3 only</source>
        <translation>der Abschnitt „%1“ wird unter %2 losgelassen, obwohl er erst bei %3 beginnt</translation>
    </message>
    <message>
        <source>the slice &quot;%1&quot; begins at the low end: nothing comes into it from below</source>
        <translation>der Abschnitt „%1“ beginnt am unteren Ende: von unten kommt nichts hinein</translation>
    </message>
    <message>
        <source>the slice &quot;%1&quot; reaches to the high end: nothing comes into it from above</source>
        <translation>der Abschnitt „%1“ reicht bis zum oberen Ende: von oben kommt nichts hinein</translation>
    </message>
    <message>
        <source>the slice &quot;%1&quot; is let go above %2 although it reaches to %3</source>
        <translation>der Abschnitt „%1“ wird über %2 losgelassen, obwohl er bis %3 reicht</translation>
    </message>
    <message>
        <source>it has no slice</source>
        <translation>er hat keinen Abschnitt</translation>
    </message>
    <message>
        <source>a slice has no name</source>
        <translation>ein Abschnitt hat keinen Namen</translation>
    </message>
    <message>
        <source>two slices are called &quot;%1&quot;</source>
        <translation>zwei Abschnitte heißen „%1“</translation>
    </message>
    <message numerus="yes">
        <source>%n slice</source>
        <translation>
            <numerusform>%n Abschnitt</numerusform>
            <numerusform>%n Abschnitte</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 slices, pile up</source>
        <translation>%1 Abschnitte, gehäuft</translation>
    </message>
    <message>
        <source>%1 slices, the last one counts</source>
        <translation>%1 Abschnitte, der letzte zählt</translation>
    </message>
    <message>
        <source>slice</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>Parts of the travel become buttons, each pressed while the axis is in it.</source>
        <translation>Teile des Wegs werden Tasten, jede gedrückt, solange die Achse darin ist.</translation>
    </message>
    <message>
        <source>the slices</source>
        <translation>die Abschnitte</translation>
    </message>
    <message>
        <source>where they overlap</source>
        <translation>wo sie sich überlappen</translation>
    </message>
    <message>
        <source>they pile up</source>
        <translation>sie häufen sich</translation>
    </message>
    <message>
        <source>the last one counts</source>
        <translation>der letzte zählt</translation>
    </message>
    <message>
        <source>switch</source>
        <translation>Schalter</translation>
    </message>
    <message>
        <source>Each position of a switch does something of its own, the silent one too.</source>
        <translation>Jede Position eines Schalters tut etwas Eigenes, auch die stumme.</translation>
    </message>
    <message>
        <source>it has %1 positions; %2 are the fewest</source>
        <translation>er hat %1 Positionen; %2 sind die wenigsten</translation>
    </message>
    <message>
        <source>it has %1 positions; %2 are the most</source>
        <translation>er hat %1 Positionen; %2 sind die meisten</translation>
    </message>
    <message>
        <source>a position has no name</source>
        <translation>eine Position hat keinen Namen</translation>
    </message>
    <message>
        <source>two positions are called &quot;%1&quot;</source>
        <translation>zwei Positionen heißen „%1“</translation>
    </message>
    <message>
        <source>the positions &quot;%1&quot; and &quot;%2&quot; have the same button</source>
        <translation>die Positionen „%1“ und „%2“ haben dieselbe Taste</translation>
    </message>
    <message>
        <source>the positions &quot;%1&quot; and &quot;%2&quot; both have no button</source>
        <translation>die Positionen „%1“ und „%2“ haben beide keine Taste</translation>
    </message>
    <message>
        <source>switch steps</source>
        <translation>Schalterschritte</translation>
    </message>
    <message>
        <source>Each step of a switch or selector gives a pulse, up or down.</source>
        <translation>Jeder Schritt eines Schalters oder Wahlschalters gibt einen Impuls, auf oder ab.</translation>
    </message>
    <message>
        <source>%1 positions, up and down</source>
        <translation>%1 Positionen, auf und ab</translation>
    </message>
    <message>
        <source>within %1 ms</source>
        <translation>innerhalb von %1 ms</translation>
    </message>
    <message>
        <source>tap</source>
        <translation>Tippen</translation>
    </message>
    <message>
        <source>Only a short press counts, in which nothing else was used; for modifiers.</source>
        <translation>Nur ein kurzer Druck zählt, bei dem nichts anderes benutzt wurde; für Umschalter.</translation>
    </message>
    <message>
        <source>let go within</source>
        <translation>losgelassen innerhalb von</translation>
    </message>
    <message>
        <source>is pressed for</source>
        <translation>ist gedrückt für</translation>
    </message>
    <message>
        <source>up</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>down</source>
        <translation>runter</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>up right</source>
        <translation>hoch rechts</translation>
    </message>
    <message>
        <source>down right</source>
        <translation>runter rechts</translation>
    </message>
    <message>
        <source>down left</source>
        <translation>runter links</translation>
    </message>
    <message>
        <source>up left</source>
        <translation>hoch links</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>%1 is more</source>
        <translation>%1 ist mehr</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>%1 is less</source>
        <translation>%1 ist weniger</translation>
    </message>
    <message>
        <source>%1 of 4 corners</source>
        <translation>%1 von 4 Ecken</translation>
    </message>
    <message>
        <source>rests at %1, not in its middle</source>
        <translation>ruht bei %1, nicht in der Mitte</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>let go</source>
        <translation>losgelassen</translation>
    </message>
    <message>
        <source>is not in its middle</source>
        <translation>ist nicht in der Mitte</translation>
    </message>
    <message>
        <source>turned on</source>
        <translation>vorwärts gedreht</translation>
    </message>
    <message>
        <source>turned back</source>
        <translation>rückwärts gedreht</translation>
    </message>
    <message>
        <source>the middle</source>
        <translation>die Mitte</translation>
    </message>
    <message>
        <source>axis %1</source>
        <translation>Achse %1</translation>
    </message>
    <message>
        <source>button %1</source>
        <translation>Taste %1</translation>
    </message>
    <message>
        <source>hat %1</source>
        <translation>Hat %1</translation>
    </message>
    <message>
        <source>turner %1</source>
        <translation>Dreher %1</translation>
    </message>
    <message>
        <source>was pressed</source>
        <translation>wurde gedrückt</translation>
    </message>
    <message>
        <source>was let go</source>
        <translation>wurde losgelassen</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>went to %1</source>
        <translation>ging auf %1</translation>
    </message>
    <message>
        <source>moved to %1</source>
        <translation>ging auf %1</translation>
    </message>
    <message>
        <source>%1 of %2 %3</source>
        <translation>%1 von %2 %3</translation>
    </message>
    <message>
        <source>not pressed</source>
        <translation>nicht gedrückt</translation>
    </message>
    <message>
        <source>%1 counts</source>
        <translation>%1 Zählwerte</translation>
    </message>
    <message>
        <source>%1 changed</source>
        <translation>%1 änderte sich</translation>
    </message>
    <message>
        <source>what moves by itself went on</source>
        <translation>was sich von selbst bewegt, lief weiter</translation>
    </message>
    <message>
        <source>%1 was plugged in</source>
        <translation>%1 wurde eingesteckt</translation>
    </message>
    <message>
        <source>%1 was unplugged</source>
        <translation>%1 wurde ausgesteckt</translation>
    </message>
    <message>
        <source>the tangle was edited</source>
        <translation>das Geflecht wurde geändert</translation>
    </message>
    <message>
        <source>one went live</source>
        <translation>es wurde live gegangen</translation>
    </message>
    <message>
        <source>one stood down</source>
        <translation>live wurde beendet</translation>
    </message>
    <message>
        <source>layer %1 was flipped by hand</source>
        <translation>Ebene %1 wurde von Hand umgeschaltet</translation>
    </message>
    <message>
        <source>%1 was chosen by hand</source>
        <translation>%1 wurde von Hand gewählt</translation>
    </message>
    <message>
        <source>layer %1 was engaged</source>
        <translation>Ebene %1 wurde eingeschaltet</translation>
    </message>
    <message>
        <source>layer %1 was let go</source>
        <translation>Ebene %1 wurde losgelassen</translation>
    </message>
    <message>
        <source>%1 is flown</source>
        <translation>%1 wird geflogen</translation>
    </message>
    <message>
        <source>%1 was moved by hand</source>
        <translation>%1 wurde von Hand bewegt</translation>
    </message>
    <message>
        <source>%1 was let go by hand</source>
        <translation>%1 wurde von Hand losgelassen</translation>
    </message>
    <message>
        <source>the kernel dropped events of %1, since they were not read fast enough</source>
        <translation>der Kernel verlor Ereignisse von %1, weil sie nicht schnell genug gelesen wurden</translation>
    </message>
    <message>
        <source>%1 happenings could not be recorded</source>
        <translation>%1 Geschehnisse konnten nicht aufgenommen werden</translation>
    </message>
    <message>
        <source>the recording was kept</source>
        <translation>die Aufnahme wurde aufgehoben</translation>
    </message>
    <message>
        <source>the program was late by %1 ms</source>
        <translation>das Programm kam um %1 ms zu spät</translation>
    </message>
    <message>
        <source>A part of the recording is damaged; what follows it cannot be read.</source>
        <translation>Ein Teil der Aufnahme ist beschädigt; was darauf folgt, ist nicht lesbar.</translation>
    </message>
    <message>
        <source>What is before it can be used.</source>
        <translation>Was davor liegt, ist brauchbar.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, by itself</source>
        <translation>%1, von selbst</translation>
    </message>
    <message>
        <source>%1: yes</source>
        <translation>%1: ja</translation>
    </message>
    <message>
        <source>%1: not yet</source>
        <translation>%1: noch nicht</translation>
    </message>
    <message>
        <source>%1; %2</source>
        <translation>%1; %2</translation>
    </message>
    <message>
        <source>%1 of %2 controls walked, nothing odd.</source>
        <translation>%1 von %2 Bedienelementen abgegangen, nichts auffällig.</translation>
    </message>
    <message>
        <source>%1 of %2 controls walked, %3 odd.</source>
        <translation>%1 von %2 Bedienelementen abgegangen, %3 auffällig.</translation>
    </message>
    <message>
        <source>Walk test of the desk, %1</source>
        <translation>Gang über den Tisch, %1</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Walk test of the desk</source>
        <translation>Gang über den Tisch</translation>
    </message>
    <message>
        <source>The recording knows nothing of %1 of &quot;%2&quot;.</source>
        <translation>Die Aufnahme weiß nichts von %1 von „%2“.</translation>
    </message>
    <message>
        <source>Name a virtual control of the tangle that was recorded.</source>
        <translation>Ein virtuelles Bedienelement des aufgenommenen Geflechts nennen.</translation>
    </message>
    <message>
        <source>%1 / %2</source>
        <translation>%1 / %2</translation>
    </message>
    <message>
        <source>It has its value from strand &quot;%1&quot;</source>
        <translation>Es hat seinen Wert vom Strang „%1“</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; ends there, too</source>
        <translation>Auch Strang „%1“ endet da</translation>
    </message>
    <message>
        <source>layer %1</source>
        <translation>Ebene %1</translation>
    </message>
    <message>
        <source>which does not count now</source>
        <translation>der jetzt nicht zählt</translation>
    </message>
    <message>
        <source>%1 stands at %2 (moved last at %3)</source>
        <translation>%1 steht auf %2 (zuletzt bewegt um %3)</translation>
    </message>
    <message>
        <source>%1 stands at %2</source>
        <translation>%1 steht auf %2</translation>
    </message>
    <message>
        <source>%1 makes it %2</source>
        <translation>%1 macht daraus %2</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1 stands at %2 since %3.</source>
        <translation>%1 steht auf %2 seit %3.</translation>
    </message>
    <message>
        <source>What came right before: %1.</source>
        <translation>Was unmittelbar davor kam: %1.</translation>
    </message>
    <message>
        <source>%1 stands at %2 since before the recording begins.</source>
        <translation>%1 steht auf %2 seit vor dem Beginn der Aufnahme.</translation>
    </message>
    <message>
        <source>It is held by hand; strands that end there wait.</source>
        <translation>Es wird von Hand gehalten; Stränge, die da enden, warten.</translation>
    </message>
    <message>
        <source>No strand ends there.</source>
        <translation>Kein Strang endet da.</translation>
    </message>
    <message>
        <source>Engaged above Base: %1.</source>
        <translation>Eingeschaltet über der Grundebene: %1.</translation>
    </message>
    <message>
        <source>Layers or craft changed last at %1.</source>
        <translation>Ebenen oder Gefährt änderten sich zuletzt um %1.</translation>
    </message>
    <message>
        <source>The tangle was edited last at %1.</source>
        <translation>Das Geflecht wurde zuletzt um %1 geändert.</translation>
    </message>
    <message>
        <source>next craft</source>
        <translation>nächstes Gefährt</translation>
    </message>
    <message>
        <source>craft before</source>
        <translation>Gefährt davor</translation>
    </message>
    <message>
        <source>chooses the next craft when it is pressed</source>
        <translation>wählt beim Drücken das nächste Gefährt</translation>
    </message>
    <message>
        <source>chooses the craft before when it is pressed</source>
        <translation>wählt beim Drücken das Gefährt davor</translation>
    </message>
    <message>
        <source>chooses the craft %1 when it is pressed</source>
        <translation>wählt beim Drücken das Gefährt %1</translation>
    </message>
    <message>
        <source>a craft</source>
        <translation>ein Gefährt</translation>
    </message>
    <message>
        <source>chooses the craft &quot;%1&quot;, which the tangle does not have</source>
        <translation>wählt das Gefährt „%1“, das das Geflecht nicht hat</translation>
    </message>
    <message>
        <source>Name one of: %1.</source>
        <translation>Eins nennen von: %1.</translation>
    </message>
    <message>
        <source>The outlet gives %1, which presses nothing.</source>
        <translation>Der Ausgang gibt: %1; das drückt nichts.</translation>
    </message>
    <message>
        <source>Make a button of it with a stage first.</source>
        <translation>Mit einer Stufe erst eine Taste daraus machen.</translation>
    </message>
    <message>
        <source>leads from %1 to %2</source>
        <translation>kommt von: %1 und soll zu: %2</translation>
    </message>
    <message>
        <source>Make a button of it with a stage, or lead it to something else.</source>
        <translation>Mit einer Stufe eine Taste daraus machen, oder ihn anderswohin führen.</translation>
    </message>
    <message>
        <source>presses %1 while it is pressed</source>
        <translation>drückt %1, solange gedrückt ist</translation>
    </message>
    <message>
        <source>pulses %1 for %2 ms when it is pressed, and does nothing when it is let go</source>
        <translation>drückt %1 für %2 ms beim Drücken, und tut nichts beim Loslassen</translation>
    </message>
    <message>
        <source>pulses %1 for %2 ms when it is let go, and does nothing when it is pressed</source>
        <translation>drückt %1 für %2 ms beim Loslassen, und tut nichts beim Drücken</translation>
    </message>
    <message>
        <source>pulses %1 for %2 ms when it is pressed, and again when it is let go</source>
        <translation>drückt %1 für %2 ms beim Drücken, und noch einmal beim Loslassen</translation>
    </message>
    <message>
        <source>presses %1, which no virtual keyboard of ours has</source>
        <translation>drückt %1, das keine unserer virtuellen Tastaturen hat</translation>
    </message>
    <message>
        <source>Record other keys.</source>
        <translation>Andere Tasten aufnehmen.</translation>
    </message>
    <message>
        <source>presses %1 twice at once</source>
        <translation>drückt %1 zweimal zugleich</translation>
    </message>
    <message>
        <source>Name it once.</source>
        <translation>Sie einmal nennen.</translation>
    </message>
    <message>
        <source>gives the kernel a command, which may end everything</source>
        <translation>gibt dem Kernel einen Befehl, der alles beenden kann</translation>
    </message>
    <message>
        <source>switches to another console</source>
        <translation>wechselt auf eine andere Konsole</translation>
    </message>
    <message>
        <source>may end the session</source>
        <translation>kann die Sitzung beenden</translation>
    </message>
    <message>
        <source>may restart the computer</source>
        <translation>kann den Rechner neu starten</translation>
    </message>
    <message>
        <source>the key %1</source>
        <translation>die Taste %1</translation>
    </message>
    <message>
        <source>the keys %1</source>
        <translation>die Tasten %1</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>Tasten der Tastatur</translation>
    </message>
    <message>
        <source>presses keys of &quot;%1&quot;, which is no virtual keyboard</source>
        <translation>drückt Tasten von „%1“, das keine virtuelle Tastatur ist</translation>
    </message>
    <message>
        <source>Add a virtual keyboard, and record the keys anew.</source>
        <translation>Eine virtuelle Tastatur hinzufügen und die Tasten neu aufnehmen.</translation>
    </message>
    <message>
        <source>presses no keys</source>
        <translation>drückt keine Tasten</translation>
    </message>
    <message>
        <source>presses %1 keys at once; %2 are the most</source>
        <translation>drückt %1 Tasten zugleich; %2 sind die meisten</translation>
    </message>
    <message>
        <source>Record them: press them together.</source>
        <translation>Sie aufnehmen: zusammen drücken.</translation>
    </message>
    <message>
        <source>presses %1, which %2</source>
        <translation>drückt %1, das %2</translation>
    </message>
    <message>
        <source>Choose other keys, or say that it is meant.</source>
        <translation>Andere Tasten wählen, oder sagen, dass es so gemeint ist.</translation>
    </message>
    <message>
        <source>engages the layer &quot;%1&quot; while it is pressed</source>
        <translation>schaltet die Ebene „%1“ ein, solange gedrückt ist</translation>
    </message>
    <message>
        <source>engages the layer &quot;%1&quot; when it is pressed, and lets it go with the next</source>
        <translation>schaltet die Ebene „%1“ beim Drücken ein, und mit dem nächsten wieder aus</translation>
    </message>
    <message>
        <source>engages the next layer of the group of &quot;%1&quot; when it is pressed</source>
        <translation>schaltet beim Drücken die nächste Ebene aus der Gruppe von „%1“ ein</translation>
    </message>
    <message>
        <source>engages the layer before of the group of &quot;%1&quot; when it is pressed</source>
        <translation>schaltet beim Drücken die vorige Ebene aus der Gruppe von „%1“ ein</translation>
    </message>
    <message>
        <source>a layer</source>
        <translation>eine Ebene</translation>
    </message>
    <message>
        <source>engages Base, which always is</source>
        <translation>schaltet die Grundebene ein, die es immer ist</translation>
    </message>
    <message>
        <source>engages the layer &quot;%1&quot;, which the tangle does not have</source>
        <translation>schaltet die Ebene „%1“ ein, die das Geflecht nicht hat</translation>
    </message>
    <message>
        <source>Name a layer above Base.</source>
        <translation>Eine Ebene über der Grundebene nennen.</translation>
    </message>
    <message>
        <source>steps through the group of the layer &quot;%1&quot;, which is of none</source>
        <translation>schaltet durch die Gruppe der Ebene „%1“, die in keiner ist</translation>
    </message>
    <message>
        <source>Put the layer into a group with others, or flip it.</source>
        <translation>Die Ebene mit anderen in eine Gruppe tun, oder sie umschalten.</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>does nothing: it is silent</source>
        <translation>tut nichts: er ist stumm</translation>
    </message>
    <message>
        <source>stand down</source>
        <translation>live beenden</translation>
    </message>
    <message>
        <source>recentre</source>
        <translation>neu zentrieren</translation>
    </message>
    <message>
        <source>reverse</source>
        <translation>umkehren</translation>
    </message>
    <message>
        <source>keep the recording</source>
        <translation>die Aufnahme aufheben</translation>
    </message>
    <message>
        <source>stands down when it is pressed</source>
        <translation>beendet beim Drücken live</translation>
    </message>
    <message>
        <source>lets all that is kept for %1 begin anew when it is pressed</source>
        <translation>lässt beim Drücken alles neu beginnen, was für %1 behalten ist</translation>
    </message>
    <message>
        <source>turns %1 round when it is pressed, and back with the next press or the flight&apos;s end</source>
        <translation>kehrt %1 beim Drücken um, und zurück mit dem nächsten Druck oder dem Ende des Flugs</translation>
    </message>
    <message>
        <source>keeps the flight recorder&apos;s last minutes when it is pressed</source>
        <translation>hebt beim Drücken die letzten Minuten des Flugschreibers auf</translation>
    </message>
    <message>
        <source>an order</source>
        <translation>ein Befehl</translation>
    </message>
    <message>
        <source>gives an order about %1 of &quot;%2&quot;, which is no virtual axis</source>
        <translation>gibt einen Befehl zu %1 von „%2“, das keine virtuelle Achse ist</translation>
    </message>
    <message>
        <source>Name an axis of a virtual device.</source>
        <translation>Eine Achse eines virtuellen Geräts nennen.</translation>
    </message>
    <message>
        <source>turns %1</source>
        <translation>dreht %1</translation>
    </message>
    <message>
        <source>moves the upper half of %1</source>
        <translation>bewegt die obere Hälfte von %1</translation>
    </message>
    <message>
        <source>moves the lower half of %1</source>
        <translation>bewegt die untere Hälfte von %1</translation>
    </message>
    <message>
        <source>moves %1</source>
        <translation>bewegt %1</translation>
    </message>
    <message>
        <source>That virtual device is gone.</source>
        <translation>Dieses virtuelle Gerät ist weg.</translation>
    </message>
    <message>
        <source>Choose another.</source>
        <translation>Ein anderes wählen.</translation>
    </message>
    <message>
        <source>The outlet gives %1, %2 is %3.</source>
        <translation>Der Ausgang gibt: %1; %2 ist %3.</translation>
    </message>
    <message>
        <source>Choose %1 on the right.</source>
        <translation>Rechts wählen: %1.</translation>
    </message>
    <message>
        <source>hat join</source>
        <translation>Hat aus Tasten</translation>
    </message>
    <message>
        <source>Four buttons make a hat; this one is up.</source>
        <translation>Vier Tasten ergeben einen Hat; diese ist hoch.</translation>
    </message>
    <message>
        <source>how many ways</source>
        <translation>wie viele Richtungen</translation>
    </message>
    <message>
        <source>four ways</source>
        <translation>vier Richtungen</translation>
    </message>
    <message>
        <source>eight ways</source>
        <translation>acht Richtungen</translation>
    </message>
    <message>
        <source>it is let go below %1 although it is pressed beyond %2 only</source>
        <translation>er wird unter %1 losgelassen, obwohl er erst jenseits von %2 gedrückt wird</translation>
    </message>
    <message>
        <source>beyond %1</source>
        <translation>jenseits von %1</translation>
    </message>
    <message>
        <source>hat of axes</source>
        <translation>Hat aus Achsen</translation>
    </message>
    <message>
        <source>Two axes of a stick make a hat.</source>
        <translation>Zwei Achsen eines Sticks ergeben einen Hat.</translation>
    </message>
    <message>
        <source>up and down</source>
        <translation>hoch und runter</translation>
    </message>
    <message>
        <source>pressed beyond</source>
        <translation>gedrückt jenseits von</translation>
    </message>
    <message>
        <source>let go below</source>
        <translation>losgelassen unter</translation>
    </message>
    <message>
        <source>hat split</source>
        <translation>Hat teilen</translation>
    </message>
    <message>
        <source>Each way of the hat is a button.</source>
        <translation>Jede Richtung des Hats ist eine Taste.</translation>
    </message>
    <message>
        <source>a diagonal is</source>
        <translation>eine Diagonale ist</translation>
    </message>
    <message>
        <source>both its neighbours</source>
        <translation>ihre beiden Nachbarn</translation>
    </message>
    <message>
        <source>a button of its own</source>
        <translation>eine eigene Taste</translation>
    </message>
    <message>
        <source>hat to axes</source>
        <translation>Hat zu Achsen</translation>
    </message>
    <message>
        <source>The hat moves two axes, from end to end.</source>
        <translation>Der Hat bewegt zwei Achsen, von Ende zu Ende.</translation>
    </message>
    <message>
        <source>two axes</source>
        <translation>zwei Achsen</translation>
    </message>
    <message>
        <source>it turns by whole steps only</source>
        <translation>er dreht nur um ganze Schritte</translation>
    </message>
    <message>
        <source>by %1°</source>
        <translation>um %1°</translation>
    </message>
    <message>
        <source>hat turn</source>
        <translation>Hat drehen</translation>
    </message>
    <message>
        <source>Turns the hat by steps of 45 degrees.</source>
        <translation>Dreht den Hat um Schritte von 45 Grad.</translation>
    </message>
    <message>
        <source>clockwise by</source>
        <translation>im Uhrzeigersinn um</translation>
    </message>
    <message>
        <source>× 45°</source>
        <translation>× 45°</translation>
    </message>
    <message>
        <source>That layer or craft is not there any more.</source>
        <translation>Diese Ebene oder dieses Gefährt ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Choose another one.</source>
        <translation>Ein anderes wählen.</translation>
    </message>
    <message>
        <source>That strand is not there any more.</source>
        <translation>Dieser Strang ist nicht mehr da.</translation>
    </message>
    <message>
        <source>It is for everyone already.</source>
        <translation>Er gilt schon für alle.</translation>
    </message>
    <message>
        <source>It is for everyone and inherits from nobody.</source>
        <translation>Er gilt für alle und erbt von niemandem.</translation>
    </message>
    <message>
        <source>Remove it instead.</source>
        <translation>Ihn stattdessen entfernen.</translation>
    </message>
    <message>
        <source>That craft is not there any more.</source>
        <translation>Dieses Gefährt ist nicht mehr da.</translation>
    </message>
    <message>
        <source>The craft has no name.</source>
        <translation>Das Gefährt hat keinen Namen.</translation>
    </message>
    <message>
        <source>Give it one.</source>
        <translation>Einen geben.</translation>
    </message>
    <message>
        <source>There is a craft &quot;%1&quot; already.</source>
        <translation>Es gibt schon ein Gefährt „%1“.</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>Einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>That family is not there any more.</source>
        <translation>Diese Familie ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Everywhere is the root of all craft and stays.</source>
        <translation>Überall ist die Wurzel aller Gefährte und bleibt.</translation>
    </message>
    <message>
        <source>Remove its strands instead.</source>
        <translation>Stattdessen seine Stränge entfernen.</translation>
    </message>
    <message>
        <source>Everywhere belongs to no other craft.</source>
        <translation>Überall gehört zu keinem anderen Gefährt.</translation>
    </message>
    <message>
        <source>%1 belongs to %2 itself.</source>
        <translation>%1 gehört selbst zu %2.</translation>
    </message>
    <message>
        <source>Choose a craft that does not.</source>
        <translation>Ein Gefährt wählen, das es nicht tut.</translation>
    </message>
    <message>
        <source>That layer is not there any more.</source>
        <translation>Diese Ebene ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Choose another layer.</source>
        <translation>Eine andere Ebene wählen.</translation>
    </message>
    <message>
        <source>There are %1 layers, and that is the most.</source>
        <translation>Es gibt %1 Ebenen, und das sind die meisten.</translation>
    </message>
    <message>
        <source>Remove one first.</source>
        <translation>Erst eine entfernen.</translation>
    </message>
    <message>
        <source>Base is the bottom of the stack.</source>
        <translation>Die Grundebene liegt zuunterst im Stapel.</translation>
    </message>
    <message>
        <source>Base is always there.</source>
        <translation>Die Grundebene ist immer da.</translation>
    </message>
    <message>
        <source>That control is not there any more.</source>
        <translation>Dieses Bedienelement ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Touch it again.</source>
        <translation>Es noch einmal berühren.</translation>
    </message>
    <message>
        <source>Base is always engaged.</source>
        <translation>Die Grundebene ist immer eingeschaltet.</translation>
    </message>
    <message>
        <source>%1 is neither held nor does it stay anywhere.</source>
        <translation>%1 wird weder gehalten, noch bleibt es irgendwo.</translation>
    </message>
    <message>
        <source>Hold a button, flip a switch or move an axis.</source>
        <translation>Eine Taste halten, einen Schalter umlegen oder eine Achse bewegen.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1, or %2</source>
        <translation>%1, oder %2</translation>
    </message>
    <message>
        <source>while %1 is in a part of its travel</source>
        <translation>solange %1 in einem Teil ihres Wegs ist</translation>
    </message>
    <message>
        <source>while %1 says %2</source>
        <translation>solange %1 „%2“ sagt</translation>
    </message>
    <message>
        <source>by %1 through %2</source>
        <translation>durch %1 über %2</translation>
    </message>
    <message>
        <source>while %1 is held</source>
        <translation>solange %1 gehalten ist</translation>
    </message>
    <message>
        <source>while %1 is on</source>
        <translation>solange %1 an ist</translation>
    </message>
    <message>
        <source>by a control that is not in the rig</source>
        <translation>durch ein Bedienelement, das nicht im Rig ist</translation>
    </message>
    <message>
        <source>flips with %1</source>
        <translation>wechselt mit %1</translation>
    </message>
    <message>
        <source>%1 steps on to it</source>
        <translation>%1 schaltet weiter auf sie</translation>
    </message>
    <message>
        <source>%1 steps back to it</source>
        <translation>%1 schaltet zurück auf sie</translation>
    </message>
    <message>
        <source>always</source>
        <translation>immer</translation>
    </message>
    <message>
        <source>nothing engages it yet</source>
        <translation>nichts schaltet sie bisher ein</translation>
    </message>
    <message numerus="yes">
        <source>while %1 is engaged</source>
        <translation>
            <numerusform>solange %1 eingeschaltet ist</numerusform>
            <numerusform>solange %1 eingeschaltet sind</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, and %2</source>
        <translation>%1, und %2</translation>
    </message>
    <message>
        <source>half the difference</source>
        <translation>die halbe Differenz</translation>
    </message>
    <message>
        <source>average</source>
        <translation>Durchschnitt</translation>
    </message>
    <message>
        <source>the larger one</source>
        <translation>die größere</translation>
    </message>
    <message>
        <source>the smaller one</source>
        <translation>die kleinere</translation>
    </message>
    <message>
        <source>sum</source>
        <translation>Summe</translation>
    </message>
    <message>
        <source>weighted</source>
        <translation>gewichtet</translation>
    </message>
    <message>
        <source>blend</source>
        <translation>Mischen</translation>
    </message>
    <message>
        <source>Joins another axis to this one.</source>
        <translation>Fügt eine andere Achse zu dieser hinzu.</translation>
    </message>
    <message>
        <source>the other axis</source>
        <translation>die andere Achse</translation>
    </message>
    <message>
        <source>how</source>
        <translation>wie</translation>
    </message>
    <message>
        <source>share of the other</source>
        <translation>Anteil der anderen</translation>
    </message>
    <message>
        <source>a bend can only be undone where it rises, and the sim&apos;s answer at point %1, %2, is not above the one before; measure that point again or take it out</source>
        <translation>eine Biegung lässt sich nur aufheben, wo sie steigt, und die Antwort des Sims an Punkt %1, %2, liegt nicht über der vorigen; jenen Punkt neu messen oder herausnehmen</translation>
    </message>
    <message>
        <source>undoes %1 points</source>
        <translation>hebt %1 Punkte auf</translation>
    </message>
    <message>
        <source>counter-curve</source>
        <translation>Gegenkurve</translation>
    </message>
    <message>
        <source>Undoes the bend that a sim makes, from how the sim answers.</source>
        <translation>Hebt die Biegung auf, die ein Sim macht, nach dem, was der Sim antwortet.</translation>
    </message>
    <message>
        <source>how the sim answers</source>
        <translation>was der Sim antwortet</translation>
    </message>
    <message>
        <source>sent to the sim</source>
        <translation>an den Sim gesendet</translation>
    </message>
    <message>
        <source>what it makes of it</source>
        <translation>was er daraus macht</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>mirror halves</source>
        <translation>Hälften spiegeln</translation>
    </message>
    <message>
        <source>&quot;points&quot; needs two points or more</source>
        <translation>„points“ braucht zwei Punkte oder mehr</translation>
    </message>
    <message>
        <source>&quot;points&quot; has %1 points; keep %2 or fewer</source>
        <translation>„points“ hat %1 Punkte; höchstens %2 behalten</translation>
    </message>
    <message>
        <source>&quot;points&quot; must go from left to right: point %1 at %2 is not to the right of the one before it</source>
        <translation>„points“ müssen von links nach rechts gehen: Punkt %1 bei %2 liegt nicht rechts vom vorigen</translation>
    </message>
    <message>
        <source>&quot;points&quot; must be 0.1 % apart or more: point %1 at %2 is closer to the one before it</source>
        <translation>„points“ müssen mindestens 0,1 % auseinander liegen: Punkt %1 bei %2 ist näher am vorigen</translation>
    </message>
    <message>
        <source>a mirrored curve must begin at 0, 0, or it would jump at rest; move the first point there or set &quot;mirrored&quot; to false</source>
        <translation>eine gespiegelte Kurve muss bei 0, 0 beginnen, sonst spränge sie in Ruhe; den ersten Punkt dorthin schieben oder „mirrored“ auf false setzen</translation>
    </message>
    <message>
        <source>%1 points, mirrored</source>
        <translation>%1 Punkte, gespiegelt</translation>
    </message>
    <message>
        <source>%1 points</source>
        <translation>%1 Punkte</translation>
    </message>
    <message>
        <source>curve point %1</source>
        <translation>Kurvenpunkt %1</translation>
    </message>
    <message>
        <source>curve</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>Gives the travel another shape, through points.</source>
        <translation>Gibt dem Weg durch Punkte eine andere Form.</translation>
    </message>
    <message>
        <source>points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>keep rising</source>
        <translation>immer steigend</translation>
    </message>
    <message>
        <source>&quot;below&quot; and &quot;lowEnd&quot; together leave nothing of the lower side; make them less than 100 % together</source>
        <translation>„below“ und „lowEnd“ lassen zusammen nichts von der unteren Seite übrig; zusammen unter 100 % bleiben</translation>
    </message>
    <message>
        <source>&quot;above&quot; and &quot;highEnd&quot; together leave nothing of the upper side; make them less than 100 % together</source>
        <translation>„above“ und „highEnd“ lassen zusammen nichts von der oberen Seite übrig; zusammen unter 100 % bleiben</translation>
    </message>
    <message>
        <source>%1 around rest</source>
        <translation>%1 um die Ruhe</translation>
    </message>
    <message>
        <source>%1 below, %2 above</source>
        <translation>%1 unter, %2 über der Ruhe</translation>
    </message>
    <message>
        <source>%1, ends too</source>
        <translation>%1, auch die Enden</translation>
    </message>
    <message>
        <source>dead zone below rest</source>
        <translation>Totzone unter der Ruhe</translation>
    </message>
    <message>
        <source>dead zone above rest</source>
        <translation>Totzone über der Ruhe</translation>
    </message>
    <message>
        <source>dead zone at the low end</source>
        <translation>Totzone am unteren Ende</translation>
    </message>
    <message>
        <source>dead zone at the high end</source>
        <translation>Totzone am oberen Ende</translation>
    </message>
    <message>
        <source>dead zone</source>
        <translation>Totzone</translation>
    </message>
    <message>
        <source>Nothing near rest and near the ends; what is left is stretched to the full range.</source>
        <translation>Nichts nahe der Ruhe und den Enden; was bleibt, wird auf den vollen Bereich gestreckt.</translation>
    </message>
    <message>
        <source>below rest</source>
        <translation>unter der Ruhe</translation>
    </message>
    <message>
        <source>above rest</source>
        <translation>über der Ruhe</translation>
    </message>
    <message>
        <source>at the low end</source>
        <translation>am unteren Ende</translation>
    </message>
    <message>
        <source>at the high end</source>
        <translation>am oberen Ende</translation>
    </message>
    <message>
        <source>notch %1</source>
        <translation>Raste %1</translation>
    </message>
    <message>
        <source>&quot;%1&quot;</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>there is no notch in it; add one, or take the stage out</source>
        <translation>es ist keine Raste darin; eine hinzufügen oder die Stufe herausnehmen</translation>
    </message>
    <message>
        <source>%1 at %2 and %3 at %4</source>
        <translation>%1 bei %2 und %3 bei %4</translation>
    </message>
    <message>
        <source>%1 are in the wrong order; put them in the order of the travel</source>
        <translation>%1 sind in falscher Reihenfolge; sie in die Reihenfolge des Wegs bringen</translation>
    </message>
    <message>
        <source>%1 overlap; make one of them narrower</source>
        <translation>%1 überlappen; eine davon schmaler machen</translation>
    </message>
    <message numerus="yes">
        <source>%n notch</source>
        <translation>
            <numerusform>%n Raste</numerusform>
            <numerusform>%n Rasten</numerusform>
        </translation>
    </message>
    <message>
        <source>detents</source>
        <translation>Rasten</translation>
    </message>
    <message>
        <source>Hits exact values at a lever&apos;s notches; straight between.</source>
        <translation>Trifft an den Rasten eines Hebels genaue Werte; gerade dazwischen.</translation>
    </message>
    <message>
        <source>notches</source>
        <translation>Rasten</translation>
    </message>
    <message>
        <source>end to end in %1 ms</source>
        <translation>von Ende zu Ende in %1 ms</translation>
    </message>
    <message>
        <source>drive</source>
        <translation>Antrieb</translation>
    </message>
    <message>
        <source>The deflection moves a value that stays: it is a speed.</source>
        <translation>Der Ausschlag bewegt einen Wert, der bleibt: er ist eine Geschwindigkeit.</translation>
    </message>
    <message>
        <source>at full deflection</source>
        <translation>bei vollem Ausschlag</translation>
    </message>
    <message>
        <source>/s</source>
        <translation>/s</translation>
    </message>
    <message>
        <source>further than %1 or longer than %2 ms</source>
        <translation>weiter als %1 oder länger als %2 ms</translation>
    </message>
    <message>
        <source>guard</source>
        <translation>Schutz</translation>
    </message>
    <message>
        <source>Ignores a bump: a short and small move does nothing.</source>
        <translation>Übergeht einen Stoß: eine kurze, kleine Bewegung tut nichts.</translation>
    </message>
    <message>
        <source>moved further than</source>
        <translation>weiter bewegt als</translation>
    </message>
    <message>
        <source>or kept longer than</source>
        <translation>oder länger gehalten als</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>half</source>
        <translation>Hälfte</translation>
    </message>
    <message>
        <source>Makes one half of the axis a whole one-sided axis.</source>
        <translation>Macht aus einer Hälfte der Achse eine ganze einseitige Achse.</translation>
    </message>
    <message>
        <source>which half</source>
        <translation>welche Hälfte</translation>
    </message>
    <message>
        <source>the upper half</source>
        <translation>die obere Hälfte</translation>
    </message>
    <message>
        <source>the lower half</source>
        <translation>die untere Hälfte</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>Halten</translation>
    </message>
    <message>
        <source>Keeps the value while a button is pressed, or takes it as the new centre.</source>
        <translation>Behält den Wert, solange eine Taste gedrückt ist, oder nimmt ihn als neue Mitte.</translation>
    </message>
    <message>
        <source>what it does</source>
        <translation>was es tut</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>becomes the new centre</source>
        <translation>wird die neue Mitte</translation>
    </message>
    <message>
        <source>stays while pressed</source>
        <translation>bleibt, solange gedrückt</translation>
    </message>
    <message>
        <source>a new centre</source>
        <translation>eine neue Mitte</translation>
    </message>
    <message>
        <source>invert</source>
        <translation>Umkehren</translation>
    </message>
    <message>
        <source>Turns the direction round.</source>
        <translation>Dreht die Richtung um.</translation>
    </message>
    <message>
        <source>the other way round</source>
        <translation>anders herum</translation>
    </message>
    <message>
        <source>begins at %1</source>
        <translation>beginnt bei %1</translation>
    </message>
    <message>
        <source>lead-in</source>
        <translation>Anlauf</translation>
    </message>
    <message>
        <source>Jumps over a dead zone that the game has: the first move comes out at once.</source>
        <translation>Überspringt eine Totzone, die das Spiel hat: die erste Bewegung kommt sofort heraus.</translation>
    </message>
    <message>
        <source>the game swallows</source>
        <translation>das Spiel verschluckt</translation>
    </message>
    <message>
        <source>rest to full in %1 ms or more</source>
        <translation>von Ruhe zu voll in mindestens %1 ms</translation>
    </message>
    <message>
        <source>pace</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Limits how fast the axis moves.</source>
        <translation>Begrenzt, wie schnell sich die Achse bewegt.</translation>
    </message>
    <message>
        <source>rising</source>
        <translation>steigend</translation>
    </message>
    <message>
        <source>falling</source>
        <translation>fallend</translation>
    </message>
    <message>
        <source>&quot;from&quot; %1 and &quot;to&quot; %2 leave nothing of the travel; put &quot;to&quot; %3 or more above &quot;from&quot;</source>
        <translation>„from“ %1 und „to“ %2 lassen nichts vom Weg übrig; „to“ mindestens %3 über „from“ legen</translation>
    </message>
    <message>
        <source>%1 to %2 of the travel</source>
        <translation>%1 bis %2 des Wegs</translation>
    </message>
    <message>
        <source>reach from</source>
        <translation>Reichweite von</translation>
    </message>
    <message>
        <source>reach to</source>
        <translation>Reichweite bis</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>Makes a part of the travel all of it.</source>
        <translation>Macht einen Teil des Wegs zum ganzen.</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>&quot;size&quot; and &quot;end&quot; together leave nothing of the travel; make them less than 100 % together</source>
        <translation>„size“ und „end“ lassen zusammen nichts vom Weg übrig; zusammen unter 100 % bleiben</translation>
    </message>
    <message>
        <source>%1 about rest, square</source>
        <translation>%1 um die Ruhe, quadratisch</translation>
    </message>
    <message>
        <source>%1, corners too</source>
        <translation>%1, auch die Ecken</translation>
    </message>
    <message>
        <source>round dead zone around rest</source>
        <translation>runde Totzone um die Ruhe</translation>
    </message>
    <message>
        <source>round dead zone at the end</source>
        <translation>runde Totzone am Ende</translation>
    </message>
    <message>
        <source>round dead zone</source>
        <translation>runde Totzone</translation>
    </message>
    <message>
        <source>Nothing near rest, judged by how far a pair of axes is moved together.</source>
        <translation>Nichts nahe der Ruhe, danach, wie weit zwei Achsen zusammen bewegt sind.</translation>
    </message>
    <message>
        <source>around rest</source>
        <translation>um die Ruhe</translation>
    </message>
    <message>
        <source>at the end</source>
        <translation>am Ende</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>round</source>
        <translation>rund</translation>
    </message>
    <message>
        <source>square</source>
        <translation>quadratisch</translation>
    </message>
    <message>
        <source>reach the corners</source>
        <translation>die Ecken erreichen</translation>
    </message>
    <message>
        <source>&quot;gain&quot; 0 lets nothing of the axis through; give it another gain, or switch the strand off</source>
        <translation>„gain“ 0 lässt nichts von der Achse durch; eine andere Verstärkung geben, oder den Strang ausschalten</translation>
    </message>
    <message>
        <source>%1 of the move</source>
        <translation>%1 der Bewegung</translation>
    </message>
    <message>
        <source>%1 of the move, shifted by %2</source>
        <translation>%1 der Bewegung, verschoben um %2</translation>
    </message>
    <message>
        <source>scale</source>
        <translation>Skalierung</translation>
    </message>
    <message>
        <source>Makes moves larger or smaller and shifts them.</source>
        <translation>Macht Bewegungen größer oder kleiner und verschiebt sie.</translation>
    </message>
    <message>
        <source>gain</source>
        <translation>Verstärkung</translation>
    </message>
    <message>
        <source>×</source>
        <translation>×</translation>
    </message>
    <message>
        <source>shifted by</source>
        <translation>verschoben um</translation>
    </message>
    <message>
        <source>%1, quick about rest</source>
        <translation>%1, schnell um die Ruhe</translation>
    </message>
    <message>
        <source>%1, gentle about rest</source>
        <translation>%1, sanft um die Ruhe</translation>
    </message>
    <message>
        <source>softness</source>
        <translation>Sanftheit</translation>
    </message>
    <message>
        <source>Makes the axis gentle about rest, or quick; one dial.</source>
        <translation>Macht die Achse um die Ruhe sanft oder schnell; ein Regler.</translation>
    </message>
    <message>
        <source>no spikes</source>
        <translation>keine Ausreißer</translation>
    </message>
    <message>
        <source>Leaves out single wild values.</source>
        <translation>Lässt einzelne wilde Werte weg.</translation>
    </message>
    <message>
        <source>the middle one of three</source>
        <translation>der mittlere von dreien</translation>
    </message>
    <message>
        <source>full to rest in %1 ms</source>
        <translation>von voll zur Ruhe in %1 ms</translation>
    </message>
    <message>
        <source>spring back</source>
        <translation>Rückfederung</translation>
    </message>
    <message>
        <source>Moves count, and the value returns to rest by itself.</source>
        <translation>Bewegungen zählen, und der Wert geht von selbst zur Ruhe zurück.</translation>
    </message>
    <message>
        <source>returns at</source>
        <translation>geht zurück mit</translation>
    </message>
    <message>
        <source>in</source>
        <translation>ein</translation>
    </message>
    <message>
        <source>out</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>adds %1 ms at rest</source>
        <translation>fügt in Ruhe %1 ms hinzu</translation>
    </message>
    <message>
        <source>steady</source>
        <translation>Beruhigung</translation>
    </message>
    <message>
        <source>Calms jitter at rest without lag in motion.</source>
        <translation>Beruhigt Zittern in Ruhe, ohne Verzug in Bewegung.</translation>
    </message>
    <message>
        <source>cut-off at rest</source>
        <translation>Grenze in Ruhe</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>quicker with speed</source>
        <translation>schneller mit dem Tempo</translation>
    </message>
    <message>
        <source>Hz·s</source>
        <translation>Hz·s</translation>
    </message>
    <message>
        <source>moves of more than %1</source>
        <translation>Bewegungen von mehr als %1</translation>
    </message>
    <message>
        <source>stillness</source>
        <translation>Stille</translation>
    </message>
    <message>
        <source>Stays still until the hand has moved far enough.</source>
        <translation>Bleibt still, bis die Hand weit genug bewegt ist.</translation>
    </message>
    <message>
        <source>moves of less than</source>
        <translation>Bewegungen von weniger als</translation>
    </message>
    <message>
        <source>trim</source>
        <translation>Trimmung</translation>
    </message>
    <message>
        <source>Adds a trim that buttons move step by step.</source>
        <translation>Fügt eine Trimmung hinzu, die Tasten schrittweise verstellen.</translation>
    </message>
    <message>
        <source>up by</source>
        <translation>hoch durch</translation>
    </message>
    <message>
        <source>down by</source>
        <translation>runter durch</translation>
    </message>
    <message>
        <source>no further than</source>
        <translation>nicht weiter als</translation>
    </message>
    <message numerus="yes">
        <source>%n axis</source>
        <translation>
            <numerusform>%n Achse</numerusform>
            <numerusform>%n Achsen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n button</source>
        <translation>
            <numerusform>%n Taste</numerusform>
            <numerusform>%n Tasten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n hat</source>
        <translation>
            <numerusform>%n Hat</numerusform>
            <numerusform>%n Hats</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n turner</source>
        <translation>
            <numerusform>%n Dreher</numerusform>
            <numerusform>%n Dreher</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 und %2 weitere</translation>
    </message>
    <message numerus="yes">
        <source>%1 sees %n device, so it does not see %2.</source>
        <translation>
            <numerusform>%1 sieht %n Gerät, also sieht er %2 nicht.</numerusform>
            <numerusform>%1 sieht %n Geräte, also sieht er %2 nicht.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 sees gamepads alone, so it does not see %2.</source>
        <translation>%1 sieht nur Gamepads, also sieht er %2 nicht.</translation>
    </message>
    <message>
        <source>%1 would do nothing there.</source>
        <translation>%1: würde dort nichts tun.</translation>
    </message>
    <message>
        <source>%1 takes %2 of a device; %3 uses %4 beyond.</source>
        <translation>%1 nimmt von einem Gerät %2; %3 benutzt darüber hinaus %4.</translation>
    </message>
    <message>
        <source>%1 takes %2 in all; the tangle uses %3.</source>
        <translation>%1 nimmt insgesamt %2; das Geflecht benutzt %3.</translation>
    </message>
    <message>
        <source>The last ones would do nothing there.</source>
        <translation>Die letzten würden dort nichts tun.</translation>
    </message>
    <message>
        <source>%1 takes &quot;%2&quot; from a keyboard alone; it ends at %3.</source>
        <translation>%1 nimmt „%2“ nur von einer Tastatur; es endet an %3.</translation>
    </message>
    <message>
        <source>It would do nothing there.</source>
        <translation>Es würde dort nichts tun.</translation>
    </message>
    <message>
        <source>Lead it to a key of a virtual keyboard.</source>
        <translation>Es auf eine Taste einer virtuellen Tastatur führen.</translation>
    </message>
    <message>
        <source>Plan it anew for this sim.</source>
        <translation>Es für diesen Sim neu planen.</translation>
    </message>
    <message>
        <source>The sheet &quot;%1&quot; %2.</source>
        <translation>Das Blatt „%1“ %2.</translation>
    </message>
    <message>
        <source>says that the sim sees no device</source>
        <translation>sagt, dass der Sim kein Gerät sieht</translation>
    </message>
    <message>
        <source>Say how many, or leave it out.</source>
        <translation>Sagen, wie viele, oder es weglassen.</translation>
    </message>
    <message>
        <source>leaves no control at all</source>
        <translation>lässt gar kein Bedienelement übrig</translation>
    </message>
    <message>
        <source>Say what a device may have, or leave it out.</source>
        <translation>Sagen, was ein Gerät haben darf, oder es weglassen.</translation>
    </message>
    <message>
        <source>takes buttons of a device, but none in all</source>
        <translation>nimmt Tasten eines Geräts, aber insgesamt keine</translation>
    </message>
    <message>
        <source>Say how many in all, or leave it out.</source>
        <translation>Sagen, wie viele insgesamt, oder es weglassen.</translation>
    </message>
    <message>
        <source>Add %1.</source>
        <translation>%1 hinzufügen.</translation>
    </message>
    <message>
        <source>%1: %2 → %3</source>
        <translation>%1: %2 → %3</translation>
    </message>
    <message>
        <source>Remove %1: nothing is left on it.</source>
        <translation>%1 entfernen: nichts ist mehr darauf.</translation>
    </message>
    <message>
        <source>Put %1 behind the others.</source>
        <translation>%1 hinter die anderen stellen.</translation>
    </message>
    <message>
        <source>No place is left for %1 (%2).</source>
        <translation>Kein Platz bleibt für %1 (%2).</translation>
    </message>
    <message>
        <source>A virtual device needs a name.</source>
        <translation>Ein virtuelles Gerät braucht einen Namen.</translation>
    </message>
    <message>
        <source>Type what games are to show.</source>
        <translation>Schreiben, was Spiele zeigen sollen.</translation>
    </message>
    <message>
        <source>That name is longer than 79 letters.</source>
        <translation>Dieser Name ist länger als 79 Zeichen.</translation>
    </message>
    <message>
        <source>Shorten it; games see no more.</source>
        <translation>Ihn kürzen; mehr sehen Spiele nicht.</translation>
    </message>
    <message>
        <source>Another virtual device is called %1 already.</source>
        <translation>Ein anderes virtuelles Gerät heißt schon %1.</translation>
    </message>
    <message>
        <source>That strand or virtual device is gone.</source>
        <translation>Dieser Strang oder dieses virtuelle Gerät ist weg.</translation>
    </message>
    <message>
        <source>%1 and %2 are of different kinds.</source>
        <translation>%1 und %2 sind verschiedener Art.</translation>
    </message>
    <message>
        <source>Choose a control of the same kind.</source>
        <translation>Ein Bedienelement derselben Art wählen.</translation>
    </message>
    <message>
        <source>begins elsewhere</source>
        <translation>beginnt anderswo</translation>
    </message>
    <message>
        <source>ends elsewhere</source>
        <translation>endet anderswo</translation>
    </message>
    <message>
        <source>has other stages</source>
        <translation>hat andere Stufen</translation>
    </message>
    <message>
        <source>is on</source>
        <translation>ist an</translation>
    </message>
    <message>
        <source>is off</source>
        <translation>ist aus</translation>
    </message>
    <message>
        <source>has another name</source>
        <translation>hat einen anderen Namen</translation>
    </message>
    <message>
        <source>is not the same</source>
        <translation>ist nicht derselbe</translation>
    </message>
    <message>
        <source>%1 &quot;%2&quot; %3.</source>
        <translation>%1 „%2“ %3.</translation>
    </message>
    <message>
        <source>is new</source>
        <translation>ist neu</translation>
    </message>
    <message>
        <source>is gone</source>
        <translation>ist weg</translation>
    </message>
    <message>
        <source>was changed</source>
        <translation>wurde geändert</translation>
    </message>
    <message>
        <source>was called &quot;%1&quot;</source>
        <translation>hieß „%1“</translation>
    </message>
    <message>
        <source>It is called &quot;%1&quot;, not &quot;%2&quot;.</source>
        <translation>Es heißt „%1“, nicht „%2“.</translation>
    </message>
    <message>
        <source>Controller</source>
        <translation>Controller</translation>
    </message>
    <message>
        <source>Virtual device</source>
        <translation>Virtuelles Gerät</translation>
    </message>
    <message>
        <source>Function</source>
        <translation>Funktion</translation>
    </message>
    <message>
        <source>Craft</source>
        <translation>Gefährt</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>Strand</source>
        <translation>Strang</translation>
    </message>
    <message>
        <source>Kept feels were changed.</source>
        <translation>Aufgehobene Gefühle wurden geändert.</translation>
    </message>
    <message>
        <source>It is made for another sim.</source>
        <translation>Es ist für einen anderen Sim gemacht.</translation>
    </message>
    <message>
        <source>Something that this version does not know was changed.</source>
        <translation>Etwas, das diese Version nicht kennt, wurde geändert.</translation>
    </message>
    <message>
        <source>%1 is %2, %3 is %4.</source>
        <translation>%1 ist %2, %3 ist %4.</translation>
    </message>
    <message>
        <source>Choose an axis or a button on the right.</source>
        <translation>Rechts eine Achse oder eine Taste wählen.</translation>
    </message>
    <message>
        <source>%1 is of another kind than %2.</source>
        <translation>%1 ist von anderer Art als %2.</translation>
    </message>
    <message>
        <source>This function is not there any more.</source>
        <translation>Diese Funktion ist nicht mehr da.</translation>
    </message>
    <message>
        <source>A function has to have a name.</source>
        <translation>Eine Funktion muss einen Namen haben.</translation>
    </message>
    <message>
        <source>There is another function called &quot;%1&quot;.</source>
        <translation>Es gibt eine andere Funktion namens „%1“.</translation>
    </message>
    <message>
        <source>Give it another name, or use that one.</source>
        <translation>Ihr einen anderen Namen geben, oder jene nehmen.</translation>
    </message>
    <message>
        <source>That outlet is not there any more.</source>
        <translation>Dieser Ausgang ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Leave it to games, too</source>
        <translation>Auch Spielen lassen</translation>
    </message>
    <message>
        <source>Hold it while live</source>
        <translation>Halten, solange live</translation>
    </message>
    <message>
        <source>Games still list it, but do not hear it.</source>
        <translation>Spiele führen ihn noch auf, hören ihn aber nicht.</translation>
    </message>
    <message>
        <source>Hold it, ours alone</source>
        <translation>Halten, für uns allein</translation>
    </message>
    <message>
        <source>Games that start while we are live do not even list it; the installed helper does that.</source>
        <translation>Spiele, die starten, während wir live sind, führen ihn nicht einmal auf; das macht der installierte Helfer.</translation>
    </message>
    <message>
        <source>Hide it from launched games</source>
        <translation>Vor gestarteten Spielen verbergen</translation>
    </message>
    <message>
        <source>Games started with &quot;tangle launch&quot; do not list it; everything else goes on hearing it.</source>
        <translation>Spiele, die mit „tangle launch“ gestartet sind, führen ihn nicht auf; alles andere hört ihn weiterhin.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 of &quot;%2&quot;</source>
        <translation>%1 von „%2“</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>The calibration of %1 is out of order.</source>
        <translation>Die Kalibrierung von %1 ist nicht in Ordnung.</translation>
    </message>
    <message>
        <source>Expected low &lt; high, the centre between them and noise of 0 or more.</source>
        <translation>Erwartet: low &lt; high, die Mitte dazwischen und ein Rauschen von mindestens 0.</translation>
    </message>
    <message>
        <source>The notch %1 at %2 lies outside the travel of %3, which goes from %4 to %5.</source>
        <translation>Die Raste %1 bei %2 liegt außerhalb des Wegs von %3, der von %4 bis %5 geht.</translation>
    </message>
    <message>
        <source>Capture it again, or calibrate the axis.</source>
        <translation>Sie neu erfassen, oder die Achse kalibrieren.</translation>
    </message>
    <message>
        <source>The lever never comes to it.</source>
        <translation>Der Hebel kommt nie dorthin.</translation>
    </message>
    <message>
        <source>The position %1 of the switch %2 of %3 names %4, which is no button of it.</source>
        <translation>Die Position %1 des Schalters %2 von %3 nennt %4, das keine Taste davon ist.</translation>
    </message>
    <message>
        <source>Name another button there, or none.</source>
        <translation>Dort eine andere Taste nennen, oder keine.</translation>
    </message>
    <message>
        <source>two positions of the switch %1</source>
        <translation>zwei Positionen des Schalters %1</translation>
    </message>
    <message>
        <source>the switches %1 and %2</source>
        <translation>zu den Schaltern %1 und %2</translation>
    </message>
    <message>
        <source>%1 of %2 belongs to %3.</source>
        <translation>%1 von %2 gehört zu: %3.</translation>
    </message>
    <message>
        <source>Name another button at one of them.</source>
        <translation>Bei einer davon eine andere Taste nennen.</translation>
    </message>
    <message>
        <source>Which position the switch is in cannot be told.</source>
        <translation>In welcher Position der Schalter ist, lässt sich nicht sagen.</translation>
    </message>
    <message>
        <source>%1 has the control %2 twice.</source>
        <translation>%1 hat das Bedienelement %2 doppelt.</translation>
    </message>
    <message>
        <source>Take one of the two out.</source>
        <translation>Eins von beiden herausnehmen.</translation>
    </message>
    <message>
        <source>Only the first one counts.</source>
        <translation>Nur das erste zählt.</translation>
    </message>
    <message>
        <source>%1 and %2 are one and the same device.</source>
        <translation>%1 und %2 sind ein und dasselbe Gerät.</translation>
    </message>
    <message>
        <source>Take one of them out, or give it the port of another device.</source>
        <translation>Einen davon herausnehmen, oder ihm den Anschluss eines anderen Geräts geben.</translation>
    </message>
    <message>
        <source>Only one of them can ever be present.</source>
        <translation>Nur einer davon kann je da sein.</translation>
    </message>
    <message>
        <source>It was made for %1, this is %2.</source>
        <translation>Sie wurde für %1 gemacht, dies ist %2.</translation>
    </message>
    <message>
        <source>The switch %1 was left out: %2</source>
        <translation>Der Schalter %1 blieb weg: %2</translation>
    </message>
    <message numerus="yes">
        <source>%n of its controls is not on this one and left out.</source>
        <translation>
            <numerusform>%n seiner Bedienelemente gibt es an diesem nicht; es blieb weg.</numerusform>
            <numerusform>%n seiner Bedienelemente gibt es an diesem nicht; sie blieben weg.</numerusform>
        </translation>
    </message>
    <message>
        <source>&quot;%1&quot; is %2; it goes from %3 to %4</source>
        <translation>„%1“ ist %2; es reicht von %3 bis %4</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has %2 points; %3 are the most</source>
        <translation>„%1“ hat %2 Punkte; %3 sind das Meiste</translation>
    </message>
    <message>
        <source>point %1 of &quot;%2&quot; is outside of -100 % to 100 %</source>
        <translation>Punkt %1 von „%2“ liegt außerhalb von -100 % bis 100 %</translation>
    </message>
    <message>
        <source>it has %1 slices; at most %2 are allowed</source>
        <translation>er hat %1 Abschnitte; höchstens %2 sind erlaubt</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>gives</source>
        <translation>gibt</translation>
    </message>
    <message>
        <source>half width</source>
        <translation>halbe Breite</translation>
    </message>
    <message>
        <source>notch &quot;%1&quot;: %2</source>
        <translation>Raste „%1“: %2</translation>
    </message>
    <message>
        <source>The switch has no name.</source>
        <translation>Der Schalter hat keinen Namen.</translation>
    </message>
    <message>
        <source>A switch has two positions at least.</source>
        <translation>Ein Schalter hat mindestens zwei Positionen.</translation>
    </message>
    <message>
        <source>Add one, or take the switch apart.</source>
        <translation>Eine hinzufügen, oder den Schalter zerlegen.</translation>
    </message>
    <message>
        <source>Two positions of %1 report no button, so they look alike.</source>
        <translation>Zwei Positionen von %1 melden keine Taste, also sehen sie gleich aus.</translation>
    </message>
    <message>
        <source>Choose a button for one of them.</source>
        <translation>Für eine davon eine Taste wählen.</translation>
    </message>
    <message>
        <source>A position of %1 has no name.</source>
        <translation>Eine Position von %1 hat keinen Namen.</translation>
    </message>
    <message>
        <source>%1 is no button of %2.</source>
        <translation>%1 ist keine Taste von %2.</translation>
    </message>
    <message>
        <source>Choose one of its buttons.</source>
        <translation>Eine seiner Tasten wählen.</translation>
    </message>
    <message>
        <source>%1 belongs to the switch %2.</source>
        <translation>%1 gehört zum Schalter %2.</translation>
    </message>
    <message>
        <source>Take that one apart first.</source>
        <translation>Erst jenen zerlegen.</translation>
    </message>
    <message>
        <source>Two positions of %1 report the same button.</source>
        <translation>Zwei Positionen von %1 melden dieselbe Taste.</translation>
    </message>
    <message>
        <source>Choose another one for one of them.</source>
        <translation>Für eine davon eine andere wählen.</translation>
    </message>
    <message numerus="yes">
        <source>There is %n more.</source>
        <translation>
            <numerusform>Es gibt noch %n.</numerusform>
            <numerusform>Es gibt noch %n.</numerusform>
        </translation>
    </message>
    <message>
        <source>Mend the first ones, then look again.</source>
        <translation>Die ersten beheben, dann noch einmal nachsehen.</translation>
    </message>
    <message>
        <source>X</source>
        <translation>X</translation>
    </message>
    <message>
        <source>Y</source>
        <translation>Y</translation>
    </message>
    <message>
        <source>Z</source>
        <translation>Z</translation>
    </message>
    <message>
        <source>Rx</source>
        <translation>Rx</translation>
    </message>
    <message>
        <source>Ry</source>
        <translation>Ry</translation>
    </message>
    <message>
        <source>Rz</source>
        <translation>Rz</translation>
    </message>
    <message>
        <source>Throttle</source>
        <translation>Throttle</translation>
    </message>
    <message>
        <source>Rudder</source>
        <translation>Rudder</translation>
    </message>
    <message>
        <source>Wheel</source>
        <translation>Wheel</translation>
    </message>
    <message>
        <source>Gas</source>
        <translation>Gas</translation>
    </message>
    <message>
        <source>Brake</source>
        <translation>Brake</translation>
    </message>
    <message>
        <source>left stick X</source>
        <translation>linker Stick X</translation>
    </message>
    <message>
        <source>left stick Y</source>
        <translation>linker Stick Y</translation>
    </message>
    <message>
        <source>left trigger</source>
        <translation>linker Trigger</translation>
    </message>
    <message>
        <source>right stick X</source>
        <translation>rechter Stick X</translation>
    </message>
    <message>
        <source>right stick Y</source>
        <translation>rechter Stick Y</translation>
    </message>
    <message>
        <source>right trigger</source>
        <translation>rechter Trigger</translation>
    </message>
    <message>
        <source>bottom button</source>
        <translation>untere Taste</translation>
    </message>
    <message>
        <source>right button</source>
        <translation>rechte Taste</translation>
    </message>
    <message>
        <source>left button</source>
        <translation>linke Taste</translation>
    </message>
    <message>
        <source>top button</source>
        <translation>obere Taste</translation>
    </message>
    <message>
        <source>left shoulder</source>
        <translation>linke Schulter</translation>
    </message>
    <message>
        <source>right shoulder</source>
        <translation>rechte Schulter</translation>
    </message>
    <message>
        <source>select</source>
        <translation>Select</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>guide</source>
        <translation>Guide</translation>
    </message>
    <message>
        <source>middle button</source>
        <translation>mittlere Taste</translation>
    </message>
    <message>
        <source>side button</source>
        <translation>Seitentaste</translation>
    </message>
    <message>
        <source>extra button</source>
        <translation>Zusatztaste</translation>
    </message>
    <message>
        <source>forward button</source>
        <translation>Vorwärtstaste</translation>
    </message>
    <message>
        <source>back button</source>
        <translation>Rückwärtstaste</translation>
    </message>
    <message>
        <source>task button</source>
        <translation>Aufgabentaste</translation>
    </message>
    <message>
        <source>left-right</source>
        <translation>links-rechts</translation>
    </message>
    <message>
        <source>up-down</source>
        <translation>hoch-runter</translation>
    </message>
    <message>
        <source>wheel</source>
        <translation>Rad</translation>
    </message>
    <message>
        <source>side wheel</source>
        <translation>Seitenrad</translation>
    </message>
    <message>
        <source>fine wheel</source>
        <translation>feines Rad</translation>
    </message>
    <message>
        <source>fine side wheel</source>
        <translation>feines Seitenrad</translation>
    </message>
    <message>
        <source>key %1</source>
        <translation>Taste %1</translation>
    </message>
    <message>
        <source>counts of 0 go nowhere</source>
        <translation>0 Zählwerte führen nirgendwohin</translation>
    </message>
    <message>
        <source>%1 a count</source>
        <translation>%1 je Zählwert</translation>
    </message>
    <message>
        <source>glide</source>
        <translation>Gleiten</translation>
    </message>
    <message>
        <source>What is turned or pushed adds up to an axis.</source>
        <translation>Was gedreht oder geschoben wird, summiert sich zu einer Achse.</translation>
    </message>
    <message>
        <source>each count</source>
        <translation>jeder Zählwert</translation>
    </message>
    <message>
        <source>goes back by</source>
        <translation>geht zurück um</translation>
    </message>
    <message>
        <source>hat speed</source>
        <translation>Hat-Tempo</translation>
    </message>
    <message>
        <source>The hat moves the pointer while it is pressed.</source>
        <translation>Der Hat bewegt den Zeiger, solange er gedrückt ist.</translation>
    </message>
    <message>
        <source>%1 counts a second</source>
        <translation>%1 Zählwerte in der Sekunde</translation>
    </message>
    <message>
        <source>pointer speed</source>
        <translation>Zeigertempo</translation>
    </message>
    <message>
        <source>The deflection moves the pointer or turns a wheel: it is a speed.</source>
        <translation>Der Ausschlag bewegt den Zeiger oder dreht ein Rad: er ist eine Geschwindigkeit.</translation>
    </message>
    <message>
        <source>finer near rest</source>
        <translation>feiner nahe der Ruhe</translation>
    </message>
    <message>
        <source>press turns</source>
        <translation>Druck dreht</translation>
    </message>
    <message>
        <source>Each press turns a wheel by some notches.</source>
        <translation>Jeder Druck dreht ein Rad um einige Rasten.</translation>
    </message>
    <message>
        <source>a press turns</source>
        <translation>ein Druck dreht</translation>
    </message>
    <message>
        <source>counts</source>
        <translation>Zählwerte</translation>
    </message>
    <message>
        <source>a press of 0 counts turns nothing</source>
        <translation>ein Druck von 0 Zählwerten dreht nichts</translation>
    </message>
    <message>
        <source>its counts must be whole</source>
        <translation>seine Zählwerte müssen ganz sein</translation>
    </message>
    <message>
        <source>counts/s</source>
        <translation>Zählwerte/s</translation>
    </message>
    <message>
        <source>every %1 counts</source>
        <translation>alle %1 Zählwerte</translation>
    </message>
    <message>
        <source>turn pulses</source>
        <translation>Drehimpulse</translation>
    </message>
    <message>
        <source>Each notch that is turned gives a pulse.</source>
        <translation>Jede gedrehte Raste gibt einen Impuls.</translation>
    </message>
    <message>
        <source>axis</source>
        <translation>Achse</translation>
    </message>
    <message>
        <source>axes</source>
        <translation>Achsen</translation>
    </message>
    <message>
        <source>an axis</source>
        <translation>eine Achse</translation>
    </message>
    <message>
        <source>button</source>
        <translation>Taste</translation>
    </message>
    <message>
        <source>buttons</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>a button</source>
        <translation>eine Taste</translation>
    </message>
    <message>
        <source>hat</source>
        <translation>Hat</translation>
    </message>
    <message>
        <source>hats</source>
        <translation>Hats</translation>
    </message>
    <message>
        <source>a hat</source>
        <translation>ein Hat</translation>
    </message>
    <message>
        <source>turner</source>
        <translation>Dreher</translation>
    </message>
    <message>
        <source>turners</source>
        <translation>Dreher</translation>
    </message>
    <message>
        <source>a turner</source>
        <translation>ein Dreher</translation>
    </message>
    <message>
        <source>no number</source>
        <translation>keine Zahl</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1, then %2</source>
        <translation>%1, dann %2</translation>
    </message>
    <message>
        <source>%1 through %2</source>
        <translation>%1 durch %2</translation>
    </message>
    <message>
        <source>%1 now %2.</source>
        <translation>%1 %2 jetzt.</translation>
    </message>
    <message>
        <source>%1, %2, now %3.</source>
        <translation>%1, %2, %3 jetzt.</translation>
    </message>
    <message>
        <source>%1: %2; switched off</source>
        <translation>%1: %2; ausgeschaltet</translation>
    </message>
    <message>
        <source>  It %1.</source>
        <translation>  Er %1.</translation>
    </message>
    <message>
        <source>  &quot;%1&quot; %2.</source>
        <translation>  „%1“ %2.</translation>
    </message>
    <message>
        <source>  &quot;%1&quot; leads nowhere.</source>
        <translation>  „%1“ führt nirgendwohin.</translation>
    </message>
    <message>
        <source>%1 looks at it.</source>
        <translation>%1 sieht darauf.</translation>
    </message>
    <message>
        <source>%1 does nothing.</source>
        <translation>%1 tut nichts.</translation>
    </message>
    <message>
        <source>%1, outlet &quot;%2&quot;,</source>
        <translation>%1, Ausgang „%2“,</translation>
    </message>
    <message>
        <source>%1: %2 %3.</source>
        <translation>%1: %2 %3.</translation>
    </message>
    <message>
        <source>%1: %2 %3; switched off.</source>
        <translation>%1: %2 %3; ausgeschaltet.</translation>
    </message>
    <message>
        <source>Nothing leads to %1.</source>
        <translation>Nichts führt zu %1.</translation>
    </message>
    <message>
        <source>The output stays between %1 and %2; the game&apos;s axis goes from %3 to %4.</source>
        <translation>Der Ausgang bleibt zwischen %1 und %2; die Achse des Spiels geht von %3 bis %4.</translation>
    </message>
    <message>
        <source>The output never gets above %1; the game&apos;s axis goes on to %2.</source>
        <translation>Der Ausgang kommt nie über %1; die Achse des Spiels geht weiter bis %2.</translation>
    </message>
    <message>
        <source>The output never gets below %1; the game&apos;s axis goes on to %2.</source>
        <translation>Der Ausgang kommt nie unter %1; die Achse des Spiels geht weiter bis %2.</translation>
    </message>
    <message>
        <source>Two controls share this one axis: while both are moved it reports their difference, and nothing can tell them apart. If the controller has a way to report them as two axes, choose that.</source>
        <translation>Zwei Bedienelemente teilen sich diese eine Achse: werden beide bewegt, meldet sie deren Differenz, und nichts kann sie auseinanderhalten. Wenn der Controller sie als zwei Achsen melden kann, das wählen.</translation>
    </message>
    <message>
        <source>%1 of the travel changes nothing: dead zones, reach or a flat piece of the curve leave it out. Make them smaller if your hand misses it.</source>
        <translation>%1 des Wegs ändern nichts: Totzonen, Reichweite oder ein flaches Stück der Kurve lassen es weg. Sie kleiner machen, wenn es der Hand fehlt.</translation>
    </message>
    <message>
        <source>The curve falls on its way: there the game goes back while your hand goes on. &quot;Keep rising&quot; mends it.</source>
        <translation>Die Kurve fällt unterwegs: da geht das Spiel zurück, während die Hand weitergeht. „Immer steigend“ behebt es.</translation>
    </message>
    <message>
        <source>The kernel filters this axis as well, before it gets here. Switch that off on the controller&apos;s card on the Rig page.</source>
        <translation>Auch der Kernel filtert diese Achse, bevor sie hier ankommt. Auf der Karte des Controllers auf der Seite Rig ausschalten.</translation>
    </message>
    <message>
        <source>%1 bends axes by a curve of its own, so this one is bent twice. Straighten one of them, or undo the sim&apos;s by a counter-curve.</source>
        <translation>%1 biegt Achsen durch eine eigene Kurve, also ist diese doppelt gebogen. Eine davon gerade machen, oder die des Sims durch eine Gegenkurve aufheben.</translation>
    </message>
    <message>
        <source>%1 wants its axes straight, and this one has a curve.</source>
        <translation>%1 will seine Achsen gerade, und diese hat eine Kurve.</translation>
    </message>
    <message>
        <source>%1 names the function &quot;%2&quot;, which the tangle does not have.</source>
        <translation>%1 nennt die Funktion „%2“, die das Geflecht nicht hat.</translation>
    </message>
    <message>
        <source>Name one that is among its functions, or none.</source>
        <translation>Eine nennen, die unter seinen Funktionen ist, oder keine.</translation>
    </message>
    <message>
        <source>It is shown as if it had none.</source>
        <translation>Es wird gezeigt, als hätte es keine.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot;</source>
        <translation>Strang „%1“</translation>
    </message>
    <message>
        <source>The layer &quot;%1&quot; needs &quot;%2&quot;, which the tangle does not have.</source>
        <translation>Die Ebene „%1“ braucht „%2“, die das Geflecht nicht hat.</translation>
    </message>
    <message>
        <source>Name a layer that is there, or nothing.</source>
        <translation>Eine Ebene nennen, die da ist, oder nichts.</translation>
    </message>
    <message>
        <source>It is never engaged.</source>
        <translation>Sie wird nie eingeschaltet.</translation>
    </message>
    <message>
        <source>The layer &quot;%1&quot; needs itself, through others or directly.</source>
        <translation>Die Ebene „%1“ braucht sich selbst, über andere oder unmittelbar.</translation>
    </message>
    <message>
        <source>Take one of the circle away from what it needs.</source>
        <translation>Eine aus dem Kreis von dem nehmen, was sie braucht.</translation>
    </message>
    <message>
        <source>None of the circle is ever engaged.</source>
        <translation>Keine aus dem Kreis wird je eingeschaltet.</translation>
    </message>
    <message>
        <source>The layer &quot;%1&quot; takes &quot;%2&quot; and &quot;%3&quot; at once, of which one only is engaged.</source>
        <translation>Die Ebene „%1“ braucht „%2“ und „%3“ zugleich, von denen nur eine eingeschaltet ist.</translation>
    </message>
    <message>
        <source>Take one of them out of the group &quot;%1&quot;, or out of what it needs.</source>
        <translation>Eine davon aus der Gruppe „%1“ nehmen, oder aus dem, was sie braucht.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; engages the layer in which it is.</source>
        <translation>Strang „%1“ schaltet die Ebene ein, in der er ist.</translation>
    </message>
    <message>
        <source>That is fine to let go of it again; else move the strand to Base.</source>
        <translation>Das ist gut, um sie wieder loszulassen; sonst den Strang in die Grundebene verschieben.</translation>
    </message>
    <message>
        <source>It can engage nothing while that layer is not engaged.</source>
        <translation>Er kann nichts einschalten, solange jene Ebene nicht eingeschaltet ist.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; stands instead of &quot;%2&quot;, which is gone.</source>
        <translation>Strang „%1“ steht anstelle von „%2“, der weg ist.</translation>
    </message>
    <message>
        <source>Nothing has to be done, unless that should still be there.</source>
        <translation>Es ist nichts zu tun, außer wenn jener noch da sein sollte.</translation>
    </message>
    <message>
        <source>It counts beside what is inherited.</source>
        <translation>Er zählt neben dem, was geerbt ist.</translation>
    </message>
    <message>
        <source>There are %1 layers; %2 are the most.</source>
        <translation>Es gibt %1 Ebenen; %2 sind die meisten.</translation>
    </message>
    <message>
        <source>Take some away, or make one of two.</source>
        <translation>Einige wegnehmen, oder aus zweien eine machen.</translation>
    </message>
    <message>
        <source>The upper ones are never engaged.</source>
        <translation>Die oberen werden nie eingeschaltet.</translation>
    </message>
    <message>
        <source>Nothing engages the layer &quot;%1&quot;.</source>
        <translation>Nichts schaltet die Ebene „%1“ ein.</translation>
    </message>
    <message>
        <source>Lead a control to it, or engage it by hand.</source>
        <translation>Ein Bedienelement zu ihr führen, oder sie von Hand einschalten.</translation>
    </message>
    <message>
        <source>Its strands wait.</source>
        <translation>Ihre Stränge warten.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; leads a control that rests at its low end to %2, which rests in its middle.</source>
        <translation>Strang „%1“ führt ein Bedienelement, das am unteren Ende ruht, zu %2, das in der Mitte ruht.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; leads a control that rests in its middle to %2, which rests at its low end.</source>
        <translation>Strang „%1“ führt ein Bedienelement, das in der Mitte ruht, zu %2, das am unteren Ende ruht.</translation>
    </message>
    <message>
        <source>Let the virtual axis rest where the control does.</source>
        <translation>Die virtuelle Achse da ruhen lassen, wo das Bedienelement ruht.</translation>
    </message>
    <message>
        <source>Lead it to an axis that rests where it does.</source>
        <translation>Ihn zu einer Achse führen, die ruht, wo er ruht.</translation>
    </message>
    <message>
        <source>With your hand off it the game sees it at its lowest.</source>
        <translation>Ohne Hand daran sieht das Spiel sie ganz unten.</translation>
    </message>
    <message>
        <source>With your hand off it the game sees one half.</source>
        <translation>Ohne Hand daran sieht das Spiel die Hälfte.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; reaches only %2 % of the travel of %3.</source>
        <translation>Strang „%1“ erreicht nur %2 % des Wegs von %3.</translation>
    </message>
    <message>
        <source>Look at its stages: a curve or dead zone may be too large.</source>
        <translation>Seine Stufen ansehen: eine Kurve oder Totzone ist vielleicht zu groß.</translation>
    </message>
    <message>
        <source>The rest of it can never be set from this control.</source>
        <translation>Der Rest davon lässt sich von diesem Bedienelement nie einstellen.</translation>
    </message>
    <message>
        <source>Nothing leads to &quot;%1&quot; (%2).</source>
        <translation>Nichts führt zu „%1“ (%2).</translation>
    </message>
    <message>
        <source>Weave a control to it, or take the function&apos;s name away.</source>
        <translation>Ein Bedienelement dahin flechten, oder den Namen der Funktion wegnehmen.</translation>
    </message>
    <message>
        <source>The function cannot be used in flight.</source>
        <translation>Die Funktion ist im Flug nicht zu benutzen.</translation>
    </message>
    <message>
        <source>What this was about is gone.</source>
        <translation>Worum es ging, ist weg.</translation>
    </message>
    <message>
        <source>Look at the list anew.</source>
        <translation>Die Liste noch einmal ansehen.</translation>
    </message>
    <message>
        <source>%1 cannot have %2.</source>
        <translation>%1 kann kein %2 haben.</translation>
    </message>
    <message>
        <source>Move the end to another one.</source>
        <translation>Das Ende woandershin verschieben.</translation>
    </message>
    <message>
        <source>No virtual device has a free one.</source>
        <translation>Kein virtuelles Gerät hat ein freies.</translation>
    </message>
    <message>
        <source>Add a virtual device first.</source>
        <translation>Erst ein virtuelles Gerät hinzufügen.</translation>
    </message>
    <message>
        <source>No other plan fits this sim better.</source>
        <translation>Kein anderer Plan passt besser zu diesem Sim.</translation>
    </message>
    <message>
        <source>Take something away, or choose another sheet.</source>
        <translation>Etwas wegnehmen, oder ein anderes Blatt wählen.</translation>
    </message>
    <message>
        <source>Give it two axes</source>
        <translation>Zwei Achsen geben</translation>
    </message>
    <message>
        <source>Give it two buttons</source>
        <translation>Zwei Tasten geben</translation>
    </message>
    <message>
        <source>Give it eight axes</source>
        <translation>Acht Achsen geben</translation>
    </message>
    <message>
        <source>Leave it one hat</source>
        <translation>Einen Hat lassen</translation>
    </message>
    <message>
        <source>Give it a free number</source>
        <translation>Eine freie Nummer geben</translation>
    </message>
    <message>
        <source>Give it a free name</source>
        <translation>Einen freien Namen geben</translation>
    </message>
    <message>
        <source>Give it ids of its own</source>
        <translation>Eigene Kennungen geben</translation>
    </message>
    <message>
        <source>Make the device large enough</source>
        <translation>Das Gerät groß genug machen</translation>
    </message>
    <message>
        <source>Lead it to the next free one</source>
        <translation>Zum nächsten freien führen</translation>
    </message>
    <message>
        <source>Let it rest there, too</source>
        <translation>Auch da ruhen lassen</translation>
    </message>
    <message>
        <source>Send it all the same</source>
        <translation>Trotzdem senden</translation>
    </message>
    <message>
        <source>Plan it for this sim</source>
        <translation>Für diesen Sim planen</translation>
    </message>
    <message>
        <source>has no axis</source>
        <translation>hat keine Achse</translation>
    </message>
    <message>
        <source>Games in a sandbox or in a Windows layer do not see it at all.</source>
        <translation>Spiele in einer Sandbox oder einer Windows-Schicht sehen es gar nicht.</translation>
    </message>
    <message>
        <source>Give it two axes; unused ones do no harm.</source>
        <translation>Zwei Achsen geben; unbenutzte schaden nicht.</translation>
    </message>
    <message>
        <source>has one axis only</source>
        <translation>hat nur eine Achse</translation>
    </message>
    <message>
        <source>Games in a sandbox do not take it for a joystick.</source>
        <translation>Spiele in einer Sandbox nehmen es nicht für einen Joystick.</translation>
    </message>
    <message>
        <source>has fewer than two buttons</source>
        <translation>hat weniger als zwei Tasten</translation>
    </message>
    <message>
        <source>The system may take it for something other than a joystick.</source>
        <translation>Das System nimmt es vielleicht für etwas anderes als einen Joystick.</translation>
    </message>
    <message>
        <source>Give it two buttons; unused ones do no harm.</source>
        <translation>Zwei Tasten geben; unbenutzte schaden nicht.</translation>
    </message>
    <message>
        <source>has two axes, one of which rests at its low end</source>
        <translation>hat zwei Achsen, von denen eine am unteren Ende ruht</translation>
    </message>
    <message>
        <source>Games that use SDL take both of two axes for centred ones: it starts at a half.</source>
        <translation>Spiele, die SDL benutzen, halten beide von zwei Achsen für mittige: sie beginnt bei der Hälfte.</translation>
    </message>
    <message>
        <source>Give it three axes or more.</source>
        <translation>Drei Achsen oder mehr geben.</translation>
    </message>
    <message>
        <source>has six axes, hats counted twice, and fourteen buttons or more</source>
        <translation>hat sechs Achsen, Hats doppelt gezählt, und vierzehn Tasten oder mehr</translation>
    </message>
    <message>
        <source>Games in a Windows layer take it for a gamepad and see ten of its buttons.</source>
        <translation>Spiele in einer Windows-Schicht nehmen es für ein Gamepad und sehen zehn seiner Tasten.</translation>
    </message>
    <message>
        <source>Give it eight axes, or at most thirteen buttons.</source>
        <translation>Acht Achsen geben, oder höchstens dreizehn Tasten.</translation>
    </message>
    <message>
        <source>has more than eight axes</source>
        <translation>hat mehr als acht Achsen</translation>
    </message>
    <message>
        <source>In games in a Windows layer the ninth presses buttons and moves the hat.</source>
        <translation>In Spielen in einer Windows-Schicht drückt die neunte Tasten und bewegt den Hat.</translation>
    </message>
    <message>
        <source>Keep it to eight if such a game reads it; native games see them all.</source>
        <translation>Bei acht bleiben, wenn ein solches Spiel es liest; andere Spiele sehen sie alle.</translation>
    </message>
    <message>
        <source>has the axes Gas and Brake beside a second hat</source>
        <translation>hat die Achsen Gas und Brake neben einem zweiten Hat</translation>
    </message>
    <message>
        <source>Games that use SDL do not see those two axes.</source>
        <translation>Spiele, die SDL benutzen, sehen diese zwei Achsen nicht.</translation>
    </message>
    <message>
        <source>Take the second hat away, or those axes.</source>
        <translation>Den zweiten Hat wegnehmen, oder jene Achsen.</translation>
    </message>
    <message>
        <source>has more than one hat</source>
        <translation>hat mehr als einen Hat</translation>
    </message>
    <message>
        <source>Games in a Windows layer see the first only; those that use GLFW lose just that one.</source>
        <translation>Spiele in einer Windows-Schicht sehen nur den ersten; die mit GLFW verlieren nur gerade diesen.</translation>
    </message>
    <message>
        <source>If such a game reads it, use buttons for the others.</source>
        <translation>Wenn ein solches Spiel es liest, für die anderen Tasten nehmen.</translation>
    </message>
    <message>
        <source>has an odd number of axes beside a hat</source>
        <translation>hat eine ungerade Zahl von Achsen neben einem Hat</translation>
    </message>
    <message>
        <source>Games that use Allegro never see the hat&apos;s up and down.</source>
        <translation>Spiele, die Allegro benutzen, sehen hoch und runter des Hats nie.</translation>
    </message>
    <message>
        <source>Give it eight axes; unused ones do no harm.</source>
        <translation>Acht Achsen geben; unbenutzte schaden nicht.</translation>
    </message>
    <message>
        <source>has more than 126 buttons</source>
        <translation>hat mehr als 126 Tasten</translation>
    </message>
    <message>
        <source>The last ones use codes of touch pads; not every reader has been seen to take them.</source>
        <translation>Die letzten benutzen Codes von Touchpads; nicht jeder Leser wurde gesehen, der sie nimmt.</translation>
    </message>
    <message>
        <source>Use a second device for them if a game does not see them.</source>
        <translation>Für sie ein zweites Gerät nehmen, wenn ein Spiel sie nicht sieht.</translation>
    </message>
    <message>
        <source>The name &quot;%1&quot; %2.</source>
        <translation>Der Name „%1“ %2.</translation>
    </message>
    <message>
        <source>is longer than 79 letters</source>
        <translation>ist länger als 79 Zeichen</translation>
    </message>
    <message>
        <source>Games see its beginning only.</source>
        <translation>Spiele sehen nur seinen Anfang.</translation>
    </message>
    <message>
        <source>Shorten it.</source>
        <translation>Ihn kürzen.</translation>
    </message>
    <message>
        <source>has letters that games cannot show</source>
        <translation>hat Zeichen, die Spiele nicht zeigen können</translation>
    </message>
    <message>
        <source>They see &quot;?&quot; in their place.</source>
        <translation>Sie sehen an deren Stelle „?“.</translation>
    </message>
    <message>
        <source>Use plain letters, digits and signs.</source>
        <translation>Einfache Buchstaben, Ziffern und Zeichen nehmen.</translation>
    </message>
    <message>
        <source>ends like that of a part of another device</source>
        <translation>endet wie der eines Teils eines anderen Geräts</translation>
    </message>
    <message>
        <source>Games that use SDL leave it out.</source>
        <translation>Spiele, die SDL benutzen, lassen es weg.</translation>
    </message>
    <message>
        <source>Give it another ending.</source>
        <translation>Ihm ein anderes Ende geben.</translation>
    </message>
    <message>
        <source>has its first word again further on</source>
        <translation>hat sein erstes Wort weiter hinten noch einmal</translation>
    </message>
    <message>
        <source>Games that use SDL leave the first word out.</source>
        <translation>Spiele, die SDL benutzen, lassen das erste Wort weg.</translation>
    </message>
    <message>
        <source>Use that word once.</source>
        <translation>Das Wort einmal benutzen.</translation>
    </message>
    <message>
        <source>A virtual device</source>
        <translation>Ein virtuelles Gerät</translation>
    </message>
    <message>
        <source>Give it another one.</source>
        <translation>Einen anderen geben.</translation>
    </message>
    <message>
        <source>Games could not tell the two apart.</source>
        <translation>Spiele könnten die zwei nicht auseinanderhalten.</translation>
    </message>
    <message>
        <source>has the same name as another virtual device.</source>
        <translation>hat denselben Namen wie ein anderes virtuelles Gerät.</translation>
    </message>
    <message>
        <source>has the same number as another virtual device.</source>
        <translation>hat dieselbe Nummer wie ein anderes virtuelles Gerät.</translation>
    </message>
    <message>
        <source>has the same ids as another virtual device.</source>
        <translation>hat dieselben Kennungen wie ein anderes virtuelles Gerät.</translation>
    </message>
    <message>
        <source>A virtual device has no name.</source>
        <translation>Ein virtuelles Gerät hat keinen Namen.</translation>
    </message>
    <message>
        <source>Games show nothing in their lists.</source>
        <translation>Spiele zeigen nichts in ihren Listen.</translation>
    </message>
    <message>
        <source>No strand ends at %1.</source>
        <translation>Kein Strang endet an %1.</translation>
    </message>
    <message>
        <source>Weave something to it, or remove it.</source>
        <translation>Etwas dahin flechten, oder es entfernen.</translation>
    </message>
    <message>
        <source>Games list it, but nothing on it ever moves.</source>
        <translation>Spiele führen es auf, aber nichts daran bewegt sich je.</translation>
    </message>
    <message>
        <source>%1 %2.</source>
        <translation>%1 %2.</translation>
    </message>
    <message>
        <source>Games that use GLFW take it for a joystick and not for a gamepad.</source>
        <translation>Spiele, die GLFW benutzen, nehmen es für einen Joystick und nicht für ein Gamepad.</translation>
    </message>
    <message>
        <source>Games that use Allegro, GLFW or SFML see its first 32 buttons only; in those that use PLIB the others press the first ones again.</source>
        <translation>Spiele, die Allegro, GLFW oder SFML benutzen, sehen nur seine ersten 32 Tasten; in denen mit PLIB drücken die anderen wieder die ersten.</translation>
    </message>
    <message>
        <source>ends nowhere</source>
        <translation>endet nirgends</translation>
    </message>
    <message>
        <source>Give it an end such as {&quot;device&quot;: &quot;jolly-1&quot;, &quot;control&quot;: &quot;axis 1&quot;}.</source>
        <translation>Ihm ein Ende geben wie {&quot;device&quot;: &quot;jolly-1&quot;, &quot;control&quot;: &quot;axis 1&quot;}.</translation>
    </message>
    <message>
        <source>is in the layer &quot;%1&quot;, which the tangle does not have</source>
        <translation>ist in der Ebene „%1“, die das Geflecht nicht hat</translation>
    </message>
    <message>
        <source>Add that layer or put the strand into &quot;base&quot;.</source>
        <translation>Jene Ebene hinzufügen, oder den Strang in „base“ tun.</translation>
    </message>
    <message>
        <source>is for the craft &quot;%1&quot;, which the tangle does not have</source>
        <translation>gilt für das Gefährt „%1“, das das Geflecht nicht hat</translation>
    </message>
    <message>
        <source>Add that craft or make the strand one for &quot;everywhere&quot;.</source>
        <translation>Jenes Gefährt hinzufügen, oder den Strang zu einem für „everywhere“ machen.</translation>
    </message>
    <message>
        <source>begins nowhere</source>
        <translation>beginnt nirgends</translation>
    </message>
    <message>
        <source>Touch the control that it is to begin at.</source>
        <translation>Das Bedienelement berühren, an dem er beginnen soll.</translation>
    </message>
    <message>
        <source>starts at the controller &quot;%1&quot;, which is not in the rig</source>
        <translation>beginnt am Controller „%1“, der nicht im Rig ist</translation>
    </message>
    <message>
        <source>starts at %1, which %2 does not have</source>
        <translation>beginnt an %1, das %2 nicht hat</translation>
    </message>
    <message>
        <source>Touch the control in the window to pick it, or see what it has with &quot;tangle devices&quot;.</source>
        <translation>Das Bedienelement im Fenster berühren, um es zu wählen, oder mit „tangle devices“ nachsehen, was er hat.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot;, stage &quot;%2&quot;: %3.</source>
        <translation>Strang „%1“, Stufe „%2“: %3.</translation>
    </message>
    <message>
        <source>Change the stage.</source>
        <translation>Die Stufe ändern.</translation>
    </message>
    <message>
        <source>has the stage &quot;%1&quot;, which does nothing for %2, as which it leaves the stage before</source>
        <translation>hat die Stufe „%1“; sie tut nichts für: %2, was aus der Stufe davor kommt</translation>
    </message>
    <message>
        <source>Put it in front of that stage, or take it out.</source>
        <translation>Sie vor jene Stufe setzen, oder herausnehmen.</translation>
    </message>
    <message>
        <source>has the stage &quot;%1&quot;, which does nothing for %2</source>
        <translation>hat die Stufe „%1“; sie tut nichts für: %2</translation>
    </message>
    <message>
        <source>Take the stage out.</source>
        <translation>Die Stufe herausnehmen.</translation>
    </message>
    <message>
        <source>has stages behind the stage &quot;%1&quot;, which has several outlets</source>
        <translation>hat Stufen hinter der Stufe „%1“, die mehrere Ausgänge hat</translation>
    </message>
    <message>
        <source>Make it the last one; what shall happen to one outlet is a strand of its own.</source>
        <translation>Sie zur letzten machen; was mit einem Ausgang geschehen soll, ist ein eigener Strang.</translation>
    </message>
    <message>
        <source>has the stage &quot;%1&quot; without &quot;%2&quot;</source>
        <translation>hat die Stufe „%1“ ohne „%2“</translation>
    </message>
    <message>
        <source>Touch the control that it is to be.</source>
        <translation>Das Bedienelement berühren, das es sein soll.</translation>
    </message>
    <message>
        <source>has the stage &quot;%1&quot; with &quot;%2&quot; at %3 of &quot;%4&quot;, which is not in the rig</source>
        <translation>hat die Stufe „%1“ mit „%2“ an %3 von „%4“, das nicht im Rig ist</translation>
    </message>
    <message>
        <source>Touch another control.</source>
        <translation>Ein anderes Bedienelement berühren.</translation>
    </message>
    <message>
        <source>has the stage &quot;%1&quot; with %2 as &quot;%3&quot;</source>
        <translation>hat die Stufe „%1“ mit %2 als „%3“</translation>
    </message>
    <message>
        <source>Touch %1 instead.</source>
        <translation>Stattdessen berühren: %1.</translation>
    </message>
    <message>
        <source>has the stage &quot;%1&quot; work by %2</source>
        <translation>lässt die Stufe „%1“ wirken durch %2</translation>
    </message>
    <message>
        <source>the layer &quot;%1&quot;, which the tangle does not have</source>
        <translation>die Ebene „%1“, die das Geflecht nicht hat</translation>
    </message>
    <message>
        <source>Name a layer that is there, or let the stage work always.</source>
        <translation>Eine Ebene nennen, die da ist, oder die Stufe immer wirken lassen.</translation>
    </message>
    <message>
        <source>%1 of the virtual device &quot;%2&quot;, which is not there</source>
        <translation>%1 des virtuellen Geräts „%2“, das nicht da ist</translation>
    </message>
    <message>
        <source>Choose another control, or let the stage work always.</source>
        <translation>Ein anderes Bedienelement wählen, oder die Stufe immer wirken lassen.</translation>
    </message>
    <message>
        <source>%1, which the strand itself moves</source>
        <translation>%1, das der Strang selbst bewegt</translation>
    </message>
    <message>
        <source>Choose a virtual control that another strand moves.</source>
        <translation>Ein virtuelles Bedienelement wählen, das ein anderer Strang bewegt.</translation>
    </message>
    <message>
        <source>%1 of &quot;%2&quot;, which is not in the rig</source>
        <translation>%1 von „%2“, das nicht im Rig ist</translation>
    </message>
    <message>
        <source>Touch another control, or let the stage work always.</source>
        <translation>Ein anderes Bedienelement berühren, oder die Stufe immer wirken lassen.</translation>
    </message>
    <message>
        <source>has the stage &quot;%1&quot; work at times only, which would change where the axis rests</source>
        <translation>lässt die Stufe „%1“ nur zeitweise wirken, was ändern würde, wo die Achse ruht</translation>
    </message>
    <message>
        <source>Let it work always, or make two strands.</source>
        <translation>Sie immer wirken lassen, oder zwei Stränge machen.</translation>
    </message>
    <message>
        <source>ends at its outlet &quot;%1&quot;, which it does not have</source>
        <translation>endet an seinem Ausgang „%1“, den er nicht hat</translation>
    </message>
    <message>
        <source>Leave the outlet out: it has one only.</source>
        <translation>Den Ausgang weglassen: er hat nur einen.</translation>
    </message>
    <message>
        <source>ends at the virtual device &quot;%1&quot;, which the tangle does not have</source>
        <translation>endet am virtuellen Gerät „%1“, das das Geflecht nicht hat</translation>
    </message>
    <message>
        <source>ends at %1 of %2, which has no such control</source>
        <translation>endet an %1 von %2, das kein solches hat</translation>
    </message>
    <message>
        <source>Pick one it has, or give %1 more of them.</source>
        <translation>Eins nehmen, das es hat, oder %1 mehr davon geben.</translation>
    </message>
    <message>
        <source>leads the counts of a turner to %1 of %2</source>
        <translation>führt die Zählwerte eines Drehers zu %1 von %2</translation>
    </message>
    <message>
        <source>Put the stage &quot;glide&quot; in front, which makes an axis of them, or &quot;turn pulses&quot;.</source>
        <translation>Die Stufe „Gleiten“ davor setzen, die eine Achse daraus macht, oder „Drehimpulse“.</translation>
    </message>
    <message>
        <source>leads from %1 to %2, %3 of %4</source>
        <translation>kommt von: %1 und soll zu: %2, %3 von %4</translation>
    </message>
    <message>
        <source>Pick %1 as its target.</source>
        <translation>Als Ziel nehmen: %1.</translation>
    </message>
    <message>
        <source>leads to half of %1 of %2, which rests at its low end</source>
        <translation>führt zur Hälfte von %1 von %2, das am unteren Ende ruht</translation>
    </message>
    <message>
        <source>Lead it to all of that axis, or let that rest in the middle.</source>
        <translation>Ihn zu jener ganzen Achse führen, oder sie in der Mitte ruhen lassen.</translation>
    </message>
    <message>
        <source>none, the tangle has none</source>
        <translation>keins, das Geflecht hat keine</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; %2.</source>
        <translation>Strang „%1“ %2.</translation>
    </message>
    <message>
        <source>It does nothing in flight until then.</source>
        <translation>Er tut bis dahin im Flug nichts.</translation>
    </message>
    <message>
        <source>One of the controllers has no name.</source>
        <translation>Einer der Controller hat keinen Namen.</translation>
    </message>
    <message>
        <source>Two controllers are called &quot;%1&quot;.</source>
        <translation>Zwei Controller heißen „%1“.</translation>
    </message>
    <message>
        <source>One of the virtual devices has no name.</source>
        <translation>Eins der virtuellen Geräte hat keinen Namen.</translation>
    </message>
    <message>
        <source>Two virtual devices are called &quot;%1&quot;.</source>
        <translation>Zwei virtuelle Geräte heißen „%1“.</translation>
    </message>
    <message>
        <source>One of the functions has no name.</source>
        <translation>Eine der Funktionen hat keinen Namen.</translation>
    </message>
    <message>
        <source>Two functions are called &quot;%1&quot;.</source>
        <translation>Zwei Funktionen heißen „%1“.</translation>
    </message>
    <message>
        <source>One of the layers has no name.</source>
        <translation>Eine der Ebenen hat keinen Namen.</translation>
    </message>
    <message>
        <source>Two layers are called &quot;%1&quot;.</source>
        <translation>Zwei Ebenen heißen „%1“.</translation>
    </message>
    <message>
        <source>One of the craft has no name.</source>
        <translation>Eins der Gefährte hat keinen Namen.</translation>
    </message>
    <message>
        <source>Two craft are called &quot;%1&quot;.</source>
        <translation>Zwei Gefährte heißen „%1“.</translation>
    </message>
    <message>
        <source>One of the strands has no name.</source>
        <translation>Einer der Stränge hat keinen Namen.</translation>
    </message>
    <message>
        <source>Two strands are called &quot;%1&quot;.</source>
        <translation>Zwei Stränge heißen „%1“.</translation>
    </message>
    <message>
        <source>One of the feels has no name.</source>
        <translation>Eins der Gefühle hat keinen Namen.</translation>
    </message>
    <message>
        <source>Two feels are called &quot;%1&quot;.</source>
        <translation>Zwei Gefühle heißen „%1“.</translation>
    </message>
    <message>
        <source>Give one of them another name.</source>
        <translation>Einem davon einen anderen Namen geben.</translation>
    </message>
    <message>
        <source>They could not be told apart.</source>
        <translation>Sie ließen sich nicht auseinanderhalten.</translation>
    </message>
    <message>
        <source>The craft &quot;%1&quot; belongs to &quot;%2&quot;, whose own family never comes to Everywhere.</source>
        <translation>Das Gefährt „%1“ gehört zu „%2“, dessen eigene Familie nie zu Überall kommt.</translation>
    </message>
    <message>
        <source>The craft &quot;%1&quot; belongs to &quot;%2&quot;, which the tangle does not have.</source>
        <translation>Das Gefährt „%1“ gehört zu „%2“, das das Geflecht nicht hat.</translation>
    </message>
    <message>
        <source>Let it belong to &quot;everywhere&quot; or to another craft.</source>
        <translation>Es zu „everywhere“ oder einem anderen Gefährt gehören lassen.</translation>
    </message>
    <message>
        <source>It inherits nothing.</source>
        <translation>Es erbt nichts.</translation>
    </message>
    <message>
        <source>%1 strands meet on %2 of %3: %4.</source>
        <translation>%1 Stränge treffen sich auf %2 von %3: %4.</translation>
    </message>
    <message>
        <source>That is fine if either is to press it; else move one elsewhere.</source>
        <translation>Das ist gut, wenn jeder sie drücken soll; sonst einen woandershin verschieben.</translation>
    </message>
    <message>
        <source>That is fine if you move one at a time; else move one elsewhere.</source>
        <translation>Das ist gut, wenn du immer nur einen bewegst; sonst einen woandershin verschieben.</translation>
    </message>
    <message>
        <source>The game sees one button, pressed while any of them presses.</source>
        <translation>Das Spiel sieht eine Taste, gedrückt, solange einer davon drückt.</translation>
    </message>
    <message>
        <source>The game sees one axis that several controls move.</source>
        <translation>Das Spiel sieht eine Achse, die mehrere Bedienelemente bewegen.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; begins at a button that is a position of &quot;%2&quot;.</source>
        <translation>Strang „%1“ beginnt an einer Taste, die eine Position von „%2“ ist.</translation>
    </message>
    <message>
        <source>That is fine if both are to happen; else switch one of them off.</source>
        <translation>Das ist gut, wenn beides geschehen soll; sonst einen davon ausschalten.</translation>
    </message>
    <message>
        <source>The button does two things.</source>
        <translation>Die Taste tut zweierlei.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; was turned faster than its pulses can be sent: %2 were left out.</source>
        <translation>Strang „%1“ wurde schneller gedreht, als seine Impulse gesendet werden können: %2 fielen weg.</translation>
    </message>
    <message>
        <source>Turn slower, or make its pulses shorter.</source>
        <translation>Langsamer drehen, oder seine Impulse kürzer machen.</translation>
    </message>
    <message>
        <source>No more than %1 pulses wait for their turn.</source>
        <translation>Nicht mehr als %1 Impulse warten auf ihre Reihe.</translation>
    </message>
    <message>
        <source>Both Shift keys and Esc were pressed: stood down.</source>
        <translation>Beide Umschalttasten und Esc wurden gedrückt: live wurde beendet.</translation>
    </message>
    <message>
        <source>Go live again when you are ready.</source>
        <translation>Wieder live gehen, wenn du bereit bist.</translation>
    </message>
    <message>
        <source>Games list the controllers that are to be ours alone, but do not hear them.</source>
        <translation>Spiele führen die Controller auf, die uns allein gehören sollen, hören sie aber nicht.</translation>
    </message>
    <message>
        <source>The engine is ending.</source>
        <translation>Die Engine endet gerade.</translation>
    </message>
    <message>
        <source>Start another one.</source>
        <translation>Eine andere starten.</translation>
    </message>
    <message>
        <source>The engine did not answer within five seconds.</source>
        <translation>Die Engine antwortete nicht innerhalb von fünf Sekunden.</translation>
    </message>
    <message>
        <source>Try again; if it stays so, stop it and start it anew.</source>
        <translation>Noch einmal versuchen; bleibt es so, sie anhalten und neu starten.</translation>
    </message>
    <message>
        <source>The tangle that runs has no virtual device &quot;%1&quot;.</source>
        <translation>Das laufende Geflecht hat kein virtuelles Gerät „%1“.</translation>
    </message>
    <message>
        <source>&quot;tangle map&quot; lists its devices.</source>
        <translation>„tangle map“ zählt seine Geräte auf.</translation>
    </message>
    <message>
        <source>%1 has no control &quot;%2&quot;.</source>
        <translation>%1 hat kein Bedienelement „%2“.</translation>
    </message>
    <message>
        <source>Name one such as &quot;axis 1&quot; or &quot;button 1&quot;; &quot;tangle map&quot; lists them.</source>
        <translation>Eins wie „axis 1“ oder „button 1“ nennen; „tangle map“ zählt sie auf.</translation>
    </message>
    <message>
        <source>A hand cannot hold a control at no number.</source>
        <translation>Eine Hand kann ein Bedienelement nicht auf keiner Zahl halten.</translation>
    </message>
    <message>
        <source>Give a number between -1 and 1.</source>
        <translation>Eine Zahl zwischen -1 und 1 geben.</translation>
    </message>
    <message>
        <source>A sim learns a control now; all else keeps still.</source>
        <translation>Ein Sim lernt gerade ein Bedienelement; alles andere hält still.</translation>
    </message>
    <message>
        <source>End the learning first.</source>
        <translation>Erst das Lernen beenden.</translation>
    </message>
    <message>
        <source>A sim can learn a control only while its virtual device is there.</source>
        <translation>Ein Sim kann ein Bedienelement nur lernen, solange sein virtuelles Gerät da ist.</translation>
    </message>
    <message>
        <source>Go live first.</source>
        <translation>Erst live gehen.</translation>
    </message>
    <message>
        <source>A sim learns one axis, hat or button at a time, or keys together.</source>
        <translation>Ein Sim lernt immer nur eine Achse, einen Hat oder eine Taste, oder Tasten der Tastatur zusammen.</translation>
    </message>
    <message>
        <source>Choose one of those.</source>
        <translation>Eins davon wählen.</translation>
    </message>
    <message>
        <source>No sim learns a control now.</source>
        <translation>Kein Sim lernt gerade ein Bedienelement.</translation>
    </message>
    <message>
        <source>Choose a control first.</source>
        <translation>Erst ein Bedienelement wählen.</translation>
    </message>
    <message>
        <source>It has no layer besides Base.</source>
        <translation>Es hat keine Ebene außer der Grundebene.</translation>
    </message>
    <message>
        <source>The tangle that runs has no layer &quot;%1&quot;.</source>
        <translation>Das laufende Geflecht hat keine Ebene „%1“.</translation>
    </message>
    <message>
        <source>Base always is engaged.</source>
        <translation>Die Grundebene ist immer eingeschaltet.</translation>
    </message>
    <message>
        <source>The tangle that runs has no craft &quot;%1&quot;.</source>
        <translation>Das laufende Geflecht hat kein Gefährt „%1“.</translation>
    </message>
    <message>
        <source>%1 was changed and is made anew.</source>
        <translation>%1 wurde geändert und wird neu gemacht.</translation>
    </message>
    <message>
        <source>A running game may have to be told of it again.</source>
        <translation>Einem laufenden Spiel muss es vielleicht neu gezeigt werden.</translation>
    </message>
    <message>
        <source>The kernel refused a movement of %1.</source>
        <translation>Der Kernel lehnte eine Bewegung von %1 ab.</translation>
    </message>
    <message>
        <source>%1 was taken away by the system; games no longer see it.</source>
        <translation>%1 wurde vom System weggenommen; Spiele sehen es nicht mehr.</translation>
    </message>
    <message>
        <source>Stand down and go live again.</source>
        <translation>Live beenden und wieder live gehen.</translation>
    </message>
    <message>
        <source>Could not share the live values: %1.</source>
        <translation>Die lebenden Werte konnten nicht geteilt werden: %1.</translation>
    </message>
    <message>
        <source>Free some memory and start the engine again.</source>
        <translation>Etwas Speicher freigeben und die Engine neu starten.</translation>
    </message>
    <message>
        <source>Line %1 of the recording makes no sense: &quot;%2&quot;.</source>
        <translation>Zeile %1 der Aufnahme ergibt keinen Sinn: „%2“.</translation>
    </message>
    <message>
        <source>Take a file that evemu-record wrote.</source>
        <translation>Eine Datei nehmen, die evemu-record geschrieben hat.</translation>
    </message>
    <message>
        <source>%1 is not there.</source>
        <translation>%1 ist nicht da.</translation>
    </message>
    <message>
        <source>Check its name and folder.</source>
        <translation>Ihren Namen und Ordner prüfen.</translation>
    </message>
    <message>
        <source>Could not read %1: %2.</source>
        <translation>%1 konnte nicht gelesen werden: %2.</translation>
    </message>
    <message>
        <source>Choose another file, or check its permissions.</source>
        <translation>Eine andere Datei wählen, oder ihre Rechte prüfen.</translation>
    </message>
    <message>
        <source>%1 is a folder.</source>
        <translation>%1 ist ein Ordner.</translation>
    </message>
    <message>
        <source>Choose a file in it.</source>
        <translation>Eine Datei darin wählen.</translation>
    </message>
    <message>
        <source>%1 is no file but a pipe or a device.</source>
        <translation>%1 ist keine Datei, sondern eine Pipe oder ein Gerät.</translation>
    </message>
    <message>
        <source>Choose a file.</source>
        <translation>Eine Datei wählen.</translation>
    </message>
    <message>
        <source>%1 is larger than %2 MB, which no file of ours is.</source>
        <translation>%1 ist größer als %2 MB, das ist keine unserer Dateien.</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>an object of %1 fields</source>
        <translation>ein Objekt von %1 Feldern</translation>
    </message>
    <message>
        <source>a list of %1 items</source>
        <translation>eine Liste von %1 Einträgen</translation>
    </message>
    <message>
        <source>item %1 of %2</source>
        <translation>Eintrag %1 von %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is nothing this version knows here.</source>
        <translation>„%1“ ist nichts, was diese Version hier kennt.</translation>
    </message>
    <message>
        <source>It is kept but has no effect; check its spelling.</source>
        <translation>Es bleibt erhalten, wirkt aber nicht; die Schreibweise prüfen.</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>ja oder nein</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a text</source>
        <translation>ein Text</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>ein Objekt</translation>
    </message>
    <message>
        <source>%1 is %2.</source>
        <translation>%1 ist %2.</translation>
    </message>
    <message>
        <source>Expected %1.</source>
        <translation>Erwartet: %1.</translation>
    </message>
    <message>
        <source>%1 items at most</source>
        <translation>höchstens %1 Einträge</translation>
    </message>
    <message>
        <source>a text in quotes</source>
        <translation>ein Text in Anführungszeichen</translation>
    </message>
    <message>
        <source>a text of %1 bytes at most, not %2</source>
        <translation>ein Text von höchstens %1 Bytes, nicht %2</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>a number from %1 to %2</source>
        <translation>eine Zahl von %1 bis %2</translation>
    </message>
    <message>
        <source>a whole number from %1 to %2</source>
        <translation>eine ganze Zahl von %1 bis %2</translation>
    </message>
    <message>
        <source>the kernel&apos;s name of a control, such as &quot;ABS_X&quot; or &quot;BTN_TRIGGER&quot;</source>
        <translation>der Name des Kernels für ein Bedienelement, wie &quot;ABS_X&quot; oder &quot;BTN_TRIGGER&quot;</translation>
    </message>
    <message>
        <source>a virtual control, such as &quot;axis 1&quot;, &quot;button 21&quot; or &quot;hat 1&quot;</source>
        <translation>ein virtuelles Bedienelement, wie &quot;axis 1&quot;, &quot;button 21&quot; oder &quot;hat 1&quot;</translation>
    </message>
    <message>
        <source>a point as [in, out]</source>
        <translation>ein Punkt als [in, out]</translation>
    </message>
    <message>
        <source>a place on the grid as [left, top, width, height]</source>
        <translation>ein Platz auf dem Raster als [left, top, width, height]</translation>
    </message>
    <message>
        <source>a stage in { }</source>
        <translation>eine Stufe in { }</translation>
    </message>
    <message>
        <source>The stage %1 is none this version knows.</source>
        <translation>Die Stufe %1 kennt diese Version nicht.</translation>
    </message>
    <message>
        <source>The stage without a name is none this version knows.</source>
        <translation>Die Stufe ohne Namen kennt diese Version nicht.</translation>
    </message>
    <message>
        <source>Known are %1.</source>
        <translation>Bekannt sind %1.</translation>
    </message>
    <message>
        <source>Here &quot;%1&quot; is missing.</source>
        <translation>Hier fehlt „%1“.</translation>
    </message>
    <message>
        <source>Add it: %1</source>
        <translation>Es hinzufügen: %1</translation>
    </message>
    <message>
        <source>one of %1</source>
        <translation>eins von %1</translation>
    </message>
    <message>
        <source>a list in [ ]</source>
        <translation>eine Liste in [ ]</translation>
    </message>
    <message>
        <source>an object in { }</source>
        <translation>ein Objekt in { }</translation>
    </message>
    <message>
        <source>The recording cannot be read: %1.</source>
        <translation>Die Aufnahme kann nicht gelesen werden: %1.</translation>
    </message>
    <message>
        <source>Check the disk it lies on.</source>
        <translation>Den Datenträger prüfen, auf dem sie liegt.</translation>
    </message>
    <message>
        <source>%1 is no recording of a flight.</source>
        <translation>%1 ist keine Aufnahme eines Flugs.</translation>
    </message>
    <message>
        <source>Choose a file whose name ends in .flight.</source>
        <translation>Eine Datei wählen, deren Name auf .flight endet.</translation>
    </message>
    <message>
        <source>%1 was recorded by a newer Jolly Tangle.</source>
        <translation>%1 wurde mit einem neueren Jolly Tangle aufgenommen.</translation>
    </message>
    <message>
        <source>Open it with that version.</source>
        <translation>Sie mit jener Version öffnen.</translation>
    </message>
    <message>
        <source>%1 is damaged at its beginning; nothing of it can be used.</source>
        <translation>%1 ist am Anfang beschädigt; nichts davon ist brauchbar.</translation>
    </message>
    <message>
        <source>Open another recording.</source>
        <translation>Eine andere Aufnahme öffnen.</translation>
    </message>
    <message>
        <source>%1 is cut off; what follows its first %2 seconds is missing.</source>
        <translation>%1 ist abgeschnitten; was auf die ersten %2 Sekunden folgt, fehlt.</translation>
    </message>
    <message>
        <source>The times of %1 go backwards; what comes after that place is left out.</source>
        <translation>Die Zeiten von %1 laufen rückwärts; was nach jener Stelle kommt, bleibt weg.</translation>
    </message>
    <message>
        <source>%1 is there and is no recording, so it was left as it is.</source>
        <translation>%1 gibt es, und es ist keine Aufnahme, also blieb es, wie es war.</translation>
    </message>
    <message>
        <source>Choose another name, such as last.flight.</source>
        <translation>Einen anderen Namen wählen, wie last.flight.</translation>
    </message>
    <message>
        <source>%1 may not be read.</source>
        <translation>%1 darf nicht gelesen werden.</translation>
    </message>
    <message>
        <source>There is no file %1.</source>
        <translation>Es gibt keine Datei %1.</translation>
    </message>
    <message>
        <source>Check its permissions.</source>
        <translation>Ihre Rechte prüfen.</translation>
    </message>
    <message>
        <source>Check its name.</source>
        <translation>Ihren Namen prüfen.</translation>
    </message>
    <message>
        <source>%1 is no file.</source>
        <translation>%1 ist keine Datei.</translation>
    </message>
    <message>
        <source>Choose a recording.</source>
        <translation>Eine Aufnahme wählen.</translation>
    </message>
    <message>
        <source>Could not save %1: %2.</source>
        <translation>%1 konnte nicht gespeichert werden: %2.</translation>
    </message>
    <message>
        <source>Could not write %1: %2.</source>
        <translation>%1 konnte nicht geschrieben werden: %2.</translation>
    </message>
    <message>
        <source>Could not keep an earlier version of %1: %2.</source>
        <translation>Eine frühere Fassung von %1 konnte nicht aufgehoben werden: %2.</translation>
    </message>
    <message>
        <source>Free some space and save again.</source>
        <translation>Platz freigeben und noch einmal speichern.</translation>
    </message>
    <message>
        <source>Choose another place, or check its permissions.</source>
        <translation>Einen anderen Ort wählen, oder seine Rechte prüfen.</translation>
    </message>
    <message>
        <source>%1 is a folder, so nothing was written there.</source>
        <translation>%1 ist ein Ordner, also wurde dort nichts geschrieben.</translation>
    </message>
    <message>
        <source>%1 is a device or a pipe, so nothing was written there.</source>
        <translation>%1 ist ein Gerät oder eine Pipe, also wurde dort nichts geschrieben.</translation>
    </message>
    <message>
        <source>Save it under another name.</source>
        <translation>Unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>%1 is write-protected, so it was left as it is.</source>
        <translation>%1 ist schreibgeschützt, also blieb es, wie es war.</translation>
    </message>
    <message>
        <source>Save it under another name, or take the protection away.</source>
        <translation>Unter anderem Namen speichern, oder den Schutz wegnehmen.</translation>
    </message>
    <message>
        <source>%1 was saved, but the disk did not confirm it: %2.</source>
        <translation>%1 wurde gespeichert, aber der Datenträger bestätigte es nicht: %2.</translation>
    </message>
    <message>
        <source>Save it in another place, too.</source>
        <translation>Auch an einem anderen Ort speichern.</translation>
    </message>
    <message>
        <source>There is no sim sheet &quot;%1&quot;.</source>
        <translation>Es gibt kein Sim-Blatt „%1“.</translation>
    </message>
    <message>
        <source>Name a file.</source>
        <translation>Eine Datei nennen.</translation>
    </message>
    <message>
        <source>Name a file, or one of: %1.</source>
        <translation>Eine Datei nennen, oder eins von: %1.</translation>
    </message>
    <message>
        <source>A strand has &quot;%1&quot; and &quot;%2&quot;, which are two names of one thing.</source>
        <translation>Ein Strang hat „%1“ und „%2“, das sind zwei Namen derselben Sache.</translation>
    </message>
    <message>
        <source>A virtual control has &quot;%1&quot; and &quot;%2&quot;, which are two names of one thing.</source>
        <translation>Ein virtuelles Bedienelement hat „%1“ und „%2“, das sind zwei Namen derselben Sache.</translation>
    </message>
    <message>
        <source>Leave &quot;%1&quot; alone, as version %2 has it; the file was left as it is.</source>
        <translation>„%1“ allein lassen, wie Version %2 es hat; die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>A strand has %1 sources, of which only the first was ever used.</source>
        <translation>Ein Strang hat %1 Quellen, von denen nur die erste je benutzt wurde.</translation>
    </message>
    <message>
        <source>Leave the first one alone; the file was left as it is.</source>
        <translation>Die erste allein lassen; die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>The tangle has &quot;functions&quot;, which are of version 3.</source>
        <translation>Das Geflecht hat „functions“, die zu Version 3 gehören.</translation>
    </message>
    <message>
        <source>Give them another name; the file was left as it is.</source>
        <translation>Ihnen einen anderen Namen geben; die Datei blieb, wie sie war.</translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation>Die Datei ist leer.</translation>
    </message>
    <message>
        <source>Choose another one, or an earlier version of it next to it.</source>
        <translation>Eine andere wählen, oder eine frühere Fassung von ihr daneben.</translation>
    </message>
    <message>
        <source>This is JSON, but no %1: it does not begin with {&quot;%1&quot;: 1.</source>
        <translation>Das ist JSON, aber kein %1: es beginnt nicht mit {&quot;%1&quot;: 1.</translation>
    </message>
    <message>
        <source>Choose a file that Jolly Tangle saved; this one was left alone.</source>
        <translation>Eine Datei wählen, die Jolly Tangle gespeichert hat; diese blieb unberührt.</translation>
    </message>
    <message>
        <source>The version &quot;%1&quot; is %2.</source>
        <translation>Die Version „%1“ ist %2.</translation>
    </message>
    <message>
        <source>Expected a whole number, 1 or more.</source>
        <translation>Erwartet: eine ganze Zahl, 1 oder mehr.</translation>
    </message>
    <message>
        <source>This %1 has version %2; this Jolly Tangle reads up to version %3.</source>
        <translation>Dieses %1 hat Version %2; dieses Jolly Tangle liest bis Version %3.</translation>
    </message>
    <message>
        <source>Update Jolly Tangle to open it; the file was left alone.</source>
        <translation>Jolly Tangle aktualisieren, um sie zu öffnen; die Datei blieb unberührt.</translation>
    </message>
    <message>
        <source>The name &quot;%1&quot; stands twice here.</source>
        <translation>Der Name „%1“ steht hier zweimal.</translation>
    </message>
    <message>
        <source>Take one of the two out; only one could be kept.</source>
        <translation>Eins von beiden herausnehmen; nur eins könnte bleiben.</translation>
    </message>
    <message>
        <source>Mend it there; the file was left alone.</source>
        <translation>Es dort beheben; die Datei blieb unberührt.</translation>
    </message>
    <message>
        <source>This is nested %1 deep, which no tangle is.</source>
        <translation>Dies ist %1 tief verschachtelt, das ist kein Geflecht.</translation>
    </message>
    <message>
        <source>Choose another file; this one was left alone.</source>
        <translation>Eine andere Datei wählen; diese blieb unberührt.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no number that a tangle can hold.</source>
        <translation>„%1“ ist keine Zahl, die ein Geflecht fassen kann.</translation>
    </message>
    <message>
        <source>The number here is too large to be held.</source>
        <translation>Die Zahl hier ist zu groß.</translation>
    </message>
    <message>
        <source>The file ends in the middle: something is missing at its end.</source>
        <translation>Die Datei endet mittendrin: an ihrem Ende fehlt etwas.</translation>
    </message>
    <message>
        <source>This is not JSON: %1.</source>
        <translation>Das ist kein JSON: %1.</translation>
    </message>
    <message>
        <source>%1 cannot be written.</source>
        <translation>%1 kann nicht geschrieben werden.</translation>
    </message>
    <message>
        <source>Look for room in /run.</source>
        <translation>In /run nach Platz sehen.</translation>
    </message>
    <message>
        <source>The system did not close %1 to other programs.</source>
        <translation>Das System schloss %1 nicht vor anderen Programmen.</translation>
    </message>
    <message>
        <source>See whether udev runs, and whether a rule of yours sets its permissions.</source>
        <translation>Nachsehen, ob udev läuft, und ob eine eigene Regel seine Rechte setzt.</translation>
    </message>
    <message>
        <source>%1 is no real stick, wheel, pedal or pad.</source>
        <translation>%1 ist kein wirklicher Stick, kein Lenkrad, kein Pedal und kein Pad.</translation>
    </message>
    <message>
        <source>Only those can be kept alone: virtual devices, keyboards and pointers are not.</source>
        <translation>Nur solche lassen sich allein halten: virtuelle Geräte, Tastaturen und Zeiger nicht.</translation>
    </message>
    <message>
        <source>That is no controller&apos;s event node.</source>
        <translation>Das ist kein Ereignisknoten eines Controllers.</translation>
    </message>
    <message>
        <source>Hand over a /dev/input/event* that is open for reading.</source>
        <translation>Einen zum Lesen offenen /dev/input/event* übergeben.</translation>
    </message>
    <message>
        <source>The controller is gone.</source>
        <translation>Der Controller ist weg.</translation>
    </message>
    <message>
        <source>Plug it in again.</source>
        <translation>Ihn wieder einstecken.</translation>
    </message>
    <message>
        <source>Plug the controller in.</source>
        <translation>Den Controller einstecken.</translation>
    </message>
    <message>
        <source>%1 is not kept for you.</source>
        <translation>%1 ist nicht für dich gehalten.</translation>
    </message>
    <message>
        <source>Open it before you ask that it is kept.</source>
        <translation>Ihn öffnen, bevor du bittest, dass er gehalten wird.</translation>
    </message>
    <message>
        <source>%1 cannot be opened: %2.</source>
        <translation>%1 kann nicht geöffnet werden: %2.</translation>
    </message>
    <message>
        <source>Plug the controller in again.</source>
        <translation>Den Controller wieder einstecken.</translation>
    </message>
    <message>
        <source>%1 is another controller now.</source>
        <translation>%1 ist jetzt ein anderer Controller.</translation>
    </message>
    <message>
        <source>That is more than can be kept.</source>
        <translation>Das sind mehr, als gehalten werden können.</translation>
    </message>
    <message>
        <source>Keep fewer controllers alone.</source>
        <translation>Weniger Controller allein halten.</translation>
    </message>
    <message>
        <source>A controller has neither a serial number nor a port that a rule could name, so its twin would be closed, too.</source>
        <translation>Ein Controller hat weder eine Seriennummer noch einen Anschluss, den eine Regel nennen könnte, also würde auch sein Zwilling geschlossen.</translation>
    </message>
    <message>
        <source>Plug it in elsewhere, or only hold it.</source>
        <translation>Ihn woanders einstecken, oder nur halten.</translation>
    </message>
    <message>
        <source>Whether you may keep a controller alone is not known.</source>
        <translation>Ob du einen Controller allein halten darfst, ist nicht bekannt.</translation>
    </message>
    <message>
        <source>Install polkit, which tells that.</source>
        <translation>polkit installieren, das sagt es.</translation>
    </message>
    <message>
        <source>You may not keep a controller alone.</source>
        <translation>Du darfst keinen Controller allein halten.</translation>
    </message>
    <message>
        <source>Log in at this computer&apos;s own screen.</source>
        <translation>Am eigenen Bildschirm dieses Rechners anmelden.</translation>
    </message>
    <message>
        <source>%1 cannot be read: %2.</source>
        <translation>%1 kann nicht gelesen werden: %2.</translation>
    </message>
    <message>
        <source>Log in at this computer&apos;s own screen, or install the udev rules (docs/permissions.md).</source>
        <translation>Am eigenen Bildschirm dieses Rechners anmelden, oder die udev-Regeln installieren (docs/permissions.md).</translation>
    </message>
    <message>
        <source>Another program holds %1, so it does not reach Jolly Tangle.</source>
        <translation>Ein anderes Programm hält %1, also kommt nichts davon bei Jolly Tangle an.</translation>
    </message>
    <message>
        <source>Close that program; Jolly Tangle asks again every second.</source>
        <translation>Jenes Programm schließen; Jolly Tangle fragt jede Sekunde noch einmal.</translation>
    </message>
    <message>
        <source>%1 cannot be held: %2.</source>
        <translation>%1 kann nicht gehalten werden: %2.</translation>
    </message>
    <message>
        <source>Plug it out and in again.</source>
        <translation>Ihn aus- und wieder einstecken.</translation>
    </message>
    <message>
        <source>bubblewrap is not installed, so no game can have a view of its own.</source>
        <translation>bubblewrap ist nicht installiert, also kann kein Spiel eine eigene Sicht haben.</translation>
    </message>
    <message>
        <source>Install it with &quot;sudo apt install bubblewrap&quot;.</source>
        <translation>Es mit „sudo apt install bubblewrap“ installieren.</translation>
    </message>
    <message>
        <source>This system does not let programs make a private view of /dev.</source>
        <translation>Dieses System lässt Programme keine eigene Sicht auf /dev machen.</translation>
    </message>
    <message>
        <source>Allow it with &quot;sudo sysctl kernel.unprivileged_userns_clone=1&quot;, or hold the controllers instead.</source>
        <translation>Es mit „sudo sysctl kernel.unprivileged_userns_clone=1“ erlauben, oder die Controller stattdessen halten.</translation>
    </message>
    <message>
        <source>No folder could be made for the game&apos;s devices.</source>
        <translation>Für die Geräte des Spiels ließ sich kein Ordner anlegen.</translation>
    </message>
    <message>
        <source>Free some room in %1.</source>
        <translation>In %1 Platz freigeben.</translation>
    </message>
    <message>
        <source>%1 could not be started.</source>
        <translation>%1 konnte nicht gestartet werden.</translation>
    </message>
    <message>
        <source>Check that bubblewrap works.</source>
        <translation>Nachsehen, ob bubblewrap funktioniert.</translation>
    </message>
    <message>
        <source>A device</source>
        <translation>Ein Gerät</translation>
    </message>
    <message>
        <source>%1 is there, but you may not read it (%2): the system takes it %3.</source>
        <translation>%1 ist da, aber du darfst es nicht lesen (%2): das System hält es %3.</translation>
    </message>
    <message>
        <source>Permit reading just this device, once.</source>
        <translation>Das Lesen nur dieses Geräts erlauben, einmal.</translation>
    </message>
    <message>
        <source>None of its strands can do anything.</source>
        <translation>Keiner seiner Stränge kann etwas tun.</translation>
    </message>
    <message>
        <source>Another engine is live: its %1 is there.</source>
        <translation>Eine andere Engine ist live: ihr %1 ist da.</translation>
    </message>
    <message>
        <source>Stand the other one down, or use it.</source>
        <translation>Dort live beenden, oder jene benutzen.</translation>
    </message>
    <message>
        <source>Games find the devices of both.</source>
        <translation>Spiele finden die Geräte von beiden.</translation>
    </message>
    <message>
        <source>The virtual device is not there yet.</source>
        <translation>Das virtuelle Gerät ist noch nicht da.</translation>
    </message>
    <message>
        <source>Wait.</source>
        <translation>Warten.</translation>
    </message>
    <message>
        <source>The virtual device at %1 cannot be read back.</source>
        <translation>Das virtuelle Gerät bei %1 kann nicht zurückgelesen werden.</translation>
    </message>
    <message>
        <source>Let &quot;sudo tangle permit&quot; set its permissions.</source>
        <translation>„sudo tangle permit“ seine Rechte setzen lassen.</translation>
    </message>
    <message>
        <source>for a joystick, but you are not at its own screen</source>
        <translation>für einen Joystick, aber du bist nicht an seinem eigenen Bildschirm</translation>
    </message>
    <message>
        <source>for a motion sensor: it has X, Y and Z, but no button</source>
        <translation>für einen Bewegungssensor: es hat X, Y und Z, aber keine Taste</translation>
    </message>
    <message>
        <source>for a keyboard</source>
        <translation>für eine Tastatur</translation>
    </message>
    <message>
        <source>for a mouse</source>
        <translation>für eine Maus</translation>
    </message>
    <message>
        <source>for nothing it knows: it has too little of a joystick</source>
        <translation>für nichts, was es kennt: es hat zu wenig von einem Joystick</translation>
    </message>
    <message>
        <source>No virtual device can be made, so no game gets anything.</source>
        <translation>Kein virtuelles Gerät lässt sich machen, also bekommt kein Spiel etwas.</translation>
    </message>
    <message>
        <source>The kernel&apos;s uinput is not loaded.</source>
        <translation>uinput des Kernels ist nicht geladen.</translation>
    </message>
    <message>
        <source>Load it, now and at every start.</source>
        <translation>Es laden, jetzt und bei jedem Start.</translation>
    </message>
    <message>
        <source>You may not write to %1.</source>
        <translation>Du darfst nicht nach %1 schreiben.</translation>
    </message>
    <message>
        <source>Give the person at the screen that permission, once.</source>
        <translation>Der Person am Bildschirm dieses Recht geben, einmal.</translation>
    </message>
    <message>
        <source>You may not write to %1, although the rule for it is installed.</source>
        <translation>Du darfst nicht nach %1 schreiben, obwohl die Regel dafür installiert ist.</translation>
    </message>
    <message>
        <source>Log in at this computer&apos;s own screen, or log out and in.</source>
        <translation>Am eigenen Bildschirm dieses Rechners anmelden, oder ab- und wieder anmelden.</translation>
    </message>
    <message>
        <source>The engine may not come before other programs.</source>
        <translation>Die Engine darf nicht vor anderen Programmen an die Reihe kommen.</translation>
    </message>
    <message>
        <source>Permit it, once; it counts from the next login.</source>
        <translation>Es erlauben, einmal; es gilt ab der nächsten Anmeldung.</translation>
    </message>
    <message>
        <source>While the computer is very busy, moves may reach the game late.</source>
        <translation>Solange der Rechner sehr beschäftigt ist, erreichen Bewegungen das Spiel vielleicht spät.</translation>
    </message>
    <message>
        <source>/dev/uinput is not there, so no virtual device can be made.</source>
        <translation>/dev/uinput ist nicht da, also lässt sich kein virtuelles Gerät machen.</translation>
    </message>
    <message>
        <source>Load it with &quot;sudo modprobe uinput&quot;, then go live again.</source>
        <translation>Es mit „sudo modprobe uinput“ laden, dann wieder live gehen.</translation>
    </message>
    <message>
        <source>You may not write to /dev/uinput, so no virtual device can be made.</source>
        <translation>Du darfst nicht nach /dev/uinput schreiben, also lässt sich kein virtuelles Gerät machen.</translation>
    </message>
    <message>
        <source>Install the udev rules (docs/permissions.md), log out and in, then go live again.</source>
        <translation>Die udev-Regeln installieren (docs/permissions.md), ab- und anmelden, dann wieder live gehen.</translation>
    </message>
    <message>
        <source>/dev/uinput cannot be opened: %1.</source>
        <translation>/dev/uinput kann nicht geöffnet werden: %1.</translation>
    </message>
    <message>
        <source>See docs/permissions.md.</source>
        <translation>Siehe docs/permissions.md.</translation>
    </message>
    <message>
        <source>The kernel refused to make %1: %2.</source>
        <translation>Der Kernel lehnte es ab, %1 zu machen: %2.</translation>
    </message>
    <message>
        <source>Check its name and shape, then go live again.</source>
        <translation>Seinen Namen und seine Form prüfen, dann wieder live gehen.</translation>
    </message>
    <message>
        <source>The virtual device is gone.</source>
        <translation>Das virtuelle Gerät ist weg.</translation>
    </message>
    <message>
        <source>Go live again.</source>
        <translation>Wieder live gehen.</translation>
    </message>
    <message>
        <source>This entry is out of order.</source>
        <translation>Dieser Eintrag ist nicht in Ordnung.</translation>
    </message>
    <message>
        <source>Expected %1 numbers, the first a time not before the last one.</source>
        <translation>Erwartet: %1 Zahlen, die erste eine Zeit, nicht vor der vorigen.</translation>
    </message>
    <message>
        <source>%1 has no travel.</source>
        <translation>%1 hat keinen Weg.</translation>
    </message>
    <message>
        <source>Expected low &lt; high.</source>
        <translation>Erwartet: low &lt; high.</translation>
    </message>
    <message>
        <source>This is no world file of version 1: it does not begin with {&quot;world&quot;: 1.</source>
        <translation>Das ist keine Weltdatei der Version 1: sie beginnt nicht mit {&quot;world&quot;: 1.</translation>
    </message>
    <message>
        <source>Choose a world file; docs/formats/world.md says what is in one.</source>
        <translation>Eine Weltdatei wählen; docs/formats/world.md sagt, was darin steht.</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>short</source>
        <translation>kurz</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>twice</source>
        <translation>doppelt</translation>
    </message>
    <message>
        <source>left right</source>
        <translation>links rechts</translation>
    </message>
    <message>
        <source>up down</source>
        <translation>hoch runter</translation>
    </message>
    <message>
        <source>roll</source>
        <translation>Rollen</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Nicken</translation>
    </message>
    <message>
        <source>back</source>
        <translation>zurück</translation>
    </message>
    <message>
        <source>yaw</source>
        <translation>Gieren</translation>
    </message>
    <message>
        <source>rudder</source>
        <translation>Seitenruder</translation>
    </message>
    <message>
        <source>left toe brake</source>
        <translation>linke Zehenbremse</translation>
    </message>
    <message>
        <source>right toe brake</source>
        <translation>rechte Zehenbremse</translation>
    </message>
    <message>
        <source>power lever</source>
        <translation>Leistungshebel</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>left power lever</source>
        <translation>linker Leistungshebel</translation>
    </message>
    <message>
        <source>right power lever</source>
        <translation>rechter Leistungshebel</translation>
    </message>
    <message>
        <source>propeller lever</source>
        <translation>Propellerhebel</translation>
    </message>
    <message>
        <source>mixture lever</source>
        <translation>Gemischhebel</translation>
    </message>
    <message>
        <source>flap lever</source>
        <translation>Klappenhebel</translation>
    </message>
    <message>
        <source>air brake lever</source>
        <translation>Luftbremsenhebel</translation>
    </message>
    <message>
        <source>collective</source>
        <translation>kollektiv</translation>
    </message>
    <message>
        <source>trim wheel</source>
        <translation>Trimmrad</translation>
    </message>
    <message>
        <source>tiller</source>
        <translation>Bugradsteuerung</translation>
    </message>
    <message>
        <source>steering</source>
        <translation>Lenkung</translation>
    </message>
    <message>
        <source>accelerator</source>
        <translation>Beschleunigung</translation>
    </message>
    <message>
        <source>brake</source>
        <translation>Bremse</translation>
    </message>
    <message>
        <source>clutch</source>
        <translation>Kupplung</translation>
    </message>
    <message>
        <source>hand brake</source>
        <translation>Handbremse</translation>
    </message>
    <message>
        <source>pulled</source>
        <translation>gezogen</translation>
    </message>
    <message>
        <source>look left-right</source>
        <translation>Blick links-rechts</translation>
    </message>
    <message>
        <source>look up-down</source>
        <translation>Blick hoch-runter</translation>
    </message>
    <message>
        <source>trigger</source>
        <translation>Abzug</translation>
    </message>
    <message>
        <source>modifier</source>
        <translation>Umschalter</translation>
    </message>
    <message>
        <source>push to talk</source>
        <translation>Sprechtaste</translation>
    </message>
    <message>
        <source>brake button</source>
        <translation>Bremstaste</translation>
    </message>
    <message>
        <source>gear up</source>
        <translation>Fahrwerk ein</translation>
    </message>
    <message>
        <source>gear down</source>
        <translation>Fahrwerk aus</translation>
    </message>
    <message>
        <source>flaps up</source>
        <translation>Klappen ein</translation>
    </message>
    <message>
        <source>flaps down</source>
        <translation>Klappen aus</translation>
    </message>
    <message>
        <source>shift up</source>
        <translation>hochschalten</translation>
    </message>
    <message>
        <source>shift down</source>
        <translation>runterschalten</translation>
    </message>
    <message>
        <source>look around</source>
        <translation>umsehen</translation>
    </message>
    <message>
        <source>dial</source>
        <translation>Drehknopf</translation>
    </message>
    <message>
        <source>pushed</source>
        <translation>geschoben</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message numerus="yes">
        <source>Wake it by a press on it; its %n strand waits for it.</source>
        <translation>
            <numerusform>Durch einen Druck darauf wecken; sein %n Strang wartet darauf.</numerusform>
            <numerusform>Durch einen Druck darauf wecken; seine %n Stränge warten darauf.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Plug it in; its %n strand waits for it.</source>
        <translation>
            <numerusform>Einstecken; sein %n Strang wartet darauf.</numerusform>
            <numerusform>Einstecken; seine %n Stränge warten darauf.</numerusform>
        </translation>
    </message>
    <message>
        <source>toggle, on, off</source>
        <translation>Kippschalter, ein, aus</translation>
    </message>
    <message>
        <source>bounce, chatter</source>
        <translation>prellen, flattern</translation>
    </message>
    <message>
        <source>wait</source>
        <translation>warten</translation>
    </message>
    <message>
        <source>zones, detents, rotary</source>
        <translation>Zonen, Rasten, Drehschalter</translation>
    </message>
    <message>
        <source>toggle, lock</source>
        <translation>umschalten, sperren</translation>
    </message>
    <message>
        <source>trim, increment, step</source>
        <translation>Trimmung, erhöhen, Schritt</translation>
    </message>
    <message>
        <source>flaps, selector</source>
        <translation>Klappen, Wahlschalter</translation>
    </message>
    <message>
        <source>short, long, double</source>
        <translation>kurz, lang, doppelt</translation>
    </message>
    <message>
        <source>keys, pedal</source>
        <translation>Tasten, Pedal</translation>
    </message>
    <message>
        <source>steps, encoder</source>
        <translation>Schritte, Drehgeber</translation>
    </message>
    <message>
        <source>autofire, rapid</source>
        <translation>Dauerfeuer, schnell</translation>
    </message>
    <message>
        <source>value, preset</source>
        <translation>Wert, Vorgabe</translation>
    </message>
    <message>
        <source>on, off</source>
        <translation>ein, aus</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>threshold, zone, trigger, lever</source>
        <translation>Schwelle, Zone, Abzug, Hebel</translation>
    </message>
    <message>
        <source>toggle, selector, positions</source>
        <translation>Kippschalter, Wahlschalter, Stellungen</translation>
    </message>
    <message>
        <source>selector, up, down</source>
        <translation>Wahlschalter, auf, ab</translation>
    </message>
    <message>
        <source>modifier, alone</source>
        <translation>Umschalttaste, allein</translation>
    </message>
    <message>
        <source>the first half counts</source>
        <translation>die erste Hälfte zählt</translation>
    </message>
    <message>
        <source>the later half counts</source>
        <translation>die spätere Hälfte zählt</translation>
    </message>
    <message>
        <source>up or down counts</source>
        <translation>oben oder unten zählt</translation>
    </message>
    <message>
        <source>left or right counts</source>
        <translation>links oder rechts zählt</translation>
    </message>
    <message>
        <source>Takes the diagonals of the hat away.</source>
        <translation>Nimmt dem Hat die Diagonalen.</translation>
    </message>
    <message>
        <source>diagonals, thumb, cross</source>
        <translation>Diagonalen, Daumen, Kreuz</translation>
    </message>
    <message>
        <source>of a diagonal counts</source>
        <translation>von einer Diagonale zählt</translation>
    </message>
    <message>
        <source>the first half</source>
        <translation>die erste Hälfte</translation>
    </message>
    <message>
        <source>the later half</source>
        <translation>die spätere Hälfte</translation>
    </message>
    <message>
        <source>up or down</source>
        <translation>oben oder unten</translation>
    </message>
    <message>
        <source>left or right</source>
        <translation>links oder rechts</translation>
    </message>
    <message>
        <source>buttons to hat</source>
        <translation>Tasten zum Hat</translation>
    </message>
    <message>
        <source>ministick, view</source>
        <translation>Ministick, Blick</translation>
    </message>
    <message>
        <source>four buttons, view</source>
        <translation>vier Tasten, Blick</translation>
    </message>
    <message>
        <source>cross</source>
        <translation>Kreuz</translation>
    </message>
    <message>
        <source>rotate</source>
        <translation>drehen</translation>
    </message>
    <message>
        <source>mix, join, differential</source>
        <translation>mischen, verbinden, Differenz</translation>
    </message>
    <message>
        <source>undo the sim, linear</source>
        <translation>Simulator ausgleichen, linear</translation>
    </message>
    <message>
        <source>sensitivity, expo, response</source>
        <translation>Empfindlichkeit, Expo, Antwort</translation>
    </message>
    <message>
        <source>drift, play, deadband, null</source>
        <translation>Drift, Spiel, Nullzone, Ruhe</translation>
    </message>
    <message>
        <source>notch, gate, step</source>
        <translation>Kerbe, Raste, Stufe</translation>
    </message>
    <message>
        <source>speed, rate control, cursor</source>
        <translation>Geschwindigkeit, Rate, Zeiger</translation>
    </message>
    <message>
        <source>limit, gate, reverser</source>
        <translation>Grenze, Sperre, Umkehrschub</translation>
    </message>
    <message>
        <source>one side, trigger</source>
        <translation>eine Seite, Abzug</translation>
    </message>
    <message>
        <source>freeze, force trim</source>
        <translation>einfrieren, Krafttrimmung</translation>
    </message>
    <message>
        <source>reverse, flip, direction</source>
        <translation>umkehren, drehen, Richtung</translation>
    </message>
    <message>
        <source>anti dead zone, minimum</source>
        <translation>Gegen-Totzone, Mindestwert</translation>
    </message>
    <message>
        <source>rate limit, slow</source>
        <translation>Tempo begrenzen, langsam</translation>
    </message>
    <message>
        <source>saturation, range, degrees, rotation</source>
        <translation>Sättigung, Bereich, Grad, Drehwinkel</translation>
    </message>
    <message>
        <source>drift, radial, stick</source>
        <translation>Drift, radial, Stick</translation>
    </message>
    <message>
        <source>gain, offset, limit</source>
        <translation>Verstärkung, Versatz, Grenze</translation>
    </message>
    <message>
        <source>saturation, response</source>
        <translation>Sättigung, Antwort</translation>
    </message>
    <message>
        <source>noise, filter, glitch</source>
        <translation>Rauschen, Filter, Störung</translation>
    </message>
    <message>
        <source>recentre, return</source>
        <translation>zentrieren, zurückkehren</translation>
    </message>
    <message>
        <source>how it feels</source>
        <translation>wie sie sich anfühlt</translation>
    </message>
    <message>
        <source>its ends and direction</source>
        <translation>Enden und Richtung</translation>
    </message>
    <message>
        <source>buttons from it</source>
        <translation>Tasten daraus</translation>
    </message>
    <message>
        <source>an axis from it</source>
        <translation>eine Achse daraus</translation>
    </message>
    <message>
        <source>in time</source>
        <translation>in der Zeit</translation>
    </message>
    <message>
        <source>with other controls</source>
        <translation>mit anderen Bedienelementen</translation>
    </message>
    <message>
        <source>jitter, smooth, filter, noise</source>
        <translation>Zittern, glätten, Filter, Rauschen</translation>
    </message>
    <message>
        <source>jitter, sleep</source>
        <translation>Zittern, schlafen</translation>
    </message>
    <message>
        <source>offset</source>
        <translation>Versatz</translation>
    </message>
    <message>
        <source>Only what goes one way, as a pedal, a trigger or a key, can be half of an axis.</source>
        <translation>Nur was in eine Richtung geht wie ein Pedal, ein Abzug oder eine Taste, kann die Hälfte einer Achse sein.</translation>
    </message>
    <message>
        <source>Lead it to the whole axis, or put the stage &quot;half&quot; in front.</source>
        <translation>Zur ganzen Achse führen, oder die Stufe „Hälfte“ davor setzen.</translation>
    </message>
    <message>
        <source>%1 rests at its low end, in every game.</source>
        <translation>%1 ruht in jedem Spiel am unteren Ende.</translation>
    </message>
    <message>
        <source>Lead it to an axis that rests in the middle.</source>
        <translation>Zu einer Achse führen, die in der Mitte ruht.</translation>
    </message>
    <message>
        <source>pointer, wheel, encoder, dial</source>
        <translation>Zeiger, Rad, Drehgeber</translation>
    </message>
    <message>
        <source>pointer</source>
        <translation>Zeiger</translation>
    </message>
    <message>
        <source>sensitivity</source>
        <translation>Empfindlichkeit</translation>
    </message>
    <message>
        <source>wheel, scroll</source>
        <translation>Rad, scrollen</translation>
    </message>
    <message>
        <source>encoder, dial, rotary</source>
        <translation>Drehgeber, Drehknopf</translation>
    </message>
    <message>
        <source>while the layer %1 is not engaged</source>
        <translation>während die Ebene %1 nicht aktiv ist</translation>
    </message>
    <message>
        <source>while the layer %1 is engaged</source>
        <translation>während die Ebene %1 aktiv ist</translation>
    </message>
    <message>
        <source>while %1 is not pressed</source>
        <translation>während %1 nicht gedrückt ist</translation>
    </message>
    <message>
        <source>while %1 is pressed</source>
        <translation>während %1 gedrückt ist</translation>
    </message>
    <message>
        <source>  &quot;%1&quot; (%2) %3.</source>
        <translation>  „%1“ (%2) %3.</translation>
    </message>
    <message>
        <source>In the layer %1, everywhere:</source>
        <translation>In der Ebene %1, überall:</translation>
    </message>
    <message>
        <source>In the layer %1, for %2:</source>
        <translation>In der Ebene %1, für %2:</translation>
    </message>
    <message>
        <source>%1, outlet &quot;%2&quot; (%3),</source>
        <translation>%1, Ausgang „%2“ (%3),</translation>
    </message>
    <message>
        <source>A virtual joystick of its own</source>
        <translation>Ein eigener virtueller Joystick</translation>
    </message>
    <message>
        <source>As large as it is, its controls in their order.</source>
        <translation>So groß wie er selbst, die Bedienelemente in ihrer Reihenfolge.</translation>
    </message>
    <message>
        <source>What is free</source>
        <translation>Was frei ist</translation>
    </message>
    <message>
        <source>The free places of the joysticks that are there, then a new one.</source>
        <translation>Die freien Plätze der vorhandenen Joysticks, dann ein neuer.</translation>
    </message>
    <message>
        <source>A standard gamepad</source>
        <translation>Ein übliches Gamepad</translation>
    </message>
    <message>
        <source>Sticks, triggers, cross and buttons where every game expects them.</source>
        <translation>Sticks, Abzüge, Kreuz und Tasten, wo jedes Spiel sie erwartet.</translation>
    </message>
    <message>
        <source>Keys as a gamepad</source>
        <translation>Tasten als Gamepad</translation>
    </message>
    <message>
        <source>W, A, S, D and the arrows are the sticks, Z and X the triggers, Space and the keys around are buttons.</source>
        <translation>W, A, S, D und die Pfeile sind die Sticks, Z und X die Abzüge, die Leertaste und die Tasten ringsum sind Knöpfe.</translation>
    </message>
    <message>
        <source>The pointer as a stick</source>
        <translation>Der Zeiger als Stick</translation>
    </message>
    <message>
        <source>Its motion moves two axes, its wheel a third; buttons are buttons.</source>
        <translation>Seine Bewegung bewegt zwei Achsen, sein Rad eine dritte; Tasten sind Tasten.</translation>
    </message>
    <message>
        <source>Nothing of %1 is left that could be led so.</source>
        <translation>Von %1 ist nichts übrig, das so geführt werden könnte.</translation>
    </message>
    <message>
        <source>Take strands of it away first, or choose another way.</source>
        <translation>Erst Stränge davon wegnehmen, oder einen anderen Weg wählen.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; leads an axis that rests in its middle to half of %2.</source>
        <translation>Strang „%1“ führt eine Achse, die in der Mitte ruht, zu einer Hälfte von %2.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; makes an axis that rests at its low end and leads it to %2, which rests in its middle.</source>
        <translation>Strang „%1“ macht eine Achse, die am unteren Ende ruht, und führt sie zu %2, das in der Mitte ruht.</translation>
    </message>
    <message>
        <source>Strand &quot;%1&quot; makes an axis that rests in its middle and leads it to %2, which rests at its low end.</source>
        <translation>Strang „%1“ macht eine Achse, die in der Mitte ruht, und führt sie zu %2, das am unteren Ende ruht.</translation>
    </message>
    <message>
        <source>Let its stage rest where the virtual axis does.</source>
        <translation>Seine Stufe ruhen lassen, wo die virtuelle Achse ruht.</translation>
    </message>
    <message>
        <source>Let its stage rest there, too</source>
        <translation>Auch seine Stufe da ruhen lassen</translation>
    </message>
    <message>
        <source>S</source>
        <translation>S</translation>
    </message>
    <message>
        <source>E</source>
        <translation>O</translation>
    </message>
    <message>
        <source>W</source>
        <translation>W</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>L1</source>
        <translation>L1</translation>
    </message>
    <message>
        <source>R1</source>
        <translation>R1</translation>
    </message>
    <message>
        <source>L2</source>
        <translation>L2</translation>
    </message>
    <message>
        <source>R2</source>
        <translation>R2</translation>
    </message>
    <message>
        <source>L</source>
        <translation>L</translation>
    </message>
    <message>
        <source>R</source>
        <translation>R</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tab</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Rücktaste</translation>
    </message>
    <message>
        <source>Caps Lock</source>
        <translation>Feststelltaste</translation>
    </message>
    <message>
        <source>left Ctrl</source>
        <translation>Strg links</translation>
    </message>
    <message>
        <source>right Ctrl</source>
        <translation>Strg rechts</translation>
    </message>
    <message>
        <source>left Shift</source>
        <translation>Umschalt links</translation>
    </message>
    <message>
        <source>right Shift</source>
        <translation>Umschalt rechts</translation>
    </message>
    <message>
        <source>left Alt</source>
        <translation>Alt links</translation>
    </message>
    <message>
        <source>right Alt</source>
        <translation>Alt rechts</translation>
    </message>
    <message>
        <source>left Meta</source>
        <translation>Meta links</translation>
    </message>
    <message>
        <source>right Meta</source>
        <translation>Meta rechts</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>left arrow</source>
        <translation>Pfeil links</translation>
    </message>
    <message>
        <source>right arrow</source>
        <translation>Pfeil rechts</translation>
    </message>
    <message>
        <source>up arrow</source>
        <translation>Pfeil auf</translation>
    </message>
    <message>
        <source>down arrow</source>
        <translation>Pfeil ab</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Pos1</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>Page Up</source>
        <translation>Bild auf</translation>
    </message>
    <message>
        <source>Page Down</source>
        <translation>Bild ab</translation>
    </message>
    <message>
        <source>Insert</source>
        <translation>Einfg</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Entf</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>Scroll Lock</source>
        <translation>Rollen</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Num Lock</source>
        <translation>Num</translation>
    </message>
    <message>
        <source>-</source>
        <translation>-</translation>
    </message>
    <message>
        <source>=</source>
        <translation>=</translation>
    </message>
    <message>
        <source>[</source>
        <translation>[</translation>
    </message>
    <message>
        <source>]</source>
        <translation>]</translation>
    </message>
    <message>
        <source>;</source>
        <translation>;</translation>
    </message>
    <message>
        <source>&apos;</source>
        <translation>&apos;</translation>
    </message>
    <message>
        <source>`</source>
        <translation>`</translation>
    </message>
    <message>
        <source>\</source>
        <translation>\</translation>
    </message>
    <message>
        <source>,</source>
        <translation>,</translation>
    </message>
    <message>
        <source>.</source>
        <translation>.</translation>
    </message>
    <message>
        <source>/</source>
        <translation>/</translation>
    </message>
    <message>
        <source>&lt;</source>
        <translation>&lt;</translation>
    </message>
    <message>
        <source>keypad *</source>
        <translation>Nummernblock *</translation>
    </message>
    <message>
        <source>keypad +</source>
        <translation>Nummernblock +</translation>
    </message>
    <message>
        <source>keypad -</source>
        <translation>Nummernblock -</translation>
    </message>
    <message>
        <source>keypad /</source>
        <translation>Nummernblock /</translation>
    </message>
    <message>
        <source>keypad .</source>
        <translation>Nummernblock .</translation>
    </message>
    <message>
        <source>keypad Enter</source>
        <translation>Nummernblock Eingabe</translation>
    </message>
    <message>
        <source>keypad 0</source>
        <translation>Nummernblock 0</translation>
    </message>
    <message>
        <source>keypad 1</source>
        <translation>Nummernblock 1</translation>
    </message>
    <message>
        <source>keypad 2</source>
        <translation>Nummernblock 2</translation>
    </message>
    <message>
        <source>keypad 3</source>
        <translation>Nummernblock 3</translation>
    </message>
    <message>
        <source>keypad 4</source>
        <translation>Nummernblock 4</translation>
    </message>
    <message>
        <source>keypad 5</source>
        <translation>Nummernblock 5</translation>
    </message>
    <message>
        <source>keypad 6</source>
        <translation>Nummernblock 6</translation>
    </message>
    <message>
        <source>keypad 7</source>
        <translation>Nummernblock 7</translation>
    </message>
    <message>
        <source>keypad 8</source>
        <translation>Nummernblock 8</translation>
    </message>
    <message>
        <source>keypad 9</source>
        <translation>Nummernblock 9</translation>
    </message>
    <message>
        <source>left stick press</source>
        <translation>linker Stick gedrückt</translation>
    </message>
    <message>
        <source>right stick press</source>
        <translation>rechter Stick gedrückt</translation>
    </message>
    <message>
        <source>se</source>
        <translation>se</translation>
    </message>
    <message>
        <source>st</source>
        <translation>st</translation>
    </message>
    <message>
        <source>mo</source>
        <translation>mo</translation>
    </message>
</context>
<context>
    <name>jolly::app::AcrossCard</name>
    <message>
        <source>A press ends in the layer where it began, whatever is engaged or let go meanwhile; nothing sticks.</source>
        <translation>Ein Druck endet in der Ebene, in der er begann, was auch immer inzwischen eingeschaltet oder losgelassen wird; nichts bleibt hängen.</translation>
    </message>
    <message>
        <source>%1 across the stack</source>
        <translation>%1 quer durch den Stapel</translation>
    </message>
    <message>
        <source>Touch a control to see it across the stack</source>
        <translation>Ein Bedienelement berühren, um es quer durch den Stapel zu sehen</translation>
    </message>
    <message>
        <source>touched last</source>
        <translation>zuletzt berührt</translation>
    </message>
</context>
<context>
    <name>jolly::app::AcrossCell</name>
    <message>
        <source>shows through</source>
        <translation>lässt durchscheinen</translation>
    </message>
    <message>
        <source>%1: %2, runs now</source>
        <translation>%1: %2, läuft jetzt</translation>
    </message>
    <message>
        <source>%1: %2
A click works in this layer.</source>
        <translation>%1: %2
Ein Klick arbeitet in dieser Ebene.</translation>
    </message>
    <message>
        <source>runs now</source>
        <translation>läuft jetzt</translation>
    </message>
    <message>
        <source>inherited</source>
        <translation>geerbt</translation>
    </message>
</context>
<context>
    <name>jolly::app::ArrangeCard</name>
    <message>
        <source>Drag parts until they look like the hardware; the corner resizes. Shift-click adds a part, a frame chooses several. Keys: arrows move, Shift and arrows resize, Tab goes on, G groups, Escape ends. Everything can be undone.</source>
        <translation>Teile ziehen, bis es wie das Gerät aussieht; die Ecke ändert die Größe. Umschalt-Klick nimmt ein Teil hinzu, ein Rahmen wählt mehrere. Tasten: Pfeile verschieben, mit Umschalt ändern sie die Größe, Tab geht weiter, G gruppiert, Escape beendet. Alles lässt sich rückgängig machen.</translation>
    </message>
    <message>
        <source>What the controller is drawn as</source>
        <translation>Als was der Controller gezeichnet wird</translation>
    </message>
    <message>
        <source>stick</source>
        <translation>Stick</translation>
    </message>
    <message>
        <source>throttle</source>
        <translation>Schubhebel</translation>
    </message>
    <message>
        <source>pedals</source>
        <translation>Pedale</translation>
    </message>
    <message>
        <source>wheel</source>
        <translation>Lenkrad</translation>
    </message>
    <message>
        <source>button box</source>
        <translation>Knopfkasten</translation>
    </message>
    <message>
        <source>gamepad</source>
        <translation>Gamepad</translation>
    </message>
    <message>
        <source>keyboard</source>
        <translation>Tastatur</translation>
    </message>
    <message>
        <source>pointer</source>
        <translation>Zeiger</translation>
    </message>
    <message>
        <source>Name of the chosen part or group</source>
        <translation>Name des gewählten Teils oder der Gruppe</translation>
    </message>
    <message>
        <source>Drawn as</source>
        <translation>Gezeichnet als</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppieren</translation>
    </message>
    <message>
        <source>Take apart</source>
        <translation>Auflösen</translation>
    </message>
    <message>
        <source>Lay out anew</source>
        <translation>Neu anordnen</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exportieren…</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Importieren…</translation>
    </message>
    <message>
        <source>A small file with names, kinds and places, for the same hardware</source>
        <translation>Eine kleine Datei mit Namen, Arten und Plätzen, für das gleiche Gerät</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>kind of controller</source>
        <translation>Art des Controllers</translation>
    </message>
    <message>
        <source>Arrange %1</source>
        <translation>%1 anordnen</translation>
    </message>
    <message>
        <source>its name</source>
        <translation>sein Name</translation>
    </message>
    <message>
        <source>choose a part</source>
        <translation>ein Teil wählen</translation>
    </message>
</context>
<context>
    <name>jolly::app::ArrangeOverlay</name>
    <message>
        <source>Arrange the faceplate: arrow keys move, with Shift they resize</source>
        <translation>Die Frontplatte anordnen: Pfeiltasten verschieben, mit Umschalt ändern sie die Größe</translation>
    </message>
    <message>
        <source>resize part</source>
        <translation>Größe eines Teils</translation>
    </message>
    <message>
        <source>move part</source>
        <translation>Teil verschieben</translation>
    </message>
    <message>
        <source>Choose the parts first: click one, and more with Shift held, or draw a frame around them.</source>
        <translation>Erst die Teile wählen: eines anklicken, weitere mit gehaltener Umschalttaste, oder einen Rahmen darum ziehen.</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppieren</translation>
    </message>
    <message>
        <source>group parts</source>
        <translation>Teile gruppieren</translation>
    </message>
    <message>
        <source>Choose a group first, by its border or its label.</source>
        <translation>Erst eine Gruppe wählen, an ihrem Rand oder ihrer Beschriftung.</translation>
    </message>
    <message>
        <source>take group apart</source>
        <translation>Gruppe auflösen</translation>
    </message>
    <message>
        <source>lay out anew</source>
        <translation>neu anordnen</translation>
    </message>
    <message>
        <source>label group</source>
        <translation>Gruppe beschriften</translation>
    </message>
    <message>
        <source>A switch needs a name.</source>
        <translation>Ein Schalter braucht einen Namen.</translation>
    </message>
    <message>
        <source>rename switch</source>
        <translation>Schalter umbenennen</translation>
    </message>
    <message>
        <source>rename control</source>
        <translation>Bedienelement umbenennen</translation>
    </message>
</context>
<context>
    <name>jolly::app::AxisList</name>
    <message>
        <source>The strands that begin at an axis</source>
        <translation>Die Stränge, die an einer Achse beginnen</translation>
    </message>
</context>
<context>
    <name>jolly::app::CalibrationCard</name>
    <message>
        <source>ends</source>
        <translation>Enden</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>notches</source>
        <translation>Rasten</translation>
    </message>
    <message>
        <source>verdict</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>Step %1 of %2 · %3</source>
        <translation>Schritt %1 von %2 · %3</translation>
    </message>
    <message>
        <source>Move everything slowly to both of its ends. Each axis ticks itself off.</source>
        <translation>Alles langsam an beide Enden bewegen. Jede Achse hakt sich selbst ab.</translation>
    </message>
    <message>
        <source>Push what springs back well to one side and let go, three times, from different sides. Pull levers to their idle end, three times. Then take your hands off.</source>
        <translation>Was zurückfedert, weit zur Seite drücken und loslassen, dreimal, von verschiedenen Seiten. Hebel dreimal an ihr Leerlauf-Ende ziehen. Dann die Hände wegnehmen.</translation>
    </message>
    <message>
        <source>If a lever has notches: put it into one, wait a moment, press Capture. In any order; the lever you moved last is meant. The same notch again makes it surer.</source>
        <translation>Hat ein Hebel Rasten: in eine stellen, einen Moment warten, „Erfassen“ drücken. In beliebiger Folge; gemeint ist der zuletzt bewegte Hebel. Die gleiche Raste noch einmal macht sie sicherer.</translation>
    </message>
    <message>
        <source>What is ticked will be set. It is one step of the history: undo takes it back.</source>
        <translation>Was angehakt ist, wird gesetzt. Es ist ein einziger Schritt: Rückgängig nimmt ihn zurück.</translation>
    </message>
    <message>
        <source>Capture the notch</source>
        <translation>Raste erfassen</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Verlassen</translation>
    </message>
    <message>
        <source>Begin anew</source>
        <translation>Neu beginnen</translation>
    </message>
    <message>
        <source>Forget calibration</source>
        <translation>Kalibrierung vergessen</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>The walk waits until you go on with it</source>
        <translation>Der Gang wartet, bis du ihn fortsetzt</translation>
    </message>
    <message>
        <source>Back to the ends and the rest that the device itself tells</source>
        <translation>Zurück zu den Enden und der Ruhe, die das Gerät selbst nennt</translation>
    </message>
    <message>
        <source>Calibrate %1</source>
        <translation>%1 kalibrieren</translation>
    </message>
    <message>
        <source>The calibration waits: its controller went away. Go on when it is back.</source>
        <translation>Die Kalibrierung wartet: ihr Controller ist weg. Weiter geht es, wenn er zurück ist.</translation>
    </message>
    <message>
        <source>Set what is ticked</source>
        <translation>Angehaktes setzen</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>calibrate %1</source>
        <translation>%1 kalibrieren</translation>
    </message>
    <message>
        <source>%1 is calibrated. Undo takes it back.</source>
        <translation>%1 ist kalibriert. Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>forget calibration</source>
        <translation>Kalibrierung vergessen</translation>
    </message>
    <message>
        <source>%1 is as the device tells it. Undo brings its calibration back.</source>
        <translation>%1 ist so, wie das Gerät es nennt. Rückgängig bringt die Kalibrierung wieder.</translation>
    </message>
    <message>
        <source>Nothing was ticked: %1 stays as it was.</source>
        <translation>Nichts war angehakt: %1 bleibt, wie es war.</translation>
    </message>
</context>
<context>
    <name>jolly::app::CalibrationRow</name>
    <message>
        <source>rests at its low end</source>
        <translation>ruht am unteren Ende</translation>
    </message>
    <message>
        <source>rests in the middle</source>
        <translation>ruht in der Mitte</translation>
    </message>
    <message>
        <source>%1 (was: %2)</source>
        <translation>%1 (war: %2)</translation>
    </message>
    <message>
        <source>ends %1 and %2 (were %3 and %4)</source>
        <translation>Enden %1 und %2 (waren %3 und %4)</translation>
    </message>
    <message>
        <source>rest %1 (was %2)</source>
        <translation>Ruhe %1 (war %2)</translation>
    </message>
    <message>
        <source>noise %1 (was %2)</source>
        <translation>Rauschen %1 (war %2)</translation>
    </message>
    <message numerus="yes">
        <source>%n notch(es)</source>
        <translation>
            <numerusform>%n Raste</numerusform>
            <numerusform>%n Rasten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>dead zone %1 on %n strand(s)</source>
        <translation>
            <numerusform>Totzone %1 auf %n Strang</numerusform>
            <numerusform>Totzone %1 auf %n Strängen</numerusform>
        </translation>
    </message>
    <message>
        <source>Sets %1.</source>
        <translation>Setzt %1.</translation>
    </message>
    <message>
        <source>%1 of its travel</source>
        <translation>%1 seines Wegs</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 captured</source>
        <translation>%1 erfasst</translation>
    </message>
</context>
<context>
    <name>jolly::app::ChartCard</name>
    <message>
        <source>Keep this one</source>
        <translation>Dieses behalten</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>thin: the hand · thick: what we sent · dots: what a game read</source>
        <translation>dünn: die Hand · dick: was wir sandten · Punkte: was ein Spiel las</translation>
    </message>
    <message>
        <source>Raw, sent, read back</source>
        <translation>Roh, gesandt, zurückgelesen</translation>
    </message>
    <message>
        <source>Draw the selected control, too, whatever is selected next</source>
        <translation>Auch das gewählte Bedienelement zeichnen, was immer als nächstes gewählt wird</translation>
    </message>
    <message>
        <source>How much of the past is drawn; the wheel zooms, too</source>
        <translation>Wie viel Vergangenheit gezeichnet wird; das Mausrad zoomt auch</translation>
    </message>
    <message>
        <source>Strip chart</source>
        <translation>Schreiber</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>−%1 s</source>
        <translation>−%1 s</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message numerus="yes">
        <source>%n control(s) are drawn already; take one out first.</source>
        <translation>
            <numerusform>%n Bedienelement ist schon gezeichnet; erst eines herausnehmen.</numerusform>
            <numerusform>%n Bedienelemente sind schon gezeichnet; erst eines herausnehmen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>The selected control</source>
        <translation>Das gewählte Bedienelement</translation>
    </message>
</context>
<context>
    <name>jolly::app::ChordField</name>
    <message>
        <source>Choose on a drawing</source>
        <translation>Auf einer Zeichnung wählen</translation>
    </message>
    <message>
        <source>Take these keys</source>
        <translation>Diese Tasten nehmen</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Aufgeben</translation>
    </message>
    <message>
        <source>That key cannot be told from others. Press another one.</source>
        <translation>Diese Taste ist von anderen nicht zu unterscheiden. Eine andere drücken.</translation>
    </message>
    <message>
        <source>Click the keys that are pressed together.</source>
        <translation>Die Tasten anklicken, die zusammen gedrückt werden.</translation>
    </message>
    <message>
        <source>Press the keys together, then let go.</source>
        <translation>Die Tasten zusammen drücken, dann loslassen.</translation>
    </message>
</context>
<context>
    <name>jolly::app::ControlFacts</name>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Raw count</source>
        <translation>Rohwert</translation>
    </message>
    <message>
        <source>Name of the control</source>
        <translation>Name des Bedienelements</translation>
    </message>
    <message>
        <source>What the control is for</source>
        <translation>Wofür das Bedienelement ist</translation>
    </message>
    <message>
        <source>How the control behaves</source>
        <translation>Wie sich das Bedienelement verhält</translation>
    </message>
    <message>
        <source>Which way of the hand is more</source>
        <translation>Welche Richtung der Hand mehr ist</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Role</source>
        <translation>Rolle</translation>
    </message>
    <message>
        <source>Behaves</source>
        <translation>Verhalten</translation>
    </message>
    <message>
        <source>More is</source>
        <translation>Mehr ist</translation>
    </message>
    <message>
        <source>rename control</source>
        <translation>Bedienelement umbenennen</translation>
    </message>
    <message>
        <source>direction of axis</source>
        <translation>Richtung der Achse</translation>
    </message>
    <message>
        <source>kind of control</source>
        <translation>Art des Bedienelements</translation>
    </message>
    <message>
        <source>Range seen</source>
        <translation>Gesehener Bereich</translation>
    </message>
    <message>
        <source>Rests at</source>
        <translation>Ruht bei</translation>
    </message>
    <message>
        <source>Noise at rest</source>
        <translation>Rauschen in Ruhe</translation>
    </message>
    <message>
        <source>Spikes</source>
        <translation>Ausreißer</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Auflösung</translation>
    </message>
    <message>
        <source>Where the axis dwelt since it was first selected</source>
        <translation>Wo die Achse war, seit sie zuerst gewählt wurde</translation>
    </message>
    <message>
        <source>Dwells</source>
        <translation>Verweilt</translation>
    </message>
    <message>
        <source>Only this axis…</source>
        <translation>Nur diese Achse…</translation>
    </message>
    <message>
        <source>role of control</source>
        <translation>Rolle des Bedienelements</translation>
    </message>
    <message>
        <source>set axes straight</source>
        <translation>Achsen geradlinig</translation>
    </message>
    <message>
        <source>leave axes to the kernel</source>
        <translation>Achsen dem Kernel überlassen</translation>
    </message>
    <message>
        <source>Move a control to see all about it here.</source>
        <translation>Ein Bedienelement bewegen, um hier alles darüber zu sehen.</translation>
    </message>
    <message>
        <source>Go on calibrating %1…</source>
        <translation>%1 weiter kalibrieren…</translation>
    </message>
    <message>
        <source>Calibrate %1…</source>
        <translation>%1 kalibrieren…</translation>
    </message>
    <message>
        <source>What the kernel did to this axis is switched off while Jolly Tangle runs.</source>
        <translation>Was der Kernel mit dieser Achse tat, ist abgeschaltet, solange Jolly Tangle läuft.</translation>
    </message>
    <message>
        <source> Not now, while it is held.</source>
        <translation> Nicht jetzt, solange er gehalten wird.</translation>
    </message>
    <message>
        <source> That bends it a second time.</source>
        <translation> Das biegt sie ein zweites Mal.</translation>
    </message>
    <message>
        <source>Leave it to the kernel</source>
        <translation>Dem Kernel überlassen</translation>
    </message>
    <message>
        <source>Set its axes straight</source>
        <translation>Seine Achsen geradlinig machen</translation>
    </message>
    <message>
        <source>Take it so</source>
        <translation>So nehmen</translation>
    </message>
    <message>
        <source>Make them one selector…</source>
        <translation>Zu einem Wahlschalter machen…</translation>
    </message>
    <message>
        <source>let go to see it</source>
        <translation>loslassen, um es zu sehen</translation>
    </message>
    <message>
        <source>away</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>released</source>
        <translation>losgelassen</translation>
    </message>
</context>
<context>
    <name>jolly::app::ControllerFacts</name>
    <message>
        <source>USB</source>
        <translation>USB</translation>
    </message>
    <message>
        <source>Bluetooth</source>
        <translation>Bluetooth</translation>
    </message>
    <message>
        <source>made by a program</source>
        <translation>von einem Programm gemacht</translation>
    </message>
    <message>
        <source>bus %1</source>
        <translation>Bus %1</translation>
    </message>
    <message>
        <source>no control at all</source>
        <translation>gar kein Bedienelement</translation>
    </message>
    <message>
        <source>not told</source>
        <translation>nicht genannt</translation>
    </message>
    <message>
        <source>Your name for the controller</source>
        <translation>Dein Name für den Controller</translation>
    </message>
    <message>
        <source>Controller</source>
        <translation>Controller</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Er ist</translation>
    </message>
    <message>
        <source>Numbers</source>
        <translation>Nummern</translation>
    </message>
    <message>
        <source>Has</source>
        <translation>Hat</translation>
    </message>
    <message>
        <source>Port</source>
        <translation>Anschluss</translation>
    </message>
    <message>
        <source>Kernel</source>
        <translation>Kernel</translation>
    </message>
    <message>
        <source>Games</source>
        <translation>Spiele</translation>
    </message>
    <message>
        <source>How it is kept out of the games&apos; way</source>
        <translation>Wie er den Spielen aus dem Weg gehalten wird</translation>
    </message>
    <message>
        <source>While live</source>
        <translation>Solange live</translation>
    </message>
    <message>
        <source>Arrange its faceplate…</source>
        <translation>Frontplatte anordnen…</translation>
    </message>
    <message>
        <source>do not see it: it is away</source>
        <translation>sehen ihn nicht: er ist weg</translation>
    </message>
    <message>
        <source>list it, but do not hear it</source>
        <translation>führen ihn auf, hören ihn aber nicht</translation>
    </message>
    <message>
        <source>hear it until its buttons are let go</source>
        <translation>hören ihn, bis seine Tasten losgelassen sind</translation>
    </message>
    <message>
        <source>hear it as well</source>
        <translation>hören ihn auch</translation>
    </message>
    <message>
        <source>hear it</source>
        <translation>hören ihn</translation>
    </message>
    <message>
        <source>, serial %1</source>
        <translation>, Seriennummer %1</translation>
    </message>
    <message>
        <source>A controller needs a name.</source>
        <translation>Ein Controller braucht einen Namen.</translation>
    </message>
    <message>
        <source>Another controller is called %1 already.</source>
        <translation>Ein anderer Controller heißt schon %1.</translation>
    </message>
    <message>
        <source>rename controller</source>
        <translation>Controller umbenennen</translation>
    </message>
    <message>
        <source>hide controller</source>
        <translation>Controller verbergen</translation>
    </message>
</context>
<context>
    <name>jolly::app::ControllerPlates</name>
    <message>
        <source>which one is it?</source>
        <translation>welcher ist es?</translation>
    </message>
    <message>
        <source>away</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>not in the tangle yet</source>
        <translation>noch nicht im Geflecht</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>waits to be held</source>
        <translation>wartet auf das Halten</translation>
    </message>
    <message>
        <source>games hear it</source>
        <translation>Spiele hören ihn</translation>
    </message>
    <message>
        <source>present</source>
        <translation>da</translation>
    </message>
</context>
<context>
    <name>jolly::app::CounterWalk</name>
    <message>
        <source>just begins to react</source>
        <translation>gerade zu reagieren beginnt</translation>
    </message>
    <message>
        <source>shows a quarter</source>
        <translation>ein Viertel zeigt</translation>
    </message>
    <message>
        <source>shows a half</source>
        <translation>die Hälfte zeigt</translation>
    </message>
    <message>
        <source>shows three quarters</source>
        <translation>drei Viertel zeigt</translation>
    </message>
    <message>
        <source>shows all of it</source>
        <translation>alles zeigt</translation>
    </message>
    <message>
        <source>It does now</source>
        <translation>Jetzt tut er es</translation>
    </message>
    <message>
        <source>The last one once more</source>
        <translation>Den letzten noch einmal</translation>
    </message>
    <message>
        <source>Type pairs instead</source>
        <translation>Stattdessen Paare tippen</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Aufgeben</translation>
    </message>
    <message>
        <source>Undo a sim&apos;s bend · %1 of %2</source>
        <translation>Biegung eines Sims aufheben · %1 von %2</translation>
    </message>
    <message>
        <source>Move %1 away from rest until the sim %2, hold it there and press the button. The axis goes to the sim straight meanwhile.</source>
        <translation>%1 von der Ruhe weg bewegen, bis der Sim %2, dort halten und den Knopf drücken. Die Achse geht inzwischen gerade zum Sim.</translation>
    </message>
    <message>
        <source>%L1 % for %L2 %</source>
        <translation>%L1 % für %L2 %</translation>
    </message>
    <message>
        <source>So far: %1</source>
        <translation>Bisher: %1</translation>
    </message>
    <message>
        <source>sent now: %1</source>
        <translation>jetzt gesandt: %1</translation>
    </message>
    <message>
        <source>The axis is at rest; move it until the sim %1.</source>
        <translation>Die Achse ruht; bewegen, bis der Sim %1.</translation>
    </message>
    <message>
        <source>That is not further than the step before, at %L1 %. Move on, or go back and do that one once more.</source>
        <translation>Das ist nicht weiter als der Schritt davor, bei %L1 %. Weiter bewegen, oder zurückgehen und diesen noch einmal tun.</translation>
    </message>
    <message>
        <source>undo a sim&apos;s bend</source>
        <translation>Biegung eines Sims aufheben</translation>
    </message>
    <message>
        <source>The bend is undone by a counter-curve, last of the stages; its pairs can be changed there.</source>
        <translation>Die Biegung ist durch eine Gegenkurve aufgehoben, die letzte der Stufen; ihre Paare lassen sich dort ändern.</translation>
    </message>
</context>
<context>
    <name>jolly::app::CraftChooser</name>
    <message>
        <source>Craft library…</source>
        <translation>Bibliothek der Gefährte…</translation>
    </message>
    <message>
        <source>every craft</source>
        <translation>jedes Gefährt</translation>
    </message>
    <message>
        <source>Craft: %1</source>
        <translation>Gefährt: %1</translation>
    </message>
    <message>
        <source>The craft that is flown, and that edits are for</source>
        <translation>Das Gefährt, das geflogen wird und dem Änderungen gelten</translation>
    </message>
</context>
<context>
    <name>jolly::app::CraftCompare</name>
    <message>
        <source>also what is the same</source>
        <translation>auch was gleich ist</translation>
    </message>
    <message>
        <source>Beside</source>
        <translation>Neben</translation>
    </message>
    <message>
        <source>The craft to compare with</source>
        <translation>Das Gefährt, mit dem verglichen wird</translation>
    </message>
    <message>
        <source>There is no other craft yet.</source>
        <translation>Es gibt noch kein anderes Gefährt.</translation>
    </message>
    <message>
        <source>Both do the same with every control.</source>
        <translation>Beide tun mit jedem Bedienelement das Gleiche.</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n meaning(s) differ.</source>
        <translation>
            <numerusform>%1 von %n Bedeutung ist anders.</numerusform>
            <numerusform>%1 von %n Bedeutungen sind anders.</numerusform>
        </translation>
    </message>
    <message>
        <source>Give it to %1</source>
        <translation>%1 geben</translation>
    </message>
    <message>
        <source>take over from another craft</source>
        <translation>von einem anderen Gefährt übernehmen</translation>
    </message>
</context>
<context>
    <name>jolly::app::CraftDetails</name>
    <message>
        <source>Name of the craft</source>
        <translation>Name des Gefährts</translation>
    </message>
    <message>
        <source>rename craft</source>
        <translation>Gefährt umbenennen</translation>
    </message>
    <message>
        <source>flown now</source>
        <translation>wird jetzt geflogen</translation>
    </message>
    <message>
        <source>Fly and edit it</source>
        <translation>Fliegen und bearbeiten</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>Family of the craft</source>
        <translation>Familie des Gefährts</translation>
    </message>
    <message>
        <source>family of a craft</source>
        <translation>Familie eines Gefährts</translation>
    </message>
    <message>
        <source>Made for %1.</source>
        <translation>Gemacht für %1.</translation>
    </message>
    <message>
        <source>Give it a picture…</source>
        <translation>Bild geben…</translation>
    </message>
    <message>
        <source>Another picture…</source>
        <translation>Anderes Bild…</translation>
    </message>
    <message>
        <source>note of a craft</source>
        <translation>Notiz zu einem Gefährt</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>What it shall be able to do, a line each:</source>
        <translation>Was es können soll, eine Zeile für jedes:</translation>
    </message>
    <message>
        <source>It shall be able to do %1 things; %2 are done.</source>
        <translation>Es soll %1 Dinge können; %2 sind getan.</translation>
    </message>
    <message>
        <source>functions of a craft</source>
        <translation>Funktionen eines Gefährts</translation>
    </message>
    <message>
        <source>Functions, a line each</source>
        <translation>Funktionen, eine in jeder Zeile</translation>
    </message>
    <message>
        <source>○ %1: nothing does it yet</source>
        <translation>○ %1: noch tut es nichts</translation>
    </message>
    <message>
        <source>done</source>
        <translation>getan</translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s), which every craft inherits.</source>
        <translation>
            <numerusform>%n Strang, den jedes Gefährt erbt.</numerusform>
            <numerusform>%n Stränge, die jedes Gefährt erbt.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s): %1 of its own, %2 that change inherited ones.</source>
        <translation>
            <numerusform>%n Strang: %1 eigene, %2, die geerbte ändern.</numerusform>
            <numerusform>%n Stränge: %1 eigene, %2, die geerbte ändern.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::CraftList</name>
    <message>
        <source>Craft</source>
        <translation>Gefährte</translation>
    </message>
    <message>
        <source>New craft of this family</source>
        <translation>Neues Gefährt dieser Familie</translation>
    </message>
    <message>
        <source>Copy this one</source>
        <translation>Dieses kopieren</translation>
    </message>
    <message>
        <source>Remove this one</source>
        <translation>Dieses entfernen</translation>
    </message>
    <message>
        <source>  · %1 to do</source>
        <translation>  · noch %1</translation>
    </message>
    <message>
        <source>New craft</source>
        <translation>Neues Gefährt</translation>
    </message>
    <message>
        <source>New craft %1</source>
        <translation>Neues Gefährt %1</translation>
    </message>
    <message>
        <source>new craft</source>
        <translation>neues Gefährt</translation>
    </message>
    <message>
        <source>%1 inherits all of its family. Give it a name on the right.</source>
        <translation>%1 erbt alles von seiner Familie. Rechts bekommt es einen Namen.</translation>
    </message>
    <message>
        <source>copy craft</source>
        <translation>Gefährt kopieren</translation>
    </message>
    <message>
        <source>remove craft</source>
        <translation>Gefährt entfernen</translation>
    </message>
    <message>
        <source>%1 is removed with what was its own; undo brings it back.</source>
        <translation>%1 ist mit allem Eigenen entfernt; Rückgängig bringt es wieder.</translation>
    </message>
</context>
<context>
    <name>jolly::app::CraftPicture</name>
    <message>
        <source>No picture can be read from %1.</source>
        <translation>Aus %1 ist kein Bild zu lesen.</translation>
    </message>
</context>
<context>
    <name>jolly::app::CurvePlot</name>
    <message>
        <source>Curve. Page Up and Page Down choose a point, arrows move it, Insert adds one, Delete takes it out.</source>
        <translation>Kurve. Bild auf und Bild ab wählen einen Punkt, Pfeile verschieben ihn, Einfg fügt einen hinzu, Entf nimmt ihn heraus.</translation>
    </message>
    <message>
        <source>Drag a point. Double-click to add one. Delete takes the chosen one out.</source>
        <translation>Einen Punkt ziehen. Doppelklick fügt einen hinzu. Entf nimmt den gewählten heraus.</translation>
    </message>
</context>
<context>
    <name>jolly::app::DelayCard</name>
    <message>
        <source>to the game</source>
        <translation>zum Spiel</translation>
    </message>
    <message>
        <source>Delay we add</source>
        <translation>Verzögerung durch uns</translation>
    </message>
    <message>
        <source>Measure until a game reads it, not only until we write it</source>
        <translation>Messen, bis ein Spiel es liest, nicht nur, bis wir es schreiben</translation>
    </message>
    <message>
        <source>Move something while live, and see how fast it is.</source>
        <translation>Etwas bewegen, während es live ist, und sehen, wie schnell es geht.</translation>
    </message>
    <message>
        <source>middle %1 µs · 99 % under %2 µs · worst under %3 µs</source>
        <translation>Mitte %1 µs · 99 % unter %2 µs · schlimmste unter %3 µs</translation>
    </message>
    <message>
        <source>%1 events/s</source>
        <translation>%1 Ereignisse/s</translation>
    </message>
    <message>
        <source>0 of %L1 events lost</source>
        <translation>0 von %L1 Ereignissen verloren</translation>
    </message>
    <message numerus="yes">
        <source>The kernel dropped events %n time(s): they were not read fast enough, the machine is too busy.</source>
        <translation>
            <numerusform>Der Kernel ließ %n-mal Ereignisse fallen: sie wurden nicht schnell genug gelesen, der Rechner ist überlastet.</numerusform>
            <numerusform>Der Kernel ließ %n-mal Ereignisse fallen: sie wurden nicht schnell genug gelesen, der Rechner ist überlastet.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::DelayColumns</name>
    <message>
        <source>How many frames had which delay</source>
        <translation>Wie viele Frames welche Verzögerung hatten</translation>
    </message>
    <message>
        <source>Nothing has moved yet.</source>
        <translation>Noch hat sich nichts bewegt.</translation>
    </message>
    <message>
        <source>%1 µs</source>
        <translation>%1 µs</translation>
    </message>
</context>
<context>
    <name>jolly::app::DetentsTable</name>
    <message>
        <source>notch</source>
        <translation>Raste</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>gives</source>
        <translation>gibt</translation>
    </message>
    <message>
        <source>half width</source>
        <translation>halbe Breite</translation>
    </message>
    <message>
        <source>+ notch where the lever is</source>
        <translation>+ Raste, wo der Hebel steht</translation>
    </message>
    <message>
        <source>notch %1</source>
        <translation>Raste %1</translation>
    </message>
    <message>
        <source>name of notch %1</source>
        <translation>Name der Raste %1</translation>
    </message>
    <message>
        <source>place of notch %1</source>
        <translation>Ort der Raste %1</translation>
    </message>
    <message>
        <source>output of notch %1</source>
        <translation>Ausgabe der Raste %1</translation>
    </message>
    <message>
        <source>half width of notch %1</source>
        <translation>halbe Breite der Raste %1</translation>
    </message>
    <message>
        <source>remove notch %1</source>
        <translation>Raste %1 entfernen</translation>
    </message>
    <message>
        <source>That does not fit: %1.</source>
        <translation>Das passt nicht: %1.</translation>
    </message>
</context>
<context>
    <name>jolly::app::DeviceCard</name>
    <message>
        <source>joystick</source>
        <translation>Joystick</translation>
    </message>
    <message>
        <source>gamepad</source>
        <translation>Gamepad</translation>
    </message>
    <message>
        <source>keyboard</source>
        <translation>Tastatur</translation>
    </message>
    <message>
        <source>pointer</source>
        <translation>Zeiger</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Enter moves what ends there, or leads the selected control to it. F2 names its function.</source>
        <translation>Eingabe verschiebt, was dort endet, oder führt das gewählte Bedienelement hin. F2 benennt seine Funktion.</translation>
    </message>
    <message>
        <source>size of device</source>
        <translation>Größe des Geräts</translation>
    </message>
    <message>
        <source>axes</source>
        <translation>Achsen</translation>
    </message>
    <message>
        <source>buttons</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>hats</source>
        <translation>Hats</translation>
    </message>
    <message>
        <source>The name that games show</source>
        <translation>Der Name, den Spiele zeigen</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Who decides how large it is</source>
        <translation>Wer bestimmt, wie groß es ist</translation>
    </message>
    <message>
        <source>Fixed, as set below</source>
        <translation>Fest, wie unten gesetzt</translation>
    </message>
    <message>
        <source>As large as its strands need</source>
        <translation>So groß, wie seine Stränge es brauchen</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Vendor and product number; empty for its own</source>
        <translation>Hersteller- und Produktnummer; leer für die eigenen</translation>
    </message>
    <message>
        <source>its own</source>
        <translation>seine eigenen</translation>
    </message>
    <message>
        <source>Ids</source>
        <translation>Ids</translation>
    </message>
    <message>
        <source>Add a copy</source>
        <translation>Kopie hinzufügen</translation>
    </message>
    <message>
        <source>copy device</source>
        <translation>Gerät kopieren</translation>
    </message>
    <message>
        <source>Remove it…</source>
        <translation>Entfernen…</translation>
    </message>
    <message>
        <source>rename device</source>
        <translation>Gerät umbenennen</translation>
    </message>
    <message>
        <source>Ids are two hexadecimal numbers, such as 6a74:0101; leave it empty for its own.</source>
        <translation>Ids sind zwei hexadezimale Zahlen wie 6a74:0101; leer lassen für die eigenen.</translation>
    </message>
    <message>
        <source>ids of device</source>
        <translation>Ids des Geräts</translation>
    </message>
    <message>
        <source>%1 · number %2</source>
        <translation>%1 · Nummer %2</translation>
    </message>
</context>
<context>
    <name>jolly::app::DevicePlates</name>
    <message>
        <source>games see it</source>
        <translation>Spiele sehen es</translation>
    </message>
    <message>
        <source>not live</source>
        <translation>nicht live</translation>
    </message>
    <message>
        <source>size it…</source>
        <translation>Größe…</translation>
    </message>
    <message>
        <source>+ keys…</source>
        <translation>+ Tasten…</translation>
    </message>
    <message>
        <source>as grid</source>
        <translation>als Raster</translation>
    </message>
    <message>
        <source>as list</source>
        <translation>als Liste</translation>
    </message>
</context>
<context>
    <name>jolly::app::DraftKeeper</name>
    <message>
        <source>Edits that were not saved could not be read; they are in %1.</source>
        <translation>Nicht gespeicherte Änderungen waren nicht zu lesen; sie sind in %1.</translation>
    </message>
    <message>
        <source>edits that were not saved</source>
        <translation>Änderungen, die nicht gespeichert waren</translation>
    </message>
    <message>
        <source>Edits from before the window died are back. Undo takes them away.</source>
        <translation>Änderungen aus der Zeit, bevor das Fenster abstürzte, sind wieder da. Rückgängig nimmt sie weg.</translation>
    </message>
    <message>
        <source>Edits of %1 that were never saved are older than the file; they are kept as %2, to be opened by hand.</source>
        <translation>Nie gespeicherte Änderungen an %1 sind älter als die Datei; sie bleiben als %2 und lassen sich von Hand öffnen.</translation>
    </message>
    <message>
        <source>Edits that are not saved would not survive a crash: nothing can be written to %1. %2</source>
        <translation>Nicht gespeicherte Änderungen würden einen Absturz nicht überleben: nach %1 kann nichts geschrieben werden. %2</translation>
    </message>
</context>
<context>
    <name>jolly::app::Edits</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
</context>
<context>
    <name>jolly::app::EngineSession</name>
    <message>
        <source>The program &quot;tangle&quot; is nowhere to be found.</source>
        <translation>Das Programm „tangle“ ist nirgends zu finden.</translation>
    </message>
    <message>
        <source>%1 could not be started.</source>
        <translation>%1 ließ sich nicht starten.</translation>
    </message>
    <message>
        <source>It ended at once and said nothing.</source>
        <translation>Es endete sofort und sagte nichts.</translation>
    </message>
    <message>
        <source>The engine did not take the tangle.</source>
        <translation>Die Engine nahm das Geflecht nicht an.</translation>
    </message>
</context>
<context>
    <name>jolly::app::FamilyCard</name>
    <message>
        <source>Where it comes from</source>
        <translation>Woher es kommt</translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s)</source>
        <translation>
            <numerusform>%n Strang</numerusform>
            <numerusform>%n Stränge</numerusform>
        </translation>
    </message>
    <message>
        <source>+ %1, changes %2</source>
        <translation>+ %1, ändert %2</translation>
    </message>
    <message>
        <source>Planned, and nothing does it yet: %1</source>
        <translation>Geplant, und noch tut es nichts: %1</translation>
    </message>
    <message>
        <source>Compare two craft side by side…</source>
        <translation>Zwei Gefährte nebeneinander vergleichen…</translation>
    </message>
</context>
<context>
    <name>jolly::app::FeelBar</name>
    <message>
        <source>Straight</source>
        <translation>Gerade</translation>
    </message>
    <message>
        <source>Takes away every stage that is feel: what comes in goes out.</source>
        <translation>Nimmt jede Stufe weg, die Gefühl ist: was hineingeht, kommt heraus.</translation>
    </message>
    <message>
        <source>Feels…</source>
        <translation>Gefühle…</translation>
    </message>
    <message>
        <source>Copy feel to…</source>
        <translation>Gefühl kopieren nach…</translation>
    </message>
    <message>
        <source>Share shape with…</source>
        <translation>Form teilen mit…</translation>
    </message>
    <message>
        <source>Compare with…</source>
        <translation>Vergleichen mit…</translation>
    </message>
    <message>
        <source>The sim…</source>
        <translation>Der Sim…</translation>
    </message>
    <message>
        <source>Reversed for this flight</source>
        <translation>Für diesen Flug umgekehrt</translation>
    </message>
    <message>
        <source>Turns the axis round until you stand down; the tangle stays as it is.</source>
        <translation>Dreht die Achse um, bis der Flug endet; das Geflecht bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>feel %1</source>
        <translation>Gefühl %1</translation>
    </message>
    <message>
        <source>No feel is kept yet</source>
        <translation>Noch ist kein Gefühl aufgehoben</translation>
    </message>
    <message>
        <source>Keep this feel as: type a name, Enter</source>
        <translation>Dieses Gefühl aufheben als: Name tippen, Eingabe</translation>
    </message>
    <message>
        <source>Name under which this feel is kept</source>
        <translation>Name, unter dem dieses Gefühl aufgehoben wird</translation>
    </message>
    <message>
        <source>A feel needs a name to be kept.</source>
        <translation>Ein Gefühl braucht einen Namen, um aufgehoben zu werden.</translation>
    </message>
    <message>
        <source>keep feel %1</source>
        <translation>Gefühl %1 aufheben</translation>
    </message>
    <message>
        <source>Kept as %1; any axis can have it.</source>
        <translation>Als %1 aufgehoben; jede Achse kann es haben.</translation>
    </message>
    <message>
        <source>Take one out of the library</source>
        <translation>Eines aus der Bibliothek nehmen</translation>
    </message>
    <message>
        <source>remove feel</source>
        <translation>Gefühl entfernen</translation>
    </message>
    <message>
        <source>copy feel to %1</source>
        <translation>Gefühl nach %1 kopieren</translation>
    </message>
    <message>
        <source>%1 has this feel now.</source>
        <translation>%1 hat jetzt dieses Gefühl.</translation>
    </message>
    <message>
        <source>There is no other axis yet</source>
        <translation>Es gibt noch keine andere Achse</translation>
    </message>
    <message>
        <source>share shape</source>
        <translation>Form teilen</translation>
    </message>
    <message>
        <source>shape of its own</source>
        <translation>eigene Form</translation>
    </message>
    <message>
        <source>Undo its bend, step by step…</source>
        <translation>Seine Biegung aufheben, Schritt für Schritt…</translation>
    </message>
    <message>
        <source>%1 bends axes itself</source>
        <translation>%1 biegt Achsen selbst</translation>
    </message>
    <message>
        <source>No sim is chosen yet: on Weave, &quot;Made for&quot;</source>
        <translation>Noch ist kein Sim gewählt: auf Flechten, „Gemacht für“</translation>
    </message>
    <message>
        <source>%1 wants its axes straight</source>
        <translation>%1 will seine Achsen gerade</translation>
    </message>
    <message>
        <source>Four curves are the most to compare with; take one away first.</source>
        <translation>Mehr als vier Kurven lassen sich nicht vergleichen; erst eine wegnehmen.</translation>
    </message>
</context>
<context>
    <name>jolly::app::Finder</name>
    <message>
        <source>Find</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Was gefunden werden soll</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>Nothing here is called &quot;%1&quot;. Fewer letters find more.</source>
        <translation>Nichts hier heißt „%1“. Weniger Buchstaben finden mehr.</translation>
    </message>
</context>
<context>
    <name>jolly::app::FirstSteps</name>
    <message>
        <source>First steps, 1 of 3. Move a lever or press a button on your desk: it lights up, and the next step begins.</source>
        <translation>Erste Schritte, 1 von 3. Einen Hebel bewegen oder eine Taste auf dem Tisch drücken: sie leuchtet auf, und der nächste Schritt beginnt.</translation>
    </message>
    <message>
        <source>First steps, 2 of 3. %1 is selected. Click a free virtual control on the right: a strand leads there, and games will see it move.</source>
        <translation>Erste Schritte, 2 von 3. %1 ist gewählt. Rechts ein freies virtuelles Bedienelement anklicken: ein Strang führt dorthin, und Spiele sehen es sich bewegen.</translation>
    </message>
    <message>
        <source>First steps, 3 of 3. The strand is woven. Go live: the virtual devices are made, and your controllers are held so that games hear nothing twice.</source>
        <translation>Erste Schritte, 3 von 3. Der Strang ist geflochten. Live gehen: die virtuellen Geräte entstehen, und deine Controller werden gehalten, damit Spiele nichts doppelt hören.</translation>
    </message>
    <message>
        <source>You are live: choose the virtual device in your sim, and fly. Saving keeps the tangle; the Bench shows what the sim sees.</source>
        <translation>Du bist live: im Sim das virtuelle Gerät wählen, und fliegen. Speichern behält das Geflecht; der Prüfstand zeigt, was der Sim sieht.</translation>
    </message>
    <message>
        <source>Go live</source>
        <translation>Live gehen</translation>
    </message>
    <message>
        <source>Well done</source>
        <translation>Gut gemacht</translation>
    </message>
    <message>
        <source>Leave the first steps</source>
        <translation>Erste Schritte verlassen</translation>
    </message>
</context>
<context>
    <name>jolly::app::FlightLog</name>
    <message>
        <source>All pages show %1, not now.</source>
        <translation>Alle Seiten zeigen %1, nicht jetzt.</translation>
    </message>
    <message>
        <source>Back to now</source>
        <translation>Zurück zu jetzt</translation>
    </message>
    <message>
        <source>Kept as %1.</source>
        <translation>Als %1 aufgehoben.</translation>
    </message>
    <message>
        <source>Nothing is recorded yet: move something first.</source>
        <translation>Noch ist nichts aufgenommen: erst etwas bewegen.</translation>
    </message>
    <message>
        <source>Comparing…</source>
        <translation>Vergleicht…</translation>
    </message>
    <message>
        <source>The tangle as it is now does the same with all of it.</source>
        <translation>Das Geflecht, wie es jetzt ist, tut mit allem das Gleiche.</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
    <message>
        <source>First difference at %1: %2 %3 instead of %4.</source>
        <translation>Erster Unterschied bei %1: %2 %3 statt %4.</translation>
    </message>
</context>
<context>
    <name>jolly::app::Flown</name>
    <message>
        <source>The flight is over: what was reversed for it goes its usual way again.</source>
        <translation>Der Flug ist vorbei: was für ihn umgekehrt war, geht wieder seinen üblichen Weg.</translation>
    </message>
    <message>
        <source>The engine flies another tangle than this window shows: &quot;%1&quot;.</source>
        <translation>Die Engine fliegt ein anderes Geflecht, als dieses Fenster zeigt: „%1“.</translation>
    </message>
    <message>
        <source>Fly mine</source>
        <translation>Meines fliegen</translation>
    </message>
    <message>
        <source>Show that one</source>
        <translation>Jenes zeigen</translation>
    </message>
    <message>
        <source>what flies</source>
        <translation>was fliegt</translation>
    </message>
</context>
<context>
    <name>jolly::app::FootingBar</name>
    <message>
        <source>edits go to %1</source>
        <translation>Änderungen gehen an %1</translation>
    </message>
    <message>
        <source>The layer and the craft that edits are for. The craft is chosen above.</source>
        <translation>Die Ebene und das Gefährt, denen Änderungen gelten. Das Gefährt wird oben gewählt.</translation>
    </message>
</context>
<context>
    <name>jolly::app::GameButtons</name>
    <message>
        <source>No buttons</source>
        <translation>Keine Tasten</translation>
    </message>
    <message>
        <source>, pressed</source>
        <translation>, gedrückt</translation>
    </message>
    <message>
        <source>, not pressed</source>
        <translation>, nicht gedrückt</translation>
    </message>
    <message>
        <source>, pinned, and was lit</source>
        <translation>, festgesteckt, und leuchtete</translation>
    </message>
    <message>
        <source>, pinned, and dark</source>
        <translation>, festgesteckt, und dunkel</translation>
    </message>
    <message>
        <source>%1
Press: by hand. Right click or P: it must stay dark.</source>
        <translation>%1
Drücken: von Hand. Rechtsklick oder P: muss dunkel bleiben.</translation>
    </message>
</context>
<context>
    <name>jolly::app::GameCard</name>
    <message>
        <source>axis</source>
        <translation>Achse</translation>
    </message>
    <message>
        <source>the hand</source>
        <translation>die Hand</translation>
    </message>
    <message>
        <source>the game</source>
        <translation>das Spiel</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>%1 as a game sees it</source>
        <translation>%1, wie ein Spiel es sieht</translation>
    </message>
    <message>
        <source>No virtual device yet</source>
        <translation>Noch kein virtuelles Gerät</translation>
    </message>
    <message>
        <source>− 1</source>
        <translation>− 1</translation>
    </message>
    <message>
        <source>+ 1</source>
        <translation>+ 1</translation>
    </message>
    <message>
        <source>Turn %1 back by hand</source>
        <translation>%1 von Hand zurückdrehen</translation>
    </message>
    <message>
        <source>Turn %1 on by hand</source>
        <translation>%1 von Hand weiterdrehen</translation>
    </message>
    <message numerus="yes">
        <source>%n count(s)</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message>
        <source>no key is down</source>
        <translation>keine Taste ist unten</translation>
    </message>
    <message>
        <source>keys now: %1</source>
        <translation>Tasten jetzt: %1</translation>
    </message>
    <message>
        <source>not read back</source>
        <translation>nicht zurückgelesen</translation>
    </message>
    <message>
        <source>idle</source>
        <translation>untätig</translation>
    </message>
    <message>
        <source>This is the past: what was sent then.</source>
        <translation>Das ist die Vergangenheit: was damals gesandt wurde.</translation>
    </message>
    <message>
        <source>the past</source>
        <translation>die Vergangenheit</translation>
    </message>
    <message>
        <source>Idle: in outline what a game would see.</source>
        <translation>Untätig: im Umriss, was ein Spiel sähe.</translation>
    </message>
    <message>
        <source>It cannot be read back here: its device file may not be opened.</source>
        <translation>Hier ist nicht zurückzulesen: seine Gerätedatei darf nicht geöffnet werden.</translation>
    </message>
    <message numerus="yes">
        <source>A game reads %n control(s) otherwise than was sent.</source>
        <translation>
            <numerusform>Ein Spiel liest %n Bedienelement anders, als gesandt wurde.</numerusform>
            <numerusform>Ein Spiel liest %n Bedienelemente anders, als gesandt wurde.</numerusform>
        </translation>
    </message>
    <message>
        <source>read back, and differs</source>
        <translation>zurückgelesen, und anders</translation>
    </message>
    <message>
        <source>A sim learns: all else keeps still.</source>
        <translation>Ein Sim lernt: alles andere hält still.</translation>
    </message>
    <message>
        <source>read back</source>
        <translation>zurückgelesen</translation>
    </message>
    <message>
        <source>read back, no difference</source>
        <translation>zurückgelesen, kein Unterschied</translation>
    </message>
    <message>
        <source>%1 is pinned: it must stay dark, and has since %2.</source>
        <translation>%1 ist festgesteckt: es muss dunkel bleiben, und blieb es seit %2.</translation>
    </message>
    <message>
        <source>%1 is pinned, but was lit at %2. P pins it anew.</source>
        <translation>%1 ist festgesteckt, leuchtete aber um %2. P steckt es neu fest.</translation>
    </message>
    <message>
        <source>Make one on Weave; then it is seen here.</source>
        <translation>Eines auf Flechten machen; dann ist es hier zu sehen.</translation>
    </message>
</context>
<context>
    <name>jolly::app::GameRow</name>
    <message>
        <source>%1 by hand</source>
        <translation>%1 von Hand</translation>
    </message>
    <message>
        <source>%1: a game reads %2, but that is not what was sent</source>
        <translation>%1: ein Spiel liest %2, aber das wurde nicht gesandt</translation>
    </message>
    <message>
        <source>%1: a game reads %2</source>
        <translation>%1: ein Spiel liest %2</translation>
    </message>
</context>
<context>
    <name>jolly::app::GoalMenu</name>
    <message>
        <source>One goal more</source>
        <translation>Ein Ziel mehr</translation>
    </message>
    <message>
        <source>Take this goal away</source>
        <translation>Dieses Ziel wegnehmen</translation>
    </message>
    <message>
        <source>take a goal of %1 away</source>
        <translation>ein Ziel von %1 wegnehmen</translation>
    </message>
</context>
<context>
    <name>jolly::app::HandMoves</name>
    <message>
        <source>%1 by hand: controllers do not move it.</source>
        <translation>%1 von Hand: Controller bewegen es nicht.</translation>
    </message>
    <message>
        <source>Give it back</source>
        <translation>Zurückgeben</translation>
    </message>
</context>
<context>
    <name>jolly::app::HandSlider</name>
    <message>
        <source>Move it by hand: drag, or arrow keys. Esc gives it back.</source>
        <translation>Von Hand bewegen: ziehen, oder Pfeiltasten. Esc gibt es zurück.</translation>
    </message>
</context>
<context>
    <name>jolly::app::HatHandle</name>
    <message>
        <source>up</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>down</source>
        <translation>runter</translation>
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
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>%1: press a way, or hold an arrow key, to move it by hand</source>
        <translation>%1: eine Richtung drücken oder eine Pfeiltaste halten, um es von Hand zu bewegen</translation>
    </message>
</context>
<context>
    <name>jolly::app::HatRose</name>
    <message>
        <source>The ways of the hat</source>
        <translation>Die Richtungen des Hats</translation>
    </message>
</context>
<context>
    <name>jolly::app::LayerCard</name>
    <message>
        <source>Layer %1, %2, engaged %3, %4</source>
        <translation>Ebene %1, %2, eingeschaltet %3, %4</translation>
    </message>
    <message>
        <source>engaged</source>
        <translation>eingeschaltet</translation>
    </message>
    <message>
        <source>asleep</source>
        <translation>schläft</translation>
    </message>
    <message>
        <source>%1
Click to work in it, hold to peek, drag to move it in the stack.</source>
        <translation>%1
Klick: darin arbeiten, halten: hineinsehen, ziehen: im Stapel verschieben.</translation>
    </message>
    <message>
        <source>peeked at</source>
        <translation>hineingesehen</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
</context>
<context>
    <name>jolly::app::LayerEditor</name>
    <message>
        <source>Base is always engaged. What it has counts wherever no layer above has anything for a control.</source>
        <translation>Die Grundebene ist immer eingeschaltet. Was sie hat, zählt überall, wo keine Ebene darüber etwas für ein Bedienelement hat.</translation>
    </message>
    <message>
        <source>Name of the layer</source>
        <translation>Name der Ebene</translation>
    </message>
    <message>
        <source>A layer needs a name.</source>
        <translation>Eine Ebene braucht einen Namen.</translation>
    </message>
    <message>
        <source>rename layer</source>
        <translation>Ebene umbenennen</translation>
    </message>
    <message>
        <source>Engages</source>
        <translation>Schaltet ein</translation>
    </message>
    <message>
        <source>another control: touch it</source>
        <translation>anderes Bedienelement: berühren</translation>
    </message>
    <message>
        <source>new rule</source>
        <translation>neue Regel</translation>
    </message>
    <message>
        <source>Only while another layer is engaged, too:</source>
        <translation>Nur solange auch eine andere Ebene eingeschaltet ist:</translation>
    </message>
    <message>
        <source>Only while all of these are engaged, too:</source>
        <translation>Nur solange auch alle diese eingeschaltet sind:</translation>
    </message>
    <message>
        <source>what a layer needs</source>
        <translation>was eine Ebene braucht</translation>
    </message>
    <message>
        <source>Group of which one only is engaged</source>
        <translation>Gruppe, aus der nur eine eingeschaltet ist</translation>
    </message>
    <message>
        <source>none: it minds no other</source>
        <translation>keine: sie kümmert keine andere</translation>
    </message>
    <message>
        <source>group of a layer</source>
        <translation>Gruppe einer Ebene</translation>
    </message>
    <message>
        <source>One only of the group</source>
        <translation>Nur eine aus der Gruppe</translation>
    </message>
    <message>
        <source>Axes that it takes over</source>
        <translation>Achsen, die sie übernimmt</translation>
    </message>
    <message>
        <source>Axes jump to where the hand is</source>
        <translation>Achsen springen dorthin, wo die Hand ist</translation>
    </message>
    <message>
        <source>Axes wait until the hand meets them</source>
        <translation>Achsen warten, bis die Hand sie trifft</translation>
    </message>
    <message>
        <source>how axes go over</source>
        <translation>wie Achsen übergehen</translation>
    </message>
    <message>
        <source>how a layer goes over</source>
        <translation>wie eine Ebene übergeht</translation>
    </message>
    <message>
        <source>Switches say their state again</source>
        <translation>Schalter nennen ihren Stand neu</translation>
    </message>
    <message>
        <source>Latches survive while it is asleep</source>
        <translation>Einrastende überdauern, solange sie schläft</translation>
    </message>
</context>
<context>
    <name>jolly::app::LayerGoals</name>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>What leads to a lamp engages the layer.</source>
        <translation>Was zu einer Lampe führt, schaltet die Ebene ein.</translation>
    </message>
    <message>
        <source>A click lets the chosen outlet, or the selected control, engage it.</source>
        <translation>Ein Klick lässt den gewählten Ausgang oder das gewählte Bedienelement sie einschalten.</translation>
    </message>
</context>
<context>
    <name>jolly::app::LayerLamp</name>
    <message>
        <source>%1 · by hand</source>
        <translation>%1 · von Hand</translation>
    </message>
    <message>
        <source>always engaged</source>
        <translation>immer eingeschaltet</translation>
    </message>
    <message>
        <source>engaged by hand</source>
        <translation>von Hand eingeschaltet</translation>
    </message>
    <message>
        <source>engaged</source>
        <translation>eingeschaltet</translation>
    </message>
    <message>
        <source>asleep</source>
        <translation>schläft</translation>
    </message>
    <message>
        <source>Layer %1, %2</source>
        <translation>Ebene %1, %2</translation>
    </message>
    <message>
        <source>Base is always engaged.</source>
        <translation>Die Grundebene ist immer eingeschaltet.</translation>
    </message>
    <message>
        <source>%1 is held engaged by hand. A click lets it go.</source>
        <translation>%1 wird von Hand eingeschaltet gehalten. Ein Klick lässt los.</translation>
    </message>
    <message>
        <source>%1 is %2. A click holds it engaged by hand, or lets it go.</source>
        <translation>%1 ist %2. Ein Klick hält sie von Hand eingeschaltet oder lässt los.</translation>
    </message>
</context>
<context>
    <name>jolly::app::LayerLamps</name>
    <message>
        <source>More layers</source>
        <translation>Weitere Ebenen</translation>
    </message>
    <message>
        <source>Base is always engaged.</source>
        <translation>Die Grundebene ist immer eingeschaltet.</translation>
    </message>
</context>
<context>
    <name>jolly::app::LayerStrip</name>
    <message>
        <source>Jolly Tangle: layers</source>
        <translation>Jolly Tangle: Ebenen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>does nothing here</source>
        <translation>tut hier nichts</translation>
    </message>
    <message>
        <source>Drag it where it shall be; a click leaves it.</source>
        <translation>Dorthin ziehen, wo es sein soll; ein Klick lässt es dort.</translation>
    </message>
    <message>
        <source>nothing touched yet</source>
        <translation>noch nichts berührt</translation>
    </message>
</context>
<context>
    <name>jolly::app::LayersPage</name>
    <message>
        <source>%1 has nothing for %2: what is beneath shows through.</source>
        <translation>%1 hat nichts für %2: was darunter ist, scheint durch.</translation>
    </message>
    <message>
        <source>Lead it to the next free one</source>
        <translation>Zum nächsten freien führen</translation>
    </message>
    <message>
        <source>Silence it here</source>
        <translation>Hier schweigen lassen</translation>
    </message>
</context>
<context>
    <name>jolly::app::LearnCard</name>
    <message>
        <source>up</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>down</source>
        <translation>runter</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>in %1 s</source>
        <translation>in %1 s</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>Let a sim learn it</source>
        <translation>Einen Sim es lernen lassen</translation>
    </message>
    <message>
        <source>Walk the desk</source>
        <translation>Den Tisch abgehen</translation>
    </message>
    <message>
        <source>Every control once, before a flight</source>
        <translation>Jedes Bedienelement einmal, vor einem Flug</translation>
    </message>
    <message>
        <source>Sweep the next one that is not learned yet</source>
        <translation>Das nächste noch nicht gelernte durchfahren</translation>
    </message>
    <message>
        <source>All controls reach games again (Esc)</source>
        <translation>Alle Bedienelemente erreichen wieder die Spiele (Esc)</translation>
    </message>
    <message>
        <source>or when this is pressed:</source>
        <translation>oder wenn dies gedrückt wird:</translation>
    </message>
    <message>
        <source>go live first: a sim sees nothing yet</source>
        <translation>erst live gehen: noch sieht ein Sim nichts</translation>
    </message>
    <message>
        <source>only this one reaches games now</source>
        <translation>nur dieses erreicht jetzt die Spiele</translation>
    </message>
    <message>
        <source>only one moves, all else keeps still</source>
        <translation>nur eines bewegt sich, alles andere hält still</translation>
    </message>
    <message>
        <source>No strand leads to this device yet</source>
        <translation>Noch führt kein Strang zu diesem Gerät</translation>
    </message>
    <message>
        <source>%1 of %2 learned</source>
        <translation>%1 von %2 gelernt</translation>
    </message>
    <message>
        <source>Again</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>Sweep now</source>
        <translation>Jetzt durchfahren</translation>
    </message>
    <message>
        <source>touch to choose a button</source>
        <translation>berühren, um eine Taste zu wählen</translation>
    </message>
    <message>
        <source>from its rest, all the way, and back</source>
        <translation>aus der Ruhe, den ganzen Weg, und zurück</translation>
    </message>
    <message>
        <source>in %1 s: go to the sim and let it listen</source>
        <translation>in %1 s: zum Sim gehen und ihn lauschen lassen</translation>
    </message>
    <message>
        <source>ready: let the sim listen, then sweep</source>
        <translation>bereit: den Sim lauschen lassen, dann durchfahren</translation>
    </message>
</context>
<context>
    <name>jolly::app::Learning</name>
    <message>
        <source>A sim learns %1: nothing else reaches games.</source>
        <translation>Ein Sim lernt %1: nichts anderes erreicht die Spiele.</translation>
    </message>
    <message>
        <source>End it</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>All of it is learned.</source>
        <translation>Alles davon ist gelernt.</translation>
    </message>
    <message>
        <source>The learning ended: all controls reach games again.</source>
        <translation>Das Lernen ist zu Ende: alle Bedienelemente erreichen wieder die Spiele.</translation>
    </message>
</context>
<context>
    <name>jolly::app::LessonList</name>
    <message>
        <source>Click one to choose it, its tick to say that it is learned</source>
        <translation>Eines anklicken, um es zu wählen; sein Haken sagt, dass es gelernt ist</translation>
    </message>
    <message>
        <source>To be learned: %1 %2, %3</source>
        <translation>Zu lernen: %1 %2, %3</translation>
    </message>
    <message>
        <source>learned</source>
        <translation>gelernt</translation>
    </message>
    <message>
        <source>not yet</source>
        <translation>noch nicht</translation>
    </message>
    <message>
        <source>Nothing is to be learned</source>
        <translation>Nichts ist zu lernen</translation>
    </message>
</context>
<context>
    <name>jolly::app::LikeCard</name>
    <message>
        <source>All of %1, like for like</source>
        <translation>%1 ganz, Gleiches zu Gleichem</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Lassen, wie es ist</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und noch %n</numerusform>
            <numerusform>und noch %n</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n control(s) find no place there.</source>
        <translation>
            <numerusform>%n Bedienelement findet dort keinen Platz.</numerusform>
            <numerusform>%n Bedienelemente finden dort keinen Platz.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::ListenField</name>
    <message>
        <source>Choose from a list</source>
        <translation>Aus einer Liste wählen</translation>
    </message>
    <message>
        <source>Choose a control from a list</source>
        <translation>Ein Bedienelement aus einer Liste wählen</translation>
    </message>
    <message>
        <source>No control was touched. Listen again, or choose one from the list.</source>
        <translation>Es wurde kein Bedienelement berührt. Noch einmal lauschen, oder eines aus der Liste wählen.</translation>
    </message>
    <message>
        <source>Touch it… %1 s</source>
        <translation>Berühren… %1 s</translation>
    </message>
    <message>
        <source>Touch to choose</source>
        <translation>Berühren, um zu wählen</translation>
    </message>
    <message>
        <source>Listening; click or press Escape to give up</source>
        <translation>Lauscht; Klick oder Escape gibt auf</translation>
    </message>
    <message>
        <source>Click, then touch the control on your desk</source>
        <translation>Klicken, dann das Bedienelement auf dem Tisch berühren</translation>
    </message>
    <message>
        <source>%1 does not fit here; touch another one.</source>
        <translation>%1 passt hier nicht; ein anderes berühren.</translation>
    </message>
    <message>
        <source>Nothing fits here</source>
        <translation>Nichts passt hier</translation>
    </message>
    <message>
        <source>list…</source>
        <translation>Liste…</translation>
    </message>
</context>
<context>
    <name>jolly::app::LiveSwitch</name>
    <message>
        <source>LIVE since %1</source>
        <translation>LIVE seit %1</translation>
    </message>
    <message>
        <source>Go live</source>
        <translation>Live gehen</translation>
    </message>
    <message>
        <source>Live since %1. Press to stand down.</source>
        <translation>Live seit %1. Drücken beendet es.</translation>
    </message>
    <message>
        <source>Idle. Press to go live.</source>
        <translation>Untätig. Drücken, um live zu gehen.</translation>
    </message>
    <message>
        <source>Stand down: give everything back (Ctrl+L)</source>
        <translation>Live beenden: alles zurückgeben (Strg+L)</translation>
    </message>
    <message>
        <source>Make the virtual devices and hold the controllers (Ctrl+L)</source>
        <translation>Die virtuellen Geräte machen und die Controller halten (Strg+L)</translation>
    </message>
</context>
<context>
    <name>jolly::app::MainWindow</name>
    <message>
        <source>Jolly Tangle</source>
        <translation>Jolly Tangle</translation>
    </message>
    <message>
        <source>picture of a craft</source>
        <translation>Bild eines Gefährts</translation>
    </message>
    <message>
        <source>Not chosen</source>
        <translation>Nicht gewählt</translation>
    </message>
    <message>
        <source>choose sim</source>
        <translation>Sim wählen</translation>
    </message>
    <message>
        <source>Asking the administrator…</source>
        <translation>Die Verwaltung wird gefragt…</translation>
    </message>
    <message>
        <source>remove virtual device</source>
        <translation>virtuelles Gerät entfernen</translation>
    </message>
    <message>
        <source>%1 is removed; undo brings it back.</source>
        <translation>%1 ist entfernt; Rückgängig bringt es wieder.</translation>
    </message>
    <message numerus="yes">
        <source>%1 is removed; %n end(s) found no free place. Undo brings it back.</source>
        <translation>
            <numerusform>%1 ist entfernt; %n Ende fand keinen freien Platz. Rückgängig bringt es wieder.</numerusform>
            <numerusform>%1 ist entfernt; %n Enden fanden keinen freien Platz. Rückgängig bringt es wieder.</numerusform>
        </translation>
    </message>
    <message>
        <source>F10</source>
        <translation>F10</translation>
    </message>
    <message>
        <source>New tangle</source>
        <translation>Neues Geflecht</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Öffnen…</translation>
    </message>
    <message>
        <source>Open recent</source>
        <translation>Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern unter…</translation>
    </message>
    <message>
        <source>Ctrl+Shift+S</source>
        <translation>Ctrl+Shift+S</translation>
    </message>
    <message>
        <source>Open a recording…</source>
        <translation>Aufnahme öffnen…</translation>
    </message>
    <message>
        <source>Close the window</source>
        <translation>Fenster schließen</translation>
    </message>
    <message>
        <source>Ctrl+Q</source>
        <translation>Ctrl+Q</translation>
    </message>
    <message>
        <source>None yet</source>
        <translation>Noch keine</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Ctrl+Shift+Z</source>
        <translation>Ctrl+Shift+Z</translation>
    </message>
    <message>
        <source>Ctrl+Y</source>
        <translation>Ctrl+Y</translation>
    </message>
    <message>
        <source>Undo: %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>Redo: %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>Copy the strand</source>
        <translation>Strang kopieren</translation>
    </message>
    <message>
        <source>Select a control that a strand begins at first.</source>
        <translation>Erst ein Bedienelement wählen, an dem ein Strang beginnt.</translation>
    </message>
    <message>
        <source>%1 is copied. Select another control and paste it there.</source>
        <translation>%1 ist kopiert. Ein anderes Bedienelement wählen und dort einfügen.</translation>
    </message>
    <message>
        <source>Paste the strand</source>
        <translation>Strang einfügen</translation>
    </message>
    <message>
        <source>Lead to the next free place</source>
        <translation>Zum nächsten freien Platz führen</translation>
    </message>
    <message>
        <source>Ctrl+Return</source>
        <translation>Ctrl+Return</translation>
    </message>
    <message>
        <source>Touch or find a control first.</source>
        <translation>Erst ein Bedienelement berühren oder finden.</translation>
    </message>
    <message>
        <source>Silence the control here</source>
        <translation>Das Bedienelement hier schweigen lassen</translation>
    </message>
    <message>
        <source>Find…</source>
        <translation>Finden…</translation>
    </message>
    <message>
        <source>Ctrl+K</source>
        <translation>Ctrl+K</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Einstellungen…</translation>
    </message>
    <message>
        <source>Ctrl+,</source>
        <translation>Ctrl+,</translation>
    </message>
    <message>
        <source>Done again: %1</source>
        <translation>Wieder getan: %1</translation>
    </message>
    <message>
        <source>Undone: %1</source>
        <translation>Rückgängig gemacht: %1</translation>
    </message>
    <message>
        <source>Ctrl+%1</source>
        <translation>Ctrl+%1</translation>
    </message>
    <message>
        <source>Craft library</source>
        <translation>Bibliothek der Gefährte</translation>
    </message>
    <message>
        <source>Ctrl+6</source>
        <translation>Ctrl+6</translation>
    </message>
    <message>
        <source>Follow touch</source>
        <translation>Berührung folgen</translation>
    </message>
    <message>
        <source>Ctrl+T</source>
        <translation>Ctrl+T</translation>
    </message>
    <message>
        <source>Show all strands</source>
        <translation>Alle Stränge zeigen</translation>
    </message>
    <message>
        <source>Ctrl+H</source>
        <translation>Ctrl+H</translation>
    </message>
    <message>
        <source>Light colours</source>
        <translation>Helle Farben</translation>
    </message>
    <message>
        <source>To the next part of the page</source>
        <translation>Zum nächsten Teil der Seite</translation>
    </message>
    <message>
        <source>F6</source>
        <translation>F6</translation>
    </message>
    <message>
        <source>To the part of the page before</source>
        <translation>Zum Teil der Seite davor</translation>
    </message>
    <message>
        <source>Shift+F6</source>
        <translation>Shift+F6</translation>
    </message>
    <message>
        <source>What was said…</source>
        <translation>Was gesagt wurde…</translation>
    </message>
    <message>
        <source>Ctrl+J</source>
        <translation>Ctrl+J</translation>
    </message>
    <message>
        <source>Strip above the sim</source>
        <translation>Streifen über dem Sim</translation>
    </message>
    <message>
        <source>Move the strip…</source>
        <translation>Den Streifen verschieben…</translation>
    </message>
    <message>
        <source>Speak layers as they change</source>
        <translation>Ebenen beim Wechsel aussprechen</translation>
    </message>
    <message>
        <source>Speak layers as they change (install speech-dispatcher)</source>
        <translation>Ebenen beim Wechsel aussprechen (speech-dispatcher installieren)</translation>
    </message>
    <message>
        <source>%1 off</source>
        <translation>%1 aus</translation>
    </message>
    <message>
        <source>Go live</source>
        <translation>Live gehen</translation>
    </message>
    <message>
        <source>Ctrl+L</source>
        <translation>Ctrl+L</translation>
    </message>
    <message>
        <source>go live stand down</source>
        <translation>live gehen live beenden</translation>
    </message>
    <message>
        <source>Stand down</source>
        <translation>Live beenden</translation>
    </message>
    <message>
        <source>Preflight…</source>
        <translation>Startprüfung…</translation>
    </message>
    <message>
        <source>Ctrl+P</source>
        <translation>Ctrl+P</translation>
    </message>
    <message>
        <source>Craft</source>
        <translation>Gefährte</translation>
    </message>
    <message>
        <source>Keep the last minutes</source>
        <translation>Die letzten Minuten aufheben</translation>
    </message>
    <message>
        <source>Ctrl+R</source>
        <translation>Ctrl+R</translation>
    </message>
    <message>
        <source>Pretend rig</source>
        <translation>Pult zum Ausprobieren</translation>
    </message>
    <message>
        <source>Keys…</source>
        <translation>Tasten…</translation>
    </message>
    <message>
        <source>What is this page?</source>
        <translation>Was ist diese Seite?</translation>
    </message>
    <message>
        <source>Shift+F1</source>
        <translation>Shift+F1</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>About Jolly Tangle</source>
        <translation>Über Jolly Tangle</translation>
    </message>
    <message>
        <source> (others)</source>
        <translation> (andere)</translation>
    </message>
    <message>
        <source> (others %1)</source>
        <translation> (andere %1)</translation>
    </message>
    <message>
        <source>%1 is not there any more.</source>
        <translation>%1 ist nicht mehr da.</translation>
    </message>
    <message>
        <source>This file is of an earlier version. Saving it writes the present one, which earlier Jolly Tangles do not open.</source>
        <translation>Diese Datei ist von einer früheren Fassung. Speichern schreibt die heutige, die frühere Jolly Tangles nicht öffnen.</translation>
    </message>
    <message>
        <source>An earlier copy is open. Saving puts it in the place of %1; what that holds now is kept beside it.</source>
        <translation>Eine frühere Kopie ist offen. Speichern setzt sie an die Stelle von %1; was dort jetzt steht, wird daneben aufgehoben.</translation>
    </message>
    <message>
        <source>Not saved</source>
        <translation>Nicht gespeichert</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Als %1 gespeichert.</translation>
    </message>
    <message>
        <source>The file is no tangle any more.</source>
        <translation>Die Datei ist kein Geflecht mehr.</translation>
    </message>
    <message>
        <source>What others saved is in %1.</source>
        <translation>Was andere speicherten, ist in %1.</translation>
    </message>
    <message>
        <source>%1 is neither a tangle (*.tangle) nor a recording (*.flight).</source>
        <translation>%1 ist weder ein Geflecht (*.tangle) noch eine Aufnahme (*.flight).</translation>
    </message>
    <message>
        <source>Edits of %1 that were not saved are kept, from %2.</source>
        <translation>Nicht gespeicherte Änderungen an %1 sind aufgehoben, von %2.</translation>
    </message>
    <message>
        <source>Open it</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>walk.html</source>
        <translation>rundgang.html</translation>
    </message>
    <message>
        <source>The report is saved as %1.</source>
        <translation>Der Bericht ist als %1 gespeichert.</translation>
    </message>
    <message>
        <source>Find a control, a strand, a stage, a craft, a command …</source>
        <translation>Bedienelement, Strang, Stufe, Gefährt, Befehl suchen …</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>stage</source>
        <translation>Stufe</translation>
    </message>
    <message>
        <source>for %1: %2</source>
        <translation>für %1: %2</translation>
    </message>
</context>
<context>
    <name>jolly::app::MeaningPlate</name>
    <message>
        <source>Touch a control to jump to it. Click a label to change what it does.</source>
        <translation>Ein Bedienelement berühren, um hinzuspringen. Eine Beschriftung anklicken, um zu ändern, was es tut.</translation>
    </message>
    <message>
        <source>replaces %1</source>
        <translation>ersetzt %1</translation>
    </message>
    <message>
        <source>shows through</source>
        <translation>lässt durchscheinen</translation>
    </message>
    <message>
        <source>No controller yet</source>
        <translation>Noch kein Controller</translation>
    </message>
    <message>
        <source>as it is right now: %1</source>
        <translation>wie es gerade jetzt ist: %1</translation>
    </message>
    <message>
        <source>peeked at, as if engaged: %1</source>
        <translation>hineingesehen, als wäre sie eingeschaltet: %1</translation>
    </message>
</context>
<context>
    <name>jolly::app::NotchCard</name>
    <message>
        <source>Capture here</source>
        <translation>Hier erfassen</translation>
    </message>
    <message>
        <source>By hand</source>
        <translation>Von Hand</translation>
    </message>
    <message>
        <source>Match…</source>
        <translation>Abgleichen…</translation>
    </message>
    <message>
        <source>Notches</source>
        <translation>Rasten</translation>
    </message>
    <message>
        <source>Put the lever into a notch and capture it, in any order.</source>
        <translation>Den Hebel in eine Raste stellen und erfassen, in beliebiger Folge.</translation>
    </message>
    <message>
        <source>A notch that the hardware does not have</source>
        <translation>Eine Raste, die das Gerät nicht hat</translation>
    </message>
    <message>
        <source>Both levers give the same value at notches of one name</source>
        <translation>Beide Hebel geben bei Rasten gleichen Namens den gleichen Wert</translation>
    </message>
    <message>
        <source>change notch</source>
        <translation>Raste ändern</translation>
    </message>
    <message>
        <source>The lever still moves. Leave it in its notch for a moment, then capture it.</source>
        <translation>Der Hebel bewegt sich noch. Einen Moment in seiner Raste lassen, dann erfassen.</translation>
    </message>
    <message>
        <source>capture notch</source>
        <translation>Raste erfassen</translation>
    </message>
    <message>
        <source>set notch</source>
        <translation>Raste setzen</translation>
    </message>
    <message>
        <source>No other axis has notches yet</source>
        <translation>Noch keine andere Achse hat Rasten</translation>
    </message>
    <message>
        <source>One of the two rests in the middle, the other at its low end: they are no pair.</source>
        <translation>Eine der beiden ruht in der Mitte, die andere am unteren Ende: sie sind kein Paar.</translation>
    </message>
    <message>
        <source>match notches</source>
        <translation>Rasten abgleichen</translation>
    </message>
    <message numerus="yes">
        <source>Both give the same value at %n notch(es) now.</source>
        <translation>
            <numerusform>Beide geben jetzt bei %n Raste den gleichen Wert.</numerusform>
            <numerusform>Beide geben jetzt bei %n Rasten den gleichen Wert.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::NotchTable</name>
    <message>
        <source>name of notch %1</source>
        <translation>Name der Raste %1</translation>
    </message>
    <message>
        <source>place of notch %1</source>
        <translation>Ort der Raste %1</translation>
    </message>
    <message>
        <source>half width of notch %1</source>
        <translation>halbe Breite der Raste %1</translation>
    </message>
    <message>
        <source>Matched: gives %L1 %</source>
        <translation>Abgeglichen: gibt %L1 %</translation>
    </message>
    <message>
        <source>remove notch %1</source>
        <translation>Raste %1 entfernen</translation>
    </message>
    <message>
        <source>A notch needs a name.</source>
        <translation>Eine Raste braucht einen Namen.</translation>
    </message>
    <message>
        <source>Another notch of this axis is called %1.</source>
        <translation>Eine andere Raste dieser Achse heißt %1.</translation>
    </message>
</context>
<context>
    <name>jolly::app::OriginBar</name>
    <message>
        <source>Inherited from %1; an edit makes it %2&apos;s own.</source>
        <translation>Von %1 geerbt; eine Änderung macht es zu %2 eigen.</translation>
    </message>
    <message>
        <source>%1&apos;s own, instead of &quot;%2&quot; of %3.</source>
        <translation>%1 eigen, statt „%2“ von %3.</translation>
    </message>
    <message>
        <source>%1&apos;s own.</source>
        <translation>%1 eigen.</translation>
    </message>
    <message>
        <source>Of the layer %1.</source>
        <translation>Aus der Ebene %1.</translation>
    </message>
    <message>
        <source>for everyone instead</source>
        <translation>stattdessen für alle</translation>
    </message>
    <message>
        <source>for all %1 instead</source>
        <translation>stattdessen für alle %1</translation>
    </message>
    <message>
        <source>set back to inherited</source>
        <translation>zurück zum Geerbten</translation>
    </message>
    <message>
        <source>take it away</source>
        <translation>wegnehmen</translation>
    </message>
    <message>
        <source>own meaning in %1</source>
        <translation>eigene Bedeutung in %1</translation>
    </message>
    <message>
        <source>All who inherit it have it so now; what they changed themselves stays.</source>
        <translation>Alle, die es erben, haben es jetzt so; was sie selbst änderten, bleibt.</translation>
    </message>
    <message>
        <source>%1 does what it inherits again.</source>
        <translation>%1 tut wieder, was es erbt.</translation>
    </message>
    <message>
        <source>own meaning in a layer</source>
        <translation>eigene Bedeutung in einer Ebene</translation>
    </message>
</context>
<context>
    <name>jolly::app::OutletRow</name>
    <message>
        <source>Click here, then a virtual control on the right, to lead it there.</source>
        <translation>Hier klicken, dann rechts ein virtuelles Bedienelement, um hinzuführen.</translation>
    </message>
    <message>
        <source>Length of a pulse in milliseconds</source>
        <translation>Länge eines Impulses in Millisekunden</translation>
    </message>
    <message>
        <source>pulses last </source>
        <translation>Impulse dauern </translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>How %1 presses: %2</source>
        <translation>Wie %1 drückt: %2</translation>
    </message>
    <message>
        <source>nowhere yet: next free</source>
        <translation>noch nirgends: nächstes freie</translation>
    </message>
    <message>
        <source>%1 leads to %2</source>
        <translation>%1 führt zu %2</translation>
    </message>
    <message>
        <source>Where it leads: keys, an order, nothing, one more…</source>
        <translation>Wohin es führt: Tasten, ein Befehl, nichts, eines mehr…</translation>
    </message>
    <message>
        <source>%1 leads to %2; choose it to lead it elsewhere</source>
        <translation>%1 führt zu %2; wählen, um es anderswohin zu führen</translation>
    </message>
</context>
<context>
    <name>jolly::app::OutletRows</name>
    <message>
        <source>drag a time</source>
        <translation>eine Zeit ziehen</translation>
    </message>
    <message>
        <source>held or pulse</source>
        <translation>gehalten oder Impuls</translation>
    </message>
</context>
<context>
    <name>jolly::app::PairsTable</name>
    <message>
        <source>+ point</source>
        <translation>+ Punkt</translation>
    </message>
    <message>
        <source>out %1</source>
        <translation>aus %1</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>ein %1</translation>
    </message>
    <message>
        <source>point %1, %2</source>
        <translation>Punkt %1, %2</translation>
    </message>
    <message>
        <source>remove point %1</source>
        <translation>Punkt %1 entfernen</translation>
    </message>
</context>
<context>
    <name>jolly::app::PermissionPage</name>
    <message>
        <source>Give the permission…</source>
        <translation>Erlaubnis geben…</translation>
    </message>
    <message>
        <source>One permission is missing</source>
        <translation>Eine Erlaubnis fehlt</translation>
    </message>
    <message>
        <source>Virtual joysticks are made through the kernel&apos;s uinput, which belongs to the administrator. These files give it to the person at this computer&apos;s own screen, and load it at every start. Know what it means: programs of that person can then also send key presses. Nothing else is written, and taking it back is one command.</source>
        <translation>Virtuelle Joysticks entstehen durch uinput im Kernel, das der Verwaltung gehört. Diese Dateien geben es der Person am Bildschirm dieses Rechners und laden es bei jedem Start. Wisse, was es bedeutet: Programme dieser Person können dann auch Tastendrücke senden. Sonst wird nichts geschrieben, und ein Befehl nimmt es zurück.</translation>
    </message>
    <message>
        <source>What will be written</source>
        <translation>Was geschrieben wird</translation>
    </message>
    <message>
        <source>Copy &quot;%1&quot;</source>
        <translation>„%1“ kopieren</translation>
    </message>
    <message>
        <source>Look around without it</source>
        <translation>Sich ohne sie umsehen</translation>
    </message>
    <message>
        <source>Copied. Run it in a terminal; this page goes by itself when it is done.</source>
        <translation>Kopiert. In einem Terminal ausführen; diese Seite verschwindet von selbst, wenn es getan ist.</translation>
    </message>
</context>
<context>
    <name>jolly::app::PlaceMap</name>
    <message>
        <source>What is taken and free on the device</source>
        <translation>Was auf dem Gerät belegt und frei ist</translation>
    </message>
    <message>
        <source>Control</source>
        <translation>Bedienelement</translation>
    </message>
    <message>
        <source>SDL · js · Windows</source>
        <translation>SDL · js · Windows</translation>
    </message>
    <message>
        <source>Function</source>
        <translation>Funktion</translation>
    </message>
    <message>
        <source>Taken by</source>
        <translation>Belegt von</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>name function</source>
        <translation>Funktion benennen</translation>
    </message>
</context>
<context>
    <name>jolly::app::PlacesTable</name>
    <message>
        <source>position</source>
        <translation>Stellung</translation>
    </message>
    <message>
        <source>pressed there</source>
        <translation>dort gedrückt</translation>
    </message>
    <message>
        <source>the axis there</source>
        <translation>die Achse dort</translation>
    </message>
    <message>
        <source>+ position: touch its button</source>
        <translation>+ Stellung: ihre Taste berühren</translation>
    </message>
    <message>
        <source>position %1</source>
        <translation>Stellung %1</translation>
    </message>
    <message>
        <source>name of position %1</source>
        <translation>Name der Stellung %1</translation>
    </message>
    <message>
        <source>button of position %1</source>
        <translation>Taste der Stellung %1</translation>
    </message>
    <message>
        <source>none: it is silent</source>
        <translation>keine: sie schweigt</translation>
    </message>
    <message>
        <source>value of position %1</source>
        <translation>Wert der Stellung %1</translation>
    </message>
    <message>
        <source>silent</source>
        <translation>schweigt</translation>
    </message>
    <message>
        <source>position %1 silent</source>
        <translation>Stellung %1 schweigt</translation>
    </message>
    <message>
        <source>position %1 has no button</source>
        <translation>Stellung %1 hat keine Taste</translation>
    </message>
    <message>
        <source>remove position %1</source>
        <translation>Stellung %1 entfernen</translation>
    </message>
</context>
<context>
    <name>jolly::app::PlanCard</name>
    <message>
        <source>Plan for %1</source>
        <translation>Plan für %1</translation>
    </message>
    <message>
        <source>Everything fits as it is.</source>
        <translation>Alles passt, wie es ist.</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Ausführen</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Lassen, wie es ist</translation>
    </message>
    <message>
        <source>plan for the sim</source>
        <translation>Plan für den Sim</translation>
    </message>
</context>
<context>
    <name>jolly::app::PreflightList</name>
    <message>
        <source>Preflight</source>
        <translation>Startprüfung</translation>
    </message>
    <message>
        <source>Everything is ready.</source>
        <translation>Alles ist bereit.</translation>
    </message>
    <message>
        <source>What games see now</source>
        <translation>Was Spiele jetzt sehen</translation>
    </message>
    <message>
        <source>To hide all real ones from one game, start it with &quot;tangle launch -- GAME&quot;.</source>
        <translation>Um alle echten vor einem Spiel zu verbergen, es mit „tangle launch -- SPIEL“ starten.</translation>
    </message>
    <message>
        <source>Copy the line for a game library</source>
        <translation>Die Zeile für eine Spielebibliothek kopieren</translation>
    </message>
    <message>
        <source>Copied: %1 Put it before the game&apos;s own command.</source>
        <translation>Kopiert: %1 Sie gehört vor den eigenen Befehl des Spiels.</translation>
    </message>
    <message>
        <source>Hold it while live</source>
        <translation>Halten, solange live</translation>
    </message>
    <message>
        <source>hide controller</source>
        <translation>Controller verbergen</translation>
    </message>
</context>
<context>
    <name>jolly::app::PressLine</name>
    <message>
        <source>Short, long and twice on a line of time; the times can be dragged, or set in the stage</source>
        <translation>Kurz, lang und doppelt auf einer Zeitlinie; die Zeiten lassen sich ziehen oder in der Stufe setzen</translation>
    </message>
    <message>
        <source>Drag the marks: when a press is long, and how soon a second one has to come.</source>
        <translation>Die Marken ziehen: ab wann ein Druck lang ist, und wie bald ein zweiter kommen muss.</translation>
    </message>
    <message>
        <source>short</source>
        <translation>kurz</translation>
    </message>
    <message>
        <source>longer than %L1 s</source>
        <translation>länger als %L1 s</translation>
    </message>
    <message>
        <source>twice within %L1 s</source>
        <translation>zweimal in %L1 s</translation>
    </message>
</context>
<context>
    <name>jolly::app::ProblemRow</name>
    <message>
        <source>Copy the command</source>
        <translation>Befehl kopieren</translation>
    </message>
    <message>
        <source>Copied: %1</source>
        <translation>Kopiert: %1</translation>
    </message>
</context>
<context>
    <name>jolly::app::Rail</name>
    <message>
        <source>%1 (Ctrl+%2)</source>
        <translation>%1 (Strg+%2)</translation>
    </message>
</context>
<context>
    <name>jolly::app::RailButton</name>
    <message numerus="yes">
        <source>%1, %n thing(s) need attention</source>
        <translation>
            <numerusform>%1, %n Sache braucht Beachtung</numerusform>
            <numerusform>%1, %n Sachen brauchen Beachtung</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::RecorderCard</name>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 min %2 s</translation>
    </message>
    <message>
        <source>Replay against the present</source>
        <translation>Wiedergabe gegen jetzt</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Öffnen…</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Aufheben</translation>
    </message>
    <message>
        <source>Show it</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Back to now</source>
        <translation>Zurück zu jetzt</translation>
    </message>
    <message>
        <source>Flight recorder</source>
        <translation>Flugschreiber</translation>
    </message>
    <message>
        <source>Play it through the tangle as it is now, and name the first difference</source>
        <translation>Durch das Geflecht spielen, wie es jetzt ist, und den ersten Unterschied nennen</translation>
    </message>
    <message>
        <source>Write the last minutes to a file</source>
        <translation>Die letzten Minuten in eine Datei schreiben</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>the last %1, %2 MB</source>
        <translation>die letzten %1, %2 MB</translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>All pages show %1.</source>
        <translation>Alle Seiten zeigen %1.</translation>
    </message>
</context>
<context>
    <name>jolly::app::RigPage</name>
    <message>
        <source>No controller is here yet</source>
        <translation>Noch ist kein Controller hier</translation>
    </message>
    <message>
        <source>Plug one in: it appears by itself. If it is plugged in and does not appear, you may not be allowed to read it: log in at this computer&apos;s own screen, or install the udev rules as docs/permissions.md says.

To look around first, take the pretend rig: six made-up controllers that move by themselves.</source>
        <translation>Einen anstecken: er erscheint von selbst. Ist er angesteckt und erscheint nicht, darfst du ihn vielleicht nicht lesen: am Bildschirm dieses Rechners anmelden, oder die udev-Regeln installieren, wie docs/permissions.md es sagt.

Um sich erst umzusehen, das Pult zum Ausprobieren nehmen: sechs erfundene Controller, die sich selbst bewegen.</translation>
    </message>
    <message>
        <source>Show the pretend rig</source>
        <translation>Pult zum Ausprobieren zeigen</translation>
    </message>
    <message>
        <source>Or go on with a tangle that was open before:</source>
        <translation>Oder mit einem Geflecht weitermachen, das schon offen war:</translation>
    </message>
    <message>
        <source>Which one is %1? Alike controllers are at these ports. Move the right one, or choose its port; the answer is kept.</source>
        <translation>Welcher ist %1? Gleiche Controller sind an diesen Anschlüssen. Den richtigen bewegen, oder seinen Anschluss wählen; die Antwort wird aufgehoben.</translation>
    </message>
    <message>
        <source>The one at %1</source>
        <translation>Der an %1</translation>
    </message>
    <message>
        <source>which controller is which</source>
        <translation>welcher Controller welcher ist</translation>
    </message>
</context>
<context>
    <name>jolly::app::RowChoice</name>
    <message>
        <source>lead %1</source>
        <translation>%1 führen</translation>
    </message>
    <message>
        <source>No virtual device has a free control of that kind.</source>
        <translation>Kein virtuelles Gerät hat ein freies Bedienelement dieser Art.</translation>
    </message>
    <message>
        <source>weave %1</source>
        <translation>%1 flechten</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
</context>
<context>
    <name>jolly::app::RuleRow</name>
    <message>
        <source>How it engages</source>
        <translation>Wie es einschaltet</translation>
    </message>
    <message>
        <source>while the axis is inside a range</source>
        <translation>solange die Achse in einem Bereich ist</translation>
    </message>
    <message>
        <source>while the switch stays on</source>
        <translation>solange der Schalter an ist</translation>
    </message>
    <message>
        <source>while the control is held</source>
        <translation>solange das Bedienelement gehalten wird</translation>
    </message>
    <message>
        <source>flips with a press</source>
        <translation>schaltet mit einem Druck um</translation>
    </message>
    <message>
        <source>a press steps on in its group</source>
        <translation>ein Druck geht in seiner Gruppe weiter</translation>
    </message>
    <message>
        <source>a press steps back in its group</source>
        <translation>ein Druck geht in seiner Gruppe zurück</translation>
    </message>
    <message>
        <source>how it engages</source>
        <translation>wie es einschaltet</translation>
    </message>
    <message>
        <source>a control that is not in the rig</source>
        <translation>ein Bedienelement, das nicht im Pult ist</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>remove rule</source>
        <translation>Regel entfernen</translation>
    </message>
    <message>
        <source>A short tap alone still does: %1</source>
        <translation>Ein kurzes Antippen allein tut noch: %1</translation>
    </message>
    <message>
        <source>%1 only on a short tap</source>
        <translation>%1 nur bei kurzem Antippen</translation>
    </message>
    <message>
        <source>The control also does that with every press now.</source>
        <translation>Das Bedienelement tut das jetzt auch bei jedem Druck.</translation>
    </message>
    <message>
        <source>only on a short tap</source>
        <translation>nur bei kurzem Antippen</translation>
    </message>
    <message>
        <source>another control</source>
        <translation>anderes Bedienelement</translation>
    </message>
</context>
<context>
    <name>jolly::app::Settings</name>
    <message>
        <source>The settings in %1 could not be read in part; what is missing is as at first.</source>
        <translation>Die Einstellungen in %1 waren zum Teil nicht zu lesen; was fehlt, ist wie am Anfang.</translation>
    </message>
    <message>
        <source>The settings in %1 may not be read; all is as at first.</source>
        <translation>Die Einstellungen in %1 dürfen nicht gelesen werden; alles ist wie am Anfang.</translation>
    </message>
    <message>
        <source>The settings are of a newer Jolly Tangle. What this one knows is used, and the rest is kept for that one.</source>
        <translation>Die Einstellungen sind von einem neueren Jolly Tangle. Was dieses kennt, gilt, und der Rest wird für jenes aufgehoben.</translation>
    </message>
    <message>
        <source>The settings cannot be saved: nothing can be written to %1. They hold until the window closes.</source>
        <translation>Die Einstellungen sind nicht zu speichern: nach %1 kann nichts geschrieben werden. Sie gelten, bis das Fenster schließt.</translation>
    </message>
</context>
<context>
    <name>jolly::app::SettingsPage</name>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Back to the desk</source>
        <translation>Zurück zum Tisch</translation>
    </message>
    <message>
        <source>As the desktop has it</source>
        <translation>Wie der Schreibtisch sie hat</translation>
    </message>
    <message>
        <source>The language changes when Jolly Tangle is opened again.</source>
        <translation>Die Sprache wechselt, wenn Jolly Tangle wieder geöffnet wird.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Holds from the next start.</source>
        <translation>Gilt ab dem nächsten Start.</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Hell</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Dark is easy on the eyes beside a sim; light is for a bright room.</source>
        <translation>Dunkel schont die Augen neben einem Sim; hell ist für einen hellen Raum.</translation>
    </message>
    <message>
        <source>A light touch</source>
        <translation>Eine leichte Berührung</translation>
    </message>
    <message>
        <source>Usual</source>
        <translation>Üblich</translation>
    </message>
    <message>
        <source>A firm move</source>
        <translation>Eine kräftige Bewegung</translation>
    </message>
    <message>
        <source>What counts as a touch</source>
        <translation>Was als Berührung zählt</translation>
    </message>
    <message>
        <source>How far a lever has to go to be selected: 3, 6 or 12 percent of its travel. Choose a firm move when worn levers select themselves.</source>
        <translation>Wie weit ein Hebel gehen muss, um gewählt zu werden: 3, 6 oder 12 Prozent seines Wegs. Eine kräftige Bewegung wählen, wenn abgenutzte Hebel sich selbst wählen.</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Flight recorder</source>
        <translation>Flugschreiber</translation>
    </message>
    <message>
        <source>How long it looks back, in memory: about 9 MB for 15 minutes of four busy controllers. Holds from the next start of the engine.</source>
        <translation>Wie weit er zurückblickt, im Speicher: etwa 9 MB für 15 Minuten von vier regen Controllern. Gilt ab dem nächsten Start der Engine.</translation>
    </message>
    <message>
        <source>Speak layers as they change</source>
        <translation>Ebenen beim Wechsel aussprechen</translation>
    </message>
    <message>
        <source>Spoken words</source>
        <translation>Gesprochene Worte</translation>
    </message>
    <message>
        <source>By the desktop&apos;s voice, so that the eyes stay on the sim.</source>
        <translation>Mit der Stimme des Schreibtischs, damit die Augen auf dem Sim bleiben.</translation>
    </message>
    <message>
        <source>Install the package speech-dispatcher to hear them.</source>
        <translation>Das Paket speech-dispatcher installieren, um sie zu hören.</translation>
    </message>
    <message>
        <source>Start with the session</source>
        <translation>Mit der Sitzung starten</translation>
    </message>
    <message>
        <source>At login</source>
        <translation>Bei der Anmeldung</translation>
    </message>
    <message>
        <source>In the background, idle, with the last tangle. Nothing goes live by itself.</source>
        <translation>Im Hintergrund, untätig, mit dem letzten Geflecht. Nichts geht von selbst live.</translation>
    </message>
</context>
<context>
    <name>jolly::app::ShapePage</name>
    <message>
        <source>add curve point</source>
        <translation>Kurvenpunkt hinzufügen</translation>
    </message>
    <message>
        <source>There is no room for another point here.</source>
        <translation>Hier ist kein Raum für einen weiteren Punkt.</translation>
    </message>
    <message>
        <source>remove curve point</source>
        <translation>Kurvenpunkt entfernen</translation>
    </message>
    <message>
        <source>A curve needs two points, and a mirrored one its rest.</source>
        <translation>Eine Kurve braucht zwei Punkte, und eine gespiegelte ihre Ruhe.</translation>
    </message>
    <message>
        <source>arrows move: %1</source>
        <translation>Pfeile bewegen: %1</translation>
    </message>
    <message>
        <source>There is no room for a curve point here.</source>
        <translation>Hier ist kein Raum für einen Kurvenpunkt.</translation>
    </message>
    <message>
        <source>add curve</source>
        <translation>Kurve hinzufügen</translation>
    </message>
    <message>
        <source>No axis yet</source>
        <translation>Noch keine Achse</translation>
    </message>
    <message>
        <source>Nothing leads from an axis yet. Weave one on the Weave page (Ctrl+2); its feel is made here.</source>
        <translation>Noch führt nichts von einer Achse weg. Auf der Seite Flechten (Strg+2) eine flechten; ihr Gefühl entsteht hier.</translation>
    </message>
    <message>
        <source>one shape with %1</source>
        <translation>eine Form mit %1</translation>
    </message>
    <message>
        <source>Axes</source>
        <translation>Achsen</translation>
    </message>
    <message>
        <source>Stages</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Last 10 seconds</source>
        <translation>Letzte 10 Sekunden</translation>
    </message>
    <message>
        <source>thin: raw</source>
        <translation>dünn: roh</translation>
    </message>
    <message>
        <source>thick: shaped</source>
        <translation>dick: geformt</translation>
    </message>
    <message>
        <source>Try the old one (hold)</source>
        <translation>Die alte probieren (halten)</translation>
    </message>
    <message>
        <source>While you hold it, the axis is as it was when you chose it or saved last.</source>
        <translation>Solange du hältst, ist die Achse so, wie sie war, als du sie wähltest oder zuletzt speichertest.</translation>
    </message>
</context>
<context>
    <name>jolly::app::ShapePlot</name>
    <message>
        <source>The axis as a curve. Page Up and Page Down choose a handle, arrows move it by 1 %, with Shift by 0.1 %; Insert adds a curve point, Delete takes it out.</source>
        <translation>Die Achse als Kurve. Bild auf und Bild ab wählen einen Griff, Pfeile bewegen ihn um 1 %, mit Umschalt um 0,1 %; Einfg fügt einen Kurvenpunkt hinzu, Entf nimmt ihn heraus.</translation>
    </message>
    <message>
        <source> · click again for </source>
        <translation> · noch ein Klick für </translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>ein %1</translation>
    </message>
    <message>
        <source>out %1</source>
        <translation>aus %1</translation>
    </message>
    <message>
        <source>rest</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>what the game gets</source>
        <translation>was das Spiel bekommt</translation>
    </message>
    <message>
        <source>bars: where your hand was in the last %1</source>
        <translation>Balken: wo deine Hand in den letzten %1 war</translation>
    </message>
</context>
<context>
    <name>jolly::app::SheetBar</name>
    <message>
        <source>Plan…</source>
        <translation>Planen…</translation>
    </message>
    <message>
        <source>Made for</source>
        <translation>Gemacht für</translation>
    </message>
    <message>
        <source>The sim that the tangle is made for</source>
        <translation>Der Sim, für den das Geflecht gemacht ist</translation>
    </message>
    <message>
        <source>! No sim sheet is among the program&apos;s data. Install the program again, or take one from a file.</source>
        <translation>! Kein Sim-Blatt ist unter den Daten des Programms. Das Programm neu installieren, oder eines aus einer Datei nehmen.</translation>
    </message>
    <message>
        <source>! Not offered, since it cannot be read: %1.</source>
        <translation>! Nicht angeboten, da nicht zu lesen: %1.</translation>
    </message>
    <message>
        <source>choose sim</source>
        <translation>Sim wählen</translation>
    </message>
    <message>
        <source>Any sim</source>
        <translation>Irgendein Sim</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus einer Datei…</translation>
    </message>
</context>
<context>
    <name>jolly::app::SliceBar</name>
    <message>
        <source>The travel with its slices; their edges can be dragged, or set below</source>
        <translation>Der Weg mit seinen Abschnitten; ihre Ränder lassen sich ziehen oder unten setzen</translation>
    </message>
    <message>
        <source>Drag an edge; or move the axis to where it shall be, and press Space in its number below.</source>
        <translation>Einen Rand ziehen; oder die Achse dorthin bewegen, wo er sein soll, und die Leertaste in seiner Zahl unten drücken.</translation>
    </message>
</context>
<context>
    <name>jolly::app::SlicesTable</name>
    <message>
        <source>slice</source>
        <translation>Abschnitt</translation>
    </message>
    <message>
        <source>let go below</source>
        <translation>loslassen unter</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>let go above</source>
        <translation>loslassen über</translation>
    </message>
    <message>
        <source>+ slice</source>
        <translation>+ Abschnitt</translation>
    </message>
    <message>
        <source>A slice from where the axis is now to its end.</source>
        <translation>Ein Abschnitt von da, wo die Achse jetzt ist, bis zu ihrem Ende.</translation>
    </message>
    <message>
        <source>slice %1</source>
        <translation>Abschnitt %1</translation>
    </message>
    <message>
        <source>name of slice %1</source>
        <translation>Name des Abschnitts %1</translation>
    </message>
    <message>
        <source>slice %1, %2</source>
        <translation>Abschnitt %1, %2</translation>
    </message>
    <message>
        <source>Space puts it where the axis is now.</source>
        <translation>Die Leertaste setzt ihn dorthin, wo die Achse jetzt ist.</translation>
    </message>
    <message>
        <source>remove slice %1</source>
        <translation>Abschnitt %1 entfernen</translation>
    </message>
    <message>
        <source>entered %1</source>
        <translation>betreten %1</translation>
    </message>
    <message>
        <source>pressed from wherever the axis comes</source>
        <translation>gedrückt, woher die Achse auch kommt</translation>
    </message>
    <message>
        <source>pressed only when the axis comes from below</source>
        <translation>nur gedrückt, wenn die Achse von unten kommt</translation>
    </message>
    <message>
        <source>pressed only when the axis comes from above</source>
        <translation>nur gedrückt, wenn die Achse von oben kommt</translation>
    </message>
    <message>
        <source>slice %1: %2</source>
        <translation>Abschnitt %1: %2</translation>
    </message>
</context>
<context>
    <name>jolly::app::Speaker</name>
    <message>
        <source>Nothing could be spoken. Layers are not spoken any more.</source>
        <translation>Es war nichts auszusprechen. Ebenen werden nicht mehr gesprochen.</translation>
    </message>
</context>
<context>
    <name>jolly::app::StackList</name>
    <message>
        <source>New layer: two others at once</source>
        <translation>Neue Ebene: zwei andere zugleich</translation>
    </message>
    <message>
        <source>The highest engaged layer that has a strand wins.</source>
        <translation>Die höchste eingeschaltete Ebene, die einen Strang hat, gewinnt.</translation>
    </message>
    <message>
        <source>New layer: touch its control</source>
        <translation>Neue Ebene: ihr Bedienelement berühren</translation>
    </message>
    <message>
        <source>Touch the control that shall engage it, or choose one from the list.</source>
        <translation>Das Bedienelement berühren, das die Ebene einschalten soll, oder eines aus der Liste wählen.</translation>
    </message>
    <message>
        <source>A layer that counts while two modifiers are held at once.</source>
        <translation>Eine Ebene, die zählt, solange zwei Umschalter zugleich gehalten werden.</translation>
    </message>
    <message>
        <source>Layer stack of %1</source>
        <translation>Ebenenstapel von %1</translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s)</source>
        <translation>
            <numerusform>%n Strang</numerusform>
            <numerusform>%n Stränge</numerusform>
        </translation>
    </message>
    <message>
        <source> · one only of %1</source>
        <translation> · nur eine von %1</translation>
    </message>
    <message>
        <source>%1 held</source>
        <translation>%1 gehalten</translation>
    </message>
    <message>
        <source>new layer</source>
        <translation>neue Ebene</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is on top of the stack. Its name and its rule are on the right.</source>
        <translation>„%1“ liegt oben auf dem Stapel. Name und Regel stehen rechts.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is engaged while both are. What it needs is on the right.</source>
        <translation>„%1“ ist eingeschaltet, solange beide es sind. Was sie braucht, steht rechts.</translation>
    </message>
    <message>
        <source>move layer</source>
        <translation>Ebene verschieben</translation>
    </message>
    <message>
        <source>remove layer</source>
        <translation>Ebene entfernen</translation>
    </message>
    <message>
        <source>%1 is removed with its strands; undo brings it back.</source>
        <translation>%1 ist mit ihren Strängen entfernt; Rückgängig bringt sie wieder.</translation>
    </message>
    <message>
        <source>%1 means %2 things in %2 layers.</source>
        <translation>%1 bedeutet %2 Dinge in %2 Ebenen.</translation>
    </message>
    <message numerus="yes">
        <source>%n function(s) need two modifiers at once.</source>
        <translation>
            <numerusform>%n Funktion braucht zwei Umschalter zugleich.</numerusform>
            <numerusform>%n Funktionen brauchen zwei Umschalter zugleich.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 (%2×)</source>
        <translation>%1 (%2×)</translation>
    </message>
    <message>
        <source>Pressed most: %1.</source>
        <translation>Am meisten gedrückt: %1.</translation>
    </message>
</context>
<context>
    <name>jolly::app::StageEditor</name>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>%1: none</source>
        <translation>%1: keine</translation>
    </message>
    <message>
        <source>—</source>
        <translation>—</translation>
    </message>
    <message>
        <source>%1 point</source>
        <translation>%1, Punkt</translation>
    </message>
    <message>
        <source>notches</source>
        <translation>Rasten</translation>
    </message>
    <message>
        <source>slices</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>positions</source>
        <translation>Stellungen</translation>
    </message>
    <message>
        <source>Point %1 of %2: in %L3 %, out %L4 %</source>
        <translation>Punkt %1 von %2: ein %L3 %, aus %L4 %</translation>
    </message>
    <message>
        <source>curve point</source>
        <translation>Kurvenpunkt</translation>
    </message>
</context>
<context>
    <name>jolly::app::StageStack</name>
    <message>
        <source>Calibrated</source>
        <translation>Kalibriert</translation>
    </message>
    <message>
        <source>raw %1 … %2</source>
        <translation>roh %1 … %2</translation>
    </message>
    <message>
        <source>, rest %1</source>
        <translation>, Ruhe %1</translation>
    </message>
    <message>
        <source>, noise %1</source>
        <translation>, Rauschen %1</translation>
    </message>
    <message>
        <source>%1 (off)</source>
        <translation>%1 (aus)</translation>
    </message>
    <message>
        <source>move stage</source>
        <translation>Stufe verschieben</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>früher</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>switch off</source>
        <translation>ausschalten</translation>
    </message>
    <message>
        <source>switch on</source>
        <translation>einschalten</translation>
    </message>
    <message>
        <source>switch stage</source>
        <translation>Stufe schalten</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>remove stage</source>
        <translation>Stufe entfernen</translation>
    </message>
    <message>
        <source>when a stage works</source>
        <translation>wann eine Stufe wirkt</translation>
    </message>
    <message>
        <source>+ stage…</source>
        <translation>+ Stufe…</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
</context>
<context>
    <name>jolly::app::StatusBar</name>
    <message>
        <source>follow touch</source>
        <translation>Berührung folgen</translation>
    </message>
    <message>
        <source>Touching a control selects it in every view (Ctrl+T)</source>
        <translation>Ein Bedienelement zu berühren wählt es in jeder Ansicht (Strg+T)</translation>
    </message>
    <message>
        <source>○  nothing touched yet</source>
        <translation>○  noch nichts berührt</translation>
    </message>
    <message>
        <source>→ %1</source>
        <translation>→ %1</translation>
    </message>
    <message>
        <source>leads nowhere yet</source>
        <translation>führt noch nirgends hin</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n controller(s) held</source>
        <translation>
            <numerusform>%1 von %n Controller gehalten</numerusform>
            <numerusform>%1 von %n Controllern gehalten</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n controller(s), none held</source>
        <translation>
            <numerusform>%n Controller, nicht gehalten</numerusform>
            <numerusform>%n Controller, keiner gehalten</numerusform>
        </translation>
    </message>
    <message>
        <source>preflight clear</source>
        <translation>Startprüfung frei</translation>
    </message>
    <message numerus="yes">
        <source>preflight: %n thing(s) to look at</source>
        <translation>
            <numerusform>Startprüfung: %n Sache anzusehen</numerusform>
            <numerusform>Startprüfung: %n Sachen anzusehen</numerusform>
        </translation>
    </message>
    <message>
        <source>Open the list (Ctrl+P)</source>
        <translation>Die Liste öffnen (Strg+P)</translation>
    </message>
    <message numerus="yes">
        <source>→ %1 through %n stage(s)</source>
        <translation>
            <numerusform>→ %1 über %n Stufe</numerusform>
            <numerusform>→ %1 über %n Stufen</numerusform>
        </translation>
    </message>
    <message>
        <source>●  %1 of %2</source>
        <translation>●  %1 von %2</translation>
    </message>
    <message>
        <source>a part of %1</source>
        <translation>ein Teil von %1</translation>
    </message>
</context>
<context>
    <name>jolly::app::StoryCard</name>
    <message>
        <source>quiet</source>
        <translation>still</translation>
    </message>
    <message>
        <source>touches</source>
        <translation>Berührungen</translation>
    </message>
    <message>
        <source>games</source>
        <translation>Spiele</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Was geschah</translation>
    </message>
    <message>
        <source>What happened, the newest first</source>
        <translation>Was geschah, das Neueste zuerst</translation>
    </message>
    <message>
        <source>Click a line to see how everything stood then</source>
        <translation>Eine Zeile anklicken, um zu sehen, wie alles damals stand</translation>
    </message>
    <message>
        <source>Nothing of that yet: move something.</source>
        <translation>Davon noch nichts: etwas bewegen.</translation>
    </message>
</context>
<context>
    <name>jolly::app::StrandCard</name>
    <message>
        <source>+ stage…</source>
        <translation>+ Stufe…</translation>
    </message>
    <message>
        <source>more…</source>
        <translation>mehr…</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>move stage</source>
        <translation>Stufe verschieben</translation>
    </message>
    <message>
        <source>upper half of %1</source>
        <translation>obere Hälfte von %1</translation>
    </message>
    <message>
        <source>lower half of %1</source>
        <translation>untere Hälfte von %1</translation>
    </message>
    <message>
        <source> (off)</source>
        <translation> (aus)</translation>
    </message>
    <message>
        <source>Stage %1: %2, %3</source>
        <translation>Stufe %1: %2, %3</translation>
    </message>
    <message>
        <source>nothing comes out</source>
        <translation>nichts kommt heraus</translation>
    </message>
    <message>
        <source>asleep</source>
        <translation>schläft</translation>
    </message>
    <message>
        <source>asleep; would be %1</source>
        <translation>schläft; wäre %1</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Umbenennen…</translation>
    </message>
    <message>
        <source>Name of the strand</source>
        <translation>Name des Strangs</translation>
    </message>
    <message>
        <source>rename strand</source>
        <translation>Strang umbenennen</translation>
    </message>
    <message>
        <source>Note…</source>
        <translation>Notiz…</translation>
    </message>
    <message>
        <source>Note on the strand</source>
        <translation>Notiz zum Strang</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Begin at another control…</source>
        <translation>An anderem Bedienelement beginnen…</translation>
    </message>
    <message>
        <source>End at another control…</source>
        <translation>An anderem Bedienelement enden…</translation>
    </message>
    <message>
        <source>Switch off or on</source>
        <translation>Aus- oder einschalten</translation>
    </message>
    <message>
        <source>switch strand off</source>
        <translation>Strang ausschalten</translation>
    </message>
    <message>
        <source>switch strand on</source>
        <translation>Strang einschalten</translation>
    </message>
    <message>
        <source>Rest or keep its value when the controller goes away</source>
        <translation>Ruhen oder Wert behalten, wenn der Controller verschwindet</translation>
    </message>
    <message>
        <source>rest or keep</source>
        <translation>ruhen oder behalten</translation>
    </message>
    <message>
        <source>Copy, to paste at another control (Ctrl+V)</source>
        <translation>Kopieren, um an anderem Bedienelement einzufügen (Strg+V)</translation>
    </message>
    <message>
        <source>Take it for this craft alone</source>
        <translation>Für dieses Gefährt allein nehmen</translation>
    </message>
    <message>
        <source>take for this craft alone</source>
        <translation>für dieses Gefährt allein nehmen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Verdoppeln</translation>
    </message>
    <message>
        <source>duplicate strand</source>
        <translation>Strang verdoppeln</translation>
    </message>
    <message>
        <source>Remove the strand</source>
        <translation>Strang entfernen</translation>
    </message>
    <message>
        <source>remove strand</source>
        <translation>Strang entfernen</translation>
    </message>
    <message>
        <source>How much of its axis it moves</source>
        <translation>Wie viel seiner Achse er bewegt</translation>
    </message>
    <message>
        <source>All of it</source>
        <translation>Alles davon</translation>
    </message>
    <message>
        <source>The upper half</source>
        <translation>Die obere Hälfte</translation>
    </message>
    <message>
        <source>The lower half</source>
        <translation>Die untere Hälfte</translation>
    </message>
    <message>
        <source>half of an axis</source>
        <translation>Hälfte einer Achse</translation>
    </message>
    <message>
        <source>begin strand elsewhere</source>
        <translation>Strang anderswo beginnen</translation>
    </message>
    <message>
        <source>Switch off</source>
        <translation>Ausschalten</translation>
    </message>
    <message>
        <source>Switch on</source>
        <translation>Einschalten</translation>
    </message>
    <message>
        <source>switch stage</source>
        <translation>Stufe schalten</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Remove stage</source>
        <translation>Stufe entfernen</translation>
    </message>
    <message>
        <source>in: %1</source>
        <translation>ein: %1</translation>
    </message>
    <message>
        <source>out: %1</source>
        <translation>aus: %1</translation>
    </message>
</context>
<context>
    <name>jolly::app::StrandModel</name>
    <message>
        <source>%1, needs attention</source>
        <translation>%1, braucht Beachtung</translation>
    </message>
</context>
<context>
    <name>jolly::app::StripChart</name>
    <message>
        <source>The last ten seconds, raw and shaped</source>
        <translation>Die letzten zehn Sekunden, roh und geformt</translation>
    </message>
    <message>
        <source>−10 s</source>
        <translation>−10 s</translation>
    </message>
    <message>
        <source>−5 s</source>
        <translation>−5 s</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>−100 %</source>
        <translation>−100 %</translation>
    </message>
    <message>
        <source>0 %</source>
        <translation>0 %</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
</context>
<context>
    <name>jolly::app::SwitchCard</name>
    <message>
        <source>Switch</source>
        <translation>Schalter</translation>
    </message>
    <message>
        <source>Is it one position of a switch that reports only some of them, or each by a button of its own?</source>
        <translation>Ist es eine Stellung eines Schalters, der nur manche meldet, oder jede mit eigener Taste?</translation>
    </message>
    <message>
        <source>Two positions</source>
        <translation>Zwei Stellungen</translation>
    </message>
    <message>
        <source>Three positions</source>
        <translation>Drei Stellungen</translation>
    </message>
    <message>
        <source>Name of the switch</source>
        <translation>Name des Schalters</translation>
    </message>
    <message>
        <source>rename switch</source>
        <translation>Schalter umbenennen</translation>
    </message>
    <message>
        <source>Add position</source>
        <translation>Stellung hinzufügen</translation>
    </message>
    <message>
        <source>Take it apart</source>
        <translation>Auflösen</translation>
    </message>
    <message>
        <source>add position</source>
        <translation>Stellung hinzufügen</translation>
    </message>
    <message>
        <source>name of position %1</source>
        <translation>Name der Stellung %1</translation>
    </message>
    <message>
        <source>rename position</source>
        <translation>Stellung umbenennen</translation>
    </message>
    <message>
        <source>button of position %1</source>
        <translation>Taste der Stellung %1</translation>
    </message>
    <message>
        <source>no button</source>
        <translation>keine Taste</translation>
    </message>
    <message>
        <source>button of position</source>
        <translation>Taste der Stellung</translation>
    </message>
    <message>
        <source>No button is pressed in this position</source>
        <translation>In dieser Stellung ist keine Taste gedrückt</translation>
    </message>
    <message>
        <source>no button in position %1</source>
        <translation>keine Taste in Stellung %1</translation>
    </message>
    <message>
        <source>Remove this position</source>
        <translation>Diese Stellung entfernen</translation>
    </message>
    <message>
        <source>remove position %1</source>
        <translation>Stellung %1 entfernen</translation>
    </message>
    <message>
        <source>remove position</source>
        <translation>Stellung entfernen</translation>
    </message>
    <message>
        <source>make switch</source>
        <translation>Schalter machen</translation>
    </message>
    <message>
        <source>take switch apart</source>
        <translation>Schalter auflösen</translation>
    </message>
</context>
<context>
    <name>jolly::app::SwitchLever</name>
    <message>
        <source>The switch, with its positions beside it</source>
        <translation>Der Schalter, mit seinen Stellungen daneben</translation>
    </message>
</context>
<context>
    <name>jolly::app::TakenCard</name>
    <message>
        <source>%1 of %2 leads here.</source>
        <translation>%1 von %2 führt hierher.</translation>
    </message>
    <message>
        <source>%1 leads here; its controller is not known.</source>
        <translation>%1 führt hierher; sein Controller ist nicht bekannt.</translation>
    </message>
    <message>
        <source>look at it</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>look at %1</source>
        <translation>%1 ansehen</translation>
    </message>
    <message>
        <source>Lead %1 here too</source>
        <translation>%1 auch hierher führen</translation>
    </message>
    <message>
        <source>%1 here instead</source>
        <translation>Stattdessen %1 hierher</translation>
    </message>
    <message>
        <source>Leave it as it is</source>
        <translation>Lassen, wie es ist</translation>
    </message>
    <message>
        <source>One axis: %1 down, %2 up</source>
        <translation>Eine Achse: %1 ab, %2 auf</translation>
    </message>
    <message>
        <source>The larger of the two</source>
        <translation>Der größere von beiden</translation>
    </message>
</context>
<context>
    <name>jolly::app::TimeLine</name>
    <message>
        <source>Drag to see how everything stood then; Esc goes back to now</source>
        <translation>Ziehen, um zu sehen, wie alles damals stand; Esc geht zurück zu jetzt</translation>
    </message>
    <message>
        <source>layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Nothing is recorded yet: move something.</source>
        <translation>Noch ist nichts aufgenommen: etwas bewegen.</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>The recording, shown at %1</source>
        <translation>Die Aufnahme, gezeigt bei %1</translation>
    </message>
    <message>
        <source>The recording, shown as it is now</source>
        <translation>Die Aufnahme, gezeigt wie sie jetzt ist</translation>
    </message>
</context>
<context>
    <name>jolly::app::TopBar</name>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>Everything that can be done (Alt or F10)</source>
        <translation>Alles, was getan werden kann (Alt oder F10)</translation>
    </message>
    <message>
        <source>changed, not saved</source>
        <translation>geändert, nicht gespeichert</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gespeichert</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gespeichert</translation>
    </message>
    <message>
        <source>%1 events/s</source>
        <translation>%1 Ereign./s</translation>
    </message>
    <message>
        <source>no engine yet</source>
        <translation>noch keine Engine</translation>
    </message>
    <message>
        <source>adds %1 µs</source>
        <translation>fügt %1 µs hinzu</translation>
    </message>
    <message>
        <source>idle</source>
        <translation>untätig</translation>
    </message>
</context>
<context>
    <name>jolly::app::Tray</name>
    <message>
        <source>Jolly Tangle: live, %1</source>
        <translation>Jolly Tangle: live, %1</translation>
    </message>
    <message>
        <source>Jolly Tangle: idle</source>
        <translation>Jolly Tangle: untätig</translation>
    </message>
    <message>
        <source>Show the window</source>
        <translation>Fenster zeigen</translation>
    </message>
    <message>
        <source>Stand down</source>
        <translation>Live beenden</translation>
    </message>
    <message>
        <source>Go live</source>
        <translation>Live gehen</translation>
    </message>
    <message>
        <source>Craft</source>
        <translation>Gefährte</translation>
    </message>
    <message>
        <source>End Jolly Tangle</source>
        <translation>Jolly Tangle beenden</translation>
    </message>
    <message>
        <source>Jolly Tangle</source>
        <translation>Jolly Tangle</translation>
    </message>
</context>
<context>
    <name>jolly::app::WalkCard</name>
    <message>
        <source>Begin again</source>
        <translation>Neu beginnen</translation>
    </message>
    <message>
        <source>Save the report…</source>
        <translation>Bericht speichern…</translation>
    </message>
    <message>
        <source>End the walk</source>
        <translation>Rundgang beenden</translation>
    </message>
    <message>
        <source>Walk the desk</source>
        <translation>Den Tisch abgehen</translation>
    </message>
    <message>
        <source>Move everything to both its ends, press everything, push hats every way; then let go.</source>
        <translation>Alles an beide Enden bewegen, alles drücken, Hats in jede Richtung; dann loslassen.</translation>
    </message>
    <message>
        <source>Controls, those first that are left</source>
        <translation>Bedienelemente, zuerst die noch fehlenden</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>: yes</source>
        <translation>: ja</translation>
    </message>
    <message>
        <source>✓ </source>
        <translation>✓ </translation>
    </message>
    <message>
        <source>○ </source>
        <translation>○ </translation>
    </message>
</context>
<context>
    <name>jolly::app::WeavePage</name>
    <message>
        <source>Add a virtual device</source>
        <translation>Virtuelles Gerät hinzufügen</translation>
    </message>
    <message>
        <source>Joystick</source>
        <translation>Joystick</translation>
    </message>
    <message>
        <source>Gamepad</source>
        <translation>Gamepad</translation>
    </message>
    <message>
        <source>Keyboard</source>
        <translation>Tastatur</translation>
    </message>
    <message>
        <source>Pointer</source>
        <translation>Zeiger</translation>
    </message>
    <message>
        <source>add virtual device</source>
        <translation>virtuelles Gerät hinzufügen</translation>
    </message>
    <message>
        <source>Lead it to the next free one</source>
        <translation>Zum nächsten freien führen</translation>
    </message>
    <message>
        <source>Nothing touched yet</source>
        <translation>Noch nichts berührt</translation>
    </message>
    <message>
        <source>Move a lever or press a button: it is selected by itself. Or click one on the left.</source>
        <translation>Einen Hebel bewegen oder eine Taste drücken: sie wird von selbst gewählt. Oder links eine anklicken.</translation>
    </message>
    <message>
        <source>Nothing leads from %1 in %2 yet. Click a virtual control on the right, or drag to it.</source>
        <translation>Noch führt nichts von %1 in %2 weg. Rechts ein virtuelles Bedienelement anklicken, oder hinziehen.</translation>
    </message>
    <message>
        <source>Click where %1 shall lead, on the right.</source>
        <translation>Rechts anklicken, wohin %1 führen soll.</translation>
    </message>
    <message>
        <source>A click leads %1 to %2.</source>
        <translation>Ein Klick führt %1 zu %2.</translation>
    </message>
    <message>
        <source>%1 leads to %2. A click shows it.</source>
        <translation>%1 führt zu %2. Ein Klick zeigt es.</translation>
    </message>
    <message numerus="yes">
        <source>%n strand(s) lead to %1. A click shows them.</source>
        <translation>
            <numerusform>%n Strang führt zu %1. Ein Klick zeigt ihn.</numerusform>
            <numerusform>%n Stränge führen zu %1. Ein Klick zeigt sie.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 is free. Touch a control first.</source>
        <translation>%1 ist frei. Erst ein Bedienelement berühren.</translation>
    </message>
    <message>
        <source>%1 is free, but does not take %2.</source>
        <translation>%1 ist frei, nimmt aber %2 nicht an.</translation>
    </message>
    <message>
        <source>Touch a control first; then a click lets it engage the layer.</source>
        <translation>Erst ein Bedienelement berühren; dann lässt ein Klick es die Ebene einschalten.</translation>
    </message>
    <message>
        <source>new rule</source>
        <translation>neue Regel</translation>
    </message>
    <message>
        <source>Touch a control first, or choose one of its outlets.</source>
        <translation>Erst ein Bedienelement berühren, oder einen seiner Ausgänge wählen.</translation>
    </message>
    <message>
        <source>Keys for %1</source>
        <translation>Tasten für %1</translation>
    </message>
    <message>
        <source>Name and size…</source>
        <translation>Name und Größe…</translation>
    </message>
    <message>
        <source>Add a copy</source>
        <translation>Kopie hinzufügen</translation>
    </message>
    <message>
        <source>copy device</source>
        <translation>Gerät kopieren</translation>
    </message>
    <message>
        <source>Remove it…</source>
        <translation>Entfernen…</translation>
    </message>
    <message>
        <source>lead all of it…</source>
        <translation>alles führen…</translation>
    </message>
</context>
<context>
    <name>jolly::app::Weaver</name>
    <message>
        <source>weave %1</source>
        <translation>%1 flechten</translation>
    </message>
    <message>
        <source>Touch or click a control on the left first; then choose where it leads.</source>
        <translation>Erst links ein Bedienelement berühren oder anklicken; dann wählen, wohin es führt.</translation>
    </message>
    <message>
        <source>Copy a strand first, then select the control that it shall begin at.</source>
        <translation>Erst einen Strang kopieren, dann das Bedienelement wählen, an dem er beginnen soll.</translation>
    </message>
    <message>
        <source>paste strand</source>
        <translation>Strang einfügen</translation>
    </message>
    <message>
        <source>No virtual device has a free control of that kind.</source>
        <translation>Kein virtuelles Gerät hat ein freies Bedienelement dieser Art.</translation>
    </message>
    <message>
        <source>silence %1</source>
        <translation>%1 schweigen lassen</translation>
    </message>
    <message>
        <source>move end</source>
        <translation>Ende verschieben</translation>
    </message>
    <message>
        <source>It ends at %1 now.</source>
        <translation>Es endet jetzt an %1.</translation>
    </message>
    <message>
        <source>It ends at %1 now; %2 has its old place.</source>
        <translation>Es endet jetzt an %1; %2 hat seinen alten Platz.</translation>
    </message>
    <message>
        <source>lead all of %1</source>
        <translation>%1 ganz führen</translation>
    </message>
    <message numerus="yes">
        <source>%n control(s) of %1 lead on now. Undo takes them back.</source>
        <translation>
            <numerusform>%n Bedienelement von %1 führt jetzt weiter. Rückgängig nimmt es zurück.</numerusform>
            <numerusform>%n Bedienelemente von %1 führen jetzt weiter. Rückgängig nimmt sie zurück.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n control(s) found no place.</source>
        <translation>
            <numerusform>%n Bedienelement fand keinen Platz.</numerusform>
            <numerusform>%n Bedienelemente fanden keinen Platz.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>jolly::app::WheelField</name>
    <message>
        <source>it turns</source>
        <translation>es dreht</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewollt</translation>
    </message>
    <message>
        <source>%1, degrees</source>
        <translation>%1, Grad</translation>
    </message>
    <message>
        <source>degrees of the wheel</source>
        <translation>Grade des Lenkrads</translation>
    </message>
    <message>
        <source>degrees wanted</source>
        <translation>gewollte Grade</translation>
    </message>
</context>
<context>
    <name>jolly::app::WhenField</name>
    <message>
        <source>when…</source>
        <translation>wenn…</translation>
    </message>
    <message>
        <source>works always</source>
        <translation>wirkt immer</translation>
    </message>
    <message>
        <source>works while %1 is off</source>
        <translation>wirkt, solange %1 aus ist</translation>
    </message>
    <message>
        <source>works while %1 is on</source>
        <translation>wirkt, solange %1 an ist</translation>
    </message>
    <message>
        <source>When the stage works: %1</source>
        <translation>Wann die Stufe wirkt: %1</translation>
    </message>
    <message>
        <source>Always</source>
        <translation>Immer</translation>
    </message>
    <message>
        <source>While a control is on: touch it…</source>
        <translation>Solange ein Bedienelement an ist: berühren…</translation>
    </message>
    <message>
        <source>While a virtual control is on</source>
        <translation>Solange ein virtuelles Bedienelement an ist</translation>
    </message>
    <message>
        <source>While it is on instead</source>
        <translation>Stattdessen, solange es an ist</translation>
    </message>
    <message>
        <source>While it is off instead</source>
        <translation>Stattdessen, solange es aus ist</translation>
    </message>
</context>
<context>
    <name>jolly::app::WhyLines</name>
    <message>
        <source>Why?</source>
        <translation>Warum?</translation>
    </message>
    <message>
        <source>Why? %1</source>
        <translation>Warum? %1</translation>
    </message>
    <message>
        <source>What gave it its value: the touch, the strand, its stages</source>
        <translation>Was ihm seinen Wert gab: die Berührung, der Strang, seine Stufen</translation>
    </message>
</context>
</TS>
