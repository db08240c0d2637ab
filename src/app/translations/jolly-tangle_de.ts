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
        <source>in the middle</source>
        <translation>in der Mitte</translation>
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
    <name>jolly::app::AxisRow</name>
    <message>
        <source>%1, %2, needs attention</source>
        <translation>%1, %2, braucht Beachtung</translation>
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
        <source>%1 strands, which every craft inherits.</source>
        <translation>%1 Stränge, die jedes Gefährt erbt.</translation>
    </message>
    <message>
        <source>%1 strands: %2 of its own, %3 that change inherited ones.</source>
        <translation>%1 Stränge: %2 eigene, %3, die geerbte ändern.</translation>
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
        <source>Find a control, a strand, a craft, a command …</source>
        <translation>Bedienelement, Strang, Gefährt, Befehl finden …</translation>
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
        <source>Nothing is called &quot;%1&quot;. Fewer letters find more; controls, strands, functions, devices, craft, layers and all commands can be found.</source>
        <translation>Nichts heißt „%1“. Weniger Buchstaben finden mehr; zu finden sind Bedienelemente, Stränge, Funktionen, Geräte, Gefährte, Ebenen und alle Befehle.</translation>
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
        <source>The next free control</source>
        <translation>Das nächste freie Bedienelement</translation>
    </message>
    <message>
        <source>Another control from the list…</source>
        <translation>Ein anderes Bedienelement aus der Liste…</translation>
    </message>
    <message>
        <source>Keys: press them together…</source>
        <translation>Tasten: zusammen drücken…</translation>
    </message>
    <message>
        <source>An order</source>
        <translation>Ein Befehl</translation>
    </message>
    <message>
        <source>A layer</source>
        <translation>Eine Ebene</translation>
    </message>
    <message>
        <source>A craft</source>
        <translation>Ein Gefährt</translation>
    </message>
    <message>
        <source>Nothing: it is silent</source>
        <translation>Nichts: es schweigt</translation>
    </message>
    <message>
        <source>One goal more</source>
        <translation>Ein Ziel mehr</translation>
    </message>
    <message>
        <source>Take this goal away</source>
        <translation>Dieses Ziel wegnehmen</translation>
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
        <source>The next craft</source>
        <translation>Das nächste Gefährt</translation>
    </message>
    <message>
        <source>The craft before</source>
        <translation>Das Gefährt davor</translation>
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
        <source>Rig</source>
        <translation>Pult</translation>
    </message>
    <message>
        <source>Weave</source>
        <translation>Flechten</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Prüfstand</translation>
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
        <source> %</source>
        <translation> %</translation>
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
        <source>Rig</source>
        <translation>Pult</translation>
    </message>
    <message>
        <source>Weave</source>
        <translation>Flechten</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Prüfstand</translation>
    </message>
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
        <source>in %1</source>
        <translation>ein %1</translation>
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
        <source>out %1</source>
        <translation>aus %1</translation>
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
