<?php
use Forms\All;
use Forms\Form;
use Forms\Length;
use Forms\Optional;
use Forms\Required;

$form = (new Form())
    ->field('name', new All(new Required(), new Length(2, 40)))
    ->field('nick', new Optional(new Length(max: 12)));
$problems = $form->problems($_POST);
http_response_code($problems === [] ? 204 : 422);
