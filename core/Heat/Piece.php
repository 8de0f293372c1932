<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;

/** The piece as it lies in the fire: its nodes, what leads heat between them, and its joints. */
final readonly class Piece
{
    /** More nodes than this are no piece for one heat. */
    public const MOST = 160;

    /**
     * @param  list<Node>  $nodes
     * @param  list<Link>  $links
     * @param  list<Contact>  $contacts
     */
    public function __construct(
        public array $nodes, public array $links, public array $contacts, public float $seconds = 0.0,
    ) {}

    /** @throws BadInput where a link or a joint names a node that is not there */
    public static function read(Input $input): self
    {
        $nodes = array_map(Node::read(...), $input->rows('nodes'));
        if ($nodes === [] || count($nodes) > self::MOST) {
            throw BadInput::field('nodes', sprintf('1 to %d nodes are accepted.', self::MOST));
        }
        foreach (['links', 'contacts'] as $list) {
            foreach ($input->rows($list) as $row) {
                if (max($row['from'], $row['to']) >= count($nodes) || $row['from'] === $row['to']) {
                    throw BadInput::field($list, sprintf(
                        'One is between %d and %d; two nodes of 0 to %d are accepted.', $row['from'], $row['to'],
                        count($nodes) - 1,
                    ));
                }
            }
        }

        return new self(
            $nodes, array_map(Link::read(...), $input->rows('links')),
            array_map(Contact::read(...), $input->rows('contacts')), $input->num('at'),
        );
    }

    /** J in the metal over the air's heat. */
    public function stored(): float
    {
        return array_sum(array_map(
            static fn (Node $node): float => $node->heat() * ($node->celsius - Node::AIR), $this->nodes,
        ));
    }

    /** Heat of a joint: between its two sides, °C. */
    public function heatOf(Contact $contact): float
    {
        return ($this->nodes[$contact->from]->celsius + $this->nodes[$contact->to]->celsius) / 2;
    }

    /** @return list<Contact> those that are made in this heat */
    public function now(): array
    {
        return array_values(array_filter(
            $this->contacts, static fn (Contact $contact): bool => $contact->isNow,
        ));
    }

    /** Hottest flow among the joints of this heat, °C. */
    public function flow(): float
    {
        return max(0.0, ...array_map(static fn (Contact $contact): float => $contact->flow, $this->now()));
    }

    /** @return array{float, float} its centre of mass as seen from above, mm */
    public function middle(): array
    {
        $mass = array_sum(array_map(static fn (Node $node): float => $node->mass, $this->nodes));
        $along = fn (callable $at): float => array_sum(array_map(
            static fn (Node $node): float => $node->mass * $at($node), $this->nodes,
        )) / $mass;

        return [
            $along(static fn (Node $node): float => $node->x), $along(static fn (Node $node): float => $node->y),
        ];
    }

    /** mm² */
    public function surface(): float
    {
        return array_sum(array_map(static fn (Node $node): float => $node->surface, $this->nodes));
    }

    /** W/K that block or arm take. */
    public function held(): float
    {
        return array_sum(array_map(static fn (Node $node): float => $node->held, $this->nodes));
    }

    /** @return list<string> */
    public function parts(): array
    {
        return array_values(array_unique(array_map(static fn (Node $node): string => $node->part, $this->nodes)));
    }

    /**
     * @param  list<Node>|null  $nodes
     * @param  list<Contact>|null  $contacts
     */
    public function with(?array $nodes = null, ?array $contacts = null, ?float $seconds = null): self
    {
        return new self(
            $nodes ?? $this->nodes, $this->links, $contacts ?? $this->contacts, $seconds ?? $this->seconds,
        );
    }
}
