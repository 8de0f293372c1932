<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Solder\Solder;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** Builds the piece from its parts and joints. Source: workbook 20, the piece. */
final class PieceBuilder
{
    private const PARTS = 12;

    /** @var array<string, PartPiece> */
    private array $parts = [];

    /** @var array<string, array{float, float, float}> where the middle of each part lies, and its turn */
    private readonly array $laid;

    /** @var array<string, list<array{float, float}>> where each node of each part lies */
    private readonly array $places;

    /** @var array<string, int> place in the list of each part’s first node */
    private array $first = [];

    private function __construct(private readonly Input $input, private readonly WorkshopSettings $settings)
    {
        foreach ($input->rows('parts') as $row) {
            $this->addPart($row);
        }
        if ($this->parts === [] || count($this->parts) > self::PARTS) {
            throw BadInput::field('parts', sprintf('1 to %d parts are accepted.', self::PARTS));
        }
        $this->laid = PieceLayout::of(
            $this->parts, array_map($this->between(...), $input->rows('joints')), $this->said(),
        );
        $this->places = array_map(
            fn (PartPiece $part): array => PieceLayout::laid($part->places, $this->laid[$part->name]), $this->parts,
        );
        foreach ($this->places as $name => $places) {
            $this->first[$name] = array_sum(array_map(
                fn (string $before): int => count($this->places[$before]), array_keys($this->first),
            ));
        }
    }

    /** @throws BadInput when parts are unknown, or there is no joint to make */
    public static function of(Input $input, WorkshopSettings $settings): self
    {
        return new self($input, $settings);
    }

    /**
     * Each node as it is seen from above, mm.
     *
     * @return list<array{part: string, colour: string, points: list<array{float, float}>}>
     */
    public function outlines(): array
    {
        $outlines = [];
        foreach ($this->parts as $name => $part) {
            foreach ($part->outlines as $outline) {
                $outlines[] = [
                    'part' => $name, 'colour' => $part->alloy->colour,
                    'points' => PieceLayout::laid($outline, $this->laid[$name]),
                ];
            }
        }

        return $outlines;
    }

    public function piece(): Piece
    {
        $contacts = $this->contacts();
        if (array_filter($contacts, static fn (Contact $contact): bool => $contact->isNow) === []) {
            throw BadInput::field('joints', 'None is made in this heat; one that is made now is accepted.');
        }

        return new Piece($this->nodes(), $this->links($contacts), $contacts);
    }

    /** @param array<string, mixed> $row */
    private function addPart(array $row): void
    {
        $name = trim((string) $row['id']);
        if ($name === '' || isset($this->parts[$name])) {
            throw BadInput::field('parts', 'Each part has a name of its own; one is missing, or there twice.');
        }
        $number = static fn (string $of): ?float => is_numeric($row[$of]) ? (float) $row[$of] : null;
        $this->parts[$name] = PartPiece::of(
            $name, Alloy::named((string) $row['alloy'], $this->settings), PartForm::from((string) $row['form']),
            $number('mass'), $number('length'), $number('width'), $number('thickness'),
        );
        if (count($this->parts[$name]->places) > Piece::MOST / 2) {
            throw BadInput::field(
                'parts', "{$name} is too large to be rehearsed; a part of up to 80 pieces is accepted.",
            );
        }
    }

    /** @return array<string, array{float, float, float}> */
    private function said(): array
    {
        $said = [];
        foreach ($this->input->rows('parts') as $row) {
            if (is_numeric($row['x']) && is_numeric($row['y'])) {
                $said[trim((string) $row['id'])] = [
                    (float) $row['x'], (float) $row['y'], is_numeric($row['turn']) ? (float) $row['turn'] : 0.0,
                ];
            }
        }

        return $said;
    }

    /**
     * @param  array<string, mixed>  $joint
     * @return array{string, string}
     */
    private function between(array $joint): array
    {
        $names = array_values(array_map(
            static fn (mixed $name): string => is_string($name) ? trim($name) : '', (array) $joint['parts'],
        ));
        foreach ($names as $name) {
            isset($this->parts[$name]) || throw BadInput::field('joints', sprintf(
                '%s: part %s is not here; %s is accepted.', $joint['id'], $name,
                implode(', ', array_keys($this->parts)),
            ));
        }

        return count($names) === 2 ? [$names[0], $names[1]] : throw BadInput::field(
            'joints', "{$joint['id']}: two parts are accepted; a part closed on itself is named twice.",
        );
    }

    /** @return list<Node> */
    private function nodes(): array
    {
        $support = Support::from($this->input->text('support'));
        $held = $this->input->textOrNull('held') ?? array_key_first($this->parts);
        $nodes = [];
        foreach ($this->parts as $name => $part) {
            $lowest = 0;
            foreach ($this->places[$name] as $at => $place) {
                $lowest = $place[1] > $this->places[$name][$lowest][1] ? $at : $lowest;
            }
            foreach ($this->places[$name] as $at => $place) {
                $isGripped = $support === Support::ThirdArm && $name === $held && $at === $lowest;
                $nodes[] = new Node(
                    $name, $place[0], $place[1], $part->each(), $part->surface,
                    MetalHeat::of($part->alloy)->capacity, $part->alloy->solidus,
                    $isGripped ? Support::GRIP : $support->takes() * $part->surface * 1e-6,
                    silver: $part->alloy->metal === 'silver', coated: $this->input->flag('coat'),
                );
            }
        }

        return $nodes;
    }

    /** @return list<Contact> */
    private function contacts(): array
    {
        $rows = $this->input->rows('joints');
        $pairs = array_map($this->between(...), $rows);
        $meeting = new JointContacts($this->parts, $this->places, $this->first);
        $contacts = $met = [];
        foreach ($rows as $index => $row) {
            $same = static fn (array $pair): bool => array_diff($pair, $pairs[$index]) === []
                && array_diff($pairs[$index], $pair) === [];
            $key = implode("\n", $pairs[$index]);
            $met[$key] = ($met[$key] ?? -1) + 1;
            $isMade = $row['when'] === 'before';
            if ($row['solder'] === null && $row['when'] === 'now') {
                throw BadInput::field('joints', "{$row['id']} has no solder; one of the cupboard is accepted.");
            }
            $solder = $row['solder'] === null ? null : Solder::named((string) $row['solder'], $this->settings);
            foreach ($meeting->of(
                $pairs[$index], self::numberIn($row, 'length'), self::numberIn($row, 'section'), $met[$key],
                count(array_filter($pairs, $same)),
            ) as [$from, $to, $length, $metal]) {
                $contacts[] = new Contact(
                    trim((string) $row['id']), $from, $to, $length, max(1e-6, $metal),
                    // Without solder it is fused, and stands what its metal stands.
                    $solder->flow ?? min($this->parts[$pairs[$index][0]]->alloy->solidus,
                        $this->parts[$pairs[$index][1]]->alloy->solidus),
                    $solder->solidus ?? 0.0, $row['when'] === 'now', $isMade, $row['guard'] === true,
                    $solder === null || JointContacts::needsFlux($solder),
                    $row['when'] === 'now' && $this->input->flag('flux') ? Flux::Wet : Flux::None,
                    solder: match (true) {
                        $solder === null, $row['when'] === 'later' => SolderState::None,
                        $isMade => SolderState::Flowed,
                        default => $row['form'] === 'fed' ? SolderState::None : SolderState::Laid,
                    },
                );
            }
        }

        return $contacts;
    }

    /**
     * Links within the parts, but where a seam cuts them.
     *
     * @param  list<Contact>  $contacts
     * @return list<Link>
     */
    private function links(array $contacts): array
    {
        $cut = [];
        foreach ($contacts as $contact) {
            $cut[min($contact->from, $contact->to).' '.max($contact->from, $contact->to)] = true;
        }
        foreach ($this->letIn() as $ring) {
            $cut[$this->first[$ring].' '.($this->first[$ring] + count($this->places[$ring]) - 1)] = true;
        }
        $links = [];
        foreach ($this->parts as $name => $part) {
            foreach ($part->links as [$from, $to, $conducts]) {
                [$from, $to] = [$this->first[$name] + $from, $this->first[$name] + $to];
                if (! isset($cut[min($from, $to).' '.max($from, $to)])) {
                    $links[] = new Link($from, $to, $conducts);
                }
            }
        }

        return $links;
    }

    /** @return list<string> rings that are open at the top, where a piece is let in with a joint at each end */
    private function letIn(): array
    {
        $pairs = array_map($this->between(...), $this->input->rows('joints'));

        return array_values(array_filter(
            array_keys($this->parts),
            fn (string $name): bool => $this->parts[$name]->form === PartForm::Ring && array_filter(
                array_count_values(array_map(
                    static fn (array $pair): string => implode("\n", $pair),
                    array_filter($pairs, static fn (array $pair): bool => in_array($name, $pair, true)
                        && $pair[0] !== $pair[1]),
                )),
                static fn (int $times): bool => $times > 1,
            ) !== [],
        ));
    }

    /** @param array<string, mixed> $row */
    private static function numberIn(array $row, string $name): ?float
    {
        return is_numeric($row[$name]) ? (float) $row[$name] : null;
    }
}
