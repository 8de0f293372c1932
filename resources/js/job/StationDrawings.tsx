import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, Dimension, View } from '../api/types';
import { say, useUnits } from '../bench/units';
import { Drawing } from '../drawing/Drawing';
import { answerOf } from './answers';
import { Decision } from './DecisionRail';
import type { Work } from './useJob';
import type { InHand } from './working';

interface Props {
    work: Work;
    catalogue: Catalogue;
    views: View[];
    inHand: InHand | null;
    setInHand: (inHand: InHand) => void;
}

/** How tall a view may be, px: the thing in hand is the page, small views stand round it. */
const HEIGHT: Record<string, number> = {
    finger: 300,
    head: 400,
    seat: 190,
    round: 292,
    cut: 190,
    core: 280,
    fill: 110,
    arm: 120,
    kiln: 380,
    wax: 400,
    charge: 300,
    corner: 200,
    'section-top': 170,
    'section-base': 170,
    blank: 170,
    flask: 300,
    reaches: 150,
    sticks: 230,
    strip: 170,
    sizing: 360,
    joints: 400,
    push: 400,
    finish: 300,
    handover: 340,
};
/** Views that stand two abreast beside a large one. */
const NARROW = ['corner', 'section-top'];

/** A station's drawings: the main one large, the small ones beside it, the long ones at its foot. */
export function StationDrawings(props: Props) {
    const { views } = props;
    const box = (view: View) => (dimension: Dimension) => (
        <DimensionBox {...props} dimension={dimension} view={view} />
    );
    const pull = (view: View) => ({
        value: (dimension: Dimension) => {
            const value =
                props.work.job?.inputs[dimension.use ?? view.use]?.[dimension.name]?.value ?? dimension.shows;
            return dimension.pull && typeof value === 'number' ? value : undefined;
        },
        onPull: (dimension: Dimension, value: number) => {
            const path = props.work.job?.inputs[dimension.use ?? view.use]?.[dimension.name]?.path;
            const from = props.work.job?.inputs[dimension.use ?? view.use]?.[dimension.name]?.value;
            if (path) props.work.pulling.pull(path, String(value), from ?? dimension.shows);
        },
        onDrop: (dimension: Dimension) => {
            const path = props.work.job?.inputs[dimension.use ?? view.use]?.[dimension.name]?.path;
            if (path) void props.work.pulling.drop(path);
        },
    });
    const main = views.filter((view) => view.role === 'main');
    const side = views.filter((view) => view.role === 'side');
    const abreast = side.length > 2;
    return (
        <>
            <Flex gap={2} direction={{ base: 'column', md: 'row' }} mt={1}>
                <Box flex="1" minW={0}>
                    {main.map((view) => (
                        <Drawing
                            key={view.name}
                            view={view}
                            height={HEIGHT[view.name] ?? 430}
                            box={box(view)}
                            pull={pull(view)}
                            onTarget={props.work.takeSetting}
                        />
                    ))}
                </Box>
                {side.length > 0 ? (
                    <Flex
                        w={{ base: 'full', md: abreast ? '330px' : '270px' }}
                        flexShrink={0}
                        wrap="wrap"
                        gap={2}
                        alignContent="start"
                    >
                        {side.map((view) => (
                            <Box
                                key={view.name}
                                w={abreast && NARROW.includes(view.name) ? 'calc(50% - 4px)' : 'full'}
                            >
                                <Box fontSize="13.5px" color="soft" textAlign="center">
                                    {view.title}
                                </Box>
                                <Drawing
                                    view={view}
                                    height={HEIGHT[view.name] ?? 250}
                                    box={box(view)}
                                    pull={pull(view)}
                                />
                            </Box>
                        ))}
                    </Flex>
                ) : null}
            </Flex>
            {views
                .filter((view) => view.role === 'foot')
                .map((view) => (
                    <Box key={view.name} mt={1}>
                        <Box fontSize="13.5px" color="soft" px={6}>
                            {view.title}
                        </Box>
                        <Drawing
                            view={view}
                            height={HEIGHT[view.name] ?? 90}
                            box={box(view)}
                            pull={pull(view)}
                            onTarget={props.work.takeSetting}
                        />
                    </Box>
                ))}
        </>
    );
}

/** A dimension's box: an input edits the decision behind it, a result opens its working. */
function DimensionBox({
    dimension,
    view,
    work,
    catalogue,
    inHand,
    setInHand,
}: {
    dimension: Dimension;
    view: View;
    work: Work;
    catalogue: Catalogue;
    inHand: InHand | null;
    setInHand: (inHand: InHand) => void;
}) {
    const { units } = useUnits();
    const use = dimension.use ?? view.use;
    const mine: InHand = { use, kind: dimension.kind, name: dimension.name };
    const held = inHand?.use === mine.use && inHand.name === mine.name;
    const answer = work.job ? answerOf(work.job, use) : undefined;
    const sheet = catalogue.sheets.find((one) => one.name === answer?.sheet);
    if (dimension.kind === 'input') {
        const input = work.job?.inputs[use]?.[dimension.name];
        if (input?.path) {
            return (
                <Decision
                    path={input.path}
                    label={dimension.label}
                    advised={dimension.shows}
                    work={work}
                    catalogue={catalogue}
                    inHand={held ? inHand : null}
                    onTake={() => setInHand(mine)}
                />
            );
        }
        const field = sheet?.inputs.find((one) => one.name === dimension.name);
        return (
            <Plate
                label={dimension.label}
                said={say(input?.value, field?.quantity, units)}
                held={held}
                onTap={() => setInHand(mine)}
            />
        );
    }
    const output = sheet?.results.find((one) => one.name === dimension.name);
    return (
        <Plate
            label={dimension.label}
            said={say(answer?.results[dimension.name]?.value, output?.quantity, units)}
            held={held}
            onTap={() => setInHand(mine)}
            name={`${use.split('@')[0]}/${dimension.name}`}
        />
    );
}

/** A figure that is reckoned: it opens its working. */
export function Plate({
    label,
    said,
    held,
    onTap,
    name,
}: {
    label: string;
    said: { figure: string; unit: string };
    held: boolean;
    onTap: () => void;
    name?: string;
}) {
    return (
        <button
            type="button"
            className={held ? 'plate reckoned held' : 'plate reckoned'}
            data-result={name}
            aria-label={`${label}: ${said.figure} ${said.unit}, show the working`}
            onClick={onTap}
        >
            <span className="figure">
                {said.figure} <span className="unit">{said.unit}</span>
            </span>
            <span className="label">{label}</span>
        </button>
    );
}
