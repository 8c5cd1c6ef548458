/** Swaps that were mended or split. They are not offered; versions and verdicts that were made with them still know them. */
export const RETIRED_SWAPS_TABLE = `
thigh-skinless | chicken thighs without skin | twin | protein | chicken-thigh-skin chicken-leg-skin | chicken-thigh-skinless 0.75 | 1 | 8 | any | | Pull off the skin before cooking, and do not rinse the raw poultry. | The sauce lacks the crisp skin. | Most of a thigh's fat sits in and under its skin.
fat-less | half of the oil or butter | part | fat | oil-vegetable oil-rapeseed oil-sunflower oil-corn oil-olive butter butter-unsalted lard margarine | oil-olive 0 | 0.5 | 16 | any | | Heat the pan well before the fat goes in: a hot pan needs less. | | Most recipes give more fat than the pan needs.
pastry-to-filo | filo for puff or shortcrust pastry | standIn | wrapper | puff-pastry shortcrust | filo 0.4 | 1 | 15 | any | | Brush or spray each sheet thinly and keep the others under a damp cloth. | Crisp instead of rich. | Thin sheets wrap as much for far less.
sugar-half-stevia | a leaf sweetener for part of the sugar | part | sweetness | sugar sugar-brown | stevia 0.02 | 0.5 | 13 | any | |  | Less than half of the sugar in a cake: it gives it body and colour. | Sweet without sugar.
cakemix-yogurt | fat-free yogurt beside half of the boxed mix | part | starch-base | cake-mix brownie-mix muffin-mix | yogurt-fatfree 0.6 | 0.25 | 14 | any | | Stir the yogurt into the mix in place of the oil and eggs on the box. | Flatter and moister. | Yogurt raises and binds the mix.
`;
