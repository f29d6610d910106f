"""Pictures of the main views from the demo data, into docs/screenshots."""

from __future__ import annotations

import io
from pathlib import Path

import pdfplumber
from playwright.sync_api import sync_playwright

from tests.browser.table import Served, chromium

FOLDER = Path(__file__).parents[1] / "docs" / "screenshots"
GL = ("--use-gl=angle", "--use-angle=swiftshader", "--enable-unsafe-swiftshader", "--disable-gpu-compositing")
BAG, COSY = "Cordial bottle bag", "Honey jar cosy"
# A page of the printed guide with seams on it.
GUIDE_PAGE = 3
# Numbers as somebody's instructions might give them: a disc too large, and the cut height announced as the height.
THEIRS = {
    "numbers.wall.width": "30",
    "numbers.wall.height": "22",
    "numbers.base.width": "12",
    "allowance.default": "1",
    "claims.wall_height": "22",
}
VIEWS = [
    ("home", "/", 1280, 800),
    ("shelf", "/shelf", 1280, 800),
    ("thing", f"{{{BAG}}}/thing", 1280, 800),
    ("form", f"{{{COSY}}}/form", 1280, 800),
    ("ease", f"{{{COSY}}}/ease", 1280, 800),
    ("pieces", f"{{{BAG}}}/pieces", 1280, 800),
    ("cloth", f"{{{BAG}}}/cloth", 1280, 800),
    ("sew", f"{{{BAG}}}/sew", 1280, 800),
    ("safe", "/safe", 1280, 800),
    ("machine", "/machine", 1280, 800),
    ("log", f"{{{BAG}}}/log", 1280, 800),
    ("logbook", "/log", 1280, 800),
    ("plan", "{plan}", 1280, 800),
    ("parts", "{Market day round bag}/form", 1280, 800),
    ("fits", "/fits", 1280, 800),
    ("check", "/check", 1280, 800),
    ("cutting", "{cutting}/lay", 1280, 800),
    ("pile", "/pile", 1280, 800),
]


def main() -> None:
    FOLDER.mkdir(parents=True, exist_ok=True)
    served = Served(demo=True)
    try:
        with sync_playwright() as playwright:
            browser = playwright.chromium.launch(executable_path=chromium(), args=["--no-sandbox", *GL])
            context = browser.new_context(reduced_motion="reduce")
            served.let_in(context)
            page = context.new_page()
            listed = page.request.get(f"{served.address}/api/projects").json()["projects"]
            ids = {project["name"]: f"/projects/{project['id']}" for project in listed}
            (cutting,) = page.request.get(f"{served.address}/api/cuttings").json()["cuttings"]
            ids["cutting"] = f"/cutting/{cutting['id']}"
            (batch,) = page.request.get(f"{served.address}/api/batches").json()["batches"]
            ids["plan"] = f"/plan/{batch['id']}"
            for name, path, width, height in VIEWS:
                page.set_viewport_size({"width": width, "height": height})
                page.goto(served.address + path.format(**ids))
                page.wait_for_load_state("networkidle")
                page.wait_for_timeout(300)
                if name == "check":
                    page.get_by_label("Form:").select_option("cylinder")
                    for field, text in THEIRS.items():
                        page.fill(f'input[data-field="{field}"]', text)
                        page.wait_for_timeout(500)
                if name == "machine":
                    page.get_by_label("needle to the right edge of the foot").fill("8 mm")
                    page.get_by_label("free arm, all round").fill("28 cm")
                    page.get_by_role("checkbox").nth(0).check()
                    page.get_by_role("checkbox").nth(4).check()
                    page.wait_for_timeout(600)
                if path.endswith(("/pieces", "/ease")):
                    page.wait_for_selector("canvas[data-drawn]")
                if name == "cloth":
                    page.locator(".lay").first.evaluate("lay => lay.previousElementSibling.scrollIntoView()")
                if name in ("parts", "motif"):
                    page.locator(".parts").scroll_into_view_if_needed()
                if name == "motif":
                    page.get_by_label("Decorate it for").select_option("wedding")
                    page.get_by_role("list", name="Ideas").scroll_into_view_if_needed()
                    page.wait_for_timeout(600)
                page.screenshot(path=str(FOLDER / f"{name}.png"))
                print(f"docs/screenshots/{name}.png")
            paper = page.request.get(f"{served.address}/api{ids['Spice tin pouch']}/pattern.pdf?part=guide").body()
            with pdfplumber.open(io.BytesIO(paper)) as book:
                book.pages[GUIDE_PAGE].to_image(resolution=110, antialias=True).save(str(FOLDER / "guide.png"))
            print("docs/screenshots/guide.png")
            browser.close()
    finally:
        served.close()


if __name__ == "__main__":
    main()
