import { createRouter, createWebHistory, type RouteLocationNormalizedLoaded } from 'vue-router'
import ShelfPage from './rooms/shelf/ShelfPage.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/today' },
    { path: '/today', component: () => import('./rooms/today/TodayPage.vue'), meta: { title: 'Today' } },
    { path: '/shelf', component: ShelfPage, meta: { title: 'Shelf' } },
    { path: '/plate/:id', component: () => import('./rooms/plate/PlatePage.vue'), props: true, meta: { title: 'Plate' } },
    { path: '/plate/:id/method', component: () => import('./rooms/sheets/MethodPage.vue'), props: true, meta: { title: 'Method' } },
    { path: '/orders', component: () => import('./rooms/order/OrdersPage.vue'), meta: { title: 'Orders' } },
    { path: '/orders/:id', component: () => import('./rooms/order/OrderPage.vue'), props: true, meta: { title: 'Order' } },
    { path: '/orders/:id/days', component: () => import('./rooms/days/DaysPage.vue'), props: true, meta: { title: 'Days' } },
    { path: '/orders/:id/bench', component: () => import('./rooms/bench/BenchPage.vue'), props: true, meta: { title: 'Bench' } },
    { path: '/orders/:id/price', component: () => import('./rooms/price/PricePage.vue'), props: true, meta: { title: 'Price' } },
    { path: '/orders/:id/cut-list', redirect: (to) => `/orders/${String(to.params.id)}/sheets/cuts` },
    {
      path: '/orders/:id/sheets/:sheet?',
      component: () => import('./rooms/sheets/SheetsPage.vue'),
      props: true,
      meta: { title: 'Sheets' },
    },
    { path: '/book', component: () => import('./rooms/book/BookPage.vue'), meta: { title: 'Book' } },
    { path: '/room', component: () => import('./rooms/room/RoomPage.vue'), meta: { title: 'Room ahead' } },
    { path: '/tablet', component: () => import('./rooms/tablet/TabletPage.vue'), meta: { title: 'Tablet' } },
    {
      path: '/troubleshooting',
      component: () => import('./rooms/troubleshooting/TroubleshootingPage.vue'),
      meta: { title: 'Troubleshooting' },
    },
    { path: '/copies', component: () => import('./rooms/copies/CopiesPage.vue'), meta: { title: 'Copies' } },
    { path: '/study', component: () => import('./rooms/study/StudyPage.vue'), meta: { title: 'Study' } },
    { path: '/compare', component: () => import('./rooms/compare/ComparePage.vue'), meta: { title: 'Compare' } },
    { path: '/quick', component: () => import('./rooms/quick/QuickPage.vue'), meta: { title: 'Quick figures' } },
    { path: '/drawer', component: () => import('./rooms/drawer/DrawerPage.vue'), meta: { title: 'Drawer' } },
    { path: '/drawer/buy', component: () => import('./rooms/drawer/BuyPage.vue'), meta: { title: 'What to buy' } },
    { path: '/:rest(.*)*', component: () => import('./rooms/NowherePage.vue'), meta: { title: 'Nothing here' } },
  ],
})

/** A room of something is left and entered anew when it becomes that of something else, so that nothing in it acts on what is not shown. */
export const roomKey = (to: RouteLocationNormalizedLoaded) => `${to.matched[0]?.path ?? ''} ${String(to.params.id ?? '')}`

router.afterEach((to) => {
  document.title = `${to.meta.title as string} · Crisp Whorl`
})
