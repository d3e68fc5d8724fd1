<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name>ActPicture</name>
    <message>
        <source>bass</source>
        <translation>grave</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>agudo</translation>
    </message>
    <message>
        <source>The claw&apos;s screws, clockwise: bass %1, treble %2 turns</source>
        <translation>Los tornillos de la garra, en sentido horario: grave %1, agudo %2 vueltas</translation>
    </message>
    <message>
        <source>The claw&apos;s screws, counter-clockwise: bass %1, treble %2 turns</source>
        <translation>Los tornillos de la garra, en sentido antihorario: grave %1, agudo %2 vueltas</translation>
    </message>
    <message>
        <source>Peg of string %1, tighter</source>
        <translation>Clavija de la cuerda %1, más tensa</translation>
    </message>
    <message>
        <source>Peg of string %1, looser</source>
        <translation>Clavija de la cuerda %1, más floja</translation>
    </message>
    <message>
        <source>rear edge</source>
        <translation>borde trasero</translation>
    </message>
    <message>
        <source>The gap under the plate&apos;s rear edge</source>
        <translation>El hueco bajo el borde trasero de la placa</translation>
    </message>
    <message>
        <source>String %1, pulled along its length</source>
        <translation>Cuerda %1, estirada a lo largo</translation>
    </message>
</context>
<context>
    <name>ActWords</name>
    <message>
        <source>Measure the gap under the plate&apos;s rear edge</source>
        <translation>Medir el hueco bajo el borde trasero de la placa</translation>
    </message>
    <message>
        <source>every string</source>
        <translation>todas las cuerdas</translation>
    </message>
    <message>
        <source>string %1</source>
        <translation>cuerda %1</translation>
    </message>
    <message>
        <source>the %1 strings left</source>
        <translation>las %1 cuerdas que quedan</translation>
    </message>
    <message>
        <source>Check %1, then measure the rear gap</source>
        <translation>Comprobar %1 y luego medir la separación trasera</translation>
    </message>
    <message>
        <source>Check %1</source>
        <translation>Comprobar %1</translation>
    </message>
    <message>
        <source>What changed since is calculated, not checked</source>
        <translation>Lo que cambió desde entonces está calculado, no comprobado</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>hueco</translation>
    </message>
    <message>
        <source>gap under the rear edge</source>
        <translation>hueco bajo el borde trasero</translation>
    </message>
    <message>
        <source>reading of %1</source>
        <translation>lectura de %1</translation>
    </message>
    <message>
        <source>Fine-tune string %1 to</source>
        <translation>Microafinar la cuerda %1 a</translation>
    </message>
    <message>
        <source>Tune string %1 under the block to</source>
        <translation>Afinar la cuerda %1 sobre el taco a</translation>
    </message>
    <message>
        <source>Tune string %1 down to</source>
        <translation>Bajar la cuerda %1 a</translation>
    </message>
    <message>
        <source>Tune string %1 up to</source>
        <translation>Subir la cuerda %1 a</translation>
    </message>
    <message>
        <source>%1 ¢ above %2, %3</source>
        <translation>%1 ¢ por encima de %2, %3</translation>
    </message>
    <message>
        <source>%1 ¢ below %2, %3</source>
        <translation>%1 ¢ por debajo de %2, %3</translation>
    </message>
    <message>
        <source>%1 ¢ from %2, %3</source>
        <translation>%1 ¢ de %2, %3</translation>
    </message>
    <message>
        <source>what the tuner says, cents from %1</source>
        <translation>lo que dice el afinador, cents desde %1</translation>
    </message>
    <message>
        <source>Pull string %1 along its whole length</source>
        <translation>Estirar la cuerda %1 en toda su longitud</translation>
    </message>
    <message>
        <source>pull</source>
        <translation>estirar</translation>
    </message>
    <message>
        <source>It should drop about %1 ¢; likely pulls left %2, at most %3. Never in one place: a kink stays.</source>
        <translation>Debería bajar unos %1 ¢; estirones que faltan: %2, como mucho %3. Nunca en un solo punto: el pliegue queda.</translation>
    </message>
    <message>
        <source>what the tuner says after it</source>
        <translation>lo que dice el afinador después</translation>
    </message>
    <message>
        <source>It looks an octave off.</source>
        <translation>Parece desviada una octava.</translation>
    </message>
    <message>
        <source>It would fit string %1.</source>
        <translation>Encajaría con la cuerda %1.</translation>
    </message>
    <message>
        <source>Sharp and flat may be mixed up.</source>
        <translation>Quizá se han confundido alto y bajo.</translation>
    </message>
    <message>
        <source>The decimal point may have slipped.</source>
        <translation>Quizá se ha corrido la coma.</translation>
    </message>
    <message>
        <source>Check string %1 again</source>
        <translation>Comprobar otra vez la cuerda %1</translation>
    </message>
    <message>
        <source>Measure the rear gap again</source>
        <translation>Medir otra vez la separación trasera</translation>
    </message>
    <message>
        <source>slack</source>
        <translation>floja</translation>
    </message>
    <message>
        <source>Leave both claw screws as they are</source>
        <translation>Dejar los dos tornillos de la garra como están</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>vuelta</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>vueltas</translation>
    </message>
    <message>
        <source>Tighten both claw screws %1</source>
        <translation>Apretar los dos tornillos de la garra %1</translation>
    </message>
    <message>
        <source>Loosen both claw screws %1</source>
        <translation>Aflojar los dos tornillos de la garra %1</translation>
    </message>
    <message>
        <source>Tighten the treble screw alone %1 turn</source>
        <translation>Apretar solo el tornillo del lado agudo %1 vuelta</translation>
    </message>
    <message>
        <source>Loosen the treble screw alone %1 turn</source>
        <translation>Aflojar solo el tornillo del lado agudo %1 vuelta</translation>
    </message>
    <message>
        <source>Tighten the bass screw alone %1 turn</source>
        <translation>Apretar solo el tornillo del lado grave %1 vuelta</translation>
    </message>
    <message>
        <source>Loosen the bass screw alone %1 turn</source>
        <translation>Aflojar solo el tornillo del lado grave %1 vuelta</translation>
    </message>
    <message>
        <source>Tighten the bass screw %1, the treble screw %2</source>
        <translation>Apretar el tornillo del lado grave %1, el agudo %2</translation>
    </message>
    <message>
        <source>Loosen the bass screw %1, the treble screw %2</source>
        <translation>Aflojar el tornillo del lado grave %1, el agudo %2</translation>
    </message>
    <message>
        <source>clockwise</source>
        <translation>en sentido horario</translation>
    </message>
    <message>
        <source>counter-clockwise</source>
        <translation>en sentido antihorario</translation>
    </message>
    <message>
        <source>Space when done</source>
        <translation>Espacio al terminar</translation>
    </message>
    <message>
        <source>Then look at the gap: about %1 turns are missing in all; %2</source>
        <translation>Luego mira el hueco: faltan en total unas %1 vueltas; %2</translation>
    </message>
    <message>
        <source>clockwise, the same on each screw; the springs pull more and the plate&apos;s rear goes down</source>
        <translation>en sentido horario, lo mismo en cada tornillo; los muelles tiran más y la placa baja por detrás</translation>
    </message>
    <message>
        <source>counter-clockwise, the same on each screw; the springs pull less and the plate&apos;s rear comes up</source>
        <translation>en sentido antihorario, lo mismo en cada tornillo; los muelles tiran menos y la placa sube por detrás</translation>
    </message>
    <message>
        <source>In tune and level</source>
        <translation>Afinada y nivelada</translation>
    </message>
    <message>
        <source>done</source>
        <translation>hecho</translation>
    </message>
    <message>
        <source>Checked on this guitar, not forecast</source>
        <translation>Comprobado en esta guitarra, no previsto</translation>
    </message>
    <message>
        <source>any further reading</source>
        <translation>cualquier otra lectura</translation>
    </message>
    <message>
        <source>In tune</source>
        <translation>Afinada</translation>
    </message>
    <message>
        <source>Level is not known: nobody has measured the plate. A gap or an angle would tell.</source>
        <translation>No se sabe si está nivelada: nadie ha medido la placa. Un hueco o un ángulo lo diría.</translation>
    </message>
    <message>
        <source>As far as these tools can tell: strings to %1 ¢, plate to %2°</source>
        <translation>Hasta donde distinguen estas herramientas: cuerdas a %1 ¢, placa a %2°</translation>
    </message>
    <message>
        <source>%1 %2 ¢</source>
        <translation>%1 %2 ¢</translation>
    </message>
    <message>
        <source>plate %1° forward</source>
        <translation>placa %1° adelantada</translation>
    </message>
    <message>
        <source>plate %1° sunk</source>
        <translation>placa %1° hundida</translation>
    </message>
    <message>
        <source>Leave it here, or go on by hand</source>
        <translation>Déjala aquí o sigue a mano</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>alto</translation>
    </message>
    <message>
        <source>Left, by what is known: %1. With these tools more work is not likely to help.</source>
        <translation>Queda, por lo que se sabe: %1. Con estas herramientas más trabajo no ayudará.</translation>
    </message>
    <message>
        <source>Why %1 fell %2 ¢: </source>
        <translation>Por qué %1 bajó %2 ¢: </translation>
    </message>
    <message>
        <source>Why %1 rose %2 ¢: </source>
        <translation>Por qué %1 subió %2 ¢: </translation>
    </message>
    <message>
        <source>the plate tipped %1° forward (%2)</source>
        <translation>la placa se inclinó %1° hacia delante (%2)</translation>
    </message>
    <message>
        <source>the plate tipped %1° back (%2)</source>
        <translation>la placa se inclinó %1° hacia atrás (%2)</translation>
    </message>
    <message>
        <source>Take the block out</source>
        <translation>Sacar el taco</translation>
    </message>
    <message>
        <source>block</source>
        <translation>taco</translation>
    </message>
    <message>
        <source>The strings are at their aims under the block and will come to pitch</source>
        <translation>Las cuerdas están en su objetivo sobre el taco y llegarán al tono</translation>
    </message>
    <message>
        <source>This set cannot float level here</source>
        <translation>Este juego no puede flotar nivelado aquí</translation>
    </message>
    <message>
        <source>Put %1 on</source>
        <translation>Poner %1</translation>
    </message>
    <message>
        <source>It is off. Tune it roughly up once it is on; safety glasses on.</source>
        <translation>Está fuera. Subirla más o menos de tono cuando esté puesta; gafas puestas.</translation>
    </message>
    <message>
        <source>Space when it is on</source>
        <translation>Espacio cuando esté puesta</translation>
    </message>
    <message>
        <source>The readings contradict each other</source>
        <translation>Las lecturas se contradicen</translation>
    </message>
    <message>
        <source>They scatter by %1 ¢, more than the tools were said to. Mute the other strings, check the tuner and the ruler, then read again.</source>
        <translation>Se dispersan %1 ¢, más de lo indicado para las herramientas. Apagar las demás cuerdas, revisar el afinador y la regla y volver a leer.</translation>
    </message>
    <message>
        <source>This string first: otherwise %1 would come to %2 % of its breaking load.</source>
        <translation>Primero esta cuerda: si no, %1 llegaría al %2 % de su carga de rotura.</translation>
    </message>
    <message>
        <source>Only so far for now: the whole way would bring %1 to %2 % of its breaking load. The rest follows once the plate has come up.</source>
        <translation>Por ahora solo hasta aquí: todo el camino llevaría %1 al %2 % de su carga de rotura. El resto, cuando la placa haya subido.</translation>
    </message>
    <message>
        <source>Not all at once: that would bring %1 to %2 % of its breaking load.</source>
        <translation>No todo de una vez: llevaría %1 al %2 % de su carga de rotura.</translation>
    </message>
    <message>
        <source>Its fine tuner ends there, %1 ¢ short (calculated). For the rest, open the nut at this string, set the fine tuner to its middle, tune by the peg and clamp it again.</source>
        <translation>Ahí acaba su afinador fino, faltan %1 ¢ (calculado). Para el resto: abrir la cejuela en esta cuerda, poner el afinador fino en su mitad, afinar con la clavija y volver a bloquear.</translation>
    </message>
    <message>
        <source>Figures are assumed until you take readings</source>
        <translation>Las cifras son supuestas hasta que haya lecturas</translation>
    </message>
    <message>
        <source>(%1 % of what breaks it)</source>
        <translation>(%1 % de su carga de rotura)</translation>
    </message>
    <message>
        <source>If it is right, the string slipped at its clamp or string post.</source>
        <translation>Si es correcta, la cuerda resbaló en su mordaza o en el poste de clavija.</translation>
    </message>
    <message>
        <source>Misread, mistyped, or something moved unrecorded.</source>
        <translation>Mal leído, mal tecleado, o algo se movió sin anotarse.</translation>
    </message>
    <message>
        <source>This contradicts other readings; %1 expected (%2 standard deviations off). </source>
        <translation>Esto contradice otras lecturas; se esperaba %1 (%2 desviaciones típicas). </translation>
    </message>
    <message>
        <source>Space keeps this reading.</source>
        <translation>Espacio conserva esta lectura.</translation>
    </message>
    <message>
        <source>%1; one screw gets 1/16 more, for finer adjustment</source>
        <translation>%1; un tornillo 1/16 más, para un ajuste más fino</translation>
    </message>
    <message>
        <source>What is left is too small to measure</source>
        <translation>Lo que queda es demasiado pequeño para medirlo</translation>
    </message>
    <message>
        <source>%1, the string stretched (%2)</source>
        <translation>%1, la cuerda se estiró (%2)</translation>
    </message>
    <message>
        <source>This first: the next act would bring %1 to %2 % of its breaking load.</source>
        <translation>Esto primero: la acción siguiente llevaría %1 al %2 % de su carga de rotura.</translation>
    </message>
    <message>
        <source>Do not start: find another set or springs first</source>
        <translation>No empezar: buscar antes otro juego u otros muelles</translation>
    </message>
    <message>
        <source>No claw change</source>
        <translation>La garra se queda</translation>
    </message>
    <message>
        <source>TIGHTEN both claw screws</source>
        <translation>APRIETA los dos tornillos de la garra</translation>
    </message>
    <message>
        <source>LOOSEN both claw screws</source>
        <translation>AFLOJA los dos tornillos de la garra</translation>
    </message>
    <message>
        <source>Or put the block in at level (%1): on it every string is tuned straight to its pitch.</source>
        <translation>O poner el taco a nivel (%1): sobre él cada cuerda se afina directamente a su nota.</translation>
    </message>
</context>
<context>
    <name>ActsDone</name>
    <message>
        <source>plate measured</source>
        <translation>placa medida</translation>
    </message>
    <message numerus="yes">
        <source>%n strings checked</source>
        <translation>
            <numerusform>%n cuerda comprobada</numerusform>
            <numerusform>%n cuerdas comprobadas</numerusform>
        </translation>
    </message>
    <message>
        <source>string %1 tuned</source>
        <translation>cuerda %1 afinada</translation>
    </message>
    <message>
        <source>string %1 fine-tuned</source>
        <translation>cuerda %1 microafinada</translation>
    </message>
    <message>
        <source>string %1 stretched</source>
        <translation>cuerda %1 estirada</translation>
    </message>
    <message>
        <source>claw tightened %1</source>
        <translation>garra apretada %1</translation>
    </message>
    <message>
        <source>claw loosened %1</source>
        <translation>garra aflojada %1</translation>
    </message>
    <message>
        <source>block put in</source>
        <translation>taco puesto</translation>
    </message>
    <message>
        <source>block taken out</source>
        <translation>taco sacado</translation>
    </message>
    <message>
        <source>nut locked</source>
        <translation>cejuela bloqueada</translation>
    </message>
    <message>
        <source>guitar turned</source>
        <translation>guitarra girada</translation>
    </message>
    <message>
        <source>string %1 off</source>
        <translation>cuerda %1 quitada</translation>
    </message>
    <message>
        <source>arm moved to and fro</source>
        <translation>palanca movida de un lado a otro</translation>
    </message>
    <message>
        <source>another pitch wanted</source>
        <translation>se quiere otro tono</translation>
    </message>
    <message>
        <source>start</source>
        <translation>inicio</translation>
    </message>
    <message numerus="yes">
        <source>%n springs in</source>
        <translation>
            <numerusform>%n muelle puesto</numerusform>
            <numerusform>%n muelles puestos</numerusform>
        </translation>
    </message>
    <message>
        <source>string %1 new</source>
        <translation>cuerda %1 nueva</translation>
    </message>
    <message>
        <source>bridge posts raised</source>
        <translation>postes del puente subidos</translation>
    </message>
    <message>
        <source>bridge posts lowered</source>
        <translation>postes del puente bajados</translation>
    </message>
    <message>
        <source>saddle %1 moved</source>
        <translation>silleta %1 movida</translation>
    </message>
    <message>
        <source>string %1 slipped</source>
        <translation>cuerda %1 deslizada</translation>
    </message>
    <message>
        <source>something was moved</source>
        <translation>algo se movió</translation>
    </message>
</context>
<context>
    <name>AtHand</name>
    <message>
        <source>done</source>
        <translation>hecho</translation>
    </message>
</context>
<context>
    <name>Bundled</name>
    <message>
        <source>Aims under a block that is too thick</source>
        <translation>Objetivos con un taco demasiado grueso</translation>
    </message>
    <message>
        <source>The block holds the plate forward of level. What is tuned to pitch on it is off when the block comes out.</source>
        <translation>El taco mantiene la placa adelantada. Lo que se afina sobre él queda desafinado al sacarlo.</translation>
    </message>
    <message>
        <source>Choose what to tune to under the block, take it out, end in tune and level.</source>
        <translation>Elegir a qué afinar con el taco puesto, sacarlo, acabar afinada y a nivel.</translation>
    </message>
    <message>
        <source>Decked, with little to spare</source>
        <translation>Apoyada, con poco margen</translation>
    </message>
    <message>
        <source>The plate rests on the body, and the springs hold it there with little more than they must. Too much makes the arm stiff; too little and the plate lifts.</source>
        <translation>La placa descansa sobre el cuerpo, y los muelles la sujetan con poco más de lo justo. Demasiado endurece la palanca; con poco, la placa se levanta.</translation>
    </message>
    <message>
        <source>Keep it down with the load that was asked for, and in tune.</source>
        <translation>Mantenerla abajo con la carga pedida, y afinada.</translation>
    </message>
    <message>
        <source>Down to drop A</source>
        <translation>Bajar a La abierto grave</translation>
    </message>
    <message>
        <source>Lower pitch pulls less, thicker strings pull more: which wins is not obvious.</source>
        <translation>Un tono más bajo tira menos, cuerdas más gruesas tiran más: no es evidente qué gana.</translation>
    </message>
    <message>
        <source>Judge the claw before it is turned, then bring all seven strings to pitch.</source>
        <translation>Juzgar la garra antes de girarla, luego afinar las siete cuerdas.</translation>
    </message>
    <message>
        <source>Fresh strings, the same set</source>
        <translation>Cuerdas nuevas, el mismo juego</translation>
    </message>
    <message>
        <source>The owner likes it as it is: same gauges, same tuning. The plate was level before.</source>
        <translation>Al dueño le gusta como está: mismos calibres, misma afinación. La placa estaba a nivel.</translation>
    </message>
    <message>
        <source>Bring every string to pitch with the plate level. Watch what each string does to the others.</source>
        <translation>Afinar cada cuerda con la placa a nivel. Observar qué hace cada cuerda a las demás.</translation>
    </message>
    <message>
        <source>A full set-up against the clock</source>
        <translation>Un ajuste completo contra reloj</translation>
    </message>
    <message>
        <source>A double-locking seven-string with new strings that still stretch. It is on stage tonight.</source>
        <translation>Una siete cuerdas de doble bloqueo con cuerdas nuevas que aún se estiran. Esta noche sale al escenario.</translation>
    </message>
    <message>
        <source>Stretch, balance, lock, fine-tune, find what is wrong if anything is, and hand it over locked within an hour and a half.</source>
        <translation>Estirar, equilibrar, bloquear, afinar fino, hallar lo que esté mal si algo lo está, y entregarla bloqueada en hora y media.</translation>
    </message>
    <message>
        <source>A gauge step up, over a block</source>
        <translation>Un calibre más, con taco</translation>
    </message>
    <message>
        <source>Heavier strings pull the plate forward. A block of the level gap is under it already: on it strings do not move each other.</source>
        <translation>Cuerdas más gruesas tiran de la placa hacia delante. Ya hay debajo un taco de la altura a nivel: sobre él las cuerdas no se mueven entre sí.</translation>
    </message>
    <message>
        <source>Tune under the block, take it out, tighten the claw, end in tune and level.</source>
        <translation>Afinar con el taco puesto, sacarlo, apretar la garra, acabar afinada y a nivel.</translation>
    </message>
    <message>
        <source>Tuners at the bridge</source>
        <translation>Clavijas en el puente</translation>
    </message>
    <message>
        <source>A short headless guitar: the nut is clamped, the bridge tuners are fine, the plate floats. A set one size lighter is on.</source>
        <translation>Una guitarra corta sin pala: la cejuela sujeta, las clavijas del puente son finas, la placa flota. Lleva un juego más fino.</translation>
    </message>
    <message>
        <source>Bring it to pitch and level with the bridge tuners and the claw.</source>
        <translation>Afinarla y nivelarla con las clavijas del puente y la garra.</translation>
    </message>
    <message>
        <source>An arm whose height its spring decides</source>
        <translation>Una palanca cuya altura decide su muelle</translation>
    </message>
    <message>
        <source>A roller shaft with a spring under the arm: no claw, nothing to turn. Heavier flat-wounds went on.</source>
        <translation>Un eje de rodillo con un muelle bajo la palanca: sin garra, nada que girar. Lleva cuerdas de entorchado plano más gruesas.</translation>
    </message>
    <message>
        <source>Bring the strings to pitch in as few passes as possible; look where the arm ends.</source>
        <translation>Afinar las cuerdas en las menos pasadas posibles; mirar dónde acaba la palanca.</translation>
    </message>
    <message>
        <source>A soft float</source>
        <translation>Una flotación blanda</translation>
    </message>
    <message>
        <source>A soft arm moves far for little: every peg changes all the other strings, and small turns move the plate far.</source>
        <translation>Una palanca blanda se mueve mucho por poco: cada clavija cambia todas las demás cuerdas, y giros pequeños mueven mucho la placa.</translation>
    </message>
    <message>
        <source>Bring the soft bridge to pitch and level without chasing it.</source>
        <translation>Afinar y nivelar el puente blando sin perseguirlo.</translation>
    </message>
    <message>
        <source>How many springs?</source>
        <translation>¿Cuántos muelles?</translation>
    </message>
    <message>
        <source>Two springs are left of three, and a heavier set is to go on. The claw screws are short: with two springs they end before the plate is level.</source>
        <translation>De tres muelles quedan dos, y va a entrar un juego más grueso. Los tornillos de la garra son cortos: con dos muelles se acaban antes de nivelar la placa.</translation>
    </message>
    <message>
        <source>Find how many springs it takes, hook them in, end in tune and level.</source>
        <translation>Averiguar cuántos muelles hacen falta, engancharlos, acabar afinada y a nivel.</translation>
    </message>
    <message>
        <source>Sunk after lighter strings</source>
        <translation>Hundida tras cuerdas más finas</translation>
    </message>
    <message>
        <source>A lighter set went on, and the springs now pull the rear edge down.</source>
        <translation>Entró un juego más fino, y los muelles tiran ahora del borde trasero hacia abajo.</translation>
    </message>
    <message>
        <source>Loosen the claw far enough, but not further; end in tune and level.</source>
        <translation>Aflojar la garra lo suficiente, pero no más; acabar afinada y a nivel.</translation>
    </message>
    <message>
        <source>What is wrong with it?</source>
        <translation>¿Qué le pasa?</translation>
    </message>
    <message>
        <source>It came back: &quot;it will not stay in tune&quot;. It may be one of many things.</source>
        <translation>Ha vuelto: «no aguanta la afinación». Puede ser una de muchas cosas.</translation>
    </message>
    <message>
        <source>Find what is wrong before it is tuned: look, measure, pull, dive, inspect. Name it. Then end in tune and level.</source>
        <translation>Hallar qué está mal antes de afinar: mirar, medir, tirar, bajar, inspeccionar. Nombrarlo. Luego acabar afinada y a nivel.</translation>
    </message>
    <message>
        <source>Long scale, from A up to B on a lighter set; the owner wants the arm softer.</source>
        <translation>Escala larga, de La a Si con un juego más fino; el dueño quiere la palanca más blanda.</translation>
    </message>
    <message>
        <source>Came in because it never stays in tune: two soft springs, saddles far back, a heavy set.</source>
        <translation>Vino porque nunca sigue afinada: dos muelles blandos, silletas muy atrás, un juego grueso.</translation>
    </message>
    <message>
        <source>Goes from B standard to drop A for a stage set; heavier strings, claw last set for the old ones.</source>
        <translation>Pasa de Si estándar a La grave para un concierto; cuerdas más gruesas, garra ajustada para las viejas.</translation>
    </message>
    <message>
        <source>Fulcrum on two bridge posts, open nut, tuned a whole step down; one spring was taken out by the owner.</source>
        <translation>Dos postes del puente, cejuela abierta, un tono abajo; el dueño quitó un muelle.</translation>
    </message>
    <message>
        <source>Back from a tour with a set one size lighter than it was balanced for; tuners at the bridge, nut clamped.</source>
        <translation>De vuelta de una gira con un juego más fino que el del ajuste; clavijas en el puente, cejuela sujeta.</translation>
    </message>
    <message>
        <source>Heavier flat-wounds went on and the arm now sits too low to reach; which spring, and in tune in two passes.</source>
        <translation>Entraron cuerdas de entorchado plano más gruesas y la palanca queda demasiado baja; qué muelle, y afinada en dos pasadas.</translation>
    </message>
    <message>
        <source>Four, 45 to 90 short scale</source>
        <translation>Cuatro, 45 a 90, escala corta</translation>
    </message>
    <message>
        <source>Four, 40 to 95</source>
        <translation>Cuatro, 40 a 95</translation>
    </message>
    <message>
        <source>Four, 45 to 105</source>
        <translation>Cuatro, 45 a 105</translation>
    </message>
    <message>
        <source>Four, 45 to 105 flat-wound</source>
        <translation>Cuatro, 45 a 105, entorchado plano</translation>
    </message>
    <message>
        <source>Five, 20 to 90 short scale</source>
        <translation>Cinco, 20 a 90, escala corta</translation>
    </message>
    <message>
        <source>Five, 45 to 130</source>
        <translation>Cinco, 45 a 130</translation>
    </message>
    <message>
        <source>Six, 8.5 to 40</source>
        <translation>Seis, 8,5 a 40</translation>
    </message>
    <message>
        <source>Six, 9 to 42</source>
        <translation>Seis, 9 a 42</translation>
    </message>
    <message>
        <source>Six, 9 to 46</source>
        <translation>Seis, 9 a 46</translation>
    </message>
    <message>
        <source>Six, 9.5 to 44</source>
        <translation>Seis, 9,5 a 44</translation>
    </message>
    <message>
        <source>Six, 10 to 46</source>
        <translation>Seis, 10 a 46</translation>
    </message>
    <message>
        <source>Six, 10 to 52</source>
        <translation>Seis, 10 a 52</translation>
    </message>
    <message>
        <source>Six, 10 to 56</source>
        <translation>Seis, 10 a 56</translation>
    </message>
    <message>
        <source>Six, 10.5 to 48</source>
        <translation>Seis, 10,5 a 48</translation>
    </message>
    <message>
        <source>Six, 11 to 48</source>
        <translation>Seis, 11 a 48</translation>
    </message>
    <message>
        <source>Six, 11 to 49</source>
        <translation>Seis, 11 a 49</translation>
    </message>
    <message>
        <source>Six, 11 to 54</source>
        <translation>Seis, 11 a 54</translation>
    </message>
    <message>
        <source>Six, 12 to 54</source>
        <translation>Seis, 12 a 54</translation>
    </message>
    <message>
        <source>Six, 12 to 54 with a wound third</source>
        <translation>Seis, 12 a 54, con tercera entorchada</translation>
    </message>
    <message>
        <source>Six, 12 to 60</source>
        <translation>Seis, 12 a 60</translation>
    </message>
    <message>
        <source>Six, baritone 13 to 68</source>
        <translation>Seis, barítono 13 a 68</translation>
    </message>
    <message>
        <source>Six, 10 to 46 flat-wound</source>
        <translation>Seis, 10 a 46, entorchado plano</translation>
    </message>
    <message>
        <source>Six, 11 to 50 flat-wound</source>
        <translation>Seis, 11 a 50, entorchado plano</translation>
    </message>
    <message>
        <source>Six, 12 to 52 flat-wound</source>
        <translation>Seis, 12 a 52, entorchado plano</translation>
    </message>
    <message>
        <source>Seven, 9 to 54</source>
        <translation>Siete, 9 a 54</translation>
    </message>
    <message>
        <source>Seven, 9.5 to 58</source>
        <translation>Siete, 9,5 a 58</translation>
    </message>
    <message>
        <source>Seven, 10 to 56</source>
        <translation>Siete, 10 a 56</translation>
    </message>
    <message>
        <source>Seven, 10 to 59</source>
        <translation>Siete, 10 a 59</translation>
    </message>
    <message>
        <source>Seven, 10 to 60</source>
        <translation>Siete, 10 a 60</translation>
    </message>
    <message>
        <source>Seven, 10 to 62</source>
        <translation>Siete, 10 a 62</translation>
    </message>
    <message>
        <source>Seven, 10.5 to 66</source>
        <translation>Siete, 10,5 a 66</translation>
    </message>
    <message>
        <source>Eight, 9 to 65</source>
        <translation>Ocho, 9 a 65</translation>
    </message>
    <message>
        <source>Eight, 9.5 to 74</source>
        <translation>Ocho, 9,5 a 74</translation>
    </message>
    <message>
        <source>Eight, 10 to 74</source>
        <translation>Ocho, 10 a 74</translation>
    </message>
    <message>
        <source>Eight, 10 to 80</source>
        <translation>Ocho, 10 a 80</translation>
    </message>
    <message>
        <source>Eight, 11 to 80</source>
        <translation>Ocho, 11 a 80</translation>
    </message>
    <message>
        <source>Nine, 9 to 90</source>
        <translation>Nueve, 9 a 90</translation>
    </message>
    <message>
        <source>Ten, five pairs 10 to 38</source>
        <translation>Diez, cinco pares 10 a 38</translation>
    </message>
    <message>
        <source>Eleven, five pairs and one</source>
        <translation>Once, cinco pares y una</translation>
    </message>
    <message>
        <source>Twelve, six pairs 9.5 to 44</source>
        <translation>Doce, seis pares 9,5 a 44</translation>
    </message>
    <message>
        <source>Standard</source>
        <translation>Estándar</translation>
    </message>
    <message>
        <source>Standard, pairs</source>
        <translation>Estándar, pares</translation>
    </message>
    <message>
        <source>Standard, one and pairs</source>
        <translation>Estándar, una y pares</translation>
    </message>
    <message>
        <source>Standard, octave pairs</source>
        <translation>Estándar, pares de octava</translation>
    </message>
    <message>
        <source>Half step down</source>
        <translation>Medio tono más grave</translation>
    </message>
    <message>
        <source>Whole step down</source>
        <translation>Un tono más grave</translation>
    </message>
    <message>
        <source>One and a half steps down</source>
        <translation>Tono y medio más grave</translation>
    </message>
    <message>
        <source>Two steps down</source>
        <translation>Dos tonos más grave</translation>
    </message>
    <message>
        <source>Baritone B</source>
        <translation>Barítono en Si</translation>
    </message>
    <message>
        <source>Baritone A</source>
        <translation>Barítono en La</translation>
    </message>
    <message>
        <source>Dropped D</source>
        <translation>Con Re grave</translation>
    </message>
    <message>
        <source>Dropped C</source>
        <translation>Con Do grave</translation>
    </message>
    <message>
        <source>Dropped B</source>
        <translation>Con Si grave</translation>
    </message>
    <message>
        <source>Dropped A</source>
        <translation>Con La grave</translation>
    </message>
    <message>
        <source>Dropped G</source>
        <translation>Con Sol grave</translation>
    </message>
    <message>
        <source>Dropped E</source>
        <translation>Con Mi grave</translation>
    </message>
    <message>
        <source>Open D</source>
        <translation>Abierta en Re</translation>
    </message>
    <message>
        <source>Open G</source>
        <translation>Abierta en Sol</translation>
    </message>
    <message>
        <source>Open E</source>
        <translation>Abierta en Mi</translation>
    </message>
    <message>
        <source>Open A</source>
        <translation>Abierta en La</translation>
    </message>
    <message>
        <source>Open C</source>
        <translation>Abierta en Do</translation>
    </message>
    <message>
        <source>Open G, seven</source>
        <translation>Abierta en Sol, siete</translation>
    </message>
    <message>
        <source>D minor open</source>
        <translation>Abierta en Re menor</translation>
    </message>
    <message>
        <source>D A D G A D</source>
        <translation>D A D G A D</translation>
    </message>
    <message>
        <source>Ten single strings</source>
        <translation>Diez cuerdas sueltas</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>lisa</translation>
    </message>
    <message>
        <source>nickel-plated wound</source>
        <translation>entorchada niquelada</translation>
    </message>
    <message>
        <source>stainless wound</source>
        <translation>entorchada de acero inoxidable</translation>
    </message>
    <message>
        <source>pure nickel wound</source>
        <translation>entorchada de níquel puro</translation>
    </message>
    <message>
        <source>flat-wound</source>
        <translation>de entorchado plano</translation>
    </message>
</context>
<context>
    <name>Card</name>
    <message>
        <source>saddles</source>
        <translation>silletas</translation>
    </message>
    <message>
        <source>nut caps</source>
        <translation>pletinas de cejuela</translation>
    </message>
    <message>
        <source>bolts of the nut</source>
        <translation>pernos de la cejuela</translation>
    </message>
    <message>
        <source>inserts</source>
        <translation>insertos</translation>
    </message>
    <message>
        <source>knife edges or bridge posts</source>
        <translation>filos o postes del puente</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>muelles</translation>
    </message>
</context>
<context>
    <name>CaseCard</name>
    <message>
        <source>String</source>
        <translation>Cuerda</translation>
    </message>
    <message>
        <source>Gauge</source>
        <translation>Calibre</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>Block in: to</source>
        <translation>Con taco: a</translation>
    </message>
    <message>
        <source>First to</source>
        <translation>Primero a</translation>
    </message>
    <message>
        <source>Then to</source>
        <translation>Luego a</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 vueltas</translation>
    </message>
    <message>
        <source>%1 turn</source>
        <translation>%1 vuelta</translation>
    </message>
    <message>
        <source>tighten %1</source>
        <translation>apretar %1</translation>
    </message>
    <message>
        <source>loosen %1</source>
        <translation>aflojar %1</translation>
    </message>
    <message>
        <source>Open the nut; fine tuners to their middle.</source>
        <translation>Abrir la cejuela; afinadores finos a la mitad.</translation>
    </message>
    <message>
        <source>Open the nut.</source>
        <translation>Abrir la cejuela.</translation>
    </message>
    <message>
        <source>Raise the rear edge; ease the plate onto a padded block that keeps it %1 high. Never let it snap.</source>
        <translation>Levantar el borde trasero; posar la placa con cuidado en un taco acolchado que la deje a %1. Nunca soltarla de golpe.</translation>
    </message>
    <message>
        <source>One string at a time, safety glasses on: slacken it, take it off, put the same gauge on, tune it to its note; then the next, in the order above.</source>
        <translation>Una cuerda cada vez, con gafas de protección: aflojarla, quitarla, poner el mismo calibre, afinarla a su nota; luego la siguiente, en el orden de arriba.</translation>
    </message>
    <message>
        <source>Safety glasses on: slacken all strings, take them off, put the same gauges on.</source>
        <translation>Con gafas de protección: aflojar todas las cuerdas, quitarlas, poner los mismos calibres.</translation>
    </message>
    <message>
        <source>Tune in the order above; stretch every string gently along its whole length, tune again until they stay.</source>
        <translation>Afinar en el orden de arriba; estirar cada cuerda con suavidad a todo lo largo, afinar otra vez hasta que se queden.</translation>
    </message>
    <message>
        <source>Draw the block out; read all strings. On the mean they should stay where they were. For each %1 cents that they went sharp loosen both claw screws %2, flat: tighten; under %3 cents leave the claw alone.</source>
        <translation>Sacar el taco; leer todas las cuerdas. De media deberían quedarse donde estaban. Por cada %1 cents que subieron, aflojar los dos tornillos de la garra %2; si bajaron, apretarlos; con menos de %3 cents, dejar la garra.</translation>
    </message>
    <message>
        <source>Once more through, in the same order.</source>
        <translation>Otra vez todas, en el mismo orden.</translation>
    </message>
    <message>
        <source>Lock the nut; the rest with the fine tuners.</source>
        <translation>Bloquear la cejuela; el resto con los afinadores finos.</translation>
    </message>
    <message>
        <source>Lock the nut.</source>
        <translation>Bloquear la cejuela.</translation>
    </message>
    <message>
        <source>Every string within 2 cents, the rear gap %1, and both again after one dive.</source>
        <translation>Cada cuerda a menos de 2 cents, el hueco trasero %1, y las dos cosas también tras una bajada.</translation>
    </message>
    <message>
        <source>Every string within 2 cents, and again after a few hard bends.</source>
        <translation>Cada cuerda a menos de 2 cents, también tras unos estirones fuertes.</translation>
    </message>
    <message>
        <source>New strings by %1. Come back when one string goes off again and again, the plate no longer comes to rest there, or other strings are wanted.</source>
        <translation>Cuerdas nuevas antes del %1. Volver cuando una cuerda se desafine una y otra vez, la placa ya no repose ahí o se quieran otras cuerdas.</translation>
    </message>
    <message>
        <source>All strings pull %1</source>
        <translation>Todas las cuerdas tiran %1</translation>
    </message>
    <message>
        <source>springs: %1</source>
        <translation>muelles: %1</translation>
    </message>
    <message>
        <source>in slots %1</source>
        <translation>en las ranuras %1</translation>
    </message>
    <message>
        <source>claw to the wall: bass %1, treble %2</source>
        <translation>garra a la pared: graves %1, agudos %2</translation>
    </message>
    <message>
        <source>rear gap %1</source>
        <translation>hueco trasero %1</translation>
    </message>
    <message>
        <source>Guitar without a name</source>
        <translation>Guitarra sin nombre</translation>
    </message>
    <message>
        <source>own set</source>
        <translation>juego propio</translation>
    </message>
    <message>
        <source>own tuning</source>
        <translation>afinación propia</translation>
    </message>
    <message>
        <source>First, once:</source>
        <translation>Primero, una vez:</translation>
    </message>
    <message>
        <source>both claw screws, %1.</source>
        <translation>los dos tornillos de la garra, %1.</translation>
    </message>
    <message>
        <source>New strings of this set</source>
        <translation>Cuerdas nuevas de este juego</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>no turn</source>
        <translation>sin girar</translation>
    </message>
    <message>
        <source>Other sets, both claw screws first:</source>
        <translation>Otros juegos, primero los dos tornillos de la garra:</translation>
    </message>
    <message>
        <source>It is right when:</source>
        <translation>Está bien cuando:</translation>
    </message>
    <message>
        <source>New strings by %1. Come back when one string goes off again and again, or other strings are wanted.</source>
        <translation>Cuerdas nuevas antes del %1. Volver cuando una cuerda se desafine una y otra vez o se quieran otras cuerdas.</translation>
    </message>
</context>
<context>
    <name>Checks</name>
    <message>
        <source>strings are centred over the fretboard</source>
        <translation>las cuerdas van centradas sobre el diapasón</translation>
    </message>
    <message>
        <source>neck screws are snug</source>
        <translation>los tornillos del mástil están firmes</translation>
    </message>
    <message>
        <source>the claw is parallel to its wall</source>
        <translation>la garra está paralela a su pared</translation>
    </message>
    <message>
        <source>knife edges and bridge posts are unworn and firm</source>
        <translation>filos y postes del puente sin desgaste y firmes</translation>
    </message>
    <message>
        <source>pivot screws and edge are unworn and firm</source>
        <translation>tornillos de apoyo y canto sin desgaste y firmes</translation>
    </message>
    <message>
        <source>the shaft turns freely, its spring is seated</source>
        <translation>el eje gira libre, su muelle está asentado</translation>
    </message>
    <message>
        <source>ball ends noted, the bridge&apos;s place marked</source>
        <translation>bolas anotadas, sitio del puente marcado</translation>
    </message>
    <message>
        <source>every string is on the floor of its slot</source>
        <translation>cada cuerda está en el fondo de su ranura</translation>
    </message>
    <message>
        <source>nut caps are in their order and the right way round</source>
        <translation>las pletinas están en su orden y del derecho</translation>
    </message>
</context>
<context>
    <name>Compare</name>
    <message>
        <source>%1: %2 both times</source>
        <translation>%1: %2 las dos veces</translation>
    </message>
    <message>
        <source>%1: %2, then %3</source>
        <translation>%1: %2, luego %3</translation>
    </message>
    <message>
        <source>own</source>
        <translation>propio</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Juego</translation>
    </message>
    <message>
        <source>Tuning</source>
        <translation>Afinación</translation>
    </message>
    <message>
        <source>Pull of all strings, by the model</source>
        <translation>Tracción de todas las cuerdas, según el modelo</translation>
    </message>
    <message>
        <source>Claw turned</source>
        <translation>Garra girada</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Pasadas</translation>
    </message>
    <message>
        <source>Minutes at pegs and claw, by the shop&apos;s pace</source>
        <translation>Minutos en clavijas y garra, al ritmo del taller</translation>
    </message>
</context>
<context>
    <name>ConflictWords</name>
    <message>
        <source>guitar</source>
        <translation>guitarra</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>dueño</translation>
    </message>
    <message>
        <source>what it came in for</source>
        <translation>por qué vino</translation>
    </message>
    <message>
        <source>the log</source>
        <translation>el registro</translation>
    </message>
    <message>
        <source>strings that go on</source>
        <translation>cuerdas que se ponen</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>muelles</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>garra</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>puente</translation>
    </message>
    <message>
        <source>figures of the guitar</source>
        <translation>cifras de la guitarra</translation>
    </message>
    <message>
        <source>which figures are measured</source>
        <translation>qué cifras están medidas</translation>
    </message>
    <message>
        <source>target</source>
        <translation>meta</translation>
    </message>
    <message>
        <source>old set</source>
        <translation>juego viejo</translation>
    </message>
    <message>
        <source>reference pitch, Hz</source>
        <translation>tono de referencia, Hz</translation>
    </message>
    <message>
        <source>what is measured with</source>
        <translation>con qué se mide</translation>
    </message>
    <message>
        <source>way of working</source>
        <translation>forma de trabajar</translation>
    </message>
    <message>
        <source>usual minutes</source>
        <translation>minutos habituales</translation>
    </message>
    <message>
        <source>photos of the guitar</source>
        <translation>fotos de la guitarra</translation>
    </message>
    <message>
        <source>card of the guitar</source>
        <translation>ficha de la guitarra</translation>
    </message>
    <message>
        <source>note for the owner</source>
        <translation>nota para el dueño</translation>
    </message>
    <message>
        <source>who works on it</source>
        <translation>quién trabaja en ella</translation>
    </message>
    <message>
        <source>steps done</source>
        <translation>pasos hechos</translation>
    </message>
    <message>
        <source>what was ticked off</source>
        <translation>lo que se marcó</translation>
    </message>
    <message>
        <source>parts used</source>
        <translation>piezas usadas</translation>
    </message>
    <message>
        <source>quote</source>
        <translation>presupuesto</translation>
    </message>
    <message>
        <source>due again</source>
        <translation>vence de nuevo</translation>
    </message>
    <message>
        <source>state of the job</source>
        <translation>estado del trabajo</translation>
    </message>
    <message>
        <source>record of the work</source>
        <translation>registro del trabajo</translation>
    </message>
    <message numerus="yes">
        <source>%n entries</source>
        <translation>
            <numerusform>%n entrada</numerusform>
            <numerusform>%n entradas</numerusform>
        </translation>
    </message>
    <message>
        <source>set that goes on</source>
        <translation>juego que se pone</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>afinación</translation>
    </message>
    <message>
        <source>what the guitar taught before</source>
        <translation>lo que la guitarra enseñó antes</translation>
    </message>
    <message>
        <source>what the shop&apos;s guitars taught</source>
        <translation>lo que enseñaron las guitarras del taller</translation>
    </message>
    <message>
        <source>where strings nobody read begin, cents</source>
        <translation>dónde empiezan las cuerdas no leídas, cents</translation>
    </message>
    <message>
        <source>promised by</source>
        <translation>prometido para</translation>
    </message>
    <message>
        <source>not before</source>
        <translation>no antes de</translation>
    </message>
</context>
<context>
    <name>Convergence</name>
    <message>
        <source>at pitch</source>
        <translation>en su tono</translation>
    </message>
    <message>
        <source>sharp %1 cents</source>
        <translation>%1 cents alta</translation>
    </message>
    <message>
        <source>flat %1 cents</source>
        <translation>%1 cents baja</translation>
    </message>
    <message>
        <source>cents from pitch</source>
        <translation>cents desde el tono</translation>
    </message>
    <message>
        <source>now</source>
        <translation>ahora</translation>
    </message>
    <message>
        <source>start</source>
        <translation>inicio</translation>
    </message>
    <message>
        <source>about %1 acts to come</source>
        <translation>faltan unas %1 acciones</translation>
    </message>
    <message>
        <source>Forecast: about %1 acts, at most %2 in 9 of 10 cases</source>
        <translation>Previsión: unas %1 acciones, en 9 de 10 casos %2 como mucho</translation>
    </message>
    <message>
        <source>String %1: %2, checked after: %3</source>
        <translation>Cuerda %1: %2, comprobada después de: %3</translation>
    </message>
    <message>
        <source>fwd</source>
        <translation>del.</translation>
    </message>
    <message>
        <source>sunk</source>
        <translation>hundida</translation>
    </message>
    <message>
        <source>%1, measured after: %2</source>
        <translation>%1, medida después de: %2</translation>
    </message>
    <message>
        <source>Now: %1.</source>
        <translation>Ahora: %1.</translation>
    </message>
    <message>
        <source>About %1 acts to come.</source>
        <translation>Faltan unas %1 acciones.</translation>
    </message>
    <message>
        <source>Progress to pitch, %1 acts so far. Furthest string at the start %2 cents, now %3 cents.</source>
        <translation>Progreso hasta la afinación, %1 actos hasta ahora. Cuerda más alejada al principio %2 cents, ahora %3 cents.</translation>
    </message>
</context>
<context>
    <name>Costs</name>
    <message>
        <source>%1 frets for the thickest</source>
        <translation>%1 trastes para la más gruesa</translation>
    </message>
    <message>
        <source>%1 mm for the thickest</source>
        <translation>%1 mm para la más gruesa</translation>
    </message>
    <message>
        <source>%1 spacings for the thickest</source>
        <translation>%1 separaciones para la más gruesa</translation>
    </message>
    <message>
        <source>a bow of %1 mm for the thickest</source>
        <translation>un arco de %1 mm para la más gruesa</translation>
    </message>
    <message>
        <source>%1 turns up, %2 down</source>
        <translation>%1 vueltas hacia arriba, %2 hacia abajo</translation>
    </message>
    <message>
        <source>%1° from its end after the first string</source>
        <translation>a %1° de su tope tras la primera cuerda</translation>
    </message>
    <message>
        <source>moves up to %1 cents when lifted</source>
        <translation>cambia hasta %1 cents al levantarla</translation>
    </message>
    <message>
        <source>locking moves up to %1 cents</source>
        <translation>bloquear cambia hasta %1 cents</translation>
    </message>
    <message>
        <source>turned %1×, ends %2° off</source>
        <translation>girada %1×, acaba a %2°</translation>
    </message>
    <message>
        <source>hangs by up to %1 cents</source>
        <translation>se engancha hasta %1 cents</translation>
    </message>
    <message>
        <source>%1° over the nut</source>
        <translation>%1° sobre la cejuela</translation>
    </message>
    <message>
        <source>jumps %1 cents when it comes out</source>
        <translation>salta %1 cents al salir</translation>
    </message>
    <message>
        <source>%1 cents sharp at release</source>
        <translation>%1 cents alta al soltar</translation>
    </message>
    <message>
        <source>no pull-up; the claw presses it down with %1 N m</source>
        <translation>sin subida; la garra la aprieta con %1 N m</translation>
    </message>
    <message>
        <source>the first one %1 cents sharp</source>
        <translation>la primera %1 cents alta</translation>
    </message>
    <message>
        <source>a worn cap slips or shifts the pitch</source>
        <translation>una pletina gastada resbala o mueve el tono</translation>
    </message>
    <message>
        <source>cut length must be right</source>
        <translation>la longitud de corte debe ser exacta</translation>
    </message>
    <message>
        <source>nothing left to wind on</source>
        <translation>no queda nada que enrollar</translation>
    </message>
    <message>
        <source>an end that scratches</source>
        <translation>una punta que araña</translation>
    </message>
    <message>
        <source>%1 wraps for the thickest</source>
        <translation>%1 espiras para la más gruesa</translation>
    </message>
    <message>
        <source>kinks</source>
        <translation>pliegues</translation>
    </message>
    <message>
        <source>%1 hand widths for the thickest</source>
        <translation>%1 anchos de mano para la más gruesa</translation>
    </message>
</context>
<context>
    <name>DayPicture</name>
    <message>
        <source>now</source>
        <translation>ahora</translation>
    </message>
</context>
<context>
    <name>Demo</name>
    <message>
        <source>Guitar that answers</source>
        <translation>Guitarra que responde</translation>
    </message>
</context>
<context>
    <name>DemoShop</name>
    <message>
        <source>New strings, as usual.</source>
        <translation>Cuerdas nuevas, como siempre.</translation>
    </message>
    <message>
        <source>Stretch them once more after the first evening.</source>
        <translation>Estíralas otra vez después de la primera noche.</translation>
    </message>
    <message>
        <source>saddle insert, brass</source>
        <translation>inserto de silleta, latón</translation>
    </message>
    <message>
        <source>nut cap, black</source>
        <translation>pletina de cejuela, negra</translation>
    </message>
    <message>
        <source>nut cap bolt, 3 mm hex key</source>
        <translation>tornillo de pletina, llave hexagonal de 3 mm</translation>
    </message>
    <message>
        <source>bridge spring, usual rate</source>
        <translation>muelle de puente, dureza habitual</translation>
    </message>
    <message>
        <source>fretboard oil, bottle</source>
        <translation>aceite de diapasón, frasco</translation>
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
        <translation>Guitarra sin nombre</translation>
    </message>
    <message>
        <source>Restring: %1</source>
        <translation>Cambio de cuerdas: %1</translation>
    </message>
    <message>
        <source>Check: %1</source>
        <translation>Revisión: %1</translation>
    </message>
    <message>
        <source>Owner: %1. Last set: %2, %3.</source>
        <translation>Dueño: %1. Último juego: %2, %3.</translation>
    </message>
    <message>
        <source>Checked after the hand-over: it holds.</source>
        <translation>Revisada tras la entrega: aguanta.</translation>
    </message>
    <message>
        <source>Checked after the hand-over: it drifts.</source>
        <translation>Revisada tras la entrega: se desafina.</translation>
    </message>
    <message>
        <source>Hello</source>
        <translation>Hola</translation>
    </message>
    <message>
        <source>Hello %1</source>
        <translation>Hola, %1</translation>
    </message>
    <message>
        <source>%1, does your %2 still hold its pitch since it was here? If it drifts, bring it by; settling it once more is quickly done.</source>
        <translation>%1: ¿mantiene su %2 la afinación desde que estuvo aquí? Si se desafina, tráigala; asentarla otra vez se hace pronto.</translation>
    </message>
    <message>
        <source>the same set</source>
        <translation>el mismo juego</translation>
    </message>
    <message>
        <source>the same set (%1)</source>
        <translation>el mismo juego (%1)</translation>
    </message>
    <message>
        <source>%1, the strings of your %2 are due by %3. With %4 the balance stays as it is; for another set or tuning plan some time more.</source>
        <translation>%1: las cuerdas de su %2 tocan antes del %3. Con %4 el equilibrio queda como está; para otro juego u otra afinación cuente con algo más de tiempo.</translation>
    </message>
</context>
<context>
    <name>Edits</name>
    <message>
        <source>double-locking, recessed</source>
        <translation>doble bloqueo, rebajado</translation>
    </message>
    <message>
        <source>double-locking, flush</source>
        <translation>doble bloqueo, a ras</translation>
    </message>
    <message>
        <source>two posts, open nut</source>
        <translation>dos postes, cejuela abierta</translation>
    </message>
    <message>
        <source>six screws, open nut</source>
        <translation>seis tornillos, cejuela abierta</translation>
    </message>
    <message>
        <source>headless, tuners at the bridge</source>
        <translation>sin pala, clavijas en el puente</translation>
    </message>
    <message>
        <source>roller shaft on the top</source>
        <translation>eje rodante sobre la tapa</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fijo</translation>
    </message>
</context>
<context>
    <name>Fault</name>
    <message>
        <source>has a sample rate outside 8 to 192 kHz; export it at 44.1 or 48 kHz</source>
        <translation>tiene una frecuencia de muestreo fuera de 8 a 192 kHz; expórtalo a 44,1 o 48 kHz</translation>
    </message>
    <message>
        <source>has no channels or more than %1; export it with one or two</source>
        <translation>no tiene canales o tiene más de %1; expórtalo con uno o dos</translation>
    </message>
    <message>
        <source>holds no sound; record it again</source>
        <translation>no contiene sonido; grábalo otra vez</translation>
    </message>
    <message>
        <source>holds more sound than is read at once; cut it to the part that matters</source>
        <translation>contiene más sonido del que se lee de una vez; recórtalo a la parte que importa</translation>
    </message>
    <message>
        <source>is cut short: it says that it holds more sound than it does; copy or record it again</source>
        <translation>está cortado: dice contener más sonido del que tiene; copiarlo o grabarlo otra vez</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood; type cents like -12.5, a frequency like 82.4 Hz, or a note like E2+12</source>
        <translation>«%1» no se entiende; escribir cents como -12.5, una frecuencia como 82.4 Hz o una nota como E2+12</translation>
    </message>
    <message>
        <source>is %1 cents from the target, further than any string on its way; check octave and string</source>
        <translation>está a %1 cents del objetivo, más lejos que cualquier cuerda en camino; comprobar octava y cuerda</translation>
    </message>
    <message>
        <source>of %1 cents for string %2 is %3 semitones from the expected %4; check string and octave, or type it again with ! behind it</source>
        <translation>de %1 cents para la cuerda %2 está a %3 semitonos de lo esperado, %4; comprobar cuerda y octava, o escribirlo otra vez con ! detrás</translation>
    </message>
    <message>
        <source>is for string %1, which this guitar does not have</source>
        <translation>es para la cuerda %1, que esta guitarra no tiene</translation>
    </message>
    <message>
        <source>has no string; write it as 4=-3.1 or pick a string first</source>
        <translation>no tiene cuerda; escribirlo como 4=-3.1 o elegir antes una cuerda</translation>
    </message>
    <message>
        <source>is still missing; type what the tuner or the gauge says and press Enter</source>
        <translation>falta todavía; escribir lo que dice el afinador o el instrumento y pulsar Intro</translation>
    </message>
    <message>
        <source>of %1 is beyond the bridge&apos;s stops, %2 to %3; measure again or correct the figures</source>
        <translation>de %1 queda más allá de los topes del puente, de %2 a %3; medir otra vez o corregir el puente</translation>
    </message>
    <message>
        <source>is further than any plate goes; it is read against the top, in degrees, forward positive</source>
        <translation>va más lejos que ninguna placa; se lee contra la tapa, en grados, positivo hacia delante</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no rate; type a number with your money&apos;s name, like 60 EUR</source>
        <translation>«%1» no es una tarifa; escribir un número con el nombre de la moneda, como 60 EUR</translation>
    </message>
    <message>
        <source>is read on a plate with a claw only; this bridge is followed by its strings</source>
        <translation>solo se lee en una placa con garra; este puente se sigue por sus cuerdas</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood; type it like %2</source>
        <translation>«%1» no se entiende; escribirlo como %2</translation>
    </message>
    <message>
        <source>must lie between %1 and %2: %3</source>
        <translation>debe estar entre %1 y %2: %3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not in the catalogue; choose one or type a gauge like 46, .046, 17p or 0.43 mm</source>
        <translation>«%1» no está en el catálogo; elegir una o escribir un calibre como 46, .046, 17p o 0.43 mm</translation>
    </message>
    <message>
        <source>of %1 mm is outside the catalogue (plain .007 to .026, wound .017 to .090); choose one of its strings or check the unit</source>
        <translation>de %1 mm queda fuera del catálogo (lisas .007 a .026, entorchadas .017 a .090); elegir una de sus cuerdas o comprobar la unidad</translation>
    </message>
    <message>
        <source>is no string&apos;s; thickness is written like 46, .046 or 0.43 mm, check number and unit</source>
        <translation>no es de ninguna cuerda; el grosor se escribe como 46, .046 o 0.43 mm, comprobar número y unidad</translation>
    </message>
    <message>
        <source>needs a unit: write 82.4 Hz or a note like E2</source>
        <translation>necesita una unidad: escribir 82.4 Hz o una nota como E2</translation>
    </message>
    <message>
        <source>holds a pitch in hertz; give every string a note to keep it by name</source>
        <translation>contiene un tono en hercios; da a cada cuerda una nota para guardarla con nombre</translation>
    </message>
    <message>
        <source>must be a whole number of pieces</source>
        <translation>debe ser un número entero de piezas</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no price; type a number with at most two decimals, like 12.50</source>
        <translation>«%1» no es un precio; escribir un número con dos decimales como mucho, como 12.50</translation>
    </message>
    <message>
        <source>is in the list already; type over its count instead</source>
        <translation>ya está en la lista; escribir encima de su cantidad</translation>
    </message>
    <message>
        <source>comes too late: the exercise is over; begin it again or from one of its acts</source>
        <translation>llega tarde: el ejercicio ha terminado; empiézalo otra vez o desde una de sus acciones</translation>
    </message>
    <message>
        <source>names none of this guitar&apos;s; name one of them</source>
        <translation>no nombra ninguna de esta guitarra; nombrar una de ellas</translation>
    </message>
    <message>
        <source>is off; put it on first</source>
        <translation>está quitada; ponla antes</translation>
    </message>
    <message>
        <source>is on already; take it off first</source>
        <translation>ya está puesta; quítala antes</translation>
    </message>
    <message>
        <source>goes further than a hand would: at most 20 turns, an octave, 5 mm</source>
        <translation>va más lejos que una mano: como mucho 20 vueltas, una octava, 5 mm</translation>
    </message>
    <message>
        <source>must be a whole number from 1 to %1</source>
        <translation>debe ser un número entero de 1 a %1</translation>
    </message>
    <message>
        <source>needs a claw and a gap, and this bridge has neither</source>
        <translation>necesita una garra y un hueco, y este puente no tiene ninguno</translation>
    </message>
    <message>
        <source>needs a nut that clamps, and this one is open</source>
        <translation>necesita una cejuela que muerda, y esta es abierta</translation>
    </message>
    <message>
        <source>is missing; give the guitar as a flenzo-job under &quot;job&quot; or name one under &quot;demo&quot;</source>
        <translation>falta; dar la guitarra como flenzo-job en &quot;job&quot; o nombrar una en &quot;demo&quot;</translation>
    </message>
    <message>
        <source>is no exercise of this program and no file; there are %1</source>
        <translation>no es un ejercicio de este programa ni un archivo; hay %1</translation>
    </message>
    <message>
        <source>is not picked; press Ctrl and its number first</source>
        <translation>no está elegida; pulsar antes Ctrl y su número</translation>
    </message>
    <message>
        <source>would hold the plate beyond its stops; take one between them</source>
        <translation>sujetaría la placa más allá de sus topes; usar uno entre ellos</translation>
    </message>
    <message>
        <source>is yours to choose: what is left is said above; go on by hand or leave it there</source>
        <translation>es cosa tuya: arriba se dice lo que queda; sigue a mano o déjalo ahí</translation>
    </message>
    <message>
        <source>is impossible: this set has no stable balance; see the plan</source>
        <translation>es imposible: este juego no tiene equilibrio estable; mirar el plan</translation>
    </message>
    <message>
        <source>is still being worked out; one moment</source>
        <translation>se está calculando todavía; un momento</translation>
    </message>
    <message>
        <source>has no such guitar</source>
        <translation>no tiene esa guitarra</translation>
    </message>
    <message>
        <source>is the first one; there is nothing to go back to</source>
        <translation>es el primero; no hay nada a lo que volver</translation>
    </message>
    <message>
        <source>was the last one; the job is through</source>
        <translation>era el último; el trabajo está hecho</translation>
    </message>
    <message>
        <source>is missing; say in a few words why</source>
        <translation>falta; decir en pocas palabras por qué</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>is no warning of this step</source>
        <translation>no es un aviso de este paso</translation>
    </message>
    <message>
        <source>cannot change in number once the log has begun; start a new job for another guitar</source>
        <translation>no pueden cambiar de número una vez empezado el registro; empieza un trabajo nuevo para otra guitarra</translation>
    </message>
    <message>
        <source>must be 4 to 12 in number</source>
        <translation>deben ser de 4 a 12</translation>
    </message>
    <message>
        <source>are 8 at most</source>
        <translation>son 8 como mucho</translation>
    </message>
    <message>
        <source>are all out already</source>
        <translation>ya están todos fuera</translation>
    </message>
    <message>
        <source>is empty; a guitar has at least one string</source>
        <translation>está vacío; una guitarra tiene al menos una cuerda</translation>
    </message>
    <message>
        <source>must give the rear stop first, below the forward stop</source>
        <translation>debe dar primero el tope trasero, por debajo del delantero</translation>
    </message>
    <message>
        <source>must be more than the loosest it goes</source>
        <translation>debe ser más que lo más flojo que llega</translation>
    </message>
    <message>
        <source>is empty; every string needs a number or name</source>
        <translation>está vacío; cada cuerda necesita un número o un nombre</translation>
    </message>
    <message>
        <source>is there twice; every string needs its own name</source>
        <translation>está dos veces; cada cuerda necesita su propio nombre</translation>
    </message>
    <message>
        <source>is not thinner than the gauge; leave it out for a plain string</source>
        <translation>no es más fino que la cuerda; omítelo en una lisa</translation>
    </message>
    <message>
        <source>is more than this wire bears: string %1 would need %2 N and breaks at about %3 N; lower the pitch or check gauge and unit</source>
        <translation>es más de lo que aguanta este alambre: la cuerda %1 necesitaría %2 N y rompe hacia %3 N; bajar el tono o comprobar calibre y unidad</translation>
    </message>
    <message>
        <source>is on the pivot; a spring needs a lever</source>
        <translation>está en el pivote; un muelle necesita brazo</translation>
    </message>
    <message>
        <source>is missing</source>
        <translation>falta</translation>
    </message>
    <message>
        <source>is missing; give a number</source>
        <translation>falta; da un número</translation>
    </message>
    <message>
        <source>must be a number</source>
        <translation>debe ser un número</translation>
    </message>
    <message>
        <source>is %1 but must lie between %2 and %3: %4</source>
        <translation>es %1 pero debe estar entre %2 y %3: %4</translation>
    </message>
    <message>
        <source>must be a pair [x, y]</source>
        <translation>debe ser un par [x, y]</translation>
    </message>
    <message>
        <source>must be text of at most %1 characters</source>
        <translation>debe ser texto de %1 caracteres como mucho</translation>
    </message>
    <message>
        <source>must be true or false</source>
        <translation>debe ser true o false</translation>
    </message>
    <message>
        <source>must be an object</source>
        <translation>debe ser un objeto</translation>
    </message>
    <message>
        <source>must be a list</source>
        <translation>debe ser una lista</translation>
    </message>
    <message>
        <source>has %1 entries; at most %2 are possible</source>
        <translation>tiene %1 entradas; como mucho son posibles %2</translation>
    </message>
    <message>
        <source>must be one of %1</source>
        <translation>debe ser una de %1</translation>
    </message>
    <message>
        <source>must be a date like 2026-03-31</source>
        <translation>debe ser una fecha como 2026-03-31</translation>
    </message>
    <message>
        <source>holds &quot;%1&quot;, which is no note like E2 or F#1</source>
        <translation>contiene «%1», que no es una nota como E2 o F#1</translation>
    </message>
    <message>
        <source>must name every string of the guitar once</source>
        <translation>debe nombrar cada cuerda de la guitarra una vez</translation>
    </message>
    <message>
        <source>must have as many strings as the guitar, %1</source>
        <translation>debe tener tantas cuerdas como el puente, %1</translation>
    </message>
    <message>
        <source>has a covariance that is not positive definite; leave it out to start from nominal</source>
        <translation>tiene una covarianza que no es definida positiva; omítela para partir de los valores nominales</translation>
    </message>
    <message>
        <source>names string &quot;%1&quot;, which this guitar does not have</source>
        <translation>nombra la cuerda «%1», que esta guitarra no tiene</translation>
    </message>
    <message>
        <source>names string &quot;%1&quot; twice</source>
        <translation>nombra dos veces la cuerda «%1»</translation>
    </message>
    <message>
        <source>must name every string once; it names %1 of %2</source>
        <translation>debe nombrar cada cuerda una vez; nombrar %1 de %2</translation>
    </message>
    <message>
        <source>is &quot;%1&quot;, which is no event this program knows</source>
        <translation>es «%1», un suceso que este programa no conoce</translation>
    </message>
    <message>
        <source>must be &quot;%1&quot;; this file is something else</source>
        <translation>debe ser «%1»; este archivo es otra cosa</translation>
    </message>
    <message>
        <source>is %1, newer than the %2 this program knows; open it with a newer Flenzo</source>
        <translation>es %1, más nueva que la %2 que conoce este programa; ábrelo con un Flenzo más nuevo</translation>
    </message>
    <message>
        <source>is a folder; choose a file in it</source>
        <translation>es una carpeta; elegir un archivo de ella</translation>
    </message>
    <message>
        <source>cannot be read: %1</source>
        <translation>no se puede leer: %1</translation>
    </message>
    <message>
        <source>is larger than the %1 MiB that are read; check that it is the file you mean</source>
        <translation>es mayor que los %1 MiB que se leen; comprobar que es el archivo deseado</translation>
    </message>
    <message>
        <source>is damaged or no JSON: %1 at byte %2; use a backup or the recovery copy</source>
        <translation>está dañado o no es JSON: %1 en el byte %2; usar una copia de seguridad o la de rescate</translation>
    </message>
    <message>
        <source>holds no JSON object; this is no job and no guitar</source>
        <translation>no contiene un objeto JSON; no es un trabajo ni un puente</translation>
    </message>
    <message>
        <source>could not be written: %1; nothing was changed, choose another folder or free some space</source>
        <translation>no se pudo escribir: %1; no se cambió nada, elegir otra carpeta o liberar espacio</translation>
    </message>
    <message>
        <source>cannot be read; see that it is still there</source>
        <translation>no se puede leer; mirar si sigue ahí</translation>
    </message>
    <message>
        <source>is larger than 60 MB; take a smaller one</source>
        <translation>es mayor de 60 MB; usar una más pequeña</translation>
    </message>
    <message>
        <source>is no picture this program can show; use PNG or JPEG</source>
        <translation>no es una imagen que este programa muestre; usar PNG o JPEG</translation>
    </message>
    <message>
        <source>cannot be kept beside the logbook; see that its folder can be written</source>
        <translation>no se puede guardar junto al libro de trabajos; mirar si se puede escribir en su carpeta</translation>
    </message>
    <message>
        <source>holds no sound; listen first, then save a recording</source>
        <translation>no contiene sonido; escuchar antes y guardar luego una grabación</translation>
    </message>
    <message>
        <source>can be saved with a job of the logbook only; save the job in the shop first</source>
        <translation>solo se puede guardar con un trabajo del libro; guardar antes el trabajo en el taller</translation>
    </message>
    <message>
        <source>cannot be made; choose another</source>
        <translation>no se puede crear; elegir otra</translation>
    </message>
    <message>
        <source>cannot be written; choose another</source>
        <translation>no se puede escribir; elegir otra</translation>
    </message>
    <message>
        <source>was stopped; nothing was written</source>
        <translation>se detuvo; no se escribió nada</translation>
    </message>
    <message>
        <source>is in a folder that cannot be made; choose another with --logbook</source>
        <translation>está en una carpeta que no se puede crear; elegir otro con --logbook</translation>
    </message>
    <message>
        <source>does not exist yet and its folder cannot be written; choose another with --logbook</source>
        <translation>no existe aún y en su carpeta no se puede escribir; elegir otro con --logbook</translation>
    </message>
    <message>
        <source>is damaged (%1); restore a backup from the Shop menu</source>
        <translation>está dañado (%1); recupera una copia desde el menú Taller</translation>
    </message>
    <message>
        <source>belongs to another program; choose another file with --logbook</source>
        <translation>es de otro programa; elegir otro archivo con --logbook</translation>
    </message>
    <message>
        <source>was written by a newer version of the program; use that version to open it</source>
        <translation>lo escribió una versión más nueva del programa; ábrelo con ella</translation>
    </message>
    <message>
        <source>is of an older version and open in another window; close that one first</source>
        <translation>es de una versión anterior y está abierto en otra ventana; ciérrala antes</translation>
    </message>
    <message>
        <source>is open in another window, so this one only reads; go on there</source>
        <translation>está abierto en otra ventana, así que esta solo lee; sigue allí</translation>
    </message>
    <message>
        <source>may not be written by this user, so it is only read; ask for the right to write it and its folder</source>
        <translation>este usuario no puede escribirlo, así que solo se lee; pedir permiso para escribir en él y en su carpeta</translation>
    </message>
    <message>
        <source>was refused by the disk (%1); check the folder&apos;s permissions</source>
        <translation>lo rechazó el disco (%1); comprobar los permisos de la carpeta</translation>
    </message>
    <message>
        <source>cannot be read (%1); check it from the Shop menu and restore a backup if it is damaged</source>
        <translation>no se puede leer (%1); compruébalo desde el menú Taller y recupera una copia si está dañado</translation>
    </message>
    <message>
        <source>was refused by the disk (%1); nothing was changed, make room or choose another folder and do it again</source>
        <translation>lo rechazó el disco (%1); no se cambió nada, hacer sitio o elegir otra carpeta y repetirlo</translation>
    </message>
    <message>
        <source>was refused by the disk (%1); no backup was made, make room or choose another folder</source>
        <translation>la rechazó el disco (%1); no se hizo copia, hacer sitio o elegir otra carpeta</translation>
    </message>
    <message>
        <source>exists already; choose another name</source>
        <translation>ya existe; elegir otro nombre</translation>
    </message>
    <message>
        <source>cannot be renamed; check the folder&apos;s permissions</source>
        <translation>no se puede renombrar; comprobar los permisos de la carpeta</translation>
    </message>
    <message>
        <source>cannot be copied into place; make room and copy it by hand</source>
        <translation>no se puede copiar a su sitio; hacer sitio y copiarlo a mano</translation>
    </message>
    <message>
        <source>is not in this logbook any more</source>
        <translation>ya no está en este libro de trabajos</translation>
    </message>
    <message>
        <source>holds jobs or stock already; a shop moves into an empty logbook only</source>
        <translation>ya contiene trabajos o existencias; un taller solo se traslada a un libro vacío</translation>
    </message>
    <message>
        <source>has its newest entry at %1, but this machine&apos;s clock says %2; set the clock, or due dates and times will be wrong</source>
        <translation>tiene su última entrada el %1, pero el reloj de este equipo marca %2; poner el reloj en hora o las fechas y los tiempos serán erróneos</translation>
    </message>
    <message>
        <source>is no address of a server; write it as postgresql://user@host/database, with ?sslmode=require where asked</source>
        <translation>no es la dirección de un servidor; escríbela como postgresql://usuario@equipo/base, con ?sslmode=require donde se pida</translation>
    </message>
    <message>
        <source>needs Qt&apos;s driver for PostgreSQL; install the package libqt6sql6-psql</source>
        <translation>necesita el controlador de Qt para PostgreSQL; instala el paquete libqt6sql6-psql</translation>
    </message>
    <message>
        <source>does not answer; see that the server runs and the network is up</source>
        <translation>no responde; mirar si el servidor funciona y si hay red</translation>
    </message>
    <message>
        <source>was refused by the server (%1); check user, password and the database&apos;s name</source>
        <translation>fue rechazado por el servidor (%1); comprobar usuario, contraseña y nombre de la base</translation>
    </message>
    <message>
        <source>keeps text as %1, which has not every letter; make its database with encoding UTF8</source>
        <translation>guarda el texto como %1, que no tiene todas las letras; crea la base con la codificación UTF8</translation>
    </message>
    <message>
        <source>does not answer any more; what is entered is kept on this machine and goes there when it is back</source>
        <translation>ya no responde; lo que se anota queda en este equipo y va allí cuando vuelva</translation>
    </message>
    <message>
        <source>has no room on its server (%1); nothing was changed, make room there and do it again</source>
        <translation>no tiene sitio en su servidor (%1); no se cambió nada, hacer sitio allí y repetirlo</translation>
    </message>
    <message>
        <source>cannot be read (%1); ask who minds the server</source>
        <translation>no se puede leer (%1); pregunta a quien cuida el servidor</translation>
    </message>
    <message>
        <source>was refused by the server (%1); nothing was changed, do it again</source>
        <translation>fue rechazado por el servidor (%1); no se cambió nada, repetirlo</translation>
    </message>
    <message>
        <source>was changed at another bench meanwhile; look at it there and do it again</source>
        <translation>se cambió entretanto en otro banco; mirarlo allí y repetirlo</translation>
    </message>
    <message>
        <source>is off already; nothing was entered</source>
        <translation>ya está fuera; no se anotó nada</translation>
    </message>
    <message>
        <source>is new already; if it broke again, enter that it is off first</source>
        <translation>ya es nueva; si se ha roto otra vez, anotar primero que está fuera</translation>
    </message>
    <message>
        <source>must be %1 at most; take one out before another goes in</source>
        <translation>deben ser %1 como máximo; quitar uno antes de poner otro</translation>
    </message>
    <message>
        <source>is no question; do what the act says</source>
        <translation>no es una pregunta; hacer lo que dice el acto</translation>
    </message>
    <message>
        <source>has changes that are in no file yet; save it, or save it in the shop first</source>
        <translation>tiene cambios que aún no están en ningún archivo; antes guardarlo en un archivo o en el taller</translation>
    </message>
    <message>
        <source>is no sound that can be read; record or export it as WAV or FLAC</source>
        <translation>no es un sonido que se pueda leer; grabar o exportar como WAV o FLAC</translation>
    </message>
    <message>
        <source>does not exist: this job has no simulated guitar; type readings</source>
        <translation>no existe: este trabajo no tiene guitarra simulada; teclear lecturas</translation>
    </message>
    <message>
        <source>has strings that are not from the catalogue; choose or type each string first</source>
        <translation>tiene cuerdas que no son del catálogo; elegir o teclear antes cada cuerda</translation>
    </message>
    <message>
        <source>has %1 gauges; this guitar has %2 strings</source>
        <translation>tiene %1 calibres; esta guitarra tiene %2 cuerdas</translation>
    </message>
    <message>
        <source>has &quot;%1&quot;, which is no string that is sold; write thousandths like 46 or millimetres like 1.17, with p for plain, w for wound, f for flat-wound</source>
        <translation>tiene «%1», que no es una cuerda que se venda; escribir milésimas como 46 o milímetros como 1.17, con p para lisa, w para entorchada, f para entorchado plano</translation>
    </message>
    <message>
        <source>cannot be turned: this bridge has none</source>
        <translation>no se puede girar: este puente no tiene</translation>
    </message>
    <message>
        <source>holds samples that are no numbers; record or export it again</source>
        <translation>contiene muestras que no son números; volver a grabarlo o exportarlo</translation>
    </message>
    <message>
        <source>are %1; for this they must be %2, as on the other guitar</source>
        <translation>son %1; para esto tienen que ser %2, como en la otra guitarra</translation>
    </message>
    <message>
        <source>include number %1, and nothing in the catalogue is made as it is; give it another kind of string first</source>
        <translation>incluyen la número %1, y nada del catálogo está hecho como ella; darle primero una cuerda de otra clase</translation>
    </message>
    <message>
        <source>include number %1, for which every gauge in the catalogue would come beyond %2 % of its breaking load at this pitch; choose a lower tuning</source>
        <translation>incluyen la número %1, para la que todo calibre del catálogo pasaría del %2 % de su carga de rotura a esta altura; elegir una afinación más baja</translation>
    </message>
    <message>
        <source>include number %1, for which no gauge in the catalogue pulls within %2 % of what is wished; choose another tuning, or another guitar to follow</source>
        <translation>incluyen la número %1, para la que ningún calibre del catálogo tira a menos de un %2 % de lo deseado; elegir otra afinación u otra guitarra de modelo</translation>
    </message>
    <message>
        <source>could not be chosen in time; try again</source>
        <translation>no se pudieron elegir a tiempo; probar otra vez</translation>
    </message>
    <message>
        <source>include number %1, and nothing in the drawers suits it; allow what is not there, or order it</source>
        <translation>incluyen la número %1, y nada de los cajones le va; permitir lo que no está, o pedirlo</translation>
    </message>
    <message>
        <source>are too few in the drawers: two want the last piece of one gauge; allow what is not there, or order it</source>
        <translation>son muy pocas en los cajones: dos quieren la última pieza de un calibre; permitir lo que no está, o pedirlo</translation>
    </message>
    <message>
        <source>%1 is of another shop; search for the guitar by its name or owner, or take it in as a new one</source>
        <translation>%1 es de otro taller; buscar la guitarra por su nombre o su dueño, o recibirla como nueva</translation>
    </message>
    <message>
        <source>%1 is of a job that is no longer in this shop; search for the guitar by its name or owner</source>
        <translation>%1 es de un trabajo que ya no está en este taller; buscar la guitarra por su nombre o su dueño</translation>
    </message>
    <message>
        <source>do not balance on this guitar, so nothing can be put on a card; the plan says what helps</source>
        <translation>no se equilibran en esta guitarra, así que nada puede ir en una tarjeta; el plan dice qué ayuda</translation>
    </message>
    <message>
        <source>did not take it; see whether it is on and has paper, or save it as a file</source>
        <translation>no lo aceptó; mirar si está encendida y tiene papel, o guardarlo como archivo</translation>
    </message>
    <message>
        <source>must be a time like 2026-03-31T17:00:00Z</source>
        <translation>tiene que ser una hora como 2026-03-31T17:00:00Z</translation>
    </message>
    <message>
        <source>must be times like 9:00-12:30, 13:30-18:00, one after the other; it is &quot;%1&quot;</source>
        <translation>tiene que ser horas como 9:00-12:30, 13:30-18:00, una tras otra; pone «%1»</translation>
    </message>
    <message>
        <source>must be a time like 17:00 or a day like 2026-03-31, or both; it is &quot;%1&quot;</source>
        <translation>tiene que ser una hora como 17:00 o un día como 2026-03-31, o las dos cosas; pone «%1»</translation>
    </message>
    <message>
        <source>are on no day of the week; choose the days on which the shop is open</source>
        <translation>no caen en ningún día de la semana; elegir los días en que se abre</translation>
    </message>
    <message>
        <source>do not suffice for the jobs in hand within half a year; lengthen them</source>
        <translation>no bastan para los trabajos en mano en medio año; alargarlas</translation>
    </message>
    <message>
        <source>must be one figure in cents for each of the %1 strings, thickest first, like -3 -2 0 1 2 0; it is &quot;%2&quot;</source>
        <translation>tienen que ser una cifra en cents por cada una de las %1 cuerdas, la más gruesa primero, como -3 -2 0 1 2 0; pone «%2»</translation>
    </message>
</context>
<context>
    <name>FaultField</name>
    <message>
        <source>act</source>
        <translation>altura de cuerdas</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>ángulo</translation>
    </message>
    <message>
        <source>backup</source>
        <translation>copia de seguridad</translation>
    </message>
    <message>
        <source>block</source>
        <translation>taco</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>pie de rey</translation>
    </message>
    <message>
        <source>demo</source>
        <translation>demostración</translation>
    </message>
    <message>
        <source>export</source>
        <translation>exportación</translation>
    </message>
    <message>
        <source>folder</source>
        <translation>carpeta</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>hueco</translation>
    </message>
    <message>
        <source>job</source>
        <translation>trabajo</translation>
    </message>
    <message>
        <source>length</source>
        <translation>longitud</translation>
    </message>
    <message>
        <source>logbook</source>
        <translation>libro de trabajos</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>foto</translation>
    </message>
    <message>
        <source>recording</source>
        <translation>grabación</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>reading</source>
        <translation>lectura</translation>
    </message>
    <message>
        <source>reason</source>
        <translation>motivo</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>muelles</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>string</source>
        <translation>cuerda</translation>
    </message>
    <message>
        <source>strings</source>
        <translation>cuerdas</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>afinación</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>aviso</translation>
    </message>
    <message>
        <source>simulated guitar</source>
        <translation>guitarra simulada</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>garra</translation>
    </message>
</context>
<context>
    <name>FirstStart</name>
    <message>
        <source>Tell it the bridge and the strings.</source>
        <translation>Decir el puente y las cuerdas.</translation>
    </message>
    <message>
        <source>Turn the claw as it says.</source>
        <translation>Girar la garra como dice.</translation>
    </message>
    <message>
        <source>Tune each string once, to its aim.</source>
        <translation>Afinar cada cuerda una vez, a su objetivo.</translation>
    </message>
</context>
<context>
    <name>Format</name>
    <message>
        <source>plate level</source>
        <translation>placa nivelada</translation>
    </message>
    <message>
        <source>plate forward %1°</source>
        <translation>placa adelantada %1°</translation>
    </message>
    <message>
        <source>plate sunk %1°</source>
        <translation>placa hundida %1°</translation>
    </message>
</context>
<context>
    <name>GuitarPlan</name>
    <message>
        <source>String %1 is slack</source>
        <translation>La cuerda %1 está floja</translation>
    </message>
    <message>
        <source>String %1 is tight</source>
        <translation>La cuerda %1 está tensa</translation>
    </message>
    <message numerus="yes">
        <source>The guitar from above, %n strings tight.</source>
        <translation>
            <numerusform>La guitarra desde arriba, %n cuerda tensa.</numerusform>
            <numerusform>La guitarra desde arriba, %n cuerdas tensas.</numerusform>
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
        <translation>entorchada</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>lisa</translation>
    </message>
    <message>
        <source>String</source>
        <translation>Cuerda</translation>
    </message>
    <message>
        <source>Was on</source>
        <translation>Llevaba</translation>
    </message>
    <message>
        <source>Tuned to</source>
        <translation>Afinada a</translation>
    </message>
    <message>
        <source>Pull</source>
        <translation>Tracción</translation>
    </message>
    <message>
        <source>Is on</source>
        <translation>Lleva</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>no se sabe</translation>
    </message>
    <message>
        <source>Pulls are calculated.</source>
        <translation>Las tracciones están calculadas.</translation>
    </message>
    <message>
        <source>, claw tightened %1</source>
        <translation>, garra apretada %1</translation>
    </message>
    <message>
        <source>, claw loosened %1</source>
        <translation>, garra aflojada %1</translation>
    </message>
    <message>
        <source>plate, degrees</source>
        <translation>placa, grados</translation>
    </message>
    <message>
        <source>Cents from pitch; bold was measured, the rest is calculated.</source>
        <translation>Cents desde el tono; en negrita lo medido, el resto está calculado.</translation>
    </message>
    <message>
        <source>Readings of every string over the passes</source>
        <translation>Lecturas de cada cuerda a lo largo de las pasadas</translation>
    </message>
    <message>
        <source>One line a string, in cents from pitch; straight within ten cents, by tenfold steps beyond. The band is what was allowed.</source>
        <translation>Una línea por cuerda, en cents desde el tono; recta dentro de diez cents, por pasos de diez veces más allá. La banda es lo permitido.</translation>
    </message>
    <message>
        <source>skipped: %1</source>
        <translation>omitido: %1</translation>
    </message>
    <message>
        <source>warning passed over: %1</source>
        <translation>aviso pasado por alto: %1</translation>
    </message>
    <message>
        <source>note: %1</source>
        <translation>nota: %1</translation>
    </message>
    <message>
        <source>photo: %1</source>
        <translation>foto: %1</translation>
    </message>
    <message>
        <source>recording: %1</source>
        <translation>grabación: %1</translation>
    </message>
    <message>
        <source>Guitar without a name</source>
        <translation>Guitarra sin nombre</translation>
    </message>
    <message>
        <source>Owner</source>
        <translation>Dueño</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Se quiere</translation>
    </message>
    <message>
        <source>Received</source>
        <translation>Recibida</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Cuerdas</translation>
    </message>
    <message>
        <source>Readings pass by pass</source>
        <translation>Lecturas pasada a pasada</translation>
    </message>
    <message>
        <source>Passes: %1. Visits to the claw: %2. Stretches: %3. About %4 minutes at pegs and claw, by the shop&apos;s pace.</source>
        <translation>Pasadas: %1. Visitas a la garra: %2. Estirones: %3. Unos %4 minutos en clavijas y garra, al ritmo del taller.</translation>
    </message>
    <message>
        <source>Work</source>
        <translation>Trabajo</translation>
    </message>
    <message>
        <source>Parts used or lost</source>
        <translation>Piezas usadas o perdidas</translation>
    </message>
    <message>
        <source>Follow-ups</source>
        <translation>Pendiente</translation>
    </message>
    <message>
        <source>To the owner</source>
        <translation>Para el dueño</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>Offered</source>
        <translation>Ofrecido</translation>
    </message>
    <message>
        <source>Done by</source>
        <translation>Hecho por</translation>
    </message>
    <message>
        <source>Next restring</source>
        <translation>Próximo cambio de cuerdas</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Lo que pasó</translation>
    </message>
    <message>
        <source>The bridge hangs between strings and springs. Leave its screws alone: one turn puts every string out of tune.</source>
        <translation>El puente cuelga entre cuerdas y muelles. No tocar sus tornillos: una vuelta desafina todas las cuerdas.</translation>
    </message>
    <message>
        <source>If a string breaks, the others go sharp. Do not retune them: fit the same gauge, tune it, and they return.</source>
        <translation>Si se rompe una cuerda, las demás suben. No reafinarlas: poner el mismo calibre, afinarla, y vuelven.</translation>
    </message>
    <message>
        <source>If a string breaks, the others stay in tune. Fit the same gauge.</source>
        <translation>Si se rompe una cuerda, las demás siguen afinadas. Poner el mismo calibre.</translation>
    </message>
    <message>
        <source>Tune at the bridge only; the clamps at the nut stay closed.</source>
        <translation>Afinar solo en el puente; las mordazas de la cejuela se quedan cerradas.</translation>
    </message>
    <message>
        <source>Tune with the fine tuners only; the nut stays locked. When one is at its end, bring the guitar in.</source>
        <translation>Afinar solo con los microafinadores; la cejuela sigue bloqueada. Si uno llega al final, traer la guitarra.</translation>
    </message>
    <message>
        <source>Stay with this set and tuning: others need the guitar set up anew.</source>
        <translation>Seguir con este juego y esta afinación: otros exigen ajustar la guitarra de nuevo.</translation>
    </message>
    <message>
        <source>All strings a little off together: weather or a new season; tune them all once. One string off again and again: bring the guitar in.</source>
        <translation>Todas un poco desafinadas a la vez: el tiempo o la estación; afinarlas todas una vez. Una sola una y otra vez: traer la guitarra.</translation>
    </message>
    <message>
        <source>New strings by %1, sooner if they feel rough or sound dull.</source>
        <translation>Cuerdas nuevas antes del %1, o antes si están ásperas o suenan apagadas.</translation>
    </message>
    <message>
        <source>%1 as found, %2 as left</source>
        <translation>%1 encontrada, %2 al entregar</translation>
    </message>
    <message>
        <source>Replaced</source>
        <translation>Cambiado</translation>
    </message>
    <message>
        <source>Neck relief</source>
        <translation>Curvatura del mástil</translation>
    </message>
    <message>
        <source>%1: %2 / %3 / %4</source>
        <translation>%1: %2 / %3 / %4</translation>
    </message>
    <message>
        <source>Return test: before, after a dive, after a pull-up, cents</source>
        <translation>Prueba de vuelta: antes, tras bajar, tras subir, cents</translation>
    </message>
    <message>
        <source>string %1, %2</source>
        <translation>cuerda %1, %2</translation>
    </message>
    <message>
        <source>Broken</source>
        <translation>Rota</translation>
    </message>
    <message>
        <source>not inspected: %1</source>
        <translation>sin inspeccionar: %1</translation>
    </message>
</context>
<context>
    <name>Lanes</name>
    <message numerus="yes">
        <source>%n acts ago</source>
        <translation>
            <numerusform>hace un acto</numerusform>
            <numerusform>hace %n actos</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>ListenWords</name>
    <message>
        <source>%1: up by %2 ¢</source>
        <translation>%1: sube %2 ¢</translation>
    </message>
    <message>
        <source>%1: down by %2 ¢</source>
        <translation>%1: baja %2 ¢</translation>
    </message>
    <message>
        <source>%1 more (Enter takes it)</source>
        <translation>%1 más (Intro la toma)</translation>
    </message>
    <message>
        <source>Too loud: turn the input down</source>
        <translation>Demasiado fuerte: baja la entrada</translation>
    </message>
    <message>
        <source>No sound at all: is the input muted?</source>
        <translation>Ningún sonido: ¿está la entrada en silencio?</translation>
    </message>
    <message>
        <source>Only hum or noise: come nearer, check the cable</source>
        <translation>Solo zumbido o ruido: acercarse, mirar el cable</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Escuchando</translation>
    </message>
    <message>
        <source>Paused</source>
        <translation>En pausa</translation>
    </message>
    <message>
        <source>Heard a pluck</source>
        <translation>Se oyó una pulsación</translation>
    </message>
    <message>
        <source>%1: settling %2 ¢</source>
        <translation>%1: asentando %2 ¢</translation>
    </message>
    <message>
        <source>%1: taken %2 ¢</source>
        <translation>%1: tomada %2 ¢</translation>
    </message>
    <message>
        <source>%1: %2 ¢ (Enter takes it)</source>
        <translation>%1: %2 ¢ (Intro la toma)</translation>
    </message>
    <message>
        <source>%1: %2 ¢, as before</source>
        <translation>%1: %2 ¢, como antes</translation>
    </message>
    <message>
        <source>%1 at %2 ¢? Enter takes it</source>
        <translation>¿%1 a %2 ¢? Intro la toma</translation>
    </message>
    <message>
        <source>Not sure, pluck again</source>
        <translation>No es seguro, pulsar otra vez</translation>
    </message>
    <message>
        <source>No input to listen to: plug in a microphone, or allow this program to use it in the desktop&apos;s settings.</source>
        <translation>No hay entrada que escuchar: conectar un micrófono o permitir a este programa usarlo en los ajustes del escritorio.</translation>
    </message>
    <message>
        <source>This input gives no sound that can be read; choose another.</source>
        <translation>Esta entrada no da un sonido legible; elegir otra.</translation>
    </message>
    <message>
        <source>The input is gone. Everything heard is kept; plug it in and listen again.</source>
        <translation>La entrada se ha ido. Todo lo oído se conserva; conectarla y escuchar otra vez.</translation>
    </message>
    <message>
        <source> sharp </source>
        <translation> alta </translation>
    </message>
    <message>
        <source> flat </source>
        <translation> baja </translation>
    </message>
    <message>
        <source> minus </source>
        <translation> menos </translation>
    </message>
    <message>
        <source> plus </source>
        <translation> más </translation>
    </message>
    <message>
        <source> cents</source>
        <translation> cents</translation>
    </message>
    <message>
        <source> degrees</source>
        <translation> grados</translation>
    </message>
    <message>
        <source> to </source>
        <translation> a </translation>
    </message>
    <message>
        <source>and a half</source>
        <translation>y media</translation>
    </message>
    <message>
        <source>and a quarter</source>
        <translation>y un cuarto</translation>
    </message>
    <message>
        <source>and three quarters</source>
        <translation>y tres cuartos</translation>
    </message>
    <message>
        <source>Listening; nothing is taken at this step</source>
        <translation>Escuchando; en este paso no se toma nada</translation>
    </message>
</context>
<context>
    <name>ListeningPicture</name>
    <message>
        <source>Too loud: the sound is cut off; turn the input down</source>
        <translation>Demasiado fuerte: el sonido se corta; baja la entrada</translation>
    </message>
    <message>
        <source>Level %1 dB</source>
        <translation>Nivel %1 dB</translation>
    </message>
    <message>
        <source>There</source>
        <translation>Ya está</translation>
    </message>
    <message>
        <source>%1 cents below the aim</source>
        <translation>%1 cents por debajo del objetivo</translation>
    </message>
    <message>
        <source>%1 cents above the aim</source>
        <translation>%1 cents por encima del objetivo</translation>
    </message>
</context>
<context>
    <name>Measuring</name>
    <message>
        <source>not said</source>
        <translation>no se ha dicho</translation>
    </message>
    <message>
        <source>tuner good to 0.1 ¢</source>
        <translation>afinador fiel a 0,1 ¢</translation>
    </message>
    <message>
        <source>tuner good to half a cent</source>
        <translation>afinador fiel a medio cent</translation>
    </message>
    <message>
        <source>tuner that shows whole cents</source>
        <translation>afinador que muestra cents enteros</translation>
    </message>
    <message>
        <source>tuner good to 2 ¢</source>
        <translation>afinador fiel a 2 ¢</translation>
    </message>
    <message>
        <source>feeler or caliper</source>
        <translation>galgas o pie de rey</translation>
    </message>
    <message>
        <source>ruler</source>
        <translation>regla</translation>
    </message>
    <message>
        <source>angle gauge</source>
        <translation>medidor de ángulos</translation>
    </message>
    <message>
        <source>side photo</source>
        <translation>foto lateral</translation>
    </message>
    <message>
        <source>by eye</source>
        <translation>a ojo</translation>
    </message>
    <message>
        <source>This tuner cannot tell %1 ¢: strings will be judged to %2 ¢. One good to %3 ¢ would do.</source>
        <translation>Este afinador no distingue %1 ¢: las cuerdas se juzgarán a %2 ¢. Bastaría uno fiel a %3 ¢.</translation>
    </message>
    <message>
        <source>Strings left that near their aim cannot be promised within %1 ¢: they will be judged to %2 ¢. Leave each within %3 ¢, or widen the tolerance.</source>
        <translation>Con cuerdas dejadas así de cerca no se pueden prometer %1 ¢: se juzgarán a %2 ¢. Dejar cada una a %3 ¢ o ampliar la tolerancia.</translation>
    </message>
    <message>
        <source>What level is judged by cannot tell %1°: the plate will be judged to %2°. A gap measured to %3 mm would do.</source>
        <translation>Lo que juzga el nivel no distingue %1°: la placa se juzgará a %2°. Bastaría un hueco medido a %3 mm.</translation>
    </message>
</context>
<context>
    <name>MethodTopics</name>
    <message>
        <source>Strings off</source>
        <translation>Cuerdas fuera</translation>
    </message>
    <message>
        <source>faster, and the fretboard can be cleaned</source>
        <translation>más rápido, y se puede limpiar el diapasón</translation>
    </message>
    <message>
        <source>one by one</source>
        <translation>una a una</translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation>Puente</translation>
    </message>
    <message>
        <source>floats</source>
        <translation>flota</translation>
    </message>
    <message>
        <source>rests on the body</source>
        <translation>apoya en el cuerpo</translation>
    </message>
    <message>
        <source>a broken string leaves the others in tune; dives only</source>
        <translation>una cuerda rota deja afinadas las demás; solo bajadas</translation>
    </message>
    <message>
        <source>Nut caps</source>
        <translation>Pletinas de cejuela</translation>
    </message>
    <message>
        <source>off, laid out in order</source>
        <translation>fuera, puestas en orden</translation>
    </message>
    <message>
        <source>the strings lie free</source>
        <translation>las cuerdas quedan libres</translation>
    </message>
    <message>
        <source>only loosened</source>
        <translation>solo aflojadas</translation>
    </message>
    <message>
        <source>none is lost or swapped; each string is threaded under its cap</source>
        <translation>ninguna se pierde ni se cambia; cada cuerda se pasa bajo su pletina</translation>
    </message>
    <message>
        <source>Cap order</source>
        <translation>Orden de las pletinas</translation>
    </message>
    <message>
        <source>each back in its own place</source>
        <translation>cada una en su sitio</translation>
    </message>
    <message>
        <source>it has worn a groove of its own</source>
        <translation>se ha hecho su propio surco</translation>
    </message>
    <message>
        <source>as they come to hand</source>
        <translation>como vienen a la mano</translation>
    </message>
    <message>
        <source>nothing to sort; new caps have no groove yet</source>
        <translation>nada que ordenar; las nuevas no tienen surco</translation>
    </message>
    <message>
        <source>Block height</source>
        <translation>Altura del taco</translation>
    </message>
    <message>
        <source>neutral</source>
        <translation>neutra</translation>
    </message>
    <message>
        <source>nothing jumps when it comes out</source>
        <translation>nada salta al salir</translation>
    </message>
    <message>
        <source>a little forward</source>
        <translation>algo adelantada</translation>
    </message>
    <message>
        <source>goes in easily; all strings sharpen when it comes out</source>
        <translation>entra fácil; todas las cuerdas suben al salir</translation>
    </message>
    <message>
        <source>Block out</source>
        <translation>Taco fuera</translation>
    </message>
    <message>
        <source>after rough tuning</source>
        <translation>tras la afinación gruesa</translation>
    </message>
    <message>
        <source>before tuning</source>
        <translation>antes de afinar</translation>
    </message>
    <message>
        <source>out for a look after each string</source>
        <translation>fuera tras cada cuerda para mirar</translation>
    </message>
    <message>
        <source>Under the block</source>
        <translation>Sobre el taco</translation>
    </message>
    <message>
        <source>to aims under the block</source>
        <translation>a objetivos sobre el taco</translation>
    </message>
    <message>
        <source>to pitch</source>
        <translation>al tono</translation>
    </message>
    <message>
        <source>simple; pitch jumps by as much as the block is off level</source>
        <translation>sencillo; el tono salta lo que el taco se aparta del nivel</translation>
    </message>
    <message>
        <source>only taut</source>
        <translation>solo tirantes</translation>
    </message>
    <message>
        <source>no pass is spent under the block</source>
        <translation>no se gasta pasada sobre el taco</translation>
    </message>
    <message>
        <source>Frets and fretboard</source>
        <translation>Trastes y diapasón</translation>
    </message>
    <message>
        <source>frets with a guard only</source>
        <translation>solo trastes, con protector</translation>
    </message>
    <message>
        <source>wool along the whole fretboard</source>
        <translation>lana por todo el diapasón</translation>
    </message>
    <message>
        <source>quicker; dark fretboards without lacquer only</source>
        <translation>más rápido; solo diapasones oscuros sin laca</translation>
    </message>
    <message>
        <source>Ball end</source>
        <translation>Extremo con bola</translation>
    </message>
    <message>
        <source>cut off at the bridge</source>
        <translation>cortado en el puente</translation>
    </message>
    <message>
        <source>the usual way round</source>
        <translation>como es habitual</translation>
    </message>
    <message>
        <source>ball at the headstock</source>
        <translation>bola en la pala</translation>
    </message>
    <message>
        <source>Slack by</source>
        <translation>Holgura por</translation>
    </message>
    <message>
        <source>frets back at the nut</source>
        <translation>trastes hacia atrás en la cejuela</translation>
    </message>
    <message>
        <source>one mark on the headstock</source>
        <translation>una marca en la pala</translation>
    </message>
    <message>
        <source>a bow over the fretboard</source>
        <translation>un arco sobre el diapasón</translation>
    </message>
    <message>
        <source>the string itself is the ruler</source>
        <translation>la propia cuerda es la regla</translation>
    </message>
    <message>
        <source>needs nothing at all</source>
        <translation>no necesita nada</translation>
    </message>
    <message>
        <source>Wraps</source>
        <translation>Espiras</translation>
    </message>
    <message>
        <source>2 to 3 wound, 3 to 5 plain</source>
        <translation>2 a 3 entorchadas, 3 a 5 lisas</translation>
    </message>
    <message>
        <source>as few as hold</source>
        <translation>las menos que sujeten</translation>
    </message>
    <message>
        <source>less to settle</source>
        <translation>menos que asentar</translation>
    </message>
    <message>
        <source>Winding</source>
        <translation>Enrollado</translation>
    </message>
    <message>
        <source>first turn over, rest under</source>
        <translation>la primera por encima, el resto por debajo</translation>
    </message>
    <message>
        <source>the string end is held between wraps</source>
        <translation>la punta queda mordida entre espiras</translation>
    </message>
    <message>
        <source>all under</source>
        <translation>todas por debajo</translation>
    </message>
    <message>
        <source>the neatest stack</source>
        <translation>la pila más limpia</translation>
    </message>
    <message>
        <source>tied round itself</source>
        <translation>anudada sobre sí misma</translation>
    </message>
    <message>
        <source>cannot slip; slow to take off again; not for fragile old string posts</source>
        <translation>no puede resbalar; lenta de quitar, y nada para ejes viejos y frágiles</translation>
    </message>
    <message>
        <source>Nut angle</source>
        <translation>Ángulo en la cejuela</translation>
    </message>
    <message>
        <source>more pressure</source>
        <translation>más presión</translation>
    </message>
    <message>
        <source>sits in the slot; locking shifts it less</source>
        <translation>queda en la ranura; bloquear la mueve menos</translation>
    </message>
    <message>
        <source>less pressure</source>
        <translation>menos presión</translation>
    </message>
    <message>
        <source>returns to pitch better over an open nut</source>
        <translation>vuelve mejor al tono sobre una cejuela abierta</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
    </message>
    <message>
        <source>low to high</source>
        <translation>de grave a aguda</translation>
    </message>
    <message>
        <source>the strongest pull first</source>
        <translation>primero la mayor tracción</translation>
    </message>
    <message>
        <source>high to low</source>
        <translation>de aguda a grave</translation>
    </message>
    <message>
        <source>outer pairs inwards</source>
        <translation>pares exteriores hacia dentro</translation>
    </message>
    <message>
        <source>low to high with back-checks</source>
        <translation>de grave a aguda con repaso</translation>
    </message>
    <message>
        <source>Tune</source>
        <translation>Afinar</translation>
    </message>
    <message>
        <source>to calculated aims</source>
        <translation>a objetivos calculados</translation>
    </message>
    <message>
        <source>exactly, pass after pass</source>
        <translation>exacto, pasada tras pasada</translation>
    </message>
    <message>
        <source>needs no figures but the tuner&apos;s</source>
        <translation>no necesita más cifras que las del afinador</translation>
    </message>
    <message>
        <source>the first one sharp by feel, then exactly</source>
        <translation>la primera alta a tacto, luego exacto</translation>
    </message>
    <message>
        <source>the first one loses most</source>
        <translation>la primera es la que más pierde</translation>
    </message>
    <message>
        <source>Stretching</source>
        <translation>Estirado</translation>
    </message>
    <message>
        <source>gently along the whole length</source>
        <translation>suave en toda la longitud</translation>
    </message>
    <message>
        <source>no kink, and it settles everywhere</source>
        <translation>sin pliegues, y asienta en todas partes</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>fuerte</translation>
    </message>
    <message>
        <source>fewer pulls; a kink ruins the string</source>
        <translation>menos estirones; un pliegue arruina la cuerda</translation>
    </message>
    <message>
        <source>Stretch</source>
        <translation>Estirar</translation>
    </message>
    <message>
        <source>after all are on</source>
        <translation>cuando están todas puestas</translation>
    </message>
    <message>
        <source>one pass for everything</source>
        <translation>una ronda para todo</translation>
    </message>
    <message>
        <source>each string as it comes on</source>
        <translation>cada cuerda al ponerla</translation>
    </message>
    <message>
        <source>what is stretched first needs less later</source>
        <translation>lo estirado primero necesita menos después</translation>
    </message>
    <message>
        <source>Level judged</source>
        <translation>Nivel juzgado</translation>
    </message>
    <message>
        <source>when all are tuned and settled</source>
        <translation>cuando todas están afinadas y asentadas</translation>
    </message>
    <message>
        <source>after each string</source>
        <translation>tras cada cuerda</translation>
    </message>
    <message>
        <source>Claw</source>
        <translation>Garra</translation>
    </message>
    <message>
        <source>as calculated, each screw by itself</source>
        <translation>según el cálculo, cada tornillo por su lado</translation>
    </message>
    <message>
        <source>as calculated, both screws alike</source>
        <translation>según el cálculo, los dos tornillos igual</translation>
    </message>
    <message>
        <source>the claw stays parallel</source>
        <translation>la garra queda paralela</translation>
    </message>
    <message>
        <source>quarter turns and a look</source>
        <translation>cuartos de vuelta y mirar</translation>
    </message>
    <message>
        <source>whole turns, then quarters</source>
        <translation>vueltas enteras, luego cuartos</translation>
    </message>
    <message>
        <source>near at once, then by the eye</source>
        <translation>cerca enseguida, luego a ojo</translation>
    </message>
    <message>
        <source>Claw turned</source>
        <translation>Garra girada</translation>
    </message>
    <message>
        <source>with the strings at pitch</source>
        <translation>con las cuerdas en su tono</translation>
    </message>
    <message>
        <source>nothing is tuned twice</source>
        <translation>nada se afina dos veces</translation>
    </message>
    <message>
        <source>strings slackened first</source>
        <translation>con las cuerdas aflojadas</translation>
    </message>
    <message>
        <source>screws turn easily and the wood is spared</source>
        <translation>los tornillos giran fácil y se cuida la madera</translation>
    </message>
    <message>
        <source>Fine tuners</source>
        <translation>Microafinadores</translation>
    </message>
    <message>
        <source>to the middle</source>
        <translation>a la mitad</translation>
    </message>
    <message>
        <source>travel both ways</source>
        <translation>recorrido en ambos sentidos</translation>
    </message>
    <message>
        <source>nearly out</source>
        <translation>casi fuera</translation>
    </message>
    <message>
        <source>more travel to sharpen, which playing needs</source>
        <translation>más recorrido hacia arriba, que tocar necesita</translation>
    </message>
    <message>
        <source>all out</source>
        <translation>fuera del todo</translation>
    </message>
    <message>
        <source>all the travel there is to sharpen, none to flatten</source>
        <translation>todo el recorrido hacia arriba, nada hacia abajo</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Bloquear</translation>
    </message>
    <message>
        <source>once in tune</source>
        <translation>una vez afinada</translation>
    </message>
    <message>
        <source>sooner done</source>
        <translation>se acaba antes</translation>
    </message>
    <message>
        <source>after bends and playing</source>
        <translation>después de estirar notas y tocar</translation>
    </message>
    <message>
        <source>String ends</source>
        <translation>Puntas de cuerda</translation>
    </message>
    <message>
        <source>trimmed after stretching</source>
        <translation>cortadas después de estirar</translation>
    </message>
    <message>
        <source>a string that slips can still be wound on</source>
        <translation>una cuerda que resbala aún se puede enrollar</translation>
    </message>
    <message>
        <source>trimmed before tuning</source>
        <translation>cortadas antes de afinar</translation>
    </message>
    <message>
        <source>no ends in the way</source>
        <translation>sin puntas por medio</translation>
    </message>
    <message>
        <source>String ends, how long</source>
        <translation>Puntas de cuerda, cuánto</translation>
    </message>
    <message>
        <source>nothing to catch on</source>
        <translation>nada en que engancharse</translation>
    </message>
    <message>
        <source>2 mm, bent in</source>
        <translation>2 mm, doblada</translation>
    </message>
    <message>
        <source>holds one turn more</source>
        <translation>aguanta una vuelta más</translation>
    </message>
    <message>
        <source>1 cm</source>
        <translation>1 cm</translation>
    </message>
    <message>
        <source>there is something to pull at if it slips</source>
        <translation>queda de dónde tirar si resbala</translation>
    </message>
    <message>
        <source>Back cover</source>
        <translation>Tapa trasera</translation>
    </message>
    <message>
        <source>off only if the claw moves</source>
        <translation>fuera solo si se mueve la garra</translation>
    </message>
    <message>
        <source>off at the start</source>
        <translation>fuera desde el principio</translation>
    </message>
    <message>
        <source>claw and springs in sight</source>
        <translation>garra y muelles a la vista</translation>
    </message>
    <message>
        <source>Final tune</source>
        <translation>Afinación final</translation>
    </message>
    <message>
        <source>held as it is played</source>
        <translation>sujeta como se toca</translation>
    </message>
    <message>
        <source>on the bench, with the offset</source>
        <translation>en el banco, con la diferencia</translation>
    </message>
    <message>
        <source>no lifting; the program says what to leave</source>
        <translation>sin levantarla; el programa dice qué dejar</translation>
    </message>
    <message>
        <source>all off at once</source>
        <translation>todas fuera a la vez</translation>
    </message>
    <message>
        <source>bridge and neck keep their load</source>
        <translation>puente y mástil conservan su carga</translation>
    </message>
    <message>
        <source>the arm moves both ways; pulling up re-seats the bridge</source>
        <translation>la palanca se mueve en ambos sentidos; subirla reasienta el puente</translation>
    </message>
    <message>
        <source>the bridge cannot move during the first pass</source>
        <translation>el puente no puede moverse en la primera pasada</translation>
    </message>
    <message>
        <source>no calculation needed</source>
        <translation>sin cálculo</translation>
    </message>
    <message>
        <source>you see the plate move; refit the block each time</source>
        <translation>se ve moverse la placa; hay que volver a poner el taco cada vez</translation>
    </message>
    <message>
        <source>ends at pitch when the block is out</source>
        <translation>acaba afinada al salir el taco</translation>
    </message>
    <message>
        <source>nothing touches the fretboard; needed on lacquered maple</source>
        <translation>nada toca el diapasón; necesario en arce lacado</translation>
    </message>
    <message>
        <source>one cut fewer; cannot slip at the string post</source>
        <translation>un corte menos; no puede resbalar en el poste de clavija</translation>
    </message>
    <message>
        <source>counted on the fretboard</source>
        <translation>se cuenta en el diapasón</translation>
    </message>
    <message>
        <source>length past the string post</source>
        <translation>longitud más allá del poste de clavija</translation>
    </message>
    <message>
        <source>string post spacings</source>
        <translation>separaciones entre postes de clavija</translation>
    </message>
    <message>
        <source>the next string posts are the ruler</source>
        <translation>los postes de clavija siguientes son la regla</translation>
    </message>
    <message>
        <source>grip on the string post</source>
        <translation>agarre en el poste de clavija</translation>
    </message>
    <message>
        <source>thin strings first</source>
        <translation>primero las cuerdas finas</translation>
    </message>
    <message>
        <source>even load</source>
        <translation>carga pareja</translation>
    </message>
    <message>
        <source>exactly; retune finished strings as others come up</source>
        <translation>exacto; reafinar las cuerdas acabadas mientras llegan otras</translation>
    </message>
    <message>
        <source>tune each so that all end at pitch</source>
        <translation>afinar cada una para que todas acaben afinadas</translation>
    </message>
    <message>
        <source>only at both ends</source>
        <translation>solo en los dos extremos</translation>
    </message>
    <message>
        <source>spares the speaking length; the bridge end settles in play</source>
        <translation>cuida la longitud vibrante; el extremo del puente se asienta al tocar</translation>
    </message>
    <message>
        <source>an earlier reading would not last</source>
        <translation>una lectura anterior no duraría</translation>
    </message>
    <message>
        <source>shows movement, not the final position</source>
        <translation>muestra el movimiento, no la posición final</translation>
    </message>
    <message>
        <source>turning one screw halves the adjustment</source>
        <translation>girar un solo tornillo reduce el ajuste a la mitad</translation>
    </message>
    <message>
        <source>no figures, only your eye</source>
        <translation>sin cifras, solo el ojo</translation>
    </message>
    <message>
        <source>what still settles does so before locking</source>
        <translation>lo que aún se asienta lo hace antes de bloquear</translation>
    </message>
    <message>
        <source>flush at the string post</source>
        <translation>al ras del poste de clavija</translation>
    </message>
    <message>
        <source>the cover stays on if not needed</source>
        <translation>la tapa se queda puesta si no hace falta quitarla</translation>
    </message>
    <message>
        <source>tuned as the player hears it</source>
        <translation>afinada como la oye quien toca</translation>
    </message>
    <message>
        <source>hand widths past the string post</source>
        <translation>anchos de mano más allá del poste de clavija</translation>
    </message>
</context>
<context>
    <name>MomentChart</name>
    <message>
        <source>Moment of the strings, pegs untouched</source>
        <translation>Momento de las cuerdas, sin tocar clavijas</translation>
    </message>
    <message>
        <source>Moment of the springs with the bridge&apos;s weight</source>
        <translation>Momento de los muelles con el peso del puente</translation>
    </message>
    <message>
        <source>stiffness %1, retuned %2 N·m/rad</source>
        <translation>rigidez %1, reafinada %2 N·m/rad</translation>
    </message>
    <message>
        <source>moment, N·m, over the plate&apos;s angle</source>
        <translation>momento, N·m, sobre el ángulo de la placa</translation>
    </message>
    <message>
        <source>strings forward</source>
        <translation>cuerdas hacia delante</translation>
    </message>
    <message>
        <source>springs back</source>
        <translation>muelles hacia atrás</translation>
    </message>
    <message>
        <source>dashed: strings while they are retuned</source>
        <translation>a trazos: cuerdas mientras se reafinan</translation>
    </message>
    <message>
        <source>Moment chart. The curves cross at %1 with %2 each way. %3.</source>
        <translation>Gráfico de momentos. Las curvas se cruzan en %1 con %2 en cada sentido. %3.</translation>
    </message>
    <message>
        <source>Dashed: strings kept at pitch. Where it crosses flat, more passes.</source>
        <translation>Discontinua: cuerdas mantenidas afinadas. Donde cruza plana, más pasadas.</translation>
    </message>
</context>
<context>
    <name>MovementPicture</name>
    <message>
        <source>Nothing has been done yet that moves the strings.</source>
        <translation>Aún no se ha hecho nada que mueva las cuerdas.</translation>
    </message>
    <message>
        <source>%1: the plate did not move</source>
        <translation>%1: la placa no se movió</translation>
    </message>
    <message>
        <source>%1: the plate tipped %2° forward</source>
        <translation>%1: la placa se inclinó %2° hacia delante</translation>
    </message>
    <message>
        <source>%1: the plate tipped %2° back</source>
        <translation>%1: la placa se inclinó %2° hacia atrás</translation>
    </message>
    <message>
        <source>calculated  ·  thin: the plate&apos;s tilt  ·  thick: its own length</source>
        <translation>calculado  ·  fino: inclinación de la placa  ·  grueso: su propia longitud</translation>
    </message>
    <message>
        <source>String %1: %2 cents by the plate, %3 by itself</source>
        <translation>Cuerda %1: %2 cents por la placa, %3 por sí misma</translation>
    </message>
</context>
<context>
    <name>PlanPage</name>
    <message>
        <source>spring rate</source>
        <translation>dureza de muelle</translation>
    </message>
    <message>
        <source>free length</source>
        <translation>longitud libre</translation>
    </message>
    <message>
        <source>float</source>
        <translation>flotación</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>palanca</translation>
    </message>
    <message>
        <source>%1 N/mm</source>
        <translation>%1 N/mm</translation>
    </message>
    <message>
        <source>level</source>
        <translation>nivel</translation>
    </message>
    <message>
        <source>runs away</source>
        <translation>se escapa</translation>
    </message>
    <message>
        <source>No spring is under the arm.</source>
        <translation>No hay muelle bajo la palanca.</translation>
    </message>
    <message>
        <source>Packing of %1 under this spring brings the arm level; or one of these springs.</source>
        <translation>Un suplemento de %1 bajo este muelle nivela la palanca; o uno de estos muelles.</translation>
    </message>
    <message>
        <source>For a level arm the spring is %1 too long; one of these lengths fits.</source>
        <translation>Para una palanca a nivel el muelle es %1 largo; una de estas longitudes va bien.</translation>
    </message>
    <message>
        <source>No aims without a balance.</source>
        <translation>Sin equilibrio no hay objetivos.</translation>
    </message>
    <message>
        <source>From new strings %1 ¢ low (assumed), claw turned first. On the bench each aim is worked out anew from what you read.</source>
        <translation>Desde cuerdas nuevas %1 ¢ bajas (supuesto), garra girada antes. En el banco cada objetivo se calcula otra vez con lo que leas.</translation>
    </message>
    <message>
        <source>What locking will add is left out.</source>
        <translation>Lo que añadirá el bloqueo queda descontado.</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>garra</translation>
    </message>
    <message>
        <source>pass leaves</source>
        <translation>deja la pasada</translation>
    </message>
    <message>
        <source>passes with aims</source>
        <translation>pasadas con objetivos</translation>
    </message>
    <message>
        <source>passes exactly to pitch</source>
        <translation>pasadas exactas al tono</translation>
    </message>
    <message>
        <source>over %1</source>
        <translation>más de %1</translation>
    </message>
    <message>
        <source>left after each such pass</source>
        <translation>queda tras cada pasada así</translation>
    </message>
    <message>
        <source>stiffness, pegs untouched</source>
        <translation>rigidez, sin tocar clavijas</translation>
    </message>
    <message>
        <source>%1 N·m/rad</source>
        <translation>%1 N·m/rad</translation>
    </message>
    <message>
        <source>stiffness, retuned</source>
        <translation>rigidez, reafinada</translation>
    </message>
    <message>
        <source>pull before</source>
        <translation>tracción antes</translation>
    </message>
    <message>
        <source>pull after</source>
        <translation>tracción después</translation>
    </message>
    <message>
        <source>block for level, at the rear edge</source>
        <translation>taco para nivel, en el borde trasero</translation>
    </message>
    <message>
        <source>figures measured</source>
        <translation>cifras del puente medidas</translation>
    </message>
    <message>
        <source>change</source>
        <translation>cambio</translation>
    </message>
    <message>
        <source>out of reach</source>
        <translation>fuera de alcance</translation>
    </message>
    <message>
        <source>The arm&apos;s range: %1° down, %2° up, there string %3 is %4 half steps sharp.</source>
        <translation>Recorrido de la palanca: %1° abajo, %2° arriba; allí la cuerda %3 queda %4 semitonos alta.</translation>
    </message>
    <message>
        <source>The arm&apos;s range: %1° down, none up.</source>
        <translation>Recorrido de la palanca: %1° abajo, ninguno arriba.</translation>
    </message>
    <message>
        <source>claw left</source>
        <translation>garra restante</translation>
    </message>
    <message>
        <source>Claw turns for level and how many are left to its tightest; float in N·m/rad; the arm&apos;s effort against now; what a pass exactly to pitch leaves.</source>
        <translation>Vueltas de la garra para nivelar y cuántas quedan hasta su tope; rigidez de flotación en N·m/rad; fuerza de la palanca frente a ahora; lo que deja una pasada exacta al tono.</translation>
    </message>
</context>
<context>
    <name>Practice</name>
    <message>
        <source>loosened %1</source>
        <translation>aflojada %1</translation>
    </message>
    <message>
        <source>tightened %1</source>
        <translation>apretada %1</translation>
    </message>
    <message>
        <source>claw %1</source>
        <translation>garra %1</translation>
    </message>
    <message>
        <source>claw: bass %1, treble %2</source>
        <translation>garra: grave %1, agudo %2</translation>
    </message>
    <message>
        <source>nothing is wrong with it</source>
        <translation>no tiene nada mal</translation>
    </message>
    <message>
        <source>a block was left in</source>
        <translation>se quedó un taco dentro</translation>
    </message>
    <message>
        <source>a string slips at its string post</source>
        <translation>una cuerda resbala en su eje</translation>
    </message>
    <message>
        <source>a saddle insert is loose</source>
        <translation>un inserto de silleta está flojo</translation>
    </message>
    <message>
        <source>the knife edge is worn</source>
        <translation>el filo está gastado</translation>
    </message>
    <message>
        <source>a string hangs in its nut slot</source>
        <translation>una cuerda se engancha en su ranura de la cejuela</translation>
    </message>
    <message>
        <source>two strings are in each other&apos;s place</source>
        <translation>dos cuerdas están cambiadas de sitio</translation>
    </message>
    <message>
        <source>a string is not the gauge of its packet</source>
        <translation>una cuerda no es del pie de rey de su sobre</translation>
    </message>
    <message>
        <source>the claw is crooked</source>
        <translation>la garra está torcida</translation>
    </message>
    <message>
        <source>a spring is off its hook</source>
        <translation>un muelle está desenganchado</translation>
    </message>
    <message>
        <source>the neck&apos;s screws are loose</source>
        <translation>los tornillos del mástil están flojos</translation>
    </message>
    <message>
        <source>a nut cap is the wrong way round</source>
        <translation>una pletina está al revés</translation>
    </message>
    <message>
        <source>A string was taken off while it pulled: it whips, and the bridge jumps back.</source>
        <translation>Se quitó una cuerda mientras tiraba: da un latigazo y el puente salta atrás.</translation>
    </message>
    <message>
        <source>The nut was locked before the strings had settled near pitch: fine tuners run out.</source>
        <translation>Se bloqueó la cejuela antes de que las cuerdas asentaran cerca del tono: a los microafinadores se les acaba el recorrido.</translation>
    </message>
    <message>
        <source>The arm was used with the nut unlocked: strings pull through and come back flat.</source>
        <translation>Se usó la palanca con la cejuela sin bloquear: las cuerdas pasan y vuelven bajas.</translation>
    </message>
    <message>
        <source>Bridge posts were turned under tension: that cuts the knife edges.</source>
        <translation>Se giraron los postes del puente bajo tensión: eso corta los filos.</translation>
    </message>
    <message>
        <source>A string was tuned nearly to where it breaks: eyes and face are in its way.</source>
        <translation>Se afinó una cuerda casi hasta romper: ojos y cara están en su camino.</translation>
    </message>
    <message>
        <source>It was handed over with the block in.</source>
        <translation>Se entregó con el taco puesto.</translation>
    </message>
    <message>
        <source>string %1</source>
        <translation>cuerda %1</translation>
    </message>
    <message>
        <source>every string</source>
        <translation>todas las cuerdas</translation>
    </message>
    <message>
        <source>checked %1</source>
        <translation>comprobó %1</translation>
    </message>
    <message>
        <source>measured the gap</source>
        <translation>midió el hueco</translation>
    </message>
    <message>
        <source>looked from the side</source>
        <translation>miró de lado</translation>
    </message>
    <message>
        <source>caliper on %1</source>
        <translation>pie de rey en %1</translation>
    </message>
    <message>
        <source>looked at springs and claw</source>
        <translation>miró muelles y garra</translation>
    </message>
    <message>
        <source>%1 tuned to %2</source>
        <translation>%1 afinada a %2</translation>
    </message>
    <message>
        <source>peg of %1 turned %2</source>
        <translation>clavija de %1 girada %2</translation>
    </message>
    <message>
        <source>%1 springs in</source>
        <translation>%1 muelles puestos</translation>
    </message>
    <message>
        <source>%1 pulled</source>
        <translation>%1 estirada</translation>
    </message>
    <message>
        <source>arm moved to and fro</source>
        <translation>palanca movida de un lado a otro</translation>
    </message>
    <message>
        <source>block of %1 in</source>
        <translation>taco de %1 puesto</translation>
    </message>
    <message>
        <source>block out</source>
        <translation>taco fuera</translation>
    </message>
    <message>
        <source>nut locked</source>
        <translation>cejuela bloqueada</translation>
    </message>
    <message>
        <source>dived and let go</source>
        <translation>bajada y soltada</translation>
    </message>
    <message>
        <source>pulled up and let go</source>
        <translation>subida y soltada</translation>
    </message>
    <message>
        <source>bridge posts by %1</source>
        <translation>postes %1</translation>
    </message>
    <message>
        <source>%1 taken off</source>
        <translation>%1 quitada</translation>
    </message>
    <message>
        <source>%1 put on</source>
        <translation>%1 puesta</translation>
    </message>
    <message>
        <source>guessed the claw at %1 turns</source>
        <translation>estimó la garra en %1 vueltas</translation>
    </message>
    <message>
        <source>guessed the lowest string at %1</source>
        <translation>estimó la cuerda más grave en %1</translation>
    </message>
    <message>
        <source>said: %1</source>
        <translation>dijo: %1</translation>
    </message>
    <message>
        <source>handed over</source>
        <translation>entregada</translation>
    </message>
    <message>
        <source>Nothing has been done yet</source>
        <translation>Aún no se ha hecho nada</translation>
    </message>
    <message>
        <source>Right: %1. It is put right.</source>
        <translation>Correcto: %1. Queda arreglado.</translation>
    </message>
    <message>
        <source>Not that.</source>
        <translation>Eso no.</translation>
    </message>
    <message>
        <source>The caliper says %1</source>
        <translation>El pie de rey dice %1</translation>
    </message>
    <message>
        <source>%1 springs hooked on. Screws in: bass %2, treble %3 turns.%4</source>
        <translation>%1 muelles enganchados. Tornillos dentro: grave %2, agudo %3 vueltas.%4</translation>
    </message>
    <message>
        <source> Something is under the plate.</source>
        <translation> Hay algo calzado bajo la placa.</translation>
    </message>
    <message>
        <source>Gap %1</source>
        <translation>Hueco %1</translation>
    </message>
    <message>
        <source>String %1 is at %2</source>
        <translation>La cuerda %1 está en %2</translation>
    </message>
    <message>
        <source>%1 of 100 points: passed</source>
        <translation>%1 de 100 puntos: aprobado</translation>
    </message>
    <message>
        <source>%1 of 100 points: not passed</source>
        <translation>%1 de 100 puntos: no aprobado</translation>
    </message>
    <message>
        <source>Ends within %1 ¢, plate %2°.</source>
        <translation>Acaba dentro de %1 ¢, placa %2°.</translation>
    </message>
    <message>
        <source>Passes %1 (a good hand %2), visits to the claw %3 (%4), minutes %5 (%6).</source>
        <translation>Pasadas %1 (una buena mano %2), visitas a la garra %3 (%4), minutos %5 (%6).</translation>
    </message>
    <message>
        <source>The clock had run out.</source>
        <translation>Se había acabado el tiempo.</translation>
    </message>
    <message>
        <source> (string %1)</source>
        <translation> (cuerda %1)</translation>
    </message>
    <message>
        <source>What it was: %1%2. Found.</source>
        <translation>Lo que era: %1%2. Encontrado.</translation>
    </message>
    <message>
        <source>What it was: %1%2. Not found.</source>
        <translation>Lo que era: %1%2. No encontrado.</translation>
    </message>
    <message numerus="yes">
        <source>Said wrongly %n time(s).</source>
        <translation>
            <numerusform>Dicho mal %n vez.</numerusform>
            <numerusform>Dicho mal %n veces.</numerusform>
        </translation>
    </message>
    <message>
        <source>Claw guessed at %1 turns; it was %2.</source>
        <translation>Garra estimada en %1 vueltas; eran %2.</translation>
    </message>
    <message>
        <source>Lowest string guessed at %1; it landed at %2.</source>
        <translation>Cuerda más grave estimada en %1; acabó en %2.</translation>
    </message>
    <message>
        <source>What cost most: act %1, %2.</source>
        <translation>Lo que más costó: acción %1, %2.</translation>
    </message>
    <message>
        <source>Plate level, as seen from the side</source>
        <translation>Placa a nivel, vista de lado</translation>
    </message>
    <message>
        <source>Plate forward, as seen from the side</source>
        <translation>Placa adelantada, vista de lado</translation>
    </message>
    <message>
        <source>Plate sunk, as seen from the side</source>
        <translation>Placa hundida, vista de lado</translation>
    </message>
    <message>
        <source>Not finished: tune the strings and level the plate.</source>
        <translation>Sin terminar: afinar las cuerdas y nivelar la placa.</translation>
    </message>
</context>
<context>
    <name>PracticeKeys</name>
    <message>
        <source>Tune to… (Enter)</source>
        <translation>Afinar a… (Intro)</translation>
    </message>
    <message>
        <source>Turn the peg… (Q)</source>
        <translation>Girar la clavija… (Q)</translation>
    </message>
    <message>
        <source>Check it (R)</source>
        <translation>Comprobarla (R)</translation>
    </message>
    <message>
        <source>Check all (A)</source>
        <translation>Comprobar todas (A)</translation>
    </message>
    <message>
        <source>Pull the string (P)</source>
        <translation>Estirar la cuerda (P)</translation>
    </message>
    <message>
        <source>Caliper (C)</source>
        <translation>Calibre (C)</translation>
    </message>
    <message>
        <source>Take the string off (X)</source>
        <translation>Quitar la cuerda (X)</translation>
    </message>
    <message>
        <source>Put it on (N)</source>
        <translation>Ponerla (N)</translation>
    </message>
    <message>
        <source>Tighten the claw… (T)</source>
        <translation>Apretar la garra… (T)</translation>
    </message>
    <message>
        <source>Loosen the claw… (J)</source>
        <translation>Aflojar la garra… (J)</translation>
    </message>
    <message>
        <source>Bass screw alone… (Y)</source>
        <translation>Solo tornillo del lado grave… (Y)</translation>
    </message>
    <message>
        <source>Look at the springs (I)</source>
        <translation>Mirar los muelles (I)</translation>
    </message>
    <message>
        <source>Springs in… (H)</source>
        <translation>Poner muelles… (H)</translation>
    </message>
    <message>
        <source>Block in, how thick… (B)</source>
        <translation>Taco, qué grosor… (B)</translation>
    </message>
    <message>
        <source>Block out (O)</source>
        <translation>Taco fuera (O)</translation>
    </message>
    <message>
        <source>Arm to and fro (W)</source>
        <translation>Palanca de lado a lado (W)</translation>
    </message>
    <message>
        <source>Dive (D)</source>
        <translation>Bajada (D)</translation>
    </message>
    <message>
        <source>Pull up (U)</source>
        <translation>Subida (U)</translation>
    </message>
    <message>
        <source>Raise bridge posts… (M)</source>
        <translation>Subir los postes… (M)</translation>
    </message>
    <message>
        <source>Lock the nut (K)</source>
        <translation>Bloquear cejuela (K)</translation>
    </message>
    <message>
        <source>Measure the gap (G)</source>
        <translation>Medir el hueco (G)</translation>
    </message>
    <message>
        <source>Look from the side (V)</source>
        <translation>Mirar de lado (V)</translation>
    </message>
    <message>
        <source>Say what is wrong (F2)</source>
        <translation>Decir qué está mal (F2)</translation>
    </message>
    <message>
        <source>Hand it over (Ctrl+Enter)</source>
        <translation>Entregarla (Ctrl+Intro)</translation>
    </message>
    <message>
        <source>String</source>
        <translation>Cuerda</translation>
    </message>
    <message>
        <source>Claw</source>
        <translation>Garra</translation>
    </message>
    <message>
        <source>Springs</source>
        <translation>Muelles</translation>
    </message>
    <message>
        <source>Block</source>
        <translation>Taco</translation>
    </message>
    <message>
        <source>Arm</source>
        <translation>Palanca</translation>
    </message>
    <message>
        <source>Bridge posts</source>
        <translation>Postes del puente</translation>
    </message>
    <message>
        <source>Nut</source>
        <translation>Cejuela</translation>
    </message>
    <message>
        <source>Peg</source>
        <translation>Clavija</translation>
    </message>
    <message>
        <source>Tuner</source>
        <translation>Afinador</translation>
    </message>
    <message>
        <source>Ruler, caliper, eye</source>
        <translation>Regla, pie de rey, ojo</translation>
    </message>
</context>
<context>
    <name>ProgressChart</name>
    <message>
        <source>Nothing has been practised yet.</source>
        <translation>Aún no se ha practicado nada.</translation>
    </message>
    <message>
        <source>points</source>
        <translation>puntos</translation>
    </message>
    <message>
        <source>dashed: how far guesses were off</source>
        <translation>a trazos: lo lejos que iban las estimaciones</translation>
    </message>
    <message>
        <source>%1: %2 points, passed</source>
        <translation>%1: %2 puntos, aprobado</translation>
    </message>
    <message>
        <source>%1: %2 points</source>
        <translation>%1: %2 puntos</translation>
    </message>
    <message>
        <source>Practice so far. %1</source>
        <translation>Práctica hasta ahora. %1</translation>
    </message>
</context>
<context>
    <name>Provenance</name>
    <message>
        <source>measured</source>
        <translation>medido</translation>
    </message>
    <message>
        <source>calculated</source>
        <translation>calculado</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>supuesto</translation>
    </message>
</context>
<context>
    <name>PullBars</name>
    <message>
        <source>same</source>
        <translation>igual</translation>
    </message>
    <message>
        <source>String %1: %2 before, %3 after</source>
        <translation>Cuerda %1: %2 antes, %3 después</translation>
    </message>
    <message>
        <source>in all %1 → %2, %3</source>
        <translation>en total %1 → %2, %3</translation>
    </message>
    <message>
        <source>Pull of the strings. %1. %2</source>
        <translation>Tracción de las cuerdas. %1. %2</translation>
    </message>
    <message>
        <source>calculated. Thin: old string. Thick: new</source>
        <translation>calculado. Fino: cuerda vieja. Grueso: nueva</translation>
    </message>
</context>
<context>
    <name>Quantity</name>
    <message>
        <source>4.2 mm, 0.165 in or 10 thou</source>
        <translation>4.2 mm, 0.165 in o 10 thou</translation>
    </message>
    <message>
        <source>0.43 mm, 17 or .017</source>
        <translation>0.43 mm, 17 o .017</translation>
    </message>
    <message>
        <source>0.3° or -0.3</source>
        <translation>0.3° o -0.3</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>vueltas</translation>
    </message>
</context>
<context>
    <name>QuestionWords</name>
    <message>
        <source>Entered: %1.</source>
        <translation>Anotado: %1.</translation>
    </message>
    <message>
        <source>Entered at %1: %2.</source>
        <translation>Anotado a las %1: %2.</translation>
    </message>
    <message>
        <source>Was that loosen, not tighten?</source>
        <translation>¿Fue aflojar, no apretar?</translation>
    </message>
    <message>
        <source>Was that tighten, not loosen?</source>
        <translation>¿Fue apretar, no aflojar?</translation>
    </message>
    <message>
        <source>Was that not done?</source>
        <translation>¿No se hizo?</translation>
    </message>
    <message>
        <source>Was the claw turned twice as far?</source>
        <translation>¿Se giró la garra el doble?</translation>
    </message>
    <message>
        <source>Did %1 and %2 change places?</source>
        <translation>¿Están cambiadas %1 y %2?</translation>
    </message>
    <message>
        <source>Was that the peg of %1?</source>
        <translation>¿Fue la clavija de %1?</translation>
    </message>
    <message>
        <source>Was the claw tightened %1 turn without an entry?</source>
        <translation>¿Se apretó la garra %1 de vuelta sin anotarlo?</translation>
    </message>
    <message>
        <source>Was the claw loosened %1 turn without an entry?</source>
        <translation>¿Se aflojó la garra %1 de vuelta sin anotarlo?</translation>
    </message>
    <message>
        <source>Was something changed without an entry?</source>
        <translation>¿Se cambió algo sin anotarlo?</translation>
    </message>
    <message>
        <source>Is a block in?</source>
        <translation>¿Hay un taco puesto?</translation>
    </message>
    <message>
        <source>Is a new %1 on?</source>
        <translation>¿Hay una %1 nueva puesta?</translation>
    </message>
    <message>
        <source>Was that entered twice?</source>
        <translation>¿Se anotó dos veces?</translation>
    </message>
    <message>
        <source>Is the time of that entry wrong?</source>
        <translation>¿Está mal la hora de esa anotación?</translation>
    </message>
    <message>
        <source>The plate does not move although the strings do. Look behind it and under its rear.</source>
        <translation>La placa no se mueve aunque las cuerdas sí. Mirar detrás de ella y bajo su borde trasero.</translation>
    </message>
    <message>
        <source>It was entered as off.</source>
        <translation>Está anotada como fuera.</translation>
    </message>
    <message>
        <source>The entry before says the same.</source>
        <translation>La anotación anterior dice lo mismo.</translation>
    </message>
    <message>
        <source>It is earlier than the entry before it.</source>
        <translation>Es anterior a la anotación que la precede.</translation>
    </message>
    <message>
        <source>The readings do not fit what was entered. Count the springs and see what they hook on; look for a block, a caught arm, a string that is off, a plate on its stop.</source>
        <translation>Las lecturas no encajan con lo anotado. Contar los muelles y ver a qué se enganchan; buscar un taco, una palanca atascada, una cuerda fuera, una placa en su tope.</translation>
    </message>
    <message>
        <source>The readings do not fit what was entered. Look at the spring, the arm, the loose bridge, and for a string that is off.</source>
        <translation>Las lecturas no encajan con lo anotado. Mirar el muelle, la palanca, el puente suelto y si falta una cuerda.</translation>
    </message>
    <message>
        <source>The readings since then say so.</source>
        <translation>Lo dicen las lecturas desde entonces.</translation>
    </message>
    <message>
        <source>Space: yes, N: no</source>
        <translation>Espacio: sí, N: no</translation>
    </message>
    <message>
        <source>String is on  (Space)</source>
        <translation>La cuerda está puesta  (Espacio)</translation>
    </message>
    <message>
        <source>Go on without it  (N)</source>
        <translation>Seguir sin ella  (N)</translation>
    </message>
    <message>
        <source>Yes, loosen  (Space)</source>
        <translation>Sí, aflojar  (Espacio)</translation>
    </message>
    <message>
        <source>No, tighten  (N)</source>
        <translation>No, apretar  (N)</translation>
    </message>
    <message>
        <source>Yes, tighten  (Space)</source>
        <translation>Sí, apretar  (Espacio)</translation>
    </message>
    <message>
        <source>No, loosen  (N)</source>
        <translation>No, aflojar  (N)</translation>
    </message>
    <message>
        <source>Yes  (Space)</source>
        <translation>Sí  (Espacio)</translation>
    </message>
    <message>
        <source>No, as entered  (N)</source>
        <translation>No, como se anotó  (N)</translation>
    </message>
    <message>
        <source>%1 rose by %2 cents by itself. A knock at its peg?</source>
        <translation>%1 subió %2 cents por sí sola. ¿Un golpe en su clavija?</translation>
    </message>
    <message>
        <source>%1 rose by %2 cents after %3. A knock at its peg?</source>
        <translation>%1 subió %2 cents después de las %3. ¿Un golpe en su clavija?</translation>
    </message>
    <message>
        <source>%1 slipped by %2 cents. At its string post or clamp?</source>
        <translation>%1 se deslizó %2 cents. ¿En su poste o en su mordaza?</translation>
    </message>
    <message>
        <source>%1 slipped by %2 cents after %3. At its string post or clamp?</source>
        <translation>%1 se deslizó %2 cents después de las %3. ¿En su poste o en su mordaza?</translation>
    </message>
    <message>
        <source>All strings are flatter than before the break: the guitar is warmer.</source>
        <translation>Todas las cuerdas están más bajas que antes de la pausa: la guitarra está más caliente.</translation>
    </message>
    <message>
        <source>All strings are sharper than before the break: the guitar is colder.</source>
        <translation>Todas las cuerdas están más altas que antes de la pausa: la guitarra está más fría.</translation>
    </message>
    <message>
        <source>%1 had moved by itself, by %2</source>
        <translation>%1 se había movido sola, %2</translation>
    </message>
</context>
<context>
    <name>Quote</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
</context>
<context>
    <name>Range</name>
    <message>
        <source>a string gauge in millimetres; thousandths of an inch need converting, 10 is 0.254 mm</source>
        <translation>un pie de rey de cuerda en milímetros; las milésimas de pulgada hay que convertirlas, 10 son 0,254 mm</translation>
    </message>
    <message>
        <source>the core wire of a wound string in millimetres, thinner than the gauge</source>
        <translation>el alma de una cuerda entorchada en milímetros, más fina que la cuerda</translation>
    </message>
    <message>
        <source>kilograms per metre; strings weigh 0.0002 to 0.03</source>
        <translation>kilogramos por metro; las cuerdas pesan de 0,0002 a 0,03</translation>
    </message>
    <message>
        <source>newtons of pull per unit strain</source>
        <translation>newtons de tracción por unidad de alargamiento</translation>
    </message>
    <message>
        <source>kilograms per cubic metre; steel is about 7850</source>
        <translation>kilogramos por metro cúbico; el acero ronda 7850</translation>
    </message>
    <message>
        <source>a speaking length in millimetres, from small travel guitars to long basses</source>
        <translation>una longitud vibrante en milímetros, de guitarras de viaje a bajos largos</translation>
    </message>
    <message>
        <source>a place in millimetres from the pivot</source>
        <translation>un lugar en milímetros desde el pivote</translation>
    </message>
    <message>
        <source>a length of string in millimetres</source>
        <translation>una longitud de cuerda en milímetros</translation>
    </message>
    <message>
        <source>a string&apos;s pitch in hertz</source>
        <translation>el tono de una cuerda en hercios</translation>
    </message>
    <message>
        <source>a spring rate in newtons per millimetre</source>
        <translation>la dureza de un muelle en newtons por milímetro</translation>
    </message>
    <message>
        <source>the initial tension of a spring in newtons</source>
        <translation>la tensión inicial de un muelle en newtons</translation>
    </message>
    <message>
        <source>a spring&apos;s free length in millimetres</source>
        <translation>la longitud libre de un muelle en milímetros</translation>
    </message>
    <message>
        <source>the height of the spring&apos;s seat in millimetres</source>
        <translation>la altura del asiento del muelle en milímetros</translation>
    </message>
    <message>
        <source>the spring&apos;s lever in millimetres</source>
        <translation>el brazo del muelle en milímetros</translation>
    </message>
    <message>
        <source>a place across the claw, 0 at the bass screw and 1 at the treble screw</source>
        <translation>un lugar a lo ancho de la garra, 0 en el tornillo del lado grave y 1 en el agudo</translation>
    </message>
    <message>
        <source>the claw&apos;s travel for one turn of its screws in millimetres</source>
        <translation>el avance de la garra por vuelta de sus tornillos en milímetros</translation>
    </message>
    <message>
        <source>turns of the claw screws</source>
        <translation>vueltas de los tornillos de la garra</translation>
    </message>
    <message>
        <source>the bridge&apos;s mass in kilograms</source>
        <translation>la masa del puente en kilogramos</translation>
    </message>
    <message>
        <source>the angle of the rear stop in degrees, not above level</source>
        <translation>el ángulo del tope trasero en grados, no por encima del nivel</translation>
    </message>
    <message>
        <source>the angle of the forward stop in degrees, not below level</source>
        <translation>el ángulo del tope delantero en grados, no por debajo del nivel</translation>
    </message>
    <message>
        <source>the distance from the pivot to the plate&apos;s rear edge in millimetres</source>
        <translation>la distancia del pivote al borde trasero de la placa en milímetros</translation>
    </message>
    <message>
        <source>the gap under the plate&apos;s rear edge in millimetres</source>
        <translation>el hueco bajo el borde trasero de la placa en milímetros</translation>
    </message>
    <message>
        <source>the radius of the roller shaft in millimetres</source>
        <translation>el radio del eje rodante en milímetros</translation>
    </message>
    <message>
        <source>a length of the arm in millimetres</source>
        <translation>una longitud de la palanca en milímetros</translation>
    </message>
    <message>
        <source>a bridge angle in degrees</source>
        <translation>un ángulo del puente en grados</translation>
    </message>
    <message>
        <source>how sure a heard pitch is, in cents</source>
        <translation>lo seguro que es un tono oído, en cents</translation>
    </message>
    <message>
        <source>how sure an angle is, in degrees</source>
        <translation>lo seguro que es un ángulo, en grados</translation>
    </message>
    <message>
        <source>a tolerance in degrees</source>
        <translation>una tolerancia en grados</translation>
    </message>
    <message>
        <source>a tolerance in cents</source>
        <translation>una tolerancia en cents</translation>
    </message>
    <message>
        <source>cents from the string&apos;s target</source>
        <translation>cents desde el objetivo de la cuerda</translation>
    </message>
    <message>
        <source>turns made at one go</source>
        <translation>vueltas dadas de una vez</translation>
    </message>
    <message>
        <source>a steady tone in hertz that is known to a hundredth of a cent</source>
        <translation>un tono fijo en hercios conocido a una centésima de cent</translation>
    </message>
    <message>
        <source>what a sound card&apos;s clock may be off by in cents</source>
        <translation>lo que puede desviarse el reloj de una tarjeta de sonido en cents</translation>
    </message>
    <message>
        <source>pieces that were counted</source>
        <translation>piezas que se contaron</translation>
    </message>
    <message>
        <source>pieces that there should be</source>
        <translation>piezas que debería haber</translation>
    </message>
    <message>
        <source>a sum in whole hundredths of the shop&apos;s money</source>
        <translation>una suma en centésimas enteras de la moneda del taller</translation>
    </message>
    <message>
        <source>hours of playing in a week</source>
        <translation>horas tocadas por semana</translation>
    </message>
    <message>
        <source>gigs in a week</source>
        <translation>conciertos por semana</translation>
    </message>
    <message>
        <source>months between two sets; 0 as the shop does</source>
        <translation>meses entre dos juegos; 0 como hace el taller</translation>
    </message>
    <message>
        <source>the pitch of A4 in hertz</source>
        <translation>el tono de A4 en hercios</translation>
    </message>
    <message>
        <source>how many springs there are</source>
        <translation>cuántos muelles hay</translation>
    </message>
    <message>
        <source>how far the bridge posts go, in millimetres</source>
        <translation>hasta dónde van los postes, en milímetros</translation>
    </message>
    <message>
        <source>a guess, in turns or cents</source>
        <translation>una estimación, en vueltas o cents</translation>
    </message>
    <message>
        <source>a rung of the ladder, from the easiest</source>
        <translation>un peldaño de la escalera, desde el más fácil</translation>
    </message>
    <message>
        <source>passes that a good hand needs</source>
        <translation>pasadas que necesita una buena mano</translation>
    </message>
    <message>
        <source>visits to the claw that a good hand needs</source>
        <translation>visitas a la garra que necesita una buena mano</translation>
    </message>
    <message>
        <source>minutes that a good hand needs</source>
        <translation>minutos que necesita una buena mano</translation>
    </message>
    <message>
        <source>a whole number</source>
        <translation>un número entero</translation>
    </message>
    <message>
        <source>how far below pitch new strings are before the first pass</source>
        <translation>cuánto por debajo del tono están las cuerdas nuevas antes de la primera pasada</translation>
    </message>
    <message>
        <source>what one pull lets go against a gentle one</source>
        <translation>lo que suelta un estirón frente a uno suave</translation>
    </message>
    <message>
        <source>how sharp the first string is set by feel</source>
        <translation>cuánto se sube la primera cuerda a tacto</translation>
    </message>
    <message>
        <source>the moment that presses a decked plate onto its stop</source>
        <translation>el momento que aprieta una placa apoyada contra su tope</translation>
    </message>
    <message>
        <source>the moment a stabiliser holds before it gives way</source>
        <translation>el momento que retiene un estabilizador antes de ceder</translation>
    </message>
    <message>
        <source>newton metres per radian beyond what a stabiliser holds</source>
        <translation>newton metros por radián más allá de lo que retiene un estabilizador</translation>
    </message>
    <message>
        <source>a coefficient of friction; dry steel on bone is about 0.15</source>
        <translation>un coeficiente de fricción; acero seco sobre hueso ronda 0,15</translation>
    </message>
    <message>
        <source>the moment the pivot&apos;s friction can hold in newton metres</source>
        <translation>el momento que puede retener la fricción del pivote en newton metros</translation>
    </message>
    <message>
        <source>the neck&apos;s elevation above the horizontal in degrees</source>
        <translation>la elevación del mástil sobre la horizontal en grados</translation>
    </message>
    <message>
        <source>the wire one turn of a fine tuner takes in, in millimetres</source>
        <translation>el alambre que recoge una vuelta de microafinador, en milímetros</translation>
    </message>
    <message>
        <source>turns of a fine tuner</source>
        <translation>vueltas de un microafinador</translation>
    </message>
    <message>
        <source>a height in millimetres</source>
        <translation>una altura en milímetros</translation>
    </message>
    <message>
        <source>a distance in millimetres</source>
        <translation>una distancia en milímetros</translation>
    </message>
    <message>
        <source>a break angle in degrees</source>
        <translation>un ángulo de quiebre en grados</translation>
    </message>
    <message>
        <source>a learned offset in prior deviations</source>
        <translation>una desviación aprendida en desviaciones de lo supuesto</translation>
    </message>
    <message>
        <source>how sure something learned is, in prior deviations</source>
        <translation>lo seguro que es algo aprendido, en desviaciones de lo supuesto</translation>
    </message>
    <message>
        <source>how sure the tuner is, in cents; most show whole cents</source>
        <translation>lo seguro que es el afinador, en cents; la mayoría muestra cents enteros</translation>
    </message>
    <message>
        <source>how sure the gap is measured, in millimetres; a ruler is good to 0.15</source>
        <translation>lo seguro que se mide el hueco, en milímetros; una regla vale para 0,15</translation>
    </message>
    <message>
        <source>how sure the plate&apos;s angle is read, in degrees; the eye is good to 0.3</source>
        <translation>lo seguro que se lee el ángulo de la placa, en grados; el ojo vale para 0,3</translation>
    </message>
    <message>
        <source>how near to its aim a string is left, in cents</source>
        <translation>a qué distancia de su objetivo se deja una cuerda, en cents</translation>
    </message>
    <message>
        <source>action over the 12th fret</source>
        <translation>acción sobre el traste 12</translation>
    </message>
    <message>
        <source>cents between the open octave and fret 12</source>
        <translation>cents entre la octava al aire y el traste 12</translation>
    </message>
    <message>
        <source>a bridge post&apos;s rise for one turn in millimetres</source>
        <translation>lo que sube un poste por vuelta en milímetros</translation>
    </message>
    <message>
        <source>degrees, forward is positive</source>
        <translation>grados, hacia delante es positivo</translation>
    </message>
    <message>
        <source>the minutes a step usually takes</source>
        <translation>los minutos que suele llevar un paso</translation>
    </message>
    <message>
        <source>a covariance in squared deviations</source>
        <translation>una covarianza en desviaciones al cuadrado</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>the version of the format</source>
        <translation>la versión del formato</translation>
    </message>
    <message>
        <source>degrees from parallel, forward is positive</source>
        <translation>grados desde la paralela, hacia delante es positivo</translation>
    </message>
    <message>
        <source>guitars that something was learned from</source>
        <translation>guitarras de las que se aprendió algo</translation>
    </message>
    <message>
        <source>by how much a bridge post was turned, in mm</source>
        <translation>cuánto se giró un poste del puente, en mm</translation>
    </message>
    <message>
        <source>by how much a saddle was moved, in mm</source>
        <translation>cuánto se movió una silleta, en mm</translation>
    </message>
    <message>
        <source>the relief of a neck in millimetres; a minus sign: it bends back</source>
        <translation>la curvatura del mástil en milímetros; con signo menos: curvado hacia atrás</translation>
    </message>
    <message>
        <source>a string, counted from the thickest</source>
        <translation>una cuerda, contada desde la más gruesa</translation>
    </message>
    <message>
        <source>the diameter of a string post in millimetres</source>
        <translation>el diámetro de un poste de clavija en milímetros</translation>
    </message>
    <message>
        <source>from one string post to the next in millimetres</source>
        <translation>de un poste de clavija al siguiente en milímetros</translation>
    </message>
    <message>
        <source>the wire in a saddle&apos;s clamp in millimetres</source>
        <translation>el alambre en la mordaza de una silleta en milímetros</translation>
    </message>
    <message>
        <source>from the nut to the string tree in millimetres</source>
        <translation>de la cejuela a la guía de cuerdas en milímetros</translation>
    </message>
    <message>
        <source>by how much a string tree holds its strings down in millimetres</source>
        <translation>cuánto baja una guía sus cuerdas, en milímetros</translation>
    </message>
    <message>
        <source>what a luggage scale shows, in newtons</source>
        <translation>lo que marca una báscula de equipaje, en newtons</translation>
    </message>
    <message>
        <source>from the wall of the cavity to the claw in millimetres</source>
        <translation>de la pared de la cavidad a la garra en milímetros</translation>
    </message>
    <message>
        <source>the temperature of a room in degrees Celsius</source>
        <translation>la temperatura de una sala en grados Celsius</translation>
    </message>
    <message>
        <source>the relative humidity of a room in percent</source>
        <translation>la humedad relativa de una sala en tanto por ciento</translation>
    </message>
</context>
<context>
    <name>RigFields</name>
    <message>
        <source>rear gap at level</source>
        <translation>separación trasera a nivel</translation>
    </message>
    <message>
        <source>pivot to rear edge</source>
        <translation>pivote a borde trasero</translation>
    </message>
    <message>
        <source>shaft radius</source>
        <translation>radio del eje</translation>
    </message>
    <message>
        <source>shaft to arm&apos;s tip</source>
        <translation>eje a punta de palanca</translation>
    </message>
    <message>
        <source>tip height at level</source>
        <translation>altura de la punta a nivel</translation>
    </message>
    <message>
        <source>rear stop</source>
        <translation>tope trasero</translation>
    </message>
    <message>
        <source>forward stop</source>
        <translation>tope delantero</translation>
    </message>
    <message>
        <source>bridge mass</source>
        <translation>masa del puente</translation>
    </message>
    <message>
        <source>stabiliser holds</source>
        <translation>el estabilizador retiene</translation>
    </message>
    <message>
        <source>travel per turn</source>
        <translation>avance por vuelta</translation>
    </message>
    <message>
        <source>bass screw now</source>
        <translation>tornillo del lado grave ahora</translation>
    </message>
    <message>
        <source>treble screw now</source>
        <translation>tornillo del lado agudo ahora</translation>
    </message>
    <message>
        <source>loosest it goes</source>
        <translation>lo más flojo que llega</translation>
    </message>
    <message>
        <source>tightest it goes</source>
        <translation>lo más apretado que llega</translation>
    </message>
    <message>
        <source>plate angle wanted</source>
        <translation>ángulo querido de la placa</translation>
    </message>
    <message>
        <source>plate tolerance</source>
        <translation>tolerancia de la placa</translation>
    </message>
    <message>
        <source>pressed down with</source>
        <translation>apretada con</translation>
    </message>
    <message>
        <source>pitch tolerance</source>
        <translation>tolerancia de tono</translation>
    </message>
    <message>
        <source>rate</source>
        <translation>dureza</translation>
    </message>
    <message>
        <source>initial tension</source>
        <translation>tensión inicial</translation>
    </message>
    <message>
        <source>free length</source>
        <translation>longitud libre</translation>
    </message>
    <message>
        <source>height at level</source>
        <translation>altura a nivel</translation>
    </message>
    <message>
        <source>lever</source>
        <translation>brazo</translation>
    </message>
    <message>
        <source>slant</source>
        <translation>inclinación</translation>
    </message>
    <message>
        <source>scale</source>
        <translation>escala</translation>
    </message>
    <message>
        <source>saddle height</source>
        <translation>altura de la silleta</translation>
    </message>
    <message>
        <source>nut to string post</source>
        <translation>cejuela a eje</translation>
    </message>
    <message>
        <source>behind saddle</source>
        <translation>detrás de la silleta</translation>
    </message>
    <message>
        <source>break at nut</source>
        <translation>quiebre en la cejuela</translation>
    </message>
    <message>
        <source>fine tuner a turn</source>
        <translation>microafinador por vuelta</translation>
    </message>
    <message>
        <source>fine tuner, turns screwed in</source>
        <translation>microafinador, vueltas enroscadas</translation>
    </message>
    <message>
        <source>across, 0 bass to 1 treble</source>
        <translation>a lo ancho, 0 grave a 1 agudo</translation>
    </message>
    <message>
        <source>pivot to hook, along</source>
        <translation>del eje al gancho, a lo largo</translation>
    </message>
    <message>
        <source>hook, below is minus</source>
        <translation>gancho, debajo es menos</translation>
    </message>
    <message>
        <source>pivot to claw, along</source>
        <translation>del eje a la garra, a lo largo</translation>
    </message>
    <message>
        <source>claw, below is minus</source>
        <translation>garra, debajo es menos</translation>
    </message>
    <message>
        <source>pivot to saddle, along</source>
        <translation>del eje a la silleta, a lo largo</translation>
    </message>
    <message>
        <source>above the nut&apos;s floor</source>
        <translation>sobre el fondo de la cejuela</translation>
    </message>
    <message>
        <source>nut to what holds it up</source>
        <translation>de la cejuela a lo que la levanta</translation>
    </message>
    <message>
        <source>fine tuner, turns in all</source>
        <translation>microafinador, vueltas en total</translation>
    </message>
</context>
<context>
    <name>Season</name>
    <message>
        <source>No guitar was strung or is due in these weeks.</source>
        <translation>Ninguna guitarra se encordó ni toca en estas semanas.</translation>
    </message>
    <message>
        <source>Weeks across, guitars down. %1</source>
        <translation>Semanas a lo ancho, guitarras hacia abajo. %1</translation>
    </message>
    <message>
        <source>today</source>
        <translation>hoy</translation>
    </message>
    <message>
        <source>strung %1</source>
        <translation>encordada %1</translation>
    </message>
    <message>
        <source>overdue since %1</source>
        <translation>atrasada desde %1</translation>
    </message>
    <message>
        <source>due %1</source>
        <translation>toca %1</translation>
    </message>
    <message>
        <source>strung</source>
        <translation>encordada</translation>
    </message>
    <message>
        <source>due, by wear or months</source>
        <translation>toca, por uso o por meses</translation>
    </message>
</context>
<context>
    <name>Section</name>
    <message>
        <source>One of six screws the plate tips on</source>
        <translation>Uno de los seis tornillos sobre los que bascula la placa</translation>
    </message>
    <message>
        <source>Bridge post with the knife edge</source>
        <translation>Poste con el filo</translation>
    </message>
    <message>
        <source>String %1 pulls %2</source>
        <translation>La cuerda %1 tira %2</translation>
    </message>
    <message>
        <source>String %1 is slack or off</source>
        <translation>La cuerda %1 está floja o quitada</translation>
    </message>
    <message>
        <source>Claw screws: %1 turns from where they stood</source>
        <translation>Tornillos de la garra: %1 vueltas desde donde estaban</translation>
    </message>
    <message>
        <source>Spring %1 pulls %2</source>
        <translation>El muelle %1 tira %2</translation>
    </message>
    <message>
        <source>Spring %1 is loose and may unhook</source>
        <translation>El muelle %1 está suelto y puede desengancharse</translation>
    </message>
    <message>
        <source>Where the plate is to be</source>
        <translation>Donde debe estar la placa</translation>
    </message>
    <message>
        <source>Base plate at %1</source>
        <translation>Placa base en %1</translation>
    </message>
    <message>
        <source>Tuners at the bridge</source>
        <translation>Afinadores en el puente</translation>
    </message>
    <message>
        <source>Block in: the plate is held at %1</source>
        <translation>Taco dentro: la placa se sujeta en %1</translation>
    </message>
    <message>
        <source>balanced</source>
        <translation>en equilibrio</translation>
    </message>
    <message>
        <source>strings ahead</source>
        <translation>ganan las cuerdas</translation>
    </message>
    <message>
        <source>springs ahead</source>
        <translation>ganan los muelles</translation>
    </message>
    <message>
        <source>Strings pull forward with %1, springs back with %2</source>
        <translation>Las cuerdas tiran hacia delante con %1, los muelles hacia atrás con %2</translation>
    </message>
    <message>
        <source>Plate %1, wanted %2</source>
        <translation>Placa %1, meta %2</translation>
    </message>
    <message>
        <source>sunk %1°</source>
        <translation>hundida %1°</translation>
    </message>
    <message>
        <source>forward %1°</source>
        <translation>adelantada %1°</translation>
    </message>
    <message>
        <source>%1, measured</source>
        <translation>%1, medido</translation>
    </message>
    <message>
        <source>%1, calculated</source>
        <translation>%1, calculado</translation>
    </message>
    <message>
        <source>Side section of the bridge. The plate is at %1, gap %2. Strings pull forward with %3, springs back with %4.</source>
        <translation>Corte lateral del puente. La placa está en %1, hueco %2. Las cuerdas tiran hacia delante con %3, los muelles hacia atrás con %4.</translation>
    </message>
    <message>
        <source>Spring %1 pushes %2</source>
        <translation>El muelle %1 empuja %2</translation>
    </message>
    <message>
        <source>Spring %1 is loose and may fall out</source>
        <translation>El muelle %1 está suelto y puede caerse</translation>
    </message>
    <message>
        <source>Arm at %1</source>
        <translation>Palanca en %1</translation>
    </message>
    <message>
        <source>spring pushes up %1</source>
        <translation>el muelle empuja arriba %1</translation>
    </message>
    <message>
        <source>strings pull down %1</source>
        <translation>las cuerdas tiran abajo %1</translation>
    </message>
    <message>
        <source>arm %1, tip %2 above the top, calculated</source>
        <translation>palanca %1, punta %2 sobre la tapa, calculado</translation>
    </message>
    <message>
        <source>Side section of the roller shaft. The arm is at %1, its tip %2 above the top.</source>
        <translation>Corte lateral del eje rodante. La palanca está en %1, su punta %2 sobre la tapa.</translation>
    </message>
    <message>
        <source>Shaft, radius %1</source>
        <translation>Eje, radio %1</translation>
    </message>
    <message>
        <source>fixed bridge: no string moves another, tune each to pitch</source>
        <translation>puente fijo: ninguna cuerda mueve a otra, afinar cada una a su tono</translation>
    </message>
    <message>
        <source>Side section of a fixed bridge. Nothing moves when a string is tuned.</source>
        <translation>Corte lateral de un puente fijo. Nada se mueve al afinar una cuerda.</translation>
    </message>
    <message>
        <source>%1, gap %2</source>
        <translation>%1, separación %2</translation>
    </message>
    <message>
        <source>arm %1, tip %2</source>
        <translation>palanca %1, punta %2</translation>
    </message>
</context>
<context>
    <name>SectionLabels</name>
    <message>
        <source>plate</source>
        <translation>placa</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>silleta</translation>
    </message>
    <message>
        <source>strings</source>
        <translation>cuerdas</translation>
    </message>
    <message>
        <source>bridge post</source>
        <translation>poste del puente</translation>
    </message>
    <message>
        <source>sustain block</source>
        <translation>bloque de sustain</translation>
    </message>
    <message>
        <source>springs</source>
        <translation>muelles</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>garra</translation>
    </message>
    <message>
        <source>claw screws</source>
        <translation>tornillos de la garra</translation>
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
        <translation>grabación</translation>
    </message>
</context>
<context>
    <name>SetPicture</name>
    <message>
        <source>String %1: %2, wound</source>
        <translation>Cuerda %1: %2, entorchada</translation>
    </message>
    <message>
        <source>String %1: %2, plain</source>
        <translation>Cuerda %1: %2, lisa</translation>
    </message>
    <message>
        <source>Strings %1 and %2 are easily swapped</source>
        <translation>Las cuerdas %1 y %2 se confunden fácilmente</translation>
    </message>
    <message>
        <source>bracket: easily swapped, measure these two</source>
        <translation>llave: se confunden fácilmente, medir estas dos</translation>
    </message>
    <message>
        <source>thickest at the top</source>
        <translation>la más gruesa arriba</translation>
    </message>
    <message>
        <source>The set in order. %1</source>
        <translation>El juego en orden. %1</translation>
    </message>
    <message>
        <source>cut here</source>
        <translation>corta aquí</translation>
    </message>
    <message>
        <source>ball and twist</source>
        <translation>bola y trenzado</translation>
    </message>
    <message>
        <source>plain, straight string goes into the saddle</source>
        <translation>cuerda lisa y recta a la silleta</translation>
    </message>
    <message>
        <source>the ball stays at the headstock; this end goes into the saddle</source>
        <translation>la bola queda en la pala; esta punta va a la silleta</translation>
    </message>
    <message>
        <source>One string: %1. %2</source>
        <translation>Una cuerda: %1. %2</translation>
    </message>
    <message>
        <source>the ball end is cut off, twist and all</source>
        <translation>se corta la bola con su trenzado</translation>
    </message>
    <message>
        <source>the far end is cut to length</source>
        <translation>el otro extremo se corta a medida</translation>
    </message>
</context>
<context>
    <name>Shopping</name>
    <message>
        <source>%1 pulls the same</source>
        <translation>%1 tira igual</translation>
    </message>
    <message>
        <source>%1 pulls %2 % more</source>
        <translation>%1 tira un %2 % más</translation>
    </message>
    <message>
        <source>%1 pulls %2 % less</source>
        <translation>%1 tira un %2 % menos</translation>
    </message>
    <message>
        <source>%1, the claw stays</source>
        <translation>%1, la garra se queda</translation>
    </message>
    <message>
        <source>%1, claw %2 tighter</source>
        <translation>%1, garra %2 más apretada</translation>
    </message>
    <message>
        <source>%1, claw %2 looser</source>
        <translation>%1, garra %2 más floja</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>  (jobs in hand need %1, %2 there)</source>
        <translation>  (los trabajos en curso necesitan %1, hay %2)</translation>
    </message>
    <message>
        <source>meanwhile: %1</source>
        <translation>mientras tanto: %1</translation>
    </message>
</context>
<context>
    <name>StepDiagram</name>
    <message>
        <source>on the inner side of each string post, every wrap below the one before</source>
        <translation>por el lado interior de cada eje, cada espira debajo de la anterior</translation>
    </message>
    <message>
        <source>Headstock from above: each string runs to the inner side of its string post and winds downwards.</source>
        <translation>La pala desde arriba: cada cuerda va al lado interior de su eje y se enrolla hacia abajo.</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>cejuela</translation>
    </message>
    <message>
        <source>bar over all strings; the outer ones pass outside its screws</source>
        <translation>barra sobre todas las cuerdas; las exteriores pasan por fuera de sus tornillos</translation>
    </message>
    <message>
        <source>Nut and retainer bar from above: every string under the bar, the outer two outside its screws.</source>
        <translation>Cejuela y barra retenedora desde arriba: cada cuerda bajo la barra, las dos exteriores por fuera de sus tornillos.</translation>
    </message>
    <message>
        <source>each cap back in its place, ridge along the strings</source>
        <translation>cada pletina en su sitio, nervio a lo largo de las cuerdas</translation>
    </message>
    <message>
        <source>Locking nut from above: %1 caps in order, the ridge of each along the strings.</source>
        <translation>Cejuela de bloqueo desde arriba: %1 pletinas en orden, el nervio de cada una a lo largo de las cuerdas.</translation>
    </message>
    <message>
        <source>string, straight and centred</source>
        <translation>cuerda recta y centrada</translation>
    </message>
    <message>
        <source>down to the bottom, 2 to 2.5 mm</source>
        <translation>hasta el fondo, 2 a 2,5 mm</translation>
    </message>
    <message>
        <source>insert</source>
        <translation>inserto</translation>
    </message>
    <message>
        <source>until it stops, then slightly more</source>
        <translation>hasta el tope, luego un poco más</translation>
    </message>
    <message>
        <source>Locking saddle from the side: the insert squeezes the string, which goes down to the bottom.</source>
        <translation>Silleta de bloqueo de lado: el inserto aprieta la cuerda, que llega hasta el fondo.</translation>
    </message>
    <message>
        <source>1 clamps the string · 2 fine tuner · 3 holds the saddle · 4 bridge post, for the height</source>
        <translation>1 muerde la cuerda · 2 microafinador · 3 sujeta la silleta · 4 poste, para la altura</translation>
    </message>
    <message>
        <source>Bridge from above: behind each saddle its clamp screw and fine tuner, before it the screw that holds it; a bridge post at each end.</source>
        <translation>El puente desde arriba: detrás de cada silleta su tornillo de mordaza y su microafinador, delante el tornillo que la sujeta; un poste en cada extremo.</translation>
    </message>
    <message>
        <source>bass screw</source>
        <translation>tornillo del lado grave</translation>
    </message>
    <message>
        <source>treble screw</source>
        <translation>tornillo del lado agudo</translation>
    </message>
    <message>
        <source>keep the claw parallel to the wall; right turns pull the plate down</source>
        <translation>mantén la garra paralela a la pared; girar a la derecha baja la placa</translation>
    </message>
    <message>
        <source>Cavity from behind: claw on two screws, %1 springs to the block, the claw parallel to the wall.</source>
        <translation>El hueco desde atrás: garra con dos tornillos, %1 muelles al bloque, la garra paralela a la pared.</translation>
    </message>
</context>
<context>
    <name>StepFigures</name>
    <message>
        <source>%1 string post spacings past its own</source>
        <translation>%1 separaciones más allá de su eje</translation>
    </message>
    <message>
        <source>a bow of %1 over the middle of the fretboard</source>
        <translation>un arco de %1 sobre el centro del diapasón</translation>
    </message>
    <message>
        <source>%1 frets back at the nut</source>
        <translation>%1 trastes atrás en la cejuela</translation>
    </message>
    <message>
        <source>No slack: the bridge tuner takes up the string.</source>
        <translation>Sin holgura: la clavija del puente recoge la cuerda.</translation>
    </message>
    <message>
        <source>Wound: %1 = %2 of slack, %3 wraps</source>
        <translation>Entorchada: %1 = %2 de holgura, %3 espiras</translation>
    </message>
    <message>
        <source>Plain: %1 = %2 of slack, %3 wraps</source>
        <translation>Lisa: %1 = %2 de holgura, %3 espiras</translation>
    </message>
    <message>
        <source>Block under the rear edge: %1.</source>
        <translation>Taco bajo el borde trasero: %1.</translation>
    </message>
    <message>
        <source>Strings at pitch under it jump up to %1 cents when it comes out.</source>
        <translation>Las cuerdas afinadas sobre él saltan hasta %1 cents al salir.</translation>
    </message>
    <message>
        <source>Neutral: nothing jumps when it comes out.</source>
        <translation>Neutro: nada salta al salir.</translation>
    </message>
    <message>
        <source>Preset: %1 of %2 turns screwed in (range assumed unless the card says).</source>
        <translation>Ajuste previo: %1 de %2 vueltas dentro (recorrido supuesto si la ficha no lo dice).</translation>
    </message>
    <message>
        <source>Leave %1 and bend it in.</source>
        <translation>Dejar %1 y doblarlo.</translation>
    </message>
    <message>
        <source>Leave %1.</source>
        <translation>Dejar %1.</translation>
    </message>
    <message>
        <source>%1 settled</source>
        <translation>%1 asentada</translation>
    </message>
    <message>
        <source>%1: %2 pulls</source>
        <translation>%1: %2 estirones</translation>
    </message>
    <message>
        <source>Ready: level, in tune, settled.</source>
        <translation>Lista: nivelada, afinada, asentada.</translation>
    </message>
    <message>
        <source>Missing: %1.</source>
        <translation>Falta: %1.</translation>
    </message>
    <message>
        <source>See for yourself: strings on the nut&apos;s floor, caps in their order, ridge along the strings.</source>
        <translation>Míralo tú: cuerdas en el fondo de la cejuela, pletinas en su orden, nervio a lo largo de las cuerdas.</translation>
    </message>
    <message>
        <source>%1: up %2, down %3 ¢</source>
        <translation>%1: arriba %2, abajo %3 ¢</translation>
    </message>
    <message>
        <source>A fine tuner at its end: unlock, tune at the pegs, preset, lock again.</source>
        <translation>Un microafinador en su final: desbloquear, afinar en las clavijas, ajuste previo, bloquear otra vez.</translation>
    </message>
    <message>
        <source>Travel left on the fine tuners: %1.</source>
        <translation>Recorrido que queda en los microafinadores: %1.</translation>
    </message>
    <message>
        <source>A bridge post raised by %1 raises the action at fret 12 by %2.</source>
        <translation>Un poste subido %1 sube la altura de cuerdas en el traste 12 en %2.</translation>
    </message>
    <message>
        <source>Fretted sharp by 1 cent: saddle back by %1; flat: forward by as much.</source>
        <translation>Pisada alta 1 cent: silleta atrás %1; baja: lo mismo adelante.</translation>
    </message>
    <message>
        <source>The fine tuners would lack %1 for locking, settling and %2 ¢ of wear: preset them anew and tune at the pegs before the caps close.</source>
        <translation>A los microafinadores les faltarían %1 para el bloqueo, el asentado y %2 ¢ de desgaste: ajustarlos de nuevo y afinar con las clavijas antes de cerrar las pletinas.</translation>
    </message>
    <message>
        <source>The fine tuners cover locking, settling and %1 ¢ of wear, with %2 ¢ to spare at least.</source>
        <translation>Los microafinadores cubren el bloqueo, el asentado y %1 ¢ de desgaste; sobran al menos %2 ¢.</translation>
    </message>
    <message>
        <source>It rests on its stop: it only dives.</source>
        <translation>Descansa en su tope: solo baja.</translation>
    </message>
    <message>
        <source>Pulled up to its stop, %1° on, string %2 rises by %3 half steps, string %4 by %5 (calculated).</source>
        <translation>Subida hasta su tope, %1° más, la cuerda %2 sube %3 semitonos y la %4 sube %5 (calculado).</translation>
    </message>
    <message>
        <source>Last time locking moved: %1. The aims allow for it, but for more than %2 ¢: there a string slipped.</source>
        <translation>La última vez el bloqueo movió: %1. Los objetivos lo tienen en cuenta, salvo más de %2 ¢: ahí se deslizó una cuerda.</translation>
    </message>
    <message>
        <source>Each string has its own length, from the ball along the string to the cut.</source>
        <translation>Cada cuerda tiene su propia longitud, desde la bola a lo largo de la cuerda hasta el corte.</translation>
    </message>
    <message>
        <source>From nut to string post as measured; %1 in the clamp is assumed, %2 is to spare.</source>
        <translation>De la cejuela al poste, lo medido; %1 en la mordaza se supone, %2 queda de sobra.</translation>
    </message>
    <message>
        <source>From nut to string post as most guitars have it, %1 in the clamp is assumed, %2 is to spare. Hold one string to its string post before the first cut.</source>
        <translation>De la cejuela al poste como en la mayoría de las guitarras, %1 en la mordaza se supone, %2 queda de sobra. Antes del primer corte, acercar una cuerda a su poste.</translation>
    </message>
    <message>
        <source>%1 past the string post</source>
        <translation>%1 más allá del poste de clavija</translation>
    </message>
    <message>
        <source>Flush at the string post.</source>
        <translation>Al ras del poste de clavija.</translation>
    </message>
    <message>
        <source>It rests on the body. Now: %1.</source>
        <translation>Descansa sobre el cuerpo. Ahora: %1.</translation>
    </message>
    <message>
        <source>When level, the rear gap is %1. Now: %2.</source>
        <translation>A nivel, la separación trasera es %1. Ahora: %2.</translation>
    </message>
    <message>
        <source>A bridge tuner at its end: unwind it, draw the string through its clamp, clamp again.</source>
        <translation>Una clavija del puente al final: desenroscarla, tirar de la cuerda por su mordaza y cerrarla de nuevo.</translation>
    </message>
    <message>
        <source>Travel left on the bridge tuners: %1.</source>
        <translation>Recorrido que queda en las clavijas del puente: %1.</translation>
    </message>
    <message>
        <source>Beyond the travel that is left: %1.</source>
        <translation>Más allá del recorrido que queda: %1.</translation>
    </message>
    <message>
        <source>On its back, leave each string at: %1 (calculated).</source>
        <translation>Tumbada, dejar cada cuerda en: %1 (calculado).</translation>
    </message>
    <message>
        <source>In playing position, pitch changes by: %1 (calculated).</source>
        <translation>En posición de tocar, la afinación cambia en: %1 (calculado).</translation>
    </message>
    <message>
        <source>When level, the gap under the rear edge is %1.</source>
        <translation>A nivel, la separación bajo el borde trasero es %1.</translation>
    </message>
    <message>
        <source>The arm is not used: resting on the body, the other strings stay in tune when one breaks. Choose it at the plan under Bridge.</source>
        <translation>La palanca no se usa: descansando sobre el cuerpo, las demás cuerdas siguen afinadas si una se rompe. Elegirlo en el plan, en Puente.</translation>
    </message>
    <message>
        <source>The arm is used: on the body it only dives; floating it moves both ways. Choose it at the plan under Bridge.</source>
        <translation>La palanca se usa: sobre el cuerpo solo baja; flotando se mueve en ambos sentidos. Elegirlo en el plan, en Puente.</translation>
    </message>
    <message>
        <source>Angles over the nut: %1 (string posts of %2, %3 apart).</source>
        <translation>Ángulos sobre la cejuela: %1 (postes de %2, a %3 entre sí).</translation>
    </message>
    <message>
        <source>Angles over the nut: %1 (string posts of %2, %3 apart, are assumed).</source>
        <translation>Ángulos sobre la cejuela: %1 (se suponen postes de %2, a %3 entre sí).</translation>
    </message>
    <message>
        <source>Strings under the string tree: %1° with it.</source>
        <translation>Cuerdas bajo la guía: %1° con ella.</translation>
    </message>
    <message>
        <source>Strings under the string tree: about %1° with it (assumed).</source>
        <translation>Cuerdas bajo la guía: unos %1° con ella (supuesto).</translation>
    </message>
    <message>
        <source>Wall to claw now: bass side %1, treble side %2.</source>
        <translation>De la pared a la garra ahora: lado grave %1, lado agudo %2.</translation>
    </message>
    <message>
        <source>The claw is crooked: the treble screw is %1 turns further in.</source>
        <translation>La garra está torcida: el tornillo agudo está %1 vueltas más adentro.</translation>
    </message>
    <message>
        <source>The claw is crooked: the bass screw is %1 turns further in.</source>
        <translation>La garra está torcida: el tornillo grave está %1 vueltas más adentro.</translation>
    </message>
    <message>
        <source>%1: arm %2 %, claw %3 turns</source>
        <translation>%1: palanca %2 %, garra %3 vueltas</translation>
    </message>
    <message>
        <source>No other springs at hand make the arm so and still float.</source>
        <translation>Ningún otro muelle deja así la palanca y el puente flotando.</translation>
    </message>
    <message>
        <source>For that arm: %1 (calculated).</source>
        <translation>Para esa palanca: %1 (calculado).</translation>
    </message>
    <message>
        <source>An action is wanted: tick “set the height” to have its step.</source>
        <translation>Se pide una altura de cuerdas: marcar «ajustar la altura» para tener ese paso.</translation>
    </message>
    <message>
        <source>%1 hand widths (of 85 mm) past the string post</source>
        <translation>%1 anchos de mano (de 85 mm) más allá del poste de clavija</translation>
    </message>
</context>
<context>
    <name>StepForms</name>
    <message>
        <source>nut</source>
        <translation>cejuela</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abierta</translation>
    </message>
    <message>
        <source>caps on bolts</source>
        <translation>pletinas con tornillos</translation>
    </message>
    <message>
        <source>a clamp for each string</source>
        <translation>una mordaza por cuerda</translation>
    </message>
    <message>
        <source>pegs</source>
        <translation>clavijas</translation>
    </message>
    <message>
        <source>string through a hole</source>
        <translation>cuerda por un agujero</translation>
    </message>
    <message>
        <source>slotted with a centre hole</source>
        <translation>ranurado con agujero central</translation>
    </message>
    <message>
        <source>locking string posts</source>
        <translation>ejes con bloqueo</translation>
    </message>
    <message>
        <source>at the bridge</source>
        <translation>en el puente</translation>
    </message>
    <message>
        <source>headstock</source>
        <translation>pala</translation>
    </message>
    <message>
        <source>all on one side</source>
        <translation>todas a un lado</translation>
    </message>
    <message>
        <source>split, both sides</source>
        <translation>partida, a ambos lados</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguna</translation>
    </message>
    <message>
        <source>fretboard</source>
        <translation>diapasón</translation>
    </message>
    <message>
        <source>dark, without lacquer</source>
        <translation>oscuro, sin laca</translation>
    </message>
    <message>
        <source>maple</source>
        <translation>arce</translation>
    </message>
    <message>
        <source>other</source>
        <translation>otro</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>zurda</translation>
    </message>
    <message>
        <source>retainer bar behind the nut</source>
        <translation>barra retenedora tras la cejuela</translation>
    </message>
    <message>
        <source>string tree</source>
        <translation>guía de cuerdas en la pala</translation>
    </message>
    <message>
        <source>cavity with a back cover</source>
        <translation>hueco con tapa trasera</translation>
    </message>
    <message>
        <source>owner is reached by</source>
        <translation>se localiza al dueño por</translation>
    </message>
    <message>
        <source>springs are in slots</source>
        <translation>muelles en las ranuras</translation>
    </message>
    <message>
        <source>block that fits it</source>
        <translation>taco que le va</translation>
    </message>
    <message>
        <source>level is told by</source>
        <translation>el nivel se reconoce en</translation>
    </message>
    <message>
        <source>hex key for %1</source>
        <translation>llave hexagonal de %1</translation>
    </message>
    <message>
        <source>photos</source>
        <translation>fotos</translation>
    </message>
    <message>
        <source>More about this guitar</source>
        <translation>Más sobre esta guitarra</translation>
    </message>
    <message>
        <source>In tune on the old strings, the plate is</source>
        <translation>Afinada con las cuerdas viejas, la placa está</translation>
    </message>
    <message>
        <source>The fine tuners are at their preset</source>
        <translation>Los microafinadores están en su ajuste previo</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>clean</source>
        <translation>limpiar</translation>
    </message>
    <message>
        <source>polish the frets</source>
        <translation>pulir los trastes</translation>
    </message>
    <message>
        <source>oil the fretboard</source>
        <translation>aceitar el diapasón</translation>
    </message>
    <message>
        <source>intonate</source>
        <translation>ajustar octavas</translation>
    </message>
    <message>
        <source>set the height</source>
        <translation>ajustar la altura</translation>
    </message>
    <message>
        <source>how it is played</source>
        <translation>cómo se toca</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>no se ha dicho</translation>
    </message>
    <message>
        <source>hours played a week</source>
        <translation>horas tocadas por semana</translation>
    </message>
    <message>
        <source>gigs a week</source>
        <translation>conciertos por semana</translation>
    </message>
    <message>
        <source>new strings every so many months</source>
        <translation>cuerdas nuevas cada tantos meses</translation>
    </message>
    <message>
        <source>as the shop does</source>
        <translation>como hace el taller</translation>
    </message>
    <message>
        <source>sweat on the strings</source>
        <translation>sudor en las cuerdas</translation>
    </message>
    <message>
        <source>little</source>
        <translation>poco</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>habitual</translation>
    </message>
    <message>
        <source>much</source>
        <translation>mucho</translation>
    </message>
    <message>
        <source>the new strings are coated</source>
        <translation>las cuerdas nuevas llevan recubrimiento</translation>
    </message>
    <message>
        <source>parts used or lost</source>
        <translation>piezas usadas o perdidas</translation>
    </message>
    <message>
        <source>follow-ups</source>
        <translation>pendiente</translation>
    </message>
    <message>
        <source>note to the owner</source>
        <translation>nota para el dueño</translation>
    </message>
    <message>
        <source>done by</source>
        <translation>hecho por</translation>
    </message>
    <message>
        <source>next restring</source>
        <translation>próximo cambio</translation>
    </message>
    <message>
        <source>By what is played; how long a set lasts is assumed.</source>
        <translation>Por lo que se toca; lo que dura un juego es supuesto.</translation>
    </message>
    <message>
        <source>from the drawers</source>
        <translation>de los cajones</translation>
    </message>
    <message>
        <source>Passes %1, visits to the claw %2. Next restring: %3.</source>
        <translation>Pasadas %1, visitas a la garra %2. Próximo cambio: %3.</translation>
    </message>
    <message>
        <source>no date set</source>
        <translation>sin fecha</translation>
    </message>
    <message>
        <source>set the neck relief</source>
        <translation>ajustar la curvatura del mástil</translation>
    </message>
    <message>
        <source>Set by months; playing hours may bring it forward.</source>
        <translation>Fijado por meses; las horas de tocar pueden adelantarlo.</translation>
    </message>
    <message>
        <source>Progress to pitch</source>
        <translation>Progreso hasta la afinación</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>sin medir</translation>
    </message>
    <message>
        <source>string post, diameter in mm</source>
        <translation>poste de clavija, diámetro en mm</translation>
    </message>
    <message>
        <source>nut to the nearest string post, mm</source>
        <translation>cejuela al poste de clavija más cercano, mm</translation>
    </message>
    <message>
        <source>string post to string post, mm</source>
        <translation>poste de clavija a poste de clavija, mm</translation>
    </message>
    <message>
        <source>wire in the saddle&apos;s clamp, mm</source>
        <translation>alambre en la mordaza de la silleta, mm</translation>
    </message>
    <message>
        <source>replaced: %1</source>
        <translation>cambiado: %1</translation>
    </message>
    <message>
        <source>last on %1</source>
        <translation>la última vez el %1</translation>
    </message>
    <message>
        <source>replaced</source>
        <translation>cambiado</translation>
    </message>
    <message>
        <source>the arm is</source>
        <translation>la palanca</translation>
    </message>
    <message>
        <source>not asked yet</source>
        <translation>sin preguntar</translation>
    </message>
    <message>
        <source>used</source>
        <translation>se usa</translation>
    </message>
    <message>
        <source>not used</source>
        <translation>no se usa</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>como está</translation>
    </message>
    <message>
        <source>action wanted at fret 12, bass side, mm</source>
        <translation>altura de cuerdas deseada en el traste 12, lado grave, mm</translation>
    </message>
    <message>
        <source>the same, treble side, mm</source>
        <translation>lo mismo, lado agudo, mm</translation>
    </message>
    <message>
        <source>wall to claw, bass side, mm</source>
        <translation>de la pared a la garra, lado grave, mm</translation>
    </message>
    <message>
        <source>wall to claw, treble side, mm</source>
        <translation>de la pared a la garra, lado agudo, mm</translation>
    </message>
    <message>
        <source>nut to string tree, mm</source>
        <translation>de la cejuela a la guía de cuerdas, mm</translation>
    </message>
    <message>
        <source>tree holds strings down by, mm</source>
        <translation>la guía baja las cuerdas, mm</translation>
    </message>
    <message>
        <source>the arm is wanted</source>
        <translation>la palanca se quiere</translation>
    </message>
    <message>
        <source>softer</source>
        <translation>más suave</translation>
    </message>
    <message>
        <source>stiffer</source>
        <translation>más dura</translation>
    </message>
    <message>
        <source>Card for the &amp;case…</source>
        <translation>Tarjeta para el &amp;estuche…</translation>
    </message>
    <message>
        <source>For whoever restrings it with the same set, without the program</source>
        <translation>Para quien la encuerde con el mismo juego, sin el programa</translation>
    </message>
    <message>
        <source>room, °C</source>
        <translation>sala, °C</translation>
    </message>
    <message>
        <source>humidity, %</source>
        <translation>humedad, %</translation>
    </message>
    <message>
        <source>readings as it came in, cents</source>
        <translation>lecturas al llegar, cents</translation>
    </message>
    <message>
        <source>The readings</source>
        <translation>Las lecturas</translation>
    </message>
    <message>
        <source>rest over night</source>
        <translation>reposo de una noche</translation>
    </message>
</context>
<context>
    <name>StepPictures</name>
    <message>
        <source>plate, knife edges and saddles: no wear, no crack</source>
        <translation>placa, filos y silletas: sin desgaste ni grietas</translation>
    </message>
    <message>
        <source>bridge posts: firm in the wood, none leans</source>
        <translation>postes del puente: firmes en la madera, ninguno inclinado</translation>
    </message>
    <message>
        <source>strings centred over the fretboard, neck screws snug</source>
        <translation>cuerdas centradas sobre el diapasón, tornillos del mástil firmes</translation>
    </message>
    <message>
        <source>every clamp at the nut, a turn or two</source>
        <translation>cada mordaza de la cejuela, una vuelta o dos</translation>
    </message>
    <message>
        <source>arm out, or turned clear of strings and bench</source>
        <translation>palanca fuera, o apartada de cuerdas y banco</translation>
    </message>
    <message>
        <source>arm in, it swings without touching the body</source>
        <translation>palanca puesta, oscila sin tocar el cuerpo</translation>
    </message>
    <message>
        <source>down at the pegs, a little at each, round and round</source>
        <translation>bajando en las clavijas, un poco en cada una, en rueda</translation>
    </message>
    <message>
        <source>cut in the middle, one at a time, each held on both sides</source>
        <translation>cortar por el medio, una a una, sujetando los dos lados</translation>
    </message>
    <message>
        <source>unwind here</source>
        <translation>desenrolla aquí</translation>
    </message>
    <message>
        <source>round the pickups</source>
        <translation>alrededor de las pastillas</translation>
    </message>
    <message>
        <source>under and behind the bridge</source>
        <translation>debajo y detrás del puente</translation>
    </message>
    <message>
        <source>along the frets</source>
        <translation>a lo largo de los trastes</translation>
    </message>
    <message>
        <source>fret by fret, the guard on the wood</source>
        <translation>traste a traste, el protector sobre la madera</translation>
    </message>
    <message>
        <source>a few drops, spread, wiped dry</source>
        <translation>unas gotas, extendidas, secadas</translation>
    </message>
    <message>
        <source>the nut of each peg, snug and no more</source>
        <translation>la tuerca de cada clavija, firme y no más</translation>
    </message>
    <message>
        <source>ball to the bottom, string in its saddle</source>
        <translation>bola al fondo, cuerda en su silleta</translation>
    </message>
    <message>
        <source>each string in its own slot</source>
        <translation>cada cuerda en su ranura</translation>
    </message>
    <message>
        <source>clamp at the nut end, take up at the bridge</source>
        <translation>muerde en la cejuela, recoge en el puente</translation>
    </message>
    <message>
        <source>slack as below, then only until taut</source>
        <translation>holgura como abajo, luego solo hasta tirante</translation>
    </message>
    <message>
        <source>tuners at the bridge to their preset</source>
        <translation>clavijas del puente en su ajuste previo</translation>
    </message>
    <message>
        <source>lift and draw along the whole length, never in one place</source>
        <translation>levantar y tirar en toda la longitud, nunca en un punto</translation>
    </message>
    <message>
        <source>bend each string a whole step, all over the neck</source>
        <translation>sube cada cuerda un tono, por todo el mástil</translation>
    </message>
    <message>
        <source>clamp each string at the nut</source>
        <translation>muerde cada cuerda en la cejuela</translation>
    </message>
    <message>
        <source>surplus off at the string posts; ends into the sharps tin</source>
        <translation>cortar lo sobrante en los postes de clavija; puntas a la lata</translation>
    </message>
    <message>
        <source>now</source>
        <translation>ahora</translation>
    </message>
    <message>
        <source>with the block out</source>
        <translation>con el taco fuera</translation>
    </message>
    <message>
        <source>plate, pivots and saddles: no wear, no crack</source>
        <translation>placa, apoyos y silletas: sin desgaste ni grietas</translation>
    </message>
    <message>
        <source>bridge and saddles: no wear, no crack</source>
        <translation>puente y silletas: sin desgaste ni grietas</translation>
    </message>
    <message>
        <source>down at the bridge tuners, a little at each</source>
        <translation>bajar en las clavijas del puente, un poco en cada una</translation>
    </message>
    <message>
        <source>open here</source>
        <translation>abrir aquí</translation>
    </message>
    <message>
        <source>out here</source>
        <translation>sacar aquí</translation>
    </message>
    <message>
        <source>tape the pickups first</source>
        <translation>tapar antes las pastillas con cinta</translation>
    </message>
    <message>
        <source>surplus off at the clamps; ends into the sharps tin</source>
        <translation>cortar lo sobrante en las mordazas; puntas a la lata</translation>
    </message>
    <message>
        <source>dive, let go, check</source>
        <translation>bajar, soltar, comprobar</translation>
    </message>
    <message>
        <source>dive, let go, check; pull up, let go, check</source>
        <translation>bajar, soltar, comprobar; subir, soltar, comprobar</translation>
    </message>
</context>
<context>
    <name>StepWords</name>
    <message>
        <source>Look it over</source>
        <translation>Mírala</translation>
    </message>
    <message>
        <source>Look it over and answer three questions</source>
        <translation>Mírala y responde tres preguntas</translation>
    </message>
    <message>
        <source>Bridge, strings and level decide the plan and its steps.</source>
        <translation>Puente, cuerdas y nivel deciden el plan y sus pasos.</translation>
    </message>
    <message>
        <source>Loose bridge posts, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Postes flojos, grietas o madera levantada: para, y a un reparador profesional.</translation>
    </message>
    <message>
        <source>the three answers are right</source>
        <translation>las tres respuestas son correctas</translation>
    </message>
    <message>
        <source>Ask the owner</source>
        <translation>Preguntar al dueño</translation>
    </message>
    <message>
        <source>Ask how it is played</source>
        <translation>Preguntar cómo se toca</translation>
    </message>
    <message>
        <source>playing style and extras are noted</source>
        <translation>forma de tocar y extras anotados</translation>
    </message>
    <message>
        <source>Strings off and on</source>
        <translation>Cuerdas que salen y entran</translation>
    </message>
    <message>
        <source>Note what comes off and what goes on</source>
        <translation>Anotar lo que sale y lo que entra</translation>
    </message>
    <message>
        <source>The difference in pull decides how much claw work there is.</source>
        <translation>La diferencia de tracción decide cuánto trabajo de garra hay.</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>pie de rey</translation>
    </message>
    <message>
        <source>both sets and tunings are noted</source>
        <translation>los dos juegos y afinaciones anotados</translation>
    </message>
    <message>
        <source>Loose screws, worn edges or a crooked claw are blamed on the new strings later.</source>
        <translation>Tornillos flojos, filos gastados o una garra torcida se achacan luego a las cuerdas nuevas.</translation>
    </message>
    <message>
        <source>ruler, feeler or card</source>
        <translation>regla, galgas o tarjeta</translation>
    </message>
    <message>
        <source>A truss rod that does not turn easily: stop, and send it to a professional repairer.</source>
        <translation>Un alma que no gira fácil: para, y a un reparador profesional.</translation>
    </message>
    <message>
        <source>everything is ticked and the plate is judged</source>
        <translation>todo está marcado y la placa juzgada</translation>
    </message>
    <message>
        <source>Agree the plan</source>
        <translation>Acordar el plan</translation>
    </message>
    <message>
        <source>Choose how this job is done</source>
        <translation>Elegir cómo se hace este trabajo</translation>
    </message>
    <message>
        <source>Each method costs passes, minutes or risk on this guitar; shop defaults are chosen.</source>
        <translation>Cada método cuesta pasadas, minutos o riesgo en esta guitarra; están elegidos los del taller.</translation>
    </message>
    <message>
        <source>methods, claw turns and minutes are agreed</source>
        <translation>métodos, vueltas de garra y minutos acordados</translation>
    </message>
    <message>
        <source>Lay out tools</source>
        <translation>Preparar herramientas</translation>
    </message>
    <message>
        <source>Lay everything out before the first screw</source>
        <translation>Prepara todo antes del primer tornillo</translation>
    </message>
    <message>
        <source>A drill winder catches hair and fingers: never near pitch.</source>
        <translation>Una enrollador de cuerdas de taladro engancha pelo y dedos: nunca cerca del tono.</translation>
    </message>
    <message>
        <source>everything is within reach</source>
        <translation>todo está a mano</translation>
    </message>
    <message>
        <source>Unlock the nut</source>
        <translation>Desbloquear la cejuela</translation>
    </message>
    <message>
        <source>Unlock the nut, lay its caps in order</source>
        <translation>Desbloquear la cejuela, poner sus pletinas en orden</translation>
    </message>
    <message>
        <source>A clamped string cannot be slackened; a nut cap fits its own groove.</source>
        <translation>Una cuerda mordida no se puede aflojar; una pletina encaja en su surco.</translation>
    </message>
    <message>
        <source>nut caps and bolts are in order, the right way round</source>
        <translation>pletinas y tornillos en orden, del derecho</translation>
    </message>
    <message>
        <source>Arm off</source>
        <translation>Palanca fuera</translation>
    </message>
    <message>
        <source>Take the arm off</source>
        <translation>Quitar la palanca</translation>
    </message>
    <message>
        <source>An arm under a string or on the bench moves the bridge.</source>
        <translation>Una palanca bajo una cuerda o contra el banco mueve el puente.</translation>
    </message>
    <message>
        <source>nothing touches the arm</source>
        <translation>nada toca la palanca</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Taco dentro</translation>
    </message>
    <message>
        <source>block, padded</source>
        <translation>taco, acolchado</translation>
    </message>
    <message>
        <source>slackening one string does not move the plate</source>
        <translation>aflojar una cuerda no mueve la placa</translation>
    </message>
    <message>
        <source>Back cover off</source>
        <translation>Tapa trasera fuera</translation>
    </message>
    <message>
        <source>Turn it over, take the back cover off</source>
        <translation>Darle la vuelta, quitar la tapa trasera</translation>
    </message>
    <message>
        <source>Claw and springs are behind it.</source>
        <translation>Detrás están garra y muelles.</translation>
    </message>
    <message>
        <source>screwdriver</source>
        <translation>destornillador</translation>
    </message>
    <message>
        <source>Lay the guitar on a soft, clean cloth.</source>
        <translation>Apoyar la guitarra en un paño blando y limpio.</translation>
    </message>
    <message>
        <source>the claw is in sight</source>
        <translation>la garra está a la vista</translation>
    </message>
    <message>
        <source>Slacken</source>
        <translation>Aflojar</translation>
    </message>
    <message>
        <source>Slacken every string until it is loose</source>
        <translation>Aflojar cada cuerda hasta que quede suelta</translation>
    </message>
    <message>
        <source>Tension leaves evenly and nothing jumps.</source>
        <translation>La tensión se va pareja y nada salta.</translation>
    </message>
    <message>
        <source>winder</source>
        <translation>enrollador de cuerdas</translation>
    </message>
    <message>
        <source>no string sounds</source>
        <translation>ninguna cuerda suena</translation>
    </message>
    <message>
        <source>Cut the old strings</source>
        <translation>Cortar las cuerdas viejas</translation>
    </message>
    <message>
        <source>No bent end has to be pulled through the hardware.</source>
        <translation>Ninguna punta doblada tiene que pasar por las piezas.</translation>
    </message>
    <message>
        <source>heavy cutters</source>
        <translation>alicates de corte fuertes</translation>
    </message>
    <message>
        <source>every string is in two</source>
        <translation>cada cuerda está partida</translation>
    </message>
    <message>
        <source>Take them out</source>
        <translation>Sacarlas</translation>
    </message>
    <message>
        <source>Unwind the pegs, lift the strings out</source>
        <translation>Desenrollar las clavijas, sacar las cuerdas</translation>
    </message>
    <message>
        <source>Ball ends come out where they went in.</source>
        <translation>Las bolas salen por donde entraron.</translation>
    </message>
    <message>
        <source>no old string is left</source>
        <translation>no queda cuerda vieja</translation>
    </message>
    <message>
        <source>Preset fine tuners</source>
        <translation>Ajuste previo de microafinadores</translation>
    </message>
    <message>
        <source>Set the fine tuners to their preset</source>
        <translation>Poner los microafinadores en su ajuste previo</translation>
    </message>
    <message>
        <source>all are at the same preset</source>
        <translation>todos en el mismo ajuste previo</translation>
    </message>
    <message>
        <source>Dust</source>
        <translation>Polvo</translation>
    </message>
    <message>
        <source>Wipe the dust from under the strings</source>
        <translation>Limpiar el polvo bajo las cuerdas</translation>
    </message>
    <message>
        <source>cloth, brush</source>
        <translation>paño, brocha</translation>
    </message>
    <message>
        <source>top and fretboard are clean</source>
        <translation>tapa y diapasón limpios</translation>
    </message>
    <message>
        <source>Polish frets</source>
        <translation>Pulir trastes</translation>
    </message>
    <message>
        <source>0000 wool, tape, fret guard</source>
        <translation>lana 0000, cinta, protector de trastes</translation>
    </message>
    <message>
        <source>frets shine and no filings are left</source>
        <translation>los trastes brillan y no quedan limaduras</translation>
    </message>
    <message>
        <source>Oil the fretboard</source>
        <translation>Aceitar el diapasón</translation>
    </message>
    <message>
        <source>Oil the fretboard, wait, wipe it dry</source>
        <translation>Aceitar el diapasón, esperar, secarlo</translation>
    </message>
    <message>
        <source>Dry wood shrinks from its frets; wet wood swells.</source>
        <translation>La madera seca se encoge de sus trastes; la mojada se hincha.</translation>
    </message>
    <message>
        <source>fretboard oil, cloth</source>
        <translation>aceite de diapasón, paño</translation>
    </message>
    <message>
        <source>the fretboard is dry to the touch</source>
        <translation>el diapasón está seco al tacto</translation>
    </message>
    <message>
        <source>Peg nuts</source>
        <translation>Tuercas de clavijas</translation>
    </message>
    <message>
        <source>Snug the nuts of the pegs</source>
        <translation>Apretar las tuercas de las clavijas</translation>
    </message>
    <message>
        <source>A peg that moves in its hole lets its string go flat.</source>
        <translation>Una clavija que se mueve en su agujero deja bajar su cuerda.</translation>
    </message>
    <message>
        <source>adjustable spanner</source>
        <translation>llave ajustable</translation>
    </message>
    <message>
        <source>no peg moves by hand</source>
        <translation>ninguna clavija se mueve a mano</translation>
    </message>
    <message>
        <source>Lay out the set</source>
        <translation>Disponer el juego</translation>
    </message>
    <message>
        <source>Lay the new strings out by gauge</source>
        <translation>Dispón las cuerdas nuevas por calibre</translation>
    </message>
    <message>
        <source>Two strings may share a packet; alike ones are easily swapped.</source>
        <translation>Dos cuerdas pueden venir en un sobre; las parecidas se confunden fácil.</translation>
    </message>
    <message>
        <source>every string is in its order</source>
        <translation>cada cuerda en su orden</translation>
    </message>
    <message>
        <source>Ball ends</source>
        <translation>Bolas</translation>
    </message>
    <message>
        <source>Cut each ball end off, twist and all</source>
        <translation>Cortar cada bola con su trenzado</translation>
    </message>
    <message>
        <source>The clamp needs plain, straight string.</source>
        <translation>La mordaza necesita cuerda lisa y recta.</translation>
    </message>
    <message>
        <source>every end is clean and straight</source>
        <translation>cada punta está limpia y recta</translation>
    </message>
    <message>
        <source>Seat the strings</source>
        <translation>Asentar las cuerdas</translation>
    </message>
    <message>
        <source>Push each string in, ball to the bottom</source>
        <translation>Meter cada cuerda, bola al fondo</translation>
    </message>
    <message>
        <source>A ball on an edge slips at pitch.</source>
        <translation>Una bola sobre un borde resbala al llegar al tono.</translation>
    </message>
    <message>
        <source>a firm pull moves none of them</source>
        <translation>un tirón firme no mueve ninguna</translation>
    </message>
    <message>
        <source>Through the nut</source>
        <translation>Por la cejuela</translation>
    </message>
    <message>
        <source>Lead each string into its own slot</source>
        <translation>Llevar cada cuerda a su ranura</translation>
    </message>
    <message>
        <source>A string on the wrong side crosses its neighbour.</source>
        <translation>Una cuerda en el lado equivocado cruza a su vecina.</translation>
    </message>
    <message>
        <source>every string is in its own slot</source>
        <translation>cada cuerda está en su ranura</translation>
    </message>
    <message>
        <source>Wind</source>
        <translation>Enrollar</translation>
    </message>
    <message>
        <source>Wind each string, only until taut</source>
        <translation>Enrollar cada cuerda, solo hasta tirante</translation>
    </message>
    <message>
        <source>Wraps hold the string; more than needed only settle longer.</source>
        <translation>Las espiras sujetan la cuerda; de más solo tardan más en asentar.</translation>
    </message>
    <message>
        <source>all strings are taut, wraps side by side</source>
        <translation>todas tirantes, espiras juntas</translation>
    </message>
    <message>
        <source>Change one string</source>
        <translation>Cambiar una cuerda</translation>
    </message>
    <message>
        <source>Change this string and bring it to pitch</source>
        <translation>Cambiar esta cuerda y llevarla a su tono</translation>
    </message>
    <message>
        <source>winder, heavy cutters</source>
        <translation>enrollador de cuerdas, alicates de corte fuertes</translation>
    </message>
    <message>
        <source>this string is at pitch</source>
        <translation>esta cuerda está en su tono</translation>
    </message>
    <message>
        <source>Rough tune</source>
        <translation>Afinación aproximada</translation>
    </message>
    <message>
        <source>Bring all strings up from below</source>
        <translation>Subir todas las cuerdas desde abajo</translation>
    </message>
    <message>
        <source>The first pass only has to come near.</source>
        <translation>La primera pasada solo tiene que acercarse.</translation>
    </message>
    <message>
        <source>tuner</source>
        <translation>afinador</translation>
    </message>
    <message>
        <source>every string is within a half step</source>
        <translation>cada cuerda está a menos de un semitono</translation>
    </message>
    <message>
        <source>Block out</source>
        <translation>Taco fuera</translation>
    </message>
    <message>
        <source>Now strings and springs balance.</source>
        <translation>Ahora se equilibran cuerdas y muelles.</translation>
    </message>
    <message>
        <source>the bridge floats free</source>
        <translation>el puente flota libre</translation>
    </message>
    <message>
        <source>Stretch and settle</source>
        <translation>Estirar y asentar</translation>
    </message>
    <message>
        <source>Stretch every string along its whole length</source>
        <translation>Estirar cada cuerda en toda su longitud</translation>
    </message>
    <message>
        <source>a stretch no longer drops the pitch</source>
        <translation>estirar ya no baja el tono</translation>
    </message>
    <message>
        <source>Play it in</source>
        <translation>Tocar para asentar</translation>
    </message>
    <message>
        <source>Bend every string a whole step, play</source>
        <translation>Subir cada cuerda un tono, tocar</translation>
    </message>
    <message>
        <source>it keeps its pitch through bends</source>
        <translation>mantiene el tono al estirar notas</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Nivel</translation>
    </message>
    <message>
        <source>Bring the plate level with the claw</source>
        <translation>Nivela la placa con la garra</translation>
    </message>
    <message>
        <source>Only a settled bridge at pitch shows its true level.</source>
        <translation>Solo un puente asentado y en su tono muestra su nivel verdadero.</translation>
    </message>
    <message>
        <source>screwdriver, gauge or ruler</source>
        <translation>destornillador, galga o regla</translation>
    </message>
    <message>
        <source>the rear gap is that of a level plate</source>
        <translation>la separación trasera es el de una placa nivelada</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Altura</translation>
    </message>
    <message>
        <source>Set the height on both bridge posts</source>
        <translation>Ajustar la altura en los dos postes</translation>
    </message>
    <message>
        <source>Height moves pitch and level, so it comes before the last passes.</source>
        <translation>La altura mueve tono y nivel, así que va antes de las últimas pasadas.</translation>
    </message>
    <message>
        <source>ruler</source>
        <translation>regla</translation>
    </message>
    <message>
        <source>Strings slack first, then turn, then retune: bridge posts and edges wear under tension.</source>
        <translation>Primero cuerdas flojas, luego girar, luego reafinar: postes y filos se gastan bajo tensión.</translation>
    </message>
    <message>
        <source>the action is right on both sides</source>
        <translation>la altura de cuerdas es correcta en ambos lados</translation>
    </message>
    <message>
        <source>Intonate</source>
        <translation>Octavas</translation>
    </message>
    <message>
        <source>Set each saddle so the octave is true</source>
        <translation>Ajustar cada silleta hasta que la octava sea exacta</translation>
    </message>
    <message>
        <source>Saddles move pitch and level, so they come before the last passes.</source>
        <translation>Las silletas mueven tono y nivel, así que van antes de las últimas pasadas.</translation>
    </message>
    <message>
        <source>Slacken a string before its saddle is moved.</source>
        <translation>Aflojar la cuerda antes de mover su silleta.</translation>
    </message>
    <message>
        <source>open and fretted octave agree</source>
        <translation>octava al aire y pisada coinciden</translation>
    </message>
    <message>
        <source>Tune</source>
        <translation>Afinar</translation>
    </message>
    <message>
        <source>Tune each string to its aim</source>
        <translation>Afinar cada cuerda a su objetivo</translation>
    </message>
    <message>
        <source>strings and plate are within tolerance</source>
        <translation>cuerdas y placa dentro de tolerancia</translation>
    </message>
    <message>
        <source>Lock the nut</source>
        <translation>Bloquear la cejuela</translation>
    </message>
    <message>
        <source>Tighten the nut caps in their order</source>
        <translation>Apretar las pletinas en su orden</translation>
    </message>
    <message>
        <source>From here only the fine tuners tune.</source>
        <translation>Desde aquí solo afinan los microafinadores.</translation>
    </message>
    <message>
        <source>pitch moved no further than the fine tuners reach</source>
        <translation>el tono no se movió más de lo que alcanzan los microafinadores</translation>
    </message>
    <message>
        <source>Fine tune</source>
        <translation>Microafinar</translation>
    </message>
    <message>
        <source>Fine-tune, held as it is played</source>
        <translation>Microafinar, sujetar como se toca</translation>
    </message>
    <message>
        <source>On its back its pitch differs.</source>
        <translation>Tumbada, su tono es otro.</translation>
    </message>
    <message>
        <source>every string is in tune as it is played</source>
        <translation>cada cuerda está afinada como se toca</translation>
    </message>
    <message>
        <source>Trim string ends</source>
        <translation>Cortar puntas</translation>
    </message>
    <message>
        <source>Trim the string ends at the string posts</source>
        <translation>Cortar las puntas en los ejes</translation>
    </message>
    <message>
        <source>Long ends scratch hands and lacquer.</source>
        <translation>Las puntas largas arañan manos y laca.</translation>
    </message>
    <message>
        <source>cutters</source>
        <translation>alicates de corte</translation>
    </message>
    <message>
        <source>no end sticks out</source>
        <translation>no sobresale ninguna punta</translation>
    </message>
    <message>
        <source>Back cover on</source>
        <translation>Tapa trasera puesta</translation>
    </message>
    <message>
        <source>Put the back cover on</source>
        <translation>Poner la tapa trasera</translation>
    </message>
    <message>
        <source>It keeps dust out and springs in.</source>
        <translation>Dejar fuera el polvo y dentro los muelles.</translation>
    </message>
    <message>
        <source>all screws are in</source>
        <translation>están todos los tornillos</translation>
    </message>
    <message>
        <source>Arm in</source>
        <translation>Palanca puesta</translation>
    </message>
    <message>
        <source>Put the arm in</source>
        <translation>Poner la palanca</translation>
    </message>
    <message>
        <source>The return test needs it.</source>
        <translation>La prueba de retorno la necesita.</translation>
    </message>
    <message>
        <source>it swings as the owner likes it</source>
        <translation>oscila como le gusta al dueño</translation>
    </message>
    <message>
        <source>Return to pitch</source>
        <translation>Retorno al tono</translation>
    </message>
    <message>
        <source>Dive, pull up, bend; check before and after</source>
        <translation>Bajar, subir, estirar notas; comprobar antes y después</translation>
    </message>
    <message>
        <source>What hangs at nut, saddle or pivot shows now.</source>
        <translation>Lo que se engancha en cejuela, silleta o pivote se ve ahora.</translation>
    </message>
    <message>
        <source>Watch the body edge: the arm must not strike it.</source>
        <translation>Cuidado con el borde del cuerpo: la palanca no debe golpearlo.</translation>
    </message>
    <message>
        <source>every string comes back within tolerance</source>
        <translation>cada cuerda vuelve dentro de tolerancia</translation>
    </message>
    <message>
        <source>Hand over</source>
        <translation>Entregar</translation>
    </message>
    <message>
        <source>Write the note and the next date</source>
        <translation>Escribir la nota y la próxima fecha</translation>
    </message>
    <message>
        <source>The same gauge next time saves the balance.</source>
        <translation>El mismo calibre la próxima vez conserva el equilibrio.</translation>
    </message>
    <message>
        <source>sheet, parts and follow-ups are written</source>
        <translation>hoja, piezas y pendientes escritos</translation>
    </message>
    <message>
        <source>A loose shaft, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Eje flojo, grietas o madera levantada: para, y a un reparador profesional.</translation>
    </message>
    <message>
        <source>Bridge and strings decide the plan and its steps.</source>
        <translation>Puente y cuerdas deciden el plan y sus pasos.</translation>
    </message>
    <message>
        <source>Cracks or a lifting bridge: stop, and send it to a professional repairer.</source>
        <translation>Grietas o un puente que se levanta: para, y a un reparador profesional.</translation>
    </message>
    <message>
        <source>The difference in pull decides where the arm ends up.</source>
        <translation>La diferencia de tracción decide dónde acaba la palanca.</translation>
    </message>
    <message>
        <source>Gauges decide how hard each string pulls; the bridge does not move.</source>
        <translation>Los calibres deciden cuánto tira cada cuerda; el puente no se mueve.</translation>
    </message>
    <message>
        <source>Loose screws or a dry shaft are blamed on the new strings later.</source>
        <translation>Tornillos flojos o un eje seco se achacan luego a las cuerdas nuevas.</translation>
    </message>
    <message>
        <source>everything is ticked</source>
        <translation>todo está marcado</translation>
    </message>
    <message>
        <source>Loose screws or worn saddles are blamed on the new strings later.</source>
        <translation>Tornillos flojos o silletas gastadas se achacan luego a las cuerdas nuevas.</translation>
    </message>
    <message>
        <source>methods and minutes are agreed</source>
        <translation>métodos y minutos acordados</translation>
    </message>
    <message>
        <source>Open the clamps at the nut</source>
        <translation>Abrir las mordazas de la cejuela</translation>
    </message>
    <message>
        <source>A clamped string cannot be slackened.</source>
        <translation>Una cuerda mordida no se puede aflojar.</translation>
    </message>
    <message>
        <source>every clamp is open</source>
        <translation>todas las mordazas abiertas</translation>
    </message>
    <message>
        <source>Swing the arm clear of the strings</source>
        <translation>Apartar la palanca de las cuerdas</translation>
    </message>
    <message>
        <source>Tape open inserts first. Lay the guitar on a soft, clean cloth.</source>
        <translation>Sujetar antes con cinta los insertos abiertos. Apoyar la guitarra en un paño blando y limpio.</translation>
    </message>
    <message>
        <source>Slacken all strings but one</source>
        <translation>Aflojar todas las cuerdas menos una</translation>
    </message>
    <message>
        <source>One string keeps shaft and spring in place.</source>
        <translation>Una cuerda mantiene eje y muelle en su sitio.</translation>
    </message>
    <message>
        <source>all but one are loose</source>
        <translation>todas menos una están sueltas</translation>
    </message>
    <message>
        <source>Unwind, open the saddles, lift strings out</source>
        <translation>Desenrollar, abrir las silletas, sacar las cuerdas</translation>
    </message>
    <message>
        <source>Half a turn to two turns open a clamp; further out, its insert falls.</source>
        <translation>De media a dos vueltas abren una mordaza; más allá se cae su inserto.</translation>
    </message>
    <message>
        <source>no old string is left and every insert is in its saddle</source>
        <translation>no queda cuerda vieja y cada inserto está en su silleta</translation>
    </message>
    <message>
        <source>saddle clamps</source>
        <translation>mordazas de silleta</translation>
    </message>
    <message>
        <source>Unwind the pegs, push the strings out</source>
        <translation>Desenrollar las clavijas, empujar las cuerdas fuera</translation>
    </message>
    <message>
        <source>Ball ends come out behind, through the sustain block.</source>
        <translation>Las bolas salen por detrás, por el bloque de sustain.</translation>
    </message>
    <message>
        <source>Open both ends, lift the strings out</source>
        <translation>Abrir los dos extremos, sacar las cuerdas</translation>
    </message>
    <message>
        <source>Seat each string and clamp it</source>
        <translation>Asienta cada cuerda y apretar su mordaza</translation>
    </message>
    <message>
        <source>A crooked or high string pops out at pitch.</source>
        <translation>Una cuerda torcida o alta se sale al llegar al tono.</translation>
    </message>
    <message>
        <source>Hook each ball end in</source>
        <translation>Engancha cada bola</translation>
    </message>
    <message>
        <source>Under the retainer bar, on its own side of each screw.</source>
        <translation>Bajo la barra retenedora, en su lado de cada tornillo.</translation>
    </message>
    <message>
        <source>every string is in its clamp</source>
        <translation>cada cuerda en su mordaza</translation>
    </message>
    <message>
        <source>all strings are taut</source>
        <translation>todas las cuerdas están tirantes</translation>
    </message>
    <message>
        <source>The other strings keep shaft and spring in place.</source>
        <translation>Las otras cuerdas mantienen eje y muelle en su sitio.</translation>
    </message>
    <message>
        <source>The other strings keep the neck as it is.</source>
        <translation>Las otras cuerdas mantienen el mástil como está.</translation>
    </message>
    <message>
        <source>Set the claw so the plate rests firmly</source>
        <translation>Ajustar la garra para que la placa apoye firme</translation>
    </message>
    <message>
        <source>The springs hold the plate on the body, with force to spare for bends.</source>
        <translation>Los muelles sujetan la placa al cuerpo, con fuerza de sobra para estirar notas.</translation>
    </message>
    <message>
        <source>the plate rests, and stays at rest in a bend</source>
        <translation>la placa apoya, y sigue apoyada al estirar notas</translation>
    </message>
    <message>
        <source>Bring the arm to its height</source>
        <translation>Llevar la palanca a su altura</translation>
    </message>
    <message>
        <source>Spring and packing decide where the arm is.</source>
        <translation>Muelle y suplemento deciden dónde está la palanca.</translation>
    </message>
    <message>
        <source>the arm is at its height</source>
        <translation>la palanca está a su altura</translation>
    </message>
    <message>
        <source>Set the height at the bridge</source>
        <translation>Ajustar la altura en el puente</translation>
    </message>
    <message>
        <source>Height moves pitch, so it comes before the last pass.</source>
        <translation>La altura mueve el tono, así que va antes de la última pasada.</translation>
    </message>
    <message>
        <source>Strings slack first. Do not turn the studs of a stop tailpiece under tension.</source>
        <translation>Primero cuerdas flojas. No gires los pernos de un cordal de tope bajo tensión.</translation>
    </message>
    <message>
        <source>A locking saddle has to be slack to move: before the last passes.</source>
        <translation>Una silleta de bloqueo debe estar floja para moverse: antes de las últimas pasadas.</translation>
    </message>
    <message>
        <source>Place the bridge so octaves are true</source>
        <translation>Colocar el puente para que las octavas sean exactas</translation>
    </message>
    <message>
        <source>Slacken the strings before the bridge is moved; one stays on.</source>
        <translation>Aflojar las cuerdas antes de mover el puente; una se queda.</translation>
    </message>
    <message>
        <source>strings are within tolerance and the arm is at its height</source>
        <translation>cuerdas dentro de tolerancia y la palanca a su altura</translation>
    </message>
    <message>
        <source>Tune each string to pitch</source>
        <translation>Afinar cada cuerda a su tono</translation>
    </message>
    <message>
        <source>every string is within tolerance</source>
        <translation>cada cuerda está dentro de tolerancia</translation>
    </message>
    <message>
        <source>Close each clamp at the nut</source>
        <translation>Cerrar cada mordaza de la cejuela</translation>
    </message>
    <message>
        <source>From here only the bridge tuners tune.</source>
        <translation>Desde aquí solo afinan las clavijas del puente.</translation>
    </message>
    <message>
        <source>pitch moved no further than the bridge tuners reach</source>
        <translation>el tono no se movió más de lo que alcanzan las clavijas del puente</translation>
    </message>
    <message>
        <source>Bring the arm back over the strings</source>
        <translation>Volver a poner la palanca sobre las cuerdas</translation>
    </message>
    <message>
        <source>What hangs at nut, bridge or shaft shows now.</source>
        <translation>Lo que se engancha en cejuela, puente o eje se ve ahora.</translation>
    </message>
    <message>
        <source>Dive and bend; check before and after</source>
        <translation>Bajar y estirar notas; comprobar antes y después</translation>
    </message>
    <message>
        <source>The same gauge next time keeps neck and action.</source>
        <translation>El mismo calibre la próxima vez conserva mástil y acción.</translation>
    </message>
    <message>
        <source>nut caps</source>
        <translation>pletinas de cejuela</translation>
    </message>
    <message>
        <source>saddles</source>
        <translation>silletas</translation>
    </message>
    <message>
        <source>bridge posts</source>
        <translation>postes del puente</translation>
    </message>
    <message>
        <source>back cover</source>
        <translation>tapa trasera</translation>
    </message>
    <message>
        <source>Cut the bridge end, the ball stays at the headstock</source>
        <translation>Cortar el extremo del puente, la bola queda en la pala</translation>
    </message>
    <message>
        <source>Unlock the nut, caps and bolts in one tray</source>
        <translation>Desbloquear la cejuela, pletinas y tornillos en una bandeja</translation>
    </message>
    <message>
        <source>Loosen the nut caps until the strings slide</source>
        <translation>Aflojar las pletinas hasta que las cuerdas deslicen</translation>
    </message>
    <message>
        <source>Tighten the nut caps, the right way round</source>
        <translation>Apretar las pletinas, del derecho</translation>
    </message>
    <message>
        <source>Lead each string under its loosened cap</source>
        <translation>Llevar cada cuerda bajo su pletina aflojada</translation>
    </message>
    <message>
        <source>Wind: first wrap over the string end, then under</source>
        <translation>Enrollar: la primera sobre la punta, luego debajo</translation>
    </message>
    <message>
        <source>Wind each string, every wrap under the last</source>
        <translation>Enrollar cada cuerda, cada espira bajo la anterior</translation>
    </message>
    <message>
        <source>Tie each string at its string post</source>
        <translation>Anuda cada cuerda en su eje, recoge la holgura</translation>
    </message>
    <message>
        <source>Stretch every string hard along its whole length</source>
        <translation>Estirar cada cuerda fuerte en toda su longitud</translation>
    </message>
    <message>
        <source>Press every string down behind nut and saddle</source>
        <translation>Apretar cada cuerda tras cejuela y silleta</translation>
    </message>
    <message>
        <source>Take the block out for good</source>
        <translation>Sacar el taco del todo</translation>
    </message>
    <message>
        <source>Bring strings up singly, look along the plate</source>
        <translation>Subir las cuerdas de una en una, mirar a lo largo de la placa</translation>
    </message>
    <message>
        <source>Bring each string up and stretch it</source>
        <translation>Subir cada cuerda y estirarla</translation>
    </message>
    <message>
        <source>Slacken a whole step, turn the claw, retune</source>
        <translation>Bajar un tono, girar la garra, reafinar</translation>
    </message>
    <message>
        <source>Fine-tune on the bench, leaving the offset below</source>
        <translation>Microafinar en el banco, dejando la diferencia de abajo</translation>
    </message>
    <message>
        <source>hex key for the %1 (size not noted yet)</source>
        <translation>llave hexagonal para %1 (medida sin anotar)</translation>
    </message>
    <message>
        <source>hex key %1 for the %2</source>
        <translation>llave hexagonal %1 para %2</translation>
    </message>
    <message>
        <source>Change %1</source>
        <translation>Cambiar %1</translation>
    </message>
    <message>
        <source>Change %1 and bring it to pitch</source>
        <translation>Cambiar %1 y llevarla a su tono</translation>
    </message>
    <message>
        <source>Intake</source>
        <translation>Recepción</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Strip</source>
        <translation>Desmontar</translation>
    </message>
    <message>
        <source>String</source>
        <translation>Encordar</translation>
    </message>
    <message>
        <source>Balance</source>
        <translation>Equilibrio</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Bloquear</translation>
    </message>
    <message>
        <source>tension on</source>
        <translation>hay tensión</translation>
    </message>
    <message>
        <source>BLOCK IN</source>
        <translation>TACO DENTRO</translation>
    </message>
    <message>
        <source>NUT UNLOCKED</source>
        <translation>CEJUELA SIN BLOQUEAR</translation>
    </message>
    <message>
        <source>INSERTS OPEN</source>
        <translation>INSERTOS ABIERTOS</translation>
    </message>
    <message>
        <source>strings not settled</source>
        <translation>cuerdas sin asentar</translation>
    </message>
    <message>
        <source>back cover off</source>
        <translation>tapa trasera fuera</translation>
    </message>
    <message>
        <source>arm in</source>
        <translation>palanca puesta</translation>
    </message>
    <message>
        <source>truss rod</source>
        <translation>alma</translation>
    </message>
    <message>
        <source>Vibrato, bends and another action change tuning, locking and height.</source>
        <translation>El vibrato, los estirones y otra altura de cuerdas cambian afinación, bloqueo y altura.</translation>
    </message>
    <message>
        <source>Check whether your caliper shows mm or inches.</source>
        <translation>Comprobar si el pie de rey muestra mm o pulgadas.</translation>
    </message>
    <message>
        <source>Inspect the guitar</source>
        <translation>Inspeccionar la guitarra</translation>
    </message>
    <message>
        <source>Inspect it with the old strings on</source>
        <translation>Inspeccionarla con las cuerdas viejas puestas</translation>
    </message>
    <message>
        <source>Have every tool ready before strings come off.</source>
        <translation>Tener cada herramienta lista antes de quitar cuerdas.</translation>
    </message>
    <message>
        <source>A bolt that does not turn: do not force it. A drop of oil, or a professional repairer.</source>
        <translation>Un perno que no gira: no forzarlo. Una gota de aceite, o un reparador profesional.</translation>
    </message>
    <message>
        <source>Raise the rear edge; slide the block in</source>
        <translation>Levantar el borde trasero; meter el taco</translation>
    </message>
    <message>
        <source>Without strings, springs pull the plate into the body.</source>
        <translation>Sin cuerdas, los muelles tiran de la placa hacia el cuerpo.</translation>
    </message>
    <message>
        <source>Ease the plate onto it, never let it snap. Block padded, on flat metal, clear of screws. Tape a battery&apos;s terminals.</source>
        <translation>Bajar la placa con suavidad, nunca de golpe. Taco acolchado, sobre metal plano, lejos de tornillos. Tapar con cinta los bornes de la pila.</translation>
    </message>
    <message>
        <source>Wear safety glasses, face out of line with the strings. A drill winder: slow, hair and fingers clear.</source>
        <translation>Llevar gafas de seguridad, la cara fuera de la línea de las cuerdas. Atornillador: despacio, pelo y dedos lejos.</translation>
    </message>
    <message>
        <source>Cut each slack string in the middle</source>
        <translation>Cortar cada cuerda floja por el centro</translation>
    </message>
    <message>
        <source>Never cut under tension. Wear safety glasses. Sharp ends go into the sharps tin: count them.</source>
        <translation>Nunca cortar bajo tensión. Llevar gafas de seguridad. Las puntas van a la lata de puntas: contarlas.</translation>
    </message>
    <message>
        <source>A string that sticks: back it out, never force it. Sharp ends go into the sharps tin.</source>
        <translation>Una cuerda que se atasca: echarla atrás, nunca forzarla. Las puntas van a la lata de puntas.</translation>
    </message>
    <message>
        <source>Once the nut is locked only they can tune.</source>
        <translation>Con la cejuela bloqueada solo ellos afinan.</translation>
    </message>
    <message>
        <source>With strings off, everything is within reach.</source>
        <translation>Sin cuerdas, todo está a mano.</translation>
    </message>
    <message>
        <source>Spray the cloth, not the guitar. Air the room, dry the cloths flat.</source>
        <translation>Rociar el paño, no la guitarra. Ventilar, secar los paños extendidos.</translation>
    </message>
    <message>
        <source>Tape the pickups, polish the frets</source>
        <translation>Tapar las pastillas, pulir los trastes</translation>
    </message>
    <message>
        <source>Filings stick to a pickup&apos;s magnets.</source>
        <translation>Las limaduras se pegan a los imanes de las pastillas.</translation>
    </message>
    <message>
        <source>Wear a dust mask. Wipe up filings before peeling the tape.</source>
        <translation>Llevar mascarilla. Recoger las limaduras antes de despegar la cinta.</translation>
    </message>
    <message>
        <source>Keep oil off lacquer and raw wood. Air the room. Dry oily cloths flat: in a heap they can catch fire.</source>
        <translation>Sin aceite en laca ni madera cruda. Ventilar. Secar los paños aceitosos extendidos: amontonados pueden arder.</translation>
    </message>
    <message>
        <source>Uncoil slowly, safety glasses on, face clear: the ends spring.</source>
        <translation>Desenrollar despacio, gafas puestas, cara lejos: las puntas saltan.</translation>
    </message>
    <message>
        <source>Wear safety glasses. Round-core wound strings: bend before cutting, or the winding comes loose. Sharp ends go into the sharps tin.</source>
        <translation>Llevar gafas de seguridad. Entorchadas de alma redonda: doblar antes de cortar, o el entorchado se suelta. Las puntas van a la lata de puntas.</translation>
    </message>
    <message>
        <source>The other strings keep the bridge near its place.</source>
        <translation>Las otras cuerdas mantienen el puente cerca de su sitio.</translation>
    </message>
    <message>
        <source>Slacken before cutting, seat before tension. Wear safety glasses. Sharp ends go into the sharps tin.</source>
        <translation>Aflojar antes de cortar, asentar antes de tensar. Llevar gafas de seguridad. Las puntas van a la lata de puntas.</translation>
    </message>
    <message>
        <source>Safety glasses on, face clear. Check the octave.</source>
        <translation>Gafas puestas, cara lejos. Comprobar la octava.</translation>
    </message>
    <message>
        <source>Lift the rear edge; draw the block out</source>
        <translation>Levantar el borde trasero; sacar el taco</translation>
    </message>
    <message>
        <source>Hold the bridge and ease the plate down: it may jump.</source>
        <translation>Sujetar el puente y bajar la placa con suavidad: puede saltar.</translation>
    </message>
    <message>
        <source>A string that still stretches goes flat on stage.</source>
        <translation>Una cuerda que aún se estira baja en el escenario.</translation>
    </message>
    <message>
        <source>Safety glasses on. Never pull in one place: a kink ruins the string.</source>
        <translation>Gafas puestas. Nunca tirar en un solo punto: un doblez arruina la cuerda.</translation>
    </message>
    <message>
        <source>What still stretches does so before the nut is locked.</source>
        <translation>Lo que aún se estira lo hace antes de bloquear la cejuela.</translation>
    </message>
    <message>
        <source>Neck relief</source>
        <translation>Curvatura del mástil</translation>
    </message>
    <message>
        <source>Set the neck relief</source>
        <translation>Ajustar la curvatura del mástil</translation>
    </message>
    <message>
        <source>Another pull bends the neck; height and intonation depend on it.</source>
        <translation>Otra tensión curva el mástil; altura y octavación dependen de ello.</translation>
    </message>
    <message>
        <source>straightedge, feeler</source>
        <translation>regla recta, galga</translation>
    </message>
    <message>
        <source>Turn the rod in quarters. One that does not turn easily: stop, and send it to a professional repairer.</source>
        <translation>Girar el alma en cuartos. Si no gira con facilidad: parar, y a un reparador profesional.</translation>
    </message>
    <message>
        <source>the relief is as wanted at pitch</source>
        <translation>la curvatura es la deseada con las cuerdas afinadas</translation>
    </message>
    <message>
        <source>Use a tip that fills the slot. A screw that turns without biting: stop; leave thread in the wood.</source>
        <translation>Usar una punta que llene la ranura. Un tornillo que gira sin agarrar: parar; dejar rosca en la madera.</translation>
    </message>
    <message>
        <source>Each aim allows for the strings tuned after it.</source>
        <translation>Cada objetivo cuenta con las cuerdas que se afinan después.</translation>
    </message>
    <message>
        <source>Safety glasses on, face clear at every tuning up.</source>
        <translation>Gafas puestas, cara lejos cada vez que se sube una cuerda.</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more: a stripped bolt cannot be undone. Soft-metal copies: less.</source>
        <translation>Apretar hasta el tope, luego un poco más: un perno pasado no tiene arreglo. Copias de metal blando: menos.</translation>
    </message>
    <message>
        <source>Wear safety glasses. Round-core wound strings: bend before cutting. Sharp ends go into the sharps tin.</source>
        <translation>Llevar gafas de seguridad. Entorchadas de alma redonda: doblar antes de cortar. Las puntas van a la lata de puntas.</translation>
    </message>
    <message>
        <source>Loose pivot screws, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Tornillos de apoyo flojos, grietas o madera levantada: parar, y a un reparador profesional.</translation>
    </message>
    <message>
        <source>Anything loose in the wood, cracks or lifted wood: stop, and send it to a professional repairer.</source>
        <translation>Algo suelto en la madera, grietas o madera levantada: parar, y a un reparador profesional.</translation>
    </message>
    <message>
        <source>the answers are right</source>
        <translation>las respuestas son correctas</translation>
    </message>
    <message>
        <source>Big bends or another action change tuning and height.</source>
        <translation>Los estirones grandes u otra altura de cuerdas cambian afinación y altura.</translation>
    </message>
    <message>
        <source>Each method costs minutes or risk on this guitar; shop defaults are chosen.</source>
        <translation>Cada método cuesta minutos o riesgo en esta guitarra; están elegidos los del taller.</translation>
    </message>
    <message>
        <source>Safety glasses are the first tool out.</source>
        <translation>Las gafas de seguridad son la primera herramienta.</translation>
    </message>
    <message>
        <source>Open the nut clamps</source>
        <translation>Abrir las mordazas de la cejuela</translation>
    </message>
    <message>
        <source>Push the arm to raise the edge, ease the plate onto the block, never let it snap. Block padded, on flat metal, clear of screws. Tape a battery&apos;s terminals.</source>
        <translation>Empujar la palanca para levantar el borde, bajar la placa con suavidad sobre el taco, nunca de golpe. Taco acolchado, sobre metal plano, lejos de tornillos. Tapar con cinta los bornes de la pila.</translation>
    </message>
    <message>
        <source>Loosen every bridge tuner until slack</source>
        <translation>Soltar cada clavija del puente hasta aflojar</translation>
    </message>
    <message>
        <source>Wear safety glasses, face out of line with the strings.</source>
        <translation>Llevar gafas de seguridad, la cara fuera de la línea de las cuerdas.</translation>
    </message>
    <message>
        <source>Mark the loose bridge&apos;s place. If the last string must go, hold the shaft. Wear safety glasses, face out of line with the strings.</source>
        <translation>Marcar el sitio del puente suelto. Si la última cuerda debe salir, sujetar el eje. Llevar gafas de seguridad, la cara fuera de la línea de las cuerdas.</translation>
    </message>
    <message>
        <source>A stop tailpiece falls when slack: hold it. Arch-top: mark the loose bridge first. Wear safety glasses, face out of line with the strings.</source>
        <translation>Un cordal se cae sin tensión: sujetarlo. Archtop: marcar antes el puente suelto. Llevar gafas de seguridad, la cara fuera de la línea de las cuerdas.</translation>
    </message>
    <message>
        <source>Cut only the slack strings</source>
        <translation>Cortar solo las cuerdas flojas</translation>
    </message>
    <message>
        <source>The string that stays on keeps shaft and spring in place.</source>
        <translation>La cuerda que se queda mantiene eje y muelle en su sitio.</translation>
    </message>
    <message>
        <source>Never cut the one at pitch. Wear safety glasses. Sharp ends go into the sharps tin: count them.</source>
        <translation>Nunca cortar la que está afinada. Llevar gafas de seguridad. Las puntas van a la lata de puntas: contarlas.</translation>
    </message>
    <message>
        <source>every slack string is in two</source>
        <translation>cada cuerda floja está en dos</translation>
    </message>
    <message>
        <source>Unwind the pegs, unhook the ball ends</source>
        <translation>Desenrollar las clavijas, desenganchar las bolas</translation>
    </message>
    <message>
        <source>Ball ends hang on pins or are tied: look how before they come off.</source>
        <translation>Las bolas cuelgan de pasadores o van atadas: mirar cómo antes de quitarlas.</translation>
    </message>
    <message>
        <source>A pin that sticks: ease it, never pry. The string that stays on stays hooked. Sharp ends go into the sharps tin.</source>
        <translation>Un pasador que se atasca: aflojarlo, nunca hacer palanca. La cuerda que se queda sigue enganchada. Las puntas van a la lata de puntas.</translation>
    </message>
    <message>
        <source>only the kept string is left</source>
        <translation>solo queda la cuerda conservada</translation>
    </message>
    <message>
        <source>Unwind the bridge tuners almost to slack</source>
        <translation>Desenroscar casi del todo las clavijas del puente</translation>
    </message>
    <message>
        <source>They take up all the slack; half-way in, they may run out before pitch.</source>
        <translation>Recogen toda la holgura; a medio recorrido pueden agotarse antes de afinar.</translation>
    </message>
    <message>
        <source>Preset bridge tuners</source>
        <translation>Preajustar las clavijas del puente</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more: over-tight breaks the saddle. Soft-metal copies: less.</source>
        <translation>Apretar hasta el tope, luego un poco más: demasiado rompe la silleta. Copias de metal blando: menos.</translation>
    </message>
    <message>
        <source>Push each string through from behind</source>
        <translation>Empujar cada cuerda desde atrás</translation>
    </message>
    <message>
        <source>A ball on an edge slips at pitch. A little graphite in each nut slot lets the string slide back.</source>
        <translation>Una bola sobre un canto resbala al afinar. Un poco de grafito en cada ranura de la cejuela deja volver la cuerda.</translation>
    </message>
    <message>
        <source>Unwind a tuner, hook its ball end in</source>
        <translation>Desenroscar una clavija, enganchar su bola</translation>
    </message>
    <message>
        <source>The holder comes out only when its tuner is fully unwound.</source>
        <translation>El soporte sale solo con su clavija desenroscada del todo.</translation>
    </message>
    <message>
        <source>Hook each ball end on its pin</source>
        <translation>Enganchar cada bola en su pasador</translation>
    </message>
    <message>
        <source>A ball end that has slipped off its pin jumps at pitch: crimp it or tie it.</source>
        <translation>Una bola fuera de su pasador salta al afinar: engarzarla o atarla.</translation>
    </message>
    <message>
        <source>Keep the shaft under tension: one string stays on.</source>
        <translation>Mantener el eje bajo tensión: una cuerda se queda.</translation>
    </message>
    <message>
        <source>Hold at fret 1, draw tight, clamp</source>
        <translation>Sujetar en el traste 1, tensar, cerrar</translation>
    </message>
    <message>
        <source>A string beside its clamp slips at pitch; slack in it uses up the tuner&apos;s travel.</source>
        <translation>Una cuerda fuera de su mordaza resbala al afinar; la holgura gasta el recorrido de la clavija.</translation>
    </message>
    <message>
        <source>Take up each string with its bridge tuner</source>
        <translation>Tensar cada cuerda con su clavija del puente</translation>
    </message>
    <message>
        <source>The clamp holds the string, the bridge tuner takes up its slack.</source>
        <translation>La mordaza sujeta la cuerda, la clavija del puente recoge su holgura.</translation>
    </message>
    <message>
        <source>Wear safety glasses, face out of line with the strings. At the end of its travel: unwind, draw the string through the clamp, clamp again.</source>
        <translation>Llevar gafas de seguridad, la cara fuera de la línea de las cuerdas. Al final del recorrido: desenroscar, tirar de la cuerda por la mordaza, cerrarla de nuevo.</translation>
    </message>
    <message>
        <source>Wear safety glasses. Old slotted string posts break at a tight bend: push the end to the bottom, bend it once, wind slowly.</source>
        <translation>Llevar gafas de seguridad. Los postes de clavija ranurados viejos se rompen con un doblez cerrado: meter la punta hasta el fondo, doblarla una vez, enrollar despacio.</translation>
    </message>
    <message>
        <source>Slacken before cutting. Ball end off, to the bottom of the saddle, clamp, pull to test, then tension. Wear safety glasses. Sharp ends go into the sharps tin.</source>
        <translation>Aflojar antes de cortar. Bola fuera, hasta el fondo de la silleta, apretar, tirar para probar, luego tensar. Llevar gafas de seguridad. Las puntas van a la lata de puntas.</translation>
    </message>
    <message>
        <source>Loosen the bridge tuner before opening a clamp. Hold the new string at fret 1, draw it tight, clamp, then tension. Wear safety glasses.</source>
        <translation>Soltar la clavija del puente antes de abrir una mordaza. Sujetar la cuerda nueva en el traste 1, tensarla, cerrar, luego afinar. Llevar gafas de seguridad.</translation>
    </message>
    <message>
        <source>New strings fall while they stretch; this pass only has to come near.</source>
        <translation>Las cuerdas nuevas bajan mientras se estiran; esta pasada solo debe acercarse.</translation>
    </message>
    <message>
        <source>Rest on the body</source>
        <translation>Descansar sobre el cuerpo</translation>
    </message>
    <message>
        <source>Hold the arm before its spring is lifted out. Never cut a spring or bend the arm.</source>
        <translation>Sujetar la palanca antes de sacar su muelle. Nunca cortar un muelle ni doblar la palanca.</translation>
    </message>
    <message>
        <source>Arm height</source>
        <translation>Altura de la palanca</translation>
    </message>
    <message>
        <source>The stabiliser&apos;s springs may drop out: hold them. Use a tip that fills the slot; leave thread in the wood.</source>
        <translation>Los muelles del estabilizador pueden caerse: sujetarlos. Usar una punta que llene la ranura; dejar rosca en la madera.</translation>
    </message>
    <message>
        <source>Set the height at the saddles</source>
        <translation>Ajustar la altura en las silletas</translation>
    </message>
    <message>
        <source>Height moves pitch, so it comes before the last passes.</source>
        <translation>La altura mueve la afinación, por eso va antes de las últimas pasadas.</translation>
    </message>
    <message>
        <source>Slacken a string before its saddle screws are turned. The pivot screws stay as they are: inspect them.</source>
        <translation>Aflojar una cuerda antes de girar los tornillos de su silleta. Los tornillos de apoyo se quedan como están: inspeccionarlos.</translation>
    </message>
    <message>
        <source>the action is right on every string</source>
        <translation>la altura es correcta en cada cuerda</translation>
    </message>
    <message>
        <source>Slacken a string before its saddle is turned.</source>
        <translation>Aflojar una cuerda antes de girar su silleta.</translation>
    </message>
    <message>
        <source>Strings slack first, then turn, then retune; one stays on.</source>
        <translation>Primero cuerdas flojas, luego girar, luego reafinar; una se queda.</translation>
    </message>
    <message>
        <source>The bridge&apos;s place moves pitch, so it comes before the last passes.</source>
        <translation>El sitio del puente mueve la afinación, por eso va antes de las últimas pasadas.</translation>
    </message>
    <message>
        <source>Saddles move pitch, so they come before the last pass.</source>
        <translation>Las silletas mueven la afinación, por eso van antes de la última pasada.</translation>
    </message>
    <message>
        <source>Nothing moves: each string keeps the pitch it is tuned to.</source>
        <translation>Nada se mueve: cada cuerda conserva la afinación que se le da.</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more: a crushed string breaks there.</source>
        <translation>Apretar hasta el tope, luego un poco más: una cuerda aplastada se rompe ahí.</translation>
    </message>
    <message>
        <source>Close the nut clamps</source>
        <translation>Cerrar las mordazas de la cejuela</translation>
    </message>
    <message>
        <source>Tune at the bridge, held as played</source>
        <translation>Afinar en el puente, como se toca</translation>
    </message>
    <message>
        <source>Trim the ends at the head clamp</source>
        <translation>Cortar las puntas en la mordaza de la cabeza</translation>
    </message>
    <message>
        <source>Only once every clamp is closed and tested. Wear safety glasses. Sharp ends go into the sharps tin.</source>
        <translation>Solo con cada mordaza cerrada y probada. Llevar gafas de seguridad. Las puntas van a la lata de puntas.</translation>
    </message>
    <message>
        <source>Press, lift the arm; check before and after</source>
        <translation>Bajar y subir la palanca; comprobar antes y después</translation>
    </message>
    <message>
        <source>Tape the pickups, rub frets and fretboard lengthwise</source>
        <translation>Tapar las pastillas, frotar trastes y diapasón a lo largo</translation>
    </message>
    <message>
        <source>Bring each string up; block out, inspect the plate</source>
        <translation>Subir cada cuerda; taco fuera, inspeccionar la placa</translation>
    </message>
</context>
<context>
    <name>StringLanes</name>
    <message>
        <source>String %1 is off</source>
        <translation>La cuerda %1 está fuera</translation>
    </message>
    <message>
        <source>String %1, %2: not read yet</source>
        <translation>Cuerda %1, %2: aún sin leer</translation>
    </message>
    <message>
        <source>String %1, %2: %3, measured</source>
        <translation>Cuerda %1, %2: %3, medido</translation>
    </message>
    <message>
        <source>String %1, %2: %3, calculated</source>
        <translation>Cuerda %1, %2: %3, calculado</translation>
    </message>
    <message>
        <source>String %1, %2: %3, measured; aim %4</source>
        <translation>Cuerda %1, %2: %3, medido; objetivo %4</translation>
    </message>
    <message>
        <source>String %1, %2: %3, calculated; aim %4</source>
        <translation>Cuerda %1, %2: %3, calculado; objetivo %4</translation>
    </message>
</context>
<context>
    <name>TimeBars</name>
    <message>
        <source>No finished job tells its times yet.</source>
        <translation>Aún ningún trabajo terminado dice sus tiempos.</translation>
    </message>
    <message>
        <source>minutes × jobs</source>
        <translation>minutos × trabajos</translation>
    </message>
    <message>
        <source>%1: median %2 min, from %3 to %4</source>
        <translation>%1: mediana %2 min, de %3 a %4</translation>
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
        <translation>Buscar un canto vivo donde asienta la bolita.</translation>
    </message>
    <message>
        <source>Look at the hole of the string post: a burr; bend the string less tightly.</source>
        <translation>Mirar el agujero del poste: una rebaba; doblar menos la cuerda.</translation>
    </message>
    <message>
        <source>Look at the frets under it: a burr at a fret&apos;s end.</source>
        <translation>Mirar los trastes bajo ella: una rebaba en un extremo.</translation>
    </message>
    <message>
        <source>at the saddle</source>
        <translation>en la silleta</translation>
    </message>
    <message>
        <source>at the ball end</source>
        <translation>en la bolita</translation>
    </message>
    <message>
        <source>between nut and saddle</source>
        <translation>entre cejuela y silleta</translation>
    </message>
    <message>
        <source>at the nut</source>
        <translation>en la cejuela</translation>
    </message>
    <message>
        <source>at the string post</source>
        <translation>en el poste de clavija</translation>
    </message>
    <message>
        <source>not said where</source>
        <translation>sin decir dónde</translation>
    </message>
    <message numerus="yes">
        <source>String %1 broke %2, %n times.</source>
        <translation>
            <numerusform>La cuerda %1 se rompió %n vez, %2.</numerusform>
            <numerusform>La cuerda %1 se rompió %n veces, %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Look for a burr or a sharp edge on that saddle.</source>
        <translation>Buscar una rebaba o un canto vivo en esa silleta.</translation>
    </message>
    <message>
        <source>Look at its place in the nut: a burr, or a slot too narrow.</source>
        <translation>Mirar su sitio en la cejuela: una rebaba o una ranura estrecha.</translation>
    </message>
    <message>
        <source>String %1 did not come back from the arm in %2 of %3 jobs. Look at its place in the nut, its saddle and how it is held.</source>
        <translation>La cuerda %1 no volvió tras la palanca en %2 de %3 trabajos. Mirar su sitio en la cejuela, su silleta y cómo está sujeta.</translation>
    </message>
</context>
<context>
    <name>TrialChart</name>
    <message>
        <source>median %1 passes, %2 min</source>
        <translation>mediana %1 pasadas, %2 min</translation>
    </message>
    <message>
        <source>Not compared yet. Simulated guitars like this one, tuned by each method and by the adviser.</source>
        <translation>Aún sin comparar. Guitarras simuladas como esta, afinadas por cada método y por el consejero.</translation>
    </message>
    <message>
        <source>No trial has been played yet.</source>
        <translation>Aún no se ha jugado ninguna prueba.</translation>
    </message>
    <message>
        <source>adviser</source>
        <translation>consejero</translation>
    </message>
    <message>
        <source>%1 of %2 guitars in more than %3 passes</source>
        <translation>%1 de %2 guitarras en más de %3 pasadas</translation>
    </message>
    <message>
        <source>%1 of %2 guitars in %3 passes at most</source>
        <translation>%1 de %2 guitarras en %3 pasadas como mucho</translation>
    </message>
    <message>
        <source>passes until in tune and level, calculated</source>
        <translation>pasadas hasta afinada y nivelada, calculado</translation>
    </message>
    <message>
        <source>Trial on %1 simulated guitars. Adviser: %2.</source>
        <translation>Probar con %1 guitarras simuladas. Consejero: %2.</translation>
    </message>
</context>
<context>
    <name>Troubleshooting</name>
    <message>
        <source>The bridge sinks or drops off its bridge posts when strings come off</source>
        <translation>El puente se hunde o cae de sus postes al quitar cuerdas</translation>
    </message>
    <message>
        <source>It was not blocked.</source>
        <translation>No estaba calzado.</translation>
    </message>
    <message>
        <source>Block before the first string goes slack, or change one string at a time.</source>
        <translation>Poner el taco antes de que afloje la primera cuerda, o cambiar una cuerda cada vez.</translation>
    </message>
    <message>
        <source>Keep some tension on, or push the arm down and block first.</source>
        <translation>Dejar algo de tensión, o apretar antes la palanca y poner el taco.</translation>
    </message>
    <message>
        <source>They share one bridge.</source>
        <translation>Comparten un puente.</translation>
    </message>
    <message>
        <source>Judge nothing before all are on.</source>
        <translation>No juzgues nada antes de que estén todas.</translation>
    </message>
    <message>
        <source>A string pings and goes flat, or pops out</source>
        <translation>Una cuerda chasquea y baja, o se sale</translation>
    </message>
    <message>
        <source>Slacken, reseat it straight and to the bottom, clamp until it stops, pull to test.</source>
        <translation>Aflojar, asentarla recta y al fondo, apretar hasta que se pare, tirar para probar.</translation>
    </message>
    <message>
        <source>Pull every string by hand before tuning.</source>
        <translation>Tirar a mano de cada cuerda antes de afinar.</translation>
    </message>
    <message>
        <source>A string slips at its string post</source>
        <translation>Una cuerda resbala en su eje</translation>
    </message>
    <message>
        <source>Too few wraps.</source>
        <translation>Pocas espiras.</translation>
    </message>
    <message>
        <source>Rewind with one wrap more, first wrap over the string end.</source>
        <translation>Enrollar otra vez con una espira más, la primera sobre la punta.</translation>
    </message>
    <message>
        <source>A string breaks while it is tuned</source>
        <translation>Una cuerda se rompe al afinarla</translation>
    </message>
    <message>
        <source>Wrong octave, wrong string in that place, or a kink.</source>
        <translation>Octava equivocada, cuerda equivocada en ese sitio, o un pliegue.</translation>
    </message>
    <message>
        <source>A string breaks at the nut</source>
        <translation>Una cuerda se rompe en la cejuela</translation>
    </message>
    <message>
        <source>Caps too tight, or a cap the wrong way round.</source>
        <translation>Pletinas demasiado apretadas, o una al revés.</translation>
    </message>
    <message>
        <source>It was forced.</source>
        <translation>Se forzó.</translation>
    </message>
    <message>
        <source>An insert is missing</source>
        <translation>Falta un inserto</translation>
    </message>
    <message>
        <source>The guitar was turned over with clamps open.</source>
        <translation>Se dio la vuelta a la guitarra con las mordazas abiertas.</translation>
    </message>
    <message>
        <source>Tape them, or do not turn it over.</source>
        <translation>Sujetarlos con cinta, o no darle la vuelta.</translation>
    </message>
    <message>
        <source>The new strings pull more.</source>
        <translation>Las cuerdas nuevas tiran más.</translation>
    </message>
    <message>
        <source>See the plan before the strings come off.</source>
        <translation>Mirar el plan antes de quitar las cuerdas.</translation>
    </message>
    <message>
        <source>The plate has sunk after the change</source>
        <translation>La placa se ha hundido tras el cambio</translation>
    </message>
    <message>
        <source>The new strings pull less.</source>
        <translation>Las cuerdas nuevas tiran menos.</translation>
    </message>
    <message>
        <source>Tuning never ends</source>
        <translation>Afinar no acaba nunca</translation>
    </message>
    <message>
        <source>Each string moves the bridge and flattens the others.</source>
        <translation>Cada cuerda mueve el puente y baja las demás.</translation>
    </message>
    <message>
        <source>Aims from the first pass on.</source>
        <translation>Objetivos desde la primera pasada.</translation>
    </message>
    <message>
        <source>The lowest string falls by semitones while the others come up</source>
        <translation>La cuerda más grave cae semitonos mientras suben las demás</translation>
    </message>
    <message>
        <source>The bridge comes forward under the rising pull.</source>
        <translation>El puente se adelanta bajo la tracción que sube.</translation>
    </message>
    <message>
        <source>Let it fall; its aim says how sharp it has to be.</source>
        <translation>Déjala caer; su objetivo dice cuánto debe estar alta.</translation>
    </message>
    <message>
        <source>Do not chase it.</source>
        <translation>No la persigas.</translation>
    </message>
    <message>
        <source>One plain string never holds</source>
        <translation>Una cuerda lisa no aguanta nunca</translation>
    </message>
    <message>
        <source>Settle it well.</source>
        <translation>Asiéntala bien.</translation>
    </message>
    <message>
        <source>Out of tune again after locking</source>
        <translation>Desafinada otra vez tras bloquear</translation>
    </message>
    <message>
        <source>It was not settled.</source>
        <translation>No estaba asentada.</translation>
    </message>
    <message>
        <source>Unlock, stretch, tune, lock again.</source>
        <translation>Desbloquear, estirar, afinar, bloquear otra vez.</translation>
    </message>
    <message>
        <source>Lock only when stretches change nothing.</source>
        <translation>Bloquear solo cuando estirar no cambie nada.</translation>
    </message>
    <message>
        <source>Locking pulls the strings sharp</source>
        <translation>Bloquear sube las cuerdas</translation>
    </message>
    <message>
        <source>Strings are off the floor of their slots.</source>
        <translation>Las cuerdas no tocan el fondo de sus ranuras.</translation>
    </message>
    <message>
        <source>A fine tuner is at its end</source>
        <translation>Un microafinador está en su final</translation>
    </message>
    <message>
        <source>It was not preset, or the pitch had moved far.</source>
        <translation>No estaba en su ajuste previo, o el tono se había ido lejos.</translation>
    </message>
    <message>
        <source>Unlock, preset, tune at the pegs, lock again.</source>
        <translation>Desbloquear, ajuste previo, afinar en las clavijas, bloquear otra vez.</translation>
    </message>
    <message>
        <source>All strings are sharp when the block comes out</source>
        <translation>Todas las cuerdas quedan altas al salir el taco</translation>
    </message>
    <message>
        <source>Go on: the next pass brings them down.</source>
        <translation>Seguir: la próxima pasada las baja.</translation>
    </message>
    <message>
        <source>A neutral block, or aims under the block.</source>
        <translation>Un taco neutro, u objetivos sobre el taco.</translation>
    </message>
    <message>
        <source>The bridge does not move at all</source>
        <translation>El puente no se mueve nada</translation>
    </message>
    <message>
        <source>The block is still in.</source>
        <translation>El taco sigue dentro.</translation>
    </message>
    <message>
        <source>The strip at the top says so while it is in.</source>
        <translation>La franja de arriba lo dice mientras está dentro.</translation>
    </message>
    <message>
        <source>A string buzzes against something at the bridge</source>
        <translation>Una cuerda zumba contra algo en el puente</translation>
    </message>
    <message>
        <source>The arm is under it, or two are crossed under the retainer bar.</source>
        <translation>La palanca está debajo, o dos se cruzan bajo la barra retenedora.</translation>
    </message>
    <message>
        <source>Slacken, lead it anew.</source>
        <translation>Aflojar, guiarla otra vez.</translation>
    </message>
    <message>
        <source>Look along the strings before tension.</source>
        <translation>Mirar a lo largo de las cuerdas antes de tensar.</translation>
    </message>
    <message>
        <source>The string end is too short to wind, or coils up long</source>
        <translation>La punta es corta para enrollar, o se enrosca larga</translation>
    </message>
    <message>
        <source>Cut before it was measured, or slack by guess.</source>
        <translation>Se cortó antes de medir, o la holgura fue a ojo.</translation>
    </message>
    <message>
        <source>Too short: another string. Too long: trim.</source>
        <translation>Cortar: otra cuerda. Larga: recortarla.</translation>
    </message>
    <message>
        <source>A bend in the string over one fret</source>
        <translation>Un doblez en la cuerda sobre un traste</translation>
    </message>
    <message>
        <source>It was pulled in one place.</source>
        <translation>Se tiró de ella en un solo punto.</translation>
    </message>
    <message>
        <source>Replace it; a kink does not go away.</source>
        <translation>Cámbiala; un pliegue no se va.</translation>
    </message>
    <message>
        <source>Stretch along the whole length.</source>
        <translation>Estirar en toda la longitud.</translation>
    </message>
    <message>
        <source>A string sticks in the sustain block</source>
        <translation>Una cuerda se atasca en el bloque de sustain</translation>
    </message>
    <message>
        <source>It was forced, or its winding caught.</source>
        <translation>Se forzó, o se enganchó su entorchado.</translation>
    </message>
    <message>
        <source>Back it out, push from the front with a thicker offcut.</source>
        <translation>Hacia atrás, empujar por delante con un retal más grueso.</translation>
    </message>
    <message>
        <source>Never force.</source>
        <translation>Nunca a la fuerza.</translation>
    </message>
    <message>
        <source>A bent end was dragged over it.</source>
        <translation>Se arrastró encima una punta doblada.</translation>
    </message>
    <message>
        <source>Cut in the middle, clip string ends, take ends off by hand.</source>
        <translation>Cortar por el medio, recortar las puntas, sacarlas a mano.</translation>
    </message>
    <message>
        <source>Filings on the pickups</source>
        <translation>Limaduras en las pastillas</translation>
    </message>
    <message>
        <source>Wool without tape.</source>
        <translation>Lana sin cinta.</translation>
    </message>
    <message>
        <source>Lift them with tape, again and again.</source>
        <translation>Levántalas con cinta, una y otra vez.</translation>
    </message>
    <message>
        <source>Returns flat after a dive</source>
        <translation>Vuelve baja tras una bajada</translation>
    </message>
    <message>
        <source>Less angle, less friction, neat wraps.</source>
        <translation>Menos ángulo, menos fricción, espiras limpias.</translation>
    </message>
    <message>
        <source>Never turn bridge posts under full tension.</source>
        <translation>Nunca gires los postes del puente a plena tensión.</translation>
    </message>
    <message>
        <source>Everything is off by about a whole step</source>
        <translation>Todo está desviado alrededor de un tono</translation>
    </message>
    <message>
        <source>The balance was made for another set or tuning.</source>
        <translation>El equilibrio era para otro juego u otra afinación.</translation>
    </message>
    <message>
        <source>Note set and tuning on the card.</source>
        <translation>Anotar juego y afinación en la ficha.</translation>
    </message>
    <message>
        <source>The gauge does not fit any set</source>
        <translation>El calibre no encaja con ningún juego</translation>
    </message>
    <message>
        <source>Write the unit with the figure.</source>
        <translation>Escribir la unidad con la cifra.</translation>
    </message>
    <message>
        <source>Two neighbouring strings feel wrong</source>
        <translation>Dos cuerdas vecinas se sienten raras</translation>
    </message>
    <message>
        <source>They were swapped.</source>
        <translation>Se cambiaron de sitio.</translation>
    </message>
    <message>
        <source>Measure, slacken, swap.</source>
        <translation>Medir, aflojar, cambiarlas.</translation>
    </message>
    <message>
        <source>Lay the set out by gauge.</source>
        <translation>Dispón el juego por calibre.</translation>
    </message>
    <message>
        <source>A cap has cut into a string</source>
        <translation>Una pletina ha cortado una cuerda</translation>
    </message>
    <message>
        <source>It was on the wrong way round or in another place.</source>
        <translation>Estaba al revés o en otro sitio.</translation>
    </message>
    <message>
        <source>Lay caps out in order.</source>
        <translation>Dispón las pletinas en orden.</translation>
    </message>
    <message>
        <source>Pitch drifts over days though all is locked</source>
        <translation>El tono se mueve en días aunque todo está bloqueado</translation>
    </message>
    <message>
        <source>Neck screws loose, or the neck still moves.</source>
        <translation>Tornillos del mástil flojos, o el mástil aún se mueve.</translation>
    </message>
    <message>
        <source>Snug the screws, tune again; a neck that moves is for a repairer.</source>
        <translation>Apretar los tornillos, afinar otra vez; un mástil que se mueve es para un reparador.</translation>
    </message>
    <message>
        <source>Check the screws at intake.</source>
        <translation>Mirar los tornillos en la recepción.</translation>
    </message>
    <message>
        <source>The spring is too long for this set.</source>
        <translation>El muelle es largo para este juego.</translation>
    </message>
    <message>
        <source>A shorter spring; never cut it or bend the arm.</source>
        <translation>Un muelle más corto; nunca lo cortes ni dobles la palanca.</translation>
    </message>
    <message>
        <source>Choose the spring by the plan.</source>
        <translation>Elegir el muelle según el plan.</translation>
    </message>
    <message>
        <source>Loosen both claw screws or push the arm down, put the knife edges back on the bridge posts, block, go on.</source>
        <translation>Soltar los dos tornillos de la garra o empujar la palanca, volver a poner los filos en los postes del puente, taco, seguir.</translation>
    </message>
    <message>
        <source>The bridge sinks into the body when strings come off</source>
        <translation>El puente se hunde en el cuerpo al quitar cuerdas</translation>
    </message>
    <message>
        <source>Push the arm down or loosen both claw screws, put the block in, go on.</source>
        <translation>Empujar la palanca o soltar los dos tornillos de la garra, meter el taco, seguir.</translation>
    </message>
    <message>
        <source>A spring has jumped off</source>
        <translation>Un muelle ha saltado</translation>
    </message>
    <message>
        <source>It went slack and unhooked.</source>
        <translation>Quedó flojo y se desenganchó.</translation>
    </message>
    <message>
        <source>Loosen both claw screws. Safety glasses on, hook it with pliers, face out of its line. Then turn the claw back.</source>
        <translation>Soltar los dos tornillos de la garra. Gafas de seguridad puestas, engancharlo con alicates, la cara fuera de su línea. Luego devolver la garra.</translation>
    </message>
    <message>
        <source>The spring under the arm has fallen out</source>
        <translation>Se ha caído el muelle de debajo de la palanca</translation>
    </message>
    <message>
        <source>All tension was gone.</source>
        <translation>Se fue toda la tensión.</translation>
    </message>
    <message>
        <source>Hold the shaft, press the arm up, seat the spring in its cup, then bring one string up.</source>
        <translation>Sujetar el eje, empujar la palanca hacia arriba, asentar el muelle en su copa, luego subir una cuerda.</translation>
    </message>
    <message>
        <source>Keep one string on, always.</source>
        <translation>Dejar siempre una cuerda puesta.</translation>
    </message>
    <message>
        <source>The loose bridge has moved</source>
        <translation>El puente suelto se ha movido</translation>
    </message>
    <message>
        <source>It is held by the strings alone, and all were slack.</source>
        <translation>Solo lo sujetan las cuerdas, y todas estaban flojas.</translation>
    </message>
    <message>
        <source>Put it on its marks; without marks: octave of the outer strings against fret 12.</source>
        <translation>Ponerlo en sus marcas; sin marcas: octava de las cuerdas exteriores contra el traste 12.</translation>
    </message>
    <message>
        <source>Mark its place before the first string goes slack.</source>
        <translation>Marcar su sitio antes de aflojar la primera cuerda.</translation>
    </message>
    <message>
        <source>The tailpiece has fallen</source>
        <translation>El cordal se ha caído</translation>
    </message>
    <message>
        <source>It is held by the strings alone.</source>
        <translation>Solo lo sujetan las cuerdas.</translation>
    </message>
    <message>
        <source>Lift it on with two strings in, bring those up first.</source>
        <translation>Colgarlo con dos cuerdas puestas, subir esas primero.</translation>
    </message>
    <message>
        <source>Hold it, or change one string at a time.</source>
        <translation>Sujetarlo, o cambiar las cuerdas una a una.</translation>
    </message>
    <message>
        <source>One string off: all the others are out of tune</source>
        <translation>Una cuerda fuera: todas las demás se desafinan</translation>
    </message>
    <message>
        <source>Leave them: they return once all strings are tuned.</source>
        <translation>Dejarlas: vuelven cuando todas las cuerdas están afinadas.</translation>
    </message>
    <message>
        <source>It was not on the bottom, or the clamp is loose or crooked.</source>
        <translation>No estaba en el fondo, o la mordaza está floja o torcida.</translation>
    </message>
    <message>
        <source>A string pings and goes flat at the bridge</source>
        <translation>Una cuerda chasquea en el puente y baja</translation>
    </message>
    <message>
        <source>The ball end sits on an edge or is off its pin.</source>
        <translation>La bola está sobre un canto o fuera de su pasador.</translation>
    </message>
    <message>
        <source>Slacken, seat the ball end, pull to test.</source>
        <translation>Aflojar, asentar la bola, tirar para probar.</translation>
    </message>
    <message>
        <source>Leave the slack shown; keep the string tight while winding.</source>
        <translation>Dejar la holgura indicada; mantener la cuerda tensa al enrollar.</translation>
    </message>
    <message>
        <source>A string slips in its head clamp</source>
        <translation>Una cuerda resbala en la mordaza de la cabeza</translation>
    </message>
    <message>
        <source>The clamp was closed beside the string, or too lightly.</source>
        <translation>La mordaza se cerró junto a la cuerda, o muy floja.</translation>
    </message>
    <message>
        <source>Slacken at the bridge, straighten the string in the clamp, close it, pull to test.</source>
        <translation>Aflojar en el puente, enderezar la cuerda en la mordaza, cerrarla, tirar para probar.</translation>
    </message>
    <message>
        <source>Draw it tight at fret 1 before the clamp closes.</source>
        <translation>Tensarla en el traste 1 antes de cerrar la mordaza.</translation>
    </message>
    <message>
        <source>A bridge tuner runs out before pitch</source>
        <translation>Una clavija del puente se agota antes de afinar</translation>
    </message>
    <message>
        <source>The string had slack in it when it was clamped.</source>
        <translation>La cuerda tenía holgura al cerrar la mordaza.</translation>
    </message>
    <message>
        <source>Unwind the tuner, open the clamp, draw the string tight at fret 1, clamp again.</source>
        <translation>Desenroscar la clavija, abrir la mordaza, tensar la cuerda en el traste 1, cerrar de nuevo.</translation>
    </message>
    <message>
        <source>Start with the tuner almost unwound.</source>
        <translation>Empezar con la clavija casi desenroscada.</translation>
    </message>
    <message>
        <source>Take the pieces out, measure the next string, watch the octave.</source>
        <translation>Sacar los trozos, medir la cuerda siguiente, vigilar la octava.</translation>
    </message>
    <message>
        <source>Measure with a caliper; check the octave in the first pass.</source>
        <translation>Medir con el pie de rey; comprobar la octava en la primera pasada.</translation>
    </message>
    <message>
        <source>Strings break at the same place again and again</source>
        <translation>Las cuerdas se rompen siempre en el mismo sitio</translation>
    </message>
    <message>
        <source>A burr, a sharp edge or a narrow slot there.</source>
        <translation>Ahí hay una rebaba, un canto vivo o una ranura estrecha.</translation>
    </message>
    <message>
        <source>At the saddle: inspect its edge. At the nut: its slot. At the far end: the hole it goes through. Do not file: send it to a repairer.</source>
        <translation>En la silleta: inspeccionar su canto. En la cejuela: su ranura. En el otro extremo: el agujero por el que pasa. No limar: a un reparador.</translation>
    </message>
    <message>
        <source>Note where each string breaks.</source>
        <translation>Anotar dónde se rompe cada cuerda.</translation>
    </message>
    <message>
        <source>Fit a new string, inspect the cap, do not file.</source>
        <translation>Poner una cuerda nueva, inspeccionar la pletina, no limar.</translation>
    </message>
    <message>
        <source>Caps in their order; tighten until they stop, then slightly more.</source>
        <translation>Pletinas en su orden; apretar hasta el tope, luego un poco más.</translation>
    </message>
    <message>
        <source>A saddle clamp broke, or a bolt turns without biting</source>
        <translation>Se rompió una mordaza de silleta, o un perno gira sin agarrar</translation>
    </message>
    <message>
        <source>Replace insert, bolt or saddle. Do not reuse the damaged part.</source>
        <translation>Cambiar inserto, perno o silleta. No volver a usar la pieza dañada.</translation>
    </message>
    <message>
        <source>Tighten until it stops, then slightly more.</source>
        <translation>Apretar hasta el tope, luego un poco más.</translation>
    </message>
    <message>
        <source>A claw screw turns without biting</source>
        <translation>Un tornillo de la garra gira sin agarrar</translation>
    </message>
    <message>
        <source>Its hole in the wood is worn out.</source>
        <translation>Su agujero en la madera está gastado.</translation>
    </message>
    <message>
        <source>Stop. A repairer plugs the hole; longer screws split the body.</source>
        <translation>Parar. Un reparador rellena el agujero; tornillos más largos rajan el cuerpo.</translation>
    </message>
    <message>
        <source>Leave thread in the wood; use a tip that fills the slot.</source>
        <translation>Dejar rosca en la madera; usar una punta que llene la ranura.</translation>
    </message>
    <message>
        <source>A screwdriver slips out of a claw screw</source>
        <translation>El destornillador se sale del tornillo de la garra</translation>
    </message>
    <message>
        <source>Its tip is too small or worn.</source>
        <translation>La punta es pequeña o está gastada.</translation>
    </message>
    <message>
        <source>Stop before the slot is gone; take a tip that fills it.</source>
        <translation>Parar antes de estropear la ranura; tomar una punta que la llene.</translation>
    </message>
    <message>
        <source>Lay the right tip out before the job.</source>
        <translation>Preparar la punta correcta antes del trabajo.</translation>
    </message>
    <message>
        <source>Look under the bench with a lamp, shake the guitar over a tray; take a spare.</source>
        <translation>Mirar bajo el banco con una lámpara, sacudir la guitarra sobre una bandeja; tomar un repuesto.</translation>
    </message>
    <message>
        <source>A saddle came out with its string</source>
        <translation>Una silleta salió con su cuerda</translation>
    </message>
    <message>
        <source>Its screw was out, or the string stuck in it.</source>
        <translation>Su tornillo estaba fuera, o la cuerda se atascó en ella.</translation>
    </message>
    <message>
        <source>Lay it in its place at once, screw in as far as before: compare with its neighbours.</source>
        <translation>Ponerla en su sitio enseguida, enroscar tanto como antes: comparar con las vecinas.</translation>
    </message>
    <message>
        <source>Loosen the clamp, not the saddle screw; do one at a time.</source>
        <translation>Soltar la mordaza, no el tornillo de la silleta; una cada vez.</translation>
    </message>
    <message>
        <source>The hole for a string cannot be seen</source>
        <translation>No se ve el agujero de una cuerda</translation>
    </message>
    <message>
        <source>Too little light, or the part is turned away.</source>
        <translation>Poca luz, o la pieza está girada.</translation>
    </message>
    <message>
        <source>Hold a lamp low, turn the part until light shows through.</source>
        <translation>Sostener una lámpara baja, girar la pieza hasta que pase la luz.</translation>
    </message>
    <message>
        <source>Keep a lamp at hand.</source>
        <translation>Tener una lámpara a mano.</translation>
    </message>
    <message>
        <source>The plate is forward after the change</source>
        <translation>La placa queda adelantada tras el cambio</translation>
    </message>
    <message>
        <source>Tighten both claw screws as shown.</source>
        <translation>Apretar los dos tornillos de la garra como se indica.</translation>
    </message>
    <message>
        <source>Loosen both claw screws as shown.</source>
        <translation>Aflojar los dos tornillos de la garra como se indica.</translation>
    </message>
    <message>
        <source>Tune each string to its aim, so that all end at pitch.</source>
        <translation>Afinar cada cuerda a su objetivo, y todas acaban afinadas.</translation>
    </message>
    <message>
        <source>It is the stiffest for its tension: bridge movement changes this string most.</source>
        <translation>Es la más rígida para su tensión: el movimiento del puente la cambia más que a ninguna.</translation>
    </message>
    <message>
        <source>Tune it last and to its aim; check that it does not slip.</source>
        <translation>Afinarla la última y a su objetivo; comprobar que no resbala.</translation>
    </message>
    <message>
        <source>A new string is flat again after minutes</source>
        <translation>Una cuerda nueva vuelve a bajar a los minutos</translation>
    </message>
    <message>
        <source>It still stretches.</source>
        <translation>Aún se estira.</translation>
    </message>
    <message>
        <source>Stretch it along its whole length, tune, repeat until a stretch no longer drops it.</source>
        <translation>Estirarla en toda su longitud, afinar, repetir hasta que un estirón ya no la baje.</translation>
    </message>
    <message>
        <source>Stretch before the last pass.</source>
        <translation>Estirar antes de la última pasada.</translation>
    </message>
    <message>
        <source>Old strings feel stiff and will not tune true</source>
        <translation>Las cuerdas viejas están rígidas y no afinan bien</translation>
    </message>
    <message>
        <source>Dirt and wear make them uneven along their length.</source>
        <translation>La suciedad y el desgaste las hacen desiguales a lo largo.</translation>
    </message>
    <message>
        <source>Fit a new set.</source>
        <translation>Poner un juego nuevo.</translation>
    </message>
    <message>
        <source>Note the date of each set.</source>
        <translation>Anotar la fecha de cada juego.</translation>
    </message>
    <message>
        <source>Press them down with the retainer bar. What locking still adds, the aims leave out before.</source>
        <translation>Bajarlas con la barra retenedora. Lo que aún añade el bloqueo, los objetivos lo descuentan antes.</translation>
    </message>
    <message>
        <source>Strings on the floor before the caps close.</source>
        <translation>Las cuerdas en el fondo antes de cerrar las pletinas.</translation>
    </message>
    <message>
        <source>A string is hard under the retainer bar</source>
        <translation>Una cuerda va muy apretada bajo la barra retenedora</translation>
    </message>
    <message>
        <source>The bar is screwed down too far.</source>
        <translation>La barra está demasiado atornillada.</translation>
    </message>
    <message>
        <source>Loosen it until strings rest on the nut&apos;s floor and no more.</source>
        <translation>Aflojarla hasta que las cuerdas descansen en el fondo de la cejuela, no más.</translation>
    </message>
    <message>
        <source>Set it with strings at pitch.</source>
        <translation>Ajustarla con las cuerdas afinadas.</translation>
    </message>
    <message>
        <source>Preset fine tuners before tuning at the pegs.</source>
        <translation>Preajustar los microafinadores antes de afinar en las clavijas.</translation>
    </message>
    <message>
        <source>The block held the plate forward.</source>
        <translation>El taco mantenía la placa adelantada.</translation>
    </message>
    <message>
        <source>Lift the rear edge, draw it out.</source>
        <translation>Levantar el borde trasero y sacarlo.</translation>
    </message>
    <message>
        <source>Octaves are lost: which note is it?</source>
        <translation>Octavas perdidas: ¿qué nota es?</translation>
    </message>
    <message>
        <source>A slack string can sound an octave low or high.</source>
        <translation>Una cuerda floja puede sonar una octava abajo o arriba.</translation>
    </message>
    <message>
        <source>Compare with a tone, or with fret 12 of the string beside it; come up from slack.</source>
        <translation>Comparar con un tono, o con el traste 12 de la cuerda vecina; subir desde floja.</translation>
    </message>
    <message>
        <source>Come up from below, one string after the other.</source>
        <translation>Subir desde abajo, una cuerda tras otra.</translation>
    </message>
    <message>
        <source>The tuner shows a wrong note on a thin string</source>
        <translation>El afinador muestra otra nota en una cuerda fina</translation>
    </message>
    <message>
        <source>An overtone or another string rings along.</source>
        <translation>Suena también un armónico u otra cuerda.</translation>
    </message>
    <message>
        <source>Mute the others, pluck softly over fret 12.</source>
        <translation>Apagar las demás, pulsar suave sobre el traste 12.</translation>
    </message>
    <message>
        <source>Pluck with the thumb, near the neck.</source>
        <translation>Pulsar con el pulgar, cerca del mástil.</translation>
    </message>
    <message>
        <source>Leave the slack shown.</source>
        <translation>Dejar la holgura indicada.</translation>
    </message>
    <message>
        <source>A string is too short to reach its saddle</source>
        <translation>Una cuerda no llega a su silleta</translation>
    </message>
    <message>
        <source>All were cut to one length.</source>
        <translation>Se cortaron todas a la misma longitud.</translation>
    </message>
    <message>
        <source>Another string: this one serves nowhere else.</source>
        <translation>Otra cuerda: esta ya no sirve en ningún sitio.</translation>
    </message>
    <message>
        <source>A string post broke at its slot</source>
        <translation>Un poste de clavija se rompió por la ranura</translation>
    </message>
    <message>
        <source>Replace the peg, or send it to a repairer.</source>
        <translation>Cambiar la clavija, o llevarla a un reparador.</translation>
    </message>
    <message>
        <source>End to the bottom, bend it once, wind slowly.</source>
        <translation>La punta hasta el fondo, doblarla una vez, enrollar despacio.</translation>
    </message>
    <message>
        <source>Saddles are grooved by wound strings</source>
        <translation>Las entorchadas han hecho surcos en las silletas</translation>
    </message>
    <message>
        <source>Years of wear.</source>
        <translation>Años de desgaste.</translation>
    </message>
    <message>
        <source>A shallow groove: smooth and centred it may stay. A deep one: replace the saddle.</source>
        <translation>Un surco leve: liso y centrado puede quedarse. Uno hondo: cambiar la silleta.</translation>
    </message>
    <message>
        <source>Note wear at every change.</source>
        <translation>Anotar el desgaste en cada cambio.</translation>
    </message>
    <message>
        <source>Scratches in the lacquer</source>
        <translation>Arañazos en la laca</translation>
    </message>
    <message>
        <source>Polish by hand, or send it to a repairer.</source>
        <translation>Pulir a mano, o llevarla a un reparador.</translation>
    </message>
    <message>
        <source>Tape pickups first, wipe up filings before peeling.</source>
        <translation>Primero tapar las pastillas, recoger limaduras antes de despegar.</translation>
    </message>
    <message>
        <source>It hangs at the nut: the string does not slide all the way back.</source>
        <translation>Se queda en la cejuela: la cuerda no vuelve del todo.</translation>
    </message>
    <message>
        <source>A slight pull-up shows it. Graphite in the slot, then check angle and wraps.</source>
        <translation>Subir un poco la palanca lo muestra. Grafito en la ranura, luego revisar ángulo y vueltas.</translation>
    </message>
    <message>
        <source>Returns sharp or flat with the nut locked</source>
        <translation>Vuelve alta o baja con la cejuela bloqueada</translation>
    </message>
    <message>
        <source>It hangs at saddle, edge or pivot.</source>
        <translation>Se queda en silleta, filo o apoyo.</translation>
    </message>
    <message>
        <source>A drop of lubricant at the edges; then inspect edges, springs and inserts.</source>
        <translation>Una gota de lubricante en los filos; luego inspeccionar filos, muelles e insertos.</translation>
    </message>
    <message>
        <source>Returns differently each time</source>
        <translation>Vuelve distinta cada vez</translation>
    </message>
    <message>
        <source>Worn edges, or something is loose.</source>
        <translation>Filos gastados, o algo suelto.</translation>
    </message>
    <message>
        <source>Send it to a professional repairer.</source>
        <translation>Llevarla a un reparador profesional.</translation>
    </message>
    <message>
        <source>Returns differently each time, on screws</source>
        <translation>Vuelve distinta cada vez, sobre tornillos</translation>
    </message>
    <message>
        <source>Pivot screws uneven or their edge worn.</source>
        <translation>Tornillos de apoyo desiguales o su canto gastado.</translation>
    </message>
    <message>
        <source>Inspect the pivot screws: all at one height, none pressing the plate down. Worn: a repairer.</source>
        <translation>Inspeccionar los tornillos de apoyo: todos a una altura, ninguno aprieta la placa. Gastados: a un reparador.</translation>
    </message>
    <message>
        <source>Leave pivot screws as they are.</source>
        <translation>Dejar los tornillos de apoyo como están.</translation>
    </message>
    <message>
        <source>Rebalance: the plan shows the turns.</source>
        <translation>Reequilibrar: el plan muestra las vueltas.</translation>
    </message>
    <message>
        <source>Millimetres and thousandths were mixed up, or it is a set of somebody&apos;s own.</source>
        <translation>Se confundieron milímetros y milésimas, o es un juego propio.</translation>
    </message>
    <message>
        <source>Measure every string; type the set string by string.</source>
        <translation>Medir cada cuerda; teclear el juego cuerda a cuerda.</translation>
    </message>
    <message>
        <source>Right place, ridge along the strings; replace a gouged cap.</source>
        <translation>Sitio correcto, cresta a lo largo de las cuerdas; cambiar una pletina marcada.</translation>
    </message>
    <message>
        <source>The neck has bowed after the change</source>
        <translation>El mástil se ha curvado tras el cambio</translation>
    </message>
    <message>
        <source>Relief first: quarter turns of the truss rod, never forced; then height, octaves, tuning.</source>
        <translation>Primero la curvatura: cuartos de vuelta del alma, nunca forzar; luego altura, octavas, afinación.</translation>
    </message>
    <message>
        <source>Measure relief before and after.</source>
        <translation>Medir la curvatura antes y después.</translation>
    </message>
    <message>
        <source>The arm is too high</source>
        <translation>La palanca queda demasiado alta</translation>
    </message>
    <message>
        <source>Each string has its own length: hold one to its string post first.</source>
        <translation>Cada cuerda tiene su longitud: medir antes una contra su poste de clavija.</translation>
    </message>
    <message>
        <source>Old slotted string posts break at a tight bend.</source>
        <translation>Los postes de clavija ranurados viejos se rompen con un doblez cerrado.</translation>
    </message>
</context>
<context>
    <name>Warnings</name>
    <message>
        <source>Tape the open saddle inserts first: they fall out when the guitar is turned over.</source>
        <translation>Sujetar antes con cinta los insertos abiertos: se caen al dar la vuelta a la guitarra.</translation>
    </message>
    <message>
        <source>Take the block out first: everything moves once it is out.</source>
        <translation>Sacar antes el taco: todo se mueve cuando sale.</translation>
    </message>
    <message>
        <source>Slacken the strings first: a string cut under tension whips, and the bridge jumps.</source>
        <translation>Aflojar antes las cuerdas: una cuerda cortada bajo tensión da un latigazo y el puente salta.</translation>
    </message>
    <message>
        <source>Lock the nut first: a dive pulls the strings through an open one.</source>
        <translation>Bloquear antes la cejuela: una bajada hace pasar las cuerdas por una abierta.</translation>
    </message>
    <message>
        <source>Block the bridge first: nothing keeps it still, it sinks or drops off its bridge posts.</source>
        <translation>Calza antes el puente: nada lo tiene quieto, se hunde o cae de sus postes.</translation>
    </message>
    <message>
        <source>Not ready to lock: %1.</source>
        <translation>Aún no se puede bloquear: %1.</translation>
    </message>
    <message>
        <source>the plate is off level</source>
        <translation>la placa no está nivelada</translation>
    </message>
    <message>
        <source>strings are out of tune</source>
        <translation>hay cuerdas desafinadas</translation>
    </message>
    <message>
        <source>what was done last has not been checked</source>
        <translation>lo último que se hizo no se ha comprobado</translation>
    </message>
    <message>
        <source>the strings are not settled</source>
        <translation>las cuerdas no están asentadas</translation>
    </message>
    <message>
        <source>the block is in</source>
        <translation>el taco está dentro</translation>
    </message>
    <message>
        <source>fine tuners are not at their preset</source>
        <translation>los microafinadores no están en su ajuste previo</translation>
    </message>
    <message>
        <source>the fine tuner of string %1 would run out</source>
        <translation>el microafinador de la cuerda %1 no llegaría</translation>
    </message>
    <message>
        <source>Settle the strings first: while they stretch, no pitch holds.</source>
        <translation>Asentar antes las cuerdas: mientras se estiran, ninguna afinación aguanta.</translation>
    </message>
    <message>
        <source>Slacken the strings before bridge posts are turned, then retune: they and their edges wear.</source>
        <translation>Aflojar las cuerdas antes de girar los postes del puente, luego reafinar: ellos y sus filos se gastan.</translation>
    </message>
    <message>
        <source>Slacken each string before its saddle is turned, then retune: its screws wear.</source>
        <translation>Aflojar cada cuerda antes de girar su silleta, luego reafinar: sus tornillos se gastan.</translation>
    </message>
    <message>
        <source>Slacken the strings before the bridge is moved, then retune: its screws wear.</source>
        <translation>Aflojar las cuerdas antes de mover el puente, luego reafinar: sus tornillos se gastan.</translation>
    </message>
    <message>
        <source>Block the bridge first: nothing keeps it still, it sinks into the body.</source>
        <translation>Poner antes el taco: nada lo sujeta y se hunde en el cuerpo.</translation>
    </message>
    <message>
        <source>Keep string %1 on, or hold the shaft: with all tension gone its spring falls out.</source>
        <translation>Dejar puesta la cuerda %1, o sujetar el eje: sin ninguna tensión se cae su muelle.</translation>
    </message>
    <message>
        <source>the bridge tuners are not at their preset</source>
        <translation>las clavijas del puente no están preajustadas</translation>
    </message>
</context>
<context>
    <name>Wording</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>Nothing left to do</source>
        <translation>No queda nada por hacer</translation>
    </message>
    <message>
        <source>More work is not likely to help</source>
        <translation>Más trabajo no parece que ayude</translation>
    </message>
    <message>
        <source>Working out what is left…</source>
        <translation>Calculando lo que queda…</translation>
    </message>
    <message>
        <source>, %1 claw visits</source>
        <translation>, %1 visitas a la garra</translation>
    </message>
    <message>
        <source>No stable float</source>
        <translation>Sin flotación estable</translation>
    </message>
    <message>
        <source>No claw change</source>
        <translation>La garra se queda</translation>
    </message>
    <message>
        <source>Small claw adjustment</source>
        <translation>Pequeño ajuste de garra</translation>
    </message>
    <message>
        <source>Rebalance: claw work first</source>
        <translation>Reequilibrar: primero la garra</translation>
    </message>
    <message>
        <source>The strings pull as before, %1</source>
        <translation>Las cuerdas tiran como antes, %1</translation>
    </message>
    <message>
        <source>The strings pull %1 %2 (%3 %) in all</source>
        <translation>Las cuerdas tiran %1 %2 (%3 %) en total</translation>
    </message>
    <message>
        <source>more</source>
        <translation>más</translation>
    </message>
    <message>
        <source>less</source>
        <translation>menos</translation>
    </message>
    <message>
        <source>Retuned, the float is unstable: its stiffness is %1 N·m/rad and must be above 0. Add a spring and let the claw out, take stiffer springs, or a lighter set.</source>
        <translation>Reafinada, la flotación es inestable: su rigidez es %1 N·m/rad y debe estar por encima de 0. Añadir un muelle y aflojar la garra, poner muelles más duros o un juego más ligero.</translation>
    </message>
    <message>
        <source>Even with the claw at its tightest the strings win by %1. Add a spring or take stiffer ones.</source>
        <translation>Hasta con la garra en lo más apretado ganan las cuerdas por %1. Añadir un muelle o ponerlos más duros.</translation>
    </message>
    <message>
        <source>Even with the claw at its loosest the springs win by %1. Take a spring out or softer ones.</source>
        <translation>Hasta con la garra en lo más flojo ganan los muelles por %1. Quitar un muelle o ponerlos más blandos.</translation>
    </message>
    <message>
        <source>It would balance only with a spring half loose. Take that spring out, or one softer than it.</source>
        <translation>Solo se equilibraría con un muelle medio suelto. Quitar ese muelle, o uno más blando.</translation>
    </message>
    <message>
        <source>No spring pulls at any claw position. Hook springs in, or check their geometry.</source>
        <translation>Ningún muelle tira en ninguna posición de la garra. Enganchar muelles o comprobar sus medidas.</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>como está</translation>
    </message>
    <message>
        <source>springs %1 % stiffer</source>
        <translation>muelles un %1 % más duros</translation>
    </message>
    <message>
        <source>gauges at %1 %</source>
        <translation>calibres al %1 %</translation>
    </message>
    <message>
        <source>decked on the body</source>
        <translation>apoyado en el cuerpo</translation>
    </message>
    <message>
        <source>stabiliser %1</source>
        <translation>estabilizador %1</translation>
    </message>
    <message>
        <source>springs %1 % too soft</source>
        <translation>muelles un %1 % demasiado blandos</translation>
    </message>
    <message>
        <source>strings that pull %1 % too hard</source>
        <translation>cuerdas que tiran un %1 % de más</translation>
    </message>
    <message>
        <source>hooks %1 too shallow</source>
        <translation>ganchos %1 demasiado someros</translation>
    </message>
    <message>
        <source>saddles %1 too far behind the pivot</source>
        <translation>silletas %1 demasiado detrás del pivote</translation>
    </message>
    <message>
        <source>Retuned, the stiffness is %1 N·m/rad; comfortable is %2. </source>
        <translation>Reafinada, la rigidez es %1 N·m/rad; cómodo es %2. </translation>
    </message>
    <message>
        <source>In tune the arm is at %1, its tip %2 above the top</source>
        <translation>Afinada, la palanca está en %1, su punta %2 sobre la tapa</translation>
    </message>
    <message>
        <source>With every string at pitch.</source>
        <translation>Con todas las cuerdas en su tono.</translation>
    </message>
    <message>
        <source>At pitch on this claw the plate is at %1.</source>
        <translation>En su tono, con esta garra la placa está en %1.</translation>
    </message>
    <message>
        <source>%1 for level.</source>
        <translation>%1 para nivelar.</translation>
    </message>
    <message>
        <source>Float stiffness %1 N·m/rad.</source>
        <translation>Rigidez de la flotación %1 N·m/rad.</translation>
    </message>
    <message>
        <source>After one pass exactly to pitch, before anything is done again:</source>
        <translation>Tras una pasada exacta al tono, antes de repetir nada:</translation>
    </message>
    <message>
        <source>After one pass to pitch the plate is at %1</source>
        <translation>Tras una pasada al tono la placa está en %1</translation>
    </message>
    <message>
        <source>; however often you retune, it ends on its %1.</source>
        <translation>; por mucho que se reafine, acaba en su tope: %1.</translation>
    </message>
    <message>
        <source>forward stop</source>
        <translation>tope delantero</translation>
    </message>
    <message>
        <source>rear stop</source>
        <translation>tope trasero</translation>
    </message>
    <message>
        <source>; retuned until it holds, it ends at %1.</source>
        <translation>; reafinada hasta que aguanta, acaba en %1.</translation>
    </message>
    <message>
        <source>What is left cannot be told yet</source>
        <translation>Aún no se puede decir cuánto queda</translation>
    </message>
    <message>
        <source>More tuning will not help; see Plan</source>
        <translation>Afinar más no ayuda; ver Plan</translation>
    </message>
    <message>
        <source>Left: %1 pegs%2, %3 min (8 of 10 guitars)</source>
        <translation>Quedan: %1 clavijas%2, %3 min (8 de 10 guitarras)</translation>
    </message>
    <message>
        <source>Nothing to turn before tuning</source>
        <translation>Nada que girar antes de afinar</translation>
    </message>
    <message>
        <source>No single change makes the float stable enough.</source>
        <translation>Ningún cambio solo hace la flotación lo bastante estable.</translation>
    </message>
    <message>
        <source>Any one of these mends it: %1.</source>
        <translation>Cualquiera de estos lo arregla: %1.</translation>
    </message>
    <message>
        <source>Tune each string to pitch; no string moves another</source>
        <translation>Afinar cada cuerda; ninguna mueve a otra</translation>
    </message>
    <message>
        <source>With this claw setting the plate hits its stop.</source>
        <translation>Con esta posición de la garra la placa da en su tope.</translation>
    </message>
    <message numerus="yes">
        <source>%n such spring(s)</source>
        <translation>
            <numerusform>%n muelle así</numerusform>
            <numerusform>%n muelles así</numerusform>
        </translation>
    </message>
    <message>
        <source>springs %1 % softer</source>
        <translation>muelles un %1 % más blandos</translation>
    </message>
    <message>
        <source>outer springs slanted by a hook</source>
        <translation>muelles exteriores inclinados un gancho</translation>
    </message>
    <message>
        <source>all springs straight</source>
        <translation>todos los muelles rectos</translation>
    </message>
</context>
<context>
    <name>flenzo::AppContext</name>
    <message>
        <source>%1. It is now at %2; your own sets and tunings begin anew.</source>
        <translation>%1. Ahora está en %2; los juegos y afinaciones propios empiezan de nuevo.</translation>
    </message>
    <message>
        <source>Reading what the shop&apos;s jobs say</source>
        <translation>Leyendo los trabajos del taller</translation>
    </message>
    <message>
        <source>Go on without</source>
        <translation>Seguir sin ellos</translation>
    </message>
</context>
<context>
    <name>flenzo::AtHand</name>
    <message>
        <source>%1: the time is up.</source>
        <translation>%1: se acabó el tiempo.</translation>
    </message>
</context>
<context>
    <name>flenzo::BenchEntry</name>
    <message>
        <source>tune string</source>
        <translation>afinar cuerda</translation>
    </message>
    <message>
        <source>stretch string</source>
        <translation>estirar cuerda</translation>
    </message>
    <message>
        <source>read the plate</source>
        <translation>leer la placa</translation>
    </message>
    <message>
        <source>read string</source>
        <translation>leer cuerda</translation>
    </message>
    <message>
        <source>mend the entry</source>
        <translation>corregir la anotación</translation>
    </message>
    <message>
        <source>it was as entered</source>
        <translation>fue como se anotó</translation>
    </message>
    <message>
        <source>string on</source>
        <translation>cuerda puesta</translation>
    </message>
    <message>
        <source>go on without the string</source>
        <translation>seguir sin la cuerda</translation>
    </message>
    <message>
        <source>keep the reading</source>
        <translation>mantener la lectura</translation>
    </message>
    <message>
        <source>turn claw</source>
        <translation>girar la garra</translation>
    </message>
    <message>
        <source>take block out</source>
        <translation>sacar el taco</translation>
    </message>
    <message>
        <source>plate not measured</source>
        <translation>placa sin medir</translation>
    </message>
    <message>
        <source>put a block in</source>
        <translation>poner un taco</translation>
    </message>
    <message>
        <source>simulated answer</source>
        <translation>respuesta simulada</translation>
    </message>
</context>
<context>
    <name>flenzo::BenchPage</name>
    <message>
        <source>Reading</source>
        <translation>Lectura</translation>
    </message>
    <message>
        <source>Done  (Space)</source>
        <translation>Hecho  (Espacio)</translation>
    </message>
    <message>
        <source>Answer  (F9)</source>
        <translation>Respuesta  (F9)</translation>
    </message>
    <message>
        <source>What to touch</source>
        <translation>Qué tocar</translation>
    </message>
    <message>
        <source>Sunk  (S)</source>
        <translation>Hundida  (S)</translation>
    </message>
    <message>
        <source>Level  (L)</source>
        <translation>A nivel  (L)</translation>
    </message>
    <message>
        <source>Forward  (F)</source>
        <translation>Adelantada  (F)</translation>
    </message>
    <message>
        <source>Off a side photo…</source>
        <translation>De una foto lateral…</translation>
    </message>
    <message>
        <source>plate sunk, by eye</source>
        <translation>placa hundida, a ojo</translation>
    </message>
    <message>
        <source>plate level, by eye</source>
        <translation>placa nivelada, a ojo</translation>
    </message>
    <message>
        <source>plate forward, by eye</source>
        <translation>placa adelantada, a ojo</translation>
    </message>
    <message>
        <source>look at the plate</source>
        <translation>mirar la placa</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation>%1 hasta %2</translation>
    </message>
    <message>
        <source>reading of %1</source>
        <translation>lectura de %1</translation>
    </message>
    <message>
        <source>gap under the rear edge, %1</source>
        <translation>hueco bajo el borde trasero, %1</translation>
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
        <translation>Es correcto  (Espacio)</translation>
    </message>
    <message>
        <source>Cannot be measured here  (Space)</source>
        <translation>Aquí no se puede medir  (Espacio)</translation>
    </message>
    <message>
        <source>Step done  (Space)</source>
        <translation>Paso hecho  (Espacio)</translation>
    </message>
    <message>
        <source>Taken.</source>
        <translation>Tomado.</translation>
    </message>
    <message>
        <source>Taken: %1</source>
        <translation>Tomado: %1</translation>
    </message>
    <message>
        <source>Working out what follows…</source>
        <translation>Calculando lo que sigue…</translation>
    </message>
    <message>
        <source>Type a reading first: cents like −12.5, a frequency like 82.4 Hz, or a note like E2+12.</source>
        <translation>Escribir antes una lectura: cents como −12.5, una frecuencia como 82.4 Hz o una nota como E2+12.</translation>
    </message>
    <message>
        <source>Simulate this act and enter its reading</source>
        <translation>Simular este acto y anotar su lectura</translation>
    </message>
</context>
<context>
    <name>flenzo::BenchViews</name>
    <message>
        <source>Progress to pitch</source>
        <translation>Progreso hasta la afinación</translation>
    </message>
    <message>
        <source>Side section of the bridge</source>
        <translation>Corte lateral del puente</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Cuerdas</translation>
    </message>
    <message>
        <source>Moment chart</source>
        <translation>Gráfico de momentos</translation>
    </message>
    <message>
        <source>What the last act moved</source>
        <translation>Lo que movió la última acción</translation>
    </message>
    <message>
        <source>&amp;Progress</source>
        <translation>&amp;Progreso</translation>
    </message>
    <message>
        <source>P&amp;asses</source>
        <translation>Pas&amp;adas</translation>
    </message>
    <message>
        <source>Wh&amp;y</source>
        <translation>Por q&amp;ué</translation>
    </message>
    <message>
        <source>Se&amp;ttling</source>
        <translation>Asen&amp;tado</translation>
    </message>
    <message>
        <source>after this act</source>
        <translation>tras esta acción</translation>
    </message>
</context>
<context>
    <name>flenzo::CaliperForm</name>
    <message>
        <source>caliper, thickest string</source>
        <translation>pie de rey, cuerda más gruesa</translation>
    </message>
    <message>
        <source>caliper, thinnest string</source>
        <translation>pie de rey, cuerda más fina</translation>
    </message>
    <message>
        <source>Note it as the old set</source>
        <translation>Anotarlo como juego viejo</translation>
    </message>
    <message>
        <source>%1 mm, %2 thousandths of an inch; nearest string: %3.</source>
        <translation>%1 mm, %2 milésimas de pulgada; cuerda más cercana: %3.</translation>
    </message>
    <message>
        <source>caliper, every string</source>
        <translation>pie de rey, cada cuerda</translation>
    </message>
    <message>
        <source>Strings: %1.</source>
        <translation>Cuerdas: %1.</translation>
    </message>
    <message>
        <source>No set fits: the nearest, %1, pulls %2 % otherwise. Measure every string and type them above.</source>
        <translation>Ningún juego encaja: el más cercano, %1, tira un %2 % distinto. Medir cada cuerda y teclearlas arriba.</translation>
    </message>
    <message>
        <source>Set: %1.</source>
        <translation>Juego: %1.</translation>
    </message>
    <message>
        <source>Nearest set: %1, pull %2 % off.</source>
        <translation>Juego más cercano: %1, tensión un %2 % distinta.</translation>
    </message>
    <message>
        <source>where no set fits</source>
        <translation>si ningún juego encaja</translation>
    </message>
</context>
<context>
    <name>flenzo::CardPhotos</name>
    <message>
        <source>Add a photo…</source>
        <translation>Añadir una foto…</translation>
    </message>
    <message>
        <source>Photo of the guitar</source>
        <translation>Foto de la guitarra</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>foto</translation>
    </message>
</context>
<context>
    <name>flenzo::ChangeModel</name>
    <message>
        <source>%1 wound</source>
        <translation>%1 entorchada</translation>
    </message>
    <message>
        <source>%1 plain</source>
        <translation>%1 lisa</translation>
    </message>
    <message>
        <source>A measured unit mass in grams per metre overrides the formula; empty takes the formula again</source>
        <translation>Una masa por metro medida en gramos por metro va antes que la fórmula; vacío vuelve a la fórmula</translation>
    </message>
    <message>
        <source>%1 measured</source>
        <translation>%1 medida</translation>
    </message>
    <message>
        <source>%1 calculated</source>
        <translation>%1 calculada</translation>
    </message>
    <message>
        <source>unit mass</source>
        <translation>masa por metro</translation>
    </message>
    <message>
        <source>string</source>
        <translation>cuerda</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>comes off</source>
        <translation>sale</translation>
    </message>
    <message>
        <source>at</source>
        <translation>a</translation>
    </message>
    <message>
        <source>pulls</source>
        <translation>tira</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>entra</translation>
    </message>
    <message>
        <source>to</source>
        <translation>a</translation>
    </message>
    <message>
        <source>g per m</source>
        <translation>g por m</translation>
    </message>
    <message>
        <source>change, lbf</source>
        <translation>cambio, lbf</translation>
    </message>
    <message>
        <source>change, N</source>
        <translation>cambio, N</translation>
    </message>
</context>
<context>
    <name>flenzo::ChangePage</name>
    <message>
        <source>String or gauge</source>
        <translation>Cuerda o calibre</translation>
    </message>
    <message>
        <source>Comes off</source>
        <translation>Sale</translation>
    </message>
    <message>
        <source>Goes on</source>
        <translation>Entra</translation>
    </message>
    <message>
        <source>Strings, pitches and tensions</source>
        <translation>Cuerdas, tonos y tensiones</translation>
    </message>
    <message>
        <source>Measured unit masses become this catalogue&apos;s own figures for those strings</source>
        <translation>Las masas medidas pasan a ser cifras propias de este catálogo para esas cuerdas</translation>
    </message>
    <message>
        <source>Pitch and new strings</source>
        <translation>Tono y cuerdas nuevas</translation>
    </message>
    <message>
        <source>Reference pitch</source>
        <translation>Tono de referencia</translation>
    </message>
    <message>
        <source>New strings start at</source>
        <translation>Las cuerdas nuevas empiezan a</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>start</source>
        <translation>inicio</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Measured unit masses in your catalogue: %1.</source>
        <translation>Masas medidas en el catálogo propio: %1.</translation>
    </message>
    <message>
        <source>In all %1 before, %2 after.</source>
        <translation>En total %1 antes, %2 después.</translation>
    </message>
    <message>
        <source>Save this set…</source>
        <translation>Guardar este juego…</translation>
    </message>
    <message>
        <source>Save this tuning…</source>
        <translation>Guardar esta afinación…</translation>
    </message>
    <message>
        <source>Own sets…</source>
        <translation>Juegos propios…</translation>
    </message>
    <message>
        <source>Save masses</source>
        <translation>Guardar masas</translation>
    </message>
    <message>
        <source>Save this set</source>
        <translation>Guardar este juego</translation>
    </message>
    <message>
        <source>set</source>
        <translation>juego</translation>
    </message>
    <message>
        <source>Save this tuning</source>
        <translation>Guardar esta afinación</translation>
    </message>
    <message>
        <source>Choose strings…</source>
        <translation>Elegir cuerdas…</translation>
    </message>
    <message>
        <source>The set, of what is sold, that needs no claw turn in this tuning, or has the feel wished</source>
        <translation>El juego, de lo que se vende, que en esta afinación no pide girar la garra o tiene el tacto deseado</translation>
    </message>
</context>
<context>
    <name>flenzo::ChooseStringsDialog</name>
    <message>
        <source>Choose strings</source>
        <translation>Elegir cuerdas</translation>
    </message>
    <message>
        <source>Planned</source>
        <translation>Planeado</translation>
    </message>
    <message>
        <source>Chosen</source>
        <translation>Elegido</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Como llegó</translation>
    </message>
    <message>
        <source>&amp;Arm softer or stiffer by</source>
        <translation>&amp;Palanca más blanda o más dura en un</translation>
    </message>
    <message>
        <source>Stiffness of the arm, against the guitar as it came</source>
        <translation>Dureza de la palanca, frente a la guitarra como llegó</translation>
    </message>
    <message>
        <source>In all %1.</source>
        <translation>En total %1.</translation>
    </message>
    <message>
        <source>No claw within its reach holds this set; other springs first.</source>
        <translation>Ninguna posición de la garra sujeta este juego; primero otros muelles.</translation>
    </message>
    <message>
        <source>This set needs no claw turn.</source>
        <translation>Este juego no pide girar la garra.</translation>
    </message>
    <message>
        <source>Claw: %1 turns.</source>
        <translation>Garra, en vueltas: %1.</translation>
    </message>
    <message>
        <source>The arm is as wished.</source>
        <translation>La palanca queda como se desea.</translation>
    </message>
    <message>
        <source>Strings alone bring the arm to %1 only; other springs do more.</source>
        <translation>Solo con cuerdas la palanca llega a %1; otros muelles hacen más.</translation>
    </message>
    <message>
        <source>Nothing sold comes nearer: the gauges for string %1 end there.</source>
        <translation>Nada de lo que se vende se acerca más: los calibres de la cuerda %1 acaban ahí.</translation>
    </message>
    <message>
        <source>There may be one that comes nearer still.</source>
        <translation>Puede que haya uno que se acerque aún más.</translation>
    </message>
    <message>
        <source>choose strings</source>
        <translation>elegir cuerdas</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>&amp;Keep the balance</source>
        <translation>&amp;Conservar el equilibrio</translation>
    </message>
    <message>
        <source>&amp;Every string alike</source>
        <translation>&amp;Todas iguales</translation>
    </message>
    <message>
        <source>&amp;Pulls as before</source>
        <translation>T&amp;iros como antes</translation>
    </message>
    <message>
        <source>The arm so much softer or stiffer than it was, with pulls as near to the old ones as that leaves.</source>
        <translation>La palanca tanto más blanda o más dura que antes, con tiros lo más cerca posible de los de antes.</translation>
    </message>
    <message>
        <source>No claw turn in the planned tuning, with pulls as near to the old ones as that leaves.</source>
        <translation>Sin girar la garra en la afinación planeada, con tiros lo más cerca posible de los de antes.</translation>
    </message>
    <message>
        <source>It is the one that is planned.</source>
        <translation>Es el planeado.</translation>
    </message>
    <message>
        <source>As &amp;on</source>
        <translation>Como &amp;en</translation>
    </message>
    <message>
        <source>Guitar whose pulls are wished</source>
        <translation>Guitarra cuyos tiros se desean</translation>
    </message>
    <message>
        <source>only from the &amp;drawers</source>
        <translation>solo de los ca&amp;jones</translation>
    </message>
    <message>
        <source>Choose a guitar to follow.</source>
        <translation>Elegir una guitarra de modelo.</translation>
    </message>
    <message>
        <source>That guitar has another number of strings. Choose one with %1.</source>
        <translation>Esa guitarra tiene otro número de cuerdas. Elegir una con %1.</translation>
    </message>
    <message>
        <source>All strings pull alike, as nearly as they are sold, and no claw turn.</source>
        <translation>Todas las cuerdas tiran tan igual como se venden, sin girar la garra.</translation>
    </message>
    <message>
        <source>Pulls as before, as nearly as strings are sold, whatever else that takes.</source>
        <translation>Cada cuerda tira tan cerca de lo de antes como se vende, pida lo que pida.</translation>
    </message>
    <message>
        <source>Pulls as on the other guitar, as nearly as strings are sold, whatever else that takes.</source>
        <translation>Cada cuerda tira tan cerca de la otra guitarra como se vende, pida lo que pida.</translation>
    </message>
    <message>
        <source>All strings pull alike, as nearly as they are sold, and the bridge rests where it should.</source>
        <translation>Todas las cuerdas tiran tan igual como se venden, y el puente reposa donde debe.</translation>
    </message>
    <message>
        <source>The bridge rests where it should in the planned tuning, with pulls as near to the old ones as that leaves.</source>
        <translation>El puente reposa donde debe en la afinación planeada, con tiros lo más cerca posible de los de antes.</translation>
    </message>
    <message>
        <source>%1 springs instead of %2</source>
        <translation>%1 muelles en vez de %2</translation>
    </message>
    <message>
        <source>springs stiffer by %1 %</source>
        <translation>muelles un %1 % más duros</translation>
    </message>
    <message>
        <source>springs softer by %1 %</source>
        <translation>muelles un %1 % más blandos</translation>
    </message>
    <message>
        <source>longer or packed by %1 mm</source>
        <translation>%1 mm más largo o calzado</translation>
    </message>
    <message>
        <source>shorter by %1 mm</source>
        <translation>%1 mm más corto</translation>
    </message>
    <message>
        <source>Calculated for this guitar as it is known now. Bend: sideways at the twelfth fret for a whole step, the bridge giving way. The arm&apos;s half step: at the pivot, all strings on the mean. Drop: the lowest string alone, a whole step; where a stop keeps the arm from going back, the others stay.</source>
        <translation>Calculado para esta guitarra tal como se la conoce ahora. Estirar: de lado en el traste doce, un tono, cediendo el puente. El semitono de la palanca: en el eje, todas las cuerdas de media. Bajar: la cuerda más grave sola, un tono; donde un tope no deja volver la palanca, las demás se quedan.</translation>
    </message>
    <message>
        <source>set</source>
        <translation>juego</translation>
    </message>
    <message>
        <source>other &amp;springs too</source>
        <translation>también otros &amp;muelles</translation>
    </message>
    <message>
        <source>Up to two fewer or more, softer or stiffer by a fifth</source>
        <translation>Hasta dos menos o más, un quinto más blandos o más duros</translation>
    </message>
    <message>
        <source>Sets and single strings that lie in the shop&apos;s stock</source>
        <translation>Juegos y cuerdas sueltas que hay en los cajones del taller</translation>
    </message>
    <message>
        <source>A set to look at beside the chosen one</source>
        <translation>Un juego que se ve al lado del elegido</translation>
    </message>
    <message>
        <source>Choose a set, or type its gauges: 9 11 16 24 32 42, or 0.23 0.28 … in millimetres</source>
        <translation>Elegir un juego, o teclear sus calibres: 9 11 16 24 32 42, o 0.23 0.28 … en milímetros</translation>
    </message>
    <message>
        <source>choose, or type gauges</source>
        <translation>elegir, o teclear calibres</translation>
    </message>
    <message>
        <source>%1  (%2 in the drawers)</source>
        <translation>%1  (%2 en los cajones)</translation>
    </message>
    <message>
        <source>Its twin: pulls and arm as on the other guitar, with the strings and springs that come nearest.</source>
        <translation>Su gemela: tiros y palanca como en la otra guitarra, con las cuerdas y los muelles que más se acercan.</translation>
    </message>
    <message>
        <source>Beside</source>
        <translation>Al lado</translation>
    </message>
    <message>
        <source>Beside: %1.</source>
        <translation>Al lado: %1.</translation>
    </message>
    <message>
        <source>With %1.</source>
        <translation>Con: %1.</translation>
    </message>
    <message>
        <source>Strings and springs bring the arm to %1 only.</source>
        <translation>Cuerdas y muelles solo llevan la palanca a %1.</translation>
    </message>
    <message>
        <source>It goes up %1 less than the other: that is its recess, no string changes it.</source>
        <translation>Sube %1 menos que la otra: es su rebaje, ninguna cuerda lo cambia.</translation>
    </message>
    <message>
        <source>It goes up %1 further than the other: that is its recess, no string changes it.</source>
        <translation>Sube %1 más que la otra: es su rebaje, ninguna cuerda lo cambia.</translation>
    </message>
    <message>
        <source>Plan t&amp;he one beside</source>
        <translation>Planear el de al la&amp;do</translation>
    </message>
    <message>
        <source>Plan the &amp;chosen set</source>
        <translation>Planear el ele&amp;gido</translation>
    </message>
    <message>
        <source>&amp;Beside:</source>
        <translation>A&amp;l lado:</translation>
    </message>
    <message>
        <source>Its arm stays %1 from the other&apos;s.</source>
        <translation>Su palanca queda a %1 de la otra.</translation>
    </message>
</context>
<context>
    <name>flenzo::ConflictDialog</name>
    <message>
        <source>Two benches changed this job</source>
        <translation>Dos bancos cambiaron este trabajo</translation>
    </message>
    <message>
        <source>Which one goes on? The other stays as a job of its own.</source>
        <translation>¿Cuál sigue? El otro queda como trabajo aparte.</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Qué difiere</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Aquí</translation>
    </message>
    <message>
        <source>At the other bench</source>
        <translation>En el otro banco</translation>
    </message>
    <message>
        <source>Go on with what is &amp;here</source>
        <translation>Seguir con lo de a&amp;quí</translation>
    </message>
    <message>
        <source>Go on with the &amp;other bench&apos;s</source>
        <translation>Seguir con lo del &amp;otro banco</translation>
    </message>
    <message>
        <source>&amp;Later</source>
        <translation>&amp;Más tarde</translation>
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
        <translation>luego se queda el aceite</translation>
    </message>
    <message>
        <source>then the strings rest over night</source>
        <translation>luego las cuerdas reposan una noche</translation>
    </message>
    <message>
        <source>Day &amp;before</source>
        <translation>Día a&amp;nterior</translation>
    </message>
    <message>
        <source>Day &amp;after</source>
        <translation>Día si&amp;guiente</translation>
    </message>
    <message>
        <source>The day, a lane for each person</source>
        <translation>El día, un carril por persona</translation>
    </message>
    <message>
        <source>Jobs in hand, in the order in which they are begun</source>
        <translation>Trabajos en mano, en el orden en que se empiezan</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Guitarra</translation>
    </message>
    <message>
        <source>Begun at</source>
        <translation>Empieza</translation>
    </message>
    <message>
        <source>Done at</source>
        <translation>Acaba</translation>
    </message>
    <message>
        <source>Left, min</source>
        <translation>Queda, min</translation>
    </message>
    <message>
        <source>Promised by</source>
        <translation>Prometido para</translation>
    </message>
    <message>
        <source>Not before</source>
        <translation>No antes de</translation>
    </message>
    <message>
        <source>O&amp;pen</source>
        <translation>A&amp;bierto</translation>
    </message>
    <message>
        <source>From when to when, as in 9:00-12:30, 13:30-18:00</source>
        <translation>De cuándo a cuándo, como en 9:00-12:30, 13:30-18:00</translation>
    </message>
    <message>
        <source>open on %1</source>
        <translation>abierto el %1</translation>
    </message>
    <message>
        <source>P&amp;eople</source>
        <translation>&amp;Personas</translation>
    </message>
    <message>
        <source>the shop&apos;s hours</source>
        <translation>El horario</translation>
    </message>
    <message>
        <source>Laying out the day…</source>
        <translation>Repartiendo el día…</translation>
    </message>
    <message>
        <source>The shop&apos;s hours</source>
        <translation>Las horas del taller</translation>
    </message>
    <message>
        <source>No other order keeps more promises or is done sooner.</source>
        <translation>Ningún otro orden cumple más promesas ni acaba antes.</translation>
    </message>
    <message>
        <source>No order is better than this one by more than %1 % (promises and time until done).</source>
        <translation>Ningún orden es mejor que este en más de un %1 % (promesas y tiempo hasta acabar).</translation>
    </message>
    <message>
        <source>Minutes are the shop&apos;s own of earlier jobs, or assumed. Type over when a job is promised, or before when nothing can be done on it: 17:00, 2026-03-31, or both.</source>
        <translation>Los minutos son los de los trabajos anteriores del taller, o supuestos. Escribir encima para cuándo se prometió un trabajo, o antes de cuándo no se le puede hacer nada: 17:00, 2026-03-31, o las dos cosas.</translation>
    </message>
    <message>
        <source>No job is in hand.</source>
        <translation>No hay ningún trabajo en mano.</translation>
    </message>
    <message>
        <source>; and %1 more.</source>
        <translation>; y %1 más.</translation>
    </message>
    <message>
        <source>First %1, at %2. Every promise can be kept.</source>
        <translation>Primero %1, a las %2. Se pueden cumplir todas las promesas.</translation>
    </message>
    <message>
        <source>Nothing is left to do by hand.</source>
        <translation>No queda nada que hacer a mano.</translation>
    </message>
    <message>
        <source>%1, late</source>
        <translation>%1, tarde</translation>
    </message>
    <message>
        <source>Nothing is laid out for this day.</source>
        <translation>No hay nada repartido para este día.</translation>
    </message>
    <message>
        <source>%1 to %2: %3</source>
        <translation>%1 a %2: %3</translation>
    </message>
    <message>
        <source>promise</source>
        <translation>promesa</translation>
    </message>
    <message>
        <source>not before</source>
        <translation>no antes de</translation>
    </message>
    <message>
        <source>Another order may be a little better still.</source>
        <translation>Puede que otro orden sea aún un poco mejor.</translation>
    </message>
    <message>
        <source>When the shop is open</source>
        <translation>Cuándo está abierto el taller</translation>
    </message>
    <message>
        <source>How many people work</source>
        <translation>Cuántas personas trabajan</translation>
    </message>
    <message>
        <source>%1: done %2, promised %3</source>
        <translation>%1: acaba %2, prometido %3</translation>
    </message>
    <message>
        <source>Late as it is laid out, tell the owner: %1</source>
        <translation>Así repartido, tarde; decirlo al dueño: %1</translation>
    </message>
</context>
<context>
    <name>flenzo::DuePanel</name>
    <message>
        <source>today</source>
        <translation>hoy</translation>
    </message>
    <message numerus="yes">
        <source>%n days ago</source>
        <translation>
            <numerusform>hace %n día</numerusform>
            <numerusform>hace %n días</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>in %n days</source>
        <translation>
            <numerusform>en %n día</numerusform>
            <numerusform>en %n días</numerusform>
        </translation>
    </message>
    <message>
        <source>What is due</source>
        <translation>Lo que toca</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Cuándo</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Día</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Qué</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Guitarra</translation>
    </message>
    <message>
        <source>Owner</source>
        <translation>Dueño</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Juego</translation>
    </message>
    <message>
        <source>The season: weeks across, guitars down</source>
        <translation>La temporada: semanas a lo ancho, guitarras hacia abajo</translation>
    </message>
    <message>
        <source>Begin this restring</source>
        <translation>Empezar este cambio</translation>
    </message>
    <message>
        <source>It holds</source>
        <translation>Aguanta</translation>
    </message>
    <message>
        <source>It drifts</source>
        <translation>Se desafina</translation>
    </message>
    <message>
        <source>Copy the reminder</source>
        <translation>Copiar el recordatorio</translation>
    </message>
    <message>
        <source>Save as calendar…</source>
        <translation>Guardar como calendario…</translation>
    </message>
    <message>
        <source>restring</source>
        <translation>cambio de cuerdas</translation>
    </message>
    <message>
        <source>check: does it drift?</source>
        <translation>revisar: ¿se desafina?</translation>
    </message>
    <message>
        <source>(no name yet)</source>
        <translation>(aún sin nombre)</translation>
    </message>
    <message>
        <source>Nothing is due. A guitar comes here when its job is finished: a day later to see whether it drifts, and again before its strings are worn.</source>
        <translation>No toca nada. Una guitarra llega aquí al terminar su trabajo: un día después para ver si se desafina, y otra vez antes de que se gasten sus cuerdas.</translation>
    </message>
    <message>
        <source>This job is open; close it or note it there.</source>
        <translation>Este trabajo está abierto; ciérralo o anótalo allí.</translation>
    </message>
    <message>
        <source>Save as calendar</source>
        <translation>Guardar como calendario</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Calendario (*.ics)</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Escrito en %1.</translation>
    </message>
    <message>
        <source>Every string as it is now, cents, thickest first; it need not be told</source>
        <translation>Todas las cuerdas como están ahora, cents, la más gruesa primero; no hace falta decirlo</translation>
    </message>
    <message>
        <source>readings now</source>
        <translation>lecturas ahora</translation>
    </message>
    <message>
        <source>Temperature of the room</source>
        <translation>Temperatura de la sala</translation>
    </message>
    <message>
        <source>Humidity of the room</source>
        <translation>Humedad de la sala</translation>
    </message>
    <message>
        <source>The readings</source>
        <translation>Las lecturas</translation>
    </message>
</context>
<context>
    <name>flenzo::FieldTable</name>
    <message>
        <source>measured</source>
        <translation>medido</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>supuesto</translation>
    </message>
    <message>
        <source>mark of %1</source>
        <translation>marca de %1</translation>
    </message>
</context>
<context>
    <name>flenzo::FindForm</name>
    <message>
        <source>By a luggage scale: hook it to the arm&apos;s end and pull square to the arm until the plate just begins to move.</source>
        <translation>Con una báscula de equipaje: engancharla al extremo de la palanca y tirar en ángulo recto hasta que la placa empiece a moverse.</translation>
    </message>
    <message>
        <source>That is what holds the plate</source>
        <translation>Eso sujeta la placa</translation>
    </message>
    <message>
        <source>the scale shows</source>
        <translation>la báscula marca</translation>
    </message>
    <message>
        <source>pivot to arm&apos;s end</source>
        <translation>del eje al extremo de la palanca</translation>
    </message>
    <message>
        <source>A spring by a luggage scale: unhook it, measure it lying free, then draw it out to two lengths. Safety glasses on, face out of its line.</source>
        <translation>Un muelle con una báscula de equipaje: desengancharlo, medirlo suelto y luego estirado a dos longitudes. Gafas de seguridad puestas, la cara fuera de su línea.</translation>
    </message>
    <message>
        <source>All springs are like it</source>
        <translation>Todos los muelles son así</translation>
    </message>
    <message>
        <source>length with no load</source>
        <translation>longitud sin carga</translation>
    </message>
    <message>
        <source>drawn out to</source>
        <translation>estirado hasta</translation>
    </message>
    <message>
        <source>the scale shows there</source>
        <translation>la báscula marca ahí</translation>
    </message>
    <message>
        <source>drawn out further to</source>
        <translation>estirado más, hasta</translation>
    </message>
    <message>
        <source>By two claw positions: all strings in tune, note the plate; turn both claw screws alike, tune all strings again, note the plate again. The further apart, the surer.</source>
        <translation>Con dos posiciones de la garra: todas las cuerdas afinadas, anotar la placa; girar igual ambos tornillos, afinar de nuevo todas, anotar otra vez la placa. Cuanto más separadas, más seguro.</translation>
    </message>
    <message>
        <source>The springs are so</source>
        <translation>Así son los muelles</translation>
    </message>
    <message>
        <source>plate, as an angle or the gap in mm</source>
        <translation>placa, como ángulo o hueco en mm</translation>
    </message>
    <message>
        <source>both screws, turns (minus: loosened)</source>
        <translation>ambos tornillos, vueltas (menos: aflojados)</translation>
    </message>
    <message>
        <source>plate then</source>
        <translation>placa después</translation>
    </message>
    <message>
        <source>It is held by %1.</source>
        <translation>La sujetan %1.</translation>
    </message>
    <message>
        <source>%1 is more than a bridge is held by. Check the force and the length.</source>
        <translation>%1 es más de lo que sujeta un puente. Comprobar la fuerza y la longitud.</translation>
    </message>
    <message>
        <source>These do not fit one spring: drawn further it must pull more. Measure again.</source>
        <translation>No cuadran con un muelle: más estirado debe tirar más. Medir otra vez.</translation>
    </message>
    <message>
        <source>Rate %1, initial tension %2.</source>
        <translation>Constante %1, tensión inicial %2.</translation>
    </message>
    <message>
        <source>No spring explains these two. Tightened, the plate must go back; were all strings in tune both times?</source>
        <translation>Ningún muelle explica estas dos. Al apretar, la placa debe retroceder; ¿estaban afinadas todas las cuerdas ambas veces?</translation>
    </message>
    <message>
        <source>The springs are %1 % softer than was assumed. A tenth of a degree misread makes %2 %.</source>
        <translation>Los muelles son un %1 % más suaves de lo supuesto. Una décima de grado mal leída supone un %2 %.</translation>
    </message>
    <message>
        <source>The springs are %1 % stiffer than was assumed. A tenth of a degree misread makes %2 %.</source>
        <translation>Los muelles son un %1 % más duros de lo supuesto. Una décima de grado mal leída supone un %2 %.</translation>
    </message>
    <message>
        <source>These two are too near each other: misread by a tenth of a degree, they say something else entirely. Turn the claw further.</source>
        <translation>Las dos están demasiado cerca: con una décima de grado mal leída dicen otra cosa muy distinta. Girar más la garra.</translation>
    </message>
</context>
<context>
    <name>flenzo::FirstAnswerForm</name>
    <message>
        <source>1  Which bridge is it?</source>
        <translation>1  ¿Qué puente es?</translation>
    </message>
    <message>
        <source>2  Which strings come off, which go on?</source>
        <translation>2  ¿Qué cuerdas salen y cuáles entran?</translation>
    </message>
    <message>
        <source>3  In tune on the old strings, the plate is</source>
        <translation>3  Afinada con las cuerdas viejas, la placa está</translation>
    </message>
    <message>
        <source>guitar</source>
        <translation>guitarra</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>dueño</translation>
    </message>
    <message>
        <source>reason for the job</source>
        <translation>motivo del trabajo</translation>
    </message>
    <message>
        <source>comes off</source>
        <translation>sale</translation>
    </message>
    <message>
        <source>goes on</source>
        <translation>entra</translation>
    </message>
    <message>
        <source>number</source>
        <translation>número</translation>
    </message>
    <message>
        <source>Side section of the bridge</source>
        <translation>Corte lateral del puente</translation>
    </message>
    <message>
        <source>Calculated. Figures nobody measured are assumed (%1 measured so far); the readings correct them. Plus or minus %2 turns.</source>
        <translation>Calculado. Lo que nadie midió es supuesto (medido hasta ahora: %1); las lecturas lo corrigen. Más o menos %2 vueltas.</translation>
    </message>
    <message>
        <source>Strings that are changed</source>
        <translation>Cuerdas que se cambian</translation>
    </message>
    <message>
        <source>change</source>
        <translation>cambio</translation>
    </message>
    <message>
        <source>strings to change</source>
        <translation>cuerdas del cambio</translation>
    </message>
    <message>
        <source>all strings</source>
        <translation>todas las cuerdas</translation>
    </message>
    <message>
        <source>only %1, which broke</source>
        <translation>solo %1, que se rompió</translation>
    </message>
    <message>
        <source>Where it broke</source>
        <translation>Dónde se rompió</translation>
    </message>
    <message>
        <source>where it broke</source>
        <translation>dónde se rompió</translation>
    </message>
</context>
<context>
    <name>flenzo::GuitarActs</name>
    <message>
        <source>Put a block in</source>
        <translation>Poner un taco</translation>
    </message>
    <message>
        <source>Thickness under the rear edge; level is %1</source>
        <translation>Grosor bajo el borde trasero; a nivel es %1</translation>
    </message>
    <message>
        <source>take block out</source>
        <translation>sacar el taco</translation>
    </message>
    <message>
        <source>string on</source>
        <translation>cuerda puesta</translation>
    </message>
    <message>
        <source>Bridge posts were turned</source>
        <translation>Se giraron los postes del puente</translation>
    </message>
    <message>
        <source>Raised by (a minus sign: lowered), the same on both bridge posts.
Strings slack first: bridge posts turned under tension wear their edges.</source>
        <translation>Subidos (con signo menos: bajados), igual en los dos postes.
Antes, aflojar las cuerdas: los postes girados bajo tensión gastan los filos.</translation>
    </message>
    <message>
        <source>bridge posts turned</source>
        <translation>postes girados</translation>
    </message>
    <message>
        <source>Saddle was moved</source>
        <translation>Se movió una silleta</translation>
    </message>
    <message>
        <source>Towards the nut by (a minus sign: away from it), with its string slack</source>
        <translation>Hacia la cejuela (con signo menos: alejándose de ella), con su cuerda floja</translation>
    </message>
    <message>
        <source>saddle moved</source>
        <translation>silleta movida</translation>
    </message>
    <message>
        <source>Inserts are open</source>
        <translation>Los insertos están abiertos</translation>
    </message>
    <message>
        <source>Saddle inserts are open and fall out when the guitar is turned over. Tape them first.
To go on all the same, say why:</source>
        <translation>Los insertos de las silletas están abiertos y se caen al dar la vuelta a la guitarra. Sujetarlos antes con cinta.
Para seguir de todos modos, decir por qué:</translation>
    </message>
    <message>
        <source>turn the guitar</source>
        <translation>girar la guitarra</translation>
    </message>
    <message>
        <source>Lay it &amp;flat</source>
        <translation>Tum&amp;bada</translation>
    </message>
    <message>
        <source>Hold it as &amp;played</source>
        <translation>Sujetar como se &amp;toca</translation>
    </message>
    <message>
        <source>Hang it &amp;upright</source>
        <translation>Colgada &amp;derecha</translation>
    </message>
    <message>
        <source>Turn it face do&amp;wn</source>
        <translation>&amp;Boca abajo</translation>
    </message>
    <message>
        <source>Put a &amp;block in…</source>
        <translation>&amp;Poner un taco…</translation>
    </message>
    <message>
        <source>Take the block &amp;out</source>
        <translation>&amp;Sacar el taco</translation>
    </message>
    <message>
        <source>String &amp;off or broken</source>
        <translation>Cuerda &amp;quitada o rota</translation>
    </message>
    <message>
        <source>string off</source>
        <translation>cuerda quitada</translation>
    </message>
    <message>
        <source>&amp;New string on</source>
        <translation>Cuerda &amp;nueva puesta</translation>
    </message>
    <message>
        <source>String has &amp;slipped</source>
        <translation>La cuerda se ha &amp;deslizado</translation>
    </message>
    <message>
        <source>string slipped</source>
        <translation>cuerda deslizada</translation>
    </message>
    <message>
        <source>Something was &amp;moved or knocked</source>
        <translation>Algo se &amp;movió o recibió un golpe</translation>
    </message>
    <message>
        <source>something moved</source>
        <translation>algo movido</translation>
    </message>
    <message>
        <source>Bridge &amp;posts were turned…</source>
        <translation>Se giraron los &amp;postes del puente…</translation>
    </message>
    <message>
        <source>Sa&amp;ddle was moved…</source>
        <translation>Se movió una &amp;silleta…</translation>
    </message>
</context>
<context>
    <name>flenzo::HandStrip</name>
    <message>
        <source>(no name yet)</source>
        <translation>(aún sin nombre)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>soaks %1:%2, </source>
        <translation>empapa %1:%2, </translation>
    </message>
</context>
<context>
    <name>flenzo::HeightForm</name>
    <message>
        <source>action at fret 12 now, bass side</source>
        <translation>altura de cuerdas en el traste 12 ahora, lado grave</translation>
    </message>
    <message>
        <source>the same, treble side</source>
        <translation>lo mismo, lado agudo</translation>
    </message>
    <message>
        <source>wanted, bass side</source>
        <translation>querida, lado grave</translation>
    </message>
    <message>
        <source>wanted, treble side</source>
        <translation>querida, lado agudo</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>bajar</translation>
    </message>
    <message>
        <source>raise</source>
        <translation>subir</translation>
    </message>
    <message>
        <source>Type what the ruler shows and what is wanted; the turns follow.</source>
        <translation>Escribir lo que muestra la regla y lo que se quiere; las vueltas salen solas.</translation>
    </message>
    <message>
        <source>bridge posts turned</source>
        <translation>postes girados</translation>
    </message>
    <message>
        <source>bridge post, mm per turn (assumed)</source>
        <translation>poste del puente, mm por vuelta (supuesto)</translation>
    </message>
    <message>
        <source>screw, mm per turn (assumed)</source>
        <translation>tornillo, mm por vuelta (supuesto)</translation>
    </message>
    <message>
        <source>The bridge posts are turned so</source>
        <translation>Los postes del puente están girados así</translation>
    </message>
    <message>
        <source>%1: %2 by %3, %4 turns.</source>
        <translation>%1: %2 en %3, %4 vueltas.</translation>
    </message>
    <message>
        <source>Bass bridge post</source>
        <translation>Poste del puente grave</translation>
    </message>
    <message>
        <source>Bass side</source>
        <translation>Lado grave</translation>
    </message>
    <message>
        <source>Treble bridge post</source>
        <translation>Poste del puente agudo</translation>
    </message>
    <message>
        <source>Treble side</source>
        <translation>Lado agudo</translation>
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
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>In the days after the hand-over all strings move by %1 cents (%2): %3.</source>
        <translation>En los días tras la entrega todas las cuerdas se mueven %1 cents (%2): %3.</translation>
    </message>
    <message>
        <source>settle them longer, or have them rest over night</source>
        <translation>asentarlas más tiempo, o dejarlas reposar una noche</translation>
    </message>
    <message>
        <source>they were stretched beyond what they hold</source>
        <translation>se estiraron más de lo que aguantan</translation>
    </message>
    <message>
        <source>%1 holds better than the others: it changes %2 as much.</source>
        <translation>%1 aguanta mejor que los demás: cambia %2 lo que ellos.</translation>
    </message>
    <message>
        <source>%1 holds less well than the others: it changes %2 as much.</source>
        <translation>%1 aguanta menos que los demás: cambia %2 lo que ellos.</translation>
    </message>
    <message>
        <source>%1: strings settle %2 as much as otherwise.</source>
        <translation>%1: las cuerdas se asientan %2 lo que de otro modo.</translation>
    </message>
    <message>
        <source>Ten percent more humidity moves all strings by %1 cents (%2 to %3): season, not wear.</source>
        <translation>Un diez por ciento más de humedad mueve todas las cuerdas %1 cents (%2 a %3): estación, no desgaste.</translation>
    </message>
    <message>
        <source>Five degrees more move all strings by %1 cents (%2 to %3): season, not wear.</source>
        <translation>Cinco grados más mueven todas las cuerdas %1 cents (%2 a %3): estación, no desgaste.</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Juego</translation>
    </message>
    <message>
        <source>Checked</source>
        <translation>Revisadas</translation>
    </message>
    <message>
        <source>Then, cents</source>
        <translation>Luego, cents</translation>
    </message>
    <message>
        <source>Came again</source>
        <translation>Volvieron</translation>
    </message>
    <message>
        <source>Changed, cents</source>
        <translation>Cambió, cents</translation>
    </message>
    <message>
        <source>After days</source>
        <translation>Tras días</translation>
    </message>
    <message>
        <source>What each set did in this shop</source>
        <translation>Qué hizo cada juego en este taller</translation>
    </message>
    <message>
        <source>Medians. Then: all strings, from the hand-over to the check within five days. Changed: the mean amount of every string until the next visit. A finding is what chance explains in less than one shop of twenty, everything that is looked at counted.</source>
        <translation>Medianas. Luego: todas las cuerdas, de la entrega a la revisión en cinco días. Cambió: la cantidad media de cada cuerda hasta la siguiente visita. Un hallazgo es lo que el azar explica en menos de un taller de cada veinte, contado todo lo que se mira.</translation>
    </message>
    <message>
        <source>Reading the records…</source>
        <translation>Leyendo los registros…</translation>
    </message>
    <message>
        <source>Nothing to compare yet. How a guitar leaves is noted by itself; how it is a day later is typed at its check under Due, how it comes in at the first look, each with the room&apos;s temperature and humidity where there is a meter.</source>
        <translation>Nada que comparar todavía. Cómo se va una guitarra se anota solo; cómo está un día después se escribe en su revisión, en Vence; cómo llega, al mirarla por primera vez, cada vez con la temperatura y la humedad de la sala donde hay con qué medirlas.</translation>
    </message>
    <message>
        <source>Nothing that chance would not do as well.</source>
        <translation>Nada que el azar no hiciera igual.</translation>
    </message>
    <message>
        <source>own sets</source>
        <translation>juegos propios</translation>
    </message>
    <message>
        <source>%1 times (%2 to %3)</source>
        <translation>%1 veces (%2 a %3)</translation>
    </message>
    <message>
        <source>%1: string %2 from the thickest goes its own way, %3 cents from visit to visit (%4). Look at its nut slot, saddle and tuner.</source>
        <translation>%1: la cuerda %2 desde la más gruesa va por su lado, %3 cents de visita en visita (%4). Mirar su ranura, su silleta y su clavija.</translation>
    </message>
    <message>
        <source>Looks at guitars that nobody had touched since the look before: %1.</source>
        <translation>Miradas a guitarras que nadie había tocado desde la anterior: %1.</translation>
    </message>
</context>
<context>
    <name>flenzo::HelpPage</name>
    <message>
        <source>Search the help</source>
        <translation>Buscar en la ayuda</translation>
    </message>
    <message>
        <source>Contents of the help</source>
        <translation>Contenido de la ayuda</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>user-guide.md</source>
        <translation>es/user-guide.md</translation>
    </message>
    <message>
        <source>glossary.md</source>
        <translation>es/glossary.md</translation>
    </message>
    <message>
        <source>keys.md</source>
        <translation>es/keys.md</translation>
    </message>
</context>
<context>
    <name>flenzo::IntonateForm</name>
    <message>
        <source>Octave fretted against open, cents</source>
        <translation>Octava pisada contra al aire, cents</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>silleta</translation>
    </message>
    <message>
        <source>%1 is heard open; now stop it at fret 12.</source>
        <translation>%1 se ha oído al aire; ahora písala en el traste 12.</translation>
    </message>
    <message>
        <source>Read each string open and at fret 12, or pluck both while the program listens. The guess is for an action of %1, an assumption.</source>
        <translation>Leer cada cuerda al aire y en el traste 12, o pulsar ambas mientras el programa escucha. La estimación vale para una acción de %1, un supuesto.</translation>
    </message>
    <message>
        <source>forward %1</source>
        <translation>adelante %1</translation>
    </message>
    <message>
        <source>back %1</source>
        <translation>atrás %1</translation>
    </message>
    <message>
        <source>A loose bridge in one piece: bass end %1, treble end %2 away from the nut.</source>
        <translation>Un puente suelto de una pieza: extremo grave %1, agudo %2 lejos de la cejuela.</translation>
    </message>
    <message>
        <source>These saddles are moved so</source>
        <translation>Estas silletas ya están movidas así</translation>
    </message>
    <message>
        <source>saddle moved</source>
        <translation>silleta movida</translation>
    </message>
    <message>
        <source>octave off, ¢</source>
        <translation>error de octava, ¢</translation>
    </message>
    <message>
        <source>guess, ¢</source>
        <translation>estimación, ¢</translation>
    </message>
    <message>
        <source>Stopped at fret 12 against open; plus is sharp</source>
        <translation>Pisada en el traste 12 frente al aire; más es agudo</translation>
    </message>
</context>
<context>
    <name>flenzo::JobExchange</name>
    <message numerus="yes">
        <source>%n jobs came in.</source>
        <translation>
            <numerusform>Entró %n trabajo.</numerusform>
            <numerusform>Entraron %n trabajos.</numerusform>
        </translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importar</translation>
    </message>
    <message>
        <source>Guitars and jobs (*.flenzo-guitar *.flenzo-job)</source>
        <translation>Guitarras y trabajos (*.flenzo-guitar *.flenzo-job)</translation>
    </message>
    <message>
        <source>Export the guitar</source>
        <translation>Exportar la guitarra</translation>
    </message>
    <message>
        <source>Folder for jobs.csv and events.csv</source>
        <translation>Carpeta para jobs.csv y events.csv</translation>
    </message>
    <message>
        <source>Writing the tables</source>
        <translation>Escribiendo las tablas</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Escrito en %1.</translation>
    </message>
    <message>
        <source>&amp;Job sheet…</source>
        <translation>&amp;Hoja de trabajo…</translation>
    </message>
    <message>
        <source>&amp;Import a guitar or job…</source>
        <translation>&amp;Importar una guitarra o un trabajo…</translation>
    </message>
    <message>
        <source>&amp;Export this guitar with its history…</source>
        <translation>&amp;Exportar esta guitarra con su historial…</translation>
    </message>
    <message>
        <source>Export everything as &amp;tables…</source>
        <translation>Exportar todo como &amp;tablas…</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Guardado como %1.</translation>
    </message>
    <message>
        <source>Job sheet</source>
        <translation>Hoja de trabajo</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;HTML (*.html)</source>
        <translation>PDF (*.pdf);;HTML (*.html)</translation>
    </message>
    <message>
        <source>the strings</source>
        <translation>las cuerdas</translation>
    </message>
    <message>
        <source>Card for the case</source>
        <translation>Tarjeta para el estuche</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;SVG (*.svg)</source>
        <translation>PDF (*.pdf);;SVG (*.svg)</translation>
    </message>
    <message>
        <source>&amp;Card for the case…</source>
        <translation>&amp;Tarjeta para el estuche…</translation>
    </message>
</context>
<context>
    <name>flenzo::JobFiles</name>
    <message>
        <source>%1. The job that was open is untouched.</source>
        <translation>%1. El trabajo abierto queda intacto.</translation>
    </message>
    <message>
        <source>Saved as %1.</source>
        <translation>Guardado como %1.</translation>
    </message>
    <message>
        <source>Not saved</source>
        <translation>Sin guardar</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has changes that are in no file yet.</source>
        <translation>«%1» tiene cambios que aún no están en ningún archivo.</translation>
    </message>
    <message>
        <source>Open a job</source>
        <translation>Abrir un trabajo</translation>
    </message>
    <message>
        <source>Jobs (*.flenzo-job);;All files (*)</source>
        <translation>Trabajos (*.flenzo-job);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Save the job</source>
        <translation>Guardar el trabajo</translation>
    </message>
    <message>
        <source>Jobs (*.flenzo-job)</source>
        <translation>Trabajos (*.flenzo-job)</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>&amp;Abrir…</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>Gua&amp;rdar</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Guardar &amp;como…</translation>
    </message>
</context>
<context>
    <name>flenzo::JobForm</name>
    <message>
        <source>card</source>
        <translation>ficha</translation>
    </message>
</context>
<context>
    <name>flenzo::JobKeeper</name>
    <message>
        <source>Two benches changed this job apart from each other; this is what one of them had.</source>
        <translation>Dos bancos cambiaron este trabajo por separado; esto es lo que tenía uno de ellos.</translation>
    </message>
</context>
<context>
    <name>flenzo::JobPage</name>
    <message>
        <source>The time is up.</source>
        <translation>Se acabó el tiempo.</translation>
    </message>
    <message>
        <source>Reason or note</source>
        <translation>Motivo o nota</translation>
    </message>
    <message>
        <source>Cancel  (Esc)</source>
        <translation>Cancelar  (Esc)</translation>
    </message>
    <message>
        <source>Step done  (Space)</source>
        <translation>Paso hecho  (Espacio)</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Atrás</translation>
    </message>
    <message>
        <source>Skip…</source>
        <translation>Omitir…</translation>
    </message>
    <message>
        <source>Note…</source>
        <translation>Nota…</translation>
    </message>
    <message>
        <source>Photo…</source>
        <translation>Foto…</translation>
    </message>
    <message>
        <source>Trouble?</source>
        <translation>¿Problemas?</translation>
    </message>
    <message>
        <source>What went wrong? From what is seen to cause and remedy (F2)</source>
        <translation>¿Qué salió mal? De lo que se ve a causa y remedio (F2)</translation>
    </message>
    <message>
        <source>Bench  (F6)</source>
        <translation>Banco  (F6)</translation>
    </message>
    <message>
        <source>Figures  (F4)</source>
        <translation>Cifras  (F4)</translation>
    </message>
    <message>
        <source>The guitar&apos;s figures, measured or assumed, beside any step</source>
        <translation>Las cifras de la guitarra, medidas o supuestas, junto a cualquier paso</translation>
    </message>
    <message>
        <source>Why is this step skipped?</source>
        <translation>¿Por qué se omite este paso?</translation>
    </message>
    <message>
        <source>Note to this step</source>
        <translation>Nota a este paso</translation>
    </message>
    <message>
        <source>step</source>
        <translation>paso</translation>
    </message>
    <message>
        <source>To go on all the same, say why:</source>
        <translation>Para seguir de todos modos, decir por qué:</translation>
    </message>
    <message>
        <source>Photo to this step</source>
        <translation>Foto de este paso</translation>
    </message>
    <message>
        <source>Back to the work  (Esc)</source>
        <translation>Volver al trabajo  (Esc)</translation>
    </message>
    <message>
        <source>Only looking: the work is at another step.</source>
        <translation>Solo mirando: el trabajo está en otro paso.</translation>
    </message>
    <message>
        <source>Step  (F6)</source>
        <translation>Paso  (F6)</translation>
    </message>
    <message>
        <source>%1 steps, about %2 min left</source>
        <translation>%1 pasos, faltan unos %2 min</translation>
    </message>
    <message>
        <source>%1 steps, %2 min</source>
        <translation>%1 pasos, %2 min</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>job finished</source>
        <translation>trabajo terminado</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>Stop listening  (F8)</source>
        <translation>Dejar de escuchar  (F8)</translation>
    </message>
    <message>
        <source>Listen  (F8)</source>
        <translation>Escuchar  (F8)</translation>
    </message>
    <message>
        <source>More of listening</source>
        <translation>Más de la escucha</translation>
    </message>
    <message>
        <source>Continue  (Enter)</source>
        <translation>Continuar  (Intro)</translation>
    </message>
</context>
<context>
    <name>flenzo::JobText</name>
    <message>
        <source>kind of bridge</source>
        <translation>tipo de puente</translation>
    </message>
</context>
<context>
    <name>flenzo::LearnedPanel</name>
    <message>
        <source>spring rate</source>
        <translation>dureza de muelle</translation>
    </message>
    <message>
        <source>N/mm</source>
        <translation>N/mm</translation>
    </message>
    <message>
        <source>initial tension</source>
        <translation>tensión inicial</translation>
    </message>
    <message>
        <source>N</source>
        <translation>N</translation>
    </message>
    <message>
        <source>hook depth</source>
        <translation>hondura del gancho</translation>
    </message>
    <message>
        <source>string height over the pivot</source>
        <translation>altura de las cuerdas sobre el pivote</translation>
    </message>
    <message>
        <source>claw travel per turn</source>
        <translation>avance de garra por vuelta</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>claw&apos;s place, from the one counted</source>
        <translation>lugar de la garra, desde el contado</translation>
    </message>
    <message>
        <source>saddles behind the pivot</source>
        <translation>silletas detrás del pivote</translation>
    </message>
    <message>
        <source>what the pivot holds</source>
        <translation>lo que retiene el pivote</translation>
    </message>
    <message>
        <source>mN m</source>
        <translation>mN m</translation>
    </message>
    <message>
        <source>What the readings taught of this guitar</source>
        <translation>Lo que las lecturas enseñaron de esta guitarra</translation>
    </message>
    <message>
        <source>quantity</source>
        <translation>cantidad</translation>
    </message>
    <message>
        <source>nominal</source>
        <translation>nominal</translation>
    </message>
    <message>
        <source>learned</source>
        <translation>aprendido</translation>
    </message>
    <message>
        <source>uncertain</source>
        <translation>inseguro</translation>
    </message>
    <message>
        <source>Learned</source>
        <translation>Aprendido</translation>
    </message>
    <message>
        <source>stiffness of single strings</source>
        <translation>rigidez de cada cuerda</translation>
    </message>
    <message>
        <source>from gauge and core</source>
        <translation>de calibre y alma</translation>
    </message>
    <message>
        <source>up to %1 % off</source>
        <translation>hasta un %1 % desviada</translation>
    </message>
    <message>
        <source>Nothing has been read yet: these are the assumed figures and how far guitars usually lie from them.</source>
        <translation>Aún no se ha leído nada: estas son las cifras supuestas y lo que suelen apartarse de ellas las guitarras.</translation>
    </message>
    <message>
        <source>From %1 readings. The next aims and claw turns rest on these figures.</source>
        <translation>De %1 lecturas. Los próximos objetivos y vueltas de garra se apoyan en estas cifras.</translation>
    </message>
    <message>
        <source>shop&apos;s guitars</source>
        <translation>guitarras del taller</translation>
    </message>
    <message numerus="yes">
        <source>Nothing has been read yet: these are the mean and the spread of %n guitars of this kind that the shop finished, drawn towards the usual figures.</source>
        <translation>
            <numerusform>Aún no se ha leído nada: son la media y la dispersión de %n guitarra de este tipo que terminó el taller, acercadas a las cifras habituales.</numerusform>
            <numerusform>Aún no se ha leído nada: son la media y la dispersión de %n guitarras de este tipo que terminó el taller, acercadas a las cifras habituales.</numerusform>
        </translation>
    </message>
    <message>
        <source>New guitars begin from the shop&apos;s</source>
        <translation>Las nuevas parten de las del taller</translation>
    </message>
</context>
<context>
    <name>flenzo::ListenBar</name>
    <message>
        <source>Hear the demo guitar</source>
        <translation>Oír la guitarra de demostración</translation>
    </message>
    <message>
        <source>The simulated guitar is plucked and tuned in front of you, and heard as yours would be</source>
        <translation>La guitarra simulada se pulsa y se afina a la vista, y se oye como se oiría una real</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>How far the string is from its aim</source>
        <translation>A qué distancia está la cuerda de su objetivo</translation>
    </message>
    <message>
        <source>Set up listening…</source>
        <translation>Preparar la escucha…</translation>
    </message>
    <message>
        <source>Stop, and save the recording</source>
        <translation>Parar y guardar la grabación</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Grabar</translation>
    </message>
    <message>
        <source>Hear recording %1</source>
        <translation>Oír la grabación %1</translation>
    </message>
    <message>
        <source>The recording is saved with the job.</source>
        <translation>La grabación se guarda con el trabajo.</translation>
    </message>
    <message>
        <source>Pluck one string: it is named here, and read when its pitch has settled. Mute all strings twice to pause.</source>
        <translation>Pulsar una cuerda: aquí se nombra y se lee cuando su tono asienta. Apagar todas dos veces hace una pausa.</translation>
    </message>
    <message>
        <source>Stop listening  (F8)</source>
        <translation>Dejar de escuchar  (F8)</translation>
    </message>
    <message>
        <source>Listen  (F8)</source>
        <translation>Escuchar  (F8)</translation>
    </message>
    <message>
        <source>Go on  (F7)</source>
        <translation>Seguir  (F7)</translation>
    </message>
    <message>
        <source>Pause  (F7)</source>
        <translation>Pausa  (F7)</translation>
    </message>
    <message>
        <source>Recording</source>
        <translation>Grabación</translation>
    </message>
    <message>
        <source>Stop listening first: it would hear the tone.</source>
        <translation>Dejar antes de escuchar: oiría el tono.</translation>
    </message>
</context>
<context>
    <name>flenzo::ListenDialog</name>
    <message>
        <source>Set up listening</source>
        <translation>Preparar la escucha</translation>
    </message>
    <message>
        <source>&amp;Input</source>
        <translation>&amp;Entrada</translation>
    </message>
    <message>
        <source>Input to listen to</source>
        <translation>Entrada que se escucha</translation>
    </message>
    <message>
        <source>Level of the input</source>
        <translation>Nivel de la entrada</translation>
    </message>
    <message>
        <source>A microphone near the strings, a pick-up or a contact microphone on the headstock all do. A quiet room helps more than a dear microphone; what is heard is not recorded.</source>
        <translation>Un micrófono cerca de las cuerdas, una pastilla o un micrófono de contacto en la pala sirven todos. Un cuarto tranquilo ayuda más que un micrófono caro; lo que se oye no se graba.</translation>
    </message>
    <message>
        <source>Say each act aloud</source>
        <translation>Decir cada acción en voz alta</translation>
    </message>
    <message>
        <source>Say each act aloud (no voice is installed on this desktop)</source>
        <translation>Decir cada acción en voz alta (no hay voz instalada en este escritorio)</translation>
    </message>
    <message>
        <source>Short tones: taken, doubted, in tune</source>
        <translation>Tonos cortos: tomada, dudosa, afinada</translation>
    </message>
    <message>
        <source>Listen at the bench</source>
        <translation>Escuchar en el banco</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>The sound card&apos;s clock</source>
        <translation>El reloj de la tarjeta de sonido</translation>
    </message>
    <message>
        <source>a steady tone of</source>
        <translation>un tono fijo de</translation>
    </message>
    <message>
        <source>a good tuner reads higher by</source>
        <translation>un buen afinador lee más alto</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Medir</translation>
    </message>
    <message>
        <source>Progress of the measurement</source>
        <translation>Avance de la medida</translation>
    </message>
    <message>
        <source>the desktop&apos;s usual one</source>
        <translation>la habitual del escritorio</translation>
    </message>
    <message>
        <source>Listening to the tone</source>
        <translation>Escuchando el tono</translation>
    </message>
    <message>
        <source>Pluck one string</source>
        <translation>Pulsar una cuerda</translation>
    </message>
    <message>
        <source>Taken as right. Most clocks are within a tenth of a cent.</source>
        <translation>Se da por bueno. La mayoría acierta a una décima de cent.</translation>
    </message>
    <message>
        <source>Runs %1 by %2 parts in a million, %3; every reading is corrected by it.</source>
        <translation>Va %1 por %2 partes por millón, %3; cada lectura se corrige con eso.</translation>
    </message>
    <message>
        <source>fast</source>
        <translation>rápido</translation>
    </message>
    <message>
        <source>slow</source>
        <translation>lento</translation>
    </message>
    <message>
        <source>Let the tone sound for five seconds, as loud as a string.</source>
        <translation>Dejar sonar el tono cinco segundos, tan fuerte como una cuerda.</translation>
    </message>
</context>
<context>
    <name>flenzo::Listening</name>
    <message>
        <source>tune string by ear</source>
        <translation>afinar cuerda de oído</translation>
    </message>
    <message>
        <source>stretch string by ear</source>
        <translation>estirar cuerda de oído</translation>
    </message>
    <message>
        <source>read string by ear</source>
        <translation>leer cuerda de oído</translation>
    </message>
</context>
<context>
    <name>flenzo::LookForm</name>
    <message>
        <source>What is not ticked stays on the job sheet as not inspected.</source>
        <translation>Lo que no se marca queda en la hoja del trabajo como sin inspeccionar.</translation>
    </message>
</context>
<context>
    <name>flenzo::MainWindow</name>
    <message>
        <source>Shop</source>
        <translation>Taller</translation>
    </message>
    <message>
        <source>Job</source>
        <translation>Trabajo</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Práctica</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>, not saved</source>
        <translation>, sin guardar</translation>
    </message>
    <message>
        <source> (read only)</source>
        <translation> (solo lectura)</translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation>&amp;Trabajo</translation>
    </message>
    <message>
        <source>&amp;New guitar</source>
        <translation>&amp;Guitarra nueva</translation>
    </message>
    <message>
        <source>&amp;Find…</source>
        <translation>&amp;Buscar…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Salir</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Editar</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Deshacer</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Rehacer</translation>
    </message>
    <message>
        <source>&amp;Bench</source>
        <translation>&amp;Banco</translation>
    </message>
    <message>
        <source>&amp;Done, next</source>
        <translation>&amp;Hecho, siguiente</translation>
    </message>
    <message>
        <source>Let the simulated guitar &amp;answer</source>
        <translation>Que &amp;responda la guitarra simulada</translation>
    </message>
    <message>
        <source>&amp;Listen to the strings</source>
        <translation>&amp;Escuchar las cuerdas</translation>
    </message>
    <message>
        <source>Listen to a &amp;recording…</source>
        <translation>Escuchar una &amp;grabación…</translation>
    </message>
    <message>
        <source>Listen to a recording</source>
        <translation>Escuchar una grabación</translation>
    </message>
    <message>
        <source>&amp;Pause listening</source>
        <translation>&amp;Pausar la escucha</translation>
    </message>
    <message>
        <source>Next reading is the &amp;gap</source>
        <translation>La próxima lectura es el &amp;hueco</translation>
    </message>
    <message>
        <source>String %1</source>
        <translation>Cuerda %1</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ver</translation>
    </message>
    <message>
        <source>&amp;Shop</source>
        <translation>&amp;Taller</translation>
    </message>
    <message>
        <source>&amp;Practice</source>
        <translation>&amp;Práctica</translation>
    </message>
    <message>
        <source>&amp;Bench and back</source>
        <translation>&amp;Banco y vuelta</translation>
    </message>
    <message>
        <source>Guitar&apos;s &amp;figures</source>
        <translation>&amp;Cifras de la guitarra</translation>
    </message>
    <message>
        <source>&amp;Dark bench</source>
        <translation>Banco &amp;oscuro</translation>
    </message>
    <message>
        <source>&amp;Name the parts</source>
        <translation>&amp;Nombrar las piezas</translation>
    </message>
    <message>
        <source>Lengths in &amp;inches</source>
        <translation>Longitudes en p&amp;ulgadas</translation>
    </message>
    <message>
        <source>Forces in &amp;pounds</source>
        <translation>&amp;Fuerzas en libras</translation>
    </message>
    <message>
        <source>&amp;Larger text</source>
        <translation>Texto &amp;mayor</translation>
    </message>
    <message>
        <source>&amp;Smaller text</source>
        <translation>Texto m&amp;enor</translation>
    </message>
    <message>
        <source>Act &amp;fills the screen</source>
        <translation>La acción &amp;llena la pantalla</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>A&amp;yuda</translation>
    </message>
    <message>
        <source>What went &amp;wrong?</source>
        <translation>¿Qué salió &amp;mal?</translation>
    </message>
    <message>
        <source>&amp;How it works</source>
        <translation>&amp;Cómo funciona</translation>
    </message>
    <message>
        <source>&amp;About Flenzo</source>
        <translation>&amp;Acerca de Flenzo</translation>
    </message>
    <message>
        <source>Language of the desktop</source>
        <translation>Idioma del escritorio</translation>
    </message>
    <message>
        <source>&amp;Recent jobs</source>
        <translation>Trabajos &amp;recientes</translation>
    </message>
    <message>
        <source>&amp;Demo shop</source>
        <translation>Taller de &amp;demostración</translation>
    </message>
    <message>
        <source>About Flenzo</source>
        <translation>Acerca de Flenzo</translation>
    </message>
    <message>
        <source>&lt;h3&gt;Flenzo %1&lt;/h3&gt;&lt;p&gt;The balance of floating vibrato bridges: claw turns, aims and passes for people who restring and set up guitars.&lt;/p&gt;&lt;p&gt;Free software under the GNU General Public License, version 3 or later; it comes without any warranty. Built with Qt, Eigen, Boost and CLI11. Typeface: B612, SIL Open Font Licence.&lt;/p&gt;&lt;p&gt;What it says rests on a model and on your readings. Where work can hurt you or the guitar, local rules and a professional repairer go before it.&lt;/p&gt;</source>
        <translation>&lt;h3&gt;Flenzo %1&lt;/h3&gt;&lt;p&gt;El equilibrio de los puentes vibrato flotantes: vueltas de garra, objetivos y pasadas para quien cambia cuerdas y ajusta guitarras.&lt;/p&gt;&lt;p&gt;Software libre bajo la GNU General Public License, versión 3 o posterior; viene sin ninguna garantía. Hecho con Qt, Eigen, Boost y CLI11. Letra: B612, SIL Open Font Licence.&lt;/p&gt;&lt;p&gt;Lo que dice se apoya en un modelo y en tus lecturas. Donde el trabajo pueda dañarte a ti o a la guitarra, van antes las normas locales y un reparador profesional.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>demo</source>
        <translation>demostración</translation>
    </message>
    <message>
        <source>Sound (%1)</source>
        <translation>Sonido (%1)</translation>
    </message>
    <message>
        <source>The server does not answer. The job is open on this machine; put it into the shop later with Job, Save in the shop.</source>
        <translation>El servidor no responde. El trabajo está abierto en esta máquina; guardarlo más tarde con Trabajo, Guardar en el taller.</translation>
    </message>
    <message>
        <source>Sa&amp;ve in the shop</source>
        <translation>Guar&amp;dar en el taller</translation>
    </message>
    <message>
        <source>Saved in the shop.</source>
        <translation>Guardado en el taller.</translation>
    </message>
    <message>
        <source>Sound the &amp;tone to tune to</source>
        <translation>Dar el &amp;tono al que afinar</translation>
    </message>
    <message>
        <source>Go to c&amp;urrent step</source>
        <translation>Ir al paso act&amp;ual</translation>
    </message>
    <message>
        <source>This guitar answers by itself: press F9 and watch, or type readings of your own.</source>
        <translation>Esta guitarra responde sola: pulsar F9 y mirar, o escribir lecturas propias.</translation>
    </message>
    <message>
        <source>&amp;Next open job</source>
        <translation>&amp;Siguiente trabajo abierto</translation>
    </message>
    <message>
        <source>Open job &amp;before</source>
        <translation>Trabajo abierto a&amp;nterior</translation>
    </message>
    <message>
        <source>Put this job &amp;aside</source>
        <translation>&amp;Apartar este trabajo</translation>
    </message>
</context>
<context>
    <name>flenzo::MessageBar</name>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>flenzo::MethodTable</name>
    <message>
        <source>Pricing the methods</source>
        <translation>Calculando los métodos</translation>
    </message>
    <message>
        <source>Methods and what they cost on this guitar</source>
        <translation>Métodos y lo que cuestan en esta guitarra</translation>
    </message>
    <message>
        <source>topic</source>
        <translation>tema</translation>
    </message>
    <message>
        <source>method</source>
        <translation>método</translation>
    </message>
    <message>
        <source>passes</source>
        <translation>pasadas</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>risk</source>
        <translation>riesgo</translation>
    </message>
    <message>
        <source>Enter or a click on a method chooses it; passes and minutes are against the plan as it is</source>
        <translation>Intro o un clic elige un método; pasadas y minutos son frente al plan tal como está</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>other %1</source>
        <translation>otra %1</translation>
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
        <translation>ni&amp;velada</translation>
    </message>
    <message>
        <source>&amp;sunk</source>
        <translation>&amp;hundida</translation>
    </message>
    <message>
        <source>&amp;forward</source>
        <translation>&amp;adelantada</translation>
    </message>
    <message>
        <source>not &amp;known</source>
        <translation>no se &amp;sabe</translation>
    </message>
    <message>
        <source>plate angle with the old set</source>
        <translation>ángulo de la placa con el juego viejo</translation>
    </message>
    <message>
        <source>old balance</source>
        <translation>equilibrio viejo</translation>
    </message>
    <message>
        <source>on the &amp;body</source>
        <translation>sobre el &amp;cuerpo</translation>
    </message>
    <message>
        <source>Or as an angle, forward positive; or as the gap under the rear edge with its unit: 4.2 mm</source>
        <translation>O como ángulo, adelante positivo; o como separación bajo el borde trasero con su unidad: 4.2 mm</translation>
    </message>
</context>
<context>
    <name>flenzo::OtherBenches</name>
    <message>
        <source>The server is back, and has everything that was entered.</source>
        <translation>El servidor ha vuelto y tiene todo lo anotado.</translation>
    </message>
    <message>
        <source>Changed at another bench; shown as it is now. Undo begins anew.</source>
        <translation>Cambiado en otro banco; se muestra como está ahora. Deshacer empieza de nuevo.</translation>
    </message>
    <message>
        <source>Another bench has this job open too. Each sees what the other enters; agree who reads and turns.</source>
        <translation>Otro banco también tiene abierto este trabajo. Cada uno ve lo que anota el otro; acordad quién lee y quién gira.</translation>
    </message>
    <message>
        <source>This job was deleted at another bench. It is still open here: Job, Save in the shop puts it back.</source>
        <translation>Este trabajo se borró en otro puesto. Aquí sigue abierto: Trabajo, Guardar en el taller lo devuelve.</translation>
    </message>
</context>
<context>
    <name>flenzo::OwnSetsDialog</name>
    <message>
        <source>Own sets and tunings</source>
        <translation>Juegos y afinaciones propios</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Juegos</translation>
    </message>
    <message>
        <source>Tunings</source>
        <translation>Afinaciones</translation>
    </message>
    <message>
        <source>F2 or a double click renames. Jobs keep the name that they were made with.</source>
        <translation>F2 o doble clic cambia el nombre. Los trabajos conservan el nombre con el que se hicieron.</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Borrar</translation>
    </message>
</context>
<context>
    <name>flenzo::PaperDialog</name>
    <message>
        <source>Pages: %1</source>
        <translation>Páginas: %1</translation>
    </message>
    <message>
        <source>Size of the paper</source>
        <translation>Tamaño del papel</translation>
    </message>
    <message>
        <source>&amp;Print…</source>
        <translation>&amp;Imprimir…</translation>
    </message>
    <message>
        <source>&amp;Save as a file…</source>
        <translation>&amp;Guardar como archivo…</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>the printer</source>
        <translation>la impresora</translation>
    </message>
</context>
<context>
    <name>flenzo::PartsForm</name>
    <message>
        <source>Pieces</source>
        <translation>Piezas</translation>
    </message>
    <message>
        <source>Part from the drawers</source>
        <translation>Pieza de los cajones</translation>
    </message>
    <message>
        <source>Why it is taken</source>
        <translation>Por qué se toma</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usada</translation>
    </message>
    <message>
        <source>for a worn one</source>
        <translation>por una gastada</translation>
    </message>
    <message>
        <source>for a lost one</source>
        <translation>por una perdida</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>What the shop keeps in its drawers is listed under Shop, Stock.</source>
        <translation>Lo que el taller guarda en sus cajones está en Taller, Existencias.</translation>
    </message>
    <message>
        <source>%1 (%2 there)</source>
        <translation>%1 (hay %2)</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Taken by itself when the job is finished: %1.</source>
        <translation>Se toma solo al terminar el trabajo: %1.</translation>
    </message>
    <message>
        <source>Taken: %1 × %2. Undo does not restock: correct the count under Shop, Stock.</source>
        <translation>Sacado: %1 × %2. Deshacer no repone: corregir la cuenta en Taller, Existencias.</translation>
    </message>
</context>
<context>
    <name>flenzo::PassSheetModel</name>
    <message>
        <source>start</source>
        <translation>inicio</translation>
    </message>
    <message>
        <source>pass %1</source>
        <translation>pasada %1</translation>
    </message>
    <message>
        <source>end</source>
        <translation>fin</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>placa</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>palanca</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>grados</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>cents</translation>
    </message>
    <message>
        <source>aim %1 cents</source>
        <translation>objetivo %1 cents</translation>
    </message>
    <message>
        <source>measured %1</source>
        <translation>medido %1</translation>
    </message>
    <message>
        <source>forecast %1</source>
        <translation>previsto %1</translation>
    </message>
    <message>
        <source>calculated %1</source>
        <translation>calculado %1</translation>
    </message>
    <message>
        <source>
tighten %1</source>
        <translation>
aprieta %1</translation>
    </message>
    <message>
        <source>
loosen %1</source>
        <translation>
afloja %1</translation>
    </message>
    <message>
        <source>now</source>
        <translation>ahora</translation>
    </message>
    <message>
        <source>pass %1
to come</source>
        <translation>pasada %1
por venir</translation>
    </message>
</context>
<context>
    <name>flenzo::PassSheetView</name>
    <message>
        <source>Pass sheet</source>
        <translation>Hoja de pasadas</translation>
    </message>
</context>
<context>
    <name>flenzo::PhaseButton</name>
    <message>
        <source>%1 of %2 steps done</source>
        <translation>%1 de %2 pasos hechos</translation>
    </message>
    <message>
        <source>%1, the work is here, %2</source>
        <translation>%1, el trabajo está aquí, %2</translation>
    </message>
    <message>
        <source>Nothing of this on this job</source>
        <translation>Nada de esto en este trabajo</translation>
    </message>
</context>
<context>
    <name>flenzo::PhasePath</name>
    <message>
        <source>Phases of the job</source>
        <translation>Fases del trabajo</translation>
    </message>
</context>
<context>
    <name>flenzo::PhotoLevelDialog</name>
    <message>
        <source>Level from a side photo</source>
        <translation>Nivel con una foto lateral</translation>
    </message>
    <message>
        <source>the neck is on the right</source>
        <translation>el mástil está a la derecha</translation>
    </message>
    <message>
        <source>Choose a photo…</source>
        <translation>Elegir una foto…</translation>
    </message>
    <message>
        <source>Mark anew</source>
        <translation>Marcar de nuevo</translation>
    </message>
    <message>
        <source>Take this angle</source>
        <translation>Tomar este ángulo</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>Side photo</source>
        <translation>Foto lateral</translation>
    </message>
    <message>
        <source>The plate is at %1° ± %2° (from the marks).</source>
        <translation>La placa está a %1° ± %2° (por las marcas).</translation>
    </message>
    <message>
        <source>The marks are too close together; mark anew, as far apart as the edges are long.</source>
        <translation>Las marcas están muy juntas; marcar de nuevo, tan lejos como largos son los bordes.</translation>
    </message>
    <message>
        <source>Choose a photo taken from the side, square to it.</source>
        <translation>Elegir una foto tomada justo de lado.</translation>
    </message>
    <message>
        <source>Mark the body&apos;s top at two places, far apart.</source>
        <translation>Marcar la tapa del cuerpo en dos puntos alejados.</translation>
    </message>
    <message>
        <source>Mark the plate&apos;s edge at two places, far apart.</source>
        <translation>Marcar el borde de la placa en dos puntos alejados.</translation>
    </message>
    <message>
        <source>from a side photo</source>
        <translation>de una foto lateral</translation>
    </message>
    <message>
        <source>level from a photo</source>
        <translation>nivel de una foto</translation>
    </message>
</context>
<context>
    <name>flenzo::PhotoMarks</name>
    <message>
        <source>Side photo; arrows move the mark, Space sets it</source>
        <translation>Foto lateral; las flechas mueven la marca, Espacio la fija</translation>
    </message>
    <message>
        <source>No photo yet: lens square to the side, plate and top in sight</source>
        <translation>Aún sin foto: lente justo de lado, placa y tapa a la vista</translation>
    </message>
</context>
<context>
    <name>flenzo::PhotoStrip</name>
    <message>
        <source>%1 is no longer there</source>
        <translation>%1 ya no está ahí</translation>
    </message>
    <message>
        <source>Photo %1</source>
        <translation>Foto %1</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Fetching a photo…</source>
        <translation>Trayendo una foto…</translation>
    </message>
    <message>
        <source>Photo not fetched yet</source>
        <translation>Foto aún no traída</translation>
    </message>
</context>
<context>
    <name>flenzo::PlanPage</name>
    <message>
        <source>1 quarter turn</source>
        <translation>1 cuarto de vuelta</translation>
    </message>
    <message>
        <source>%1 quarter turns</source>
        <translation>%1 cuartos de vuelta</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 y %2</translation>
    </message>
    <message>
        <source>Working out what each method costs on this guitar…</source>
        <translation>Calculando lo que cuesta cada método en esta guitarra…</translation>
    </message>
    <message>
        <source>Pull of the strings, before and after</source>
        <translation>Tracción de las cuerdas, antes y después</translation>
    </message>
    <message>
        <source>Side section: the plate now, if the claw is left alone, and level</source>
        <translation>Corte lateral: la placa ahora, si se deja la garra, y a nivel</translation>
    </message>
    <message>
        <source>The two claw screws</source>
        <translation>Los dos tornillos de la garra</translation>
    </message>
    <message>
        <source>measuring</source>
        <translation>medición</translation>
    </message>
    <message>
        <source>Pitch is read with</source>
        <translation>El tono se lee con</translation>
    </message>
    <message>
        <source>Level is judged by</source>
        <translation>El nivel se juzga con</translation>
    </message>
    <message>
        <source>Labour rate an hour</source>
        <translation>Tarifa por hora</translation>
    </message>
    <message>
        <source>none: no price is offered</source>
        <translation>ninguna: no se ofrece precio</translation>
    </message>
    <message>
        <source>Labour, an hour</source>
        <translation>Mano de obra, la hora</translation>
    </message>
    <message>
        <source>Put the offer on the job sheet</source>
        <translation>Poner la oferta en la hoja de trabajo</translation>
    </message>
    <message>
        <source>string</source>
        <translation>cuerda</translation>
    </message>
    <message>
        <source>tune to</source>
        <translation>afinar a</translation>
    </message>
    <message>
        <source>±</source>
        <translation>±</translation>
    </message>
    <message>
        <source>hertz</source>
        <translation>hercios</translation>
    </message>
    <message>
        <source>that is</source>
        <translation>es decir</translation>
    </message>
    <message>
        <source>Aims</source>
        <translation>Objetivos</translation>
    </message>
    <message>
        <source>claw</source>
        <translation>garra</translation>
    </message>
    <message>
        <source>float</source>
        <translation>flotación</translation>
    </message>
    <message>
        <source>pass leaves</source>
        <translation>deja la pasada</translation>
    </message>
    <message>
        <source>after one pass</source>
        <translation>tras una pasada</translation>
    </message>
    <message>
        <source>Claw left alone</source>
        <translation>Garra sin tocar</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>cifra</translation>
    </message>
    <message>
        <source>value</source>
        <translation>valor</translation>
    </message>
    <message>
        <source>Passes and balance</source>
        <translation>Pasadas y equilibrio</translation>
    </message>
    <message>
        <source>&amp;Methods</source>
        <translation>&amp;Métodos</translation>
    </message>
    <message>
        <source>&amp;Tools and rate</source>
        <translation>&amp;Herramientas y tarifa</translation>
    </message>
    <message>
        <source>Fi&amp;gures</source>
        <translation>Ci&amp;fras</translation>
    </message>
    <message>
        <source>&amp;What helps</source>
        <translation>Qué a&amp;yuda</translation>
    </message>
    <message>
        <source>New jobs begin with these methods and tools.</source>
        <translation>Los trabajos nuevos empiezan con estos métodos y herramientas.</translation>
    </message>
    <message>
        <source>labour, an hour</source>
        <translation>mano de obra, la hora</translation>
    </message>
    <message>
        <source>There is no logbook to keep the rate in; it holds until the program is closed.</source>
        <translation>No hay libro donde guardar la tarifa; vale hasta cerrar el programa.</translation>
    </message>
    <message>
        <source>As chosen: %1 passes, %2 min in all</source>
        <translation>Como está elegido: %1 pasadas, %2 min en total</translation>
    </message>
    <message>
        <source>Labour and parts %1. %2</source>
        <translation>Mano de obra y piezas %1. %2</translation>
    </message>
    <message>
        <source>Labour %1. %2</source>
        <translation>Mano de obra %1. %2</translation>
    </message>
    <message>
        <source>offer</source>
        <translation>oferta</translation>
    </message>
    <message>
        <source>claw left alone</source>
        <translation>garra sin tocar</translation>
    </message>
    <message>
        <source>There is no spring and no claw: nothing moves when a string is tuned.</source>
        <translation>No hay muelle ni garra: nada se mueve al afinar una cuerda.</translation>
    </message>
    <message>
        <source>There is no claw to turn: what can be changed is the spring, never its length by cutting and never the arm by bending.</source>
        <translation>No hay garra que girar: lo que se puede cambiar es el muelle, nunca su longitud cortándolo y nunca la palanca doblándola.</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>alto</translation>
    </message>
    <message>
        <source>Plus or minus %1 turns, as far as the assumed figures are known</source>
        <translation>Más o menos %1 vueltas, hasta donde se conocen las cifras supuestas</translation>
    </message>
    <message>
        <source>%1: %2 on each screw. Plus or minus %3 turns, as far as the assumed figures are known.</source>
        <translation>%1: %2 en cada tornillo. Más o menos %3 vueltas, hasta donde se conocen las cifras supuestas.</translation>
    </message>
    <message>
        <source>It is right for about 8 of 10 guitars; minutes are partly assumed.</source>
        <translation>Acierta en unas 8 de 10 guitarras; los minutos son en parte supuestos.</translation>
    </message>
    <message>
        <source>change</source>
        <translation>cambio</translation>
    </message>
    <message>
        <source>Other springs</source>
        <translation>Otros muelles</translation>
    </message>
    <message>
        <source>S&amp;prings</source>
        <translation>M&amp;uelles</translation>
    </message>
    <message>
        <source>claw left</source>
        <translation>garra restante</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>palanca</translation>
    </message>
    <message>
        <source>A&amp;ims</source>
        <translation>O&amp;bjetivos</translation>
    </message>
    <message>
        <source>C&amp;law left alone</source>
        <translation>&amp;Garra sin tocar</translation>
    </message>
    <message>
        <source>Save as shop defaults</source>
        <translation>Guardar como valores del taller</translation>
    </message>
    <message>
        <source>Methods and tools as chosen here become the beginning of every new job</source>
        <translation>Los métodos y herramientas elegidos aquí son el comienzo de cada trabajo nuevo</translation>
    </message>
    <message>
        <source>Compare methods…</source>
        <translation>Comparar métodos…</translation>
    </message>
    <message>
        <source>Plays them on simulated guitars like this one</source>
        <translation>Los ensaya en guitarras simuladas como esta</translation>
    </message>
</context>
<context>
    <name>flenzo::PracticeBench</name>
    <message>
        <source>Reading of each string</source>
        <translation>Lectura de cada cuerda</translation>
    </message>
    <message>
        <source>Cents, turns or a length for what is done next</source>
        <translation>Cents, vueltas o una longitud para lo siguiente</translation>
    </message>
    <message>
        <source>cents for the picked string, then Enter</source>
        <translation>cents para la cuerda elegida, luego Intro</translation>
    </message>
    <message>
        <source>Up and Down pick the string. Type a number, then a key: Enter tunes to so many cents, T and J turn the claw by so many turns. After a space a unit can be typed; then Alt and the key.</source>
        <translation>Arriba y Abajo eligen la cuerda. Escribir un número y luego una tecla: Intro afina a tantos cents, T y J giran la garra tantas vueltas. Tras un espacio se puede escribir una unidad; luego Alt y la tecla.</translation>
    </message>
    <message>
        <source>What is wrong?</source>
        <translation>¿Qué está mal?</translation>
    </message>
    <message>
        <source>what is typed</source>
        <translation>lo escrito</translation>
    </message>
    <message>
        <source>How many turns are missing at the claw? Tighter is positive.</source>
        <translation>¿Cuántas vueltas faltan en la garra? Más apretada es positivo.</translation>
    </message>
    <message>
        <source>When this pass is over, where will the lowest string be? Cents, flat is negative.</source>
        <translation>Al acabar esta pasada, ¿dónde estará la cuerda más grave? Cents, baja es negativo.</translation>
    </message>
    <message>
        <source>the guess</source>
        <translation>la estimación</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> de %1</translation>
    </message>
    <message>
        <source>Acts %1, passes %2, visits to the claw %3, minutes %4%5</source>
        <translation>Acciones %1, pasadas %2, visitas a la garra %3, minutos %4%5</translation>
    </message>
    <message>
        <source>The bridge, as seen from the side</source>
        <translation>El puente, visto de lado</translation>
    </message>
    <message>
        <source>Progress to pitch, as checked</source>
        <translation>Progreso hasta la afinación, según lo comprobado</translation>
    </message>
    <message>
        <source>&amp;Progress</source>
        <translation>&amp;Progreso</translation>
    </message>
    <message>
        <source>For a string fault, select the string first.</source>
        <translation>Para un fallo de cuerda, elegir antes la cuerda.</translation>
    </message>
    <message>
        <source>Not looked at yet: drawn level</source>
        <translation>Aún sin mirar: dibujado a nivel</translation>
    </message>
    <message>
        <source>your estimate, then Enter; Escape: not now</source>
        <translation>la estimación, luego Intro; Escape: ahora no</translation>
    </message>
</context>
<context>
    <name>flenzo::PracticePage</name>
    <message>
        <source>&amp;Ladder</source>
        <translation>&amp;Escalera</translation>
    </message>
    <message>
        <source>&amp;Compare methods</source>
        <translation>&amp;Comparar métodos</translation>
    </message>
    <message>
        <source>apprentice</source>
        <translation>aprendiz</translation>
    </message>
    <message>
        <source>Who practises</source>
        <translation>Quién practica</translation>
    </message>
    <message>
        <source>a name, so that it is saved</source>
        <translation>un nombre, para que se guarde</translation>
    </message>
    <message>
        <source>Exercises, from the easiest</source>
        <translation>Ejercicios, desde el más fácil</translation>
    </message>
    <message>
        <source>Begin  (Enter)</source>
        <translation>Empezar  (Intro)</translation>
    </message>
    <message>
        <source>Open an exercise…</source>
        <translation>Abrir un ejercicio…</translation>
    </message>
    <message>
        <source>Summary as PDF…</source>
        <translation>Resumen en PDF…</translation>
    </message>
    <message>
        <source>Go on with the last</source>
        <translation>Seguir con el último</translation>
    </message>
    <message>
        <source>The exercise that was left, as it was left</source>
        <translation>El ejercicio que se dejó, como se dejó</translation>
    </message>
    <message>
        <source>Practice so far</source>
        <translation>Práctica hasta ahora</translation>
    </message>
    <message>
        <source>Or with the adviser: a simulated guitar as a job of its own. It answers with F9.</source>
        <translation>O con el consejero: una guitarra simulada como trabajo aparte. Responde con F9.</translation>
    </message>
    <message>
        <source>Simulated guitars</source>
        <translation>Guitarras simuladas</translation>
    </message>
    <message>
        <source>Work on it</source>
        <translation>Trabajar en ella</translation>
    </message>
    <message>
        <source>  (%1)</source>
        <translation>  (%1)</translation>
    </message>
    <message>
        <source>A good hand: passes %1, visits to the claw %2, minutes %3. Nobody advises; nothing can break.</source>
        <translation>Una buena mano: pasadas %1, visitas a la garra %2, minutos %3. Nadie aconseja; nada se puede romper.</translation>
    </message>
    <message>
        <source>Open an exercise</source>
        <translation>Abrir un ejercicio</translation>
    </message>
    <message>
        <source>Exercises (*.flenzo-exercise *.json)</source>
        <translation>Ejercicios (*.flenzo-exercise *.json)</translation>
    </message>
    <message>
        <source>Not saved: give the apprentice a name on the ladder to save what is practised.</source>
        <translation>Sin guardar: da un nombre al aprendiz en la escalera para guardar lo practicado.</translation>
    </message>
    <message>
        <source>no shop is open</source>
        <translation>no hay taller abierto</translation>
    </message>
    <message>
        <source>Not saved: %1</source>
        <translation>Sin guardar: %1</translation>
    </message>
    <message>
        <source>passed</source>
        <translation>aprobado</translation>
    </message>
    <message>
        <source>%1: practice on floating bridges</source>
        <translation>%1: práctica en puentes flotantes</translation>
    </message>
    <message>
        <source>%1 of %2 exercises passed, in %3 runs.</source>
        <translation>%1 de %2 ejercicios aprobados, en %3 intentos.</translation>
    </message>
    <message>
        <source>day</source>
        <translation>día</translation>
    </message>
    <message>
        <source>exercise</source>
        <translation>ejercicio</translation>
    </message>
    <message>
        <source>points</source>
        <translation>puntos</translation>
    </message>
    <message>
        <source>passes</source>
        <translation>pasadas</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>minutos</translation>
    </message>
    <message>
        <source>Played on simulated guitars with a sticking pivot, settling strings and coarse tools, nobody advising.</source>
        <translation>Jugado en guitarras simuladas con pivote que se agarra, cuerdas que asientan y herramientas bastas, sin consejo.</translation>
    </message>
    <message>
        <source>Whose? Give the apprentice&apos;s name first.</source>
        <translation>¿De quién? Da antes el nombre del aprendiz.</translation>
    </message>
    <message>
        <source>Summary as PDF</source>
        <translation>Resumen en PDF</translation>
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
        <translation>El consejero en la misma guitarra</translation>
    </message>
    <message>
        <source>Your acts, one by one</source>
        <translation>Tus acciones, una a una</translation>
    </message>
    <message>
        <source>Try again from this act</source>
        <translation>Otra vez desde esta acción</translation>
    </message>
    <message>
        <source>Another guitar</source>
        <translation>Otra guitarra</translation>
    </message>
    <message>
        <source>To the ladder</source>
        <translation>A la escalera</translation>
    </message>
    <message>
        <source>Passes %1, visits to the claw %2, minutes %3; ends within %4 ¢</source>
        <translation>Pasadas %1, visitas a la garra %2, minutos %3; acaba dentro de %4 ¢</translation>
    </message>
    <message>
        <source>The adviser is playing…</source>
        <translation>El consejero está jugando…</translation>
    </message>
    <message>
        <source>Your progress</source>
        <translation>Progreso propio</translation>
    </message>
    <message>
        <source>then %1 ¢ off pitch</source>
        <translation>entonces a %1 ¢ de la afinación</translation>
    </message>
    <message>
        <source>This act put the tuning %1 ¢ further off.</source>
        <translation>Este acto alejó la afinación %1 ¢ más.</translation>
    </message>
    <message>
        <source>This act brought the tuning %1 ¢ nearer.</source>
        <translation>Este acto acercó la afinación %1 ¢.</translation>
    </message>
    <message>
        <source>This act changed nothing.</source>
        <translation>Este acto no cambió nada.</translation>
    </message>
</context>
<context>
    <name>flenzo::RecoveryBanner</name>
    <message>
        <source>Restore</source>
        <translation>Recuperar</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Borrar</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was changed while the server was away, and waits here. Entries in its log: %2.</source>
        <translation>«%1» se cambió mientras el servidor no estaba, y espera aquí. Entradas en su registro: %2.</translation>
    </message>
    <message>
        <source>The program ended unexpectedly with &quot;%1&quot; open. Entries in its log: %2.</source>
        <translation>El programa terminó de improviso con «%1» abierto. Entradas en su registro: %2.</translation>
    </message>
</context>
<context>
    <name>flenzo::ReliefForm</name>
    <message>
        <source>relief as found</source>
        <translation>curvatura encontrada</translation>
    </message>
    <message>
        <source>relief as it is left</source>
        <translation>curvatura que queda</translation>
    </message>
    <message>
        <source>At pitch, press the string at fret 1 and where the neck meets the body, or lay a straightedge on the frets; measure the gap over fret 7. %1 to %2 suits most necks (assumed).</source>
        <translation>Con las cuerdas afinadas, pisar la cuerda en el traste 1 y donde el mástil se une al cuerpo, o poner una regla recta sobre los trastes; medir la separación sobre el traste 7. %1 a %2 va bien en la mayoría (supuesto).</translation>
    </message>
    <message>
        <source>Too much: tighten the rod a quarter. Too little: loosen it a quarter. Tune, measure again.</source>
        <translation>Demasiada: apretar el alma un cuarto. Poca: aflojarla un cuarto. Afinar, medir de nuevo.</translation>
    </message>
    <message>
        <source>Changed by %1.</source>
        <translation>Cambió en %1.</translation>
    </message>
</context>
<context>
    <name>flenzo::ReturnForm</name>
    <message>
        <source>Every string comes back.</source>
        <translation>Todas las cuerdas vuelven.</translation>
    </message>
    <message>
        <source>Hangs at nut or saddle: string %1. Graphite, break angle, wraps.</source>
        <translation>Se engancha en cejuela o silleta: cuerda %1. Grafito, ángulo de quiebre, espiras.</translation>
    </message>
    <message>
        <source>The knife edges or bridge posts hang: a professional repairer should look at them.</source>
        <translation>Los filos o los postes se agarran: debería verlos un reparador profesional.</translation>
    </message>
    <message>
        <source>Slips at clamp or string post: string %1. Reseat it.</source>
        <translation>Resbala en mordaza o eje: cuerda %1. Asiéntala otra vez.</translation>
    </message>
    <message>
        <source>The strings are not settled yet: stretch and tune once more.</source>
        <translation>Las cuerdas no están asentadas: estirar y afinar una vez más.</translation>
    </message>
    <message>
        <source>More than one thing hangs or slips: string %1. Take them one by one.</source>
        <translation>Se engancha o resbala más de una cosa: cuerda %1. Ir de una en una.</translation>
    </message>
    <message>
        <source>Return to pitch, cents</source>
        <translation>Retorno al tono, cents</translation>
    </message>
    <message>
        <source>before</source>
        <translation>antes</translation>
    </message>
    <message>
        <source>after a dive</source>
        <translation>tras una bajada</translation>
    </message>
    <message>
        <source>after a pull-up</source>
        <translation>tras una subida</translation>
    </message>
    <message>
        <source>Save these readings with the job</source>
        <translation>Guardar estas lecturas con el trabajo</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Type or pluck every string as it is, before the arm is touched.</source>
        <translation>Escribir o pulsar cada cuerda como está, antes de tocar la palanca.</translation>
    </message>
    <message>
        <source>Now one dive, the arm left alone; then type or pluck every string.</source>
        <translation>Ahora una bajada, soltar la palanca; luego escribir o pulsar cada cuerda.</translation>
    </message>
    <message>
        <source>Now one pull-up, the arm left alone; then type or pluck every string.</source>
        <translation>Ahora una subida, soltar la palanca; luego escribir o pulsar cada cuerda.</translation>
    </message>
    <message>
        <source>return test</source>
        <translation>prueba de retorno</translation>
    </message>
    <message>
        <source>Hangs at its saddle: string %1. Look for a worn or dirty saddle.</source>
        <translation>Se engancha en su silleta: cuerda %1. Buscar una silleta gastada o sucia.</translation>
    </message>
    <message>
        <source>The plate does not come back. Look for something that rubs on it.</source>
        <translation>La placa no vuelve. Buscar algo que roce con ella.</translation>
    </message>
    <message>
        <source>%1 Likely, not sure (%2 in 10): do the test once more.</source>
        <translation>%1 Probable, no seguro (%2 de 10): repetir la prueba.</translation>
    </message>
</context>
<context>
    <name>flenzo::RigPage</name>
    <message>
        <source>spring %1</source>
        <translation>muelle %1</translation>
    </message>
    <message>
        <source>Springs</source>
        <translation>Muelles</translation>
    </message>
    <message>
        <source>string %1</source>
        <translation>cuerda %1</translation>
    </message>
    <message>
        <source>String geometry</source>
        <translation>Medidas de las cuerdas</translation>
    </message>
    <message>
        <source>Figures of this guitar</source>
        <translation>Cifras de esta guitarra</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Guitarra</translation>
    </message>
    <message>
        <source>guitar</source>
        <translation>guitarra</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>dueño</translation>
    </message>
    <message>
        <source>reason for the job</source>
        <translation>motivo del trabajo</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>here for</source>
        <translation>está aquí por</translation>
    </message>
    <message>
        <source>How the guitar is held</source>
        <translation>Cómo se sujeta la guitarra</translation>
    </message>
    <message>
        <source>flat on its back</source>
        <translation>tumbada</translation>
    </message>
    <message>
        <source>playing position</source>
        <translation>posición de tocar</translation>
    </message>
    <message>
        <source>hanging upright</source>
        <translation>colgada derecha</translation>
    </message>
    <message>
        <source>face down</source>
        <translation>boca abajo</translation>
    </message>
    <message>
        <source>orientation</source>
        <translation>orientación</translation>
    </message>
    <message>
        <source>held</source>
        <translation>sujeta</translation>
    </message>
    <message>
        <source>nut is locked</source>
        <translation>la cejuela está bloqueada</translation>
    </message>
    <message>
        <source>nut lock</source>
        <translation>bloqueo de cejuela</translation>
    </message>
    <message>
        <source>How the bridge is built</source>
        <translation>Cómo está hecho el puente</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>puente</translation>
    </message>
    <message>
        <source>decked: rests on the body</source>
        <translation>apoyado: descansa en el cuerpo</translation>
    </message>
    <message>
        <source>decking</source>
        <translation>apoyo</translation>
    </message>
    <message>
        <source>has a stabiliser</source>
        <translation>tiene estabilizador</translation>
    </message>
    <message>
        <source>stabiliser</source>
        <translation>estabilizador</translation>
    </message>
    <message>
        <source>Ticked: measured. Otherwise the figure is assumed.</source>
        <translation>Marcada: medida. Si no, la cifra es supuesta.</translation>
    </message>
    <message>
        <source>%1 is measured</source>
        <translation>%1 está medida</translation>
    </message>
    <message>
        <source>mark of %1</source>
        <translation>marca de %1</translation>
    </message>
    <message>
        <source>dotted: assumed  ·  solid and ticked: measured</source>
        <translation>punteado: supuesto  ·  lleno y marcado: medido</translation>
    </message>
    <message>
        <source>&amp;Springs</source>
        <translation>&amp;Muelles</translation>
    </message>
    <message>
        <source>Strings on the bri&amp;dge</source>
        <translation>Cuerdas en el &amp;puente</translation>
    </message>
    <message>
        <source>Hook a spring in</source>
        <translation>Enganchar un muelle</translation>
    </message>
    <message>
        <source>Take one out</source>
        <translation>Quitar uno</translation>
    </message>
    <message>
        <source>spring in</source>
        <translation>muelle puesto</translation>
    </message>
    <message>
        <source>spring out</source>
        <translation>muelle quitado</translation>
    </message>
    <message>
        <source>Loosen both claw screws before a spring is hooked or unhooked. Safety glasses on, pliers, face out of its line.</source>
        <translation>Soltar los dos tornillos de la garra antes de enganchar o soltar un muelle. Gafas de seguridad, alicates, la cara fuera de su línea.</translation>
    </message>
    <message>
        <source>Also stops, masses, hooks</source>
        <translation>También topes, masas y ganchos</translation>
    </message>
    <message>
        <source>Find what cannot be measured</source>
        <translation>Hallar lo que no se puede medir</translation>
    </message>
</context>
<context>
    <name>flenzo::RigPicture</name>
    <message>
        <source>Side section of the bridge</source>
        <translation>Corte lateral del puente</translation>
    </message>
</context>
<context>
    <name>flenzo::ServerDialog</name>
    <message>
        <source>Logbook on a server</source>
        <translation>Libro en un servidor</translation>
    </message>
    <message>
        <source>Several benches can work on one logbook in a PostgreSQL database. Each sees at once what the others enter. While the server is away every bench works on and hands in later.</source>
        <translation>Varios bancos pueden trabajar con un libro en una base PostgreSQL. Cada uno ve al momento lo que anotan los otros. Mientras el servidor no está, cada banco sigue y entrega después.</translation>
    </message>
    <message>
        <source>&amp;Address</source>
        <translation>&amp;Dirección</translation>
    </message>
    <message>
        <source>&amp;Password</source>
        <translation>&amp;Contraseña</translation>
    </message>
    <message>
        <source>is kept nowhere; the file .pgpass can hold it</source>
        <translation>no se guarda; puede estar en el archivo .pgpass</translation>
    </message>
    <message>
        <source>&amp;This bench</source>
        <translation>&amp;Este banco</translation>
    </message>
    <message>
        <source>&amp;Move this machine&apos;s shop there; the server&apos;s logbook must be empty</source>
        <translation>&amp;Trasladar allí el taller de este equipo; el libro del servidor debe estar vacío</translation>
    </message>
    <message>
        <source>&amp;Connect</source>
        <translation>C&amp;onectar</translation>
    </message>
    <message>
        <source>Use this machine&apos;s &amp;own logbook</source>
        <translation>Usar el libro &amp;propio de este equipo</translation>
    </message>
    <message>
        <source>Give this bench a name, so that the others know it.</source>
        <translation>Da un nombre a este banco, para que los otros lo conozcan.</translation>
    </message>
</context>
<context>
    <name>flenzo::Session</name>
    <message>
        <source>string %1</source>
        <translation>cuerda %1</translation>
    </message>
</context>
<context>
    <name>flenzo::SetComparison</name>
    <message>
        <source>no turn</source>
        <translation>sin girar</translation>
    </message>
    <message>
        <source>tighten %1</source>
        <translation>apretar %1</translation>
    </message>
    <message>
        <source>loosen %1</source>
        <translation>aflojar %1</translation>
    </message>
    <message>
        <source>Sets side by side</source>
        <translation>Juegos uno al lado del otro</translation>
    </message>
    <message>
        <source>Gauge %1, pull %2, bend %2</source>
        <translation>Calibre %1, tiro %2, estirar %2</translation>
    </message>
    <message>
        <source>All strings</source>
        <translation>Todas las cuerdas</translation>
    </message>
    <message>
        <source>Of breaking load</source>
        <translation>De la carga de rotura</translation>
    </message>
    <message>
        <source>Claw</source>
        <translation>Garra</translation>
    </message>
    <message>
        <source>Springs that hold it</source>
        <translation>Muelles que lo sujetan</translation>
    </message>
    <message>
        <source>none do</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>Arm, against before</source>
        <translation>Palanca frente a antes</translation>
    </message>
    <message>
        <source>Arm, a half step down</source>
        <translation>Palanca, medio tono</translation>
    </message>
    <message>
        <source>beyond its stop</source>
        <translation>más allá del tope</translation>
    </message>
    <message>
        <source>Float, N·m/rad</source>
        <translation>Flotación, N·m/rad</translation>
    </message>
    <message>
        <source>Range upwards</source>
        <translation>Recorrido hacia arriba</translation>
    </message>
    <message>
        <source>Drop: others move</source>
        <translation>Bajar: las demás van</translation>
    </message>
    <message>
        <source>Drop: on a stop</source>
        <translation>Bajar: en un tope</translation>
    </message>
    <message>
        <source>Drop: fine tuner</source>
        <translation>Bajar: afinador fino</translation>
    </message>
    <message>
        <source>%1 of %2 turns</source>
        <translation>%1 de %2 vueltas</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 vueltas</translation>
    </message>
    <message>
        <source>Left after a pass</source>
        <translation>Queda por pasada</translation>
    </message>
    <message>
        <source>Passes</source>
        <translation>Pasadas</translation>
    </message>
    <message>
        <source>Minutes, whole job</source>
        <translation>Minutos, todo el trabajo</translation>
    </message>
    <message>
        <source>Price of the strings</source>
        <translation>Precio de las cuerdas</translation>
    </message>
</context>
<context>
    <name>flenzo::SetPicker</name>
    <message>
        <source>Set: %1</source>
        <translation>Juego: %1</translation>
    </message>
    <message>
        <source>Tuning: %1</source>
        <translation>Afinación: %1</translation>
    </message>
    <message>
        <source>set</source>
        <translation>juego</translation>
    </message>
    <message>
        <source>tuning</source>
        <translation>afinación</translation>
    </message>
    <message>
        <source>own choice</source>
        <translation>elección propia</translation>
    </message>
    <message>
        <source>Choose a set, or type its gauges: 9 11 16 24 32 42, or 0.23 0.28 … in millimetres</source>
        <translation>Elegir un juego, o teclear sus calibres: 9 11 16 24 32 42, o 0.23 0.28 … en milímetros</translation>
    </message>
    <message>
        <source>choose, or type gauges</source>
        <translation>elegir, o teclear calibres</translation>
    </message>
</context>
<context>
    <name>flenzo::SettleForm</name>
    <message>
        <source>string</source>
        <translation>cuerda</translation>
    </message>
    <message>
        <source>is</source>
        <translation>está</translation>
    </message>
    <message>
        <source>pulls</source>
        <translation>Estirones</translation>
    </message>
    <message>
        <source>last drop</source>
        <translation>última caída</translation>
    </message>
    <message>
        <source>next drop</source>
        <translation>próxima caída</translation>
    </message>
    <message>
        <source>pulls left</source>
        <translation>estirones que faltan</translation>
    </message>
    <message>
        <source>How settled each string is</source>
        <translation>Lo asentada que está cada cuerda</translation>
    </message>
    <message>
        <source>settled</source>
        <translation>asentada</translation>
    </message>
    <message>
        <source>not settled</source>
        <translation>sin asentar</translation>
    </message>
</context>
<context>
    <name>flenzo::ShopPage</name>
    <message>
        <source>waiting</source>
        <translation>en espera</translation>
    </message>
    <message>
        <source>on the bench</source>
        <translation>en el banco</translation>
    </message>
    <message>
        <source>finished</source>
        <translation>terminado</translation>
    </message>
    <message>
        <source>&amp;Jobs in hand and done</source>
        <translation>&amp;Trabajos en curso y hechos</translation>
    </message>
    <message>
        <source>D&amp;ue</source>
        <translation>To&amp;ca</translation>
    </message>
    <message>
        <source>S&amp;tock</source>
        <translation>E&amp;xistencias</translation>
    </message>
    <message>
        <source>T&amp;imes</source>
        <translation>T&amp;iempos</translation>
    </message>
    <message>
        <source>Put the first one on the bench. A bridge, a number of strings and what goes on are enough to begin: everything not known yet has a usual figure, marked as assumed, and the readings correct it. Each step, reading and note is kept at once; nothing has to be saved.</source>
        <translation>Poner la primera en el banco. Basta con un puente, un número de cuerdas y lo que entra: todo lo que no se sabe tiene una cifra habitual, marcada como supuesta, y las lecturas la corrigen. Cada paso, lectura y nota queda guardado al momento; no hay que guardar nada.</translation>
    </message>
    <message>
        <source>Put a guitar on the bench</source>
        <translation>Poner una guitarra en el banco</translation>
    </message>
    <message>
        <source>Look round the demo shop</source>
        <translation>Mirar el taller de demostración</translation>
    </message>
    <message>
        <source>Six invented guitars that answer by themselves; they can be deleted later</source>
        <translation>Seis guitarras inventadas que responden solas; se pueden borrar después</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Buscar</translation>
    </message>
    <message>
        <source>Which jobs</source>
        <translation>Qué trabajos</translation>
    </message>
    <message>
        <source>all jobs</source>
        <translation>todos los trabajos</translation>
    </message>
    <message>
        <source>due within two weeks</source>
        <translation>tocan en dos semanas</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Trabajos</translation>
    </message>
    <message>
        <source>Guitar</source>
        <translation>Guitarra</translation>
    </message>
    <message>
        <source>Owner</source>
        <translation>Dueño</translation>
    </message>
    <message>
        <source>Goes on</source>
        <translation>Entra</translation>
    </message>
    <message>
        <source>Tuning</source>
        <translation>Afinación</translation>
    </message>
    <message>
        <source>State</source>
        <translation>Estado</translation>
    </message>
    <message>
        <source>Received</source>
        <translation>Recibida</translation>
    </message>
    <message>
        <source>Due</source>
        <translation>Vence</translation>
    </message>
    <message>
        <source>This guitar before</source>
        <translation>Esta guitarra antes</translation>
    </message>
    <message>
        <source>Go on  (Enter)</source>
        <translation>Seguir  (Intro)</translation>
    </message>
    <message>
        <source>Repeat this set-up</source>
        <translation>Repetir este ajuste</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Comparar</translation>
    </message>
    <message>
        <source>With the job before on the same guitar</source>
        <translation>Con el trabajo anterior en la misma guitarra</translation>
    </message>
    <message>
        <source>New guitar</source>
        <translation>Guitarra nueva</translation>
    </message>
    <message>
        <source>(no name yet)</source>
        <translation>(aún sin nombre)</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>the first 200 of %1</source>
        <translation>los primeros 200 de %1</translation>
    </message>
    <message>
        <source>read only</source>
        <translation>solo lectura</translation>
    </message>
    <message>
        <source>Nothing found. Clear the search or choose all jobs.</source>
        <translation>No se encontró nada. Vaciar la búsqueda o elegir todos los trabajos.</translation>
    </message>
    <message numerus="yes">
        <source>%1: %2, %3; %4, %n entries in its log</source>
        <translation>
            <numerusform>%1: %2, %3; %4, %n entrada en su registro</numerusform>
            <numerusform>%1: %2, %3; %4, %n entradas en su registro</numerusform>
        </translation>
    </message>
    <message>
        <source>own set</source>
        <translation>juego propio</translation>
    </message>
    <message>
        <source>own tuning</source>
        <translation>afinación propia</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>y %1 más</translation>
    </message>
    <message>
        <source>The chosen jobs leave the shop (Delete)</source>
        <translation>Los trabajos elegidos dejan el taller (Supr)</translation>
    </message>
    <message>
        <source>No guitars yet</source>
        <translation>Aún no hay guitarras</translation>
    </message>
    <message>
        <source>Delete…</source>
        <translation>Borrar…</translation>
    </message>
    <message>
        <source>Delete jobs</source>
        <translation>Borrar trabajos</translation>
    </message>
    <message numerus="yes">
        <source>Delete %n jobs? Logs, notes and steps go with them; only a backup or an exported guitar brings them back.</source>
        <translation>
            <numerusform>¿Borrar %n trabajo? Registro, notas y pasos se van con él; solo una copia o una guitarra exportada lo devuelve.</numerusform>
            <numerusform>¿Borrar %n trabajos? Registros, notas y pasos se van con ellos; solo una copia o una guitarra exportada los devuelve.</numerusform>
        </translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Borrar</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message numerus="yes">
        <source>%n jobs deleted.</source>
        <translation>
            <numerusform>%n trabajo borrado.</numerusform>
            <numerusform>%n trabajos borrados.</numerusform>
        </translation>
    </message>
    <message>
        <source>Try it on a guitar that answers</source>
        <translation>Probarlo en una guitarra que responde</translation>
    </message>
    <message>
        <source>A simulated guitar just strung: some two minutes until it is in tune</source>
        <translation>Una guitarra simulada recién encordada: unos dos minutos hasta que está afinada</translation>
    </message>
    <message>
        <source>What the program does, in three steps</source>
        <translation>Lo que hace el programa, en tres pasos</translation>
    </message>
    <message>
        <source>Search guitar, owner, set, tuning, reason or the code of a card</source>
        <translation>Buscar guitarra, dueño, juego, afinación, motivo o el código de una tarjeta</translation>
    </message>
    <message>
        <source>D&amp;ay</source>
        <translation>&amp;Día</translation>
    </message>
    <message>
        <source>Did it &amp;hold?</source>
        <translation>¿A&amp;guantó?</translation>
    </message>
</context>
<context>
    <name>flenzo::ShopPlace</name>
    <message>
        <source>. The shop stays closed until then; jobs can still be saved as files.</source>
        <translation>. El taller queda cerrado hasta entonces; los trabajos se pueden guardar como archivos.</translation>
    </message>
    <message>
        <source>The logbook is damaged</source>
        <translation>El libro de trabajos está dañado</translation>
    </message>
    <message>
        <source>There is no backup. Put it aside and begin an empty one?</source>
        <translation>No hay copia de seguridad. ¿Apartarlo y empezar uno vacío?</translation>
    </message>
    <message>
        <source>Put it aside and go on with the newest backup, %1?</source>
        <translation>¿Apartarlo y seguir con la copia más nueva, %1?</translation>
    </message>
    <message>
        <source>Put it aside</source>
        <translation>Apartarlo</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>The damaged logbook is at %1.</source>
        <translation>El libro dañado está en %1.</translation>
    </message>
    <message>
        <source>Moving the shop</source>
        <translation>Trasladando el taller</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Backing up the shop</source>
        <translation>Haciendo la copia del taller</translation>
    </message>
    <message>
        <source>Backed up as %1.</source>
        <translation>Copia hecha como %1.</translation>
    </message>
    <message>
        <source>A backup goes into an empty database of the server: flenzo-cli move BACKUP ADDRESS.</source>
        <translation>Una copia va a una base vacía del servidor: flenzo-cli move COPIA DIRECCIÓN.</translation>
    </message>
    <message>
        <source>Put a backup in the logbook&apos;s place</source>
        <translation>Poner una copia en el lugar del libro</translation>
    </message>
    <message>
        <source>Logbooks (*.flenzo-logbook)</source>
        <translation>Libros de trabajos (*.flenzo-logbook)</translation>
    </message>
    <message>
        <source>The backup is in place. What was there before is at %1.</source>
        <translation>La copia está en su lugar. Lo que había antes está en %1.</translation>
    </message>
    <message>
        <source>Logbook on a &amp;server…</source>
        <translation>Libro en un &amp;servidor…</translation>
    </message>
    <message>
        <source>&amp;Back up now</source>
        <translation>&amp;Hacer copia ahora</translation>
    </message>
    <message>
        <source>&amp;Restore a backup…</source>
        <translation>&amp;Recuperar una copia…</translation>
    </message>
    <message>
        <source>&amp;Check the logbook</source>
        <translation>&amp;Comprobar el libro</translation>
    </message>
    <message>
        <source>The logbook has no faults.</source>
        <translation>El libro de trabajos no tiene fallos.</translation>
    </message>
</context>
<context>
    <name>flenzo::SoakForm</name>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n minuto</numerusform>
            <numerusform>%n minutos</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>flenzo::StepClock</name>
    <message>
        <source>Time at this step</source>
        <translation>Tiempo en este paso</translation>
    </message>
    <message>
        <source>Timer</source>
        <translation>Temporizador</translation>
    </message>
    <message>
        <source>Counts down while oil soaks or glue sets, and rings</source>
        <translation>Cuenta atrás mientras el aceite empapa o la cola seca, y suena</translation>
    </message>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n minuto</numerusform>
            <numerusform>%n minutos</numerusform>
        </translation>
    </message>
    <message>
        <source>step %1</source>
        <translation>paso %1</translation>
    </message>
    <message>
        <source>soaks %1 more  ·  %2</source>
        <translation>empapa %1 más  ·  %2</translation>
    </message>
</context>
<context>
    <name>flenzo::StepList</name>
    <message>
        <source>Steps of this phase</source>
        <translation>Pasos de esta fase</translation>
    </message>
</context>
<context>
    <name>flenzo::StepPanel</name>
    <message>
        <source>Picture of the step</source>
        <translation>Imagen del paso</translation>
    </message>
    <message>
        <source>Job finished</source>
        <translation>Trabajo terminado</translation>
    </message>
    <message>
        <source>usually %1 min</source>
        <translation>suele llevar %1 min</translation>
    </message>
    <message>
        <source>Tools: %1</source>
        <translation>Herramientas: %1</translation>
    </message>
    <message>
        <source>Done when %1.</source>
        <translation>Hecho cuando %1.</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Cuerdas</translation>
    </message>
</context>
<context>
    <name>flenzo::StockPanel</name>
    <message>
        <source>set</source>
        <translation>juego</translation>
    </message>
    <message>
        <source>single string</source>
        <translation>cuerda suelta</translation>
    </message>
    <message>
        <source>insert</source>
        <translation>inserto</translation>
    </message>
    <message>
        <source>nut cap</source>
        <translation>pletina de cejuela</translation>
    </message>
    <message>
        <source>bolt</source>
        <translation>tornillo</translation>
    </message>
    <message>
        <source>spring</source>
        <translation>muelle</translation>
    </message>
    <message>
        <source>consumable</source>
        <translation>consumible</translation>
    </message>
    <message>
        <source>What is in the drawers</source>
        <translation>Lo que hay en los cajones</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Pieza</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Clase</translation>
    </message>
    <message>
        <source>There</source>
        <translation>Ya está</translation>
    </message>
    <message>
        <source>At least</source>
        <translation>Al menos</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Precio</translation>
    </message>
    <message>
        <source>Type over a name, a count, the least there should be, or a price.</source>
        <translation>Escribir encima de un nombre, una cantidad, el mínimo o un precio.</translation>
    </message>
    <message>
        <source>To buy</source>
        <translation>Para comprar</translation>
    </message>
    <message>
        <source>Copy the list</source>
        <translation>Copiar la lista</translation>
    </message>
    <message>
        <source>Kind of part</source>
        <translation>Clase de pieza</translation>
    </message>
    <message>
        <source>Part that is new in the drawers</source>
        <translation>Pieza nueva en los cajones</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Borrar</translation>
    </message>
    <message>
        <source>The picked part, with its record of what came and went</source>
        <translation>La pieza elegida, con el registro de lo que entró y salió</translation>
    </message>
    <message>
        <source>what the shop calls it</source>
        <translation>como la llama el taller</translation>
    </message>
    <message>
        <source>  low</source>
        <translation>  escaso</translation>
    </message>
    <message>
        <source>Nothing is in stock yet. Add the sets and single strings the shop keeps, with the least there should be: a finished job takes its own, and what runs low is listed here.</source>
        <translation>Aún no se guarda nada aquí. Añadir los juegos y cuerdas sueltas que tiene el taller, con el mínimo que debería haber: un trabajo terminado toma lo suyo, y lo que escasea aparece aquí.</translation>
    </message>
    <message>
        <source>Nothing is low.</source>
        <translation>Nada escasea.</translation>
    </message>
    <message>
        <source>there</source>
        <translation>hay</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>al menos</translation>
    </message>
    <message>
        <source>price</source>
        <translation>precio</translation>
    </message>
    <message>
        <source>part</source>
        <translation>pieza</translation>
    </message>
</context>
<context>
    <name>flenzo::StretchBox</name>
    <message>
        <source>new strings: the bench asks for each pull</source>
        <translation>cuerdas nuevas: el banco pide cada estirón</translation>
    </message>
    <message>
        <source>stretching</source>
        <translation>estirado</translation>
    </message>
</context>
<context>
    <name>flenzo::StringCountBox</name>
    <message>
        <source>Number of strings</source>
        <translation>Número de cuerdas</translation>
    </message>
    <message numerus="yes">
        <source>%n strings</source>
        <translation>
            <numerusform>%n cuerda</numerusform>
            <numerusform>%n cuerdas</numerusform>
        </translation>
    </message>
    <message>
        <source>number of strings</source>
        <translation>número de cuerdas</translation>
    </message>
</context>
<context>
    <name>flenzo::StringTicks</name>
    <message>
        <source>slack</source>
        <translation>floja</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>cortada</translation>
    </message>
    <message>
        <source>seated and clamped</source>
        <translation>asentada y mordida</translation>
    </message>
    <message>
        <source>seated</source>
        <translation>asentada</translation>
    </message>
    <message>
        <source>pulled by hand</source>
        <translation>tirada a mano</translation>
    </message>
    <message>
        <source>in its own slot</source>
        <translation>en su ranura</translation>
    </message>
    <message>
        <source>taut</source>
        <translation>tirante</translation>
    </message>
    <message>
        <source>stretched</source>
        <translation>estirada</translation>
    </message>
    <message>
        <source>holds its pitch</source>
        <translation>mantiene el tono</translation>
    </message>
    <message>
        <source>bent a whole step</source>
        <translation>subida un tono</translation>
    </message>
    <message>
        <source>trimmed</source>
        <translation>recortada</translation>
    </message>
    <message>
        <source>The string&apos;s number ticks its next box.</source>
        <translation>El número de la cuerda marca su próxima casilla.</translation>
    </message>
    <message>
        <source>%1 wound</source>
        <translation>%1 entorchada</translation>
    </message>
    <message>
        <source>%1 plain</source>
        <translation>%1 lisa</translation>
    </message>
    <message>
        <source>out, in the sharps tin</source>
        <translation>fuera, en la lata de puntas</translation>
    </message>
    <message>
        <source>stays on until the others are taut</source>
        <translation>se queda hasta que las otras estén tensas</translation>
    </message>
</context>
<context>
    <name>flenzo::T</name>
    <message>
        <source>&quot;%1&quot; is there already.</source>
        <translation>«%1» ya existe.</translation>
    </message>
</context>
<context>
    <name>flenzo::TickForm</name>
    <message>
        <source>tick</source>
        <translation>marcar</translation>
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
        <translation>Minutos por paso</translation>
    </message>
    <message>
        <source>person</source>
        <translation>persona</translation>
    </message>
    <message>
        <source>jobs</source>
        <translation>trabajos</translation>
    </message>
    <message>
        <source>median, min</source>
        <translation>mediana, min</translation>
    </message>
    <message>
        <source>Minutes of a job by person</source>
        <translation>Minutos de un trabajo por persona</translation>
    </message>
    <message>
        <source>method</source>
        <translation>método</translation>
    </message>
    <message>
        <source>saved, min</source>
        <translation>ahorro, min</translation>
    </message>
    <message>
        <source>Minutes of a job by method</source>
        <translation>Minutos de un trabajo por método</translation>
    </message>
    <message numerus="yes">
        <source>From the times in the records of the last %n finished jobs; breaks of an hour and more are left out. A method saved what its jobs took less than those done any other way.</source>
        <translation>
            <numerusform>De los tiempos en los registros del último trabajo terminado; las pausas de una hora y más no cuentan. Un método ahorró lo que sus trabajos tardaron menos que los hechos de otra manera.</numerusform>
            <numerusform>De los tiempos en los registros de los últimos %n trabajos terminados; las pausas de una hora y más no cuentan. Un método ahorró lo que sus trabajos tardaron menos que los hechos de otra manera.</numerusform>
        </translation>
    </message>
    <message>
        <source>No finished job tells its times yet. Each step that is done leaves the time it took.</source>
        <translation>Aún ningún trabajo terminado dice sus tiempos. Cada paso hecho deja el tiempo que llevó.</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>no se ha dicho</translation>
    </message>
    <message>
        <source>Reading the records…</source>
        <translation>Leyendo los registros…</translation>
    </message>
</context>
<context>
    <name>flenzo::TrayForm</name>
    <message>
        <source>hex key for the nut caps</source>
        <translation>llave hexagonal para las pletinas</translation>
    </message>
    <message>
        <source>hex key for the saddle clamps</source>
        <translation>llave hexagonal para las mordazas de silleta</translation>
    </message>
    <message>
        <source>hex key for the saddles</source>
        <translation>llave hexagonal para las silletas</translation>
    </message>
    <message>
        <source>hex key for the bridge posts</source>
        <translation>llave hexagonal para los postes del puente</translation>
    </message>
    <message>
        <source>screwdriver for the back cover</source>
        <translation>destornillador para la tapa trasera</translation>
    </message>
    <message>
        <source>%1, size not noted</source>
        <translation>%1, medida sin anotar</translation>
    </message>
    <message>
        <source>screwdriver for the claw</source>
        <translation>destornillador para la garra</translation>
    </message>
    <message>
        <source>winder</source>
        <translation>enrollador de cuerdas</translation>
    </message>
    <message>
        <source>heavy cutters</source>
        <translation>alicates de corte fuertes</translation>
    </message>
    <message>
        <source>tuner that shows cents</source>
        <translation>afinador que muestra cents</translation>
    </message>
    <message>
        <source>block, padded</source>
        <translation>taco, acolchado</translation>
    </message>
    <message>
        <source>head rest</source>
        <translation>apoyo de mástil</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>pie de rey</translation>
    </message>
    <message>
        <source>ruler or feeler</source>
        <translation>regla o galgas</translation>
    </message>
    <message>
        <source>tray for small parts</source>
        <translation>bandeja para piezas pequeñas</translation>
    </message>
    <message>
        <source>cloths</source>
        <translation>paños</translation>
    </message>
    <message>
        <source>spare single strings</source>
        <translation>cuerdas sueltas de repuesto</translation>
    </message>
    <message>
        <source>fine wool, tape, fret guard</source>
        <translation>lana fina, cinta, protector de trastes</translation>
    </message>
    <message>
        <source>fretboard oil</source>
        <translation>aceite de diapasón</translation>
    </message>
    <message>
        <source>safety glasses</source>
        <translation>gafas de seguridad</translation>
    </message>
    <message>
        <source>pliers for springs</source>
        <translation>alicates para muelles</translation>
    </message>
    <message>
        <source>sharps tin for string ends</source>
        <translation>lata para puntas de cuerda</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>lámpara</translation>
    </message>
</context>
<context>
    <name>flenzo::TrialPanel</name>
    <message>
        <source>Compare methods on guitars like the one in work</source>
        <translation>Comparar métodos en guitarras como la que está en curso</translation>
    </message>
    <message>
        <source>simulated guitars</source>
        <translation>guitarras simuladas</translation>
    </message>
    <message>
        <source>How many simulated guitars</source>
        <translation>Cuántas guitarras simuladas</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Comparar</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Progress of the trial</source>
        <translation>Avance de la prueba</translation>
    </message>
    <message>
        <source>Passes by each method and by the adviser</source>
        <translation>Pasadas por cada método y por el consejero</translation>
    </message>
    <message>
        <source>Playing; the window stays free for other work.</source>
        <translation>Jugando; la ventana queda libre para otro trabajo.</translation>
    </message>
    <message>
        <source>Stopped. Nothing of it is shown, since half a trial would mislead.</source>
        <translation>Detenida. No se muestra nada, pues media prueba engañaría.</translation>
    </message>
    <message>
        <source>None of these guitars has a stable float with this set: the plan has the ways out.</source>
        <translation>Ninguna de estas guitarras flota estable con este juego: el plan tiene las salidas.</translation>
    </message>
    <message>
        <source>%1 of %2 guitars have a stable float. The forecast given at the start held on %3 % of them.</source>
        <translation>%1 de %2 guitarras flotan estables. La previsión del principio se cumplió en el %3 % de ellas.</translation>
    </message>
</context>
<context>
    <name>flenzo::TroubleshootingDialog</name>
    <message>
        <source>What went wrong?</source>
        <translation>¿Qué salió mal?</translation>
    </message>
    <message>
        <source>What is seen or heard; likely ones for this step first</source>
        <translation>Lo que se ve o se oye; primero lo probable en este paso</translation>
    </message>
    <message>
        <source>Symptom</source>
        <translation>Síntoma</translation>
    </message>
    <message>
        <source>Symptoms</source>
        <translation>Síntomas</translation>
    </message>
    <message>
        <source>Cause: %1</source>
        <translation>Causa: %1</translation>
    </message>
    <message>
        <source>Nothing fits these words; try fewer.</source>
        <translation>Nada encaja con estas palabras; prueba con menos.</translation>
    </message>
    <message>
        <source>Next time: %1</source>
        <translation>La próxima vez: %1</translation>
    </message>
    <message>
        <source>Cracks, anything loose in the wood, a stuck truss rod, mains power: stop, and send it to a professional repairer. Local rules come first.</source>
        <translation>Grietas, algo suelto en la madera, un alma atascada, corriente de red: parar, y a un reparador profesional. Las normas locales van primero.</translation>
    </message>
</context>
<context>
    <name>flenzo::ValueDrag</name>
    <message>
        <source>Drag sideways to try values; Shift for long steps</source>
        <translation>Arrastra de lado para probar valores; Mayús para pasos largos</translation>
    </message>
</context>
<context>
    <name>flenzo::WindowHead</name>
    <message>
        <source>Readings can be supplied by a guitar that exists only in the program</source>
        <translation>Las lecturas puede darlas una guitarra que solo existe en el programa</translation>
    </message>
    <message>
        <source>What can hurt somebody or the guitar now</source>
        <translation>Lo que ahora puede dañar a alguien o a la guitarra</translation>
    </message>
    <message>
        <source>New guitar</source>
        <translation>Guitarra nueva</translation>
    </message>
    <message>
        <source>simulated guitar</source>
        <translation>guitarra simulada</translation>
    </message>
    <message>
        <source>Two versions: compare</source>
        <translation>Dos versiones: comparar</translation>
    </message>
    <message>
        <source>Server away: kept here</source>
        <translation>Sin servidor: queda aquí</translation>
    </message>
    <message>
        <source>Another bench changed this job too; say which one goes on</source>
        <translation>Otro banco también cambió este trabajo; decir cuál sigue</translation>
    </message>
    <message>
        <source>What is entered is kept on this machine; press to try the server now</source>
        <translation>Lo que se anota queda en este equipo; pulsar para probar ahora el servidor</translation>
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
        <translation>Cambio de cuerdas y ajuste de guitarras con puente vibrato flotante.</translation>
    </message>
    <message>
        <source>Start with the demo shop.</source>
        <translation>Empezar con el taller de demostración.</translation>
    </message>
    <message>
        <source>A job, guitar or exercise to open.</source>
        <translation>Un trabajo, guitarra o ejercicio que abrir.</translation>
    </message>
    <message>
        <source>Use this logbook: a file, or postgresql://user@host/database.</source>
        <translation>Usar este libro: un archivo, o postgresql://usuario@equipo/base.</translation>
    </message>
    <message>
        <source>How this bench is called among several.</source>
        <translation>Cómo se llama este banco entre varios.</translation>
    </message>
</context>
</TS>
