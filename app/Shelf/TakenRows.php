<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\KitImport;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Puts the rows of a list that was read on the shelf, within the transaction of whoever takes it. */
final class TakenRows
{
    private const BESIDE = ['data', 'facts', 'extra', 'content_hash'];

    private const PIECE = 200;

    public static function put(KitImport $import): void
    {
        $columns = array_keys(KitColumns::of([]));
        $now = now()->toDateTimeString();
        $rows = static fn (): Builder => DB::table('kit_import_rows')->where('kit_import_id', $import->id)->where('outcome', '!=', 'same');
        $isThere = static fn (Builder $kit): Builder => $kit->from('kits')
            ->where('kits.supplier_id', $import->supplier_id)
            ->whereColumn('kits.number', 'kit_import_rows.number');
        // Those that were there before are changed one by one; those that were not come in one go.
        $rows()->whereExists($isThere)->orderBy('id')->chunkById(self::PIECE, static function ($some) use ($import, $columns, $now): void {
            $ids = DB::table('kits')->where('supplier_id', $import->supplier_id)->whereIn('number', $some->pluck('number'))->pluck('id',
                'number');
            foreach ($some as $row) {
                $row = (array) $row;
                $id = $ids[$row['number']];
                DB::table('kits')->where('id', $id)->update([...array_intersect_key($row, array_flip($columns)), 'updated_at' => $now]);
                DB::table('kit_details')->where('kit_id', $id)->update(array_intersect_key($row, array_flip(self::BESIDE)));
            }
        });
        $last = DB::table('kits')->max('id') ?? 0;
        DB::table('kits')->insertUsing(
            [...$columns, 'supplier_id', 'created_at', 'updated_at'],
            $rows()->whereNotExists($isThere)->orderBy('id')->select($columns)
                ->selectRaw('?', [$import->supplier_id])->selectRaw('?', [$now])->selectRaw('?', [$now]),
        );
        DB::table('kit_details')->insertUsing(
            ['kit_id', ...self::BESIDE],
            $rows()
                ->join('kits', static fn ($on) => $on->on('kits.number', '=', 'kit_import_rows.number')
                    ->where('kits.supplier_id', $import->supplier_id))
                ->where('kits.id', '>', $last)
                ->select(['kits.id', ...array_map(static fn (string $c): string => "kit_import_rows.{$c}", self::BESIDE)]),
        );
    }
}
