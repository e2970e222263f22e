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
        $written = $read->data;
        ksort($written);

        return InTurn::do(static function () use ($supplier, $read, $written): Kit {
            $kit = Kit::query()->updateOrCreate(
                ['supplier_id' => $supplier->id, 'number' => $read->number()], KitColumns::of($read->facts),
            );
            KitDetail::query()->updateOrCreate(['kit_id' => $kit->id], [
                'data' => $written, 'facts' => $read->facts,
                'content_hash' => sha1(json_encode((object) $written,
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)),
            ]);
            ShelfStamp::change();

            return $kit;
        });
    }
}
