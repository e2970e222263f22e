<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Verdict;

/** Something seen on a part that no number tells. Common practice, no source. */
final readonly class Condition
{
    private function __construct(public string $word, public string $label, public Verdict $verdict, public string $consequence)
    {
    }

    /** The word that records that somebody looked and found nothing. */
    public const NONE = 'none';

    /**
     * The conditions known for a part.
     *
     * @return list<self>
     */
    public static function of(string $part): array
    {
        $out = Verdict::Out;
        $near = Verdict::Near;
        $rows = match ($part) {
            'disc' => [
                ['oil', 'oil or grease on the lining', $out, 'find and mend the leak before anything new goes in'],
                ['cracks', 'cracks in the lining', $out, 'replace the disc'],
                ['loose_lining', 'lining loose or missing', $out, 'replace the disc; find the pieces'],
                ['broken_spring', 'damper spring broken or missing', $out, 'replace the disc; find the piece'],
                ['loose_spring', 'damper springs clatter in their windows', $out, 'replace the disc'],
                ['cracked_cushion', 'cushion segment cracked', $out, 'replace the disc'],
                ['bent', 'disc bent', $out, 'replace the disc; ask how the gearbox was carried'],
                ['blue', 'lining or plate blue', $out, 'replace the disc; it was overheated'],
                ['glazed', 'lining glazed', $out, 'replace the disc; it was overheated'],
            ],
            'cover' => [
                ['cracks', 'cracks', $out, 'replace the cover'],
                ['heat_spots', 'heat spots', $out, 'replace the cover; record how many and where'],
                ['scoring', 'deep scoring', $out, 'replace the cover'],
                ['broken_finger', 'finger broken or soft', $out, 'replace the cover; find the piece'],
                ['bent_strap', 'drive strap bent or loose', $out, 'replace the cover; it was dropped or overstroked'],
                ['broken_lug', 'lug broken', $out, 'replace the cover; find the piece'],
                ['missing_spring', 'coil spring missing', $out, 'replace the cover; find the spring'],
                ['uneven_lever', 'a lever out of line with the others', $out, 'look for a broken pivot lug'],
            ],
            'flywheel' => [
                ['faint_marks', 'faint marks only', Verdict::Within, 'scuff with an abrasive pad and degrease'],
                ['heat_spots', 'heat spots', $out, 'grind: a turning tool jumps over the hard spots'],
                ['scoring', 'scoring', $out, 'grind'],
                ['cracks', 'cracks', $out, 'replace where a crack is open to an edge, a bolt hole or deeper than the cut'],
                ['loose_bolts', 'bolts were loose', $near, 'a loose flywheel judders: record it, fit new bolts'],
                ['ring_gear', 'ring gear worn or broken', $out, 'replace the ring or the flywheel'],
            ],
            'pilot' => [
                ['rough', 'rough', $out, 'replace'],
                ['loose', 'loose', $out, 'replace'],
                ['seized', 'seized', $out, 'replace; look at the tip of the shaft'],
                ['dry', 'dry', $out, 'replace'],
                ['seal_torn', 'seal torn', $out, 'replace'],
            ],
            'bearing' => [
                ['rough', 'rough', $out, 'replace'],
                ['dry', 'dry, grease lost', $out, 'replace'],
                ['noisy', 'noisy', $out, 'replace'],
                ['wet', 'wet (concentric slave)', $out, 'replace complete; the next leak costs the whole job'],
                ['face_track', 'track worn into the face', $near, 'replace with the kit'],
            ],
            default => [],
        };

        return array_map(static fn (array $r): self => new self($r[0], $r[1], $r[2], $r[3]), $rows);
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
