import type { Food } from '../food.ts';
import { dairy } from './dairy.data.ts';
import { fatsSweetsSauces } from './fats-sweets-sauces.data.ts';
import { fruit } from './fruit.data.ts';
import { grainsLegumesNuts } from './grains-legumes-nuts.data.ts';
import { meatFishEggs } from './meat-fish-eggs.data.ts';
import { readFoodTable } from './read-food-table.ts';
import { ready } from './ready.data.ts';
import { vegetables } from './vegetables.data.ts';

/** The foods that come with Imbiss: generic names, no brands. */
export const SHIPPED_FOODS: readonly Food[] = [
  ...readFoodTable(vegetables, 'vegetables and herbs'),
  ...readFoodTable(fruit, 'fruit'),
  ...readFoodTable(meatFishEggs, 'meat, fish and eggs'),
  ...readFoodTable(dairy, 'dairy'),
  ...readFoodTable(grainsLegumesNuts, 'grains, pulses and nuts'),
  ...readFoodTable(fatsSweetsSauces, 'fats, sweets and seasonings'),
  ...readFoodTable(ready, 'ready foods'),
];
