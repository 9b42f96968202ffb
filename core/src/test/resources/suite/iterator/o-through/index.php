<?php
require 'src/Book.php';
require 'src/ShelfIterator.php';
require 'src/Shelf.php';

use Library\Book;
use Library\Shelf;

$shelf = new Shelf();
$shelf->put(new Book('Tides', 210));
$shelf->put(new Book('Winds', 180));

$pages = 0;
foreach ($shelf as $book) {
    $pages += $book->pages;
}
echo $pages, PHP_EOL;
