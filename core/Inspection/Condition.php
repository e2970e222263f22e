<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Verdict;
use Spindle\Vehicle\FlywheelKind;

/** Something seen on a part that no number tells. Common practice, no source. */
final class Condition
{
    /** @var array<string, list<self>> by part: the table does not change, and a sheet asks for it many times */
    private static array $known = [];

    private function __construct(public readonly string $word, public readonly string $label, public readonly Verdict $verdict, public readonly string $consequence)
    {
    }

    /** The word that records that somebody looked and found nothing. */
    public const NONE = 'none';

    /**
     * Who found something did not find nothing.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    public static function sensible(array $words): array
    {
        return count($words) > 1 ? array_values(array_diff($words, [self::NONE])) : $words;
    }

    /**
     * The conditions known for a part.
     *
     * @return list<self>
     */
    public static function of(string $part): array
    {
        return self::$known[$part] ??= array_map(static fn (array $r): self => new self($r[0], $r[1], $r[2], $r[3]), self::rows($part));
    }

    /** @return list<array{string, string, Verdict, string}> word, how it is said, what it comes to, what to do */
    private static function rows(string $part): array
    {
        $out = Verdict::Out;
        $near = Verdict::Near;

        return match ($part) {
            'disc', 'disc2' => [
                ['oil', 'oil or grease on the lining', $out, 'find and mend the leak before anything new goes in'],
                ['cracks', 'cracks in the lining', $out, 'replace the disc'],
                ['loose_lining', 'lining loose or missing', $out, 'replace the disc; find the pieces'],
                ['broken_spring', 'damper spring broken or missing', $out, 'replace the disc; find the piece'],
                ['loose_spring', 'damper springs clatter in their windows', $out, 'replace the disc'],
                ['cracked_cushion', 'cushion segment cracked', $out, 'replace the disc'],
                ['bent', 'disc bent', $out, 'replace the disc; ask how the gearbox was carried'],
                ['blue', 'lining or plate blue', $out, 'replace the disc; it was overheated'],
                ['glazed', 'lining glazed', $out, 'replace the disc; it was overheated'],
                ['grooves_gone', 'smooth, its grooves gone', $out, 'replace the disc; a smooth lining can stick to the flywheel after a hot run'],
                ['wrong_way', 'it sat the wrong way round', $out, 'the hub stood on the bolts or the flywheel; note which side faced where'],
                ['tight_hub', 'does not slide freely over the whole spline', $out, 'find the step, rust or bent tooth, on hub or shaft'],
            ],
            'cover' => [
                ['cracks', 'cracks', $out, 'replace the cover'],
                ['heat_spots', 'heat spots', $out, 'replace the cover; record how many and where'],
                ['scoring', 'deep scoring', $out, 'replace the cover'],
                ['broken_finger', 'finger broken or soft', $out, 'replace the cover; find the piece'],
                ['bent_strap', 'drive strap bent or loose', $out, 'replace the cover; it was dropped or overstroked'],
                ['broken_lug', 'lug broken', $out, 'replace the cover; find the piece'],
                ['missing_spring', 'coil spring missing', $out, 'replace the cover; find the spring'],
                ['blue_spring', 'coil spring blue', $out, 'replace the springs or the cover; it was overheated'],
                ['uneven_lever', 'a lever out of line with the others', $out, 'look for a broken pivot lug'],
            ],
            'flywheel' => [
                ['faint_marks', 'faint marks only', Verdict::Within, 'scuff with an abrasive pad and degrease'],
                ['heat_spots', 'heat spots', $out, 'grind: a turning tool jumps over the hard spots'],
                ['scoring', 'scoring', $out, 'grind'],
                ['cracks', 'cracks in the face', $out, 'grind only where the cut is deeper than the crack, else replace'],
                ['open_crack', 'crack open to an edge or a bolt hole', $out, 'replace'],
                ['loose_bolts', 'bolts were loose', $near, 'a loose flywheel judders: record it, fit new bolts'],
                ['ring_gear', 'ring gear worn or broken', $out, 'replace the ring or the flywheel'],
                ['bolt_holes', 'bolt holes worn or torn', $out, 'replace'],
                ['not_rated', 'cast iron, not made for this speed or clamp load', $out, 'replace by one that is'],
                ['grease_thrown', 'dual-mass: grease thrown out', $out, 'replace'],
                ['noisy', 'dual-mass: noisy when turned', $out, 'replace'],
            ],
            'pilot' => [
                ['rough', 'rough', $out, 'replace'],
                ['loose', 'loose', $out, 'replace'],
                ['seized', 'seized', $out, 'replace; look at the tip of the shaft'],
                ['dry', 'dry', $out, 'replace'],
                ['seal_torn', 'seal torn', $out, 'replace'],
                ['binds', 'binds on the shaft', $out, 'work the bush in with this shaft: no felt play, no bind, also when hot'],
            ],
            'bearing' => [
                ['rough', 'rough', $out, 'replace'],
                ['dry', 'dry, grease lost', $out, 'replace'],
                ['noisy', 'noisy', $out, 'replace'],
                ['loose', 'looser than a new one', $out, 'replace'],
                ['wet', 'wet (concentric slave)', $out, 'replace complete; the next leak costs the whole job'],
                ['clip', 'clip broken or missing', $out, 'new clip, and find the old one'],
                ['overgreased', 'greased too much', $near, 'a pump or two a year; more ends up on the disc'],
                ['face_track', 'track worn into the face', $near, 'replace with the kit'],
            ],
            'fork' => [
                ['bent', 'bent', $out, 'replace the fork; look for what overloaded it'],
                ['cracked', 'cracked at the ball or pivot', $out, 'replace the fork'],
                ['worn_pads', 'pads worn', $out, 'replace; worn pads eat the stroke'],
                ['worn_pivot', 'pivot or ball worn', $out, 'replace the pivot with the fork'],
            ],
            'sleeve' => [
                ['stepped', 'steps worn into it', $out, 'replace: the bearing cocks on it and judders'],
                ['catches', 'the bearing catches on it', $out, 'replace, or find the burr'],
                ['loose', 'loose in its seat', $out, 'replace, or mend the seat'],
            ],
            'shaft' => [
                ['stepped', 'steps worn into the splines', $out, 'replace the shaft: a new hub would hang on the steps'],
                ['rust', 'rust on the splines', $near, 'clean until the disc slides; the smallest smear of spline grease, wiped'],
                ['twisted', 'splines twisted or damaged', $out, 'replace the shaft'],
                ['worn_tip', 'tip worn where it runs in the pilot', $out, 'replace the shaft, or a new pilot wears out at once'],
            ],
            'seals' => [
                ['shaft_wet', 'input-shaft seal wet: gear oil', $out, 'replace it now'],
                ['rear_wet', 'crankshaft rear seal wet: engine oil', $out, 'replace it now'],
            ],
            'surroundings' => [
                ['starter_ring', 'starter ring teeth worn', $near, 'replace the ring while it is open'],
                ['dowels', 'dowels worn or missing', $out, 'fit dowels: without them the gearbox hangs on its bolts and the hub wears'],
                ['engine_mount', 'engine mount torn', $out, 'replace: it imitates clutch judder'],
                ['gearbox_mount', 'gearbox mount torn', $out, 'replace: it imitates clutch judder'],
                ['joints', 'driveshaft joint loose', $out, 'replace: it clunks and judders like a clutch'],
                ['brake_drags', 'a brake drags', $out, 'free it: it loads the clutch and imitates judder'],
            ],
            'intermediate' => [
                ['cracks', 'cracks', $out, 'replace the plate'],
                ['heat_spots', 'heat spots', $out, 'replace the plate'],
                ['scoring', 'deep scoring', $out, 'replace the plate'],
                ['worn_pins', 'drive pins or slots worn', $out, 'new pins, square to the face; replace a plate with worn slots'],
                ['sticks', 'does not move freely in its slots', $out, 'free the lugs: a plate that hangs drags one disc'],
            ],
            'two_stage' => [
                ['cracks', 'a plate cracked', $out, 'replace the set; it is one unit'],
                ['scoring', 'a plate deeply scored', $out, 'replace the set; it is one unit'],
                ['broken_lug', 'pivot lug or pressure plate broken', $out, 'find the piece in the housing before the engine is started'],
                ['missing_spring', 'a spring missing or broken', $out, 'find it before the engine is started'],
                ['blue_spring', 'a spring blue', $out, 'replace the springs; they were overheated'],
                ['marks_lost', 'marks across the plates lost', $near, 'balance is lost with them: mark before it comes apart, or have the set balanced'],
                ['boss_reversed', 'a hub boss faced the wrong way', $out, 'the two hubs differ: note which way each faces'],
            ],
            default => [],
        };
    }

    /** What follows on a flywheel of this kind: what is ground elsewhere ends a dual-mass one. */
    public function consequenceOn(?FlywheelKind $kind): string
    {
        return $kind === FlywheelKind::DualMass && str_starts_with($this->consequence, 'grind') ? 'replace; a dual-mass flywheel is never machined' : $this->consequence;
    }

    /** @return list<string> the parts that have conditions, in the order they come off */
    public static function parts(): array
    {
        return ['disc', 'disc2', 'cover', 'flywheel', 'bearing', 'fork', 'sleeve', 'pilot', 'shaft', 'seals', 'surroundings', 'intermediate', 'two_stage'];
    }

    public static function find(string $part, string $word): ?self
    {
        foreach (self::of($part) as $condition) {
            if ($condition->word === $word) {
                return $condition;
            }
        }

        return null;
    }
}
