/** Protections, safety floor and what is worn, by what they are in English. */
export const PROTECTIONS: Readonly<Record<string, string>> = {
  'Pole, tower, ladder and roof work stops above the wind limit of the maker and the code, 10 m/s where neither says. On roofs and lifts a harness on a tested anchor; guard rails complete on towers; the ground below fenced off.':
    'El trabajo con pértiga, torre, escalera y techo para por encima del límite de viento del fabricante y de la norma, 10 m/s donde no lo dicen. En techos y plataformas, arnés a un anclaje probado; barandas completas en torres; el piso de abajo cercado.',
  'The product label, its safety data sheet, local codes and licensed practice come before anything written here.':
    'La etiqueta, la hoja de seguridad, las normas locales y la práctica con licencia van antes que todo lo escrito aquí.',
  'Before mixing, put on the eye, hand, foot, hearing and breathing protection listed for each agent and task. Ventilate; eyewash and plain water at hand.':
    'Antes de mezclar, ponerse la protección de ojos, manos, pies, oídos y respiración anotada para cada producto y tarea. Ventilar; lavaojos y agua limpia a mano.',
  'Water first, then acid or caustic; never the other way round. Never mix agents: own sprayer for each, every jug labelled.':
    'Primero agua, luego ácido o sosa; nunca al revés. Nunca mezclar productos: un rociador para cada uno, cada bidón etiquetado.',
  'Never point a jet at a person or an animal; lock the tip before pulling the trigger. Engine exhaust away from openings, fuel shut for transport.':
    'Nunca apuntar el chorro a una persona o animal; trabar la boquilla antes de apretar el gatillo. Escape del motor lejos de aberturas, combustible cerrado al transportar.',
  'Ladders, roofs and towers: competent people only, nobody below. Electricity: have it isolated and cover it. Suspected asbestos cement, lead paint, needles or dead animals: stop and hand over to licensed specialists.':
    'Escaleras, techos y torres: solo gente competente, nadie debajo. Electricidad: hacerla desconectar y taparla. Sospecha de asbesto, pintura con plomo, agujas o animales muertos: parar y entregar a especialistas con licencia.',
  'In an emergency flush with plenty of water, follow the data sheet and call the local emergency number.':
    'En una emergencia enjuagar con mucha agua, seguir la hoja de seguridad y llamar al número de emergencia local.',
  'Wet it through before work with {agents} starts on {from}: wet, it takes up less.':
    'Mojarlo bien antes de que empiece el trabajo con {agents} en {from}: mojado toma menos.',
  'Keep plain water running over it during work with {agents} on {from}; nothing dries on it.':
    'Dejar correr agua limpia encima durante el trabajo con {agents} en {from}; nada seca encima.',
  'Rinse it from its top edge down after the last rinse of {from}.':
    'Enjuagarlo de su borde superior hacia abajo después del último enjuague de {from}.',
  'Hang film over it, taped tight along its top edge, before work with {agents} starts on {from}: not a drop may run behind it.':
    'Colgar película delante, pegada en su borde superior, antes de que empiece el trabajo con {agents} en {from}: ni una gota detrás.',
  'film and tape': 'película y cinta',
  'Look behind the film at every section; where it is wet, flood with plain water and stop.':
    'Mirar detrás de la película en cada sección; donde está mojado, inundar con agua limpia y parar.',
  'Take the film off after the last rinse of {from}, then rinse it all the same.':
    'Quitar la película después del último enjuague de {from} y enjuagarlo igual.',
  'Lay {length} of sand sleeves along its edge; lead {agents} from {from} away from it, or catch it.':
    'Poner {length} de mangas de arena a lo largo de su borde; llevar {agents} de {from} lejos de ahí, o captarlo.',
  'sand sleeves, pump, drum': 'mangas de arena, bomba, tambor',
  'Keep it flooded with plain water where drops reach it; watch the sleeves.':
    'Inundarlo con agua limpia donde llegan gotas; vigilar las mangas.',
  'Lift the sleeves after the last rinse of {from}, then rinse it all the same.':
    'Levantar las mangas después del último enjuague de {from} y enjuagarlo igual.',
  'Wet the bed through, leaf and soil.': 'Mojar bien el cantero, hojas y tierra.',
  'Keep it wet as long as product is in use nearby.': 'Mantenerlo mojado mientras se usa producto cerca.',
  'Rinse leaves and soil with plenty of water.': 'Enjuagar hojas y tierra con mucha agua.',
  'Wet the grass along the wall.': 'Mojar el pasto a lo largo del muro.',
  'Rinse the grass.': 'Enjuagar el pasto.',
  'Lay {length} of bund between the work and the water; set up the catch.':
    'Poner {length} de barrera entre el trabajo y el agua; armar la captación.',
  'Empty the catch before it is full; read pH and chlorine of what is in it.':
    'Vaciar la captación antes de que se llene; medir pH y cloro de lo que hay.',
  'Lift the {length} of bund last, when the catch is empty and the reading neutral.':
    'Levantar al final los {length} de barrera, con la captación vacía y la medición neutra.',
  'Find out where it leads; block it where it leads to open water.':
    'Averiguar adónde va; taparlo donde va a agua abierta.',
  'drain mat': 'tapete de drenaje',
  'Unblock it when run-off is clear and neutral.': 'Destaparlo cuando el escurrimiento sea claro y neutro.',
  'Block it: it leads to open water. Take up what stands before it.':
    'Taparlo: va a agua abierta. Recoger lo que queda delante.',
  'Keep product out of it: it soaks away into the ground.': 'Que no entre producto: se infiltra en el suelo.',
  'Keep sludge and solids out of it.': 'Que no entren lodo ni sólidos.',
  'Rinse it through with plain water.': 'Enjuagarlo con agua limpia.',
  'Find out where it leads. Until then put a sleeve on its downpipe and catch what comes.':
    'Averiguar adónde va. Hasta entonces poner una manga en su bajante y captar lo que venga.',
  'downpipe sleeve, drum': 'manga de bajante, tambor',
  'Empty the catch before it is full.': 'Vaciar la captación antes de que se llene.',
  'Flush the gutter clear, then take the sleeve off when the water is neutral.':
    'Lavar la canaleta y quitar la manga cuando el agua sea neutra.',
  'Put a sleeve on its downpipe and lead it to the catch: it runs to open water.':
    'Poner una manga en su bajante y llevarla a la captación: va a agua abierta.',
  'Put a sleeve on its downpipe and lead it to the catch: it soaks away into the ground.':
    'Poner una manga en su bajante y llevarla a la captación: se infiltra en el suelo.',
  'Lift out what lies in it; keep moss and solids out of the downpipe.':
    'Sacar lo que hay dentro; que no entren musgo ni sólidos en el bajante.',
  'Flush it with plain water and see that the downpipe runs.':
    'Enjuagarla con agua limpia y ver que corra el bajante.',
  'Test with a bucket that it runs. Never block it: a blocked cellar drain floods the basement.':
    'Probar con una cubeta que corre. Nunca taparlo: un drenaje de sótano tapado inunda el sótano.',
  'Look down now and then: it must run.': 'Mirar de vez en cuando: tiene que correr.',
  'Clear it of sludge and test it with a bucket again.':
    'Limpiarlo de lodo y probarlo otra vez con una cubeta.',
  'Cover the pool with the owner; keep all run-off out of it.':
    'Tapar la piscina con el dueño; que no entre escurrimiento.',
  'pool cover': 'cubierta de piscina',
  'Rinse the cover and take it off; the owner tests the water before anybody swims.':
    'Enjuagar la cubierta y quitarla; el dueño prueba el agua antes de que alguien nade.',
  'Shut it, seal its foot, and ask what is behind it.': 'Cerrarla, sellar su pie y preguntar qué hay detrás.',
  'Untape it, wipe the threshold; look behind it for water.':
    'Quitar la cinta, secar el umbral; buscar agua detrás.',
  'Clear the sill; never spray up at it.': 'Despejar el alféizar; nunca rociar hacia arriba.',
  'Rinse the sill and wipe it dry.': 'Enjuagar el alféizar y secarlo.',
  'Have it isolated by somebody competent, then cover it: it must never get wet.':
    'Hacerlo desconectar por alguien competente y taparlo: nunca debe mojarse.',
  'Uncover it once all is dry; leave switching on to somebody competent.':
    'Destaparlo cuando todo esté seco; que lo conecte alguien competente.',
  'No jet and no product on it; with the owner’s consent cover it or keep it wet.':
    'Sin chorro ni producto encima; con permiso del dueño, taparlo o mantenerlo mojado.',
  'Keep it wet where it is not covered.': 'Mantenerlo mojado donde no está tapado.',
  'Uncover and rinse with plain water.': 'Destapar y enjuagar con agua limpia.',
  'Wet natural timber and keep it wet, or cover it.':
    'Mojar la madera natural y mantenerla mojada, o taparla.',
  'Uncover and rinse.': 'Destapar y enjuagar.',
  'Have goods moved off the door and off the floor; seal the foot of the door.':
    'Hacer retirar la mercadería de la puerta y del piso; sellar el pie de la puerta.',
  'Open up with the owner and look for water.': 'Abrir con el dueño y buscar agua.',
  'Have animals taken away with their bowls and bedding.':
    'Hacer llevar a los animales con sus platos y camas.',
  'They stay away until it is dry.': 'No vuelven hasta que esté seco.',
  'Rinse where they walk; they come back when it is dry.':
    'Enjuagar donde caminan; vuelven cuando está seco.',
  'Tape and sheet the gap; ask what is behind it.':
    'Tapar la rendija con cinta y película; preguntar qué hay detrás.',
  'Untape, look behind it for water.': 'Quitar la cinta, buscar agua detrás.',
  'Wet the glass.': 'Mojar el vidrio.',
  'Keep the glass wet: nothing dries on it.': 'Mantener el vidrio mojado: nada seca encima.',
  'Rinse the glass before anything dries on it.': 'Enjuagar el vidrio antes de que algo seque encima.',
  'Hang film over the glass and its frames: a sealer that dries on it stays.':
    'Colgar película sobre el vidrio y sus marcos: un sellador que seca ahí se queda.',
  'Take the film off once the coat no longer sticks; wipe off at once what got through.':
    'Quitar la película cuando la capa ya no pega; limpiar enseguida lo que pasó.',
  'Cover bare metal, or keep it wet throughout.': 'Tapar el metal o mantenerlo mojado todo el tiempo.',
  'Have the vehicle moved.': 'Hacer mover el vehículo.',
  'Tell the owner it can come back.': 'Avisar al dueño que puede volver.',
  'It cannot be moved: wet it, cover it to the ground, tape the cover.':
    'No se puede mover: mojarlo, taparlo hasta el piso, pegar la cubierta.',
  'Rinse the cover and take it off; rinse the vehicle.':
    'Enjuagar la cubierta y quitarla; enjuagar el vehículo.',
  'Wheel it out of the spray and of the run-off, lid shut.':
    'Rodarlo fuera del rocío y del escurrimiento, tapa cerrada.',
  'Wheel it back once the ground is rinsed.': 'Rodarlo de vuelta cuando el piso esté enjuagado.',
  'Have it wheeled out of the way before we begin.': 'Hacerlo rodar fuera del camino antes de empezar.',
  'Say that it can come back.': 'Avisar que puede volver.',
  'Move it away or cover it.': 'Moverlo o taparlo.',
  'dust sheet': 'sábana protectora',
  'Put it back dry.': 'Devolverlo seco.',
  'Keep away and ask: an occupied nest may be protected by law.':
    'No acercarse y preguntar: un nido ocupado puede estar protegido por ley.',
  'Nobody works within sight of it.': 'Nadie trabaja a su vista.',
  'Leave it as it was.': 'Dejarlo como estaba.',
  'Close it with signs on both ends and a lookout.': 'Cerrarlo con letreros en los dos extremos y un vigía.',
  'signs, cones': 'letreros, conos',
  'Nobody walks through spray; the lookout stays.': 'Nadie camina por el rocío; el vigía se queda.',
  'Rinse it, look for slippery spots, open it again.':
    'Enjuagarlo, buscar puntos resbalosos, abrirlo otra vez.',
  'Cover it or move it.': 'Taparlo o moverlo.',
  'Uncover it.': 'Destaparlo.',
  'Before work with {agents} starts on {from}, pick up what lies there wet and flush with plenty of plain water until nothing smells: together they release toxic gas.':
    'Antes de que empiece el trabajo con {agents} en {from}, recoger mojado lo que hay y enjuagar con mucha agua limpia hasta que no huela: juntos sueltan gas tóxico.',
  'Nobody stands downwind of it; if eyes or nose sting, stop, leave and let it air.':
    'Nadie a favor del viento; si arden ojos o nariz, parar, irse y dejar ventilar.',
  'Flush it once more with plain water.': 'Enjuagarlo una vez más con agua limpia.',
  'Wet the plants, then cover or bag them; never in hot sun.':
    'Mojar las plantas, luego taparlas o embolsarlas; nunca a pleno sol caliente.',
  'breathing cover': 'cubierta que respira',
  'Lift the cover as soon as the surface beside it is rinsed.':
    'Levantar la cubierta en cuanto la superficie de al lado esté enjuagada.',
  'Count the covers back; rinse leaves and soil.': 'Contar las cubiertas; enjuagar hojas y tierra.',
  'Lay {length} of bund along the foot of the surface and catch all run-off: nothing reaches the roots.':
    'Poner {length} de barrera al pie de la superficie y captar todo el escurrimiento: nada llega a las raíces.',
  'Lift the {length} of bund last, when the reading is neutral; rinse leaves all the same.':
    'Levantar al final los {length} de barrera, con la medición neutra; enjuagar las hojas igual.',
  'Rinse gear is laid and charged before any product touches a surface; people and cars are away.':
    'El equipo de enjuague está tendido y cargado antes de que un producto toque una superficie; gente y autos lejos.',
  'Plants and neighbouring surfaces are rinsed once more; every cover, tape and bund is counted back.':
    'Plantas y superficies vecinas se enjuagan una vez más; cada cubierta, cinta y barrera se cuenta de vuelta.',
  'closed boots': 'botas cerradas',
  'hearing protection': 'protección auditiva',
  'dust mask P2': 'mascarilla P2',
  'heat-proof gloves': 'guantes contra calor',
  'long sleeves': 'mangas largas',
};
