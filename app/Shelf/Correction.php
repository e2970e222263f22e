<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Kit;
use App\Models\KitDetail;
use App\Store\InTurn;
use Spindle\Kit\Contents;
use Spindle\Kit\KitPart;

/** What the shop knows better than a supplier's list of what is in a box. It outlasts the next list. */
final class Correction
{
    /** What a correction says, by short name of the field: words of a list each. */
    private const FIELDS = ['includes', 'left_out'];

    /** @param  list<KitPart>  $inBox  everything that is in the box, and nothing else */
    public static function ofContents(Kit $kit, array $inBox): void
    {
        InTurn::do(static function () use ($kit, $inBox): void {
            $detail = KitDetail::query()->findOrFail($kit->id);
            $text = $detail->facts['kit.contents'] ?? '';
            $read = is_string($text) ? Contents::said($text) : [];
            $words = static fn (array $parts): array => array_values(array_map(static fn (KitPart $p): string => $p->value, $parts));
            $corrected = [
                'includes' => $words($inBox),
                'left_out' => $words(array_filter($read, static fn (KitPart $p): bool => ! in_array($p, $inBox, true))),
            ];
            [$data, $facts] = self::onto($corrected, $detail->data, $detail->facts);
            ksort($data);
            $detail->update([
                'corrected' => $corrected, 'data' => $data, 'facts' => $facts,
                'content_hash' => ListPiece::hash($data, $detail->extra ?? []),
            ]);
            $kit->fill(KitColumns::of($facts))->touch();
            ShelfStamp::change();
        });
    }

    /**
     * @param  array<string, list<string>>  $corrected
     * @param  array<string, mixed>  $data  as the supplier wrote them
     * @param  array<string, mixed>  $facts  the same as plain values
     * @return array{array<string, mixed>, array<string, mixed>} both as corrected
     */
    public static function onto(array $corrected, array $data, array $facts): array
    {
        foreach ($corrected === [] ? [] : self::FIELDS as $field) {
            unset($data[$field], $facts["kit.{$field}"]);
            $words = $corrected[$field] ?? [];
            if ($words !== []) {
                $data[$field] = $words;
                $facts["kit.{$field}"] = count($words) === 1 ? $words[0] : $words;
            }
        }

        return [$data, $facts];
    }
}
