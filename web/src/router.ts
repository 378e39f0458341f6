import { createRouter, createWebHistory, type RouteLocationNormalizedLoaded } from 'vue-router'
import ShelfRoom from './rooms/shelf/ShelfRoom.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/shelf' },
    { path: '/shelf', component: ShelfRoom, meta: { title: 'Shelf' } },
    { path: '/plate/:id', component: () => import('./rooms/plate/PlateRoom.vue'), props: true, meta: { title: 'Plate' } },
    { path: '/orders', component: () => import('./rooms/order/OrdersRoom.vue'), meta: { title: 'Orders' } },
    { path: '/orders/:id', component: () => import('./rooms/order/OrderRoom.vue'), props: true, meta: { title: 'Order' } },
    { path: '/orders/:id/days', component: () => import('./rooms/days/DaysRoom.vue'), props: true, meta: { title: 'Days' } },
    { path: '/orders/:id/bench', component: () => import('./rooms/bench/BenchRoom.vue'), props: true, meta: { title: 'Bench' } },
    { path: '/orders/:id/price', component: () => import('./rooms/price/PriceRoom.vue'), props: true, meta: { title: 'Price' } },
    { path: '/orders/:id/cut-list', redirect: (to) => `/orders/${String(to.params.id)}/sheets/cuts` },
    {
      path: '/orders/:id/sheets/:sheet?',
      component: () => import('./rooms/sheets/SheetsRoom.vue'),
      props: true,
      meta: { title: 'Sheets' },
    },
    { path: '/book', component: () => import('./rooms/book/BookRoom.vue'), meta: { title: 'Book' } },
    { path: '/room', component: () => import('./rooms/room/RoomRoom.vue'), meta: { title: 'Room ahead' } },
    { path: '/tablet', component: () => import('./rooms/tablet/TabletRoom.vue'), meta: { title: 'Tablet' } },
    { path: '/troubleshooting', component: () => import('./rooms/troubleshooting/TroubleshootingRoom.vue'), meta: { title: 'Troubleshooting' } },
    { path: '/copies', component: () => import('./rooms/copies/CopiesRoom.vue'), meta: { title: 'Copies' } },
    { path: '/study', component: () => import('./rooms/study/StudyRoom.vue'), meta: { title: 'Study' } },
    { path: '/compare', component: () => import('./rooms/compare/CompareRoom.vue'), meta: { title: 'Compare' } },
    { path: '/quick', component: () => import('./rooms/quick/QuickRoom.vue'), meta: { title: 'Quick figures' } },
    { path: '/drawer', component: () => import('./rooms/drawer/DrawerRoom.vue'), meta: { title: 'Drawer' } },
    { path: '/drawer/buy', component: () => import('./rooms/drawer/BuyRoom.vue'), meta: { title: 'What to buy' } },
    { path: '/:rest(.*)*', component: () => import('./rooms/NowhereRoom.vue'), meta: { title: 'Nothing here' } },
  ],
})

/** A room of something is left and entered anew when it becomes that of something else, so that nothing in it acts on what is not shown. */
export const roomKey = (to: RouteLocationNormalizedLoaded) => `${to.matched[0]?.path ?? ''} ${String(to.params.id ?? '')}`

router.afterEach((to) => {
  document.title = `${to.meta.title as string} · Crisp Whorl`
})
