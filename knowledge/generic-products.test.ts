import { expect, test } from '@jest/globals';
import { lineForPart } from '#core/mix';
import { kitchenProduct, materialsOfPart, RECIPES } from './index.ts';

test('a part of a recipe put on the shelf holds the amount of that recipe and no other', () => {
  let number = 0;
  for (const { parts } of RECIPES)
    for (const part of parts) {
      const [materialId] = materialsOfPart(part);
      if (materialId === undefined) continue;
      const product = kitchenProduct(materialId, part, () => `id-${number++}`);
      const [line] = product.lines;
      expect([line!.rateLow, line!.rateHigh]).toEqual([part.perLitre, part.perLitre]);
      expect(product).toMatchObject({ unlabelled: true, strengthPercent: null, name: part.name });
      expect(lineForPart(product.lines, part, 'dormant')).toEqual({ line, rate: part.perLitre });
    }
  expect(number).toBeGreaterThan(10);
});
