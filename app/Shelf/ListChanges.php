<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\KitImport;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Subjects;

/** What a list that was read would do to the shelf, kit by kit: what comes, and of what is there what would be otherwise. */
final class ListChanges
{
    /**
     * @return list<array{line: int, number: string, name: string, outcome: string, said: string}> the first of them, in the order of the
     * list
     */
    public static function of(KitImport $import, int $most): array
    {
        $rows = DB::table('kit_import_rows')->where('kit_import_id', $import->id)->whereIn('outcome', ['new', 'changed'])
            ->orderBy('id')->limit($most)->get(['line', 'number', 'name', 'outcome', 'data']);
        $there = DB::table('kits')->join('kit_details', 'kit_details.kit_id', '=', 'kits.id')
            ->where('supplier_id', $import->supplier_id)->whereIn('number', $rows->pluck('number'))->pluck('data', 'number');

        return array_values($rows->map(static fn (object $row): array => [
            'line' => (int) $row->line, 'number' => (string) $row->number, 'name' => (string) $row->name,
            'outcome' => (string) $row->outcome,
            'said' => $row->outcome === 'new' ? '' : self::difference((string) ($there[$row->number] ?? '{}'), (string) $row->data),
        ])->all());
    }

    /** What is otherwise, field by field: "Price: 148.00, now 155.00". */
    private static function difference(string $before, string $after): string
    {
        [$was, $is] = [self::texts($before), self::texts($after)];
        $said = [];
        foreach (array_keys([...$was, ...$is]) as $name) {
            if (($was[$name] ?? '') !== ($is[$name] ?? '')) {
                $label = Subjects::dictionary()->find("kit.{$name}")->label ?? $name;
                $said[] = "{$label}: ".($was[$name] ?? 'nothing').', now '.($is[$name] ?? 'nothing');
            }
        }

        return implode('; ', $said);
    }

    /** @return array<string, string> */
    private static function texts(string $json): array
    {
        $data = json_decode($json, true);

        return array_map(
            static fn (mixed $v): string => is_array($v) ? implode(', ', array_filter($v, is_string(...))) : (is_scalar($v)
                ? (string) $v : ''),
            is_array($data) ? $data : [],
        );
    }
}
