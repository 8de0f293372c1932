<?php

declare(strict_types=1);

// What Laravel says of a field, in words that do not need the field's own name: it stands beside it.
return [
    'array' => 'A list is accepted.',
    'boolean' => 'Yes or no is accepted.',
    'date' => 'A day is accepted, as 2026-05-01.',
    'date_format' => 'A day is accepted, as 2026-05-01.',
    'distinct' => 'This is named twice; once is accepted.',
    'email' => 'An e-mail address is accepted.',
    'exists' => 'What was chosen is not here (any more); choose one of the list.',
    'file' => 'A file is accepted.',
    'in' => 'This is none of the choices; choose one of the list.',
    'integer' => 'A whole number is accepted.',
    'max' => [
        'array' => 'That is too many; up to :max are accepted.',
        'file' => 'That file is too large; up to :max kB are accepted.',
        'numeric' => 'That is too much; up to :max is accepted.',
        'string' => 'That is too long; up to :max letters are accepted.',
    ],
    'min' => [
        'array' => 'At least :min is accepted.',
        'numeric' => 'That is too little; :min or more is accepted.',
        'string' => 'That is too short; :min letters or more are accepted.',
    ],
    'numeric' => 'A number is accepted.',
    'required' => 'This is missing.',
    'required_if' => 'This is missing.',
    'required_unless' => 'This is missing.',
    'string' => 'A text is accepted.',
    'unique' => 'This is there already; another is accepted.',
];
