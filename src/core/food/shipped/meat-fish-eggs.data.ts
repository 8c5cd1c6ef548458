/** Meat, poultry, sausages, fish, shellfish and eggs. Columns: see read-food-table.ts. */
export const meatFishEggs = `
chicken-breast | chicken breast, skinless | raw | 120 2.6 0.6 0 0 0 0 22.5 45 | piece 174; small 140; medium 174; large 230; cup 140; breast 174 | poultrybreast poultry | protein |  | boneless skinless chicken breast; chicken breasts; chicken breast fillet; skinless chicken breast; chicken fillet; chicken breast halves; boneless chicken breast; Hähnchenbrust; Hähnchenbrustfilet; Hühnerbrust
chicken-breast-cooked | chicken breast, skinless, cooked | cooked | 165 3.6 1 0 0 0 0 31 74 | cup 140; piece 120; breast 120 | poultrybreast poultry | protein | | cooked chicken; cooked chicken breast; shredded chicken; poached chicken; roast chicken breast
chicken-breast-skin | chicken breast with skin | raw | 172 9.3 2.7 0 0 0 0 20.9 63 | piece 200; breast 200 | poultry | protein | | chicken breast with skin; skin-on chicken breast
chicken-thigh-skinless | chicken thigh, skinless | raw | 121 4.1 1.1 0 0 0 0 19.7 95 | piece 90; medium 90; cup 140; thigh 90 | poultry | protein | | boneless skinless chicken thighs; skinless chicken thighs; chicken thigh fillet; chicken thigh meat
chicken-thigh-skin | chicken thigh with skin | raw | 221 16.6 4.5 0.3 0 0 0 16.5 81 | piece 135; medium 135; thigh 135 | poultry | protein | | chicken thighs; chicken thigh; skin-on chicken thighs; bone-in chicken thighs
chicken-leg-skin | chicken leg with skin | raw | 214 16 4.4 0.2 0 0 0 16.4 84 | piece 230; drumstick 75; leg 230 | poultry | protein | | chicken legs; drumsticks; chicken drumstick; chicken pieces
chicken-whole | chicken, whole, meat and skin | raw | 215 15.1 4.3 0 0 0 0 18.6 70 | piece 1000 | poultry | protein | | whole chicken; roasting chicken; chicken
chicken-ground | chicken, ground | raw | 143 8.1 2.3 0 0 0 0 17.4 60 | cup 220 | poultry ground | protein | | ground chicken; minced chicken; chicken mince
turkey-breast | turkey breast, skinless | raw | 114 1.5 0.3 0.1 0 0 0 23.7 113 | piece 150; slice 100; cup 140; breast 800 | poultrybreast poultry | protein | | turkey breast fillet; turkey escalope; turkey cutlets; turkey breast; Putenbrust
turkey-ground-lean | turkey, ground, 93 % lean | raw | 150 8.3 2.2 0 0 0 0 18.7 69 | cup 220 | poultry ground | protein | | ground turkey; minced turkey; turkey mince; lean ground turkey; 93/7 ground turkey; 93 lean turkey
turkey-ground-fatfree | turkey, ground, 99 % lean | raw | 112 1.9 0.4 0 0 0 0 23.6 51 | cup 220 | poultrybreast poultry ground | protein | | 99/1 ground turkey; fat-free ground turkey; ground turkey breast; extra lean ground turkey; 99 lean turkey; fat-free ground turkey breast; 99 % fat-free ground turkey breast; fat-free turkey mince
turkey-ground-fat | turkey, ground, 85 % lean | raw | 180 12.5 3.4 0 0 0 0 16.9 54 | cup 220 | poultry ground | protein | | 85/15 ground turkey
turkey-sliced | turkey breast, sliced, cured | as is | 104 1.7 0.4 4.2 3.5 1.5 0.5 17.1 1015 | slice 21 | poultrydeli | protein | | deli turkey; turkey ham; sliced turkey; turkey cold cut
duck-breast | duck breast, skinless | raw | 123 4.3 1.3 0 0 0 0 19.9 56 | piece 180; breast 180 | poultry | protein |  | duck breast
beef-ground-80 | beef, ground, 80 % lean | raw | 254 20 7.6 0 0 0 0 17.2 66 | cup 225 | meat ground | protein | | ground beef; minced beef; hamburger; beef mince; ground chuck; 80/20 ground beef; 80 lean ground beef; mince; Rinderhack; Rinderhackfleisch; ground chuck 80/20
beef-ground-85 | beef, ground, 85 % lean | raw | 215 15 5.8 0 0 0 0 18.6 66 | cup 225 | meat ground | protein | | 85/15 ground beef; ground round; 85 lean ground beef
beef-ground-90 | beef, ground, 90 % lean | raw | 176 10 3.9 0 0 0 0 20 66 | cup 225 | meat ground | protein | | 90/10 ground beef; lean ground beef; lean minced beef; lean beef mince; 90 lean ground beef; ground sirloin
beef-ground-93 | beef, ground, 93 % lean | raw | 152 7 2.9 0 0 0 0 20.9 66 | cup 225 | meat ground | protein | | 93/7 ground beef; 93 lean ground beef
beef-ground-95 | beef, ground, 95 % lean | raw | 137 5 2.2 0 0 0 0 21.4 66 | cup 225 | meat ground | protein | | 95/5 ground beef; 96/4 ground beef; 96 lean ground beef; 97 lean ground beef; extra lean ground beef; extra lean beef mince; 95 lean ground beef; 96 lean ground beef
beef-chuck | beef chuck, trimmed to lean | raw | 142 6.2 2.4 0 0 0 0 21.4 76 | cup 150; piece 30 | meat | protein |  | beef chuck; stewing beef; beef stew meat; braising steak; beef for stew; goulash beef; stew meat; beef shin; shin of beef; beef; Rindfleisch
beef-chuck-fat | beef chuck, with fat | raw | 233 17.2 6.9 0 0 0 0 18.7 66 | cup 150 | meat | protein |  | fatty chuck; beef chuck with fat; pot roast; chuck roast
beef-sirloin | beef sirloin, lean | raw | 127 4.4 1.6 0 0 0 0 22.1 54 | piece 200; slice 120 | meat | protein |  | sirloin steak; lean steak; round steak; rump steak; beef round; topside; beef steak
beef-brisket | beef brisket, lean and fat | raw | 251 19.1 7.4 0 0 0 0 18.4 68 | slice 85 | meat | protein | | brisket
veal | veal, lean | raw | 112 2.9 0.9 0 0 0 0 20.2 83 | slice 120; piece 150 | meat | protein |  | veal cutlet; veal escalope; veal shoulder
lamb-shoulder | lamb shoulder, lean and fat | raw | 264 21.5 9.3 0 0 0 0 16.6 61 | cup 150 | meat | protein |  | lamb
pork-loin | pork loin, lean | raw | 143 5.7 1.9 0 0 0 0 21.4 52 | piece 150; slice 100; chop 150 | meat | protein | | pork loin; lean pork; pork chops; pork chop; pork cutlet
pork-tenderloin | pork tenderloin, lean | raw | 109 2.2 0.7 0 0 0 0 21 53 | piece 450; slice 40 | meat | protein | | pork tenderloin; pork fillet
pork-shoulder | pork shoulder, lean and fat | raw | 236 18 6.2 0 0 0 0 17.2 65 | cup 150 | meat | protein | | pork shoulder; pork butt; stewing pork; pork neck; pork; Schweinefleisch
pork-ground | pork, ground, 79 % lean | raw | 263 21.2 7.9 0 0 0 0 16.9 56 | cup 225 | meat ground | protein | | ground pork; minced pork; pork mince
pork-ground-lean | pork, ground, 96 % lean | raw | 121 4 1.4 0.2 0 0 0 21.1 67 | cup 225 | meat ground | protein | | lean ground pork; lean minced pork; lean pork mince
pork-belly | pork belly | raw | 518 53 19.3 0 0 0 0 9.3 32 | slice 40 | meat | protein fat | | fresh pork belly; streaky pork
bacon | bacon, streaky | raw | 417 39.7 13.3 0.7 0.7 0.5 0 12.6 833 | slice 26; slice(thick) 38; slice(thin) 18; rasher 26; rasher(thick) 38; rasher(thin) 18; strip 26; strip(thick) 38; strip(thin) 18; cup 110 | meat | flavour fat | | bacon; streaky bacon; bacon strips; bacon rashers; speck; smoked bacon; pancetta; lardons; raw bacon
bacon-cooked | bacon, cooked | cooked | 541 41.8 13.7 1.4 0 0 0 37 2310 | slice 8; slice(thick) 12; slice(thin) 5; rasher 8; rasher(thick) 12; strip 8; strip(thick) 12; cup 110; tablespoon 7 | meat | flavour topping | | cooked bacon; crumbled bacon; bacon bits; crisp bacon
bacon-back | bacon, back, trimmed | raw | 130 4.7 1.5 1.3 1.2 1 0 20.3 900 | slice 28; rasher 28 | meat | flavour protein | | back bacon; canadian bacon; lean bacon; bacon medallions; trimmed back bacon
bacon-turkey | turkey bacon | raw | 226 16.9 4.6 1.9 1.6 1 0 15.9 1040 | slice 14; rasher 14 | poultry | flavour | | turkey rashers
ham-lean | ham, lean, cooked | as is | 110 3.6 1.2 1.2 1 0.8 0 18 1150 | slice 28; cup 140 | meat | protein flavour | | lean ham; extra lean ham; lean cooked ham
ham-regular | ham, regular, cooked | as is | 163 8.6 2.9 3.8 0 0 1.3 16.6 1143 | slice 28; cup 140 | meat | protein flavour | | ham; cooked ham; sliced ham; diced ham; boiled ham; ham with fat; deli ham; smoked ham; Schinken
sausage-pork | pork sausage, fresh | raw | 304 26.5 8.7 1 1 0.8 0 15.4 740 | piece 75; link 75; patty 50 | meat sausage | protein flavour | gluten sulphites | pork sausage; breakfast sausage; sausage meat; bratwurst; sausages; sausage
sausage-smoked | smoked sausage, pork and beef | as is | 320 28.7 9.7 2.4 1 0.8 0 12.4 900 | piece 75; link 75; slice 10; cup 135 | meat | protein flavour | | smoked sausage; kielbasa; krakow sausage; smoked pork sausage; debreziner
sausage-smoked-turkey | smoked turkey sausage | as is | 155 9 2.7 4 2 1.5 0 15 920 | piece 75; link 75; slice 10; cup 135 | poultry | protein flavour | | turkey sausage; turkey kielbasa; smoked turkey sausage; poultry sausage; chicken sausage
sausage-frankfurter | frankfurter | as is | 305 27.6 11 2.5 1.6 1 0 11.7 980 | piece 50; link 50 | meat | protein | | frankfurters; hot dog; hot dogs; wiener; wieners
chorizo | chorizo, cured | as is | 455 38.3 14.4 1.9 0 0 0 24.1 1235 | slice 6; piece 60; cup 135 | meat | flavour | | chorizo sausage
salami | salami | as is | 378 31.7 11.9 1.2 1 0.5 0 21.8 1740 | slice 9 | meat | flavour topping |  | salami slices
liver-chicken | chicken liver | raw | 119 4.8 1.6 0.7 0 0 0 16.9 71 | piece 40; cup 220 | poultry | protein | | chicken livers; liver
egg | egg, whole | raw | 143 9.5 3.1 0.7 0.4 0 0 12.6 142 | piece 50; small 38; medium 44; large 50; extra large 56; jumbo 63; cup 243; tablespoon 15 | egg | binder protein | egg | eggs; whole egg; large egg; hen egg; beaten egg; extra-large egg; jumbo egg; Ei; Eier
egg-boiled | egg, hard-boiled | cooked | 155 10.6 3.3 1.1 1.1 0 0 12.6 124 | piece 50; small 38; medium 44; large 50; cup 136; slice 8 | egg | protein topping | egg | boiled egg; hard-boiled eggs; boiled eggs
egg-white | egg white | raw | 52 0.2 0 0.7 0.7 0 0 10.9 166 | piece 33; large 33; medium 29; small 25; cup 243; tablespoon 15.3 | egg | binder protein | egg | egg whites; liquid egg white; liquid egg whites; Eiweiß
egg-substitute | egg substitute, liquid | as is | 52 0 0 1 0.5 0 0 10.5 180 | cup 243; tablespoon 15; carton 450 | egg | binder protein | egg | egg substitute; liquid egg substitute; egg product
egg-yolk | egg yolk | raw | 322 26.5 9.6 3.6 0.6 0 0 15.9 48 | piece 17; large 17; medium 15; small 13; tablespoon 15 | egg | binder creaminess | egg | egg yolks; yolk; yolks; Eigelb
salmon | salmon, farmed | raw | 208 13.4 3.1 0 0 0 0 20.4 59 | piece 150; fillet 170 | fish | protein | fish | salmon fillet; salmon fillets; fresh salmon; Lachs
salmon-smoked | salmon, smoked | as is | 117 4.3 0.9 0 0 0 0 18.3 672 | slice 20 | fish | protein topping flavour | fish | smoked salmon; cold-smoked salmon
cod | cod | raw | 82 0.7 0.1 0 0 0 0 17.8 54 | piece 150; fillet 150 | fish | protein | fish | cod fillet; white fish; haddock; pollock; white fish fillet; tilapia; tilapia fillet; sole; flounder; halibut; pike-perch; coley; hake; fish; whole fish; fish fillets
trout | trout | raw | 141 6.2 1.4 0 0 0 0 19.9 51 | piece 150; fillet 120 | fish | protein | fish | trout fillet; rainbow trout; lake trout
herring-pickled | herring, pickled | as is | 262 18 2.4 9.6 7.7 7 0 14.2 870 | piece 15; fillet 60; cup 140 | fishsweet addedsugar | protein flavour | fish | pickled herring; rollmops; marinated herring
tuna-water | tuna in water, drained | drained | 116 0.8 0.2 0 0 0 0 25.5 338 | cup 154; can 113 | fish | protein | fish | canned tuna; tuna in water; tuna in brine; tinned tuna; tuna; Thunfisch
tuna-oil | tuna in oil, drained | drained | 198 8.2 1.5 0 0 0 0 29.1 416 | cup 146; can 113 | fish addedfat | protein | fish | tuna in oil; tuna in olive oil
sardines-oil | sardines in oil, drained | drained | 208 11.5 1.5 0 0 0 0 24.6 505 | piece 12; can 92 | fish addedfat | protein | fish | sardines; tinned sardines
anchovy | anchovies in oil, drained | drained | 210 9.7 2.2 0 0 0 0 28.9 3668 | piece 4; fillet 4; can 45 | fish addedfat | flavour | fish | anchovy; anchovy fillets; anchovies
prawns | prawns, peeled | raw | 85 0.5 0.1 0 0 0 0 20.1 119 | piece 12; medium 7; large 12; cup 145; handful 80 | shellfish | protein | crustaceans | shrimp; prawn; shrimps; king prawns; Garnelen
mussels | mussels, shelled | raw | 86 2.2 0.4 3.7 0 0 0 11.9 286 | cup 150; piece 8 | shellfish | protein | molluscs | mussel; mussel meat
crab | crab meat | cooked | 97 1.5 0.1 0 0 0 0 19.4 395 | cup 118; can 120 | shellfish | protein | crustaceans | crab; crabmeat
mackerel | mackerel | raw | 205 13.9 3.3 0 0 0 0 18.6 90 | fillet 112; piece 112 | fish | protein | fish | mackerel fillet; fresh mackerel
mackerel-smoked | mackerel, smoked | as is | 305 24 5.5 0 0 0 0 20 750 | fillet 80; piece 80 | fish | protein flavour | fish | smoked mackerel
salmon-canned | salmon, canned, drained | drained | 136 5.4 1.1 0 0 0 0 21 380 | can 150; cup 150 | fish | protein | fish | canned salmon; pink salmon canned; tinned salmon
scallops | scallops | raw | 69 0.5 0.1 3.2 0 0 0 12.1 392 | piece 15; large 30; cup 140 | shellfish | protein | molluscs | sea scallops; bay scallops
surimi | crab sticks | as is | 95 0.5 0.1 15 6 5 0.5 7.6 530 | piece 17; cup 120 | fishsweet addedsugar | protein | fish crustaceans egg gluten soy | imitation crab; surimi; crab sticks
venison | venison, lean | raw | 120 2.4 0.9 0 0 0 0 23 51 | cup 150; slice 100 | meat | protein |  | deer; wild boar
beef-roast-cooked | beef, roast, lean, cooked | cooked | 179 6 2.1 0 0 0 0 29.2 55 | slice 28; cup 140 | meat | protein | | cooked beef; roast beef; leftover roast beef; sliced roast beef
corned-beef | corned beef | canned | 250 14.9 6.2 0 0 0 0 27.1 1006 | slice 28; can 340; cup 140 | meat | protein |  | canned corned beef; salt beef
pork-pulled | pork, roast, lean, cooked | cooked | 200 9 3.2 0 0 0 0 28 60 | cup 140; slice 28 | meat | protein | | cooked pork; pulled pork; roast pork; leftover pork
turkey-cooked | turkey breast, cooked | cooked | 147 2.1 0.6 0 0 0 0 30.1 99 | slice 28; cup 140 | poultrybreast poultry | protein | | cooked turkey; roast turkey; leftover turkey; cooked turkey breast
rotisserie-chicken | chicken, roasted, meat and skin | cooked | 237 13.4 3.8 0.1 0 0 0 27.3 330 | cup 140; piece 850 | poultry | protein | | rotisserie chicken; roast chicken; roasted chicken
prosciutto | air-dried ham | as is | 195 8.3 2.7 0.3 0 0 0 27.8 2700 | slice 12 | meat | flavour topping | | prosciutto; parma ham; serrano ham; black forest ham
chicken-wing | chicken wing with skin | raw | 191 12.9 3.6 0 0 0 0 17.5 84 | piece 50; medium 50 | poultry | protein | | chicken wings; wings; chicken wing
chicken-drumstick-skinless | chicken drumstick, skinless | raw | 116 3.7 1 0 0 0 0 19.4 98 | piece 62; drumstick 62; medium 62 | poultry | protein | | skinless drumsticks; skinless chicken drumsticks; skinless drumstick
chicken-tenderloin | chicken tenderloin | raw | 109 1.6 0.4 0 0 0 0 23.3 49 | piece 50; medium 50; cup 140 | poultrybreast poultry | protein | | chicken tenderloins; chicken tenders; chicken inner fillets; inner fillets; chicken strips
chicken-breast-ground | chicken breast, ground | raw | 114 2.2 0.6 0 0 0 0 22.8 60 | cup 220 | poultrybreast poultry ground | protein | | ground chicken breast; minced chicken breast; chicken breast mince
turkey-leg | turkey leg with skin | raw | 144 6.7 2.1 0 0 0 0 19.5 74 | piece 400; leg 400 | poultry | protein | | turkey legs; turkey thigh; turkey thighs; turkey drumstick
turkey-meatballs | turkey meatballs | frozen | 190 11 3 7.5 1.5 0.8 1 16 520 | piece 28 | poultry | protein | gluten milk egg | turkey meatball
turkey-pepperoni | turkey pepperoni | as is | 245 12 4 3 0.5 0.3 0 31 1880 | slice 1.8 | poultry | flavour topping | | turkey pepperoni slices
turkey-jerky | turkey jerky | as is | 285 2.5 0.8 32 28 26 0.5 38 1900 | piece 20; ounce 28.35 | poultry addedsugar | protein | soy | smoked turkey jerky
sausage-frankfurter-turkey | turkey frankfurter | as is | 215 16.5 4.6 3.5 1.8 1 0 13 1050 | piece 45; link 45 | poultry | protein flavour | | turkey frankfurters; turkey hot dog; turkey hot dogs; chicken frankfurter
sausage-frankfurter-light | frankfurter, light | as is | 140 7 2.8 5.5 2 1.5 0 13.5 980 | piece 50; link 50 | meat | protein flavour | | light frankfurter; light hot dog; fat-free hot dog; reduced-fat hot dog; low-fat hot dogs
sausage-italian | Italian sausage | raw | 346 31.3 11.3 0.7 0 0 0 14.3 731 | piece 110; link 110 | meat sausage | protein flavour | sulphites | italian sausage; italian sausages; hot italian sausage; sweet italian sausage; mild italian sausage
sausage-turkey-fresh | turkey sausage, fresh | raw | 155 8.1 2.3 0.5 0 0 0 18.8 593 | link 28; piece 57; patty 40 | poultry sausage | protein flavour | | fresh turkey sausage; turkey breakfast sausage; raw turkey sausage; turkey sausage links; fresh chicken sausage; chicken breakfast sausage
sausage-lamb-fresh | lamb sausage, fresh | raw | 295 25.5 11 1 0.4 0 0.3 15.2 700 | piece 60; link 60 | meat sausage | protein flavour | | lamb sausages; merguez; merguez sausage
sausage-beef-fresh | beef sausage, fresh | raw | 332 29 11.2 1.1 0.4 0 0 15.2 652 | piece 75; link 43 | meat sausage | protein flavour | | beef sausages; fresh beef sausage
pepperoni | pepperoni | as is | 504 46.3 17.7 1.2 0 0 0 19.3 1582 | slice 2; cup 138 | meat | flavour topping | | pepperoni slices; sliced pepperoni
beef-rib-eye | beef rib-eye, lean and fat | raw | 274 22.1 9.6 0 0 0 0 17.5 54 | piece 280; steak 280 | meat | protein | | rib-eye; ribeye; rib eye steak; ribeye steak; rib-eye steak; entrecote
beef-strip | beef strip steak, lean and fat | raw | 204 13.4 5.4 0 0 0 0 20.6 53 | piece 250; steak 250 | meat | protein | | strip steak; sirloin strip; strip loin; club steak
beef-fillet | beef fillet, lean | raw | 143 6 2.3 0 0 0 0 21.8 54 | piece 170; slice 60 | meat | protein | | filet; beef filet; beef tenderloin; fillet steak; tenderloin steak; tournedos
beef-flank | beef flank | raw | 165 8.3 3.4 0 0 0 0 21.2 54 | piece 600; steak 200 | meat | protein | | flank steak; skirt steak; beef skirt; bavette
beef-tri-tip | beef tri-tip, lean and fat | raw | 177 10.6 3.9 0 0 0 0 20.6 53 | piece 900 | meat | protein | | tri-tip; tri tip; london broil; bottom sirloin
beef-short-ribs | beef short ribs | raw | 388 36.2 15.8 0 0 0 0 14.4 49 | piece 250 | meat | protein | | beef short ribs; short ribs; short rib; beef short rib
beef-liver | beef liver | raw | 135 3.6 1.2 3.9 0 0 0 20.4 69 | slice 100 | meat | protein flavour |  | calf liver; calves liver; ox liver
beef-jerky | beef jerky | as is | 410 25.6 10.8 11 9 8 1.8 33.2 1785 | piece 20 | meat addedsugar | protein | soy | jerky; dried beef strips
pastrami | pastrami | as is | 147 5.8 2.7 0.4 0.1 0 0 21.8 1078 | slice 28 | meat | protein flavour | | beef pastrami; sliced pastrami
bison-ground | bison, ground | raw | 146 7.2 2.9 0 0 0 0 20.2 70 | cup 220; patty 115 | meat ground | protein | | ground bison; bison; buffalo meat; minced bison
rabbit | rabbit | raw | 136 5.6 1.7 0 0 0 0 20 41 | piece 200; cup 150 | meat | protein | | rabbit meat; rabbit pieces
veal-ground | veal, ground | raw | 144 6.8 2.8 0 0 0 0 19.4 82 | cup 220 | meat ground | protein | | ground veal; minced veal; veal mince
lamb-stew | lamb, lean, cubed | raw | 134 5.3 1.9 0 0 0 0 20.2 65 | cup 150 | meat | protein | | lamb stew meat; lamb cubes; stewing lamb; lean lamb
lamb-leg | lamb leg, lean and fat | raw | 205 13.5 5.9 0 0 0 0 18.3 57 | cup 150; slice 100 | meat | protein | | leg of lamb; lamb leg; gigot
lamb-leg-lean | lamb leg, lean | raw | 128 4.5 1.6 0 0 0 0 20.6 62 | cup 150; slice 100 | meat | protein | | lean leg of lamb; lean lamb leg
lamb-ground | lamb, ground | raw | 282 23.4 10.2 0 0 0 0 16.6 59 | cup 220 | meat ground | protein | | ground lamb; minced lamb; lamb mince
lamb-chop | lamb chop, lean and fat | raw | 282 23.5 10.3 0 0 0 0 16.6 57 | piece 100 | meat | protein | | lamb chops; lamb cutlets; lamb cutlet
pork-ribs | pork ribs | raw | 277 23.4 7.5 0 0 0 0 15.5 81 | piece 60; rack 700 | meat | protein | | spare ribs; spareribs; pork spareribs; baby back ribs; back ribs; pork rib
ham-steak | ham steak | as is | 122 4.3 1.4 0 0 0 0 19.6 1270 | piece 225; slice 60 | meat | protein flavour | | gammon steak; ham slice thick
pork-rinds | pork rinds | as is | 544 31.3 11.4 0 0 0 0 61.3 1818 | cup 20; bag 100 | meat | crunch | | pork crackling; crackling; pork scratchings
liverwurst | liver sausage | as is | 326 28.5 10.6 2.2 0 0 0 14.1 860 | slice 18; tablespoon 15 | meat | protein flavour | | liverwurst; leberwurst
black-pudding | black pudding | as is | 290 22 8.5 14 0.5 0 0.5 10 940 | slice 30 | meat | protein flavour | gluten | blood sausage; blood pudding
chorizo-soya | soya chorizo | as is | 190 12 1.5 9 2 1 4 13 1000 | link 80 | tofu plant addedfat | flavour protein | soy | soy chorizo; vegetarian chorizo; plant-based chorizo
duck-skin | duck, meat and skin | raw | 404 39.3 13.2 0 0 0 0 11.5 63 | piece 1800; leg 250 | poultry | protein | | duck; whole duck; duck legs; duck leg; duck with skin; duck breast with skin
trout-smoked | trout, smoked | as is | 150 6 1.3 0 0 0 0 23 950 | fillet 60; piece 60 | fish | protein flavour | fish | smoked trout; smoked trout fillets
salmon-wild | salmon, wild | raw | 142 6.3 1 0 0 0 0 19.8 44 | fillet 170; piece 170 | fish | protein | fish | wild salmon; wild salmon fillet; sockeye salmon; pink salmon
catfish | catfish | raw | 119 5.9 1.3 0 0 0 0 15.2 98 | fillet 150; piece 150 | fish | protein | fish | catfish fillet; catfish fillets
sea-bass | sea bass | raw | 97 2 0.5 0 0 0 0 18.4 68 | fillet 130; piece 130 | fish | protein | fish | seabass; branzino; sea bass fillet
mahi-mahi | mahi-mahi | raw | 85 0.7 0.2 0 0 0 0 18.5 88 | fillet 170; piece 170 | fish | protein | fish | mahi mahi; dolphinfish
swordfish | swordfish | raw | 144 6.7 1.6 0 0 0 0 19.7 81 | steak 170; piece 170 | fish | protein | fish | swordfish steak; swordfish steaks
lobster | lobster, cooked | cooked | 89 0.9 0.2 0 0 0 0 19 486 | cup 145; tail 115; piece 115 | shellfish | protein | crustaceans | lobster; lobster meat; lobster tail
oysters | oysters | raw | 68 2.5 0.8 3.9 0.6 0 0 7.1 211 | piece 14; cup 248 | shellfish | protein | molluscs | oyster; fresh oysters
clams | clams | raw | 74 1 0.1 2.6 0 0 0 12.8 56 | piece 14; cup 227 | shellfish | protein | molluscs | clam; clam meat
squid | squid | raw | 92 1.4 0.4 3.1 0 0 0 15.6 44 | cup 150; piece 100 | shellfish | protein | molluscs | calamari; squid rings
octopus | octopus | raw | 82 1 0.2 2.2 0 0 0 14.9 230 | cup 150 | shellfish | protein | molluscs | octopus tentacles
prawns-cooked | prawns, cooked | cooked | 99 0.3 0.1 0.2 0 0 0 24 111 | cup 145; piece 7; large 7 | shellfish | protein | crustaceans | cooked shrimp; cooked prawns; boiled prawns; cooked peeled prawns; cooked peeled shrimp
tuna-pouch | tuna in a pouch | as is | 100 0.8 0.2 0 0 0 0 23 380 | pouch 74; package 74 | fish | protein | fish | tuna pouch; pouch tuna; pouch of tuna
fish-fingers | fish fingers, frozen | frozen | 220 11 2 19 1.5 1 1.3 11.5 420 | piece 28; stick 28 | fish addedfat | protein crunch | fish gluten | fish sticks; fish finger; breaded fish sticks
beef-ground-cooked | ground beef, lean, cooked | cooked | 230 12.1 4.7 0 0 0 0 28.5 89 | cup 140 | meat ground | protein | | cooked ground beef; cooked lean ground beef; browned ground beef; cooked minced beef; lean cooked ground beef
turkey-whole | turkey, whole, meat and skin | raw | 143 5.6 1.6 0.1 0 0 0 21.6 112 | piece 3600 | poultry | protein | | whole turkey; turkey; roasting turkey; turkey crown
`;
