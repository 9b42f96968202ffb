require_relative "form"
drawer = FormDrawer.new
drawer.keep(:dues, Form.new("Harbour dues"))
drawer.fresh(:dues).set("ship", "Meridian")
