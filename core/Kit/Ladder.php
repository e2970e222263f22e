<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\Carries;
use Spindle\Capacity\CarryCase;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\Material;
use Spindle\Demand\WantedReserve;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetReader;

/**
 * What would carry an engine when no kit that fits does. The usual steps, each on its own over the strongest clutch that fits: larger
 * disc on a matching flywheel, stronger cover, material that grips better, pads, two discs. Common practice, no source.
 */
final class Ladder
{
    /** Lining sizes met in practice, outer diameter, mm. Common practice, no source. */
    private const SIZES = [160, 170, 180, 190, 200, 210, 215, 228, 240, 250, 260, 280, 300, 310, 330, 350, 362, 395, 430];

    /** How much more a cover of the same size is made to press. From memory [M]. */
    private const STRONGER = 1.25;

    /** What part of the ring six pads cover. From memory [M]. */
    private const PADS_COVER = 0.6;

    /**
     * The kit to start from: of those that fit the one that carries most.
     *
     * @param  iterable<FieldValues>  $kits
     */
    public static function strongest(JobSheet $sheet, iterable $kits): ?FieldValues
    {
        $best = null;
        foreach ($kits as $kit) {
            try {
                $carried = KitClutch::of($kit, $sheet)->runIn()->value ?? 0.0;
            } catch (\DomainException) {
                continue;
            }
            $best = $best === null || $carried > $best[1] ? [$kit, $carried] : $best;
        }

        return $best[0] ?? null;
    }

    /** @return list<LadderStep> nothing while engine, duty or the clutch to start from is not known */
    public static function of(JobSheet $sheet, ?FieldValues $from, Display $display): array
    {
        if ($from === null) {
            return [];
        }
        $outer = $from->one(Length::class, 'kit.lining_outer');
        $inner = $from->one(Length::class, 'kit.lining_inner');
        $clamp = $from->one(Force::class, 'kit.clamp_load');
        $material = Material::tryFrom($from->word('kit.material') ?? '');
        if ($outer === null || $inner === null || $clamp === null || $material === null || WantedReserve::of($sheet) === null) {
            return [];
        }
        $larger = self::larger($outer);
        $better = self::better($material);
        $discs = $sheet->isTwoStage() ? 1 : $from->count('kit.discs') ?? 1;
        $steps = [
            LadderStep::LARGER_DISC => $larger === null ? null : [
                'A '.$display->quantity($larger, 1.0).' disc on a flywheel that takes it',
                ['lining_outer' => $larger->value, 'lining_inner' => $inner->value * $larger->value / $outer->value],
            ],
            LadderStep::STRONGER_COVER => [
                'A cover that presses a quarter more', ['clamp_load' => $clamp->value * self::STRONGER],
            ],
            LadderStep::MATERIAL => $better === null ? null : [$better->label(), ['material' => $better->value]],
            LadderStep::PADS => in_array($material, [Material::SinteredBronze, Material::SinteredIron], true) ? null : [
                'Sintered pads', ['material' => Material::SinteredBronze->value, 'coverage' => self::PADS_COVER, 'pads' => 6],
            ],
            LadderStep::TWO_DISCS => $discs > 1 || $sheet->isTwoStage() ? null : [
                'Two such discs, on a flywheel of their own', ['discs' => 2],
            ],
        ];
        $base = [
            'lining_outer' => $outer->value, 'lining_inner' => $inner->value, 'material' => $material->value, 'clamp_load' => $clamp->value,
            'discs' => $discs, 'spring' => $from->word('kit.spring') ?? 'diaphragm',
        ];

        return array_values(array_filter(array_map(
            static fn (string $id, ?array $step): ?LadderStep => $step === null
                ? null : self::step($sheet, $id, $step[0], [...$base, ...$step[1]], $clamp),
            array_keys($steps), $steps,
        )));
    }

    /** @param  array<string, mixed>  $data */
    private static function step(JobSheet $sheet, string $id, string $label, array $data, Force $before): ?LadderStep
    {
        $kit = (new SheetReader($sheet->dictionary))->kit((object) $data);
        $clutch = KitClutch::of($kit, $sheet);
        $carries = Carries::of($clutch, CarryCase::of($sheet));

        return $carries->carried === null || $carries->margin === null ? null : new LadderStep(
            $id, $label, $carries->carried, $carries->margin,
            in_array($carries->byMargin, [Verdict::Within, Verdict::Near], true) && $carries->byFloor !== Verdict::Out,
        );
    }

    private static function larger(Length $outer): ?Length
    {
        foreach (self::SIZES as $size) {
            if ($size > $outer->value + 1.0) {
                return Length::mm((float) $size);
            }
        }

        return null;
    }

    /** The next lining that grips better and is still gentle to the flywheel. */
    private static function better(Material $material): ?Material
    {
        return match ($material) {
            Material::Organic, Material::Aramid, Material::AramidSegmented => Material::OrganicWire,
            default => null,
        };
    }
}
