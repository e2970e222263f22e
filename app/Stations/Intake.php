<?php

declare(strict_types=1);

namespace App\Stations;

use App\Page\EarlierJob;
use App\Page\Entries;
use Spindle\Intake\IntakeFields;
use Spindle\Triage\Signs;

/** Intake: who comes with what, and what is known of the vehicle from before. */
final readonly class Intake
{
    /** What is asked, in the order in which it is read off customer, papers and vehicle. */
    private const SECTIONS = [
        'vehicle' => ['vehicle.name', 'vehicle.plate', 'vehicle.number', 'vehicle.class', 'vehicle.engine', 'vehicle.gearbox',
            'vehicle.drive', 'vehicle.rotation', 'vehicle.modifications', 'duty'],
        'clutch' => ['vehicle.actuation', 'vehicle.flywheel', 'vehicle.pilot', 'vehicle.discs', 'vehicle.assistance', 'vehicle.adjusting',
            'vehicle.stages', 'vehicle.take_off', 'vehicle.take_off_speed'],
        'keeper' => IntakeFields::KEEPER,
        'shop' => ['promised_on', 'waits_for'],
        'age' => ['fitted_on', 'odometer', 'odometer_at_fitting', 'distance_since_fitted', 'hour_meter', 'hour_meter_at_fitting',
            'time_since_fitted'],
        'kit' => ['vehicle.spline_count', 'vehicle.spline_diameter', 'vehicle.friction_outer', 'disc.lining_outer', 'disc.material'],
    ];

    private const TITLES = [
        'vehicle' => 'Vehicle', 'clutch' => 'Clutch', 'keeper' => 'Keeper', 'shop' => 'In the shop', 'age' => 'Age of the clutch',
        'kit' => 'For the kit that shall fit',
    ];

    /**
     * @param  Sections  $sections  what is asked; what is entered of it stands in the lines
     * @param  list<EarlierJob>  $earlier  the jobs of the vehicle before, the last first
     * @param  list<string>  $signs  what is ticked, as it is said
     * @param  bool  $showsSigns  the complaint as signs stands open
     * @param  bool  $hasRegister  whether what is empty can be filled from the register
     */
    private function __construct(
        public Sections $sections,
        public array $earlier,
        public array $signs,
        public bool $showsSigns,
        public bool $hasRegister,
    ) {
    }

    public static function of(Entries $entries): self
    {
        $job = $entries->job;

        return new self(
            self::sections($entries), EarlierJob::before($job->job),
            array_map(static fn (string $sign): string => Signs::all()[$sign] ?? $sign, $job->values()->words('triage.signs')),
            Fold::isOpen($entries, Fold::SIGNS, 'triage.signs'),
            config('spindle.register') !== 'none' && ! $job->job->isSigned(),
        );
    }

    private static function sections(Entries $entries): Sections
    {
        $all = Sections::of($entries, ...array_map(static fn (string $name, array $keys): Section => new Section(
            $name, self::TITLES[$name], 'intake.fields', $keys,
            status: ucfirst(implode(', ', array_filter(array_map($entries->said(...), array_filter($keys, $entries->asks(...)))))),
        ), array_keys(self::SECTIONS), self::SECTIONS));

        return $all->startingAt($all->next()->name ?? '');
    }
}
