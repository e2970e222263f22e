<?php

declare(strict_types=1);

namespace Spindle\Kit\Fit;

/** Everything that must match before a kit is said to fit. */
final class FitTable
{
    /** @var list<FitCheck>|null */
    private static ?array $checks = null;

    /** @return list<FitCheck> in the order in which a technician would look */
    public static function checks(): array
    {
        return self::$checks ??= [
            new VehicleClassCheck, new StagesCheck, new ReleaseDirectionCheck, new SplineCountCheck, new SplineDiameterCheck,
            new LiningOuterCheck, new LiningInnerCheck, new CoverBoltsCheck, new HubFlywheelSideCheck, new HubGearboxSideCheck,
            new DamperCheck, new FlywheelShapeCheck, new FlywheelCheck, new BearingCheck, new StackHeightCheck, new PilotCheck,
            new SpeedCheck, new HousingCheck, new ListedCheck,
        ];
    }

    /** @return list<string> data that a kit leaves out and that must match on this vehicle */
    public static function lacks(FitCase $case): array
    {
        $needs = array_merge(...array_map(static fn (FitCheck $check): array => $check->needs($case), self::checks()));

        return $case->kit->missing(...array_values(array_unique($needs)));
    }

    /** What a check is called, by the name of its finding; empty where that is none of them. */
    public static function label(string $finding): string
    {
        foreach (self::checks() as $check) {
            if ($check->id() === $finding) {
                return $check->label();
            }
        }

        return '';
    }
}
