<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name></name>
    <message>
        <source>A gap of {width:.0f} px: {size} would run out here.</source>
        <translation>Un hueco de {width:.0f} px: por aquí se saldrían {size}.</translation>
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
        <translation>Dos líneas están una sobre otra; empálmelas, o quite una.</translation>
    </message>
    <message>
        <source>Two lines run along each other for {length:.0f} px, {gap:.1f} px apart.</source>
        <translation>Dos líneas corren juntas durante {length:.0f} px, a {gap:.1f} px una de otra.</translation>
    </message>
    <message>
        <source>This line wobbles by {off:.1f} px; it can be steadied.</source>
        <translation>Esta línea tiembla {off:.1f} px; se puede calmar.</translation>
    </message>
    <message>
        <source>“{name}” is empty.</source>
        <translation>«{name}» está vacía.</translation>
    </message>
    <message>
        <source>“{name}” is hidden, so it will not be printed.</source>
        <translation>«{name}» está oculta, así que no se imprimirá.</translation>
    </message>
    <message>
        <source>This line lies wholly off the page.</source>
        <translation>Esta línea queda del todo fuera de la página.</translation>
    </message>
    <message>
        <source>A speck of {size:.0f} px.</source>
        <translation>Una mota de {size:.0f} px.</translation>
    </message>
    <message>
        <source>This line is {width:.2f} mm thick; below {least} mm it may not print.</source>
        <translation>Esta línea tiene {width:.2f} mm de grosor; por debajo de {least} mm puede no imprimirse.</translation>
    </message>
    <message>
        <source>Try Technical 0.5 or Flick pen: an even line, and one weighed by speed, show a wobble least.</source>
        <translation>Pruebe Technical 0.5 o la pluma «De gesto»: una línea pareja, y una según la velocidad, son las que menos muestran el temblor.</translation>
    </message>
    <message>
        <source>Fit the feel of this device (in the Hand menu): the weight follows the hand better.</source>
        <translation>Ajuste el tacto de este dispositivo (en el menú Mano): el grosor sigue mejor a la mano.</translation>
    </message>
    <message>
        <source>Draw on past the end and snip: a line that stops itself fades.</source>
        <translation>Dibuje más allá del final y recorte: una línea que se detiene sola se apaga.</translation>
    </message>
    <message>
        <source>Draw faster past the ring and snip, or turn the page so that the end is in sight.</source>
        <translation>Dibuje más rápido más allá del aro y recorte, o gire la página para tener el final a la vista.</translation>
    </message>
    <message>
        <source>off the line</source>
        <translation>fuera de la línea</translation>
    </message>
    <message>
        <source>wobble</source>
        <translation>temblor</translation>
    </message>
    <message>
        <source>past the end</source>
        <translation>más allá del final</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>se apaga</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>velocidad</translation>
    </message>
    <message>
        <source>weight off</source>
        <translation>grosor desviado</translation>
    </message>
    <message>
        <source>spacing uneven by</source>
        <translation>separación desigual</translation>
    </message>
    <message>
        <source>weight uneven by</source>
        <translation>grosor desigual</translation>
    </message>
    <message>
        <source>small</source>
        <translation>pequeño</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>mediano</translation>
    </message>
    <message>
        <source>large</source>
        <translation>grande</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Práctica</translation>
    </message>
    <message>
        <source>Parallel lines</source>
        <translation>Líneas paralelas</translation>
    </message>
    <message>
        <source>Lines through points</source>
        <translation>Líneas por puntos</translation>
    </message>
    <message>
        <source>Curves</source>
        <translation>Curvas</translation>
    </message>
    <message>
        <source>Circles and ellipses</source>
        <translation>Círculos y elipses</translation>
    </message>
    <message>
        <source>Even hatching</source>
        <translation>Rayado parejo</translation>
    </message>
    <message>
        <source>Pressure ramps</source>
        <translation>Rampas de presión</translation>
    </message>
    <message>
        <source>Tapers</source>
        <translation>Afinados</translation>
    </message>
    <message>
        <source>Dots</source>
        <translation>Puntos</translation>
    </message>
    <message>
        <source>A signature, repeated</source>
        <translation>Una firma, repetida</translation>
    </message>
    <message>
        <source>“{name}” could not be opened: {reason}.</source>
        <translation>No se pudo abrir «{name}»: {reason}.</translation>
    </message>
    <message>
        <source>“{name}” was made by a later version of Jotsk, which can open it; it stays as it is.</source>
        <translation>«{name}» fue hecho por una versión posterior de Jotsk, que puede abrirlo; queda como está.</translation>
    </message>
    <message>
        <source>“{name}” was not written: {reason}. What was there before is unchanged.</source>
        <translation>No se escribió «{name}»: {reason}. Lo que había antes no ha cambiado.</translation>
    </message>
    <message>
        <source>“{name}” could not be read: {reason}. It stays where it is.</source>
        <translation>No se pudo leer «{name}»: {reason}. Queda donde está.</translation>
    </message>
    <message>
        <source>another program wrote it meanwhile</source>
        <translation>otro programa lo escribió entretanto</translation>
    </message>
    <message>
        <source>the clipboard</source>
        <translation>el portapapeles</translation>
    </message>
    <message>
        <source>what was copied is not whole</source>
        <translation>lo copiado no está entero</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Líneas</translation>
    </message>
    <message>
        <source>Lines go on an ink layer; choose one first.</source>
        <translation>Las líneas van en una capa de tinta; elija antes una.</translation>
    </message>
    <message>
        <source>These lines lie beside this page.</source>
        <translation>Estas líneas quedan al lado de esta página.</translation>
    </message>
    <message>
        <source>“{name}” ends in none of {names}; without ending it is a folder of pictures.</source>
        <translation>«{name}» no termina en ninguno de {names}; sin terminación es una carpeta de imágenes.</translation>
    </message>
    <message>
        <source>it is there already</source>
        <translation>ya está ahí</translation>
    </message>
    <message>
        <source>That is {count} frames, too many for one animation; make it faster, smaller, or a folder.</source>
        <translation>Son {count} imágenes, demasiadas para una animación; hágala más rápida, más pequeña, o una carpeta.</translation>
    </message>
    <message>
        <source>There is no line on this page to draw again.</source>
        <translation>En esta página no hay ninguna línea que volver a dibujar.</translation>
    </message>
    <message>
        <source>“{name}” ends in none of {names}.</source>
        <translation>«{name}» no termina en ninguno de {names}.</translation>
    </message>
    <message>
        <source>A tone may shimmer (moire) at {percent} %; at {better} % it does not.</source>
        <translation>Una trama puede hacer aguas (muaré) al {percent} %; al {better} % no.</translation>
    </message>
    <message>
        <source>A tone may shimmer (moire) at {percent} %.</source>
        <translation>Una trama puede hacer aguas (muaré) al {percent} %.</translation>
    </message>
    <message>
        <source>InkML, motions of the hand</source>
        <translation>InkML, movimientos de la mano</translation>
    </message>
    <message>
        <source>A {words} file cannot be written as {color}.</source>
        <translation>Un archivo {words} no puede escribirse como {color}.</translation>
    </message>
    <message>
        <source>Choose the ICC profile of the press first: who prints the page has it.</source>
        <translation>Elija antes el perfil ICC de la imprenta: lo tiene quien imprime la página.</translation>
    </message>
    <message>
        <source>A {words} file holds no shapes.</source>
        <translation>Un archivo {words} no contiene formas.</translation>
    </message>
    <message>
        <source>Lines as shapes have soft edges of their own; choose colour or grey.</source>
        <translation>Las líneas como formas tienen sus propios bordes suaves; elija color o gris.</translation>
    </message>
    <message>
        <source>Without paper only a picture with transparency (RGBA) can be written.</source>
        <translation>Sin papel solo puede escribirse una imagen con transparencia (RGBA).</translation>
    </message>
    <message>
        <source>There is no frame “{frame}”.</source>
        <translation>No hay ningún marco «{frame}».</translation>
    </message>
    <message>
        <source>{width} x {height} px is more than {words} can hold: {most} px a side.</source>
        <translation>{width} x {height} px es más de lo que cabe en {words}: {most} px por lado.</translation>
    </message>
    <message>
        <source>“{name}” is too large for a profile.</source>
        <translation>«{name}» es demasiado grande para un perfil.</translation>
    </message>
    <message>
        <source>it cannot be read</source>
        <translation>no se puede leer</translation>
    </message>
    <message>
        <source>it is no ICC profile</source>
        <translation>no es un perfil ICC</translation>
    </message>
    <message>
        <source>“{name}” is a profile for {space}; choose one of a press, for CMYK.</source>
        <translation>«{name}» es un perfil para {space}; elija el de una imprenta, para CMYK.</translation>
    </message>
    <message>
        <source>something else</source>
        <translation>otra cosa</translation>
    </message>
    <message>
        <source>The profile “{name}” cannot turn colours into ink.</source>
        <translation>El perfil «{name}» no puede convertir colores en tinta.</translation>
    </message>
    <message>
        <source>The disk does not take the work in progress: {reason}. Save the page.</source>
        <translation>El disco no acepta el trabajo en curso: {reason}. Guarde la página.</translation>
    </message>
    <message>
        <source>it is larger than a file of traces can be</source>
        <translation>es más grande de lo que puede ser un archivo de trazas</translation>
    </message>
    <message>
        <source>it is not well-formed XML</source>
        <translation>no es XML bien formado</translation>
    </message>
    <message>
        <source>it is XML, but not InkML</source>
        <translation>es XML, pero no InkML</translation>
    </message>
    <message>
        <source>its groups of traces are nested deeper than anybody needs</source>
        <translation>sus grupos de trazas están anidados más hondo de lo que nadie necesita</translation>
    </message>
    <message>
        <source>a channel&apos;s {name} is “{text}”, which is no number</source>
        <translation>{name} de un canal es «{text}», que no es un número</translation>
    </message>
    <message>
        <source>a trace has no X or no Y channel</source>
        <translation>una traza no tiene canal X o Y</translation>
    </message>
    <message>
        <source>a trace holds “{place}”, which is no point</source>
        <translation>una traza contiene «{place}», que no es un punto</translation>
    </message>
    <message>
        <source>a point has {count} values where its format has {wanted}</source>
        <translation>un punto tiene {count} valores donde su formato tiene {wanted}</translation>
    </message>
    <message>
        <source>it is damaged, or not an OpenRaster file</source>
        <translation>está dañado, o no es un archivo OpenRaster</translation>
    </message>
    <message>
        <source>part of it is damaged or packed in an unknown way</source>
        <translation>una parte está dañada o empaquetada de un modo desconocido</translation>
    </message>
    <message>
        <source>it has no list of layers, so it is not an OpenRaster file</source>
        <translation>no tiene lista de capas, así que no es un archivo OpenRaster</translation>
    </message>
    <message>
        <source>its list of layers is damaged</source>
        <translation>su lista de capas está dañada</translation>
    </message>
    <message>
        <source>it has more than {most_layers} layers</source>
        <translation>tiene más de {most_layers} capas</translation>
    </message>
    <message>
        <source>Ink</source>
        <translation>Tinta</translation>
    </message>
    <message>
        <source>the pens of its strokes are damaged</source>
        <translation>las plumas de sus trazos están dañadas</translation>
    </message>
    <message>
        <source>its layers are nested deeper than a page can need</source>
        <translation>sus capas están anidadas más hondo de lo que una página necesita</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Grupo</translation>
    </message>
    <message>
        <source>Layer</source>
        <translation>Capa</translation>
    </message>
    <message>
        <source>the pixels of its layer “{name}” are missing</source>
        <translation>faltan los píxeles de su capa «{name}»</translation>
    </message>
    <message>
        <source>the strokes of its layer “{name}” are damaged</source>
        <translation>los trazos de su capa «{name}» están dañados</translation>
    </message>
    <message>
        <source>it holds far more parts than a page has</source>
        <translation>contiene muchas más partes de las que tiene una página</translation>
    </message>
    <message>
        <source>a part of it names a place outside the file</source>
        <translation>una parte nombra un lugar fuera del archivo</translation>
    </message>
    <message>
        <source>a part of it unpacks to more than a page can need</source>
        <translation>una parte se desempaqueta a más de lo que una página necesita</translation>
    </message>
    <message>
        <source>its part {name} is larger than it can be</source>
        <translation>su parte {name} es más grande de lo que puede ser</translation>
    </message>
    <message>
        <source>its part {name} is damaged</source>
        <translation>su parte {name} está dañada</translation>
    </message>
    <message>
        <source>the list of its strokes is damaged</source>
        <translation>la lista de sus trazos está dañada</translation>
    </message>
    <message>
        <source>its list of layers gives no size</source>
        <translation>su lista de capas no da ningún tamaño</translation>
    </message>
    <message>
        <source>This is no order: {error}.</source>
        <translation>Esto no es un encargo: {error}.</translation>
    </message>
    <message>
        <source>For print</source>
        <translation>Para imprenta</translation>
    </message>
    <message>
        <source>For the web</source>
        <translation>Para la web</translation>
    </message>
    <message>
        <source>At true size</source>
        <translation>A tamaño real</translation>
    </message>
    <message>
        <source>As shapes</source>
        <translation>Como formas</translation>
    </message>
    <message>
        <source>With its layers</source>
        <translation>Con sus capas</translation>
    </message>
    <message>
        <source>Orders are a list of objects, each with a name.</source>
        <translation>Los encargos son una lista de objetos, cada uno con un nombre.</translation>
    </message>
    <message>
        <source>Two orders are named “{twice}”.</source>
        <translation>Dos encargos se llaman «{twice}».</translation>
    </message>
    <message>
        <source>Two orders would both be “{name}”; give them endings of their own.</source>
        <translation>Dos encargos serían ambos «{name}»; deles terminaciones propias.</translation>
    </message>
    <message>
        <source>The sketch goes out with it.</source>
        <translation>El boceto sale con ella.</translation>
    </message>
    <message>
        <source>The page has no trim, so there is no bleed around it.</source>
        <translation>La página no tiene corte, así que no hay sangrado alrededor.</translation>
    </message>
    <message>
        <source>The page has a trim but no bleed.</source>
        <translation>La página tiene corte pero no sangrado.</translation>
    </message>
    <message>
        <source>{dpi:.0f} dpi is coarse for 1-bit print; {usual} and more is usual.</source>
        <translation>{dpi:.0f} dpi es poco para imprimir a 1 bit; lo usual es {usual} o más.</translation>
    </message>
    <message>
        <source>{dpi:.0f} dpi is coarse for print; {usual} and more is usual.</source>
        <translation>{dpi:.0f} dpi es poco para imprimir; lo usual es {usual} o más.</translation>
    </message>
    <message>
        <source>Hidden and so left out: {listed}.</source>
        <translation>Ocultas y por eso omitidas: {listed}.</translation>
    </message>
    <message>
        <source>Nothing is to be seen on it.</source>
        <translation>No se ve nada en ella.</translation>
    </message>
    <message>
        <source> and {count} more</source>
        <translation> y {count} más</translation>
    </message>
    <message>
        <source>it is larger than a file of pens can be</source>
        <translation>es más grande de lo que puede ser un archivo de plumas</translation>
    </message>
    <message>
        <source>it is not JSON</source>
        <translation>no es JSON</translation>
    </message>
    <message>
        <source>it holds no pens</source>
        <translation>no contiene plumas</translation>
    </message>
    <message>
        <source>it holds more than {most_pens} pens</source>
        <translation>contiene más de {most_pens} plumas</translation>
    </message>
    <message>
        <source>its pen {number} makes no sense ({error})</source>
        <translation>su pluma {number} no tiene sentido ({error})</translation>
    </message>
    <message>
        <source>it is not a picture this program knows</source>
        <translation>no es una imagen que este programa conozca</translation>
    </message>
    <message>
        <source>its header promises more pixels than a page may have</source>
        <translation>su cabecera promete más píxeles de los que puede tener una página</translation>
    </message>
    <message>
        <source>the picture data is damaged or cut short</source>
        <translation>los datos de la imagen están dañados o cortados</translation>
    </message>
    <message>
        <source>“{name}” is larger than {most_bytes} MB; it is no drawing of lines.</source>
        <translation>«{name}» ocupa más de {most_bytes} MB; no es un dibujo de líneas.</translation>
    </message>
    <message>
        <source>it is no SVG</source>
        <translation>no es SVG</translation>
    </message>
    <message>
        <source>“{name}” has more lines than fit on a page: more than {most_lines:,}.</source>
        <translation>«{name}» tiene más líneas de las que caben en una página: más de {most_lines:,}.</translation>
    </message>
    <message>
        <source>its shapes cannot be read</source>
        <translation>sus formas no se pueden leer</translation>
    </message>
    <message>
        <source>“{name}” has no lines in it.</source>
        <translation>En «{name}» no hay líneas.</translation>
    </message>
    <message>
        <source>it is damaged</source>
        <translation>está dañado</translation>
    </message>
    <message>
        <source>that state is no longer in it</source>
        <translation>ese estado ya no está en él</translation>
    </message>
    <message>
        <source>a part of it is damaged</source>
        <translation>una parte está dañada</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>el disco está lleno</translation>
    </message>
    <message>
        <source>the disk does not take or give it</source>
        <translation>el disco no lo acepta o no lo da</translation>
    </message>
    <message>
        <source>another program is using it</source>
        <translation>otro programa lo está usando</translation>
    </message>
    <message>
        <source>your quota on this disk is used up</source>
        <translation>su cuota en este disco está agotada</translation>
    </message>
    <message>
        <source>the folder does not allow it</source>
        <translation>la carpeta no lo permite</translation>
    </message>
    <message>
        <source>the disk can only be read</source>
        <translation>el disco es solo de lectura</translation>
    </message>
    <message>
        <source>the folder does not exist</source>
        <translation>la carpeta no existe</translation>
    </message>
    <message>
        <source>a folder has that name</source>
        <translation>una carpeta tiene ese nombre</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>el nombre es demasiado largo</translation>
    </message>
    <message>
        <source>it does not exist</source>
        <translation>no existe</translation>
    </message>
    <message>
        <source>it is a folder</source>
        <translation>es una carpeta</translation>
    </message>
    <message>
        <source>you are not allowed to read it</source>
        <translation>no tiene permiso para leerlo</translation>
    </message>
    <message>
        <source>That lies beside the page.</source>
        <translation>Eso queda al lado de la página.</translation>
    </message>
    <message>
        <source>Choose lines first; then the area beneath them can be held.</source>
        <translation>Elija antes líneas; entonces se puede tomar el área que hay debajo.</translation>
    </message>
    <message>
        <source>There is nothing inside.</source>
        <translation>Dentro no hay nada.</translation>
    </message>
    <message>
        <source>Choose a layer to copy from; a group has no px of its own.</source>
        <translation>Elija una capa de la que copiar; un grupo no tiene píxeles propios.</translation>
    </message>
    <message>
        <source>“{name}” shows nothing in there.</source>
        <translation>«{name}» no muestra nada ahí.</translation>
    </message>
    <message>
        <source>{name} copy</source>
        <translation>{name} copia</translation>
    </message>
    <message>
        <source>There is no pattern yet: hold an area by hand, and make it one.</source>
        <translation>Aún no hay estampado: tome un área a mano, y hágalo de ella.</translation>
    </message>
    <message>
        <source>No area of this page is closed; close its lines, or let larger gaps be closed.</source>
        <translation>Ningún área de esta página está cerrada; cierre sus líneas, o deje que se cierren huecos mayores.</translation>
    </message>
    <message>
        <source>There is no area there.</source>
        <translation>Ahí no hay ningún área.</translation>
    </message>
    <message>
        <source>That would be more strokes than a page can hold; space them wider.</source>
        <translation>Serían más trazos de los que caben en una página; sepárelos más.</translation>
    </message>
    <message>
        <source>Draw the line that the hatching is to follow from one place to another.</source>
        <translation>Dibuje la línea que ha de seguir el rayado, de un lugar a otro.</translation>
    </message>
    <message>
        <source>That would be more dots than a page can hold; space them wider.</source>
        <translation>Serían más puntos de los que caben en una página; sepárelos más.</translation>
    </message>
    <message>
        <source>An outline has three corners or more.</source>
        <translation>Un contorno tiene tres esquinas o más.</translation>
    </message>
    <message>
        <source>Areas lie on ink layers; choose one.</source>
        <translation>Las áreas van en capas de tinta; elija una.</translation>
    </message>
    <message>
        <source>A pattern is made of {least_piece_px} to {most_piece_px} px a side; hold another area.</source>
        <translation>Un estampado tiene de {least_piece_px} a {most_piece_px} px por lado; tome otra área.</translation>
    </message>
    <message>
        <source>The page shows nothing in there to repeat.</source>
        <translation>La página no muestra ahí nada que repetir.</translation>
    </message>
    <message>
        <source>Fills</source>
        <translation>Rellenos</translation>
    </message>
    <message>
        <source>This area is open to the edge of the page; nothing was filled.</source>
        <translation>Esta área está abierta hasta el borde de la página; no se rellenó nada.</translation>
    </message>
    <message>
        <source>It would run out at ({x}, {y}), through a gap of {width_px:.0f} px.</source>
        <translation>Se saldría en ({x}, {y}), por un hueco de {width_px:.0f} px.</translation>
    </message>
    <message>
        <source>That lies on a line; press beside it.</source>
        <translation>Eso cae sobre una línea; pulse al lado.</translation>
    </message>
    <message>
        <source>A draft has at most {most_points} points; ink it, and go on from its end.</source>
        <translation>Un borrador tiene como mucho {most_points} puntos; entíntelo, y siga desde su final.</translation>
    </message>
    <message>
        <source>A draft is at most {longest_px:,} px long; ink it, and go on from its end.</source>
        <translation>Un borrador mide como mucho {longest_px:,} px; entíntelo, y siga desde su final.</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>A lo ancho</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Hacia abajo</translation>
    </message>
    <message>
        <source>Point {}</source>
        <translation>Punto {}</translation>
    </message>
    <message>
        <source>First radius</source>
        <translation>Primer radio</translation>
    </message>
    <message>
        <source>Second radius</source>
        <translation>Segundo radio</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Ángulo</translation>
    </message>
    <message>
        <source>Opacity</source>
        <translation>Opacidad</translation>
    </message>
    <message>
        <source>Thickness</source>
        <translation>Grosor</translation>
    </message>
    <message>
        <source>it is far too long for a list of guides</source>
        <translation>es demasiado largo para una lista de guías</translation>
    </message>
    <message>
        <source>it is not a list of at most {most_guides} guides</source>
        <translation>no es una lista de {most_guides} guías como mucho</translation>
    </message>
    <message>
        <source>Circle in perspective</source>
        <translation>Círculo en perspectiva</translation>
    </message>
    <message>
        <source>Cross</source>
        <translation>Cruz</translation>
    </message>
    <message>
        <source>Between the two</source>
        <translation>Entre los dos</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Separación</translation>
    </message>
    <message>
        <source>Ellipse template</source>
        <translation>Plantilla de elipses</translation>
    </message>
    <message>
        <source>Height to width</source>
        <translation>Alto por ancho</translation>
    </message>
    <message>
        <source>French curve</source>
        <translation>Plantilla de curvas</translation>
    </message>
    <message>
        <source>Closed</source>
        <translation>Cerrada</translation>
    </message>
    <message>
        <source>Smooth, without corners</source>
        <translation>Suave, sin esquinas</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Espejo</translation>
    </message>
    <message>
        <source>Parallel rule</source>
        <translation>Regla paralela</translation>
    </message>
    <message>
        <source>Perspective, one point</source>
        <translation>Perspectiva, un punto</translation>
    </message>
    <message>
        <source>Perspective, two points</source>
        <translation>Perspectiva, dos puntos</translation>
    </message>
    <message>
        <source>Perspective, three points</source>
        <translation>Perspectiva, tres puntos</translation>
    </message>
    <message>
        <source>Upright lines stay upright</source>
        <translation>Las verticales siguen verticales</translation>
    </message>
    <message>
        <source>The horizon stays level</source>
        <translation>El horizonte sigue a nivel</translation>
    </message>
    <message>
        <source>Show the cone of vision</source>
        <translation>Mostrar el cono de visión</translation>
    </message>
    <message>
        <source>Row of posts</source>
        <translation>Fila de postes</translation>
    </message>
    <message>
        <source>How many more</source>
        <translation>Cuántos más</translation>
    </message>
    <message>
        <source>Parts between</source>
        <translation>Partes intermedias</translation>
    </message>
    <message>
        <source>Quarter symmetry</source>
        <translation>Simetría en cuartos</translation>
    </message>
    <message>
        <source>Rings</source>
        <translation>Anillos</translation>
    </message>
    <message>
        <source>Rosette</source>
        <translation>Roseta</translation>
    </message>
    <message>
        <source>Mirrored rosette</source>
        <translation>Roseta con espejo</translation>
    </message>
    <message>
        <source>How many</source>
        <translation>Cuántos</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>Con espejo</translation>
    </message>
    <message>
        <source>Spokes</source>
        <translation>Radios</translation>
    </message>
    <message>
        <source>Straightedge</source>
        <translation>Regla</translation>
    </message>
    <message>
        <source>These four corners do not span a plane; move one off the line of the others.</source>
        <translation>Estas cuatro esquinas no forman un plano; aparte una de la línea de las otras.</translation>
    </message>
    <message>
        <source>This circle reaches behind the eye, where it is no ellipse; make the square smaller.</source>
        <translation>Este círculo llega detrás del ojo, donde no es una elipse; haga menor el cuadrado.</translation>
    </message>
    <message>
        <source>These lines are parallel on the page, so they have no vanishing point; use the parallel rule.</source>
        <translation>Estas líneas son paralelas en la página, así que no tienen punto de fuga; use la regla paralela.</translation>
    </message>
    <message>
        <source>A line needs two points that are apart; both lie at {x:.0f}, {y:.0f}.</source>
        <translation>Una línea necesita dos puntos separados; ambos están en {x:.0f}, {y:.0f}.</translation>
    </message>
    <message>
        <source>These two lines are parallel on the page, so they have no vanishing point; use the parallel rule.</source>
        <translation>Estas dos líneas son paralelas en la página, así que no tienen punto de fuga; use la regla paralela.</translation>
    </message>
    <message>
        <source>A row has 1 to {most_posts} more posts, not {count}.</source>
        <translation>Una fila tiene de 1 a {most_posts} postes más, no {count}.</translation>
    </message>
    <message>
        <source>The first post stands on the vanishing point; a row needs one that is nearer.</source>
        <translation>El primer poste está en el punto de fuga; una fila necesita uno más cercano.</translation>
    </message>
    <message>
        <source>The second post must stand between the first and the vanishing point, or on the near side.</source>
        <translation>El segundo poste debe estar entre el primero y el punto de fuga, o en el lado cercano.</translation>
    </message>
    <message>
        <source>A length is divided into 2 to {most_posts} parts, not {parts}.</source>
        <translation>Un largo se divide en 2 a {most_posts} partes, no {parts}.</translation>
    </message>
    <message>
        <source>What is to be divided begins at its vanishing point.</source>
        <translation>Lo que ha de dividirse empieza en su punto de fuga.</translation>
    </message>
    <message>
        <source>What is to be divided must end before its vanishing point.</source>
        <translation>Lo que ha de dividirse debe terminar antes de su punto de fuga.</translation>
    </message>
    <message>
        <source>open curve</source>
        <translation>curva abierta</translation>
    </message>
    <message>
        <source>line</source>
        <translation>línea</translation>
    </message>
    <message>
        <source>arc</source>
        <translation>arco</translation>
    </message>
    <message>
        <source>polyline</source>
        <translation>poligonal</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>círculo</translation>
    </message>
    <message>
        <source>ellipse</source>
        <translation>elipse</translation>
    </message>
    <message>
        <source>triangle</source>
        <translation>triángulo</translation>
    </message>
    <message>
        <source>quadrilateral</source>
        <translation>cuadrilátero</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectángulo</translation>
    </message>
    <message>
        <source>closed curve</source>
        <translation>curva cerrada</translation>
    </message>
    <message>
        <source>ease</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>average</source>
        <translation>media</translation>
    </message>
    <message>
        <source>tow</source>
        <translation>remolque</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>scales</source>
        <translation>escamas</translation>
    </message>
    <message>
        <source>saw</source>
        <translation>sierra</translation>
    </message>
    <message>
        <source>wave</source>
        <translation>onda</translation>
    </message>
    <message>
        <source>loops</source>
        <translation>lazos</translation>
    </message>
    <message>
        <source>loops in loops</source>
        <translation>lazos en lazos</translation>
    </message>
    <message>
        <source>stitches</source>
        <translation>puntadas</translation>
    </message>
    <message>
        <source>chain</source>
        <translation>cadena</translation>
    </message>
    <message>
        <source>rope</source>
        <translation>cuerda</translation>
    </message>
    <message>
        <source>leaves</source>
        <translation>hojas</translation>
    </message>
    <message>
        <source>own</source>
        <translation>propio</translation>
    </message>
    <message>
        <source>Dashes (ISO 128)</source>
        <translation>Guiones (ISO 128)</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>Marca</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Etiquetas</translation>
    </message>
    <message>
        <source>pressure</source>
        <translation>presión</translation>
    </message>
    <message>
        <source>tilt</source>
        <translation>inclinación</translation>
    </message>
    <message>
        <source>direction</source>
        <translation>dirección</translation>
    </message>
    <message>
        <source>usage: </source>
        <translation>uso: </translation>
    </message>
    <message>
        <source>options</source>
        <translation>opciones</translation>
    </message>
    <message>
        <source>positional arguments</source>
        <translation>argumentos</translation>
    </message>
    <message>
        <source>show this help message and exit</source>
        <translation>mostrar esta ayuda y terminar</translation>
    </message>
    <message>
        <source>%(prog)s: error: %(message)s
</source>
        <translation>%(prog)s: error: %(message)s
</translation>
    </message>
    <message>
        <source>argument %(argument_name)s: %(message)s</source>
        <translation>argumento %(argument_name)s: %(message)s</translation>
    </message>
    <message>
        <source>the following arguments are required: %s</source>
        <translation>faltan estos argumentos: %s</translation>
    </message>
    <message>
        <source>unrecognized arguments: %s</source>
        <translation>argumentos desconocidos: %s</translation>
    </message>
    <message>
        <source>expected one argument</source>
        <translation>necesita un argumento</translation>
    </message>
    <message>
        <source>expected at least one argument</source>
        <translation>necesita al menos un argumento</translation>
    </message>
    <message>
        <source>not allowed with argument %s</source>
        <translation>no puede ir con %s</translation>
    </message>
    <message>
        <source>invalid choice: %(value)r (choose from %(choices)s)</source>
        <translation>%(value)r no se puede elegir; hay %(choices)s</translation>
    </message>
    <message>
        <source>invalid %(type)s value: %(value)r</source>
        <translation>%(value)r no es un valor de tipo %(type)s</translation>
    </message>
    <message>
        <source>ambiguous option: %(option)s could match %(matches)s</source>
        <translation>%(option)s es ambiguo: %(matches)s</translation>
    </message>
    <message>
        <source>ignored explicit argument %r</source>
        <translation>el argumento %r sobra aquí</translation>
    </message>
    <message>
        <source>Ink over a sketch. Without a command, opens the window, with FILE if it is given.</source>
        <translation>Entintar sobre un boceto. Sin orden abre la ventana, con FILE si se da.</translation>
    </message>
    <message>
        <source>print the version</source>
        <translation>imprimir la versión</translation>
    </message>
    <message>
        <source>open the demo page</source>
        <translation>abrir la página de muestra</translation>
    </message>
    <message>
        <source>let the simulated pen ink over the sketch</source>
        <translation>dejar que la pluma simulada entinte el boceto</translation>
    </message>
    <message>
        <source>write a picture of the window and end</source>
        <translation>escribir una imagen de la ventana y terminar</translation>
    </message>
    <message>
        <source>open the finished panel instead</source>
        <translation>abrir en su lugar la viñeta terminada</translation>
    </message>
    <message>
        <source>run traces through the pens, without a window</source>
        <translation>pasar movimientos por las plumas, sin ventana</translation>
    </message>
    <message>
        <source>.png, .ora or .inkml</source>
        <translation>.png, .ora o .inkml</translation>
    </message>
    <message>
        <source>page in px (2480x3508)</source>
        <translation>página en px (2480x3508)</translation>
    </message>
    <message>
        <source>resolution (300)</source>
        <translation>resolución (300)</translation>
    </message>
    <message>
        <source>a shipped pen (plain-round)</source>
        <translation>una pluma de fábrica (plain-round)</translation>
    </message>
    <message>
        <source>full width (the pen&apos;s own)</source>
        <translation>ancho completo (el de la pluma)</translation>
    </message>
    <message>
        <source>0..100 (the pen&apos;s own)</source>
        <translation>0..100 (la de la pluma)</translation>
    </message>
    <message>
        <source>of the hand (learnt from slow traces)</source>
        <translation>de la mano (aprendido de los movimientos lentos)</translation>
    </message>
    <message>
        <source>ink (#000000)</source>
        <translation>tinta (#000000)</translation>
    </message>
    <message>
        <source>draw on the active layer of a page</source>
        <translation>dibujar en la capa activa de una página</translation>
    </message>
    <message>
        <source>guides that hold and repeat the lines</source>
        <translation>guías que sujetan y repiten las líneas</translation>
    </message>
    <message>
        <source>a trace that ends at rest becomes the shape it resembles</source>
        <translation>un movimiento que acaba en reposo se vuelve la forma a la que se parece</translation>
    </message>
    <message>
        <source>print the figures of every stroke</source>
        <translation>imprimir las cifras de cada trazo</translation>
    </message>
    <message>
        <source>write a page as a picture, shapes or motions</source>
        <translation>escribir una página como imagen, formas o movimientos</translation>
    </message>
    <message>
        <source>.png, .tif, .jpg, .webp, .pdf, .svg or .inkml</source>
        <translation>.png, .tif, .jpg, .webp, .pdf, .svg o .inkml</translation>
    </message>
    <message>
        <source>colours (rgb)</source>
        <translation>colores (rgb)</translation>
    </message>
    <message>
        <source>of the press, for cmyk</source>
        <translation>de la imprenta, para cmyk</translation>
    </message>
    <message>
        <source>lines as shapes, in a PDF</source>
        <translation>las líneas como formas, en un PDF</translation>
    </message>
    <message>
        <source>leave the paper out; needs rgba</source>
        <translation>omitir el papel; necesita rgba</translation>
    </message>
    <message>
        <source>what to cut (page)</source>
        <translation>qué se recorta (page)</translation>
    </message>
    <message>
        <source>share of the pixels (1)</source>
        <translation>parte de los píxeles (1)</translation>
    </message>
    <message>
        <source>of bits: darker is ink (128)</source>
        <translation>de bits: lo más oscuro es tinta (128)</translation>
    </message>
    <message>
        <source>for .jpg and .webp (92)</source>
        <translation>para .jpg y .webp (92)</translation>
    </message>
    <message>
        <source>only this layer; may be given again</source>
        <translation>solo esta capa; se puede repetir</translation>
    </message>
    <message>
        <source>write a page as several orders at once</source>
        <translation>escribir una página como varios pedidos a la vez</translation>
    </message>
    <message>
        <source>where the files go</source>
        <translation>adónde van los archivos</translation>
    </message>
    <message>
        <source>your own orders, docs/handing-over.md</source>
        <translation>pedidos propios, docs/handing-over.md</translation>
    </message>
    <message>
        <source>only this order; may be given again</source>
        <translation>solo este pedido; se puede repetir</translation>
    </message>
    <message>
        <source>write a page being drawn again</source>
        <translation>escribir una página mientras se dibuja otra vez</translation>
    </message>
    <message>
        <source>.webp, .png, or a new folder of frames</source>
        <translation>.webp, .png, o una carpeta nueva de fotogramas</translation>
    </message>
    <message>
        <source>times the hand&apos;s own pace</source>
        <translation>veces el paso de la mano</translation>
    </message>
    <message>
        <source>if no --speed is given (20)</source>
        <translation>si falta --speed (20)</translation>
    </message>
    <message>
        <source>the longest side (800)</source>
        <translation>el lado más largo (800)</translation>
    </message>
    <message>
        <source>frames a second (25)</source>
        <translation>fotogramas por segundo (25)</translation>
    </message>
    <message>
        <source>run a list of steps on a page: mending and filling</source>
        <translation>ejecutar una lista de pasos en una página: arreglar y rellenar</translation>
    </message>
    <message>
        <source>docs/steps.md</source>
        <translation>docs/steps.md</translation>
    </message>
    <message>
        <source>print how many strokes or areas each step changed</source>
        <translation>imprimir cuántos trazos o áreas cambió cada paso</translation>
    </message>
    <message>
        <source>say what is wrong with a page before it is sent</source>
        <translation>decir qué está mal en una página antes de enviarla</translation>
    </message>
    <message>
        <source>print a list of findings</source>
        <translation>imprimir una lista de hallazgos</translation>
    </message>
    <message>
        <source>gaps of up to so many px are leaks (8)</source>
        <translation>los huecos de hasta tantos px son fugas (8)</translation>
    </message>
    <message>
        <source>lines so near are tangents (3)</source>
        <translation>las líneas así de cerca son tangentes (3)</translation>
    </message>
    <message>
        <source>open a practice sheet, or measure one the simulated pen draws</source>
        <translation>abrir una hoja de práctica, o medir la que dibuja la pluma simulada</translation>
    </message>
    <message>
        <source>lines, points, curves, circles, ... (lines)</source>
        <translation>lines, points, curves, circles, … (lines)</translation>
    </message>
    <message>
        <source>small, medium or large (medium)</source>
        <translation>small, medium o large (medium)</translation>
    </message>
    <message>
        <source>beginner, practised or expert</source>
        <translation>beginner, practised o expert</translation>
    </message>
    <message>
        <source>of the simulated hand (1)</source>
        <translation>de la mano simulada (1)</translation>
    </message>
    <message>
        <source>print the figures as JSON</source>
        <translation>imprimir las cifras como JSON</translation>
    </message>
    <message>
        <source>put Jotsk into the menu of the desktop, for this user</source>
        <translation>poner Jotsk en el menú del escritorio, para este usuario</translation>
    </message>
    <message>
        <source>take it out again</source>
        <translation>quitarlo otra vez</translation>
    </message>
    <message>
        <source>print a script that completes commands in a shell</source>
        <translation>imprimir un guion que completa órdenes en un intérprete</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>a picture of the window is written as .png, not {suffix}</source>
        <translation>una imagen de la ventana se escribe como .png, no como {suffix}</translation>
    </message>
    <message>
        <source>there is no folder {folder}</source>
        <translation>no hay ninguna carpeta {folder}</translation>
    </message>
    <message>
        <source>a page is written as .ora, not {suffix}</source>
        <translation>una página se escribe como .ora, no como {suffix}</translation>
    </message>
    <message>
        <source>“{text}” ends in none of .png, .ora, .inkml</source>
        <translation>«{text}» no termina en .png, .ora ni .inkml</translation>
    </message>
    <message>
        <source>“{text}” is no size such as 2480x3508</source>
        <translation>«{text}» no es un tamaño como 2480x3508</translation>
    </message>
    <message>
        <source>“{text}” is no number</source>
        <translation>«{text}» no es un número</translation>
    </message>
    <message>
        <source>{text} is not between {low:g} and {high:g}</source>
        <translation>{text} no está entre {low:g} y {high:g}</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>lisa</translation>
    </message>
    <message>
        <source>bristle</source>
        <translation>cerdas</translation>
    </message>
    <message>
        <source>chalk</source>
        <translation>tiza</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>esponja</translation>
    </message>
    <message>
        <source>spatter</source>
        <translation>salpicadura</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Width by</source>
        <translation>Ancho según</translation>
    </message>
    <message>
        <source>Flat pencil, wider</source>
        <translation>Lápiz tumbado, más ancho</translation>
    </message>
    <message>
        <source>Width along the line</source>
        <translation>Ancho a lo largo de la línea</translation>
    </message>
    <message>
        <source>Ink by</source>
        <translation>Tinta según</translation>
    </message>
    <message>
        <source>Flow (0: never darkens itself)</source>
        <translation>Flujo (0: nunca se oscurece)</translation>
    </message>
    <message>
        <source>Tip</source>
        <translation>Punta</translation>
    </message>
    <message>
        <source>Paper grain</source>
        <translation>Grano del papel</translation>
    </message>
    <message>
        <source>Flat pencil, fainter</source>
        <translation>Lápiz tumbado, más tenue</translation>
    </message>
    <message>
        <source>Hard edge, for one-bit print</source>
        <translation>Borde duro, para imprimir a 1 bit</translation>
    </message>
    <message>
        <source>Rubs out</source>
        <translation>Borra</translation>
    </message>
    <message>
        <source>Taper in</source>
        <translation>Entrada afinada</translation>
    </message>
    <message>
        <source>Taper out</source>
        <translation>Salida afinada</translation>
    </message>
    <message>
        <source>Cord, edge of its width</source>
        <translation>Cordón, borde de su ancho</translation>
    </message>
    <message>
        <source>Motif</source>
        <translation>Motivo</translation>
    </message>
    <message>
        <source>Line, of the width</source>
        <translation>Línea, de su ancho</translation>
    </message>
    <message>
        <source>Spacing by</source>
        <translation>Separación según</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Girado</translation>
    </message>
    <message>
        <source>Turned by</source>
        <translation>Giro según</translation>
    </message>
    <message>
        <source>Closes within</source>
        <translation>Cierra hasta</translation>
    </message>
    <message>
        <source>Strokes along the last one join it</source>
        <translation>Los trazos junto al último se le unen</translation>
    </message>
    <message>
        <source>Way</source>
        <translation>Modo</translation>
    </message>
    <message>
        <source>Steady now</source>
        <translation>Firmeza ahora</translation>
    </message>
    <message>
        <source>Steady after</source>
        <translation>Firmeza después</translation>
    </message>
    <message>
        <source>Less when fast</source>
        <translation>Menos al ir rápido</translation>
    </message>
    <message>
        <source>Less when zoomed in</source>
        <translation>Menos con mucho zoom</translation>
    </message>
    <message>
        <source>Keep sharp corners</source>
        <translation>Conservar esquinas</translation>
    </message>
    <message>
        <source>whole</source>
        <translation>entera</translation>
    </message>
    <message>
        <source>dashed</source>
        <translation>guiones</translation>
    </message>
    <message>
        <source>dash-dot</source>
        <translation>guion-punto</translation>
    </message>
    <message>
        <source>dash-double-dot</source>
        <translation>guion-2-puntos</translation>
    </message>
    <message>
        <source>dotted</source>
        <translation>puntos</translation>
    </message>
    <message>
        <source>Quill nib</source>
        <translation>Plumilla</translation>
    </message>
    <message>
        <source>Mapping nib</source>
        <translation>De mapas</translation>
    </message>
    <message>
        <source>Plain round</source>
        <translation>Redonda simple</translation>
    </message>
    <message>
        <source>Brush pen</source>
        <translation>Pluma pincel</translation>
    </message>
    <message>
        <source>Supple brush</source>
        <translation>Pincel flexible</translation>
    </message>
    <message>
        <source>Flick pen</source>
        <translation>De gesto</translation>
    </message>
    <message>
        <source>Swell pen</source>
        <translation>De crecida</translation>
    </message>
    <message>
        <source>Slant nib</source>
        <translation>Sesgada</translation>
    </message>
    <message>
        <source>Hard-edged nib</source>
        <translation>Plumilla dura</translation>
    </message>
    <message>
        <source>Hard-edged round</source>
        <translation>Redonda dura</translation>
    </message>
    <message>
        <source>Pencil</source>
        <translation>Lápiz</translation>
    </message>
    <message>
        <source>Soft pencil</source>
        <translation>Lápiz blando</translation>
    </message>
    <message>
        <source>Charcoal</source>
        <translation>Carboncillo</translation>
    </message>
    <message>
        <source>Dry brush</source>
        <translation>Pincel seco</translation>
    </message>
    <message>
        <source>Sponge</source>
        <translation>Esponja</translation>
    </message>
    <message>
        <source>Spatter</source>
        <translation>Salpicadura</translation>
    </message>
    <message>
        <source>Marker</source>
        <translation>Rotulador</translation>
    </message>
    <message>
        <source>Soft wash</source>
        <translation>Aguada suave</translation>
    </message>
    <message>
        <source>White nib</source>
        <translation>Plumilla blanca</translation>
    </message>
    <message>
        <source>Cord</source>
        <translation>Cordón</translation>
    </message>
    <message>
        <source>Lock of hair</source>
        <translation>Mechón</translation>
    </message>
    <message>
        <source>Eraser</source>
        <translation>Goma</translation>
    </message>
    <message>
        <source>Soft eraser</source>
        <translation>Goma suave</translation>
    </message>
    <message>
        <source>there is no pen “{pen_id}”; the pens are {known}</source>
        <translation>no hay ninguna pluma «{pen_id}»; las plumas son {known}</translation>
    </message>
    <message>
        <source>A line becomes {lightest:g} to {heaviest:g} times as thick, not {by:g}.</source>
        <translation>Una línea se hace de {lightest:g} a {heaviest:g} veces más gruesa, no {by:g}.</translation>
    </message>
    <message>
        <source>A hand that pushes has a size.</source>
        <translation>Una mano que empuja tiene un tamaño.</translation>
    </message>
    <message>
        <source>No cord crosses anything there.</source>
        <translation>Ningún cordón cruza nada ahí.</translation>
    </message>
    <message>
        <source>There are no strokes to mend here; choose an ink layer.</source>
        <translation>Aquí no hay trazos que arreglar; elija una capa de tinta.</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it to mend its lines.</source>
        <translation>«{name}» está bloqueada; desbloquéela para arreglar sus líneas.</translation>
    </message>
    <message>
        <source>There is no line to cut there.</source>
        <translation>Ahí no hay ninguna línea que cortar.</translation>
    </message>
    <message>
        <source>The line ends there; there is nothing to part.</source>
        <translation>La línea termina ahí; no hay nada que partir.</translation>
    </message>
    <message>
        <source>A splice takes two to {most_strokes} lines that overlap.</source>
        <translation>Un empalme toma de dos a {most_strokes} líneas que se solapan.</translation>
    </message>
    <message>
        <source>These lines do not all overlap; a splice follows tries of one line.</source>
        <translation>Estas líneas no se solapan todas; un empalme sigue intentos de una misma línea.</translation>
    </message>
    <message>
        <source>A tolerance is more than 0 px.</source>
        <translation>Una tolerancia es mayor que 0 px.</translation>
    </message>
    <message>
        <source>That would move a line out of all sight; the page is as it was.</source>
        <translation>Eso llevaría una línea fuera de la vista; la página queda como estaba.</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>multiply</source>
        <translation>multiplicar</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>trama</translation>
    </message>
    <message>
        <source>overlay</source>
        <translation>superponer</translation>
    </message>
    <message>
        <source>darken</source>
        <translation>oscurecer</translation>
    </message>
    <message>
        <source>lighten</source>
        <translation>aclarar</translation>
    </message>
    <message>
        <source>color-dodge</source>
        <translation>sobreexponer</translation>
    </message>
    <message>
        <source>color-burn</source>
        <translation>subexponer</translation>
    </message>
    <message>
        <source>hard-light</source>
        <translation>luz fuerte</translation>
    </message>
    <message>
        <source>soft-light</source>
        <translation>luz suave</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>diferencia</translation>
    </message>
    <message>
        <source>exclusion</source>
        <translation>exclusión</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>saturación</translation>
    </message>
    <message>
        <source>color</source>
        <translation>color</translation>
    </message>
    <message>
        <source>luminosity</source>
        <translation>luminosidad</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>Pintura</translation>
    </message>
    <message>
        <source>Sketch</source>
        <translation>Boceto</translation>
    </message>
    <message>
        <source>“{name}” is no picture; only placed pictures and paint have handles.</source>
        <translation>«{name}» no es una imagen; solo las imágenes colocadas y la pintura tienen tiradores.</translation>
    </message>
    <message>
        <source>The position of “{name}” is locked; unlock it to move it.</source>
        <translation>La posición de «{name}» está bloqueada; desbloquéela para moverla.</translation>
    </message>
    <message>
        <source>There is nothing on “{name}” yet.</source>
        <translation>En «{name}» aún no hay nada.</translation>
    </message>
    <message>
        <source>“{name}” holds lines; choose parts of them, and move those.</source>
        <translation>«{name}» contiene líneas; elija partes de ellas, y muévalas.</translation>
    </message>
    <message>
        <source>There is nothing of “{name}” in there.</source>
        <translation>De «{name}» no hay nada ahí.</translation>
    </message>
    <message>
        <source>A page keeps at least one layer; add another before deleting this one.</source>
        <translation>Una página conserva al menos una capa; añada otra antes de eliminar esta.</translation>
    </message>
    <message>
        <source>A group cannot go into itself.</source>
        <translation>Un grupo no puede ir dentro de sí mismo.</translation>
    </message>
    <message>
        <source>There is no layer to group.</source>
        <translation>No hay capas que agrupar.</translation>
    </message>
    <message>
        <source>“{name}” is no group.</source>
        <translation>«{name}» no es un grupo.</translation>
    </message>
    <message>
        <source>There is no layer to trace; open a sketch first.</source>
        <translation>No hay capa que calcar; abra antes un boceto.</translation>
    </message>
    <message>
        <source>There is nothing below “{name}” to merge it onto.</source>
        <translation>No hay nada debajo de «{name}» con qué combinarla.</translation>
    </message>
    <message>
        <source>“{name}” below is a group; move the layer into it, or take the group apart.</source>
        <translation>«{name}», debajo, es un grupo; mueva la capa dentro, o deshaga el grupo.</translation>
    </message>
    <message>
        <source>“{name}” is locked; it cannot be merged.</source>
        <translation>«{name}» está bloqueada; no se puede combinar.</translation>
    </message>
    <message>
        <source>“{name}” is hidden; it cannot be merged.</source>
        <translation>«{name}» está oculta; no se puede combinar.</translation>
    </message>
    <message>
        <source>There is only one visible layer; nothing to merge.</source>
        <translation>Solo hay una capa visible; nada que combinar.</translation>
    </message>
    <message>
        <source>Flat copy</source>
        <translation>Copia plana</translation>
    </message>
    <message>
        <source>“{name}” is a group; choose a layer in it to draw on.</source>
        <translation>«{name}» es un grupo; elija una capa suya para dibujar.</translation>
    </message>
    <message>
        <source>“{name}” is hidden; show it to draw on it.</source>
        <translation>«{name}» está oculta; muéstrela para dibujar en ella.</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it, or choose another layer.</source>
        <translation>«{name}» está bloqueada; desbloquéela, o elija otra capa.</translation>
    </message>
    <message>
        <source>That layer is no longer on the page.</source>
        <translation>Esa capa ya no está en la página.</translation>
    </message>
    <message>
        <source>There is no layer to draw on; add one with the plus above the layers.</source>
        <translation>No hay capa en que dibujar; añada una con el más que hay sobre las capas.</translation>
    </message>
    <message>
        <source>The transparency of “{name}” is locked; unlock it to rub out.</source>
        <translation>La transparencia de «{name}» está bloqueada; desbloquéela para borrar.</translation>
    </message>
    <message>
        <source>That line is no longer on the page.</source>
        <translation>Esa línea ya no está en la página.</translation>
    </message>
    <message>
        <source>There is nothing inside that frame.</source>
        <translation>En ese marco no hay nada.</translation>
    </message>
    <message>
        <source>“{name}” is locked; unlock it to flip it.</source>
        <translation>«{name}» está bloqueada; desbloquéela para voltearla.</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>Desenfoque</translation>
    </message>
    <message>
        <source>Radius</source>
        <translation>Radio</translation>
    </message>
    <message>
        <source>Brightness and contrast</source>
        <translation>Brillo y contraste</translation>
    </message>
    <message>
        <source>Brightness</source>
        <translation>Brillo</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>Contraste</translation>
    </message>
    <message>
        <source>Hue and saturation</source>
        <translation>Tono y saturación</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Tono</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Saturación</translation>
    </message>
    <message>
        <source>White to clear</source>
        <translation>Blanco a transparente</translation>
    </message>
    <message>
        <source>White from</source>
        <translation>Blanco desde</translation>
    </message>
    <message>
        <source>Black up to</source>
        <translation>Negro hasta</translation>
    </message>
    <message>
        <source>Specks up to</source>
        <translation>Motas hasta</translation>
    </message>
    <message>
        <source>Keep the colour</source>
        <translation>Conservar el color</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Contorno</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Lightness</source>
        <translation>Claridad</translation>
    </message>
    <message>
        <source>Ripple</source>
        <translation>Ondas</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Alto</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Largo</translation>
    </message>
    <message>
        <source>Only inside</source>
        <translation>Solo dentro</translation>
    </message>
    <message>
        <source>Soft edge</source>
        <translation>Borde suave</translation>
    </message>
    <message>
        <source>Tone of its grey</source>
        <translation>Trama de su gris</translation>
    </message>
    <message>
        <source>Cell</source>
        <translation>Celda</translation>
    </message>
    <message>
        <source>Dots 0, lines 1, crosses 2</source>
        <translation>Puntos 0, líneas 1, cruces 2</translation>
    </message>
    <message>
        <source>Reflection</source>
        <translation>Reflejo</translation>
    </message>
    <message>
        <source>Axis from the top</source>
        <translation>Eje desde arriba</translation>
    </message>
    <message>
        <source>Fades within</source>
        <translation>Se apaga en</translation>
    </message>
    <message>
        <source>A page of {width} x {height} px has no room to draw; both sides need 1 px or more.</source>
        <translation>Una página de {width} x {height} px no tiene sitio para dibujar; ambos lados necesitan 1 px o más.</translation>
    </message>
    <message>
        <source>{width} x {height} px is more than fits: at most {largest_side:,} px a side and {most_pixels} million pixels in all.</source>
        <translation>{width} x {height} px es más de lo que cabe: como mucho {largest_side:,} px por lado y {most_pixels} millones de píxeles en total.</translation>
    </message>
    <message>
        <source>JIS B{number}</source>
        <translation>JIS B{number}</translation>
    </message>
    <message>
        <source>US letter</source>
        <translation>Carta US</translation>
    </message>
    <message>
        <source>US legal</source>
        <translation>Legal US</translation>
    </message>
    <message>
        <source>Comic book</source>
        <translation>Cómic</translation>
    </message>
    <message>
        <source>Digest comic</source>
        <translation>Cómic, pequeño</translation>
    </message>
    <message>
        <source>Album</source>
        <translation>Álbum</translation>
    </message>
    <message>
        <source>Manga magazine</source>
        <translation>Revista manga</translation>
    </message>
    <message>
        <source>Manga volume</source>
        <translation>Tomo manga</translation>
    </message>
    <message>
        <source>Page</source>
        <comment>menu</comment>
        <translation>Página</translation>
    </message>
    <message>
        <source>Edit</source>
        <comment>menu</comment>
        <translation>Edición</translation>
    </message>
    <message>
        <source>Hand</source>
        <comment>menu</comment>
        <translation>Mano</translation>
    </message>
    <message>
        <source>View</source>
        <comment>menu</comment>
        <translation>Ver</translation>
    </message>
    <message>
        <source>Layer</source>
        <comment>menu</comment>
        <translation>Capa</translation>
    </message>
    <message>
        <source>Mend</source>
        <comment>menu</comment>
        <translation>Arreglar</translation>
    </message>
    <message>
        <source>Fill</source>
        <comment>menu</comment>
        <translation>Rellenar</translation>
    </message>
    <message>
        <source>Check</source>
        <comment>menu</comment>
        <translation>Revisar</translation>
    </message>
    <message>
        <source>Guides</source>
        <comment>menu</comment>
        <translation>Guías</translation>
    </message>
    <message>
        <source>Help</source>
        <comment>menu</comment>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>Check the page</source>
        <translation>Revisar página</translation>
    </message>
    <message>
        <source>Look for leaks, tangents, weak outlines, wobble and stray marks</source>
        <translation>Buscar fugas, tangentes, contornos débiles, temblor y marcas perdidas</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Hallazgo siguiente</translation>
    </message>
    <message>
        <source>Go to the next finding</source>
        <translation>Ir al hallazgo siguiente</translation>
    </message>
    <message>
        <source>Finding before</source>
        <translation>Hallazgo anterior</translation>
    </message>
    <message>
        <source>Go to the finding before</source>
        <translation>Ir al hallazgo anterior</translation>
    </message>
    <message>
        <source>Mend the finding</source>
        <translation>Arreglar el hallazgo</translation>
    </message>
    <message>
        <source>Mend what one came to</source>
        <translation>Arreglar aquello a lo que se ha llegado</translation>
    </message>
    <message>
        <source>Mend all of its kind…</source>
        <translation>Arreglar todos los de su tipo…</translation>
    </message>
    <message>
        <source>Show how every finding of the kind one came to would be mended, and mend those one wants</source>
        <translation>Muestra cómo se arreglaría cada hallazgo de este tipo y arregla los que se quieran</translation>
    </message>
    <message>
        <source>Let the finding be</source>
        <translation>Dejar el hallazgo</translation>
    </message>
    <message>
        <source>It is meant so, and is not found again</source>
        <translation>Está así a propósito, y no se vuelve a hallar</translation>
    </message>
    <message>
        <source>Put the findings away</source>
        <translation>Guardar los hallazgos</translation>
    </message>
    <message>
        <source>Show no findings any more, until the page is checked again</source>
        <translation>No mostrar más hallazgos hasta que se revise la página otra vez</translation>
    </message>
    <message>
        <source>Heat picture</source>
        <translation>Imagen térmica</translation>
    </message>
    <message>
        <source>The page as a picture of line weight, thin to thick</source>
        <translation>La página como imagen del grosor de línea, de fino a grueso</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Take the last change back</source>
        <translation>Quitar el último cambio</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Do again what was taken back</source>
        <translation>Hacer otra vez lo que se deshizo</translation>
    </message>
    <message>
        <source>Back to drawing</source>
        <translation>Volver a dibujar</translation>
    </message>
    <message>
        <source>Give up the stroke under the pen, what is chosen, and any tool</source>
        <translation>Dejar el trazo bajo la pluma, lo elegido y cualquier herramienta</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Ajustes…</translation>
    </message>
    <message>
        <source>Pen, fingers, keys, view, files and memory, on one sheet</source>
        <translation>Pluma, dedos, teclas, vista, archivos y memoria, en una hoja</translation>
    </message>
    <message>
        <source>Choose all lines</source>
        <translation>Elegir todas las líneas</translation>
    </message>
    <message>
        <source>Choose every line of this layer</source>
        <translation>Elegir cada línea de esta capa</translation>
    </message>
    <message>
        <source>Choose the same pen</source>
        <translation>Elegir la misma pluma</translation>
    </message>
    <message>
        <source>Choose every line of this layer with the pen of those chosen</source>
        <translation>Elegir cada línea de esta capa con la pluma de las elegidas</translation>
    </message>
    <message>
        <source>Choose the same colour</source>
        <translation>Elegir el mismo color</translation>
    </message>
    <message>
        <source>Choose every line of this layer in the colour of those chosen</source>
        <translation>Elegir cada línea de esta capa del color de las elegidas</translation>
    </message>
    <message>
        <source>Choose the same size</source>
        <translation>Elegir el mismo tamaño</translation>
    </message>
    <message>
        <source>Choose every line of this layer of the size of those chosen</source>
        <translation>Elegir cada línea de esta capa del tamaño de las elegidas</translation>
    </message>
    <message>
        <source>Choose what is connected</source>
        <translation>Elegir lo conectado</translation>
    </message>
    <message>
        <source>Choose all that hangs together with those chosen</source>
        <translation>Elegir todo lo que está unido a las elegidas</translation>
    </message>
    <message>
        <source>Choose the other lines</source>
        <translation>Elegir las demás líneas</translation>
    </message>
    <message>
        <source>Choose the lines that are not chosen</source>
        <translation>Elegir las líneas que no están elegidas</translation>
    </message>
    <message>
        <source>Choose on all ink layers</source>
        <translation>Elegir en todas las capas de tinta</translation>
    </message>
    <message>
        <source>Choose lines of every ink layer that shows and is not locked, or of this one alone</source>
        <translation>Elegir líneas de toda capa de tinta que se vea y no esté bloqueada, o solo de esta</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Cortar</translation>
    </message>
    <message>
        <source>Copy the chosen lines and take them away</source>
        <translation>Copiar las líneas elegidas y quitarlas</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copiar</translation>
    </message>
    <message>
        <source>Copy the chosen lines, or the last one, here and for other programs</source>
        <translation>Copiar las líneas elegidas, o la última, aquí y para otros programas</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Pegar</translation>
    </message>
    <message>
        <source>Bring in the lines or the picture that was copied</source>
        <translation>Traer las líneas o la imagen que se copió</translation>
    </message>
    <message>
        <source>Flip the lines left to right</source>
        <translation>Voltear las líneas en horizontal</translation>
    </message>
    <message>
        <source>Flip the chosen lines, or the last one</source>
        <translation>Voltear las líneas elegidas, o la última</translation>
    </message>
    <message>
        <source>Flip the lines upside down</source>
        <translation>Voltear las líneas en vertical</translation>
    </message>
    <message>
        <source>Delete the chosen lines</source>
        <translation>Eliminar las líneas elegidas</translation>
    </message>
    <message>
        <source>Take the chosen lines away</source>
        <translation>Quitar las líneas elegidas</translation>
    </message>
    <message>
        <source>Pour</source>
        <translation>Verter</translation>
    </message>
    <message>
        <source>Press in an area to fill it; drag through many</source>
        <translation>Pulsar en un área para rellenarla; arrastrar por muchas</translation>
    </message>
    <message>
        <source>Fill inside</source>
        <translation>Rellenar dentro</translation>
    </message>
    <message>
        <source>Draw around what is to be filled, on this layer</source>
        <translation>Rodear lo que se ha de rellenar, en esta capa</translation>
    </message>
    <message>
        <source>Area by hand</source>
        <translation>Área a mano</translation>
    </message>
    <message>
        <source>Draw an area from loops, corners, boxes and colours, and fill, rub out or copy it</source>
        <translation>Dibujar un área con lazos, esquinas, cajas y colores, y rellenarla, borrarla o copiarla</translation>
    </message>
    <message>
        <source>Flats at once</source>
        <translation>Planos de una vez</translation>
    </message>
    <message>
        <source>Give every closed area of the page a flat of its own</source>
        <translation>Dar a cada área cerrada de la página un plano propio</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Unir áreas</translation>
    </message>
    <message>
        <source>Swipe over areas: they become one</source>
        <translation>Pasar sobre áreas: se vuelven una</translation>
    </message>
    <message>
        <source>Place the light</source>
        <translation>Colocar la luz</translation>
    </message>
    <message>
        <source>Press where the light of the page stands; blacks and hatching run out towards it</source>
        <translation>Pulsar donde está la luz de la página; negros y rayados se afinan hacia ella</translation>
    </message>
    <message>
        <source>Freeze the areas</source>
        <translation>Congelar las áreas</translation>
    </message>
    <message>
        <source>Areas stay as they are now, whatever becomes of their lines</source>
        <translation>Las áreas quedan como están, pase lo que pase con sus líneas</translation>
    </message>
    <message>
        <source>Show open areas</source>
        <translation>Mostrar áreas abiertas</translation>
    </message>
    <message>
        <source>Go to the areas whose lines are not closed any more, one by one</source>
        <translation>Ir una por una a las áreas cuyas líneas ya no cierran</translation>
    </message>
    <message>
        <source>Place the guides</source>
        <translation>Colocar las guías</translation>
    </message>
    <message>
        <source>Drag the handles of the guides</source>
        <translation>Arrastrar los tiradores de las guías</translation>
    </message>
    <message>
        <source>All guides off</source>
        <translation>Todas las guías apagadas</translation>
    </message>
    <message>
        <source>Draw as if there were no guides</source>
        <translation>Dibujar como si no hubiera guías</translation>
    </message>
    <message>
        <source>Hold alone</source>
        <translation>Sujetar sola</translation>
    </message>
    <message>
        <source>Let the guide in hand hold every stroke, or as usual again</source>
        <translation>Que la guía en la mano sujete cada trazo, o de nuevo como siempre</translation>
    </message>
    <message>
        <source>Guide in numbers…</source>
        <translation>Guía en números…</translation>
    </message>
    <message>
        <source>Type where the chosen guide lies, and how it looks</source>
        <translation>Escribir dónde está la guía elegida, y cómo se ve</translation>
    </message>
    <message>
        <source>Keep the guides as a set…</source>
        <translation>Guardar las guías como juego…</translation>
    </message>
    <message>
        <source>Keep these guides at hand for other pages</source>
        <translation>Tener estas guías a mano para otras páginas</translation>
    </message>
    <message>
        <source>Add a set from a file…</source>
        <translation>Añadir un juego de un archivo…</translation>
    </message>
    <message>
        <source>Use guides that were saved from another page</source>
        <translation>Usar guías guardadas de otra página</translation>
    </message>
    <message>
        <source>Save the guides to a file…</source>
        <translation>Guardar las guías en un archivo…</translation>
    </message>
    <message>
        <source>A file of these guides, for another machine</source>
        <translation>Un archivo de estas guías, para otra máquina</translation>
    </message>
    <message>
        <source>Perspective of the sketch</source>
        <translation>Perspectiva del boceto</translation>
    </message>
    <message>
        <source>Drag lines over two edges that are parallel in reality: their vanishing point falls out of them</source>
        <translation>Arrastrar líneas sobre dos aristas paralelas en la realidad: de ellas sale su punto de fuga</translation>
    </message>
    <message>
        <source>Offset of the curve…</source>
        <translation>Paralela a la curva…</translation>
    </message>
    <message>
        <source>A curve beside the chosen French curve</source>
        <translation>Una curva al lado de la plantilla elegida</translation>
    </message>
    <message>
        <source>French curve of the line</source>
        <translation>Plantilla de la línea</translation>
    </message>
    <message>
        <source>Make a French curve of the last line</source>
        <translation>Hacer una plantilla de curvas de la última línea</translation>
    </message>
    <message>
        <source>Part the copies</source>
        <translation>Separar las copias</translation>
    </message>
    <message>
        <source>Make the copies of a symmetric line strokes of their own</source>
        <translation>Hacer de las copias de una línea simétrica trazos propios</translation>
    </message>
    <message>
        <source>Settle when held still</source>
        <translation>Formar al detenerse</translation>
    </message>
    <message>
        <source>A stroke that ends at rest becomes the shape it resembles</source>
        <translation>Un trazo que termina en reposo se vuelve la forma a que se parece</translation>
    </message>
    <message>
        <source>Steps of the page</source>
        <translation>Pasos de la página</translation>
    </message>
    <message>
        <source>Steps of 15 degrees are counted on the page, or else on the turned view</source>
        <translation>Los pasos de 15 grados se cuentan en la página, o si no en la vista girada</translation>
    </message>
    <message>
        <source>Time to settle…</source>
        <translation>Tiempo para formar…</translation>
    </message>
    <message>
        <source>How long the pen rests before that</source>
        <translation>Cuánto reposa antes la pluma</translation>
    </message>
    <message>
        <source>Smaller pen</source>
        <translation>Pluma menor</translation>
    </message>
    <message>
        <source>Make the pen smaller</source>
        <translation>Hacer la pluma más pequeña</translation>
    </message>
    <message>
        <source>Larger pen</source>
        <translation>Pluma mayor</translation>
    </message>
    <message>
        <source>Make the pen larger</source>
        <translation>Hacer la pluma más grande</translation>
    </message>
    <message>
        <source>Resize the pen</source>
        <translation>Cambiar el tamaño</translation>
    </message>
    <message>
        <source>Drag sideways to resize the pen</source>
        <translation>Arrastrar de lado para cambiar el tamaño de la pluma</translation>
    </message>
    <message>
        <source>Rub out</source>
        <translation>Borrar</translation>
    </message>
    <message>
        <source>Rub out with the pen in the hand</source>
        <translation>Borrar con la pluma en la mano</translation>
    </message>
    <message>
        <source>Rub out what is inside</source>
        <translation>Borrar lo de dentro</translation>
    </message>
    <message>
        <source>Draw around what is to go; strokes are cut where the loop crosses them</source>
        <translation>Rodear lo que se ha de quitar; los trazos se cortan donde el lazo los cruza</translation>
    </message>
    <message>
        <source>Choose lines</source>
        <translation>Elegir líneas</translation>
    </message>
    <message>
        <source>Draw around lines, or press one, to change them together</source>
        <translation>Rodear líneas, o pulsar una, para cambiarlas juntas</translation>
    </message>
    <message>
        <source>Choose across</source>
        <translation>Elegir cruzando</translation>
    </message>
    <message>
        <source>Draw a line: every line it crosses is chosen</source>
        <translation>Trazar una línea: se elige cada línea que cruza</translation>
    </message>
    <message>
        <source>Choose parts of lines</source>
        <translation>Elegir partes de líneas</translation>
    </message>
    <message>
        <source>Draw around parts of lines: they are parted there, and what is inside is chosen</source>
        <translation>Rodear partes de líneas: se parten ahí, y se elige lo de dentro</translation>
    </message>
    <message>
        <source>Pick a colour</source>
        <translation>Tomar un color</translation>
    </message>
    <message>
        <source>Take the colour under the pen from the page</source>
        <translation>Tomar de la página el color bajo la pluma</translation>
    </message>
    <message>
        <source>Full steadiness</source>
        <translation>Firmeza plena</translation>
    </message>
    <message>
        <source>Hold the line as firmly as it goes</source>
        <translation>Sujetar la línea con toda la firmeza</translation>
    </message>
    <message>
        <source>No steadiness</source>
        <translation>Sin firmeza</translation>
    </message>
    <message>
        <source>Draw just as the hand goes</source>
        <translation>Dibujar tal como va la mano</translation>
    </message>
    <message>
        <source>Fingers draw</source>
        <translation>Los dedos dibujan</translation>
    </message>
    <message>
        <source>Without a pen, fingers draw; with one they only move, zoom and turn the page</source>
        <translation>Sin pluma, los dedos dibujan; con ella solo mueven, amplían y giran la página</translation>
    </message>
    <message>
        <source>Pen maker…</source>
        <translation>Taller de plumas…</translation>
    </message>
    <message>
        <source>Change pens, make new ones, and try them</source>
        <translation>Cambiar plumas, hacer nuevas y probarlas</translation>
    </message>
    <message>
        <source>Motif of the lines…</source>
        <translation>Motivo de las líneas…</translation>
    </message>
    <message>
        <source>Make a pen of the chosen lines, that runs along the hand</source>
        <translation>Hacer de las líneas elegidas una pluma que corre con la mano</translation>
    </message>
    <message>
        <source>Ink colour…</source>
        <translation>Color de tinta…</translation>
    </message>
    <message>
        <source>Choose any colour, and keep a palette</source>
        <translation>Elegir cualquier color, y llevar una paleta</translation>
    </message>
    <message>
        <source>Feel of the device…</source>
        <translation>Tacto del dispositivo…</translation>
    </message>
    <message>
        <source>Fit pressure to your own hand</source>
        <translation>Ajustar la presión a la propia mano</translation>
    </message>
    <message>
        <source>Move the page</source>
        <translation>Mover la página</translation>
    </message>
    <message>
        <source>Drag the page</source>
        <translation>Arrastrar la página</translation>
    </message>
    <message>
        <source>Zoom</source>
        <translation>Zoom</translation>
    </message>
    <message>
        <source>Drag right or up to come nearer, left or down to stand back, about where the pen came down</source>
        <translation>Arrastrar a la derecha o arriba para acercarse, a la izquierda o abajo para alejarse, en torno a donde se posó la pluma</translation>
    </message>
    <message>
        <source>Turn the page</source>
        <translation>Girar la página</translation>
    </message>
    <message>
        <source>Drag to turn the page</source>
        <translation>Arrastrar para girar la página</translation>
    </message>
    <message>
        <source>Draft a line</source>
        <translation>Trazar un borrador</translation>
    </message>
    <message>
        <source>Place a line point by point, then ink it</source>
        <translation>Poner una línea punto por punto, y luego entintarla</translation>
    </message>
    <message>
        <source>Straight line</source>
        <translation>Línea recta</translation>
    </message>
    <message>
        <source>Run straight from where the stroke began; a settled shape becomes regular</source>
        <translation>Ir recto desde donde empezó el trazo; una forma hallada se vuelve regular</translation>
    </message>
    <message>
        <source>Straight in steps</source>
        <translation>Recta por pasos</translation>
    </message>
    <message>
        <source>Straight, at steps of 15 degrees of the view</source>
        <translation>Recta, en pasos de 15 grados de la vista</translation>
    </message>
    <message>
        <source>Open the menu</source>
        <translation>Abrir el menú</translation>
    </message>
    <message>
        <source>Everything Jotsk can do</source>
        <translation>Todo lo que Jotsk sabe hacer</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Teclas</translation>
    </message>
    <message>
        <source>All keys on one sheet</source>
        <translation>Todas las teclas en una hoja</translation>
    </message>
    <message>
        <source>Manual</source>
        <translation>Manual</translation>
    </message>
    <message>
        <source>How everything is done, with pictures; about the stage one is in</source>
        <translation>Cómo se hace todo, con imágenes; sobre la etapa en que se está</translation>
    </message>
    <message>
        <source>Trace under</source>
        <translation>Calcar debajo</translation>
    </message>
    <message>
        <source>Dim this layer, turn it blue, lock it, and ink above it</source>
        <translation>Atenuar esta capa, teñirla de azul, bloquearla, y entintar encima</translation>
    </message>
    <message>
        <source>Fresh layer</source>
        <translation>Capa nueva</translation>
    </message>
    <message>
        <source>Add an ink layer above this one, for the next line</source>
        <translation>Añadir una capa de tinta sobre esta, para la línea siguiente</translation>
    </message>
    <message>
        <source>Layer above</source>
        <translation>Capa de encima</translation>
    </message>
    <message>
        <source>Draw on the next layer up</source>
        <translation>Dibujar en la capa de encima</translation>
    </message>
    <message>
        <source>Layer below</source>
        <translation>Capa de debajo</translation>
    </message>
    <message>
        <source>Draw on the next layer down</source>
        <translation>Dibujar en la capa de debajo</translation>
    </message>
    <message>
        <source>Add sketch layer</source>
        <translation>Capa de boceto</translation>
    </message>
    <message>
        <source>Add a layer for pencil below the ink</source>
        <translation>Añadir una capa para lápiz bajo la tinta</translation>
    </message>
    <message>
        <source>Add paint layer</source>
        <translation>Añadir capa de pintura</translation>
    </message>
    <message>
        <source>Add a layer of pixels without strokes above this one</source>
        <translation>Añadir sobre esta una capa de píxeles sin trazos</translation>
    </message>
    <message>
        <source>Merge down</source>
        <translation>Combinar hacia abajo</translation>
    </message>
    <message>
        <source>Merge this layer onto the one below; ink keeps its strokes</source>
        <translation>Combinar esta capa con la de abajo; la tinta conserva sus trazos</translation>
    </message>
    <message>
        <source>Merge what is visible</source>
        <translation>Combinar lo visible</translation>
    </message>
    <message>
        <source>Merge all visible layers into one</source>
        <translation>Combinar todas las capas visibles en una</translation>
    </message>
    <message>
        <source>Add all that is visible as one layer on top</source>
        <translation>Añadir todo lo visible como una capa encima</translation>
    </message>
    <message>
        <source>Duplicate layer</source>
        <translation>Duplicar la capa</translation>
    </message>
    <message>
        <source>Add a copy of the chosen layers</source>
        <translation>Añadir una copia de las capas elegidas</translation>
    </message>
    <message>
        <source>Rename layer…</source>
        <translation>Renombrar la capa…</translation>
    </message>
    <message>
        <source>Give this layer another name</source>
        <translation>Dar otro nombre a esta capa</translation>
    </message>
    <message>
        <source>Group layers</source>
        <translation>Agrupar capas</translation>
    </message>
    <message>
        <source>Put the chosen layers into a group</source>
        <translation>Poner las capas elegidas en un grupo</translation>
    </message>
    <message>
        <source>Take the group apart</source>
        <translation>Deshacer el grupo</translation>
    </message>
    <message>
        <source>Dissolve this group; its layers stay</source>
        <translation>Deshacer este grupo; sus capas quedan</translation>
    </message>
    <message>
        <source>Show this layer alone</source>
        <translation>Mostrar solo esta capa</translation>
    </message>
    <message>
        <source>Hide everything else while you look</source>
        <translation>Ocultar lo demás mientras se mira</translation>
    </message>
    <message>
        <source>Delete layer</source>
        <translation>Eliminar la capa</translation>
    </message>
    <message>
        <source>Delete the chosen layers</source>
        <translation>Eliminar las capas elegidas</translation>
    </message>
    <message>
        <source>Move what is on the layer</source>
        <translation>Mover lo que hay en la capa</translation>
    </message>
    <message>
        <source>Drag to move the chosen layers</source>
        <translation>Arrastrar para mover las capas elegidas</translation>
    </message>
    <message>
        <source>Flip the layer left to right</source>
        <translation>Voltear la capa en horizontal</translation>
    </message>
    <message>
        <source>Flip what is on the chosen layers</source>
        <translation>Voltear lo que hay en las capas elegidas</translation>
    </message>
    <message>
        <source>Flip the layer upside down</source>
        <translation>Voltear la capa en vertical</translation>
    </message>
    <message>
        <source>Place the picture…</source>
        <translation>Colocar la imagen…</translation>
    </message>
    <message>
        <source>Move, scale and turn the picture on this layer by its handles</source>
        <translation>Mover, escalar y girar la imagen de esta capa por sus tiradores</translation>
    </message>
    <message>
        <source>Move pixels inside</source>
        <translation>Mover los píxeles de dentro</translation>
    </message>
    <message>
        <source>Draw around pixels of a paint layer, then move, scale and turn them by their handles</source>
        <translation>Rodear píxeles de una capa de pintura, y moverlos, escalarlos y girarlos por sus tiradores</translation>
    </message>
    <message>
        <source>Effects</source>
        <translation>Efectos</translation>
    </message>
    <message>
        <source>Live effects of this layer, below the layers</source>
        <translation>Efectos vivos de esta capa, bajo las capas</translation>
    </message>
    <message>
        <source>Show only inside</source>
        <translation>Mostrar solo dentro</translation>
    </message>
    <message>
        <source>Draw around what of this layer is to be seen; the rest stays, unseen</source>
        <translation>Rodear lo que se ha de ver de esta capa; el resto queda, sin verse</translation>
    </message>
    <message>
        <source>Move layer up</source>
        <translation>Subir la capa</translation>
    </message>
    <message>
        <source>Move this layer up</source>
        <translation>Subir esta capa</translation>
    </message>
    <message>
        <source>Move layer down</source>
        <translation>Bajar la capa</translation>
    </message>
    <message>
        <source>Move this layer down</source>
        <translation>Bajar esta capa</translation>
    </message>
    <message>
        <source>Snip</source>
        <translation>Recortar</translation>
    </message>
    <message>
        <source>Swipe across a piece of a line: it goes up to its next crossings</source>
        <translation>Pasar sobre un trozo de línea: desaparece hasta sus cruces más cercanos</translation>
    </message>
    <message>
        <source>Grow back</source>
        <translation>Hacer crecer</translation>
    </message>
    <message>
        <source>Pull a snipped end outwards: what was drawn there returns</source>
        <translation>Tirar hacia fuera de un extremo recortado: vuelve lo que se dibujó ahí</translation>
    </message>
    <message>
        <source>Cut in two</source>
        <translation>Cortar en dos</translation>
    </message>
    <message>
        <source>Press a line to part it there</source>
        <translation>Pulsar una línea para partirla ahí</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Unir</translation>
    </message>
    <message>
        <source>Swipe over gaps: ends are bridged in direction and weight</source>
        <translation>Pasar sobre huecos: los extremos se enlazan en dirección y grosor</translation>
    </message>
    <message>
        <source>Splice</source>
        <translation>Empalmar</translation>
    </message>
    <message>
        <source>Swipe along several tries: they become one line along their middle</source>
        <translation>Pasar a lo largo de varios intentos: se vuelven una línea por su medio</translation>
    </message>
    <message>
        <source>Give the tries back</source>
        <translation>Devolver los intentos</translation>
    </message>
    <message>
        <source>Put the lines that were spliced in the place of the one</source>
        <translation>Poner las líneas empalmadas en lugar de la una</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Grosor</translation>
    </message>
    <message>
        <source>Pass over lines to make them thicker or thinner, even, or sharp at their ends</source>
        <translation>Pasar sobre líneas para hacerlas más gruesas o finas, parejas, o afiladas en sus extremos</translation>
    </message>
    <message>
        <source>Push</source>
        <translation>Empujar</translation>
    </message>
    <message>
        <source>Push the shape of lines with a round hand, or from beside them their edge; smooth or gather them</source>
        <translation>Empujar la forma de las líneas con una mano redonda, o desde el lado su borde; suavizarlas o recogerlas</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Puntos</translation>
    </message>
    <message>
        <source>Lead a line by as few points as it needs</source>
        <translation>Llevar una línea con los pocos puntos que necesita</translation>
    </message>
    <message>
        <source>Move lines</source>
        <translation>Mover líneas</translation>
    </message>
    <message>
        <source>Move, scale, turn or bend the chosen lines, or the last one; they are rendered anew</source>
        <translation>Mover, escalar, girar o doblar las líneas elegidas, o la última; se calculan de nuevo</translation>
    </message>
    <message>
        <source>Over or under</source>
        <translation>Por encima o por debajo</translation>
    </message>
    <message>
        <source>Press a crossing of cords: what lay over goes under</source>
        <translation>Pulsar un cruce de cordones: lo que estaba encima pasa debajo</translation>
    </message>
    <message>
        <source>Move once more</source>
        <translation>Mover otra vez</translation>
    </message>
    <message>
        <source>The last move of lines again, with those chosen now</source>
        <translation>El último movimiento de líneas otra vez, con las elegidas ahora</translation>
    </message>
    <message>
        <source>Recast the lines…</source>
        <translation>Rehacer las líneas…</translation>
    </message>
    <message>
        <source>Another pen, size, colour, response or steadiness, with a picture</source>
        <translation>Otra pluma, tamaño, color, respuesta o firmeza, con una imagen</translation>
    </message>
    <message>
        <source>Line weights of the page…</source>
        <translation>Grosores de la página…</translation>
    </message>
    <message>
        <source>Make every line of the page so many times as thick, for another print size</source>
        <translation>Hacer cada línea de la página tantas veces más gruesa, para otro tamaño de impresión</translation>
    </message>
    <message>
        <source>New page…</source>
        <translation>Página nueva…</translation>
    </message>
    <message>
        <source>Make a page of any size</source>
        <translation>Hacer una página de cualquier tamaño</translation>
    </message>
    <message>
        <source>Open…</source>
        <translation>Abrir…</translation>
    </message>
    <message>
        <source>Open a page, or a picture as a sketch</source>
        <translation>Abrir una página, o una imagen como boceto</translation>
    </message>
    <message>
        <source>Open the demo page</source>
        <translation>Abrir la página de muestra</translation>
    </message>
    <message>
        <source>Open Gull &amp; Lantern</source>
        <translation>Abrir Gull &amp; Lantern</translation>
    </message>
    <message>
        <source>Open the finished panel</source>
        <translation>Abrir la viñeta terminada</translation>
    </message>
    <message>
        <source>Open Harbour street: a panel with everything done</source>
        <translation>Abrir Harbour street: una viñeta con todo hecho</translation>
    </message>
    <message>
        <source>Practice…</source>
        <translation>Práctica…</translation>
    </message>
    <message>
        <source>Sheets that measure the hand, and how it does over days</source>
        <translation>Hojas que miden la mano, y cómo va con los días</translation>
    </message>
    <message>
        <source>Recent pages…</source>
        <translation>Páginas recientes…</translation>
    </message>
    <message>
        <source>Pages opened lately, or left with unsaved work</source>
        <translation>Páginas abiertas hace poco, o dejadas con trabajo sin guardar</translation>
    </message>
    <message>
        <source>Next open page</source>
        <translation>Página abierta siguiente</translation>
    </message>
    <message>
        <source>The next of the pages that are open</source>
        <translation>La siguiente de las páginas abiertas</translation>
    </message>
    <message>
        <source>Close this page</source>
        <translation>Cerrar esta página</translation>
    </message>
    <message>
        <source>Leave it; unsaved work stays among the recent pages</source>
        <translation>Dejarla; el trabajo sin guardar queda entre las páginas recientes</translation>
    </message>
    <message>
        <source>Add pictures…</source>
        <translation>Añadir imágenes…</translation>
    </message>
    <message>
        <source>Place pictures on this page, each on a layer</source>
        <translation>Colocar imágenes en esta página, cada una en una capa</translation>
    </message>
    <message>
        <source>Bring in lines…</source>
        <translation>Traer líneas…</translation>
    </message>
    <message>
        <source>The lines of an SVG file, as strokes on a layer of their own</source>
        <translation>Las líneas de un archivo SVG, como trazos en una capa propia</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>Save the page with all its strokes</source>
        <translation>Guardar la página con todos sus trazos</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Guardar como…</translation>
    </message>
    <message>
        <source>Save the page under another name</source>
        <translation>Guardar la página con otro nombre</translation>
    </message>
    <message>
        <source>Keep a milestone</source>
        <translation>Marcar un hito</translation>
    </message>
    <message>
        <source>Keep the page as it is now, to go back to</source>
        <translation>Conservar la página como está ahora, para volver a ella</translation>
    </message>
    <message>
        <source>Milestones…</source>
        <translation>Hitos…</translation>
    </message>
    <message>
        <source>Look at, compare and go back to what was kept</source>
        <translation>Mirar, comparar y volver a lo conservado</translation>
    </message>
    <message>
        <source>Hand over…</source>
        <translation>Entregar…</translation>
    </message>
    <message>
        <source>Write the page as all who get it need it, at once</source>
        <translation>Escribir la página como la necesita cada quien que la recibe, de una vez</translation>
    </message>
    <message>
        <source>Drawn again</source>
        <translation>De nuevo</translation>
    </message>
    <message>
        <source>See the page being drawn, stroke by stroke</source>
        <translation>Ver cómo se dibuja la página, trazo a trazo</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exportar…</translation>
    </message>
    <message>
        <source>Write the page as a picture or a PDF</source>
        <translation>Escribir la página como imagen o PDF</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimir…</translation>
    </message>
    <message>
        <source>Print the page at its true size</source>
        <translation>Imprimir la página a tamaño real</translation>
    </message>
    <message>
        <source>Page size…</source>
        <translation>Tamaño de la página…</translation>
    </message>
    <message>
        <source>Another size, resolution, trim or bleed</source>
        <translation>Otro tamaño, resolución, corte o sangrado</translation>
    </message>
    <message>
        <source>Crop the page</source>
        <translation>Recortar la página</translation>
    </message>
    <message>
        <source>Draw around what is to be the page</source>
        <translation>Rodear lo que ha de ser la página</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Salir</translation>
    </message>
    <message>
        <source>Close; unsaved work is kept for the next start</source>
        <translation>Cerrar; el trabajo sin guardar queda para el próximo inicio</translation>
    </message>
    <message>
        <source>Zoom in</source>
        <translation>Acercar</translation>
    </message>
    <message>
        <source>Show the page larger, about the pen</source>
        <translation>Mostrar la página más grande, en torno a la pluma</translation>
    </message>
    <message>
        <source>Zoom out</source>
        <translation>Alejar</translation>
    </message>
    <message>
        <source>Show the page smaller, about the pen</source>
        <translation>Mostrar la página más pequeña, en torno a la pluma</translation>
    </message>
    <message>
        <source>100 %</source>
        <translation>100 %</translation>
    </message>
    <message>
        <source>One page px for each px of the screen</source>
        <translation>Un px de la página por cada px de la pantalla</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>Página entera</translation>
    </message>
    <message>
        <source>Show the whole page</source>
        <translation>Mostrar la página entera</translation>
    </message>
    <message>
        <source>Page width</source>
        <translation>Ancho de página</translation>
    </message>
    <message>
        <source>Show the page as wide as the board</source>
        <translation>Mostrar la página tan ancha como el tablero</translation>
    </message>
    <message>
        <source>Turn for the next line</source>
        <translation>Girar para la línea siguiente</translation>
    </message>
    <message>
        <source>Turn the page so that the next line lies in your hand&apos;s best direction; again turns it back</source>
        <translation>Girar la página para que la línea siguiente quede en la mejor dirección de su mano; otra vez la devuelve</translation>
    </message>
    <message>
        <source>Buttons on the board</source>
        <translation>Botones en el tablero</translation>
    </message>
    <message>
        <source>Undo, rub out, turn, zoom and steady with the pen: no keyboard needed</source>
        <translation>Deshacer, borrar, girar, ampliar y afirmar con la pluma: sin teclado</translation>
    </message>
    <message>
        <source>In grey</source>
        <translation>En gris</translation>
    </message>
    <message>
        <source>Look at the page without its colours: are the values right?</source>
        <translation>Mirar la página sin sus colores: ¿están bien los valores?</translation>
    </message>
    <message>
        <source>Squinted</source>
        <translation>Ojos entornados</translation>
    </message>
    <message>
        <source>Look at the page with half-closed eyes: do the forms stand?</source>
        <translation>Mirar la página con los ojos entrecerrados: ¿se sostienen las formas?</translation>
    </message>
    <message>
        <source>Print size</source>
        <translation>Como impreso</translation>
    </message>
    <message>
        <source>As large as on paper, by the mm of this screen</source>
        <translation>Tan grande como en papel, según los mm de esta pantalla</translation>
    </message>
    <message>
        <source>Measure the screen…</source>
        <translation>Medir la pantalla…</translation>
    </message>
    <message>
        <source>How large a mm is on this screen, by a bank card or a ruler</source>
        <translation>Cuánto mide un mm en esta pantalla, con una tarjeta bancaria o una regla</translation>
    </message>
    <message>
        <source>Turn left</source>
        <translation>Girar a la izquierda</translation>
    </message>
    <message>
        <source>Turn the page 15 degrees to the left</source>
        <translation>Girar la página 15 grados a la izquierda</translation>
    </message>
    <message>
        <source>Turn right</source>
        <translation>Girar a la derecha</translation>
    </message>
    <message>
        <source>Turn the page 15 degrees to the right</source>
        <translation>Girar la página 15 grados a la derecha</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Derecha</translation>
    </message>
    <message>
        <source>Turn the page upright</source>
        <translation>Poner la página derecha</translation>
    </message>
    <message>
        <source>Flip</source>
        <translation>Voltear</translation>
    </message>
    <message>
        <source>Flip left to right about the pen, to see with fresh eyes</source>
        <translation>Voltear en horizontal en torno a la pluma, para ver con ojos nuevos</translation>
    </message>
    <message>
        <source>Flip the whole page</source>
        <translation>Voltear la página entera</translation>
    </message>
    <message>
        <source>Flip about the middle of the page</source>
        <translation>Voltear en torno al centro de la página</translation>
    </message>
    <message>
        <source>Line alone</source>
        <translation>Solo la línea</translation>
    </message>
    <message>
        <source>Hide sketches to judge the line alone</source>
        <translation>Ocultar bocetos para juzgar la línea sola</translation>
    </message>
    <message>
        <source>Overview</source>
        <translation>Vista general</translation>
    </message>
    <message>
        <source>The whole page in little, to go about in</source>
        <translation>La página entera en pequeño, para moverse por ella</translation>
    </message>
    <message>
        <source>History</source>
        <translation>Historial</translation>
    </message>
    <message>
        <source>What was done, to go back to any point</source>
        <translation>Lo que se hizo, para volver a cualquier punto</translation>
    </message>
    <message>
        <source>Trim, bleed and safe</source>
        <translation>Corte, sangrado y seguro</translation>
    </message>
    <message>
        <source>Show the frames of the page</source>
        <translation>Mostrar los marcos de la página</translation>
    </message>
    <message>
        <source>Bare board</source>
        <translation>Mesa despejada</translation>
    </message>
    <message>
        <source>Hide everything but the page</source>
        <translation>Ocultar todo menos la página</translation>
    </message>
    <message>
        <source>Show the hand</source>
        <translation>Mostrar la mano</translation>
    </message>
    <message>
        <source>Fold the left side away or back</source>
        <translation>Plegar el lado izquierdo, o devolverlo</translation>
    </message>
    <message>
        <source>Show the page list</source>
        <translation>Mostrar la lista de la página</translation>
    </message>
    <message>
        <source>Fold the right side away or back</source>
        <translation>Plegar el lado derecho, o devolverlo</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Pantalla completa</translation>
    </message>
    <message>
        <source>Use the whole screen</source>
        <translation>Usar toda la pantalla</translation>
    </message>
    <message>
        <source>Left-handed</source>
        <translation>Zurda</translation>
    </message>
    <message>
        <source>Mirror the desk and its keys</source>
        <translation>Poner la mesa y sus teclas en espejo</translation>
    </message>
    <message>
        <source>Lamp light</source>
        <translation>Luz de lámpara</translation>
    </message>
    <message>
        <source>Change between Day and Lamp</source>
        <translation>Cambiar entre día y lámpara</translation>
    </message>
    <message>
        <source>Drop a sketch on the page</source>
        <translation>Suelte un boceto</translation>
    </message>
    <message>
        <source>draw with pen or mouse</source>
        <translation>dibuje con pluma o ratón</translation>
    </message>
    <message>
        <source>hold D to rub out</source>
        <translation>mantenga D: borrar</translation>
    </message>
    <message>
        <source>hold F to see the line alone</source>
        <translation>mantenga F: solo la línea</translation>
    </message>
    <message>
        <source>E traces a sketch</source>
        <translation>E: calcar un boceto</translation>
    </message>
    <message>
        <source>F1 lists the keys</source>
        <translation>F1: todas las teclas</translation>
    </message>
    <message>
        <source>Do not show these hints again</source>
        <translation>No mostrar más estos consejos</translation>
    </message>
    <message>
        <source>Dismiss the hints</source>
        <translation>Cerrar los consejos</translation>
    </message>
    <message>
        <source>Pen</source>
        <translation>Pluma</translation>
    </message>
    <message>
        <source>Lower button of the pen</source>
        <translation>Botón inferior de la pluma</translation>
    </message>
    <message>
        <source>Upper button of the pen</source>
        <translation>Botón superior de la pluma</translation>
    </message>
    <message>
        <source>While it is down, or as it is pressed; the tip draws with what it holds</source>
        <translation>Mientras está pulsado, o al pulsarlo; la punta dibuja con lo que sujeta</translation>
    </message>
    <message>
        <source>Time to settle</source>
        <translation>Tiempo para formar</translation>
    </message>
    <message>
        <source>How long the pen rests before a stroke becomes the shape it resembles</source>
        <translation>Cuánto reposa la pluma antes de que un trazo se vuelva la forma a que se parece</translation>
    </message>
    <message>
        <source>Fingers</source>
        <translation>Dedos</translation>
    </message>
    <message>
        <source>Two fingers always move, zoom and turn the page</source>
        <translation>Dos dedos siempre mueven, amplían y giran la página</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Vista</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>From the next start on</source>
        <translation>Desde el próximo inicio</translation>
    </message>
    <message>
        <source>That of the desktop</source>
        <translation>El del escritorio</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Archivos</translation>
    </message>
    <message>
        <source>Milestone by the clock</source>
        <translation>Hito por el reloj</translation>
    </message>
    <message>
        <source>Minutes of work between two</source>
        <translation>Minutos de trabajo entre dos</translation>
    </message>
    <message>
        <source>never</source>
        <translation>nunca</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Trabajo sin guardar</translation>
    </message>
    <message>
        <source>Settings, pens and palette</source>
        <translation>Ajustes, plumas y paleta</translation>
    </message>
    <message>
        <source>Measure pages at work</source>
        <translation>Medir las páginas en el trabajo</translation>
    </message>
    <message>
        <source>Wobble and speed of straight lines, for Practice; quietly</source>
        <translation>Temblor y velocidad de líneas rectas, para Práctica; en silencio</translation>
    </message>
    <message>
        <source>Memory</source>
        <translation>Memoria</translation>
    </message>
    <message>
        <source>Steps back</source>
        <translation>Pasos atrás</translation>
    </message>
    <message>
        <source>How much they may take; by the machine it is {most_bytes} MB here</source>
        <translation>Cuánto pueden ocupar; según la máquina son aquí {most_bytes} MB</translation>
    </message>
    <message>
        <source>by the machine</source>
        <translation>según la máquina</translation>
    </message>
    <message>
        <source>All settings are those of “{name}” now.</source>
        <translation>Todos los ajustes son ahora los de «{name}».</translation>
    </message>
    <message>
        <source>Something did not work because of a fault in Jotsk; what is finished is kept, and the log has the rest.</source>
        <translation>Algo no funcionó por un fallo de Jotsk; lo terminado se conserva, y el registro tiene el resto.</translation>
    </message>
    <message>
        <source>“{name}” could not be opened: it does not exist.</source>
        <translation>No se pudo abrir «{name}»: no existe.</translation>
    </message>
    <message>
        <source>the folder does not exist or does not allow it</source>
        <translation>la carpeta no existe o no lo permite</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Preparing the pens; this happens once and takes a minute or two.</source>
        <translation>Preparando las plumas; ocurre una vez y tarda uno o dos minutos.</translation>
    </message>
    <message>
        <source>Placing pictures</source>
        <translation>Colocando imágenes</translation>
    </message>
    <message>
        <source>By what the screen says of itself; Measure the screen in the menu is exact.</source>
        <translation>Según lo que la pantalla dice de sí; «Medir la pantalla» en el menú es exacto.</translation>
    </message>
    <message>
        <source>Seconds the pen rests at the end of a stroke</source>
        <translation>Segundos que la pluma reposa al final de un trazo</translation>
    </message>
    <message>
        <source>Undo the last point</source>
        <translation>Quitar el último punto</translation>
    </message>
    <message>
        <source>Undo the move</source>
        <translation>Quitar el movimiento</translation>
    </message>
    <message>
        <source>{title}, then the window closes…</source>
        <translation>{title}; luego se cierra la ventana…</translation>
    </message>
    <message>
        <source>Add a guide</source>
        <translation>Añadir una guía</translation>
    </message>
    <message>
        <source>Page</source>
        <translation>Página</translation>
    </message>
    <message>
        <source>An eraser leaves no line; take up a pen that inks.</source>
        <translation>Una goma no deja línea; tome una pluma que entinte.</translation>
    </message>
    <message>
        <source>Remove a point</source>
        <translation>Quitar un punto</translation>
    </message>
    <message>
        <source>Place guide</source>
        <translation>Colocar la guía</translation>
    </message>
    <message>
        <source>Drop your sketch here</source>
        <translation>Suelte aquí su boceto,</translation>
    </message>
    <message>
        <source>paste it (Ctrl+V), or open it (Ctrl+O);</source>
        <translation>péguelo (Ctrl+V), o ábralo (Ctrl+O);</translation>
    </message>
    <message>
        <source>E dims it and puts ink above it. Or just draw.</source>
        <translation>E lo atenúa y pone tinta encima. O simplemente dibuje.</translation>
    </message>
    <message>
        <source>“Practice” in the menu warms the hand up.</source>
        <translation>«Práctica», en el menú, calienta la mano.</translation>
    </message>
    <message>
        <source>How far it is drawn</source>
        <translation>Hasta dónde está dibujada</translation>
    </message>
    <message>
        <source>Speed</source>
        <translation>Velocidad</translation>
    </message>
    <message>
        <source>Times as fast as the hand</source>
        <translation>Veces más rápido que la mano</translation>
    </message>
    <message>
        <source>{speed} times</source>
        <translation>{speed} veces</translation>
    </message>
    <message>
        <source>As drawn</source>
        <translation>Como se dibujó</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pausa</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Fin</translation>
    </message>
    <message>
        <source>Back to the page (Escape, or a press)</source>
        <translation>Volver a la página (Escape, o una pulsación)</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Atrás</translation>
    </message>
    <message>
        <source>The finding before (Shift+F8)</source>
        <translation>El hallazgo anterior (Mayús+F8)</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Siguiente</translation>
    </message>
    <message>
        <source>The next finding (F8)</source>
        <translation>El hallazgo siguiente (F8)</translation>
    </message>
    <message>
        <source>Mend</source>
        <translation>Arreglar</translation>
    </message>
    <message>
        <source>Mend this one (F7)</source>
        <translation>Arreglar este (F7)</translation>
    </message>
    <message>
        <source>All of these…</source>
        <translation>Todos estos…</translation>
    </message>
    <message>
        <source>Show how every one of this kind would be mended, before it is done</source>
        <translation>Muestra antes cómo se arreglaría cada uno de este tipo</translation>
    </message>
    <message>
        <source>Let be</source>
        <translation>Dejar</translation>
    </message>
    <message>
        <source>It is meant so</source>
        <translation>Está así a propósito</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>{at} of {count}: {sentence}</source>
        <translation>{at} de {count}: {sentence}</translation>
    </message>
    <message>
        <source>Point by point</source>
        <translation>Punto por punto</translation>
    </message>
    <message>
        <source>Press to place, drag to move, press the line to bend.</source>
        <translation>Pulse para poner, arrastre para mover, pulse la línea para doblar.</translation>
    </message>
    <message>
        <source>Drag to draw it, its ends to change it; then ink it.</source>
        <translation>Arrastre para dibujarla, sus extremos para cambiarla; luego entíntela.</translation>
    </message>
    <message>
        <source>Place points, or drag a ready shape</source>
        <translation>Poner puntos, o arrastrar una forma hecha</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Suave</translation>
    </message>
    <message>
        <source>Smooth through the points, or straight from one to the next</source>
        <translation>Suave por los puntos, o recto de uno al siguiente</translation>
    </message>
    <message>
        <source>Join the last point to the first</source>
        <translation>Unir el último punto al primero</translation>
    </message>
    <message>
        <source>Fan</source>
        <translation>Abanico</translation>
    </message>
    <message>
        <source>Straight lines from the first point to every other</source>
        <translation>Líneas rectas del primer punto a cada uno de los demás</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Esquina</translation>
    </message>
    <message>
        <source>A corner at the point that was pressed last</source>
        <translation>Una esquina en el último punto pulsado</translation>
    </message>
    <message>
        <source>Square</source>
        <translation>Cuadrado</translation>
    </message>
    <message>
        <source>All sides alike</source>
        <translation>Todos los lados iguales</translation>
    </message>
    <message>
        <source>Upright as the page is seen, however it is turned</source>
        <translation>Derecha según se ve la página, como sea que esté girada</translation>
    </message>
    <message>
        <source> sides</source>
        <comment>of a polygon</comment>
        <translation> lados</translation>
    </message>
    <message>
        <source>How high the arc is, to half its width</source>
        <translation>Cuán alto es el arco, respecto a la mitad de su ancho</translation>
    </message>
    <message>
        <source>Draw it with the pen in the hand (Enter)</source>
        <translation>Dibujarla con la pluma en la mano (Intro)</translation>
    </message>
    <message>
        <source>Keep as curve</source>
        <translation>Guardar como curva</translation>
    </message>
    <message>
        <source>Keep it as a French curve among the guides</source>
        <translation>Guardarla entre las guías como plantilla de curvas</translation>
    </message>
    <message>
        <source>Give up</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>Drop the draft (Esc)</source>
        <translation>Abandonar el borrador (Esc)</translation>
    </message>
    <message>
        <source>Under lines</source>
        <translation>Bajo líneas</translation>
    </message>
    <message>
        <source>Hold what lies beneath the chosen lines</source>
        <translation>Tomar lo que hay bajo las líneas elegidas</translation>
    </message>
    <message>
        <source>Around the drawing</source>
        <translation>En torno al dibujo</translation>
    </message>
    <message>
        <source>Hold all that lies outside the ink</source>
        <translation>Tomar todo lo que queda fuera de la tinta</translation>
    </message>
    <message>
        <source>All but this</source>
        <translation>Todo menos esto</translation>
    </message>
    <message>
        <source>Hold the rest of the page instead</source>
        <translation>Tomar en su lugar el resto de la página</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Mayor</translation>
    </message>
    <message>
        <source>Larger by the step that is set</source>
        <translation>Mayor en el paso fijado</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Menor</translation>
    </message>
    <message>
        <source>Smaller by the step that is set</source>
        <translation>Menor en el paso fijado</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Rellenar</translation>
    </message>
    <message>
        <source>Fill it on the active layer (Enter)</source>
        <translation>Rellenarla en la capa activa (Intro)</translation>
    </message>
    <message>
        <source>Take away what the active layer has in it</source>
        <translation>Quitar lo que la capa activa tiene en ella</translation>
    </message>
    <message>
        <source>What the active layer shows in it, on a layer of its own</source>
        <translation>Lo que la capa activa muestra en ella, a una capa propia</translation>
    </message>
    <message>
        <source>Only here</source>
        <translation>Solo aquí</translation>
    </message>
    <message>
        <source>Show the active layer only in it: a live effect</source>
        <translation>Mostrar la capa activa solo en ella: un efecto vivo</translation>
    </message>
    <message>
        <source>Pattern</source>
        <translation>Estampado</translation>
    </message>
    <message>
        <source>What the page shows in it becomes the pattern</source>
        <translation>Lo que la página muestra en ella se vuelve el estampado</translation>
    </message>
    <message>
        <source>Join the lines</source>
        <translation>Unir las líneas</translation>
    </message>
    <message>
        <source>Bridge the gap in direction and weight, and fill</source>
        <translation>Enlazar el hueco en dirección y grosor, y rellenar</translation>
    </message>
    <message>
        <source>Close for now</source>
        <translation>Cerrar por ahora</translation>
    </message>
    <message>
        <source>Fill as if the gap were closed; the lines stay as they are</source>
        <translation>Rellenar como si el hueco estuviera cerrado; las líneas quedan como están</translation>
    </message>
    <message>
        <source>Fill all</source>
        <translation>Rellenar todo</translation>
    </message>
    <message>
        <source>Fill everything it runs into</source>
        <translation>Rellenar todo adonde llega</translation>
    </message>
    <message>
        <source>It would run out here, through {width_px:.0f} px.</source>
        <translation>Por aquí se saldría, por {width_px:.0f} px.</translation>
    </message>
    <message>
        <source>Drag the rings; beside them everything moves. Then put it down.</source>
        <translation>Arrastre los aros; junto a ellos se mueve todo. Luego pósela.</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>A la derecha</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Giro</translation>
    </message>
    <message>
        <source>{name}, for Move and Copy</source>
        <translation>{name}, para Mover y Copiar</translation>
    </message>
    <message>
        <source>Move</source>
        <translation>Mover</translation>
    </message>
    <message>
        <source>Move the lines by these numbers</source>
        <translation>Mover las líneas estos números</translation>
    </message>
    <message>
        <source>Leave the lines, and move a copy by these numbers</source>
        <translation>Dejar las líneas, y mover una copia estos números</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Otra vez</translation>
    </message>
    <message>
        <source>The same step again, with the lines that are chosen now (Ctrl+R)</source>
        <translation>El mismo paso otra vez, con las líneas elegidas ahora (Ctrl+R)</translation>
    </message>
    <message>
        <source>Put down</source>
        <translation>Posar</translation>
    </message>
    <message>
        <source>Move the lines as they are shown (Enter)</source>
        <translation>Mover las líneas como se muestran (Intro)</translation>
    </message>
    <message>
        <source>Leave the lines where they are (Esc)</source>
        <translation>Dejar las líneas donde están (Esc)</translation>
    </message>
    <message>
        <source>Drag to move, a corner to scale, the ring to turn; arrows nudge.</source>
        <translation>Arrastrar mueve, una esquina escala, el aro gira; las flechas empujan.</translation>
    </message>
    <message>
        <source>Put the pictures onto the page, each on a layer (Enter)</source>
        <translation>Poner las imágenes en la página, cada una en una capa (Intro)</translation>
    </message>
    <message>
        <source>Leave the page as it is (Esc)</source>
        <translation>Dejar la página como está (Esc)</translation>
    </message>
    <message>
        <source>Middle, from the left</source>
        <translation>Centro, desde la izquierda</translation>
    </message>
    <message>
        <source>Middle, from the top</source>
        <translation>Centro, desde arriba</translation>
    </message>
    <message>
        <source>{name} of the picture in the hand</source>
        <translation>{name} de la imagen en la mano</translation>
    </message>
    <message>
        <source>Next sheet</source>
        <translation>Hoja siguiente</translation>
    </message>
    <message>
        <source>The next sheet of the warm-up</source>
        <translation>La hoja siguiente del calentamiento</translation>
    </message>
    <message>
        <source>Once more without steadiness</source>
        <translation>Otra vez sin firmeza</translation>
    </message>
    <message>
        <source>The same sheet, to compare what the steadiness does for you</source>
        <translation>La misma hoja, para comparar lo que la firmeza hace por usted</translation>
    </message>
    <message>
        <source>How I do…</source>
        <translation>Cómo voy…</translation>
    </message>
    <message>
        <source>The hand over days, its steadiest direction, and other sheets</source>
        <translation>La mano con los días, su dirección más firme, y otras hojas</translation>
    </message>
    <message>
        <source>draw from the dot to the ring</source>
        <translation>dibuje del punto al aro</translation>
    </message>
    <message>
        <source>{title}, without steadiness</source>
        <translation>{title}, sin firmeza</translation>
    </message>
    <message>
        <source>{title}: {drawn} of {wanted}. Median: {told}.</source>
        <translation>{title}: {drawn} de {wanted}. Mediana: {told}.</translation>
    </message>
    <message>
        <source>The hand&apos;s own line</source>
        <translation>La línea propia de la mano</translation>
    </message>
    <message>
        <source>Settled into: {kind}</source>
        <translation>Formado: {kind}</translation>
    </message>
    <message>
        <source>Make it: {kind}</source>
        <translation>Hacer de ello: {kind}</translation>
    </message>
    <message>
        <source>Handles</source>
        <translation>Tiradores</translation>
    </message>
    <message>
        <source>Drag the shape by its handles</source>
        <translation>Arrastrar la forma por sus tiradores</translation>
    </message>
    <message>
        <source>Undo the settling (Ctrl+Z)</source>
        <translation>Deshacer la forma (Ctrl+Z)</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Conservar</translation>
    </message>
    <message>
        <source>Keep the shape; so does drawing on (Enter)</source>
        <translation>Conservar la forma; también al seguir dibujando (Intro)</translation>
    </message>
    <message>
        <source>Flats</source>
        <translation>Planos</translation>
    </message>
    <message>
        <source>No area follows its lines; pour one first.</source>
        <translation>Ningún área sigue sus líneas; vierta antes una.</translation>
    </message>
    <message>
        <source>Freeze areas</source>
        <translation>Congelar áreas</translation>
    </message>
    <message>
        <source>Every area of this page is closed.</source>
        <translation>Cada área de esta página está cerrada.</translation>
    </message>
    <message numerus="yes">
        <source>%n area(s) open: the lines of this one do not close.</source>
        <translation>
            <numerusform>%n área abierta: las líneas de esta no cierran.</numerusform>
            <numerusform>%n áreas abiertas: las líneas de esta no cierran.</numerusform>
        </translation>
    </message>
    <message>
        <source>The line was copied.</source>
        <translation>Se copió la línea.</translation>
    </message>
    <message numerus="yes">
        <source>%n lines were copied.</source>
        <translation>
            <numerusform>Se copió %n línea.</numerusform>
            <numerusform>Se copiaron %n líneas.</numerusform>
        </translation>
    </message>
    <message>
        <source>Copying</source>
        <translation>Copiando</translation>
    </message>
    <message>
        <source>Choose the lines to cut first.</source>
        <translation>Elija antes las líneas que cortar.</translation>
    </message>
    <message>
        <source>Paste lines</source>
        <translation>Pegar líneas</translation>
    </message>
    <message>
        <source>Pasted</source>
        <translation>Pegado</translation>
    </message>
    <message>
        <source>Sets of guides (*.json)</source>
        <translation>Juegos de guías (*.json)</translation>
    </message>
    <message>
        <source>There is no line yet to make a curve of; draw one first.</source>
        <translation>Aún no hay línea de la que hacer una curva; dibuje antes una.</translation>
    </message>
    <message>
        <source>Making a curve of the line</source>
        <translation>Haciendo una curva de la línea</translation>
    </message>
    <message>
        <source>Take a French curve in hand first: press it in the list of guides.</source>
        <translation>Tome antes una plantilla de curvas: púlsela en la lista de guías.</translation>
    </message>
    <message>
        <source>Offset of the curve</source>
        <translation>Paralela a la curva</translation>
    </message>
    <message>
        <source>How far beside it, px; less than 0 is the other side</source>
        <translation>A qué distancia, px; menos de 0 es el otro lado</translation>
    </message>
    <message>
        <source>The curve bends more tightly than that everywhere; choose a smaller offset.</source>
        <translation>La curva es en todas partes más cerrada que eso; elija una distancia menor.</translation>
    </message>
    <message>
        <source>Add a set of guides</source>
        <translation>Añadir un juego de guías</translation>
    </message>
    <message>
        <source>Keep the guides</source>
        <translation>Guardar las guías</translation>
    </message>
    <message>
        <source>Name of the set</source>
        <translation>Nombre del juego</translation>
    </message>
    <message>
        <source>Save the guides as a set</source>
        <translation>Guardar las guías como juego</translation>
    </message>
    <message>
        <source>The guides are in “{name}”.</source>
        <translation>Las guías están en «{name}».</translation>
    </message>
    <message>
        <source>None of these lines was spliced; choose one that was.</source>
        <translation>Ninguna de estas líneas fue empalmada; elija una que lo fuera.</translation>
    </message>
    <message>
        <source>A motif is made of at most {most_lines} lines; choose fewer.</source>
        <translation>Un motivo se hace de {most_lines} líneas como mucho; elija menos.</translation>
    </message>
    <message>
        <source>Motif of the lines</source>
        <translation>Motivo de las líneas</translation>
    </message>
    <message>
        <source>Name of the pen</source>
        <translation>Nombre de la pluma</translation>
    </message>
    <message>
        <source>My motif</source>
        <translation>Mi motivo</translation>
    </message>
    <message>
        <source>Recast the line</source>
        <translation>Rehacer la línea</translation>
    </message>
    <message>
        <source>Line weights of the page</source>
        <translation>Grosores de la página</translation>
    </message>
    <message>
        <source>All lines become, in % of their weight</source>
        <translation>Todas las líneas pasan a, en % de su grosor</translation>
    </message>
    <message>
        <source>Pages, pictures and lines (*.ora *.svg {pictures});;All files (*)</source>
        <translation>Páginas, imágenes y líneas (*.ora *.svg {pictures});;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>“{title}” is not open beside this page any more; it is among the recent pages.</source>
        <translation>«{title}» ya no está abierta junto a esta página; está entre las páginas recientes.</translation>
    </message>
    <message>
        <source>No other page is open; what is opened next comes beside this one.</source>
        <translation>No hay otra página abierta; lo que se abra después viene junto a esta.</translation>
    </message>
    <message>
        <source>New page</source>
        <translation>Página nueva</translation>
    </message>
    <message>
        <source>“{title}” is closed; its changes are not in a file, and it is among the recent pages.</source>
        <translation>«{title}» está cerrada; sus cambios no están en un archivo, y está entre las páginas recientes.</translation>
    </message>
    <message>
        <source>Practice: {title}</source>
        <translation>Práctica: {title}</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Abrir</translation>
    </message>
    <message>
        <source>The page before this one is still being kept; the recent pages come after it.</source>
        <translation>La página anterior a esta aún se está guardando; las páginas recientes vienen después.</translation>
    </message>
    <message>
        <source>Looking for recent pages</source>
        <translation>Buscando páginas recientes</translation>
    </message>
    <message>
        <source>That page is no longer there, or another window has it.</source>
        <translation>Esa página ya no está, o la tiene otra ventana.</translation>
    </message>
    <message>
        <source>“{title}” has changes that are not in a file yet; it is among the recent pages.</source>
        <translation>«{title}» tiene cambios que aún no están en un archivo; está entre las páginas recientes.</translation>
    </message>
    <message>
        <source>“{title}” is as you left it; it has changes that are not in a file yet.</source>
        <translation>«{title}» está como la dejó; tiene cambios que aún no están en un archivo.</translation>
    </message>
    <message>
        <source>Putting the page back</source>
        <translation>Devolviendo la página</translation>
    </message>
    <message>
        <source>Add pictures</source>
        <translation>Añadir imágenes</translation>
    </message>
    <message>
        <source>Pictures ({pictures});;All files (*)</source>
        <translation>Imágenes ({pictures});;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Bring in lines</source>
        <translation>Traer líneas</translation>
    </message>
    <message>
        <source>Lines (*.svg)</source>
        <translation>Líneas (*.svg)</translation>
    </message>
    <message>
        <source>Pasting</source>
        <translation>Pegando</translation>
    </message>
    <message>
        <source>There is nothing to paste; copy lines or a picture first.</source>
        <translation>No hay nada que pegar; copie antes líneas o una imagen.</translation>
    </message>
    <message>
        <source>Save as</source>
        <translation>Guardar como</translation>
    </message>
    <message>
        <source>OpenRaster pages (*.ora)</source>
        <translation>Páginas OpenRaster (*.ora)</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportar</translation>
    </message>
    <message>
        <source>Pictures (*{suffix})</source>
        <translation>Imágenes (*{suffix})</translation>
    </message>
    <message>
        <source>The last check found {checked}.</source>
        <translation>La última revisión halló {checked}.</translation>
    </message>
    <message>
        <source>Check the page (F9) looks for leaks and weak lines.</source>
        <translation>«Revisar página» (F9) busca fugas y líneas débiles.</translation>
    </message>
    <message>
        <source>Hand over to a folder</source>
        <translation>Entregar a una carpeta</translation>
    </message>
    <message>
        <source>Hand over</source>
        <translation>Entregar</translation>
    </message>
    <message>
        <source>{names}: there already. Replace?</source>
        <translation>{names}: ya existe. ¿Reemplazar?</translation>
    </message>
    <message>
        <source>Printing {title}</source>
        <translation>Imprimiendo {title}</translation>
    </message>
    <message>
        <source>“{title}” went to the printer.</source>
        <translation>«{title}» fue a la impresora.</translation>
    </message>
    <message>
        <source>A milestone is kept; Ctrl+Shift+M shows all of them.</source>
        <translation>Se marcó un hito; Ctrl+Mayús+M los muestra todos.</translation>
    </message>
    <message>
        <source>{reason}

The work on this page could not be kept aside.</source>
        <translation>{reason}

El trabajo de esta página no pudo guardarse aparte.</translation>
    </message>
    <message>
        <source>Stay, and save it elsewhere</source>
        <translation>Quedarse, y guardarlo en otra parte</translation>
    </message>
    <message>
        <source>Leave without it</source>
        <translation>Salir sin él</translation>
    </message>
    <message>
        <source>The stroke could not be inked; what the hand did is kept in “{path}”.</source>
        <translation>El trazo no pudo entintarse; lo que hizo la mano queda en «{path}».</translation>
    </message>
    <message>
        <source>The file has changed</source>
        <translation>El archivo ha cambiado</translation>
    </message>
    <message>
        <source>“{name}” was changed by another program or window since it was opened here. Your work is in the journal, whatever you choose.</source>
        <translation>«{name}» fue cambiado por otro programa o ventana desde que se abrió aquí. Su trabajo está en el diario, elija lo que elija.</translation>
    </message>
    <message>
        <source>Save under another name</source>
        <translation>Guardar con otro nombre</translation>
    </message>
    <message>
        <source>Write over it</source>
        <translation>Escribir encima</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Ahora no</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nada</translation>
    </message>
    <message>
        <source>The pen in the hand now steadies its lines by {steadiness} after the lift.</source>
        <translation>La pluma en la mano da ahora a sus líneas una firmeza de {steadiness} al levantarse.</translation>
    </message>
    <message>
        <source>Until this sheet is left, lines come as the hand draws them, whatever the pen is set to.</source>
        <translation>Hasta que deje esta hoja, las líneas salen como la mano las dibuja, esté como esté la pluma.</translation>
    </message>
    <message>
        <source>Draw a practice sheet of parallel lines first: then it is known which direction suits the hand.</source>
        <translation>Dibuje antes una hoja de líneas paralelas: entonces se sabe qué dirección va mejor a la mano.</translation>
    </message>
    <message>
        <source>Show a direction first: by a guide, over an edge of the sketch, or with a short stroke.</source>
        <translation>Muestre antes una dirección: con una guía, sobre una arista del boceto, o con un trazo corto.</translation>
    </message>
    <message>
        <source>Turned for {what}; the same key turns it back.</source>
        <translation>Girada para {what}; la misma tecla la devuelve.</translation>
    </message>
    <message>
        <source>the guide</source>
        <translation>la guía</translation>
    </message>
    <message>
        <source>the edge of the sketch under the pen</source>
        <translation>la arista del boceto bajo la pluma</translation>
    </message>
    <message>
        <source>the direction of the last stroke</source>
        <translation>la dirección del último trazo</translation>
    </message>
    <message>
        <source>The feel of “{device}” is kept.</source>
        <translation>El tacto de «{device}» queda guardado.</translation>
    </message>
    <message>
        <source>Working out what mending would do</source>
        <translation>Calculando qué haría el arreglo</translation>
    </message>
    <message>
        <source>RGB and transparency</source>
        <translation>RGB y transparencia</translation>
    </message>
    <message>
        <source>Grey</source>
        <translation>Gris</translation>
    </message>
    <message>
        <source>Black and white, 1 bit</source>
        <translation>Blanco y negro, 1 bit</translation>
    </message>
    <message>
        <source>CMYK, for a press</source>
        <translation>CMYK, para imprenta</translation>
    </message>
    <message>
        <source>The whole page</source>
        <translation>La página entera</translation>
    </message>
    <message>
        <source>To the bleed</source>
        <translation>Hasta el sangrado</translation>
    </message>
    <message>
        <source>To the trim</source>
        <translation>Hasta el corte</translation>
    </message>
    <message>
        <source>To the safe frame</source>
        <translation>Hasta el marco seguro</translation>
    </message>
    <message>
        <source>The page has a bleed but no trim, so this is the whole page; Page size in the menu sets the trim.</source>
        <translation>La página tiene sangrado pero no corte, así que esto es la página entera; «Tamaño de la página» en el menú fija el corte.</translation>
    </message>
    <message>
        <source>The result at its true size; drag to see another part</source>
        <translation>El resultado a tamaño real; arrastre para ver otra parte</translation>
    </message>
    <message>
        <source>Leave the paper out</source>
        <translation>Omitir el papel</translation>
    </message>
    <message>
        <source>Lines as shapes</source>
        <translation>Líneas como formas</translation>
    </message>
    <message>
        <source>Sharp at any size; what has grain stays a picture</source>
        <translation>Nítidas a cualquier tamaño; lo que tiene grano queda como imagen</translation>
    </message>
    <message>
        <source>The ICC profile of the press: who prints the page has it</source>
        <translation>El perfil ICC de la imprenta: lo tiene quien imprime la página</translation>
    </message>
    <message>
        <source>What is darker than this becomes ink</source>
        <translation>Lo más oscuro que esto se vuelve tinta</translation>
    </message>
    <message>
        <source>With sketch layers</source>
        <translation>Con las capas de boceto</translation>
    </message>
    <message>
        <source>What is written; all that is visible at first, but for sketches</source>
        <translation>Lo que se escribe; al principio todo lo visible, menos bocetos</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Tipo</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Colores</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Imprenta</translation>
    </message>
    <message>
        <source>Black below</source>
        <translation>Negro bajo</translation>
    </message>
    <message>
        <source>Quality</source>
        <translation>Calidad</translation>
    </message>
    <message>
        <source>Frame</source>
        <translation>Marco</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Escala</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Capas</translation>
    </message>
    <message>
        <source>Write…</source>
        <translation>Escribir…</translation>
    </message>
    <message>
        <source>The profile of the press</source>
        <translation>El perfil de la imprenta</translation>
    </message>
    <message>
        <source>ICC profiles (*.icc *.icm)</source>
        <translation>Perfiles ICC (*.icc *.icm)</translation>
    </message>
    <message>
        <source>Choose a profile…</source>
        <translation>Elegir un perfil…</translation>
    </message>
    <message>
        <source>{width} x {height} px at {dpi:.0f} dpi, {mm_wide:.0f} x {mm_high:.0f} mm on paper</source>
        <translation>{width} x {height} px a {dpi:.0f} dpi, {mm_wide:.0f} x {mm_high:.0f} mm en papel</translation>
    </message>
    <message>
        <source>1. Lightly</source>
        <translation>1. Suave</translation>
    </message>
    <message>
        <source>Scribble as lightly as you would ever draw</source>
        <translation>Garabatee tan suave como llegaría a dibujar</translation>
    </message>
    <message>
        <source>2. As always</source>
        <translation>2. Como siempre</translation>
    </message>
    <message>
        <source>Scribble as you draw most of the time</source>
        <translation>Garabatee como dibuja casi siempre</translation>
    </message>
    <message>
        <source>3. Hard</source>
        <translation>3. Fuerte</translation>
    </message>
    <message>
        <source>Scribble as hard as you like to press</source>
        <translation>Garabatee tan fuerte como quiera apretar</translation>
    </message>
    <message>
        <source>Feel of the device</source>
        <translation>Tacto del dispositivo</translation>
    </message>
    <message>
        <source>Devices that were used here; draw with another, and it is listed too</source>
        <translation>Dispositivos usados aquí; dibuje con otro, y aparece también</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>Dispositivo</translation>
    </message>
    <message>
        <source>From the pressure of the device to the pressure of the pen</source>
        <translation>De la presión del dispositivo a la presión de la pluma</translation>
    </message>
    <message>
        <source>Pressure of the hand</source>
        <translation>Presión de la mano</translation>
    </message>
    <message>
        <source>Pressure of the pen</source>
        <translation>Presión de la pluma</translation>
    </message>
    <message>
        <source>{words} at the point that was pressed last</source>
        <translation>{words} en el último punto pulsado</translation>
    </message>
    <message>
        <source>Point</source>
        <translation>Punto</translation>
    </message>
    <message>
        <source>becomes</source>
        <translation>se vuelve</translation>
    </message>
    <message>
        <source>Pressure of your hand, and what becomes of it</source>
        <translation>La presión de su mano, y en qué se convierte</translation>
    </message>
    <message>
        <source>Fit to the scribbles</source>
        <translation>Ajustar a los garabatos</translation>
    </message>
    <message>
        <source>Bring your light, normal and hard pressure to 12, 50 and 95 %</source>
        <translation>Llevar su presión suave, normal y fuerte al 12, 50 y 95 %</translation>
    </message>
    <message>
        <source>Keep this feel</source>
        <translation>Guardar este tacto</translation>
    </message>
    <message>
        <source>Use it from now on for this device</source>
        <translation>Usarlo desde ahora con este dispositivo</translation>
    </message>
    <message>
        <source>Begin anew</source>
        <translation>Empezar de nuevo</translation>
    </message>
    <message>
        <source>Forget these scribbles; the curve stays</source>
        <translation>Olvidar estos garabatos; la curva queda</translation>
    </message>
    <message>
        <source>Even again</source>
        <translation>Recta otra vez</translation>
    </message>
    <message>
        <source>Back to the device&apos;s own pressure</source>
        <translation>Volver a la presión propia del dispositivo</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Leave the feel as it was</source>
        <translation>Dejar el tacto como estaba</translation>
    </message>
    <message>
        <source>Draw, and your device is listed here</source>
        <translation>Dibuje, y su dispositivo aparece aquí</translation>
    </message>
    <message>
        <source>Fitted to what came so far; drag or type the points if you like it otherwise.</source>
        <translation>Ajustado a lo que llegó hasta ahora; arrastre o escriba los puntos si lo prefiere de otro modo.</translation>
    </message>
    <message>
        <source>The tremor of your hand is learnt from slow lines while you draw.</source>
        <translation>El temblor de su mano se aprende de líneas lentas mientras dibuja.</translation>
    </message>
    <message>
        <source>a slow line</source>
        <translation>una línea lenta</translation>
    </message>
    <message numerus="yes">
        <source>%n slow lines</source>
        <translation>
            <numerusform>%n línea lenta</numerusform>
            <numerusform>%n líneas lentas</numerusform>
        </translation>
    </message>
    <message>
        <source>The tremor of your hand with this device: {tremor_px:.1f} px, learnt from {strokes}.</source>
        <translation>El temblor de su mano con este dispositivo: {tremor_px:.1f} px, aprendido de {strokes}.</translation>
    </message>
    <message>
        <source>Guide in numbers</source>
        <translation>Guía en números</translation>
    </message>
    <message>
        <source>Colour of this guide</source>
        <translation>Color de esta guía</translation>
    </message>
    <message>
        <source>Take a guide in hand: press it in the list.</source>
        <translation>Tome una guía: púlsela en la lista.</translation>
    </message>
    <message>
        <source>As all guides</source>
        <translation>Como todas las guías</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Color</translation>
    </message>
    <message>
        <source>Change guide</source>
        <translation>Cambiar la guía</translation>
    </message>
    <message>
        <source>Colour of the guide</source>
        <translation>Color de la guía</translation>
    </message>
    <message>
        <source>Heat picture of line weight</source>
        <translation>Imagen térmica del grosor de línea</translation>
    </message>
    <message>
        <source>Blue lines are thin, red ones thick. A figure stands out where its outside is warmer than its inside.</source>
        <translation>Las líneas azules son finas, las rojas gruesas. Una figura destaca donde su exterior es más cálido que su interior.</translation>
    </message>
    <message>
        <source>Length of line by weight</source>
        <translation>Largo de línea por grosor</translation>
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
        <translation>Qué es esto y qué hace, en el manual (F1)</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Ayuda</translation>
    </message>
    <message>
        <source>Palettes (*.txt)</source>
        <translation>Paletas (*.txt)</translation>
    </message>
    <message>
        <source>Colour by lightness, chroma and hue</source>
        <translation>Color por claridad, croma y tono</translation>
    </message>
    <message>
        <source>Ink colour</source>
        <translation>Color de tinta</translation>
    </message>
    <message>
        <source>sRGB, #rrggbb</source>
        <translation>sRGB, #rrggbb</translation>
    </message>
    <message>
        <source>The colour as sRGB, #rrggbb</source>
        <translation>El color como sRGB, #rrggbb</translation>
    </message>
    <message>
        <source>Before</source>
        <translation>Antes</translation>
    </message>
    <message>
        <source>The colour before this one</source>
        <translation>El color anterior a este</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Add this colour to the palette</source>
        <translation>Añadir este color a la paleta</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Sacar</translation>
    </message>
    <message>
        <source>Take this colour out of the palette</source>
        <translation>Sacar este color de la paleta</translation>
    </message>
    <message>
        <source>Open a palette</source>
        <translation>Abrir una paleta</translation>
    </message>
    <message>
        <source>Save…</source>
        <translation>Guardar…</translation>
    </message>
    <message>
        <source>Save the palette as a text file</source>
        <translation>Guardar la paleta como archivo de texto</translation>
    </message>
    <message>
        <source>Palette</source>
        <translation>Paleta</translation>
    </message>
    <message>
        <source>Used last</source>
        <translation>Usados al final</translation>
    </message>
    <message>
        <source>Save the palette</source>
        <translation>Guardar la paleta</translation>
    </message>
    <message>
        <source>A colour is typed as #rrggbb, such as #1D2A32.</source>
        <translation>Un color se escribe como #rrggbb, por ejemplo #1D2A32.</translation>
    </message>
    <message>
        <source>Press twice on a line, or Enter, to give it another key; Del takes its key away.</source>
        <translation>Pulse dos veces una línea, o Intro, para darle otra tecla; Supr le quita la suya.</translation>
    </message>
    <message>
        <source>press the new key…</source>
        <translation>pulse la tecla nueva…</translation>
    </message>
    <message>
        <source>Nothing has that in its name or key.</source>
        <translation>Nada tiene eso en su nombre o tecla.</translation>
    </message>
    <message>
        <source>Find an action or a key</source>
        <translation>Buscar una acción o una tecla</translation>
    </message>
    <message>
        <source>Actions and their keys</source>
        <translation>Acciones y sus teclas</translation>
    </message>
    <message>
        <source>Change the key</source>
        <translation>Cambiar la tecla</translation>
    </message>
    <message>
        <source>As shipped</source>
        <translation>De fábrica</translation>
    </message>
    <message>
        <source>The key this action came with</source>
        <translation>La tecla con que vino esta acción</translation>
    </message>
    <message>
        <source>All as shipped</source>
        <translation>Todo de fábrica</translation>
    </message>
    <message>
        <source>Press the new key of “{action}”; Esc leaves it as it is.</source>
        <translation>Pulse la tecla nueva de «{action}»; Esc la deja como está.</translation>
    </message>
    <message>
        <source> or </source>
        <comment>between keys</comment>
        <translation> o </translation>
    </message>
    <message>
        <source>{shown}, tap or hold</source>
        <translation>{shown}, tocar o mantener</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>Extremos</translation>
    </message>
    <message>
        <source>Figure</source>
        <translation>Figura</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Dashes</source>
        <translation>Guiones</translation>
    </message>
    <message>
        <source>Steadiness</source>
        <translation>Firmeza</translation>
    </message>
    <message>
        <source>Library</source>
        <translation>Colección</translation>
    </message>
    <message>
        <source>Points are pairs in per cent, from left to right, such as 0 20; 50 100; 100 20.</source>
        <translation>Los puntos son pares en porcentaje, de izquierda a derecha, como 0 20; 50 100; 100 20.</translation>
    </message>
    <message>
        <source>even</source>
        <translation>parejo</translation>
    </message>
    <message>
        <source>The points of the graph: place and width in per cent; a semicolon between points</source>
        <translation>Los puntos de la gráfica: lugar y ancho en porcentaje; punto y coma entre puntos</translation>
    </message>
    <message>
        <source>{words}, points</source>
        <translation>{words}, puntos</translation>
    </message>
    <message>
        <source>{words}, of the line</source>
        <translation>{words}, de la línea</translation>
    </message>
    <message>
        <source>{words} longer when fast</source>
        <translation>{words} más largo al ir rápido</translation>
    </message>
    <message>
        <source>A pattern of your own: dash, gap, dash, gap ... in widths of the line</source>
        <translation>Un patrón propio: guion, hueco, guion, hueco ... en anchos de la línea</translation>
    </message>
    <message>
        <source>Dashes in widths</source>
        <translation>Guiones en anchos</translation>
    </message>
    <message>
        <source>In widths</source>
        <translation>En anchos</translation>
    </message>
    <message>
        <source>Dashes are numbers with commas between them, such as 12, 3.</source>
        <translation>Los guiones son números con comas entre ellos, como 12, 3.</translation>
    </message>
    <message>
        <source>nib, thin, for hair</source>
        <translation>plumilla, fina, para pelo</translation>
    </message>
    <message>
        <source>Favourite: among the first of the library</source>
        <translation>Favorita: entre las primeras de la colección</translation>
    </message>
    <message>
        <source>#0E6B62, or nothing</source>
        <translation>#0E6B62, o nada</translation>
    </message>
    <message>
        <source>A mark beside the pen in the library</source>
        <translation>Una marca junto a la pluma en la colección</translation>
    </message>
    <message>
        <source>A mark is a colour such as #0E6B62.</source>
        <translation>Una marca es un color como #0E6B62.</translation>
    </message>
    <message>
        <source>width</source>
        <translation>ancho</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>tinta</translation>
    </message>
    <message>
        <source>softness</source>
        <translation>suavidad</translation>
    </message>
    <message>
        <source>spacing</source>
        <translation>separación</translation>
    </message>
    <message>
        <source>turning</source>
        <translation>giro</translation>
    </message>
    <message>
        <source>Nothing moves it; press a cell of its column.</source>
        <translation>Nada lo mueve; pulse una celda de su columna.</translation>
    </message>
    <message>
        <source>moves</source>
        <translation>mueve</translation>
    </message>
    <message>
        <source>does not move</source>
        <translation>no mueve</translation>
    </message>
    <message>
        <source>{what}; press to change it</source>
        <translation>{what}; pulse para cambiarlo</translation>
    </message>
    <message>
        <source>Moved by</source>
        <translation>Movido por</translation>
    </message>
    <message>
        <source>Response</source>
        <translation>Respuesta</translation>
    </message>
    <message>
        <source>Least</source>
        <translation>Mínimo</translation>
    </message>
    <message>
        <source>What is left of it when the mover is at its least</source>
        <translation>Lo que queda de ello cuando lo que lo mueve está al mínimo</translation>
    </message>
    <message>
        <source>Response, points</source>
        <translation>Respuesta, puntos</translation>
    </message>
    <message>
        <source>The points of the graph: input and output in per cent; a semicolon between points</source>
        <translation>Los puntos de la gráfica: entrada y salida en porcentaje; punto y coma entre puntos</translation>
    </message>
    <message>
        <source>Lying flat</source>
        <translation>Tumbado</translation>
    </message>
    <message>
        <source>x {value:g}</source>
        <translation>x {value:g}</translation>
    </message>
    <message>
        <source>{mover} moves {what}</source>
        <translation>{mover} mueve {what}</translation>
    </message>
    <message>
        <source>Let {mover} move it</source>
        <translation>Que lo mueva {mover}</translation>
    </message>
    <message>
        <source>It is always the same</source>
        <translation>Es siempre igual</translation>
    </message>
    <message>
        <source>{what} by {mover} alone</source>
        <translation>{what} solo por {mover}</translation>
    </message>
    <message>
        <source>Points are pairs in per cent, rising from left to right, such as 0 0; 50 40; 100 100.</source>
        <translation>Los puntos son pares en porcentaje, subiendo de izquierda a derecha, como 0 0; 50 40; 100 100.</translation>
    </message>
    <message>
        <source>Pens (*.json)</source>
        <translation>Plumas (*.json)</translation>
    </message>
    <message>
        <source>Draw anywhere on this sheet; nothing here is on the page. Ctrl+Z takes back, Del clears.</source>
        <translation>Dibuje en cualquier lugar de esta hoja; nada de aquí está en la página. Ctrl+Z deshace, Supr borra todo.</translation>
    </message>
    <message>
        <source>Alone</source>
        <translation>Sola</translation>
    </message>
    <message>
        <source>Pen maker</source>
        <translation>Taller de plumas</translation>
    </message>
    <message>
        <source>Shipped pens keep their names; one of your own is renamed here</source>
        <translation>Las plumas de fábrica conservan su nombre; una propia se renombra aquí</translation>
    </message>
    <message>
        <source>Set this pen back to as shipped</source>
        <translation>Devolver esta pluma a su estado de fábrica</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Take this pen out of the library</source>
        <translation>Sacar esta pluma de la colección</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Descartar</translation>
    </message>
    <message>
        <source>Back to how this pen is in the library</source>
        <translation>Volver a como está esta pluma en la colección</translation>
    </message>
    <message>
        <source>Change this pen in the library</source>
        <translation>Cambiar esta pluma en la colección</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Importar…</translation>
    </message>
    <message>
        <source>Add the pens of a file to the library</source>
        <translation>Añadir a la colección las plumas de un archivo</translation>
    </message>
    <message>
        <source>Write this pen to a file</source>
        <translation>Escribir esta pluma en un archivo</translation>
    </message>
    <message>
        <source>Save as new…</source>
        <translation>Guardar como nueva…</translation>
    </message>
    <message>
        <source>Add a copy to the library under another name</source>
        <translation>Añadir a la colección una copia con otro nombre</translation>
    </message>
    <message>
        <source>What is changed and not kept is here again the next time</source>
        <translation>Lo cambiado y no conservado vuelve a estar aquí la próxima vez</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Al lado</translation>
    </message>
    <message>
        <source>The same motion with another pen, or with this one as shipped, below the line</source>
        <translation>El mismo movimiento con otra pluma, o con esta de fábrica, bajo la línea</translation>
    </message>
    <message>
        <source>My last line</source>
        <translation>Mi última línea</translation>
    </message>
    <message>
        <source>Draw the line by the motion of the last stroke on this sheet</source>
        <translation>Dibujar la línea con el movimiento del último trazo de esta hoja</translation>
    </message>
    <message>
        <source>As it is kept</source>
        <translation>Como se conserva</translation>
    </message>
    <message>
        <source>changed, not kept</source>
        <translation>cambiada, no conservada</translation>
    </message>
    <message>
        <source>not as shipped</source>
        <translation>no es la de fábrica</translation>
    </message>
    <message>
        <source>There is a pen “{name}” already; give this one another name.</source>
        <translation>Ya hay una pluma «{name}»; dé otro nombre a esta.</translation>
    </message>
    <message>
        <source>“{name}” is changed in the library.</source>
        <translation>«{name}» ha cambiado en la colección.</translation>
    </message>
    <message>
        <source>Save as new</source>
        <translation>Guardar como nueva</translation>
    </message>
    <message>
        <source>{name}, mine</source>
        <translation>{name}, mía</translation>
    </message>
    <message>
        <source>“{name}” is in the library, and in your hand.</source>
        <translation>«{name}» está en la colección, y en su mano.</translation>
    </message>
    <message>
        <source>Import pens</source>
        <translation>Importar plumas</translation>
    </message>
    <message numerus="yes">
        <source>%n pen(s) added.</source>
        <translation>
            <numerusform>%n pluma añadida.</numerusform>
            <numerusform>%n plumas añadidas.</numerusform>
        </translation>
    </message>
    <message>
        <source>Export this pen</source>
        <translation>Exportar esta pluma</translation>
    </message>
    <message>
        <source>“{name}” is in “{file}”.</source>
        <translation>«{name}» está en «{file}».</translation>
    </message>
    <message>
        <source>smooth paper</source>
        <translation>liso</translation>
    </message>
    <message>
        <source>fine paper</source>
        <translation>fino</translation>
    </message>
    <message>
        <source>rough paper</source>
        <translation>rugoso</translation>
    </message>
    <message>
        <source>round ends</source>
        <translation>redondos</translation>
    </message>
    <message>
        <source>starts thin</source>
        <translation>entrada fina</translation>
    </message>
    <message>
        <source>ends thin</source>
        <translation>salida fina</translation>
    </message>
    <message>
        <source>both taper</source>
        <translation>ambos finos</translation>
    </message>
    <message>
        <source>a line</source>
        <translation>una línea</translation>
    </message>
    <message>
        <source>cord</source>
        <translation>cordón</translation>
    </message>
    <message>
        <source>my own</source>
        <translation>el mío</translation>
    </message>
    <message>
        <source>Pull along the line: where it has grown to its full width</source>
        <translation>Tirar a lo largo de la línea: dónde alcanza todo su ancho</translation>
    </message>
    <message>
        <source>Pull along the line: where it begins to fade</source>
        <translation>Tirar a lo largo de la línea: dónde empieza a apagarse</translation>
    </message>
    <message>
        <source>Pull across the line: how thick it gets</source>
        <translation>Tirar a lo ancho de la línea: cuánto engrosa</translation>
    </message>
    <message>
        <source>Pull across the line: how thick the lightest touch is</source>
        <translation>Tirar a lo ancho de la línea: cuán grueso es el toque más leve</translation>
    </message>
    <message>
        <source>Pull across the line: how soon it swells</source>
        <translation>Tirar a lo ancho de la línea: cuán pronto crece</translation>
    </message>
    <message>
        <source>Pull up or down: how much it covers</source>
        <translation>Tirar arriba o abajo: cuánto cubre</translation>
    </message>
    <message>
        <source>Pull up or down: how much the line is steadied after the lift; the thin line is how the hand moved</source>
        <translation>Tirar arriba o abajo: cuánto se afirma la línea al levantar; la línea fina es lo que hizo la mano</translation>
    </message>
    <message>
        <source>Specimen line</source>
        <translation>Línea de muestra</translation>
    </message>
    <message>
        <source>below: {name}, {size_px:g} px</source>
        <translation>debajo: {name}, {size_px:g} px</translation>
    </message>
    <message>
        <source>shown at {zoom:.0f} %</source>
        <translation>mostrada al {zoom:.0f} %</translation>
    </message>
    <message>
        <source>The manual is not here. It comes with the source, in the folder docs.</source>
        <translation>El manual no está aquí. Viene con el código fuente, en la carpeta docs.</translation>
    </message>
    <message>
        <source>Find in the manual</source>
        <translation>Buscar en el manual</translation>
    </message>
    <message>
        <source>Pages</source>
        <translation>Páginas</translation>
    </message>
    <message>
        <source>Page of the manual</source>
        <translation>Página del manual</translation>
    </message>
    <message>
        <source>“{wanted}” does not stand in the manual.</source>
        <translation>«{wanted}» no está en el manual.</translation>
    </message>
    <message>
        <source>Nothing is kept yet. Keep the page as it is now, and it can be looked at and gone back to at any time.</source>
        <translation>Aún no se conserva nada. Conserve la página como está ahora, y podrá mirarla y volver a ella en cualquier momento.</translation>
    </message>
    <message>
        <source>Milestones</source>
        <translation>Hitos</translation>
    </message>
    <message>
        <source>Name, if it needs one</source>
        <translation>Nombre, si hace falta</translation>
    </message>
    <message>
        <source>Name of a new milestone, or of the chosen one</source>
        <translation>Nombre de un hito nuevo, o del elegido</translation>
    </message>
    <message>
        <source>Keep the page as it is now</source>
        <translation>Conservar la página como está</translation>
    </message>
    <message>
        <source>Name it</source>
        <translation>Nombrarlo</translation>
    </message>
    <message>
        <source>Give the chosen milestone this name</source>
        <translation>Dar este nombre al hito elegido</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Eliminar</translation>
    </message>
    <message>
        <source>Give the chosen milestone up</source>
        <translation>Renunciar al hito elegido</translation>
    </message>
    <message>
        <source>Thin out</source>
        <translation>Aclarar</translation>
    </message>
    <message>
        <source>Of those kept by the clock, leave one an hour for a day, one a day for a month, then one a week</source>
        <translation>De los marcados por el reloj, dejar uno por hora durante un día, uno por día durante un mes, luego uno por semana</translation>
    </message>
    <message>
        <source>By the clock</source>
        <translation>Por el reloj</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Entonces</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Ahora</translation>
    </message>
    <message>
        <source>Both move together: drag, or turn the wheel.</source>
        <translation>Ambas se mueven juntas: arrastre, o gire la rueda.</translation>
    </message>
    <message>
        <source>Go back to this</source>
        <translation>Volver a esto</translation>
    </message>
    <message>
        <source>As a step that can be undone</source>
        <translation>Como un paso que se puede deshacer</translation>
    </message>
    <message numerus="yes">
        <source>%n kept</source>
        <comment>milestones</comment>
        <translation>
            <numerusform>%n guardado</numerusform>
            <numerusform>%n guardados</numerusform>
        </translation>
    </message>
    <message>
        <source>by the clock</source>
        <translation>por el reloj</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>a mano</translation>
    </message>
    <message>
        <source>{name}, being read</source>
        <translation>{name}, leyéndose</translation>
    </message>
    <message>
        <source>OpenRaster, layered</source>
        <translation>OpenRaster, con capas</translation>
    </message>
    <message>
        <source>As large as the page</source>
        <translation>Tan grande como la página</translation>
    </message>
    <message>
        <source>The longest side has at most so many px; 0: as large as the page</source>
        <translation>El lado más largo tiene como mucho tantos px; 0: tan grande como la página</translation>
    </message>
    <message>
        <source>What follows the page&apos;s name in the name of the file</source>
        <translation>Lo que sigue al nombre de la página en el nombre del archivo</translation>
    </message>
    <message>
        <source>Longest side</source>
        <translation>Lado más largo</translation>
    </message>
    <message>
        <source>Ending</source>
        <translation>Terminación</translation>
    </message>
    <message>
        <source>New order</source>
        <translation>Encargo nuevo</translation>
    </message>
    <message>
        <source>Bring back the orders that came with Jotsk</source>
        <translation>Recuperar los encargos que vinieron con Jotsk</translation>
    </message>
    <message>
        <source>{name}
OpenRaster with its layers</source>
        <translation>{name}
OpenRaster con sus capas</translation>
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
        <translation>sin píxeles</translation>
    </message>
    <message numerus="yes">
        <source>%n thing(s) to look at</source>
        <translation>
            <numerusform>%n cosa que mirar</numerusform>
            <numerusform>%n cosas que mirar</numerusform>
        </translation>
    </message>
    <message>
        <source>No orders. New order begins one, As shipped brings back those that came with Jotsk.</source>
        <translation>No hay encargos. «Encargo nuevo» empieza uno, «De fábrica» recupera los que vinieron con Jotsk.</translation>
    </message>
    <message numerus="yes">
        <source>Write %n file(s)…</source>
        <translation>
            <numerusform>Escribir %n archivo…</numerusform>
            <numerusform>Escribir %n archivos…</numerusform>
        </translation>
    </message>
    <message>
        <source>Two of the ticked orders would be the same file; give them endings of their own.</source>
        <translation>Dos de los encargos marcados serían el mismo archivo; deles terminaciones propias.</translation>
    </message>
    <message>
        <source>A size of your own</source>
        <translation>Un tamaño propio</translation>
    </message>
    <message>
        <source>A bleed needs a trim: without one nothing is cut, and there is nothing for the ink to go beyond.</source>
        <translation>Un sangrado necesita un corte: sin él no se corta nada, y la tinta no tiene qué sobrepasar.</translation>
    </message>
    <message>
        <source>inches</source>
        <translation>pulgadas</translation>
    </message>
    <message>
        <source>Above</source>
        <translation>Arriba</translation>
    </message>
    <message>
        <source>left</source>
        <translation>a la izquierda</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>En el centro</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>en el centro</translation>
    </message>
    <message>
        <source>Below</source>
        <translation>Abajo</translation>
    </message>
    <message>
        <source>right</source>
        <translation>a la derecha</translation>
    </message>
    <message>
        <source>Unit</source>
        <translation>Unidad</translation>
    </message>
    <message>
        <source>Lying</source>
        <translation>Apaisada</translation>
    </message>
    <message>
        <source>From the edge of the page to where it will be cut</source>
        <translation>Del borde de la página hasta donde se cortará</translation>
    </message>
    <message>
        <source>How far ink goes on beyond the cut</source>
        <translation>Cuánto sigue la tinta más allá del corte</translation>
    </message>
    <message>
        <source>From the cut to where nothing will be cut</source>
        <translation>Del corte hasta donde no se cortará nada</translation>
    </message>
    <message>
        <source>White</source>
        <translation>Blanco</translation>
    </message>
    <message>
        <source>Colour of the paper</source>
        <translation>Color del papel</translation>
    </message>
    <message>
        <source>Lies</source>
        <translation>Posición</translation>
    </message>
    <message>
        <source>Width x height</source>
        <translation>Ancho x alto</translation>
    </message>
    <message>
        <source>Resolution</source>
        <translation>Resolución</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Trim</source>
        <translation>Corte</translation>
    </message>
    <message>
        <source>Bleed</source>
        <translation>Sangrado</translation>
    </message>
    <message>
        <source>Safe</source>
        <translation>Seguro</translation>
    </message>
    <message>
        <source>Make the page</source>
        <translation>Hacer la página</translation>
    </message>
    <message>
        <source>{megapixels:.1f} million px; a layer with ink on a third of it takes about {megabytes:.0f} MB.</source>
        <translation>{megapixels:.1f} millones de px; una capa con tinta en un tercio ocupa unos {megabytes:.0f} MB.</translation>
    </message>
    <message>
        <source>Page size</source>
        <translation>Tamaño de la página</translation>
    </message>
    <message>
        <source>Where the drawing stays</source>
        <translation>Dónde queda el dibujo</translation>
    </message>
    <message>
        <source>The drawing stays</source>
        <translation>El dibujo queda</translation>
    </message>
    <message>
        <source>Another width or height adds or cuts paper around the drawing. Another resolution keeps the size on paper; ink is rendered anew from its strokes, and only paint is resampled.</source>
        <translation>Otro ancho o alto añade o corta papel en torno al dibujo. Otra resolución conserva el tamaño en papel; la tinta se calcula de nuevo de sus trazos, y solo la pintura se remuestrea.</translation>
    </message>
    <message>
        <source>Change the page</source>
        <translation>Cambiar la página</translation>
    </message>
    <message>
        <source>Draw a sheet of parallel lines: then the rose shows the directions your hand is steadiest in.</source>
        <translation>Dibuje una hoja de líneas paralelas: entonces la rosa muestra las direcciones en que su mano es más firme.</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Hojas</translation>
    </message>
    <message>
        <source>Draw this sheet</source>
        <translation>Dibujar esta hoja</translation>
    </message>
    <message>
        <source>Warm up, five minutes</source>
        <translation>Calentar cinco minutos</translation>
    </message>
    <message>
        <source>Five sheets, made of what went worst</source>
        <translation>Cinco hojas, hechas de lo que peor fue</translation>
    </message>
    <message>
        <source>Measure pages at work too</source>
        <translation>Medir también las páginas de trabajo</translation>
    </message>
    <message>
        <source>Quietly: wobble and speed of straight lines</source>
        <translation>En silencio: temblor y velocidad de líneas rectas</translation>
    </message>
    <message>
        <source>Show the diary</source>
        <translation>Mostrar el diario</translation>
    </message>
    <message>
        <source>A table (CSV) that is yours: {path}</source>
        <translation>Una tabla (CSV) que es suya: {path}</translation>
    </message>
    <message>
        <source>Number over days</source>
        <translation>Número por días</translation>
    </message>
    <message>
        <source>Take this steadiness</source>
        <translation>Tomar esta firmeza</translation>
    </message>
    <message>
        <source>Your hand</source>
        <translation>Su mano</translation>
    </message>
    <message>
        <source>Your hand is steadiest at {best:.0f}°, counted from the right against the clock. “Turn for the next line” in the View menu turns the page for it.</source>
        <translation>Su mano es más firme a {best:.0f}°, contados desde la derecha contra el reloj. «Girar para la línea siguiente», en el menú Ver, gira la página para ello.</translation>
    </message>
    <message>
        <source>What went worst: {what}. The warm-up begins with it.</source>
        <translation>Lo que peor fue: {what}. El calentamiento empieza por ahí.</translation>
    </message>
    <message>
        <source>By your wobble, a steadiness after the lift of about {steadiness} suits you.</source>
        <translation>Según su temblor, le conviene una firmeza después de unos {steadiness}.</translation>
    </message>
    <message>
        <source>{where}: the hand is {with_it:.2f} mm off with steadiness, {without:.2f} mm without.</source>
        <translation>{where}: la mano se aparta {with_it:.2f} mm con firmeza, {without:.2f} mm sin ella.</translation>
    </message>
    <message>
        <source>At work</source>
        <translation>En el trabajo</translation>
    </message>
    <message>
        <source>with steadiness</source>
        <translation>con firmeza</translation>
    </message>
    <message>
        <source>As they are</source>
        <translation>Como están</translation>
    </message>
    <message>
        <source>Recast the lines</source>
        <translation>Rehacer las líneas</translation>
    </message>
    <message>
        <source>The ink in the hand</source>
        <translation>La tinta en la mano</translation>
    </message>
    <message>
        <source>Width by {driver}</source>
        <translation>Ancho según {driver}</translation>
    </message>
    <message>
        <source>Even width</source>
        <translation>Ancho parejo</translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <translation>
            <numerusform>%n línea</numerusform>
            <numerusform>%n líneas</numerusform>
        </translation>
    </message>
    <message>
        <source>One line</source>
        <translation>Una línea</translation>
    </message>
    <message>
        <source>Recast</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>Nothing yet: pages that are saved or opened appear here, and those that are left with unsaved work.</source>
        <translation>Nada aún: aquí aparecen las páginas guardadas o abiertas, y las que se dejan con trabajo sin guardar.</translation>
    </message>
    <message>
        <source>Recent pages</source>
        <translation>Páginas recientes</translation>
    </message>
    <message>
        <source>{title}
not saved, {when}</source>
        <translation>{title}
sin guardar, {when}</translation>
    </message>
    <message>
        <source>Left with unsaved work; open it to go on</source>
        <translation>Dejada con trabajo sin guardar; ábrala para seguir</translation>
    </message>
    <message>
        <source>Scratch</source>
        <translation>Prueba</translation>
    </message>
    <message>
        <source>Measure the screen</source>
        <translation>Medir la pantalla</translation>
    </message>
    <message>
        <source>Hold a bank card to the screen and move the handle until the frame is as large as the card. Or measure the frame&apos;s width with a ruler and type it.</source>
        <translation>Acerque una tarjeta bancaria a la pantalla y mueva el tirador hasta que el marco sea tan grande como la tarjeta. O mida el ancho del marco con una regla y escríbalo.</translation>
    </message>
    <message>
        <source>Size of the frame</source>
        <translation>Tamaño del marco</translation>
    </message>
    <message>
        <source>The frame&apos;s width by a ruler</source>
        <translation>Ancho del marco con regla</translation>
    </message>
    <message>
        <source>How wide the frame is by a ruler</source>
        <translation>Cuánto mide el marco de ancho con una regla</translation>
    </message>
    <message>
        <source>85.60 x 53.98 mm</source>
        <translation>85,60 x 53,98 mm</translation>
    </message>
    <message>
        <source>Settings of Jotsk (*.json)</source>
        <translation>Ajustes de Jotsk (*.json)</translation>
    </message>
    <message>
        <source>No setting has that in its words.</source>
        <translation>Ningún ajuste tiene eso en sus palabras.</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Ajustes</translation>
    </message>
    <message>
        <source>Find a setting</source>
        <translation>Buscar un ajuste</translation>
    </message>
    <message>
        <source>Write all settings, your pens and your palette to a file</source>
        <translation>Escribir todos los ajustes, sus plumas y su paleta en un archivo</translation>
    </message>
    <message>
        <source>Take all settings, pens and colours of such a file</source>
        <translation>Tomar todos los ajustes, plumas y colores de un archivo así</translation>
    </message>
    <message>
        <source>Set everything on this sheet back; your pens and pages stay</source>
        <translation>Devolver todo lo de esta hoja; sus plumas y páginas quedan</translation>
    </message>
    <message>
        <source>Show the folder</source>
        <translation>Mostrar la carpeta</translation>
    </message>
    <message>
        <source>Export all settings</source>
        <translation>Exportar todos los ajustes</translation>
    </message>
    <message>
        <source>All settings are in “{name}”.</source>
        <translation>Todos los ajustes están en «{name}».</translation>
    </message>
    <message>
        <source>Import settings</source>
        <translation>Importar ajustes</translation>
    </message>
    <message>
        <source>Set everything on this sheet back to as shipped, keys too? Your pens and pages stay.</source>
        <translation>¿Devolver todo lo de esta hoja a su estado de fábrica, también las teclas? Sus plumas y páginas quedan.</translation>
    </message>
    <message>
        <source>leak</source>
        <translation>fuga</translation>
    </message>
    <message>
        <source>tangent</source>
        <translation>tangente</translation>
    </message>
    <message>
        <source>weak outline</source>
        <translation>contorno débil</translation>
    </message>
    <message>
        <source>stray mark</source>
        <translation>marca perdida</translation>
    </message>
    <message numerus="yes">
        <source>%n leak(s)</source>
        <translation>
            <numerusform>%n fuga</numerusform>
            <numerusform>%n fugas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tangent(s)</source>
        <translation>
            <numerusform>%n tangente</numerusform>
            <numerusform>%n tangentes</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n weak outline(s)</source>
        <translation>
            <numerusform>%n contorno débil</numerusform>
            <numerusform>%n contornos débiles</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n wobble(s)</source>
        <translation>
            <numerusform>%n temblor</numerusform>
            <numerusform>%n temblores</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stray mark(s)</source>
        <translation>
            <numerusform>%n marca perdida</numerusform>
            <numerusform>%n marcas perdidas</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing is wrong with this page, as far as can be measured.</source>
        <translation>Nada está mal en esta página, hasta donde se puede medir.</translation>
    </message>
    <message>
        <source>Checking the page</source>
        <translation>Revisando la página</translation>
    </message>
    <message>
        <source>Nothing was found yet; check the page first.</source>
        <translation>Aún no se halló nada; revise antes la página.</translation>
    </message>
    <message>
        <source>This is mended by hand; or let it be.</source>
        <translation>Esto se arregla a mano; o déjelo.</translation>
    </message>
    <message>
        <source>Nothing of this kind was found.</source>
        <translation>No se halló nada de este tipo.</translation>
    </message>
    <message>
        <source>Check the page first (F9).</source>
        <translation>Revise antes la página (F9).</translation>
    </message>
    <message>
        <source>Mend the {finding}</source>
        <translation>Arreglar: {finding}</translation>
    </message>
    <message>
        <source>Mend every {finding}</source>
        <translation>Arreglar todo: {finding}</translation>
    </message>
    <message>
        <source>There is not enough memory for this; the page is as it was.</source>
        <translation>No hay memoria suficiente para esto; la página está como estaba.</translation>
    </message>
    <message>
        <source>“{label}” did not work because of a fault in Jotsk; the page is as it was.</source>
        <translation>«{label}» no funcionó por un fallo de Jotsk; la página está como estaba.</translation>
    </message>
    <message>
        <source>Stroke</source>
        <translation>Trazo</translation>
    </message>
    <message>
        <source>The page was changed meanwhile, so it stays as it is.</source>
        <translation>La página cambió entretanto, así que queda como está.</translation>
    </message>
    <message>
        <source>Going through the history</source>
        <translation>Recorriendo el historial</translation>
    </message>
    <message>
        <source>The page was changed meanwhile, so “{label}” was not done.</source>
        <translation>La página cambió entretanto, así que no se hizo «{label}».</translation>
    </message>
    <message>
        <source>An area is open now and stays as it was; close its lines, or freeze it.</source>
        <translation>Un área está ahora abierta y queda como estaba; cierre sus líneas, o congélela.</translation>
    </message>
    <message numerus="yes">
        <source>%n areas are open now and stay as they were; close their lines, or freeze them.</source>
        <translation>
            <numerusform>%n área está ahora abierta y queda como estaba; cierre sus líneas, o congélela.</numerusform>
            <numerusform>%n áreas están ahora abiertas y quedan como estaban; cierre sus líneas, o congélelas.</numerusform>
        </translation>
    </message>
    <message>
        <source>Finding the area</source>
        <translation>Hallando el área</translation>
    </message>
    <message>
        <source>Steady the line</source>
        <translation>Afirmar la línea</translation>
    </message>
    <message>
        <source>Settle the line</source>
        <translation>Formar la línea</translation>
    </message>
    <message>
        <source>A group has no effects of its own; give them to its layers.</source>
        <translation>Un grupo no tiene efectos propios; déselos a sus capas.</translation>
    </message>
    <message>
        <source>Add effect</source>
        <translation>Añadir efecto</translation>
    </message>
    <message>
        <source>Show inside</source>
        <translation>Mostrar dentro</translation>
    </message>
    <message>
        <source>Add layer</source>
        <translation>Añadir capa</translation>
    </message>
    <message>
        <source>Move layer</source>
        <translation>Mover capa</translation>
    </message>
    <message>
        <source>Flip the layer</source>
        <translation>Voltear la capa</translation>
    </message>
    <message>
        <source>Light of the page</source>
        <translation>Luz de la página</translation>
    </message>
    <message>
        <source>There are no copies to part; choose lines that were drawn with symmetry.</source>
        <translation>No hay copias que separar; elija líneas dibujadas con simetría.</translation>
    </message>
    <message numerus="yes">
        <source>Add %n pictures</source>
        <translation>
            <numerusform>Añadir %n imagen</numerusform>
            <numerusform>Añadir %n imágenes</numerusform>
        </translation>
    </message>
    <message>
        <source>Add picture</source>
        <translation>Añadir imagen</translation>
    </message>
    <message>
        <source>Place the picture</source>
        <translation>Colocar la imagen</translation>
    </message>
    <message>
        <source>Move what is inside</source>
        <translation>Mover lo de dentro</translation>
    </message>
    <message>
        <source> (its ink {inked:.2f})</source>
        <translation> (su tinta {inked:.2f})</translation>
    </message>
    <message>
        <source>{figure} {now} {unit}, with steadiness {then}{ink}</source>
        <translation>{figure} {now} {unit}, con firmeza {then}{ink}</translation>
    </message>
    <message>
        <source>before the end</source>
        <translation>antes del final</translation>
    </message>
    <message>
        <source>There is no line to change; draw one, or choose some.</source>
        <translation>No hay línea que cambiar; dibuje una, o elija algunas.</translation>
    </message>
    <message>
        <source>There is no line to find others at; draw one, or choose one.</source>
        <translation>No hay línea en la que hallar otras; dibuje una, o elija una.</translation>
    </message>
    <message>
        <source>No line lies in there.</source>
        <translation>Ahí no hay ninguna línea.</translation>
    </message>
    <message>
        <source>Choose parts</source>
        <translation>Elegir partes</translation>
    </message>
    <message>
        <source>There is no line to find others like it; draw one, or choose one.</source>
        <translation>No hay línea a la que otras se parezcan; dibuje una, o elija una.</translation>
    </message>
    <message>
        <source>the line</source>
        <comment>part of a label</comment>
        <translation>la línea</translation>
    </message>
    <message numerus="yes">
        <source>%n lines</source>
        <comment>part of a label</comment>
        <translation>
            <numerusform>%n línea</numerusform>
            <numerusform>%n líneas</numerusform>
        </translation>
    </message>
    <message>
        <source>There is no line to flip; draw one, or choose some.</source>
        <translation>No hay línea que voltear; dibuje una, o elija algunas.</translation>
    </message>
    <message>
        <source>Flip the line upside down</source>
        <translation>Voltear en vertical la línea</translation>
    </message>
    <message>
        <source>Flip the line</source>
        <translation>Voltear la línea</translation>
    </message>
    <message>
        <source>Colour of the line</source>
        <translation>Color: la línea</translation>
    </message>
    <message>
        <source>Delete lines</source>
        <translation>Eliminar líneas</translation>
    </message>
    <message>
        <source>A set needs a name.</source>
        <translation>Un juego necesita un nombre.</translation>
    </message>
    <message>
        <source>The guides are kept as “{name}”; the plus above the guides has them for other pages.</source>
        <translation>Las guías quedan guardadas como «{name}»; el más sobre las guías las tiene para otras páginas.</translation>
    </message>
    <message>
        <source>This lies outside a 60 degree cone of vision, where things look stretched; vanishing points farther apart make it wider.</source>
        <translation>Esto queda fuera de un cono de visión de 60 grados, donde las cosas se ven estiradas; con puntos de fuga más separados se ensancha.</translation>
    </message>
    <message>
        <source>“{name}” cannot be drawn where it lies, so it is switched off and hidden.</source>
        <translation>«{name}» no puede dibujarse donde está, así que se apaga y se oculta.</translation>
    </message>
    <message>
        <source>A page has room for {most_guides} guides; delete one you no longer need.</source>
        <translation>Una página tiene sitio para {most_guides} guías; elimine una que ya no necesite.</translation>
    </message>
    <message>
        <source>Add {guide}</source>
        <translation>Añadir {guide}</translation>
    </message>
    <message>
        <source>Add french curve</source>
        <translation>Añadir plantilla de curvas</translation>
    </message>
    <message>
        <source>The guide stays as it is: {error}.</source>
        <translation>La guía queda como está: {error}.</translation>
    </message>
    <message>
        <source>There is no guide to hold alone; add one, or press it in the list.</source>
        <translation>No hay guía que sujete sola; añada una, o púlsela en la lista.</translation>
    </message>
    <message>
        <source>Flip guide</source>
        <translation>Voltear la guía</translation>
    </message>
    <message>
        <source>Delete guide</source>
        <translation>Eliminar la guía</translation>
    </message>
    <message>
        <source>Duplicate guide</source>
        <translation>Duplicar la guía</translation>
    </message>
    <message>
        <source>Add perspective</source>
        <translation>Añadir perspectiva</translation>
    </message>
    <message>
        <source>Add vanishing point</source>
        <translation>Añadir punto de fuga</translation>
    </message>
    <message>
        <source>A guide of another program</source>
        <translation>Una guía de otro programa</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>sola</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>bloqueada</translation>
    </message>
    <message>
        <source>“{name}” is from another version of Jotsk: it opened as pixels; save it as a new file.</source>
        <translation>«{name}» es de otra versión de Jotsk: se abrió como píxeles; guárdelo como archivo nuevo.</translation>
    </message>
    <message>
        <source>Opening {name}</source>
        <translation>Abriendo {name}</translation>
    </message>
    <message numerus="yes">
        <source>%n pictures</source>
        <translation>
            <numerusform>%n imagen</numerusform>
            <numerusform>%n imágenes</numerusform>
        </translation>
    </message>
    <message>
        <source>Opening {what}</source>
        <translation>Abriendo {what}</translation>
    </message>
    <message>
        <source>“{name}” was not written: it holds strokes of another version of Jotsk, which would be lost. Save under another name.</source>
        <translation>No se escribió «{name}»: contiene trazos de otra versión de Jotsk, que se perderían. Guarde con otro nombre.</translation>
    </message>
    <message>
        <source>Saved “{name}”.</source>
        <translation>Se guardó «{name}».</translation>
    </message>
    <message>
        <source>Saving {name}</source>
        <translation>Guardando {name}</translation>
    </message>
    <message>
        <source>Exporting {name}</source>
        <translation>Exportando {name}</translation>
    </message>
    <message>
        <source>Wrote “{name}”.</source>
        <translation>Se escribió «{name}».</translation>
    </message>
    <message>
        <source>Handing over {stem}</source>
        <translation>Entregando {stem}</translation>
    </message>
    <message>
        <source>Wrote {names}.</source>
        <translation>Se escribió {names}.</translation>
    </message>
    <message>
        <source>{title} is still going on; try again when it is done.</source>
        <translation>{title}: aún en marcha; pruebe otra vez cuando termine.</translation>
    </message>
    <message>
        <source>Too much waits already; try again when some of it is done.</source>
        <translation>Ya espera demasiado; pruebe otra vez cuando parte de ello esté hecho.</translation>
    </message>
    <message>
        <source>{title} was stopped; nothing was changed.</source>
        <translation>{title}: se paró; no cambió nada.</translation>
    </message>
    <message>
        <source>{title} did not work because of a fault in Jotsk; the page is as it was.</source>
        <translation>{title}: no funcionó por un fallo de Jotsk; la página está como estaba.</translation>
    </message>
    <message>
        <source>it is larger than a file of settings can be</source>
        <translation>es más grande de lo que puede ser un archivo de ajustes</translation>
    </message>
    <message>
        <source>it holds no settings</source>
        <translation>no contiene ajustes</translation>
    </message>
    <message>
        <source>a pen or a colour in it makes no sense ({error})</source>
        <translation>una pluma o un color no tiene sentido ({error})</translation>
    </message>
    <message>
        <source>{key} is the key of “{action}” already.</source>
        <translation>{key} ya es la tecla de «{action}».</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Negro</translation>
    </message>
    <message>
        <source>Sepia</source>
        <translation>Sepia</translation>
    </message>
    <message>
        <source>Oxblood</source>
        <translation>Granate</translation>
    </message>
    <message>
        <source>Prussian</source>
        <translation>Prusia</translation>
    </message>
    <message>
        <source>Pine</source>
        <translation>Pino</translation>
    </message>
    <message>
        <source>{error} The shipped pens are here; the file is kept beside as pens.damaged.json.</source>
        <translation>{error} Las plumas de fábrica están aquí; el archivo queda al lado como pens.damaged.json.</translation>
    </message>
    <message>
        <source>A pen needs a name.</source>
        <translation>Una pluma necesita un nombre.</translation>
    </message>
    <message>
        <source>Shipped pens stay in the library; they can be changed, and set back to as shipped.</source>
        <translation>Las plumas de fábrica quedan en la colección; se pueden cambiar, y devolver a su estado de fábrica.</translation>
    </message>
    <message>
        <source>The disk is slow; the work is not kept yet.</source>
        <translation>El disco va lento; el trabajo aún no está guardado.</translation>
    </message>
    <message>
        <source>The journal failed because of a fault in Jotsk; save the page to be safe.</source>
        <translation>El diario falló por un fallo de Jotsk; guarde la página para estar a salvo.</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: {reason}. It is tried again; save often.</source>
        <translation>El trabajo en curso no puede guardarse: {reason}. Se vuelve a intentar; guarde a menudo.</translation>
    </message>
    <message>
        <source>Keeping a milestone</source>
        <translation>Marcando un hito</translation>
    </message>
    <message>
        <source>Reading a milestone</source>
        <translation>Leyendo un hito</translation>
    </message>
    <message>
        <source>Back to a milestone</source>
        <translation>Volver a un hito</translation>
    </message>
    <message>
        <source>The milestones could not be put beside the page: {reason}.</source>
        <translation>Los hitos no pudieron ponerse junto a la página: {reason}.</translation>
    </message>
    <message>
        <source>Work that was kept cannot be read just now: {}. It stays where it is, and is tried again.</source>
        <translation>El trabajo conservado no puede leerse ahora: {}. Queda donde está, y se vuelve a intentar.</translation>
    </message>
    <message>
        <source>Kept page</source>
        <translation>Página conservada</translation>
    </message>
    <message>
        <source>it is damaged; what is left of the page is kept beside it as {aside}</source>
        <translation>está dañada; lo que queda de la página está al lado como {aside}</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: {reason}. Save often.</source>
        <translation>El trabajo en curso no puede guardarse: {reason}. Guarde a menudo.</translation>
    </message>
    <message>
        <source>Work in progress cannot be kept: another window has this page. Save often.</source>
        <translation>El trabajo en curso no puede guardarse: otra ventana tiene esta página. Guarde a menudo.</translation>
    </message>
    <message>
        <source>the file it leans on is gone</source>
        <translation>el archivo en que se apoya ya no está</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Revisar</translation>
    </message>
    <message>
        <source>Find leaks and weak lines before the printer does</source>
        <translation>Hallar fugas y líneas débiles antes que la imprenta</translation>
    </message>
    <message>
        <source>Spot blacks and lay flats</source>
        <translation>Poner negros y planos</translation>
    </message>
    <message>
        <source>Write the page as whoever gets it needs it</source>
        <translation>Escribir la página como la necesita quien la recibe</translation>
    </message>
    <message>
        <source>Draw the lines that stay</source>
        <translation>Dibujar las líneas que quedan</translation>
    </message>
    <message>
        <source>Change lines that are there</source>
        <translation>Cambiar líneas que ya están</translation>
    </message>
    <message>
        <source>Rough the page out in pencil</source>
        <translation>Bosquejar la página a lápiz</translation>
    </message>
    <message>
        <source>Drag a line over an edge of the sketch, then over another that is parallel to it in reality.</source>
        <translation>Arrastre una línea sobre una arista del boceto, y luego sobre otra que en la realidad sea paralela.</translation>
    </message>
    <message>
        <source>One vanishing point. Two more edges give the second; Esc ends.</source>
        <translation>Un punto de fuga. Dos aristas más dan el segundo; Esc termina.</translation>
    </message>
    <message>
        <source>Fill the area</source>
        <translation>Rellenar el área</translation>
    </message>
    <message>
        <source>Rub out the area</source>
        <translation>Borrar el área</translation>
    </message>
    <message>
        <source>Copy the area</source>
        <translation>Copiar el área</translation>
    </message>
    <message>
        <source>Areas are filled with this pattern now.</source>
        <translation>Las áreas se rellenan ahora con este estampado.</translation>
    </message>
    <message>
        <source>Press where the light stands; blacks, hatching and gradients run out towards it.</source>
        <translation>Pulse donde está la luz; negros, rayados y degradados se afinan hacia ella.</translation>
    </message>
    <message>
        <source>No closed area lies in there.</source>
        <translation>Ahí no hay ningún área cerrada.</translation>
    </message>
    <message>
        <source>Fill areas</source>
        <translation>Rellenar áreas</translation>
    </message>
    <message>
        <source>Join and fill</source>
        <translation>Unir y rellenar</translation>
    </message>
    <message>
        <source>There is no line to join there; close the gap by hand.</source>
        <translation>Ahí no hay línea que unir; cierre el hueco a mano.</translation>
    </message>
    <message>
        <source>Swipe over two areas or more.</source>
        <translation>Pase sobre dos áreas o más.</translation>
    </message>
    <message>
        <source>No line lies there.</source>
        <translation>Ahí no hay ninguna línea.</translation>
    </message>
    <message>
        <source>There are no two ends near enough; swipe over the gap, or let the hand reach farther.</source>
        <translation>No hay dos extremos bastante cercanos; pase sobre el hueco, o dé más alcance a la mano.</translation>
    </message>
    <message>
        <source>A splice takes two lines or more; swipe along the tries that are to become one.</source>
        <translation>Un empalme toma dos líneas o más; pase a lo largo de los intentos que han de volverse una.</translation>
    </message>
    <message>
        <source>There is no line to move; draw one, or choose some.</source>
        <translation>No hay línea que mover; dibuje una, o elija algunas.</translation>
    </message>
    <message>
        <source>Drag inside to move, a corner to scale, a side to stretch or skew, the ring to turn. Ctrl leaves a copy.</source>
        <translation>Arrastrar dentro mueve, una esquina escala, un lado estira o inclina, el aro gira. Ctrl deja una copia.</translation>
    </message>
    <message>
        <source>Copy the lines</source>
        <translation>Copiar las líneas</translation>
    </message>
    <message>
        <source>Move the lines</source>
        <translation>Mover las líneas</translation>
    </message>
    <message>
        <source>Nothing was moved yet that could be done once more.</source>
        <translation>Aún no se movió nada que se pueda repetir.</translation>
    </message>
    <message>
        <source>Corners must not be folded over; drag them apart.</source>
        <translation>Las esquinas no deben doblarse unas sobre otras; sepárelas.</translation>
    </message>
    <message>
        <source>Drag points; press the line for another, with Alt to take one away, with Shift for a corner; bars are weight.</source>
        <translation>Arrastre puntos; pulse la línea para otro, con Alt para quitar uno, con Mayús para una esquina; las barras son el grosor.</translation>
    </message>
    <message>
        <source>Press a line to see its points.</source>
        <translation>Pulse una línea para ver sus puntos.</translation>
    </message>
    <message>
        <source>no line</source>
        <translation>ninguna línea</translation>
    </message>
    <message>
        <source>{count} points, moves {moves:.1f} px</source>
        <translation>{count} puntos, mueve {moves:.1f} px</translation>
    </message>
    <message>
        <source>The ends of a line stay; snip it to make it shorter.</source>
        <translation>Los extremos de una línea quedan; recórtela para acortarla.</translation>
    </message>
    <message>
        <source>Take a point away</source>
        <translation>Quitar un punto</translation>
    </message>
    <message>
        <source>Smooth the point</source>
        <translation>Suavizar el punto</translation>
    </message>
    <message>
        <source>Corner at the point</source>
        <translation>Esquina en el punto</translation>
    </message>
    <message>
        <source>Weight of the point</source>
        <translation>Grosor en el punto</translation>
    </message>
    <message>
        <source>Move the point</source>
        <translation>Mover el punto</translation>
    </message>
    <message>
        <source>Simplify the line</source>
        <translation>Simplificar la línea</translation>
    </message>
    <message>
        <source>The line has too few points for that.</source>
        <translation>La línea tiene muy pocos puntos para eso.</translation>
    </message>
    <message>
        <source>That changes nothing.</source>
        <translation>Eso no cambia nada.</translation>
    </message>
    <message>
        <source>Nothing was crossed; swipe across the piece that is to go.</source>
        <translation>No se cruzó nada; pase sobre el trozo que se ha de quitar.</translation>
    </message>
    <message>
        <source>No snipped end lies there; pull one outwards where its line went on.</source>
        <translation>Ahí no hay extremo recortado; tire de uno hacia fuera por donde seguía su línea.</translation>
    </message>
    <message>
        <source>There are no guides to place yet; the plus beside “Guides” adds them.</source>
        <translation>Aún no hay guías que colocar; el más junto a «Guías» las añade.</translation>
    </message>
    <message>
        <source>Did you mean {name}?</source>
        <translation>¿Quería decir {name}?</translation>
    </message>
    <message>
        <source>Commands: {names}</source>
        <translation>Órdenes: {names}</translation>
    </message>
    <message>
        <source>there is no command or file “{word}”.</source>
        <translation>no hay ninguna orden ni archivo «{word}».</translation>
    </message>
    <message>
        <source>there is not enough memory for this; nothing was written.</source>
        <translation>no hay bastante memoria para esto; no se escribió nada.</translation>
    </message>
    <message>
        <source>--page and --onto exclude each other: the page given has its own size</source>
        <translation>--page y --onto se excluyen: la página dada tiene su propio tamaño</translation>
    </message>
    <message>
        <source>“{name}” holds no trace of a pen.</source>
        <translation>«{name}» no contiene ningún trazo de una pluma.</translation>
    </message>
    <message>
        <source>An eraser leaves no line to replay; choose a pen that inks.</source>
        <translation>Una goma no deja ninguna línea; elija una pluma que entinte.</translation>
    </message>
    <message>
        <source>“{name}” has no layer named “{layer}”.</source>
        <translation>«{name}» no tiene ninguna capa llamada «{layer}».</translation>
    </message>
    <message>
        <source>Writing</source>
        <translation>Escribiendo</translation>
    </message>
    <message>
        <source>There is no order “{name}”; there are {known}.</source>
        <translation>No hay ningún pedido «{name}»; hay {known}.</translation>
    </message>
    <message>
        <source>Drawing</source>
        <translation>Dibujando</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Leyendo</translation>
    </message>
    <message>
        <source>it is no JSON</source>
        <translation>no es JSON</translation>
    </message>
    <message>
        <source>Checking</source>
        <translation>Revisando</translation>
    </message>
    <message>
        <source>“{value}” is none of {known}.</source>
        <translation>«{value}» no es ninguno de {known}.</translation>
    </message>
    <message>
        <source>{words:18} simulated {simulated:8.3f} {unit:5} measured {measured:8.3f} {unit}</source>
        <translation>{words:18} simulado {simulated:8.3f} {unit:5} medido {measured:8.3f} {unit}</translation>
    </message>
    <message>
        <source>Press to go back to drawing (Esc)</source>
        <translation>Pulse para volver a dibujar (Esc)</translation>
    </message>
    <message>
        <source>The hand: {text}</source>
        <translation>La mano: {text}</translation>
    </message>
    <message>
        <source>The pen draws</source>
        <translation>La pluma dibuja</translation>
    </message>
    <message>
        <source>Change effect</source>
        <translation>Cambiar efecto</translation>
    </message>
    <message>
        <source>Add an effect to this layer</source>
        <translation>Añadir un efecto a esta capa</translation>
    </message>
    <message>
        <source>Add an effect</source>
        <translation>Añadir un efecto</translation>
    </message>
    <message>
        <source>None yet. The plus adds one; it can be changed, switched and taken off at any time.</source>
        <translation>Ninguno aún. El más añade uno; se puede cambiar, apagar y quitar en cualquier momento.</translation>
    </message>
    <message>
        <source>Switch it off or on</source>
        <translation>Apagarlo o encenderlo</translation>
    </message>
    <message>
        <source>Its numbers</source>
        <translation>Sus números</translation>
    </message>
    <message>
        <source>Before the one above</source>
        <translation>Antes del de encima</translation>
    </message>
    <message>
        <source>Take it off</source>
        <translation>Quitarlo</translation>
    </message>
    <message>
        <source>Waves, or the grey of a layer, softened over the length: black moves to the right and down, white to the left and up</source>
        <translation>Ondas o el gris de una capa, suavizado según la longitud: el negro mueve a la derecha y abajo, el blanco a la izquierda y arriba</translation>
    </message>
    <message>
        <source>Waves</source>
        <translation>Ondas</translation>
    </message>
    <message>
        <source>Switch effect</source>
        <translation>Apagar o encender efecto</translation>
    </message>
    <message>
        <source>Move effect</source>
        <translation>Mover efecto</translation>
    </message>
    <message>
        <source>Take effect off</source>
        <translation>Quitar efecto</translation>
    </message>
    <message>
        <source>The ink</source>
        <translation>La tinta</translation>
    </message>
    <message>
        <source>This layer</source>
        <translation>Esta capa</translation>
    </message>
    <message>
        <source>Everything</source>
        <translation>Todo</translation>
    </message>
    <message>
        <source>To its middle</source>
        <translation>Hasta su medio</translation>
    </message>
    <message>
        <source>Not at all</source>
        <translation>Nada</translation>
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
        <translation>Color plano</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Trama</translation>
    </message>
    <message>
        <source>Gradient</source>
        <translation>Degradado</translation>
    </message>
    <message>
        <source>Black that runs out</source>
        <translation>Negro que se afina</translation>
    </message>
    <message>
        <source>Hatching</source>
        <translation>Rayado</translation>
    </message>
    <message>
        <source>Lines along the edge</source>
        <translation>Líneas por el borde</translation>
    </message>
    <message>
        <source>Stipple</source>
        <translation>Punteado</translation>
    </message>
    <message>
        <source>Crosses</source>
        <translation>Cruces</translation>
    </message>
    <message>
        <source>Noise</source>
        <translation>Ruido</translation>
    </message>
    <message>
        <source>One way</source>
        <translation>En una dirección</translation>
    </message>
    <message>
        <source>Crosswise</source>
        <translation>Cruzado</translation>
    </message>
    <message>
        <source>Three ways</source>
        <translation>En tres direcciones</translation>
    </message>
    <message>
        <source>A loop</source>
        <translation>Un lazo</translation>
    </message>
    <message>
        <source>Corners</source>
        <translation>Esquinas</translation>
    </message>
    <message>
        <source>A curve</source>
        <translation>Una curva</translation>
    </message>
    <message>
        <source>A box</source>
        <translation>Una caja</translation>
    </message>
    <message>
        <source>An ellipse</source>
        <translation>Una elipse</translation>
    </message>
    <message>
        <source>A colour</source>
        <translation>Un color</translation>
    </message>
    <message>
        <source>Is a new area</source>
        <translation>Es un área nueva</translation>
    </message>
    <message>
        <source>Is added</source>
        <translation>Se añade</translation>
    </message>
    <message>
        <source>Is taken away</source>
        <translation>Se quita</translation>
    </message>
    <message>
        <source>Keeps the overlap</source>
        <translation>Queda lo común</translation>
    </message>
    <message>
        <source>Filled with</source>
        <translation>Relleno con</translation>
    </message>
    <message>
        <source>What an area is filled with</source>
        <translation>Con qué se rellena un área</translation>
    </message>
    <message>
        <source>Looks at</source>
        <translation>Mira</translation>
    </message>
    <message>
        <source>What bounds an area; sketches are left out of the ink</source>
        <translation>Qué limita un área; los bocetos no cuentan como tinta</translation>
    </message>
    <message>
        <source>Under the line</source>
        <translation>Bajo la línea</translation>
    </message>
    <message>
        <source>How far a fill goes under its lines, so that no pale rim is left</source>
        <translation>Hasta dónde entra un relleno bajo sus líneas, para que no quede un borde pálido</translation>
    </message>
    <message>
        <source>Tone of</source>
        <translation>Trama de</translation>
    </message>
    <message>
        <source>What a tone is made of</source>
        <translation>De qué se hace una trama</translation>
    </message>
    <message>
        <source>Hatched</source>
        <translation>Rayado</translation>
    </message>
    <message>
        <source>In how many directions</source>
        <translation>En cuántas direcciones</translation>
    </message>
    <message>
        <source>Closes gaps</source>
        <translation>Cierra huecos</translation>
    </message>
    <message>
        <source>Slits of up to this width are not passed</source>
        <translation>Por rendijas de hasta este ancho no se pasa</translation>
    </message>
    <message>
        <source>Fineness</source>
        <translation>Finura</translation>
    </message>
    <message>
        <source>Lines of the tone per inch</source>
        <translation>Líneas de la trama por pulgada</translation>
    </message>
    <message>
        <source>Density</source>
        <translation>Densidad</translation>
    </message>
    <message>
        <source>How much of the tone is inked</source>
        <translation>Cuánto de la trama va en tinta</translation>
    </message>
    <message>
        <source>Of the tone or of the hatching</source>
        <translation>De la trama o del rayado</translation>
    </message>
    <message>
        <source>Full width of the strokes or dots</source>
        <translation>Ancho pleno de los trazos o puntos</translation>
    </message>
    <message>
        <source>From one stroke or dot to the next</source>
        <translation>De un trazo o punto al siguiente</translation>
    </message>
    <message>
        <source>Of the strokes that a black runs out in</source>
        <translation>De los trazos en que un negro se afina</translation>
    </message>
    <message>
        <source>Light from</source>
        <translation>Luz desde</translation>
    </message>
    <message>
        <source>Counted from the right, against the clock</source>
        <translation>Contado desde la derecha, contra el reloj</translation>
    </message>
    <message>
        <source>Drawn as</source>
        <translation>Dibujada como</translation>
    </message>
    <message>
        <source>What one draws: a loop, corners one by one, a box, or px of a colour</source>
        <translation>Lo que se dibuja: un lazo, esquinas una a una, una caja, o píxeles de un color</translation>
    </message>
    <message>
        <source>What one draws</source>
        <translation>Lo que se dibuja</translation>
    </message>
    <message>
        <source>What becomes of the area that is held (Shift adds, Alt takes, both overlap)</source>
        <translation>Qué pasa con el área tomada (Mayús añade, Alt quita, ambas: lo común)</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Paso</translation>
    </message>
    <message>
        <source>By which Larger and Smaller change the area</source>
        <translation>En cuánto Mayor y Menor cambian el área</translation>
    </message>
    <message>
        <source>How soft its edge is</source>
        <translation>Cuán suave es su borde</translation>
    </message>
    <message>
        <source>By the light</source>
        <translation>Según la luz</translation>
    </message>
    <message>
        <source>Strokes and dots run out towards the light</source>
        <translation>Trazos y puntos se afinan hacia la luz</translation>
    </message>
    <message>
        <source>Round</source>
        <translation>Redondo</translation>
    </message>
    <message>
        <source>From the middle outwards</source>
        <translation>Del centro hacia fuera</translation>
    </message>
    <message>
        <source>To nothing</source>
        <translation>A nada</translation>
    </message>
    <message>
        <source>Fades out instead of ending in the colour before</source>
        <translation>Se desvanece en vez de terminar en el color anterior</translation>
    </message>
    <message>
        <source>Along a line</source>
        <translation>Por una línea</translation>
    </message>
    <message>
        <source>Pull the line that it is to follow through the area</source>
        <translation>Trace por el área la línea que ha de seguir</translation>
    </message>
    <message>
        <source>corners are reached</source>
        <translation>se llega a las esquinas</translation>
    </message>
    <message>
        <source>Press to take this guide in hand, twice to rename it</source>
        <translation>Pulse para tomar esta guía, dos veces para renombrarla</translation>
    </message>
    <message>
        <source>Switch this guide on or off</source>
        <translation>Encender o apagar esta guía</translation>
    </message>
    <message>
        <source>Show or hide it; a hidden guide can hold the hand</source>
        <translation>Mostrarla u ocultarla; una guía oculta puede sujetar la mano</translation>
    </message>
    <message>
        <source>More of this guide</source>
        <translation>Más sobre esta guía</translation>
    </message>
    <message>
        <source>No guides yet. The plus adds rulers, perspective and symmetry; they are kept with the page.</source>
        <translation>Aún no hay guías. El más añade reglas, perspectiva y simetría; quedan con la página.</translation>
    </message>
    <message>
        <source>Guides</source>
        <translation>Guías</translation>
    </message>
    <message>
        <source>Add a ruler, perspective or symmetry</source>
        <translation>Añadir una regla, perspectiva o simetría</translation>
    </message>
    <message>
        <source>Kept sets</source>
        <translation>Juegos guardados</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Olvidar</translation>
    </message>
    <message>
        <source>Nothing is kept yet</source>
        <translation>Aún no hay nada guardado</translation>
    </message>
    <message>
        <source>Rename guide</source>
        <translation>Renombrar la guía</translation>
    </message>
    <message>
        <source>Name of the guide</source>
        <translation>Nombre de la guía</translation>
    </message>
    <message>
        <source>Rename…</source>
        <translation>Renombrar…</translation>
    </message>
    <message>
        <source>Hold with the others</source>
        <translation>Sujetar con las demás</translation>
    </message>
    <message>
        <source>Unlock guide</source>
        <translation>Desbloquear la guía</translation>
    </message>
    <message>
        <source>Lock guide</source>
        <translation>Bloquear la guía</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Desbloquear</translation>
    </message>
    <message>
        <source>Lock in place</source>
        <translation>Bloquear en su sitio</translation>
    </message>
    <message>
        <source>Flip left to right</source>
        <translation>Voltear en horizontal</translation>
    </message>
    <message>
        <source>Flip upside down</source>
        <translation>Voltear en vertical</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>As it was opened</source>
        <translation>Como se abrió</translation>
    </message>
    <message>
        <source>What was done; press a step to go there</source>
        <translation>Lo que se hizo; pulse un paso para ir a él</translation>
    </message>
    <message>
        <source>Press a step to go there; what comes after it can be done again</source>
        <translation>Pulse un paso para ir a él; lo que viene después se puede rehacer</translation>
    </message>
    <message>
        <source>Inkwell</source>
        <translation>Tintero</translation>
    </message>
    <message>
        <source>The colour before: {color}</source>
        <translation>El color anterior: {color}</translation>
    </message>
    <message>
        <source>Ink in the hand: {color}; press for any colour (hold C to pick from the page)</source>
        <translation>Tinta en la mano: {color}; pulse para cualquier color (mantenga C para tomarlo de la página)</translation>
    </message>
    <message>
        <source>The last line from start to end: its width, and in rust the way the hand went</source>
        <translation>La última línea de principio a fin: su ancho, y en óxido por dónde fue la mano</translation>
    </message>
    <message>
        <source>Draw a line, and it is laid out here.</source>
        <translation>Dibuje una línea, y se extiende aquí.</translation>
    </message>
    <message>
        <source>Draw the same motion with another pen</source>
        <translation>Dibujar el mismo movimiento con otra pluma</translation>
    </message>
    <message>
        <source>Pen of the line</source>
        <translation>Pluma: la línea</translation>
    </message>
    <message>
        <source>Colour of the hand</source>
        <translation>Color de la mano</translation>
    </message>
    <message>
        <source>Give it the ink in the hand</source>
        <translation>Darle la tinta en la mano</translation>
    </message>
    <message>
        <source>Of this line</source>
        <translation>De esta línea</translation>
    </message>
    <message>
        <source>Opacity of the line</source>
        <translation>Opacidad: la línea</translation>
    </message>
    <message>
        <source>Response of this line to pressure</source>
        <translation>Respuesta de esta línea a la presión</translation>
    </message>
    <message>
        <source>Response of the line</source>
        <translation>Respuesta: la línea</translation>
    </message>
    <message>
        <source>Taper of the line</source>
        <translation>Afinado: la línea</translation>
    </message>
    <message>
        <source>Last line</source>
        <translation>Última línea</translation>
    </message>
    <message>
        <source>Steady</source>
        <translation>Firmeza</translation>
    </message>
    <message>
        <source>Steady this line anew, from the hand as it was (0) to as calm as it gets (100)</source>
        <translation>Afirmar de nuevo esta línea, de la mano tal como fue (0) a lo más calmado (100)</translation>
    </message>
    <message>
        <source>Full width of this line</source>
        <translation>Ancho pleno de esta línea</translation>
    </message>
    <message>
        <source>Pen, colour, opacity, response and tapers</source>
        <translation>Pluma, color, opacidad, respuesta y afinados</translation>
    </message>
    <message>
        <source>More of this line</source>
        <translation>Más sobre esta línea</translation>
    </message>
    <message>
        <source>Size of the line</source>
        <translation>Tamaño: la línea</translation>
    </message>
    <message numerus="yes">
        <source>%n line(s) chosen</source>
        <translation>
            <numerusform>%n línea elegida</numerusform>
            <numerusform>%n líneas elegidas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n pens</source>
        <translation>
            <numerusform>%n pluma</numerusform>
            <numerusform>%n plumas</numerusform>
        </translation>
    </message>
    <message>
        <source>{pen}, {length_px:.0f} px, {duration_s:.2f} s</source>
        <translation>{pen}, {length_px:.0f} px, {duration_s:.2f} s</translation>
    </message>
    <message>
        <source>shape kept</source>
        <translation>forma conservada</translation>
    </message>
    <message>
        <source>Wobble: how far the line strays from what was meant, before and after steadying; along {withheld:.0%} of it less is steadied, to keep its shape</source>
        <translation>Temblor: cuánto se aparta la línea de lo que se quería, antes y después de afirmarla; en el {withheld:.0%} se afirma menos, para conservar su forma</translation>
    </message>
    <message>
        <source>Press to draw on this layer, with Ctrl or Shift to choose several, twice to rename it, drag to move it</source>
        <translation>Pulse para dibujar en esta capa, con Ctrl o Mayús para elegir varias, dos veces para renombrarla, arrastre para moverla</translation>
    </message>
    <message>
        <source>Lock, so that nothing changes it</source>
        <translation>Bloquear, para que nada la cambie</translation>
    </message>
    <message>
        <source>Show or hide; with Alt, show nothing else</source>
        <translation>Mostrar u ocultar; con Alt, no mostrar nada más</translation>
    </message>
    <message numerus="yes">
        <source>group of %n</source>
        <translation>
            <numerusform>grupo de %n</numerusform>
            <numerusform>grupo de %n</numerusform>
        </translation>
    </message>
    <message>
        <source>empty group</source>
        <translation>grupo vacío</translation>
    </message>
    <message>
        <source>sketch</source>
        <translation>boceto</translation>
    </message>
    <message numerus="yes">
        <source>%n area(s)</source>
        <translation>
            <numerusform>%n área</numerusform>
            <numerusform>%n áreas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stroke(s)</source>
        <translation>
            <numerusform>%n trazo</numerusform>
            <numerusform>%n trazos</numerusform>
        </translation>
    </message>
    <message>
        <source>empty</source>
        <translation>vacía</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>pintura</translation>
    </message>
    <message numerus="yes">
        <source>%n effect(s)</source>
        <translation>
            <numerusform>%n efecto</numerusform>
            <numerusform>%n efectos</numerusform>
        </translation>
    </message>
    <message>
        <source>Clip: show this layer only where the one below has ink</source>
        <translation>Ceñir: mostrar esta capa solo donde la de abajo tiene tinta</translation>
    </message>
    <message>
        <source>Clip layer</source>
        <translation>Ceñir la capa</translation>
    </message>
    <message>
        <source>Unclip layer</source>
        <translation>Soltar la capa</translation>
    </message>
    <message>
        <source>Lock transparency: drawing only colours what is there</source>
        <translation>Bloquear transparencia: al dibujar solo se colorea lo que hay</translation>
    </message>
    <message>
        <source>Lock transparency</source>
        <translation>Bloquear transparencia</translation>
    </message>
    <message>
        <source>Unlock transparency</source>
        <translation>Desbloquear transparencia</translation>
    </message>
    <message>
        <source>Lock position: the layer cannot be moved</source>
        <translation>Bloquear posición: la capa no se puede mover</translation>
    </message>
    <message>
        <source>Lock position</source>
        <translation>Bloquear posición</translation>
    </message>
    <message>
        <source>Unlock position</source>
        <translation>Desbloquear posición</translation>
    </message>
    <message>
        <source>Show this layer in non-photo blue</source>
        <translation>Mostrar esta capa en azul no reproducible</translation>
    </message>
    <message>
        <source>Tint layer</source>
        <translation>Teñir la capa</translation>
    </message>
    <message>
        <source>Untint layer</source>
        <translation>Quitar el tinte</translation>
    </message>
    <message>
        <source>Follow guides</source>
        <translation>Seguir guías</translation>
    </message>
    <message>
        <source>Follow symmetry</source>
        <translation>Seguir simetría</translation>
    </message>
    <message>
        <source>How this layer blends with those below (W3C Compositing and Blending)</source>
        <translation>Cómo se mezcla esta capa con las de abajo (W3C Compositing and Blending)</translation>
    </message>
    <message>
        <source>Blend</source>
        <translation>Mezcla</translation>
    </message>
    <message>
        <source>Blend layer</source>
        <translation>Mezclar la capa</translation>
    </message>
    <message>
        <source>Opacity of the chosen layers</source>
        <translation>Opacidad de las capas elegidas</translation>
    </message>
    <message>
        <source>Show layer</source>
        <translation>Mostrar la capa</translation>
    </message>
    <message>
        <source>Hide layer</source>
        <translation>Ocultar la capa</translation>
    </message>
    <message>
        <source>Lock layer</source>
        <translation>Bloquear la capa</translation>
    </message>
    <message>
        <source>Unlock layer</source>
        <translation>Desbloquear la capa</translation>
    </message>
    <message>
        <source>Rename layer</source>
        <translation>Renombrar la capa</translation>
    </message>
    <message>
        <source>Name of the layer</source>
        <translation>Nombre de la capa</translation>
    </message>
    <message>
        <source>Layer opacity</source>
        <translation>Opacidad de la capa</translation>
    </message>
    <message>
        <source>Lines of this layer</source>
        <translation>Líneas de esta capa</translation>
    </message>
    <message>
        <source>All visible ink</source>
        <translation>Toda la tinta visible</translation>
    </message>
    <message>
        <source>The line itself</source>
        <translation>La línea misma</translation>
    </message>
    <message>
        <source>Thicker or thinner</source>
        <translation>Más gruesa o fina</translation>
    </message>
    <message>
        <source>Even out</source>
        <translation>Emparejar</translation>
    </message>
    <message>
        <source>Sharp ends</source>
        <translation>Extremos afilados</translation>
    </message>
    <message>
        <source>Gather</source>
        <translation>Recoger</translation>
    </message>
    <message>
        <source>The frame</source>
        <translation>El marco</translation>
    </message>
    <message>
        <source>Free corners</source>
        <translation>Esquinas libres</translation>
    </message>
    <message>
        <source>A mesh</source>
        <translation>Una malla</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Alcance</translation>
    </message>
    <message>
        <source>How far the hand reaches, page px</source>
        <translation>Hasta dónde llega la mano, px de la página</translation>
    </message>
    <message>
        <source>Softness</source>
        <translation>Suavidad</translation>
    </message>
    <message>
        <source>How softly the hand works at its edge</source>
        <translation>Cuán suave trabaja la mano en su borde</translation>
    </message>
    <message>
        <source>How thick a line becomes in one pass: below 100 thinner</source>
        <translation>Cuánto engrosa una línea de una pasada: por debajo de 100, más fina</translation>
    </message>
    <message>
        <source>Overshoot</source>
        <translation>Sobrante</translation>
    </message>
    <message>
        <source>What stays beyond a crossing while Shift is held</source>
        <translation>Lo que queda más allá de un cruce mientras se mantiene Mayús</translation>
    </message>
    <message>
        <source>Connected within</source>
        <translation>Conectado hasta</translation>
    </message>
    <message>
        <source>So near lines hang together, for “Choose what is connected”</source>
        <translation>Líneas tan cercanas van unidas, para «Elegir lo conectado»</translation>
    </message>
    <message>
        <source>Points within</source>
        <translation>Puntos dentro de</translation>
    </message>
    <message>
        <source>How far a line may move, in px of the screen, when it runs smoothly through its points</source>
        <translation>Cuánto puede moverse una línea, en px de la pantalla, al pasar suave por sus puntos</translation>
    </message>
    <message>
        <source>Snip up to</source>
        <translation>Recortar hasta</translation>
    </message>
    <message>
        <source>What ends a piece that is snipped</source>
        <translation>Lo que termina un trozo recortado</translation>
    </message>
    <message>
        <source>Does</source>
        <translation>Efecto</translation>
    </message>
    <message>
        <source>What a pass does to the weight of lines</source>
        <translation>Lo que una pasada hace al grosor de las líneas</translation>
    </message>
    <message>
        <source>What the hand does to the shape of lines</source>
        <translation>Lo que la mano hace a la forma de las líneas</translation>
    </message>
    <message>
        <source>By</source>
        <translation>Con</translation>
    </message>
    <message>
        <source>What lines are moved by</source>
        <translation>Con qué se mueven las líneas</translation>
    </message>
    <message>
        <source>Simplify</source>
        <translation>Simplificar</translation>
    </message>
    <message>
        <source>Have the line run smoothly through its points (Enter)</source>
        <translation>Que la línea pase suave por sus puntos (Intro)</translation>
    </message>
    <message>
        <source>Scale weights</source>
        <translation>Escalar grosores</translation>
    </message>
    <message>
        <source>Scaled lines become thicker too; Shift does the other</source>
        <translation>Las líneas escaladas también engrosan; Mayús hace lo otro</translation>
    </message>
    <message>
        <source>Along guides</source>
        <translation>Por las guías</translation>
    </message>
    <message>
        <source>Lines move along the guide that runs the way of the hand</source>
        <translation>Las líneas se mueven por la guía que va en el sentido de la mano</translation>
    </message>
    <message>
        <source>Fields down</source>
        <translation>Campos hacia abajo</translation>
    </message>
    <message>
        <source>Fields across</source>
        <translation>Campos a lo ancho</translation>
    </message>
    <message>
        <source>{name}, of the mesh</source>
        <translation>{name}, de la malla</translation>
    </message>
    <message>
        <source>Fields</source>
        <translation>Campos</translation>
    </message>
    <message>
        <source>thicker</source>
        <translation>más gruesa</translation>
    </message>
    <message>
        <source>thinner</source>
        <translation>más fina</translation>
    </message>
    <message>
        <source>no change</source>
        <translation>sin cambio</translation>
    </message>
    <message>
        <source>Drag the buttons elsewhere</source>
        <translation>Arrastrar los botones a otra parte</translation>
    </message>
    <message>
        <source>{name}: hold it, or tap it to keep it on</source>
        <translation>{name}: manténgalo, o tóquelo para dejarlo puesto</translation>
    </message>
    <message>
        <source>The whole page; drag to show another part, turn the wheel to zoom</source>
        <translation>La página entera; arrastre para mostrar otra parte, gire la rueda para ampliar</translation>
    </message>
    <message>
        <source>the hand as it is</source>
        <translation>la mano tal cual</translation>
    </message>
    <message>
        <source>while the key is held</source>
        <translation>mientras se mantiene la tecla</translation>
    </message>
    <message>
        <source>Full width of the line, in page px</source>
        <translation>Ancho pleno de la línea, en px de la página</translation>
    </message>
    <message>
        <source>How strongly the line is held while the pen is down; more trails further behind a slow hand</source>
        <translation>Con cuánta fuerza se sujeta la línea con la pluma posada; con más, se queda más atrás de una mano lenta</translation>
    </message>
    <message>
        <source>How strongly the line is smoothed when the pen lifts; it costs no lag, and can be changed later</source>
        <translation>Con cuánta fuerza se suaviza la línea al levantar la pluma; no cuesta retraso, y se puede cambiar después</translation>
    </message>
    <message>
        <source>The most ink a stroke of this pen leaves</source>
        <translation>La mayor tinta que deja un trazo de esta pluma</translation>
    </message>
    <message>
        <source>How the line is steadied while drawing</source>
        <translation>Cómo se afirma la línea al dibujar</translation>
    </message>
    <message>
        <source>Way of steadying</source>
        <translation>Modo de afirmar</translation>
    </message>
    <message>
        <source>Ease: follows softly, less as you speed up</source>
        <translation>Suave: sigue con blandura, menos al acelerar</translation>
    </message>
    <message>
        <source>Average: the mean of the last moments</source>
        <translation>Media: el promedio de los últimos instantes</translation>
    </message>
    <message>
        <source>Tow: the ink follows on a rope</source>
        <translation>Remolque: la tinta sigue con una cuerda</translation>
    </message>
    <message>
        <source>Less when the hand is fast</source>
        <translation>Menos cuando la mano va rápida</translation>
    </message>
    <message>
        <source>builds up</source>
        <translation>se acumula</translation>
    </message>
    <message>
        <source>ends and corners kept</source>
        <translation>extremos y esquinas</translation>
    </message>
    <message>
        <source>lightest touch</source>
        <translation>leve</translation>
    </message>
    <message>
        <source>fastest</source>
        <translation>rápido</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>vertical</translation>
    </message>
    <message>
        <source>along the nib</source>
        <translation>a lo largo</translation>
    </message>
    <message>
        <source>{where} {least:.1f} px</source>
        <translation>{where} {least:.1f} px</translation>
    </message>
    <message>
        <source>one width throughout</source>
        <translation>un ancho en toda ella</translation>
    </message>
    <message>
        <source>{way}, less when fast</source>
        <translation>{way}, menos al ir rápido</translation>
    </message>
    <message>
        <source>Favourites</source>
        <translation>Favoritas</translation>
    </message>
    <message>
        <source>Nibs</source>
        <translation>Plumillas</translation>
    </message>
    <message>
        <source>Brushes</source>
        <translation>Pinceles</translation>
    </message>
    <message>
        <source>favourite</source>
        <translation>favorita</translation>
    </message>
    <message>
        <source>nib</source>
        <translation>plumilla</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>pincel</translation>
    </message>
    <message>
        <source>Even lines</source>
        <translation>Líneas parejas</translation>
    </message>
    <message>
        <source>For the mouse</source>
        <translation>Para el ratón</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>redonda</translation>
    </message>
    <message>
        <source>mouse</source>
        <translation>ratón</translation>
    </message>
    <message>
        <source>Cords and motifs</source>
        <translation>Cordón, motivo</translation>
    </message>
    <message>
        <source>Pencils</source>
        <translation>Lápices</translation>
    </message>
    <message>
        <source>Textures</source>
        <translation>Texturas</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>figura</translation>
    </message>
    <message>
        <source>texture</source>
        <translation>textura</translation>
    </message>
    <message>
        <source>Tones</source>
        <translation>Tonos</translation>
    </message>
    <message>
        <source>One bit</source>
        <translation>Un bit</translation>
    </message>
    <message>
        <source>tone</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>one bit</source>
        <translation>un bit</translation>
    </message>
    <message>
        <source>white</source>
        <translation>blanca</translation>
    </message>
    <message>
        <source>Others</source>
        <translation>Otras</translation>
    </message>
    <message>
        <source>Erasers</source>
        <translation>Gomas</translation>
    </message>
    <message>
        <source>{name}, {size_px:g} px as shipped; press twice for the pen maker</source>
        <translation>{name}, {size_px:g} px de fábrica; pulse dos veces para el taller de plumas</translation>
    </message>
    <message>
        <source>Find a pen</source>
        <translation>Buscar pluma</translation>
    </message>
    <message>
        <source>Type part of a name or a tag: nib, brush, sketch, texture, tone, mouse, one bit</source>
        <translation>Escriba parte de un nombre o etiqueta: plumilla, pincel, boceto, textura, tono, ratón, un bit</translation>
    </message>
    <message>
        <source>Pens</source>
        <translation>Plumas</translation>
    </message>
    <message>
        <source>No pen has that in its name or tags.</source>
        <translation>Ninguna pluma tiene eso en su nombre o etiquetas.</translation>
    </message>
    <message>
        <source>Turn the page: drag sideways, press twice for upright</source>
        <translation>Girar la página: arrastre de lado, pulse dos veces para ponerla derecha</translation>
    </message>
    <message>
        <source>Everything Jotsk can do (F10)</source>
        <translation>Todo lo que Jotsk sabe hacer (F10)</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menú</translation>
    </message>
    <message>
        <source>The pages that are open (Ctrl+Tab goes to the next)</source>
        <translation>Las páginas abiertas (Ctrl+Tab va a la siguiente)</translation>
    </message>
    <message>
        <source>Open pages</source>
        <translation>Páginas abiertas</translation>
    </message>
    <message>
        <source>Angle of the page, degrees</source>
        <translation>Ángulo de la página, grados</translation>
    </message>
    <message>
        <source>Zoom, per cent</source>
        <translation>Zoom, por ciento</translation>
    </message>
    <message>
        <source>{width} x {height} px, {dpi:g} dpi</source>
        <translation>{width} x {height} px, {dpi:g} dpi</translation>
    </message>
    <message>
        <source>Not in a file yet</source>
        <translation>Aún no está en un archivo</translation>
    </message>
    <message>
        <source>unsaved</source>
        <translation>sin guardar</translation>
    </message>
    <message>
        <source>There are changes that are not in the file; closing keeps them for the next start</source>
        <translation>Hay cambios que no están en el archivo; al cerrar se conservan para el próximo inicio</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>guardada</translation>
    </message>
    <message>
        <source>{title}, unsaved</source>
        <translation>{title}, sin guardar</translation>
    </message>
    <message numerus="yes">
        <source>%n open</source>
        <comment>pages</comment>
        <translation>
            <numerusform>%n abierta</numerusform>
            <numerusform>%n abiertas</numerusform>
        </translation>
    </message>
    <message>
        <source>flipped</source>
        <translation>volteada</translation>
    </message>
    <message>
        <source>{tooltip}
Drag points; press beside the line for another; drag one out to take it away</source>
        <translation>{tooltip}
Arrastre puntos; pulse junto a la línea para otro; arrastre uno fuera para quitarlo</translation>
    </message>
    <message>
        <source>dd MMMM, HH:mm</source>
        <comment>day and time</comment>
        <translation>dd &apos;de&apos; MMMM, HH:mm</translation>
    </message>
    <message>
        <source>dd MMM</source>
        <comment>a day, short</comment>
        <translation>dd MMM</translation>
    </message>
    <message>
        <source>dd MMMM</source>
        <comment>a day</comment>
        <translation>dd &apos;de&apos; MMMM</translation>
    </message>
    <message>
        <source>Nothing was measured yet.</source>
        <translation>Aún no se midió nada.</translation>
    </message>
    <message>
        <source>From {low:g} to {high:g} {unit}</source>
        <translation>De {low:g} a {high:g} {unit}</translation>
    </message>
    <message>
        <source>Rose of directions</source>
        <translation>Rosa de direcciones</translation>
    </message>
    <message>
        <source>{direction:.0f}° {off:.2f} mm</source>
        <translation>{direction:.0f}° {off:.2f} mm</translation>
    </message>
    <message>
        <source>Nothing was drawn yet</source>
        <translation>Aún no se dibujó nada</translation>
    </message>
    <message>
        <source>mm off the line</source>
        <translation>mm fuera de la línea</translation>
    </message>
    <message>
        <source>Finding the lines</source>
        <translation>Buscando las líneas</translation>
    </message>
    <message>
        <source>taper in</source>
        <translation>entrada</translation>
    </message>
    <message>
        <source>thickest</source>
        <translation>más gruesa</translation>
    </message>
    <message>
        <source>opacity</source>
        <translation>opacidad</translation>
    </message>
    <message>
        <source>steady after</source>
        <translation>firmeza después</translation>
    </message>
    <message>
        <source>taper out</source>
        <translation>salida</translation>
    </message>
    <message>
        <source>lightest</source>
        <translation>más leve</translation>
    </message>
    <message>
        <source>swell</source>
        <translation>crece</translation>
    </message>
    <message>
        <source>its first line names no columns</source>
        <translation>su primera línea no nombra columnas</translation>
    </message>
    <message>
        <source>it cannot be read as a table</source>
        <translation>no se puede leer como tabla</translation>
    </message>
    <message>
        <source>it is larger than a palette can be</source>
        <translation>es más grande de lo que puede ser una paleta</translation>
    </message>
    <message>
        <source>it is not plain text</source>
        <translation>no es texto simple</translation>
    </message>
    <message>
        <source>its line {number} is no colour such as “#14181B Black”</source>
        <translation>su línea {number} no es un color como «#14181B Negro»</translation>
    </message>
    <message>
        <source>it holds more than {most_colors} colours</source>
        <translation>contiene más de {most_colors} colores</translation>
    </message>
    <message>
        <source>A corner just meets a frame; keep it off, or draw it well over.</source>
        <translation>Una esquina toca justo un marco; apártela o dibújela bien por encima.</translation>
    </message>
    <message>
        <source>This line stops exactly on another: draw it in, or end it before.</source>
        <translation>Esta línea acaba justo sobre otra: métala en ella o termínela antes.</translation>
    </message>
    <message>
        <source>The outside is {times:.1f} times as thick as the inside; {ratio:g} times stands out.</source>
        <translation>El exterior es {times:.1f} veces tan grueso como el interior; {ratio:g} veces destaca.</translation>
    </message>
    <message>
        <source>What mending would do</source>
        <translation>Qué haría el arreglo</translation>
    </message>
    <message>
        <source>The coloured lines are what mending would do. Press those that are to stay as they are.</source>
        <translation>Las líneas de color son lo que haría el arreglo. Pulse los que deban quedar como están.</translation>
    </message>
    <message numerus="yes">
        <source>Mend %n</source>
        <translation>
            <numerusform>Arreglar %n</numerusform>
            <numerusform>Arreglar %n</numerusform>
        </translation>
    </message>
    <message>
        <source>{size:.1f} px</source>
        <translation>{size:.1f} px</translation>
    </message>
    <message>
        <source>Weight of the outside</source>
        <translation>Grosor del exterior</translation>
    </message>
    <message>
        <source>Weights</source>
        <translation>Grosores</translation>
    </message>
    <message>
        <source>Outside to inside</source>
        <translation>Exterior e interior</translation>
    </message>
    <message>
        <source>How thick the outside lines of this layer are beside inside ones; pull and they grow heavier</source>
        <translation>Cuán gruesas son las líneas exteriores de esta capa frente a las interiores; arrastre y engordan</translation>
    </message>
    <message>
        <source>length of line by thickness, “{name}”</source>
        <translation>largo de línea por grosor, «{name}»</translation>
    </message>
    <message>
        <source>“{name}” has no lines yet</source>
        <translation>«{name}» aún no tiene líneas</translation>
    </message>
    <message>
        <source>choose a layer of ink</source>
        <translation>elija una capa de tinta</translation>
    </message>
    <message>
        <source>stands out</source>
        <translation>destaca</translation>
    </message>
    <message>
        <source>{wanted:.0f} % stands out</source>
        <translation>{wanted:.0f} % destaca</translation>
    </message>
    <message>
        <source>no outside and inside here</source>
        <translation>aquí no hay exterior e interior</translation>
    </message>
    <message>
        <source>Leaks</source>
        <translation>Fugas</translation>
    </message>
    <message>
        <source>Tangents</source>
        <translation>Tangentes</translation>
    </message>
    <message>
        <source>Outlines</source>
        <translation>Contornos</translation>
    </message>
    <message>
        <source>Wobble</source>
        <translation>Temblor</translation>
    </message>
    <message>
        <source>Stray marks</source>
        <translation>Perdidas</translation>
    </message>
    <message>
        <source>Gaps through which a fill would run out</source>
        <translation>Huecos por los que se saldría un relleno</translation>
    </message>
    <message>
        <source>Lines, ends and corners that touch without meaning to</source>
        <translation>Líneas, extremos y esquinas que se tocan sin querer</translation>
    </message>
    <message>
        <source>Outlines that are no heavier than what is inside</source>
        <translation>Contornos no más gruesos que lo de dentro</translation>
    </message>
    <message>
        <source>Lines that stray from what was meant</source>
        <translation>Líneas que se desvían de lo querido</translation>
    </message>
    <message>
        <source>Specks, double lines, lines off the page or too thin to print, empty layers</source>
        <translation>Motas, líneas dobles, líneas fuera de la página o demasiado finas para imprimir, capas vacías</translation>
    </message>
    <message>
        <source>not looked for yet</source>
        <translation>aún no se ha buscado</translation>
    </message>
    <message numerus="yes">
        <source>%n found</source>
        <translation>
            <numerusform>%n hallado</numerusform>
            <numerusform>%n hallados</numerusform>
        </translation>
    </message>
    <message>
        <source>Gaps up to</source>
        <translation>Huecos hasta</translation>
    </message>
    <message>
        <source>Wider gaps are no leaks: they are meant</source>
        <translation>Los huecos más anchos no son fugas: son a propósito</translation>
    </message>
    <message>
        <source>Touching within</source>
        <translation>Contacto hasta</translation>
    </message>
    <message>
        <source>Lines, ends and corners that are no farther apart are tangents</source>
        <translation>Líneas, extremos y esquinas que no distan más son tangentes</translation>
    </message>
    <message>
        <source>Wobble above</source>
        <translation>Temblor desde</translation>
    </message>
    <message>
        <source>Lines that stray less from what was meant are left alone; RMS, px of this page</source>
        <translation>Las líneas que se desvían menos de lo querido se dejan en paz; RMS, px de esta página</translation>
    </message>
    <message>
        <source>Outside at least</source>
        <translation>Exterior al menos</translation>
    </message>
    <message>
        <source>An outside that is thinner than so much of the inside is a weak outline</source>
        <translation>Un exterior más fino que tanto del interior es un contorno débil</translation>
    </message>
    <message>
        <source>as shipped</source>
        <translation>de fábrica</translation>
    </message>
    <message>
        <source>as shipped: {usual:.3g}</source>
        <translation>de fábrica: {usual:.3g}</translation>
    </message>
    <message>
        <source>“{text}” is no colour such as #1d2a32</source>
        <translation>«{text}» no es un color como #1d2a32</translation>
    </message>
    <message>
        <source>The standard input is larger than a page can be.</source>
        <translation>La entrada estándar es mayor de lo que puede ser una página.</translation>
    </message>
    <message>
        <source>a fill has a kind: {known}</source>
        <translation>un relleno tiene un tipo: {known}</translation>
    </message>
    <message>
        <source>an effect has a kind, {known}, and numbers in their ranges</source>
        <translation>un efecto tiene un tipo, {known}, y números en sus rangos</translation>
    </message>
    <message>
        <source>Steps are a list of at most {count:,}.</source>
        <translation>Los pasos son una lista de {count:,} como mucho.</translation>
    </message>
    <message>
        <source>Step {number} is none there is; there are {known}.</source>
        <translation>El paso {number} no existe; hay {known}.</translation>
    </message>
    <message>
        <source>Step {number}, {name}, needs {what}.</source>
        <translation>El paso {number}, {name}, necesita {what}.</translation>
    </message>
    <message>
        <source>Step {number}, {name}: {reason}</source>
        <translation>Paso {number}, {name}: {reason}</translation>
    </message>
    <message>
        <source>Step {number}, {name}, makes no sense: {reason}.</source>
        <translation>El paso {number}, {name}, no tiene sentido: {reason}.</translation>
    </message>
    <message>
        <source>there is no layer named “{name}”.</source>
        <translation>no hay ninguna capa llamada «{name}».</translation>
    </message>
    <message>
        <source>a way is a list of places</source>
        <translation>un camino es una lista de lugares</translation>
    </message>
    <message>
        <source>a place here has {count} numbers</source>
        <translation>un lugar tiene aquí {count} números</translation>
    </message>
    <message>
        <source>strokes are {all}, {inside} or {touching}</source>
        <translation>strokes es {all}, {inside} o {touching}</translation>
    </message>
    <message>
        <source>{name} is one of {known}</source>
        <translation>{name} es uno de {known}</translation>
    </message>
    <message>
        <source>it changes pen, size, color or steady_after</source>
        <translation>cambia pen, size, color o steady_after</translation>
    </message>
    <message>
        <source>Open the window, with a page (.ora), a picture as a sketch, or the lines of an SVG.</source>
        <translation>Abrir la ventana, con una página (.ora), una imagen como boceto o las líneas de un SVG.</translation>
    </message>
    <message>
        <source>Open the demo page, or the finished panel.</source>
        <translation>Abrir la página de muestra, o la viñeta terminada.</translation>
    </message>
    <message>
        <source>Open a practice sheet that measures the hand.</source>
        <translation>Abrir una hoja de práctica que mide la mano.</translation>
    </message>
    <message>
        <source>Write a page as a picture, shapes or motions; the ending of OUT says which.</source>
        <translation>Escribir una página como imagen, formas o movimientos; la terminación de OUT dice cuál.</translation>
    </message>
    <message>
        <source>Write a page as several orders at once.</source>
        <translation>Escribir una página como varios pedidos a la vez.</translation>
    </message>
    <message>
        <source>Write a page being drawn again.</source>
        <translation>Escribir una página mientras se dibuja otra vez.</translation>
    </message>
    <message>
        <source>Run a list of steps on a page: mending and filling.</source>
        <translation>Ejecutar una lista de pasos en una página: arreglar y rellenar.</translation>
    </message>
    <message>
        <source>Say what is wrong with a page; exit 3 if there is anything.</source>
        <translation>Decir qué está mal en una página; salida 3 si hay algo.</translation>
    </message>
    <message>
        <source>Run traces through the pens, without a window.</source>
        <translation>Pasar movimientos por las plumas, sin ventana.</translation>
    </message>
    <message>
        <source>Put the application into the menu of the desktop, for this user.</source>
        <translation>Poner la aplicación en el menú del escritorio, para este usuario.</translation>
    </message>
    <message>
        <source>Print a script that completes commands in a shell.</source>
        <translation>Imprimir un guion que completa órdenes en un intérprete.</translation>
    </message>
    <message>
        <source>NAME</source>
        <translation>NOMBRE</translation>
    </message>
    <message>
        <source>SYNOPSIS</source>
        <translation>SINOPSIS</translation>
    </message>
    <message>
        <source>DESCRIPTION</source>
        <translation>DESCRIPCIÓN</translation>
    </message>
    <message>
        <source>Without a command, Jotsk opens its window. Instead of a file, - reads the standard input.</source>
        <translation>Sin orden, Jotsk abre su ventana. En lugar de un archivo, - lee la entrada estándar.</translation>
    </message>
    <message>
        <source>COMMANDS</source>
        <translation>ÓRDENES</translation>
    </message>
    <message>
        <source>EXIT STATUS</source>
        <translation>CÓDIGO DE SALIDA</translation>
    </message>
    <message>
        <source>0 done; 1 the input could not be used; 2 wrong usage; 3 something was found by check.</source>
        <translation>0 hecho; 1 no se pudo usar la entrada; 2 mal uso; 3 check encontró algo.</translation>
    </message>
    <message>
        <source>FILES</source>
        <translation>ARCHIVOS</translation>
    </message>
    <message>
        <source>settings, pens, palettes and the diary of practice</source>
        <translation>ajustes, plumas, paletas y el diario de práctica</translation>
    </message>
    <message>
        <source>unsaved work and the log</source>
        <translation>trabajo sin guardar y el registro</translation>
    </message>
    <message>
        <source>what can be made again</source>
        <translation>lo que se puede volver a hacer</translation>
    </message>
    <message>
        <source>The layer of the picture was changed meanwhile, so the picture stays where it was.</source>
        <translation>La capa de la imagen cambió entretanto, así que la imagen se queda donde estaba.</translation>
    </message>
</context>
</TS>
