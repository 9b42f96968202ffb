from menu.dishes import Menu, Plate
from menu.wishes import Both, Likes, Not

lunch = Menu(Plate("soup", 400), Plate("hake", 1100))
lunch.add(Menu(Plate("coffee", 150)))
wish = Both(Likes("fish"), Not(Likes("onion")))
print(lunch.price(), wish.fits({"likes": {"fish"}}))
