<?php

declare(strict_types=1);

namespace App\Shelf;

use Spindle\Assessment\Subjects;
use Spindle\Quantity\Units;
use Spindle\Sheet\Field;

/** What suppliers call the columns of their lists, for proposals; whoever maps a list decides. */
final class ColumnNames
{
    /** By field of a kit, phrases as they stand in a column's name, in small letters without its unit. */
    private const PHRASES = [
        'number' => ['number', 'part number', 'part no', 'part', 'article', 'article number', 'article no', 'item', 'item number',
            'kit number',
            'kit no', 'order number', 'order no', 'code', 'ref', 'reference', 'sku', 'no', "maker's number"],
        'name' => ['name', 'kit', 'kit name', 'title', 'designation'],
        'description' => ['description', 'text', 'remarks', 'note', 'notes'],
        'contents' => ['contents', 'content', 'scope of supply', 'in the box', 'consists of', 'parts'],
        'vehicles' => ['vehicles', 'fits', 'listed for', 'models', 'applications', 'fitment'],
        'original_numbers' => ['original numbers', 'original number', 'replaces', 'cross reference', 'oe number', 'oe numbers'],
        'take_off_speed' => ['take off speed', 'pto speed'],
        'for_flywheel' => ['flywheel type', 'flywheel shape', 'for flywheel'],
        'balance' => ['balance', 'flywheel balance'],
        'classes' => ['class', 'classes', 'vehicle class', 'for', 'vehicle', 'application', 'use'],
        'discs' => ['discs', 'number of discs', 'disc count', 'no of discs', 'plates'],
        'lining_outer' => ['lining outer', 'outer diameter', 'outside diameter', 'disc diameter', 'disc size', 'disc', 'size',
            'diameter', 'od',
            'disc od', 'lining od', 'facing od', 'lining outer diameter', 'facing outside', 'd outer'],
        'lining_inner' => ['lining inner', 'inner diameter', 'inside diameter', 'id', 'disc id', 'lining id', 'facing id',
            'lining inner diameter',
            'facing inside', 'd inner'],
        'material' => ['material', 'lining', 'lining material', 'facing', 'facing material', 'friction material'],
        'mu' => ['mu', 'friction', 'friction coefficient', 'coefficient of friction', 'µ', 'μ'],
        'mu_hot' => ['mu hot', 'friction hot', 'friction coefficient hot'],
        'coverage' => ['coverage', 'pad coverage'],
        'pads' => ['pads', 'number of pads', 'pads a face', 'pucks'],
        'thickness_new' => ['thickness', 'disc thickness', 'thickness new', 'new thickness'],
        'usable_per_side' => ['usable per side', 'groove depth', 'groove', 'wear depth', 'rivet depth'],
        'clamp_load' => ['clamp load', 'clamping load', 'clamp', 'clamping force', 'plate load', 'spring load', 'pressure load'],
        'clamp_load_worn' => ['clamp load worn', 'worn clamp load', 'clamp worn', 'clamping force worn'],
        'spring' => ['spring', 'springs', 'cover type', 'cover', 'spring type', 'type of cover'],
        'spring_rate' => ['spring rate', 'rate'],
        'wear_travel' => ['wear travel', 'wear allowance', 'wear'],
        'claimed_torque' => ['torque', 'rated torque', 'torque rating', 'claimed torque', 'torque capacity', 'max torque', 'rating'],
        'release_load' => ['release load', 'release force', 'bearing load', 'release'],
        'release_travel_max' => ['release travel', 'bearing travel', 'max travel', 'release travel max', 'travel'],
        'spline_count' => ['splines', 'spline count', 'teeth', 'hub teeth', 'number of splines', 'hub splines', 'z'],
        'spline_diameter' => ['spline diameter', 'spline', 'hub diameter', 'spline od', 'spline size', 'hub'],
        'damper' => ['damper', 'hub type', 'hub kind', 'sprung'],
        'release' => ['push or pull', 'push pull', 'actuation', 'direction', 'operation', 'release type'],
        'finger_height' => ['finger height', 'stack height', 'height', 'installed height', 'build height'],
        'burst_speed' => ['burst speed', 'burst', 'max speed', 'speed limit'],
        'price' => ['price', 'list price', 'net price', 'net', 'unit price', 'cost'],
        'currency' => ['currency', 'cur', 'ccy'],
        'lead_days' => ['lead time', 'lead days', 'days', 'delivery days', 'delivery', 'delivery time', 'lead'],
        'stages' => ['stages', 'stage'],
        'hub_flywheel' => ['hub flywheel side', 'hub engine side', 'hub fw', 'hub flywheel'],
        'hub_gearbox' => ['hub gearbox side', 'hub gearbox', 'hub gb', 'hub transmission side'],
        'cover_outer' => ['cover outer', 'cover diameter', 'cover od'],
        'bolt_count' => ['bolts', 'cover bolts', 'number of bolts', 'bolt count', 'holes'],
        'bolt_circle' => ['bolt circle', 'pitch circle', 'pcd', 'bolt circle diameter', 'hole circle'],
        'bolt_size' => ['bolt size', 'bolt', 'thread'],
        'dowels' => ['dowels', 'dowel holes'],
        'finger_shape' => ['finger shape', 'fingers', 'finger tips'],
        'bearing_face' => ['bearing face', 'bearing contact'],
        'bearing_bore' => ['bearing bore', 'bearing id'],
    ];

    /** The field a column most likely holds, under its short name; empty where none is like it. */
    public static function propose(string $column): string
    {
        $short = strtolower(trim($column));
        if (Subjects::dictionary()->find("kit.{$short}") !== null) {
            return $short;
        }
        $plain = self::plain($column);
        foreach (self::PHRASES as $field => $phrases) {
            if (in_array($plain, $phrases, true)) {
                return $field;
            }
        }

        return '';
    }

    /** The unit that a column's name states for its field: "Clamp load [kN]", "Price (EUR)" has none. */
    public static function unitIn(string $column, Field $field): string
    {
        $written = preg_match('/[\[(]\s*([^\])]+?)\s*[\])]\s*$|,\s*(\S+)\s*$/u', $column, $m) === 1 ? trim($m[2] ?? $m[1]) : '';
        foreach ($written === '' || $field->dimension === null ? [] : Units::spelt($written) as $unit) {
            if ($unit->dimension === $field->dimension) {
                return $written;
            }
        }

        return '';
    }

    /** In small letters, without what stands in brackets at its end and without signs. */
    private static function plain(string $column): string
    {
        $name = (string) preg_replace('/[\[(][^\])]*[\])]\s*$|,\s*\S{1,6}\s*$/u', '', mb_strtolower($column));

        return trim((string) preg_replace('/[\\s_\\-.\\/:]+/u', ' ', $name));
    }
}
