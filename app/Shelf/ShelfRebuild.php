<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Store\InTurn;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\SheetReader;

/** Works out anew what is searched and sieved of every kit, from its data as its supplier wrote them. */
final class ShelfRebuild
{
    private const PIECE = 500;

    /** @return array{int, int} how many were worked out, and how many cannot be read */
    public static function all(): array
    {
        KitColumns::forget();
        $reader = new SheetReader(Subjects::dictionary());
        $done = $bad = 0;
        DB::table('kit_details')->orderBy('kit_id')->chunkById(self::PIECE, static function ($some) use ($reader, &$done, &$bad): void {
            InTurn::do(static function () use ($some, $reader, &$done, &$bad): void {
                foreach ($some as $row) {
                    try {
                        $data = json_decode((string) $row->data, false, 16, JSON_THROW_ON_ERROR);
                        $facts = $reader->kit($data instanceof \stdClass ? $data : new \stdClass)->toBase();
                    } catch (SheetError|\JsonException) {
                        $bad++;

                        continue;
                    }
                    DB::table('kits')->where('id', $row->kit_id)->update(array_diff_key(KitColumns::of($facts), ['number' => 1,
                        'name' => 1]));
                    DB::table('kit_details')->where('kit_id', $row->kit_id)->update([
                        'facts' => json_encode((object) $facts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                    ]);
                    $done++;
                }
            });
        }, 'kit_id');
        InTurn::do(ShelfStamp::change(...));

        return [$done, $bad];
    }
}
