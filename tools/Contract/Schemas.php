<?php

declare(strict_types=1);

namespace Tools\Contract;

use HotSprue\Calculations;
use HotSprue\Fields\Origin;
use HotSprue\Job\Station;

/** The shapes of what the screen and the application exchange. */
final class Schemas
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        $nullText = Shape::orNull(Shape::TEXT);
        $level = Shape::oneOf(['stop', 'caution', 'note']);
        $schemas = [
            'Result' => Shape::object(['value' => true, 'unit' => $nullText], ['value', 'unit']),
            'Working' => Shape::object(
                [
                    'result' => Shape::TEXT, 'formula' => Shape::TEXT, 'with' => Shape::TEXT, 'because' => Shape::TEXT,
                    'source' => Shape::TEXT,
                    'used' => Shape::map(['type' => 'string', 'enum' => array_column(Origin::cases(), 'value')]),
                ],
                ['result', 'formula', 'with', 'because', 'source', 'used'],
            ),
            'Finding' => Shape::object(
                [
                    'level' => $level, 'code' => Shape::TEXT, 'about' => Shape::TEXT, 'message' => Shape::TEXT,
                    'remedy' => Shape::TEXT, 'set' => Shape::map(['type' => ['number', 'string', 'boolean']]),
                ],
                ['level', 'code', 'about', 'message', 'remedy', 'set'],
            ),
            'Answer' => [
                'type' => 'object', 'required' => ['sheet', 'results', 'working', 'findings'],
                'properties' => [
                    'sheet' => Shape::TEXT, 'results' => Shape::map(Shape::ref('Result')),
                    'working' => Shape::list(Shape::ref('Working')), 'findings' => Shape::list(Shape::ref('Finding')),
                ],
            ],
            'ShownInput' => Shape::object(
                ['value' => true, 'origin' => Shape::TEXT, 'path' => $nullText], ['value', 'origin', 'path'],
            ),
            'Shape' => [
                'type' => 'object', 'required' => ['kind', 'style'],
                'properties' => [
                    'kind' => ['type' => 'string', 'enum' => ['line', 'circle', 'path', 'text']],
                    'style' => Shape::TEXT, 'x1' => Shape::NUMBER, 'y1' => Shape::NUMBER, 'x2' => Shape::NUMBER,
                    'y2' => Shape::NUMBER, 'cx' => Shape::NUMBER, 'cy' => Shape::NUMBER, 'r' => Shape::NUMBER,
                    'd' => Shape::TEXT, 'x' => Shape::NUMBER, 'y' => Shape::NUMBER, 'text' => Shape::TEXT,
                    'celsius' => Shape::NUMBER, 'words' => Shape::TEXT,
                    'anchor' => ['type' => 'string', 'enum' => ['start', 'middle', 'end']],
                ],
            ],
            'Dimension' => Shape::object(
                [
                    'use' => Shape::TEXT, 'kind' => ['type' => 'string', 'enum' => ['input', 'result']],
                    'name' => Shape::TEXT, 'label' => Shape::TEXT, 'at' => Shape::list(Shape::NUMBER),
                    'line' => Shape::list(Shape::list(Shape::NUMBER)),
                    'shows' => ['type' => ['number', 'string', 'null']],
                    'pull' => ['anyOf' => [Shape::list(Shape::NUMBER), ['type' => 'null']]],
                ],
                ['kind', 'name', 'label', 'at', 'line', 'shows', 'pull'],
            ),
            'View' => Shape::object(
                [
                    'use' => Shape::TEXT, 'name' => Shape::TEXT, 'title' => Shape::TEXT,
                    'role' => ['type' => 'string', 'enum' => ['main', 'side', 'foot', 'clock', 'levels']],
                    'box' => Shape::list(Shape::NUMBER), 'magnify' => Shape::NUMBER,
                    'shapes' => Shape::list(Shape::ref('Shape')), 'dimensions' => Shape::list(Shape::ref('Dimension')),
                    'targets' => Shape::list(Shape::whole([
                        'setting' => Shape::TEXT, 'label' => Shape::TEXT, 'x' => Shape::NUMBER, 'y' => Shape::NUMBER,
                        'r' => Shape::NUMBER,
                    ])),
                ],
                ['use', 'name', 'title', 'role', 'box', 'magnify', 'shapes', 'dimensions', 'targets'],
            ),
            'Sum' => Shape::object(
                [
                    'answer' => Shape::ref('Answer'), 'inputs' => Shape::map(Shape::ref('ShownInput')),
                    'views' => Shape::list(Shape::ref('View')),
                    'columns' => Shape::map(Shape::list(Shape::whole(
                        ['name' => Shape::TEXT, 'label' => Shape::TEXT, 'quantity' => $nullText],
                    ))),
                    'may_turn' => Shape::BOOL, 'solid' => Shape::ref('Solid'),
                ],
                ['answer', 'inputs', 'views', 'columns', 'may_turn'],
            ),
            'Suggestion' => Shape::whole([
                'sheet' => Shape::TEXT, 'title' => Shape::TEXT, 'input' => ['type' => 'object'],
                'placed' => Shape::map(Shape::TEXT), 'unknown' => Shape::list(Shape::TEXT),
            ]),
            'StationName' => ['type' => 'string', 'enum' => array_column(Station::cases(), 'value')],
            'Change' => Shape::object(
                ['path' => Shape::TEXT, 'from' => true, 'to' => true, 'stands' => Shape::INT], ['path'],
            ),
            'Drift' => Shape::object(
                [
                    'use' => Shape::TEXT, 'result' => Shape::TEXT, 'label' => Shape::TEXT, 'signed' => true,
                    'now' => true, 'unit' => $nullText,
                ],
                ['use', 'result', 'label', 'signed', 'now', 'unit'],
            ),
            'Difference' => Shape::object(
                [
                    'use' => Shape::TEXT, 'result' => Shape::TEXT, 'label' => Shape::TEXT, 'now' => true,
                    'then' => true, 'unit' => $nullText,
                ],
                ['use', 'result', 'label', 'now', 'then', 'unit'],
            ),
            'Station' => Shape::object(
                [
                    'name' => Shape::ref('StationName'), 'label' => Shape::TEXT,
                    'worst' => ['type' => ['string', 'null']], 'state' => Shape::TEXT, 'by' => $nullText,
                    'at' => $nullText, 'drift' => Shape::list(Shape::ref('Drift')),
                ],
                ['name', 'label', 'worst', 'state', 'by', 'at', 'drift'],
            ),
            'Override' => [
                'type' => 'object', 'required' => ['reason'],
                'properties' => ['reason' => Shape::TEXT, 'by' => Shape::TEXT, 'at' => Shape::TEXT],
            ],
            'ShownFinding' => Shape::object(
                [
                    'level' => $level, 'code' => Shape::TEXT, 'about' => Shape::TEXT, 'message' => Shape::TEXT,
                    'remedy' => Shape::TEXT, 'set' => Shape::map(['type' => ['number', 'string', 'boolean']]),
                    'use' => Shape::TEXT, 'path' => $nullText, 'value' => true,
                    'fixes' => Shape::list(Shape::object(
                        ['path' => Shape::TEXT, 'value' => ['type' => ['number', 'string', 'boolean']]],
                        ['path', 'value'],
                    )),
                    'override' => ['anyOf' => [Shape::ref('Override'), ['type' => 'null']]], 'of' => $nullText,
                    'title' => Shape::TEXT,
                ],
                [
                    'level', 'code', 'about', 'message', 'remedy', 'use', 'path', 'value', 'fixes', 'override', 'of',
                    'title',
                ],
            ),
            'Figure' => Shape::object(
                [
                    'use' => Shape::TEXT, 'result' => Shape::TEXT, 'label' => Shape::TEXT, 'value' => true,
                    'quantity' => $nullText,
                ],
                ['use', 'result', 'label', 'value', 'quantity'],
            ),
            'Page' => Shape::object(
                [
                    'station' => Shape::ref('StationName'), 'sign_off' => Shape::TEXT,
                    'views' => Shape::list(Shape::ref('View')), 'strip' => Shape::list(Shape::ref('Figure')),
                    'findings' => Shape::list(Shape::ref('ShownFinding')), 'wants' => Shape::list(Shape::TEXT),
                    'cautions' => Shape::list(Shape::TEXT), 'checklist' => Shape::list(Shape::TEXT),
                    'quench' => Shape::orNull(Shape::TEXT), 'next_keys' => Shape::map(Shape::TEXT),
                    'cautions_seen' => Shape::BOOL, 'setting' => Shape::TEXT,
                    'settings' => Shape::list(Shape::whole([
                        'key' => Shape::TEXT, 'name' => Shape::TEXT, 'holds' => Shape::TEXT, 'style' => $nullText,
                        'made' => Shape::TEXT, 'stones' => Shape::INT, 'beside' => $nullText, 'stone' => $nullText,
                        'worst' => $nullText,
                    ])),
                ],
                [
                    'station', 'sign_off', 'views', 'strip', 'findings', 'wants', 'cautions', 'checklist', 'quench',
                    'next_keys', 'cautions_seen', 'setting', 'settings',
                ],
            ),
            'Client' => Shape::object(
                ['id' => Shape::INT, 'name' => Shape::TEXT, 'contact' => Shape::TEXT, 'note' => Shape::TEXT],
                ['id', 'name', 'contact', 'note'],
            ),
            'Document' => JobSchema::document(),
            'Job' => Shape::object([
                'number' => Shape::INT, 'commission' => Shape::INT, 'version' => Shape::INT, 'state' => Shape::TEXT,
                'client' => ['anyOf' => [Shape::ref('Client'), ['type' => 'null']]],
                'document' => Shape::ref('Document'), 'figures_present' => Shape::BOOL,
                'answers' => Shape::map(Shape::ref('Answer')),
                'inputs' => Shape::map(Shape::map(Shape::ref('ShownInput'))),
                'wants' => Shape::map(Shape::list(Shape::TEXT)), 'errors' => Shape::map(Shape::list(Shape::TEXT)),
                'stations' => Shape::list(Shape::ref('Station')), 'page' => Shape::ref('Page'),
                'undone' => Shape::list(Shape::ref('Change')),
                'siblings' => Shape::list(Shape::whole(['number' => Shape::INT, 'title' => Shape::TEXT])),
                'quoted' => Shape::oneOf(['none', 'made', 'sent', 'accepted', 'declined']),
            ], [
                'number', 'commission', 'version', 'state', 'client', 'document', 'figures_present', 'answers',
                'inputs', 'wants', 'errors', 'stations', 'page',
            ]),
            'JobRow' => Shape::object(
                [
                    'number' => Shape::INT, 'commission' => Shape::INT, 'title' => Shape::TEXT, 'client' => $nullText,
                    'station' => Shape::ref('StationName'), 'due' => $nullText, 'state' => Shape::TEXT,
                ],
                ['number', 'commission', 'title', 'client', 'station', 'due', 'state'],
            ),
            'Clock' => Shape::object(
                [
                    'id' => Shape::INT, 'job' => ['type' => ['integer', 'null']], 'title' => $nullText,
                    'label' => Shape::TEXT, 'started_at' => Shape::TEXT,
                    'stages' => Shape::list([
                        'type' => 'object', 'required' => ['stage', 'until_min'],
                        'properties' => ['stage' => Shape::TEXT, 'until_min' => Shape::NUMBER, 'how' => $nullText],
                    ]),
                ],
                ['id', 'job', 'title', 'label', 'started_at', 'stages'],
            ),
            'Person' => Shape::object(['id' => Shape::INT, 'name' => Shape::TEXT], ['id', 'name']),
            'Reading' => Shape::object(
                ['value' => Shape::NUMBER, 'unit' => Shape::TEXT, 'stable' => Shape::BOOL, 'simulated' => Shape::BOOL],
                ['value', 'unit', 'stable', 'simulated'],
            ),
            'Entry' => Shape::object(
                [
                    'id' => Shape::INT, 'kind' => Shape::TEXT, 'note' => Shape::TEXT, 'by' => $nullText,
                    'at' => Shape::TEXT, 'undoes' => ['type' => ['integer', 'null']],
                    'changes' => Shape::list(Shape::ref('Change')),
                ],
                ['id', 'kind', 'note', 'by', 'at', 'undoes', 'changes'],
            ),
            'Field' => Shape::object(
                [
                    'name' => Shape::TEXT, 'label' => Shape::TEXT, 'quantity' => Shape::TEXT, 'unit' => $nullText,
                    'meaning' => Shape::TEXT, 'required' => Shape::BOOL, 'default' => true, 'rule' => $nullText,
                    'zero' => Shape::BOOL, 'most' => ['type' => ['number', 'null']],
                    'choices' => Shape::list(Shape::TEXT), 'many' => Shape::BOOL,
                    'sayings' => Shape::map(Shape::TEXT),
                    'columns' => Shape::list(Shape::ref('Field')), 'accepts' => Shape::TEXT, 'decision' => $nullText,
                    'only' => Shape::map(Shape::list(Shape::TEXT)), 'row_of' => $nullText,
                    'chooses' => $nullText,
                ],
                [
                    'name', 'label', 'quantity', 'unit', 'meaning', 'required', 'default', 'choices', 'many', 'columns',
                    'accepts', 'sayings',
                ],
            ),
            'Output' => Shape::object(
                [
                    'name' => Shape::TEXT, 'label' => Shape::TEXT, 'quantity' => Shape::TEXT, 'unit' => $nullText,
                    'meaning' => Shape::TEXT,
                ],
                ['name', 'label', 'quantity', 'unit', 'meaning'],
            ),
            'Sheet' => Shape::object(
                [
                    'name' => Shape::TEXT, 'title' => Shape::TEXT, 'purpose' => Shape::TEXT,
                    'sample' => ['type' => 'object', 'additionalProperties' => true],
                    'inputs' => Shape::list(Shape::ref('Field')), 'results' => Shape::list(Shape::ref('Output')),
                    'findings' => Shape::map(Shape::TEXT), 'group' => Shape::TEXT,
                ],
                ['name', 'title', 'group', 'purpose', 'sample', 'inputs', 'results', 'findings'],
            ),
            'Catalogue' => Shape::object(
                [
                    'sheets' => Shape::list(Shape::ref('Sheet')), 'decisions' => Shape::map(Shape::ref('Field')),
                    'readings' => Shape::map(Shape::map(Shape::ref('Field'))),
                    'rules' => Shape::map(Shape::ref('Field')), 'learnt' => Shape::map(Shape::INT),
                    'stations' => Shape::list(Shape::object(
                        ['name' => Shape::ref('StationName'), 'label' => Shape::TEXT], ['name', 'label'],
                    )),
                ],
                ['sheets', 'decisions', 'readings', 'rules', 'learnt', 'stations'],
            ),
            'Shop' => Shape::object(
                [
                    'figures' => Shape::map(
                        Shape::object(
                            ['value' => true, 'typed' => true, 'default' => true, 'own' => Shape::BOOL],
                            ['value', 'typed', 'default', 'own'],
                        ),
                    ),
                    'version' => Shape::INT,
                ],
                ['figures', 'version'],
            ),
        ];
        foreach (array_keys(Calculations::all()) as $name) {
            $sheet = Calculations::describe($name);
            $inputs = $required = [];
            foreach ($sheet->inputs as $field) {
                $inputs[$field->name] = FieldSchema::input($field);
                if ($field->required) {
                    $required[] = $field->name;
                }
            }
            $inputs['rules'] = ['type' => 'object', 'description' => 'The workshop’s own figures by path.'];
            $results = [];
            foreach ($sheet->results as $output) {
                $results[$output->name] = FieldSchema::result($output);
            }
            $schemas[OpenApi::studly($name).'Input'] = Shape::object($inputs, $required);
            $schemas[OpenApi::studly($name).'Results'] = Shape::object($results);
        }

        return [...$schemas, ...HouseSchemas::all(), ...SolidSchemas::all()];
    }
}
