import type { Material, PieceKind } from '../design/piece.js'
import type { CupboardColumn } from './cupboardColumns.js'
import { plainWords, wordTable } from '../units/plainWords.js'

/** Words that lists of people use, in English, German, French, Spanish, Italian and Dutch; our own collection, from memory. */

/** A column of a list: one of the cupboard's, or all sizes in one cell, as `30 x 45 cm`. */
export type ListColumn = CupboardColumn | 'size'

export const headerWords = wordTable<ListColumn>({
  name: 'item, piece, title, description, article, name, bezeichnung, gegenstand, stück, artikel, nom, désignation, objet, pièce, nombre, descripción, objeto, artículo, pieza, nome, descrizione, oggetto, articolo, pezzo, naam, omschrijving, voorwerp',
  kind: 'type, category, kind, art, kategorie, typ, genre, catégorie, sorte, tipo, categoría, categoria, genere, soort, categorie',
  owned:
    'quantity, qty, count, number, pieces, how many, owned, anzahl, menge, stückzahl, zahl, quantité, qté, combien, cantidad, unidades, quantità, qta, pezzi, aantal, hoeveelheid',
  kept: 'location, place, stored, where, bin, shelf, kept, ort, lagerort, fach, regal, schrank, wo, aufbewahrung, lieu, emplacement, rangement, où, lugar, ubicación, sitio, armario, dónde, luogo, posto, posizione, dove, plaats, plek, kast, waar',
  color: 'colour, color, farbe, couleur, couleurs, colores, colore, kleur',
  material: 'material, made of, made, fabric, materials, stoff, werkstoff, matière, matériau, tissu, materiales, tela, materiale, tessuto, materiaal',
  diameterMm: 'diameter, dia, durchmesser, diamètre, diametro, diámetro, doorsnede',
  lengthMm: 'length, länge, longueur, largo, longitud, lunghezza, lengte',
  widthMm: 'width, breite, largeur, ancho, anchura, larghezza, breedte',
  heightMm: 'height, höhe, hauteur, alto, altura, altezza, hoogte',
  sideMm: 'side, seitenlänge, kante, côté, lado, lato, zijde',
  mouthMm: 'mouth, öffnung, ouverture, boca, apertura, opening',
  depthMm: 'depth, tiefe, profondeur, profundidad, profondità, diepte',
  size: 'size, sizes, dimensions, measures, größe, maße, maß, abmessungen, taille, dimensioni, misure, tamaño, medidas, dimensiones, maat, maten, afmetingen, formaat',
  seasons: 'season, seasons, jahreszeit, saison, saisons, estación, temporada, stagione, seizoen',
  setName: 'set, service, satz, servicio, servizio, servies',
  notes: 'note, notes, comments, remarks, bemerkung, bemerkungen, notiz, remarque, remarques, notas, observaciones, osservazioni, opmerking, opmerkingen',
  acquired: 'year, bought, since, jahr, gekauft, seit, année, acheté, año, comprado, anno, comprato, jaar, gekocht',
  provenance: 'source, from, herkunft, von, provenance, origine, procedencia, origen, provenienza, herkomst',
  paidCents: 'paid, price, cost, preis, bezahlt, prix, payé, precio, pagado, prezzo, pagato, prijs, betaald',
  pattern: 'pattern, muster, dekor, motif, décor, dibujo, estampado, motivo, patroon',
  genus: 'genus, gattung, genre botanique, género, botanical name',
  first: 'condition, care, first',
  finish: 'finish, oberfläche, finition, acabado, finitura, afwerking',
  borrowedFrom: 'borrowed from, lender, geliehen von, emprunté à, prestado de, prestato da, geleend van'
})

/** What a word says a thing is. */
export interface KindWord {
  readonly kind: PieceKind
  /** The role, form or candle it takes, as far as the word says. */
  readonly is: Readonly<Record<string, string>>
}

const kindLists: readonly (readonly [PieceKind, Readonly<Record<string, string>> | null, string])[] = [
  ['plate', null, 'plate, teller, assiette, plato, piatto, bord, dinner plate, essteller, speiseteller, dinerbord'],
  [
    'plate',
    { role: 'charger' },
    'charger, charger plate, platzteller, unterteller gross, assiette de présentation, dessous d assiette, bajoplato, sottopiatto, onderbord'
  ],
  [
    'plate',
    { role: 'salad' },
    'salad plate, dessert plate, side plate, starter plate, dessertteller, frühstücksteller, kuchenteller, salatteller, assiette à dessert, petite assiette, plato de postre, piatto da dessert, piattino, dessertbord, ontbijtbord'
  ],
  ['plate', { role: 'bread' }, 'bread plate, butter plate, brotteller, assiette à pain, platillo, plato de pan, piattino da pane, broodbord'],
  [
    'plate',
    { role: 'bowl' },
    'soup plate, soup bowl, soup bowls, cereal bowl, suppenteller, tiefer teller, suppentasse, assiette creuse, plato hondo, piatto fondo, piatto piano fondo, soepbord, diep bord, bowl, bol, cuenco, ciotola'
  ],
  ['glass', null, 'glass, tumbler, goblet, water glass, glas, wasserglas, becher, verre, gobelet, vaso, bicchiere, waterglas, beker'],
  [
    'glass',
    { role: 'white' },
    'wine glass, white wine glass, weinglas, weissweinglas, verre à vin, verre à vin blanc, copa, copa de vino, calice, calice da vino, wijnglas'
  ],
  ['glass', { role: 'red' }, 'red wine glass, rotweinglas, verre à vin rouge, copa de vino tinto, calice da vino rosso'],
  ['glass', { role: 'flute' }, 'flute, champagne glass, coupe, sektglas, sektflöte, flûte, copa de cava, flauta, champagneglas'],
  ['flatware', { role: 'dinner-fork' }, 'fork, dinner fork, gabel, menügabel, fourchette, tenedor, forchetta, vork'],
  [
    'flatware',
    { role: 'dinner-knife' },
    'knife, dinner knife, table knife, messer, menümesser, tafelmesser, couteau, cuchillo, coltello, dinner knives, knives, mes'
  ],
  ['flatware', { role: 'soup-spoon' }, 'spoon, soup spoon, table spoon, löffel, suppenlöffel, esslöffel, cuillère, cuchara, cucchiaio, lepel, soeplepel'],
  [
    'flatware',
    { role: 'dessert-spoon' },
    'dessert spoon, dessertlöffel, kuchenlöffel, teelöffel, cuillère à dessert, cucharilla, cucchiaino, dessertlepel, teaspoon, tea spoon'
  ],
  [
    'flatware',
    { role: 'dessert-fork' },
    'dessert fork, cake fork, dessertgabel, kuchengabel, fourchette à dessert, tenedor de postre, forchettina, dessertvork'
  ],
  ['flatware', { role: 'salad-fork' }, 'salad fork, salatgabel, fourchette à salade'],
  ['flatware', { role: 'fish-fork' }, 'fish fork, fischgabel, fourchette à poisson, tenedor de pescado, visvork'],
  ['flatware', { role: 'fish-knife' }, 'fish knife, fischmesser, couteau à poisson, cuchillo de pescado, vismes'],
  ['flatware', { role: 'steak-knife' }, 'steak knife, steakmesser, couteau à steak, steakmes'],
  [
    'napkin',
    null,
    'napkin, napkins, serviette, serviettes, serviette de table, serviettes de table, serviette en lin, stoffserviette, servilleta, tovagliolo, tovaglioli, servet, servetten, mundtuch'
  ],
  ['cloth', null, 'tablecloth, table cloth, cloth, topper, tischdecke, tischtuch, tafeltuch, decke, nappe, mantel, tovaglia, tafelkleed, tafellaken'],
  ['runner', null, 'runner, table runner, tischläufer, läufer, chemin de table, camino de mesa, corsia, runner da tavola, tafelloper, loper'],
  ['mat', null, 'place mat, placemat, mat, platzset, tischset, set de table, mantel individual, individual, tovaglietta, placemats'],
  ['vessel', { form: 'jug' }, 'vase, jug, pitcher, urn, krug, kanne, blumenvase, pichet, cruche, jarrón, florero, jarra, vaso da fiori, brocca, vaas, kan'],
  ['vessel', { form: 'bottle' }, 'bottle, bud vase, flasche, flaschenvase, bouteille, soliflore, botella, bottiglia, fles'],
  ['vessel', { form: 'bowl' }, 'footed bowl, flower bowl, serving bowl, schale, blumenschale, schüssel, saladier, fuente, fruttiera, schaal, kom'],
  ['vessel', { form: 'trough' }, 'trough, planter, window box, pflanztrog, trog, blumenkasten, jardinière, bac à fleurs, jardinera, fioriera, plantenbak'],
  ['vessel', { form: 'lantern' }, 'lantern, laterne, lanterne, farol, lanterna, lantaarn'],
  ['vessel', { form: 'cloche' }, 'cloche, bell jar, glasglocke, glocke, campana, campana de vidrio, campana di vetro, stolp'],
  [
    'holder',
    null,
    'holder, candlestick, candle stick, candle holder, candleholder, candlesticks, kerzenhalter, kerzenständer, kerzenleuchter, leuchter, bougeoir, chandelier, candelero, candelabro, candeliere, portacandela, portacandele, kandelaar, kaarsenhouder'
  ],
  [
    'holder',
    { takes: 'tealight' },
    'tea light holder, tealight holder, teelichthalter, teelichtglas, photophore, portavelas, portalumino, theelichthouder, waxinehouder, votive holder, votive glass'
  ],
  ['candle', null, 'candle, taper, taper candle, dinner candle, kerze, stabkerze, tafelkerze, spitzkerze, bougie, chandelle, vela, candela, kaars, dinerkaars'],
  ['candle', { form: 'pillar' }, 'pillar, pillar candle, stumpenkerze, stumpen, bougie pilier, vela gruesa, cero, stompkaars'],
  ['candle', { form: 'tealight' }, 'tea light, tealight, tea lights, teelicht, teelichter, bougie chauffe plat, vela de té, lumino, theelicht, waxinelichtje'],
  ['candle', { form: 'votive' }, 'votive, votive candle, votivkerze, votive'],
  ['riser', null, 'riser, stand, pedestal, ständer, podest, rehausseur, présentoir, pedestal, alzatina, alzata, verhoging'],
  ['tray', null, 'tray, platter, tablett, platte, plateau, bandeja, vassoio, dienblad, plateau rond'],
  ['tray', { form: 'board' }, 'board, cutting board, brett, holzbrett, planche, tabla, tagliere, plank'],
  ['tray', { form: 'basket' }, 'basket, korb, panier, cesta, cesto, cestino, mand'],
  ['tray', { form: 'dough-bowl' }, 'dough bowl, teigmulde, pétrin'],
  ['tray', { form: 'mirror' }, 'mirror, mirror tray, spiegel, miroir, espejo, specchio'],
  ['tray', { form: 'tiers' }, 'tiered stand, tier stand, cake stand, etagere, etagère, serviteur'],
  [
    'ornament',
    { form: 'shakers' },
    'salt and pepper, salt shaker, pepper mill, salt mill, shakers, salzstreuer, salz und pfeffer, pfeffermühle, salière, moulin à poivre, salero, pimentero, saliera, zoutvaatje'
  ],
  ['ornament', { form: 'napkin-holder' }, 'napkin holder, serviettenhalter, porte-serviettes, servilletero, portatovaglioli, servethouder'],
  ['ornament', { form: 'figure' }, 'figure, figurine, ornament, statue, bird, figur, dekofigur, figura, statuina, beeldje'],
  ['ornament', { form: 'garland' }, 'garland, girlande, guirlande, guirnalda, ghirlanda, slinger'],
  ['ornament', { form: 'wreath' }, 'wreath, kranz, couronne, corona, krans'],
  ['ornament', { form: 'beads' }, 'beads, bead string, perlenkette, perles'],
  ['ornament', { form: 'lights' }, 'string lights, fairy lights, lichterkette, guirlande lumineuse, lichtsnoer'],
  ['stem', null, 'stem, flower, rose, blume, schnittblume, fleur, flor, fiore, bloem'],
  ['tool', null, 'serving spoon, serving fork, tongs, ladle, vorlegelöffel, kelle, zange, louche, cucharón, mestolo'],
  ['supply', null, 'foam, tape, twine, wire, lighter, battery, draht, feuerzeug, batterie']
]

/** Every word of a kind, with what it says of role or form. */
export const kindWords: ReadonlyMap<string, KindWord> = new Map(
  kindLists.flatMap(([kind, is, words]) => words.split(',').map((word) => [plainWords(word), { kind, is: is ?? {} }] as const))
)

export const materialWords = wordTable<Material>({
  porcelain: 'porcelain, china, bone china, porzellan, porcelaine, porcelana, porcellana, porselein',
  stoneware:
    'stoneware, ceramic, pottery, earthenware, steinzeug, keramik, steingut, ton, grès, céramique, faïence, gres, cerámica, loza, ceramica, aardewerk, keramiek',
  glass: 'glass, crystal, glas, kristall, kristallglas, verre, cristal, vidrio, vetro, cristallo, kristal',
  brass: 'brass, gold, copper, bronze, messing, kupfer, laiton, cuivre, latón, ottone, rame, koper',
  steel:
    'steel, stainless, stainless steel, iron, metal, tin, pewter, edelstahl, stahl, eisen, zinn, acier, inox, fer, acero, hierro, acciaio, ferro, staal, ijzer, rvs',
  silver: 'silver, silver plate, silber, argent, plata, argento, zilver, versilbert',
  wood: 'wood, oak, walnut, olive wood, holz, eiche, olivenholz, nussbaum, bois, chêne, madera, roble, legno, quercia, hout, eiken, bambus, bamboo',
  rattan: 'rattan, wicker, seagrass, jute, weide, bast, osier, rotin, mimbre, ratán, vimini, riet',
  linen: 'linen, leinen, flachs, lin, lino, linnen',
  cotton: 'cotton, baumwolle, coton, algodón, cotone, katoen, damast, damask, polyester, velvet, samt',
  wool: 'wool, felt, wolle, filz, laine, lana, wol, vilt',
  stone: 'stone, marble, slate, stein, marmor, schiefer, pierre, marbre, ardoise, piedra, mármol, pietra, marmo, steen, marmer',
  wax: 'wax, beeswax, wachs, bienenwachs, cire, cera, was, paraffin',
  plant: 'plant, fresh, pflanze, frisch, plante, planta, pianta, plant, vers',
  dried: 'dried, getrocknet, séché, seco, secco, gedroogd',
  faux: 'faux, silk, artificial, künstlich, kunstblume, artificiel, artificial, finto, kunst',
  paper: 'paper, papier, papel, carta, card',
  fruit: 'fruit, obst, fruta, frutta',
  resin: 'resin, plastic, acrylic, melamine, kunststoff, plastik, harz, acryl, plastique, résine, plástico, resina, plastica, kunsthars'
})

export const seasonWords = wordTable({
  spring: 'spring, frühling, frühjahr, printemps, primavera, lente, voorjaar',
  summer: 'summer, sommer, été, verano, estate, zomer',
  autumn: 'autumn, fall, herbst, automne, otoño, autunno, herfst',
  winter: 'winter, hiver, invierno, inverno'
})

export const yesWords: ReadonlySet<string> = new Set(['yes', 'y', 'x', 'true', '1', 'ja', 'j', 'oui', 'o', 'si', 's', 'wahr', 'vrai'])
