/**
 * What the trade says in English, and the words for it in German, French, Dutch, Spanish, Italian, Portuguese, Swedish, Danish, Norwegian, Polish and Finnish, lower case, apart by commas:
 * kinds, hardware, colours and headings of sheets that were not kept in English. From memory, no source; what stands for more than one thing is given the commonest,
 * and what is another word in English is left out, the gold and the size of French among them.
 */
const ELSEWHERE: Readonly<Record<string, string>> = {
  // Kinds
  'lure':
    'kunstköder, leurre, leurres, kunstaas, señuelo, señuelos, artificiale, artificiali, esca, amostra, amostras, bete, beten, agn, przynęta, przynęty, viehe, vieheet',
  'paddle tail':
    'gummifisch, gummifische, gummi, gummiköder, leurre souple, leurres souples, shad souple, vinilo, vinilos, vinil, vinis, silicone, jigg, jiggar, jigger, gummifisk, guma, gumy, gumka, kopyto, kopyta, ripper, rippery, jigi, jigit, kalajigi',
  'fork tail': 'jaskółka, jaskółki',
  'curly tail grub': 'twister, twistery, twisteri',
  'worm':
    'wurm, würmer, gummiwurm, ver, vers, lombric, wormen, gusano, gusanos, lombriz, verme, vermi, vermone, minhoca, minhocas, mask, maskar, orm, robak, robaki, dżdżownica, mato, madot',
  'creature': 'créature, créatures, criatura, criaturas, creatura, creature',
  'casting spoon':
    'blinker, löffel, cuiller, cuillère, cuillers, cuillères, ondulante, ondulantes, ondulanti, cuiller ondulante, cuillère ondulante, lepel, lepels, lepeltje, cuchara, cucharas, cucharilla ondulante, cucchiaio, colher, colheres, skeddrag, skedar, blink, blinke, skjesluk, skeblink, sluk, sluker, wahadłówka, wahadłówki, błystka wahadłowa, błystka, błystki, lusikka, lusikat, lusikkauistin, uistin',
  'casting metal': 'gennemløber, gennemløbere, genomlöpare, gjennomløper, kastesluk, kastepilk, zagaia, zagaias',
  'inline spinner':
    'cuillère tournante, cuiller tournante, tournante, tournantes, spinnare, spinnere, spinnerek, cucharilla, cucharillas, cucharilla giratoria, cucchiaino, cucchiaini, rotante, rotanti, colher rotativa, rotativa, obrotówka, obrotówki, błystka obrotowa, lippa, lipat, lippauistin',
  'tail spinner': 'tailspinner, jigspinner, bleikopfspinner',
  'minnow plug': 'poisson nageur, poissons nageurs',
  'wobbler': 'wobler, woblere, woblery, vobbler, vobblers, vaappu, vaaput, pez artificial, peixe artificial',
  'diver': 'tiefläufer, diepduiker',
  'shallow crank': 'flachläufer',
  'metal jig':
    'pilker, pilk, pilkery, pirk, pirken, pirkar, zocker, jig metallico, jig metallici, jig métallique, jigs métalliques, jig metálico, jigs metálicos',
  'jigging metal': 'pilkki, pilkit, pystypilkki, pystypilkit',
  'rubber jig': 'jig à jupe, jigs à jupe, skirtjig, jig con falda',
  'blade bait': 'lame, lames, lame vibrante, lames vibrantes, lama vibrante, cykada, cykady',
  'topwater':
    'oberflächenköder, oberflächenwobbler, leurre de surface, leurres de surface, oppervlakteaas, oppervlakteplug, ytbete, ytbeten, ytvobbler, overfladewobler, overflatewobbler, powierzchniowy, powierzchniowa, pintauistin, pintaviehe',
  'surface':
    'oberfläche, oppervlakte, superficie, superfície, superfici, ytan, overflade, overflate, powierzchnia, pinta',
  'popper': 'poppero, poper, popery, poppari',
  'walker': 'paseante, paseantes, passeante, passeantes',
  'prop': 'hélice, hélices, elica',
  'tail bait': 'tailbete, tailbeten',
  'fly':
    'fliege, fliegen, mouche, mouches, vlieg, vliegen, mosca, moscas, mosche, fluga, flugor, flue, fluer, kystflue, mucha, muchy, perho, perhot',
  'streamer': 'streamerfliege, streamery',
  'mouse': 'maus, souris, muis, ratón, topo, mus, mysz, hiiri',
  'frog': 'frosch, grenouille, grenouilles, kikker, kikkers, rana, ranas, rã, groda, frø, frosk, żaba, żaby, sammakko',
  'leech': 'blutegel, sangsue, bloedzuiger, sanguijuela, sanguisuga, igel, igle, pijawka, iilimato',
  // Hardware and rods
  'jig head':
    'jigkopf, jigköpfe, bleikopf, bleiköpfe, tête plombée, têtes plombées, loodkop, loodkoppen, loodkopje, loodkopjes, jigkop, jigkoppen, jigghuvud, jigghuvuden, jigskalle, jigskallar, jiggskalle, jiggskallar, jighoved, jighoveder, jigghode, jigghoder, cabeza plomada, cabezas plomadas, cabezal, cabezales, testina, testine, testina piombata, testine piombate, cabeçote, cabeçotes, cabeça de jig, główka jigowa, główki jigowe, główka, główki, jigipää, jigipäät, jigipäitä',
  'round head': 'rundkopf, rundköpfe',
  'hook':
    'haken, einzelhaken, hameçon, hameçons, haak, haakje, haakjes, anzuelo, anzuelos, amo, ami, anzol, anzóis, krok, krokar, kroker, krog, kroge, haczyk, haczyki, hak, haki, koukku, koukut',
  'treble':
    'drilling, drillinge, dreg, dreggen, trekrok, trekrokar, trekroker, trekrog, trekroge, ancoretta, ancorette, fateixa, fateixas, kotwica, kotwice, kotwiczka, kotwiczki, kolmihaara, kolmihaarakoukku',
  'swivel':
    'wirbel, émerillon, émerillons, wartel, wartels, lekande, svirvel, girella, girelle, esmerillón, quitavueltas, destorcedor, krętlik, krętliki, leikari, leikarit',
  'snap': 'karabiner, agrafe, agrafes, speld, speldje, mosquetón, moschettone, agrafka, agrafki, beteslås, pikalukko',
  'split ring':
    'sprengring, sprengringe, anneau brisé, anneaux brisés, springring, springringe, splitringen, fjäderring, anilla, anillas, anellino, anellini, kółko łącznikowe, kółka łącznikowe',
  'sinker':
    'blei, bleie, plomb, plombs, plomo, plomos, piombo, piombi, chumbo, chumbos, chumbada, chumbadas, lood, loodje, loodjes, sänke, sänken, lod, lodd, bly, ciężarek, ciężarki, lyijy, lyijyt',
  'rod':
    'rute, ruten, angelrute, canne, cannes, caña, cañas, canna, canne da pesca, cana, canas, hengel, hengels, stok, spö, spön, stang, stenger, stænger, fiskestang, slukstang, wędka, wędki, wędzisko, wędziska, vapa, vavat',
  'spinning rod': 'spinnrute, spinnruten, werphengel, haspelspö, haspelstang, spinnestang, haspelivapa',
  'casting rod': 'baitcastrute, baitcasterrute, baitcasterhengel, spinnspö multirulle, hyrräkelavapa',
  'braid':
    'geflecht, geflochtene, tresse, trenzado, trecciato, trançado, gevlochten, flätlina, fletline, fletsnøre, plecionka, kuitusiima',
  'nylon': 'monofil, monofile, nailon, nylonlina, żyłka',
  'lure weight': 'wurfgewicht, wg, werpgewicht, kastvikt, kastevekt, kastevægt, heittopaino, ciężar wyrzutowy',
  'ft': 'fuß, fot, fod, voet, pieds, piedi, jalkaa, stóp',
  // Colours
  'white':
    'weiss, weiß, weisse, weiße, blanc, blanche, wit, witte, vit, vita, hvid, hvit, blanco, blanca, bianco, bianca, branco, branca, biały, biała, białe, valkoinen',
  'black':
    'schwarz, schwarze, noir, noire, zwart, zwarte, svart, negro, negra, nero, nera, preto, preta, czarny, czarna, czarne, musta',
  'silver':
    'silber, silbern, argent, argenté, argentée, zilver, zilveren, sølv, plata, plateado, plateada, argento, argentato, prata, prateado, prateada, srebrny, srebrna, srebrne, srebro, hopea, hopeinen',
  'gold':
    'golden, doré, dorée, goud, gouden, guld, gull, dorado, dorada, oro, dorato, dorata, ouro, dourado, dourada, złoty, złota, złote, złoto, kulta, kultainen',
  'copper': 'kupfer, cuivre, cuivré, cuivrée, koper, koppar, kobber, cobre, rame, miedź, miedziany, miedziana, kupari',
  'brass': 'messing, laiton, mässing, ottone, latón, latão, mosiądz, mosiężny, messinki',
  'red':
    'rot, rote, rouge, rouges, rood, rode, röd, röda, rød, røde, rojo, roja, rosso, rossa, vermelho, vermelha, czerwony, czerwona, czerwone, punainen',
  'blue': 'blau, blaue, bleu, bleue, blauw, blauwe, blå, azul, azzurro, azzurra, blu, niebieski, niebieska, sininen',
  'green':
    'grün, grüne, grüner, vert, verte, groen, groene, grön, gröna, grøn, grønn, grønt, verde, zielony, zielona, zielone, vihreä',
  'yellow':
    'gelb, gelbe, jaune, geel, gele, gul, gula, amarillo, amarilla, amarelo, amarela, giallo, gialla, żółty, żółta, keltainen',
  'brown':
    'braun, braune, marron, bruin, bruine, brun, bruna, marrón, marrone, castanho, castanha, brązowy, brązowa, ruskea',
  'orange': 'oranje, oransje, naranja, laranja, arancio, arancione, pomarańczowy, pomarańczowa, oranssi',
  'pink': 'rosa, roze, lyserød, różowy, różowa, pinkki, vaaleanpunainen',
  'purple':
    'lila, violett, violet, violette, paars, paarse, morado, morada, viola, roxo, roxa, fioletowy, fioletowa, violetti',
  'grey': 'grau, gris, grijs, grå, grigio, grigia, cinza, cinzento, szary, szara, harmaa',
  'olive': 'oliv, oliva, olijf, oliwkowy, oliwkowa, oliivi',
  'tan': 'beige, beżowy, beżowa, beis',
  'lime': 'seledynowy, seledynowa, limette',
  'pearl':
    'perlmutt, perlmut, nacre, nacré, nacrée, parelmoer, nácar, perla, madreperla, pérola, pärlemor, perlemor, perłowy, perłowa, helmiäinen',
  'clear': 'transparent, transparente, trasparente, doorzichtig, przezroczysty, przezroczysta, genomskinlig, kirkas',
  'fluorescent': 'neon, fluoreszierend, fluorescente, fluorescerend, fluoryzujący',
  'glow': 'nachtleuchtend, phosphorescent, fosforescente, självlysande, selvlysende, lichtgevend',
  'fire tiger': 'feuertiger, vuurtijger, tigre de feu, tigre',
  'fire': 'fuoco, fuego, fogo',
  'motor oil':
    'motoröl, huile moteur, motorolie, motorolja, aceite de motor, olio motore, olej silnikowy, moottoriöljy',
  'watermelon':
    'wassermelone, pastèque, watermeloen, sandía, anguria, melancia, vattenmelon, vandmelon, vannmelon, arbuz, vesimeloni',
  'pumpkin': 'kürbis, citrouille, pompoen, calabaza, zucca, abóbora, pumpa, græskar, gresskar, dynia, kurpitsa',
  'natural': 'natur, natürlich, naturel, naturelle, natuurlijk, naturale, naturlig, naturalny, naturalna, luonnollinen',
  'dark':
    'dunkel, foncé, foncée, donker, donkere, mörk, mørk, oscuro, oscura, scuro, scura, escuro, ciemny, ciemna, tumma',
  // Prey that is painted on, or made of rubber
  'perch': 'barsch, perche, baars, perca, persico, abborre, aborre, abbor, okoń, okoniowy, okoniowa, ahven',
  'roach': 'rotauge, gardon, voorn, mört, skalle, mort, płoć, płotka, särki',
  'bleak': 'ukelei, laube, ablette, alver, alburno, alborella, löja, løje, ukleja, salakka',
  'trout': 'forelle, truite, forel, trucha, trota, truta, öring, ørred, ørret, pstrąg, taimen',
  'pike': 'hecht, brochet, snoek, lucio, luccio, lúcio, gädda, gedde, gjedde, szczupak, hauki',
  'herring': 'hering, hareng, haring, arenque, aringa, sill, strömming, sild, śledź, silakka, silli',
  'mackerel': 'makrele, maquereau, makreel, caballa, sgombro, cavala, makrill, makrel, makrell, makrela, makrilli',
  'sardine': 'sardina, sardinha, sardin, sardynka, sardiini',
  'anchovy': 'sardelle, anchois, ansjovis, anchoa, acciuga, boquerón',
  'mullet': 'meeräsche, mulet, mújol, cefalo, tainha, muggine',
  'squid':
    'tintenfisch, calmar, encornet, pijlinktvis, calamar, calamaro, lula, bläckfisk, blæksprutte, blekksprut, kałamarnica, mustekala',
  'sand eel': 'sandaal, lançon, zandspiering, aguacioso, galeota, tobis, tobiaal, sil',
  'goby': 'grundel, gobie, grondel, gobio, ghiozzo, kutling, babka, tokko',
  'craw':
    'krebs, krebse, écrevisse, écrevisses, rivierkreeft, kreeft, cangrejo, cangrejos, lagostim, kräfta, kräftor, krebsdyr, kreps, raczek, rapu',
  'shrimp':
    'garnele, garnelen, crevette, crevettes, garnaal, garnalen, gamba, gambas, gambero, gamberetto, camarón, camarão, räka, räkor, reje, rejer, reke, reker, krewetka, krewetki, katkarapu',
  // How it works and how deep
  'deep':
    'tieflaufend, tief, profond, profonde, diep, diepe, diepduikend, profundo, profonda, djupgående, dyptgående, dybtgående, głęboki, głęboka, głęboko schodzący, syvä',
  'shallow':
    'flachlaufend, peu profond, ondiep, ondiepe, poco profundo, poco profondo, grund, grundgående, gruntgående, płytki, płytka, płytko schodzący, matala',
  'floating':
    'schwimmend, schwimmende, flottant, flottante, flytande, flydende, flytende, drijvend, drijvende, flotante, flotantes, galleggiante, galleggianti, flutuante, pływający, pływająca, kelluva',
  'slow sinking':
    'langsam sinkend, coulant lent, langzaam zinkend, långsamt sjunkande, langsomt synkende, hundimiento lento, affondante lento, wolno tonący, hitaasti uppoava',
  'sinking':
    'sinkend, sinkende, coulant, coulante, sjunkande, synkende, zinkend, zinkende, hundido, hundible, affondante, affondanti, afundante, tonący, tonąca, uppoava',
  'suspending': 'schwebend, suspender, sospeso, suspendido, suspenso, svävande, svævende, zawisający, zwevend, leijuva',
  // Headings
  'name': 'bezeichnung, ködername, nom, naam, nombre, nome, namn, navn, nazwa, nimi, modell, modèle, modelo, modello',
  'kind':
    'art, köder, köderart, typ, tyyppi, soort, tipo, clase, genre, catégorie, categoría, categoria, categorie, kategorie, kategori, kategoria, rodzaj, slag, slags, laji',
  'length': 'länge, longueur, lengte, longitud, largo, lunghezza, comprimento, längd, længde, lengde, długość, pituus',
  'size': 'größe, taille, maat, tamaño, misura, tamanho, storlek, størrelse, rozmiar, koko',
  'weight': 'gewicht, poids, peso, vikt, vægt, vekt, waga, ciężar, masa, paino',
  'colour': 'farbe, farbton, dekor, couleur, coloris, kleur, colore, cor, färg, farve, farge, kolor, väri',
  'running depth':
    'lauftiefe, tauchtiefe, tiefe, profondeur, loopdiepte, duikdiepte, diepte, profundidad, profondità, profundidade, gångdjup, djup, dybde, dypgang, gangdybde, głębokość, uintisyvyys, syvyys',
  'buoyancy':
    'schwimmverhalten, auftrieb, flottabilité, drijfvermogen, flotabilidad, galleggiamento, galleggiabilità, flutuabilidade, flytförmåga, flydeevne, flyteevne, pływalność, wyporność, kelluvuus',
  'quantity':
    'anzahl, stück, stückzahl, menge, quantité, aantal, stuks, cantidad, unidades, quantità, pezzi, quantidade, antal, mängd, antall, mengde, ilość, sztuk, sztuki, szt, kpl, määrä',
  'notes':
    'bemerkung, bemerkungen, anmerkung, anmerkungen, notiz, notizen, remarque, remarques, commentaire, opmerking, opmerkingen, nota, notas, observaciones, observações, comentario, anteckning, anteckningar, bemærkning, bemærkninger, merknad, merknader, kommentar, kommentarer, uwagi, huomautus, huomiot',
  'brand':
    'marke, hersteller, marque, merk, marca, märke, mærke, merke, producent, fabrikant, tillverkare, merkki, valmistaja',
  'price': 'preis, prix, prijs, precio, prezzo, preço, pris, cena, hinta',
  'bought': 'gekauft, acheté, gekocht, comprado, comprato, köpt, købt, kjøpt, kupione, ostettu',
}

/** The English for each of these words. */
export const WORDS_ELSEWHERE: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(ELSEWHERE).flatMap(([english, words]) => words.split(', ').map(word => [word, english])),
)

/** How words of several in one end, and what such a word is then: "Hechtwobbler", "geddewobler", "snoekbaarsshad", "abborrspö". From memory, no source. */
export const ENDS_ELSEWHERE: readonly (readonly [end: string, english: string])[] = [
  ['wobbler', 'wobbler'],
  ['wobler', 'wobbler'],
  ['vobbler', 'wobbler'],
  ['blinker', 'casting spoon'],
  ['spinner', 'inline spinner'],
  ['spinnare', 'inline spinner'],
  ['spinnere', 'inline spinner'],
  ['twister', 'curly tail grub'],
  ['gummifisch', 'paddle tail'],
  ['gummi', 'paddle tail'],
  ['shad', 'paddle tail'],
  ['jigg', 'paddle tail'],
  ['pilker', 'metal jig'],
  ['rute', 'rod'],
  ['hengel', 'rod'],
  ['spö', 'rod'],
  ['vapa', 'rod'],
]
