<?php

declare(strict_types=1);

namespace App\Shelf;

use Spindle\Sheet\Field;

/** Words by which suppliers say what a field has its own word for. */
final class KitWords
{
    /** By short name of the field, then by what is written, in small letters. */
    private const SAME = [
        'material' => [
            'organic moulded' => 'organic', 'moulded' => 'organic', 'standard' => 'organic', 'organic wire' => 'organic_wire',
            'wire reinforced' => 'organic_wire', 'woven wire' => 'organic_wire', 'aramid full face' => 'aramid', 'aramid full' => 'aramid',
            'aramid segments' => 'aramid_segmented', 'segmented aramid' => 'aramid_segmented', 'ceramic' => 'sintered_bronze',
            'cerametallic' => 'sintered_bronze', 'bronze' => 'sintered_bronze', 'copper' => 'sintered_bronze',
            'sintered' => 'sintered_bronze',
            'sinter' => 'sintered_bronze', 'iron' => 'sintered_iron',
        ],
        'spring' => [
            'diaphragm spring' => 'diaphragm', 'coils' => 'coil', 'coil springs' => 'coil', 'levers' => 'coil', 'lever' => 'coil',
            'self adjusting' => 'self_adjusting', 'self adjusting diaphragm' => 'self_adjusting',
        ],
        'damper' => ['yes' => 'sprung', 'spring' => 'sprung', 'sprung hub' => 'sprung', 'no' => 'rigid', 'solid' => 'rigid',
            'rigid hub' => 'rigid'],
        'release' => ['push type' => 'push', 'pushed' => 'push', 'pull type' => 'pull', 'pulled' => 'pull'],
        'stages' => ['1' => 'single', 'one' => 'single', 'single stage' => 'single', '2' => 'two', 'double' => 'two', 'two stage' => 'two',
            'dual' => 'two'],
        'classes' => [
            'cars' => 'car', 'passenger car' => 'car', 'van' => 'van', 'vans' => 'van', 'lcv' => 'van', 'light van' => 'van',
            'lorry' => 'truck',
            'trucks' => 'truck', 'hgv' => 'truck', 'tractors' => 'tractor', 'agricultural' => 'tractor', 'farm' => 'tractor',
        ],
        'finger_shape' => ['straight' => 'flat', 'bent' => 'curved', 'radiused' => 'curved'],
        'bearing_face' => ['round' => 'rounded', 'radiused' => 'rounded', 'crowned' => 'rounded'],
        'for_flywheel' => ['flat flywheel' => 'flat', 'solid' => 'flat', 'pot flywheel' => 'pot', 'recessed' => 'pot'],
        'balance' => ['int' => 'internal', 'ext' => 'external'],
    ];

    /** The field's own word; nothing where what is written is none of its words. */
    public static function read(Field $field, string $written): ?string
    {
        $plain = trim((string) preg_replace('/[\s_\-,.]+/u', ' ', mb_strtolower($written)));
        foreach ($field->options as $word => $label) {
            $labelled = trim((string) preg_replace('/[\s_\-,.]+/u', ' ', mb_strtolower($label)));
            if ($plain === str_replace('_', ' ', (string) $word) || $plain === $labelled) {
                return (string) $word;
            }
        }

        return self::SAME[explode('.', $field->key)[1]][$plain] ?? null;
    }
}
