<?php

use Blog\{PostController, Posts, View};

$view = new View(__DIR__ . '/templates');
$view->share('site', 'Notes');
$controller = new PostController(new Posts(new PDO('sqlite:blog.db')), $view);
echo isset($_GET['tag']) ? $controller->tag($_GET['tag']) : $controller->show((int) ($_GET['id'] ?? 1));
