<?php

declare(strict_types=1);

namespace App\Files;

/** A drawing of a page as a file of its own: the first picture of a view, with its name space and the colours of the light bay. */
final class SvgFile
{
    public const NAMES = ['clutch', 'chain', 'pedal', 'disc', 'flywheel'];

    /** The classes of the drawings, in plain colours: a file knows nothing of the page's styles. */
    private const STYLE = 'svg{font-family:sans-serif;color:#1c211f;background:#fffef9}.f-steel{fill:#d9dbdb;stroke:#1c211f}'
        .'.f-card{fill:#fffef9;stroke:#1c211f}.f-lining{fill:#c9a06a;stroke:#1c211f}.f-brass{fill:#b5822a;stroke:#1c211f}'
        .'.ln{stroke:#1c211f;fill:none}.ghost{stroke:#777;fill:none;stroke-dasharray:4 3}.then-line{stroke:#0d6b55;fill:none;'
        .'stroke-dasharray:5 3}.svg-t,.svg-n{fill:#1c211f;font-size:14px}.svg-soft{fill:#555}.dim{stroke:#8a6416;fill:none}'
        .'.zone-free_play,.zone-slack{fill:#eee}.zone-take_up{fill:#e5d6b8}.zone-free{fill:#bfd9d0}.zone-over_travel{fill:#e9b4ab}';

    /** Nothing where the view holds no picture. */
    public static function of(string $html): ?string
    {
        if (preg_match('~<svg\b.*?</svg>~s', $html, $m) !== 1) {
            return null;
        }
        // What the page's script moves by says nothing in a file, and is no XML.
        $bare = (string) preg_replace('/ data-[\w-]+(="[^"]*")?(?=[\s\/>])/', '', $m[0]);
        $svg = (string) preg_replace('/<svg\b/', '<svg xmlns="http://www.w3.org/2000/svg"', $bare, 1);

        return (string) preg_replace('/^(<svg\b[^>]*>)/', '$1<style>'.self::STYLE.'</style>', $svg, 1);
    }
}
