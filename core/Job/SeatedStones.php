<?php

declare(strict_types=1);

namespace HotSprue\Job;

use Closure;
use HotSprue\Seats\Proportions;
use HotSprue\Solid\Frame;
use HotSprue\Solid\Look;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\Part;
use HotSprue\Solid\StoneSolid;
use HotSprue\Solid\WireSolid;
use HotSprue\Stones\ImpossibleOutline;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;
use HotSprue\Stones\StoneInput;

/** The stones of one setting as they sit in it. */
final readonly class SeatedStones
{
    /** @param Closure(?float, ?float, float): Frame $frame where the setting stands, or another place of its row */
    public function __construct(private JobAnswers $row, private Closure $frame) {}

    /** @return list<Part> */
    public function parts(): array
    {
        $setting = $this->row->setting();
        $laidOut = match ($setting->holds()) {
            'row' => $this->inRow(), 'halo' => $this->round('layout.halo'), 'cluster' => $this->round('layout.cluster'),
            default => null,
        };
        $stones = $laidOut ?? $this->alone();
        $species = $this->row->row('stones')['species']['value'] ?? null;

        return $stones === [] ? [] : [new Part(
            'stone', $setting->name(), Look::stone(is_string($species) ? $species : null),
            Mesh::together(...$stones), $setting->key(),
        )];
    }

    /** Underside of the girdle over the foot of a setting; under the band's outside where its seat is cut into it. */
    public static function girdleOf(JobAnswers $row): float
    {
        $place = $row->input('setting.place');
        $girdle = $place?->has('girdle') === true ? $place->num('girdle') : 0.0;

        return $girdle;
    }

    /** @return list<Mesh> */
    private function alone(): array
    {
        $input = $this->row->input('stone.outline');
        if ($input === null) {
            return [];
        }
        $outline = StoneInput::read($input);
        $up = self::girdleOf($this->row);

        return [$this->cut($outline)->placed(($this->frame)(null, null, 0.0)->moved(0.0, 0.0, $up))];
    }

    /**
     * Of each stone that is set into the band: its seat with the way in from above, and the hole right through.
     *
     * @param  float  $thickness  of the band, mm
     * @return list<Part>
     */
    public function cuts(float $thickness): array
    {
        $hole = $this->row->input('seat.depth')?->num('through_hole') ?? 0.0;
        $places = $this->row->setting()->holds() === 'row' ? $this->rowPlaces() : [];
        $width = $this->row->input('stone.outline')?->num('width');
        if ($places === [] && $width !== null) {
            $up = self::girdleOf($this->row);
            $places = [[$width, ($this->frame)(null, null, 0.0)->moved(0.0, 0.0, $up)]];
        }
        $cuts = array_map(fn (array $place): Mesh => $this->cutOf($place[0] / 2, $hole, $thickness)->placed($place[1]),
            $places);

        return $cuts === [] ? [] : [new Part(
            'cut', $this->row->setting()->name(), Look::clear(), Mesh::together(...$cuts), $this->row->setting()->key(),
        )];
    }

    /** Below the girdle a cone as its pavilion is, to the hole; above it straight out. */
    private function cutOf(float $radius, float $hole, float $thickness): Mesh
    {
        $pavilion = 2 * $radius * $this->row->settings->num('stones.pavilion');
        $narrow = max(0.1, $hole) * $radius;
        $deep = -$pavilion * (1 - $narrow / $radius);

        return WireSolid::turned(
            [
                [$narrow, min($deep, -$thickness) - 1.0], [$narrow, $deep], [$radius, 0.0],
                [$radius, $thickness + 1.0],
            ], 40,
        );
    }

    /** @return list<Mesh>|null those of a row, each square to the band where it sits */
    private function inRow(): ?array
    {
        $stones = array_map(fn (array $place): Mesh => $this->small($place[0])->placed($place[1]), $this->rowPlaces());

        return $stones === [] ? null : $stones;
    }

    /** @return list<array{float, Frame}> how wide each stone of a row is, and where it sits */
    private function rowPlaces(): array
    {
        $across = $this->row->row('settings')['across']['value'] ?? 0.0;
        $angle = $this->row->row('settings')['angle']['value'] ?? 0.0;
        $below = $this->row->input('layout.row')?->numOr('girdle_depth', 0.0);
        $places = [];
        foreach ((array) $this->row->value('layout.row', 'stones') as $one) {
            $places[] = [(float) $one['diameter_mm'], ($this->frame)(
                (float) $one['angle_deg'] + (float) $angle, (float) $across, -(float) $below,
            )];
        }

        return $places;
    }

    /** @return list<Mesh>|null those that stand round a centre, at the height of its girdle */
    private function round(string $use): ?array
    {
        $size = $this->row->input($use)?->num('stone_diameter');
        $centre = $this->row->setting()->beside();
        if ($size === null) {
            return null;
        }
        $up = $centre === null ? 0.0 : self::girdleOf($centre);
        $frame = ($this->frame)(null, null, 0.0);

        return array_map(fn (array $at): Mesh => $this->small($size)->placed(
            $frame->moved((float) $at['x_mm'], (float) $at['y_mm'], $up),
        ), array_values((array) $this->row->value($use, 'positions')));
    }

    private function small(float $diameter): Mesh
    {
        $figure = fn (string $name): float => $diameter * $this->row->settings->num("stones.{$name}");
        try {
            $outline = Outline::of(Shape::Round, $diameter, $diameter);
        } catch (ImpossibleOutline) {
            return Mesh::of([], []);
        }

        return StoneSolid::faceted($outline, $figure('crown'), $figure('girdle'), $figure('pavilion'), 12);
    }

    private function cut(Outline $outline): Mesh
    {
        $input = $this->row->input('setting.place') ?? $this->row->input('seat.bezel')
            ?? $this->row->input('seat.claw');
        $stone = $this->row->row('stones');
        if (($stone['cut']['value'] ?? null) === 'cabochon') {
            $depth = $stone['depth']['value'] ?? null;

            return StoneSolid::cabochon($outline, is_numeric($depth) ? (float) $depth : $outline->wide / 2, 48);
        }
        if ($input === null) {
            $of = fn (string $name): float => $outline->wide * $this->row->settings->num("stones.{$name}");

            return StoneSolid::faceted($outline, $of('crown'), $of('girdle'), $of('pavilion'));
        }
        $parts = Proportions::of($input, $outline->wide, $this->row->settings);

        return StoneSolid::faceted($outline, $parts->crown, $parts->girdle, $parts->pavilion);
    }
}
