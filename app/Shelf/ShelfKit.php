<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Kit;
use App\Models\KitDetail;
use App\Models\Supplier;
use App\Store\InTurn;

/** One kit entered by hand, with the checks that a list has. */
final class ShelfKit
{
    /**
     * Puts a kit on the shelf, or the same kit as it is now.
     *
     * @param  array<string, string>  $data  by short name of the field; what is left empty is not known
     * @return Kit|list<RowError> the kit, or what is wrong with it; nothing is stored then
     */
    public static function put(Supplier $supplier, array $data): Kit|array
    {
        $data = array_filter(array_map(trim(...), $data), static fn (string $text): bool => $text !== '');
        $form = new CsvForm(',', '.', array_keys($data), 0, 1, 'UTF-8');
        $columns = array_map(static fn (string $field): array => ['field' => $field, 'unit' => ''], array_combine($form->columns,
            $form->columns));
        try {
            $map = ColumnMap::of(['columns' => $columns]);
        } catch (ShelfError) {
            return [new RowError(1, 'number', '', "the maker's number; a kit is known by it")];
        }
        $read = (new RowReader($form, $map))->read(new CsvRow(array_values($data), 1, 2, 0));
        if ($read->errors !== []) {
            return $read->errors;
        }

        return InTurn::do(static function () use ($supplier, $read): Kit {
            // What is written by hand is what the shop knows: it takes the place of an earlier correction.
            $written = $read->data;
            ksort($written);
            $kit = Kit::query()->updateOrCreate(
                ['supplier_id' => $supplier->id, 'number' => $read->number()], KitColumns::of($read->facts),
            );
            KitDetail::query()->updateOrCreate(['kit_id' => $kit->id], [
                'data' => $written, 'facts' => $read->facts, 'corrected' => null, 'content_hash' => ListPiece::hash($written, []),
            ]);
            ShelfStamp::change();

            return $kit;
        });
    }
}
