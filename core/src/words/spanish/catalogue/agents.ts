/** Agents and what care they take, by what they are in English. */
export const AGENTS: Readonly<Record<string, string>> = {
  'burns eyes and skin': 'quema ojos y piel',
  'releases toxic gas with hypochlorite': 'suelta gas tóxico con hipoclorito',
  'limestone, marble, lime mortar and render': 'caliza, mármol, mortero de cal y revoque',
  'zinc, aluminium, galvanised steel': 'zinc, aluminio, acero galvanizado',
  'cement joints, slowly': 'juntas de cemento, despacio',
  'Eyes: hold them open under running water for fifteen minutes and see a doctor with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Ojos: mantenerlos abiertos bajo agua corriente quince minutos y ver a un médico con la hoja de seguridad. Enjuagar con mucha agua, quitarse la ropa mojada, seguir la hoja de seguridad; llamar al número de emergencia local si no pasa.',
  'closed, apart from alkalis and hypochlorite': 'cerrado, aparte de álcalis e hipoclorito',
  'irritates eyes and skin': 'irrita ojos y piel',
  'slippery underfoot': 'resbaloso al pisar',
  'bare aluminium and zinc': 'aluminio y zinc sin cubrir',
  'glass where it dries': 'vidrio donde se seca',
  'unsealed wood turns dark': 'la madera sin sellar se oscurece',
  'dry and closed, apart from acids': 'seco y cerrado, aparte de ácidos',
  'Eyes: flush for at least 30 minutes, and go on flushing on the way to hospital with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Ojos: enjuagar al menos 30 minutos y seguir camino al hospital con la hoja de seguridad. Enjuagar con mucha agua, quitarse la ropa mojada, seguir la hoja de seguridad; llamar al número de emergencia local si no pasa.',
  'chemical apron': 'delantal para químicos',
  'a user’s licence where local code asks for one': 'licencia del usuario donde la norma local la pide',
  'burns eyes': 'quema los ojos',
  'can cause a skin allergy': 'puede causar alergia en la piel',
  'harms water life for a long time': 'daña la vida acuática por mucho tiempo',
  'water life': 'vida acuática',
  'fresh growth around': 'brotes cercanos',
  'locked, frost-free, apart from soap': 'bajo llave, sin helada, aparte de jabón',
  'rubber boots': 'botas de hule',
  'burns skin and eyes at once, and deep': 'quema piel y ojos enseguida y profundo',
  'heats up in water': 'se calienta en agua',
  'aluminium, zinc, tin': 'aluminio, zinc, estaño',
  'closed, upright, above 12 °C or it crystallises, apart from acids and aluminium':
    'cerrado, parado, arriba de 12 °C o cristaliza, aparte de ácidos y aluminio',
  'releases toxic gas with acid, ammonia or urine': 'suelta gas tóxico con ácido, amoníaco u orina',
  'bleaches cloth and paint': 'decolora tela y pintura',
  'stainless steel, copper, zinc and bare metal': 'acero inoxidable, cobre, zinc y metal sin cubrir',
  'nylon and wool': 'nailon y lana',
  'bare timber': 'madera sin tratar',
  'plants and water life': 'plantas y vida acuática',
  'cool, dark, vented; loses a tenth of its strength a month at 20 °C, a sixth at 25, a third at 30':
    'fresco, oscuro, ventilado; pierde un décimo de su fuerza al mes a 20 °C, un sexto a 25, un tercio a 30',
  'irritates eyes': 'irrita los ojos',
  'makes you dizzy in still air': 'marea en aire quieto',
  'glass and frames it splashes on': 'vidrio y marcos donde salpica',
  'Fresh air. Eyes: hold them open under running water for fifteen minutes and see a doctor with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Aire fresco. Ojos: mantenerlos abiertos bajo agua corriente quince minutos y ver a un médico con la hoja de seguridad. Enjuagar con mucha agua, quitarse la ropa mojada, seguir la hoja de seguridad; llamar al número de emergencia local si no pasa.',
  'closed, frost-free': 'cerrado, sin helada',
  'dust mask while weighing': 'mascarilla contra polvo al pesar',
  'Any contact: flush, calcium gluconate gel at once, and hospital at once even without pain. Tell them that it is fluoride, and take the data sheet.':
    'Cualquier contacto: enjuagar, gel de gluconato de calcio enseguida y al hospital enseguida aunque no duela. Decir que es fluoruro y llevar la hoja de seguridad.',
  'chemical gloves': 'guantes para químicos',
  'trade default; the product label and its safety data sheet come first':
    'valor del oficio; la etiqueta y la hoja de seguridad van primero',
  'respirator as the data sheet says': 'respirador como dice la hoja de seguridad',
  'nothing listed here': 'nada anotado aquí',
  'dry and closed': 'seco y cerrado',
  'sets fire going where it dries on cloth or sawdust': 'prende fuego donde se seca sobre tela o aserrín',
  'bursts closed containers': 'revienta envases cerrados',
  'some dyes and stains': 'algunos tintes',
  'unsealed copper': 'cobre sin sellar',
  'dry, cool, away from anything that burns': 'seco, fresco, lejos de todo lo que arde',
  'pH strip reads 6 to 8; on cement and lime what an untreated spot beside it reads under the same water':
    'la tira de pH marca 6 a 8; sobre cemento y cal, lo que marca al lado un punto sin tratar con la misma agua',
  'dries out the skin': 'reseca la piel',
  'catches fire': 'se inflama',
  'paint, sealers, plastics, rubber, bitumen': 'pintura, selladores, plásticos, hule, asfalto',
  'closed, cool, away from flames and sparks': 'cerrado, fresco, lejos de llamas y chispas',
  'Swallowed: rinse the mouth, drink nothing more, call poison control with the data sheet. Eyes: hold them open under running water for fifteen minutes and see a doctor with the data sheet. Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.':
    'Tragado: enjuagar la boca, no beber nada más, llamar a toxicología con la hoja de seguridad. Ojos: mantenerlos abiertos bajo agua corriente quince minutos y ver a un médico con la hoja de seguridad. Enjuagar con mucha agua, quitarse la ropa mojada, seguir la hoja de seguridad; llamar al número de emergencia local si no pasa.',
  'Sodium hypochlorite': 'Hipoclorito de sodio',
  'chlorine strip reads 0': 'la tira de cloro marca 0',
  'Acid, ammonia, urine or droppings release toxic gas: flush with water first.':
    'Ácido, amoníaco, orina o excrementos sueltan gas tóxico: lavar primero con agua.',
  'Bleaches cloth, burns plants, pits bare metal: wet and rinse whatever is near.':
    'Decolora tela, quema plantas, pica metal: mojar y enjuagar lo que esté cerca.',
  'Sodium percarbonate': 'Percarbonato de sodio',
  'Seriously damages eyes: goggles on before the bag is opened.':
    'Daña gravemente los ojos: gafas puestas antes de abrir la bolsa.',
  'The mix gives off oxygen: never close it up, use it within the hour.':
    'La mezcla suelta oxígeno: nunca cerrarla, usarla en una hora.',
  'Quaternary biocide': 'Biocida cuaternario',
  'Leave on: rain within 24 h carries it off. Wind below the drift limit.':
    'Se deja puesto: lluvia en 24 h se lo lleva. Viento debajo del límite de deriva.',
  'Harms water life: keep it out of ponds and streams. A licence may be needed.':
    'Daña la vida acuática: lejos de estanques y arroyos. Puede hacer falta licencia.',
  'Soap that foams by anionic surfactants stops it: rinse such soap off first.':
    'El jabón que espuma con surfactantes aniónicos lo anula: enjuagar primero ese jabón.',
  'Hydrogen peroxide': 'Peróxido de hidrógeno',
  'face shield': 'careta',
  'Above 12 % its sale is controlled in many places: ask your supplier, or buy it weaker.':
    'Arriba de 12 % su venta está controlada en muchos lugares: preguntar al proveedor o comprarlo más débil.',
  'Breaks down violently with alkali, metals and dirt: clean vessels of plastic only.':
    'Se descompone con violencia con álcali, metales y suciedad: solo recipientes limpios de plástico.',
  'Whitens and burns skin: rinse at once.': 'Blanquea y quema la piel: enjuagar enseguida.',
  'Vented cap only; never back into the container.': 'Solo tapa con ventilación; nunca de vuelta al envase.',
  'Oxidising shadow gel': 'Gel oxidante para sombras',
  'Only once the film is off; vented cap.': 'Solo cuando la película ya no está; tapa con ventilación.',
  'harms plants that it touches': 'daña las plantas que toca',
  'every plant that takes it up': 'toda planta que lo absorbe',
  'Systemic weed killer': 'Herbicida sistémico',
  'Dry leaf, no wind, no rain for a day; a week to ten days until it has reached the root.':
    'Hoja seca, sin viento, sin lluvia un día; de una semana a diez días hasta llegar a la raíz.',
  'Licensed users only where the law says so; banned on hard surfaces in some places.':
    'Solo usuarios con licencia donde la ley lo dice; prohibido en superficies duras en algunos lugares.',
  'smells sharp': 'huele fuerte',
  'every leaf it wets': 'toda hoja que moja',
  'Contact weed killer (fatty acid)': 'Herbicida de contacto (ácido graso)',
  'Burns the leaf, not the root: repeat.': 'Quema la hoja, no la raíz: repetir.',
  'Licensed users only where the law says so.': 'Solo usuarios con licencia donde la ley lo dice.',
  'Quaternary biocide, ready to use': 'Biocida cuaternario, listo para usar',
  'Caustic degreaser (sodium hydroxide)': 'Desengrasante cáustico (hidróxido de sodio)',
  'Burns skin and eyes at once: rinse for a long time and follow the data sheet.':
    'Quema piel y ojos enseguida: enjuagar mucho tiempo y seguir la hoja de seguridad.',
  'Always caustic into water, never water onto caustic: it heats up.':
    'Siempre la sosa al agua, nunca agua a la sosa: se calienta.',
  'Mild alkaline cleaner (metasilicate)': 'Limpiador alcalino suave (metasilicato)',
  'The powder and strong mixes burn skin and eyes.': 'El polvo y las mezclas fuertes queman piel y ojos.',
  'Short contact only: it etches glass and attacks bare aluminium where it dries.':
    'Solo contacto corto: graba el vidrio y ataca el aluminio donde se seca.',
  'Oxalic acid': 'Ácido oxálico',
  'Poisonous: no eating or smoking; wash your hands.': 'Venenoso: no comer ni fumar; lavarse las manos.',
  'Never where hypochlorite may still be: toxic gas.':
    'Nunca donde todavía pueda haber hipoclorito: gas tóxico.',
  'Phosphoric acid': 'Ácido fosfórico',
  'Acid into water, never water onto acid.': 'Ácido al agua, nunca agua al ácido.',
  'Sulfamic acid': 'Ácido sulfámico',
  'Burns eyes: rinse for a long time and follow the data sheet.':
    'Quema los ojos: enjuagar mucho tiempo y seguir la hoja de seguridad.',
  'Citric acid': 'Ácido cítrico',
  'Sodium ascorbate': 'Ascorbato de sodio',
  'Mix it fresh: it loses strength in air.': 'Mezclarlo fresco: pierde fuerza al aire.',
  'Sodium bicarbonate': 'Bicarbonato de sodio',
  'Foams on acid: small amounts first.': 'Hace espuma con ácido: primero poco.',
  'Phosphate alkaline cleaner': 'Limpiador alcalino de fosfato',
  'Feeds algae in water: not where run-off reaches a pond; banned in some places.':
    'Alimenta algas: no donde el escurrimiento llega a un estanque; prohibido en algunos lugares.',
  'Hydrochloric acid': 'Ácido clorhídrico',
  'Its fumes rust all metal nearby and it leaves chlorides in concrete: only for cement haze, on a pre-wetted surface.':
    'Sus vapores oxidan todo metal cercano y deja cloruros en el concreto: solo para velo de cemento, sobre superficie premojada.',
  'Alkaline shadow gel': 'Gel alcalino para sombras',
  'Only once the film is off; fence it off while it works overnight.':
    'Solo cuando la película ya no está; cercarlo mientras actúa de noche.',
  'Fluoride acids go through skin and bone without pain at first and have killed people: Etappe explains them and never schedules them.':
    'Los ácidos fluorados atraviesan piel y hueso sin dolor al principio y han matado gente: Etappe los explica y nunca los programa.',
  'goes through skin to the bone, often without pain at first':
    'atraviesa la piel hasta el hueso, a menudo sin dolor al principio',
  'can stop the heart': 'puede parar el corazón',
  'granite polish': 'pulido de granito',
  'everything other acids attack': 'todo lo que atacan otros ácidos',
  'Bifluoride acid cleaner': 'Limpiador ácido de bifluoruro',
  'specialists only': 'solo especialistas',
  'Any contact: rinse, calcium gluconate gel, hospital at once.':
    'Cualquier contacto: enjuagar, gel de gluconato de calcio, al hospital enseguida.',
  'Bicarbonate takes the acid away, not the fluoride: the rinse stays poisonous.':
    'El bicarbonato quita el ácido, no el fluoruro: el enjuague sigue siendo venenoso.',
  'releases sulfur dioxide with acid': 'suelta dióxido de azufre con ácido',
  'Sodium thiosulfate': 'Tiosulfato de sodio',
  'Stops chlorine; never where acid is or will be.': 'Detiene el cloro; nunca donde hay o habrá ácido.',
  'Acetic acid': 'Ácido acético',
  'Its vapour tarnishes lead and copper near it: rinse soon.':
    'Su vapor mancha plomo y cobre cercanos: enjuagar pronto.',
  'Traffic-film remover': 'Removedor de película de tráfico',
  'Never in the sun or on hot metal: it dries to streaks that stay.':
    'Nunca al sol ni sobre metal caliente: seca en rayas que se quedan.',
  'Slippery underfoot until it is rinsed.': 'Resbaloso hasta que se enjuaga.',
  'Low-alkali wood cleaner': 'Limpiador de madera de bajo álcali',
  'Oak, cedar and larch darken for a while: a brightener brings them back.':
    'Roble, cedro y alerce se oscurecen un tiempo: un aclarador los recupera.',
  'Alkaline stripper of sealers': 'Decapante alcalino de selladores',
  'Very slippery: fence it off until it is rinsed.': 'Muy resbaloso: cercarlo hasta enjuagar.',
  'The slurry carries the sealer: lift it, never into a drain.':
    'El lodo lleva el sellador: recogerlo, nunca a un drenaje.',
  'Neutral biocidal stone cleaner': 'Limpiador biocida neutro para piedra',
  'Harms water life: keep it out of ponds and streams.':
    'Daña la vida acuática: lejos de estanques y arroyos.',
  'Neutral citrate rust gel': 'Gel neutro de citrato para óxido',
  'Slow: it stays under film, and comes off whole before it is rinsed.':
    'Lento: queda bajo película y se retira entero antes de enjuagar.',
  'toxic if swallowed': 'tóxico si se traga',
  'gives off toxic gas with acid': 'suelta gas tóxico con ácido',
  'reacts hard with chlorine and peroxide': 'reacciona fuerte con cloro y peróxido',
  'copper, brass and silver turn black': 'cobre, latón y plata se ponen negros',
  'closed, cool, apart from acids and from anything that bleaches':
    'cerrado, fresco, aparte de ácidos y de todo lo que blanquea',
  'Thioglycolate rust gel': 'Gel de tioglicolato para óxido',
  'Smells of sulfur: only in the open or with the air moving.':
    'Huele a azufre: solo al aire libre o con aire en movimiento.',
  'Never with or after acid, chlorine or peroxide: rinse and read in between.':
    'Nunca con ácido, cloro o peróxido ni después: entre medio enjuagar y medir.',
  'Neutral detergent, non-ionic': 'Detergente neutro, no iónico',
  'Foam harms water life: keep it out of ponds and streams.':
    'La espuma daña la vida acuática: lejos de estanques y arroyos.',
  'Gluconate stain remover': 'Quitamanchas de gluconato',
  'Slow: keep it wet under film.': 'Lento: mantenerlo mojado bajo película.',
  'Enzyme cleaner': 'Limpiador enzimático',
  'Works slowly, above 10 °C; chlorine, caustic and quaternary biocides stop it.':
    'Actúa despacio, arriba de 10 °C; cloro, sosa y biocidas cuaternarios lo detienen.',
  'Clay poultice': 'Cataplasma de arcilla',
  'dust mask while mixing': 'mascarilla contra polvo al mezclar',
  'Left on until it is dry and cracks: drying is what draws stains out of the pores.':
    'Se deja hasta que seca y se agrieta: al secar saca la mancha de los poros.',
  'Neutral glass cleaner': 'Limpiavidrios neutro',
  'No ammonia in it: it may follow hypochlorite only after a full rinse.':
    'Sin amoníaco: puede ir después de hipoclorito solo tras un enjuague completo.',
  'Masonry-strength paint remover': 'Removedor de pintura para mampostería',
  'Keep sparks and flames away; keep the air moving.': 'Lejos de chispas y llamas; que corra el aire.',
  'Catch the run-off: it carries paint and remover.': 'Captar el escurrimiento: lleva pintura y removedor.',
  'Mild paint remover': 'Removedor de pintura suave',
  'Try it on a hidden spot: the coating below must stay hard.':
    'Probarlo en un punto oculto: el recubrimiento de abajo debe seguir duro.',
  'Keep sparks and flames away.': 'Lejos de chispas y llamas.',
  'Citrus degreaser': 'Desengrasante cítrico',
  'Can cause a skin allergy; rags soaked with it can catch fire by themselves.':
    'Puede causar alergia en la piel; los trapos empapados pueden encenderse solos.',
  Isopropanol: 'Isopropanol',
  'Catches fire easily: no sparks, no hot metal, small bottles only.':
    'Se inflama muy fácil: sin chispas, sin metal caliente, solo botellas pequeñas.',
  'Rinse before and after chlorine or peroxide.': 'Enjuagar antes y después de cloro o peróxido.',
  'Silane impregnator': 'Impregnante de silano',
  'On a dry surface only; wipe off glass at once.':
    'Solo sobre superficie seca; limpiar el vidrio enseguida.',
  'Acrylic sealer': 'Sellador acrílico',
  'Turns milky on damp: let it dry for a week first; no frost, no dew.':
    'Se pone lechoso con humedad: primero dejar secar una semana; sin helada, sin rocío.',
  'Wood oil or stain': 'Aceite o tinte para madera',
  'Oily rags catch fire by themselves: put them in water or spread them out.':
    'Los trapos con aceite se encienden solos: en agua o extendidos.',
  'Wood moisture at most 15 to 18 %.': 'Humedad de la madera como mucho 15 a 18 %.',
  'Sacrificial coating against tags': 'Capa de sacrificio contra grafiti',
  'Comes off with hot water together with the tag: renew it after each.':
    'Sale con agua caliente junto con el grafiti: renovarla después de cada uno.',
  'Joint sealer for sand': 'Sellador de juntas de arena',
  'Flooded on so that it sinks into the sand; what stands on the stone is spread within minutes.':
    'Se inunda para que baje en la arena; lo que queda sobre la piedra se extiende en minutos.',
  'Turns milky on damp: no rain and no dew for a day.':
    'Se pone lechoso con humedad: un día sin lluvia ni rocío.',
};
