<?php
use Blog\Http\RequireLogin;
use Blog\Http\Request;
use Blog\Http\TimeIt;
use Blog\PostRepository;
use Blog\ShowPost;

$handler = new TimeIt(new RequireLogin(new ShowPost(new PostRepository(new PDO('sqlite::memory:')))));
$handler->handle(new Request($_SERVER['REQUEST_METHOD'], $_SERVER['REQUEST_URI'], $_GET))->send();
