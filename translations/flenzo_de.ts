<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>ActPicture</name>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>The claw&apos;s screws, clockwise: bass %1, treble %2 turns</source>
        <translation>Die Krallenschrauben, im Uhrzeigersinn: Bass %1, Diskant %2 Umdrehungen</translation>
    </message>
    <message>
        <source>The claw&apos;s screws, counter-clockwise: bass %1, treble %2 turns</source>
        <translation>Die Krallenschrauben, gegen den Uhrzeigersinn: Bass %1, Diskant %2 Umdrehungen</translation>
    </message>
    <message>
        <source>Peg of string %1, tighter</source>
        <translation>Mechanik der Saite %1, fester</translation>
    </message>
    <message>
        <source>Peg of string %1, looser</source>
        <translation>Mechanik der Saite %1, lockerer</translation>
    </message>
    <message>
        <source>rear edge</source>
        <translation>Hinterkante</translation>
    </message>
    <message>
        <source>The gap under the plate&apos;s rear edge</source>
        <translation>Der Spalt unter der Hinterkante der Platte</translation>
    </message>
    <message>
        <source>String %1, pulled along its length</source>
        <translation>Saite %1, der ganzen Länge nach gezogen</translation>
    </message>
</context>
<context>
    <name>ActWords</name>
    <message>
        <source>Measure the gap under the plate&apos;s rear edge</source>
        <translation>Den Spalt unter der Hinterkante der Platte messen</translation>
    </message>
    <message>
        <source>every string</source>
        <translation>Jede Saite</translation>
    </message>
    <message>
        <source>string %1</source>
        <translation>Saite %1</translation>
    </message>
    <message>
        <source>the %1 strings left</source>
        <translation>Die übrigen %1 Saiten</translation>
    </message>
    <message>
        <source>Check %1, then measure the rear gap</source>
        <translation>%1 prüfen, dann den hinteren Spalt messen</translation>
    </message>
    <message>
        <source>Check %1</source>
        <translation>%1 prüfen</translation>
    </message>
    <message>
        <source>What changed since is calculated, not checked</source>
        <translation>Was sich seither geändert hat, ist berechnet, nicht geprüft</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>gap under the rear edge</source>
        <translation>Spalt unter der Hinterkante</translation>
    </message>
    <message>
        <source>reading of %1</source>
        <translation>Ablesung von %1</translation>
    </message>
    <message>
        <source>Fine-tune string %1 to</source>
        <translation>Saite %1 feinstimmen auf</translation>
    </message>
    <message>
        <source>Tune string %1 under the block to</source>
        <translation>Saite %1 bei eingesetztem Klotz stimmen auf</translation>
    </message>
    <message>
        <source>Tune string %1 down to</source>
        <translation>Saite %1 herunterstimmen auf</translation>
    </message>
    <message>
        <source>Tune string %1 up to</source>
        <translation>Saite %1 hochstimmen auf</translation>
    </message>
    <message>
        <source>%1 ¢ above %2, %3</source>
        <translation>%1 ¢ über %2, %3</translation>
    </message>
    <message>
        <source>%1 ¢ below %2, %3</source>
        <translation>%1 ¢ unter %2, %3</translation>
    </message>
    <message>
        <source>%1 ¢ from %2, %3</source>
        <translation>%1 ¢ von %2, %3</translation>
    </message>
    <message>
        <source>what the tuner says, cents from %1</source>
        <translation>was das Stimmgerät zeigt, Cent von %1</translation>
    </message>
    <message>
        <source>Pull string %1 along its whole length</source>
        <translation>Saite %1 der ganzen Länge nach ziehen</translation>
    </message>
    <message>
        <source>pull</source>
        <translation>Zug</translation>
    </message>
    <message>
        <source>It should drop about %1 ¢; likely pulls left %2, at most %3. Never in one place: a kink stays.</source>
        <translation>Sie sollte um etwa %1 ¢ fallen; wohl noch %2 Züge, höchstens %3. Nie an einer Stelle: ein Knick bleibt.</translation>
    </message>
    <message>
        <source>what the tuner says after it</source>
        <translation>was das Stimmgerät danach zeigt</translation>
    </message>
    <message>
        <source>It looks an octave off.</source>
        <translation>Es sieht nach einer Oktave zu viel oder zu wenig aus.</translation>
    </message>
    <message>
        <source>It would fit string %1.</source>
        <translation>Es würde zu Saite %1 passen.</translation>
    </message>
    <message>
        <source>Sharp and flat may be mixed up.</source>
        <translation>Zu hoch und zu tief sind vielleicht verwechselt.</translation>
    </message>
    <message>
        <source>The decimal point may have slipped.</source>
        <translation>Das Komma ist vielleicht verrutscht.</translation>
    </message>
    <message>
        <source>Check string %1 again</source>
        <translation>Saite %1 noch einmal prüfen</translation>
    </message>
    <message>
        <source>Measure the rear gap again</source>
        <translation>Den hinteren Spalt noch einmal messen</translation>
    </message>
    <message>
        <source>slack</source>
        <translation>locker</translation>
    </message>
    <message>
        <source>Leave both claw screws as they are</source>
        <translation>Beide Krallenschrauben lassen, wie sie sind</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Umdrehung</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Umdrehungen</translation>
    </message>
    <message>
        <source>Tighten both claw screws %1</source>
        <translation>Beide Krallenschrauben %1 anziehen</translation>
    </message>
    <message>
        <source>Loosen both claw screws %1</source>
        <translation>Beide Krallenschrauben %1 lösen</translation>
    </message>
    <message>
        <source>Tighten the treble screw alone %1 turn</source>
        <translation>Nur die Diskantschraube %1 Umdrehung anziehen</translation>
    </message>
    <message>
        <source>Loosen the treble screw alone %1 turn</source>
        <translation>Nur die Diskantschraube %1 Umdrehung lösen</translation>
    </message>
    <message>
        <source>Tighten the bass screw alone %1 turn</source>
        <translation>Nur die Bassschraube %1 Umdrehung anziehen</translation>
    </message>
    <message>
        <source>Loosen the bass screw alone %1 turn</source>
        <translation>Nur die Bassschraube %1 Umdrehung lösen</translation>
    </message>
    <message>
        <source>Tighten the bass screw %1, the treble screw %2</source>
        <translation>Bassschraube %1 anziehen, Diskantschraube %2</translation>
    </message>
    <message>
        <source>Loosen the bass screw %1, the treble screw %2</source>
        <translation>Bassschraube %1 lösen, Diskantschraube %2</translation>
    </message>
    <message>
        <source>clockwise</source>
        <translation>im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>counter-clockwise</source>
        <translation>gegen den Uhrzeigersinn</translation>
    </message>
    <message>
        <source>Space when done</source>
        <translation>Leertaste, wenn erledigt</translation>
    </message>
    <message>
        <source>Then look at the gap: about %1 turns are missing in all; %2</source>
        <translation>Dann auf den Spalt sehen: im Ganzen fehlen etwa %1 Umdrehungen; %2</translation>
    </message>
    <message>
        <source>clockwise, the same on each screw; the springs pull more and the plate&apos;s rear goes down</source>
        <translation>im Uhrzeigersinn, an jeder Schraube gleich viel; die Federn ziehen mehr und die Platte sinkt hinten</translation>
    </message>
    <message>
        <source>counter-clockwise, the same on each screw; the springs pull less and the plate&apos;s rear comes up</source>
        <translation>gegen den Uhrzeigersinn, an jeder Schraube gleich viel; die Federn ziehen weniger und die Platte steigt hinten</translation>
    </message>
    <message>
        <source>In tune and level</source>
        <translation>Gestimmt und eben</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>Checked on this guitar, not forecast</source>
        <translation>An dieser Gitarre geprüft, nicht vorhergesagt</translation>
    </message>
    <message>
        <source>any further reading</source>
        <translation>jede weitere Ablesung</translation>
    </message>
    <message>
        <source>In tune</source>
        <translation>Gestimmt</translation>
    </message>
    <message>
        <source>Level is not known: nobody has measured the plate. A gap or an angle would tell.</source>
        <translation>Ob sie eben ist, weiß niemand: die Platte wurde nie gemessen. Ein Spalt oder ein Winkel würde es sagen.</translation>
    </message>
    <message>
        <source>As far as these tools can tell: strings to %1 ¢, plate to %2°</source>
        <translation>So genau dieses Werkzeug es sagen kann: Saiten auf %1 ¢, Platte auf %2°</translation>
    </message>
    <message>
        <source>%1 %2 ¢</source>
        <translation>%1 %2 ¢</translation>
    </message>
    <message>
        <source>plate %1° forward</source>
        <translation>Platte %1° nach vorn</translation>
    </message>
    <message>
        <source>plate %1° sunk</source>
        <translation>Platte %1° gesunken</translation>
    </message>
    <message>
        <source>Leave it here, or go on by hand</source>
        <translation>Hier lassen oder von Hand weitermachen</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>halt</translation>
    </message>
    <message>
        <source>Left, by what is known: %1. With these tools more work is not likely to help.</source>
        <translation>Übrig, soweit bekannt: %1. Mit diesem Werkzeug hilft mehr Arbeit wohl nicht.</translation>
    </message>
    <message>
        <source>Why %1 fell %2 ¢: </source>
        <translation>Warum %1 um %2 ¢ fiel: </translation>
    </message>
    <message>
        <source>Why %1 rose %2 ¢: </source>
        <translation>Warum %1 um %2 ¢ stieg: </translation>
    </message>
    <message>
        <source>the plate tipped %1° forward (%2)</source>
        <translation>die Platte kippte %1° nach vorn (%2)</translation>
    </message>
    <message>
        <source>the plate tipped %1° back (%2)</source>
        <translation>die Platte kippte %1° zurück (%2)</translation>
    </message>
    <message>
        <source>Take the block out</source>
        <translation>Den Klotz herausnehmen</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Klotz</translation>
    </message>
    <message>
        <source>The strings are at their aims under the block and will come to pitch</source>
        <translation>Die Saiten sind bei eingesetztem Klotz an ihren Zielwerten und kommen auf Tonhöhe</translation>
    </message>
    <message>
        <source>This set cannot float level here</source>
        <translation>Dieser Satz kann hier nicht eben schweben</translation>
    </message>
    <message>
        <source>Put %1 on</source>
        <translation>%1 aufziehen</translation>
    </message>
    <message>
        <source>It is off. Tune it roughly up once it is on; safety glasses on.</source>
        <translation>Sie ist ab. Nach dem Aufziehen ungefähr hochstimmen; Schutzbrille auf.</translation>
    </message>
    <message>
        <source>Space when it is on</source>
        <translation>Leertaste, wenn sie aufgezogen ist</translation>
    </message>
    <message>
        <source>The readings contradict each other</source>
        <translation>Die Ablesungen widersprechen sich</translation>
    </message>
    <message>
        <source>They scatter by %1 ¢, more than the tools were said to. Mute the other strings, check the tuner and the ruler, then read again.</source>
        <translation>Sie streuen um %1 ¢, mehr als für die Werkzeuge angegeben. Die anderen Saiten dämpfen, Stimmgerät und Lineal prüfen, dann neu ablesen.</translation>
    </message>
    <message>
        <source>This string first: otherwise %1 would come to %2 % of its breaking load.</source>
        <translation>Diese Saite zuerst: sonst käme %1 auf %2 % ihrer Bruchlast.</translation>
    </message>
    <message>
        <source>Only so far for now: the whole way would bring %1 to %2 % of its breaking load. The rest follows once the plate has come up.</source>
        <translation>Vorerst nur so weit: der ganze Weg brächte %1 auf %2 % ihrer Bruchlast. Der Rest folgt, wenn die Platte hochgekommen ist.</translation>
    </message>
    <message>
        <source>Not all at once: that would bring %1 to %2 % of its breaking load.</source>
        <translation>Nicht alles auf einmal: das brächte %1 auf %2 % ihrer Bruchlast.</translation>
    </message>
    <message>
        <source>Its fine tuner ends there, %1 ¢ short (calculated). For the rest, open the nut at this string, set the fine tuner to its middle, tune by the peg and clamp it again.</source>
        <translation>Dort endet der Feinstimmer, %1 ¢ fehlen noch (berechnet). Für den Rest: an dieser Saite den Sattel öffnen, den Feinstimmer in die Mitte stellen, an der Mechanik stimmen und wieder klemmen.</translation>
    </message>
    <message>
        <source>Figures are assumed until you take readings</source>
        <translation>Zahlen sind angenommen, bis abgelesen wird</translation>
    </message>
    <message>
        <source>(%1 % of what breaks it)</source>
        <translation>(%1 % ihrer Bruchlast)</translation>
    </message>
    <message>
        <source>If it is right, the string slipped at its clamp or string post.</source>
        <translation>Stimmt es, ist die Saite in ihrer Klemme oder an der Mechanikachse gerutscht.</translation>
    </message>
    <message>
        <source>Misread, mistyped, or something moved unrecorded.</source>
        <translation>Verlesen, vertippt, oder etwas hat sich unvermerkt bewegt.</translation>
    </message>
    <message>
        <source>This contradicts other readings; %1 expected (%2 standard deviations off). </source>
        <translation>Das widerspricht anderen Ablesungen; %1 erwartet (%2 Standardabweichungen daneben). </translation>
    </message>
    <message>
        <source>Space keeps this reading.</source>
        <translation>Leertaste behält diese Ablesung.</translation>
    </message>
    <message>
        <source>%1; one screw gets 1/16 more, for finer adjustment</source>
        <translation>%1; eine Schraube 1/16 weiter, zum feineren Einstellen</translation>
    </message>
    <message>
        <source>What is left is too small to measure</source>
        <translation>Was bleibt, ist zu klein zum Messen</translation>
    </message>
    <message>
        <source>%1, the string stretched (%2)</source>
        <translation>%1, die Saite hat sich gedehnt (%2)</translation>
    </message>
    <message>
        <source>This first: the next act would bring %1 to %2 % of its breaking load.</source>
        <translation>Dies zuerst: der nächste Handgriff brächte %1 auf %2 % ihrer Bruchlast.</translation>
    </message>
    <message>
        <source>Do not start: find another set or springs first</source>
        <translation>Nicht anfangen: zuerst einen anderen Satz oder andere Federn finden</translation>
    </message>
    <message>
        <source>No claw change</source>
        <translation>Federkralle bleibt</translation>
    </message>
    <message>
        <source>TIGHTEN both claw screws</source>
        <translation>Beide Krallenschrauben ANZIEHEN</translation>
    </message>
    <message>
        <source>LOOSEN both claw screws</source>
        <translation>Beide Krallenschrauben LÖSEN</translation>
    </message>
    <message>
        <source>Or put the block in at level (%1): on it every string is tuned straight to its pitch.</source>
        <translation>Oder den Klotz waagerecht einsetzen (%1): Darauf wird jede Saite gerade auf ihren Ton gestimmt.</translation>
    </message>
</context>
<context>
    <name>ActsDone</name>
    <message>
        <source>plate measured</source>
        <translation>Platte gemessen</translation>
    </message>
    <message numerus="yes">
        <source>%n strings checked</source>
        <translation>
            <numerusform>%n Saite geprüft</numerusform>
            <numerusform>%n Saiten geprüft</numerusform>
        </translation>
    </message>
    <message>
        <source>string %1 tuned</source>
        <translation>Saite %1 gestimmt</translation>
    </message>
    <message>
        <source>string %1 fine-tuned</source>
        <translation>Saite %1 feingestimmt</translation>
    </message>
    <message>
        <source>string %1 stretched</source>
        <translation>Saite %1 gedehnt</translation>
    </message>
    <message>
        <source>claw tightened %1</source>
        <translation>Federkralle %1 angezogen</translation>
    </message>
    <message>
        <source>claw loosened %1</source>
        <translation>Federkralle %1 gelöst</translation>
    </message>
    <message>
        <source>block put in</source>
        <translation>Klotz eingesetzt</translation>
    </message>
    <message>
        <source>block taken out</source>
        <translation>Klotz herausgenommen</translation>
    </message>
    <message>
        <source>nut locked</source>
        <translation>Sattel geklemmt</translation>
    </message>
    <message>
        <source>guitar turned</source>
        <translation>Gitarre gedreht</translation>
    </message>
    <message>
        <source>string %1 off</source>
        <translation>Saite %1 ab</translation>
    </message>
    <message>
        <source>arm moved to and fro</source>
        <translation>Hebel hin und her bewegt</translation>
    </message>
    <message>
        <source>another pitch wanted</source>
        <translation>andere Tonhöhe gewünscht</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message numerus="yes">
        <source>%n springs in</source>
        <translation>
            <numerusform>%n Feder eingehängt</numerusform>
            <numerusform>%n Federn eingehängt</numerusform>
        </translation>
    </message>
    <message>
        <source>string %1 new</source>
        <translation>Saite %1 neu</translation>
    </message>
    <message>
        <source>bridge posts raised</source>
        <translation>Brückenbolzen höher</translation>
    </message>
    <message>
        <source>bridge posts lowered</source>
        <translation>Brückenbolzen tiefer</translation>
    </message>
    <message>
        <source>saddle %1 moved</source>
        <translation>Reiter %1 versetzt</translation>
    </message>
    <message>
        <source>string %1 slipped</source>
        <translation>Saite %1 gerutscht</translation>
    </message>
    <message>
        <source>something was moved</source>
        <translation>etwas wurde bewegt</translation>
    </message>
</context>
<context>
    <name>AtHand</name>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
</context>
<context>
    <name>Bundled</name>
    <message>
        <source>Aims under a block that is too thick</source>
        <translation>Ziele bei zu dickem Klotz</translation>
    </message>
    <message>
        <source>The block holds the plate forward of level. What is tuned to pitch on it is off when the block comes out.</source>
        <translation>Der Klotz hält die Platte nach vorn. Was auf ihm gestimmt wird, ist verstimmt, wenn er herauskommt.</translation>
    </message>
    <message>
        <source>Choose what to tune to under the block, take it out, end in tune and level.</source>
        <translation>Wählen, worauf bei eingesetztem Klotz zu stimmen ist, ihn herausnehmen, gestimmt und eben enden.</translation>
    </message>
    <message>
        <source>Decked, with little to spare</source>
        <translation>Auf dem Korpus, mit wenig Reserve</translation>
    </message>
    <message>
        <source>The plate rests on the body, and the springs hold it there with little more than they must. Too much makes the arm stiff; too little and the plate lifts.</source>
        <translation>Die Platte ruht auf dem Korpus, und die Federn halten sie mit kaum mehr, als sie müssen. Zu viel macht den Hebel steif, bei zu wenig hebt sie ab.</translation>
    </message>
    <message>
        <source>Keep it down with the load that was asked for, and in tune.</source>
        <translation>Mit der verlangten Kraft unten halten, und gestimmt.</translation>
    </message>
    <message>
        <source>Down to drop A</source>
        <translation>Hinunter auf Drop A</translation>
    </message>
    <message>
        <source>Lower pitch pulls less, thicker strings pull more: which wins is not obvious.</source>
        <translation>Tiefere Stimmung zieht weniger, dickere Saiten ziehen mehr: was überwiegt, ist nicht klar.</translation>
    </message>
    <message>
        <source>Judge the claw before it is turned, then bring all seven strings to pitch.</source>
        <translation>Die Federkralle beurteilen, bevor sie gedreht wird, dann alle sieben Saiten stimmen.</translation>
    </message>
    <message>
        <source>Fresh strings, the same set</source>
        <translation>Frische Saiten, derselbe Satz</translation>
    </message>
    <message>
        <source>The owner likes it as it is: same gauges, same tuning. The plate was level before.</source>
        <translation>Der Besitzer mag sie, wie sie ist: dieselben Stärken, dieselbe Stimmung. Die Platte war vorher eben.</translation>
    </message>
    <message>
        <source>Bring every string to pitch with the plate level. Watch what each string does to the others.</source>
        <translation>Jede Saite stimmen, die Platte eben. Beobachten, was jede Saite mit den anderen macht.</translation>
    </message>
    <message>
        <source>A full set-up against the clock</source>
        <translation>Eine volle Einstellung gegen die Uhr</translation>
    </message>
    <message>
        <source>A double-locking seven-string with new strings that still stretch. It is on stage tonight.</source>
        <translation>Eine doppelt klemmende Siebensaitige mit neuen Saiten, die sich noch dehnen. Heute Abend steht sie auf der Bühne.</translation>
    </message>
    <message>
        <source>Stretch, balance, lock, fine-tune, find what is wrong if anything is, and hand it over locked within an hour and a half.</source>
        <translation>Dehnen, ausgleichen, klemmen, feinstimmen, finden, was falsch ist, wenn etwas falsch ist, und in anderthalb Stunden geklemmt übergeben.</translation>
    </message>
    <message>
        <source>A gauge step up, over a block</source>
        <translation>Eine Stärke mehr, mit Klotz</translation>
    </message>
    <message>
        <source>Heavier strings pull the plate forward. A block of the level gap is under it already: on it strings do not move each other.</source>
        <translation>Dickere Saiten ziehen die Platte nach vorn. Ein Klotz von der Höhe des ebenen Spalts ist schon darunter: auf ihm bewegen Saiten einander nicht.</translation>
    </message>
    <message>
        <source>Tune under the block, take it out, tighten the claw, end in tune and level.</source>
        <translation>Bei eingesetztem Klotz stimmen, ihn herausnehmen, die Federkralle anziehen, gestimmt und eben enden.</translation>
    </message>
    <message>
        <source>Tuners at the bridge</source>
        <translation>Stimmmechaniken an der Brücke</translation>
    </message>
    <message>
        <source>A short headless guitar: the nut is clamped, the bridge tuners are fine, the plate floats. A set one size lighter is on.</source>
        <translation>Eine kurze kopflose Gitarre: der Sattel ist geklemmt, die Mechaniken an der Brücke sind fein, die Platte schwebt. Ein dünnerer Satz ist drauf.</translation>
    </message>
    <message>
        <source>Bring it to pitch and level with the bridge tuners and the claw.</source>
        <translation>Mit den Stimmmechaniken der Brücke und der Federkralle stimmen und eben stellen.</translation>
    </message>
    <message>
        <source>An arm whose height its spring decides</source>
        <translation>Ein Hebel, dessen Höhe die Feder bestimmt</translation>
    </message>
    <message>
        <source>A roller shaft with a spring under the arm: no claw, nothing to turn. Heavier flat-wounds went on.</source>
        <translation>Eine Rollenwelle mit einer Feder unter dem Hebel: keine Federkralle, nichts zu drehen. Dickere flach umsponnene Saiten sind drauf.</translation>
    </message>
    <message>
        <source>Bring the strings to pitch in as few passes as possible; look where the arm ends.</source>
        <translation>Die Saiten in möglichst wenig Durchgängen stimmen; ansehen, wo der Hebel endet.</translation>
    </message>
    <message>
        <source>A soft float</source>
        <translation>Ein weiches Schweben</translation>
    </message>
    <message>
        <source>A soft arm moves far for little: every peg changes all the other strings, and small turns move the plate far.</source>
        <translation>Ein weicher Hebel bewegt sich weit für wenig: jede Mechanik ändert alle anderen Saiten, und kleine Drehungen bewegen die Platte weit.</translation>
    </message>
    <message>
        <source>Bring the soft bridge to pitch and level without chasing it.</source>
        <translation>Die weiche Brücke stimmen und eben stellen, ohne ihr nachzulaufen.</translation>
    </message>
    <message>
        <source>How many springs?</source>
        <translation>Wie viele Federn?</translation>
    </message>
    <message>
        <source>Two springs are left of three, and a heavier set is to go on. The claw screws are short: with two springs they end before the plate is level.</source>
        <translation>Von drei Federn sind zwei übrig, und ein dickerer Satz soll drauf. Die Krallenschrauben sind kurz: mit zwei Federn enden sie, bevor die Platte eben ist.</translation>
    </message>
    <message>
        <source>Find how many springs it takes, hook them in, end in tune and level.</source>
        <translation>Finden, wie viele Federn es braucht, sie einhängen, gestimmt und eben enden.</translation>
    </message>
    <message>
        <source>Sunk after lighter strings</source>
        <translation>Gesunken nach dünneren Saiten</translation>
    </message>
    <message>
        <source>A lighter set went on, and the springs now pull the rear edge down.</source>
        <translation>Ein dünnerer Satz kam drauf, und die Federn ziehen die Hinterkante jetzt hinunter.</translation>
    </message>
    <message>
        <source>Loosen the claw far enough, but not further; end in tune and level.</source>
        <translation>Die Federkralle weit genug lösen, aber nicht weiter; gestimmt und eben enden.</translation>
    </message>
    <message>
        <source>What is wrong with it?</source>
        <translation>Was fehlt ihr?</translation>
    </message>
    <message>
        <source>It came back: &quot;it will not stay in tune&quot;. It may be one of many things.</source>
        <translation>Sie kam zurück: „sie hält die Stimmung nicht“. Es kann vieles sein.</translation>
    </message>
    <message>
        <source>Find what is wrong before it is tuned: look, measure, pull, dive, inspect. Name it. Then end in tune and level.</source>
        <translation>Finden, was falsch ist, bevor gestimmt wird: ansehen, messen, ziehen, abtauchen, untersuchen. Benennen. Dann gestimmt und eben enden.</translation>
    </message>
    <message>
        <source>Long scale, from A up to B on a lighter set; the owner wants the arm softer.</source>
        <translation>Lange Mensur, von A auf B mit einem dünneren Satz; der Besitzer will den Hebel weicher.</translation>
    </message>
    <message>
        <source>Came in because it never stays in tune: two soft springs, saddles far back, a heavy set.</source>
        <translation>Kam, weil sie nie gestimmt bleibt: zwei weiche Federn, Reiter weit hinten, ein schwerer Satz.</translation>
    </message>
    <message>
        <source>Goes from B standard to drop A for a stage set; heavier strings, claw last set for the old ones.</source>
        <translation>Geht für einen Auftritt von H-Standard auf Drop A; dickere Saiten, Federkralle zuletzt für die alten eingestellt.</translation>
    </message>
    <message>
        <source>Fulcrum on two bridge posts, open nut, tuned a whole step down; one spring was taken out by the owner.</source>
        <translation>Zwei Brückenbolzen, offener Sattel, einen Ganzton tiefer; eine Feder hat der Besitzer herausgenommen.</translation>
    </message>
    <message>
        <source>Back from a tour with a set one size lighter than it was balanced for; tuners at the bridge, nut clamped.</source>
        <translation>Zurück von einer Tournee mit einem dünneren Satz, als sie eingestellt war; Mechaniken an der Brücke, Sattel geklemmt.</translation>
    </message>
    <message>
        <source>Heavier flat-wounds went on and the arm now sits too low to reach; which spring, and in tune in two passes.</source>
        <translation>Dickere flach umsponnene Saiten kamen drauf, und der Hebel ist jetzt zu tief; welche Feder, und in zwei Durchgängen gestimmt.</translation>
    </message>
    <message>
        <source>Four, 45 to 90 short scale</source>
        <translation>Vier, 45 bis 90, kurze Mensur</translation>
    </message>
    <message>
        <source>Four, 40 to 95</source>
        <translation>Vier, 40 bis 95</translation>
    </message>
    <message>
        <source>Four, 45 to 105</source>
        <translation>Vier, 45 bis 105</translation>
    </message>
    <message>
        <source>Four, 45 to 105 flat-wound</source>
        <translation>Vier, 45 bis 105, flach umsponnen</translation>
    </message>
    <message>
        <source>Five, 20 to 90 short scale</source>
        <translation>Fünf, 20 bis 90, kurze Mensur</translation>
    </message>
    <message>
        <source>Five, 45 to 130</source>
        <translation>Fünf, 45 bis 130</translation>
    </message>
    <message>
        <source>Six, 8.5 to 40</source>
        <translation>Sechs, 8,5 bis 40</translation>
    </message>
    <message>
        <source>Six, 9 to 42</source>
        <translation>Sechs, 9 bis 42</translation>
    </message>
    <message>
        <source>Six, 9 to 46</source>
        <translation>Sechs, 9 bis 46</translation>
    </message>
    <message>
        <source>Six, 9.5 to 44</source>
        <translation>Sechs, 9,5 bis 44</translation>
    </message>
    <message>
        <source>Six, 10 to 46</source>
        <translation>Sechs, 10 bis 46</translation>
    </message>
    <message>
        <source>Six, 10 to 52</source>
        <translation>Sechs, 10 bis 52</translation>
    </message>
    <message>
        <source>Six, 10 to 56</source>
        <translation>Sechs, 10 bis 56</translation>
    </message>
    <message>
        <source>Six, 10.5 to 48</source>
        <translation>Sechs, 10,5 bis 48</translation>
    </message>
    <message>
        <source>Six, 11 to 48</source>
        <translation>Sechs, 11 bis 48</translation>
    </message>
    <message>
        <source>Six, 11 to 49</source>
        <translation>Sechs, 11 bis 49</translation>
    </message>
    <message>
        <source>Six, 11 to 54</source>
        <translation>Sechs, 11 bis 54</translation>
    </message>
    <message>
        <source>Six, 12 to 54</source>
        <translation>Sechs, 12 bis 54</translation>
    </message>
    <message>
        <source>Six, 12 to 54 with a wound third</source>
        <translation>Sechs, 12 bis 54, dritte umsponnen</translation>
    </message>
    <message>
        <source>Six, 12 to 60</source>
        <translation>Sechs, 12 bis 60</translation>
    </message>
    <message>
        <source>Six, baritone 13 to 68</source>
        <translation>Sechs, Bariton 13 bis 68</translation>
    </message>
    <message>
        <source>Six, 10 to 46 flat-wound</source>
        <translation>Sechs, 10 bis 46, flach umsponnen</translation>
    </message>
    <message>
        <source>Six, 11 to 50 flat-wound</source>
        <translation>Sechs, 11 bis 50, flach umsponnen</translation>
    </message>
    <message>
        <source>Six, 12 to 52 flat-wound</source>
        <translation>Sechs, 12 bis 52, flach umsponnen</translation>
    </message>
    <message>
        <source>Seven, 9 to 54</source>
        <translation>Sieben, 9 bis 54</translation>
    </message>
    <message>
        <source>Seven, 9.5 to 58</source>
        <translation>Sieben, 9,5 bis 58</translation>
    </message>
    <message>
        <source>Seven, 10 to 56</source>
        <translation>Sieben, 10 bis 56</translation>
    </message>
    <message>
        <source>Seven, 10 to 59</source>
        <translation>Sieben, 10 bis 59</translation>
    </message>
    <message>
        <source>Seven, 10 to 60</source>
        <translation>Sieben, 10 bis 60</translation>
    </message>
    <message>
        <source>Seven, 10 to 62</source>
        <translation>Sieben, 10 bis 62</translation>
    </message>
    <message>
        <source>Seven, 10.5 to 66</source>
        <translation>Sieben, 10,5 bis 66</translation>
    </message>
    <message>
        <source>Eight, 9 to 65</source>
        <translation>Acht, 9 bis 65</translation>
    </message>
    <message>
        <source>Eight, 9.5 to 74</source>
        <translation>Acht, 9,5 bis 74</translation>
    </message>
    <message>
        <source>Eight, 10 to 74</source>
        <translation>Acht, 10 bis 74</translation>
    </message>
    <message>
        <source>Eight, 10 to 80</source>
        <translation>Acht, 10 bis 80</translation>
    </message>
    <message>
        <source>Eight, 11 to 80</source>
        <translation>Acht, 11 bis 80</translation>
    </message>
    <message>
        <source>Nine, 9 to 90</source>
        <translation>Neun, 9 bis 90</translation>
    </message>
    <message>
        <source>Ten, five pairs 10 to 38</source>
        <translation>Zehn, fünf Paare 10 bis 38</translation>
    </message>
    <message>
        <source>Eleven, five pairs and one</source>
        <translation>Elf, fünf Paare und eine</translation>
    </message>
    <message>
        <source>Twelve, six pairs 9.5 to 44</source>
        <translation>Zwölf, sechs Paare 9,5 bis 44</translation>
    </message>
    <message>
        <source>Standard</source>
        <translation>Standard</translation>
    </message>
    <message>
        <source>Standard, pairs</source>
        <translation>Standard, Paare</translation>
    </message>
    <message>
        <source>Standard, one and pairs</source>
        <translation>Standard, eine und Paare</translation>
    </message>
    <message>
        <source>Standard, octave pairs</source>
        <translation>Standard, Oktavpaare</translation>
    </message>
    <message>
        <source>Half step down</source>
        <translation>Halbton tiefer</translation>
    </message>
    <message>
        <source>Whole step down</source>
        <translation>Ganzton tiefer</translation>
    </message>
    <message>
        <source>One and a half steps down</source>
        <translation>Anderthalb Töne tiefer</translation>
    </message>
    <message>
        <source>Two steps down</source>
        <translation>Zwei Töne tiefer</translation>
    </message>
    <message>
        <source>Baritone B</source>
        <translation>Bariton H</translation>
    </message>
    <message>
        <source>Baritone A</source>
        <translation>Bariton A</translation>
    </message>
    <message>
        <source>Dropped D</source>
        <translation>Tiefes D</translation>
    </message>
    <message>
        <source>Dropped C</source>
        <translation>Tiefes C</translation>
    </message>
    <message>
        <source>Dropped B</source>
        <translation>Tiefes H</translation>
    </message>
    <message>
        <source>Dropped A</source>
        <translation>Tiefes A</translation>
    </message>
    <message>
        <source>Dropped G</source>
        <translation>Tiefes G</translation>
    </message>
    <message>
        <source>Dropped E</source>
        <translation>Tiefes E</translation>
    </message>
    <message>
        <source>Open D</source>
        <translation>Offenes D</translation>
    </message>
    <message>
        <source>Open G</source>
        <translation>Offenes G</translation>
    </message>
    <message>
        <source>Open E</source>
        <translation>Offenes E</translation>
    </message>
    <message>
        <source>Open A</source>
        <translation>Offenes A</translation>
    </message>
    <message>
        <source>Open C</source>
        <translation>Offenes C</translation>
    </message>
    <message>
        <source>Open G, seven</source>
        <translation>Offenes G, sieben</translation>
    </message>
    <message>
        <source>D minor open</source>
        <translation>Offenes d-Moll</translation>
    </message>
    <message>
        <source>D A D G A D</source>
        <translation>D A D G A D</translation>
    </message>
    <message>
        <source>Ten single strings</source>
        <translation>Zehn Einzelsaiten</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>blank</translation>
    </message>
    <message>
        <source>nickel-plated wound</source>
        <translation>vernickelt umsponnen</translation>
    </message>
    <message>
        <source>stainless wound</source>
        <translation>Edelstahl umsponnen</translation>
    </message>
    <message>
        <source>pure nickel wound</source>
        <translation>Reinnickel umsponnen</translation>
    </message>
    <message>
        <source>flat-wound</source>
        <translation>flach umsponnen</translation>
    </message>
</context>
<context>
    <name>Card</name>
    <message>
        <source>saddles</source>
        <translation>Reiter</translation>
    </message>
    <message>
        <source>nut caps</source>
        <translation>Klemmplatten</translation>
    </message>
    <message>
        <source>bolts of the nut</source>
        <translation>Bolzen des Sattels</translation>
    </message>
    <message>
        <source>inserts</source>
        <translation>Einsätze</translation>
    </message>
    <message>
        <source>knife edges or bridge posts</source>
        <translation>Messerkanten oder Brückenbolzen</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>Federn</translation>
    </message>
</context>
<context>
    <name>CaseCard</name>
    <message>
        <source>String</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>Gauge</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Block in: to</source>
        <translation>Mit Klotz: auf</translation>
    </message>
    <message>
        <source>First to</source>
        <translation>Zuerst auf</translation>
    </message>
    <message>
        <source>Then to</source>
        <translation>Dann auf</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 Umdr.</translation>
    </message>
    <message>
        <source>%1 turn</source>
        <translation>%1 Umdrehung</translation>
    </message>
    <message>
        <source>tighten %1</source>
        <translation>%1 anziehen</translation>
    </message>
    <message>
        <source>loosen %1</source>
        <translation>%1 lösen</translation>
    </message>
    <message>
        <source>Open the nut; fine tuners to their middle.</source>
        <translation>Den Sattel öffnen; die Feinstimmer in ihre Mitte.</translation>
    </message>
    <message>
        <source>Open the nut.</source>
        <translation>Den Sattel öffnen.</translation>
    </message>
    <message>
        <source>Raise the rear edge; ease the plate onto a padded block that keeps it %1 high. Never let it snap.</source>
        <translation>Die Hinterkante heben; die Platte sanft auf einen gepolsterten Klotz lassen, der sie %1 hoch hält. Nie schnappen lassen.</translation>
    </message>
    <message>
        <source>One string at a time, safety glasses on: slacken it, take it off, put the same gauge on, tune it to its note; then the next, in the order above.</source>
        <translation>Eine Saite nach der anderen, Schutzbrille auf: entspannen, abnehmen, dieselbe Stärke aufziehen, auf ihren Ton stimmen; dann die nächste, in der Reihenfolge oben.</translation>
    </message>
    <message>
        <source>Safety glasses on: slacken all strings, take them off, put the same gauges on.</source>
        <translation>Schutzbrille auf: alle Saiten entspannen, abnehmen, dieselben Stärken aufziehen.</translation>
    </message>
    <message>
        <source>Tune in the order above; stretch every string gently along its whole length, tune again until they stay.</source>
        <translation>In der Reihenfolge oben stimmen; jede Saite sanft der ganzen Länge nach dehnen, wieder stimmen, bis sie bleiben.</translation>
    </message>
    <message>
        <source>Draw the block out; read all strings. On the mean they should stay where they were. For each %1 cents that they went sharp loosen both claw screws %2, flat: tighten; under %3 cents leave the claw alone.</source>
        <translation>Den Klotz herausziehen; alle Saiten ablesen. Im Mittel sollten sie bleiben, wo sie waren. Für je %1 Cent, die sie höher wurden, beide Krallenschrauben %2 lösen, tiefer: anziehen; unter %3 Cent die Schrauben lassen.</translation>
    </message>
    <message>
        <source>Once more through, in the same order.</source>
        <translation>Noch einmal durch, in derselben Reihenfolge.</translation>
    </message>
    <message>
        <source>Lock the nut; the rest with the fine tuners.</source>
        <translation>Den Sattel klemmen; den Rest mit den Feinstimmern.</translation>
    </message>
    <message>
        <source>Lock the nut.</source>
        <translation>Den Sattel klemmen.</translation>
    </message>
    <message>
        <source>Every string within 2 cents, the rear gap %1, and both again after one dive.</source>
        <translation>Jede Saite auf 2 Cent genau, der hintere Spalt %1, und beides auch nach einmal Abtauchen.</translation>
    </message>
    <message>
        <source>Every string within 2 cents, and again after a few hard bends.</source>
        <translation>Jede Saite auf 2 Cent genau, auch nachdem ein paarmal kräftig gezogen wurde.</translation>
    </message>
    <message>
        <source>New strings by %1. Come back when one string goes off again and again, the plate no longer comes to rest there, or other strings are wanted.</source>
        <translation>Neue Saiten bis %1. Wiederkommen, wenn sich eine Saite immer wieder verstimmt, die Platte dort nicht mehr zur Ruhe kommt oder andere Saiten gewünscht sind.</translation>
    </message>
    <message>
        <source>All strings pull %1</source>
        <translation>Alle Saiten ziehen %1</translation>
    </message>
    <message>
        <source>springs: %1</source>
        <translation>Federn: %1</translation>
    </message>
    <message>
        <source>in slots %1</source>
        <translation>in den Schlitzen %1</translation>
    </message>
    <message>
        <source>claw to the wall: bass %1, treble %2</source>
        <translation>Federkralle zur Wand: Bass %1, Diskant %2</translation>
    </message>
    <message>
        <source>rear gap %1</source>
        <translation>hinterer Spalt %1</translation>
    </message>
    <message>
        <source>Guitar without a name</source>
        <translation>Gitarre ohne Namen</translation>
    </message>
    <message>
        <source>own set</source>
        <translation>eigener Satz</translation>
    </message>
    <message>
        <source>own tuning</source>
        <translation>eigene Stimmung</translation>
    </message>
    <message>
        <source>First, once:</source>
        <translation>Zuerst, einmal:</translation>
    </message>
    <message>
        <source>both claw screws, %1.</source>
        <translation>beide Krallenschrauben, %1.</translation>
    </message>
    <message>
        <source>New strings of this set</source>
        <translation>Neue Saiten dieses Satzes</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>no turn</source>
        <translation>nicht drehen</translation>
    </message>
    <message>
        <source>Other sets, both claw screws first:</source>
        <translation>Andere Sätze, zuerst beide Krallenschrauben:</translation>
    </message>
    <message>
        <source>It is right when:</source>
        <translation>Es stimmt, wenn:</translation>
    </message>
    <message>
        <source>New strings by %1. Come back when one string goes off again and again, or other strings are wanted.</source>
        <translation>Neue Saiten bis %1. Wiederkommen, wenn sich eine Saite immer wieder verstimmt oder andere Saiten gewünscht sind.</translation>
    </message>
</context>
<context>
    <name>Checks</name>
    <message>
        <source>strings are centred over the fretboard</source>
        <translation>Saiten liegen mittig über dem Griffbrett</translation>
    </message>
    <message>
        <source>neck screws are snug</source>
        <translation>Halsschrauben sind fest</translation>
    </message>
    <message>
        <source>the claw is parallel to its wall</source>
        <translation>die Federkralle ist parallel zu ihrer Wand</translation>
    </message>
    <message>
        <source>knife edges and bridge posts are unworn and firm</source>
        <translation>Messerkanten und Brückenbolzen sind heil und fest</translation>
    </message>
    <message>
        <source>pivot screws and edge are unworn and firm</source>
        <translation>Lagerschrauben und Kante sind heil und fest</translation>
    </message>
    <message>
        <source>the shaft turns freely, its spring is seated</source>
        <translation>die Welle dreht frei, ihre Feder sitzt</translation>
    </message>
    <message>
        <source>ball ends noted, the bridge&apos;s place marked</source>
        <translation>Kugelenden vermerkt, Platz der Brücke markiert</translation>
    </message>
    <message>
        <source>every string is on the floor of its slot</source>
        <translation>jede Saite liegt auf dem Grund ihrer Kerbe</translation>
    </message>
    <message>
        <source>nut caps are in their order and the right way round</source>
        <translation>Klemmplatten sind in ihrer Reihe und richtig herum</translation>
    </message>
</context>
<context>
    <name>Compare</name>
    <message>
        <source>%1: %2 both times</source>
        <translation>%1: beide Male %2</translation>
    </message>
    <message>
        <source>%1: %2, then %3</source>
        <translation>%1: %2, dann %3</translation>
    </message>
    <message>
        <source>own</source>
        <translation>eigene</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>Tuning</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>Pull of all strings, by the model</source>
        <translation>Zug aller Saiten, nach dem Modell</translation>
    </message>
    <message>
        <source>Claw turned</source>
        <translation>Federkralle gedreht</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Durchgänge</translation>
    </message>
    <message>
        <source>Minutes at pegs and claw, by the shop&apos;s pace</source>
        <translation>Minuten an Mechaniken und Federkralle, im Takt der Werkstatt</translation>
    </message>
</context>
<context>
    <name>ConflictWords</name>
    <message>
        <source>guitar</source>
        <translation>Gitarre</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>what it came in for</source>
        <translation>weshalb sie kam</translation>
    </message>
    <message>
        <source>the log</source>
        <translation>das Protokoll</translation>
    </message>
    <message>
        <source>strings that go on</source>
        <translation>Saiten, die aufkommen</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>Federkralle</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>Brücke</translation>
    </message>
    <message>
        <source>figures of the guitar</source>
        <translation>Werte der Gitarre</translation>
    </message>
    <message>
        <source>which figures are measured</source>
        <translation>welche Werte gemessen sind</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>old set</source>
        <translation>alter Satz</translation>
    </message>
    <message>
        <source>reference pitch, Hz</source>
        <translation>Stimmton, Hz</translation>
    </message>
    <message>
        <source>what is measured with</source>
        <translation>womit gemessen wird</translation>
    </message>
    <message>
        <source>way of working</source>
        <translation>Arbeitsweise</translation>
    </message>
    <message>
        <source>usual minutes</source>
        <translation>übliche Minuten</translation>
    </message>
    <message>
        <source>photos of the guitar</source>
        <translation>Fotos der Gitarre</translation>
    </message>
    <message>
        <source>card of the guitar</source>
        <translation>Karte der Gitarre</translation>
    </message>
    <message>
        <source>note for the owner</source>
        <translation>Notiz für den Besitzer</translation>
    </message>
    <message>
        <source>who works on it</source>
        <translation>wer daran arbeitet</translation>
    </message>
    <message>
        <source>steps done</source>
        <translation>erledigte Schritte</translation>
    </message>
    <message>
        <source>what was ticked off</source>
        <translation>was abgehakt wurde</translation>
    </message>
    <message>
        <source>parts used</source>
        <translation>verwendete Teile</translation>
    </message>
    <message>
        <source>quote</source>
        <translation>Kostenvoranschlag</translation>
    </message>
    <message>
        <source>due again</source>
        <translation>wieder fällig</translation>
    </message>
    <message>
        <source>state of the job</source>
        <translation>Stand des Auftrags</translation>
    </message>
    <message>
        <source>record of the work</source>
        <translation>Aufzeichnung der Arbeit</translation>
    </message>
    <message numerus="yes">
        <source>%n entries</source>
        <translation>
            <numerusform>%n Eintrag</numerusform>
            <numerusform>%n Einträge</numerusform>
        </translation>
    </message>
    <message>
        <source>set that goes on</source>
        <translation>Satz, der aufkommt</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>what the guitar taught before</source>
        <translation>was die Gitarre früher lehrte</translation>
    </message>
    <message>
        <source>what the shop&apos;s guitars taught</source>
        <translation>was die Gitarren der Werkstatt lehrten</translation>
    </message>
    <message>
        <source>where strings nobody read begin, cents</source>
        <translation>wo ungelesene Saiten beginnen, Cent</translation>
    </message>
    <message>
        <source>promised by</source>
        <translation>zugesagt bis</translation>
    </message>
    <message>
        <source>not before</source>
        <translation>nicht vor</translation>
    </message>
</context>
<context>
    <name>Convergence</name>
    <message>
        <source>at pitch</source>
        <translation>auf Tonhöhe</translation>
    </message>
    <message>
        <source>sharp %1 cents</source>
        <translation>%1 Cent zu hoch</translation>
    </message>
    <message>
        <source>flat %1 cents</source>
        <translation>%1 Cent zu tief</translation>
    </message>
    <message>
        <source>cents from pitch</source>
        <translation>Cent von der Tonhöhe</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>about %1 acts to come</source>
        <translation>noch etwa %1 Handgriffe</translation>
    </message>
    <message>
        <source>Forecast: about %1 acts, at most %2 in 9 of 10 cases</source>
        <translation>Vorhersage: etwa %1 Handgriffe, in 9 von 10 Fällen höchstens %2</translation>
    </message>
    <message>
        <source>String %1: %2, checked after: %3</source>
        <translation>Saite %1: %2, geprüft nach: %3</translation>
    </message>
    <message>
        <source>fwd</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>sunk</source>
        <translation>gesunken</translation>
    </message>
    <message>
        <source>%1, measured after: %2</source>
        <translation>%1, gemessen nach: %2</translation>
    </message>
    <message>
        <source>Now: %1.</source>
        <translation>Jetzt: %1.</translation>
    </message>
    <message>
        <source>About %1 acts to come.</source>
        <translation>Noch etwa %1 Handgriffe.</translation>
    </message>
    <message>
        <source>Progress to pitch, %1 acts so far. Furthest string at the start %2 cents, now %3 cents.</source>
        <translation>Verlauf bis zur Stimmung, %1 Handgriffe bisher. Fernste Saite am Anfang %2 Cent, jetzt %3 Cent.</translation>
    </message>
</context>
<context>
    <name>Costs</name>
    <message>
        <source>%1 frets for the thickest</source>
        <translation>%1 Bünde für die dickste</translation>
    </message>
    <message>
        <source>%1 mm for the thickest</source>
        <translation>%1 mm für die dickste</translation>
    </message>
    <message>
        <source>%1 spacings for the thickest</source>
        <translation>%1 Abstände für die dickste</translation>
    </message>
    <message>
        <source>a bow of %1 mm for the thickest</source>
        <translation>ein Bogen von %1 mm für die dickste</translation>
    </message>
    <message>
        <source>%1 turns up, %2 down</source>
        <translation>%1 Umdrehungen hinauf, %2 hinunter</translation>
    </message>
    <message>
        <source>%1° from its end after the first string</source>
        <translation>%1° vor dem Anschlag nach der ersten Saite</translation>
    </message>
    <message>
        <source>moves up to %1 cents when lifted</source>
        <translation>ändert sich beim Anheben um bis zu %1 Cent</translation>
    </message>
    <message>
        <source>locking moves up to %1 cents</source>
        <translation>Klemmen ändert bis zu %1 Cent</translation>
    </message>
    <message>
        <source>turned %1×, ends %2° off</source>
        <translation>%1× gedreht, endet %2° daneben</translation>
    </message>
    <message>
        <source>hangs by up to %1 cents</source>
        <translation>hängt um bis zu %1 Cent</translation>
    </message>
    <message>
        <source>%1° over the nut</source>
        <translation>%1° über den Sattel</translation>
    </message>
    <message>
        <source>jumps %1 cents when it comes out</source>
        <translation>springt um %1 Cent, wenn er herauskommt</translation>
    </message>
    <message>
        <source>%1 cents sharp at release</source>
        <translation>%1 Cent zu hoch beim Loslassen</translation>
    </message>
    <message>
        <source>no pull-up; the claw presses it down with %1 N m</source>
        <translation>kein Hochziehen; die Federkralle drückt sie mit %1 N m auf</translation>
    </message>
    <message>
        <source>the first one %1 cents sharp</source>
        <translation>die erste %1 Cent zu hoch</translation>
    </message>
    <message>
        <source>a worn cap slips or shifts the pitch</source>
        <translation>eine abgenutzte Klemmplatte rutscht oder verzieht die Tonhöhe</translation>
    </message>
    <message>
        <source>cut length must be right</source>
        <translation>die Schnittlänge muss stimmen</translation>
    </message>
    <message>
        <source>nothing left to wind on</source>
        <translation>nichts mehr zum Aufwickeln</translation>
    </message>
    <message>
        <source>an end that scratches</source>
        <translation>ein Ende, das kratzt</translation>
    </message>
    <message>
        <source>%1 wraps for the thickest</source>
        <translation>%1 Wicklungen für die dickste</translation>
    </message>
    <message>
        <source>kinks</source>
        <translation>Knicke</translation>
    </message>
    <message>
        <source>%1 hand widths for the thickest</source>
        <translation>%1 Handbreiten für die dickste</translation>
    </message>
</context>
<context>
    <name>DayPicture</name>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
</context>
<context>
    <name>Demo</name>
    <message>
        <source>Guitar that answers</source>
        <translation>Gitarre, die antwortet</translation>
    </message>
</context>
<context>
    <name>DemoShop</name>
    <message>
        <source>New strings, as usual.</source>
        <translation>Neue Saiten, wie üblich.</translation>
    </message>
    <message>
        <source>Stretch them once more after the first evening.</source>
        <translation>Nach dem ersten Abend noch einmal dehnen.</translation>
    </message>
    <message>
        <source>saddle insert, brass</source>
        <translation>Klemmstück, Messing</translation>
    </message>
    <message>
        <source>nut cap, black</source>
        <translation>Klemmplatte, schwarz</translation>
    </message>
    <message>
        <source>nut cap bolt, 3 mm hex key</source>
        <translation>Schraube der Klemmplatte, Innensechskant 3 mm</translation>
    </message>
    <message>
        <source>bridge spring, usual rate</source>
        <translation>Brückenfeder, übliche Rate</translation>
    </message>
    <message>
        <source>fretboard oil, bottle</source>
        <translation>Griffbrettöl, Flasche</translation>
    </message>
    <message>
        <source>Runa</source>
        <translation>Runa</translation>
    </message>
    <message>
        <source>Ilja</source>
        <translation>Ilja</translation>
    </message>
</context>
<context>
    <name>Due</name>
    <message>
        <source>Guitar without a name</source>
        <translation>Gitarre ohne Namen</translation>
    </message>
    <message>
        <source>Restring: %1</source>
        <translation>Neu besaiten: %1</translation>
    </message>
    <message>
        <source>Check: %1</source>
        <translation>Nachsehen: %1</translation>
    </message>
    <message>
        <source>Owner: %1. Last set: %2, %3.</source>
        <translation>Besitzer: %1. Letzter Satz: %2, %3.</translation>
    </message>
    <message>
        <source>Checked after the hand-over: it holds.</source>
        <translation>Nach der Übergabe geprüft: sie hält.</translation>
    </message>
    <message>
        <source>Checked after the hand-over: it drifts.</source>
        <translation>Nach der Übergabe geprüft: sie verstimmt sich.</translation>
    </message>
    <message>
        <source>Hello</source>
        <translation>Guten Tag</translation>
    </message>
    <message>
        <source>Hello %1</source>
        <translation>Guten Tag %1</translation>
    </message>
    <message>
        <source>%1, does your %2 still hold its pitch since it was here? If it drifts, bring it by; settling it once more is quickly done.</source>
        <translation>%1, hält Ihre %2 die Stimmung, seit sie hier war? Wenn sie sich verstimmt, bringen Sie sie vorbei; noch einmal setzen lassen geht schnell.</translation>
    </message>
    <message>
        <source>the same set</source>
        <translation>demselben Satz</translation>
    </message>
    <message>
        <source>the same set (%1)</source>
        <translation>demselben Satz (%1)</translation>
    </message>
    <message>
        <source>%1, the strings of your %2 are due by %3. With %4 the balance stays as it is; for another set or tuning plan some time more.</source>
        <translation>%1, die Saiten Ihrer %2 sind bis %3 fällig. Mit %4 bleibt das Gleichgewicht, wie es ist; für einen anderen Satz oder eine andere Stimmung planen Sie etwas mehr Zeit ein.</translation>
    </message>
</context>
<context>
    <name>Edits</name>
    <message>
        <source>double-locking, recessed</source>
        <translation>doppelt klemmend, versenkt</translation>
    </message>
    <message>
        <source>double-locking, flush</source>
        <translation>doppelt klemmend, aufliegend gebaut</translation>
    </message>
    <message>
        <source>two posts, open nut</source>
        <translation>zwei Bolzen, offener Sattel</translation>
    </message>
    <message>
        <source>six screws, open nut</source>
        <translation>sechs Schrauben, offener Sattel</translation>
    </message>
    <message>
        <source>headless, tuners at the bridge</source>
        <translation>ohne Kopfplatte, Stimmmechaniken an der Brücke</translation>
    </message>
    <message>
        <source>roller shaft on the top</source>
        <translation>Rollenwelle auf der Decke</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fest</translation>
    </message>
</context>
<context>
    <name>Fault</name>
    <message>
        <source>has a sample rate outside 8 to 192 kHz; export it at 44.1 or 48 kHz</source>
        <translation>hat eine Abtastrate außerhalb von 8 bis 192 kHz; mit 44,1 oder 48 kHz ausgeben</translation>
    </message>
    <message>
        <source>has no channels or more than %1; export it with one or two</source>
        <translation>hat keine oder mehr als %1 Kanäle; mit einem oder zwei ausgeben</translation>
    </message>
    <message>
        <source>holds no sound; record it again</source>
        <translation>enthält keinen Klang; noch einmal aufnehmen</translation>
    </message>
    <message>
        <source>holds more sound than is read at once; cut it to the part that matters</source>
        <translation>enthält mehr Klang, als auf einmal gelesen wird; auf den wichtigen Teil kürzen</translation>
    </message>
    <message>
        <source>is cut short: it says that it holds more sound than it does; copy or record it again</source>
        <translation>ist abgeschnitten: sie verspricht mehr Klang, als sie enthält; noch einmal kopieren oder aufnehmen</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood; type cents like -12.5, a frequency like 82.4 Hz, or a note like E2+12</source>
        <translation>„%1“ ist nicht verständlich; Cent wie -12.5, eine Frequenz wie 82.4 Hz oder einen Ton wie E2+12 eingeben</translation>
    </message>
    <message>
        <source>is %1 cents from the target, further than any string on its way; check octave and string</source>
        <translation>ist %1 Cent vom Ziel entfernt, weiter als jede Saite auf ihrem Weg; Oktave und Saite prüfen</translation>
    </message>
    <message>
        <source>of %1 cents for string %2 is %3 semitones from the expected %4; check string and octave, or type it again with ! behind it</source>
        <translation>von %1 Cent für Saite %2 liegt %3 Halbtöne neben den erwarteten %4; Saite und Oktave prüfen oder noch einmal mit ! dahinter eingeben</translation>
    </message>
    <message>
        <source>is for string %1, which this guitar does not have</source>
        <translation>gilt Saite %1, die diese Gitarre nicht hat</translation>
    </message>
    <message>
        <source>has no string; write it as 4=-3.1 or pick a string first</source>
        <translation>nennt keine Saite; als 4=-3.1 schreiben oder zuerst eine Saite wählen</translation>
    </message>
    <message>
        <source>is still missing; type what the tuner or the gauge says and press Enter</source>
        <translation>fehlt noch; eingeben, was Stimmgerät oder Messgerät zeigt, und Enter drücken</translation>
    </message>
    <message>
        <source>of %1 is beyond the bridge&apos;s stops, %2 to %3; measure again or correct the figures</source>
        <translation>von %1 liegt jenseits der Anschläge, %2 bis %3; noch einmal messen oder die Brücke berichtigen</translation>
    </message>
    <message>
        <source>is further than any plate goes; it is read against the top, in degrees, forward positive</source>
        <translation>ist weiter, als eine Platte kippt; er wird gegen die Decke gelesen, in Grad, nach vorn positiv</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no rate; type a number with your money&apos;s name, like 60 EUR</source>
        <translation>„%1“ ist kein Satz; eine Zahl mit dem Namen des Geldes eingeben, etwa 60 EUR</translation>
    </message>
    <message>
        <source>is read on a plate with a claw only; this bridge is followed by its strings</source>
        <translation>wird nur an einer Platte mit Federkralle gelesen; dieser Brücke folgt man an den Saiten</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood; type it like %2</source>
        <translation>„%1“ ist nicht verständlich; eingeben wie %2</translation>
    </message>
    <message>
        <source>must lie between %1 and %2: %3</source>
        <translation>muss zwischen %1 und %2 liegen: %3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not in the catalogue; choose one or type a gauge like 46, .046, 17p or 0.43 mm</source>
        <translation>„%1“ steht nicht im Katalog; eine wählen oder eine Stärke wie 46, .046, 17p oder 0.43 mm eingeben</translation>
    </message>
    <message>
        <source>of %1 mm is outside the catalogue (plain .007 to .026, wound .017 to .090); choose one of its strings or check the unit</source>
        <translation>von %1 mm liegt außerhalb des Katalogs (blank .007 bis .026, umsponnen .017 bis .090); eine seiner Saiten wählen oder die Einheit prüfen</translation>
    </message>
    <message>
        <source>is no string&apos;s; thickness is written like 46, .046 or 0.43 mm, check number and unit</source>
        <translation>ist keine Saitenstärke; sie wird wie 46, .046 oder 0.43 mm geschrieben, Zahl und Einheit prüfen</translation>
    </message>
    <message>
        <source>needs a unit: write 82.4 Hz or a note like E2</source>
        <translation>braucht eine Einheit: 82.4 Hz oder einen Ton wie E2 schreiben</translation>
    </message>
    <message>
        <source>holds a pitch in hertz; give every string a note to keep it by name</source>
        <translation>enthält eine Tonhöhe in Hertz; jeder Saite einen Ton geben, um sie unter einem Namen zu speichern</translation>
    </message>
    <message>
        <source>must be a whole number of pieces</source>
        <translation>muss eine ganze Stückzahl sein</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no price; type a number with at most two decimals, like 12.50</source>
        <translation>„%1“ ist kein Preis; eine Zahl mit höchstens zwei Nachkommastellen eingeben, etwa 12.50</translation>
    </message>
    <message>
        <source>is in the list already; type over its count instead</source>
        <translation>steht schon in der Liste; stattdessen die Zahl überschreiben</translation>
    </message>
    <message>
        <source>comes too late: the exercise is over; begin it again or from one of its acts</source>
        <translation>kommt zu spät: die Übung ist vorbei; neu beginnen oder ab einem ihrer Handgriffe</translation>
    </message>
    <message>
        <source>names none of this guitar&apos;s; name one of them</source>
        <translation>nennt keine Saite dieser Gitarre; eine davon nennen</translation>
    </message>
    <message>
        <source>is off; put it on first</source>
        <translation>ist ab; zuerst aufziehen</translation>
    </message>
    <message>
        <source>is on already; take it off first</source>
        <translation>ist schon auf; zuerst abnehmen</translation>
    </message>
    <message>
        <source>goes further than a hand would: at most 20 turns, an octave, 5 mm</source>
        <translation>geht weiter, als eine Hand es täte: höchstens 20 Umdrehungen, eine Oktave, 5 mm</translation>
    </message>
    <message>
        <source>must be a whole number from 1 to %1</source>
        <translation>muss eine ganze Zahl von 1 bis %1 sein</translation>
    </message>
    <message>
        <source>needs a claw and a gap, and this bridge has neither</source>
        <translation>braucht Federkralle und Spalt, und diese Brücke hat beides nicht</translation>
    </message>
    <message>
        <source>needs a nut that clamps, and this one is open</source>
        <translation>braucht einen Sattel, der klemmt, und dieser ist offen</translation>
    </message>
    <message>
        <source>is missing; give the guitar as a flenzo-job under &quot;job&quot; or name one under &quot;demo&quot;</source>
        <translation>fehlt; die Gitarre als flenzo-job unter &quot;job&quot; angeben oder eine unter &quot;demo&quot; nennen</translation>
    </message>
    <message>
        <source>is no exercise of this program and no file; there are %1</source>
        <translation>ist keine Übung dieses Programms und keine Datei; es gibt %1</translation>
    </message>
    <message>
        <source>is not picked; press Ctrl and its number first</source>
        <translation>ist nicht gewählt; zuerst Strg und ihre Nummer drücken</translation>
    </message>
    <message>
        <source>would hold the plate beyond its stops; take one between them</source>
        <translation>würde die Platte jenseits ihrer Anschläge halten; eine dazwischen nehmen</translation>
    </message>
    <message>
        <source>is yours to choose: what is left is said above; go on by hand or leave it there</source>
        <translation>liegt bei Ihnen: was übrig ist, steht oben; von Hand weitermachen oder so lassen</translation>
    </message>
    <message>
        <source>is impossible: this set has no stable balance; see the plan</source>
        <translation>ist unmöglich: dieser Satz hat kein stabiles Gleichgewicht; siehe Plan</translation>
    </message>
    <message>
        <source>is still being worked out; one moment</source>
        <translation>wird noch berechnet; einen Augenblick</translation>
    </message>
    <message>
        <source>has no such guitar</source>
        <translation>kennt keine solche Gitarre</translation>
    </message>
    <message>
        <source>is the first one; there is nothing to go back to</source>
        <translation>ist der erste; davor gibt es nichts</translation>
    </message>
    <message>
        <source>was the last one; the job is through</source>
        <translation>war der letzte; der Auftrag ist durch</translation>
    </message>
    <message>
        <source>is missing; say in a few words why</source>
        <translation>fehlt; in ein paar Worten sagen, warum</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>is no warning of this step</source>
        <translation>ist keine Warnung dieses Schritts</translation>
    </message>
    <message>
        <source>cannot change in number once the log has begun; start a new job for another guitar</source>
        <translation>lassen sich in der Zahl nicht mehr ändern, sobald Einträge da sind; für eine andere Gitarre einen neuen Auftrag beginnen</translation>
    </message>
    <message>
        <source>must be 4 to 12 in number</source>
        <translation>müssen 4 bis 12 sein</translation>
    </message>
    <message>
        <source>are 8 at most</source>
        <translation>sind höchstens 8</translation>
    </message>
    <message>
        <source>are all out already</source>
        <translation>sind schon alle heraus</translation>
    </message>
    <message>
        <source>is empty; a guitar has at least one string</source>
        <translation>ist leer; eine Gitarre hat mindestens eine Saite</translation>
    </message>
    <message>
        <source>must give the rear stop first, below the forward stop</source>
        <translation>müssen zuerst den hinteren Anschlag nennen, unter dem vorderen</translation>
    </message>
    <message>
        <source>must be more than the loosest it goes</source>
        <translation>muss mehr sein als die lockerste Stellung</translation>
    </message>
    <message>
        <source>is empty; every string needs a number or name</source>
        <translation>ist leer; jede Saite braucht eine Nummer oder einen Namen</translation>
    </message>
    <message>
        <source>is there twice; every string needs its own name</source>
        <translation>gibt es zweimal; jede Saite braucht ihren eigenen Namen</translation>
    </message>
    <message>
        <source>is not thinner than the gauge; leave it out for a plain string</source>
        <translation>ist nicht dünner als die Saite; bei einer blanken weglassen</translation>
    </message>
    <message>
        <source>is more than this wire bears: string %1 would need %2 N and breaks at about %3 N; lower the pitch or check gauge and unit</source>
        <translation>ist mehr, als dieser Draht trägt: Saite %1 bräuchte %2 N und reißt bei etwa %3 N; Tonhöhe senken oder Stärke und Einheit prüfen</translation>
    </message>
    <message>
        <source>is on the pivot; a spring needs a lever</source>
        <translation>liegt auf dem Drehpunkt; eine Feder braucht einen Hebelarm</translation>
    </message>
    <message>
        <source>is missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>is missing; give a number</source>
        <translation>fehlt; eine Zahl angeben</translation>
    </message>
    <message>
        <source>must be a number</source>
        <translation>muss eine Zahl sein</translation>
    </message>
    <message>
        <source>is %1 but must lie between %2 and %3: %4</source>
        <translation>ist %1, muss aber zwischen %2 und %3 liegen: %4</translation>
    </message>
    <message>
        <source>must be a pair [x, y]</source>
        <translation>muss ein Paar [x, y] sein</translation>
    </message>
    <message>
        <source>must be text of at most %1 characters</source>
        <translation>muss Text von höchstens %1 Zeichen sein</translation>
    </message>
    <message>
        <source>must be true or false</source>
        <translation>muss true oder false sein</translation>
    </message>
    <message>
        <source>must be an object</source>
        <translation>muss ein Objekt sein</translation>
    </message>
    <message>
        <source>must be a list</source>
        <translation>muss eine Liste sein</translation>
    </message>
    <message>
        <source>has %1 entries; at most %2 are possible</source>
        <translation>hat %1 Einträge; höchstens %2 sind möglich</translation>
    </message>
    <message>
        <source>must be one of %1</source>
        <translation>muss eines von %1 sein</translation>
    </message>
    <message>
        <source>must be a date like 2026-03-31</source>
        <translation>muss ein Datum wie 2026-03-31 sein</translation>
    </message>
    <message>
        <source>holds &quot;%1&quot;, which is no note like E2 or F#1</source>
        <translation>enthält „%1“, was kein Ton wie E2 oder F#1 ist</translation>
    </message>
    <message>
        <source>must name every string of the guitar once</source>
        <translation>muss jede Saite der Gitarre einmal nennen</translation>
    </message>
    <message>
        <source>must have as many strings as the guitar, %1</source>
        <translation>muss so viele Saiten haben wie die Brücke, %1</translation>
    </message>
    <message>
        <source>has a covariance that is not positive definite; leave it out to start from nominal</source>
        <translation>hat eine Kovarianz, die nicht positiv definit ist; weglassen, um von den Nennwerten auszugehen</translation>
    </message>
    <message>
        <source>names string &quot;%1&quot;, which this guitar does not have</source>
        <translation>nennt Saite „%1“, die diese Gitarre nicht hat</translation>
    </message>
    <message>
        <source>names string &quot;%1&quot; twice</source>
        <translation>nennt Saite „%1“ zweimal</translation>
    </message>
    <message>
        <source>must name every string once; it names %1 of %2</source>
        <translation>muss jede Saite einmal nennen; es nennt %1 von %2</translation>
    </message>
    <message>
        <source>is &quot;%1&quot;, which is no event this program knows</source>
        <translation>ist „%1“, ein Ereignis, das dieses Programm nicht kennt</translation>
    </message>
    <message>
        <source>must be &quot;%1&quot;; this file is something else</source>
        <translation>muss „%1“ sein; diese Datei ist etwas anderes</translation>
    </message>
    <message>
        <source>is %1, newer than the %2 this program knows; open it with a newer Flenzo</source>
        <translation>ist %1, neuer als %2, die dieses Programm kennt; mit einem neueren Flenzo öffnen</translation>
    </message>
    <message>
        <source>is a folder; choose a file in it</source>
        <translation>ist ein Ordner; eine Datei darin wählen</translation>
    </message>
    <message>
        <source>cannot be read: %1</source>
        <translation>kann nicht gelesen werden: %1</translation>
    </message>
    <message>
        <source>is larger than the %1 MiB that are read; check that it is the file you mean</source>
        <translation>ist größer als die %1 MiB, die gelesen werden; prüfen, ob es die gemeinte Datei ist</translation>
    </message>
    <message>
        <source>is damaged or no JSON: %1 at byte %2; use a backup or the recovery copy</source>
        <translation>ist beschädigt oder kein JSON: %1 bei Byte %2; eine Sicherung oder die Rettungskopie verwenden</translation>
    </message>
    <message>
        <source>holds no JSON object; this is no job and no guitar</source>
        <translation>enthält kein JSON-Objekt; das ist weder Auftrag noch Brücke</translation>
    </message>
    <message>
        <source>could not be written: %1; nothing was changed, choose another folder or free some space</source>
        <translation>konnte nicht geschrieben werden: %1; nichts wurde geändert, einen anderen Ordner wählen oder Platz schaffen</translation>
    </message>
    <message>
        <source>cannot be read; see that it is still there</source>
        <translation>kann nicht gelesen werden; nachsehen, ob sie noch da ist</translation>
    </message>
    <message>
        <source>is larger than 60 MB; take a smaller one</source>
        <translation>ist größer als 60 MB; ein kleineres nehmen</translation>
    </message>
    <message>
        <source>is no picture this program can show; use PNG or JPEG</source>
        <translation>ist kein Bild, das dieses Programm zeigen kann; PNG oder JPEG verwenden</translation>
    </message>
    <message>
        <source>cannot be kept beside the logbook; see that its folder can be written</source>
        <translation>kann nicht neben dem Auftragsbuch abgelegt werden; nachsehen, ob sein Ordner beschreibbar ist</translation>
    </message>
    <message>
        <source>holds no sound; listen first, then save a recording</source>
        <translation>enthält keinen Klang; zuerst zuhören, dann eine Aufnahme speichern</translation>
    </message>
    <message>
        <source>can be saved with a job of the logbook only; save the job in the shop first</source>
        <translation>kann nur bei einem Auftrag des Auftragsbuchs bleiben; den Auftrag zuerst in der Werkstatt speichern</translation>
    </message>
    <message>
        <source>cannot be made; choose another</source>
        <translation>kann nicht angelegt werden; einen anderen wählen</translation>
    </message>
    <message>
        <source>cannot be written; choose another</source>
        <translation>kann nicht geschrieben werden; einen anderen wählen</translation>
    </message>
    <message>
        <source>was stopped; nothing was written</source>
        <translation>wurde angehalten; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>is in a folder that cannot be made; choose another with --logbook</source>
        <translation>liegt in einem Ordner, der nicht angelegt werden kann; mit --logbook ein anderes wählen</translation>
    </message>
    <message>
        <source>does not exist yet and its folder cannot be written; choose another with --logbook</source>
        <translation>gibt es noch nicht, und sein Ordner ist nicht beschreibbar; mit --logbook ein anderes wählen</translation>
    </message>
    <message>
        <source>is damaged (%1); restore a backup from the Shop menu</source>
        <translation>ist beschädigt (%1); über das Menü Werkstatt eine Sicherung zurückholen</translation>
    </message>
    <message>
        <source>belongs to another program; choose another file with --logbook</source>
        <translation>gehört einem anderen Programm; mit --logbook eine andere Datei wählen</translation>
    </message>
    <message>
        <source>was written by a newer version of the program; use that version to open it</source>
        <translation>wurde von einer neueren Fassung des Programms geschrieben; mit dieser öffnen</translation>
    </message>
    <message>
        <source>is of an older version and open in another window; close that one first</source>
        <translation>ist von einer älteren Fassung und in einem anderen Fenster offen; dieses zuerst schließen</translation>
    </message>
    <message>
        <source>is open in another window, so this one only reads; go on there</source>
        <translation>ist in einem anderen Fenster offen, darum liest dieses nur; dort weitermachen</translation>
    </message>
    <message>
        <source>may not be written by this user, so it is only read; ask for the right to write it and its folder</source>
        <translation>darf von diesem Benutzer nicht geschrieben werden und wird darum nur gelesen; um das Recht bitten, es und seinen Ordner zu schreiben</translation>
    </message>
    <message>
        <source>was refused by the disk (%1); check the folder&apos;s permissions</source>
        <translation>wurde vom Datenträger abgewiesen (%1); die Rechte des Ordners prüfen</translation>
    </message>
    <message>
        <source>cannot be read (%1); check it from the Shop menu and restore a backup if it is damaged</source>
        <translation>kann nicht gelesen werden (%1); über das Menü Werkstatt prüfen und, wenn es beschädigt ist, eine Sicherung zurückholen</translation>
    </message>
    <message>
        <source>was refused by the disk (%1); nothing was changed, make room or choose another folder and do it again</source>
        <translation>wurde vom Datenträger abgewiesen (%1); nichts wurde geändert, Platz schaffen oder einen anderen Ordner wählen und noch einmal tun</translation>
    </message>
    <message>
        <source>was refused by the disk (%1); no backup was made, make room or choose another folder</source>
        <translation>wurde vom Datenträger abgewiesen (%1); keine Sicherung wurde gemacht, Platz schaffen oder einen anderen Ordner wählen</translation>
    </message>
    <message>
        <source>exists already; choose another name</source>
        <translation>gibt es schon; einen anderen Namen wählen</translation>
    </message>
    <message>
        <source>cannot be renamed; check the folder&apos;s permissions</source>
        <translation>kann nicht umbenannt werden; die Rechte des Ordners prüfen</translation>
    </message>
    <message>
        <source>cannot be copied into place; make room and copy it by hand</source>
        <translation>kann nicht an seine Stelle kopiert werden; Platz schaffen und von Hand kopieren</translation>
    </message>
    <message>
        <source>is not in this logbook any more</source>
        <translation>ist nicht mehr in diesem Auftragsbuch</translation>
    </message>
    <message>
        <source>holds jobs or stock already; a shop moves into an empty logbook only</source>
        <translation>enthält schon Aufträge oder Bestand; eine Werkstatt zieht nur in ein leeres Auftragsbuch um</translation>
    </message>
    <message>
        <source>has its newest entry at %1, but this machine&apos;s clock says %2; set the clock, or due dates and times will be wrong</source>
        <translation>hat seinen neuesten Eintrag um %1, die Uhr dieses Rechners zeigt aber %2; die Uhr stellen, sonst stimmen Termine und Zeiten nicht</translation>
    </message>
    <message>
        <source>is no address of a server; write it as postgresql://user@host/database, with ?sslmode=require where asked</source>
        <translation>ist keine Adresse eines Servers; sie lautet postgresql://Benutzer@Rechner/Datenbank, mit ?sslmode=require, wo das verlangt wird</translation>
    </message>
    <message>
        <source>needs Qt&apos;s driver for PostgreSQL; install the package libqt6sql6-psql</source>
        <translation>braucht den Qt-Treiber für PostgreSQL; das Paket libqt6sql6-psql installieren</translation>
    </message>
    <message>
        <source>does not answer; see that the server runs and the network is up</source>
        <translation>antwortet nicht; nachsehen, ob der Server läuft und das Netz steht</translation>
    </message>
    <message>
        <source>was refused by the server (%1); check user, password and the database&apos;s name</source>
        <translation>wurde vom Server abgewiesen (%1); Benutzer, Passwort und Namen der Datenbank prüfen</translation>
    </message>
    <message>
        <source>keeps text as %1, which has not every letter; make its database with encoding UTF8</source>
        <translation>legt Text als %1 ab, worin nicht jeder Buchstabe vorkommt; die Datenbank mit der Kodierung UTF8 anlegen</translation>
    </message>
    <message>
        <source>does not answer any more; what is entered is kept on this machine and goes there when it is back</source>
        <translation>antwortet nicht mehr; was eingetragen wird, bleibt auf diesem Rechner und geht hin, wenn es wieder da ist</translation>
    </message>
    <message>
        <source>has no room on its server (%1); nothing was changed, make room there and do it again</source>
        <translation>hat auf seinem Server keinen Platz mehr (%1); nichts wurde geändert, dort Platz schaffen und es wiederholen</translation>
    </message>
    <message>
        <source>cannot be read (%1); ask who minds the server</source>
        <translation>kann nicht gelesen werden (%1); fragen, wer den Server betreut</translation>
    </message>
    <message>
        <source>was refused by the server (%1); nothing was changed, do it again</source>
        <translation>wurde vom Server abgelehnt (%1); nichts wurde geändert, es wiederholen</translation>
    </message>
    <message>
        <source>was changed at another bench meanwhile; look at it there and do it again</source>
        <translation>wurde inzwischen an einer anderen Werkbank geändert; dort nachsehen und es wiederholen</translation>
    </message>
    <message>
        <source>is off already; nothing was entered</source>
        <translation>ist schon ab; nichts wurde eingetragen</translation>
    </message>
    <message>
        <source>is new already; if it broke again, enter that it is off first</source>
        <translation>ist schon neu; ist sie wieder gerissen, zuerst eintragen, dass sie ab ist</translation>
    </message>
    <message>
        <source>must be %1 at most; take one out before another goes in</source>
        <translation>dürfen höchstens %1 sein; eine herausnehmen, bevor eine andere hineinkommt</translation>
    </message>
    <message>
        <source>is no question; do what the act says</source>
        <translation>ist keine Frage; tun, was die Handlung sagt</translation>
    </message>
    <message>
        <source>has changes that are in no file yet; save it, or save it in the shop first</source>
        <translation>hat Änderungen, die noch in keiner Datei stehen; erst speichern oder in der Werkstatt speichern</translation>
    </message>
    <message>
        <source>is no sound that can be read; record or export it as WAV or FLAC</source>
        <translation>ist kein Klang, der gelesen werden kann; als WAV oder FLAC aufnehmen oder ausgeben</translation>
    </message>
    <message>
        <source>does not exist: this job has no simulated guitar; type readings</source>
        <translation>gibt es nicht: dieser Auftrag hat keine simulierte Gitarre; Ablesungen eintippen</translation>
    </message>
    <message>
        <source>has strings that are not from the catalogue; choose or type each string first</source>
        <translation>hat Saiten, die nicht aus dem Katalog sind; zuerst jede Saite wählen oder eintippen</translation>
    </message>
    <message>
        <source>has %1 gauges; this guitar has %2 strings</source>
        <translation>hat %1 Stärken; diese Gitarre hat %2 Saiten</translation>
    </message>
    <message>
        <source>has &quot;%1&quot;, which is no string that is sold; write thousandths like 46 or millimetres like 1.17, with p for plain, w for wound, f for flat-wound</source>
        <translation>hat „%1“, das ist keine Saite, die es zu kaufen gibt; Tausendstel wie 46 oder Millimeter wie 1.17 schreiben, p für blank, w für umsponnen, f für flach umsponnen</translation>
    </message>
    <message>
        <source>cannot be turned: this bridge has none</source>
        <translation>nicht drehbar: diese Brücke hat keine</translation>
    </message>
    <message>
        <source>holds samples that are no numbers; record or export it again</source>
        <translation>enthält Werte, die keine Zahlen sind; neu aufnehmen oder exportieren</translation>
    </message>
    <message>
        <source>are %1; for this they must be %2, as on the other guitar</source>
        <translation>sind %1; dafür müssen es %2 sein wie an der anderen Gitarre</translation>
    </message>
    <message>
        <source>include number %1, and nothing in the catalogue is made as it is; give it another kind of string first</source>
        <translation>enthalten Nummer %1, und nichts im Katalog ist so gebaut; ihr zuerst eine Saite anderer Art geben</translation>
    </message>
    <message>
        <source>include number %1, for which every gauge in the catalogue would come beyond %2 % of its breaking load at this pitch; choose a lower tuning</source>
        <translation>enthalten Nummer %1, für die jede Stärke des Katalogs bei dieser Tonhöhe über %2 % ihrer Bruchlast käme; eine tiefere Stimmung wählen</translation>
    </message>
    <message>
        <source>include number %1, for which no gauge in the catalogue pulls within %2 % of what is wished; choose another tuning, or another guitar to follow</source>
        <translation>enthalten Nummer %1, für die keine Stärke des Katalogs bis auf %2 % so zieht wie gewünscht; eine andere Stimmung wählen oder eine andere Gitarre als Vorbild</translation>
    </message>
    <message>
        <source>could not be chosen in time; try again</source>
        <translation>konnten nicht rechtzeitig gewählt werden; noch einmal versuchen</translation>
    </message>
    <message>
        <source>include number %1, and nothing in the drawers suits it; allow what is not there, or order it</source>
        <translation>enthalten Nummer %1, und nichts in den Schubladen passt zu ihr; zulassen, was nicht da ist, oder es bestellen</translation>
    </message>
    <message>
        <source>are too few in the drawers: two want the last piece of one gauge; allow what is not there, or order it</source>
        <translation>sind zu wenige in den Schubladen: zwei wollen das letzte Stück einer Stärke; zulassen, was nicht da ist, oder es bestellen</translation>
    </message>
    <message>
        <source>%1 is of another shop; search for the guitar by its name or owner, or take it in as a new one</source>
        <translation>%1 gehört zu einer anderen Werkstatt; die Gitarre mit Namen oder Besitzer suchen, oder neu aufnehmen</translation>
    </message>
    <message>
        <source>%1 is of a job that is no longer in this shop; search for the guitar by its name or owner</source>
        <translation>%1 gehört zu einem Auftrag, den es in dieser Werkstatt nicht mehr gibt; die Gitarre mit Namen oder Besitzer suchen</translation>
    </message>
    <message>
        <source>do not balance on this guitar, so nothing can be put on a card; the plan says what helps</source>
        <translation>halten auf dieser Gitarre keine Balance, also kommt nichts auf eine Karte; der Plan sagt, was hilft</translation>
    </message>
    <message>
        <source>did not take it; see whether it is on and has paper, or save it as a file</source>
        <translation>hat es nicht angenommen; nachsehen, ob er an ist und Papier hat, oder als Datei speichern</translation>
    </message>
    <message>
        <source>must be a time like 2026-03-31T17:00:00Z</source>
        <translation>muss eine Zeit wie 2026-03-31T17:00:00Z sein</translation>
    </message>
    <message>
        <source>must be times like 9:00-12:30, 13:30-18:00, one after the other; it is &quot;%1&quot;</source>
        <translation>müssen Zeiten wie 9:00-12:30, 13:30-18:00 sein, eine nach der anderen; da steht „%1“</translation>
    </message>
    <message>
        <source>must be a time like 17:00 or a day like 2026-03-31, or both; it is &quot;%1&quot;</source>
        <translation>muss eine Zeit wie 17:00 oder ein Tag wie 2026-03-31 sein, oder beides; da steht „%1“</translation>
    </message>
    <message>
        <source>are on no day of the week; choose the days on which the shop is open</source>
        <translation>liegen auf keinem Wochentag; die Tage wählen, an denen geöffnet ist</translation>
    </message>
    <message>
        <source>do not suffice for the jobs in hand within half a year; lengthen them</source>
        <translation>reichen für die Aufträge in Arbeit kein halbes Jahr lang; verlängern</translation>
    </message>
    <message>
        <source>must be one figure in cents for each of the %1 strings, thickest first, like -3 -2 0 1 2 0; it is &quot;%2&quot;</source>
        <translation>müssen für jede der %1 Saiten eine Zahl in Cent sein, die dickste zuerst, wie -3 -2 0 1 2 0; da steht „%2“</translation>
    </message>
</context>
<context>
    <name>FaultField</name>
    <message>
        <source>act</source>
        <translation>Handgriff</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>backup</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Klotz</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>Messschieber</translation>
    </message>
    <message>
        <source>demo</source>
        <translation>Beispiel</translation>
    </message>
    <message>
        <source>export</source>
        <translation>Ausgabe</translation>
    </message>
    <message>
        <source>folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>logbook</source>
        <translation>Auftragsbuch</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>recording</source>
        <translation>Aufnahme</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Tonhöhe</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>reason</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>strings</source>
        <translation>Saiten</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>simulated guitar</source>
        <translation>simulierte Gitarre</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>Federkralle</translation>
    </message>
</context>
<context>
    <name>FirstStart</name>
    <message>
        <source>Tell it the bridge and the strings.</source>
        <translation>Brücke und Saiten angeben.</translation>
    </message>
    <message>
        <source>Turn the claw as it says.</source>
        <translation>Die Federkralle drehen, wie es sagt.</translation>
    </message>
    <message>
        <source>Tune each string once, to its aim.</source>
        <translation>Jede Saite einmal stimmen, auf ihren Zielwert.</translation>
    </message>
</context>
<context>
    <name>Format</name>
    <message>
        <source>plate level</source>
        <translation>Platte eben</translation>
    </message>
    <message>
        <source>plate forward %1°</source>
        <translation>Platte %1° nach vorn</translation>
    </message>
    <message>
        <source>plate sunk %1°</source>
        <translation>Platte %1° gesunken</translation>
    </message>
</context>
<context>
    <name>GuitarPlan</name>
    <message>
        <source>String %1 is slack</source>
        <translation>Saite %1 ist locker</translation>
    </message>
    <message>
        <source>String %1 is tight</source>
        <translation>Saite %1 ist gespannt</translation>
    </message>
    <message numerus="yes">
        <source>The guitar from above, %n strings tight.</source>
        <translation>
            <numerusform>Die Gitarre von oben, %n Saite gespannt.</numerusform>
            <numerusform>Die Gitarre von oben, %n Saiten gespannt.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>JobSheet</name>
    <message>
        <source>%1 mm (.%2) %3</source>
        <translation>%1 mm (.%2) %3</translation>
    </message>
    <message>
        <source>wound</source>
        <translation>umsponnen</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>blank</translation>
    </message>
    <message>
        <source>String</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>Was on</source>
        <translation>War drauf</translation>
    </message>
    <message>
        <source>Tuned to</source>
        <translation>Gestimmt auf</translation>
    </message>
    <message>
        <source>Pull</source>
        <translation>Zug</translation>
    </message>
    <message>
        <source>Is on</source>
        <translation>Ist drauf</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>Pulls are calculated.</source>
        <translation>Der Zug ist berechnet.</translation>
    </message>
    <message>
        <source>, claw tightened %1</source>
        <translation>, Federkralle %1 angezogen</translation>
    </message>
    <message>
        <source>, claw loosened %1</source>
        <translation>, Federkralle %1 gelöst</translation>
    </message>
    <message>
        <source>plate, degrees</source>
        <translation>Platte, Grad</translation>
    </message>
    <message>
        <source>Cents from pitch; bold was measured, the rest is calculated.</source>
        <translation>Cent von der Tonhöhe; fett ist gemessen, das Übrige berechnet.</translation>
    </message>
    <message>
        <source>Readings of every string over the passes</source>
        <translation>Ablesungen jeder Saite über die Durchgänge</translation>
    </message>
    <message>
        <source>One line a string, in cents from pitch; straight within ten cents, by tenfold steps beyond. The band is what was allowed.</source>
        <translation>Eine Linie je Saite, in Cent von der Tonhöhe; gleichmäßig innerhalb von zehn Cent, darüber in Zehnerstufen. Das Band ist, was erlaubt war.</translation>
    </message>
    <message>
        <source>skipped: %1</source>
        <translation>übersprungen: %1</translation>
    </message>
    <message>
        <source>warning passed over: %1</source>
        <translation>Warnung übergangen: %1</translation>
    </message>
    <message>
        <source>note: %1</source>
        <translation>Notiz: %1</translation>
    </message>
    <message>
        <source>photo: %1</source>
        <translation>Foto: %1</translation>
    </message>
    <message>
        <source>recording: %1</source>
        <translation>Aufnahme: %1</translation>
    </message>
    <message>
        <source>Guitar without a name</source>
        <translation>Gitarre ohne Namen</translation>
    </message>
    <message>
        <source>Owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gewünscht</translation>
    </message>
    <message>
        <source>Received</source>
        <translation>Angenommen</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Saiten</translation>
    </message>
    <message>
        <source>Readings pass by pass</source>
        <translation>Ablesungen Durchgang für Durchgang</translation>
    </message>
    <message>
        <source>Passes: %1. Visits to the claw: %2. Stretches: %3. About %4 minutes at pegs and claw, by the shop&apos;s pace.</source>
        <translation>Durchgänge: %1. Gänge zur Federkralle: %2. Dehnungen: %3. Etwa %4 Minuten an Mechaniken und Federkralle, im Takt der Werkstatt.</translation>
    </message>
    <message>
        <source>Work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>Parts used or lost</source>
        <translation>Teile verbraucht oder verloren</translation>
    </message>
    <message>
        <source>Follow-ups</source>
        <translation>Noch zu tun</translation>
    </message>
    <message>
        <source>To the owner</source>
        <translation>An den Besitzer</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Offered</source>
        <translation>Angeboten</translation>
    </message>
    <message>
        <source>Done by</source>
        <translation>Gemacht von</translation>
    </message>
    <message>
        <source>Next restring</source>
        <translation>Nächste Besaitung</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Was unterwegs geschah</translation>
    </message>
    <message>
        <source>The bridge hangs between strings and springs. Leave its screws alone: one turn puts every string out of tune.</source>
        <translation>Die Brücke hängt zwischen Saiten und Federn. Ihre Schrauben in Ruhe lassen: eine Umdrehung verstimmt jede Saite.</translation>
    </message>
    <message>
        <source>If a string breaks, the others go sharp. Do not retune them: fit the same gauge, tune it, and they return.</source>
        <translation>Reißt eine Saite, werden die anderen zu hoch. Nicht nachstimmen: dieselbe Stärke aufziehen, stimmen, dann kehren sie zurück.</translation>
    </message>
    <message>
        <source>If a string breaks, the others stay in tune. Fit the same gauge.</source>
        <translation>Reißt eine Saite, bleiben die anderen gestimmt. Dieselbe Stärke aufziehen.</translation>
    </message>
    <message>
        <source>Tune at the bridge only; the clamps at the nut stay closed.</source>
        <translation>Nur an der Brücke stimmen; die Klemmen am Sattel bleiben zu.</translation>
    </message>
    <message>
        <source>Tune with the fine tuners only; the nut stays locked. When one is at its end, bring the guitar in.</source>
        <translation>Nur mit den Feinstimmern stimmen; der Sattel bleibt geklemmt. Ist einer am Ende, die Gitarre bringen.</translation>
    </message>
    <message>
        <source>Stay with this set and tuning: others need the guitar set up anew.</source>
        <translation>Bei diesem Satz und dieser Stimmung bleiben: andere brauchen eine neue Einstellung.</translation>
    </message>
    <message>
        <source>All strings a little off together: weather or a new season; tune them all once. One string off again and again: bring the guitar in.</source>
        <translation>Alle Saiten zusammen etwas verstimmt: Wetter oder Jahreszeit; alle einmal stimmen. Eine Saite immer wieder verstimmt: die Gitarre bringen.</translation>
    </message>
    <message>
        <source>New strings by %1, sooner if they feel rough or sound dull.</source>
        <translation>Neue Saiten bis %1, früher, wenn sie rau sind oder dumpf klingen.</translation>
    </message>
    <message>
        <source>%1 as found, %2 as left</source>
        <translation>%1 vorgefunden, %2 hinterlassen</translation>
    </message>
    <message>
        <source>Replaced</source>
        <translation>Ersetzt</translation>
    </message>
    <message>
        <source>Neck relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>%1: %2 / %3 / %4</source>
        <translation>%1: %2 / %3 / %4</translation>
    </message>
    <message>
        <source>Return test: before, after a dive, after a pull-up, cents</source>
        <translation>Rückkehrprobe: vorher, nach dem Abtauchen, nach dem Hochziehen, Cent</translation>
    </message>
    <message>
        <source>string %1, %2</source>
        <translation>Saite %1, %2</translation>
    </message>
    <message>
        <source>Broken</source>
        <translation>Gerissen</translation>
    </message>
    <message>
        <source>not inspected: %1</source>
        <translation>nicht angesehen: %1</translation>
    </message>
</context>
<context>
    <name>Lanes</name>
    <message numerus="yes">
        <source>%n acts ago</source>
        <translation>
            <numerusform>vor einem Handgriff</numerusform>
            <numerusform>vor %n Handgriffen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>ListenWords</name>
    <message>
        <source>%1: up by %2 ¢</source>
        <translation>%1: %2 ¢ hinauf</translation>
    </message>
    <message>
        <source>%1: down by %2 ¢</source>
        <translation>%1: %2 ¢ hinunter</translation>
    </message>
    <message>
        <source>%1 more (Enter takes it)</source>
        <translation>%1 weitere (Enter übernimmt)</translation>
    </message>
    <message>
        <source>Too loud: turn the input down</source>
        <translation>Zu laut: den Eingang leiser stellen</translation>
    </message>
    <message>
        <source>No sound at all: is the input muted?</source>
        <translation>Gar kein Klang: ist der Eingang stumm?</translation>
    </message>
    <message>
        <source>Only hum or noise: come nearer, check the cable</source>
        <translation>Nur Brummen oder Rauschen: näher heran, Kabel prüfen</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Hört zu</translation>
    </message>
    <message>
        <source>Paused</source>
        <translation>Angehalten</translation>
    </message>
    <message>
        <source>Heard a pluck</source>
        <translation>Anschlag gehört</translation>
    </message>
    <message>
        <source>%1: settling %2 ¢</source>
        <translation>%1: setzt sich %2 ¢</translation>
    </message>
    <message>
        <source>%1: taken %2 ¢</source>
        <translation>%1: übernommen %2 ¢</translation>
    </message>
    <message>
        <source>%1: %2 ¢ (Enter takes it)</source>
        <translation>%1: %2 ¢ (Enter übernimmt)</translation>
    </message>
    <message>
        <source>%1: %2 ¢, as before</source>
        <translation>%1: %2 ¢, wie zuvor</translation>
    </message>
    <message>
        <source>%1 at %2 ¢? Enter takes it</source>
        <translation>%1 bei %2 ¢? Enter übernimmt</translation>
    </message>
    <message>
        <source>Not sure, pluck again</source>
        <translation>Nicht sicher, noch einmal anschlagen</translation>
    </message>
    <message>
        <source>No input to listen to: plug in a microphone, or allow this program to use it in the desktop&apos;s settings.</source>
        <translation>Kein Eingang zum Zuhören: ein Mikrofon anschließen oder dem Programm in den Einstellungen der Arbeitsumgebung erlauben, es zu benutzen.</translation>
    </message>
    <message>
        <source>This input gives no sound that can be read; choose another.</source>
        <translation>Dieser Eingang liefert keinen lesbaren Klang; einen anderen wählen.</translation>
    </message>
    <message>
        <source>The input is gone. Everything heard is kept; plug it in and listen again.</source>
        <translation>Der Eingang ist weg. Alles Gehörte bleibt; wieder anschließen und weiter zuhören.</translation>
    </message>
    <message>
        <source> sharp </source>
        <translation> zu hoch </translation>
    </message>
    <message>
        <source> flat </source>
        <translation> zu tief </translation>
    </message>
    <message>
        <source> minus </source>
        <translation> minus </translation>
    </message>
    <message>
        <source> plus </source>
        <translation> plus </translation>
    </message>
    <message>
        <source> cents</source>
        <translation> Cent</translation>
    </message>
    <message>
        <source> degrees</source>
        <translation> Grad</translation>
    </message>
    <message>
        <source> to </source>
        <translation> bis </translation>
    </message>
    <message>
        <source>and a half</source>
        <translation>einhalb</translation>
    </message>
    <message>
        <source>and a quarter</source>
        <translation>ein Viertel</translation>
    </message>
    <message>
        <source>and three quarters</source>
        <translation>drei Viertel</translation>
    </message>
    <message>
        <source>Listening; nothing is taken at this step</source>
        <translation>Hört zu; bei diesem Schritt wird nichts übernommen</translation>
    </message>
</context>
<context>
    <name>ListeningPicture</name>
    <message>
        <source>Too loud: the sound is cut off; turn the input down</source>
        <translation>Zu laut: der Klang ist abgeschnitten; den Eingang leiser stellen</translation>
    </message>
    <message>
        <source>Level %1 dB</source>
        <translation>Pegel %1 dB</translation>
    </message>
    <message>
        <source>There</source>
        <translation>Da</translation>
    </message>
    <message>
        <source>%1 cents below the aim</source>
        <translation>%1 Cent unter dem Zielwert</translation>
    </message>
    <message>
        <source>%1 cents above the aim</source>
        <translation>%1 Cent über dem Zielwert</translation>
    </message>
</context>
<context>
    <name>Measuring</name>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>tuner good to 0.1 ¢</source>
        <translation>Stimmgerät auf 0,1 ¢</translation>
    </message>
    <message>
        <source>tuner good to half a cent</source>
        <translation>Stimmgerät auf einen halben Cent</translation>
    </message>
    <message>
        <source>tuner that shows whole cents</source>
        <translation>Stimmgerät, das ganze Cent zeigt</translation>
    </message>
    <message>
        <source>tuner good to 2 ¢</source>
        <translation>Stimmgerät auf 2 ¢</translation>
    </message>
    <message>
        <source>feeler or caliper</source>
        <translation>Fühlerlehre oder Messschieber</translation>
    </message>
    <message>
        <source>ruler</source>
        <translation>Lineal</translation>
    </message>
    <message>
        <source>angle gauge</source>
        <translation>Winkelmesser</translation>
    </message>
    <message>
        <source>side photo</source>
        <translation>Seitenfoto</translation>
    </message>
    <message>
        <source>by eye</source>
        <translation>nach Augenmaß</translation>
    </message>
    <message>
        <source>This tuner cannot tell %1 ¢: strings will be judged to %2 ¢. One good to %3 ¢ would do.</source>
        <translation>Dieses Stimmgerät kann %1 ¢ nicht unterscheiden: Saiten werden auf %2 ¢ beurteilt. Eines auf %3 ¢ würde genügen.</translation>
    </message>
    <message>
        <source>Strings left that near their aim cannot be promised within %1 ¢: they will be judged to %2 ¢. Leave each within %3 ¢, or widen the tolerance.</source>
        <translation>So nah am Zielwert gelassene Saiten lassen sich nicht auf %1 ¢ versprechen: sie werden auf %2 ¢ beurteilt. Jede auf %3 ¢ lassen oder die Toleranz weiten.</translation>
    </message>
    <message>
        <source>What level is judged by cannot tell %1°: the plate will be judged to %2°. A gap measured to %3 mm would do.</source>
        <translation>Womit die Plattenlage gemessen wird, kann %1° nicht unterscheiden: die Platte wird auf %2° beurteilt. Ein auf %3 mm gemessener Spalt würde genügen.</translation>
    </message>
</context>
<context>
    <name>MethodTopics</name>
    <message>
        <source>Strings off</source>
        <translation>Saiten ab</translation>
    </message>
    <message>
        <source>faster, and the fretboard can be cleaned</source>
        <translation>schneller, und das Griffbrett lässt sich reinigen</translation>
    </message>
    <message>
        <source>one by one</source>
        <translation>eine nach der anderen</translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation>Brücke</translation>
    </message>
    <message>
        <source>floats</source>
        <translation>schwebt</translation>
    </message>
    <message>
        <source>rests on the body</source>
        <translation>liegt auf dem Korpus</translation>
    </message>
    <message>
        <source>a broken string leaves the others in tune; dives only</source>
        <translation>eine gerissene Saite lässt die anderen gestimmt; nur Abtauchen</translation>
    </message>
    <message>
        <source>Nut caps</source>
        <translation>Klemmplatten</translation>
    </message>
    <message>
        <source>off, laid out in order</source>
        <translation>ab, der Reihe nach ausgelegt</translation>
    </message>
    <message>
        <source>the strings lie free</source>
        <translation>die Saiten liegen frei</translation>
    </message>
    <message>
        <source>only loosened</source>
        <translation>nur gelockert</translation>
    </message>
    <message>
        <source>none is lost or swapped; each string is threaded under its cap</source>
        <translation>keine geht verloren oder wird vertauscht; jede Saite wird unter ihre Klemmplatte gefädelt</translation>
    </message>
    <message>
        <source>Cap order</source>
        <translation>Reihenfolge der Klemmplatten</translation>
    </message>
    <message>
        <source>each back in its own place</source>
        <translation>jede an ihren eigenen Platz</translation>
    </message>
    <message>
        <source>it has worn a groove of its own</source>
        <translation>sie hat sich ihre eigene Rille gegraben</translation>
    </message>
    <message>
        <source>as they come to hand</source>
        <translation>wie sie zur Hand kommen</translation>
    </message>
    <message>
        <source>nothing to sort; new caps have no groove yet</source>
        <translation>nichts zu sortieren; neue Klemmplatten haben noch keine Rille</translation>
    </message>
    <message>
        <source>Block height</source>
        <translation>Höhe des Klotzes</translation>
    </message>
    <message>
        <source>neutral</source>
        <translation>neutral</translation>
    </message>
    <message>
        <source>nothing jumps when it comes out</source>
        <translation>nichts springt, wenn er herauskommt</translation>
    </message>
    <message>
        <source>a little forward</source>
        <translation>etwas nach vorn</translation>
    </message>
    <message>
        <source>goes in easily; all strings sharpen when it comes out</source>
        <translation>geht leicht hinein; alle Saiten werden höher, wenn er herauskommt</translation>
    </message>
    <message>
        <source>Block out</source>
        <translation>Klotz heraus</translation>
    </message>
    <message>
        <source>after rough tuning</source>
        <translation>nach dem Vorstimmen</translation>
    </message>
    <message>
        <source>before tuning</source>
        <translation>vor dem Stimmen</translation>
    </message>
    <message>
        <source>out for a look after each string</source>
        <translation>nach jeder Saite heraus zum Nachsehen</translation>
    </message>
    <message>
        <source>Under the block</source>
        <translation>Über dem Klotz</translation>
    </message>
    <message>
        <source>to aims under the block</source>
        <translation>auf Zielwerte bei eingesetztem Klotz</translation>
    </message>
    <message>
        <source>to pitch</source>
        <translation>auf Tonhöhe</translation>
    </message>
    <message>
        <source>simple; pitch jumps by as much as the block is off level</source>
        <translation>einfach; die Tonhöhe springt um so viel, wie der Klotz von eben abweicht</translation>
    </message>
    <message>
        <source>only taut</source>
        <translation>nur straff</translation>
    </message>
    <message>
        <source>no pass is spent under the block</source>
        <translation>kein Durchgang geht bei eingesetztem Klotz verloren</translation>
    </message>
    <message>
        <source>Frets and fretboard</source>
        <translation>Bünde und Griffbrett</translation>
    </message>
    <message>
        <source>frets with a guard only</source>
        <translation>nur die Bünde, mit Schutz</translation>
    </message>
    <message>
        <source>wool along the whole fretboard</source>
        <translation>Wolle über das ganze Griffbrett</translation>
    </message>
    <message>
        <source>quicker; dark fretboards without lacquer only</source>
        <translation>schneller; nur dunkle Griffbretter ohne Lack</translation>
    </message>
    <message>
        <source>Ball end</source>
        <translation>Kugelende</translation>
    </message>
    <message>
        <source>cut off at the bridge</source>
        <translation>an der Brücke abgeschnitten</translation>
    </message>
    <message>
        <source>the usual way round</source>
        <translation>so herum, wie üblich</translation>
    </message>
    <message>
        <source>ball at the headstock</source>
        <translation>Kugel an der Kopfplatte</translation>
    </message>
    <message>
        <source>Slack by</source>
        <translation>Zugabe nach</translation>
    </message>
    <message>
        <source>frets back at the nut</source>
        <translation>Bünden am Sattel zurück</translation>
    </message>
    <message>
        <source>one mark on the headstock</source>
        <translation>eine Marke an der Kopfplatte</translation>
    </message>
    <message>
        <source>a bow over the fretboard</source>
        <translation>einem Bogen über dem Griffbrett</translation>
    </message>
    <message>
        <source>the string itself is the ruler</source>
        <translation>die Saite selbst ist das Lineal</translation>
    </message>
    <message>
        <source>needs nothing at all</source>
        <translation>braucht gar nichts</translation>
    </message>
    <message>
        <source>Wraps</source>
        <translation>Wicklungen</translation>
    </message>
    <message>
        <source>2 to 3 wound, 3 to 5 plain</source>
        <translation>2 bis 3 umsponnen, 3 bis 5 blank</translation>
    </message>
    <message>
        <source>as few as hold</source>
        <translation>so wenige, wie halten</translation>
    </message>
    <message>
        <source>less to settle</source>
        <translation>weniger, das sich setzt</translation>
    </message>
    <message>
        <source>Winding</source>
        <translation>Wickeln</translation>
    </message>
    <message>
        <source>first turn over, rest under</source>
        <translation>erste darüber, die übrigen darunter</translation>
    </message>
    <message>
        <source>the string end is held between wraps</source>
        <translation>das Saitenende klemmt zwischen den Wicklungen</translation>
    </message>
    <message>
        <source>all under</source>
        <translation>alle darunter</translation>
    </message>
    <message>
        <source>the neatest stack</source>
        <translation>der ordentlichste Stapel</translation>
    </message>
    <message>
        <source>tied round itself</source>
        <translation>um sich selbst geknotet</translation>
    </message>
    <message>
        <source>cannot slip; slow to take off again; not for fragile old string posts</source>
        <translation>kann nicht rutschen; langsam abzunehmen, und nichts für alte, zerbrechliche Achsen</translation>
    </message>
    <message>
        <source>Nut angle</source>
        <translation>Winkel am Sattel</translation>
    </message>
    <message>
        <source>more pressure</source>
        <translation>mehr Druck</translation>
    </message>
    <message>
        <source>sits in the slot; locking shifts it less</source>
        <translation>sitzt in der Kerbe; Klemmen verschiebt weniger</translation>
    </message>
    <message>
        <source>less pressure</source>
        <translation>weniger Druck</translation>
    </message>
    <message>
        <source>returns to pitch better over an open nut</source>
        <translation>kehrt über offenem Sattel besser zurück</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>low to high</source>
        <translation>tief nach hoch</translation>
    </message>
    <message>
        <source>the strongest pull first</source>
        <translation>der stärkste Zug zuerst</translation>
    </message>
    <message>
        <source>high to low</source>
        <translation>hoch nach tief</translation>
    </message>
    <message>
        <source>outer pairs inwards</source>
        <translation>äußere Paare nach innen</translation>
    </message>
    <message>
        <source>low to high with back-checks</source>
        <translation>tief nach hoch mit Nachprüfen</translation>
    </message>
    <message>
        <source>Tune</source>
        <translation>Stimmen</translation>
    </message>
    <message>
        <source>to calculated aims</source>
        <translation>auf berechnete Zielwerte</translation>
    </message>
    <message>
        <source>exactly, pass after pass</source>
        <translation>genau, Durchgang für Durchgang</translation>
    </message>
    <message>
        <source>needs no figures but the tuner&apos;s</source>
        <translation>braucht keine Zahlen außer denen des Stimmgeräts</translation>
    </message>
    <message>
        <source>the first one sharp by feel, then exactly</source>
        <translation>die erste nach Gefühl höher, dann genau</translation>
    </message>
    <message>
        <source>the first one loses most</source>
        <translation>die erste verliert am meisten</translation>
    </message>
    <message>
        <source>Stretching</source>
        <translation>Dehnen</translation>
    </message>
    <message>
        <source>gently along the whole length</source>
        <translation>sanft der ganzen Länge nach</translation>
    </message>
    <message>
        <source>no kink, and it settles everywhere</source>
        <translation>kein Knick, und es setzt sich überall</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>kräftig</translation>
    </message>
    <message>
        <source>fewer pulls; a kink ruins the string</source>
        <translation>weniger Züge; ein Knick verdirbt die Saite</translation>
    </message>
    <message>
        <source>Stretch</source>
        <translation>Gedehnt wird</translation>
    </message>
    <message>
        <source>after all are on</source>
        <translation>wenn alle drauf sind</translation>
    </message>
    <message>
        <source>one pass for everything</source>
        <translation>eine Runde für alles</translation>
    </message>
    <message>
        <source>each string as it comes on</source>
        <translation>jede Saite, sobald sie drauf ist</translation>
    </message>
    <message>
        <source>what is stretched first needs less later</source>
        <translation>was zuerst gedehnt wird, braucht später weniger</translation>
    </message>
    <message>
        <source>Level judged</source>
        <translation>Plattenlage beurteilt</translation>
    </message>
    <message>
        <source>when all are tuned and settled</source>
        <translation>wenn alle gestimmt und gesetzt sind</translation>
    </message>
    <message>
        <source>after each string</source>
        <translation>nach jeder Saite</translation>
    </message>
    <message>
        <source>Claw</source>
        <translation>Federkralle</translation>
    </message>
    <message>
        <source>as calculated, each screw by itself</source>
        <translation>wie berechnet, jede Schraube für sich</translation>
    </message>
    <message>
        <source>as calculated, both screws alike</source>
        <translation>wie berechnet, beide Schrauben gleich</translation>
    </message>
    <message>
        <source>the claw stays parallel</source>
        <translation>die Federkralle bleibt parallel</translation>
    </message>
    <message>
        <source>quarter turns and a look</source>
        <translation>Vierteldrehungen und hinsehen</translation>
    </message>
    <message>
        <source>whole turns, then quarters</source>
        <translation>ganze Drehungen, dann Viertel</translation>
    </message>
    <message>
        <source>near at once, then by the eye</source>
        <translation>gleich nahe, dann nach Augenmaß</translation>
    </message>
    <message>
        <source>Claw turned</source>
        <translation>Federkralle gedreht</translation>
    </message>
    <message>
        <source>with the strings at pitch</source>
        <translation>mit den Saiten auf Tonhöhe</translation>
    </message>
    <message>
        <source>nothing is tuned twice</source>
        <translation>nichts wird zweimal gestimmt</translation>
    </message>
    <message>
        <source>strings slackened first</source>
        <translation>Saiten vorher entspannt</translation>
    </message>
    <message>
        <source>screws turn easily and the wood is spared</source>
        <translation>Schrauben drehen leicht und das Holz wird geschont</translation>
    </message>
    <message>
        <source>Fine tuners</source>
        <translation>Feinstimmer</translation>
    </message>
    <message>
        <source>to the middle</source>
        <translation>in die Mitte</translation>
    </message>
    <message>
        <source>travel both ways</source>
        <translation>Weg in beide Richtungen</translation>
    </message>
    <message>
        <source>nearly out</source>
        <translation>fast heraus</translation>
    </message>
    <message>
        <source>more travel to sharpen, which playing needs</source>
        <translation>mehr Weg nach oben, den das Spielen braucht</translation>
    </message>
    <message>
        <source>all out</source>
        <translation>ganz heraus</translation>
    </message>
    <message>
        <source>all the travel there is to sharpen, none to flatten</source>
        <translation>aller Weg nach oben, keiner nach unten</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Klemmen</translation>
    </message>
    <message>
        <source>once in tune</source>
        <translation>sobald gestimmt</translation>
    </message>
    <message>
        <source>sooner done</source>
        <translation>schneller fertig</translation>
    </message>
    <message>
        <source>after bends and playing</source>
        <translation>nach Ziehen und Spielen</translation>
    </message>
    <message>
        <source>String ends</source>
        <translation>Saitenenden</translation>
    </message>
    <message>
        <source>trimmed after stretching</source>
        <translation>nach dem Dehnen gekürzt</translation>
    </message>
    <message>
        <source>a string that slips can still be wound on</source>
        <translation>eine Saite, die rutscht, lässt sich noch aufwickeln</translation>
    </message>
    <message>
        <source>trimmed before tuning</source>
        <translation>vor dem Stimmen gekürzt</translation>
    </message>
    <message>
        <source>no ends in the way</source>
        <translation>keine Enden im Weg</translation>
    </message>
    <message>
        <source>String ends, how long</source>
        <translation>Saitenenden, wie lang</translation>
    </message>
    <message>
        <source>nothing to catch on</source>
        <translation>nichts, woran man hängen bleibt</translation>
    </message>
    <message>
        <source>2 mm, bent in</source>
        <translation>2 mm, umgebogen</translation>
    </message>
    <message>
        <source>holds one turn more</source>
        <translation>hält eine Drehung mehr</translation>
    </message>
    <message>
        <source>1 cm</source>
        <translation>1 cm</translation>
    </message>
    <message>
        <source>there is something to pull at if it slips</source>
        <translation>es bleibt etwas zum Ziehen, wenn sie rutscht</translation>
    </message>
    <message>
        <source>Back cover</source>
        <translation>Rückdeckel</translation>
    </message>
    <message>
        <source>off only if the claw moves</source>
        <translation>nur ab, wenn sich die Federkralle bewegt</translation>
    </message>
    <message>
        <source>off at the start</source>
        <translation>am Anfang ab</translation>
    </message>
    <message>
        <source>claw and springs in sight</source>
        <translation>Federkralle und Federn im Blick</translation>
    </message>
    <message>
        <source>Final tune</source>
        <translation>Letztes Stimmen</translation>
    </message>
    <message>
        <source>held as it is played</source>
        <translation>in Spielhaltung</translation>
    </message>
    <message>
        <source>on the bench, with the offset</source>
        <translation>auf der Werkbank, mit dem Unterschied</translation>
    </message>
    <message>
        <source>no lifting; the program says what to leave</source>
        <translation>kein Anheben; das Programm sagt, was zu lassen ist</translation>
    </message>
    <message>
        <source>all off at once</source>
        <translation>alle auf einmal ab</translation>
    </message>
    <message>
        <source>bridge and neck keep their load</source>
        <translation>Brücke und Hals behalten ihren Zug</translation>
    </message>
    <message>
        <source>the arm moves both ways; pulling up re-seats the bridge</source>
        <translation>der Hebel geht in beide Richtungen; Hochziehen setzt die Brücke neu</translation>
    </message>
    <message>
        <source>the bridge cannot move during the first pass</source>
        <translation>die Brücke kann sich beim ersten Durchgang nicht bewegen</translation>
    </message>
    <message>
        <source>no calculation needed</source>
        <translation>keine Rechnung nötig</translation>
    </message>
    <message>
        <source>you see the plate move; refit the block each time</source>
        <translation>die Bewegung der Platte ist zu sehen; den Klotz jedes Mal neu einsetzen</translation>
    </message>
    <message>
        <source>ends at pitch when the block is out</source>
        <translation>endet gestimmt, wenn der Klotz heraus ist</translation>
    </message>
    <message>
        <source>nothing touches the fretboard; needed on lacquered maple</source>
        <translation>nichts berührt das Griffbrett; nötig bei lackiertem Ahorn</translation>
    </message>
    <message>
        <source>one cut fewer; cannot slip at the string post</source>
        <translation>ein Schnitt weniger; kann an der Mechanikachse nicht rutschen</translation>
    </message>
    <message>
        <source>counted on the fretboard</source>
        <translation>am Griffbrett gezählt</translation>
    </message>
    <message>
        <source>length past the string post</source>
        <translation>Länge über die Mechanikachse hinaus</translation>
    </message>
    <message>
        <source>string post spacings</source>
        <translation>Abstände der Mechanikachsen</translation>
    </message>
    <message>
        <source>the next string posts are the ruler</source>
        <translation>die nächsten Mechanikachsen sind das Maß</translation>
    </message>
    <message>
        <source>grip on the string post</source>
        <translation>Halt auf der Mechanikachse</translation>
    </message>
    <message>
        <source>thin strings first</source>
        <translation>dünne Saiten zuerst</translation>
    </message>
    <message>
        <source>even load</source>
        <translation>gleichmäßige Last</translation>
    </message>
    <message>
        <source>exactly; retune finished strings as others come up</source>
        <translation>genau; fertige Saiten nachstimmen, während andere kommen</translation>
    </message>
    <message>
        <source>tune each so that all end at pitch</source>
        <translation>jede so stimmen, dass am Ende alle stimmen</translation>
    </message>
    <message>
        <source>only at both ends</source>
        <translation>nur an beiden Enden</translation>
    </message>
    <message>
        <source>spares the speaking length; the bridge end settles in play</source>
        <translation>schont die schwingende Länge; das Brückenende setzt sich beim Spielen</translation>
    </message>
    <message>
        <source>an earlier reading would not last</source>
        <translation>eine frühere Ablesung hielte nicht</translation>
    </message>
    <message>
        <source>shows movement, not the final position</source>
        <translation>zeigt die Bewegung, nicht die Endlage</translation>
    </message>
    <message>
        <source>turning one screw halves the adjustment</source>
        <translation>eine Schraube allein halbiert die Verstellung</translation>
    </message>
    <message>
        <source>no figures, only your eye</source>
        <translation>keine Zahlen, nur das Auge</translation>
    </message>
    <message>
        <source>what still settles does so before locking</source>
        <translation>was sich noch setzt, tut es vor dem Klemmen</translation>
    </message>
    <message>
        <source>flush at the string post</source>
        <translation>bündig an der Mechanikachse</translation>
    </message>
    <message>
        <source>the cover stays on if not needed</source>
        <translation>der Deckel bleibt zu, wenn er nicht ab muss</translation>
    </message>
    <message>
        <source>tuned as the player hears it</source>
        <translation>gestimmt, wie der Spieler es hört</translation>
    </message>
    <message>
        <source>hand widths past the string post</source>
        <translation>Handbreiten über die Mechanikachse hinaus</translation>
    </message>
</context>
<context>
    <name>MomentChart</name>
    <message>
        <source>Moment of the strings, pegs untouched</source>
        <translation>Moment der Saiten, Mechaniken unberührt</translation>
    </message>
    <message>
        <source>Moment of the springs with the bridge&apos;s weight</source>
        <translation>Moment der Federn mit dem Gewicht der Brücke</translation>
    </message>
    <message>
        <source>stiffness %1, retuned %2 N·m/rad</source>
        <translation>Steifigkeit %1, nachgestimmt %2 N·m/rad</translation>
    </message>
    <message>
        <source>moment, N·m, over the plate&apos;s angle</source>
        <translation>Moment, N·m, über dem Winkel der Platte</translation>
    </message>
    <message>
        <source>strings forward</source>
        <translation>Saiten nach vorn</translation>
    </message>
    <message>
        <source>springs back</source>
        <translation>Federn zurück</translation>
    </message>
    <message>
        <source>dashed: strings while they are retuned</source>
        <translation>gestrichelt: Saiten, während sie nachgestimmt werden</translation>
    </message>
    <message>
        <source>Moment chart. The curves cross at %1 with %2 each way. %3.</source>
        <translation>Momentenbild. Die Kurven kreuzen sich bei %1 mit %2 in jede Richtung. %3.</translation>
    </message>
    <message>
        <source>Dashed: strings kept at pitch. Where it crosses flat, more passes.</source>
        <translation>Gestrichelt: Saiten auf Tonhöhe gehalten. Wo sie flach kreuzt, mehr Durchgänge.</translation>
    </message>
</context>
<context>
    <name>MovementPicture</name>
    <message>
        <source>Nothing has been done yet that moves the strings.</source>
        <translation>Noch wurde nichts getan, das die Saiten bewegt.</translation>
    </message>
    <message>
        <source>%1: the plate did not move</source>
        <translation>%1: die Platte bewegte sich nicht</translation>
    </message>
    <message>
        <source>%1: the plate tipped %2° forward</source>
        <translation>%1: die Platte kippte %2° nach vorn</translation>
    </message>
    <message>
        <source>%1: the plate tipped %2° back</source>
        <translation>%1: die Platte kippte %2° zurück</translation>
    </message>
    <message>
        <source>calculated  ·  thin: the plate&apos;s tilt  ·  thick: its own length</source>
        <translation>berechnet  ·  dünn: Kippen der Platte  ·  dick: ihre eigene Länge</translation>
    </message>
    <message>
        <source>String %1: %2 cents by the plate, %3 by itself</source>
        <translation>Saite %1: %2 Cent durch die Platte, %3 durch sich selbst</translation>
    </message>
</context>
<context>
    <name>PlanPage</name>
    <message>
        <source>spring rate</source>
        <translation>Federrate</translation>
    </message>
    <message>
        <source>free length</source>
        <translation>freie Länge</translation>
    </message>
    <message>
        <source>float</source>
        <translation>Schweben</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>%1 N/mm</source>
        <translation>%1 N/mm</translation>
    </message>
    <message>
        <source>level</source>
        <translation>eben</translation>
    </message>
    <message>
        <source>runs away</source>
        <translation>läuft davon</translation>
    </message>
    <message>
        <source>No spring is under the arm.</source>
        <translation>Unter dem Hebel ist keine Feder.</translation>
    </message>
    <message>
        <source>Packing of %1 under this spring brings the arm level; or one of these springs.</source>
        <translation>Eine Unterlage von %1 unter dieser Feder bringt den Hebel eben; oder eine dieser Federn.</translation>
    </message>
    <message>
        <source>For a level arm the spring is %1 too long; one of these lengths fits.</source>
        <translation>Für einen ebenen Hebel ist die Feder %1 zu lang; eine dieser Längen passt.</translation>
    </message>
    <message>
        <source>No aims without a balance.</source>
        <translation>Keine Zielwerte ohne Gleichgewicht.</translation>
    </message>
    <message>
        <source>From new strings %1 ¢ low (assumed), claw turned first. On the bench each aim is worked out anew from what you read.</source>
        <translation>Von neuen Saiten %1 ¢ zu tief (angenommen), Federkralle zuerst gedreht. An der Werkbank wird jeder Zielwert aus den Ablesungen neu berechnet.</translation>
    </message>
    <message>
        <source>What locking will add is left out.</source>
        <translation>Was das Klemmen hinzufügt, ist ausgespart.</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>Federkralle</translation>
    </message>
    <message>
        <source>pass leaves</source>
        <translation>Durchgang lässt</translation>
    </message>
    <message>
        <source>passes with aims</source>
        <translation>Durchgänge mit Zielwerten</translation>
    </message>
    <message>
        <source>passes exactly to pitch</source>
        <translation>Durchgänge genau auf Tonhöhe</translation>
    </message>
    <message>
        <source>over %1</source>
        <translation>über %1</translation>
    </message>
    <message>
        <source>left after each such pass</source>
        <translation>bleibt nach jedem solchen Durchgang</translation>
    </message>
    <message>
        <source>stiffness, pegs untouched</source>
        <translation>Steifigkeit, Mechaniken unberührt</translation>
    </message>
    <message>
        <source>%1 N·m/rad</source>
        <translation>%1 N·m/rad</translation>
    </message>
    <message>
        <source>stiffness, retuned</source>
        <translation>Steifigkeit, nachgestimmt</translation>
    </message>
    <message>
        <source>pull before</source>
        <translation>Zug vorher</translation>
    </message>
    <message>
        <source>pull after</source>
        <translation>Zug nachher</translation>
    </message>
    <message>
        <source>block for level, at the rear edge</source>
        <translation>Klotz für eben, an der Hinterkante</translation>
    </message>
    <message>
        <source>figures measured</source>
        <translation>Werte der Brücke gemessen</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>out of reach</source>
        <translation>außer Reichweite</translation>
    </message>
    <message>
        <source>The arm&apos;s range: %1° down, %2° up, there string %3 is %4 half steps sharp.</source>
        <translation>Weg des Hebels: %1° nach unten, %2° nach oben, dort ist Saite %3 um %4 Halbtöne zu hoch.</translation>
    </message>
    <message>
        <source>The arm&apos;s range: %1° down, none up.</source>
        <translation>Weg des Hebels: %1° nach unten, keiner nach oben.</translation>
    </message>
    <message>
        <source>claw left</source>
        <translation>Federkralle übrig</translation>
    </message>
    <message>
        <source>Claw turns for level and how many are left to its tightest; float in N·m/rad; the arm&apos;s effort against now; what a pass exactly to pitch leaves.</source>
        <translation>Umdrehungen der Federkralle bis waagerecht und wie viele bis zum Anschlag bleiben; Schwebesteife in N·m/rad; Kraft am Hebel gegen jetzt; was ein Durchgang genau auf Tonhöhe übrig lässt.</translation>
    </message>
</context>
<context>
    <name>Practice</name>
    <message>
        <source>loosened %1</source>
        <translation>%1 gelöst</translation>
    </message>
    <message>
        <source>tightened %1</source>
        <translation>%1 angezogen</translation>
    </message>
    <message>
        <source>claw %1</source>
        <translation>Federkralle %1</translation>
    </message>
    <message>
        <source>claw: bass %1, treble %2</source>
        <translation>Federkralle: Bass %1, Diskant %2</translation>
    </message>
    <message>
        <source>nothing is wrong with it</source>
        <translation>nichts ist daran falsch</translation>
    </message>
    <message>
        <source>a block was left in</source>
        <translation>ein Klotz steckt noch darin</translation>
    </message>
    <message>
        <source>a string slips at its string post</source>
        <translation>eine Saite rutscht an ihrer Achse</translation>
    </message>
    <message>
        <source>a saddle insert is loose</source>
        <translation>ein Klemmstück ist lose</translation>
    </message>
    <message>
        <source>the knife edge is worn</source>
        <translation>die Messerkante ist abgenutzt</translation>
    </message>
    <message>
        <source>a string hangs in its nut slot</source>
        <translation>eine Saite hängt in ihrer Sattelkerbe</translation>
    </message>
    <message>
        <source>two strings are in each other&apos;s place</source>
        <translation>zwei Saiten sind vertauscht</translation>
    </message>
    <message>
        <source>a string is not the gauge of its packet</source>
        <translation>eine Saite hat nicht die Stärke ihrer Tüte</translation>
    </message>
    <message>
        <source>the claw is crooked</source>
        <translation>die Federkralle ist schief</translation>
    </message>
    <message>
        <source>a spring is off its hook</source>
        <translation>eine Feder ist ausgehängt</translation>
    </message>
    <message>
        <source>the neck&apos;s screws are loose</source>
        <translation>die Halsschrauben sind locker</translation>
    </message>
    <message>
        <source>a nut cap is the wrong way round</source>
        <translation>eine Klemmplatte ist falsch herum</translation>
    </message>
    <message>
        <source>A string was taken off while it pulled: it whips, and the bridge jumps back.</source>
        <translation>Eine Saite wurde abgenommen, während sie zog: sie peitscht, und die Brücke springt zurück.</translation>
    </message>
    <message>
        <source>The nut was locked before the strings had settled near pitch: fine tuners run out.</source>
        <translation>Der Sattel wurde geklemmt, bevor die Saiten sich nahe der Tonhöhe gesetzt hatten: die Feinstimmer reichen nicht.</translation>
    </message>
    <message>
        <source>The arm was used with the nut unlocked: strings pull through and come back flat.</source>
        <translation>Der Hebel wurde bei offenem Sattel benutzt: Saiten ziehen durch und kommen zu tief zurück.</translation>
    </message>
    <message>
        <source>Bridge posts were turned under tension: that cuts the knife edges.</source>
        <translation>Brückenbolzen wurden unter Spannung gedreht: das schneidet in die Messerkanten.</translation>
    </message>
    <message>
        <source>A string was tuned nearly to where it breaks: eyes and face are in its way.</source>
        <translation>Eine Saite wurde fast bis zum Reißen gestimmt: Augen und Gesicht sind ihr im Weg.</translation>
    </message>
    <message>
        <source>It was handed over with the block in.</source>
        <translation>Sie wurde mit dem Klotz darin übergeben.</translation>
    </message>
    <message>
        <source>string %1</source>
        <translation>Saite %1</translation>
    </message>
    <message>
        <source>every string</source>
        <translation>jede Saite</translation>
    </message>
    <message>
        <source>checked %1</source>
        <translation>%1 geprüft</translation>
    </message>
    <message>
        <source>measured the gap</source>
        <translation>den Spalt gemessen</translation>
    </message>
    <message>
        <source>looked from the side</source>
        <translation>von der Seite hingesehen</translation>
    </message>
    <message>
        <source>caliper on %1</source>
        <translation>Messschieber an %1</translation>
    </message>
    <message>
        <source>looked at springs and claw</source>
        <translation>nach Federn und Federkralle gesehen</translation>
    </message>
    <message>
        <source>%1 tuned to %2</source>
        <translation>%1 auf %2 gestimmt</translation>
    </message>
    <message>
        <source>peg of %1 turned %2</source>
        <translation>Mechanik von %1 um %2 gedreht</translation>
    </message>
    <message>
        <source>%1 springs in</source>
        <translation>%1 Federn eingehängt</translation>
    </message>
    <message>
        <source>%1 pulled</source>
        <translation>%1 gezogen</translation>
    </message>
    <message>
        <source>arm moved to and fro</source>
        <translation>Hebel hin und her bewegt</translation>
    </message>
    <message>
        <source>block of %1 in</source>
        <translation>Klotz von %1 eingesetzt</translation>
    </message>
    <message>
        <source>block out</source>
        <translation>Klotz heraus</translation>
    </message>
    <message>
        <source>nut locked</source>
        <translation>Sattel geklemmt</translation>
    </message>
    <message>
        <source>dived and let go</source>
        <translation>abgetaucht und losgelassen</translation>
    </message>
    <message>
        <source>pulled up and let go</source>
        <translation>hochgezogen und losgelassen</translation>
    </message>
    <message>
        <source>bridge posts by %1</source>
        <translation>Bolzen um %1</translation>
    </message>
    <message>
        <source>%1 taken off</source>
        <translation>%1 abgenommen</translation>
    </message>
    <message>
        <source>%1 put on</source>
        <translation>%1 aufgezogen</translation>
    </message>
    <message>
        <source>guessed the claw at %1 turns</source>
        <translation>Federkralle auf %1 Umdrehungen geschätzt</translation>
    </message>
    <message>
        <source>guessed the lowest string at %1</source>
        <translation>die tiefste Saite auf %1 geschätzt</translation>
    </message>
    <message>
        <source>said: %1</source>
        <translation>gesagt: %1</translation>
    </message>
    <message>
        <source>handed over</source>
        <translation>übergeben</translation>
    </message>
    <message>
        <source>Nothing has been done yet</source>
        <translation>Noch wurde nichts getan</translation>
    </message>
    <message>
        <source>Right: %1. It is put right.</source>
        <translation>Richtig: %1. Es ist behoben.</translation>
    </message>
    <message>
        <source>Not that.</source>
        <translation>Das nicht.</translation>
    </message>
    <message>
        <source>The caliper says %1</source>
        <translation>Der Messschieber zeigt %1</translation>
    </message>
    <message>
        <source>%1 springs hooked on. Screws in: bass %2, treble %3 turns.%4</source>
        <translation>%1 Federn eingehängt. Schrauben hinein: Bass %2, Diskant %3 Umdrehungen.%4</translation>
    </message>
    <message>
        <source> Something is under the plate.</source>
        <translation> Etwas klemmt unter der Platte.</translation>
    </message>
    <message>
        <source>Gap %1</source>
        <translation>Spalt %1</translation>
    </message>
    <message>
        <source>String %1 is at %2</source>
        <translation>Saite %1 steht bei %2</translation>
    </message>
    <message>
        <source>%1 of 100 points: passed</source>
        <translation>%1 von 100 Punkten: bestanden</translation>
    </message>
    <message>
        <source>%1 of 100 points: not passed</source>
        <translation>%1 von 100 Punkten: nicht bestanden</translation>
    </message>
    <message>
        <source>Ends within %1 ¢, plate %2°.</source>
        <translation>Endet innerhalb von %1 ¢, Platte %2°.</translation>
    </message>
    <message>
        <source>Passes %1 (a good hand %2), visits to the claw %3 (%4), minutes %5 (%6).</source>
        <translation>Durchgänge %1 (eine gute Hand %2), Gänge zur Federkralle %3 (%4), Minuten %5 (%6).</translation>
    </message>
    <message>
        <source>The clock had run out.</source>
        <translation>Die Zeit war abgelaufen.</translation>
    </message>
    <message>
        <source> (string %1)</source>
        <translation> (Saite %1)</translation>
    </message>
    <message>
        <source>What it was: %1%2. Found.</source>
        <translation>Was es war: %1%2. Gefunden.</translation>
    </message>
    <message>
        <source>What it was: %1%2. Not found.</source>
        <translation>Was es war: %1%2. Nicht gefunden.</translation>
    </message>
    <message numerus="yes">
        <source>Said wrongly %n time(s).</source>
        <translation>
            <numerusform>%n-mal falsch gesagt.</numerusform>
            <numerusform>%n-mal falsch gesagt.</numerusform>
        </translation>
    </message>
    <message>
        <source>Claw guessed at %1 turns; it was %2.</source>
        <translation>Federkralle auf %1 Umdrehungen geschätzt; es waren %2.</translation>
    </message>
    <message>
        <source>Lowest string guessed at %1; it landed at %2.</source>
        <translation>Tiefste Saite auf %1 geschätzt; sie landete bei %2.</translation>
    </message>
    <message>
        <source>What cost most: act %1, %2.</source>
        <translation>Was am meisten kostete: Handgriff %1, %2.</translation>
    </message>
    <message>
        <source>Plate level, as seen from the side</source>
        <translation>Platte eben, von der Seite gesehen</translation>
    </message>
    <message>
        <source>Plate forward, as seen from the side</source>
        <translation>Platte vorn, von der Seite gesehen</translation>
    </message>
    <message>
        <source>Plate sunk, as seen from the side</source>
        <translation>Platte gesunken, von der Seite gesehen</translation>
    </message>
    <message>
        <source>Not finished: tune the strings and level the plate.</source>
        <translation>Nicht fertig: die Saiten stimmen und die Platte eben stellen.</translation>
    </message>
</context>
<context>
    <name>PracticeKeys</name>
    <message>
        <source>Tune to… (Enter)</source>
        <translation>Stimmen auf… (Enter)</translation>
    </message>
    <message>
        <source>Turn the peg… (Q)</source>
        <translation>Mechanik drehen… (Q)</translation>
    </message>
    <message>
        <source>Check it (R)</source>
        <translation>Prüfen (R)</translation>
    </message>
    <message>
        <source>Check all (A)</source>
        <translation>Alle prüfen (A)</translation>
    </message>
    <message>
        <source>Pull the string (P)</source>
        <translation>Saite ziehen (P)</translation>
    </message>
    <message>
        <source>Caliper (C)</source>
        <translation>Messschieber (C)</translation>
    </message>
    <message>
        <source>Take the string off (X)</source>
        <translation>Saite abnehmen (X)</translation>
    </message>
    <message>
        <source>Put it on (N)</source>
        <translation>Saite aufziehen (N)</translation>
    </message>
    <message>
        <source>Tighten the claw… (T)</source>
        <translation>Federkralle anziehen… (T)</translation>
    </message>
    <message>
        <source>Loosen the claw… (J)</source>
        <translation>Federkralle lösen… (J)</translation>
    </message>
    <message>
        <source>Bass screw alone… (Y)</source>
        <translation>Nur Bassschraube… (Y)</translation>
    </message>
    <message>
        <source>Look at the springs (I)</source>
        <translation>Nach Federn sehen (I)</translation>
    </message>
    <message>
        <source>Springs in… (H)</source>
        <translation>Federn hinein… (H)</translation>
    </message>
    <message>
        <source>Block in, how thick… (B)</source>
        <translation>Klotz, wie dick… (B)</translation>
    </message>
    <message>
        <source>Block out (O)</source>
        <translation>Klotz heraus (O)</translation>
    </message>
    <message>
        <source>Arm to and fro (W)</source>
        <translation>Hebel hin und her (W)</translation>
    </message>
    <message>
        <source>Dive (D)</source>
        <translation>Abtauchen (D)</translation>
    </message>
    <message>
        <source>Pull up (U)</source>
        <translation>Hochziehen (U)</translation>
    </message>
    <message>
        <source>Raise bridge posts… (M)</source>
        <translation>Bolzen heben… (M)</translation>
    </message>
    <message>
        <source>Lock the nut (K)</source>
        <translation>Sattel klemmen (K)</translation>
    </message>
    <message>
        <source>Measure the gap (G)</source>
        <translation>Spalt messen (G)</translation>
    </message>
    <message>
        <source>Look from the side (V)</source>
        <translation>Von der Seite sehen (V)</translation>
    </message>
    <message>
        <source>Say what is wrong (F2)</source>
        <translation>Sagen, was ist (F2)</translation>
    </message>
    <message>
        <source>Hand it over (Ctrl+Enter)</source>
        <translation>Übergeben (Strg+Enter)</translation>
    </message>
    <message>
        <source>String</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>Claw</source>
        <translation>Federkralle</translation>
    </message>
    <message>
        <source>Springs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>Block</source>
        <translation>Klotz</translation>
    </message>
    <message>
        <source>Arm</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>Bridge posts</source>
        <translation>Brückenbolzen</translation>
    </message>
    <message>
        <source>Nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>Peg</source>
        <translation>Mechanik</translation>
    </message>
    <message>
        <source>Tuner</source>
        <translation>Stimmgerät</translation>
    </message>
    <message>
        <source>Ruler, caliper, eye</source>
        <translation>Lineal, Messschieber, Auge</translation>
    </message>
</context>
<context>
    <name>ProgressChart</name>
    <message>
        <source>Nothing has been practised yet.</source>
        <translation>Noch wurde nichts geübt.</translation>
    </message>
    <message>
        <source>points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>dashed: how far guesses were off</source>
        <translation>gestrichelt: wie weit Schätzungen danebenlagen</translation>
    </message>
    <message>
        <source>%1: %2 points, passed</source>
        <translation>%1: %2 Punkte, bestanden</translation>
    </message>
    <message>
        <source>%1: %2 points</source>
        <translation>%1: %2 Punkte</translation>
    </message>
    <message>
        <source>Practice so far. %1</source>
        <translation>Bisher geübt. %1</translation>
    </message>
</context>
<context>
    <name>Provenance</name>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>calculated</source>
        <translation>berechnet</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
</context>
<context>
    <name>PullBars</name>
    <message>
        <source>same</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>String %1: %2 before, %3 after</source>
        <translation>Saite %1: vorher %2, nachher %3</translation>
    </message>
    <message>
        <source>in all %1 → %2, %3</source>
        <translation>zusammen %1 → %2, %3</translation>
    </message>
    <message>
        <source>Pull of the strings. %1. %2</source>
        <translation>Zug der Saiten. %1. %2</translation>
    </message>
    <message>
        <source>calculated. Thin: old string. Thick: new</source>
        <translation>berechnet. Dünn: alte Saite. Dick: neue</translation>
    </message>
</context>
<context>
    <name>Quantity</name>
    <message>
        <source>4.2 mm, 0.165 in or 10 thou</source>
        <translation>4.2 mm, 0.165 in oder 10 thou</translation>
    </message>
    <message>
        <source>0.43 mm, 17 or .017</source>
        <translation>0.43 mm, 17 oder .017</translation>
    </message>
    <message>
        <source>0.3° or -0.3</source>
        <translation>0.3° oder -0.3</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Umdrehungen</translation>
    </message>
</context>
<context>
    <name>QuestionWords</name>
    <message>
        <source>Entered: %1.</source>
        <translation>Eingetragen: %1.</translation>
    </message>
    <message>
        <source>Entered at %1: %2.</source>
        <translation>Um %1 eingetragen: %2.</translation>
    </message>
    <message>
        <source>Was that loosen, not tighten?</source>
        <translation>War das lösen, nicht anziehen?</translation>
    </message>
    <message>
        <source>Was that tighten, not loosen?</source>
        <translation>War das anziehen, nicht lösen?</translation>
    </message>
    <message>
        <source>Was that not done?</source>
        <translation>Wurde das nicht gemacht?</translation>
    </message>
    <message>
        <source>Was the claw turned twice as far?</source>
        <translation>Wurde die Federkralle doppelt so weit gedreht?</translation>
    </message>
    <message>
        <source>Did %1 and %2 change places?</source>
        <translation>Sind %1 und %2 vertauscht?</translation>
    </message>
    <message>
        <source>Was that the peg of %1?</source>
        <translation>War das die Mechanik von %1?</translation>
    </message>
    <message>
        <source>Was the claw tightened %1 turn without an entry?</source>
        <translation>Wurde die Federkralle ohne Eintrag um %1 Umdrehung angezogen?</translation>
    </message>
    <message>
        <source>Was the claw loosened %1 turn without an entry?</source>
        <translation>Wurde die Federkralle ohne Eintrag um %1 Umdrehung gelöst?</translation>
    </message>
    <message>
        <source>Was something changed without an entry?</source>
        <translation>Wurde etwas ohne Eintrag geändert?</translation>
    </message>
    <message>
        <source>Is a block in?</source>
        <translation>Ist ein Klotz eingesetzt?</translation>
    </message>
    <message>
        <source>Is a new %1 on?</source>
        <translation>Ist eine neue %1 aufgezogen?</translation>
    </message>
    <message>
        <source>Was that entered twice?</source>
        <translation>Wurde das zweimal eingetragen?</translation>
    </message>
    <message>
        <source>Is the time of that entry wrong?</source>
        <translation>Ist die Uhrzeit dieses Eintrags falsch?</translation>
    </message>
    <message>
        <source>The plate does not move although the strings do. Look behind it and under its rear.</source>
        <translation>Die Platte bewegt sich nicht, die Saiten aber schon. Hinter ihr und unter ihrer Hinterkante nachsehen.</translation>
    </message>
    <message>
        <source>It was entered as off.</source>
        <translation>Sie ist als ab eingetragen.</translation>
    </message>
    <message>
        <source>The entry before says the same.</source>
        <translation>Der Eintrag davor sagt dasselbe.</translation>
    </message>
    <message>
        <source>It is earlier than the entry before it.</source>
        <translation>Er ist früher als der Eintrag davor.</translation>
    </message>
    <message>
        <source>The readings do not fit what was entered. Count the springs and see what they hook on; look for a block, a caught arm, a string that is off, a plate on its stop.</source>
        <translation>Die Messungen passen nicht zu den Einträgen. Die Federn zählen und sehen, woran sie hängen; nach einem Klotz, einem verklemmten Hebel, einer fehlenden Saite, einer Platte am Anschlag sehen.</translation>
    </message>
    <message>
        <source>The readings do not fit what was entered. Look at the spring, the arm, the loose bridge, and for a string that is off.</source>
        <translation>Die Messungen passen nicht zu den Einträgen. Nach der Feder, dem Hebel, dem losen Steg und einer fehlenden Saite sehen.</translation>
    </message>
    <message>
        <source>The readings since then say so.</source>
        <translation>Die Messungen seither sagen es.</translation>
    </message>
    <message>
        <source>Space: yes, N: no</source>
        <translation>Leertaste: ja, N: nein</translation>
    </message>
    <message>
        <source>String is on  (Space)</source>
        <translation>Saite ist aufgezogen  (Leertaste)</translation>
    </message>
    <message>
        <source>Go on without it  (N)</source>
        <translation>Ohne sie weiter  (N)</translation>
    </message>
    <message>
        <source>Yes, loosen  (Space)</source>
        <translation>Ja, lösen  (Leertaste)</translation>
    </message>
    <message>
        <source>No, tighten  (N)</source>
        <translation>Nein, anziehen  (N)</translation>
    </message>
    <message>
        <source>Yes, tighten  (Space)</source>
        <translation>Ja, anziehen  (Leertaste)</translation>
    </message>
    <message>
        <source>No, loosen  (N)</source>
        <translation>Nein, lösen  (N)</translation>
    </message>
    <message>
        <source>Yes  (Space)</source>
        <translation>Ja  (Leertaste)</translation>
    </message>
    <message>
        <source>No, as entered  (N)</source>
        <translation>Nein, wie eingetragen  (N)</translation>
    </message>
    <message>
        <source>%1 rose by %2 cents by itself. A knock at its peg?</source>
        <translation>%1 ist von selbst um %2 Cent gestiegen. Ein Stoß an ihre Mechanik?</translation>
    </message>
    <message>
        <source>%1 rose by %2 cents after %3. A knock at its peg?</source>
        <translation>%1 ist nach %3 um %2 Cent gestiegen. Ein Stoß an ihre Mechanik?</translation>
    </message>
    <message>
        <source>%1 slipped by %2 cents. At its string post or clamp?</source>
        <translation>%1 ist um %2 Cent gerutscht. Am Wickelbolzen oder an der Klemme?</translation>
    </message>
    <message>
        <source>%1 slipped by %2 cents after %3. At its string post or clamp?</source>
        <translation>%1 ist nach %3 um %2 Cent gerutscht. Am Wickelbolzen oder an der Klemme?</translation>
    </message>
    <message>
        <source>All strings are flatter than before the break: the guitar is warmer.</source>
        <translation>Alle Saiten sind tiefer als vor der Pause: Die Gitarre ist wärmer.</translation>
    </message>
    <message>
        <source>All strings are sharper than before the break: the guitar is colder.</source>
        <translation>Alle Saiten sind höher als vor der Pause: Die Gitarre ist kälter.</translation>
    </message>
    <message>
        <source>%1 had moved by itself, by %2</source>
        <translation>%1 hatte sich von selbst verstellt, um %2</translation>
    </message>
</context>
<context>
    <name>Quote</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
</context>
<context>
    <name>Range</name>
    <message>
        <source>a string gauge in millimetres; thousandths of an inch need converting, 10 is 0.254 mm</source>
        <translation>eine Saitenstärke in Millimetern; Tausendstel Zoll sind umzurechnen, 10 sind 0,254 mm</translation>
    </message>
    <message>
        <source>the core wire of a wound string in millimetres, thinner than the gauge</source>
        <translation>der Kerndraht einer umsponnenen Saite in Millimetern, dünner als die Saite</translation>
    </message>
    <message>
        <source>kilograms per metre; strings weigh 0.0002 to 0.03</source>
        <translation>Kilogramm je Meter; Saiten wiegen 0,0002 bis 0,03</translation>
    </message>
    <message>
        <source>newtons of pull per unit strain</source>
        <translation>Newton Zug je Einheit Dehnung</translation>
    </message>
    <message>
        <source>kilograms per cubic metre; steel is about 7850</source>
        <translation>Kilogramm je Kubikmeter; Stahl hat etwa 7850</translation>
    </message>
    <message>
        <source>a speaking length in millimetres, from small travel guitars to long basses</source>
        <translation>eine schwingende Länge in Millimetern, von kleinen Reisegitarren bis zu langen Bässen</translation>
    </message>
    <message>
        <source>a place in millimetres from the pivot</source>
        <translation>ein Ort in Millimetern vom Drehpunkt</translation>
    </message>
    <message>
        <source>a length of string in millimetres</source>
        <translation>eine Saitenlänge in Millimetern</translation>
    </message>
    <message>
        <source>a string&apos;s pitch in hertz</source>
        <translation>die Tonhöhe einer Saite in Hertz</translation>
    </message>
    <message>
        <source>a spring rate in newtons per millimetre</source>
        <translation>eine Federrate in Newton je Millimeter</translation>
    </message>
    <message>
        <source>the initial tension of a spring in newtons</source>
        <translation>die Vorspannung einer Feder in Newton</translation>
    </message>
    <message>
        <source>a spring&apos;s free length in millimetres</source>
        <translation>die freie Länge einer Feder in Millimetern</translation>
    </message>
    <message>
        <source>the height of the spring&apos;s seat in millimetres</source>
        <translation>die Höhe des Federsitzes in Millimetern</translation>
    </message>
    <message>
        <source>the spring&apos;s lever in millimetres</source>
        <translation>der Hebelarm der Feder in Millimetern</translation>
    </message>
    <message>
        <source>a place across the claw, 0 at the bass screw and 1 at the treble screw</source>
        <translation>ein Ort quer über die Federkralle, 0 an der Bassschraube und 1 an der Diskantschraube</translation>
    </message>
    <message>
        <source>the claw&apos;s travel for one turn of its screws in millimetres</source>
        <translation>der Weg der Federkralle je Umdrehung ihrer Schrauben in Millimetern</translation>
    </message>
    <message>
        <source>turns of the claw screws</source>
        <translation>Umdrehungen der Krallenschrauben</translation>
    </message>
    <message>
        <source>the bridge&apos;s mass in kilograms</source>
        <translation>die Masse der Brücke in Kilogramm</translation>
    </message>
    <message>
        <source>the angle of the rear stop in degrees, not above level</source>
        <translation>der Winkel des hinteren Anschlags in Grad, nicht über eben</translation>
    </message>
    <message>
        <source>the angle of the forward stop in degrees, not below level</source>
        <translation>der Winkel des vorderen Anschlags in Grad, nicht unter eben</translation>
    </message>
    <message>
        <source>the distance from the pivot to the plate&apos;s rear edge in millimetres</source>
        <translation>der Abstand vom Drehpunkt zur Hinterkante der Platte in Millimetern</translation>
    </message>
    <message>
        <source>the gap under the plate&apos;s rear edge in millimetres</source>
        <translation>der Spalt unter der Hinterkante der Platte in Millimetern</translation>
    </message>
    <message>
        <source>the radius of the roller shaft in millimetres</source>
        <translation>der Halbmesser der Rollenwelle in Millimetern</translation>
    </message>
    <message>
        <source>a length of the arm in millimetres</source>
        <translation>eine Länge des Hebels in Millimetern</translation>
    </message>
    <message>
        <source>a bridge angle in degrees</source>
        <translation>ein Winkel der Brücke in Grad</translation>
    </message>
    <message>
        <source>how sure a heard pitch is, in cents</source>
        <translation>wie sicher eine gehörte Tonhöhe ist, in Cent</translation>
    </message>
    <message>
        <source>how sure an angle is, in degrees</source>
        <translation>wie sicher ein Winkel ist, in Grad</translation>
    </message>
    <message>
        <source>a tolerance in degrees</source>
        <translation>eine Toleranz in Grad</translation>
    </message>
    <message>
        <source>a tolerance in cents</source>
        <translation>eine Toleranz in Cent</translation>
    </message>
    <message>
        <source>cents from the string&apos;s target</source>
        <translation>Cent vom Ziel der Saite</translation>
    </message>
    <message>
        <source>turns made at one go</source>
        <translation>Umdrehungen auf einmal</translation>
    </message>
    <message>
        <source>a steady tone in hertz that is known to a hundredth of a cent</source>
        <translation>ein stetiger Ton in Hertz, der auf ein Hundertstel Cent bekannt ist</translation>
    </message>
    <message>
        <source>what a sound card&apos;s clock may be off by in cents</source>
        <translation>was die Uhr einer Soundkarte abweichen kann, in Cent</translation>
    </message>
    <message>
        <source>pieces that were counted</source>
        <translation>Stücke, die gezählt wurden</translation>
    </message>
    <message>
        <source>pieces that there should be</source>
        <translation>Stücke, die da sein sollten</translation>
    </message>
    <message>
        <source>a sum in whole hundredths of the shop&apos;s money</source>
        <translation>ein Betrag in ganzen Hundertsteln des Geldes der Werkstatt</translation>
    </message>
    <message>
        <source>hours of playing in a week</source>
        <translation>gespielte Stunden in der Woche</translation>
    </message>
    <message>
        <source>gigs in a week</source>
        <translation>Auftritte in der Woche</translation>
    </message>
    <message>
        <source>months between two sets; 0 as the shop does</source>
        <translation>Monate zwischen zwei Sätzen; 0 wie die Werkstatt</translation>
    </message>
    <message>
        <source>the pitch of A4 in hertz</source>
        <translation>die Tonhöhe von A4 in Hertz</translation>
    </message>
    <message>
        <source>how many springs there are</source>
        <translation>wie viele Federn es sind</translation>
    </message>
    <message>
        <source>how far the bridge posts go, in millimetres</source>
        <translation>wie weit die Bolzen gehen, in Millimetern</translation>
    </message>
    <message>
        <source>a guess, in turns or cents</source>
        <translation>eine Schätzung, in Umdrehungen oder Cent</translation>
    </message>
    <message>
        <source>a rung of the ladder, from the easiest</source>
        <translation>eine Sprosse der Leiter, von der leichtesten an</translation>
    </message>
    <message>
        <source>passes that a good hand needs</source>
        <translation>Durchgänge, die eine gute Hand braucht</translation>
    </message>
    <message>
        <source>visits to the claw that a good hand needs</source>
        <translation>Gänge zur Federkralle, die eine gute Hand braucht</translation>
    </message>
    <message>
        <source>minutes that a good hand needs</source>
        <translation>Minuten, die eine gute Hand braucht</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>eine ganze Zahl</translation>
    </message>
    <message>
        <source>how far below pitch new strings are before the first pass</source>
        <translation>wie weit unter der Tonhöhe neue Saiten vor dem ersten Durchgang sind</translation>
    </message>
    <message>
        <source>what one pull lets go against a gentle one</source>
        <translation>was ein Zug löst, gegen einen sanften</translation>
    </message>
    <message>
        <source>how sharp the first string is set by feel</source>
        <translation>wie viel höher die erste Saite nach Gefühl gestimmt wird</translation>
    </message>
    <message>
        <source>the moment that presses a decked plate onto its stop</source>
        <translation>das Moment, das eine aufliegende Platte an ihren Anschlag drückt</translation>
    </message>
    <message>
        <source>the moment a stabiliser holds before it gives way</source>
        <translation>das Moment, das ein Stabilisator hält, bevor er nachgibt</translation>
    </message>
    <message>
        <source>newton metres per radian beyond what a stabiliser holds</source>
        <translation>Newtonmeter je Radiant über das hinaus, was ein Stabilisator hält</translation>
    </message>
    <message>
        <source>a coefficient of friction; dry steel on bone is about 0.15</source>
        <translation>eine Reibungszahl; trockener Stahl auf Knochen hat etwa 0,15</translation>
    </message>
    <message>
        <source>the moment the pivot&apos;s friction can hold in newton metres</source>
        <translation>das Moment, das die Reibung des Drehpunkts halten kann, in Newtonmetern</translation>
    </message>
    <message>
        <source>the neck&apos;s elevation above the horizontal in degrees</source>
        <translation>die Neigung des Halses über die Waagerechte in Grad</translation>
    </message>
    <message>
        <source>the wire one turn of a fine tuner takes in, in millimetres</source>
        <translation>der Draht, den eine Umdrehung des Feinstimmers einzieht, in Millimetern</translation>
    </message>
    <message>
        <source>turns of a fine tuner</source>
        <translation>Umdrehungen eines Feinstimmers</translation>
    </message>
    <message>
        <source>a height in millimetres</source>
        <translation>eine Höhe in Millimetern</translation>
    </message>
    <message>
        <source>a distance in millimetres</source>
        <translation>ein Abstand in Millimetern</translation>
    </message>
    <message>
        <source>a break angle in degrees</source>
        <translation>ein Knickwinkel in Grad</translation>
    </message>
    <message>
        <source>a learned offset in prior deviations</source>
        <translation>eine gelernte Abweichung in Streuungen der Annahme</translation>
    </message>
    <message>
        <source>how sure something learned is, in prior deviations</source>
        <translation>wie sicher etwas Gelerntes ist, in Streuungen der Annahme</translation>
    </message>
    <message>
        <source>how sure the tuner is, in cents; most show whole cents</source>
        <translation>wie sicher das Stimmgerät ist, in Cent; die meisten zeigen ganze Cent</translation>
    </message>
    <message>
        <source>how sure the gap is measured, in millimetres; a ruler is good to 0.15</source>
        <translation>wie sicher der Spalt gemessen wird, in Millimetern; ein Lineal taugt für 0,15</translation>
    </message>
    <message>
        <source>how sure the plate&apos;s angle is read, in degrees; the eye is good to 0.3</source>
        <translation>wie sicher der Winkel der Platte gelesen wird, in Grad; das Auge taugt für 0,3</translation>
    </message>
    <message>
        <source>how near to its aim a string is left, in cents</source>
        <translation>wie nah am Zielwert eine Saite gelassen wird, in Cent</translation>
    </message>
    <message>
        <source>action over the 12th fret</source>
        <translation>Saitenlage über dem 12. Bund</translation>
    </message>
    <message>
        <source>cents between the open octave and fret 12</source>
        <translation>Cent zwischen leerer Oktave und 12. Bund</translation>
    </message>
    <message>
        <source>a bridge post&apos;s rise for one turn in millimetres</source>
        <translation>der Hub eines Bolzens je Umdrehung in Millimetern</translation>
    </message>
    <message>
        <source>degrees, forward is positive</source>
        <translation>Grad, nach vorn ist positiv</translation>
    </message>
    <message>
        <source>the minutes a step usually takes</source>
        <translation>die Minuten, die ein Schritt meist dauert</translation>
    </message>
    <message>
        <source>a covariance in squared deviations</source>
        <translation>eine Kovarianz in quadrierten Streuungen</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>the version of the format</source>
        <translation>die Fassung des Formats</translation>
    </message>
    <message>
        <source>degrees from parallel, forward is positive</source>
        <translation>Grad gegen parallel, nach vorn ist positiv</translation>
    </message>
    <message>
        <source>guitars that something was learned from</source>
        <translation>Gitarren, von denen etwas gelernt wurde</translation>
    </message>
    <message>
        <source>by how much a bridge post was turned, in mm</source>
        <translation>um wie viel ein Brückenbolzen gedreht wurde, in mm</translation>
    </message>
    <message>
        <source>by how much a saddle was moved, in mm</source>
        <translation>um wie viel ein Reiter versetzt wurde, in mm</translation>
    </message>
    <message>
        <source>the relief of a neck in millimetres; a minus sign: it bends back</source>
        <translation>die Halskrümmung in Millimetern; ein Minus: nach hinten gebogen</translation>
    </message>
    <message>
        <source>a string, counted from the thickest</source>
        <translation>eine Saite, von der dicksten gezählt</translation>
    </message>
    <message>
        <source>the diameter of a string post in millimetres</source>
        <translation>der Durchmesser einer Mechanikachse in Millimetern</translation>
    </message>
    <message>
        <source>from one string post to the next in millimetres</source>
        <translation>von einer Mechanikachse zur nächsten in Millimetern</translation>
    </message>
    <message>
        <source>the wire in a saddle&apos;s clamp in millimetres</source>
        <translation>der Draht in der Klemme eines Reiters in Millimetern</translation>
    </message>
    <message>
        <source>from the nut to the string tree in millimetres</source>
        <translation>vom Sattel zum Saitenniederhalter in Millimetern</translation>
    </message>
    <message>
        <source>by how much a string tree holds its strings down in millimetres</source>
        <translation>um wie viel ein Saitenniederhalter seine Saiten herunterhält, in Millimetern</translation>
    </message>
    <message>
        <source>what a luggage scale shows, in newtons</source>
        <translation>was eine Kofferwaage zeigt, in Newton</translation>
    </message>
    <message>
        <source>from the wall of the cavity to the claw in millimetres</source>
        <translation>von der Wand des Federfachs zur Federkralle in Millimetern</translation>
    </message>
    <message>
        <source>the temperature of a room in degrees Celsius</source>
        <translation>die Temperatur eines Raums in Grad Celsius</translation>
    </message>
    <message>
        <source>the relative humidity of a room in percent</source>
        <translation>die relative Feuchte eines Raums in Prozent</translation>
    </message>
</context>
<context>
    <name>RigFields</name>
    <message>
        <source>rear gap at level</source>
        <translation>hinterer Spalt, wenn eben</translation>
    </message>
    <message>
        <source>pivot to rear edge</source>
        <translation>Drehpunkt bis Hinterkante</translation>
    </message>
    <message>
        <source>shaft radius</source>
        <translation>Halbmesser der Welle</translation>
    </message>
    <message>
        <source>shaft to arm&apos;s tip</source>
        <translation>Welle bis Hebelspitze</translation>
    </message>
    <message>
        <source>tip height at level</source>
        <translation>Höhe der Spitze, wenn eben</translation>
    </message>
    <message>
        <source>rear stop</source>
        <translation>hinterer Anschlag</translation>
    </message>
    <message>
        <source>forward stop</source>
        <translation>vorderer Anschlag</translation>
    </message>
    <message>
        <source>bridge mass</source>
        <translation>Masse der Brücke</translation>
    </message>
    <message>
        <source>stabiliser holds</source>
        <translation>Stabilisator hält</translation>
    </message>
    <message>
        <source>travel per turn</source>
        <translation>Weg je Umdrehung</translation>
    </message>
    <message>
        <source>bass screw now</source>
        <translation>Bassschraube jetzt</translation>
    </message>
    <message>
        <source>treble screw now</source>
        <translation>Diskantschraube jetzt</translation>
    </message>
    <message>
        <source>loosest it goes</source>
        <translation>lockerste Stellung</translation>
    </message>
    <message>
        <source>tightest it goes</source>
        <translation>festeste Stellung</translation>
    </message>
    <message>
        <source>plate angle wanted</source>
        <translation>gewünschter Winkel der Platte</translation>
    </message>
    <message>
        <source>plate tolerance</source>
        <translation>Toleranz der Platte</translation>
    </message>
    <message>
        <source>pressed down with</source>
        <translation>aufgedrückt mit</translation>
    </message>
    <message>
        <source>pitch tolerance</source>
        <translation>Toleranz der Tonhöhe</translation>
    </message>
    <message>
        <source>rate</source>
        <translation>Rate</translation>
    </message>
    <message>
        <source>initial tension</source>
        <translation>Vorspannung</translation>
    </message>
    <message>
        <source>free length</source>
        <translation>freie Länge</translation>
    </message>
    <message>
        <source>height at level</source>
        <translation>Höhe, wenn eben</translation>
    </message>
    <message>
        <source>lever</source>
        <translation>Hebelarm</translation>
    </message>
    <message>
        <source>slant</source>
        <translation>Schräge</translation>
    </message>
    <message>
        <source>scale</source>
        <translation>Mensur</translation>
    </message>
    <message>
        <source>saddle height</source>
        <translation>Höhe des Reiters</translation>
    </message>
    <message>
        <source>nut to string post</source>
        <translation>Sattel bis Achse</translation>
    </message>
    <message>
        <source>behind saddle</source>
        <translation>hinter dem Reiter</translation>
    </message>
    <message>
        <source>break at nut</source>
        <translation>Saitenwinkel am Sattel</translation>
    </message>
    <message>
        <source>fine tuner a turn</source>
        <translation>Feinstimmer je Umdrehung</translation>
    </message>
    <message>
        <source>fine tuner, turns screwed in</source>
        <translation>Feinstimmer, Umdrehungen hineingedreht</translation>
    </message>
    <message>
        <source>across, 0 bass to 1 treble</source>
        <translation>quer, 0 Bass bis 1 Diskant</translation>
    </message>
    <message>
        <source>pivot to hook, along</source>
        <translation>Drehpunkt bis Haken, längs</translation>
    </message>
    <message>
        <source>hook, below is minus</source>
        <translation>Haken, darunter ist minus</translation>
    </message>
    <message>
        <source>pivot to claw, along</source>
        <translation>Drehpunkt bis Federkralle, längs</translation>
    </message>
    <message>
        <source>claw, below is minus</source>
        <translation>Federkralle, darunter ist minus</translation>
    </message>
    <message>
        <source>pivot to saddle, along</source>
        <translation>Drehpunkt bis Reiter, längs</translation>
    </message>
    <message>
        <source>above the nut&apos;s floor</source>
        <translation>über dem Sattelgrund</translation>
    </message>
    <message>
        <source>nut to what holds it up</source>
        <translation>Sattel bis zur Auflage dahinter</translation>
    </message>
    <message>
        <source>fine tuner, turns in all</source>
        <translation>Feinstimmer, Umdrehungen insgesamt</translation>
    </message>
</context>
<context>
    <name>Season</name>
    <message>
        <source>No guitar was strung or is due in these weeks.</source>
        <translation>In diesen Wochen wurde keine Gitarre besaitet und keine ist fällig.</translation>
    </message>
    <message>
        <source>Weeks across, guitars down. %1</source>
        <translation>Wochen quer, Gitarren untereinander. %1</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>strung %1</source>
        <translation>besaitet %1</translation>
    </message>
    <message>
        <source>overdue since %1</source>
        <translation>überfällig seit %1</translation>
    </message>
    <message>
        <source>due %1</source>
        <translation>fällig %1</translation>
    </message>
    <message>
        <source>strung</source>
        <translation>besaitet</translation>
    </message>
    <message>
        <source>due, by wear or months</source>
        <translation>fällig, nach Verschleiß oder Monaten</translation>
    </message>
</context>
<context>
    <name>Section</name>
    <message>
        <source>One of six screws the plate tips on</source>
        <translation>Eine von sechs Schrauben, auf denen die Platte kippt</translation>
    </message>
    <message>
        <source>Bridge post with the knife edge</source>
        <translation>Bolzen mit der Messerkante</translation>
    </message>
    <message>
        <source>String %1 pulls %2</source>
        <translation>Saite %1 zieht %2</translation>
    </message>
    <message>
        <source>String %1 is slack or off</source>
        <translation>Saite %1 ist locker oder ab</translation>
    </message>
    <message>
        <source>Claw screws: %1 turns from where they stood</source>
        <translation>Krallenschrauben: %1 Umdrehungen von da, wo sie standen</translation>
    </message>
    <message>
        <source>Spring %1 pulls %2</source>
        <translation>Feder %1 zieht %2</translation>
    </message>
    <message>
        <source>Spring %1 is loose and may unhook</source>
        <translation>Feder %1 ist lose und kann sich aushängen</translation>
    </message>
    <message>
        <source>Where the plate is to be</source>
        <translation>Wo die Platte sein soll</translation>
    </message>
    <message>
        <source>Base plate at %1</source>
        <translation>Grundplatte bei %1</translation>
    </message>
    <message>
        <source>Tuners at the bridge</source>
        <translation>Stimmmechaniken an der Brücke</translation>
    </message>
    <message>
        <source>Block in: the plate is held at %1</source>
        <translation>Klotz darin: die Platte wird bei %1 gehalten</translation>
    </message>
    <message>
        <source>balanced</source>
        <translation>im Gleichgewicht</translation>
    </message>
    <message>
        <source>strings ahead</source>
        <translation>Saiten ziehen stärker</translation>
    </message>
    <message>
        <source>springs ahead</source>
        <translation>Federn voraus</translation>
    </message>
    <message>
        <source>Strings pull forward with %1, springs back with %2</source>
        <translation>Saiten ziehen mit %1 nach vorn, Federn mit %2 zurück</translation>
    </message>
    <message>
        <source>Plate %1, wanted %2</source>
        <translation>Platte %1, Ziel %2</translation>
    </message>
    <message>
        <source>sunk %1°</source>
        <translation>%1° gesunken</translation>
    </message>
    <message>
        <source>forward %1°</source>
        <translation>%1° nach vorn</translation>
    </message>
    <message>
        <source>%1, measured</source>
        <translation>%1, gemessen</translation>
    </message>
    <message>
        <source>%1, calculated</source>
        <translation>%1, berechnet</translation>
    </message>
    <message>
        <source>Side section of the bridge. The plate is at %1, gap %2. Strings pull forward with %3, springs back with %4.</source>
        <translation>Seitenschnitt der Brücke. Die Platte steht bei %1, Spalt %2. Saiten ziehen mit %3 nach vorn, Federn mit %4 zurück.</translation>
    </message>
    <message>
        <source>Spring %1 pushes %2</source>
        <translation>Feder %1 drückt %2</translation>
    </message>
    <message>
        <source>Spring %1 is loose and may fall out</source>
        <translation>Feder %1 ist lose und kann herausfallen</translation>
    </message>
    <message>
        <source>Arm at %1</source>
        <translation>Hebel bei %1</translation>
    </message>
    <message>
        <source>spring pushes up %1</source>
        <translation>Feder drückt mit %1 hinauf</translation>
    </message>
    <message>
        <source>strings pull down %1</source>
        <translation>Saiten ziehen mit %1 hinunter</translation>
    </message>
    <message>
        <source>arm %1, tip %2 above the top, calculated</source>
        <translation>Hebel %1, Spitze %2 über der Decke, berechnet</translation>
    </message>
    <message>
        <source>Side section of the roller shaft. The arm is at %1, its tip %2 above the top.</source>
        <translation>Seitenschnitt der Rollenwelle. Der Hebel steht bei %1, seine Spitze %2 über der Decke.</translation>
    </message>
    <message>
        <source>Shaft, radius %1</source>
        <translation>Welle, Halbmesser %1</translation>
    </message>
    <message>
        <source>fixed bridge: no string moves another, tune each to pitch</source>
        <translation>feste Brücke: keine Saite bewegt eine andere, jede auf Tonhöhe stimmen</translation>
    </message>
    <message>
        <source>Side section of a fixed bridge. Nothing moves when a string is tuned.</source>
        <translation>Seitenschnitt einer festen Brücke. Nichts bewegt sich, wenn eine Saite gestimmt wird.</translation>
    </message>
    <message>
        <source>%1, gap %2</source>
        <translation>%1, Spalt %2</translation>
    </message>
    <message>
        <source>arm %1, tip %2</source>
        <translation>Hebel %1, Spitze %2</translation>
    </message>
</context>
<context>
    <name>SectionLabels</name>
    <message>
        <source>plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Reiter</translation>
    </message>
    <message>
        <source>strings</source>
        <translation>Saiten</translation>
    </message>
    <message>
        <source>bridge post</source>
        <translation>Brückenbolzen</translation>
    </message>
    <message>
        <source>sustain block</source>
        <translation>Sustainblock</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>Federkralle</translation>
    </message>
    <message>
        <source>claw screws</source>
        <translation>Krallenschrauben</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>Session</name>
    <message>
        <source>recording</source>
        <translation>Aufnahme</translation>
    </message>
</context>
<context>
    <name>SetPicture</name>
    <message>
        <source>String %1: %2, wound</source>
        <translation>Saite %1: %2, umsponnen</translation>
    </message>
    <message>
        <source>String %1: %2, plain</source>
        <translation>Saite %1: %2, blank</translation>
    </message>
    <message>
        <source>Strings %1 and %2 are easily swapped</source>
        <translation>Saiten %1 und %2 sind leicht zu verwechseln</translation>
    </message>
    <message>
        <source>bracket: easily swapped, measure these two</source>
        <translation>Klammer: leicht zu verwechseln, diese beiden messen</translation>
    </message>
    <message>
        <source>thickest at the top</source>
        <translation>dickste oben</translation>
    </message>
    <message>
        <source>The set in order. %1</source>
        <translation>Der Satz der Reihe nach. %1</translation>
    </message>
    <message>
        <source>cut here</source>
        <translation>hier schneiden</translation>
    </message>
    <message>
        <source>ball and twist</source>
        <translation>Kugel und Wickel</translation>
    </message>
    <message>
        <source>plain, straight string goes into the saddle</source>
        <translation>blanke, gerade Saite kommt in den Reiter</translation>
    </message>
    <message>
        <source>the ball stays at the headstock; this end goes into the saddle</source>
        <translation>die Kugel bleibt an der Kopfplatte; dieses Ende kommt in den Reiter</translation>
    </message>
    <message>
        <source>One string: %1. %2</source>
        <translation>Eine Saite: %1. %2</translation>
    </message>
    <message>
        <source>the ball end is cut off, twist and all</source>
        <translation>das Kugelende wird mit dem Wickel abgeschnitten</translation>
    </message>
    <message>
        <source>the far end is cut to length</source>
        <translation>das andere Ende wird auf Länge geschnitten</translation>
    </message>
</context>
<context>
    <name>Shopping</name>
    <message>
        <source>%1 pulls the same</source>
        <translation>%1 zieht gleich</translation>
    </message>
    <message>
        <source>%1 pulls %2 % more</source>
        <translation>%1 zieht %2 % mehr</translation>
    </message>
    <message>
        <source>%1 pulls %2 % less</source>
        <translation>%1 zieht %2 % weniger</translation>
    </message>
    <message>
        <source>%1, the claw stays</source>
        <translation>%1, die Federkralle bleibt</translation>
    </message>
    <message>
        <source>%1, claw %2 tighter</source>
        <translation>%1, Federkralle %2 fester</translation>
    </message>
    <message>
        <source>%1, claw %2 looser</source>
        <translation>%1, Federkralle %2 lockerer</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>  (jobs in hand need %1, %2 there)</source>
        <translation>  (Aufträge brauchen %1, %2 da)</translation>
    </message>
    <message>
        <source>meanwhile: %1</source>
        <translation>inzwischen: %1</translation>
    </message>
</context>
<context>
    <name>StepDiagram</name>
    <message>
        <source>on the inner side of each string post, every wrap below the one before</source>
        <translation>an der Innenseite jeder Achse, jede Wicklung unter der vorigen</translation>
    </message>
    <message>
        <source>Headstock from above: each string runs to the inner side of its string post and winds downwards.</source>
        <translation>Kopfplatte von oben: jede Saite läuft zur Innenseite ihrer Achse und wickelt abwärts.</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>bar over all strings; the outer ones pass outside its screws</source>
        <translation>Stange über allen Saiten; die äußeren laufen außen an ihren Schrauben vorbei</translation>
    </message>
    <message>
        <source>Nut and retainer bar from above: every string under the bar, the outer two outside its screws.</source>
        <translation>Sattel und Niederhalterstange von oben: jede Saite unter der Stange, die äußeren beiden außen an ihren Schrauben vorbei.</translation>
    </message>
    <message>
        <source>each cap back in its place, ridge along the strings</source>
        <translation>jede Klemmplatte an ihren Platz, Rippe längs der Saiten</translation>
    </message>
    <message>
        <source>Locking nut from above: %1 caps in order, the ridge of each along the strings.</source>
        <translation>Klemmsattel von oben: %1 Klemmplatten in der Reihe, die Rippe jeder längs der Saiten.</translation>
    </message>
    <message>
        <source>string, straight and centred</source>
        <translation>Saite, gerade und mittig</translation>
    </message>
    <message>
        <source>down to the bottom, 2 to 2.5 mm</source>
        <translation>bis auf den Grund, 2 bis 2,5 mm</translation>
    </message>
    <message>
        <source>insert</source>
        <translation>Klemmstück</translation>
    </message>
    <message>
        <source>until it stops, then slightly more</source>
        <translation>bis es stoppt, dann etwas mehr</translation>
    </message>
    <message>
        <source>Locking saddle from the side: the insert squeezes the string, which goes down to the bottom.</source>
        <translation>Klemmreiter von der Seite: das Klemmstück presst die Saite, die bis auf den Grund geht.</translation>
    </message>
    <message>
        <source>1 clamps the string · 2 fine tuner · 3 holds the saddle · 4 bridge post, for the height</source>
        <translation>1 klemmt die Saite · 2 Feinstimmer · 3 hält den Reiter · 4 Bolzen, für die Höhe</translation>
    </message>
    <message>
        <source>Bridge from above: behind each saddle its clamp screw and fine tuner, before it the screw that holds it; a bridge post at each end.</source>
        <translation>Brücke von oben: hinter jedem Reiter seine Klemmschraube und sein Feinstimmer, davor die Schraube, die ihn hält; an jedem Ende ein Bolzen.</translation>
    </message>
    <message>
        <source>bass screw</source>
        <translation>Bassschraube</translation>
    </message>
    <message>
        <source>treble screw</source>
        <translation>Diskantschraube</translation>
    </message>
    <message>
        <source>keep the claw parallel to the wall; right turns pull the plate down</source>
        <translation>die Federkralle parallel zur Wand halten; Rechtsdrehungen ziehen die Platte hinunter</translation>
    </message>
    <message>
        <source>Cavity from behind: claw on two screws, %1 springs to the block, the claw parallel to the wall.</source>
        <translation>Fach von hinten: Federkralle an zwei Schrauben, %1 Federn zum Block, die Federkralle parallel zur Wand.</translation>
    </message>
</context>
<context>
    <name>StepFigures</name>
    <message>
        <source>%1 string post spacings past its own</source>
        <translation>%1 Achsabstände hinter die eigene Achse</translation>
    </message>
    <message>
        <source>a bow of %1 over the middle of the fretboard</source>
        <translation>ein Bogen von %1 über der Mitte des Griffbretts</translation>
    </message>
    <message>
        <source>%1 frets back at the nut</source>
        <translation>%1 Bünde am Sattel zurück</translation>
    </message>
    <message>
        <source>No slack: the bridge tuner takes up the string.</source>
        <translation>Keine Zugabe: die Stimmmechanik an der Brücke zieht die Saite ein.</translation>
    </message>
    <message>
        <source>Wound: %1 = %2 of slack, %3 wraps</source>
        <translation>Umsponnen: %1 = %2 Zugabe, %3 Wicklungen</translation>
    </message>
    <message>
        <source>Plain: %1 = %2 of slack, %3 wraps</source>
        <translation>Blank: %1 = %2 Zugabe, %3 Wicklungen</translation>
    </message>
    <message>
        <source>Block under the rear edge: %1.</source>
        <translation>Klotz unter der Hinterkante: %1.</translation>
    </message>
    <message>
        <source>Strings at pitch under it jump up to %1 cents when it comes out.</source>
        <translation>Saiten auf Tonhöhe darüber springen bis zu %1 Cent, wenn er herauskommt.</translation>
    </message>
    <message>
        <source>Neutral: nothing jumps when it comes out.</source>
        <translation>Neutral: nichts springt, wenn er herauskommt.</translation>
    </message>
    <message>
        <source>Preset: %1 of %2 turns screwed in (range assumed unless the card says).</source>
        <translation>Grundstellung: %1 von %2 Umdrehungen hinein (Bereich angenommen, wenn die Karte nichts sagt).</translation>
    </message>
    <message>
        <source>Leave %1 and bend it in.</source>
        <translation>%1 stehen lassen und umbiegen.</translation>
    </message>
    <message>
        <source>Leave %1.</source>
        <translation>%1 stehen lassen.</translation>
    </message>
    <message>
        <source>%1 settled</source>
        <translation>%1 gesetzt</translation>
    </message>
    <message>
        <source>%1: %2 pulls</source>
        <translation>%1: %2 Züge</translation>
    </message>
    <message>
        <source>Ready: level, in tune, settled.</source>
        <translation>Bereit: eben, gestimmt, gesetzt.</translation>
    </message>
    <message>
        <source>Missing: %1.</source>
        <translation>Es fehlt: %1.</translation>
    </message>
    <message>
        <source>See for yourself: strings on the nut&apos;s floor, caps in their order, ridge along the strings.</source>
        <translation>Selbst nachsehen: Saiten auf dem Grund des Sattels, Klemmplatten in ihrer Reihe, Rippe längs der Saiten.</translation>
    </message>
    <message>
        <source>%1: up %2, down %3 ¢</source>
        <translation>%1: hinauf %2, hinunter %3 ¢</translation>
    </message>
    <message>
        <source>A fine tuner at its end: unlock, tune at the pegs, preset, lock again.</source>
        <translation>Ein Feinstimmer am Ende: lösen, an den Mechaniken stimmen, Grundstellung, wieder klemmen.</translation>
    </message>
    <message>
        <source>Travel left on the fine tuners: %1.</source>
        <translation>Verbleibender Weg der Feinstimmer: %1.</translation>
    </message>
    <message>
        <source>A bridge post raised by %1 raises the action at fret 12 by %2.</source>
        <translation>Ein um %1 gehobener Bolzen hebt die Saitenlage am 12. Bund um %2.</translation>
    </message>
    <message>
        <source>Fretted sharp by 1 cent: saddle back by %1; flat: forward by as much.</source>
        <translation>Gegriffen 1 Cent zu hoch: Reiter um %1 zurück; zu tief: ebenso viel vor.</translation>
    </message>
    <message>
        <source>The fine tuners would lack %1 for locking, settling and %2 ¢ of wear: preset them anew and tune at the pegs before the caps close.</source>
        <translation>Den Feinstimmern würden %1 für Klemmen, Setzen und %2 ¢ Abnutzung fehlen: neu in Grundstellung bringen und an den Mechaniken stimmen, bevor die Klemmplatten schließen.</translation>
    </message>
    <message>
        <source>The fine tuners cover locking, settling and %1 ¢ of wear, with %2 ¢ to spare at least.</source>
        <translation>Die Feinstimmer decken Klemmen, Setzen und %1 ¢ Abnutzung; mindestens %2 ¢ bleiben übrig.</translation>
    </message>
    <message>
        <source>It rests on its stop: it only dives.</source>
        <translation>Sie liegt an ihrem Anschlag: sie geht nur abwärts.</translation>
    </message>
    <message>
        <source>Pulled up to its stop, %1° on, string %2 rises by %3 half steps, string %4 by %5 (calculated).</source>
        <translation>Hochgezogen bis zum Anschlag, %1° weiter, steigt Saite %2 um %3 Halbtöne, Saite %4 um %5 (berechnet).</translation>
    </message>
    <message>
        <source>Last time locking moved: %1. The aims allow for it, but for more than %2 ¢: there a string slipped.</source>
        <translation>Letztes Mal hat das Klemmen bewegt: %1. Die Zielwerte rechnen damit, nicht mit mehr als %2 ¢: da ist eine Saite gerutscht.</translation>
    </message>
    <message>
        <source>Each string has its own length, from the ball along the string to the cut.</source>
        <translation>Jede Saite hat ihre eigene Länge, vom Kugelende die Saite entlang bis zum Schnitt.</translation>
    </message>
    <message>
        <source>From nut to string post as measured; %1 in the clamp is assumed, %2 is to spare.</source>
        <translation>Vom Sattel zum Wickelbolzen wie gemessen; %1 in der Klemme ist angenommen, %2 bleibt übrig.</translation>
    </message>
    <message>
        <source>From nut to string post as most guitars have it, %1 in the clamp is assumed, %2 is to spare. Hold one string to its string post before the first cut.</source>
        <translation>Vom Sattel zum Wickelbolzen wie bei den meisten Gitarren, %1 in der Klemme ist angenommen, %2 bleibt übrig. Vor dem ersten Schnitt eine Saite an ihren Wickelbolzen halten.</translation>
    </message>
    <message>
        <source>%1 past the string post</source>
        <translation>%1 über die Mechanikachse hinaus</translation>
    </message>
    <message>
        <source>Flush at the string post.</source>
        <translation>Bündig an der Mechanikachse.</translation>
    </message>
    <message>
        <source>It rests on the body. Now: %1.</source>
        <translation>Sie ruht auf dem Korpus. Jetzt: %1.</translation>
    </message>
    <message>
        <source>When level, the rear gap is %1. Now: %2.</source>
        <translation>Eben ist der hintere Spalt %1. Jetzt: %2.</translation>
    </message>
    <message>
        <source>A bridge tuner at its end: unwind it, draw the string through its clamp, clamp again.</source>
        <translation>Eine Stimmmechanik der Brücke am Ende: herausdrehen, die Saite durch ihre Klemme ziehen, neu klemmen.</translation>
    </message>
    <message>
        <source>Travel left on the bridge tuners: %1.</source>
        <translation>Restweg der Stimmmechaniken an der Brücke: %1.</translation>
    </message>
    <message>
        <source>Beyond the travel that is left: %1.</source>
        <translation>Jenseits des Restwegs: %1.</translation>
    </message>
    <message>
        <source>On its back, leave each string at: %1 (calculated).</source>
        <translation>Auf dem Rücken jede Saite lassen bei: %1 (berechnet).</translation>
    </message>
    <message>
        <source>In playing position, pitch changes by: %1 (calculated).</source>
        <translation>In Spielhaltung ändert sich die Tonhöhe um: %1 (berechnet).</translation>
    </message>
    <message>
        <source>When level, the gap under the rear edge is %1.</source>
        <translation>Eben ist der Spalt unter der Hinterkante %1.</translation>
    </message>
    <message>
        <source>The arm is not used: resting on the body, the other strings stay in tune when one breaks. Choose it at the plan under Bridge.</source>
        <translation>Der Hebel wird nicht benutzt: auf dem Korpus ruhend bleiben die anderen Saiten gestimmt, wenn eine reißt. Im Plan unter Brücke wählen.</translation>
    </message>
    <message>
        <source>The arm is used: on the body it only dives; floating it moves both ways. Choose it at the plan under Bridge.</source>
        <translation>Der Hebel wird benutzt: auf dem Korpus taucht er nur ab; schwebend geht er in beide Richtungen. Im Plan unter Brücke wählen.</translation>
    </message>
    <message>
        <source>Angles over the nut: %1 (string posts of %2, %3 apart).</source>
        <translation>Winkel über den Sattel: %1 (Mechanikachsen von %2, Abstand %3).</translation>
    </message>
    <message>
        <source>Angles over the nut: %1 (string posts of %2, %3 apart, are assumed).</source>
        <translation>Winkel über den Sattel: %1 (Mechanikachsen von %2 im Abstand %3 sind angenommen).</translation>
    </message>
    <message>
        <source>Strings under the string tree: %1° with it.</source>
        <translation>Saiten unter dem Saitenniederhalter: mit ihm %1°.</translation>
    </message>
    <message>
        <source>Strings under the string tree: about %1° with it (assumed).</source>
        <translation>Saiten unter dem Saitenniederhalter: mit ihm etwa %1° (angenommen).</translation>
    </message>
    <message>
        <source>Wall to claw now: bass side %1, treble side %2.</source>
        <translation>Wand bis Federkralle jetzt: Bassseite %1, Diskantseite %2.</translation>
    </message>
    <message>
        <source>The claw is crooked: the treble screw is %1 turns further in.</source>
        <translation>Die Federkralle steht schief: die Diskantschraube ist %1 Umdrehungen weiter hineingedreht.</translation>
    </message>
    <message>
        <source>The claw is crooked: the bass screw is %1 turns further in.</source>
        <translation>Die Federkralle steht schief: die Bassschraube ist %1 Umdrehungen weiter hineingedreht.</translation>
    </message>
    <message>
        <source>%1: arm %2 %, claw %3 turns</source>
        <translation>%1: Hebel %2 %, Federkralle %3 Umdrehungen</translation>
    </message>
    <message>
        <source>No other springs at hand make the arm so and still float.</source>
        <translation>Keine anderen Federn machen den Hebel so und lassen das Vibrato schweben.</translation>
    </message>
    <message>
        <source>For that arm: %1 (calculated).</source>
        <translation>Für diesen Hebel: %1 (berechnet).</translation>
    </message>
    <message>
        <source>An action is wanted: tick “set the height” to have its step.</source>
        <translation>Eine Saitenlage ist gewünscht: „Höhe einstellen“ ankreuzen, dann kommt der Schritt dazu.</translation>
    </message>
    <message>
        <source>%1 hand widths (of 85 mm) past the string post</source>
        <translation>%1 Handbreiten (je 85 mm) über die Mechanikachse hinaus</translation>
    </message>
</context>
<context>
    <name>StepForms</name>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>caps on bolts</source>
        <translation>Klemmplatten auf Schrauben</translation>
    </message>
    <message>
        <source>a clamp for each string</source>
        <translation>eine Klemme je Saite</translation>
    </message>
    <message>
        <source>pegs</source>
        <translation>Mechanik</translation>
    </message>
    <message>
        <source>string through a hole</source>
        <translation>Saite durch ein Loch</translation>
    </message>
    <message>
        <source>slotted with a centre hole</source>
        <translation>geschlitzt mit Loch in der Mitte</translation>
    </message>
    <message>
        <source>locking string posts</source>
        <translation>klemmende Achsen</translation>
    </message>
    <message>
        <source>at the bridge</source>
        <translation>an der Brücke</translation>
    </message>
    <message>
        <source>headstock</source>
        <translation>Kopfplatte</translation>
    </message>
    <message>
        <source>all on one side</source>
        <translation>alle auf einer Seite</translation>
    </message>
    <message>
        <source>split, both sides</source>
        <translation>geteilt, auf beiden Seiten</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>fretboard</source>
        <translation>Griffbrett</translation>
    </message>
    <message>
        <source>dark, without lacquer</source>
        <translation>dunkel, ohne Lack</translation>
    </message>
    <message>
        <source>maple</source>
        <translation>Ahorn</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>Linkshänder</translation>
    </message>
    <message>
        <source>retainer bar behind the nut</source>
        <translation>Niederhalterstange hinter dem Sattel</translation>
    </message>
    <message>
        <source>string tree</source>
        <translation>Saitenniederhalter an der Kopfplatte</translation>
    </message>
    <message>
        <source>cavity with a back cover</source>
        <translation>Federfach mit Abdeckplatte</translation>
    </message>
    <message>
        <source>owner is reached by</source>
        <translation>Besitzer zu erreichen über</translation>
    </message>
    <message>
        <source>springs are in slots</source>
        <translation>Federn hängen in den Plätzen</translation>
    </message>
    <message>
        <source>block that fits it</source>
        <translation>Klotz, der passt</translation>
    </message>
    <message>
        <source>level is told by</source>
        <translation>Plattenlage erkennbar an</translation>
    </message>
    <message>
        <source>hex key for %1</source>
        <translation>Innensechskantschlüssel für %1</translation>
    </message>
    <message>
        <source>photos</source>
        <translation>Fotos</translation>
    </message>
    <message>
        <source>More about this guitar</source>
        <translation>Mehr zu dieser Gitarre</translation>
    </message>
    <message>
        <source>In tune on the old strings, the plate is</source>
        <translation>Mit den alten Saiten gestimmt ist die Platte</translation>
    </message>
    <message>
        <source>The fine tuners are at their preset</source>
        <translation>Die Feinstimmer sind in Grundstellung</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>reinigen</translation>
    </message>
    <message>
        <source>polish the frets</source>
        <translation>Bünde polieren</translation>
    </message>
    <message>
        <source>oil the fretboard</source>
        <translation>Griffbrett ölen</translation>
    </message>
    <message>
        <source>intonate</source>
        <translation>Oktaven einstellen</translation>
    </message>
    <message>
        <source>set the height</source>
        <translation>Saitenlage einstellen</translation>
    </message>
    <message>
        <source>how it is played</source>
        <translation>wie sie gespielt wird</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>hours played a week</source>
        <translation>gespielte Stunden je Woche</translation>
    </message>
    <message>
        <source>gigs a week</source>
        <translation>Auftritte je Woche</translation>
    </message>
    <message>
        <source>new strings every so many months</source>
        <translation>neue Saiten alle so viele Monate</translation>
    </message>
    <message>
        <source>as the shop does</source>
        <translation>wie die Werkstatt</translation>
    </message>
    <message>
        <source>sweat on the strings</source>
        <translation>Schweiß an den Saiten</translation>
    </message>
    <message>
        <source>little</source>
        <translation>wenig</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>much</source>
        <translation>viel</translation>
    </message>
    <message>
        <source>the new strings are coated</source>
        <translation>die neuen Saiten sind beschichtet</translation>
    </message>
    <message>
        <source>parts used or lost</source>
        <translation>Teile verbraucht oder verloren</translation>
    </message>
    <message>
        <source>follow-ups</source>
        <translation>noch zu tun</translation>
    </message>
    <message>
        <source>note to the owner</source>
        <translation>Notiz an den Besitzer</translation>
    </message>
    <message>
        <source>done by</source>
        <translation>gemacht von</translation>
    </message>
    <message>
        <source>next restring</source>
        <translation>nächste Besaitung</translation>
    </message>
    <message>
        <source>By what is played; how long a set lasts is assumed.</source>
        <translation>Nach dem, was gespielt wird; wie lange ein Satz hält, ist angenommen.</translation>
    </message>
    <message>
        <source>from the drawers</source>
        <translation>aus den Schubladen</translation>
    </message>
    <message>
        <source>Passes %1, visits to the claw %2. Next restring: %3.</source>
        <translation>Durchgänge %1, Gänge zur Federkralle %2. Nächste Besaitung: %3.</translation>
    </message>
    <message>
        <source>no date set</source>
        <translation>kein Datum gesetzt</translation>
    </message>
    <message>
        <source>set the neck relief</source>
        <translation>die Halskrümmung einstellen</translation>
    </message>
    <message>
        <source>Set by months; playing hours may bring it forward.</source>
        <translation>Nach Monaten gesetzt; Spielstunden können ihn vorziehen.</translation>
    </message>
    <message>
        <source>Progress to pitch</source>
        <translation>Verlauf bis zur Stimmung</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>string post, diameter in mm</source>
        <translation>Mechanikachse, Durchmesser in mm</translation>
    </message>
    <message>
        <source>nut to the nearest string post, mm</source>
        <translation>Sattel bis zur nächsten Mechanikachse, mm</translation>
    </message>
    <message>
        <source>string post to string post, mm</source>
        <translation>Mechanikachse zu Mechanikachse, mm</translation>
    </message>
    <message>
        <source>wire in the saddle&apos;s clamp, mm</source>
        <translation>Draht in der Reiterklemme, mm</translation>
    </message>
    <message>
        <source>replaced: %1</source>
        <translation>ersetzt: %1</translation>
    </message>
    <message>
        <source>last on %1</source>
        <translation>zuletzt am %1</translation>
    </message>
    <message>
        <source>replaced</source>
        <translation>ersetzt</translation>
    </message>
    <message>
        <source>the arm is</source>
        <translation>der Hebel wird</translation>
    </message>
    <message>
        <source>not asked yet</source>
        <translation>noch nicht gefragt</translation>
    </message>
    <message>
        <source>used</source>
        <translation>benutzt</translation>
    </message>
    <message>
        <source>not used</source>
        <translation>nicht benutzt</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie sie ist</translation>
    </message>
    <message>
        <source>action wanted at fret 12, bass side, mm</source>
        <translation>gewünschte Saitenlage am 12. Bund, Bassseite, mm</translation>
    </message>
    <message>
        <source>the same, treble side, mm</source>
        <translation>dasselbe, Diskantseite, mm</translation>
    </message>
    <message>
        <source>wall to claw, bass side, mm</source>
        <translation>Wand bis Federkralle, Bassseite, mm</translation>
    </message>
    <message>
        <source>wall to claw, treble side, mm</source>
        <translation>Wand bis Federkralle, Diskantseite, mm</translation>
    </message>
    <message>
        <source>nut to string tree, mm</source>
        <translation>Sattel bis Saitenniederhalter, mm</translation>
    </message>
    <message>
        <source>tree holds strings down by, mm</source>
        <translation>Saitenniederhalter drückt um, mm</translation>
    </message>
    <message>
        <source>the arm is wanted</source>
        <translation>der Hebel soll sein</translation>
    </message>
    <message>
        <source>softer</source>
        <translation>weicher</translation>
    </message>
    <message>
        <source>stiffer</source>
        <translation>härter</translation>
    </message>
    <message>
        <source>Card for the &amp;case…</source>
        <translation>Karte für den &amp;Koffer…</translation>
    </message>
    <message>
        <source>For whoever restrings it with the same set, without the program</source>
        <translation>Für wen auch immer, der sie mit demselben Satz neu bespannt, ohne das Programm</translation>
    </message>
    <message>
        <source>room, °C</source>
        <translation>Raum, °C</translation>
    </message>
    <message>
        <source>humidity, %</source>
        <translation>Feuchte, %</translation>
    </message>
    <message>
        <source>readings as it came in, cents</source>
        <translation>Ablesungen bei der Ankunft, Cent</translation>
    </message>
    <message>
        <source>The readings</source>
        <translation>Die Ablesungen</translation>
    </message>
    <message>
        <source>rest over night</source>
        <translation>über Nacht ruhen</translation>
    </message>
</context>
<context>
    <name>StepPictures</name>
    <message>
        <source>plate, knife edges and saddles: no wear, no crack</source>
        <translation>Platte, Messerkanten und Reiter: kein Verschleiß, kein Riss</translation>
    </message>
    <message>
        <source>bridge posts: firm in the wood, none leans</source>
        <translation>Brückenbolzen: fest im Holz, keiner neigt sich</translation>
    </message>
    <message>
        <source>strings centred over the fretboard, neck screws snug</source>
        <translation>Saiten mittig über dem Griffbrett, Halsschrauben fest</translation>
    </message>
    <message>
        <source>every clamp at the nut, a turn or two</source>
        <translation>jede Klemme am Sattel, ein bis zwei Umdrehungen</translation>
    </message>
    <message>
        <source>arm out, or turned clear of strings and bench</source>
        <translation>Hebel ab oder von Saiten und Werkbank weggedreht</translation>
    </message>
    <message>
        <source>arm in, it swings without touching the body</source>
        <translation>Hebel dran, er schwingt, ohne den Korpus zu berühren</translation>
    </message>
    <message>
        <source>down at the pegs, a little at each, round and round</source>
        <translation>an den Mechaniken hinunter, an jedem ein wenig, reihum</translation>
    </message>
    <message>
        <source>cut in the middle, one at a time, each held on both sides</source>
        <translation>in der Mitte schneiden, eine nach der anderen, beide Seiten festhalten</translation>
    </message>
    <message>
        <source>unwind here</source>
        <translation>hier abwickeln</translation>
    </message>
    <message>
        <source>round the pickups</source>
        <translation>um die Tonabnehmer</translation>
    </message>
    <message>
        <source>under and behind the bridge</source>
        <translation>unter und hinter der Brücke</translation>
    </message>
    <message>
        <source>along the frets</source>
        <translation>an den Bünden entlang</translation>
    </message>
    <message>
        <source>fret by fret, the guard on the wood</source>
        <translation>Bund für Bund, der Schutz auf dem Holz</translation>
    </message>
    <message>
        <source>a few drops, spread, wiped dry</source>
        <translation>ein paar Tropfen, verteilt, trocken gewischt</translation>
    </message>
    <message>
        <source>the nut of each peg, snug and no more</source>
        <translation>die Mutter jedes einer Mechanik, fest und nicht mehr</translation>
    </message>
    <message>
        <source>ball to the bottom, string in its saddle</source>
        <translation>Kugel bis auf den Grund, Saite in ihrem Reiter</translation>
    </message>
    <message>
        <source>each string in its own slot</source>
        <translation>jede Saite in ihrer Kerbe</translation>
    </message>
    <message>
        <source>clamp at the nut end, take up at the bridge</source>
        <translation>am Sattel klemmen, an der Brücke einziehen</translation>
    </message>
    <message>
        <source>slack as below, then only until taut</source>
        <translation>Zugabe wie unten, dann nur bis straff</translation>
    </message>
    <message>
        <source>tuners at the bridge to their preset</source>
        <translation>Stimmmechaniken an der Brücke in Grundstellung</translation>
    </message>
    <message>
        <source>lift and draw along the whole length, never in one place</source>
        <translation>anheben und der ganzen Länge nach ziehen, nie an einer Stelle</translation>
    </message>
    <message>
        <source>bend each string a whole step, all over the neck</source>
        <translation>jede Saite einen Ganzton ziehen, überall am Hals</translation>
    </message>
    <message>
        <source>clamp each string at the nut</source>
        <translation>jede Saite am Sattel klemmen</translation>
    </message>
    <message>
        <source>surplus off at the string posts; ends into the sharps tin</source>
        <translation>Überstand an den Mechanikachsen ab; Enden in die Abfalldose</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>with the block out</source>
        <translation>mit dem Klotz heraus</translation>
    </message>
    <message>
        <source>plate, pivots and saddles: no wear, no crack</source>
        <translation>Platte, Lager und Reiter: kein Verschleiß, kein Riss</translation>
    </message>
    <message>
        <source>bridge and saddles: no wear, no crack</source>
        <translation>Brücke und Reiter: kein Verschleiß, kein Riss</translation>
    </message>
    <message>
        <source>down at the bridge tuners, a little at each</source>
        <translation>an den Stimmmechaniken der Brücke herunter, an jeder ein wenig</translation>
    </message>
    <message>
        <source>open here</source>
        <translation>hier öffnen</translation>
    </message>
    <message>
        <source>out here</source>
        <translation>hier heraus</translation>
    </message>
    <message>
        <source>tape the pickups first</source>
        <translation>zuerst die Tonabnehmer abkleben</translation>
    </message>
    <message>
        <source>surplus off at the clamps; ends into the sharps tin</source>
        <translation>Überstand an den Klemmen ab; Enden in die Abfalldose</translation>
    </message>
    <message>
        <source>dive, let go, check</source>
        <translation>abtauchen, loslassen, prüfen</translation>
    </message>
    <message>
        <source>dive, let go, check; pull up, let go, check</source>
        <translation>abtauchen, loslassen, prüfen; hochziehen, loslassen, prüfen</translation>
    </message>
</context>
<context>
    <name>StepWords</name>
    <message>
        <source>Look it over</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>Look it over and answer three questions</source>
        <translation>Ansehen und drei Fragen beantworten</translation>
    </message>
    <message>
        <source>Bridge, strings and level decide the plan and its steps.</source>
        <translation>Brücke, Saiten und Plattenlage entscheiden über Plan und Schritte.</translation>
    </message>
    <message>
        <source>Loose bridge posts, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Lockere Brückenbolzen, Risse oder gehobenes Holz: aufhören, und zum Fachbetrieb damit.</translation>
    </message>
    <message>
        <source>the three answers are right</source>
        <translation>die drei Antworten stimmen</translation>
    </message>
    <message>
        <source>Ask the owner</source>
        <translation>Besitzer fragen</translation>
    </message>
    <message>
        <source>Ask how it is played</source>
        <translation>Fragen, wie sie gespielt wird</translation>
    </message>
    <message>
        <source>playing style and extras are noted</source>
        <translation>Spielweise und Extras sind notiert</translation>
    </message>
    <message>
        <source>Strings off and on</source>
        <translation>Saiten ab und drauf</translation>
    </message>
    <message>
        <source>Note what comes off and what goes on</source>
        <translation>Notieren, was herunterkommt und was draufkommt</translation>
    </message>
    <message>
        <source>The difference in pull decides how much claw work there is.</source>
        <translation>Der Unterschied im Zug entscheidet, wie viel an der Federkralle zu tun ist.</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>Messschieber</translation>
    </message>
    <message>
        <source>both sets and tunings are noted</source>
        <translation>beide Sätze und Stimmungen sind notiert</translation>
    </message>
    <message>
        <source>Loose screws, worn edges or a crooked claw are blamed on the new strings later.</source>
        <translation>Lockere Schrauben, abgenutzte Kanten oder eine schiefe Federkralle schiebt man später auf die neuen Saiten.</translation>
    </message>
    <message>
        <source>ruler, feeler or card</source>
        <translation>Lineal, Fühlerlehre oder Karte</translation>
    </message>
    <message>
        <source>A truss rod that does not turn easily: stop, and send it to a professional repairer.</source>
        <translation>Ein Halsstab, der nicht leicht dreht: aufhören, und zum Fachbetrieb damit.</translation>
    </message>
    <message>
        <source>everything is ticked and the plate is judged</source>
        <translation>alles ist abgehakt und die Platte beurteilt</translation>
    </message>
    <message>
        <source>Agree the plan</source>
        <translation>Plan vereinbaren</translation>
    </message>
    <message>
        <source>Choose how this job is done</source>
        <translation>Wählen, wie dieser Auftrag gemacht wird</translation>
    </message>
    <message>
        <source>Each method costs passes, minutes or risk on this guitar; shop defaults are chosen.</source>
        <translation>Jedes Verfahren kostet an dieser Gitarre Durchgänge, Minuten oder Risiko; die Vorgaben der Werkstatt sind gewählt.</translation>
    </message>
    <message>
        <source>methods, claw turns and minutes are agreed</source>
        <translation>Verfahren, Drehungen der Federkralle und Minuten sind vereinbart</translation>
    </message>
    <message>
        <source>Lay out tools</source>
        <translation>Werkzeug auslegen</translation>
    </message>
    <message>
        <source>Lay everything out before the first screw</source>
        <translation>Alles vor der ersten Schraube auslegen</translation>
    </message>
    <message>
        <source>A drill winder catches hair and fingers: never near pitch.</source>
        <translation>Eine Bohrkurbel fängt Haare und Finger: nie nahe der Tonhöhe.</translation>
    </message>
    <message>
        <source>everything is within reach</source>
        <translation>alles ist in Reichweite</translation>
    </message>
    <message>
        <source>Unlock the nut</source>
        <translation>Sattelklemmung öffnen</translation>
    </message>
    <message>
        <source>Unlock the nut, lay its caps in order</source>
        <translation>Sattelklemmung öffnen, Klemmplatten der Reihe nach auslegen</translation>
    </message>
    <message>
        <source>A clamped string cannot be slackened; a nut cap fits its own groove.</source>
        <translation>Eine geklemmte Saite lässt sich nicht entspannen; eine Klemmplatte passt zu ihrer eigenen Rille.</translation>
    </message>
    <message>
        <source>nut caps and bolts are in order, the right way round</source>
        <translation>Klemmplatten und Schrauben sind in der Reihe, richtig herum</translation>
    </message>
    <message>
        <source>Arm off</source>
        <translation>Hebel ab</translation>
    </message>
    <message>
        <source>Take the arm off</source>
        <translation>Den Hebel abnehmen</translation>
    </message>
    <message>
        <source>An arm under a string or on the bench moves the bridge.</source>
        <translation>Ein Hebel unter einer Saite oder auf der Werkbank bewegt die Brücke.</translation>
    </message>
    <message>
        <source>nothing touches the arm</source>
        <translation>nichts berührt den Hebel</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Klotz hinein</translation>
    </message>
    <message>
        <source>block, padded</source>
        <translation>Klotz, gepolstert</translation>
    </message>
    <message>
        <source>slackening one string does not move the plate</source>
        <translation>eine Saite zu entspannen bewegt die Platte nicht</translation>
    </message>
    <message>
        <source>Back cover off</source>
        <translation>Rückdeckel ab</translation>
    </message>
    <message>
        <source>Turn it over, take the back cover off</source>
        <translation>Umdrehen, Rückdeckel abnehmen</translation>
    </message>
    <message>
        <source>Claw and springs are behind it.</source>
        <translation>Federkralle und Federn sind dahinter.</translation>
    </message>
    <message>
        <source>screwdriver</source>
        <translation>Schraubendreher</translation>
    </message>
    <message>
        <source>Lay the guitar on a soft, clean cloth.</source>
        <translation>Die Gitarre auf ein weiches, sauberes Tuch legen.</translation>
    </message>
    <message>
        <source>the claw is in sight</source>
        <translation>die Federkralle ist zu sehen</translation>
    </message>
    <message>
        <source>Slacken</source>
        <translation>Entspannen</translation>
    </message>
    <message>
        <source>Slacken every string until it is loose</source>
        <translation>Jede Saite entspannen, bis sie lose ist</translation>
    </message>
    <message>
        <source>Tension leaves evenly and nothing jumps.</source>
        <translation>Die Spannung geht gleichmäßig und nichts springt.</translation>
    </message>
    <message>
        <source>winder</source>
        <translation>Kurbel</translation>
    </message>
    <message>
        <source>no string sounds</source>
        <translation>keine Saite klingt</translation>
    </message>
    <message>
        <source>Cut the old strings</source>
        <translation>Alte Saiten schneiden</translation>
    </message>
    <message>
        <source>No bent end has to be pulled through the hardware.</source>
        <translation>Kein verbogenes Ende muss durch die Teile gezogen werden.</translation>
    </message>
    <message>
        <source>heavy cutters</source>
        <translation>kräftiger Seitenschneider</translation>
    </message>
    <message>
        <source>every string is in two</source>
        <translation>jede Saite ist durch</translation>
    </message>
    <message>
        <source>Take them out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>Unwind the pegs, lift the strings out</source>
        <translation>Mechaniken abwickeln, Saiten herausheben</translation>
    </message>
    <message>
        <source>Ball ends come out where they went in.</source>
        <translation>Kugelenden kommen da heraus, wo sie hineingingen.</translation>
    </message>
    <message>
        <source>no old string is left</source>
        <translation>keine alte Saite ist übrig</translation>
    </message>
    <message>
        <source>Preset fine tuners</source>
        <translation>Feinstimmer in Grundstellung</translation>
    </message>
    <message>
        <source>Set the fine tuners to their preset</source>
        <translation>Die Feinstimmer in Grundstellung bringen</translation>
    </message>
    <message>
        <source>all are at the same preset</source>
        <translation>alle sind in derselben Grundstellung</translation>
    </message>
    <message>
        <source>Dust</source>
        <translation>Staub</translation>
    </message>
    <message>
        <source>Wipe the dust from under the strings</source>
        <translation>Den Staub unter den Saiten wegwischen</translation>
    </message>
    <message>
        <source>cloth, brush</source>
        <translation>Tuch, Pinsel</translation>
    </message>
    <message>
        <source>top and fretboard are clean</source>
        <translation>Decke und Griffbrett sind sauber</translation>
    </message>
    <message>
        <source>Polish frets</source>
        <translation>Bünde polieren</translation>
    </message>
    <message>
        <source>0000 wool, tape, fret guard</source>
        <translation>0000er Wolle, Band, Bundschutz</translation>
    </message>
    <message>
        <source>frets shine and no filings are left</source>
        <translation>Bünde glänzen und keine Späne sind übrig</translation>
    </message>
    <message>
        <source>Oil the fretboard</source>
        <translation>Griffbrett ölen</translation>
    </message>
    <message>
        <source>Oil the fretboard, wait, wipe it dry</source>
        <translation>Griffbrett ölen, warten, trocken wischen</translation>
    </message>
    <message>
        <source>Dry wood shrinks from its frets; wet wood swells.</source>
        <translation>Trockenes Holz schrumpft von seinen Bünden; nasses quillt.</translation>
    </message>
    <message>
        <source>fretboard oil, cloth</source>
        <translation>Griffbrettöl, Tuch</translation>
    </message>
    <message>
        <source>the fretboard is dry to the touch</source>
        <translation>das Griffbrett fühlt sich trocken an</translation>
    </message>
    <message>
        <source>Peg nuts</source>
        <translation>Muttern der Mechaniken</translation>
    </message>
    <message>
        <source>Snug the nuts of the pegs</source>
        <translation>Die Muttern der Mechaniken anziehen</translation>
    </message>
    <message>
        <source>A peg that moves in its hole lets its string go flat.</source>
        <translation>Eine Mechanik, die in ihrem Loch wackelt, lässt ihre Saite sinken.</translation>
    </message>
    <message>
        <source>adjustable spanner</source>
        <translation>verstellbarer Schlüssel</translation>
    </message>
    <message>
        <source>no peg moves by hand</source>
        <translation>keine Mechanik lässt sich von Hand bewegen</translation>
    </message>
    <message>
        <source>Lay out the set</source>
        <translation>Satz auslegen</translation>
    </message>
    <message>
        <source>Lay the new strings out by gauge</source>
        <translation>Die neuen Saiten nach Stärke auslegen</translation>
    </message>
    <message>
        <source>Two strings may share a packet; alike ones are easily swapped.</source>
        <translation>Zwei Saiten können in einer Tüte sein; ähnliche sind leicht vertauscht.</translation>
    </message>
    <message>
        <source>every string is in its order</source>
        <translation>jede Saite ist in ihrer Reihe</translation>
    </message>
    <message>
        <source>Ball ends</source>
        <translation>Kugelenden</translation>
    </message>
    <message>
        <source>Cut each ball end off, twist and all</source>
        <translation>Jedes Kugelende mit dem Wickel abschneiden</translation>
    </message>
    <message>
        <source>The clamp needs plain, straight string.</source>
        <translation>Die Klemme braucht blanke, gerade Saite.</translation>
    </message>
    <message>
        <source>every end is clean and straight</source>
        <translation>jedes Ende ist sauber und gerade</translation>
    </message>
    <message>
        <source>Seat the strings</source>
        <translation>Saiten einsetzen</translation>
    </message>
    <message>
        <source>Push each string in, ball to the bottom</source>
        <translation>Jede Saite hinein, Kugel bis auf den Grund</translation>
    </message>
    <message>
        <source>A ball on an edge slips at pitch.</source>
        <translation>Eine Kugel auf einer Kante rutscht bei Tonhöhe.</translation>
    </message>
    <message>
        <source>a firm pull moves none of them</source>
        <translation>ein fester Zug bewegt keine davon</translation>
    </message>
    <message>
        <source>Through the nut</source>
        <translation>Durch den Sattel</translation>
    </message>
    <message>
        <source>Lead each string into its own slot</source>
        <translation>Jede Saite in ihre eigene Kerbe führen</translation>
    </message>
    <message>
        <source>A string on the wrong side crosses its neighbour.</source>
        <translation>Eine Saite auf der falschen Seite kreuzt ihre Nachbarin.</translation>
    </message>
    <message>
        <source>every string is in its own slot</source>
        <translation>jede Saite ist in ihrer Kerbe</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Aufwickeln</translation>
    </message>
    <message>
        <source>Wind each string, only until taut</source>
        <translation>Jede Saite aufwickeln, nur bis sie straff ist</translation>
    </message>
    <message>
        <source>Wraps hold the string; more than needed only settle longer.</source>
        <translation>Wicklungen halten die Saite; mehr als nötig setzen sich nur länger.</translation>
    </message>
    <message>
        <source>all strings are taut, wraps side by side</source>
        <translation>alle Saiten sind straff, Wicklung neben Wicklung</translation>
    </message>
    <message>
        <source>Change one string</source>
        <translation>Eine Saite wechseln</translation>
    </message>
    <message>
        <source>Change this string and bring it to pitch</source>
        <translation>Diese Saite wechseln und auf Tonhöhe bringen</translation>
    </message>
    <message>
        <source>winder, heavy cutters</source>
        <translation>Kurbel, kräftiger Seitenschneider</translation>
    </message>
    <message>
        <source>this string is at pitch</source>
        <translation>diese Saite ist auf Tonhöhe</translation>
    </message>
    <message>
        <source>Rough tune</source>
        <translation>Vorstimmen</translation>
    </message>
    <message>
        <source>Bring all strings up from below</source>
        <translation>Alle Saiten von unten heraufbringen</translation>
    </message>
    <message>
        <source>The first pass only has to come near.</source>
        <translation>Der erste Durchgang muss nur nahe kommen.</translation>
    </message>
    <message>
        <source>tuner</source>
        <translation>Stimmgerät</translation>
    </message>
    <message>
        <source>every string is within a half step</source>
        <translation>jede Saite ist auf einen Halbton genau</translation>
    </message>
    <message>
        <source>Block out</source>
        <translation>Klotz heraus</translation>
    </message>
    <message>
        <source>Now strings and springs balance.</source>
        <translation>Jetzt halten sich Saiten und Federn die Waage.</translation>
    </message>
    <message>
        <source>the bridge floats free</source>
        <translation>die Brücke schwebt frei</translation>
    </message>
    <message>
        <source>Stretch and settle</source>
        <translation>Dehnen und setzen</translation>
    </message>
    <message>
        <source>Stretch every string along its whole length</source>
        <translation>Jede Saite der ganzen Länge nach dehnen</translation>
    </message>
    <message>
        <source>a stretch no longer drops the pitch</source>
        <translation>Dehnen senkt die Tonhöhe nicht mehr</translation>
    </message>
    <message>
        <source>Play it in</source>
        <translation>Einspielen</translation>
    </message>
    <message>
        <source>Bend every string a whole step, play</source>
        <translation>Jede Saite einen Ganzton ziehen, spielen</translation>
    </message>
    <message>
        <source>it keeps its pitch through bends</source>
        <translation>sie hält die Tonhöhe beim Bending</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Plattenlage</translation>
    </message>
    <message>
        <source>Bring the plate level with the claw</source>
        <translation>Die Platte mit der Federkralle eben stellen</translation>
    </message>
    <message>
        <source>Only a settled bridge at pitch shows its true level.</source>
        <translation>Nur eine gesetzte Brücke auf Tonhöhe zeigt ihre wahre Lage.</translation>
    </message>
    <message>
        <source>screwdriver, gauge or ruler</source>
        <translation>Schraubendreher, Lehre oder Lineal</translation>
    </message>
    <message>
        <source>the rear gap is that of a level plate</source>
        <translation>der hintere Spalt ist der einer ebenen Platte</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Set the height on both bridge posts</source>
        <translation>Die Höhe an beiden Brückenbolzen einstellen</translation>
    </message>
    <message>
        <source>Height moves pitch and level, so it comes before the last passes.</source>
        <translation>Die Höhe bewegt Tonhöhe und Plattenlage, darum kommt sie vor den letzten Durchgängen.</translation>
    </message>
    <message>
        <source>ruler</source>
        <translation>Lineal</translation>
    </message>
    <message>
        <source>Strings slack first, then turn, then retune: bridge posts and edges wear under tension.</source>
        <translation>Zuerst Saiten entspannen, dann drehen, dann nachstimmen: Bolzen und Kanten verschleißen unter Spannung.</translation>
    </message>
    <message>
        <source>the action is right on both sides</source>
        <translation>die Saitenlage stimmt auf beiden Seiten</translation>
    </message>
    <message>
        <source>Intonate</source>
        <translation>Oktaven</translation>
    </message>
    <message>
        <source>Set each saddle so the octave is true</source>
        <translation>Jeden Reiter so stellen, dass die Oktave stimmt</translation>
    </message>
    <message>
        <source>Saddles move pitch and level, so they come before the last passes.</source>
        <translation>Reiter bewegen Tonhöhe und Plattenlage, darum kommen sie vor den letzten Durchgängen.</translation>
    </message>
    <message>
        <source>Slacken a string before its saddle is moved.</source>
        <translation>Eine Saite entspannen, bevor ihr Reiter bewegt wird.</translation>
    </message>
    <message>
        <source>open and fretted octave agree</source>
        <translation>leere und gegriffene Oktave stimmen überein</translation>
    </message>
    <message>
        <source>Tune</source>
        <translation>Stimmen</translation>
    </message>
    <message>
        <source>Tune each string to its aim</source>
        <translation>Jede Saite auf ihren Zielwert stimmen</translation>
    </message>
    <message>
        <source>strings and plate are within tolerance</source>
        <translation>Saiten und Platte sind innerhalb der Toleranz</translation>
    </message>
    <message>
        <source>Lock the nut</source>
        <translation>Sattel klemmen</translation>
    </message>
    <message>
        <source>Tighten the nut caps in their order</source>
        <translation>Die Klemmplatten der Reihe nach anziehen</translation>
    </message>
    <message>
        <source>From here only the fine tuners tune.</source>
        <translation>Ab hier stimmen nur noch die Feinstimmer.</translation>
    </message>
    <message>
        <source>pitch moved no further than the fine tuners reach</source>
        <translation>die Tonhöhe wanderte nicht weiter, als die Feinstimmer reichen</translation>
    </message>
    <message>
        <source>Fine tune</source>
        <translation>Feinstimmen</translation>
    </message>
    <message>
        <source>Fine-tune, held as it is played</source>
        <translation>Feinstimmen, in Spielhaltung</translation>
    </message>
    <message>
        <source>On its back its pitch differs.</source>
        <translation>Auf dem Rücken ist ihre Tonhöhe anders.</translation>
    </message>
    <message>
        <source>every string is in tune as it is played</source>
        <translation>jede Saite ist in Spielhaltung gestimmt</translation>
    </message>
    <message>
        <source>Trim string ends</source>
        <translation>Saitenenden kürzen</translation>
    </message>
    <message>
        <source>Trim the string ends at the string posts</source>
        <translation>Die Saitenenden an den Achsen kürzen</translation>
    </message>
    <message>
        <source>Long ends scratch hands and lacquer.</source>
        <translation>Lange Enden kratzen Hände und Lack.</translation>
    </message>
    <message>
        <source>cutters</source>
        <translation>Seitenschneider</translation>
    </message>
    <message>
        <source>no end sticks out</source>
        <translation>kein Ende steht vor</translation>
    </message>
    <message>
        <source>Back cover on</source>
        <translation>Rückdeckel drauf</translation>
    </message>
    <message>
        <source>Put the back cover on</source>
        <translation>Den Rückdeckel anschrauben</translation>
    </message>
    <message>
        <source>It keeps dust out and springs in.</source>
        <translation>Er hält Staub draußen und Federn drinnen.</translation>
    </message>
    <message>
        <source>all screws are in</source>
        <translation>alle Schrauben sind drin</translation>
    </message>
    <message>
        <source>Arm in</source>
        <translation>Hebel dran</translation>
    </message>
    <message>
        <source>Put the arm in</source>
        <translation>Den Hebel einsetzen</translation>
    </message>
    <message>
        <source>The return test needs it.</source>
        <translation>Die Rückkehrprobe braucht ihn.</translation>
    </message>
    <message>
        <source>it swings as the owner likes it</source>
        <translation>er schwingt, wie der Besitzer es mag</translation>
    </message>
    <message>
        <source>Return to pitch</source>
        <translation>Rückkehr zur Tonhöhe</translation>
    </message>
    <message>
        <source>Dive, pull up, bend; check before and after</source>
        <translation>Abtauchen, hochziehen, ziehen; vorher und nachher prüfen</translation>
    </message>
    <message>
        <source>What hangs at nut, saddle or pivot shows now.</source>
        <translation>Was an Sattel, Reiter oder Drehpunkt hängt, zeigt sich jetzt.</translation>
    </message>
    <message>
        <source>Watch the body edge: the arm must not strike it.</source>
        <translation>Auf die Korpuskante achten: der Hebel darf sie nicht treffen.</translation>
    </message>
    <message>
        <source>every string comes back within tolerance</source>
        <translation>jede Saite kommt innerhalb der Toleranz zurück</translation>
    </message>
    <message>
        <source>Hand over</source>
        <translation>Übergeben</translation>
    </message>
    <message>
        <source>Write the note and the next date</source>
        <translation>Die Notiz und den nächsten Termin schreiben</translation>
    </message>
    <message>
        <source>The same gauge next time saves the balance.</source>
        <translation>Dieselbe Stärke beim nächsten Mal erhält das Gleichgewicht.</translation>
    </message>
    <message>
        <source>sheet, parts and follow-ups are written</source>
        <translation>Blatt, Teile und Nacharbeiten sind geschrieben</translation>
    </message>
    <message>
        <source>A loose shaft, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Eine lockere Welle, Risse oder gehobenes Holz: aufhören, und zum Fachbetrieb damit.</translation>
    </message>
    <message>
        <source>Bridge and strings decide the plan and its steps.</source>
        <translation>Brücke und Saiten entscheiden über Plan und Schritte.</translation>
    </message>
    <message>
        <source>Cracks or a lifting bridge: stop, and send it to a professional repairer.</source>
        <translation>Risse oder eine sich hebende Brücke: aufhören, und zum Fachbetrieb damit.</translation>
    </message>
    <message>
        <source>The difference in pull decides where the arm ends up.</source>
        <translation>Der Unterschied im Zug entscheidet, wo der Hebel endet.</translation>
    </message>
    <message>
        <source>Gauges decide how hard each string pulls; the bridge does not move.</source>
        <translation>Die Stärken entscheiden, wie kräftig jede Saite zieht; die Brücke bewegt sich nicht.</translation>
    </message>
    <message>
        <source>Loose screws or a dry shaft are blamed on the new strings later.</source>
        <translation>Lockere Schrauben oder eine trockene Welle schiebt man später auf die neuen Saiten.</translation>
    </message>
    <message>
        <source>everything is ticked</source>
        <translation>alles ist abgehakt</translation>
    </message>
    <message>
        <source>Loose screws or worn saddles are blamed on the new strings later.</source>
        <translation>Lockere Schrauben oder abgenutzte Reiter schiebt man später auf die neuen Saiten.</translation>
    </message>
    <message>
        <source>methods and minutes are agreed</source>
        <translation>Verfahren und Minuten sind vereinbart</translation>
    </message>
    <message>
        <source>Open the clamps at the nut</source>
        <translation>Die Klemmen am Sattel öffnen</translation>
    </message>
    <message>
        <source>A clamped string cannot be slackened.</source>
        <translation>Eine geklemmte Saite lässt sich nicht entspannen.</translation>
    </message>
    <message>
        <source>every clamp is open</source>
        <translation>jede Klemme ist offen</translation>
    </message>
    <message>
        <source>Swing the arm clear of the strings</source>
        <translation>Den Hebel von den Saiten wegschwenken</translation>
    </message>
    <message>
        <source>Tape open inserts first. Lay the guitar on a soft, clean cloth.</source>
        <translation>Offene Klemmstücke zuerst abkleben. Die Gitarre auf ein weiches, sauberes Tuch legen.</translation>
    </message>
    <message>
        <source>Slacken all strings but one</source>
        <translation>Alle Saiten bis auf eine entspannen</translation>
    </message>
    <message>
        <source>One string keeps shaft and spring in place.</source>
        <translation>Eine Saite hält Welle und Feder an ihrem Platz.</translation>
    </message>
    <message>
        <source>all but one are loose</source>
        <translation>alle bis auf eine sind lose</translation>
    </message>
    <message>
        <source>Unwind, open the saddles, lift strings out</source>
        <translation>Abwickeln, Reiter öffnen, Saiten herausheben</translation>
    </message>
    <message>
        <source>Half a turn to two turns open a clamp; further out, its insert falls.</source>
        <translation>Eine halbe bis zwei Umdrehungen öffnen eine Klemme; weiter heraus fällt ihr Klemmstück.</translation>
    </message>
    <message>
        <source>no old string is left and every insert is in its saddle</source>
        <translation>keine alte Saite ist übrig und jedes Klemmstück in seinem Reiter</translation>
    </message>
    <message>
        <source>saddle clamps</source>
        <translation>Reiterklemmen</translation>
    </message>
    <message>
        <source>Unwind the pegs, push the strings out</source>
        <translation>Mechaniken abwickeln, Saiten herausdrücken</translation>
    </message>
    <message>
        <source>Ball ends come out behind, through the sustain block.</source>
        <translation>Kugelenden kommen hinten heraus, durch den Sustainblock.</translation>
    </message>
    <message>
        <source>Open both ends, lift the strings out</source>
        <translation>Beide Enden öffnen, Saiten herausheben</translation>
    </message>
    <message>
        <source>Seat each string and clamp it</source>
        <translation>Jede Saite einsetzen und klemmen</translation>
    </message>
    <message>
        <source>A crooked or high string pops out at pitch.</source>
        <translation>Eine schiefe oder zu hohe Saite springt bei Tonhöhe heraus.</translation>
    </message>
    <message>
        <source>Hook each ball end in</source>
        <translation>Jedes Kugelende einhängen</translation>
    </message>
    <message>
        <source>Under the retainer bar, on its own side of each screw.</source>
        <translation>Unter die Niederhalterstange, auf die eigene Seite jeder Schraube.</translation>
    </message>
    <message>
        <source>every string is in its clamp</source>
        <translation>jede Saite ist in ihrer Klemme</translation>
    </message>
    <message>
        <source>all strings are taut</source>
        <translation>alle Saiten sind straff</translation>
    </message>
    <message>
        <source>The other strings keep shaft and spring in place.</source>
        <translation>Die anderen Saiten halten Welle und Feder an ihrem Platz.</translation>
    </message>
    <message>
        <source>The other strings keep the neck as it is.</source>
        <translation>Die anderen Saiten halten den Hals, wie er ist.</translation>
    </message>
    <message>
        <source>Set the claw so the plate rests firmly</source>
        <translation>Die Federkralle so stellen, dass die Platte fest aufliegt</translation>
    </message>
    <message>
        <source>The springs hold the plate on the body, with force to spare for bends.</source>
        <translation>Die Federn halten die Platte auf dem Korpus, mit Kraft übrig fürs Ziehen.</translation>
    </message>
    <message>
        <source>the plate rests, and stays at rest in a bend</source>
        <translation>die Platte liegt auf und bleibt beim Bending liegen</translation>
    </message>
    <message>
        <source>Bring the arm to its height</source>
        <translation>Den Hebel auf seine Höhe bringen</translation>
    </message>
    <message>
        <source>Spring and packing decide where the arm is.</source>
        <translation>Feder und Unterlage entscheiden, wo der Hebel ist.</translation>
    </message>
    <message>
        <source>the arm is at its height</source>
        <translation>der Hebel ist auf seiner Höhe</translation>
    </message>
    <message>
        <source>Set the height at the bridge</source>
        <translation>Die Höhe an der Brücke einstellen</translation>
    </message>
    <message>
        <source>Height moves pitch, so it comes before the last pass.</source>
        <translation>Die Höhe bewegt die Tonhöhe, darum kommt sie vor dem letzten Durchgang.</translation>
    </message>
    <message>
        <source>Strings slack first. Do not turn the studs of a stop tailpiece under tension.</source>
        <translation>Zuerst Saiten entspannen. Die Bolzen eines Stoppsaitenhalters nicht unter Spannung drehen.</translation>
    </message>
    <message>
        <source>A locking saddle has to be slack to move: before the last passes.</source>
        <translation>Ein Klemmreiter muss entspannt sein, um sich zu bewegen: vor den letzten Durchgängen.</translation>
    </message>
    <message>
        <source>Place the bridge so octaves are true</source>
        <translation>Die Brücke so setzen, dass Oktaven stimmen</translation>
    </message>
    <message>
        <source>Slacken the strings before the bridge is moved; one stays on.</source>
        <translation>Saiten entspannen, bevor die Brücke bewegt wird; eine bleibt drauf.</translation>
    </message>
    <message>
        <source>strings are within tolerance and the arm is at its height</source>
        <translation>Saiten sind innerhalb der Toleranz und der Hebel auf seiner Höhe</translation>
    </message>
    <message>
        <source>Tune each string to pitch</source>
        <translation>Jede Saite auf Tonhöhe stimmen</translation>
    </message>
    <message>
        <source>every string is within tolerance</source>
        <translation>jede Saite ist innerhalb der Toleranz</translation>
    </message>
    <message>
        <source>Close each clamp at the nut</source>
        <translation>Jede Klemme am Sattel schließen</translation>
    </message>
    <message>
        <source>From here only the bridge tuners tune.</source>
        <translation>Ab hier stimmen nur noch die Stimmmechaniken der Brücke.</translation>
    </message>
    <message>
        <source>pitch moved no further than the bridge tuners reach</source>
        <translation>die Tonhöhe wanderte nicht weiter, als die Stimmmechaniken der Brücke reichen</translation>
    </message>
    <message>
        <source>Bring the arm back over the strings</source>
        <translation>Den Hebel zurück über die Saiten bringen</translation>
    </message>
    <message>
        <source>What hangs at nut, bridge or shaft shows now.</source>
        <translation>Was an Sattel, Brücke oder Welle hängt, zeigt sich jetzt.</translation>
    </message>
    <message>
        <source>Dive and bend; check before and after</source>
        <translation>Abtauchen und ziehen; vorher und nachher prüfen</translation>
    </message>
    <message>
        <source>The same gauge next time keeps neck and action.</source>
        <translation>Dieselbe Stärke beim nächsten Mal erhält Hals und Saitenlage.</translation>
    </message>
    <message>
        <source>nut caps</source>
        <translation>Klemmplatten</translation>
    </message>
    <message>
        <source>saddles</source>
        <translation>Reiter</translation>
    </message>
    <message>
        <source>bridge posts</source>
        <translation>Brückenbolzen</translation>
    </message>
    <message>
        <source>back cover</source>
        <translation>Rückdeckel</translation>
    </message>
    <message>
        <source>Cut the bridge end, the ball stays at the headstock</source>
        <translation>Das Brückenende schneiden, die Kugel bleibt an der Kopfplatte</translation>
    </message>
    <message>
        <source>Unlock the nut, caps and bolts in one tray</source>
        <translation>Sattelklemmung öffnen, Klemmplatten und Schrauben in eine Schale</translation>
    </message>
    <message>
        <source>Loosen the nut caps until the strings slide</source>
        <translation>Klemmplatten lockern, bis die Saiten gleiten</translation>
    </message>
    <message>
        <source>Tighten the nut caps, the right way round</source>
        <translation>Klemmplatten anziehen, richtig herum</translation>
    </message>
    <message>
        <source>Lead each string under its loosened cap</source>
        <translation>Jede Saite unter ihre gelockerte Klemmplatte führen</translation>
    </message>
    <message>
        <source>Wind: first wrap over the string end, then under</source>
        <translation>Wickeln: erste über das Saitenende, dann darunter</translation>
    </message>
    <message>
        <source>Wind each string, every wrap under the last</source>
        <translation>Jede Saite wickeln, jede Wicklung unter die letzte</translation>
    </message>
    <message>
        <source>Tie each string at its string post</source>
        <translation>Jede Saite an ihrer Achse knoten, Zugabe einziehen</translation>
    </message>
    <message>
        <source>Stretch every string hard along its whole length</source>
        <translation>Jede Saite der ganzen Länge nach kräftig dehnen</translation>
    </message>
    <message>
        <source>Press every string down behind nut and saddle</source>
        <translation>Jede Saite hinter Sattel und Reiter niederdrücken</translation>
    </message>
    <message>
        <source>Take the block out for good</source>
        <translation>Den Klotz endgültig herausnehmen</translation>
    </message>
    <message>
        <source>Bring strings up singly, look along the plate</source>
        <translation>Saiten einzeln hochbringen, an der Platte entlangsehen</translation>
    </message>
    <message>
        <source>Bring each string up and stretch it</source>
        <translation>Jede Saite hochbringen und dehnen</translation>
    </message>
    <message>
        <source>Slacken a whole step, turn the claw, retune</source>
        <translation>Einen Ganzton nachlassen, Federkralle drehen, nachstimmen</translation>
    </message>
    <message>
        <source>Fine-tune on the bench, leaving the offset below</source>
        <translation>Auf der Werkbank feinstimmen, mit dem Unterschied unten</translation>
    </message>
    <message>
        <source>hex key for the %1 (size not noted yet)</source>
        <translation>Innensechskantschlüssel für %1 (Größe noch nicht notiert)</translation>
    </message>
    <message>
        <source>hex key %1 for the %2</source>
        <translation>Innensechskantschlüssel %1 für %2</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>%1 wechseln</translation>
    </message>
    <message>
        <source>Change %1 and bring it to pitch</source>
        <translation>%1 wechseln und auf Tonhöhe bringen</translation>
    </message>
    <message>
        <source>Intake</source>
        <translation>Annahme</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Abbau</translation>
    </message>
    <message>
        <source>String</source>
        <translation>Aufziehen</translation>
    </message>
    <message>
        <source>Balance</source>
        <translation>Balance</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Klemmen</translation>
    </message>
    <message>
        <source>tension on</source>
        <translation>Spannung drauf</translation>
    </message>
    <message>
        <source>BLOCK IN</source>
        <translation>KLOTZ DRIN</translation>
    </message>
    <message>
        <source>NUT UNLOCKED</source>
        <translation>SATTEL OFFEN</translation>
    </message>
    <message>
        <source>INSERTS OPEN</source>
        <translation>KLEMMSTÜCKE OFFEN</translation>
    </message>
    <message>
        <source>strings not settled</source>
        <translation>Saiten nicht gesetzt</translation>
    </message>
    <message>
        <source>back cover off</source>
        <translation>Rückdeckel ab</translation>
    </message>
    <message>
        <source>arm in</source>
        <translation>Hebel dran</translation>
    </message>
    <message>
        <source>truss rod</source>
        <translation>Halsstab</translation>
    </message>
    <message>
        <source>Vibrato, bends and another action change tuning, locking and height.</source>
        <translation>Vibrato, Bendings und eine andere Saitenlage ändern Stimmen, Klemmen und Höhe.</translation>
    </message>
    <message>
        <source>Check whether your caliper shows mm or inches.</source>
        <translation>Prüfen, ob der Messschieber mm oder Zoll zeigt.</translation>
    </message>
    <message>
        <source>Inspect the guitar</source>
        <translation>Die Gitarre untersuchen</translation>
    </message>
    <message>
        <source>Inspect it with the old strings on</source>
        <translation>Mit den alten Saiten untersuchen</translation>
    </message>
    <message>
        <source>Have every tool ready before strings come off.</source>
        <translation>Jedes Werkzeug bereithaben, bevor Saiten abkommen.</translation>
    </message>
    <message>
        <source>A bolt that does not turn: do not force it. A drop of oil, or a professional repairer.</source>
        <translation>Ein Bolzen, der sich nicht dreht: nicht zwingen. Ein Tropfen Öl, oder ein Fachbetrieb.</translation>
    </message>
    <message>
        <source>Raise the rear edge; slide the block in</source>
        <translation>Hinterkante heben, Klotz hineinschieben</translation>
    </message>
    <message>
        <source>Without strings, springs pull the plate into the body.</source>
        <translation>Ohne Saiten ziehen die Federn die Platte in den Korpus.</translation>
    </message>
    <message>
        <source>Ease the plate onto it, never let it snap. Block padded, on flat metal, clear of screws. Tape a battery&apos;s terminals.</source>
        <translation>Die Platte sanft absetzen, nie schnappen lassen. Klotz gepolstert, auf ebenem Metall, frei von Schrauben. Batteriepole abkleben.</translation>
    </message>
    <message>
        <source>Wear safety glasses, face out of line with the strings. A drill winder: slow, hair and fingers clear.</source>
        <translation>Schutzbrille tragen, Gesicht nicht in Richtung der Saiten. Akkukurbel: langsam, Haare und Finger weg.</translation>
    </message>
    <message>
        <source>Cut each slack string in the middle</source>
        <translation>Jede lose Saite in der Mitte durchschneiden</translation>
    </message>
    <message>
        <source>Never cut under tension. Wear safety glasses. Sharp ends go into the sharps tin: count them.</source>
        <translation>Nie unter Spannung schneiden. Schutzbrille tragen. Scharfe Enden in die Abfalldose: zählen.</translation>
    </message>
    <message>
        <source>A string that sticks: back it out, never force it. Sharp ends go into the sharps tin.</source>
        <translation>Eine Saite, die klemmt: zurückschieben, nie zwingen. Scharfe Enden in die Abfalldose.</translation>
    </message>
    <message>
        <source>Once the nut is locked only they can tune.</source>
        <translation>Ist der Sattel geklemmt, stimmen nur noch sie.</translation>
    </message>
    <message>
        <source>With strings off, everything is within reach.</source>
        <translation>Ohne Saiten ist alles erreichbar.</translation>
    </message>
    <message>
        <source>Spray the cloth, not the guitar. Air the room, dry the cloths flat.</source>
        <translation>Das Tuch besprühen, nicht die Gitarre. Lüften, Tücher flach trocknen.</translation>
    </message>
    <message>
        <source>Tape the pickups, polish the frets</source>
        <translation>Tonabnehmer abkleben, Bünde polieren</translation>
    </message>
    <message>
        <source>Filings stick to a pickup&apos;s magnets.</source>
        <translation>Späne haften an den Magneten der Tonabnehmer.</translation>
    </message>
    <message>
        <source>Wear a dust mask. Wipe up filings before peeling the tape.</source>
        <translation>Staubmaske tragen. Späne aufwischen, bevor das Band abgezogen wird.</translation>
    </message>
    <message>
        <source>Keep oil off lacquer and raw wood. Air the room. Dry oily cloths flat: in a heap they can catch fire.</source>
        <translation>Kein Öl auf Lack und rohes Holz. Lüften. Ölige Tücher flach trocknen: im Haufen können sie sich entzünden.</translation>
    </message>
    <message>
        <source>Uncoil slowly, safety glasses on, face clear: the ends spring.</source>
        <translation>Langsam entrollen, Schutzbrille auf, Gesicht weg: die Enden federn.</translation>
    </message>
    <message>
        <source>Wear safety glasses. Round-core wound strings: bend before cutting, or the winding comes loose. Sharp ends go into the sharps tin.</source>
        <translation>Schutzbrille tragen. Umsponnene Saiten mit rundem Kern vor dem Schneiden knicken, sonst löst sich die Umspinnung. Scharfe Enden in die Abfalldose.</translation>
    </message>
    <message>
        <source>The other strings keep the bridge near its place.</source>
        <translation>Die anderen Saiten halten die Brücke nahe an ihrem Platz.</translation>
    </message>
    <message>
        <source>Slacken before cutting, seat before tension. Wear safety glasses. Sharp ends go into the sharps tin.</source>
        <translation>Vor dem Schneiden entspannen, vor dem Spannen einsetzen. Schutzbrille tragen. Scharfe Enden in die Abfalldose.</translation>
    </message>
    <message>
        <source>Safety glasses on, face clear. Check the octave.</source>
        <translation>Schutzbrille auf, Gesicht weg. Die Oktave prüfen.</translation>
    </message>
    <message>
        <source>Lift the rear edge; draw the block out</source>
        <translation>Hinterkante heben, Klotz herausziehen</translation>
    </message>
    <message>
        <source>Hold the bridge and ease the plate down: it may jump.</source>
        <translation>Die Brücke halten und sanft absetzen: sie kann springen.</translation>
    </message>
    <message>
        <source>A string that still stretches goes flat on stage.</source>
        <translation>Eine Saite, die sich noch dehnt, wird auf der Bühne tief.</translation>
    </message>
    <message>
        <source>Safety glasses on. Never pull in one place: a kink ruins the string.</source>
        <translation>Schutzbrille auf. Nie an einer Stelle ziehen: ein Knick verdirbt die Saite.</translation>
    </message>
    <message>
        <source>What still stretches does so before the nut is locked.</source>
        <translation>Was sich noch dehnt, tut es vor dem Klemmen des Sattels.</translation>
    </message>
    <message>
        <source>Neck relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>Set the neck relief</source>
        <translation>Die Halskrümmung einstellen</translation>
    </message>
    <message>
        <source>Another pull bends the neck; height and intonation depend on it.</source>
        <translation>Anderer Zug biegt den Hals; Höhe und Oktaven hängen davon ab.</translation>
    </message>
    <message>
        <source>straightedge, feeler</source>
        <translation>Lineal, Fühlerlehre</translation>
    </message>
    <message>
        <source>Turn the rod in quarters. One that does not turn easily: stop, and send it to a professional repairer.</source>
        <translation>Den Halsstab in Vierteln drehen. Dreht er nicht leicht: aufhören, und zum Fachbetrieb damit.</translation>
    </message>
    <message>
        <source>the relief is as wanted at pitch</source>
        <translation>die Krümmung ist bei Stimmung wie gewünscht</translation>
    </message>
    <message>
        <source>Use a tip that fills the slot. A screw that turns without biting: stop; leave thread in the wood.</source>
        <translation>Eine Klinge nehmen, die den Schlitz füllt. Eine Schraube, die leer dreht: aufhören; Gewinde im Holz lassen.</translation>
    </message>
    <message>
        <source>Each aim allows for the strings tuned after it.</source>
        <translation>Jedes Ziel rechnet die Saiten ein, die danach kommen.</translation>
    </message>
    <message>
        <source>Safety glasses on, face clear at every tuning up.</source>
        <translation>Schutzbrille auf, Gesicht weg bei jedem Hochstimmen.</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more: a stripped bolt cannot be undone. Soft-metal copies: less.</source>
        <translation>Anziehen, bis es stoppt, dann etwas mehr: ein überdrehter Bolzen ist verloren. Kopien aus weichem Metall: weniger.</translation>
    </message>
    <message>
        <source>Wear safety glasses. Round-core wound strings: bend before cutting. Sharp ends go into the sharps tin.</source>
        <translation>Schutzbrille tragen. Umsponnene Saiten mit rundem Kern vor dem Schneiden knicken. Scharfe Enden in die Abfalldose.</translation>
    </message>
    <message>
        <source>Loose pivot screws, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Lose Lagerschrauben, Risse oder gehobenes Holz: aufhören, und zum Fachbetrieb damit.</translation>
    </message>
    <message>
        <source>Anything loose in the wood, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Etwas lose im Holz, Risse oder gehobenes Holz: aufhören, und zum Fachbetrieb damit.</translation>
    </message>
    <message>
        <source>the answers are right</source>
        <translation>die Antworten stimmen</translation>
    </message>
    <message>
        <source>Big bends or another action change tuning and height.</source>
        <translation>Weite Bendings oder eine andere Saitenlage ändern Stimmen und Höhe.</translation>
    </message>
    <message>
        <source>Each method costs minutes or risk on this guitar; shop defaults are chosen.</source>
        <translation>Jede Methode kostet an dieser Gitarre Minuten oder Risiko; die Vorgaben der Werkstatt sind gewählt.</translation>
    </message>
    <message>
        <source>Safety glasses are the first tool out.</source>
        <translation>Die Schutzbrille ist das erste Werkzeug.</translation>
    </message>
    <message>
        <source>Open the nut clamps</source>
        <translation>Sattelklemmen öffnen</translation>
    </message>
    <message>
        <source>Push the arm to raise the edge, ease the plate onto the block, never let it snap. Block padded, on flat metal, clear of screws. Tape a battery&apos;s terminals.</source>
        <translation>Den Hebel drücken, um die Kante zu heben, die Platte sanft auf den Klotz setzen, nie schnappen lassen. Klotz gepolstert, auf ebenem Metall, frei von Schrauben. Batteriepole abkleben.</translation>
    </message>
    <message>
        <source>Loosen every bridge tuner until slack</source>
        <translation>Jede Stimmmechanik der Brücke lösen, bis lose</translation>
    </message>
    <message>
        <source>Wear safety glasses, face out of line with the strings.</source>
        <translation>Schutzbrille tragen, Gesicht nicht in Richtung der Saiten.</translation>
    </message>
    <message>
        <source>Mark the loose bridge&apos;s place. If the last string must go, hold the shaft. Wear safety glasses, face out of line with the strings.</source>
        <translation>Den Platz der losen Brücke markieren. Muss die letzte Saite weg, die Welle halten. Schutzbrille tragen, Gesicht nicht in Richtung der Saiten.</translation>
    </message>
    <message>
        <source>A stop tailpiece falls when slack: hold it. Arch-top: mark the loose bridge first. Wear safety glasses, face out of line with the strings.</source>
        <translation>Ein Saitenhalter fällt ohne Zug: festhalten. Archtop: zuerst die lose Brücke markieren. Schutzbrille tragen, Gesicht nicht in Richtung der Saiten.</translation>
    </message>
    <message>
        <source>Cut only the slack strings</source>
        <translation>Nur die losen Saiten durchschneiden</translation>
    </message>
    <message>
        <source>The string that stays on keeps shaft and spring in place.</source>
        <translation>Die Saite, die bleibt, hält Welle und Feder am Platz.</translation>
    </message>
    <message>
        <source>Never cut the one at pitch. Wear safety glasses. Sharp ends go into the sharps tin: count them.</source>
        <translation>Nie die gestimmte durchschneiden. Schutzbrille tragen. Scharfe Enden in die Abfalldose: zählen.</translation>
    </message>
    <message>
        <source>every slack string is in two</source>
        <translation>jede lose Saite ist durchgeschnitten</translation>
    </message>
    <message>
        <source>Unwind the pegs, unhook the ball ends</source>
        <translation>Mechaniken abwickeln, Kugelenden aushängen</translation>
    </message>
    <message>
        <source>Ball ends hang on pins or are tied: look how before they come off.</source>
        <translation>Kugelenden hängen an Stiften oder sind gebunden: vor dem Abnehmen ansehen.</translation>
    </message>
    <message>
        <source>A pin that sticks: ease it, never pry. The string that stays on stays hooked. Sharp ends go into the sharps tin.</source>
        <translation>Ein Stift, der klemmt: lockern, nie hebeln. Die Saite, die bleibt, bleibt eingehängt. Scharfe Enden in die Abfalldose.</translation>
    </message>
    <message>
        <source>only the kept string is left</source>
        <translation>nur die behaltene Saite ist noch da</translation>
    </message>
    <message>
        <source>Unwind the bridge tuners almost to slack</source>
        <translation>Die Stimmmechaniken der Brücke fast herausdrehen</translation>
    </message>
    <message>
        <source>They take up all the slack; half-way in, they may run out before pitch.</source>
        <translation>Sie nehmen alle Lose auf; auf halbem Weg sind sie vor der Tonhöhe am Ende.</translation>
    </message>
    <message>
        <source>Preset bridge tuners</source>
        <translation>Brückenmechaniken voreinstellen</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more: over-tight breaks the saddle. Soft-metal copies: less.</source>
        <translation>Anziehen, bis es stoppt, dann etwas mehr: zu fest bricht der Reiter. Kopien aus weichem Metall: weniger.</translation>
    </message>
    <message>
        <source>Push each string through from behind</source>
        <translation>Jede Saite von hinten durchschieben</translation>
    </message>
    <message>
        <source>A ball on an edge slips at pitch. A little graphite in each nut slot lets the string slide back.</source>
        <translation>Eine Kugel auf einer Kante rutscht bei Tonhöhe. Etwas Graphit in jedem Sattelschlitz lässt die Saite zurückgleiten.</translation>
    </message>
    <message>
        <source>Unwind a tuner, hook its ball end in</source>
        <translation>Eine Mechanik herausdrehen, ihr Kugelende einhängen</translation>
    </message>
    <message>
        <source>The holder comes out only when its tuner is fully unwound.</source>
        <translation>Der Halter kommt erst heraus, wenn seine Mechanik ganz herausgedreht ist.</translation>
    </message>
    <message>
        <source>Hook each ball end on its pin</source>
        <translation>Jedes Kugelende an seinen Stift hängen</translation>
    </message>
    <message>
        <source>A ball end that has slipped off its pin jumps at pitch: crimp it or tie it.</source>
        <translation>Ein Kugelende, das vom Stift gerutscht ist, springt bei Tonhöhe: festpressen oder festbinden.</translation>
    </message>
    <message>
        <source>Keep the shaft under tension: one string stays on.</source>
        <translation>Die Welle unter Zug halten: eine Saite bleibt drauf.</translation>
    </message>
    <message>
        <source>Hold at fret 1, draw tight, clamp</source>
        <translation>Am 1. Bund halten, straff ziehen, klemmen</translation>
    </message>
    <message>
        <source>A string beside its clamp slips at pitch; slack in it uses up the tuner&apos;s travel.</source>
        <translation>Eine Saite neben ihrer Klemme rutscht bei Tonhöhe; Lose darin verbraucht den Weg der Mechanik.</translation>
    </message>
    <message>
        <source>Take up each string with its bridge tuner</source>
        <translation>Jede Saite mit ihrer Brückenmechanik straffen</translation>
    </message>
    <message>
        <source>The clamp holds the string, the bridge tuner takes up its slack.</source>
        <translation>Die Klemme hält die Saite, die Stimmmechanik der Brücke nimmt die Lose auf.</translation>
    </message>
    <message>
        <source>Wear safety glasses, face out of line with the strings. At the end of its travel: unwind, draw the string through the clamp, clamp again.</source>
        <translation>Schutzbrille tragen, Gesicht nicht in Richtung der Saiten. Am Ende des Wegs: herausdrehen, die Saite durch die Klemme ziehen, neu klemmen.</translation>
    </message>
    <message>
        <source>Wear safety glasses. Old slotted string posts break at a tight bend: push the end to the bottom, bend it once, wind slowly.</source>
        <translation>Schutzbrille tragen. Alte geschlitzte Mechanikachsen brechen an einem engen Knick: das Ende bis zum Grund stecken, einmal knicken, langsam wickeln.</translation>
    </message>
    <message>
        <source>Slacken before cutting. Ball end off, to the bottom of the saddle, clamp, pull to test, then tension. Wear safety glasses. Sharp ends go into the sharps tin.</source>
        <translation>Vor dem Schneiden entspannen. Kugelende ab, bis zum Grund des Reiters, klemmen, zur Probe ziehen, dann spannen. Schutzbrille tragen. Scharfe Enden in die Abfalldose.</translation>
    </message>
    <message>
        <source>Loosen the bridge tuner before opening a clamp. Hold the new string at fret 1, draw it tight, clamp, then tension. Wear safety glasses.</source>
        <translation>Die Stimmmechanik der Brücke lösen, bevor eine Klemme aufgeht. Die neue Saite am 1. Bund halten, straff ziehen, klemmen, dann spannen. Schutzbrille tragen.</translation>
    </message>
    <message>
        <source>New strings fall while they stretch; this pass only has to come near.</source>
        <translation>Neue Saiten fallen, solange sie sich dehnen; dieser Durchgang muss nur in die Nähe kommen.</translation>
    </message>
    <message>
        <source>Rest on the body</source>
        <translation>Auf dem Korpus ruhen</translation>
    </message>
    <message>
        <source>Hold the arm before its spring is lifted out. Never cut a spring or bend the arm.</source>
        <translation>Den Hebel halten, bevor seine Feder herausgehoben wird. Nie eine Feder kürzen oder den Hebel biegen.</translation>
    </message>
    <message>
        <source>Arm height</source>
        <translation>Hebelhöhe</translation>
    </message>
    <message>
        <source>The stabiliser&apos;s springs may drop out: hold them. Use a tip that fills the slot; leave thread in the wood.</source>
        <translation>Die Federn des Stabilisators können herausfallen: festhalten. Eine Klinge nehmen, die den Schlitz füllt; Gewinde im Holz lassen.</translation>
    </message>
    <message>
        <source>Set the height at the saddles</source>
        <translation>Die Höhe an den Reitern einstellen</translation>
    </message>
    <message>
        <source>Height moves pitch, so it comes before the last passes.</source>
        <translation>Die Höhe bewegt die Tonhöhe, darum kommt sie vor den letzten Durchgängen.</translation>
    </message>
    <message>
        <source>Slacken a string before its saddle screws are turned. The pivot screws stay as they are: inspect them.</source>
        <translation>Eine Saite entspannen, bevor ihre Reiterschrauben gedreht werden. Die Lagerschrauben bleiben, wie sie sind: untersuchen.</translation>
    </message>
    <message>
        <source>the action is right on every string</source>
        <translation>die Saitenlage stimmt bei jeder Saite</translation>
    </message>
    <message>
        <source>Slacken a string before its saddle is turned.</source>
        <translation>Eine Saite entspannen, bevor ihr Reiter gedreht wird.</translation>
    </message>
    <message>
        <source>Strings slack first, then turn, then retune; one stays on.</source>
        <translation>Zuerst Saiten lose, dann drehen, dann nachstimmen; eine bleibt drauf.</translation>
    </message>
    <message>
        <source>The bridge&apos;s place moves pitch, so it comes before the last passes.</source>
        <translation>Der Platz der Brücke bewegt die Tonhöhe, darum kommt er vor den letzten Durchgängen.</translation>
    </message>
    <message>
        <source>Saddles move pitch, so they come before the last pass.</source>
        <translation>Reiter bewegen die Tonhöhe, darum kommen sie vor dem letzten Durchgang.</translation>
    </message>
    <message>
        <source>Nothing moves: each string keeps the pitch it is tuned to.</source>
        <translation>Nichts bewegt sich: jede Saite behält die Tonhöhe, auf die sie gestimmt ist.</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more: a crushed string breaks there.</source>
        <translation>Anziehen, bis es stoppt, dann etwas mehr: eine gequetschte Saite bricht dort.</translation>
    </message>
    <message>
        <source>Close the nut clamps</source>
        <translation>Sattelklemmen schließen</translation>
    </message>
    <message>
        <source>Tune at the bridge, held as played</source>
        <translation>An der Brücke stimmen, in Spielhaltung</translation>
    </message>
    <message>
        <source>Trim the ends at the head clamp</source>
        <translation>Die Enden an der Kopfklemme kürzen</translation>
    </message>
    <message>
        <source>Only once every clamp is closed and tested. Wear safety glasses. Sharp ends go into the sharps tin.</source>
        <translation>Erst wenn jede Klemme geschlossen und geprüft ist. Schutzbrille tragen. Scharfe Enden in die Abfalldose.</translation>
    </message>
    <message>
        <source>Press, lift the arm; check before and after</source>
        <translation>Hebel drücken, heben; vorher und nachher prüfen</translation>
    </message>
    <message>
        <source>Tape the pickups, rub frets and fretboard lengthwise</source>
        <translation>Tonabnehmer abkleben, Bünde und Griffbrett längs reiben</translation>
    </message>
    <message>
        <source>Bring each string up; block out, inspect the plate</source>
        <translation>Jede Saite hochbringen; Klotz heraus, Platte ansehen</translation>
    </message>
</context>
<context>
    <name>StringLanes</name>
    <message>
        <source>String %1 is off</source>
        <translation>Saite %1 ist ab</translation>
    </message>
    <message>
        <source>String %1, %2: not read yet</source>
        <translation>Saite %1, %2: noch nicht abgelesen</translation>
    </message>
    <message>
        <source>String %1, %2: %3, measured</source>
        <translation>Saite %1, %2: %3, gemessen</translation>
    </message>
    <message>
        <source>String %1, %2: %3, calculated</source>
        <translation>Saite %1, %2: %3, berechnet</translation>
    </message>
    <message>
        <source>String %1, %2: %3, measured; aim %4</source>
        <translation>Saite %1, %2: %3, gemessen; Zielwert %4</translation>
    </message>
    <message>
        <source>String %1, %2: %3, calculated; aim %4</source>
        <translation>Saite %1, %2: %3, berechnet; Zielwert %4</translation>
    </message>
</context>
<context>
    <name>TimeBars</name>
    <message>
        <source>No finished job tells its times yet.</source>
        <translation>Noch kein fertiger Auftrag nennt seine Zeiten.</translation>
    </message>
    <message>
        <source>minutes × jobs</source>
        <translation>Minuten × Aufträge</translation>
    </message>
    <message>
        <source>%1: median %2 min, from %3 to %4</source>
        <translation>%1: Median %2 min, von %3 bis %4</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
</context>
<context>
    <name>Trends</name>
    <message>
        <source>Look for a sharp edge where the ball end seats.</source>
        <translation>Die Auflage des Kugelendes auf eine scharfe Kante ansehen.</translation>
    </message>
    <message>
        <source>Look at the hole of the string post: a burr; bend the string less tightly.</source>
        <translation>Das Loch der Mechanikachse auf Grat ansehen; die Saite weniger scharf knicken.</translation>
    </message>
    <message>
        <source>Look at the frets under it: a burr at a fret&apos;s end.</source>
        <translation>Die Bünde darunter ansehen: Grat an einem Bundende.</translation>
    </message>
    <message>
        <source>at the saddle</source>
        <translation>am Reiter</translation>
    </message>
    <message>
        <source>at the ball end</source>
        <translation>am Kugelende</translation>
    </message>
    <message>
        <source>between nut and saddle</source>
        <translation>zwischen Sattel und Reiter</translation>
    </message>
    <message>
        <source>at the nut</source>
        <translation>am Sattel</translation>
    </message>
    <message>
        <source>at the string post</source>
        <translation>an der Mechanikachse</translation>
    </message>
    <message>
        <source>not said where</source>
        <translation>Stelle nicht gesagt</translation>
    </message>
    <message numerus="yes">
        <source>String %1 broke %2, %n times.</source>
        <translation>
            <numerusform>Saite %1 ist %n-mal gerissen, %2.</numerusform>
            <numerusform>Saite %1 ist %n-mal gerissen, %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Look for a burr or a sharp edge on that saddle.</source>
        <translation>Diesen Reiter auf Grat oder scharfe Kante ansehen.</translation>
    </message>
    <message>
        <source>Look at its place in the nut: a burr, or a slot too narrow.</source>
        <translation>Ihren Platz im Sattel ansehen: Grat oder zu enge Kerbe.</translation>
    </message>
    <message>
        <source>String %1 did not come back from the arm in %2 of %3 jobs. Look at its place in the nut, its saddle and how it is held.</source>
        <translation>Saite %1 kam in %2 von %3 Aufträgen vom Hebel nicht zurück. Ihren Platz im Sattel, ihren Reiter und ihre Klemmung ansehen.</translation>
    </message>
</context>
<context>
    <name>TrialChart</name>
    <message>
        <source>median %1 passes, %2 min</source>
        <translation>Median %1 Durchgänge, %2 min</translation>
    </message>
    <message>
        <source>Not compared yet. Simulated guitars like this one, tuned by each method and by the adviser.</source>
        <translation>Noch nicht verglichen. Simulierte Gitarren wie diese, nach jedem Verfahren und vom Ratgeber gestimmt.</translation>
    </message>
    <message>
        <source>No trial has been played yet.</source>
        <translation>Noch kein Versuch wurde gespielt.</translation>
    </message>
    <message>
        <source>adviser</source>
        <translation>Ratgeber</translation>
    </message>
    <message>
        <source>%1 of %2 guitars in more than %3 passes</source>
        <translation>%1 von %2 Gitarren in mehr als %3 Durchgängen</translation>
    </message>
    <message>
        <source>%1 of %2 guitars in %3 passes at most</source>
        <translation>%1 von %2 Gitarren in höchstens %3 Durchgängen</translation>
    </message>
    <message>
        <source>passes until in tune and level, calculated</source>
        <translation>Durchgänge, bis gestimmt und eben, berechnet</translation>
    </message>
    <message>
        <source>Trial on %1 simulated guitars. Adviser: %2.</source>
        <translation>Versuch an %1 simulierten Gitarren. Ratgeber: %2.</translation>
    </message>
</context>
<context>
    <name>Troubleshooting</name>
    <message>
        <source>The bridge sinks or drops off its bridge posts when strings come off</source>
        <translation>Die Brücke sinkt oder fällt von ihren Bolzen, wenn Saiten abkommen</translation>
    </message>
    <message>
        <source>It was not blocked.</source>
        <translation>Sie war nicht verkeilt.</translation>
    </message>
    <message>
        <source>Block before the first string goes slack, or change one string at a time.</source>
        <translation>Klotz setzen, bevor die erste Saite locker wird, oder eine Saite nach der anderen wechseln.</translation>
    </message>
    <message>
        <source>Keep some tension on, or push the arm down and block first.</source>
        <translation>Etwas Spannung lassen oder zuerst den Hebel drücken und den Klotz setzen.</translation>
    </message>
    <message>
        <source>They share one bridge.</source>
        <translation>Sie teilen sich eine Brücke.</translation>
    </message>
    <message>
        <source>Judge nothing before all are on.</source>
        <translation>Nichts beurteilen, bevor alle drauf sind.</translation>
    </message>
    <message>
        <source>A string pings and goes flat, or pops out</source>
        <translation>Eine Saite knackt und sinkt oder springt heraus</translation>
    </message>
    <message>
        <source>Slacken, reseat it straight and to the bottom, clamp until it stops, pull to test.</source>
        <translation>Entspannen, gerade und bis auf den Grund einsetzen, klemmen, bis es steht, zur Probe ziehen.</translation>
    </message>
    <message>
        <source>Pull every string by hand before tuning.</source>
        <translation>Jede Saite vor dem Stimmen von Hand ziehen.</translation>
    </message>
    <message>
        <source>A string slips at its string post</source>
        <translation>Eine Saite rutscht an ihrer Achse</translation>
    </message>
    <message>
        <source>Too few wraps.</source>
        <translation>Zu wenige Wicklungen.</translation>
    </message>
    <message>
        <source>Rewind with one wrap more, first wrap over the string end.</source>
        <translation>Mit einer Wicklung mehr neu wickeln, die erste über das Saitenende.</translation>
    </message>
    <message>
        <source>A string breaks while it is tuned</source>
        <translation>Eine Saite reißt beim Stimmen</translation>
    </message>
    <message>
        <source>Wrong octave, wrong string in that place, or a kink.</source>
        <translation>Falsche Oktave, falsche Saite an diesem Platz oder ein Knick.</translation>
    </message>
    <message>
        <source>A string breaks at the nut</source>
        <translation>Eine Saite reißt am Sattel</translation>
    </message>
    <message>
        <source>Caps too tight, or a cap the wrong way round.</source>
        <translation>Klemmplatten zu fest, oder eine Klemmplatte falsch herum.</translation>
    </message>
    <message>
        <source>It was forced.</source>
        <translation>Sie wurde gezwungen.</translation>
    </message>
    <message>
        <source>An insert is missing</source>
        <translation>Ein Klemmstück fehlt</translation>
    </message>
    <message>
        <source>The guitar was turned over with clamps open.</source>
        <translation>Die Gitarre wurde mit offenen Klemmen umgedreht.</translation>
    </message>
    <message>
        <source>Tape them, or do not turn it over.</source>
        <translation>Abkleben oder nicht umdrehen.</translation>
    </message>
    <message>
        <source>The new strings pull more.</source>
        <translation>Die neuen Saiten ziehen mehr.</translation>
    </message>
    <message>
        <source>See the plan before the strings come off.</source>
        <translation>Den Plan ansehen, bevor die Saiten abkommen.</translation>
    </message>
    <message>
        <source>The plate has sunk after the change</source>
        <translation>Die Platte ist nach dem Wechsel gesunken</translation>
    </message>
    <message>
        <source>The new strings pull less.</source>
        <translation>Die neuen Saiten ziehen weniger.</translation>
    </message>
    <message>
        <source>Tuning never ends</source>
        <translation>Das Stimmen nimmt kein Ende</translation>
    </message>
    <message>
        <source>Each string moves the bridge and flattens the others.</source>
        <translation>Jede Saite bewegt die Brücke und senkt die anderen.</translation>
    </message>
    <message>
        <source>Aims from the first pass on.</source>
        <translation>Zielwerte vom ersten Durchgang an.</translation>
    </message>
    <message>
        <source>The lowest string falls by semitones while the others come up</source>
        <translation>Die tiefste Saite fällt um Halbtöne, während die anderen heraufkommen</translation>
    </message>
    <message>
        <source>The bridge comes forward under the rising pull.</source>
        <translation>Die Brücke kommt unter dem steigenden Zug nach vorn.</translation>
    </message>
    <message>
        <source>Let it fall; its aim says how sharp it has to be.</source>
        <translation>Fallen lassen; ihr Zielwert sagt, wie hoch sie sein muss.</translation>
    </message>
    <message>
        <source>Do not chase it.</source>
        <translation>Nicht hinterherjagen.</translation>
    </message>
    <message>
        <source>One plain string never holds</source>
        <translation>Eine blanke Saite hält nie</translation>
    </message>
    <message>
        <source>Settle it well.</source>
        <translation>Gut setzen lassen.</translation>
    </message>
    <message>
        <source>Out of tune again after locking</source>
        <translation>Nach dem Klemmen wieder verstimmt</translation>
    </message>
    <message>
        <source>It was not settled.</source>
        <translation>Sie hatte sich nicht gesetzt.</translation>
    </message>
    <message>
        <source>Unlock, stretch, tune, lock again.</source>
        <translation>Lösen, dehnen, stimmen, wieder klemmen.</translation>
    </message>
    <message>
        <source>Lock only when stretches change nothing.</source>
        <translation>Erst klemmen, wenn Dehnen nichts mehr ändert.</translation>
    </message>
    <message>
        <source>Locking pulls the strings sharp</source>
        <translation>Klemmen zieht die Saiten höher</translation>
    </message>
    <message>
        <source>Strings are off the floor of their slots.</source>
        <translation>Saiten liegen nicht auf dem Grund ihrer Kerben.</translation>
    </message>
    <message>
        <source>A fine tuner is at its end</source>
        <translation>Ein Feinstimmer ist am Ende</translation>
    </message>
    <message>
        <source>It was not preset, or the pitch had moved far.</source>
        <translation>Er war nicht in Grundstellung, oder die Tonhöhe war weit gewandert.</translation>
    </message>
    <message>
        <source>Unlock, preset, tune at the pegs, lock again.</source>
        <translation>Lösen, Grundstellung, an den Mechaniken stimmen, wieder klemmen.</translation>
    </message>
    <message>
        <source>All strings are sharp when the block comes out</source>
        <translation>Alle Saiten sind zu hoch, wenn der Klotz herauskommt</translation>
    </message>
    <message>
        <source>Go on: the next pass brings them down.</source>
        <translation>Weitermachen: der nächste Durchgang bringt sie hinunter.</translation>
    </message>
    <message>
        <source>A neutral block, or aims under the block.</source>
        <translation>Ein neutraler Klotz, oder Zielwerte bei eingesetztem Klotz.</translation>
    </message>
    <message>
        <source>The bridge does not move at all</source>
        <translation>Die Brücke bewegt sich gar nicht</translation>
    </message>
    <message>
        <source>The block is still in.</source>
        <translation>Der Klotz ist noch drin.</translation>
    </message>
    <message>
        <source>The strip at the top says so while it is in.</source>
        <translation>Die Leiste oben sagt es, solange er drin ist.</translation>
    </message>
    <message>
        <source>A string buzzes against something at the bridge</source>
        <translation>Eine Saite schnarrt an der Brücke gegen etwas</translation>
    </message>
    <message>
        <source>The arm is under it, or two are crossed under the retainer bar.</source>
        <translation>Der Hebel ist darunter, oder zwei kreuzen sich unter der Niederhalterstange.</translation>
    </message>
    <message>
        <source>Slacken, lead it anew.</source>
        <translation>Entspannen, neu führen.</translation>
    </message>
    <message>
        <source>Look along the strings before tension.</source>
        <translation>Vor dem Spannen an den Saiten entlangsehen.</translation>
    </message>
    <message>
        <source>The string end is too short to wind, or coils up long</source>
        <translation>Das Saitenende ist zu kurz zum Wickeln oder rollt sich lang auf</translation>
    </message>
    <message>
        <source>Cut before it was measured, or slack by guess.</source>
        <translation>Vor dem Messen geschnitten, oder Zugabe nach Gefühl.</translation>
    </message>
    <message>
        <source>Too short: another string. Too long: trim.</source>
        <translation>Zu kurz: andere Saite. Zu lang: kürzen.</translation>
    </message>
    <message>
        <source>A bend in the string over one fret</source>
        <translation>Eine Biegung in der Saite über einem Bund</translation>
    </message>
    <message>
        <source>It was pulled in one place.</source>
        <translation>Sie wurde an einer Stelle gezogen.</translation>
    </message>
    <message>
        <source>Replace it; a kink does not go away.</source>
        <translation>Ersetzen; ein Knick geht nicht weg.</translation>
    </message>
    <message>
        <source>Stretch along the whole length.</source>
        <translation>Der ganzen Länge nach dehnen.</translation>
    </message>
    <message>
        <source>A string sticks in the sustain block</source>
        <translation>Eine Saite klemmt im Sustainblock</translation>
    </message>
    <message>
        <source>It was forced, or its winding caught.</source>
        <translation>Sie wurde gezwungen, oder ihr Wickel hängt.</translation>
    </message>
    <message>
        <source>Back it out, push from the front with a thicker offcut.</source>
        <translation>Zurückziehen, von vorn mit einem dickeren Abschnitt schieben.</translation>
    </message>
    <message>
        <source>Never force.</source>
        <translation>Nie zwingen.</translation>
    </message>
    <message>
        <source>A bent end was dragged over it.</source>
        <translation>Ein verbogenes Ende wurde darübergezogen.</translation>
    </message>
    <message>
        <source>Cut in the middle, clip string ends, take ends off by hand.</source>
        <translation>In der Mitte schneiden, Saitenenden kappen, Enden von Hand abnehmen.</translation>
    </message>
    <message>
        <source>Filings on the pickups</source>
        <translation>Späne an den Tonabnehmern</translation>
    </message>
    <message>
        <source>Wool without tape.</source>
        <translation>Wolle ohne Klebeband.</translation>
    </message>
    <message>
        <source>Lift them with tape, again and again.</source>
        <translation>Mit Klebeband abheben, wieder und wieder.</translation>
    </message>
    <message>
        <source>Returns flat after a dive</source>
        <translation>Kommt nach dem Abtauchen zu tief zurück</translation>
    </message>
    <message>
        <source>Less angle, less friction, neat wraps.</source>
        <translation>Weniger Winkel, weniger Reibung, ordentliche Wicklungen.</translation>
    </message>
    <message>
        <source>Never turn bridge posts under full tension.</source>
        <translation>Brückenbolzen nie unter voller Spannung drehen.</translation>
    </message>
    <message>
        <source>Everything is off by about a whole step</source>
        <translation>Alles liegt etwa einen Ganzton daneben</translation>
    </message>
    <message>
        <source>The balance was made for another set or tuning.</source>
        <translation>Das Gleichgewicht galt einem anderen Satz oder einer anderen Stimmung.</translation>
    </message>
    <message>
        <source>Note set and tuning on the card.</source>
        <translation>Satz und Stimmung auf der Karte notieren.</translation>
    </message>
    <message>
        <source>The gauge does not fit any set</source>
        <translation>Die Stärke passt zu keinem Satz</translation>
    </message>
    <message>
        <source>Write the unit with the figure.</source>
        <translation>Die Einheit zur Zahl schreiben.</translation>
    </message>
    <message>
        <source>Two neighbouring strings feel wrong</source>
        <translation>Zwei benachbarte Saiten fühlen sich falsch an</translation>
    </message>
    <message>
        <source>They were swapped.</source>
        <translation>Sie wurden vertauscht.</translation>
    </message>
    <message>
        <source>Measure, slacken, swap.</source>
        <translation>Messen, entspannen, tauschen.</translation>
    </message>
    <message>
        <source>Lay the set out by gauge.</source>
        <translation>Den Satz nach Stärke auslegen.</translation>
    </message>
    <message>
        <source>A cap has cut into a string</source>
        <translation>Eine Klemmplatte hat in eine Saite geschnitten</translation>
    </message>
    <message>
        <source>It was on the wrong way round or in another place.</source>
        <translation>Sie war falsch herum oder an einem anderen Platz.</translation>
    </message>
    <message>
        <source>Lay caps out in order.</source>
        <translation>Klemmplatten der Reihe nach auslegen.</translation>
    </message>
    <message>
        <source>Pitch drifts over days though all is locked</source>
        <translation>Die Tonhöhe wandert über Tage, obwohl alles geklemmt ist</translation>
    </message>
    <message>
        <source>Neck screws loose, or the neck still moves.</source>
        <translation>Halsschrauben locker, oder der Hals bewegt sich noch.</translation>
    </message>
    <message>
        <source>Snug the screws, tune again; a neck that moves is for a repairer.</source>
        <translation>Schrauben anziehen, neu stimmen; ein Hals, der sich bewegt, ist Sache des Fachbetriebs.</translation>
    </message>
    <message>
        <source>Check the screws at intake.</source>
        <translation>Die Schrauben bei der Annahme prüfen.</translation>
    </message>
    <message>
        <source>The spring is too long for this set.</source>
        <translation>Die Feder ist für diesen Satz zu lang.</translation>
    </message>
    <message>
        <source>A shorter spring; never cut it or bend the arm.</source>
        <translation>Eine kürzere Feder; nie schneiden und nie den Hebel biegen.</translation>
    </message>
    <message>
        <source>Choose the spring by the plan.</source>
        <translation>Die Feder nach dem Plan wählen.</translation>
    </message>
    <message>
        <source>Loosen both claw screws or push the arm down, put the knife edges back on the bridge posts, block, go on.</source>
        <translation>Beide Krallenschrauben lösen oder den Hebel drücken, die Messerkanten wieder an die Brückenbolzen setzen, Klotz hinein, weiter.</translation>
    </message>
    <message>
        <source>The bridge sinks into the body when strings come off</source>
        <translation>Die Brücke sinkt in den Korpus, wenn Saiten abkommen</translation>
    </message>
    <message>
        <source>Push the arm down or loosen both claw screws, put the block in, go on.</source>
        <translation>Den Hebel drücken oder beide Krallenschrauben lösen, den Klotz einsetzen, weiter.</translation>
    </message>
    <message>
        <source>A spring has jumped off</source>
        <translation>Eine Feder ist abgesprungen</translation>
    </message>
    <message>
        <source>It went slack and unhooked.</source>
        <translation>Sie wurde lose und hakte aus.</translation>
    </message>
    <message>
        <source>Loosen both claw screws. Safety glasses on, hook it with pliers, face out of its line. Then turn the claw back.</source>
        <translation>Beide Krallenschrauben lösen. Schutzbrille auf, mit der Zange einhaken, Gesicht nicht in ihrer Richtung. Dann die Federkralle zurückdrehen.</translation>
    </message>
    <message>
        <source>The spring under the arm has fallen out</source>
        <translation>Die Feder unter dem Hebel ist herausgefallen</translation>
    </message>
    <message>
        <source>All tension was gone.</source>
        <translation>Alle Spannung war weg.</translation>
    </message>
    <message>
        <source>Hold the shaft, press the arm up, seat the spring in its cup, then bring one string up.</source>
        <translation>Die Welle halten, den Hebel hochdrücken, die Feder in ihre Schale setzen, dann eine Saite hochbringen.</translation>
    </message>
    <message>
        <source>Keep one string on, always.</source>
        <translation>Immer eine Saite drauflassen.</translation>
    </message>
    <message>
        <source>The loose bridge has moved</source>
        <translation>Die lose Brücke hat sich verschoben</translation>
    </message>
    <message>
        <source>It is held by the strings alone, and all were slack.</source>
        <translation>Nur die Saiten halten sie, und alle waren lose.</translation>
    </message>
    <message>
        <source>Put it on its marks; without marks: octave of the outer strings against fret 12.</source>
        <translation>Auf ihre Marken setzen; ohne Marken: Oktave der äußeren Saiten gegen den 12. Bund.</translation>
    </message>
    <message>
        <source>Mark its place before the first string goes slack.</source>
        <translation>Ihren Platz markieren, bevor die erste Saite lose wird.</translation>
    </message>
    <message>
        <source>The tailpiece has fallen</source>
        <translation>Der Saitenhalter ist gefallen</translation>
    </message>
    <message>
        <source>It is held by the strings alone.</source>
        <translation>Nur die Saiten halten ihn.</translation>
    </message>
    <message>
        <source>Lift it on with two strings in, bring those up first.</source>
        <translation>Mit zwei Saiten einhängen, diese zuerst hochbringen.</translation>
    </message>
    <message>
        <source>Hold it, or change one string at a time.</source>
        <translation>Festhalten, oder eine Saite nach der anderen wechseln.</translation>
    </message>
    <message>
        <source>One string off: all the others are out of tune</source>
        <translation>Eine Saite ab: alle anderen sind verstimmt</translation>
    </message>
    <message>
        <source>Leave them: they return once all strings are tuned.</source>
        <translation>So lassen: sie kehren zurück, wenn alle Saiten gestimmt sind.</translation>
    </message>
    <message>
        <source>It was not on the bottom, or the clamp is loose or crooked.</source>
        <translation>Sie war nicht am Grund, oder die Klemme ist lose oder schief.</translation>
    </message>
    <message>
        <source>A string pings and goes flat at the bridge</source>
        <translation>Eine Saite knackt an der Brücke und wird tief</translation>
    </message>
    <message>
        <source>The ball end sits on an edge or is off its pin.</source>
        <translation>Das Kugelende liegt auf einer Kante oder nicht auf seinem Stift.</translation>
    </message>
    <message>
        <source>Slacken, seat the ball end, pull to test.</source>
        <translation>Entspannen, Kugelende einsetzen, zur Probe ziehen.</translation>
    </message>
    <message>
        <source>Leave the slack shown; keep the string tight while winding.</source>
        <translation>Die gezeigte Lose lassen; die Saite beim Wickeln straff halten.</translation>
    </message>
    <message>
        <source>A string slips in its head clamp</source>
        <translation>Eine Saite rutscht in ihrer Kopfklemme</translation>
    </message>
    <message>
        <source>The clamp was closed beside the string, or too lightly.</source>
        <translation>Die Klemme wurde neben der Saite geschlossen, oder zu schwach.</translation>
    </message>
    <message>
        <source>Slacken at the bridge, straighten the string in the clamp, close it, pull to test.</source>
        <translation>An der Brücke entspannen, die Saite in der Klemme gerade legen, schließen, zur Probe ziehen.</translation>
    </message>
    <message>
        <source>Draw it tight at fret 1 before the clamp closes.</source>
        <translation>Am 1. Bund straff ziehen, bevor die Klemme schließt.</translation>
    </message>
    <message>
        <source>A bridge tuner runs out before pitch</source>
        <translation>Eine Brückenmechanik ist vor der Tonhöhe am Ende</translation>
    </message>
    <message>
        <source>The string had slack in it when it was clamped.</source>
        <translation>Die Saite hatte Lose, als sie geklemmt wurde.</translation>
    </message>
    <message>
        <source>Unwind the tuner, open the clamp, draw the string tight at fret 1, clamp again.</source>
        <translation>Mechanik herausdrehen, Klemme öffnen, die Saite am 1. Bund straff ziehen, neu klemmen.</translation>
    </message>
    <message>
        <source>Start with the tuner almost unwound.</source>
        <translation>Mit fast herausgedrehter Mechanik beginnen.</translation>
    </message>
    <message>
        <source>Take the pieces out, measure the next string, watch the octave.</source>
        <translation>Die Stücke herausnehmen, die nächste Saite messen, auf die Oktave achten.</translation>
    </message>
    <message>
        <source>Measure with a caliper; check the octave in the first pass.</source>
        <translation>Mit dem Messschieber messen; im ersten Durchgang die Oktave prüfen.</translation>
    </message>
    <message>
        <source>Strings break at the same place again and again</source>
        <translation>Saiten reißen immer wieder an derselben Stelle</translation>
    </message>
    <message>
        <source>A burr, a sharp edge or a narrow slot there.</source>
        <translation>Dort ist ein Grat, eine scharfe Kante oder ein enger Schlitz.</translation>
    </message>
    <message>
        <source>At the saddle: inspect its edge. At the nut: its slot. At the far end: the hole it goes through. Do not file: send it to a repairer.</source>
        <translation>Am Reiter: die Kante untersuchen. Am Sattel: den Schlitz. Am anderen Ende: das Loch, durch das sie geht. Nicht feilen: zum Fachbetrieb.</translation>
    </message>
    <message>
        <source>Note where each string breaks.</source>
        <translation>Vermerken, wo jede Saite reißt.</translation>
    </message>
    <message>
        <source>Fit a new string, inspect the cap, do not file.</source>
        <translation>Neue Saite aufziehen, die Klemmplatte untersuchen, nicht feilen.</translation>
    </message>
    <message>
        <source>Caps in their order; tighten until they stop, then slightly more.</source>
        <translation>Klemmplatten in ihrer Reihenfolge; anziehen, bis es stoppt, dann etwas mehr.</translation>
    </message>
    <message>
        <source>A saddle clamp broke, or a bolt turns without biting</source>
        <translation>Eine Reiterklemme ist gebrochen, oder ein Bolzen dreht leer</translation>
    </message>
    <message>
        <source>Replace insert, bolt or saddle. Do not reuse the damaged part.</source>
        <translation>Einsatz, Bolzen oder Reiter ersetzen. Das beschädigte Teil nicht wieder verwenden.</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more.</source>
        <translation>Anziehen, bis es stoppt, dann etwas mehr.</translation>
    </message>
    <message>
        <source>A claw screw turns without biting</source>
        <translation>Eine Krallenschraube dreht leer</translation>
    </message>
    <message>
        <source>Its hole in the wood is worn out.</source>
        <translation>Ihr Loch im Holz ist ausgerissen.</translation>
    </message>
    <message>
        <source>Stop. A repairer plugs the hole; longer screws split the body.</source>
        <translation>Aufhören. Ein Fachbetrieb füllt das Loch; längere Schrauben spalten den Korpus.</translation>
    </message>
    <message>
        <source>Leave thread in the wood; use a tip that fills the slot.</source>
        <translation>Gewinde im Holz lassen; eine Klinge nehmen, die den Schlitz füllt.</translation>
    </message>
    <message>
        <source>A screwdriver slips out of a claw screw</source>
        <translation>Ein Schraubendreher rutscht aus der Krallenschraube</translation>
    </message>
    <message>
        <source>Its tip is too small or worn.</source>
        <translation>Die Klinge ist zu klein oder abgenutzt.</translation>
    </message>
    <message>
        <source>Stop before the slot is gone; take a tip that fills it.</source>
        <translation>Aufhören, bevor der Schlitz hin ist; eine Klinge nehmen, die ihn füllt.</translation>
    </message>
    <message>
        <source>Lay the right tip out before the job.</source>
        <translation>Vor dem Auftrag die richtige Klinge bereitlegen.</translation>
    </message>
    <message>
        <source>Look under the bench with a lamp, shake the guitar over a tray; take a spare.</source>
        <translation>Mit einer Lampe unter der Werkbank suchen, die Gitarre über einer Schale schütteln; Ersatz nehmen.</translation>
    </message>
    <message>
        <source>A saddle came out with its string</source>
        <translation>Ein Reiter kam mit seiner Saite heraus</translation>
    </message>
    <message>
        <source>Its screw was out, or the string stuck in it.</source>
        <translation>Seine Schraube war heraus, oder die Saite steckte fest.</translation>
    </message>
    <message>
        <source>Lay it in its place at once, screw in as far as before: compare with its neighbours.</source>
        <translation>Sofort an seinen Platz legen, so weit hineindrehen wie vorher: mit den Nachbarn vergleichen.</translation>
    </message>
    <message>
        <source>Loosen the clamp, not the saddle screw; do one at a time.</source>
        <translation>Die Klemme lösen, nicht die Reiterschraube; einen nach dem anderen.</translation>
    </message>
    <message>
        <source>The hole for a string cannot be seen</source>
        <translation>Das Loch für eine Saite ist nicht zu sehen</translation>
    </message>
    <message>
        <source>Too little light, or the part is turned away.</source>
        <translation>Zu wenig Licht, oder das Teil ist weggedreht.</translation>
    </message>
    <message>
        <source>Hold a lamp low, turn the part until light shows through.</source>
        <translation>Eine Lampe tief halten, das Teil drehen, bis Licht durchscheint.</translation>
    </message>
    <message>
        <source>Keep a lamp at hand.</source>
        <translation>Eine Lampe bereithalten.</translation>
    </message>
    <message>
        <source>The plate is forward after the change</source>
        <translation>Die Platte ist nach dem Wechsel vorn</translation>
    </message>
    <message>
        <source>Tighten both claw screws as shown.</source>
        <translation>Beide Krallenschrauben anziehen, wie gezeigt.</translation>
    </message>
    <message>
        <source>Loosen both claw screws as shown.</source>
        <translation>Beide Krallenschrauben lösen, wie gezeigt.</translation>
    </message>
    <message>
        <source>Tune each string to its aim, so that all end at pitch.</source>
        <translation>Jede Saite auf ihr Ziel stimmen, dann stimmen am Ende alle.</translation>
    </message>
    <message>
        <source>It is the stiffest for its tension: bridge movement changes this string most.</source>
        <translation>Sie ist die steifste für ihren Zug: jede Bewegung der Brücke ändert sie am meisten.</translation>
    </message>
    <message>
        <source>Tune it last and to its aim; check that it does not slip.</source>
        <translation>Zuletzt und auf ihr Ziel stimmen; prüfen, dass sie nicht rutscht.</translation>
    </message>
    <message>
        <source>A new string is flat again after minutes</source>
        <translation>Eine neue Saite ist nach Minuten wieder tief</translation>
    </message>
    <message>
        <source>It still stretches.</source>
        <translation>Sie dehnt sich noch.</translation>
    </message>
    <message>
        <source>Stretch it along its whole length, tune, repeat until a stretch no longer drops it.</source>
        <translation>Auf ganzer Länge dehnen, stimmen, wiederholen, bis ein Zug sie nicht mehr senkt.</translation>
    </message>
    <message>
        <source>Stretch before the last pass.</source>
        <translation>Vor dem letzten Durchgang dehnen.</translation>
    </message>
    <message>
        <source>Old strings feel stiff and will not tune true</source>
        <translation>Alte Saiten sind steif und stimmen nicht rein</translation>
    </message>
    <message>
        <source>Dirt and wear make them uneven along their length.</source>
        <translation>Schmutz und Verschleiß machen sie auf ihrer Länge ungleich.</translation>
    </message>
    <message>
        <source>Fit a new set.</source>
        <translation>Einen neuen Satz aufziehen.</translation>
    </message>
    <message>
        <source>Note the date of each set.</source>
        <translation>Das Datum jedes Satzes vermerken.</translation>
    </message>
    <message>
        <source>Press them down with the retainer bar. What locking still adds, the aims leave out before.</source>
        <translation>Mit der Niederhalterstange herunterdrücken. Was das Klemmen noch hinzufügt, lassen die Ziele vorher weg.</translation>
    </message>
    <message>
        <source>Strings on the floor before the caps close.</source>
        <translation>Saiten auf den Grund, bevor die Klemmplatten schließen.</translation>
    </message>
    <message>
        <source>A string is hard under the retainer bar</source>
        <translation>Eine Saite liegt hart unter der Niederhalterstange</translation>
    </message>
    <message>
        <source>The bar is screwed down too far.</source>
        <translation>Die Stange ist zu weit hineingeschraubt.</translation>
    </message>
    <message>
        <source>Loosen it until strings rest on the nut&apos;s floor and no more.</source>
        <translation>Lösen, bis die Saiten auf dem Grund des Sattels liegen, nicht weiter.</translation>
    </message>
    <message>
        <source>Set it with strings at pitch.</source>
        <translation>Bei gestimmten Saiten einstellen.</translation>
    </message>
    <message>
        <source>Preset fine tuners before tuning at the pegs.</source>
        <translation>Feinstimmer voreinstellen, bevor an den Mechaniken gestimmt wird.</translation>
    </message>
    <message>
        <source>The block held the plate forward.</source>
        <translation>Der Klotz hielt die Platte vorn.</translation>
    </message>
    <message>
        <source>Lift the rear edge, draw it out.</source>
        <translation>Hinterkante heben, herausziehen.</translation>
    </message>
    <message>
        <source>Octaves are lost: which note is it?</source>
        <translation>Oktaven sind verloren: welcher Ton ist es?</translation>
    </message>
    <message>
        <source>A slack string can sound an octave low or high.</source>
        <translation>Eine lose Saite kann eine Oktave zu tief oder zu hoch klingen.</translation>
    </message>
    <message>
        <source>Compare with a tone, or with fret 12 of the string beside it; come up from slack.</source>
        <translation>Mit einem Ton vergleichen, oder mit dem 12. Bund der Nachbarsaite; von unten hochkommen.</translation>
    </message>
    <message>
        <source>Come up from below, one string after the other.</source>
        <translation>Von unten hochkommen, eine Saite nach der anderen.</translation>
    </message>
    <message>
        <source>The tuner shows a wrong note on a thin string</source>
        <translation>Das Stimmgerät zeigt bei einer dünnen Saite den falschen Ton</translation>
    </message>
    <message>
        <source>An overtone or another string rings along.</source>
        <translation>Ein Oberton oder eine andere Saite klingt mit.</translation>
    </message>
    <message>
        <source>Mute the others, pluck softly over fret 12.</source>
        <translation>Die anderen dämpfen, sanft über dem 12. Bund zupfen.</translation>
    </message>
    <message>
        <source>Pluck with the thumb, near the neck.</source>
        <translation>Mit dem Daumen nahe am Hals zupfen.</translation>
    </message>
    <message>
        <source>Leave the slack shown.</source>
        <translation>Die gezeigte Lose lassen.</translation>
    </message>
    <message>
        <source>A string is too short to reach its saddle</source>
        <translation>Eine Saite reicht nicht bis zu ihrem Reiter</translation>
    </message>
    <message>
        <source>All were cut to one length.</source>
        <translation>Alle wurden gleich lang geschnitten.</translation>
    </message>
    <message>
        <source>Another string: this one serves nowhere else.</source>
        <translation>Eine andere Saite: diese passt nirgends mehr.</translation>
    </message>
    <message>
        <source>A string post broke at its slot</source>
        <translation>Eine Mechanikachse ist am Schlitz gebrochen</translation>
    </message>
    <message>
        <source>Replace the peg, or send it to a repairer.</source>
        <translation>Die Mechanik ersetzen, oder zum Fachbetrieb geben.</translation>
    </message>
    <message>
        <source>End to the bottom, bend it once, wind slowly.</source>
        <translation>Ende bis zum Grund, einmal knicken, langsam wickeln.</translation>
    </message>
    <message>
        <source>Saddles are grooved by wound strings</source>
        <translation>Umsponnene Saiten haben Rillen in die Reiter gerieben</translation>
    </message>
    <message>
        <source>Years of wear.</source>
        <translation>Jahre von Verschleiß.</translation>
    </message>
    <message>
        <source>A shallow groove: smooth and centred it may stay. A deep one: replace the saddle.</source>
        <translation>Eine flache Rille: glatt und mittig darf sie bleiben. Eine tiefe: den Reiter ersetzen.</translation>
    </message>
    <message>
        <source>Note wear at every change.</source>
        <translation>Verschleiß bei jedem Wechsel vermerken.</translation>
    </message>
    <message>
        <source>Scratches in the lacquer</source>
        <translation>Kratzer im Lack</translation>
    </message>
    <message>
        <source>Polish by hand, or send it to a repairer.</source>
        <translation>Von Hand polieren, oder zum Fachbetrieb geben.</translation>
    </message>
    <message>
        <source>Tape pickups first, wipe up filings before peeling.</source>
        <translation>Zuerst Tonabnehmer abkleben, Späne aufwischen, dann abziehen.</translation>
    </message>
    <message>
        <source>It hangs at the nut: the string does not slide all the way back.</source>
        <translation>Sie hängt am Sattel: die Saite gleitet nicht ganz zurück.</translation>
    </message>
    <message>
        <source>A slight pull-up shows it. Graphite in the slot, then check angle and wraps.</source>
        <translation>Ein leichtes Hochziehen zeigt es. Graphit in den Schlitz, dann Winkel und Wicklungen prüfen.</translation>
    </message>
    <message>
        <source>Returns sharp or flat with the nut locked</source>
        <translation>Kommt bei geklemmtem Sattel hoch oder tief zurück</translation>
    </message>
    <message>
        <source>It hangs at saddle, edge or pivot.</source>
        <translation>Sie hängt an Reiter, Kante oder Lager.</translation>
    </message>
    <message>
        <source>A drop of lubricant at the edges; then inspect edges, springs and inserts.</source>
        <translation>Ein Tropfen Schmiermittel an die Kanten; dann Kanten, Federn und Einsätze untersuchen.</translation>
    </message>
    <message>
        <source>Returns differently each time</source>
        <translation>Kommt jedes Mal anders zurück</translation>
    </message>
    <message>
        <source>Worn edges, or something is loose.</source>
        <translation>Verschlissene Kanten, oder etwas ist lose.</translation>
    </message>
    <message>
        <source>Send it to a professional repairer.</source>
        <translation>Zum Fachbetrieb geben.</translation>
    </message>
    <message>
        <source>Returns differently each time, on screws</source>
        <translation>Kommt jedes Mal anders zurück, auf Schrauben</translation>
    </message>
    <message>
        <source>Pivot screws uneven or their edge worn.</source>
        <translation>Lagerschrauben ungleich oder ihre Kante verschlissen.</translation>
    </message>
    <message>
        <source>Inspect the pivot screws: all at one height, none pressing the plate down. Worn: a repairer.</source>
        <translation>Die Lagerschrauben untersuchen: alle auf einer Höhe, keine drückt die Platte. Verschlissen: zum Fachbetrieb.</translation>
    </message>
    <message>
        <source>Leave pivot screws as they are.</source>
        <translation>Lagerschrauben lassen, wie sie sind.</translation>
    </message>
    <message>
        <source>Rebalance: the plan shows the turns.</source>
        <translation>Neu ausgleichen: der Plan zeigt die Umdrehungen.</translation>
    </message>
    <message>
        <source>Millimetres and thousandths were mixed up, or it is a set of somebody&apos;s own.</source>
        <translation>Millimeter und Tausendstel wurden verwechselt, oder es ist ein eigener Satz.</translation>
    </message>
    <message>
        <source>Measure every string; type the set string by string.</source>
        <translation>Jede Saite messen; den Satz Saite für Saite eintippen.</translation>
    </message>
    <message>
        <source>Right place, ridge along the strings; replace a gouged cap.</source>
        <translation>Richtiger Platz, Grat längs der Saiten; eine zerfurchte Klemmplatte ersetzen.</translation>
    </message>
    <message>
        <source>The neck has bowed after the change</source>
        <translation>Der Hals hat sich nach dem Wechsel gebogen</translation>
    </message>
    <message>
        <source>Relief first: quarter turns of the truss rod, never forced; then height, octaves, tuning.</source>
        <translation>Zuerst die Halskrümmung: Viertelumdrehungen des Halsstabs, nie zwingen; dann Höhe, Oktaven, Stimmen.</translation>
    </message>
    <message>
        <source>Measure relief before and after.</source>
        <translation>Die Krümmung vorher und nachher messen.</translation>
    </message>
    <message>
        <source>The arm is too high</source>
        <translation>Der Hebel ist zu hoch</translation>
    </message>
    <message>
        <source>Each string has its own length: hold one to its string post first.</source>
        <translation>Jede Saite hat ihre eigene Länge: zuerst eine an ihre Mechanikachse halten.</translation>
    </message>
    <message>
        <source>Old slotted string posts break at a tight bend.</source>
        <translation>Alte geschlitzte Mechanikachsen brechen an einem engen Knick.</translation>
    </message>
</context>
<context>
    <name>Warnings</name>
    <message>
        <source>Tape the open saddle inserts first: they fall out when the guitar is turned over.</source>
        <translation>Zuerst die offenen Klemmstücke abkleben: sie fallen heraus, wenn die Gitarre umgedreht wird.</translation>
    </message>
    <message>
        <source>Take the block out first: everything moves once it is out.</source>
        <translation>Zuerst den Klotz herausnehmen: alles bewegt sich, sobald er draußen ist.</translation>
    </message>
    <message>
        <source>Slacken the strings first: a string cut under tension whips, and the bridge jumps.</source>
        <translation>Zuerst die Saiten entspannen: eine unter Spannung geschnittene Saite peitscht, und die Brücke springt.</translation>
    </message>
    <message>
        <source>Lock the nut first: a dive pulls the strings through an open one.</source>
        <translation>Zuerst den Sattel klemmen: Abtauchen zieht die Saiten durch einen offenen.</translation>
    </message>
    <message>
        <source>Block the bridge first: nothing keeps it still, it sinks or drops off its bridge posts.</source>
        <translation>Zuerst den Klotz setzen: nichts hält die Brücke still, sie sinkt oder fällt von ihren Bolzen.</translation>
    </message>
    <message>
        <source>Not ready to lock: %1.</source>
        <translation>Noch nicht bereit zum Klemmen: %1.</translation>
    </message>
    <message>
        <source>the plate is off level</source>
        <translation>die Platte ist nicht eben</translation>
    </message>
    <message>
        <source>strings are out of tune</source>
        <translation>Saiten sind verstimmt</translation>
    </message>
    <message>
        <source>what was done last has not been checked</source>
        <translation>das zuletzt Getane ist nicht geprüft</translation>
    </message>
    <message>
        <source>the strings are not settled</source>
        <translation>die Saiten haben sich nicht gesetzt</translation>
    </message>
    <message>
        <source>the block is in</source>
        <translation>der Klotz ist drin</translation>
    </message>
    <message>
        <source>fine tuners are not at their preset</source>
        <translation>Feinstimmer sind nicht in Grundstellung</translation>
    </message>
    <message>
        <source>the fine tuner of string %1 would run out</source>
        <translation>der Feinstimmer von Saite %1 würde nicht reichen</translation>
    </message>
    <message>
        <source>Settle the strings first: while they stretch, no pitch holds.</source>
        <translation>Zuerst die Saiten setzen lassen: solange sie sich dehnen, hält keine Tonhöhe.</translation>
    </message>
    <message>
        <source>Slacken the strings before bridge posts are turned, then retune: they and their edges wear.</source>
        <translation>Die Saiten entspannen, bevor Brückenbolzen gedreht werden, dann nachstimmen: sie und ihre Kanten verschleißen.</translation>
    </message>
    <message>
        <source>Slacken each string before its saddle is turned, then retune: its screws wear.</source>
        <translation>Jede Saite entspannen, bevor ihr Reiter gedreht wird, dann nachstimmen: seine Schrauben verschleißen.</translation>
    </message>
    <message>
        <source>Slacken the strings before the bridge is moved, then retune: its screws wear.</source>
        <translation>Die Saiten entspannen, bevor die Brücke verstellt wird, dann nachstimmen: ihre Schrauben verschleißen.</translation>
    </message>
    <message>
        <source>Block the bridge first: nothing keeps it still, it sinks into the body.</source>
        <translation>Zuerst den Klotz unter die Brücke: nichts hält sie, sie sinkt in den Korpus.</translation>
    </message>
    <message>
        <source>Keep string %1 on, or hold the shaft: with all tension gone its spring falls out.</source>
        <translation>Saite %1 drauflassen, oder die Welle halten: ohne jede Spannung fällt ihre Feder heraus.</translation>
    </message>
    <message>
        <source>the bridge tuners are not at their preset</source>
        <translation>die Brückenmechaniken sind nicht voreingestellt</translation>
    </message>
</context>
<context>
    <name>Wording</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Nothing left to do</source>
        <translation>Nichts mehr zu tun</translation>
    </message>
    <message>
        <source>More work is not likely to help</source>
        <translation>Mehr Arbeit hilft wohl nicht</translation>
    </message>
    <message>
        <source>Working out what is left…</source>
        <translation>Was übrig ist, wird berechnet…</translation>
    </message>
    <message>
        <source>, %1 claw visits</source>
        <translation>, %1 Gänge zur Federkralle</translation>
    </message>
    <message>
        <source>No stable float</source>
        <translation>Kein stabiles Schweben</translation>
    </message>
    <message>
        <source>No claw change</source>
        <translation>Federkralle bleibt</translation>
    </message>
    <message>
        <source>Small claw adjustment</source>
        <translation>Federkralle ein wenig nachstellen</translation>
    </message>
    <message>
        <source>Rebalance: claw work first</source>
        <translation>Neu ausgleichen: zuerst die Federkralle</translation>
    </message>
    <message>
        <source>The strings pull as before, %1</source>
        <translation>Die Saiten ziehen wie zuvor, %1</translation>
    </message>
    <message>
        <source>The strings pull %1 %2 (%3 %) in all</source>
        <translation>Die Saiten ziehen zusammen %1 %2 (%3 %)</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>Retuned, the float is unstable: its stiffness is %1 N·m/rad and must be above 0. Add a spring and let the claw out, take stiffer springs, or a lighter set.</source>
        <translation>Nachgestimmt ist das Schweben instabil: seine Steifigkeit ist %1 N·m/rad und muss über 0 sein. Eine Feder mehr und die Federkralle lockerer, steifere Federn oder ein leichterer Satz.</translation>
    </message>
    <message>
        <source>Even with the claw at its tightest the strings win by %1. Add a spring or take stiffer ones.</source>
        <translation>Selbst bei festester Federkralle siegen die Saiten um %1. Eine Feder mehr oder steifere.</translation>
    </message>
    <message>
        <source>Even with the claw at its loosest the springs win by %1. Take a spring out or softer ones.</source>
        <translation>Selbst bei lockerster Federkralle siegen die Federn um %1. Eine Feder heraus oder weichere.</translation>
    </message>
    <message>
        <source>It would balance only with a spring half loose. Take that spring out, or one softer than it.</source>
        <translation>Es hielte sich nur mit einer halb losen Feder die Waage. Diese Feder heraus, oder eine weichere.</translation>
    </message>
    <message>
        <source>No spring pulls at any claw position. Hook springs in, or check their geometry.</source>
        <translation>Keine Feder zieht bei irgendeiner Stellung der Federkralle. Federn einhängen oder ihre Maße prüfen.</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>so, wie es ist</translation>
    </message>
    <message>
        <source>springs %1 % stiffer</source>
        <translation>Federn %1 % steifer</translation>
    </message>
    <message>
        <source>gauges at %1 %</source>
        <translation>Stärken auf %1 %</translation>
    </message>
    <message>
        <source>decked on the body</source>
        <translation>aufliegend auf dem Korpus</translation>
    </message>
    <message>
        <source>stabiliser %1</source>
        <translation>Stabilisator %1</translation>
    </message>
    <message>
        <source>springs %1 % too soft</source>
        <translation>Federn %1 % zu weich</translation>
    </message>
    <message>
        <source>strings that pull %1 % too hard</source>
        <translation>Saiten, die %1 % zu stark ziehen</translation>
    </message>
    <message>
        <source>hooks %1 too shallow</source>
        <translation>Haken %1 zu flach</translation>
    </message>
    <message>
        <source>saddles %1 too far behind the pivot</source>
        <translation>Reiter %1 zu weit hinter dem Drehpunkt</translation>
    </message>
    <message>
        <source>Retuned, the stiffness is %1 N·m/rad; comfortable is %2. </source>
        <translation>Nachgestimmt ist die Steifigkeit %1 N·m/rad; bequem ist %2. </translation>
    </message>
    <message>
        <source>In tune the arm is at %1, its tip %2 above the top</source>
        <translation>Gestimmt steht der Hebel bei %1, seine Spitze %2 über der Decke</translation>
    </message>
    <message>
        <source>With every string at pitch.</source>
        <translation>Mit jeder Saite auf Tonhöhe.</translation>
    </message>
    <message>
        <source>At pitch on this claw the plate is at %1.</source>
        <translation>Auf Tonhöhe steht die Platte bei dieser Federkralle bei %1.</translation>
    </message>
    <message>
        <source>%1 for level.</source>
        <translation>%1 bis eben.</translation>
    </message>
    <message>
        <source>Float stiffness %1 N·m/rad.</source>
        <translation>Steifigkeit des Schwebens %1 N·m/rad.</translation>
    </message>
    <message>
        <source>After one pass exactly to pitch, before anything is done again:</source>
        <translation>Nach einem Durchgang genau auf Tonhöhe, bevor etwas noch einmal getan wird:</translation>
    </message>
    <message>
        <source>After one pass to pitch the plate is at %1</source>
        <translation>Nach einem Durchgang auf Tonhöhe steht die Platte bei %1</translation>
    </message>
    <message>
        <source>; however often you retune, it ends on its %1.</source>
        <translation>; wie oft man auch nachstimmt, sie endet am Anschlag: %1.</translation>
    </message>
    <message>
        <source>forward stop</source>
        <translation>vorderer Anschlag</translation>
    </message>
    <message>
        <source>rear stop</source>
        <translation>hinterer Anschlag</translation>
    </message>
    <message>
        <source>; retuned until it holds, it ends at %1.</source>
        <translation>; nachgestimmt, bis es hält, endet sie bei %1.</translation>
    </message>
    <message>
        <source>What is left cannot be told yet</source>
        <translation>Was noch bleibt, lässt sich noch nicht sagen</translation>
    </message>
    <message>
        <source>More tuning will not help; see Plan</source>
        <translation>Mehr Stimmen hilft nicht; siehe Plan</translation>
    </message>
    <message>
        <source>Left: %1 pegs%2, %3 min (8 of 10 guitars)</source>
        <translation>Noch: %1 Mechaniken%2, %3 min (8 von 10 Gitarren)</translation>
    </message>
    <message>
        <source>Nothing to turn before tuning</source>
        <translation>Vor dem Stimmen nichts zu drehen</translation>
    </message>
    <message>
        <source>No single change makes the float stable enough.</source>
        <translation>Keine einzelne Änderung macht das Schweben stabil genug.</translation>
    </message>
    <message>
        <source>Any one of these mends it: %1.</source>
        <translation>Eines davon behebt es: %1.</translation>
    </message>
    <message>
        <source>Tune each string to pitch; no string moves another</source>
        <translation>Jede Saite stimmen; keine bewegt eine andere</translation>
    </message>
    <message>
        <source>With this claw setting the plate hits its stop.</source>
        <translation>Bei dieser Stellung der Federkralle schlägt die Platte an.</translation>
    </message>
    <message numerus="yes">
        <source>%n such spring(s)</source>
        <translation>
            <numerusform>%n solche Feder</numerusform>
            <numerusform>%n solche Federn</numerusform>
        </translation>
    </message>
    <message>
        <source>springs %1 % softer</source>
        <translation>Federn %1 % weicher</translation>
    </message>
    <message>
        <source>outer springs slanted by a hook</source>
        <translation>äußere Federn um einen Haken schräg</translation>
    </message>
    <message>
        <source>all springs straight</source>
        <translation>alle Federn gerade</translation>
    </message>
</context>
<context>
    <name>flenzo::AppContext</name>
    <message>
        <source>%1. It is now at %2; your own sets and tunings begin anew.</source>
        <translation>%1. Sie liegt jetzt unter %2; eigene Sätze und Stimmungen beginnen neu.</translation>
    </message>
    <message>
        <source>Reading what the shop&apos;s jobs say</source>
        <translation>Aufträge der Werkstatt werden gelesen</translation>
    </message>
    <message>
        <source>Go on without</source>
        <translation>Ohne sie weiter</translation>
    </message>
</context>
<context>
    <name>flenzo::AtHand</name>
    <message>
        <source>%1: the time is up.</source>
        <translation>%1: die Zeit ist um.</translation>
    </message>
</context>
<context>
    <name>flenzo::BenchEntry</name>
    <message>
        <source>tune string</source>
        <translation>Saite stimmen</translation>
    </message>
    <message>
        <source>stretch string</source>
        <translation>Saite dehnen</translation>
    </message>
    <message>
        <source>read the plate</source>
        <translation>Platte ablesen</translation>
    </message>
    <message>
        <source>read string</source>
        <translation>Saite ablesen</translation>
    </message>
    <message>
        <source>mend the entry</source>
        <translation>Eintrag berichtigen</translation>
    </message>
    <message>
        <source>it was as entered</source>
        <translation>es war wie eingetragen</translation>
    </message>
    <message>
        <source>string on</source>
        <translation>Saite aufgezogen</translation>
    </message>
    <message>
        <source>go on without the string</source>
        <translation>ohne die Saite weiter</translation>
    </message>
    <message>
        <source>keep the reading</source>
        <translation>bei der Ablesung bleiben</translation>
    </message>
    <message>
        <source>turn claw</source>
        <translation>Federkralle drehen</translation>
    </message>
    <message>
        <source>take block out</source>
        <translation>Klotz herausnehmen</translation>
    </message>
    <message>
        <source>plate not measured</source>
        <translation>Platte nicht gemessen</translation>
    </message>
    <message>
        <source>put a block in</source>
        <translation>Klotz einsetzen</translation>
    </message>
    <message>
        <source>simulated answer</source>
        <translation>simulierte Antwort</translation>
    </message>
</context>
<context>
    <name>flenzo::BenchPage</name>
    <message>
        <source>Reading</source>
        <translation>Ablesung</translation>
    </message>
    <message>
        <source>Done  (Space)</source>
        <translation>Fertig  (Leertaste)</translation>
    </message>
    <message>
        <source>Answer  (F9)</source>
        <translation>Antwort  (F9)</translation>
    </message>
    <message>
        <source>What to touch</source>
        <translation>Was anzufassen ist</translation>
    </message>
    <message>
        <source>Sunk  (S)</source>
        <translation>Gesunken  (S)</translation>
    </message>
    <message>
        <source>Level  (L)</source>
        <translation>Eben  (L)</translation>
    </message>
    <message>
        <source>Forward  (F)</source>
        <translation>Vorn  (F)</translation>
    </message>
    <message>
        <source>Off a side photo…</source>
        <translation>Von einem Seitenfoto…</translation>
    </message>
    <message>
        <source>plate sunk, by eye</source>
        <translation>Platte gesunken, nach Augenmaß</translation>
    </message>
    <message>
        <source>plate level, by eye</source>
        <translation>Platte eben, nach Augenmaß</translation>
    </message>
    <message>
        <source>plate forward, by eye</source>
        <translation>Platte nach vorn, nach Augenmaß</translation>
    </message>
    <message>
        <source>look at the plate</source>
        <translation>auf die Platte sehen</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>reading of %1</source>
        <translation>Ablesung von %1</translation>
    </message>
    <message>
        <source>gap under the rear edge, %1</source>
        <translation>Spalt unter der Hinterkante, %1</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>It is right  (Space)</source>
        <translation>Es stimmt  (Leertaste)</translation>
    </message>
    <message>
        <source>Cannot be measured here  (Space)</source>
        <translation>Hier nicht messbar  (Leertaste)</translation>
    </message>
    <message>
        <source>Step done  (Space)</source>
        <translation>Schritt fertig  (Leertaste)</translation>
    </message>
    <message>
        <source>Taken.</source>
        <translation>Übernommen.</translation>
    </message>
    <message>
        <source>Taken: %1</source>
        <translation>Übernommen: %1</translation>
    </message>
    <message>
        <source>Working out what follows…</source>
        <translation>Was folgt, wird berechnet…</translation>
    </message>
    <message>
        <source>Type a reading first: cents like −12.5, a frequency like 82.4 Hz, or a note like E2+12.</source>
        <translation>Zuerst eine Ablesung eingeben: Cent wie −12.5, eine Frequenz wie 82.4 Hz oder einen Ton wie E2+12.</translation>
    </message>
    <message>
        <source>Simulate this act and enter its reading</source>
        <translation>Diesen Handgriff simulieren und seine Ablesung eintragen</translation>
    </message>
</context>
<context>
    <name>flenzo::BenchViews</name>
    <message>
        <source>Progress to pitch</source>
        <translation>Verlauf bis zur Stimmung</translation>
    </message>
    <message>
        <source>Side section of the bridge</source>
        <translation>Seitenschnitt der Brücke</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Saiten</translation>
    </message>
    <message>
        <source>Moment chart</source>
        <translation>Momentenbild</translation>
    </message>
    <message>
        <source>What the last act moved</source>
        <translation>Was der letzte Handgriff bewegte</translation>
    </message>
    <message>
        <source>&amp;Progress</source>
        <translation>&amp;Verlauf</translation>
    </message>
    <message>
        <source>P&amp;asses</source>
        <translation>Durchgän&amp;ge</translation>
    </message>
    <message>
        <source>Wh&amp;y</source>
        <translation>War&amp;um</translation>
    </message>
    <message>
        <source>Se&amp;ttling</source>
        <translation>Se&amp;tzen</translation>
    </message>
    <message>
        <source>after this act</source>
        <translation>nach diesem Handgriff</translation>
    </message>
</context>
<context>
    <name>flenzo::CaliperForm</name>
    <message>
        <source>caliper, thickest string</source>
        <translation>Messschieber, dickste Saite</translation>
    </message>
    <message>
        <source>caliper, thinnest string</source>
        <translation>Messschieber, dünnste Saite</translation>
    </message>
    <message>
        <source>Note it as the old set</source>
        <translation>Als alten Satz</translation>
    </message>
    <message>
        <source>%1 mm, %2 thousandths of an inch; nearest string: %3.</source>
        <translation>%1 mm, %2 Tausendstel Zoll; nächste Saite: %3.</translation>
    </message>
    <message>
        <source>caliper, every string</source>
        <translation>Messschieber, jede Saite</translation>
    </message>
    <message>
        <source>Strings: %1.</source>
        <translation>Saiten: %1.</translation>
    </message>
    <message>
        <source>No set fits: the nearest, %1, pulls %2 % otherwise. Measure every string and type them above.</source>
        <translation>Kein Satz passt: der nächste, %1, zieht %2 % anders. Jede Saite messen und oben eintippen.</translation>
    </message>
    <message>
        <source>Set: %1.</source>
        <translation>Satz: %1.</translation>
    </message>
    <message>
        <source>Nearest set: %1, pull %2 % off.</source>
        <translation>Nächster Satz: %1, Zug %2 % daneben.</translation>
    </message>
    <message>
        <source>where no set fits</source>
        <translation>wo kein Satz passt</translation>
    </message>
</context>
<context>
    <name>flenzo::CardPhotos</name>
    <message>
        <source>Add a photo…</source>
        <translation>Foto hinzufügen…</translation>
    </message>
    <message>
        <source>Photo of the guitar</source>
        <translation>Foto der Gitarre</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>Foto</translation>
    </message>
</context>
<context>
    <name>flenzo::ChangeModel</name>
    <message>
        <source>%1 wound</source>
        <translation>%1 umsponnen</translation>
    </message>
    <message>
        <source>%1 plain</source>
        <translation>%1 blank</translation>
    </message>
    <message>
        <source>A measured unit mass in grams per metre overrides the formula; empty takes the formula again</source>
        <translation>Eine gemessene Metermasse in Gramm je Meter geht der Formel vor; leer gilt wieder die Formel</translation>
    </message>
    <message>
        <source>%1 measured</source>
        <translation>%1 gemessen</translation>
    </message>
    <message>
        <source>%1 calculated</source>
        <translation>%1 berechnet</translation>
    </message>
    <message>
        <source>unit mass</source>
        <translation>Metermasse</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Tonhöhe</translation>
    </message>
    <message>
        <source>comes off</source>
        <translation>kommt ab</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>pulls</source>
        <translation>zieht</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>kommt drauf</translation>
    </message>
    <message>
        <source>to</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>g per m</source>
        <translation>g je m</translation>
    </message>
    <message>
        <source>change, lbf</source>
        <translation>Änderung, lbf</translation>
    </message>
    <message>
        <source>change, N</source>
        <translation>Änderung, N</translation>
    </message>
</context>
<context>
    <name>flenzo::ChangePage</name>
    <message>
        <source>String or gauge</source>
        <translation>Saite oder Stärke</translation>
    </message>
    <message>
        <source>Comes off</source>
        <translation>Kommt ab</translation>
    </message>
    <message>
        <source>Goes on</source>
        <translation>Kommt drauf</translation>
    </message>
    <message>
        <source>Strings, pitches and tensions</source>
        <translation>Saiten, Tonhöhen und Spannungen</translation>
    </message>
    <message>
        <source>Measured unit masses become this catalogue&apos;s own figures for those strings</source>
        <translation>Gemessene Metermassen werden die eigenen Werte dieses Katalogs für diese Saiten</translation>
    </message>
    <message>
        <source>Pitch and new strings</source>
        <translation>Tonhöhe und neue Saiten</translation>
    </message>
    <message>
        <source>Reference pitch</source>
        <translation>Bezugston</translation>
    </message>
    <message>
        <source>New strings start at</source>
        <translation>Neue Saiten ab</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Measured unit masses in your catalogue: %1.</source>
        <translation>Gemessene Metermassen in Ihrem Katalog: %1.</translation>
    </message>
    <message>
        <source>In all %1 before, %2 after.</source>
        <translation>Zusammen vorher %1, nachher %2.</translation>
    </message>
    <message>
        <source>Save this set…</source>
        <translation>Satz speichern…</translation>
    </message>
    <message>
        <source>Save this tuning…</source>
        <translation>Stimmung speichern…</translation>
    </message>
    <message>
        <source>Own sets…</source>
        <translation>Eigene Sätze…</translation>
    </message>
    <message>
        <source>Save masses</source>
        <translation>Massen speichern</translation>
    </message>
    <message>
        <source>Save this set</source>
        <translation>Diesen Satz speichern</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>Save this tuning</source>
        <translation>Diese Stimmung speichern</translation>
    </message>
    <message>
        <source>Choose strings…</source>
        <translation>Saiten auswählen…</translation>
    </message>
    <message>
        <source>The set, of what is sold, that needs no claw turn in this tuning, or has the feel wished</source>
        <translation>Der käufliche Satz, der in dieser Stimmung keine Drehung der Federkralle braucht oder sich anfühlt wie gewünscht</translation>
    </message>
</context>
<context>
    <name>flenzo::ChooseStringsDialog</name>
    <message>
        <source>Choose strings</source>
        <translation>Saiten auswählen</translation>
    </message>
    <message>
        <source>Planned</source>
        <translation>Geplant</translation>
    </message>
    <message>
        <source>Chosen</source>
        <translation>Gewählt</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie gebracht</translation>
    </message>
    <message>
        <source>&amp;Arm softer or stiffer by</source>
        <translation>&amp;Hebel weicher oder härter um</translation>
    </message>
    <message>
        <source>Stiffness of the arm, against the guitar as it came</source>
        <translation>Härte des Hebels, gegen die Gitarre, wie sie gebracht wurde</translation>
    </message>
    <message>
        <source>In all %1.</source>
        <translation>Insgesamt %1.</translation>
    </message>
    <message>
        <source>No claw within its reach holds this set; other springs first.</source>
        <translation>In ihrer Reichweite hält keine Federkralle diesen Satz; zuerst andere Federn.</translation>
    </message>
    <message>
        <source>This set needs no claw turn.</source>
        <translation>Dieser Satz braucht keine Drehung der Federkralle.</translation>
    </message>
    <message>
        <source>Claw: %1 turns.</source>
        <translation>Federkralle, in Umdrehungen: %1.</translation>
    </message>
    <message>
        <source>The arm is as wished.</source>
        <translation>Der Hebel ist wie gewünscht.</translation>
    </message>
    <message>
        <source>Strings alone bring the arm to %1 only; other springs do more.</source>
        <translation>Saiten allein bringen den Hebel nur auf %1; andere Federn bewirken mehr.</translation>
    </message>
    <message>
        <source>Nothing sold comes nearer: the gauges for string %1 end there.</source>
        <translation>Näher kommt nichts Käufliches: die Stärken für Saite %1 enden dort.</translation>
    </message>
    <message>
        <source>There may be one that comes nearer still.</source>
        <translation>Vielleicht gibt es einen, der noch näher kommt.</translation>
    </message>
    <message>
        <source>choose strings</source>
        <translation>Saiten auswählen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>&amp;Keep the balance</source>
        <translation>&amp;Die Balance halten</translation>
    </message>
    <message>
        <source>&amp;Every string alike</source>
        <translation>&amp;Jede Saite gleich</translation>
    </message>
    <message>
        <source>&amp;Pulls as before</source>
        <translation>&amp;Zug wie vorher</translation>
    </message>
    <message>
        <source>The arm so much softer or stiffer than it was, with pulls as near to the old ones as that leaves.</source>
        <translation>Der Hebel um so viel weicher oder härter als vorher, mit so wenig anderem Zug wie möglich.</translation>
    </message>
    <message>
        <source>No claw turn in the planned tuning, with pulls as near to the old ones as that leaves.</source>
        <translation>Keine Drehung der Federkralle in der geplanten Stimmung, mit so wenig anderem Zug wie möglich.</translation>
    </message>
    <message>
        <source>It is the one that is planned.</source>
        <translation>Es ist der geplante.</translation>
    </message>
    <message>
        <source>As &amp;on</source>
        <translation>Wie &amp;auf</translation>
    </message>
    <message>
        <source>Guitar whose pulls are wished</source>
        <translation>Gitarre, deren Zug gewünscht wird</translation>
    </message>
    <message>
        <source>only from the &amp;drawers</source>
        <translation>nur aus den &amp;Schubladen</translation>
    </message>
    <message>
        <source>Choose a guitar to follow.</source>
        <translation>Eine Gitarre als Vorbild wählen.</translation>
    </message>
    <message>
        <source>That guitar has another number of strings. Choose one with %1.</source>
        <translation>Diese Gitarre hat eine andere Zahl von Saiten. Eine mit %1 wählen.</translation>
    </message>
    <message>
        <source>All strings pull alike, as nearly as they are sold, and no claw turn.</source>
        <translation>Alle Saiten ziehen so gleich, wie es sie zu kaufen gibt, und keine Drehung der Federkralle.</translation>
    </message>
    <message>
        <source>Pulls as before, as nearly as strings are sold, whatever else that takes.</source>
        <translation>Jede Saite zieht so nah an vorher, wie es sie zu kaufen gibt, was immer es sonst braucht.</translation>
    </message>
    <message>
        <source>Pulls as on the other guitar, as nearly as strings are sold, whatever else that takes.</source>
        <translation>Jede Saite zieht so nah an der anderen Gitarre, wie es sie zu kaufen gibt, was immer es sonst braucht.</translation>
    </message>
    <message>
        <source>All strings pull alike, as nearly as they are sold, and the bridge rests where it should.</source>
        <translation>Alle Saiten ziehen so gleich, wie es sie zu kaufen gibt, und die Brücke ruht, wo sie soll.</translation>
    </message>
    <message>
        <source>The bridge rests where it should in the planned tuning, with pulls as near to the old ones as that leaves.</source>
        <translation>Die Brücke ruht in der geplanten Stimmung, wo sie soll, mit so wenig anderem Zug wie möglich.</translation>
    </message>
    <message>
        <source>%1 springs instead of %2</source>
        <translation>%1 Federn statt %2</translation>
    </message>
    <message>
        <source>springs stiffer by %1 %</source>
        <translation>Federn um %1 % härter</translation>
    </message>
    <message>
        <source>springs softer by %1 %</source>
        <translation>Federn um %1 % weicher</translation>
    </message>
    <message>
        <source>longer or packed by %1 mm</source>
        <translation>um %1 mm länger oder unterlegt</translation>
    </message>
    <message>
        <source>shorter by %1 mm</source>
        <translation>um %1 mm kürzer</translation>
    </message>
    <message>
        <source>Calculated for this guitar as it is known now. Bend: sideways at the twelfth fret for a whole step, the bridge giving way. The arm&apos;s half step: at the pivot, all strings on the mean. Drop: the lowest string alone, a whole step; where a stop keeps the arm from going back, the others stay.</source>
        <translation>Berechnet für diese Gitarre, wie sie jetzt bekannt ist. Ziehen: seitlich am zwölften Bund um einen Ganzton, wobei die Brücke nachgibt. Der Halbton des Hebels: an der Drehachse, alle Saiten im Mittel. Senken: die tiefste Saite allein um einen Ganzton; wo ein Anschlag den Hebel nicht zurücklässt, bleiben die anderen.</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>other &amp;springs too</source>
        <translation>auch andere &amp;Federn</translation>
    </message>
    <message>
        <source>Up to two fewer or more, softer or stiffer by a fifth</source>
        <translation>Bis zu zwei weniger oder mehr, um ein Fünftel weicher oder härter</translation>
    </message>
    <message>
        <source>Sets and single strings that lie in the shop&apos;s stock</source>
        <translation>Sätze und einzelne Saiten, die im Bestand der Werkstatt liegen</translation>
    </message>
    <message>
        <source>A set to look at beside the chosen one</source>
        <translation>Ein Satz, der neben dem gewählten steht</translation>
    </message>
    <message>
        <source>Choose a set, or type its gauges: 9 11 16 24 32 42, or 0.23 0.28 … in millimetres</source>
        <translation>Einen Satz wählen oder seine Stärken eintippen: 9 11 16 24 32 42, oder 0.23 0.28 … in Millimetern</translation>
    </message>
    <message>
        <source>choose, or type gauges</source>
        <translation>wählen oder Stärken eintippen</translation>
    </message>
    <message>
        <source>%1  (%2 in the drawers)</source>
        <translation>%1  (%2 in den Schubladen)</translation>
    </message>
    <message>
        <source>Its twin: pulls and arm as on the other guitar, with the strings and springs that come nearest.</source>
        <translation>Ihr Zwilling: Zug und Hebel wie auf der anderen Gitarre, mit den Saiten und Federn, die am nächsten kommen.</translation>
    </message>
    <message>
        <source>Beside</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>Beside: %1.</source>
        <translation>Daneben: %1.</translation>
    </message>
    <message>
        <source>With %1.</source>
        <translation>Mit: %1.</translation>
    </message>
    <message>
        <source>Strings and springs bring the arm to %1 only.</source>
        <translation>Saiten und Federn bringen den Hebel nur auf %1.</translation>
    </message>
    <message>
        <source>It goes up %1 less than the other: that is its recess, no string changes it.</source>
        <translation>Sie geht um %1 weniger hoch als die andere: das ist ihre Fräsung, keine Saite ändert das.</translation>
    </message>
    <message>
        <source>It goes up %1 further than the other: that is its recess, no string changes it.</source>
        <translation>Sie geht um %1 weiter hoch als die andere: das ist ihre Fräsung, keine Saite ändert das.</translation>
    </message>
    <message>
        <source>Plan t&amp;he one beside</source>
        <translation>Den da&amp;neben planen</translation>
    </message>
    <message>
        <source>Plan the &amp;chosen set</source>
        <translation>Den &amp;gewählten Satz planen</translation>
    </message>
    <message>
        <source>&amp;Beside:</source>
        <translation>&amp;Daneben:</translation>
    </message>
    <message>
        <source>Its arm stays %1 from the other&apos;s.</source>
        <translation>Ihr Hebel bleibt %1 von dem der anderen.</translation>
    </message>
</context>
<context>
    <name>flenzo::ConflictDialog</name>
    <message>
        <source>Two benches changed this job</source>
        <translation>Zwei Werkbänke haben diesen Auftrag geändert</translation>
    </message>
    <message>
        <source>Which one goes on? The other stays as a job of its own.</source>
        <translation>Mit welchem geht es weiter? Der andere bleibt als eigener Auftrag.</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was verschieden ist</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Hier</translation>
    </message>
    <message>
        <source>At the other bench</source>
        <translation>An der anderen Werkbank</translation>
    </message>
    <message>
        <source>Go on with what is &amp;here</source>
        <translation>Mit dem von &amp;hier weiter</translation>
    </message>
    <message>
        <source>Go on with the &amp;other bench&apos;s</source>
        <translation>Mit dem der &amp;anderen Werkbank weiter</translation>
    </message>
    <message>
        <source>&amp;Later</source>
        <translation>&amp;Später</translation>
    </message>
</context>
<context>
    <name>flenzo::DayPanel</name>
    <message>
        <source>%1 %2, %3</source>
        <translation>%1 %2, %3</translation>
    </message>
    <message>
        <source>then the oil stays on</source>
        <translation>dann bleibt das Öl</translation>
    </message>
    <message>
        <source>then the strings rest over night</source>
        <translation>dann ruhen die Saiten über Nacht</translation>
    </message>
    <message>
        <source>Day &amp;before</source>
        <translation>Tag da&amp;vor</translation>
    </message>
    <message>
        <source>Day &amp;after</source>
        <translation>Tag da&amp;nach</translation>
    </message>
    <message>
        <source>The day, a lane for each person</source>
        <translation>Der Tag, eine Spur je Person</translation>
    </message>
    <message>
        <source>Jobs in hand, in the order in which they are begun</source>
        <translation>Aufträge in Arbeit, in der Reihenfolge, in der sie begonnen werden</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Gitarre</translation>
    </message>
    <message>
        <source>Begun at</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>Done at</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Left, min</source>
        <translation>Übrig, min</translation>
    </message>
    <message>
        <source>Promised by</source>
        <translation>Zugesagt bis</translation>
    </message>
    <message>
        <source>Not before</source>
        <translation>Nicht vor</translation>
    </message>
    <message>
        <source>O&amp;pen</source>
        <translation>&amp;Offen</translation>
    </message>
    <message>
        <source>From when to when, as in 9:00-12:30, 13:30-18:00</source>
        <translation>Von wann bis wann, wie in 9:00-12:30, 13:30-18:00</translation>
    </message>
    <message>
        <source>open on %1</source>
        <translation>offen am %1</translation>
    </message>
    <message>
        <source>P&amp;eople</source>
        <translation>&amp;Personen</translation>
    </message>
    <message>
        <source>the shop&apos;s hours</source>
        <translation>Die Öffnungszeiten</translation>
    </message>
    <message>
        <source>Laying out the day…</source>
        <translation>Der Tag wird gelegt…</translation>
    </message>
    <message>
        <source>The shop&apos;s hours</source>
        <translation>Die Öffnungszeiten</translation>
    </message>
    <message>
        <source>No other order keeps more promises or is done sooner.</source>
        <translation>Keine andere Reihenfolge hält mehr Zusagen oder ist eher fertig.</translation>
    </message>
    <message>
        <source>No order is better than this one by more than %1 % (promises and time until done).</source>
        <translation>Keine Reihenfolge ist um mehr als %1 % besser als diese (Zusagen und Zeit bis fertig).</translation>
    </message>
    <message>
        <source>Minutes are the shop&apos;s own of earlier jobs, or assumed. Type over when a job is promised, or before when nothing can be done on it: 17:00, 2026-03-31, or both.</source>
        <translation>Minuten sind die der eigenen früheren Aufträge, oder angenommen. Darüber tippen, bis wann ein Auftrag zugesagt ist, oder vor wann nichts daran zu tun ist: 17:00, 2026-03-31 oder beides.</translation>
    </message>
    <message>
        <source>No job is in hand.</source>
        <translation>Kein Auftrag ist in Arbeit.</translation>
    </message>
    <message>
        <source>; and %1 more.</source>
        <translation>; und %1 weitere.</translation>
    </message>
    <message>
        <source>First %1, at %2. Every promise can be kept.</source>
        <translation>Zuerst %1, um %2. Jede Zusage ist zu halten.</translation>
    </message>
    <message>
        <source>Nothing is left to do by hand.</source>
        <translation>Von Hand ist nichts mehr zu tun.</translation>
    </message>
    <message>
        <source>%1, late</source>
        <translation>%1, zu spät</translation>
    </message>
    <message>
        <source>Nothing is laid out for this day.</source>
        <translation>Für diesen Tag ist nichts gelegt.</translation>
    </message>
    <message>
        <source>%1 to %2: %3</source>
        <translation>%1 bis %2: %3</translation>
    </message>
    <message>
        <source>promise</source>
        <translation>Zusage</translation>
    </message>
    <message>
        <source>not before</source>
        <translation>nicht vor</translation>
    </message>
    <message>
        <source>Another order may be a little better still.</source>
        <translation>Eine andere Reihenfolge ist vielleicht noch ein wenig besser.</translation>
    </message>
    <message>
        <source>When the shop is open</source>
        <translation>Wann geöffnet ist</translation>
    </message>
    <message>
        <source>How many people work</source>
        <translation>Wie viele arbeiten</translation>
    </message>
    <message>
        <source>%1: done %2, promised %3</source>
        <translation>%1: fertig %2, zugesagt %3</translation>
    </message>
    <message>
        <source>Late as it is laid out, tell the owner: %1</source>
        <translation>So gelegt zu spät, den Besitzern sagen: %1</translation>
    </message>
</context>
<context>
    <name>flenzo::DuePanel</name>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message numerus="yes">
        <source>%n days ago</source>
        <translation>
            <numerusform>vor %n Tag</numerusform>
            <numerusform>vor %n Tagen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>in %n days</source>
        <translation>
            <numerusform>in %n Tag</numerusform>
            <numerusform>in %n Tagen</numerusform>
        </translation>
    </message>
    <message>
        <source>What is due</source>
        <translation>Was fällig ist</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Gitarre</translation>
    </message>
    <message>
        <source>Owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>The season: weeks across, guitars down</source>
        <translation>Die Saison: Wochen quer, Gitarren untereinander</translation>
    </message>
    <message>
        <source>Begin this restring</source>
        <translation>Diese Besaitung beginnen</translation>
    </message>
    <message>
        <source>It holds</source>
        <translation>Sie hält</translation>
    </message>
    <message>
        <source>It drifts</source>
        <translation>Sie verstimmt sich</translation>
    </message>
    <message>
        <source>Copy the reminder</source>
        <translation>Erinnerung kopieren</translation>
    </message>
    <message>
        <source>Save as calendar…</source>
        <translation>Als Kalender speichern…</translation>
    </message>
    <message>
        <source>restring</source>
        <translation>neu besaiten</translation>
    </message>
    <message>
        <source>check: does it drift?</source>
        <translation>nachsehen: verstimmt sie sich?</translation>
    </message>
    <message>
        <source>(no name yet)</source>
        <translation>(noch ohne Namen)</translation>
    </message>
    <message>
        <source>Nothing is due. A guitar comes here when its job is finished: a day later to see whether it drifts, and again before its strings are worn.</source>
        <translation>Nichts ist fällig. Eine Gitarre kommt hierher, wenn ihr Auftrag fertig ist: einen Tag später, um zu sehen, ob sie sich verstimmt, und wieder, bevor ihre Saiten verschlissen sind.</translation>
    </message>
    <message>
        <source>This job is open; close it or note it there.</source>
        <translation>Dieser Auftrag ist offen; schließen oder dort notieren.</translation>
    </message>
    <message>
        <source>Save as calendar</source>
        <translation>Als Kalender speichern</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>Every string as it is now, cents, thickest first; it need not be told</source>
        <translation>Jede Saite, wie sie jetzt ist, Cent, die dickste zuerst; muss nicht gesagt werden</translation>
    </message>
    <message>
        <source>readings now</source>
        <translation>Ablesungen jetzt</translation>
    </message>
    <message>
        <source>Temperature of the room</source>
        <translation>Temperatur des Raums</translation>
    </message>
    <message>
        <source>Humidity of the room</source>
        <translation>Feuchte des Raums</translation>
    </message>
    <message>
        <source>The readings</source>
        <translation>Die Ablesungen</translation>
    </message>
</context>
<context>
    <name>flenzo::FieldTable</name>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>mark of %1</source>
        <translation>Zeichen von %1</translation>
    </message>
</context>
<context>
    <name>flenzo::FindForm</name>
    <message>
        <source>By a luggage scale: hook it to the arm&apos;s end and pull square to the arm until the plate just begins to move.</source>
        <translation>Mit einer Kofferwaage: am Hebelende einhaken und quer zum Hebel ziehen, bis die Platte sich gerade zu bewegen beginnt.</translation>
    </message>
    <message>
        <source>That is what holds the plate</source>
        <translation>Das hält die Platte</translation>
    </message>
    <message>
        <source>the scale shows</source>
        <translation>die Waage zeigt</translation>
    </message>
    <message>
        <source>pivot to arm&apos;s end</source>
        <translation>Drehpunkt bis Hebelende</translation>
    </message>
    <message>
        <source>A spring by a luggage scale: unhook it, measure it lying free, then draw it out to two lengths. Safety glasses on, face out of its line.</source>
        <translation>Eine Feder mit einer Kofferwaage: aushängen, frei liegend messen, dann auf zwei Längen ziehen. Schutzbrille auf, Gesicht aus ihrer Richtung.</translation>
    </message>
    <message>
        <source>All springs are like it</source>
        <translation>Alle Federn sind wie diese</translation>
    </message>
    <message>
        <source>length with no load</source>
        <translation>Länge ohne Last</translation>
    </message>
    <message>
        <source>drawn out to</source>
        <translation>gezogen auf</translation>
    </message>
    <message>
        <source>the scale shows there</source>
        <translation>die Waage zeigt dort</translation>
    </message>
    <message>
        <source>drawn out further to</source>
        <translation>weiter gezogen auf</translation>
    </message>
    <message>
        <source>By two claw positions: all strings in tune, note the plate; turn both claw screws alike, tune all strings again, note the plate again. The further apart, the surer.</source>
        <translation>Mit zwei Stellungen der Federkralle: alle Saiten gestimmt, die Plattenlage notieren; beide Schrauben gleich drehen, alle Saiten wieder stimmen, die Plattenlage wieder notieren. Je weiter auseinander, desto sicherer.</translation>
    </message>
    <message>
        <source>The springs are so</source>
        <translation>So sind die Federn</translation>
    </message>
    <message>
        <source>plate, as an angle or the gap in mm</source>
        <translation>Platte, als Winkel oder Spalt in mm</translation>
    </message>
    <message>
        <source>both screws, turns (minus: loosened)</source>
        <translation>beide Schrauben, Umdrehungen (minus: gelöst)</translation>
    </message>
    <message>
        <source>plate then</source>
        <translation>Platte danach</translation>
    </message>
    <message>
        <source>It is held by %1.</source>
        <translation>Sie wird von %1 gehalten.</translation>
    </message>
    <message>
        <source>%1 is more than a bridge is held by. Check the force and the length.</source>
        <translation>%1 ist mehr, als ein Vibrato hält. Kraft und Länge prüfen.</translation>
    </message>
    <message>
        <source>These do not fit one spring: drawn further it must pull more. Measure again.</source>
        <translation>Das passt nicht zu einer Feder: weiter gezogen muss sie stärker ziehen. Noch einmal messen.</translation>
    </message>
    <message>
        <source>Rate %1, initial tension %2.</source>
        <translation>Federrate %1, Vorspannung %2.</translation>
    </message>
    <message>
        <source>No spring explains these two. Tightened, the plate must go back; were all strings in tune both times?</source>
        <translation>Keine Feder erklärt diese beiden. Beim Anziehen muss die Platte zurückgehen; waren beide Male alle Saiten gestimmt?</translation>
    </message>
    <message>
        <source>The springs are %1 % softer than was assumed. A tenth of a degree misread makes %2 %.</source>
        <translation>Die Federn sind %1 % weicher als angenommen. Ein Zehntelgrad falsch gelesen macht %2 %.</translation>
    </message>
    <message>
        <source>The springs are %1 % stiffer than was assumed. A tenth of a degree misread makes %2 %.</source>
        <translation>Die Federn sind %1 % härter als angenommen. Ein Zehntelgrad falsch gelesen macht %2 %.</translation>
    </message>
    <message>
        <source>These two are too near each other: misread by a tenth of a degree, they say something else entirely. Turn the claw further.</source>
        <translation>Beide liegen zu nah beieinander: Um ein Zehntelgrad falsch abgelesen, sagen sie etwas ganz anderes. Die Krallenschrauben weiter drehen.</translation>
    </message>
</context>
<context>
    <name>flenzo::FirstAnswerForm</name>
    <message>
        <source>1  Which bridge is it?</source>
        <translation>1  Welche Brücke ist es?</translation>
    </message>
    <message>
        <source>2  Which strings come off, which go on?</source>
        <translation>2  Welche Saiten kommen ab, welche drauf?</translation>
    </message>
    <message>
        <source>3  In tune on the old strings, the plate is</source>
        <translation>3  Mit den alten Saiten gestimmt ist die Platte</translation>
    </message>
    <message>
        <source>guitar</source>
        <translation>Gitarre</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>reason for the job</source>
        <translation>Grund des Auftrags</translation>
    </message>
    <message>
        <source>comes off</source>
        <translation>kommt ab</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>kommt drauf</translation>
    </message>
    <message>
        <source>number</source>
        <translation>Zahl</translation>
    </message>
    <message>
        <source>Side section of the bridge</source>
        <translation>Seitenschnitt der Brücke</translation>
    </message>
    <message>
        <source>Calculated. Figures nobody measured are assumed (%1 measured so far); the readings correct them. Plus or minus %2 turns.</source>
        <translation>Berechnet. Was niemand gemessen hat, ist angenommen (bisher %1 gemessen); die Ablesungen berichtigen es. Auf %2 Umdrehungen genau.</translation>
    </message>
    <message>
        <source>Strings that are changed</source>
        <translation>Saiten, die gewechselt werden</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Wechsel</translation>
    </message>
    <message>
        <source>strings to change</source>
        <translation>Saiten des Wechsels</translation>
    </message>
    <message>
        <source>all strings</source>
        <translation>alle Saiten</translation>
    </message>
    <message>
        <source>only %1, which broke</source>
        <translation>nur %1, gerissen</translation>
    </message>
    <message>
        <source>Where it broke</source>
        <translation>Wo sie riss</translation>
    </message>
    <message>
        <source>where it broke</source>
        <translation>Stelle des Risses</translation>
    </message>
</context>
<context>
    <name>flenzo::GuitarActs</name>
    <message>
        <source>Put a block in</source>
        <translation>Klotz einsetzen</translation>
    </message>
    <message>
        <source>Thickness under the rear edge; level is %1</source>
        <translation>Dicke unter der Hinterkante; eben ist %1</translation>
    </message>
    <message>
        <source>take block out</source>
        <translation>Klotz herausnehmen</translation>
    </message>
    <message>
        <source>string on</source>
        <translation>Saite aufgezogen</translation>
    </message>
    <message>
        <source>Bridge posts were turned</source>
        <translation>Brückenbolzen wurden gedreht</translation>
    </message>
    <message>
        <source>Raised by (a minus sign: lowered), the same on both bridge posts.
Strings slack first: bridge posts turned under tension wear their edges.</source>
        <translation>Höher um (mit Minus: tiefer), an beiden Bolzen gleich.
Zuerst die Saiten entspannen: unter Zug gedrehte Bolzen verschleißen die Schneiden.</translation>
    </message>
    <message>
        <source>bridge posts turned</source>
        <translation>Bolzen gedreht</translation>
    </message>
    <message>
        <source>Saddle was moved</source>
        <translation>Reiter wurde versetzt</translation>
    </message>
    <message>
        <source>Towards the nut by (a minus sign: away from it), with its string slack</source>
        <translation>Zum Sattel hin um (mit Minus: von ihm weg), bei entspannter Saite</translation>
    </message>
    <message>
        <source>saddle moved</source>
        <translation>Reiter versetzt</translation>
    </message>
    <message>
        <source>Inserts are open</source>
        <translation>Klemmstücke sind offen</translation>
    </message>
    <message>
        <source>Saddle inserts are open and fall out when the guitar is turned over. Tape them first.
To go on all the same, say why:</source>
        <translation>Klemmstücke sind offen und fallen heraus, wenn die Gitarre umgedreht wird. Zuerst abkleben.
Um trotzdem weiterzugehen, sagen Sie, warum:</translation>
    </message>
    <message>
        <source>turn the guitar</source>
        <translation>Gitarre drehen</translation>
    </message>
    <message>
        <source>Lay it &amp;flat</source>
        <translation>&amp;Flach legen</translation>
    </message>
    <message>
        <source>Hold it as &amp;played</source>
        <translation>Wie ge&amp;spielt halten</translation>
    </message>
    <message>
        <source>Hang it &amp;upright</source>
        <translation>Au&amp;frecht hängen</translation>
    </message>
    <message>
        <source>Turn it face do&amp;wn</source>
        <translation>Umdreh&amp;en</translation>
    </message>
    <message>
        <source>Put a &amp;block in…</source>
        <translation>Klotz &amp;einsetzen…</translation>
    </message>
    <message>
        <source>Take the block &amp;out</source>
        <translation>Klotz &amp;herausnehmen</translation>
    </message>
    <message>
        <source>String &amp;off or broken</source>
        <translation>Saite &amp;ab oder gerissen</translation>
    </message>
    <message>
        <source>string off</source>
        <translation>Saite ab</translation>
    </message>
    <message>
        <source>&amp;New string on</source>
        <translation>&amp;Neue Saite aufgezogen</translation>
    </message>
    <message>
        <source>String has &amp;slipped</source>
        <translation>Saite ist ge&amp;rutscht</translation>
    </message>
    <message>
        <source>string slipped</source>
        <translation>Saite gerutscht</translation>
    </message>
    <message>
        <source>Something was &amp;moved or knocked</source>
        <translation>Et&amp;was wurde bewegt oder gestoßen</translation>
    </message>
    <message>
        <source>something moved</source>
        <translation>etwas bewegt</translation>
    </message>
    <message>
        <source>Bridge &amp;posts were turned…</source>
        <translation>&amp;Brückenbolzen wurden gedreht…</translation>
    </message>
    <message>
        <source>Sa&amp;ddle was moved…</source>
        <translation>Reiter wur&amp;de versetzt…</translation>
    </message>
</context>
<context>
    <name>flenzo::HandStrip</name>
    <message>
        <source>(no name yet)</source>
        <translation>(noch ohne Namen)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>soaks %1:%2, </source>
        <translation>zieht ein %1:%2, </translation>
    </message>
</context>
<context>
    <name>flenzo::HeightForm</name>
    <message>
        <source>action at fret 12 now, bass side</source>
        <translation>Saitenlage am 12. Bund jetzt, Bassseite</translation>
    </message>
    <message>
        <source>the same, treble side</source>
        <translation>dasselbe, Diskantseite</translation>
    </message>
    <message>
        <source>wanted, bass side</source>
        <translation>gewünscht, Bassseite</translation>
    </message>
    <message>
        <source>wanted, treble side</source>
        <translation>gewünscht, Diskantseite</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>senken</translation>
    </message>
    <message>
        <source>raise</source>
        <translation>heben</translation>
    </message>
    <message>
        <source>Type what the ruler shows and what is wanted; the turns follow.</source>
        <translation>Eingeben, was das Lineal zeigt und was gewünscht ist; die Umdrehungen folgen.</translation>
    </message>
    <message>
        <source>bridge posts turned</source>
        <translation>Bolzen gedreht</translation>
    </message>
    <message>
        <source>bridge post, mm per turn (assumed)</source>
        <translation>Brückenbolzen, mm je Umdrehung (angenommen)</translation>
    </message>
    <message>
        <source>screw, mm per turn (assumed)</source>
        <translation>Schraube, mm je Umdrehung (angenommen)</translation>
    </message>
    <message>
        <source>The bridge posts are turned so</source>
        <translation>Die Brückenbolzen sind so gedreht</translation>
    </message>
    <message>
        <source>%1: %2 by %3, %4 turns.</source>
        <translation>%1: %2 um %3, %4 Umdrehungen.</translation>
    </message>
    <message>
        <source>Bass bridge post</source>
        <translation>Brückenbolzen Bass</translation>
    </message>
    <message>
        <source>Bass side</source>
        <translation>Bassseite</translation>
    </message>
    <message>
        <source>Treble bridge post</source>
        <translation>Brückenbolzen Diskant</translation>
    </message>
    <message>
        <source>Treble side</source>
        <translation>Diskantseite</translation>
    </message>
</context>
<context>
    <name>flenzo::HeldPanel</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>In the days after the hand-over all strings move by %1 cents (%2): %3.</source>
        <translation>In den Tagen nach der Übergabe gehen alle Saiten um %1 Cent (%2): %3.</translation>
    </message>
    <message>
        <source>settle them longer, or have them rest over night</source>
        <translation>länger setzen lassen, oder über Nacht ruhen</translation>
    </message>
    <message>
        <source>they were stretched beyond what they hold</source>
        <translation>sie wurden mehr gedehnt, als sie halten</translation>
    </message>
    <message>
        <source>%1 holds better than the others: it changes %2 as much.</source>
        <translation>%1 hält besser als die anderen: er ändert sich %2 so viel.</translation>
    </message>
    <message>
        <source>%1 holds less well than the others: it changes %2 as much.</source>
        <translation>%1 hält weniger gut als die anderen: er ändert sich %2 so viel.</translation>
    </message>
    <message>
        <source>%1: strings settle %2 as much as otherwise.</source>
        <translation>%1: Saiten setzen sich %2 so viel wie sonst.</translation>
    </message>
    <message>
        <source>Ten percent more humidity moves all strings by %1 cents (%2 to %3): season, not wear.</source>
        <translation>Zehn Prozent mehr Feuchte bewegen alle Saiten um %1 Cent (%2 bis %3): Jahreszeit, kein Verschleiß.</translation>
    </message>
    <message>
        <source>Five degrees more move all strings by %1 cents (%2 to %3): season, not wear.</source>
        <translation>Fünf Grad mehr bewegen alle Saiten um %1 Cent (%2 bis %3): Jahreszeit, kein Verschleiß.</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>Checked</source>
        <translation>Geprüft</translation>
    </message>
    <message>
        <source>Then, cents</source>
        <translation>Dann, Cent</translation>
    </message>
    <message>
        <source>Came again</source>
        <translation>Wieder da</translation>
    </message>
    <message>
        <source>Changed, cents</source>
        <translation>Geändert, Cent</translation>
    </message>
    <message>
        <source>After days</source>
        <translation>Nach Tagen</translation>
    </message>
    <message>
        <source>What each set did in this shop</source>
        <translation>Was jeder Satz in dieser Werkstatt tat</translation>
    </message>
    <message>
        <source>Medians. Then: all strings, from the hand-over to the check within five days. Changed: the mean amount of every string until the next visit. A finding is what chance explains in less than one shop of twenty, everything that is looked at counted.</source>
        <translation>Mediane. Dann: alle Saiten, von der Übergabe bis zur Prüfung in fünf Tagen. Geändert: der mittlere Betrag jeder Saite bis zum nächsten Besuch. Ein Befund ist, was der Zufall in weniger als einer von zwanzig Werkstätten erklärt, alles gezählt, wonach gesehen wird.</translation>
    </message>
    <message>
        <source>Reading the records…</source>
        <translation>Einträge werden gelesen …</translation>
    </message>
    <message>
        <source>Nothing to compare yet. How a guitar leaves is noted by itself; how it is a day later is typed at its check under Due, how it comes in at the first look, each with the room&apos;s temperature and humidity where there is a meter.</source>
        <translation>Noch nichts zu vergleichen. Wie eine Gitarre geht, wird von selbst notiert; wie sie einen Tag später ist, wird bei ihrer Prüfung unter Fällig getippt, wie sie ankommt beim ersten Ansehen, jeweils mit Temperatur und Feuchte des Raums, wo es ein Messgerät gibt.</translation>
    </message>
    <message>
        <source>Nothing that chance would not do as well.</source>
        <translation>Nichts, was der Zufall nicht ebenso täte.</translation>
    </message>
    <message>
        <source>own sets</source>
        <translation>eigene Sätze</translation>
    </message>
    <message>
        <source>%1 times (%2 to %3)</source>
        <translation>%1 mal (%2 bis %3)</translation>
    </message>
    <message>
        <source>%1: string %2 from the thickest goes its own way, %3 cents from visit to visit (%4). Look at its nut slot, saddle and tuner.</source>
        <translation>%1: Saite %2 von der dicksten an geht ihren eigenen Weg, %3 Cent von Besuch zu Besuch (%4). Nach ihrer Sattelkerbe, ihrem Reiter und ihrer Mechanik sehen.</translation>
    </message>
    <message>
        <source>Looks at guitars that nobody had touched since the look before: %1.</source>
        <translation>Blicke auf Gitarren, die seit dem Blick davor niemand berührt hat: %1.</translation>
    </message>
</context>
<context>
    <name>flenzo::HelpPage</name>
    <message>
        <source>Search the help</source>
        <translation>In der Hilfe suchen</translation>
    </message>
    <message>
        <source>Contents of the help</source>
        <translation>Inhalt der Hilfe</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>user-guide.md</source>
        <translation>de/user-guide.md</translation>
    </message>
    <message>
        <source>glossary.md</source>
        <translation>de/glossary.md</translation>
    </message>
    <message>
        <source>keys.md</source>
        <translation>de/keys.md</translation>
    </message>
</context>
<context>
    <name>flenzo::IntonateForm</name>
    <message>
        <source>Octave fretted against open, cents</source>
        <translation>Gegriffene Oktave gegen leere, Cent</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Reiter</translation>
    </message>
    <message>
        <source>%1 is heard open; now stop it at fret 12.</source>
        <translation>%1 ist leer gehört; jetzt am 12. Bund greifen.</translation>
    </message>
    <message>
        <source>Read each string open and at fret 12, or pluck both while the program listens. The guess is for an action of %1, an assumption.</source>
        <translation>Jede Saite leer und am 12. Bund ablesen, oder beides anschlagen, während das Programm zuhört. Die Schätzung gilt für eine Saitenlage von %1, eine Annahme.</translation>
    </message>
    <message>
        <source>forward %1</source>
        <translation>vor %1</translation>
    </message>
    <message>
        <source>back %1</source>
        <translation>zurück %1</translation>
    </message>
    <message>
        <source>A loose bridge in one piece: bass end %1, treble end %2 away from the nut.</source>
        <translation>Eine lose Brücke aus einem Stück: Bassende %1, Diskantende %2 vom Sattel weg.</translation>
    </message>
    <message>
        <source>These saddles are moved so</source>
        <translation>Diese Reiter sind so versetzt</translation>
    </message>
    <message>
        <source>saddle moved</source>
        <translation>Reiter versetzt</translation>
    </message>
    <message>
        <source>octave off, ¢</source>
        <translation>Oktavfehler, ¢</translation>
    </message>
    <message>
        <source>guess, ¢</source>
        <translation>Schätzung, ¢</translation>
    </message>
    <message>
        <source>Stopped at fret 12 against open; plus is sharp</source>
        <translation>Am 12. Bund gegriffen gegen leer; plus ist zu hoch</translation>
    </message>
</context>
<context>
    <name>flenzo::JobExchange</name>
    <message numerus="yes">
        <source>%n jobs came in.</source>
        <translation>
            <numerusform>%n Auftrag kam herein.</numerusform>
            <numerusform>%n Aufträge kamen herein.</numerusform>
        </translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Einlesen</translation>
    </message>
    <message>
        <source>Guitars and jobs (*.flenzo-guitar *.flenzo-job)</source>
        <translation>Gitarren und Aufträge (*.flenzo-guitar *.flenzo-job)</translation>
    </message>
    <message>
        <source>Export the guitar</source>
        <translation>Gitarre ausgeben</translation>
    </message>
    <message>
        <source>Folder for jobs.csv and events.csv</source>
        <translation>Ordner für jobs.csv und events.csv</translation>
    </message>
    <message>
        <source>Writing the tables</source>
        <translation>Tabellen werden geschrieben</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>&amp;Job sheet…</source>
        <translation>Auftrags&amp;blatt…</translation>
    </message>
    <message>
        <source>&amp;Import a guitar or job…</source>
        <translation>Gitarre oder Auftrag &amp;einlesen…</translation>
    </message>
    <message>
        <source>&amp;Export this guitar with its history…</source>
        <translation>Diese Gitarre mit ihrer Geschichte &amp;ausgeben…</translation>
    </message>
    <message>
        <source>Export everything as &amp;tables…</source>
        <translation>Alles als &amp;Tabellen ausgeben…</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Gespeichert als %1.</translation>
    </message>
    <message>
        <source>Job sheet</source>
        <translation>Auftragsblatt</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML (*.html)</source>
        <translation>PDF (*.pdf);;HTML (*.html)</translation>
    </message>
    <message>
        <source>the strings</source>
        <translation>Die Saiten</translation>
    </message>
    <message>
        <source>Card for the case</source>
        <translation>Karte für den Koffer</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;SVG (*.svg)</source>
        <translation>PDF (*.pdf);;SVG (*.svg)</translation>
    </message>
    <message>
        <source>&amp;Card for the case…</source>
        <translation>&amp;Karte für den Koffer…</translation>
    </message>
</context>
<context>
    <name>flenzo::JobFiles</name>
    <message>
        <source>%1. The job that was open is untouched.</source>
        <translation>%1. Der offene Auftrag ist unberührt.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Gespeichert als %1.</translation>
    </message>
    <message>
        <source>Not saved</source>
        <translation>Nicht gespeichert</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has changes that are in no file yet.</source>
        <translation>„%1“ hat Änderungen, die noch in keiner Datei sind.</translation>
    </message>
    <message>
        <source>Open a job</source>
        <translation>Auftrag öffnen</translation>
    </message>
    <message>
        <source>Jobs (*.flenzo-job);;All files (*)</source>
        <translation>Aufträge (*.flenzo-job);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Save the job</source>
        <translation>Auftrag speichern</translation>
    </message>
    <message>
        <source>Jobs (*.flenzo-job)</source>
        <translation>Aufträge (*.flenzo-job)</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Speichern &amp;unter…</translation>
    </message>
</context>
<context>
    <name>flenzo::JobForm</name>
    <message>
        <source>card</source>
        <translation>Karte</translation>
    </message>
</context>
<context>
    <name>flenzo::JobKeeper</name>
    <message>
        <source>Two benches changed this job apart from each other; this is what one of them had.</source>
        <translation>Zwei Werkbänke haben diesen Auftrag getrennt voneinander geändert; dies hatte eine von ihnen.</translation>
    </message>
</context>
<context>
    <name>flenzo::JobPage</name>
    <message>
        <source>The time is up.</source>
        <translation>Die Zeit ist um.</translation>
    </message>
    <message>
        <source>Reason or note</source>
        <translation>Grund oder Notiz</translation>
    </message>
    <message>
        <source>Cancel  (Esc)</source>
        <translation>Abbrechen  (Esc)</translation>
    </message>
    <message>
        <source>Step done  (Space)</source>
        <translation>Schritt fertig  (Leertaste)</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Skip…</source>
        <translation>Überspringen…</translation>
    </message>
    <message>
        <source>Note…</source>
        <translation>Notiz…</translation>
    </message>
    <message>
        <source>Photo…</source>
        <translation>Foto…</translation>
    </message>
    <message>
        <source>Trouble?</source>
        <translation>Ärger?</translation>
    </message>
    <message>
        <source>What went wrong? From what is seen to cause and remedy (F2)</source>
        <translation>Was ist schiefgegangen? Vom Sichtbaren zu Ursache und Abhilfe (F2)</translation>
    </message>
    <message>
        <source>Bench  (F6)</source>
        <translation>Werkbank  (F6)</translation>
    </message>
    <message>
        <source>Figures  (F4)</source>
        <translation>Werte  (F4)</translation>
    </message>
    <message>
        <source>The guitar&apos;s figures, measured or assumed, beside any step</source>
        <translation>Die Werte der Gitarre, gemessen oder angenommen, neben jedem Schritt</translation>
    </message>
    <message>
        <source>Why is this step skipped?</source>
        <translation>Warum wird dieser Schritt übersprungen?</translation>
    </message>
    <message>
        <source>Note to this step</source>
        <translation>Notiz zu diesem Schritt</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>To go on all the same, say why:</source>
        <translation>Um trotzdem weiterzugehen, sagen Sie, warum:</translation>
    </message>
    <message>
        <source>Photo to this step</source>
        <translation>Foto zu diesem Schritt</translation>
    </message>
    <message>
        <source>Back to the work  (Esc)</source>
        <translation>Zurück zur Arbeit  (Esc)</translation>
    </message>
    <message>
        <source>Only looking: the work is at another step.</source>
        <translation>Nur angesehen: die Arbeit ist bei einem anderen Schritt.</translation>
    </message>
    <message>
        <source>Step  (F6)</source>
        <translation>Schritt  (F6)</translation>
    </message>
    <message>
        <source>%1 steps, about %2 min left</source>
        <translation>%1 Schritte, noch etwa %2 min</translation>
    </message>
    <message>
        <source>%1 steps, %2 min</source>
        <translation>%1 Schritte, %2 min</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>job finished</source>
        <translation>Auftrag fertig</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Stop listening  (F8)</source>
        <translation>Zuhören beenden  (F8)</translation>
    </message>
    <message>
        <source>Listen  (F8)</source>
        <translation>Zuhören  (F8)</translation>
    </message>
    <message>
        <source>More of listening</source>
        <translation>Mehr zum Zuhören</translation>
    </message>
    <message>
        <source>Continue  (Enter)</source>
        <translation>Weiter  (Enter)</translation>
    </message>
</context>
<context>
    <name>flenzo::JobText</name>
    <message>
        <source>kind of bridge</source>
        <translation>Art der Brücke</translation>
    </message>
</context>
<context>
    <name>flenzo::LearnedPanel</name>
    <message>
        <source>spring rate</source>
        <translation>Federrate</translation>
    </message>
    <message>
        <source>N/mm</source>
        <translation>N/mm</translation>
    </message>
    <message>
        <source>initial tension</source>
        <translation>Vorspannung</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>hook depth</source>
        <translation>Tiefe der Haken</translation>
    </message>
    <message>
        <source>string height over the pivot</source>
        <translation>Höhe der Saiten über dem Drehpunkt</translation>
    </message>
    <message>
        <source>claw travel per turn</source>
        <translation>Weg der Federkralle je Umdrehung</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>claw&apos;s place, from the one counted</source>
        <translation>Ort der Federkralle, vom gezählten aus</translation>
    </message>
    <message>
        <source>saddles behind the pivot</source>
        <translation>Reiter hinter dem Drehpunkt</translation>
    </message>
    <message>
        <source>what the pivot holds</source>
        <translation>was der Drehpunkt hält</translation>
    </message>
    <message>
        <source>mN m</source>
        <translation>mN m</translation>
    </message>
    <message>
        <source>What the readings taught of this guitar</source>
        <translation>Was die Ablesungen von dieser Gitarre lehrten</translation>
    </message>
    <message>
        <source>quantity</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>nominal</source>
        <translation>Nennwert</translation>
    </message>
    <message>
        <source>learned</source>
        <translation>gelernt</translation>
    </message>
    <message>
        <source>uncertain</source>
        <translation>unsicher</translation>
    </message>
    <message>
        <source>Learned</source>
        <translation>Gelernt</translation>
    </message>
    <message>
        <source>stiffness of single strings</source>
        <translation>Steifigkeit einzelner Saiten</translation>
    </message>
    <message>
        <source>from gauge and core</source>
        <translation>aus Stärke und Kern</translation>
    </message>
    <message>
        <source>up to %1 % off</source>
        <translation>bis zu %1 % daneben</translation>
    </message>
    <message>
        <source>Nothing has been read yet: these are the assumed figures and how far guitars usually lie from them.</source>
        <translation>Noch wurde nichts abgelesen: das sind die angenommenen Werte und wie weit Gitarren meist davon abweichen.</translation>
    </message>
    <message>
        <source>From %1 readings. The next aims and claw turns rest on these figures.</source>
        <translation>Aus %1 Ablesungen. Die nächsten Zielwerte und Drehungen der Federkralle beruhen auf diesen Werten.</translation>
    </message>
    <message>
        <source>shop&apos;s guitars</source>
        <translation>Gitarren der Werkstatt</translation>
    </message>
    <message numerus="yes">
        <source>Nothing has been read yet: these are the mean and the spread of %n guitars of this kind that the shop finished, drawn towards the usual figures.</source>
        <translation>
            <numerusform>Noch wurde nichts abgelesen: das sind Mittel und Streuung von %n Gitarre dieser Art aus dieser Werkstatt, zu den üblichen Werten hin gezogen.</numerusform>
            <numerusform>Noch wurde nichts abgelesen: das sind Mittel und Streuung von %n Gitarren dieser Art aus dieser Werkstatt, zu den üblichen Werten hin gezogen.</numerusform>
        </translation>
    </message>
    <message>
        <source>New guitars begin from the shop&apos;s</source>
        <translation>Neue gehen von denen der Werkstatt aus</translation>
    </message>
</context>
<context>
    <name>flenzo::ListenBar</name>
    <message>
        <source>Hear the demo guitar</source>
        <translation>Die Beispielgitarre hören</translation>
    </message>
    <message>
        <source>The simulated guitar is plucked and tuned in front of you, and heard as yours would be</source>
        <translation>Die simulierte Gitarre wird vor aller Augen angeschlagen und gestimmt, und gehört, wie eine echte es würde</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>How far the string is from its aim</source>
        <translation>Wie weit die Saite von ihrem Zielwert ist</translation>
    </message>
    <message>
        <source>Set up listening…</source>
        <translation>Zuhören einrichten…</translation>
    </message>
    <message>
        <source>Stop, and save the recording</source>
        <translation>Anhalten und die Aufnahme speichern</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Hear recording %1</source>
        <translation>Aufnahme %1 hören</translation>
    </message>
    <message>
        <source>The recording is saved with the job.</source>
        <translation>Die Aufnahme bleibt beim Auftrag.</translation>
    </message>
    <message>
        <source>Pluck one string: it is named here, and read when its pitch has settled. Mute all strings twice to pause.</source>
        <translation>Eine Saite anschlagen: sie wird hier genannt und abgelesen, wenn ihre Tonhöhe steht. Alle Saiten zweimal dämpfen hält an.</translation>
    </message>
    <message>
        <source>Stop listening  (F8)</source>
        <translation>Zuhören beenden  (F8)</translation>
    </message>
    <message>
        <source>Listen  (F8)</source>
        <translation>Zuhören  (F8)</translation>
    </message>
    <message>
        <source>Go on  (F7)</source>
        <translation>Weiter  (F7)</translation>
    </message>
    <message>
        <source>Pause  (F7)</source>
        <translation>Anhalten  (F7)</translation>
    </message>
    <message>
        <source>Recording</source>
        <translation>Aufnahme</translation>
    </message>
    <message>
        <source>Stop listening first: it would hear the tone.</source>
        <translation>Zuerst aufhören zuzuhören: der Ton würde gehört.</translation>
    </message>
</context>
<context>
    <name>flenzo::ListenDialog</name>
    <message>
        <source>Set up listening</source>
        <translation>Zuhören einrichten</translation>
    </message>
    <message>
        <source>&amp;Input</source>
        <translation>&amp;Eingang</translation>
    </message>
    <message>
        <source>Input to listen to</source>
        <translation>Eingang, dem zugehört wird</translation>
    </message>
    <message>
        <source>Level of the input</source>
        <translation>Pegel des Eingangs</translation>
    </message>
    <message>
        <source>A microphone near the strings, a pick-up or a contact microphone on the headstock all do. A quiet room helps more than a dear microphone; what is heard is not recorded.</source>
        <translation>Ein Mikrofon nahe an den Saiten, ein Tonabnehmer oder ein Kontaktmikrofon an der Kopfplatte taugen alle. Ein stiller Raum hilft mehr als ein teures Mikrofon; was gehört wird, wird nicht aufgenommen.</translation>
    </message>
    <message>
        <source>Say each act aloud</source>
        <translation>Jeden Handgriff laut sagen</translation>
    </message>
    <message>
        <source>Say each act aloud (no voice is installed on this desktop)</source>
        <translation>Jeden Handgriff laut sagen (auf dieser Arbeitsumgebung ist keine Stimme installiert)</translation>
    </message>
    <message>
        <source>Short tones: taken, doubted, in tune</source>
        <translation>Kurze Töne: übernommen, bezweifelt, gestimmt</translation>
    </message>
    <message>
        <source>Listen at the bench</source>
        <translation>An der Werkbank zuhören</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>The sound card&apos;s clock</source>
        <translation>Die Uhr der Soundkarte</translation>
    </message>
    <message>
        <source>a steady tone of</source>
        <translation>ein stetiger Ton von</translation>
    </message>
    <message>
        <source>a good tuner reads higher by</source>
        <translation>ein gutes Stimmgerät zeigt mehr um</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Progress of the measurement</source>
        <translation>Fortschritt der Messung</translation>
    </message>
    <message>
        <source>the desktop&apos;s usual one</source>
        <translation>der übliche dieser Arbeitsumgebung</translation>
    </message>
    <message>
        <source>Listening to the tone</source>
        <translation>Hört auf den Ton</translation>
    </message>
    <message>
        <source>Pluck one string</source>
        <translation>Eine Saite anschlagen</translation>
    </message>
    <message>
        <source>Taken as right. Most clocks are within a tenth of a cent.</source>
        <translation>Als richtig angenommen. Die meisten Uhren stimmen auf ein Zehntel Cent.</translation>
    </message>
    <message>
        <source>Runs %1 by %2 parts in a million, %3; every reading is corrected by it.</source>
        <translation>Geht %1 um %2 Teile in einer Million, %3; jede Ablesung wird darum berichtigt.</translation>
    </message>
    <message>
        <source>fast</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>Let the tone sound for five seconds, as loud as a string.</source>
        <translation>Den Ton fünf Sekunden klingen lassen, so laut wie eine Saite.</translation>
    </message>
</context>
<context>
    <name>flenzo::Listening</name>
    <message>
        <source>tune string by ear</source>
        <translation>Saite nach Gehör stimmen</translation>
    </message>
    <message>
        <source>stretch string by ear</source>
        <translation>Saite nach Gehör dehnen</translation>
    </message>
    <message>
        <source>read string by ear</source>
        <translation>Saite nach Gehör ablesen</translation>
    </message>
</context>
<context>
    <name>flenzo::LookForm</name>
    <message>
        <source>What is not ticked stays on the job sheet as not inspected.</source>
        <translation>Was nicht angekreuzt ist, steht auf dem Auftragsblatt als nicht angesehen.</translation>
    </message>
</context>
<context>
    <name>flenzo::MainWindow</name>
    <message>
        <source>Shop</source>
        <translation>Werkstatt</translation>
    </message>
    <message>
        <source>Job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>, not saved</source>
        <translation>, nicht gespeichert</translation>
    </message>
    <message>
        <source> (read only)</source>
        <translation> (nur lesen)</translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation>&amp;Auftrag</translation>
    </message>
    <message>
        <source>&amp;New guitar</source>
        <translation>&amp;Neue Gitarre</translation>
    </message>
    <message>
        <source>&amp;Find…</source>
        <translation>Su&amp;chen…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>&amp;Bench</source>
        <translation>&amp;Werkbank</translation>
    </message>
    <message>
        <source>&amp;Done, next</source>
        <translation>&amp;Fertig, weiter</translation>
    </message>
    <message>
        <source>Let the simulated guitar &amp;answer</source>
        <translation>Die simulierte Gitarre &amp;antworten lassen</translation>
    </message>
    <message>
        <source>&amp;Listen to the strings</source>
        <translation>Den Saiten &amp;zuhören</translation>
    </message>
    <message>
        <source>Listen to a &amp;recording…</source>
        <translation>Eine &amp;Aufnahme hören…</translation>
    </message>
    <message>
        <source>Listen to a recording</source>
        <translation>Eine Aufnahme hören</translation>
    </message>
    <message>
        <source>&amp;Pause listening</source>
        <translation>Zuhören an&amp;halten</translation>
    </message>
    <message>
        <source>Next reading is the &amp;gap</source>
        <translation>Nächste Ablesung ist der &amp;Spalt</translation>
    </message>
    <message>
        <source>String %1</source>
        <translation>Saite %1</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>A&amp;nsicht</translation>
    </message>
    <message>
        <source>&amp;Shop</source>
        <translation>&amp;Werkstatt</translation>
    </message>
    <message>
        <source>&amp;Practice</source>
        <translation>&amp;Übung</translation>
    </message>
    <message>
        <source>&amp;Bench and back</source>
        <translation>Werk&amp;bank und zurück</translation>
    </message>
    <message>
        <source>Guitar&apos;s &amp;figures</source>
        <translation>&amp;Werte der Gitarre</translation>
    </message>
    <message>
        <source>&amp;Dark bench</source>
        <translation>&amp;Dunkle Werkbank</translation>
    </message>
    <message>
        <source>&amp;Name the parts</source>
        <translation>&amp;Teile benennen</translation>
    </message>
    <message>
        <source>Lengths in &amp;inches</source>
        <translation>Längen in &amp;Zoll</translation>
    </message>
    <message>
        <source>Forces in &amp;pounds</source>
        <translation>Kräfte in &amp;Pfund</translation>
    </message>
    <message>
        <source>&amp;Larger text</source>
        <translation>&amp;Größere Schrift</translation>
    </message>
    <message>
        <source>&amp;Smaller text</source>
        <translation>&amp;Kleinere Schrift</translation>
    </message>
    <message>
        <source>Act &amp;fills the screen</source>
        <translation>Handgriff &amp;füllt den Schirm</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>What went &amp;wrong?</source>
        <translation>Was ist &amp;schiefgegangen?</translation>
    </message>
    <message>
        <source>&amp;How it works</source>
        <translation>&amp;Wie es geht</translation>
    </message>
    <message>
        <source>&amp;About Flenzo</source>
        <translation>Ü&amp;ber Flenzo</translation>
    </message>
    <message>
        <source>Language of the desktop</source>
        <translation>Sprache der Arbeitsumgebung</translation>
    </message>
    <message>
        <source>&amp;Recent jobs</source>
        <translation>&amp;Letzte Aufträge</translation>
    </message>
    <message>
        <source>&amp;Demo shop</source>
        <translation>&amp;Beispielwerkstatt</translation>
    </message>
    <message>
        <source>About Flenzo</source>
        <translation>Über Flenzo</translation>
    </message>
    <message>
        <source>&lt;h3&gt;Flenzo %1&lt;/h3&gt;&lt;p&gt;The balance of floating vibrato bridges: claw turns, aims and passes for people who restring and set up guitars.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later; it comes without any warranty. Built with Qt, Eigen, Boost and CLI11. Typeface: B612, SIL Open Font Licence.&lt;/p&gt;&lt;p&gt;What it says rests on a model and on your readings. Where work can hurt you or the guitar, local rules and a professional repairer go before it.&lt;/p&gt;</source>
        <translation>&lt;h3&gt;Flenzo %1&lt;/h3&gt;&lt;p&gt;Das Gleichgewicht schwebender Vibratobrücken: Drehungen der Federkralle, Zielwerte und Durchgänge für Leute, die Gitarren besaiten und einstellen.&lt;/p&gt;&lt;p&gt;Freie Software unter der GNU General Public License, Version 3 oder später; ohne jede Gewähr. Gebaut mit Qt, Eigen, Boost und CLI11. Schrift: B612, SIL Open Font Licence.&lt;/p&gt;&lt;p&gt;Was es sagt, beruht auf einem Modell und auf Ihren Ablesungen. Wo Arbeit Ihnen oder der Gitarre schaden kann, gehen örtliche Regeln und ein Fachbetrieb vor.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>demo</source>
        <translation>Beispiel</translation>
    </message>
    <message>
        <source>Sound (%1)</source>
        <translation>Klang (%1)</translation>
    </message>
    <message>
        <source>The server does not answer. The job is open on this machine; put it into the shop later with Job, Save in the shop.</source>
        <translation>Der Server antwortet nicht. Der Auftrag ist auf diesem Rechner offen; später mit Auftrag, In der Werkstatt speichern hineinlegen.</translation>
    </message>
    <message>
        <source>Sa&amp;ve in the shop</source>
        <translation>In der Werkstatt s&amp;peichern</translation>
    </message>
    <message>
        <source>Saved in the shop.</source>
        <translation>In der Werkstatt gespeichert.</translation>
    </message>
    <message>
        <source>Sound the &amp;tone to tune to</source>
        <translation>&amp;Ton zum Stimmen geben</translation>
    </message>
    <message>
        <source>Go to c&amp;urrent step</source>
        <translation>Zum akt&amp;uellen Schritt</translation>
    </message>
    <message>
        <source>This guitar answers by itself: press F9 and watch, or type readings of your own.</source>
        <translation>Diese Gitarre antwortet von selbst: F9 drücken und zusehen, oder eigene Ablesungen tippen.</translation>
    </message>
    <message>
        <source>&amp;Next open job</source>
        <translation>&amp;Nächster offener Auftrag</translation>
    </message>
    <message>
        <source>Open job &amp;before</source>
        <translation>Offener Auftrag da&amp;vor</translation>
    </message>
    <message>
        <source>Put this job &amp;aside</source>
        <translation>Diesen Auftrag &amp;beiseitelegen</translation>
    </message>
</context>
<context>
    <name>flenzo::MessageBar</name>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>flenzo::MethodTable</name>
    <message>
        <source>Pricing the methods</source>
        <translation>Verfahren werden berechnet</translation>
    </message>
    <message>
        <source>Methods and what they cost on this guitar</source>
        <translation>Verfahren und was sie an dieser Gitarre kosten</translation>
    </message>
    <message>
        <source>topic</source>
        <translation>Thema</translation>
    </message>
    <message>
        <source>method</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>passes</source>
        <translation>Durchgänge</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>risk</source>
        <translation>Risiko</translation>
    </message>
    <message>
        <source>Enter or a click on a method chooses it; passes and minutes are against the plan as it is</source>
        <translation>Enter oder ein Klick auf ein Verfahren wählt es; Durchgänge und Minuten gegen den Plan, wie er ist</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>other %1</source>
        <translation>andere %1</translation>
    </message>
    <message>
        <source>%1: %2 (%3).</source>
        <translation>%1: %2 (%3).</translation>
    </message>
</context>
<context>
    <name>flenzo::OldLevelForm</name>
    <message>
        <source>&amp;level</source>
        <translation>e&amp;ben</translation>
    </message>
    <message>
        <source>&amp;sunk</source>
        <translation>&amp;gesunken</translation>
    </message>
    <message>
        <source>&amp;forward</source>
        <translation>nach &amp;vorn</translation>
    </message>
    <message>
        <source>not &amp;known</source>
        <translation>&amp;nicht bekannt</translation>
    </message>
    <message>
        <source>plate angle with the old set</source>
        <translation>Winkel der Platte mit dem alten Satz</translation>
    </message>
    <message>
        <source>old balance</source>
        <translation>altes Gleichgewicht</translation>
    </message>
    <message>
        <source>on the &amp;body</source>
        <translation>auf dem &amp;Korpus</translation>
    </message>
    <message>
        <source>Or as an angle, forward positive; or as the gap under the rear edge with its unit: 4.2 mm</source>
        <translation>Oder als Winkel, nach vorn positiv; oder als Spalt unter der Hinterkante mit Einheit: 4.2 mm</translation>
    </message>
</context>
<context>
    <name>flenzo::OtherBenches</name>
    <message>
        <source>The server is back, and has everything that was entered.</source>
        <translation>Der Server ist wieder da und hat alles, was eingetragen wurde.</translation>
    </message>
    <message>
        <source>Changed at another bench; shown as it is now. Undo begins anew.</source>
        <translation>An einer anderen Werkbank geändert; gezeigt, wie es jetzt ist. Rückgängig beginnt von vorn.</translation>
    </message>
    <message>
        <source>Another bench has this job open too. Each sees what the other enters; agree who reads and turns.</source>
        <translation>Eine andere Werkbank hat diesen Auftrag auch offen. Jede sieht, was die andere einträgt; absprechen, wer abliest und dreht.</translation>
    </message>
    <message>
        <source>This job was deleted at another bench. It is still open here: Job, Save in the shop puts it back.</source>
        <translation>Dieser Auftrag wurde an einem anderen Platz gelöscht. Hier ist er noch offen: Auftrag, In der Werkstatt speichern legt ihn zurück.</translation>
    </message>
</context>
<context>
    <name>flenzo::OwnSetsDialog</name>
    <message>
        <source>Own sets and tunings</source>
        <translation>Eigene Sätze und Stimmungen</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>Tunings</source>
        <translation>Stimmungen</translation>
    </message>
    <message>
        <source>F2 or a double click renames. Jobs keep the name that they were made with.</source>
        <translation>F2 oder Doppelklick benennt um. Aufträge behalten den Namen, mit dem sie angelegt wurden.</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
</context>
<context>
    <name>flenzo::PaperDialog</name>
    <message>
        <source>Pages: %1</source>
        <translation>Seiten: %1</translation>
    </message>
    <message>
        <source>Size of the paper</source>
        <translation>Größe des Papiers</translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>&amp;Drucken…</translation>
    </message>
    <message>
        <source>&amp;Save as a file…</source>
        <translation>Als &amp;Datei speichern…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>the printer</source>
        <translation>Der Drucker</translation>
    </message>
</context>
<context>
    <name>flenzo::PartsForm</name>
    <message>
        <source>Pieces</source>
        <translation>Stücke</translation>
    </message>
    <message>
        <source>Part from the drawers</source>
        <translation>Teil aus den Schubladen</translation>
    </message>
    <message>
        <source>Why it is taken</source>
        <translation>Warum es genommen wird</translation>
    </message>
    <message>
        <source>used</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>for a worn one</source>
        <translation>für ein verschlissenes</translation>
    </message>
    <message>
        <source>for a lost one</source>
        <translation>für ein verlorenes</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>What the shop keeps in its drawers is listed under Shop, Stock.</source>
        <translation>Was die Werkstatt in ihren Schubladen hat, steht unter Werkstatt, Bestand.</translation>
    </message>
    <message>
        <source>%1 (%2 there)</source>
        <translation>%1 (%2 da)</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Taken by itself when the job is finished: %1.</source>
        <translation>Von selbst genommen, wenn der Auftrag fertig ist: %1.</translation>
    </message>
    <message>
        <source>Taken: %1 × %2. Undo does not restock: correct the count under Shop, Stock.</source>
        <translation>Entnommen: %1 × %2. Rückgängig füllt nicht auf: den Bestand unter Werkstatt, Bestand berichtigen.</translation>
    </message>
</context>
<context>
    <name>flenzo::PassSheetModel</name>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>Durchgang %1</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>Grad</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>aim %1 cents</source>
        <translation>Zielwert %1 Cent</translation>
    </message>
    <message>
        <source>measured %1</source>
        <translation>gemessen %1</translation>
    </message>
    <message>
        <source>forecast %1</source>
        <translation>vorhergesagt %1</translation>
    </message>
    <message>
        <source>calculated %1</source>
        <translation>berechnet %1</translation>
    </message>
    <message>
        <source>
tighten %1</source>
        <translation>
%1 anziehen</translation>
    </message>
    <message>
        <source>
loosen %1</source>
        <translation>
%1 lösen</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>pass %1
to come</source>
        <translation>Durchgang %1
kommt noch</translation>
    </message>
</context>
<context>
    <name>flenzo::PassSheetView</name>
    <message>
        <source>Pass sheet</source>
        <translation>Durchgangsblatt</translation>
    </message>
</context>
<context>
    <name>flenzo::PhaseButton</name>
    <message>
        <source>%1 of %2 steps done</source>
        <translation>%1 von %2 Schritten fertig</translation>
    </message>
    <message>
        <source>%1, the work is here, %2</source>
        <translation>%1, hier ist die Arbeit, %2</translation>
    </message>
    <message>
        <source>Nothing of this on this job</source>
        <translation>Davon gibt es bei diesem Auftrag nichts</translation>
    </message>
</context>
<context>
    <name>flenzo::PhasePath</name>
    <message>
        <source>Phases of the job</source>
        <translation>Phasen des Auftrags</translation>
    </message>
</context>
<context>
    <name>flenzo::PhotoLevelDialog</name>
    <message>
        <source>Level from a side photo</source>
        <translation>Plattenlage von einem Seitenfoto</translation>
    </message>
    <message>
        <source>the neck is on the right</source>
        <translation>der Hals ist rechts</translation>
    </message>
    <message>
        <source>Choose a photo…</source>
        <translation>Foto wählen…</translation>
    </message>
    <message>
        <source>Mark anew</source>
        <translation>Neu markieren</translation>
    </message>
    <message>
        <source>Take this angle</source>
        <translation>Diesen Winkel nehmen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Side photo</source>
        <translation>Seitenfoto</translation>
    </message>
    <message>
        <source>The plate is at %1° ± %2° (from the marks).</source>
        <translation>Die Platte steht bei %1° ± %2° (nach den Marken).</translation>
    </message>
    <message>
        <source>The marks are too close together; mark anew, as far apart as the edges are long.</source>
        <translation>Die Marken liegen zu nah beieinander; neu markieren, so weit auseinander, wie die Kanten lang sind.</translation>
    </message>
    <message>
        <source>Choose a photo taken from the side, square to it.</source>
        <translation>Ein Foto wählen, das gerade von der Seite aufgenommen ist.</translation>
    </message>
    <message>
        <source>Mark the body&apos;s top at two places, far apart.</source>
        <translation>Die Decke an zwei weit entfernten Stellen markieren.</translation>
    </message>
    <message>
        <source>Mark the plate&apos;s edge at two places, far apart.</source>
        <translation>Die Kante der Platte an zwei weit entfernten Stellen markieren.</translation>
    </message>
    <message>
        <source>from a side photo</source>
        <translation>von einem Seitenfoto</translation>
    </message>
    <message>
        <source>level from a photo</source>
        <translation>Plattenlage von einem Foto</translation>
    </message>
</context>
<context>
    <name>flenzo::PhotoMarks</name>
    <message>
        <source>Side photo; arrows move the mark, Space sets it</source>
        <translation>Seitenfoto; Pfeile bewegen die Marke, Leertaste setzt sie</translation>
    </message>
    <message>
        <source>No photo yet: lens square to the side, plate and top in sight</source>
        <translation>Noch kein Foto: Linse gerade von der Seite, Platte und Decke im Bild</translation>
    </message>
</context>
<context>
    <name>flenzo::PhotoStrip</name>
    <message>
        <source>%1 is no longer there</source>
        <translation>%1 ist nicht mehr da</translation>
    </message>
    <message>
        <source>Photo %1</source>
        <translation>Foto %1</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Fetching a photo…</source>
        <translation>Ein Foto wird geholt …</translation>
    </message>
    <message>
        <source>Photo not fetched yet</source>
        <translation>Foto noch nicht geholt</translation>
    </message>
</context>
<context>
    <name>flenzo::PlanPage</name>
    <message>
        <source>1 quarter turn</source>
        <translation>1 Vierteldrehung</translation>
    </message>
    <message>
        <source>%1 quarter turns</source>
        <translation>%1 Vierteldrehungen</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>Working out what each method costs on this guitar…</source>
        <translation>Was jedes Verfahren an dieser Gitarre kostet, wird berechnet…</translation>
    </message>
    <message>
        <source>Pull of the strings, before and after</source>
        <translation>Zug der Saiten, vorher und nachher</translation>
    </message>
    <message>
        <source>Side section: the plate now, if the claw is left alone, and level</source>
        <translation>Seitenschnitt: die Platte jetzt, wenn die Federkralle bleibt, und eben</translation>
    </message>
    <message>
        <source>The two claw screws</source>
        <translation>Die beiden Krallenschrauben</translation>
    </message>
    <message>
        <source>measuring</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Pitch is read with</source>
        <translation>Tonhöhe wird abgelesen mit</translation>
    </message>
    <message>
        <source>Level is judged by</source>
        <translation>Plattenlage wird beurteilt nach</translation>
    </message>
    <message>
        <source>Labour rate an hour</source>
        <translation>Stundensatz</translation>
    </message>
    <message>
        <source>none: no price is offered</source>
        <translation>keiner: kein Preis wird angeboten</translation>
    </message>
    <message>
        <source>Labour, an hour</source>
        <translation>Arbeit, die Stunde</translation>
    </message>
    <message>
        <source>Put the offer on the job sheet</source>
        <translation>Das Angebot aufs Auftragsblatt setzen</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>tune to</source>
        <translation>stimmen auf</translation>
    </message>
    <message>
        <source>±</source>
        <translation>±</translation>
    </message>
    <message>
        <source>hertz</source>
        <translation>Hertz</translation>
    </message>
    <message>
        <source>that is</source>
        <translation>das ist</translation>
    </message>
    <message>
        <source>Aims</source>
        <translation>Zielwerte</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>Federkralle</translation>
    </message>
    <message>
        <source>float</source>
        <translation>Schweben</translation>
    </message>
    <message>
        <source>pass leaves</source>
        <translation>Durchgang lässt</translation>
    </message>
    <message>
        <source>after one pass</source>
        <translation>nach einem Durchgang</translation>
    </message>
    <message>
        <source>Claw left alone</source>
        <translation>Federkralle so gelassen</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Passes and balance</source>
        <translation>Durchgänge und Gleichgewicht</translation>
    </message>
    <message>
        <source>&amp;Methods</source>
        <translation>&amp;Verfahren</translation>
    </message>
    <message>
        <source>&amp;Tools and rate</source>
        <translation>&amp;Werkzeug und Satz</translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation>We&amp;rte</translation>
    </message>
    <message>
        <source>&amp;What helps</source>
        <translation>Was &amp;hilft</translation>
    </message>
    <message>
        <source>New jobs begin with these methods and tools.</source>
        <translation>Neue Aufträge beginnen mit diesen Verfahren und Werkzeugen.</translation>
    </message>
    <message>
        <source>labour, an hour</source>
        <translation>Arbeit, die Stunde</translation>
    </message>
    <message>
        <source>There is no logbook to keep the rate in; it holds until the program is closed.</source>
        <translation>Es gibt kein Auftragsbuch, in dem der Satz bliebe; er gilt, bis das Programm geschlossen wird.</translation>
    </message>
    <message>
        <source>As chosen: %1 passes, %2 min in all</source>
        <translation>Wie gewählt: %1 Durchgänge, %2 min im Ganzen</translation>
    </message>
    <message>
        <source>Labour and parts %1. %2</source>
        <translation>Arbeit und Teile %1. %2</translation>
    </message>
    <message>
        <source>Labour %1. %2</source>
        <translation>Arbeit %1. %2</translation>
    </message>
    <message>
        <source>offer</source>
        <translation>Angebot</translation>
    </message>
    <message>
        <source>claw left alone</source>
        <translation>Federkralle so gelassen</translation>
    </message>
    <message>
        <source>There is no spring and no claw: nothing moves when a string is tuned.</source>
        <translation>Es gibt weder Feder noch Federkralle: nichts bewegt sich, wenn eine Saite gestimmt wird.</translation>
    </message>
    <message>
        <source>There is no claw to turn: what can be changed is the spring, never its length by cutting and never the arm by bending.</source>
        <translation>Es gibt keine Federkralle zu drehen: zu ändern ist die Feder, nie ihre Länge durch Schneiden und nie der Hebel durch Biegen.</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>halt</translation>
    </message>
    <message>
        <source>Plus or minus %1 turns, as far as the assumed figures are known</source>
        <translation>Auf %1 Umdrehungen genau, soweit die angenommenen Werte bekannt sind</translation>
    </message>
    <message>
        <source>%1: %2 on each screw. Plus or minus %3 turns, as far as the assumed figures are known.</source>
        <translation>%1: %2 an jeder Schraube. Auf %3 Umdrehungen genau, soweit die angenommenen Werte bekannt sind.</translation>
    </message>
    <message>
        <source>It is right for about 8 of 10 guitars; minutes are partly assumed.</source>
        <translation>Trifft auf etwa 8 von 10 Gitarren zu; Minuten sind zum Teil angenommen.</translation>
    </message>
    <message>
        <source>change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>Other springs</source>
        <translation>Andere Federn</translation>
    </message>
    <message>
        <source>S&amp;prings</source>
        <translation>Fe&amp;dern</translation>
    </message>
    <message>
        <source>claw left</source>
        <translation>Federkralle übrig</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>A&amp;ims</source>
        <translation>Z&amp;ielwerte</translation>
    </message>
    <message>
        <source>C&amp;law left alone</source>
        <translation>Fe&amp;derkralle belassen</translation>
    </message>
    <message>
        <source>Save as shop defaults</source>
        <translation>Als Vorgaben der Werkstatt speichern</translation>
    </message>
    <message>
        <source>Methods and tools as chosen here become the beginning of every new job</source>
        <translation>Verfahren und Werkzeug, wie hier gewählt, werden der Anfang jedes neuen Auftrags</translation>
    </message>
    <message>
        <source>Compare methods…</source>
        <translation>Verfahren vergleichen…</translation>
    </message>
    <message>
        <source>Plays them on simulated guitars like this one</source>
        <translation>Spielt sie an simulierten Gitarren wie dieser durch</translation>
    </message>
</context>
<context>
    <name>flenzo::PracticeBench</name>
    <message>
        <source>Reading of each string</source>
        <translation>Ablesung jeder Saite</translation>
    </message>
    <message>
        <source>Cents, turns or a length for what is done next</source>
        <translation>Cent, Umdrehungen oder eine Länge für das Nächste</translation>
    </message>
    <message>
        <source>cents for the picked string, then Enter</source>
        <translation>Cent für die gewählte Saite, dann Enter</translation>
    </message>
    <message>
        <source>Up and Down pick the string. Type a number, then a key: Enter tunes to so many cents, T and J turn the claw by so many turns. After a space a unit can be typed; then Alt and the key.</source>
        <translation>Auf und Ab wählen die Saite. Eine Zahl eingeben, dann eine Taste: Enter stimmt auf so viele Cent, T und J drehen die Federkralle um so viele Umdrehungen. Nach einem Leerzeichen kann eine Einheit folgen; dann Alt und die Taste.</translation>
    </message>
    <message>
        <source>What is wrong?</source>
        <translation>Was ist falsch?</translation>
    </message>
    <message>
        <source>what is typed</source>
        <translation>was eingegeben ist</translation>
    </message>
    <message>
        <source>How many turns are missing at the claw? Tighter is positive.</source>
        <translation>Wie viele Umdrehungen fehlen an der Federkralle? Fester ist positiv.</translation>
    </message>
    <message>
        <source>When this pass is over, where will the lowest string be? Cents, flat is negative.</source>
        <translation>Wo wird die tiefste Saite stehen, wenn dieser Durchgang vorbei ist? Cent, zu tief ist negativ.</translation>
    </message>
    <message>
        <source>the guess</source>
        <translation>die Schätzung</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> von %1</translation>
    </message>
    <message>
        <source>Acts %1, passes %2, visits to the claw %3, minutes %4%5</source>
        <translation>Handgriffe %1, Durchgänge %2, Gänge zur Federkralle %3, Minuten %4%5</translation>
    </message>
    <message>
        <source>The bridge, as seen from the side</source>
        <translation>Die Brücke, von der Seite gesehen</translation>
    </message>
    <message>
        <source>Progress to pitch, as checked</source>
        <translation>Verlauf bis zur Stimmung, wie geprüft</translation>
    </message>
    <message>
        <source>&amp;Progress</source>
        <translation>&amp;Verlauf</translation>
    </message>
    <message>
        <source>For a string fault, select the string first.</source>
        <translation>Bei einem Fehler einer Saite zuerst die Saite wählen.</translation>
    </message>
    <message>
        <source>Not looked at yet: drawn level</source>
        <translation>Noch nicht angesehen: eben gezeichnet</translation>
    </message>
    <message>
        <source>your estimate, then Enter; Escape: not now</source>
        <translation>die Schätzung, dann Enter; Escape: jetzt nicht</translation>
    </message>
</context>
<context>
    <name>flenzo::PracticePage</name>
    <message>
        <source>&amp;Ladder</source>
        <translation>&amp;Leiter</translation>
    </message>
    <message>
        <source>&amp;Compare methods</source>
        <translation>Verfahren &amp;vergleichen</translation>
    </message>
    <message>
        <source>apprentice</source>
        <translation>Lehrling</translation>
    </message>
    <message>
        <source>Who practises</source>
        <translation>Wer übt</translation>
    </message>
    <message>
        <source>a name, so that it is saved</source>
        <translation>ein Name, damit es bleibt</translation>
    </message>
    <message>
        <source>Exercises, from the easiest</source>
        <translation>Übungen, von der leichtesten an</translation>
    </message>
    <message>
        <source>Begin  (Enter)</source>
        <translation>Beginnen  (Enter)</translation>
    </message>
    <message>
        <source>Open an exercise…</source>
        <translation>Übung öffnen…</translation>
    </message>
    <message>
        <source>Summary as PDF…</source>
        <translation>Zusammenfassung als PDF…</translation>
    </message>
    <message>
        <source>Go on with the last</source>
        <translation>Mit der letzten weitermachen</translation>
    </message>
    <message>
        <source>The exercise that was left, as it was left</source>
        <translation>Die verlassene Übung, wie sie verlassen wurde</translation>
    </message>
    <message>
        <source>Practice so far</source>
        <translation>Bisher geübt</translation>
    </message>
    <message>
        <source>Or with the adviser: a simulated guitar as a job of its own. It answers with F9.</source>
        <translation>Oder mit dem Ratgeber: eine simulierte Gitarre als eigener Auftrag. Sie antwortet mit F9.</translation>
    </message>
    <message>
        <source>Simulated guitars</source>
        <translation>Simulierte Gitarren</translation>
    </message>
    <message>
        <source>Work on it</source>
        <translation>Daran arbeiten</translation>
    </message>
    <message>
        <source>  (%1)</source>
        <translation>  (%1)</translation>
    </message>
    <message>
        <source>A good hand: passes %1, visits to the claw %2, minutes %3. Nobody advises; nothing can break.</source>
        <translation>Eine gute Hand: Durchgänge %1, Gänge zur Federkralle %2, Minuten %3. Niemand rät; nichts kann kaputtgehen.</translation>
    </message>
    <message>
        <source>Open an exercise</source>
        <translation>Übung öffnen</translation>
    </message>
    <message>
        <source>Exercises (*.flenzo-exercise *.json)</source>
        <translation>Übungen (*.flenzo-exercise *.json)</translation>
    </message>
    <message>
        <source>Not saved: give the apprentice a name on the ladder to save what is practised.</source>
        <translation>Nicht gespeichert: dem Lehrling auf der Leiter einen Namen geben, um Geübtes zu speichern.</translation>
    </message>
    <message>
        <source>no shop is open</source>
        <translation>keine Werkstatt ist offen</translation>
    </message>
    <message>
        <source>Not saved: %1</source>
        <translation>Nicht gespeichert: %1</translation>
    </message>
    <message>
        <source>passed</source>
        <translation>bestanden</translation>
    </message>
    <message>
        <source>%1: practice on floating bridges</source>
        <translation>%1: Übung an schwebenden Brücken</translation>
    </message>
    <message>
        <source>%1 of %2 exercises passed, in %3 runs.</source>
        <translation>%1 von %2 Übungen bestanden, in %3 Läufen.</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>exercise</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>passes</source>
        <translation>Durchgänge</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>Played on simulated guitars with a sticking pivot, settling strings and coarse tools, nobody advising.</source>
        <translation>Gespielt an simulierten Gitarren mit hakendem Drehpunkt, sich setzenden Saiten und grobem Werkzeug, ohne Rat.</translation>
    </message>
    <message>
        <source>Whose? Give the apprentice&apos;s name first.</source>
        <translation>Wessen? Zuerst den Namen des Lehrlings angeben.</translation>
    </message>
    <message>
        <source>Summary as PDF</source>
        <translation>Zusammenfassung als PDF</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
</context>
<context>
    <name>flenzo::PracticeResult</name>
    <message>
        <source>The adviser at the same guitar</source>
        <translation>Der Ratgeber an derselben Gitarre</translation>
    </message>
    <message>
        <source>Your acts, one by one</source>
        <translation>Die eigenen Handgriffe, einer nach dem anderen</translation>
    </message>
    <message>
        <source>Try again from this act</source>
        <translation>Ab diesem Handgriff noch einmal</translation>
    </message>
    <message>
        <source>Another guitar</source>
        <translation>Eine andere Gitarre</translation>
    </message>
    <message>
        <source>To the ladder</source>
        <translation>Zur Leiter</translation>
    </message>
    <message>
        <source>Passes %1, visits to the claw %2, minutes %3; ends within %4 ¢</source>
        <translation>Durchgänge %1, Gänge zur Federkralle %2, Minuten %3; endet innerhalb von %4 ¢</translation>
    </message>
    <message>
        <source>The adviser is playing…</source>
        <translation>Die Simulation läuft…</translation>
    </message>
    <message>
        <source>Your progress</source>
        <translation>Eigener Verlauf</translation>
    </message>
    <message>
        <source>then %1 ¢ off pitch</source>
        <translation>dann %1 ¢ verstimmt</translation>
    </message>
    <message>
        <source>This act put the tuning %1 ¢ further off.</source>
        <translation>Dieser Handgriff brachte die Stimmung %1 ¢ weiter weg.</translation>
    </message>
    <message>
        <source>This act brought the tuning %1 ¢ nearer.</source>
        <translation>Dieser Handgriff brachte die Stimmung %1 ¢ näher.</translation>
    </message>
    <message>
        <source>This act changed nothing.</source>
        <translation>Dieser Handgriff änderte nichts.</translation>
    </message>
</context>
<context>
    <name>flenzo::RecoveryBanner</name>
    <message>
        <source>Restore</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was changed while the server was away, and waits here. Entries in its log: %2.</source>
        <translation>„%1“ wurde geändert, während der Server weg war, und wartet hier. Einträge im Protokoll: %2.</translation>
    </message>
    <message>
        <source>The program ended unexpectedly with &quot;%1&quot; open. Entries in its log: %2.</source>
        <translation>Das Programm endete unerwartet, während „%1“ offen war. Einträge darin: %2.</translation>
    </message>
</context>
<context>
    <name>flenzo::ReliefForm</name>
    <message>
        <source>relief as found</source>
        <translation>Krümmung, wie vorgefunden</translation>
    </message>
    <message>
        <source>relief as it is left</source>
        <translation>Krümmung, wie hinterlassen</translation>
    </message>
    <message>
        <source>At pitch, press the string at fret 1 and where the neck meets the body, or lay a straightedge on the frets; measure the gap over fret 7. %1 to %2 suits most necks (assumed).</source>
        <translation>Bei gestimmten Saiten die Saite am 1. Bund und am Halsende drücken, oder ein Lineal auf die Bünde legen; den Spalt über dem 7. Bund messen. %1 bis %2 passt den meisten Hälsen (angenommen).</translation>
    </message>
    <message>
        <source>Too much: tighten the rod a quarter. Too little: loosen it a quarter. Tune, measure again.</source>
        <translation>Zu viel: den Stab ein Viertel anziehen. Zu wenig: ein Viertel lösen. Stimmen, neu messen.</translation>
    </message>
    <message>
        <source>Changed by %1.</source>
        <translation>Geändert um %1.</translation>
    </message>
</context>
<context>
    <name>flenzo::ReturnForm</name>
    <message>
        <source>Every string comes back.</source>
        <translation>Jede Saite kommt zurück.</translation>
    </message>
    <message>
        <source>Hangs at nut or saddle: string %1. Graphite, break angle, wraps.</source>
        <translation>Hängt an Sattel oder Reiter: Saite %1. Graphit, Knickwinkel, Wicklungen.</translation>
    </message>
    <message>
        <source>The knife edges or bridge posts hang: a professional repairer should look at them.</source>
        <translation>Messerkanten oder Brückenbolzen hängen: ein Fachbetrieb sollte sie ansehen.</translation>
    </message>
    <message>
        <source>Slips at clamp or string post: string %1. Reseat it.</source>
        <translation>Rutscht an Klemme oder Achse: Saite %1. Neu einsetzen.</translation>
    </message>
    <message>
        <source>The strings are not settled yet: stretch and tune once more.</source>
        <translation>Die Saiten haben sich noch nicht gesetzt: noch einmal dehnen und stimmen.</translation>
    </message>
    <message>
        <source>More than one thing hangs or slips: string %1. Take them one by one.</source>
        <translation>Mehr als eines hängt oder rutscht: Saite %1. Eine nach der anderen vornehmen.</translation>
    </message>
    <message>
        <source>Return to pitch, cents</source>
        <translation>Rückkehr zur Tonhöhe, Cent</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>after a dive</source>
        <translation>abgetaucht</translation>
    </message>
    <message>
        <source>after a pull-up</source>
        <translation>hochgezogen</translation>
    </message>
    <message>
        <source>Save these readings with the job</source>
        <translation>Diese Ablesungen beim Auftrag speichern</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Type or pluck every string as it is, before the arm is touched.</source>
        <translation>Jede Saite eingeben oder anschlagen, wie sie ist, bevor der Hebel berührt wird.</translation>
    </message>
    <message>
        <source>Now one dive, the arm left alone; then type or pluck every string.</source>
        <translation>Jetzt einmal abtauchen, den Hebel loslassen; dann jede Saite eingeben oder anschlagen.</translation>
    </message>
    <message>
        <source>Now one pull-up, the arm left alone; then type or pluck every string.</source>
        <translation>Jetzt einmal hochziehen, den Hebel loslassen; dann jede Saite eingeben oder anschlagen.</translation>
    </message>
    <message>
        <source>return test</source>
        <translation>Rückkehrprobe</translation>
    </message>
    <message>
        <source>Hangs at its saddle: string %1. Look for a worn or dirty saddle.</source>
        <translation>Hängt am Reiter: Saite %1. Nach einem abgenutzten oder schmutzigen Reiter sehen.</translation>
    </message>
    <message>
        <source>The plate does not come back. Look for something that rubs on it.</source>
        <translation>Die Platte kommt nicht zurück. Nach etwas sehen, das an ihr reibt.</translation>
    </message>
    <message>
        <source>%1 Likely, not sure (%2 in 10): do the test once more.</source>
        <translation>%1 Wahrscheinlich, nicht sicher (%2 von 10): die Prüfung wiederholen.</translation>
    </message>
</context>
<context>
    <name>flenzo::RigPage</name>
    <message>
        <source>spring %1</source>
        <translation>Feder %1</translation>
    </message>
    <message>
        <source>Springs</source>
        <translation>Federn</translation>
    </message>
    <message>
        <source>string %1</source>
        <translation>Saite %1</translation>
    </message>
    <message>
        <source>String geometry</source>
        <translation>Maße der Saiten</translation>
    </message>
    <message>
        <source>Figures of this guitar</source>
        <translation>Werte dieser Gitarre</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Gitarre</translation>
    </message>
    <message>
        <source>guitar</source>
        <translation>Gitarre</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>reason for the job</source>
        <translation>Grund des Auftrags</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>here for</source>
        <translation>hier wegen</translation>
    </message>
    <message>
        <source>How the guitar is held</source>
        <translation>Wie die Gitarre gehalten wird</translation>
    </message>
    <message>
        <source>flat on its back</source>
        <translation>flach auf dem Rücken</translation>
    </message>
    <message>
        <source>playing position</source>
        <translation>Spielhaltung</translation>
    </message>
    <message>
        <source>hanging upright</source>
        <translation>aufrecht hängend</translation>
    </message>
    <message>
        <source>face down</source>
        <translation>Decke nach unten</translation>
    </message>
    <message>
        <source>orientation</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>nut is locked</source>
        <translation>Sattel ist geklemmt</translation>
    </message>
    <message>
        <source>nut lock</source>
        <translation>Sattel klemmen</translation>
    </message>
    <message>
        <source>How the bridge is built</source>
        <translation>Wie die Brücke gebaut ist</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>Brücke</translation>
    </message>
    <message>
        <source>decked: rests on the body</source>
        <translation>aufliegend: ruht auf dem Korpus</translation>
    </message>
    <message>
        <source>decking</source>
        <translation>Aufliegen</translation>
    </message>
    <message>
        <source>has a stabiliser</source>
        <translation>hat einen Stabilisator</translation>
    </message>
    <message>
        <source>stabiliser</source>
        <translation>Stabilisator</translation>
    </message>
    <message>
        <source>Ticked: measured. Otherwise the figure is assumed.</source>
        <translation>Angehakt: gemessen. Sonst ist der Wert angenommen.</translation>
    </message>
    <message>
        <source>%1 is measured</source>
        <translation>%1 ist gemessen</translation>
    </message>
    <message>
        <source>mark of %1</source>
        <translation>Zeichen von %1</translation>
    </message>
    <message>
        <source>dotted: assumed  ·  solid and ticked: measured</source>
        <translation>gepunktet: angenommen  ·  voll und angehakt: gemessen</translation>
    </message>
    <message>
        <source>&amp;Springs</source>
        <translation>&amp;Federn</translation>
    </message>
    <message>
        <source>Strings on the bri&amp;dge</source>
        <translation>Saiten auf der &amp;Brücke</translation>
    </message>
    <message>
        <source>Hook a spring in</source>
        <translation>Feder einhängen</translation>
    </message>
    <message>
        <source>Take one out</source>
        <translation>Eine herausnehmen</translation>
    </message>
    <message>
        <source>spring in</source>
        <translation>Feder hinein</translation>
    </message>
    <message>
        <source>spring out</source>
        <translation>Feder heraus</translation>
    </message>
    <message>
        <source>Loosen both claw screws before a spring is hooked or unhooked. Safety glasses on, pliers, face out of its line.</source>
        <translation>Beide Krallenschrauben lösen, bevor eine Feder ein- oder ausgehängt wird. Schutzbrille auf, Zange, Gesicht nicht in ihrer Richtung.</translation>
    </message>
    <message>
        <source>Also stops, masses, hooks</source>
        <translation>Auch Anschläge, Massen, Haken</translation>
    </message>
    <message>
        <source>Find what cannot be measured</source>
        <translation>Finden, was sich nicht messen lässt</translation>
    </message>
</context>
<context>
    <name>flenzo::RigPicture</name>
    <message>
        <source>Side section of the bridge</source>
        <translation>Seitenschnitt der Brücke</translation>
    </message>
</context>
<context>
    <name>flenzo::ServerDialog</name>
    <message>
        <source>Logbook on a server</source>
        <translation>Auftragsbuch auf einem Server</translation>
    </message>
    <message>
        <source>Several benches can work on one logbook in a PostgreSQL database. Each sees at once what the others enter. While the server is away every bench works on and hands in later.</source>
        <translation>Mehrere Werkbänke können an einem Auftragsbuch in einer PostgreSQL-Datenbank arbeiten. Jede sieht sofort, was die anderen eintragen. Ist der Server weg, arbeitet jede weiter und reicht später nach.</translation>
    </message>
    <message>
        <source>&amp;Address</source>
        <translation>&amp;Adresse</translation>
    </message>
    <message>
        <source>&amp;Password</source>
        <translation>&amp;Passwort</translation>
    </message>
    <message>
        <source>is kept nowhere; the file .pgpass can hold it</source>
        <translation>wird nirgends abgelegt; die Datei .pgpass kann es enthalten</translation>
    </message>
    <message>
        <source>&amp;This bench</source>
        <translation>&amp;Diese Werkbank</translation>
    </message>
    <message>
        <source>&amp;Move this machine&apos;s shop there; the server&apos;s logbook must be empty</source>
        <translation>Die Werkstatt dieses Rechners dorthin &amp;umziehen; das Auftragsbuch des Servers muss leer sein</translation>
    </message>
    <message>
        <source>&amp;Connect</source>
        <translation>&amp;Verbinden</translation>
    </message>
    <message>
        <source>Use this machine&apos;s &amp;own logbook</source>
        <translation>Das &amp;eigene Auftragsbuch dieses Rechners</translation>
    </message>
    <message>
        <source>Give this bench a name, so that the others know it.</source>
        <translation>Dieser Werkbank einen Namen geben, damit die anderen sie kennen.</translation>
    </message>
</context>
<context>
    <name>flenzo::Session</name>
    <message>
        <source>string %1</source>
        <translation>Saite %1</translation>
    </message>
</context>
<context>
    <name>flenzo::SetComparison</name>
    <message>
        <source>no turn</source>
        <translation>nicht drehen</translation>
    </message>
    <message>
        <source>tighten %1</source>
        <translation>%1 anziehen</translation>
    </message>
    <message>
        <source>loosen %1</source>
        <translation>%1 lösen</translation>
    </message>
    <message>
        <source>Sets side by side</source>
        <translation>Sätze nebeneinander</translation>
    </message>
    <message>
        <source>Gauge %1, pull %2, bend %2</source>
        <translation>Stärke %1, Zug %2, Ziehen %2</translation>
    </message>
    <message>
        <source>All strings</source>
        <translation>Alle Saiten</translation>
    </message>
    <message>
        <source>Of breaking load</source>
        <translation>Von der Bruchlast</translation>
    </message>
    <message>
        <source>Claw</source>
        <translation>Federkralle</translation>
    </message>
    <message>
        <source>Springs that hold it</source>
        <translation>Federn, die es halten</translation>
    </message>
    <message>
        <source>none do</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Arm, against before</source>
        <translation>Hebel gegen vorher</translation>
    </message>
    <message>
        <source>Arm, a half step down</source>
        <translation>Hebel, Halbton hinab</translation>
    </message>
    <message>
        <source>beyond its stop</source>
        <translation>erst hinter dem Anschlag</translation>
    </message>
    <message>
        <source>Float, N·m/rad</source>
        <translation>Schweben, N·m/rad</translation>
    </message>
    <message>
        <source>Range upwards</source>
        <translation>Weg nach oben</translation>
    </message>
    <message>
        <source>Drop: others move</source>
        <translation>Senken: andere gehen</translation>
    </message>
    <message>
        <source>Drop: on a stop</source>
        <translation>Senken: am Anschlag</translation>
    </message>
    <message>
        <source>Drop: fine tuner</source>
        <translation>Senken: Feinstimmer</translation>
    </message>
    <message>
        <source>%1 of %2 turns</source>
        <translation>%1 von %2 Umdr.</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 Umdr.</translation>
    </message>
    <message>
        <source>Left after a pass</source>
        <translation>Rest je Durchgang</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Durchgänge</translation>
    </message>
    <message>
        <source>Minutes, whole job</source>
        <translation>Minuten, ganze Arbeit</translation>
    </message>
    <message>
        <source>Price of the strings</source>
        <translation>Preis der Saiten</translation>
    </message>
</context>
<context>
    <name>flenzo::SetPicker</name>
    <message>
        <source>Set: %1</source>
        <translation>Satz: %1</translation>
    </message>
    <message>
        <source>Tuning: %1</source>
        <translation>Stimmung: %1</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>own choice</source>
        <translation>eigene Wahl</translation>
    </message>
    <message>
        <source>Choose a set, or type its gauges: 9 11 16 24 32 42, or 0.23 0.28 … in millimetres</source>
        <translation>Einen Satz wählen oder seine Stärken eintippen: 9 11 16 24 32 42, oder 0.23 0.28 … in Millimetern</translation>
    </message>
    <message>
        <source>choose, or type gauges</source>
        <translation>wählen oder Stärken eintippen</translation>
    </message>
</context>
<context>
    <name>flenzo::SettleForm</name>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>is</source>
        <translation>ist</translation>
    </message>
    <message>
        <source>pulls</source>
        <translation>Züge</translation>
    </message>
    <message>
        <source>last drop</source>
        <translation>letzter Fall</translation>
    </message>
    <message>
        <source>next drop</source>
        <translation>nächster Fall</translation>
    </message>
    <message>
        <source>pulls left</source>
        <translation>Züge übrig</translation>
    </message>
    <message>
        <source>How settled each string is</source>
        <translation>Wie gesetzt jede Saite ist</translation>
    </message>
    <message>
        <source>settled</source>
        <translation>gesetzt</translation>
    </message>
    <message>
        <source>not settled</source>
        <translation>nicht gesetzt</translation>
    </message>
</context>
<context>
    <name>flenzo::ShopPage</name>
    <message>
        <source>waiting</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>on the bench</source>
        <translation>auf der Werkbank</translation>
    </message>
    <message>
        <source>finished</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>&amp;Jobs in hand and done</source>
        <translation>&amp;Aufträge</translation>
    </message>
    <message>
        <source>D&amp;ue</source>
        <translation>&amp;Fällig</translation>
    </message>
    <message>
        <source>S&amp;tock</source>
        <translation>&amp;Bestand</translation>
    </message>
    <message>
        <source>T&amp;imes</source>
        <translation>&amp;Zeiten</translation>
    </message>
    <message>
        <source>Put the first one on the bench. A bridge, a number of strings and what goes on are enough to begin: everything not known yet has a usual figure, marked as assumed, and the readings correct it. Each step, reading and note is kept at once; nothing has to be saved.</source>
        <translation>Legen Sie die erste auf die Werkbank. Eine Brücke, eine Zahl von Saiten und was draufkommt genügen für den Anfang: alles noch Unbekannte hat einen üblichen Wert, als angenommen gekennzeichnet, und die Ablesungen berichtigen ihn. Jeder Schritt, jede Ablesung und Notiz bleibt sofort; nichts muss gespeichert werden.</translation>
    </message>
    <message>
        <source>Put a guitar on the bench</source>
        <translation>Eine Gitarre auf die Werkbank legen</translation>
    </message>
    <message>
        <source>Look round the demo shop</source>
        <translation>In der Beispielwerkstatt umsehen</translation>
    </message>
    <message>
        <source>Six invented guitars that answer by themselves; they can be deleted later</source>
        <translation>Sechs erfundene Gitarren, die von selbst antworten; sie lassen sich später löschen</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Which jobs</source>
        <translation>Welche Aufträge</translation>
    </message>
    <message>
        <source>all jobs</source>
        <translation>alle Aufträge</translation>
    </message>
    <message>
        <source>due within two weeks</source>
        <translation>in zwei Wochen fällig</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Gitarre</translation>
    </message>
    <message>
        <source>Owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>Goes on</source>
        <translation>Kommt drauf</translation>
    </message>
    <message>
        <source>Tuning</source>
        <translation>Stimmung</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>Received</source>
        <translation>Angenommen</translation>
    </message>
    <message>
        <source>Due</source>
        <translation>Fällig</translation>
    </message>
    <message>
        <source>This guitar before</source>
        <translation>Diese Gitarre früher</translation>
    </message>
    <message>
        <source>Go on  (Enter)</source>
        <translation>Weitermachen  (Enter)</translation>
    </message>
    <message>
        <source>Repeat this set-up</source>
        <translation>Diese Einstellung wiederholen</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>With the job before on the same guitar</source>
        <translation>Mit dem vorigen Auftrag an derselben Gitarre</translation>
    </message>
    <message>
        <source>New guitar</source>
        <translation>Neue Gitarre</translation>
    </message>
    <message>
        <source>(no name yet)</source>
        <translation>(noch ohne Namen)</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>the first 200 of %1</source>
        <translation>die ersten 200 von %1</translation>
    </message>
    <message>
        <source>read only</source>
        <translation>nur lesen</translation>
    </message>
    <message>
        <source>Nothing found. Clear the search or choose all jobs.</source>
        <translation>Nichts gefunden. Die Suche leeren oder alle Aufträge wählen.</translation>
    </message>
    <message numerus="yes">
        <source>%1: %2, %3; %4, %n entries in its log</source>
        <translation>
            <numerusform>%1: %2, %3; %4, %n Eintrag</numerusform>
            <numerusform>%1: %2, %3; %4, %n Einträge</numerusform>
        </translation>
    </message>
    <message>
        <source>own set</source>
        <translation>eigener Satz</translation>
    </message>
    <message>
        <source>own tuning</source>
        <translation>eigene Stimmung</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>The chosen jobs leave the shop (Delete)</source>
        <translation>Die gewählten Aufträge verlassen die Werkstatt (Entf)</translation>
    </message>
    <message>
        <source>No guitars yet</source>
        <translation>Noch keine Gitarren</translation>
    </message>
    <message>
        <source>Delete…</source>
        <translation>Löschen…</translation>
    </message>
    <message>
        <source>Delete jobs</source>
        <translation>Aufträge löschen</translation>
    </message>
    <message numerus="yes">
        <source>Delete %n jobs? Logs, notes and steps go with them; only a backup or an exported guitar brings them back.</source>
        <translation>
            <numerusform>%n Auftrag löschen? Protokoll, Notizen und Schritte gehen mit; nur eine Sicherung oder eine ausgeführte Gitarre bringt ihn zurück.</numerusform>
            <numerusform>%n Aufträge löschen? Protokolle, Notizen und Schritte gehen mit; nur eine Sicherung oder eine ausgeführte Gitarre bringt sie zurück.</numerusform>
        </translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message numerus="yes">
        <source>%n jobs deleted.</source>
        <translation>
            <numerusform>%n Auftrag gelöscht.</numerusform>
            <numerusform>%n Aufträge gelöscht.</numerusform>
        </translation>
    </message>
    <message>
        <source>Try it on a guitar that answers</source>
        <translation>An einer Gitarre probieren, die antwortet</translation>
    </message>
    <message>
        <source>A simulated guitar just strung: some two minutes until it is in tune</source>
        <translation>Eine simulierte Gitarre, frisch bezogen: etwa zwei Minuten, bis sie stimmt</translation>
    </message>
    <message>
        <source>What the program does, in three steps</source>
        <translation>Was das Programm tut, in drei Schritten</translation>
    </message>
    <message>
        <source>Search guitar, owner, set, tuning, reason or the code of a card</source>
        <translation>Gitarre, Besitzer, Satz, Stimmung, Grund oder den Code einer Karte suchen</translation>
    </message>
    <message>
        <source>D&amp;ay</source>
        <translation>&amp;Tag</translation>
    </message>
    <message>
        <source>Did it &amp;hold?</source>
        <translation>Hat es ge&amp;halten?</translation>
    </message>
</context>
<context>
    <name>flenzo::ShopPlace</name>
    <message>
        <source>. The shop stays closed until then; jobs can still be saved as files.</source>
        <translation>. Die Werkstatt bleibt bis dahin geschlossen; Aufträge lassen sich weiter als Dateien speichern.</translation>
    </message>
    <message>
        <source>The logbook is damaged</source>
        <translation>Das Auftragsbuch ist beschädigt</translation>
    </message>
    <message>
        <source>There is no backup. Put it aside and begin an empty one?</source>
        <translation>Es gibt keine Sicherung. Beiseitelegen und ein leeres beginnen?</translation>
    </message>
    <message>
        <source>Put it aside and go on with the newest backup, %1?</source>
        <translation>Beiseitelegen und mit der neuesten Sicherung weitermachen, %1?</translation>
    </message>
    <message>
        <source>Put it aside</source>
        <translation>Beiseitelegen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>The damaged logbook is at %1.</source>
        <translation>Das beschädigte Auftragsbuch liegt unter %1.</translation>
    </message>
    <message>
        <source>Moving the shop</source>
        <translation>Die Werkstatt zieht um</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Backing up the shop</source>
        <translation>Die Werkstatt wird gesichert</translation>
    </message>
    <message>
        <source>Backed up as %1.</source>
        <translation>Gesichert als %1.</translation>
    </message>
    <message>
        <source>A backup goes into an empty database of the server: flenzo-cli move BACKUP ADDRESS.</source>
        <translation>Eine Sicherung kommt in eine leere Datenbank des Servers: flenzo-cli move SICHERUNG ADRESSE.</translation>
    </message>
    <message>
        <source>Put a backup in the logbook&apos;s place</source>
        <translation>Eine Sicherung an die Stelle des Auftragsbuchs setzen</translation>
    </message>
    <message>
        <source>Logbooks (*.flenzo-logbook)</source>
        <translation>Auftragsbücher (*.flenzo-logbook)</translation>
    </message>
    <message>
        <source>The backup is in place. What was there before is at %1.</source>
        <translation>Die Sicherung ist an ihrem Platz. Was vorher da war, liegt unter %1.</translation>
    </message>
    <message>
        <source>Logbook on a &amp;server…</source>
        <translation>Auftragsbuch auf einem &amp;Server …</translation>
    </message>
    <message>
        <source>&amp;Back up now</source>
        <translation>Jetzt &amp;sichern</translation>
    </message>
    <message>
        <source>&amp;Restore a backup…</source>
        <translation>Sicherung &amp;zurückholen…</translation>
    </message>
    <message>
        <source>&amp;Check the logbook</source>
        <translation>Auftragsbuch &amp;prüfen</translation>
    </message>
    <message>
        <source>The logbook has no faults.</source>
        <translation>Das Auftragsbuch hat keine Fehler.</translation>
    </message>
</context>
<context>
    <name>flenzo::SoakForm</name>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n Minute</numerusform>
            <numerusform>%n Minuten</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::StepClock</name>
    <message>
        <source>Time at this step</source>
        <translation>Zeit bei diesem Schritt</translation>
    </message>
    <message>
        <source>Timer</source>
        <translation>Wecker</translation>
    </message>
    <message>
        <source>Counts down while oil soaks or glue sets, and rings</source>
        <translation>Zählt herunter, während Öl einzieht oder Leim bindet, und klingelt</translation>
    </message>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n Minute</numerusform>
            <numerusform>%n Minuten</numerusform>
        </translation>
    </message>
    <message>
        <source>step %1</source>
        <translation>Schritt %1</translation>
    </message>
    <message>
        <source>soaks %1 more  ·  %2</source>
        <translation>zieht noch %1 ein  ·  %2</translation>
    </message>
</context>
<context>
    <name>flenzo::StepList</name>
    <message>
        <source>Steps of this phase</source>
        <translation>Schritte dieser Phase</translation>
    </message>
</context>
<context>
    <name>flenzo::StepPanel</name>
    <message>
        <source>Picture of the step</source>
        <translation>Bild des Schritts</translation>
    </message>
    <message>
        <source>Job finished</source>
        <translation>Auftrag fertig</translation>
    </message>
    <message>
        <source>usually %1 min</source>
        <translation>meist %1 min</translation>
    </message>
    <message>
        <source>Tools: %1</source>
        <translation>Werkzeug: %1</translation>
    </message>
    <message>
        <source>Done when %1.</source>
        <translation>Fertig, wenn: %1.</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Saiten</translation>
    </message>
</context>
<context>
    <name>flenzo::StockPanel</name>
    <message>
        <source>set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>single string</source>
        <translation>einzelne Saite</translation>
    </message>
    <message>
        <source>insert</source>
        <translation>Klemmstück</translation>
    </message>
    <message>
        <source>nut cap</source>
        <translation>Klemmplatte</translation>
    </message>
    <message>
        <source>bolt</source>
        <translation>Schraube</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>Feder</translation>
    </message>
    <message>
        <source>consumable</source>
        <translation>Verbrauchsmaterial</translation>
    </message>
    <message>
        <source>What is in the drawers</source>
        <translation>Was in den Schubladen ist</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>There</source>
        <translation>Da</translation>
    </message>
    <message>
        <source>At least</source>
        <translation>Mindestens</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>Type over a name, a count, the least there should be, or a price.</source>
        <translation>Einen Namen, eine Zahl, die Mindestzahl oder einen Preis überschreiben.</translation>
    </message>
    <message>
        <source>To buy</source>
        <translation>Zu kaufen</translation>
    </message>
    <message>
        <source>Copy the list</source>
        <translation>Liste kopieren</translation>
    </message>
    <message>
        <source>Kind of part</source>
        <translation>Art des Teils</translation>
    </message>
    <message>
        <source>Part that is new in the drawers</source>
        <translation>Teil, das neu in den Schubladen ist</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>The picked part, with its record of what came and went</source>
        <translation>Das gewählte Teil mit allem, was davon kam und ging</translation>
    </message>
    <message>
        <source>what the shop calls it</source>
        <translation>wie die Werkstatt es nennt</translation>
    </message>
    <message>
        <source>  low</source>
        <translation>  knapp</translation>
    </message>
    <message>
        <source>Nothing is in stock yet. Add the sets and single strings the shop keeps, with the least there should be: a finished job takes its own, and what runs low is listed here.</source>
        <translation>Hier ist noch nichts. Fügen Sie die Sätze und einzelnen Saiten hinzu, die die Werkstatt hat, mit ihrer Mindestzahl: ein fertiger Auftrag nimmt die seinen, und was knapp wird, steht hier.</translation>
    </message>
    <message>
        <source>Nothing is low.</source>
        <translation>Nichts ist knapp.</translation>
    </message>
    <message>
        <source>there</source>
        <translation>da</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
</context>
<context>
    <name>flenzo::StretchBox</name>
    <message>
        <source>new strings: the bench asks for each pull</source>
        <translation>neue Saiten: die Werkbank fragt nach jedem Zug</translation>
    </message>
    <message>
        <source>stretching</source>
        <translation>Dehnen</translation>
    </message>
</context>
<context>
    <name>flenzo::StringCountBox</name>
    <message>
        <source>Number of strings</source>
        <translation>Zahl der Saiten</translation>
    </message>
    <message numerus="yes">
        <source>%n strings</source>
        <translation>
            <numerusform>%n Saite</numerusform>
            <numerusform>%n Saiten</numerusform>
        </translation>
    </message>
    <message>
        <source>number of strings</source>
        <translation>Zahl der Saiten</translation>
    </message>
</context>
<context>
    <name>flenzo::StringTicks</name>
    <message>
        <source>slack</source>
        <translation>locker</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>geschnitten</translation>
    </message>
    <message>
        <source>seated and clamped</source>
        <translation>sitzt, geklemmt</translation>
    </message>
    <message>
        <source>seated</source>
        <translation>sitzt</translation>
    </message>
    <message>
        <source>pulled by hand</source>
        <translation>gezogen</translation>
    </message>
    <message>
        <source>in its own slot</source>
        <translation>in ihrer Kerbe</translation>
    </message>
    <message>
        <source>taut</source>
        <translation>straff</translation>
    </message>
    <message>
        <source>stretched</source>
        <translation>gedehnt</translation>
    </message>
    <message>
        <source>holds its pitch</source>
        <translation>hält</translation>
    </message>
    <message>
        <source>bent a whole step</source>
        <translation>Ganzton gezogen</translation>
    </message>
    <message>
        <source>trimmed</source>
        <translation>gekürzt</translation>
    </message>
    <message>
        <source>The string&apos;s number ticks its next box.</source>
        <translation>Die Nummer der Saite hakt ihr nächstes Feld ab.</translation>
    </message>
    <message>
        <source>%1 wound</source>
        <translation>%1 umsponnen</translation>
    </message>
    <message>
        <source>%1 plain</source>
        <translation>%1 blank</translation>
    </message>
    <message>
        <source>out, in the sharps tin</source>
        <translation>heraus, in der Abfalldose</translation>
    </message>
    <message>
        <source>stays on until the others are taut</source>
        <translation>bleibt drauf, bis die anderen straff sind</translation>
    </message>
</context>
<context>
    <name>flenzo::T</name>
    <message>
        <source>&quot;%1&quot; is there already.</source>
        <translation>„%1“ gibt es schon.</translation>
    </message>
</context>
<context>
    <name>flenzo::TickForm</name>
    <message>
        <source>tick</source>
        <translation>abhaken</translation>
    </message>
</context>
<context>
    <name>flenzo::TimesPanel</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Minutes by step</source>
        <translation>Minuten je Schritt</translation>
    </message>
    <message>
        <source>person</source>
        <translation>Person</translation>
    </message>
    <message>
        <source>jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>median, min</source>
        <translation>Median, min</translation>
    </message>
    <message>
        <source>Minutes of a job by person</source>
        <translation>Minuten eines Auftrags je Person</translation>
    </message>
    <message>
        <source>method</source>
        <translation>Verfahren</translation>
    </message>
    <message>
        <source>saved, min</source>
        <translation>gespart, min</translation>
    </message>
    <message>
        <source>Minutes of a job by method</source>
        <translation>Minuten eines Auftrags je Verfahren</translation>
    </message>
    <message numerus="yes">
        <source>From the times in the records of the last %n finished jobs; breaks of an hour and more are left out. A method saved what its jobs took less than those done any other way.</source>
        <translation>
            <numerusform>Aus den Zeiten in den Einträgen des letzten fertigen Auftrags; Pausen ab einer Stunde zählen nicht. Ein Verfahren sparte, was seine Aufträge weniger brauchten als die anders gemachten.</numerusform>
            <numerusform>Aus den Zeiten in den Einträgen der letzten %n fertigen Aufträge; Pausen ab einer Stunde zählen nicht. Ein Verfahren sparte, was seine Aufträge weniger brauchten als die anders gemachten.</numerusform>
        </translation>
    </message>
    <message>
        <source>No finished job tells its times yet. Each step that is done leaves the time it took.</source>
        <translation>Noch kein fertiger Auftrag nennt seine Zeiten. Jeder fertige Schritt lässt die Zeit zurück, die er brauchte.</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>Reading the records…</source>
        <translation>Einträge werden gelesen …</translation>
    </message>
</context>
<context>
    <name>flenzo::TrayForm</name>
    <message>
        <source>hex key for the nut caps</source>
        <translation>Innensechskantschlüssel für die Klemmplatten</translation>
    </message>
    <message>
        <source>hex key for the saddle clamps</source>
        <translation>Innensechskantschlüssel für die Reiterklemmen</translation>
    </message>
    <message>
        <source>hex key for the saddles</source>
        <translation>Innensechskantschlüssel für die Reiter</translation>
    </message>
    <message>
        <source>hex key for the bridge posts</source>
        <translation>Innensechskantschlüssel für die Brückenbolzen</translation>
    </message>
    <message>
        <source>screwdriver for the back cover</source>
        <translation>Schraubendreher für den Rückdeckel</translation>
    </message>
    <message>
        <source>%1, size not noted</source>
        <translation>%1, Größe nicht notiert</translation>
    </message>
    <message>
        <source>screwdriver for the claw</source>
        <translation>Schraubendreher für die Federkralle</translation>
    </message>
    <message>
        <source>winder</source>
        <translation>Kurbel</translation>
    </message>
    <message>
        <source>heavy cutters</source>
        <translation>kräftiger Seitenschneider</translation>
    </message>
    <message>
        <source>tuner that shows cents</source>
        <translation>Stimmgerät, das Cent zeigt</translation>
    </message>
    <message>
        <source>block, padded</source>
        <translation>Klotz, gepolstert</translation>
    </message>
    <message>
        <source>head rest</source>
        <translation>Halsstütze</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>Messschieber</translation>
    </message>
    <message>
        <source>ruler or feeler</source>
        <translation>Lineal oder Fühlerlehre</translation>
    </message>
    <message>
        <source>tray for small parts</source>
        <translation>Schale für Kleinteile</translation>
    </message>
    <message>
        <source>cloths</source>
        <translation>Tücher</translation>
    </message>
    <message>
        <source>spare single strings</source>
        <translation>einzelne Ersatzsaiten</translation>
    </message>
    <message>
        <source>fine wool, tape, fret guard</source>
        <translation>feine Wolle, Band, Bundschutz</translation>
    </message>
    <message>
        <source>fretboard oil</source>
        <translation>Griffbrettöl</translation>
    </message>
    <message>
        <source>safety glasses</source>
        <translation>Schutzbrille</translation>
    </message>
    <message>
        <source>pliers for springs</source>
        <translation>Zange für Federn</translation>
    </message>
    <message>
        <source>sharps tin for string ends</source>
        <translation>Abfalldose für Saitenenden</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>Lampe</translation>
    </message>
</context>
<context>
    <name>flenzo::TrialPanel</name>
    <message>
        <source>Compare methods on guitars like the one in work</source>
        <translation>Verfahren an Gitarren wie der in Arbeit vergleichen</translation>
    </message>
    <message>
        <source>simulated guitars</source>
        <translation>simulierte Gitarren</translation>
    </message>
    <message>
        <source>How many simulated guitars</source>
        <translation>Wie viele simulierte Gitarren</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Progress of the trial</source>
        <translation>Fortschritt des Versuchs</translation>
    </message>
    <message>
        <source>Passes by each method and by the adviser</source>
        <translation>Durchgänge nach jedem Verfahren und vom Ratgeber</translation>
    </message>
    <message>
        <source>Playing; the window stays free for other work.</source>
        <translation>Spielt; das Fenster bleibt frei für andere Arbeit.</translation>
    </message>
    <message>
        <source>Stopped. Nothing of it is shown, since half a trial would mislead.</source>
        <translation>Angehalten. Nichts davon wird gezeigt, denn ein halber Versuch führte in die Irre.</translation>
    </message>
    <message>
        <source>None of these guitars has a stable float with this set: the plan has the ways out.</source>
        <translation>Keine dieser Gitarren schwebt mit diesem Satz stabil: der Plan kennt die Auswege.</translation>
    </message>
    <message>
        <source>%1 of %2 guitars have a stable float. The forecast given at the start held on %3 % of them.</source>
        <translation>%1 von %2 Gitarren schweben stabil. Die Vorhersage vom Anfang hielt bei %3 % von ihnen.</translation>
    </message>
</context>
<context>
    <name>flenzo::TroubleshootingDialog</name>
    <message>
        <source>What went wrong?</source>
        <translation>Was ist schiefgegangen?</translation>
    </message>
    <message>
        <source>What is seen or heard; likely ones for this step first</source>
        <translation>Was man sieht oder hört; zuerst, was bei diesem Schritt wahrscheinlich ist</translation>
    </message>
    <message>
        <source>Symptom</source>
        <translation>Anzeichen</translation>
    </message>
    <message>
        <source>Symptoms</source>
        <translation>Anzeichen</translation>
    </message>
    <message>
        <source>Cause: %1</source>
        <translation>Ursache: %1</translation>
    </message>
    <message>
        <source>Nothing fits these words; try fewer.</source>
        <translation>Zu diesen Worten passt nichts; weniger versuchen.</translation>
    </message>
    <message>
        <source>Next time: %1</source>
        <translation>Nächstes Mal: %1</translation>
    </message>
    <message>
        <source>Cracks, anything loose in the wood, a stuck truss rod, mains power: stop, and send it to a professional repairer. Local rules come first.</source>
        <translation>Risse, etwas lose im Holz, ein fester Halsstab, Netzspannung: aufhören, und zum Fachbetrieb damit. Örtliche Regeln gehen vor.</translation>
    </message>
</context>
<context>
    <name>flenzo::ValueDrag</name>
    <message>
        <source>Drag sideways to try values; Shift for long steps</source>
        <translation>Seitwärts ziehen, um Werte zu probieren; Umschalt für große Schritte</translation>
    </message>
</context>
<context>
    <name>flenzo::WindowHead</name>
    <message>
        <source>Readings can be supplied by a guitar that exists only in the program</source>
        <translation>Ablesungen kann eine Gitarre liefern, die es nur im Programm gibt</translation>
    </message>
    <message>
        <source>What can hurt somebody or the guitar now</source>
        <translation>Was jetzt jemandem oder der Gitarre schaden kann</translation>
    </message>
    <message>
        <source>New guitar</source>
        <translation>Neue Gitarre</translation>
    </message>
    <message>
        <source>simulated guitar</source>
        <translation>simulierte Gitarre</translation>
    </message>
    <message>
        <source>Two versions: compare</source>
        <translation>Zwei Fassungen: vergleichen</translation>
    </message>
    <message>
        <source>Server away: kept here</source>
        <translation>Server weg: bleibt hier</translation>
    </message>
    <message>
        <source>Another bench changed this job too; say which one goes on</source>
        <translation>Auch eine andere Werkbank hat diesen Auftrag geändert; sagen, welcher weitergeht</translation>
    </message>
    <message>
        <source>What is entered is kept on this machine; press to try the server now</source>
        <translation>Was eingetragen wird, bleibt auf diesem Rechner; drücken, um den Server jetzt zu versuchen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Restringing and setting up guitars with floating vibrato bridges.</source>
        <translation>Gitarren mit schwebender Vibratobrücke besaiten und einstellen.</translation>
    </message>
    <message>
        <source>Start with the demo shop.</source>
        <translation>Mit der Beispielwerkstatt beginnen.</translation>
    </message>
    <message>
        <source>A job, guitar or exercise to open.</source>
        <translation>Ein Auftrag, eine Gitarre oder eine Übung zum Öffnen.</translation>
    </message>
    <message>
        <source>Use this logbook: a file, or postgresql://user@host/database.</source>
        <translation>Dieses Auftragsbuch verwenden: eine Datei oder postgresql://Benutzer@Rechner/Datenbank.</translation>
    </message>
    <message>
        <source>How this bench is called among several.</source>
        <translation>Wie diese Werkbank unter mehreren heißt.</translation>
    </message>
</context>
</TS>
