using Remote;

var player = new Player();
var keypad = new Keypad();
keypad.Bind('p', new Order(player.Play, () => !player.Playing));
keypad.Bind(' ', new PauseOrder(player));
keypad.Press('p');
