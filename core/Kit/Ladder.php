<?php

declare(strict_types=1);

namespace Spindle\Kit;

use Spindle\Capacity\Carries;
use Spindle\Capacity\CarryCase;
use Spindle\Capacity\KitClutch;
use Spindle\Capacity\Material;
use Spindle\Demand\WantedReserve;
use Spindle\Kit\Ranking\Ranker;
use Spindle\Quantity\Display;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetReader;

/**
 * What would carry an engine when no kit that fits does. The usual steps over the strongest clutch that fits: larger disc on a matching
 * flywheel, stronger cover, material that grips better, pads, two discs; where none is enough by itself, two together. Common practice,
 * no source.
 */
final class Ladder
{
    /** Lining sizes met in practice, outer diameter, mm. Common practice, no source. */
    private const SIZES = [160, 170, 180, 190, 200, 210, 215, 228, 240, 250, 260, 280, 300, 310, 330, 350, 362, 395, 430];

    /** How much more a cover of the same size is made to press. From memory [M]. */
    private const STRONGER = 1.25;

    /** Steps that are taken together where none is enough alone. Common practice, no source. */
    private const TOGETHER = [
        [LadderStep::LARGER_DISC, LadderStep::STRONGER_COVER], [LadderStep::LARGER_DISC, LadderStep::MATERIAL],
        [LadderStep::STRONGER_COVER, LadderStep::MATERIAL], [LadderStep::STRONGER_COVER, LadderStep::TWO_DISCS],
        [LadderStep::LARGER_DISC, LadderStep::TWO_DISCS],
    ];

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
                $clutch = KitClutch::of($kit, $sheet);
                // One that is known only by its claim gives no figures to start from.
                $carried = $clutch->isClaimOnly() ? 0.0 : $clutch->runIn()->value ?? 0.0;
            } catch (\DomainException) {
                continue;
            }
            $best = $carried > ($best[1] ?? 0.0) ? [$kit, $carried] : $best;
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
        $base = array_filter([
            'lining_outer' => $outer->value, 'lining_inner' => $inner->value, 'material' => $material->value, 'clamp_load' => $clamp->value,
            'discs' => $discs, 'spring' => $from->word('kit.spring') ?? 'diaphragm',
            'mu' => $from->one(Ratio::class, 'kit.mu')?->value, 'mu_hot' => $from->one(Ratio::class, 'kit.mu_hot')?->value,
            'coverage' => $from->one(Ratio::class, 'kit.coverage')?->value, 'pads' => $from->count('kit.pads'),
            'damper' => $from->word('kit.damper'),
        ], static fn (mixed $value): bool => $value !== null);
        $steps = array_filter($steps, static fn (?array $step): bool => $step !== null);
        $alone = self::taken($sheet, $base, array_map(static fn (array $step): array => [$step], $steps));
        if (array_filter($alone, static fn (LadderStep $step): bool => $step->carries) !== []) {
            return $alone;
        }
        $pairs = [];
        foreach (self::TOGETHER as [$one, $other]) {
            if (isset($steps[$one], $steps[$other])) {
                $pairs["{$one}+{$other}"] = [$steps[$one], $steps[$other]];
            }
        }

        // Where no step is enough by itself, the two that are.
        return [...$alone, ...array_filter(self::taken($sheet, $base, $pairs), static fn (LadderStep $step): bool => $step->carries)];
    }

    /**
     * @param  array<string, mixed>  $base  the clutch to start from
     * @param  array<string, list<array{string, array<string, mixed>}>>  $steps  what each is made of, a label and what it changes
     * @return list<LadderStep>
     */
    private static function taken(JobSheet $sheet, array $base, array $steps): array
    {
        $taken = [];
        foreach ($steps as $id => $parts) {
            $data = $base;
            foreach ($parts as [, $changed]) {
                // Another lining has friction of its own, whatever the old one was said to have.
                $gone = isset($changed['material']) ? ['mu', 'mu_hot', 'coverage', 'pads'] : [];
                $data = [...array_diff_key($data, array_flip($gone)), ...$changed];
            }
            $label = implode(', and ', array_map(static fn (array $part, int $i): string => $i === 0 ? $part[0] : lcfirst($part[0]),
                $parts, array_keys($parts)));
            $taken[] = self::step($sheet, $id, $label, $data);
        }

        return array_values(array_filter($taken));
    }

    /** @param  array<string, mixed>  $data */
    private static function step(JobSheet $sheet, string $id, string $label, array $data): ?LadderStep
    {
        $kit = (new SheetReader($sheet->dictionary))->kit((object) $data);
        $clutch = KitClutch::of($kit, $sheet);
        $carries = Carries::of($clutch, CarryCase::of($sheet));

        return $carries->carried === null || $carries->margin === null ? null : new LadderStep(
            $id, $label, $carries->carried, $carries->margin,
            // Everything that is asked of a kit is asked of it: neither short nor harsh, pressure, heat and character as well.
            Ranker::of($sheet, '')->works($kit),
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
