import { substance, type SubstanceId } from '../catalogue/substances';

/**
 * What labels and safety sheets call what is in a product, and what it is here. `null` is a thing that is known
 * and does nothing a cleaner has to be judged by: water, perfume, dye, a chelant.
 */
export interface LabelName {
  readonly is: SubstanceId | null;
  /** Words as they stand on labels, lower case, any spelling. */
  readonly names: readonly string[];
  /** Registry numbers, as safety sheets give them (from memory; each has its check digit). */
  readonly cas: readonly string[];
}

/** What a label calls a substance; its name here where labels know no other. */
export const nameOnLabel = (id: SubstanceId): string =>
  LABEL_NAMES.find(({ is }) => is === id)?.names[0] ?? substance(id).name;

const row = (is: SubstanceId | null, names: string, cas = ''): LabelName => ({
  is,
  names: names.split(' | '),
  cas: cas === '' ? [] : cas.split(' '),
});

/** Names of classes: as the rules for detergents have them on labels (Regulation (EC) No 648/2004, annex VII A), and single things as safety sheets name them. */
export const LABEL_NAMES: readonly LabelName[] = [
  row(
    'quaternary-ammonium',
    'quaternary ammonium compound | cationic surfactant | quaternary ammonium | quaternary ammonium compounds | quat | quats | benzalkonium chloride | benzalkonium chlorides | didecyldimethylammonium chloride | ddac | alkyl dimethyl benzyl ammonium chloride | dimethylbenzyl ammonium chloride | dimethyl benzyl ammonium chloride | dimethylbenzylammonium chloride | alkyldimethylbenzylammonium chloride | alkyldimethyl chlorides | didecyl dimethyl ammonium chloride | cetrimonium chloride | dimethyl ethylbenzyl ammonium chloride | esterquat',
    '8001-54-5 68424-85-1 63449-41-2 7173-51-5 68391-01-5',
  ),
  row(
    'surfactant',
    'surfactant | anionic surfactant | non ionic surfactant | nonionic surfactant | amphoteric surfactant | zwitterionic surfactant | detergent | sodium laureth sulfate | sodium lauryl ether sulfate | sodium lauryl sulfate | sodium dodecyl sulfate | sodium dodecylbenzenesulfonate | linear alkylbenzene sulfonate | benzenesulfonic acid c10 13 alkyl derivs sodium salts | alkyl polyglucoside | alkyl polyglycoside | decyl glucoside | lauryl glucoside | coco glucoside | cocamidopropyl betaine | alcohol ethoxylate | ethoxylated alcohol | fatty alcohol ethoxylate | ethoxylated | amine oxide | lauramine oxide | alcohols c12 14 ethoxylated sulfates sodium salts | sodium cumenesulfonate | sodium xylenesulfonate',
    '68891-38-3 9004-82-4 68585-34-2 68411-30-3 25155-30-0 151-21-3 68515-73-1 110615-47-9 61789-40-0 68439-46-3 160875-66-1 68131-39-5 1643-20-5 308062-28-4 28348-53-0 1300-72-7',
  ),
  row(
    'soap',
    'soap | potassium oleate | sodium tallowate | potassium cocoate | sodium cocoate | sodium palmate | sodium olivate | potassium soap | soft soap',
    '143-18-0 61789-30-8',
  ),
  row(
    'sodium-hypochlorite',
    'sodium hypochlorite | chlorine based bleaching agent | chlorine bleach | sodium hypochlorite solution | hypochlorite | active chlorine | cl active',
    '7681-52-9',
  ),
  row(
    'sodium-dichloroisocyanurate',
    'sodium dichloroisocyanurate | troclosene sodium | dichlor',
    '2893-78-9 51580-86-0',
  ),
  row('trichloroisocyanuric-acid', 'trichloroisocyanuric acid | symclosene', '87-90-1'),
  row('calcium-hypochlorite', 'calcium hypochlorite', '7778-54-3'),
  row('hydrogen-peroxide', 'hydrogen peroxide | oxygen based bleaching agent', '7722-84-1'),
  row(
    'sodium-percarbonate',
    'sodium percarbonate | sodium carbonate peroxide | sodium carbonate peroxyhydrate | disodium carbonate compound with hydrogen peroxide',
    '15630-89-4',
  ),
  row('sodium-perborate', 'sodium perborate', '7632-04-4 10486-00-7'),
  row('peracetic-acid', 'peracetic acid | peroxyacetic acid', '79-21-0'),
  row('acetic-acid', 'acetic acid | ethanoic acid', '64-19-7'),
  row('citric-acid', 'citric acid | citric acid monohydrate', '77-92-9 5949-29-1'),
  row('tartaric-acid', 'tartaric acid', '87-69-4'),
  row('lactic-acid', 'lactic acid | l lactic acid', '50-21-5 79-33-4'),
  row('oxalic-acid', 'oxalic acid', '144-62-7 6153-56-6'),
  row('phosphoric-acid', 'phosphoric acid | orthophosphoric acid', '7664-38-2'),
  row('sulfamic-acid', 'sulfamic acid | sulfamidic acid | sulphamidic acid | amidosulfonic acid', '5329-14-6'),
  row('hydrogen-chloride', 'hydrochloric acid | hydrogen chloride | muriatic acid', '7647-01-0'),
  row('sulfuric-acid', 'sulfuric acid', '7664-93-9'),
  row('sodium-bisulfate', 'sodium bisulfate | sodium hydrogensulfate | sodium hydrogen sulfate', '7681-38-1'),
  row('formic-acid', 'formic acid | methanoic acid', '64-18-6'),
  row('nitric-acid', 'nitric acid', '7697-37-2'),
  row('hydrofluoric-acid', 'hydrofluoric acid | hydrogen fluoride', '7664-39-3'),
  row('ammonium-bifluoride', 'ammonium bifluoride | ammonium hydrogendifluoride', '1341-49-7'),
  row(
    'sodium-bicarbonate',
    'sodium bicarbonate | sodium hydrogen carbonate | sodium hydrogencarbonate | baking soda',
    '144-55-8',
  ),
  row('sodium-carbonate', 'sodium carbonate | disodium carbonate | soda ash | washing soda', '497-19-8'),
  row('potassium-carbonate', 'potassium carbonate', '584-08-7'),
  row('borax', 'borax | sodium borate | disodium tetraborate | sodium tetraborate', '1303-96-4 12179-04-3 1330-43-4'),
  row('boric-acid', 'boric acid', '10043-35-3'),
  row(
    'sodium-metasilicate',
    'sodium metasilicate | disodium metasilicate | sodium silicate',
    '6834-92-0 10213-79-3 1344-09-8',
  ),
  row('sodium-hydroxide', 'sodium hydroxide | caustic soda | lye', '1310-73-2'),
  row('potassium-hydroxide', 'potassium hydroxide | caustic potash', '1310-58-3'),
  row('calcium-hydroxide', 'calcium hydroxide | hydrated lime', '1305-62-0'),
  row('calcium-oxide', 'calcium oxide | quicklime', '1305-78-8'),
  row('trisodium-phosphate', 'trisodium phosphate | trisodium orthophosphate', '7601-54-9'),
  row('ammonia', 'ammonia | aqueous ammonia | ammonia solution | ammonium hydroxide', '1336-21-6 7664-41-7'),
  row('ammonium-chloride', 'ammonium chloride', '12125-02-9'),
  row('urea', 'urea', '57-13-6'),
  row('ethanol', 'ethanol | ethyl alcohol | alcohol denat | alcohol', '64-17-5'),
  row('isopropanol', 'isopropanol | isopropyl alcohol | propan 2 ol | 2 propanol', '67-63-0'),
  row('methanol', 'methanol', '67-56-1'),
  row('acetone', 'acetone | propanone', '67-64-1'),
  row(
    'petroleum-spirit',
    'petroleum distillate | aliphatic hydrocarbon | aromatic hydrocarbon | white spirit | naphtha | hydrocarbons c9 c11 | hydrocarbons c10 c13 | hydrocarbon | petroleum distillates | stoddard solvent',
    '64742-48-9 64742-82-1 8052-41-3 64742-88-7',
  ),
  row('turpentine', 'turpentine', '8006-64-2'),
  row('glycerol', 'glycerol | glycerin | glycerine', '56-81-5'),
  row(
    'sweet-orange-oil',
    'limonene | d limonene | orange terpenes | orange oil | sweet orange oil',
    '5989-27-5 8008-57-9 8028-48-6',
  ),
  row('sodium-chloride', 'sodium chloride | salt', '7647-14-5'),
  row('calcium-chloride', 'calcium chloride', '10043-52-4'),
  row('chalk', 'calcium carbonate | chalk | limestone', '471-34-1 1317-65-3'),
  row('sodium-citrate', 'sodium citrate | trisodium citrate', '68-04-2'),
  row('mineral-oil', 'mineral oil | paraffin oil | paraffinum liquidum', '8042-47-5'),
  row(
    'preservative',
    'preservative | phenoxyethanol | benzisothiazolinone | methylisothiazolinone | methylchloroisothiazolinone | sodium benzoate | potassium sorbate',
    '122-99-6 2634-33-5 2682-20-4 55965-84-9 532-32-1 24634-61-5',
  ),
  row(
    null,
    'water | aqua | purified water | deionised water | deionized water | demineralised water | demineralized water | perfume | parfum | fragrance | fragrances | dye | colorant | colourant | colour | enzyme | protease | amylase | lipase | cellulase | subtilisin | optical brightener | phosphonate | polycarboxylate | zeolite | edta | nta | tetrasodium edta | mgda | glda | trisodium dicarboxymethyl alaninate | tetraacetylethylenediamine | taed | sodium sulfate | sodium gluconate | xanthan gum | thickener | linalool | citral | geraniol | hexyl cinnamal | citronellol | propylene glycol',
    '7732-18-5 64-02-8 164462-16-2 51981-21-6 5064-31-3 10543-57-4 7757-82-6 527-07-1 11138-66-2 1318-02-1 57-55-6',
  ),
];
